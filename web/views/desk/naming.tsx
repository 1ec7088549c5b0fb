import { useNavigate } from 'react-router';
import { useAddBranch, useAddClient, useDuplicate, useRename, type Thing } from '../../api/queries.ts';
import { useComplain } from '../../parts/actions.ts';
import { NameDialog } from '../../parts/NameDialog.tsx';
import { viewPath } from '../../parts/place.ts';

/** What is being named: a new client, a new branch of a client, or a thing that has a name already. */
export type Naming =
  | { readonly kind: 'client' }
  | { readonly kind: 'branch'; readonly clientId: number }
  | { readonly kind: 'duplicate'; readonly branchId: number; readonly name: string }
  | { readonly kind: 'rename'; readonly thing: Thing; readonly name: string };

/** What the command bar asks to be named, as the desk's address has it. */
export function namingOf(search: URLSearchParams): Naming | undefined {
  const clientId = Number(search.get('client'));
  if (search.get('add') === 'client') return { kind: 'client' };
  return search.get('add') === 'branch' && clientId > 0 ? { kind: 'branch', clientId } : undefined;
}

const words = (naming: Naming) => {
  switch (naming.kind) {
    case 'client':
      return { title: 'Add a client', label: 'Name of the client', action: 'Add' };
    case 'branch':
      return { title: 'Add a branch', label: 'What you call the branch', action: 'Add' };
    case 'duplicate':
      return {
        title: `Duplicate ${naming.name}`,
        label: 'What you call the new branch',
        action: 'Duplicate',
      };
    case 'rename':
      return { title: 'Rename', label: 'Name', action: 'Rename', first: naming.name };
  }
};

/** The dialog for a name. It closes at once; what the name is for goes on without it. */
export function Names({
  naming,
  onMade,
  onClose,
}: {
  naming: Naming;
  onMade: (clientId: number) => void;
  onClose: () => void;
}) {
  const navigate = useNavigate();
  const complain = useComplain();
  const addClient = useAddClient();
  const addBranch = useAddBranch();
  const rename = useRename();
  const duplicate = useDuplicate();
  const named = async (name: string): Promise<void> => {
    switch (naming.kind) {
      case 'client':
        onMade((await addClient.mutateAsync(name)).id);
        return;
      case 'branch':
        await open(await addBranch.mutateAsync({ clientId: naming.clientId, label: name }));
        return;
      case 'duplicate':
        await open(await duplicate.mutateAsync({ branchId: naming.branchId, label: name }));
        return;
      case 'rename':
        await rename.mutateAsync({ thing: naming.thing, name });
    }
  };
  const open = async ({ id }: { id: number }): Promise<void> => navigate(viewPath(id, 'record'));
  return <NameDialog {...words(naming)} onClose={onClose} onName={(name) => named(name).catch(complain)} />;
}
