import { Box, Button } from '@mui/material';
import { styled } from '@mui/material/styles';
import {
  memo,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ComponentProps,
  type ReactNode,
} from 'react';
import { writeMarkup, type Markup, type OutputForm } from '#core/markup';
import type { BusinessRecord, Fact } from '#core/record';
import { fileName } from '#core/text';
import { useClientMarkup } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import { Choice } from '../../parts/Choice.tsx';
import { downloadText, useCopy } from '../../parts/actions.ts';
import { Column } from '../../parts/layout.tsx';
import { Toggle } from '../../parts/Toggle.tsx';
import { PaneBar } from '../../parts/Tray.tsx';
import { colour, mono, typeSize } from '../../theme.ts';
import { OutputChoices } from '../../parts/OutputChoices.tsx';

interface TrayProps {
  readonly record: BusinessRecord;
  readonly label: string;
  readonly clientId: number;
  readonly pointed: readonly Fact[];
  readonly onPoint: (facts: readonly Fact[]) => void;
  readonly change: (change: (record: BusinessRecord) => BusinessRecord) => void;
  readonly tabs: ReactNode;
}

/** The scripts that can be shown: of this branch, or of all branches of the client together. */
const SCRIPTS = {
  jsonld: 'JSON-LD, this record',
  graph: 'JSON-LD graph, this record',
  organization: 'JSON-LD, organisation with all branches',
  all: 'JSON-LD graph, all branches',
} as const;
type Script = keyof typeof SCRIPTS;

const BLOCKS = {
  microdata: 'Block with microdata',
  rdfa: 'Block with RDFa',
  block: 'Block for visitors alone',
  card: 'Contact card',
  hours: 'Hours table',
} as const satisfies Partial<Record<OutputForm, string>>;
type BlockForm = keyof typeof BLOCKS;

const choiceLook = {
  flex: 1,
  minWidth: 0,
  fontSize: typeSize.note,
  fontWeight: 700,
  color: colour.middle,
} as const;

/** A function that is always the same and gives the latest value: what hangs on it need not be drawn anew. */
function useLatest<T>(value: T): () => T {
  const latest = useRef(value);
  useEffect(() => {
    latest.current = value;
  });
  return useCallback(() => latest.current, []);
}

/** The markup and the visible block side by side, as they follow from the record now. */
export function MarkupTray({ record, label, clientId, pointed, onPoint, change, tabs }: TrayProps) {
  const [shown, setShown] = useState<keyof typeof SHOWN>('seen');
  const [script, setScript] = useState<Script>('jsonld');
  const [form, setForm] = useState<BlockForm>('microdata');
  const together = script === 'organization' ? 'organization' : script === 'all' ? 'graph' : undefined;
  const { data, error } = useClientMarkup(clientId, together);
  const own = useMemo(() => writeMarkup(record, script === 'graph' ? 'graph' : 'jsonld'), [record, script]);
  const markup: Markup = together ? { text: error ? inWords(error) : (data ?? 'Loading …'), spans: [] } : own;
  const block = useMemo(() => writeMarkup(record, form), [record, form]);
  const name = fileName(`${record.name} ${label}`);
  const [getScript, getBlock, getRecord] = [useLatest(markup.text), useLatest(block.text), useLatest(record)];
  const { output } = record;
  // The bars stay as they are while the record is typed.
  const scriptBar = useMemo(
    () => (
      <PaneBar>
        {tabs}
        <Which label="Which script" value={script} options={SCRIPTS} onChange={setScript} />
        <MarkupButtons getText={getScript} what="JSON-LD" file={`${name}.jsonld.html`} />
      </PaneBar>
    ),
    [tabs, script, getScript, name],
  );
  const blockBar = useMemo(
    () => (
      <PaneBar>
        <Which label="Which block" value={form} options={BLOCKS} onChange={setForm} />
        <Toggle label="How to show the block" options={SHOWN} value={shown} onChange={setShown} />
        <OutputChoices output={output} getRecord={getRecord} change={change} />
        <MarkupButtons getText={getBlock} what="NAP block" file={`${name}.nap.html`} />
      </PaneBar>
    ),
    [form, shown, output, getRecord, change, getBlock, name],
  );
  return (
    <Box sx={{ flex: 1, minHeight: 0, display: 'grid', gridTemplateColumns: '1fr 1fr' }}>
      <Pane sx={{ borderRight: `1px solid ${colour.line}` }}>
        {scriptBar}
        <MarkupText markup={markup} label="JSON-LD" pointed={pointed} onPoint={onPoint} />
      </Pane>
      <Pane>
        {blockBar}
        {shown === 'html' ? (
          <MarkupText markup={block} label="NAP block" pointed={pointed} onPoint={onPoint} />
        ) : (
          <SeenBlock html={block.text} />
        )}
      </Pane>
    </Box>
  );
}

