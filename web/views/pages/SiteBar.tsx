import { Box, Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { Site } from '#contract';
import { counted } from '#core/text';
import { readSite, settledRun, useDeleteSite, useRefreshPages, useSites } from '../../api/pages.ts';
import { useComplain } from '../../parts/actions.ts';
import { Fill, ListRow, Plain, Soft } from '../../parts/layout.tsx';
import { Failure } from '../../parts/Notice.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { SiteDialog } from './SiteDialog.tsx';
import { WAYS } from './siteFields.ts';

/** The client's sites, each with how it is reached and when its pages were read. */
export function SiteBar({ clientId }: { clientId: number }) {
  const { data, error } = useSites(clientId);
  const [open, setOpen] = useState<Site | 'new' | undefined>();
  const reading = useReading();
  return (
    <Box component="section" aria-label="Sites">
      {error && <Failure error={error} />}
      <Plain aria-label="Sites of this client">
        {data?.sites.map((site) => (
          <SiteRow key={site.id} site={site} reading={reading} onOpen={() => setOpen(site)} />
        ))}
        <ListRow>
          <Soft>
            {data?.sites.length === 0
              ? 'No site yet: pages can be added as files, or come from the site itself.'
              : 'Another site of this client?'}
          </Soft>
          <Button sx={{ py: 0 }} onClick={() => setOpen('new')}>
            Add a site
          </Button>
        </ListRow>
      </Plain>
      {open && (
        <SiteDialog
          clientId={clientId}
          site={open === 'new' ? undefined : open}
          onClose={() => setOpen(undefined)}
          onKept={(id) => {
            setOpen(undefined);
            reading.begin(id);
          }}
        />
      )}
    </Box>
  );
}

interface Reading {
  readonly siteId: number | undefined;
  readonly words: string;
  readonly begin: (siteId: number) => void;
}

/** Reads the pages of a site, one site at a time, and tells what came of it. */
function useReading(): Reading {
  const [going, setGoing] = useState<Omit<Reading, 'begin'>>({ siteId: undefined, words: '' });
  const complain = useComplain();
  const refresh = useRefreshPages();
  const { enqueueSnackbar } = useSnackbar();
  const read = async (siteId: number): Promise<void> => {
    const { id } = await readSite(siteId);
    const { state, problem } = await settledRun(id, ({ job }) => {
      if (job && job.total > 0)
        setGoing({ siteId, words: `${String(job.done)} of ${counted(job.total, 'page')} read` });
    });
    if (state === 'failed') throw new Error(problem);
    enqueueSnackbar(problem || 'The pages are here as the site has them now.');
  };
  return {
    ...going,
    begin: (siteId) => {
      setGoing({ siteId, words: 'reading …' });
      read(siteId)
        .catch(complain)
        .finally(() => {
          setGoing({ siteId: undefined, words: '' });
          void refresh();
        });
    },
  };
}

function SiteRow({ site, reading, onOpen }: { site: Site; reading: Reading; onOpen: () => void }) {
  const { id, name, access, pages, read } = site;
  const remove = useDeleteSite();
  const complain = useComplain();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const forget = (): void => {
    remove.mutateAsync({ id, restore: false }).then(() => {
      const key = enqueueSnackbar(`${name} was deleted here; the site itself stays as it is.`, {
        autoHideDuration: 12_000,
        action: undoButton(() => {
          closeSnackbar(key);
          remove.mutateAsync({ id, restore: true }).catch(complain);
        }),
      });
    }, complain);
  };
  const isRead = reading.siteId === id;
  return (
    <ListRow data-site={name}>
      <b>{name}</b>
      <Soft>
        {WAYS[access.way]}
        {access.way === 'hand' && ': people paste what is handed over'}
        {`, ${counted(pages, 'page')}, ${read ? `read ${new Date(read).toLocaleString()}` : 'not read yet'}`}
      </Soft>
      <Fill />
      {isRead && <Soft role="status">{reading.words}</Soft>}
      <Button sx={{ py: 0 }} disabled={reading.siteId !== undefined} onClick={() => reading.begin(id)}>
        {access.way === 'hand' ? 'Find its pages' : 'Read its pages'}
      </Button>
      <Button variant="text" sx={{ py: 0 }} onClick={onOpen} aria-label={`Change the site ${name}`}>
        Change
      </Button>
      <Button variant="text" sx={{ py: 0 }} onClick={forget} aria-label={`Delete the site ${name}`}>
        Delete
      </Button>
    </ListRow>
  );
}
