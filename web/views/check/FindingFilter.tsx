import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useMemo, useState } from 'react';
import type { Finding, Summary } from '#core/fault';
import { faultTable, isFaultCode } from '#core/fault';
import { Choice } from '../../parts/Choice.tsx';
import { GradeMark } from '../../parts/Marks.tsx';
import { toggleLook } from '../../parts/Toggle.tsx';
import { typeSize } from '../../theme.ts';

const GRADES = ['must', 'should', 'note'] as const;

/** The families of findings, by the first part of their codes. */
const families = {
  all: 'All families',
  syntax: 'Syntax',
  structure: 'Structure',
  vocabulary: 'Vocabulary',
  value: 'Values',
  guideline: 'Guidelines',
  agreement: 'Agreement',
} as const;
type Family = keyof typeof families;

interface Chosen {
  readonly grades: readonly Finding['grade'][];
  readonly family: Family;
}

/** Which findings are shown, by grade and family. */
export interface FindingFilter {
  readonly fits: (code: string) => boolean;
  /** Whether any are left out. */
  readonly narrows: boolean;
  readonly chosen: Chosen;
  readonly choose: (chosen: Chosen) => void;
}

export function useFindingFilter(): FindingFilter {
  const [chosen, choose] = useState<Chosen>({ grades: GRADES, family: 'all' });
  return useMemo(() => {
    const { grades, family } = chosen;
    const fits = (code: string): boolean =>
      isFaultCode(code) &&
      grades.includes(faultTable[code].grade) &&
      (family === 'all' || code.startsWith(`${family}/`));
    return { fits, narrows: grades.length < GRADES.length || family !== 'all', chosen, choose };
  }, [chosen]);
}

/** The grades with how many findings there are of each, and the families. */
export function FindingFilterBar({ filter, counts }: { filter: FindingFilter; counts: Summary }) {
  const { chosen, choose } = filter;
  return (
    <>
      <ToggleButtonGroup
        size="small"
        value={chosen.grades}
        onChange={(_, grades: Finding['grade'][]) => choose({ ...chosen, grades })}
        aria-label="Grades shown"
        sx={{ ...toggleLook, '& button': { color: 'text.primary' } }}
      >
        {GRADES.map((grade) => (
          <ToggleButton key={grade} value={grade}>
            <GradeMark grade={grade} /> {grade} {counts[grade]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Choice
        label="Family of findings"
        value={chosen.family}
        options={families}
        onChange={(family) => choose({ ...chosen, family })}
        disableUnderline
        sx={{ fontSize: typeSize.note }}
      />
    </>
  );
}
