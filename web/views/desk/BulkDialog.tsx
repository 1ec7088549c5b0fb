import { Box, Button, Checkbox, DialogActions, DialogContent, InputBase } from '@mui/material';
import { useDeferredValue, useMemo, useState } from 'react';
import type { BranchRecords, ClientSummary } from '#contract';
import { bulkRows, factLabel, withBulk, type BulkChange, type BusinessRecord } from '#core/record';
import { counted } from '#core/text';
import { useDefaults, useImport, useRecords } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import { useOfferUndo } from '../../parts/actions.ts';
import { DifferentText } from '../../parts/Difference.tsx';
import { Frame } from '../../parts/Frame.tsx';
import { Line, Soft, Telling } from '../../parts/layout.tsx';
import { Loading } from '../../parts/Notice.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { boxed, colour, typeSize } from '../../theme.ts';
import { BulkChoice } from './BulkChoice.tsx';

type Branch = BranchRecords['branches'][number];

/** Changes facts of many branches at once: each change is seen first, and all of them are undone as one. */
export default function BulkDialog({ client, onClose }: { client: ClientSummary; onClose: () => void }) {
  const defaults = useDefaults(client.id);
  const records = useRecords(client.id);
  const error = defaults.error ?? records.error;
  return (
    <Frame title={`Facts of many branches of ${client.name}`} width="lg" onClose={onClose} tight>
      {defaults.data && records.data ? (
        <Bulk
          client={client}
          defaults={defaults.data.record}
          branches={records.data.branches}
          onClose={onClose}
        />
      ) : (
        <DialogContent>{error ? inWords(error) : <Loading />}</DialogContent>
      )}
    </Frame>
  );
}

interface BulkProps {
  readonly client: ClientSummary;
  readonly defaults: BusinessRecord;
  readonly branches: readonly Branch[];
  readonly onClose: () => void;
}

/** What a change does, in words for those who may take it back. */
function titleOf(change: BulkChange): string {
  if (change.kind === 'address') return 'page addresses from the pattern';
  if (change.kind === 'replace') return `“${change.find}” replaced by “${change.by}”`;
  return `${factLabel(change.fact)} ${change.kind === 'set' ? 'set' : 'cleared'}`;
}

/** The branches that a change alters, each with what becomes of its facts. */
function alteredBy(change: BulkChange, branches: readonly Branch[], defaults: BusinessRecord) {
  return branches.flatMap((branch) => {
    const record = withBulk(branch.record, defaults, change);
    const rows = bulkRows(branch.record, record);
    return record === branch.record ? [] : [{ branch, record, rows }];
  });
}

function Bulk({ client, defaults, branches, onClose }: BulkProps) {
  const [change, setChange] = useState<BulkChange>({ kind: 'set', fact: 'priceRange', text: '' });
  const [words, setWords] = useState('');
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [message, setMessage] = useState('');
  const asked = useDeferredValue(change);
  const fitting = useMemo(() => branches.filter(({ label }) => fits(label, words)), [branches, words]);
  const altered = useMemo(() => alteredBy(asked, fitting, defaults), [asked, fitting, defaults]);
  const chosen = altered.filter(({ branch }) => !left.has(branch.id));
  const save = useImport();
  const offerUndo = useOfferUndo();
  const apply = (): void => {
    const input = {
      title: titleOf(change).slice(0, 200),
      branches: chosen.map(({ branch: { id, version, label }, record }) => ({ id, version, label, record })),
    };
    save.mutateAsync({ clientId: client.id, input }).then(
      ({ updated, changeId }) => {
        offerUndo(
          `${counted(updated, 'branch', 'branches')} of ${client.name}: ${titleOf(change)}.`,
          changeId,
          undoButton,
        );
        onClose();
      },
      (error: unknown) => setMessage(`${inWords(error)} Nothing was changed.`),
    );
  };
  const toggle = (id: number): void =>
    setLeft(left.has(id) ? new Set([...left].filter((one) => one !== id)) : new Set([...left, id]));
  return (
    <>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
        <BulkChoice change={change} pattern={defaults.pagePattern} onChange={setChange} />
        <Line as="label">
          Branches with
          <InputBase
            type="search"
            value={words}
            placeholder="any label"
            onChange={({ target }) => setWords(target.value)}
            inputProps={{ 'aria-label': 'Words of the branches' }}
            sx={{ ...boxed, width: 220 }}
          />
        </Line>
        {message && <Telling>{message}</Telling>}
        <Altered altered={altered} left={left} onToggle={toggle} />
      </DialogContent>
      <DialogActions>
        <Soft role="status" sx={{ flex: 1, pl: 1 }}>
          {counted(chosen.length, 'branch', 'branches')} of {fitting.length} would change
        </Soft>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          color="primary"
          disabled={chosen.length === 0 || save.isPending || asked !== change}
          onClick={apply}
        >
          {save.isPending ? 'Changing …' : `Change ${chosen.length > 0 ? String(chosen.length) : ''}`}
        </Button>
      </DialogActions>
    </>
  );
}

const fits = (label: string, words: string): boolean =>
  words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => label.toLowerCase().includes(word));

/** So many branches are shown; all of them are changed. */
const SHOWN = 200;

const table = {
  width: '100%',
  borderCollapse: 'collapse',
  fontSize: typeSize.text,
  '& th, & td': {
    textAlign: 'left',
    verticalAlign: 'top',
    fontWeight: 400,
    py: 0.4,
    px: 0.75,
    borderBottom: `1px solid ${colour.light}`,
  },
  '& thead th': { fontSize: typeSize.small, color: 'text.secondary' },
} as const;

function Altered({
  altered,
  left,
  onToggle,
}: {
  altered: ReturnType<typeof alteredBy>;
  left: ReadonlySet<number>;
  onToggle: (id: number) => void;
}) {
  if (altered.length === 0)
    return (
      <Soft>No branch would change. Say what is to become of which fact; you see every change first.</Soft>
    );
  return (
    <Box sx={{ overflow: 'auto', maxHeight: '46vh' }}>
      <Box component="table" aria-label="What would change" sx={table}>
        <thead>
          <tr>
            <th>Branch</th>
            <th>Fact</th>
            <th>Before, and after</th>
          </tr>
        </thead>
        <tbody>
          {altered.slice(0, SHOWN).map(({ branch: { id, label }, rows }) =>
            rows.map(({ fact, before, after }, at) => (
              <tr key={`${String(id)} ${fact}`}>
                <th scope="row">
                  {at === 0 && (
                    <label>
                      <Checkbox
                        size="small"
                        checked={!left.has(id)}
                        onChange={() => onToggle(id)}
                        sx={{ p: 0, mr: 0.75 }}
                      />
                      {label}
                    </label>
                  )}
                </th>
                <td>{factLabel(fact)}</td>
                <td>
                  <DifferentText reference={before} text={after} />
                </td>
              </tr>
            )),
          )}
        </tbody>
      </Box>
      {altered.length > SHOWN && <Soft>and {altered.length - SHOWN} more</Soft>}
    </Box>
  );
}
