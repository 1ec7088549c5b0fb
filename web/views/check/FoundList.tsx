import type { Found } from '#contract';
import { Hint, ListRow, Plain, Words } from '../../parts/layout.tsx';
import { GradeMark } from '../../parts/Marks.tsx';

const MOST_SHOWN = 200;

/** Findings with their pages' lines, without their sources. */
export function FoundList({
  list,
  label,
  pages = false,
}: {
  list: readonly Found[];
  label: string;
  pages?: boolean;
}) {
  if (list.length === 0) return null;
  return (
    <Plain aria-label={label}>
      {list.slice(0, MOST_SHOWN).map(({ finding: { code, grade, message, place }, page }, at) => (
        <ListRow key={`${code} ${String(at)}`} data-code={code}>
          <GradeMark grade={grade} />
          <Words>
            {message} <Hint as="span">{code}</Hint>
            {pages && <Hint>{page || 'the whole site'}</Hint>}
          </Words>
          {place.end > 0 && (
            <Hint sx={{ whiteSpace: 'nowrap' }}>
              line {place.line}, column {place.column}
            </Hint>
          )}
        </ListRow>
      ))}
    </Plain>
  );
}
