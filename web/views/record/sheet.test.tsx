import { describe, expect, jest, test } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SnackbarProvider } from 'notistack';
import { useLayoutEffect, useMemo, useState } from 'react';
import {
  changeOwn,
  effectiveRecord,
  emptyRecord,
  judgeRecord,
  setOwn,
  type BusinessRecord,
  type Fact,
} from '#core/record';
import { larkspur } from '#sample';
import { RecordInHand } from '../../state/recordInHand.ts';
import { FactSheet } from './FactSheet.tsx';
import { byFact } from './rows.ts';
import { RecordContext } from './useRecordInHand.ts';
import { MarkupTray } from './MarkupTray.tsx';

const queries = new QueryClient();

function Sheet({
  first,
  onRecord,
  onPoint = jest.fn(),
  defaults = emptyRecord,
}: {
  first: BusinessRecord;
  defaults?: BusinessRecord;
  onRecord?: (record: BusinessRecord) => void;
  onPoint?: (facts: readonly Fact[]) => void;
}) {
  const [record, setRecord] = useState(first);
  const [onSet] = useState(() => (fact: Fact, text: string): void => {
    setRecord((now) => {
      const next = setOwn(now, defaults, fact, text);
      onRecord?.(next);
      return next;
    });
  });
  const change = (alter: (now: BusinessRecord) => BusinessRecord): void =>
    setRecord((now) => changeOwn(now, defaults, alter));
  const effective = useMemo(() => effectiveRecord(record, defaults), [record, defaults]);
  const [inHand] = useState(() => new RecordInHand(effective));
  useLayoutEffect(() => inHand.set(effective), [inHand, effective]);
  return (
    <QueryClientProvider client={queries}>
      <RecordContext value={inHand}>
        <FactSheet
          own={record}
          record={effective}
          defaults={defaults}
          faults={byFact(judgeRecord(effective), new Map())}
          asked={new Set()}
          onSet={onSet}
          change={change}
          pointed={[]}
          onPoint={onPoint}
          onPin={jest.fn()}
        />
      </RecordContext>
    </QueryClientProvider>
  );
}

function only(selector: string): HTMLInputElement {
  const found = document.querySelector<HTMLInputElement>(selector);
  if (!found) throw new Error(`There is no ${selector}.`);
  return found;
}
/** Looking for one field by its label asks every field for its labels, which takes seconds without a browser. */
const field = (id: string): HTMLInputElement => only(`[id="${id}"]`);
const named = (label: string, match: '=' | '^=' = '='): HTMLInputElement =>
  only(`[aria-label${match}"${label}"]`);

/** Puts a text in at once: the whole sheet is drawn anew at each letter, which takes its time without a browser. */
async function enter(field: HTMLElement, text: string): Promise<void> {
  await userEvent.click(field);
  await userEvent.paste(text);
}

describe('the fact sheet', () => {
  test('has a field for every fact, and says what a machine is told', () => {
    render(<Sheet first={larkspur} />);
    expect(screen.getByLabelText<HTMLInputElement>('Telephone').value).toBe('(360) 555-0142');
    expect(
      screen.getByText('(360) 555-0142 · +1 360 555 0142 · +13605550142, read in United States'),
    ).toBeDefined();
    expect(screen.getByText('6:00 PM – 2:00 AM')).toBeDefined();
    expect(screen.getAllByText('2 entries').length).toBeGreaterThan(2);
    expect(screen.getByLabelText<HTMLInputElement>('ZIP code').value).toBe('98299');
  });

  test('says what is wanted in an empty record, and what is wrong as it is typed', async () => {
    render(<Sheet first={emptyRecord} />);
    expect(screen.getByText('A business needs its name.')).toBeDefined();
    await userEvent.type(field('fact-name'), 'Larkspur');
    expect(screen.queryByText('A business needs its name.')).toBeNull();
    const latitude = field('fact-pin.latitude');
    await enter(latitude, '47.6');
    expect(screen.getByText(/The longitude is missing/)).toBeDefined();
    await enter(field('fact-pin.longitude'), '-122.61230');
    expect(screen.getByText(/47.6 has 1 decimal: the point can be off by/)).toBeDefined();
    expect(latitude.getAttribute('aria-describedby')).toBe('faults-pin.latitude');
  });

  test('takes lists a line each, and lets a new line be begun', async () => {
    const records: BusinessRecord[] = [];
    render(<Sheet first={emptyRecord} onRecord={(record) => records.push(record)} />);
    const profiles = field('fact-sameAs');
    await enter(profiles, 'https://a.example/');
    await userEvent.keyboard('{Enter}');
    await userEvent.paste('https://b.example/');
    expect(records.at(-1)?.sameAs).toEqual(['https://a.example/', 'https://b.example/']);
  });

  test('finds types by trade words', async () => {
    const records: BusinessRecord[] = [];
    render(<Sheet first={emptyRecord} onRecord={(record) => records.push(record)} />);
    await userEvent.type(field('fact-types'), 'vet');
    await userEvent.click(await screen.findByText('Veterinary care'));
    expect(records.at(-1)?.types).toEqual(['VeterinaryCare']);
  });

  test('tells which fact is pointed at', async () => {
    const onPoint = jest.fn();
    render(<Sheet first={larkspur} onPoint={onPoint} />);
    await userEvent.hover(field('fact-address.addressLocality'));
    expect(onPoint).toHaveBeenLastCalledWith(['address.addressLocality']);
  });
});

