import { labelOf, type WeaveResult } from '#core/weaving';
import { Remark, Soft } from '../../parts/layout.tsx';
import { GradeMark, SealMark } from '../../parts/Marks.tsx';
import { Tick } from '../../parts/Tick.tsx';

/** What weaving found on a page: the facts a machine will read, and where visitors read something else. */
export function WovenRemarks({
  result,
  corrects,
  onCorrect,
}: {
  result: WeaveResult;
  /** The facts that are put right in what visitors read. */
  corrects: readonly string[];
  onCorrect: (corrects: string[]) => void;
}) {
  const { corrected, differing, ambiguous } = result;
  const others = [...corrected, ...differing].toSorted((a, b) => a.place.start - b.place.start);
  const woven = result.ok ? result.woven : [];
  return (
    <>
      {woven.length > 0 && (
        <Remark>
          <SealMark /> Found in the text: {woven.map(({ fact }) => labelOf(fact)).join(', ')}.{' '}
          <Soft>
            {corrected.length > 0
              ? 'Visitors see the page as it was but for what is put right.'
              : 'Visitors see the page as it was.'}
          </Soft>
        </Remark>
      )}
      {others.map(({ fact, shown, meant, place, isSpelling, edits }) => (
        <Remark key={`${fact} ${String(place.start)}`}>
          <GradeMark grade={isSpelling ? 'note' : 'should'} /> Line {place.line}: visitors read “{shown}”, the
          record says {labelOf(fact)} “{meant}”.
          {edits && (
            <Tick
              label={<>Put “{meant}” there</>}
              on={corrects.includes(fact)}
              onChange={(on) => onCorrect([...corrects.filter((one) => one !== fact), ...(on ? [fact] : [])])}
            />
          )}
        </Remark>
      ))}
      {ambiguous.map(({ fact, places }) => (
        <Remark key={fact}>
          <GradeMark grade="should" /> {labelOf(fact)} stands {places.length} times, on lines{' '}
          {places.map(({ place }) => place.line).join(', ')}; which one is meant cannot be told.
        </Remark>
      ))}
    </>
  );
}
