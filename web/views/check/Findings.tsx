import { Box, Button, ButtonBase, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useState } from 'react';
import type { Finding } from '#core/checking';
import { applyEdits, Lines, type Edit, type Place } from '#core/text';
import { DifferentText } from '../../parts/Difference.tsx';
import { GradeMark } from '../../parts/Marks.tsx';
import { colour, mono } from '../../theme.ts';

interface FindingsProps {
  readonly source: string;
  readonly findings: readonly Finding[];
  readonly onPlace: (place: Place) => void;
  readonly onMend: (edits: readonly Edit[]) => void;
}

/** Every finding with its reason and lines; a mend is shown as a difference before it is done. */
export function Findings({ source, findings, onPlace, onMend }: FindingsProps) {
  const [grades, setGrades] = useState<readonly Finding['grade'][]>(['must', 'should', 'note']);
  const [open, setOpen] = useState<string | undefined>();
  const mendable = findings.filter(({ mend }) => mend);
  const shown = findings.filter(({ grade }) => grades.includes(grade));
  if (findings.length === 0) {
    return <Box sx={{ p: 2 }}>Nothing to find fault with: a machine reads this as it is meant.</Box>;
  }
  return (
    <Box component="section" aria-label="Findings" sx={{ pb: 2 }}>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 1,
          px: 2,
          py: 0.75,
          borderBottom: `1px solid ${colour.line}`,
          borderTop: `1px solid ${colour.line}`,
        }}
      >
        <Box component="h2" sx={{ m: 0, fontSize: 12.5, color: 'text.secondary' }}>
          Findings
        </Box>
        <ToggleButtonGroup
          size="small"
          value={grades}
          onChange={(_, next: Finding['grade'][]) => {
            setGrades(next);
          }}
          aria-label="Grades shown"
          sx={{
            '& .MuiToggleButton-root': {
              py: 0.1,
              px: 1,
              gap: 0.5,
              textTransform: 'none',
              fontSize: 12.5,
              color: 'text.primary',
            },
          }}
        >
          {(['must', 'should', 'note'] as const).map((grade) => (
            <ToggleButton key={grade} value={grade}>
              <GradeMark grade={grade} /> {grade} {findings.filter((one) => one.grade === grade).length}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Box sx={{ flex: 1 }} />
        {mendable.length > 0 && (
          <Button
            variant="contained"
            color="primary"
            onClick={() => {
              onMend(mendable.flatMap(({ mend }) => mend?.edits ?? []));
            }}
          >
            Mend all {mendable.length}
          </Button>
        )}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {shown.map((finding, at) => {
          const key = `${finding.code} ${String(finding.place.start)} ${String(at)}`;
          return (
            <FindingRow
              key={key}
              source={source}
              finding={finding}
              open={open === key}
              onOpen={() => {
                setOpen(open === key ? undefined : key);
              }}
              onPlace={onPlace}
              onMend={onMend}
            />
          );
        })}
      </Box>
    </Box>
  );
}

function FindingRow({
  source,
  finding,
  open,
  onOpen,
  onPlace,
  onMend,
}: {
  source: string;
  finding: Finding;
  open: boolean;
  onOpen: () => void;
  onPlace: (place: Place) => void;
  onMend: (edits: readonly Edit[]) => void;
}) {
  const { code, grade, message, place, mend } = finding;
  return (
    <Box component="li" data-code={code} sx={{ px: 2, py: 0.6, borderBottom: `1px solid ${colour.light}` }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <GradeMark grade={grade} />
        <Box sx={{ flex: 1, minWidth: 0 }}>
          {message}{' '}
          <Box component="span" sx={{ color: 'text.secondary', fontSize: 12 }}>
            {code}
          </Box>
        </Box>
        <ButtonBase
          onClick={() => {
            onPlace(place);
          }}
          sx={{
            font: 'inherit',
            fontSize: 12.5,
            color: 'primary.main',
            '&:hover': { textDecoration: 'underline' },
          }}
        >
          line {place.line}, column {place.column}
        </ButtonBase>
        {mend && (
          <Button onClick={onOpen} aria-expanded={open} sx={{ py: 0 }}>
            {open ? 'Close' : 'Mend …'}
          </Button>
        )}
      </Box>
      {open && mend && (
        <MendPreview
          source={source}
          edits={mend.edits}
          onMend={() => {
            onMend(mend.edits);
          }}
        />
      )}
    </Box>
  );
}

/** The lines a mend changes, before and after in one. */
function MendPreview({
  source,
  edits,
  onMend,
}: {
  source: string;
  edits: readonly Edit[];
  onMend: () => void;
}) {
  const { before, after } = around(source, edits);
  return (
    <Box
      sx={{
        mt: 0.75,
        ml: 3,
        p: 1,
        border: `1px solid ${colour.line}`,
        backgroundColor: '#fff',
        display: 'flex',
        gap: 1,
        alignItems: 'flex-start',
      }}
    >
      <Box sx={{ flex: 1, minWidth: 0, fontFamily: mono }}>
        <DifferentText reference={before} text={after} />
      </Box>
      <Button variant="contained" color="primary" onClick={onMend}>
        Mend this
      </Button>
    </Box>
  );
}

/** The whole lines round the edits, as they are and as they will be. */
function around(source: string, edits: readonly Edit[]): { before: string; after: string } {
  const start = Math.min(...edits.map((edit) => edit.start));
  const end = Math.max(...edits.map((edit) => edit.end));
  const from = start - (new Lines(source).place(start, start).column - 1);
  const lineEnd = source.indexOf('\n', end);
  const until = lineEnd < 0 ? source.length : lineEnd;
  const inside = edits.map((edit) => ({ start: edit.start - from, end: edit.end - from, text: edit.text }));
  const before = source.slice(from, until);
  return { before, after: applyEdits(before, inside) };
}
