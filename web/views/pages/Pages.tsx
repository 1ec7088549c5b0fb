import {
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  Link,
  MenuItem,
  Select,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
} from '@mui/material';
import { useMemo, useState } from 'react';
import type { Branch, Page } from '#contract';
import { writeMarkup, type MarkupForm } from '#core/markup';
import { place, placedOn, remove, type Placement } from '#core/page';
import { businessesIn, readSource } from '#core/reading';
import { factLabel, refusalOfAddresses } from '#core/record';
import { useToldBranch, usePages, usePageSource, usePlace, useRemovePlaced } from '../../api/queries.ts';
import { useComplain, useDeleteWithUndo, useOfferUndo } from '../../parts/actions.ts';
import { DifferencePane } from '../../parts/CodePane.tsx';
import { ActionBar, DropFrame } from '../../parts/Drop.tsx';
import { GradeMark, SealMark, StaleMark } from '../../parts/Marks.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { useBranchId } from '../../parts/place.ts';
import { PaneBar, WithTray } from '../../parts/Tray.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { useUploadPages } from './useUploadPages.tsx';

/** What a placement is called, and where it stands. */
const CHOICES = [
  { label: 'JSON-LD in the head', form: 'jsonld', at: 'head' },
  { label: 'JSON-LD at the end of the body', form: 'jsonld', at: 'body-end' },
  { label: 'NAP block at the end of the body', form: 'microdata', at: 'body-end' },
] as const satisfies readonly { label: string; form: MarkupForm; at: Placement }[];

const FORM_LABEL: Readonly<Record<MarkupForm, string>> = {
  jsonld: 'JSON-LD',
  graph: 'JSON-LD graph',
  microdata: 'NAP block',
  rdfa: 'NAP block with RDFa',
};

/** The site's pages, what is placed on each, and what placing does to the source. */
export default function Pages() {
  const branchId = useBranchId();
  const branch = useToldBranch(branchId);
  const pages = usePages(branch.data?.clientId);
  const error = branch.error ?? pages.error;
  if (error && !(branch.data && pages.data)) return <Failure error={error} />;
  if (!branch.data || !pages.data) return <Loading />;
  return <PagesOf branch={branch.data} pages={pages.data.pages} />;
}

function PagesOf({ branch, pages }: { branch: Branch; pages: readonly Page[] }) {
  const [chosen, setChosen] = useState<number | undefined>();
  const own = pages.find(({ ownBranch }) => ownBranch?.id === branch.id);
  const page = pages.find(({ id }) => id === chosen) ?? own ?? pages[0];
  const upload = useUploadPages(branch.clientId);
  return (
    <DropFrame label="Pages or a zip to add" onFiles={upload.take}>
      {(open) => (
        <>
          {upload.question}
          <WithTray
            name="pages"
            label="What placing changes"
            height={360}
            tray={
              page ? (
                <PlacingTray key={page.id} branch={branch} page={page} />
              ) : (
                <PaneBar title="Difference" />
              )
            }
          >
            <ActionBar>
              <Button onClick={open}>Add pages or a zip</Button>
              <Box sx={{ color: 'text.secondary' }}>{upload.busy || 'or drop them anywhere here'}</Box>
              <Box sx={{ flex: 1 }} />
              {pages.length > 0 && (
                <Button component="a" href={`/api/clients/${String(branch.clientId)}/pages.zip`}>
                  Download all as zip
                </Button>
              )}
            </ActionBar>
            {pages.length === 0 ? (
              <EmptyState title="The site has no pages here yet.">
                Add its HTML files, or one zip of them. What you add stays as it is; placing shows every
                change before it is made, and removing restores the source byte for byte.
              </EmptyState>
            ) : (
              <PageTable pages={pages} branchId={branch.id} chosen={page?.id} onChoose={setChosen} />
            )}
          </WithTray>
        </>
      )}
    </DropFrame>
  );
}

