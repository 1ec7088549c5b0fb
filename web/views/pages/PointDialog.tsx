import { Box, Button, TextField } from '@mui/material';
import { useMemo, useState, type SyntheticEvent } from 'react';
import { POINTED, pointedSelector, pointingPreview } from '#core/page';
import { Frame } from '../../parts/Frame.tsx';
import { Fill, Hint, Line } from '../../parts/layout.tsx';
import { colour, mono } from '../../theme.ts';

/** The number of the element under the pointer, or of the nearest around it that the page has written. */
function numberAt(target: EventTarget | null): number | undefined {
  // It belongs to the frame's own window, whose classes are not ours.
  const element = target !== null && 'closest' in target ? (target as Element) : undefined;
  const at = element?.closest(`[${POINTED}]`)?.getAttribute(POINTED) ?? '';
  return at === '' ? undefined : Number(at);
}

/** Outlines the element under the pointer, and tells which one was clicked. Nothing of the page itself happens. */
function follow(frame: HTMLIFrameElement, onPoint: (at: number) => void): void {
  const page = frame.contentDocument;
  if (!page) return;
  const shown: { element: HTMLElement | null } = { element: null };
  page.addEventListener('mouseover', ({ target }) => {
    if (shown.element) shown.element.style.outline = '';
    const at = numberAt(target);
    const element = at === undefined ? null : page.querySelector<HTMLElement>(`[${POINTED}="${String(at)}"]`);
    if (element) element.style.outline = `2px solid ${colour.plum}`;
    shown.element = element;
  });
  page.addEventListener(
    'click',
    (event) => {
      event.preventDefault();
      const at = numberAt(event.target);
      if (at !== undefined) onPoint(at);
    },
    true,
  );
}

/** The element beside which markup is to stand: its selector typed, or the element pointed at. */
export function ElementField({
  source,
  path,
  selector,
  onSelector,
}: {
  source: string | undefined;
  path: string;
  selector: string;
  onSelector: (selector: string) => void;
}) {
  const [pointing, setPointing] = useState(false);
  return (
    <>
      <TextField
        label="CSS selector of the element"
        value={selector}
        onChange={({ target }) => onSelector(target.value)}
        sx={{ width: 260 }}
      />
      <Button disabled={source === undefined} onClick={() => setPointing(true)}>
        Point at it
      </Button>
      {pointing && source !== undefined && (
        <PointDialog
          source={source}
          path={path}
          onClose={() => setPointing(false)}
          onChoose={(chosen) => {
            onSelector(chosen);
            setPointing(false);
          }}
        />
      )}
    </>
  );
}

/** The page, rendered and inert, to point at. */
function PointDialog({
  source,
  path,
  onClose,
  onChoose,
}: {
  source: string;
  path: string;
  onClose: () => void;
  onChoose: (selector: string) => void;
}) {
  const preview = useMemo(() => pointingPreview(source), [source]);
  const [chosen, setChosen] = useState<string | undefined>();
  const [isNone, setNone] = useState(false);
  const point = (at: number): void => {
    const selector = pointedSelector(source, at);
    setChosen(selector);
    setNone(selector === undefined);
  };
  return (
    <Frame
      title={`Point at an element of ${path}`}
      width="lg"
      onClose={onClose}
      actions={
        <>
          <Hint>
            Nothing of the page runs here, and nothing is fetched: styles and pictures may be missing.
          </Hint>
          <Fill />
          <Button onClick={onClose}>Cancel</Button>
          <Button
            variant="contained"
            disabled={chosen === undefined}
            onClick={() => {
              if (chosen !== undefined) onChoose(chosen);
            }}
          >
            Take it
          </Button>
        </>
      }
    >
      <Box
        component="iframe"
        title={`${path}, rendered`}
        sandbox="allow-same-origin"
        srcDoc={preview}
        onLoad={({ currentTarget }: SyntheticEvent<HTMLIFrameElement>) => follow(currentTarget, point)}
        sx={{ width: '100%', height: '52vh', border: `1px solid ${colour.line}`, backgroundColor: '#fff' }}
      />
      <Line role="status">
        {chosen === undefined
          ? isNone
            ? 'No selector tells this element from others. Point at another one.'
            : 'Click the element.'
          : 'Chosen:'}
        {chosen !== undefined && <Box sx={{ fontFamily: mono }}>{chosen}</Box>}
      </Line>
    </Frame>
  );
}
