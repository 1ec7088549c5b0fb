import { Button, Link } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { Link as RouterLink } from 'react-router';
import { linkTo, type ChangedFact, type Ledger } from '#contract';
import { counted } from '#core/text';
import { useLedger } from '../../api/pages.ts';
import { Fill, HeadBar, ListRow, PartHead, Plain, Scroll, Soft, Words } from '../../parts/layout.tsx';
import { GradeMark, StaleMark } from '../../parts/Marks.tsx';
import { EmptyState, Failure, Loading } from '../../parts/Notice.tsx';
import { Tick } from '../../parts/Tick.tsx';
import { FORM_LABEL } from './formLabel.ts';

/** How much of a client is out of date. */
export const countLedger = (ledger: Ledger): number =>
  Object.values(ledger).reduce((sum, some) => sum + some.length, 0);

/** What carries facts that have changed since, each with the change; pages are brought up to date as one run. */
export function LedgerPane({
  clientId,
  onRenew,
}: {
  clientId: number;
  onRenew: (corrects: boolean) => void;
}) {
  const { data, error } = useLedger(clientId);
  if (error && !data) return <Failure error={error} />;
  if (!data) return <Loading />;
  if (countLedger(data) === 0)
    return (
      <EmptyState title="Nothing is out of date.">
        Change a fact in the record, and every page, photo, live page and sheet that carries the old one is
        listed here.
      </EmptyState>
    );
  return (
    <Scroll>
      <Head
        count={countLedger(data)}
        pages={new Set(data.pages.map(({ id }) => id)).size}
        onRenew={onRenew}
      />
      <Part title="Pages" count={data.pages.length}>
        {data.pages.map(({ id, path, site, form, branchLabel, state, changes }) => (
          <Row key={`${String(id)} ${form}`} changes={changes} isLost={state === 'absent'}>
            <b>{path}</b> <Soft>{site}</Soft>
            <div>
              {FORM_LABEL[form]} of {branchLabel}
              {state === 'absent' && ' is no longer on the page'}
            </div>
          </Row>
        ))}
      </Part>
      <Part title="Live pages" count={data.live.length}>
        {data.live.map(({ branchId, branchLabel, url, state, changes }) => (
          <Row key={branchId} changes={changes} isLost={state === 'absent' || state === 'altered'}>
            <BranchLink id={branchId} view="pages" label={branchLabel} /> <Soft>{url}</Soft>
            <div>{LIVE[state]}</div>
          </Row>
        ))}
      </Part>
      <Part title="Photos" count={data.photos.length}>
        {data.photos.map(({ id, name, branchId, branchLabel, changes }) => (
          <Row key={id} changes={changes}>
            <b>{name}</b> of <BranchLink id={branchId} view="photos" label={branchLabel} />
          </Row>
        ))}
      </Part>
      <Part title="Pictures and profiles" count={data.elsewhere.length}>
        {data.elsewhere.map(({ branchId, branchLabel, label, address, state, now }) => (
          <Row key={`${String(branchId)} ${address} ${state}`} changes={[]} isLost={state === 'gone'}>
            <b>{address}</b> <Soft>{label}</Soft>
            <div>
              <BranchLink id={branchId} view="record" label={branchLabel} />{' '}
              {state === 'renamed' ? `names it so; stamped, the photo is called ${now}` : ELSEWHERE[state]}
            </div>
          </Row>
        ))}
      </Part>
      <Part title="Pictures on pages" count={data.pictures.length}>
        {data.pictures.map(({ id, path, site, branchId, branchLabel, address, now }) => (
          <Row key={`${String(id)} ${address}`} changes={[{ label: 'Picture', carried: address, now }]}>
            <b>{path}</b> <Soft>{site}</Soft>
            <div>
              names a photo of <BranchLink id={branchId} view="photos" label={branchLabel} /> as it was called
            </div>
          </Row>
        ))}
      </Part>
      <Sheets handOvers={data.handOvers} />
    </Scroll>
  );
}

/** How much there is, and the way to bring pages up to date, with the text round the markup or without. */
function Head({
  count,
  pages,
  onRenew,
}: {
  count: number;
  pages: number;
  onRenew: (corrects: boolean) => void;
}) {
  const [corrects, setCorrects] = useState(true);
  return (
    <HeadBar title={`${String(count)} out of date`}>
      {pages > 0 && <Tick label="also in what visitors read there" on={corrects} onChange={setCorrects} />}
      <Button variant="contained" disabled={pages === 0} onClick={() => onRenew(corrects)}>
        Bring {counted(pages, 'page')} up to date
      </Button>
    </HeadBar>
  );
}

const Sheets = ({ handOvers }: Pick<Ledger, 'handOvers'>) => (
  <Part title="Sheets that were handed over" count={handOvers.length}>
    {handOvers.map(({ branchId, branchLabel, made }) => (
      <Row key={branchId} changes={[]}>
        <BranchLink id={branchId} view="pages" label={branchLabel} />{' '}
        <Soft>handed over {new Date(made).toLocaleString()}</Soft>{' '}
        <Link href={linkTo('handOver', { id: branchId })}>A new sheet</Link>
      </Row>
    ))}
  </Part>
);

const LIVE: Readonly<Record<Ledger['live'][number]['state'], string>> = {
  'out-of-date': 'says what an earlier record said',
  altered: 'was changed by somebody else',
  absent: 'carries no markup of the branch',
  unreachable: 'could not be read',
  'not-read-since': 'was proved, but not read since the record changed',
};

const ELSEWHERE = {
  gone: 'speaks of it, and nothing answers there',
  changed: 'speaks of it, and it was another picture when it was last looked at',
} as const;

const BranchLink = ({ id, view, label }: { id: number; view: string; label: string }) => (
  <Link component={RouterLink} to={`/branches/${String(id)}/${view}`}>
    {label}
  </Link>
);

const Part = ({ title, count, children }: { title: string; count: number; children: ReactNode }) =>
  count === 0 ? null : (
    <section aria-label={title}>
      <PartHead style={{ paddingLeft: 16 }}>
        {title}: {count}
      </PartHead>
      <Plain>{children}</Plain>
    </section>
  );

function Row({
  changes,
  isLost = false,
  children,
}: {
  changes: readonly ChangedFact[];
  isLost?: boolean;
  children: ReactNode;
}) {
  return (
    <ListRow data-outdated={isLost ? 'lost' : 'old'}>
      {isLost ? <GradeMark grade="must" /> : <StaleMark />}
      <Words>{children}</Words>
      <Fill />
      <Words>
        {changes.map(({ label, carried, now }) => (
          <div key={label}>
            {label}: <del>{carried || 'nothing'}</del> → <b>{now || 'nothing'}</b>
          </div>
        ))}
      </Words>
    </ListRow>
  );
}
