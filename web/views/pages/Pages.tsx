import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { linkTo, type Branch, type Page } from '#contract';
import { useToldBranch } from '../../api/branch.ts';
import { addRun, useLedger } from '../../api/pages.ts';
import { usePages } from '../../api/queries.ts';
import type { BodyOf } from '../../api/request.ts';
import { useComplain } from '../../parts/actions.ts';
import { ActionBar, DropFrame } from '../../parts/Drop.tsx';
import { Fill, Soft } from '../../parts/layout.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { useBranchId } from '../../parts/place.ts';
import { TabBar } from '../../parts/TabBar.tsx';
import { PaneBar, WithTray } from '../../parts/Tray.tsx';
import { countLedger, LedgerPane } from './LedgerPane.tsx';
import { LivePane } from './LivePane.tsx';
import { useLiveProof } from './LiveProof.tsx';
import { PageTable } from './PageTable.tsx';
import { PlacingTray } from './PlacingTray.tsx';
import { RuleDialog } from './RuleDialog.tsx';
import { RunsPane } from './RunsPane.tsx';
import { SiteBar } from './SiteBar.tsx';
import { useUploadPages } from './useUploadPages.tsx';

/** The sites' pages: what is placed on each, runs over many, what is out of date, and what the live pages say. */
export default function Pages() {
  const branchId = useBranchId();
  const branch = useToldBranch(branchId);
  const pages = usePages(branch.data?.clientId);
  const error = branch.error ?? pages.error;
  if (error && !(branch.data && pages.data)) return <Failure error={error} />;
  if (!branch.data || !pages.data) return <Loading />;
  return <PagesOf branch={branch.data} pages={pages.data.pages} />;
}

const TABS = { pages: 'Pages', ledger: 'Out of date', live: 'Live pages', runs: 'Runs' } as const;
type TabName = keyof typeof TABS;

function PagesOf({ branch, pages }: { branch: Branch; pages: readonly Page[] }) {
  const [parameters, setParameters] = useSearchParams();
  const named = parameters.get('tab') ?? 'pages';
  const tab: TabName = named in TABS ? (named as TabName) : 'pages';
  const ledger = useLedger(branch.clientId).data;
  const complain = useComplain();
  const { clientId } = branch;
  const go = (next: TabName): void => setParameters(next === 'pages' ? {} : { tab: next });
  const openRun = (run: number | undefined): void =>
    setParameters(run === undefined ? { tab: 'runs' } : { tab: 'runs', run: String(run) });
  const begin = (input: BodyOf<'addRun'>): void => {
    addRun(clientId, input).then(({ id }) => openRun(id), complain);
  };
  const outdated = ledger ? countLedger(ledger) : 0;
  const tabs = { ...TABS, ledger: outdated > 0 ? `${TABS.ledger} (${String(outdated)})` : TABS.ledger };
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', height: '100%' }}>
      <TabBar label="Parts of Pages" tabs={tabs} value={tab} onChange={go} />
      <Box sx={{ flex: 1, minHeight: 0, overflow: 'hidden' }}>
        {tab === 'pages' && <Surface branch={branch} pages={pages} onBegin={begin} />}
        {tab === 'ledger' && (
          <LedgerPane
            clientId={clientId}
            onRenew={(corrects) => begin({ act: 'renew', pages: null, corrects })}
          />
        )}
        {tab === 'live' && <LivePane clientId={clientId} />}
        {tab === 'runs' && (
          <RunsPane clientId={clientId} run={Number(parameters.get('run')) || undefined} onOpen={openRun} />
        )}
      </Box>
    </Box>
  );
}

/** The sites and their pages, and what placing does to the one in hand. */
function Surface({
  branch,
  pages,
  onBegin,
}: {
  branch: Branch;
  pages: readonly Page[];
  onBegin: (input: BodyOf<'addRun'>) => void;
}) {
  const [chosen, setChosen] = useState<number | undefined>();
  const [ruling, setRuling] = useState(false);
  const own = pages.find(({ ownBranch }) => ownBranch?.id === branch.id);
  const page = pages.find(({ id }) => id === chosen) ?? own ?? pages[0];
  const upload = useUploadPages(branch.clientId);
  const live = useLiveProof(branch);
  return (
    <DropFrame label="Pages or a zip to add" onFiles={upload.take}>
      {(open) => (
        <>
          {upload.question}
          {ruling && (
            <RuleDialog
              branch={branch}
              pages={pages}
              onClose={() => setRuling(false)}
              onRun={(rule) => onBegin({ act: 'place', rules: [rule] })}
            />
          )}
          <WithTray
            name="pages"
            label="What placing changes"
            height={300}
            tray={
              page ? (
                <PlacingTray
                  key={page.id}
                  branch={branch}
                  page={page}
                  onBack={(digest) => onBegin({ act: 'version', pages: [{ id: page.id, digest }] })}
                />
              ) : (
                <PaneBar title="Difference" />
              )
            }
          >
            <ActionBar>
              <Button
                variant="contained"
                disabled={pages.length === 0}
                title={pages.length === 0 ? 'There is no page yet.' : ''}
                onClick={() => setRuling(true)}
              >
                Place by a rule
              </Button>
              <Button onClick={open}>Add pages or a zip</Button>
              <Soft>{upload.busy || 'or drop them here'}</Soft>
              <Fill />
              {live.button}
              <ToTakeAway branch={branch} pages={pages} />
            </ActionBar>
            <SiteBar clientId={branch.clientId} />
            {live.outcome}
            {pages.length === 0 ? (
              <EmptyState title="The site has no pages here yet.">
                Read them from the site, or add HTML files, or one zip of them. What you add stays as it is;
                placing shows every change before it is made, and removing restores the source byte for byte.
              </EmptyState>
            ) : (
              <PageTable pages={pages} branch={branch} chosen={page?.id} onChoose={setChosen} />
            )}
          </WithTray>
        </>
      )}
    </DropFrame>
  );
}

/** What goes out as a file: the sheet for whoever looks after a site, and the pages themselves. */
const ToTakeAway = ({ branch, pages }: { branch: Branch; pages: readonly Page[] }) => (
  <>
    <Button component="a" href={linkTo('handOver', { id: branch.id })}>
      Hand-over sheet
    </Button>
    {pages.some(({ site, placements }) => site === null && placements.length > 0) && (
      <Button component="a" href={linkTo('pagesZip', { id: branch.clientId }, { which: 'changed' })}>
        Zip of what changed
      </Button>
    )}
    {pages.length > 0 && (
      <Button component="a" href={linkTo('pagesZip', { id: branch.clientId })}>
        Download all as zip
      </Button>
    )}
  </>
);
