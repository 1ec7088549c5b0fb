import {
  Box,
  Button,
  Checkbox,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
  Select,
} from '@mui/material';
import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import {
  limits,
  megabytes,
  type BranchRecords,
  type ClientSummary,
  type Defaults,
  type Imported,
  type SheetColumns,
} from '#contract';
import { allCountries } from '#core/address';
import { csvEncodings, type Column, type CsvEncoding } from '#core/intake';
import { countryOf } from '#core/record';
import { useDefaults, useImport, useKeepColumns, useRecords, useSheetColumns } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import { useOfferUndo } from '../../parts/actions.ts';
import { Loading } from '../../parts/Notice.tsx';
import { undoButton } from '../../parts/UndoButton.tsx';
import { colour } from '../../theme.ts';
import type { IntakeWorker, Repair, SheetHead, SheetRow } from './intake.worker.ts';
import { RepairDialog } from './RepairDialog.tsx';
import { SheetMapping } from './SheetMapping.tsx';
import { isFaulty, isSame, SheetRows } from './SheetRows.tsx';

/** Takes branches in from a spreadsheet: columns mapped, rows looked at, then all of the chosen ones or none. */
export default function ImportDialog({ client, onClose }: { client: ClientSummary; onClose: () => void }) {
  const defaults = useDefaults(client.id);
  const known = useSheetColumns(client.id);
  const existing = useRecords(client.id);
  const error = defaults.error ?? known.error ?? existing.error;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="lg" aria-labelledby="import-title">
      <DialogTitle id="import-title" sx={{ fontSize: 15, fontWeight: 700, pb: 0.5 }}>
        Branches of {client.name} from a spreadsheet
      </DialogTitle>
      {defaults.data && known.data && existing.data ? (
        <Import
          client={client}
          defaults={defaults.data.record}
          known={known.data.columns}
          existing={existing.data.branches}
          onClose={onClose}
        />
      ) : (
        <DialogContent>{error ? inWords(error) : <Loading />}</DialogContent>
      )}
    </Dialog>
  );
}

const plural = (count: number, noun: string): string =>
  `${count.toLocaleString('en')} ${count === 1 ? noun : `${noun}${noun.endsWith('h') ? 'es' : 's'}`}`;

/** What was done, in a sentence. */
const toldOf = ({ name }: ClientSummary, { added, updated }: Imported): string =>
  [
    added > 0 && `${plural(added, 'branch')} of ${name} taken in`,
    updated > 0 && `${plural(updated, 'branch')}${added > 0 ? '' : ` of ${name}`} brought up to date`,
  ]
    .filter(Boolean)
    .join(', ') + '.';

