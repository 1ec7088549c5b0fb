import { describe, expect, jest, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SnackbarProvider } from 'notistack';
import { useState } from 'react';
import { emptyRecord, judgeRecord, withFact, type BusinessRecord, type Fact } from '#core/record';
import { larkspur } from '#sample';
import { FactSheet } from './FactSheet.tsx';
import { MarkupTray } from './MarkupTray.tsx';

function Sheet({
  first,
  onRecord,
  onPoint = jest.fn(),
}: {
  first: BusinessRecord;
  onRecord?: (record: BusinessRecord) => void;
  onPoint?: (facts: readonly Fact[]) => void;
}) {
  const [record, setRecord] = useState(first);
  const [onSet] = useState(() => (fact: Fact, text: string): void => {
    setRecord((now) => {
      const next = withFact(now, fact, text);
      onRecord?.(next);
      return next;
    });
  });
  return (
    <FactSheet record={record} faults={judgeRecord(record)} onSet={onSet} pointed={[]} onPoint={onPoint} />
  );
}

describe('the fact sheet', () => {
  test('has a field for every fact, and says what a machine is told', () => {
    render(<Sheet first={larkspur} />);
    expect(screen.getByLabelText<HTMLInputElement>('Telephone').value).toBe('(360) 555-0142');
    expect(screen.getByText('+1 360 555 0142, read in United States')).toBeDefined();
    expect(screen.getByText('6:00 PM – 2:00 AM')).toBeDefined();
    expect(screen.getByText('2 addresses')).toBeDefined();
  });

  test('says what is wanted in an empty record, and what is wrong as it is typed', async () => {
    render(<Sheet first={emptyRecord} />);
    expect(screen.getByText('A business needs its name.')).toBeDefined();
    await userEvent.type(screen.getByLabelText(/^Name/), 'Larkspur');
    expect(screen.queryByText('A business needs its name.')).toBeNull();
    const latitude = screen.getByLabelText(/^Latitude/);
    await userEvent.type(latitude, '47.6');
    expect(screen.getByText(/The longitude is missing/)).toBeDefined();
    await userEvent.type(screen.getByLabelText(/^Longitude/), '-122.61230');
    expect(screen.getByText(/47.6 has 1 decimal: the point can be off by/)).toBeDefined();
    expect(latitude.getAttribute('aria-describedby')).toBe('faults-pin.latitude');
  });

  test('takes lists a line each, and lets a new line be begun', async () => {
    const records: BusinessRecord[] = [];
    render(<Sheet first={emptyRecord} onRecord={(record) => records.push(record)} />);
    await userEvent.type(screen.getByLabelText('Profiles'), 'https://a.example/{Enter}https://b.example/');
    expect(records.at(-1)?.sameAs).toEqual(['https://a.example/', 'https://b.example/']);
  });

  test('finds types by trade words', async () => {
    const records: BusinessRecord[] = [];
    render(<Sheet first={emptyRecord} onRecord={(record) => records.push(record)} />);
    await userEvent.type(screen.getByLabelText(/^Type/), 'vet');
    await userEvent.click(await screen.findByText('Veterinary care'));
    expect(records.at(-1)?.types).toEqual(['VeterinaryCare']);
  });

  test('tells which fact is pointed at', async () => {
    const onPoint = jest.fn();
    render(<Sheet first={larkspur} onPoint={onPoint} />);
    await userEvent.hover(screen.getByLabelText('Town'));
    expect(onPoint).toHaveBeenLastCalledWith(['address.addressLocality']);
  });
});

describe('the markup tray', () => {
  test('shows both forms, lights the lines of a fact, and points back from a line', async () => {
    const onPoint = jest.fn();
    const { container } = render(
      <SnackbarProvider>
        <MarkupTray record={larkspur} label="Quay" pointed={['telephone']} onPoint={onPoint} />
      </SnackbarProvider>,
    );
    const lines = [...(container.querySelector('pre')?.children ?? [])];
    expect(lines.map((line) => line.textContent).join('\n')).toContain('"telephone": "+1 360 555 0142"');
    const line = lines.find((one) => one.textContent.includes('"postalCode"'));
    if (line) await userEvent.hover(line);
    expect(onPoint).toHaveBeenLastCalledWith(['address.postalCode']);
    const frame = screen.getByTitle<HTMLIFrameElement>('The block as visitors see it');
    expect(frame.getAttribute('sandbox')).toBe('');
    expect(frame.srcdoc).toContain("default-src 'none'");
    await userEvent.click(screen.getByRole('button', { name: 'HTML' }));
    expect(screen.getByLabelText('NAP block').textContent).toContain('itemprop="streetAddress"');
  });
});
