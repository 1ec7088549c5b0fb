import { Button } from '@mui/material';
import { lazy, Suspense, useCallback, useDeferredValue, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { ClientSummary } from '#contract';
import { useClients, type DeskChoice } from '../../api/queries.ts';
import { Column } from '../../parts/layout.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { DeskBar } from './DeskBar.tsx';
import { DeskTable } from './DeskTable.tsx';
import { Names, namingOf, type Naming } from './naming.tsx';

const ArchiveDialog = lazy(() => import('./ArchiveDialog.tsx'));
const BulkDialog = lazy(() => import('./BulkDialog.tsx'));
const ImportDialog = lazy(() => import('./ImportDialog.tsx'));

/** What lies over the desk. */
type Over =
  | { readonly kind: 'names'; readonly naming: Naming }
  | { readonly kind: 'archive' }
  | { readonly kind: 'import' | 'bulk'; readonly client: ClientSummary };

/** Every client and branch as a row, each step of its chain with its state. */
export function Desk() {
  const [choice, setChoice] = useState<DeskChoice>({ words: '', state: '', sort: 'label' });
  const asked = useDeferredValue(choice.words.trim());
  const { data, error, isPending, refetch } = useClients(asked, choice.state);
  const [search, setSearch] = useSearchParams();
  const [over, setOver] = useState<Over | undefined>();
  /** A client that was just made: its row is shown and holds the focus. */
  const [made, setMade] = useState(0);
  const shown = useCallback(() => setMade(0), []);
  const close = (): void => {
    setOver(undefined);
    if (search.has('add')) setSearch({}, { replace: true });
  };
  if (isPending) return <Loading />;
  if (error)
    return <Failure error={error} retry={<Button onClick={() => void refetch()}>Try again</Button>} />;
  const naming = over?.kind === 'names' ? over.naming : namingOf(search);
  return (
    <Column>
      <DeskBar
        choice={choice}
        onChoose={setChoice}
        onArchive={() => setOver({ kind: 'archive' })}
        onAdd={() => setOver({ kind: 'names', naming: { kind: 'client' } })}
      />
      {data.clients.length === 0 ? (
        <Nothing asked={asked} state={choice.state} />
      ) : (
        <DeskTable
          clients={data.clients}
          choice={{ ...choice, words: asked }}
          made={made}
          onShown={shown}
          onName={(named) => setOver({ kind: 'names', naming: named })}
          onClient={(kind, client) => setOver({ kind, client })}
        />
      )}
      {naming && <Names naming={naming} onMade={setMade} onClose={close} />}
      <Suspense>
        {over?.kind === 'archive' && <ArchiveDialog onMade={setMade} onClose={close} />}
        {over?.kind === 'import' && <ImportDialog client={over.client} onClose={close} />}
        {over?.kind === 'bulk' && <BulkDialog client={over.client} onClose={close} />}
      </Suspense>
    </Column>
  );
}

/** Why the desk is empty, and what to do about it. */
function Nothing({ asked, state }: { asked: string; state: DeskChoice['state'] }) {
  if (state)
    return (
      <EmptyState title={`No branch${asked ? ` that fits “${asked}”` : ''} is in this state.`}>
        Choose “Every state” to see all of them.
      </EmptyState>
    );
  if (asked)
    return (
      <EmptyState title={`No client or branch fits “${asked}”.`}>
        Names, labels, streets, towns, postal codes, branch codes and telephone numbers are searched.
      </EmptyState>
    );
  return (
    <EmptyState title="No client yet.">
      Add the first client, then a branch for each of its places of business. Everything else (markup, pages,
      photos) is made from a branch’s record.
    </EmptyState>
  );
}
