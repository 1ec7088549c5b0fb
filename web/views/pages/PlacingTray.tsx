import { Button } from '@mui/material';
import { useMemo, useState } from 'react';
import type { Branch, Page } from '#contract';
import {
  othersBeside,
  placeForm,
  readPlacement,
  remove,
  type FormResult,
  type PlacedForm,
  type Placement,
} from '#core/page';
import { readSource } from '#core/reading';
import { refusalOfAddresses } from '#core/record';
import { usePageSource } from '../../api/queries.ts';
import { BoxedChoice } from '../../parts/Choice.tsx';
import { DifferencePane } from '../../parts/CodePane.tsx';
import { Frame } from '../../parts/Frame.tsx';
import { Remark, Soft } from '../../parts/layout.tsx';
import { GradeMark, SealMark } from '../../parts/Marks.tsx';
import { Failure, Loading } from '../../parts/Notice.tsx';
import { PaneBar } from '../../parts/Tray.tsx';
import { ElementField } from './PointDialog.tsx';
import { usePlacing } from './usePlacing.ts';
import { VersionsButton } from './Versions.tsx';
import { WovenRemarks } from './WovenRemarks.tsx';

/** What can be placed, and where. */
const CHOICES = {
  head: { form: 'jsonld', at: 'head' },
  body: { form: 'jsonld', at: 'body-end' },
  block: { form: 'microdata', at: 'body-end' },
  woven: { form: 'woven', at: 'body-end' },
  element: { form: 'microdata', at: 'body-end' },
} as const satisfies Readonly<Record<string, { form: PlacedForm; at: Placement }>>;
type Chosen = keyof typeof CHOICES;
const LABELS: Readonly<Record<Chosen, string>> = {
  head: 'JSON-LD in the head',
  body: 'JSON-LD at the end of the body',
  block: 'NAP block at the end of the body',
  woven: 'Woven into the text that stands there',
  element: 'NAP block behind an element',
};

interface PlacingProps {
  readonly branch: Branch;
  readonly page: Page;
  /** Takes the page back to an earlier version. */
  readonly onBack: (digest: string) => void;
}

/** The page as it is beside the page as it will be, and the buttons that make it so. */
export function PlacingTray({ branch, page, onBack }: PlacingProps) {
  const [choice, setChoice] = useState<Chosen>('head');
  const [selector, setSelector] = useState('');
  const { form } = CHOICES[choice];
  const at = choice === 'element' ? (readPlacement(`after:${selector}`) ?? 'body-end') : CHOICES[choice].at;
  const source = usePageSource(page.id, JSON.stringify(page.placements) + String(page.size));
  const [corrects, setCorrects] = useState<string[]>([]);
  const { put, take, isForeign, busy } = usePlacing(branch, page, { form, at, corrects });
  const [asking, setAsking] = useState(false);
  const result = useMemo(
    () => (source.data === undefined ? undefined : placeForm(source.data, form, branch.record, at, corrects)),
    [source.data, branch.record, form, at, corrects],
  );
  const others = useMemo(
    () => (result?.ok ? othersBeside(readSource(result.source), form) : 0),
    [result, form],
  );
  const isPlaced = page.placements.some((one) => one.form === form);
  const refused = refusalOfAddresses(branch.record);
  const isByHand = page.site?.isWritten === false;
  return (
    <>
      <PaneBar title={`${page.path}: as it is, and as it will be`}>
        <BoxedChoice label="What to place, and where" options={LABELS} value={choice} onChange={setChoice} />
        {choice === 'element' && (
          <ElementField source={source.data} path={page.path} selector={selector} onSelector={setSelector} />
        )}
        <Button
          variant="contained"
          color="primary"
          disabled={busy || !result?.ok || refused !== '' || isByHand}
          onClick={() => {
            if (isForeign) setAsking(true);
            else put();
          }}
        >
          {isPlaced ? 'Place again' : 'Place'}
        </Button>
        <Button disabled={busy || !isPlaced} onClick={take}>
          Remove
        </Button>
        <VersionsButton page={page} onBack={onBack} />
      </PaneBar>
      {asking && (
        <AskForeign
          branch={branch.label}
          page={page}
          onCancel={() => setAsking(false)}
          onPlace={() => {
            setAsking(false);
            put();
          }}
        />
      )}
      {isByHand && <ByHand site={page.site?.name ?? ''} />}
      {refused && (
        <Remark role="alert">
          <GradeMark grade="must" /> {refused}
        </Remark>
      )}
      {others > 0 && (
        <Remark>
          <GradeMark grade="should" /> The page carries other {form === 'jsonld' ? 'JSON-LD' : 'microdata'} of
          a business as well; a machine reads both. Take the old one out if they describe the same branch.
        </Remark>
      )}
      {result?.weaving && (
        <WovenRemarks result={result.weaving} corrects={corrects} onCorrect={setCorrects} />
      )}
      {source.error ? (
        <Failure error={source.error} />
      ) : (
        <Outcome source={source.data} form={form} result={result} />
      )}
    </>
  );
}

/** Why nothing is placed from here on a site that people write to by hand, and what is done instead. */
const ByHand = ({ site }: { site: string }) => (
  <Remark>
    <GradeMark grade="note" /> Nobody writes to {site} but people: “Hand-over sheet” says what to paste there,
    and “Prove the live page” whether it arrived.
  </Remark>
);

/** What placing makes of the page, or why it cannot. */
function Outcome({
  source = '',
  form,
  result,
}: {
  source: string | undefined;
  form: PlacedForm;
  result: FormResult | undefined;
}) {
  if (!result) return <Loading />;
  if (!result.ok) return <Failure error={new Error(result.message)} />;
  if (result.source === source) return <Unchanged before={remove(source, form)} now={source} />;
  return <DifferencePane before={source} after={result.source} label="Source of the page" />;
}

/** Asks whether a branch is really meant for the page of another. */
const AskForeign = ({
  branch,
  page,
  onCancel,
  onPlace,
}: {
  branch: string;
  page: Page;
  onCancel: () => void;
  onPlace: () => void;
}) => (
  <Frame
    title={`${page.path} is the page of ${page.ownBranch?.label ?? 'another branch'}`}
    onClose={onCancel}
    actions={
      <>
        <Button autoFocus onClick={onCancel}>
          Leave the page as it is
        </Button>
        <Button onClick={onPlace}>Place {branch} there all the same</Button>
      </>
    }
  >
    The markup of {branch} there would tell machines that {page.ownBranch?.label} is another business. Is it
    meant?
  </Frame>
);

/** What is placed is what the record yields now: the difference to the page without it. */
const Unchanged = ({ before, now }: { before: string; now: string }) => (
  <>
    <Remark>
      <SealMark />
      <Soft>What stands on the page is what the record yields now. Left: the page without it.</Soft>
    </Remark>
    <DifferencePane before={before} after={now} label="Source of the page" />
  </>
);
