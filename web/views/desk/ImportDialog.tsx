import { Button, Checkbox, DialogActions, DialogContent, FormControlLabel } from '@mui/material';
import { useState } from 'react';
import { linkTo, type ClientSummary } from '#contract';
import { allCountries } from '#core/address';
import { csvEncodings, type CsvEncoding } from '#core/csv';
import { limits } from '#core/limits';
import { useDefaults, useRecords, useSheetColumns } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import { LabelledSelect } from '../../parts/Choice.tsx';
import { FilePick } from '../../parts/FilePick.tsx';
import { Frame } from '../../parts/Frame.tsx';
import { Line, Soft, Telling } from '../../parts/layout.tsx';
import { Loading } from '../../parts/Notice.tsx';
import type { Repair } from './intake.worker.ts';
import { RepairDialog } from './RepairDialog.tsx';
import { SheetMapping } from './SheetMapping.tsx';
import { SheetRows } from './SheetRows.tsx';
import { useSheet, useTakeIn, type Sheet, type SheetTarget } from './useSheetImport.ts';

const ACCEPT = '.csv,.tsv,.txt,.json,.jsonld,.html,.htm,text/csv';

/** Takes branches in from a spreadsheet: columns mapped, rows looked at, then all of the chosen ones or none. */
export default function ImportDialog({ client, onClose }: { client: ClientSummary; onClose: () => void }) {
  const defaults = useDefaults(client.id);
  const known = useSheetColumns(client.id);
  const existing = useRecords(client.id);
  const error = defaults.error ?? known.error ?? existing.error;
  return (
    <Frame title={`Branches of ${client.name} from a spreadsheet`} width="lg" onClose={onClose} tight>
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
    </Frame>
  );
}

function Import({ onClose, ...target }: SheetTarget & { onClose: () => void }) {
  const sheet = useSheet(target);
  const { head, message, undo } = sheet;
  return (
    <>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
        <FileBar client={target.client} sheet={sheet} />
        {!head && !message && (
          <Soft sx={{ maxWidth: 720 }}>
            The first row names the columns: name, street, town, postal code, telephone, hours … in any order
            and wording; what is not recognised can be chosen. Commas, semicolons or tabs, in any encoding a
            spreadsheet writes. JSON-LD and pages with markup are read too, each local business a branch. Rows
            with the code of a branch that is here bring it up to date; you see every change first.
          </Soft>
        )}
        {message && (
          <Telling>
            {message} {undo && <Button onClick={undo}>Undo</Button>}
          </Telling>
        )}
        {head?.ok && <SheetInHand head={head} sheet={sheet} />}
      </DialogContent>
      <TakeIn target={target} sheet={sheet} onClose={onClose} />
    </>
  );
}

function FileBar({
  client,
  sheet: { file, head, home, take, readAs, setHome },
}: {
  client: ClientSummary;
  sheet: Sheet;
}) {
  return (
    <Line sx={{ gap: 1, flexWrap: 'wrap' }}>
      <FilePick label="CSV file of branches" accept={ACCEPT} onPick={(chosen) => void take(chosen)}>
        Choose a file
      </FilePick>
      {client.branches > 0 && (
        <Button component="a" href={linkTo('branchesCsv', { id: client.id })}>
          Save the branches as a spreadsheet
        </Button>
      )}
      {head && file && (
        <>
          <LabelledSelect
            label="Encoding"
            value={head.encoding}
            options={csvEncodings.map((one) => [one, one])}
            onChange={(encoding) => readAs(encoding as CsvEncoding)}
          />
          <LabelledSelect
            label="Country of addresses that name none"
            value={home}
            options={[['', 'not said'], ...allCountries().map(({ code, name }) => [code, name] as const)]}
            onChange={setHome}
          />
        </>
      )}
    </Line>
  );
}

/** The columns and the rows of a sheet that could be read. */
function SheetInHand({
  head,
  sheet: { mapping, rows, setMapping, repair, cellsOf, setCell },
}: {
  head: Extract<Sheet['head'], { ok: true }>;
  sheet: Sheet;
}) {
  const [repairing, setRepairing] = useState<
    { readonly column: number; readonly kind: Repair['kind'] } | undefined
  >();
  return (
    <>
      {head.headings.length > 0 && (
        <SheetMapping
          head={head}
          mapping={mapping}
          onChange={setMapping}
          onRepair={(column, kind) => setRepairing({ column, kind })}
        />
      )}
      <SheetRows rows={rows} headings={head.headings} mapping={mapping} cellsOf={cellsOf} onCell={setCell} />
      {repairing && (
        <RepairDialog
          heading={head.headings[repairing.column] ?? ''}
          kind={repairing.kind}
          onRepair={(how) => {
            setRepairing(undefined);
            void repair(repairing.column, how);
          }}
          onClose={() => setRepairing(undefined)}
        />
      )}
    </>
  );
}

/** What of the sheet comes in, counted, and the button that takes it. */
function TakeIn({ target, sheet, onClose }: { target: SheetTarget; sheet: Sheet; onClose: () => void }) {
  const [leaveOut, setLeaveOut] = useState(false);
  const { faulty, same, chosen, tooMany, busy, ready, submit } = useTakeIn(target, sheet, leaveOut, onClose);
  const isRead = sheet.head?.ok === true;
  const shown = (count: number): string => count.toLocaleString('en');
  return (
    <DialogActions>
      {isRead && (
        <Soft role="status" sx={{ flex: 1, pl: 1 }}>
          {shown(sheet.rows.length)} rows, {shown(faulty)} with something to mend
          {same > 0 && `, ${shown(same)} the same as here`}
          {tooMany && `; at most ${shown(limits.importRows)} at once`}
        </Soft>
      )}
      {isRead && faulty > 0 && (
        <FormControlLabel
          control={<Checkbox size="small" checked={leaveOut} onChange={(_, on) => setLeaveOut(on)} />}
          label="Leave those out"
        />
      )}
      <Button onClick={onClose}>Cancel</Button>
      <Button variant="contained" color="primary" disabled={!ready} onClick={submit}>
        {busy ? 'Taking in …' : `Take in ${chosen.length > 0 && isRead ? shown(chosen.length) : ''}`}
      </Button>
    </DialogActions>
  );
}