function PageTable({
  pages,
  branchId,
  chosen,
  onChoose,
}: {
  pages: readonly Page[];
  branchId: number;
  chosen: number | undefined;
  onChoose: (id: number) => void;
}) {
  const removePage = useDeleteWithUndo();
  return (
    <Table size="small" stickyHeader aria-label="Pages">
      <TableHead>
        <TableRow>
          <TableCell>Page</TableCell>
          <TableCell>Placed</TableCell>
          <TableCell>A machine reads</TableCell>
          <TableCell>Encoding</TableCell>
          <TableCell aria-label="Actions" />
        </TableRow>
      </TableHead>
      <TableBody>
        {pages.map((page) => (
          <TableRow
            key={page.id}
            hover
            selected={page.id === chosen}
            onClick={() => {
              onChoose(page.id);
            }}
            sx={{ cursor: 'pointer' }}
          >
            <TableCell component="th" scope="row">
              <Link
                component="button"
                type="button"
                underline="hover"
                aria-pressed={page.id === chosen}
                onClick={() => {
                  onChoose(page.id);
                }}
                sx={{ font: 'inherit', fontWeight: 600 }}
              >
                {page.path}
              </Link>
              {page.ownBranch && (
                <Box component="span" sx={{ ml: 1, color: 'text.secondary' }}>
                  {page.ownBranch.id === branchId ? 'this branch’s page' : `page of ${page.ownBranch.label}`}
                </Box>
              )}
            </TableCell>
            <TableCell>
              <Placements page={page} />
            </TableCell>
            <TableCell sx={{ color: 'text.secondary' }}>
              {page.problem ||
                [
                  page.items.jsonld && `${String(page.items.jsonld)} JSON-LD`,
                  page.items.microdata && `${String(page.items.microdata)} microdata`,
                ]
                  .filter(Boolean)
                  .join(', ') ||
                'nothing'}
            </TableCell>
            <TableCell sx={{ color: 'text.secondary' }}>{page.encoding}</TableCell>
            <TableCell sx={{ whiteSpace: 'nowrap', textAlign: 'right' }}>
              <Button
                variant="text"
                component="a"
                href={`/api/pages/${String(page.id)}/download`}
                aria-label={`Download ${page.path}`}
                onClick={(event) => {
                  event.stopPropagation();
                }}
                sx={{ py: 0, fontWeight: 400, color: 'text.secondary' }}
              >
                Download
              </Button>
              <Button
                variant="text"
                aria-label={`Delete ${page.path}`}
                onClick={(event) => {
                  event.stopPropagation();
                  removePage({ kind: 'pages', id: page.id }, page.path, undoButton);
                }}
                sx={{ py: 0, fontWeight: 400, color: 'text.secondary' }}
              >
                Delete
              </Button>
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

function Placements({ page }: { page: Page }) {
  if (page.placements.length === 0)
    return (
      <Box component="span" sx={{ color: 'text.secondary' }}>
        nothing
      </Box>
    );
  return (
    <>
      {page.placements.map(({ form, branchLabel, state, misread }) => (
        <Box
          key={form}
          data-placement={form}
          data-state={state}
          sx={{ display: 'flex', gap: 0.75, alignItems: 'center' }}
        >
          {state === 'proved' ? (
            <SealMark />
          ) : state === 'out-of-date' ? (
            <StaleMark />
          ) : (
            <GradeMark grade="must" />
          )}
          {FORM_LABEL[form]} of {branchLabel}:{' '}
          {state === 'out-of-date' ? 'out of date' : state === 'absent' ? 'not found on the page' : state}
          {misread.length > 0 && ` (${misread.map(({ fact }) => factLabel(fact)).join(', ')})`}
        </Box>
      ))}
    </>
  );
}

/** The page as it is beside the page as it will be, and the buttons that make it so. */
function PlacingTray({ branch, page }: { branch: Branch; page: Page }) {
  const [choice, setChoice] = useState<number>(0);
  const { form, at } = CHOICES[choice] ?? CHOICES[0];
  const source = usePageSource(page.id, JSON.stringify(page.placements) + String(page.size));
  const [placing, removing] = [usePlace(), useRemovePlaced()];
  const complain = useComplain();
  const placed = page.placements.find((one) => one.form === form);
  const offerUndo = useOfferUndo();
  const [asking, setAsking] = useState(false);
  const result = useMemo(
    () =>
      source.data === undefined
        ? undefined
        : place(source.data, form, writeMarkup(branch.record, form).text, at),
    [source.data, branch.record, form, at],
  );
  const others = useMemo(() => (result?.ok ? strangers(result.source, form) : 0), [result, form]);
  const busy = placing.isPending || removing.isPending;
  const refused = refusalOfAddresses(branch.record, factLabel);
  const isForeign = page.ownBranch !== null && page.ownBranch.id !== branch.id;
  const put = (): void => {
    setAsking(false);
    placing
      .mutateAsync({ pageId: page.id, input: { branchId: branch.id, form, at, foreign: isForeign } })
      .then(({ page: { placements }, changeId }) => {
        offerUndo(
          placements.find((one) => one.form === form)?.state === 'proved'
            ? `${branch.label} placed on ${page.path}, read back and proved.`
            : `${branch.label} placed on ${page.path}, but not all reads back as meant.`,
          changeId,
          undoButton,
        );
      }, complain);
  };
  const take = (): void => {
    removing.mutateAsync({ pageId: page.id, form }).then(({ changeId }) => {
      const message = `${FORM_LABEL[form]} removed from ${page.path}; its source is as it was.`;
      offerUndo(message, changeId, undoButton);
    }, complain);
  };
  return (
    <>
      <PaneBar title={`${page.path}: as it is, and as it will be`}>
        <Select
          size="small"
          value={choice}
          onChange={({ target }) => {
            setChoice(Number(target.value));
          }}
          inputProps={{ 'aria-label': 'What to place, and where' }}
          sx={{ fontSize: 13.5, '& .MuiSelect-select': { py: 0.3 } }}
        >
          {CHOICES.map(({ label }, index) => (
            <MenuItem key={label} value={index}>
              {label}
            </MenuItem>
          ))}
        </Select>
        <Button
          variant="contained"
          color="primary"
          disabled={busy || !result?.ok || refused !== ''}
          onClick={() => {
            if (isForeign) setAsking(true);
            else put();
          }}
        >
          {placed ? 'Place again' : 'Place'}
        </Button>
        <Button disabled={busy || !placed} onClick={take}>
          Remove
        </Button>
      </PaneBar>
      <AskForeign
        open={asking}
        branch={branch.label}
        page={page}
        onCancel={() => {
          setAsking(false);
        }}
        onPlace={put}
      />
      {refused && (
        <Box role="alert" sx={{ px: 1.5, py: 0.5, display: 'flex', gap: 0.75, alignItems: 'center' }}>
          <GradeMark grade="must" /> {refused}
        </Box>
      )}
      {others > 0 && (
        <Box sx={{ px: 1.5, py: 0.5, display: 'flex', gap: 0.75, alignItems: 'center' }}>
          <GradeMark grade="should" /> The page carries other {form === 'jsonld' ? 'JSON-LD' : 'microdata'} of
          a business as well; a machine reads both. Take the old one out if they describe the same branch.
        </Box>
      )}
      {source.error ? (
        <Failure error={source.error} />
      ) : !result ? (
        <Loading />
      ) : !result.ok ? (
        <Failure error={new Error(result.message)} />
      ) : result.source === source.data ? (
        <Unchanged before={remove(source.data, form)} now={source.data} />
      ) : (
        <DifferencePane before={source.data ?? ''} after={result.source} label="Source of the page" />
      )}
    </>
  );
}

/** Asks whether a branch is really meant for the page of another. */
function AskForeign({
  open,
  branch,
  page,
  onCancel,
  onPlace,
}: {
  open: boolean;
  branch: string;
  page: Page;
  onCancel: () => void;
  onPlace: () => void;
}) {
  return (
    <Dialog open={open} onClose={onCancel} aria-labelledby="foreign-title">
      <DialogTitle id="foreign-title">
        {page.path} is the page of {page.ownBranch?.label}
      </DialogTitle>
      <DialogContent>
        The markup of {branch} there would tell machines that {page.ownBranch?.label} is another business. Is
        it meant?
      </DialogContent>
      <DialogActions>
        <Button autoFocus onClick={onCancel}>
          Leave the page as it is
        </Button>
        <Button onClick={onPlace}>Place {branch} there all the same</Button>
      </DialogActions>
    </Dialog>
  );
}

/** How many businesses a machine reads in the same syntax beside what we place. */
function strangers(source: string, form: MarkupForm): number {
  const ours = placedOn(source).find((placed) => placed.form === form);
  return businessesIn(readSource(source).items).filter(
    ({ syntax, place: at }) => syntax === form && ours && (at.start < ours.start || at.end > ours.end),
  ).length;
}

/** What is placed is what the record yields now: the difference to the page without it. */
function Unchanged({ before, now }: { before: string; now: string }) {
  return (
    <>
      <Box sx={{ px: 1.5, py: 0.5, color: 'text.secondary' }}>
        <SealMark /> What stands on the page is what the record yields now. Left: the page without it.
      </Box>
      <DifferencePane before={before} after={now} label="Source of the page" />
    </>
  );
}
