import { DataGrid, type GridColDef } from '@mui/x-data-grid';
import { useMemo } from 'react';
import type { RunPage } from '#contract';
import { gridLook } from '../../parts/grid.ts';
import { Line, Soft } from '../../parts/layout.tsx';
import { GradeMark, SealMark, StaleMark } from '../../parts/Marks.tsx';
import { TextButton } from '../../parts/TextButton.tsx';

const WORDS: Readonly<Record<RunPage['state'], string>> = {
  waiting: 'waits',
  planned: 'will be changed',
  same: 'is as it should be',
  refused: 'is left alone',
  written: 'changed',
  changed: 'changed by others meanwhile',
  failed: 'could not be written',
};

function Mark({ state }: { state: RunPage['state'] }) {
  if (state === 'written' || state === 'same') return <SealMark />;
  if (state === 'changed' || state === 'failed') return <GradeMark grade="must" />;
  if (state === 'refused') return <GradeMark grade="should" />;
  return state === 'planned' ? <StaleMark /> : null;
}

/** Findings before and after: "3 must, 1 should → none". */
const foundWords = (judged: RunPage['before']): string => {
  if (!judged) return '';
  const told = [
    judged.must > 0 && `${String(judged.must)} must`,
    judged.should > 0 && `${String(judged.should)} should`,
  ];
  return told.filter(Boolean).join(', ') || 'none';
};

const itemWords = (judged: RunPage['before']): string =>
  judged
    ? Object.entries(judged.items)
        .filter(([, count]) => count > 0)
        .map(([syntax, count]) => `${String(count)} ${SYNTAX[syntax as keyof typeof SYNTAX]}`)
        .join(', ') || 'nothing'
    : '';
const SYNTAX = { jsonld: 'JSON-LD', microdata: 'microdata', rdfa: 'RDFa' } as const;

const turned = (before: string, after: string): string =>
  before === after ? before : `${before} → ${after}`;

const COLUMNS: readonly GridColDef<RunPage>[] = [
  {
    field: 'state',
    headerName: 'What happens',
    flex: 1.2,
    valueGetter: (_, { state }) => WORDS[state],
    renderCell: ({ row: { state, problem } }) => (
      <div>
        <Line data-run-page={state}>
          <Mark state={state} /> {WORDS[state]}
        </Line>
        {problem && <Soft>{problem}</Soft>}
      </div>
    ),
  },
  {
    field: 'items',
    headerName: 'A machine reads',
    flex: 0.8,
    valueGetter: (_, { before, after }) => turned(itemWords(before), itemWords(after)),
  },
  {
    field: 'found',
    headerName: 'Findings',
    flex: 0.8,
    valueGetter: (_, { before, after }) => turned(foundWords(before), foundWords(after)),
  },
  {
    field: 'told',
    headerName: 'To know',
    flex: 1.2,
    cellClassName: 'soft',
    valueGetter: (_, { told }) => told.join(' '),
  },
];

/** The pages of a run: what is, or was, done to each, and what was found before and after. */
export function RunPages({
  pages,
  chosen,
  onChoose,
}: {
  pages: readonly RunPage[];
  chosen: number | undefined;
  onChoose: (id: number) => void;
}) {
  const columns = useMemo(
    (): readonly GridColDef<RunPage>[] => [
      {
        field: 'path',
        headerName: 'Page',
        flex: 1,
        renderCell: ({ row: { id, path, site } }) => (
          <div>
            <TextButton aria-pressed={id === chosen} onClick={() => onChoose(id)}>
              {path}
            </TextButton>
            {site && <Soft> {site}</Soft>}
          </div>
        ),
      },
      ...COLUMNS,
    ],
    [chosen, onChoose],
  );
  return (
    <DataGrid
      {...gridLook}
      aria-label="Pages of the run"
      rows={pages}
      columns={columns}
      rowSelectionModel={{ type: 'include', ids: new Set(chosen === undefined ? [] : [chosen]) }}
      onRowClick={({ id }) => onChoose(Number(id))}
    />
  );
}