describe('inheritance in the sheet', () => {
  test('shows the client’s facts, takes own ones over them, and gives back', async () => {
    const { container } = render(<Sheet first={{ ...emptyRecord, name: 'Own' }} defaults={larkspur} />);
    const row = (fact: string): HTMLElement =>
      container.querySelector<HTMLElement>(`[data-fact="${fact}"]`) ?? container;
    expect(row('telephone').dataset['origin']).toBe('client');
    const telephone = field('fact-telephone');
    expect(telephone.value).toBe('(360) 555-0142');
    await userEvent.clear(telephone);
    expect(telephone.value).toBe('');
    expect(row('telephone').dataset['origin']).toBe('withheld');
    await enter(telephone, '360 555 0100');
    expect(row('telephone').dataset['origin']).toBe('own');
    await userEvent.click(within(row('telephone')).getByText('use the client’s'));
    expect(telephone.value).toBe('(360) 555-0142');
    await userEvent.click(within(row('email')).getByText('leave out'));
    expect(field('fact-email').value).toBe('');
  });

  test('changes one day of inherited hours without losing the others', async () => {
    render(<Sheet first={emptyRecord} defaults={larkspur} />);
    await userEvent.click(named('Monday closed'));
    expect(field('fact-hours.Monday').value).toBe('closed');
    expect(field('fact-hours.Tuesday').value).toBe('08:00-18:00');
  });
});

describe('the helps of the sheet', () => {
  test('read a whole week, an address and coordinates before they are taken', async () => {
    render(<Sheet first={emptyRecord} />);
    await enter(field('week-text'), 'Mon–Thu 9-5.30, Sat 10 to noon, closed Sundays');
    expect(
      screen.getByText(/^Daytime assumed: Mon–Thu 09:00 – 17:30; Sat 10:00 – 12:00; Sun closed$/),
    ).toBeDefined();
    await userEvent.keyboard('{Enter}');
    expect(field('fact-hours.Saturday').value).toBe('10:00-12:00');
    await enter(screen.getByLabelText('Paste an address'), '214 Quay Street, Port Ellery, WA 98299');
    await userEvent.click(screen.getAllByText('Take')[0] as HTMLElement);
    expect(field('fact-address.addressRegion').value).toBe('WA');
    await enter(field('pin-paste'), `48°30'44.4"N 122°36'44.3"W`);
    await userEvent.keyboard('{Enter}');
    expect(field('fact-pin.latitude').value).toBe('48.512333');
    expect(screen.getByText(/The pin was pasted/)).toBeDefined();
  });

  test('move and remove spans on the strip by keyboard, and copy days', async () => {
    render(<Sheet first={{ ...emptyRecord, hours: { ...emptyRecord.hours, Monday: '09:00-17:00' } }} />);
    named('Monday 09:00 to 17:00', '^=').focus();
    await userEvent.keyboard('{ArrowLeft}{Shift>}{ArrowRight}{/Shift}');
    expect(field('fact-hours.Monday').value).toBe('08:45-17:15');
    await userEvent.click(named('Monday: copy to other days'));
    await userEvent.click(screen.getByText('Monday to Friday'));
    expect(field('fact-hours.Friday').value).toBe('08:45-17:15');
    act(() => named('Friday 08:45', '^=').focus());
    await userEvent.keyboard('{Delete}');
    expect(field('fact-hours.Friday').value).toBe('closed');
  });

  test('edit lists of entries in cells', async () => {
    const records: BusinessRecord[] = [];
    render(
      <Sheet
        first={{ ...emptyRecord, makesOffer: [{ name: 'Wheel class', url: '', description: '', price: '' }] }}
        onRecord={(record) => records.push(record)}
      />,
    );
    await userEvent.click(named('Add to Services'));
    await enter(named('Services 2: Service'), 'Firing | glazing');
    expect(records.at(-1)?.makesOffer.map(({ name }) => name)).toEqual(['Wheel class', 'Firing | glazing']);
    await userEvent.click(named('Remove Services 1'));
    expect(records.at(-1)?.makesOffer).toHaveLength(1);
  });
});

describe('the markup tray', () => {
  test('shows both forms, lights the lines of a fact, and points back from a line', async () => {
    const onPoint = jest.fn();
    const { container } = render(
      <QueryClientProvider client={queries}>
        <SnackbarProvider>
          <MarkupTray
            record={larkspur}
            label="Quay"
            clientId={1}
            pointed={['telephone']}
            onPoint={onPoint}
            change={jest.fn()}
            tabs={null}
          />
        </SnackbarProvider>
      </QueryClientProvider>,
    );
    const lines = [...(container.querySelector('pre')?.children ?? [])];
    expect(lines.map((line) => line.textContent).join('\n')).toContain('"telephone": "+1 360 555 0142"');
    const line = lines.find((one) => one.textContent.includes('"postalCode"'));
    if (line) await userEvent.hover(line);
    expect(onPoint).toHaveBeenLastCalledWith(['address.postalCode']);
    const frame = screen.getByTitle<HTMLIFrameElement>('The block as visitors see it');
    // Its own origin, so that it can be redrawn without being loaded again; no scripts.
    expect(frame.getAttribute('sandbox')).toBe('allow-same-origin');
    expect(frame.srcdoc).toContain("default-src 'none'");
    await userEvent.click(screen.getByRole('button', { name: 'HTML' }));
    expect(screen.getByLabelText('NAP block').textContent).toContain('itemprop="streetAddress"');
  });
});
