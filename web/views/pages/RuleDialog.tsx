import { Box, Button, TextField } from '@mui/material';
import { useState } from 'react';
import type { Branch, Page } from '#contract';
import { isClientForm } from '#core/markup';
import { isWovenForm, placedForms, readPlacement, usualPlacement, type PlacedForm } from '#core/page';
import type { BusinessRecord } from '#core/record';
import { ruledPages, type PlacementRule } from '#core/site';
import { counted } from '#core/text';
import { useRules, useSaveRules } from '../../api/pages.ts';
import { LabelledSelect } from '../../parts/Choice.tsx';
import { Frame } from '../../parts/Frame.tsx';
import { OutputChoices } from '../../parts/OutputChoices.tsx';
import { KeptByName } from '../../parts/KeptByName.tsx';
import { Hint } from '../../parts/layout.tsx';
import { FORM_LABEL } from './formLabel.ts';
import {
  CORRECTS,
  emptyRule,
  EXISTING,
  isWhole,
  placeOf,
  PAGES_OF,
  PLACES,
  ruleOf,
  TOLD,
  ruleFieldsOf,
  type RuleFields,
} from './ruleFields.ts';

/** Says once what belongs on which pages; the run that follows shows what that does before anything is written. */
export function RuleDialog({
  branch,
  pages,
  onClose,
  onRun,
}: {
  branch: Branch;
  pages: readonly Page[];
  onClose: () => void;
  onRun: (rule: PlacementRule) => void;
}) {
  const [fields, setFields] = useState<RuleFields>(emptyRule);
  const set = (part: Partial<RuleFields>): void => setFields((before) => ({ ...before, ...part }));
  const rule = ruleOf(fields, branch.id);
  const about = ruledPages(
    rule,
    pages.map(({ id, path, ownBranch }) => ({ id, path, ownBranch: ownBranch?.id ?? null })),
  );
  return (
    <Frame
      title="Place by a rule"
      width="md"
      onClose={onClose}
      onSubmit={() => {
        if (isWhole(fields)) onRun(rule);
      }}
      actions={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={!isWhole(fields) || about.length === 0}>
            Preview on {counted(about.length, 'page')}
          </Button>
        </>
      }
    >
      <KeptRules clientId={branch.clientId} fields={fields} rule={rule} onTake={setFields} />
      <Box sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: 1, alignItems: 'center', my: 1.5 }}>
        <Which fields={fields} onChange={set} />
        {!isClientForm(fields.form) && (
          <>
            <LabelledSelect
              label="Whose markup"
              value={fields.whose}
              options={[
                ['own', 'of the branch whose page it is'],
                ['this', `of ${branch.label}`],
              ]}
              onChange={(whose) => set({ whose: whose === 'this' ? 'this' : 'own' })}
            />
            <span />
          </>
        )}
        <LabelledSelect
          label="In which form"
          value={fields.form}
          options={placedForms.map((form) => [form, FORM_LABEL[form]] as const)}
          onChange={(form) => set({ form: placedForms.find((one) => one === form) ?? 'jsonld' })}
        />
        <span />
        <Where fields={fields} onChange={set} />
        <Told fields={fields} onChange={set} record={branch.record} />
        {!isClientForm(fields.form) && (
          <>
            <LabelledSelect
              label="Markup of the branch that stands there already"
              value={fields.existing}
              options={EXISTING}
              onChange={(existing) =>
                set({ existing: EXISTING.find(([one]) => one === existing)?.[0] ?? 'keep' })
              }
            />
            <span />
          </>
        )}
      </Box>
      <Hint>Nothing is written before you have seen, page by page, what it does.</Hint>
    </Frame>
  );
}

/** What visitors read in lines, and what has choices at all. */
const IS_BLOCK: ReadonlySet<PlacedForm> = new Set<PlacedForm>(['microdata', 'rdfa', 'block']);
const HAS_CHOICES: ReadonlySet<PlacedForm> = new Set<PlacedForm>([
  ...IS_BLOCK,
  'jsonld',
  'graph',
  'card',
  'hours',
]);

interface Part {
  readonly fields: RuleFields;
  readonly onChange: (part: Partial<RuleFields>) => void;
}

function Which({ fields, onChange }: Part) {
  return (
    <>
      <LabelledSelect
        label="Which pages"
        value={fields.pages}
        options={PAGES_OF}
        onChange={(pages) => onChange({ pages: PAGES_OF.find(([one]) => one === pages)?.[0] ?? 'own' })}
      />
      {fields.pages === 'pattern' ? (
        <TextField
          label="Pattern of their paths"
          placeholder="/locations/*"
          value={fields.pattern}
          onChange={({ target }) => onChange({ pattern: target.value })}
        />
      ) : (
        <span />
      )}
    </>
  );
}

/** Which facts are told, and how: as each record has it, or as this placement alone does. */
const Told = ({ fields, onChange, record }: Part & { record: BusinessRecord }) =>
  HAS_CHOICES.has(fields.form) && (
    <>
      <LabelledSelect
        label="How it is told"
        value={fields.told}
        options={TOLD.filter(([told]) => told !== 'line' || IS_BLOCK.has(fields.form))}
        onChange={(told) => onChange({ told: TOLD.find(([one]) => one === told)?.[0] ?? 'record' })}
      />
      {fields.told === 'own' ? (
        <div>
          <OutputChoices
            output={fields.output}
            getRecord={() => ({ ...record, output: fields.output })}
            change={(change) => onChange({ output: change({ ...record, output: fields.output }).output })}
          />
        </div>
      ) : (
        <span />
      )}
    </>
  );

function Where({ fields, onChange }: Part) {
  if (isWovenForm(fields.form))
    return (
      <>
        <Hint>It is woven in where the text stands.</Hint>
        <span />
        <LabelledSelect
          label="What visitors read otherwise than the record says"
          value={fields.corrects}
          options={CORRECTS}
          onChange={(corrects) => onChange({ corrects: corrects === 'all' ? 'all' : 'none' })}
        />
        <span />
      </>
    );
  const isElement = ['before', 'after', 'inside'].includes(fields.place);
  const places =
    usualPlacement[fields.form] === 'head' ? PLACES : PLACES.filter(([place]) => place !== 'head');
  return (
    <>
      <LabelledSelect
        label="Where"
        value={placeOf(fields)}
        options={places}
        onChange={(place) => onChange({ place: PLACES.find(([one]) => one === place)?.[0] ?? 'body-end' })}
      />
      {isElement ? (
        <TextField
          label="CSS selector of the element"
          value={fields.selector}
          error={fields.selector !== '' && readPlacement(`${fields.place}:${fields.selector}`) === undefined}
          onChange={({ target }) => onChange({ selector: target.value })}
        />
      ) : (
        <span />
      )}
    </>
  );
}

/** The client's own placements. */
function KeptRules({
  clientId,
  fields,
  rule,
  onTake,
}: {
  clientId: number;
  fields: RuleFields;
  rule: PlacementRule;
  onTake: (fields: RuleFields) => void;
}) {
  const { data } = useRules(clientId);
  const save = useSaveRules(clientId);
  return (
    <KeptByName
      kept={data?.rules ?? []}
      now={rule}
      label="Name, to keep it"
      isWhole={isWhole(fields)}
      onTake={(taken) => onTake(ruleFieldsOf(taken))}
      onName={(name) => onTake({ ...fields, name })}
      onKeep={(rules) => save.mutateAsync(rules)}
    />
  );
}
