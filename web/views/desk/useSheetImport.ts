import { wrap, type Remote } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type { BranchRecords, ClientSummary, Defaults, Imported, SheetColumns } from '#contract';
import type { CsvEncoding } from '#core/csv';
import type { Column } from '#core/intake';
import { limits, megabytes } from '#core/limits';
import { countryOf } from '#core/record';
import { counted } from '#core/text';
import { useImport, useKeepColumns } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import { useOfferUndo } from '../../parts/actions.ts';
import { undoButton } from '../../parts/UndoButton.tsx';
import type { IntakeWorker, Repair, SheetHead, SheetRow } from './intake.worker.ts';
import { isFaulty, isSame } from './sheetRow.ts';

/** What a sheet is taken in for, and what is known of it. */
export interface SheetTarget {
  readonly client: ClientSummary;
  readonly defaults: Defaults['record'];
  readonly known: SheetColumns['columns'];
  readonly existing: BranchRecords['branches'];
}

const branches = (count: number): string => counted(count, 'branch', 'branches');

/** What was done, in a sentence. */
const toldOf = ({ name }: ClientSummary, { added, updated }: Imported): string =>
  [
    added > 0 && `${branches(added)} of ${name} taken in`,
    updated > 0 && `${branches(updated)}${added > 0 ? '' : ` of ${name}`} brought up to date`,
  ]
    .filter(Boolean)
    .join(', ') + '.';

/** A sheet in hand: its file, its columns, and the cells as they were mended. What is said of it stands in `message`. */
export function useSheet({ defaults, known, existing }: SheetTarget) {
  const worker = useIntakeWorker();
  const [file, setFile] = useState<{ readonly name: string; readonly bytes: Uint8Array } | undefined>();
  const [head, setHead] = useState<SheetHead | undefined>();
  const [message, setMessage] = useState('');
  const [mapping, setMapping] = useState<readonly (Column | undefined)[]>([]);
  const [home, setHome] = useState(countryOf(defaults));
  const [rows, setRows] = useState<readonly SheetRow[]>([]);
  /** Counts the changes of cells, after which the rows are read again. */
  const [edits, setEdits] = useState(0);
  const [undo, setUndo] = useState<(() => void) | undefined>();
  const edited = (): void => setEdits((count) => count + 1);
  const open = async (bytes: Uint8Array, encoding?: CsvEncoding): Promise<void> => {
    const read = await worker.open(bytes, encoding, known, defaults.name.trim() !== '');
    setHead(read);
    setMessage(read.ok ? '' : read.message);
    if (!read.ok) return;
    setMapping(read.columns);
    if (read.home) setHome((chosen) => chosen || read.home);
  };
  const take = async (chosen: File): Promise<void> => {
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
  const repair = async (column: number, how: Repair): Promise<void> => {
    const { changed, before } = await worker.repair(column, how);
    setMessage(`${counted(changed, 'cell')} changed.`);
    setUndo(() => () => {
      void worker.putBack(column, before).then(edited);
      setUndo(undefined);
      setMessage('');
    });
    edited();
  };
  const setCell = (row: number, column: number, text: string): void =>
    void worker.setCell(row, column, text).then(edited);
  const cellsOf = (row: number): Promise<readonly string[]> => worker.cells(row);
  const readAs = (encoding: CsvEncoding): void => void (file && open(file.bytes, encoding));
  const state = { file, head, message, mapping, home, rows, undo };
  return { ...state, take, readAs, repair, setCell, cellsOf, setMapping, setHome, setMessage };
}

export type Sheet = ReturnType<typeof useSheet>;

/** What of a sheet comes in, and the act that takes it: all of it or nothing. */
export function useTakeIn({ client }: SheetTarget, sheet: Sheet, leaveOut: boolean, onDone: () => void) {
  const { head, rows, mapping, file, setMessage } = sheet;
  const [busy, setBusy] = useState(false);
  const add = useImport();
  const keepColumns = useKeepColumns(client.id);
  const offerUndo = useOfferUndo();
  const counts = useMemo(() => {
    const faulty = rows.filter(isFaulty).length;
    const same = rows.filter((row) => !isFaulty(row) && isSame(row)).length;
    const chosen = rows.filter((row) => !row.problem && !isSame(row) && !(leaveOut && isFaulty(row)));
    return { faulty, same, chosen, tooMany: chosen.length > limits.importRows };
  }, [rows, leaveOut]);
  const submit = (): void => {
    setBusy(true);
    if (head?.ok && head.headings.length > 0)
      keepColumns.mutate({
        columns: head.headings.map((heading, at) => ({
          heading: heading.slice(0, 500),
          column: mapping[at] ?? null,
        })),
      });
    const input = {
      title: file?.name.slice(0, 200) ?? '',
      branches: counts.chosen.map(({ id, version, label, record }) => ({ id, version, label, record })),
    };
    add.mutateAsync({ clientId: client.id, input }).then(
      (imported) => {
        offerUndo(toldOf(client, imported), imported.changeId, undoButton);
        onDone();
      },
      (error: unknown) => {
        setBusy(false);
        setMessage(`${inWords(error)} Nothing was taken in.`);
      },
    );
  };
  return { ...counts, busy, submit, ready: head?.ok && counts.chosen.length > 0 && !counts.tooMany && !busy };
}

function useIntakeWorker(): Remote<IntakeWorker> {
  const [{ remote, worker }] = useState(() => {
    const made = new Worker(new URL('./intake.worker.ts', import.meta.url), { type: 'module' });
    return { worker: made, remote: wrap<IntakeWorker>(made) };
  });
  useEffect(() => () => worker.terminate(), [worker]);
  return remote;
}
