import { ButtonBase, Link, TableCell, TableRow } from '@mui/material';
import { Link as RouterLink, useNavigate } from 'react-router';
import { linkTo, type ClientSummary } from '#contract';
import { counted } from '#core/text';
import type { Thing } from '../../api/queries.ts';
import { useDeleteWithUndo } from '../../parts/actions.ts';
import { Soft } from '../../parts/layout.tsx';
import { defaultsPath } from '../../parts/place.ts';
import { RowMenu } from '../../parts/RowMenu.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { colour } from '../../theme.ts';
import type { Naming } from './naming.tsx';
import { ROW_HEIGHT } from './rows.ts';

/** A client: how much there is of it, and what can be done with all of it. */
export function ClientRow({
  client,
  collapsed,
  onToggle,
  onName,
  onClient,
}: {
  client: ClientSummary;
  collapsed: boolean;
  onToggle: () => void;
  onName: (naming: Naming) => void;
  onClient: (over: 'import' | 'bulk', client: ClientSummary) => void;
}) {
  return (
    <TableRow data-client={client.id} sx={{ backgroundColor: colour.light, height: ROW_HEIGHT }}>
      <TableCell component="th" scope="rowgroup" colSpan={4} sx={{ fontWeight: 700 }}>
        <ButtonBase
          onClick={onToggle}
          aria-expanded={!collapsed}
          aria-label={`${client.name}: ${collapsed ? 'show' : 'put away'} its branches`}
          sx={{ font: 'inherit', color: 'inherit', gap: 0.75 }}
        >
          <Soft aria-hidden="true" sx={{ width: 10 }}>
            {collapsed ? '▸' : '▾'}
          </Soft>
          {client.name}
        </ButtonBase>
        <Soft sx={{ ml: 1, fontWeight: 400 }}>
          {counted(client.branches, 'branch', 'branches')}, {counted(client.pages, 'page')}
        </Soft>
      </TableCell>
      <TableCell>
        <Link
          component={RouterLink}
          to={defaultsPath(client.id)}
          underline="hover"
          color="text.secondary"
          aria-label={`Defaults of ${client.name}`}
        >
          Defaults
        </Link>
      </TableCell>
      <TableCell align="right">
        <ClientMenu client={client} onName={onName} onClient={onClient} />
      </TableCell>
    </TableRow>
  );
}

function ClientMenu({
  client: { id, name, ...rest },
  onName,
  onClient,
}: {
  client: ClientSummary;
  onName: (naming: Naming) => void;
  onClient: (over: 'import' | 'bulk', client: ClientSummary) => void;
}) {
  const remove = useDeleteWithUndo();
  const navigate = useNavigate();
  const thing: Thing = { kind: 'clients', id };
  return (
    <RowMenu
      label={name}
      items={[
        ['Add branch', () => onName({ kind: 'branch', clientId: id })],
        ['Branches from a spreadsheet …', () => onClient('import', { id, name, ...rest })],
        ['Facts of many branches …', () => onClient('bulk', { id, name, ...rest })],
        ['Changes that can be undone …', () => void navigate(`/trash?client=${id}`)],
        ['Save all of it as a zip', () => window.location.assign(linkTo('archive', { id }))],
        ['Rename', () => onName({ kind: 'rename', thing, name })],
      ]}
      onDelete={() => remove(thing, name, undoButton)}
    />
  );
}
