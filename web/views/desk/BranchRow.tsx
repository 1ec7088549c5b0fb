import { Link, TableCell, TableRow } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import type { BranchSummary } from '#contract';
import { nextStep } from '#core/step';
import type { Thing } from '../../api/queries.ts';
import { useDeleteWithUndo } from '../../parts/actions.ts';
import { Soft } from '../../parts/layout.tsx';
import { StepMark } from '../../parts/Marks.tsx';
import { viewPath } from '../../parts/place.ts';
import { RowMenu } from '../../parts/RowMenu.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import type { Naming } from './naming.tsx';
import { ROW_HEIGHT } from './rows.ts';

const STEPS = ['record', 'pages', 'photos'] as const;

/** A branch with each step of its chain, and what comes next; a dot for one that is still asked for. */
export function BranchRow({
  branch,
  onName,
}: {
  branch: BranchSummary | undefined;
  onName: (naming: Naming) => void;
}) {
  const remove = useDeleteWithUndo();
  if (!branch)
    return (
      <TableRow sx={{ height: ROW_HEIGHT }}>
        <TableCell colSpan={6} sx={{ color: 'text.secondary' }}>
          …
        </TableCell>
      </TableRow>
    );
  const { id, label, town, steps } = branch;
  const thing: Thing = { kind: 'branches', id };
  const next = nextStep(steps);
  return (
    <TableRow hover sx={{ height: ROW_HEIGHT }}>
      <TableCell component="th" scope="row">
        <Link component={RouterLink} to={viewPath(id, 'record')} underline="hover" sx={{ fontWeight: 600 }}>
          {label}
        </Link>
        {town && <Soft sx={{ ml: 1 }}>{town}</Soft>}
      </TableCell>
      {STEPS.map((view) => (
        <TableCell key={view}>
          <Link
            component={RouterLink}
            to={viewPath(id, view)}
            underline="hover"
            color="inherit"
            aria-label={`${label}: ${view}, ${steps[view].detail}`}
          >
            <StepMark step={steps[view]} />
          </Link>
        </TableCell>
      ))}
      <TableCell>
        {next && (
          <Link component={RouterLink} to={viewPath(id, next.view)} underline="hover" color="primary">
            {next.words}
          </Link>
        )}
      </TableCell>
      <TableCell align="right">
        <RowMenu
          label={label}
          items={[
            ['Duplicate', () => onName({ kind: 'duplicate', branchId: id, name: label })],
            ['Rename', () => onName({ kind: 'rename', thing, name: label })],
          ]}
          onDelete={() => remove(thing, label, undoButton)}
        />
      </TableCell>
    </TableRow>
  );
}
