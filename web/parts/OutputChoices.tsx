import { Box, Button, Checkbox, Popover, TextField } from '@mui/material';
import { useState } from 'react';
import { knownFacts, usualOutput, type BusinessRecord, type Output } from '#core/record';
import { Choice } from './Choice.tsx';
import { Tick } from './Tick.tsx';
import { colour, typeSize } from '../theme.ts';
import { ChoiceHead, ChoiceRow } from './ChoiceRow.tsx';
import { PeopleChoices } from './PeopleChoices.tsx';

type Choices = Output['block'];

/** Facts that output may leave out: not those without which there is none, nor those that no markup says. */
const optional = knownFacts.filter(({ property, required, goesWith }) => property && !required && !goesWith);

interface OutputProps {
  readonly output: Output;
  readonly set: (next: Partial<Output>) => void;
}

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
  const set = (next: Partial<Output>): void => change((own) => ({ ...own, output: { ...output, ...next } }));
  return (
    <>
      <Button aria-haspopup="dialog" onClick={({ currentTarget }) => setAnchor(currentTarget)}>
        Choices{chosen ? ' •' : ''}
      </Button>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'top', horizontal: 'left' }}
        transformOrigin={{ vertical: 'bottom', horizontal: 'center' }}
        slotProps={{ paper }}
      >
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2 }}>
          <div>
            <HoursChoices output={output} set={set} />
            <BlockChoices output={output} set={set} />
          </div>
          {anchor && (
            <PeopleChoices
              block={output.block}
              record={getRecord()}
              set={(next) => set({ block: { ...output.block, ...next } })}
            />
          )}
        </Box>
        {anchor && <ToldFacts output={output} set={set} record={getRecord()} />}
        {chosen && (
          <Button sx={{ mt: 1 }} onClick={() => change((own) => ({ ...own, output: null }))}>
            Back to the usual way
          </Button>
        )}
      </Popover>
    </>
  );
}

const paper = {
  role: 'dialog',
  'aria-label': 'How the record is told',
  sx: { border: `1px solid ${colour.middle}`, p: 1.5, width: 620, maxHeight: 460 },
} as const;

/** A choice about the block that is made or not. */
function BlockTick({ output, set, name, label }: OutputProps & { name: keyof Choices; label: string }) {
  return (
    <Tick
      label={label}
      on={Boolean(output.block[name])}
      onChange={(on) => set({ block: { ...output.block, [name]: on } })}
    />
  );
}

const HoursChoices = ({ output, set }: OutputProps) => (
  <div>
    <ChoiceHead>Hours</ChoiceHead>
    <ChoiceRow label="In JSON-LD">
      <Choice
        label="Form of hours in JSON-LD"
        value={output.hoursForm}
        options={{ long: 'long form', short: 'short form (no dates, no closed days)' }}
        onChange={(hoursForm) => set({ hoursForm })}
      />
    </ChoiceRow>
    <ChoiceRow label="Clock">
      <Choice
        label="Clock"
        value={output.block.clock}
        options={{ country: 'of the country', 12: '12 hours', 24: '24 hours' }}
        onChange={(clock) => set({ block: { ...output.block, clock } })}
      />
    </ChoiceRow>
    <BlockTick output={output} set={set} name="closedDays" label="Show closed days" />
    <BlockTick output={output} set={set} name="joinDays" label="Join days with equal hours" />
  </div>
);

const BlockChoices = ({ output, set }: OutputProps) => (
  <div>
    <ChoiceHead>Block</ChoiceHead>
    <ChoiceRow label="Set in">
      <Choice
        label="Lines of the block"
        value={output.block.lines}
        options={{ several: 'several lines', one: 'one line' }}
        onChange={(lines) => set({ block: { ...output.block, lines } })}
      />
    </ChoiceRow>
    <BlockTick output={output} set={set} name="labels" label="Labels before values" />
    <BlockTick output={output} set={set} name="linkTelephone" label="Telephone as a link" />
    <BlockTick output={output} set={set} name="linkEmail" label="Email as a link" />
    <BlockTick output={output} set={set} name="mapLink" label="Link to the map profile" />
    <TextField
      label="Class names begin with"
      value={output.block.classes}
      onChange={({ target }) => {
        if (/^([A-Za-z][\w-]*)?$/.test(target.value))
          set({ block: { ...output.block, classes: target.value } });
      }}
      sx={{ mt: 1 }}
    />
  </div>
);

const PLACES = { jsonld: 'JSON-LD', block: 'the block' } as const;

/** Which of the facts that the record has are told, and where. */
function ToldFacts({ output, set, record }: OutputProps & { record: BusinessRecord }) {
  const leaveOut = (where: keyof typeof PLACES, head: string, out: boolean): void => {
    const list = output.leftOut[where].filter((one) => one !== head);
    set({ leftOut: { ...output.leftOut, [where]: out ? [...list, head] : list } });
  };
  return (
    <>
      <ChoiceHead>Facts that are told</ChoiceHead>
      <Box component="table" sx={tableLook}>
        <thead>
          <tr>
            <th>Fact</th>
            <th>JSON-LD</th>
            <th>Block</th>
          </tr>
        </thead>
        <tbody>
          {optional
            .filter(({ isSet }) => isSet(record))
            .map(({ key: head, label }) => (
              <tr key={head}>
                <th scope="row">{label}</th>
                {(['jsonld', 'block'] as const).map((where) => (
                  <td key={where}>
                    <Checkbox
                      size="small"
                      checked={!output.leftOut[where].includes(head)}
                      onChange={(_, on) => leaveOut(where, head, !on)}
                      slotProps={{ input: { 'aria-label': `${label} in ${PLACES[where]}` } }}
                      sx={{ p: 0.25 }}
                    />
                  </td>
                ))}
              </tr>
            ))}
        </tbody>
      </Box>
    </>
  );
}

const tableLook = {
  borderCollapse: 'collapse',
  '& th': { fontWeight: 400, textAlign: 'left', pr: 2 },
  '& thead th': { fontSize: typeSize.small, color: colour.middle },
} as const;
