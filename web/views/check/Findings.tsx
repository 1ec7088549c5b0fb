import { Box, Button } from '@mui/material';
import { styled } from '@mui/material/styles';
import { useEffect, useMemo, useRef, useState } from 'react';
import { excerptOf, type Ignored } from '#core/checking';
import { certainMends } from '#core/mending';
import { nearestFinding, summarise, type Finding } from '#core/fault';
import { counted, type Edit, type Place } from '#core/text';
import { Column, Line, Plain, Scroll } from '../../parts/layout.tsx';
import { colour } from '../../theme.ts';
import { FindingRow } from './FindingRow.tsx';
import { FindingFilterBar, useFindingFilter, type FindingFilter } from './FindingFilter.tsx';

interface FindingsProps {
  readonly source: string;
  readonly findings: readonly Finding[];
  readonly ignored: readonly Ignored[];
  readonly clientId: number;
  /** What ignores call the page. */
  readonly page: string;
  /** Where the caret stands in the source: the finding there comes into view. */
  readonly offset: number | undefined;
  readonly onPlace: (place: Place) => void;
  readonly onMend: (edits: readonly Edit[]) => void;
  /** Opens what can be put right altogether. */
  readonly onMendAll: () => void;
}

/** More than this at once is more than anyone reads; the rest comes when it is asked for. */
const MOST_SHOWN = 150;

/** Which of the findings shown is the current one, and the way to the next and back to the one before. */
function useCurrent(shown: readonly Finding[], { source, offset, onPlace }: FindingsProps) {
  // What was gone to last, until the caret is set elsewhere.
  const [gone, setGone] = useState<
    { readonly at: number; readonly offset: number | undefined } | undefined
  >();
  const current =
    gone && gone.offset === offset && gone.at < shown.length
      ? gone.at
      : offset === undefined
        ? -1
        : nearestFinding(shown, source, offset);
  const go = (step: 1 | -1): void => {
    if (shown.length === 0) return;
    const next = current < 0 && step < 0 ? shown.length - 1 : (current + step + shown.length) % shown.length;
    setGone({ at: next, offset });
    const finding = shown[next];
    if (finding) onPlace(finding.place);
  };
  const latest = useRef(go);
  useEffect(() => {
    latest.current = go;
  });
  useEffect(() => {
    const keys = (event: KeyboardEvent): void => {
      if (event.key !== 'F8') return;
      event.preventDefault();
      latest.current(event.shiftKey ? -1 : 1);
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, []);
  return { current, go };
}

/** Every finding with its reason and lines; a mend is shown as a difference before it is done. */
export function Findings(props: FindingsProps) {
  const { findings, ignored } = props;
  const filter = useFindingFilter();
  const { fits } = filter;
  const shown = useMemo(() => findings.filter(({ code }) => fits(code)), [findings, fits]);
  const { current, go } = useCurrent(shown, props);
  return (
    <Column as="section" aria-label="Findings" sx={{ height: 'auto', flex: 1, minHeight: 0 }}>
      <FindingsBar {...props} filter={filter} canGo={shown.length > 0} onGo={go} />
      <Scroll tabIndex={-1}>
        {findings.length === 0 && (
          <Box sx={{ p: 2 }}>Nothing to find fault with: a machine reads this as it is meant.</Box>
        )}
        {findings.length > 0 && shown.length === 0 && (
          <Box sx={{ p: 2, color: 'text.secondary' }}>No finding of this grade and family.</Box>
        )}
        <FindingList {...props} shown={shown} current={current} />
        {ignored.length > 0 && (
          <Box sx={{ px: 2, py: 1, color: 'text.secondary' }}>
            {counted(ignored.length, 'finding is', 'findings are')} ignored here:{' '}
            {[...new Set(ignored.map(({ finding, reason }) => `${finding.code} (${reason})`))].join('; ')}.
            What is ignored is listed, and taken back, under “How it is judged”.
          </Box>
        )}
      </Scroll>
    </Column>
  );
}

/** What can be done with the findings as a whole. */
function FindingsBar({
  findings,
  filter,
  canGo,
  onGo,
  onMend,
  onMendAll,
}: FindingsProps & {
  readonly filter: FindingFilter;
  readonly canGo: boolean;
  readonly onGo: (step: 1 | -1) => void;
}) {
  const mends = useMemo(() => certainMends(findings), [findings]);
  const mendable = findings.filter(({ mend }) => mend?.certain).length;
  const proposed = findings.filter(({ mend }) => mend && !mend.certain).length;
  const step = (words: string, keys: string, by: 1 | -1) => (
    <Button disabled={!canGo} title={keys} onClick={() => onGo(by)}>
      {words}
    </Button>
  );
  return (
    <Bar>
      <FindingFilterBar filter={filter} counts={summarise(findings)} />
      {step('Previous', 'Shift+F8', -1)}
      {step('Next', 'F8', 1)}
      {proposed > 0 && <Button onClick={onMendAll}>Mends and proposals …</Button>}
      {mendable > 0 && (
        <Button variant="contained" color="primary" onClick={() => onMend(mends)}>
          Mend all {mendable}
        </Button>
      )}
    </Bar>
  );
}

const Bar = styled(Line)({
  flexWrap: 'wrap',
  flex: 'none',
  padding: '4px 12px',
  backgroundColor: colour.paper,
  borderBottom: `1px solid ${colour.line}`,
  '& button': { whiteSpace: 'nowrap' },
});

/** The rows of the findings, the current one in view. */
function FindingList({
  source,
  clientId,
  page,
  shown,
  current,
  onPlace,
  onMend,
}: FindingsProps & { readonly shown: readonly Finding[]; readonly current: number }) {
  const [asked, setAsked] = useState(MOST_SHOWN);
  const most = Math.max(asked, current + 1);
  const list = useRef<HTMLUListElement>(null);
  useEffect(() => {
    if (current >= 0) list.current?.children[current]?.scrollIntoView({ block: 'nearest' });
  }, [current]);
  return (
    <>
      <Plain ref={list}>
        {shown.slice(0, most).map((finding, at) => (
          <FindingRow
            key={`${finding.code} ${String(finding.place.start)} ${String(at)}`}
            source={source}
            finding={finding}
            current={at === current}
            ignoring={{ clientId, page, excerpt: excerptOf(source, finding) }}
            onPlace={onPlace}
            onMend={onMend}
          />
        ))}
      </Plain>
      {shown.length > most && (
        <Box sx={{ px: 2, py: 1 }}>
          <Button onClick={() => setAsked(shown.length)}>Show the other {shown.length - most}</Button>
        </Box>
      )}
    </>
  );
}
