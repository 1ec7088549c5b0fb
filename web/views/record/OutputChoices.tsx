import { Box, Button, Checkbox, FormControlLabel, Popover, TextField } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { knownFacts, usualOutput, type BusinessRecord, type Output } from '#core/record';
import { Choice } from '../../parts/Choice.tsx';
import { colour, typeSize } from '../../theme.ts';

type Choices = Output['block'];

/** Facts that output may leave out: not those without which there is none, nor those that no markup says. */
const optional = knownFacts.filter(({ property, required, goesWith }) => property && !required && !goesWith);

/** How the record is told: choices that change no fact. They are kept with the record. */
export function OutputChoices({
  output: chosen,
  getRecord,
  change,
}: {
  output: Output | null;
  /** Asked only while the choices are open. */
  getRecord: () => BusinessRecord;
  change: (change: (record: BusinessRecord) => BusinessRecord) => void;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const output = chosen ?? usualOutput;
  const record = anchor ? getRecord() : undefined;
  const set = (next: Partial<Output>): void => {
    change((own) => ({ ...own, output: { ...output, ...next } }));
  };
  const block = (next: Partial<Choices>): void => {
    set({ block: { ...output.block, ...next } });
  };
  const tick = (key: keyof Choices, label: string) => (
    <Tick
      label={label}
      on={Boolean(output.block[key])}
      onChange={(on) => {
        block({ [key]: on });
      }}
    />
  );
  const leaveOut = (where: 'jsonld' | 'block', head: string, out: boolean): void => {
    const list = output.leftOut[where].filter((one) => one !== head);
    set({ leftOut: { ...output.leftOut, [where]: out ? [...list, head] : list } });
  };
  return (
    <>
      <Button
        aria-haspopup="dialog"
        onClick={({ currentTarget }) => {
          setAnchor(currentTarget);
        }}
      >
        Choices{chosen ? ' •' : ''}
      </Button>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => {
          setAnchor(null);
        }}
        anchorOrigin={{ vertical: 'top', horizontal: 'left' }}
        transformOrigin={{ vertical: 'bottom', horizontal: 'center' }}
        slotProps={{
          paper: {
            role: 'dialog',
            'aria-label': 'How the record is told',
            sx: { border: `1px solid ${colour.middle}`, p: 1.5, width: 620, maxHeight: 460 },
          },
        }}
      >
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2 }}>
          <Box>
            <Head>Hours</Head>
            <Row label="In JSON-LD">
              <Choice
                label="Form of hours in JSON-LD"
                value={output.hoursForm}
                options={{ long: 'long form', short: 'short form (no dates, no closed days)' }}
                onChange={(hoursForm) => {
                  set({ hoursForm });
                }}
              />
            </Row>
            <Row label="Clock">
              <Choice
                label="Clock"
                value={output.block.clock}
                options={{ country: 'of the country', 12: '12 hours', 24: '24 hours' }}
                onChange={(clock) => {
                  block({ clock });
                }}
              />
            </Row>
            {tick('closedDays', 'Show closed days')}
            {tick('joinDays', 'Join days with equal hours')}
          </Box>
          <Box>
            <Head>Block</Head>
            <Row label="Set in">
              <Choice
                label="Lines of the block"
                value={output.block.lines}
                options={{ several: 'several lines', one: 'one line' }}
                onChange={(lines) => {
                  block({ lines });
                }}
              />
            </Row>
            {tick('labels', 'Labels before values')}
            {tick('linkTelephone', 'Telephone as a link')}
            {tick('linkEmail', 'Email as a link')}
            {tick('mapLink', 'Link to the map profile')}
            <TextField
              label="Class names begin with"
              value={output.block.classes}
              onChange={({ target }) => {
                if (/^([A-Za-z][\w-]*)?$/.test(target.value)) block({ classes: target.value });
              }}
              sx={{ mt: 1 }}
            />
          </Box>
        </Box>
        <Head>Facts that are told</Head>
        <Box
          component="table"
          sx={{
            borderCollapse: 'collapse',
            '& th': { fontWeight: 400, textAlign: 'left', pr: 2 },
            '& thead th': { fontSize: typeSize.small, color: colour.middle },
          }}
        >
          <thead>
            <tr>
              <th>Fact</th>
              <th>JSON-LD</th>
              <th>Block</th>
            </tr>
          </thead>
          <tbody>
            {optional
              .filter(({ isSet }) => record && isSet(record))
              .map(({ key: head, label }) => (
                <tr key={head}>
                  <th scope="row">{label}</th>
                  {(['jsonld', 'block'] as const).map((where) => (
                    <td key={where}>
                      <Checkbox
                        size="small"
                        checked={!output.leftOut[where].includes(head)}
                        onChange={(_, on) => {
                          leaveOut(where, head, !on);
                        }}
                        slotProps={{
                          input: {
                            'aria-label': `${label} in ${where === 'block' ? 'the block' : 'JSON-LD'}`,
                          },
                        }}
                        sx={{ p: 0.25 }}
                      />
                    </td>
                  ))}
                </tr>
              ))}
          </tbody>
        </Box>
        {chosen && (
          <Button
            sx={{ mt: 1 }}
            onClick={() => {
              change((own) => ({ ...own, output: null }));
            }}
          >
            Back to the usual way
          </Button>
        )}
      </Popover>
    </>
  );
}

const Head = ({ children }: { children: string }) => (
  <Box sx={{ fontSize: typeSize.small, fontWeight: 700, color: colour.middle, mt: 0.5 }}>{children}</Box>
);

const Row = ({ label, children }: { label: string; children: ReactNode }) => (
  <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
    <Box sx={{ width: 76, color: 'text.secondary' }}>{label}</Box>
    {children}
  </Box>
);

const Tick = ({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) => (
  <FormControlLabel
    control={
      <Checkbox
        size="small"
        checked={on}
        onChange={(_, next) => {
          onChange(next);
        }}
        sx={{ py: 0.25 }}
      />
    }
    label={label}
    sx={{ display: 'flex' }}
  />
);
