import {
  Box,
  Button,
  Checkbox,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
  MenuItem,
  Select,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
} from '@mui/material';
import { useVirtualizer } from '@tanstack/react-virtual';
import { wrap, type Remote } from 'comlink';
import { useSnackbar } from 'notistack';
import { useEffect, useMemo, useRef, useState } from 'react';
import { limits, megabytes, type ClientSummary } from '#contract';
import { allCountries } from '#core/address';
import {
  columnLabel,
  csvEncodings,
  wholeColumns,
  type Column,
  type CsvEncoding,
  type ImportedBranch,
} from '#core/intake';
import { countryOf, factLabel, factRows } from '#core/record';
import { useDefaults, useImport } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import { GradeMark } from '../../parts/Marks.tsx';
import { colour } from '../../theme.ts';
import type { IntakeWorker, SheetHead } from './intake.worker.ts';

const columns: readonly Column[] = [...wholeColumns, ...factRows.map(({ fact }) => fact)];

/** Takes branches in from a spreadsheet: columns mapped, rows looked at, then all of the chosen ones or none. */
export default function ImportDialog({ client, onClose }: { client: ClientSummary; onClose: () => void }) {
  const worker = useWorker();
  const [bytes, setBytes] = useState<Uint8Array | undefined>();
  const [head, setHead] = useState<SheetHead | undefined>();
  const [message, setMessage] = useState('');
  const [mapping, setMapping] = useState<readonly (Column | undefined)[]>([]);
  const [chosenHome, setHome] = useState<string | undefined>();
  const { data: defaults } = useDefaults(client.id);
  const home = chosenHome ?? (defaults ? countryOf(defaults.record) : '');
  const [branches, setBranches] = useState<readonly ImportedBranch[]>([]);
  const [leaveOut, setLeaveOut] = useState(false);
  const [busy, setBusy] = useState(false);
  const add = useImport();
  const { enqueueSnackbar } = useSnackbar();

  const open = async (file: Uint8Array, encoding?: CsvEncoding): Promise<void> => {
    const read = await worker.open(file, encoding);
    setHead(read);
    setMessage(read.ok ? '' : read.message);
    if (read.ok) setMapping(read.columns);
  };
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    if (file.size > limits.csvBytes) {
      setHead(undefined);
      setMessage(
        `${file.name} has ${megabytes(file.size)}; at most ${megabytes(limits.csvBytes)} are read. Split it into several files. Nothing was taken in.`,
      );
      return;
    }
    const read = new Uint8Array(await file.arrayBuffer());
    setBytes(read);
    await open(read);
  };
  useEffect(() => {
    let current = true;
    if (head?.ok)
      void worker.branches(mapping, home).then((read) => {
        if (current) setBranches(read);
      });
    return () => {
      current = false;
    };
  }, [worker, head, mapping, home]);

  const isFaulty = ({ faults, label }: ImportedBranch): boolean =>
    !label || faults.some(({ grade }) => grade === 'must');
  const faulty = branches.filter(isFaulty).length;
  const chosen = leaveOut
    ? branches.filter((branch) => !isFaulty(branch))
    : branches.filter(({ label }) => label);
  const tooMany = chosen.length > limits.importRows;
  const submit = (): void => {
    setBusy(true);
    add
      .mutateAsync({
        clientId: client.id,
        input: { branches: chosen.map(({ label, record }) => ({ label, record })) },
      })
      .then(
        ({ added }) => {
          enqueueSnackbar(
            `${added.toLocaleString('en')} ${added === 1 ? 'branch' : 'branches'} of ${client.name} taken in.`,
          );
          onClose();
        },
        (error: unknown) => {
          setBusy(false);
          setMessage(`${inWords(error)} Nothing was taken in.`);
        },
      );
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="lg" aria-labelledby="import-title">
      <DialogTitle id="import-title" sx={{ fontSize: 15, fontWeight: 700, pb: 0.5 }}>
        Branches of {client.name} from a spreadsheet
      </DialogTitle>
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
          {head && bytes && (
            <>
              <LabelledSelect
                label="Encoding"
                value={head.encoding}
                options={csvEncodings.map((one) => [one, one])}
                onChange={(encoding) => void open(bytes, encoding as CsvEncoding)}
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
            spreadsheet writes. JSON-LD and pages with markup are read too, each local business a branch.
            Nothing is taken in before you have seen every row.
          </Box>
        )}
        {message && (
          <Box
            role="alert"
            sx={{ p: 1, border: `1px solid ${colour.plum}`, backgroundColor: colour.plumLight }}
          >
            {message}
          </Box>
        )}
        {head?.ok && (
          <>
            {head.headings.length > 0 && <Mapping head={head} mapping={mapping} onChange={setMapping} />}
            <Preview branches={branches} isFaulty={isFaulty} />
          </>
        )}
      </DialogContent>
      <DialogActions>
        {head?.ok && (
          <>
            <Box role="status" sx={{ flex: 1, pl: 1 }}>
              {branches.length.toLocaleString('en')} rows, {faulty.toLocaleString('en')} with something to
              mend
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
    </Dialog>
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

/** Each column of the file with what it holds. */
function Mapping({
  head,
  mapping,
  onChange,
}: {
  head: Extract<SheetHead, { ok: true }>;
  mapping: readonly (Column | undefined)[];
  onChange: (mapping: readonly (Column | undefined)[]) => void;
}) {
  return (
    <Box
      tabIndex={0}
      role="region"
      aria-label="Columns"
      sx={{ overflowX: 'auto', border: `1px solid ${colour.light}`, flex: 'none' }}
    >
      <Table size="small">
        <TableHead>
          <TableRow>
            {head.headings.map((heading, at) => (
              <TableCell key={at} sx={{ minWidth: 130 }}>
                {heading || `Column ${String(at + 1)}`}
                <Select
                  size="small"
                  variant="standard"
                  fullWidth
                  displayEmpty
                  value={mapping[at] ?? ''}
                  onChange={({ target }) => {
                    const column = columns.find((one) => one === target.value);
                    onChange(
                      mapping.map((one, place) => (place === at ? column : one === column ? undefined : one)),
                    );
                  }}
                  inputProps={{ 'aria-label': `What ${heading} holds` }}
                  sx={{ fontSize: 13, fontWeight: 400, color: mapping[at] ? colour.plum : colour.middle }}
                >
                  <MenuItem value="">not taken</MenuItem>
                  {columns.map((column) => (
                    <MenuItem key={column} value={column}>
                      {columnLabel(column)}
                    </MenuItem>
                  ))}
                </Select>
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {head.samples.map((row, at) => (
            <TableRow key={at}>
              {head.headings.map((_, column) => (
                <TableCell
                  key={column}
                  sx={{
                    maxWidth: 220,
                    overflow: 'hidden',
                    textOverflow: 'ellipsis',
                    whiteSpace: 'nowrap',
                    color: 'text.secondary',
                  }}
                >
                  {row[column]}
                </TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}

const ROW = 26;

/** What each row becomes, those with faults first. */
function Preview({
  branches,
  isFaulty,
}: {
  branches: readonly ImportedBranch[];
  isFaulty: (branch: ImportedBranch) => boolean;
}) {
  const surface = useRef<HTMLDivElement>(null);
  const sorted = useMemo(
    () =>
      branches
        .map((branch, at) => ({ branch, row: at + 2, faulty: isFaulty(branch) }))
        .sort((a, b) => Number(b.faulty) - Number(a.faulty) || a.row - b.row),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is faulty follows from the branches
    [branches],
  );
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are called here only, never memoised
  const virtual = useVirtualizer({
    count: sorted.length,
    getScrollElement: () => surface.current,
    estimateSize: () => ROW,
    overscan: 10,
  });
  return (
    <Box
      ref={surface}
      tabIndex={0}
      role="list"
      aria-label="Rows"
      sx={{ height: 260, overflow: 'auto', border: `1px solid ${colour.light}` }}
    >
      <Box sx={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map(({ index, start }) => {
          const one = sorted[index];
          if (!one) return null;
          const { branch, row } = one;
          const [fault] = branch.faults;
          const { streetAddress, addressLocality } = branch.record.address;
          return (
            <Box
              key={index}
              role="listitem"
              sx={{
                position: 'absolute',
                top: start,
                left: 0,
                right: 0,
                height: ROW,
                display: 'grid',
                gridTemplateColumns: '52px 190px 220px 130px 1fr',
                gap: 1,
                px: 1,
                alignItems: 'center',
                borderBottom: `1px solid ${colour.light}`,
                '& > *': { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' },
              }}
            >
              <Box sx={{ color: 'text.secondary' }}>{row}</Box>
              <Box sx={{ fontWeight: 600 }}>{branch.label || '(no label)'}</Box>
              <Box>{[streetAddress, addressLocality].filter(Boolean).join(', ')}</Box>
              <Box>{branch.record.telephone}</Box>
              <Box
                title={branch.faults.map(({ message }) => message).join('\n')}
                sx={{ display: 'flex', gap: 0.75 }}
              >
                {!branch.label && (
                  <>
                    <GradeMark grade="must" /> A row needs a label, a name or an address.
                  </>
                )}
                {fault && (
                  <>
                    <GradeMark grade={fault.grade} />
                    {factLabel(fault.fact)}: {fault.message}
                    {branch.faults.length > 1 && ` (and ${String(branch.faults.length - 1)} more)`}
                  </>
                )}
              </Box>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