function Import({
  client,
  defaults,
  known,
  existing,
  onClose,
}: {
  client: ClientSummary;
  defaults: Defaults['record'];
  known: SheetColumns['columns'];
  existing: BranchRecords['branches'];
  onClose: () => void;
}) {
  const worker = useWorker();
  const [file, setFile] = useState<{ readonly name: string; readonly bytes: Uint8Array } | undefined>();
  const [head, setHead] = useState<SheetHead | undefined>();
  const [message, setMessage] = useState('');
  const [mapping, setMapping] = useState<readonly (Column | undefined)[]>([]);
  const [home, setHome] = useState(countryOf(defaults));
  const [rows, setRows] = useState<readonly SheetRow[]>([]);
  /** Counts the changes of cells, after which the rows are read again. */
  const [edits, setEdits] = useState(0);
  const [repairing, setRepairing] = useState<
    { readonly column: number; readonly kind: Repair['kind'] } | undefined
  >();
  const [repaired, setRepaired] = useState<
    { readonly column: number; readonly before: readonly string[] } | undefined
  >();
  const [leaveOut, setLeaveOut] = useState(false);
  const [busy, setBusy] = useState(false);
  const add = useImport();
  const keepColumns = useKeepColumns(client.id);
  const offerUndo = useOfferUndo();

  const open = async (bytes: Uint8Array, encoding?: CsvEncoding): Promise<void> => {
    const read = await worker.open(bytes, encoding, known, defaults.name.trim() !== '');
    setHead(read);
    setMessage(read.ok ? '' : read.message);
    if (read.ok) setMapping(read.columns);
  };
  const take = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return;
    if (chosen.size > limits.csvBytes) {
      setHead(undefined);
      setMessage(
        `${chosen.name} has ${megabytes(chosen.size)}; at most ${megabytes(limits.csvBytes)} are read. Split it into several files. Nothing was taken in.`,
      );
      return;
    }
    const bytes = new Uint8Array(await chosen.arrayBuffer());
    setFile({ name: chosen.name, bytes });
    await open(bytes);
  };
  useEffect(() => {
    let current = true;
    if (head?.ok)
      void worker.branches(mapping, { home, defaults }, existing).then((read) => {
        if (current) setRows(read);
      });
    return () => {
      current = false;
    };
  }, [worker, head, mapping, home, defaults, existing, edits]);

  const faulty = rows.filter(isFaulty).length;
  const same = rows.filter((row) => !isFaulty(row) && isSame(row)).length;
  const chosen = rows.filter((row) => !row.problem && !isSame(row) && !(leaveOut && isFaulty(row)));
  const tooMany = chosen.length > limits.importRows;
  const submit = (): void => {
    setBusy(true);
    if (head?.ok && head.headings.length > 0)
      keepColumns.mutate({
        columns: head.headings.map((heading, at) => ({
          heading: heading.slice(0, 500),
          column: mapping[at] ?? null,
        })),
      });
    const branches = chosen.map(({ id, version, label, record }) => ({ id, version, label, record }));
    add.mutateAsync({ clientId: client.id, input: { title: file?.name.slice(0, 200) ?? '', branches } }).then(
      (imported) => {
        offerUndo(toldOf(client, imported), imported.changeId, undoButton);
        onClose();
      },
      (error: unknown) => {
        setBusy(false);
        setMessage(`${inWords(error)} Nothing was taken in.`);
      },
    );
  };
  const repair = async (column: number, how: Repair): Promise<void> => {
    setRepairing(undefined);
    const { changed, before } = await worker.repair(column, how);
    setMessage(`${plural(changed, 'cell')} changed.`);
    setRepaired({ column, before });
    setEdits((count) => count + 1);
  };
  return (
    <>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' }}>
          <Button component="label">
            Choose a file
            <input
              type="file"
              accept=".csv,.tsv,.txt,.json,.jsonld,.html,.htm,text/csv"
              aria-label="CSV file of branches"
              hidden
              onChange={({ target }) => void take(target.files?.[0])}
            />
          </Button>
          {client.branches > 0 && (
            <Button component="a" href={`/api/clients/${String(client.id)}/branches.csv`}>
              Save the branches as a spreadsheet
            </Button>
          )}
          {head && file && (
            <>
              <LabelledSelect
                label="Encoding"
                value={head.encoding}
                options={csvEncodings.map((one) => [one, one])}
                onChange={(encoding) => void open(file.bytes, encoding as CsvEncoding)}
              />
              <LabelledSelect
                label="Country of addresses that name none"
                value={home}
                options={[['', 'not said'], ...allCountries.map(({ code, name }) => [code, name] as const)]}
                onChange={setHome}
              />
            </>
          )}
        </Box>
        {!head && !message && (
          <Box sx={{ color: 'text.secondary', maxWidth: 720 }}>
            The first row names the columns: name, street, town, postal code, telephone, hours … in any order
            and wording; what is not recognised can be chosen. Commas, semicolons or tabs, in any encoding a
            spreadsheet writes. JSON-LD and pages with markup are read too, each local business a branch. Rows
            with the code of a branch that is here bring it up to date; you see every change first.
          </Box>
        )}
        {message && (
          <Box
            role="alert"
            sx={{ p: 1, border: `1px solid ${colour.plum}`, backgroundColor: colour.plumLight, flex: 'none' }}
          >
            {message}{' '}
            {repaired && (
              <Button
                onClick={() => {
                  void worker.putBack(repaired.column, repaired.before).then(() => {
                    setEdits((count) => count + 1);
                  });
                  setRepaired(undefined);
                  setMessage('');
                }}
              >
                Undo
              </Button>
            )}
          </Box>
        )}
        {head?.ok && (
          <>
            {head.headings.length > 0 && (
              <SheetMapping
                head={head}
                mapping={mapping}
                onChange={setMapping}
                onRepair={(column, kind) => {
                  setRepairing({ column, kind });
                }}
              />
            )}
            <SheetRows
              rows={rows}
              headings={head.headings}
              mapping={mapping}
              cellsOf={(row) => worker.cells(row)}
              onCell={(row, column, text) => {
                void worker.setCell(row, column, text).then(() => {
                  setEdits((count) => count + 1);
                });
              }}
            />
          </>
        )}
      </DialogContent>
      {repairing && head?.ok && (
        <RepairDialog
          heading={head.headings[repairing.column] ?? ''}
          kind={repairing.kind}
          onRepair={(how) => void repair(repairing.column, how)}
          onClose={() => {
            setRepairing(undefined);
          }}
        />
      )}
      <DialogActions>
        {head?.ok && (
          <>
            <Box role="status" sx={{ flex: 1, pl: 1 }}>
              {rows.length.toLocaleString('en')} rows, {faulty.toLocaleString('en')} with something to mend
              {same > 0 && `, ${same.toLocaleString('en')} the same as here`}
              {tooMany && `; at most ${limits.importRows.toLocaleString('en')} at once`}
            </Box>
            {faulty > 0 && (
              <FormControlLabel
                control={
                  <Checkbox
                    size="small"
                    checked={leaveOut}
                    onChange={(_, on) => {
                      setLeaveOut(on);
                    }}
                  />
                }
                label="Leave those out"
              />
            )}
          </>
        )}
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          color="primary"
          disabled={!head?.ok || chosen.length === 0 || tooMany || busy}
          onClick={submit}
        >
          {busy
            ? 'Taking in …'
            : `Take in ${chosen.length > 0 && head?.ok ? chosen.length.toLocaleString('en') : ''}`}
        </Button>
      </DialogActions>
    </>
  );
}

function useWorker(): Remote<IntakeWorker> {
  const [{ remote, worker }] = useState(() => {
    const made = new Worker(new URL('./intake.worker.ts', import.meta.url), { type: 'module' });
    return { worker: made, remote: wrap<IntakeWorker>(made) };
  });
  useEffect(
    () => () => {
      worker.terminate();
    },
    [worker],
  );
  return remote;
}

function LabelledSelect({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly (readonly [string, string])[];
  onChange: (value: string) => void;
}) {
  return (
    <Box component="label" sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
      {label}
      <Select
        size="small"
        native
        value={value}
        onChange={({ target }) => {
          onChange(String(target.value));
        }}
        sx={{ fontSize: 13.5, height: 28 }}
      >
        {options.map(([key, text]) => (
          <option key={key} value={key}>
            {text}
          </option>
        ))}
      </Select>
    </Box>
  );
}
