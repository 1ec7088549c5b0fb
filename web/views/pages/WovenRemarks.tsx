import { useMemo } from 'react';
import { factLabel, isFact, type BusinessRecord } from '#core/record';
import { remove, wovenSyntaxOf, type WovenForm } from '#core/page';
import { readSource } from '#core/reading';
import { weave } from '#core/weaving';
import { Remark, Soft } from '../../parts/layout.tsx';
import { GradeMark, SealMark } from '../../parts/Marks.tsx';

const labelOf = (fact: string): string => (isFact(fact) ? factLabel(fact) : fact);

/** What weaving found on a page: the facts a machine will read, and where visitors read something else. */
export function WovenRemarks({
  source,
  form,
  record,
}: {
  source: string;
  form: WovenForm;
  record: BusinessRecord;
}) {
  const { woven, differing, ambiguous } = useMemo(() => {
    const result = weave(readSource(remove(source, form)), record, {
      syntax: wovenSyntaxOf[form],
      replaces: true,
    });
    return { ...result, woven: result.ok ? result.woven : [] };
  }, [source, form, record]);
  return (
    <>
      {woven.length > 0 && (
        <Remark>
          <SealMark /> Found in the text: {woven.map(({ fact }) => labelOf(fact)).join(', ')}.{' '}
          <Soft>Visitors see the page as it was.</Soft>
        </Remark>
      )}
      {differing.map(({ fact, shown, meant, place, isSpelling }) => (
        <Remark key={`${fact} ${String(place.start)}`}>
          <GradeMark grade={isSpelling ? 'note' : 'should'} /> Line {place.line}: visitors read “{shown}”, the
          record says {labelOf(fact)} “{meant}”.
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
