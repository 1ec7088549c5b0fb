import { describe, expect, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { jsonLd } from '#core/markup';
import { propose, type Proposal } from '#core/proposal';
import { readSource } from '#core/reading';
import { emptyRecord, type BusinessRecord } from '#core/record';
import { larkspur } from '#sample';
import { ProposalList, takeChosen, useChoice } from './Proposals.tsx';

const source = `<!doctype html><html lang="en"><body><h1>Another name</h1>${jsonLd({ ...emptyRecord, name: larkspur.name, address: larkspur.address, hours: larkspur.hours }).text}<p>Call (360) 555-0142 or 360 555 0177.`;
const proposals = propose(readSource(source));

function List({ record, onTake }: { record: BusinessRecord; onTake: (record: BusinessRecord) => void }) {
  const [shown] = useState<readonly Proposal[]>(proposals);
  const { chosen, toggle, all } = useChoice(shown, record);
  return (
    <>
      <ProposalList proposals={shown} record={record} chosen={chosen} onToggle={toggle} />
      <button onClick={() => onTake(takeChosen(record, chosen))}>take</button>
      <button onClick={() => all(true)}>all</button>
    </>
  );
}

const box = (name: string): HTMLInputElement => screen.getByLabelText<HTMLInputElement>(name);

describe('proposed facts', () => {
  test('are chosen first of each kind, unless the record says something already', async () => {
    const taken: BusinessRecord[] = [];
    const record = {
      ...emptyRecord,
      name: 'Mine',
      address: { ...emptyRecord.address, addressCountry: 'US' },
    };
    render(<List record={record} onTake={(next) => taken.push(next)} />);
    expect(box(`Name: ${larkspur.name}`).checked).toBe(false);
    expect(screen.getAllByText('record now: Mine')).toHaveLength(2);
    // A country alone is no address yet.
    expect(box('Address: 214 Quay Street, Port Ellery, WA 98299, US').checked).toBe(true);
    expect(box('Telephone: (360) 555-0142').checked).toBe(true);
    await userEvent.click(box('Telephone: 360 555 0177'));
    expect(box('Telephone: (360) 555-0142').checked).toBe(false);
    await userEvent.click(screen.getByText('take'));
    expect(taken[0]).toMatchObject({
      name: 'Mine',
      telephone: '360 555 0177',
      address: larkspur.address,
      hours: larkspur.hours,
    });
  });

  test('can all be chosen, one of each kind', async () => {
    const taken: BusinessRecord[] = [];
    render(<List record={{ ...emptyRecord, name: 'Mine' }} onTake={(next) => taken.push(next)} />);
    await userEvent.click(screen.getByText('all'));
    await userEvent.click(screen.getByText('take'));
    expect(taken[0]).toMatchObject({ name: larkspur.name, telephone: '(360) 555-0142' });
    expect(screen.getAllByText(/^JSON-LD, line \d+$/).length).toBeGreaterThan(2);
  });
});
