import { Box, Button } from '@mui/material';
import { useEffect, useMemo, useRef, useState } from 'react';
import { excerptOf, type Ignored } from '#core/checking';
import { certainMends } from '#core/mending';
import { summarise, type Finding } from '#core/fault';
import type { Edit, Place } from '#core/text';
import { colour } from '../../theme.ts';
import { FindingRow } from './FindingRow.tsx';
import { FindingFilterBar, useFindingFilter } from './FindingFilter.tsx';

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

/** Every finding with its reason and lines; a mend is shown as a difference before it is done. */
export function Findings({
  source,
  findings,
  ignored,
  clientId,
  page,
  offset,
  onPlace,
  onMend,
  onMendAll,
}: FindingsProps) {
  const filter = useFindingFilter();
  const { fits } = filter;
  // What was gone to last, until the caret is set elsewhere.
  const [gone, setGone] = useState<
    { readonly at: number; readonly offset: number | undefined } | undefined
  >();
  const [most, setMost] = useState(MOST_SHOWN);
  const list = useRef<HTMLUListElement>(null);
  const shown = useMemo(() => findings.filter(({ code }) => fits(code)), [findings, fits]);
  const mends = useMemo(() => certainMends(findings), [findings]);
  const mendable = findings.filter(({ mend }) => mend?.certain).length;
  const proposed = findings.filter(({ mend }) => mend && !mend.certain).length;
  const marked =
    gone && gone.offset === offset && gone.at < shown.length
      ? gone.at
      : offset === undefined
        ? -1
        : nearest(shown, source, offset);
  const go = (step: 1 | -1): void => {
    if (shown.length === 0) return;
    const next = marked < 0 && step < 0 ? shown.length - 1 : (marked + step + shown.length) % shown.length;
    setGone({ at: next, offset });
    setMost((now) => Math.max(now, next + 1));
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
    return () => {
      window.removeEventListener('keydown', keys);
    };
  }, []);
  useEffect(() => {
    if (marked >= 0) list.current?.children[marked]?.scrollIntoView({ block: 'nearest' });
  }, [marked]);

  return (
    <Box
      component="section"
      aria-label="Findings"
      sx={{ display: 'flex', flexDirection: 'column', flex: 1, minHeight: 0 }}
    >
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          flexWrap: 'wrap',
          gap: 0.75,
          px: 1.5,
          py: 0.5,
          flex: 'none',
          backgroundColor: colour.paper,
          borderBottom: `1px solid ${colour.line}`,
          '& button': { whiteSpace: 'nowrap' },
        }}
      >
        <FindingFilterBar filter={filter} counts={summarise(findings)} />
        <Button
          disabled={shown.length === 0}
          title="Shift+F8"
          onClick={() => {
            go(-1);
          }}
        >
          Previous
        </Button>
        <Button
          disabled={shown.length === 0}
          title="F8"
          onClick={() => {
            go(1);
          }}
        >
          Next
        </Button>
        {proposed > 0 && <Button onClick={onMendAll}>Mends and proposals …</Button>}
        {mendable > 0 && (
          <Button
            variant="contained"
            color="primary"
            onClick={() => {
              onMend(mends);
            }}
          >
            Mend all {mendable}
          </Button>
        )}
      </Box>
      <Box tabIndex={-1} sx={{ flex: 1, minHeight: 0, overflow: 'auto' }}>
        {findings.length === 0 && (
          <Box sx={{ p: 2 }}>Nothing to find fault with: a machine reads this as it is meant.</Box>
        )}
        {findings.length > 0 && shown.length === 0 && (
          <Box sx={{ p: 2, color: 'text.secondary' }}>No finding of this grade and family.</Box>
        )}
        <Box component="ul" ref={list} sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {shown.slice(0, most).map((finding, at) => (
            <FindingRow
              key={`${finding.code} ${String(finding.place.start)} ${String(at)}`}
              source={source}
              finding={finding}
              current={at === marked}
              ignoring={{ clientId, page, excerpt: excerptOf(source, finding) }}
              onPlace={onPlace}
              onMend={onMend}
            />
          ))}
        </Box>
        {shown.length > most && (
          <Box sx={{ px: 2, py: 1 }}>
            <Button
              onClick={() => {
                setMost(shown.length);
              }}
            >
              Show the other {shown.length - most}
            </Button>
          </Box>
        )}
        {ignored.length > 0 && (
          <Box sx={{ px: 2, py: 1, color: 'text.secondary' }}>
            {ignored.length === 1 ? '1 finding is' : `${String(ignored.length)} findings are`} ignored here:{' '}
            {[...new Set(ignored.map(({ finding, reason }) => `${finding.code} (${reason})`))].join('; ')}.
            What is ignored is listed, and taken back, under “How it is judged”.
          </Box>
        )}
      </Box>
    </Box>
  );
}

/** The smallest finding round an offset, or else the first one in its line. */
function nearest(findings: readonly Finding[], source: string, offset: number): number {
  let best = -1;
  let smallest = Infinity;
  for (const [at, { place }] of findings.entries()) {
    const size = place.end - place.start;
    if (place.start <= offset && offset <= place.end && size < smallest) {
      best = at;
      smallest = size;
    }
  }
  if (best >= 0) return best;
  const start = source.lastIndexOf('\n', offset - 1) + 1;
  const behind = source.indexOf('\n', offset);
  const end = behind < 0 ? source.length : behind;
  return findings.findIndex(({ place }) => place.start >= start && place.start <= end);
}
