import { Box, Button, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useMemo, useState } from 'react';
import { jsonLd, napBlock, type Markup } from '#core/markup';
import type { BusinessRecord, Fact } from '#core/record';
import { fileName } from '#core/text';
import { downloadText, useCopy } from '../../parts/actions.ts';
import { PaneBar } from '../../parts/Tray.tsx';
import { colour, mono } from '../../theme.ts';

interface TrayProps {
  readonly record: BusinessRecord;
  readonly label: string;
  readonly pointed: readonly Fact[];
  readonly onPoint: (facts: readonly Fact[]) => void;
}

/** The markup and the visible block side by side, as they follow from the record now. */
export function MarkupTray({ record, label, pointed, onPoint }: TrayProps) {
  const [shown, setShown] = useState<'html' | 'seen'>('seen');
  const markup = useMemo(() => jsonLd(record), [record]);
  const block = useMemo(() => napBlock(record), [record]);
  const name = fileName(`${record.name} ${label}`);
  return (
    <Box sx={{ flex: 1, minHeight: 0, display: 'grid', gridTemplateColumns: '1fr 1fr' }}>
      <Box
        sx={{
          display: 'flex',
          flexDirection: 'column',
          minWidth: 0,
          minHeight: 0,
          borderRight: `1px solid ${colour.line}`,
        }}
      >
        <PaneBar title="JSON-LD">
          <MarkupButtons text={markup.text} what="JSON-LD" file={`${name}.jsonld.html`} />
        </PaneBar>
        <MarkupText markup={markup} label="JSON-LD" pointed={pointed} onPoint={onPoint} />
      </Box>
      <Box sx={{ display: 'flex', flexDirection: 'column', minWidth: 0, minHeight: 0 }}>
        <PaneBar title="Name, address, telephone">
          <ToggleButtonGroup
            size="small"
            exclusive
            value={shown}
            onChange={(_, next: 'html' | 'seen' | null) => {
              if (next) setShown(next);
            }}
            aria-label="How to show the block"
            sx={{ '& .MuiToggleButton-root': { py: 0.1, px: 1, textTransform: 'none', fontSize: 12.5 } }}
          >
            <ToggleButton value="seen">As seen</ToggleButton>
            <ToggleButton value="html">HTML</ToggleButton>
          </ToggleButtonGroup>
          <MarkupButtons text={block.text} what="NAP block" file={`${name}.nap.html`} />
        </PaneBar>
        {shown === 'html' ? (
          <MarkupText markup={block} label="NAP block" pointed={pointed} onPoint={onPoint} />
        ) : (
          <SeenBlock html={block.text} />
        )}
      </Box>
    </Box>
  );
}

function MarkupButtons({ text, what, file }: { text: string; what: string; file: string }) {
  const copy = useCopy();
  return (
    <>
      <Button
        aria-label={`Copy ${what}`}
        onClick={() => {
          copy(text, what);
        }}
      >
        Copy
      </Button>
      <Button
        aria-label={`Download ${what}`}
        onClick={() => {
          downloadText(text, file, 'text/html');
        }}
      >
        Download
      </Button>
    </>
  );
}

/** The block as a visitor sees it, in a frame that runs nothing and fetches nothing. */
function SeenBlock({ html }: { html: string }) {
  const page = `<!doctype html><meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'"><style>body{font:14px/1.5 system-ui,sans-serif;color:${colour.ink};margin:12px 16px}a{color:#234a6b;pointer-events:none}p{margin:4px 0}ul{padding-left:18px;margin:6px 0}</style>${html}`;
  return (
    <iframe
      title="The block as visitors see it"
      sandbox=""
      srcDoc={page}
      style={{ flex: 1, border: 0, width: '100%' }}
    />
  );
}

/** Markup line by line. Pointing at a line lights up its facts, and the other way round. */
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
      onMouseLeave={() => {
        onPoint([]);
      }}
      sx={{ flex: 1, m: 0, py: 1, overflow: 'auto', fontFamily: mono, fontSize: 13, lineHeight: 1.5 }}
    >
      {lines.map(({ text, facts }, at) => {
        const lit = facts.some((fact) => pointed.includes(fact));
        return (
          <Box
            key={at}
            component="span"
            onMouseEnter={() => {
              onPoint(facts);
            }}
            sx={{
              display: 'block',
              px: 1.5,
              width: 'fit-content',
              minWidth: '100%',
              backgroundColor: lit ? colour.plumLight : 'transparent',
              boxShadow: lit ? `inset 3px 0 ${colour.plum}` : 'none',
            }}
          >
            {text || ' '}
          </Box>
        );
      })}
    </Box>
  );
}

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
