import { Box, Button, InputBase } from '@mui/material';
import { styled } from '@mui/material/styles';
import { useState } from 'react';
import type { Photo, PhotoWords } from '#contract';
import { wordLists, type StampSettings } from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { Hint, Line } from '../../parts/layout.tsx';
import { boxed, colour, typeSize } from '../../theme.ts';

/** What a subject is dragged as. */
export const SUBJECT_TYPE = 'application/x-zinc-subject';

/** As many subjects are offered. */
const MOST = 14;

const Chip = styled('button')({
  font: 'inherit',
  fontSize: typeSize.note,
  padding: '1px 8px',
  border: `1px solid ${colour.line}`,
  borderRadius: 3,
  backgroundColor: '#fff',
  color: colour.ink,
  cursor: 'grab',
  '&:focus-visible': { outline: `2px solid ${colour.plum}` },
});

/** Subjects spread over photos in even stretches, in their order. */
export function spread(subjects: readonly string[], photos: readonly Photo[]): PhotoWords['photos'] {
  return photos.flatMap(({ id }, at) => {
    const subject = subjects[Math.floor((at * subjects.length) / photos.length)];
    return subject === undefined ? [] : [{ id, own: { subject } }];
  });
}

/** The subjects of a branch: those that its photos have, and what its record offers. */
export function subjectsOf(
  photos: readonly Photo[],
  record: BusinessRecord,
  { lists }: StampSettings,
): readonly string[] {
  const { service } = wordLists(record, lists);
  const all = [...photos.flatMap(({ own }) => own.subject ?? []), ...service];
  return [...new Set(all.map((one) => one.trim()).filter(Boolean))].slice(0, MOST);
}

/** What the chosen photos show: typed, taken up from what is offered, dragged onto them, or spread evenly. */
export function SubjectBar({
  subjects,
  targets,
  onKeep,
}: {
  subjects: readonly string[];
  /** The photos that are chosen. */
  targets: readonly Photo[];
  onKeep: (photos: PhotoWords['photos']) => void;
}) {
  const [typed, setTyped] = useState('');
  const give = (subject: string): void => onKeep(targets.map(({ id }) => ({ id, own: { subject } })));
  const parts = typed
    .split(/[,;\n]/)
    .map((one) => one.trim())
    .filter(Boolean);
  const isEmpty = targets.length === 0;
  return (
    <Line sx={{ px: 2, py: 0.5, flexWrap: 'wrap', borderBottom: `1px solid ${colour.light}` }}>
      <Hint>Subject of {isEmpty ? 'what you select' : `the ${String(targets.length)} selected`}</Hint>
      <Box
        component="form"
        sx={{ display: 'flex', gap: 0.75 }}
        onSubmit={(event) => {
          event.preventDefault();
          give(typed.trim());
          setTyped('');
        }}
      >
        <InputBase
          value={typed}
          placeholder="such as: eye test"
          onChange={({ target }) => setTyped(target.value)}
          inputProps={{ 'aria-label': 'Subject of the selected photos', maxLength: 200 }}
          sx={{ ...boxed, width: 190 }}
        />
        <Button type="submit" disabled={isEmpty}>
          {typed.trim() === '' ? 'Take away' : 'Give'}
        </Button>
        <Button
          disabled={isEmpty || parts.length < 2}
          title="Several subjects with commas, in even stretches over the selected photos"
          onClick={() => {
            onKeep(spread(parts, targets));
            setTyped('');
          }}
        >
          Spread evenly
        </Button>
      </Box>
      {subjects.map((subject) => (
        <Chip
          key={subject}
          type="button"
          draggable
          title="Give it to the selected photos, or drag it onto a photo"
          onDragStart={({ dataTransfer }) => dataTransfer.setData(SUBJECT_TYPE, subject)}
          onClick={() => {
            if (!isEmpty) give(subject);
          }}
        >
          {subject}
        </Chip>
      ))}
    </Line>
  );
}
