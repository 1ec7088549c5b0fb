import ArticleOutlined from '@mui/icons-material/ArticleOutlined';
import DescriptionOutlined from '@mui/icons-material/DescriptionOutlined';
import FactCheckOutlined from '@mui/icons-material/FactCheckOutlined';
import ImageOutlined from '@mui/icons-material/ImageOutlined';
import TableRowsOutlined from '@mui/icons-material/TableRowsOutlined';
import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import type { Step } from '#core/step';
import type { Grade } from '#core/fault';
import type { Agreement } from '#core/value';
import { colour, typeSize } from '../theme.ts';

/** Our own marks of grades and states: 16 × 16, strokes of 1.4, drawn once and used everywhere. Shape tells first, colour second. */
function Mark({ title, children }: { title: string; children: ReactNode }) {
  return (
    <svg
      width="16"
      height="16"
      viewBox="0 0 16 16"
      role="img"
      aria-label={title}
      fill="none"
      stroke={colour.ink}
      strokeWidth="1.4"
      style={{ flex: 'none', verticalAlign: '-3px' }}
    >
      <title>{title}</title>
      {children}
    </svg>
  );
}

const LOZENGE = 'M8 1.5 14.5 8 8 14.5 1.5 8Z';

/** Must: a filled lozenge. Should: a half-filled one. Note: an open one. */
export function GradeMark({ grade }: { grade: Grade }) {
  return (
    <Mark title={grade}>
      <path
        d={LOZENGE}
        fill={grade === 'must' ? colour.plum : 'none'}
        stroke={grade === 'note' ? colour.middle : colour.plum}
      />
      {grade === 'should' && <path d="M8 1.5V14.5L1.5 8Z" fill={colour.plum} stroke="none" />}
    </Mark>
  );
}

/** Proved: a seal, a full disc with a ring pressed into it and a tick. */
export function SealMark({ title = 'proved' }: { title?: string }) {
  return (
    <Mark title={title}>
      <circle cx="8" cy="8" r="7.2" fill={colour.dark} stroke="none" />
      <circle cx="8" cy="8" r="5.6" stroke={colour.paper} strokeWidth="0.8" strokeDasharray="1.2 0.9" />
      <path d="M5.4 8.2 7.3 10 10.6 6.2" stroke={colour.paper} strokeWidth="1.5" />
    </Mark>
  );
}

/** Out of date: a ring with a notch cut into it. */
export function StaleMark({ title = 'out of date' }: { title?: string }) {
  return (
    <Mark title={title}>
      <path d="M8 2A6 6 0 1 0 14 8L10 8L8 6Z" stroke={colour.plum} strokeWidth="1.8" strokeLinejoin="round" />
    </Mark>
  );
}

/** Nothing there yet: a dashed square. */
function MissingMark({ title = 'missing' }: { title?: string }) {
  return (
    <Mark title={title}>
      <rect x="2.5" y="2.5" width="11" height="11" strokeDasharray="2.2 1.6" stroke={colour.middle} />
    </Mark>
  );
}

/** There, but not proved: an open circle. */
function OpenMark({ title }: { title: string }) {
  return (
    <Mark title={title}>
      <circle cx="8" cy="8" r="5.5" stroke={colour.middle} />
    </Mark>
  );
}

/** The state of one step of the chain, with its words. */
export function StepMark({ step }: { step: Step }) {
  return (
    <Box
      component="span"
      sx={{
        display: 'inline-flex',
        gap: 0.75,
        alignItems: 'center',
        whiteSpace: 'nowrap',
        color: step.state === 'missing' ? 'text.secondary' : 'text.primary',
      }}
    >
      <StateMark state={step.state} />
      {step.detail}
    </Box>
  );
}

/** The mark of a state alone. */
export function StateMark({ state }: { state: Step['state'] }): ReactNode {
  switch (state) {
    case 'missing':
      return <MissingMark />;
    case 'must':
      return <GradeMark grade="must" />;
    case 'should':
      return <GradeMark grade="should" />;
    case 'out-of-date':
      return <StaleMark />;
    case 'unproved':
      return <OpenMark title="not proved yet" />;
    case 'proved':
      return <SealMark />;
  }
}

const AGREEMENT_WORDS: Readonly<Record<Agreement, string>> = {
  exact: 'exact',
  'written-differently': 'written differently',
  partly: 'partly',
  different: 'different',
  missing: 'missing',
};

/** How two readings of a fact agree, as mark and word. */
export function AgreementMark({ agreement }: { agreement: Agreement }) {
  const words = AGREEMENT_WORDS[agreement];
  const mark = {
    exact: <SealMark title={words} />,
    'written-differently': <GradeMark grade="should" />,
    partly: <GradeMark grade="should" />,
    different: <GradeMark grade="must" />,
    missing: <MissingMark title={words} />,
  }[agreement];
  return (
    <Box
      component="span"
      sx={{
        display: 'inline-flex',
        gap: 0.5,
        alignItems: 'center',
        color: 'text.secondary',
        fontSize: typeSize.note,
        whiteSpace: 'nowrap',
      }}
    >
      {mark}
      {words}
    </Box>
  );
}

const VIEW_ICONS = {
  desk: TableRowsOutlined,
  record: ArticleOutlined,
  check: FactCheckOutlined,
  pages: DescriptionOutlined,
  photos: ImageOutlined,
} as const;
export type ViewName = keyof typeof VIEW_ICONS;

/** The sign of a view in the rail. */
export function ViewSign({ view }: { view: ViewName }) {
  const Icon = VIEW_ICONS[view];
  return <Icon sx={{ fontSize: 21 }} />;
}
