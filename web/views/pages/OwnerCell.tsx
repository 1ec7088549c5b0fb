import { Button } from '@mui/material';
import type { Page } from '#contract';
import { useSaveOwners } from '../../api/pages.ts';
import { useComplain } from '../../parts/actions.ts';
import { Line, Soft } from '../../parts/layout.tsx';

/** Whose own page a page is; a proposal with its reasons is confirmed or put aside. */
export function OwnerCell({ page, branchId, clientId }: { page: Page; branchId: number; clientId: number }) {
  const save = useSaveOwners(clientId);
  const complain = useComplain();
  const { id, path, ownBranch, proposal } = page;
  const say = (branch: number | null): void =>
    void save.mutateAsync({ owners: [{ page: id, branch }] }).catch(complain);
  if (ownBranch)
    return <Soft>{ownBranch.id === branchId ? 'this branch’s own' : `of ${ownBranch.label}`}</Soft>;
  if (!proposal)
    return (
      <Button
        variant="text"
        sx={{ py: 0, color: 'text.secondary', fontWeight: 400 }}
        aria-label={`Make it this branch’s: ${path}`}
        onClick={() => say(branchId)}
      >
        Make it this branch’s
      </Button>
    );
  return (
    <div>
      <Line>
        of {proposal.label}?
        <Button
          sx={{ py: 0 }}
          aria-label={`Yes, ${path} is the page of ${proposal.label}`}
          onClick={() => say(proposal.branchId)}
        >
          Yes
        </Button>
        <Button sx={{ py: 0 }} aria-label={`No, ${path} is no branch’s page`} onClick={() => say(null)}>
          No
        </Button>
      </Line>
      <Soft>{proposal.reasons.join(', ')}</Soft>
    </div>
  );
}