const SHOWN = { seen: 'As seen', html: 'HTML' } as const;
const Pane = styled(Column)({ minWidth: 0, minHeight: 0 });

/** Which of the forms a pane shows, in the place of its title. */
const Which = <T extends string>(props: Omit<ComponentProps<typeof Choice<T>>, 'sx'>) => (
  <Choice {...props} disableUnderline sx={choiceLook} />
);

function MarkupButtons({ getText, what, file }: { getText: () => string; what: string; file: string }) {
  const copy = useCopy();
  return (
    <>
      <Button aria-label={`Copy ${what}`} onClick={() => copy(getText(), what)}>
        Copy
      </Button>
      <Button aria-label={`Download ${what}`} onClick={() => downloadText(getText(), file, 'text/html')}>
        Download
      </Button>
    </>
  );
}

const SEEN_PAGE = `<!doctype html><meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'"><style>body{font:14px/1.5 system-ui,sans-serif;color:${colour.ink};margin:12px 16px}a{color:#234a6b;pointer-events:none}p{margin:4px 0}ul{padding-left:18px;margin:6px 0}table{border-collapse:collapse}th{text-align:left;padding-right:16px;font-weight:400}</style><body>`;

/**
 * The block as a visitor sees it, in a frame that runs nothing and fetches nothing. The frame is loaded once;
 * what stands in it is exchanged, which is much quicker than loading it anew at every letter.
 */
function SeenBlock({ html }: { html: string }) {
  const frame = useRef<HTMLIFrameElement>(null);
  const show = useCallback((text: string): void => {
    const body = frame.current?.contentDocument?.body;
    if (body) body.innerHTML = text;
  }, []);
  useEffect(() => show(html), [show, html]);
  return (
    <iframe
      ref={frame}
      title="The block as visitors see it"
      sandbox="allow-same-origin"
      srcDoc={SEEN_PAGE}
      onLoad={() => show(html)}
      style={{ flex: 1, border: 0, width: '100%' }}
    />
  );
}

/**
 * Markup line by line. Pointing at a line lights up its facts, and the other way round. Hundreds of lines are
 * drawn at every letter typed, so a line is a bare element that is drawn anew only when it changed.
 */
function MarkupText({
  markup,
  label,
  pointed,
  onPoint,
}: {
  markup: Markup;
  label: string;
  pointed: readonly Fact[];
  onPoint: (facts: readonly Fact[]) => void;
}) {
  const lines = useMemo(() => cutLines(markup), [markup]);
  return (
    <Box
      component="pre"
      tabIndex={0}
      aria-label={label}
      onMouseLeave={() => onPoint([])}
      onMouseOver={({ target }) => {
        const at = target instanceof HTMLElement ? target.dataset['at'] : undefined;
        if (at !== undefined) onPoint(lines[Number(at)]?.facts ?? []);
      }}
      sx={{
        flex: 1,
        m: 0,
        py: 1,
        overflow: 'auto',
        fontFamily: mono,
        fontSize: typeSize.body,
        lineHeight: 1.5,
        '& > span': { display: 'block', px: 1.5, width: 'fit-content', minWidth: '100%' },
        '& > span[data-lit]': {
          backgroundColor: colour.plumLight,
          boxShadow: `inset 3px 0 ${colour.plum}`,
        },
      }}
    >
      {lines.map(({ text, facts }, at) => (
        <Line key={at} at={at} text={text} lit={facts.some((fact) => pointed.includes(fact))} />
      ))}
    </Box>
  );
}

const Line = memo(({ at, text, lit }: { at: number; text: string; lit: boolean }) => (
  <span data-at={at} data-lit={lit || undefined}>
    {text || ' '}
  </span>
));
Line.displayName = 'Line';

function cutLines({ text, spans }: Markup): readonly { text: string; facts: readonly Fact[] }[] {
  let start = 0;
  return text.split('\n').map((line) => {
    const end = start + line.length;
    const facts = [
      ...new Set(spans.filter((span) => span.start < end && span.end > start).map(({ fact }) => fact)),
    ];
    start = end + 1;
    return { text: line, facts };
  });
}
