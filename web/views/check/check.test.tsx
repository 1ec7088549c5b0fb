import { describe, expect, jest, test } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SnackbarProvider } from 'notistack';
import type { ReactElement } from 'react';
import { check, checker } from '#core/checking';
import { certainMends, mendAll } from '#core/mending';
import { jsonLd } from '#core/markup';
import { larkspur } from '#sample';
import { Findings } from './Findings.tsx';
import { MendDialog } from './MendDialog.tsx';
import { ThreeWay } from './ThreeWay.tsx';

const source =
  '{"@context":"https://schema.org","@type":"Optician","name" "A","telephone":"020 7946 0321","address":{"@type":"PostalAddress","streetAddress":"9 Hollins Row","addressLocality":"Saltby","postalCode":"TQ1 2AB","addressCountry":"England"}}';

// jsdom lays nothing out, so it cannot scroll either.
Element.prototype.scrollIntoView = jest.fn();

function renderWithQueries(element: ReactElement): void {
  render(
    <SnackbarProvider>
      <QueryClientProvider client={new QueryClient()}>{element}</QueryClientProvider>
    </SnackbarProvider>,
  );
}

function showFindings(checked = source) {
  const [onPlace, onMend, onMendAll] = [jest.fn(), jest.fn(), jest.fn()];
  const { findings } = check(checked);
  renderWithQueries(
    <Findings
      source={checked}
      findings={findings}
      ignored={[]}
      clientId={1}
      page=""
      offset={undefined}
      onPlace={onPlace}
      onMend={onMend}
      onMendAll={onMendAll}
    />,
  );
  return { findings, onPlace, onMend, onMendAll, rows: () => screen.getAllByRole('listitem') };
}

describe('findings', () => {
  test('stand with the worst first, their reason, and their place to go to', async () => {
    const { findings, onPlace, rows } = showFindings();
    expect(rows()).toHaveLength(findings.length);
    expect(rows()[0]?.textContent).toContain('A colon is missing');
    await userEvent.click(screen.getByRole('button', { name: 'line 1, column 59' }));
    expect(onPlace).toHaveBeenCalledWith(findings[0]?.place);
  });

  test('show a mend as a difference before it is done', async () => {
    const { findings, onMend, rows } = showFindings();
    const country = rows().find((row) => row.textContent.includes('“England”'));
    if (!country) throw new Error('no finding for the country');
    await userEvent.click(within(country).getByRole('button', { name: 'Mend …' }));
    expect(country.querySelector('del')?.textContent).toContain('n');
    expect(onMend).not.toHaveBeenCalled();
    await userEvent.click(within(country).getByRole('button', { name: 'Mend this' }));
    expect(onMend).toHaveBeenCalledWith(findings.find(({ code }) => code === 'value/country')?.mend?.edits);
  });

  test('of many places show the first few, and the others when asked', async () => {
    const names = Array.from({ length: 12 }, (_, at) => `\n"Frames &amp; ${String(at)}"`);
    const { findings, onPlace } = showFindings(
      `{"@context":"https://schema.org","@type":"Optician","knowsAbout":[${names.join()}]}`,
    );
    expect(findings.find(({ code }) => code === 'value/entities')?.related).toHaveLength(11);
    const lines = () => screen.getAllByRole('button', { name: /line \d+$/ });
    expect(lines()).toHaveLength(8);
    await userEvent.click(screen.getByRole('button', { name: 'and 3 more' }));
    expect(lines()).toHaveLength(11);
    await userEvent.click(screen.getByRole('button', { name: 'line 13' }));
    expect(onPlace).toHaveBeenCalledWith(expect.objectContaining({ line: 13 }));
    await userEvent.click(screen.getByRole('button', { name: 'show fewer' }));
    expect(lines()).toHaveLength(8);
  });

  test('are mended all at once', async () => {
    const { findings, onMend } = showFindings();
    const mendable = findings.filter(({ mend }) => mend?.certain);
    await userEvent.click(screen.getByRole('button', { name: `Mend all ${String(mendable.length)}` }));
    expect(onMend).toHaveBeenCalledWith(certainMends(findings));
  });

  test('are shown by grade', async () => {
    const { findings, rows } = showFindings();
    await userEvent.click(screen.getByRole('button', { name: /^must/ }));
    expect(rows()).toHaveLength(findings.filter(({ grade }) => grade !== 'must').length);
  });

  test('are said to be none where there are none', () => {
    renderWithQueries(
      <Findings
        source=""
        findings={[]}
        ignored={[]}
        clientId={1}
        page=""
        offset={undefined}
        onPlace={jest.fn()}
        onMend={jest.fn()}
        onMendAll={jest.fn()}
      />,
    );
    expect(screen.getByText(/Nothing to find fault with/)).toBeDefined();
  });
});

test('findings are gone through by keyboard, one after the other and back', async () => {
  const { findings, onPlace, rows } = showFindings();
  await userEvent.keyboard('{F8}');
  expect(onPlace).toHaveBeenLastCalledWith(findings[0]?.place);
  await userEvent.keyboard('{F8}{Shift>}{F8}{/Shift}');
  expect(onPlace).toHaveBeenLastCalledWith(findings[0]?.place);
  expect(rows()[0]?.getAttribute('aria-current')).toBe('true');
  await userEvent.keyboard('{Shift>}{F8}{/Shift}');
  expect(onPlace).toHaveBeenLastCalledWith(findings.at(-1)?.place);
});

describe('the three-way reading', () => {
  test('marks the very characters that differ, and leads to their place', async () => {
    const onPlace = jest.fn();
    const page = `${jsonLd({ ...larkspur, address: { ...larkspur.address, streetAddress: '214 Quay St.' } }).text}<p>${larkspur.name.replace('&', '&amp;')}<p>214 Quay  Street`;
    const { threeWay } = check(page, { record: larkspur });
    render(<ThreeWay rows={threeWay} onPlace={onPlace} />);
    const street = screen.getByRole('row', { name: /^Street/ });
    const cells = within(street).getAllByRole('cell');
    expect(cells[0]?.textContent).toBe('214 Quay Street');
    expect(cells[1]?.textContent).toContain('written differently');
    expect([...street.querySelectorAll('del')].map((part) => part.textContent)).toContain('reet');
    expect(cells[2]?.textContent).toContain('exact');
    const [first] = within(street).getAllByRole('button');
    if (first) await userEvent.click(first);
    expect(onPlace).toHaveBeenCalledWith(
      threeWay.find(({ fact }) => fact === 'address.streetAddress')?.markup[0]?.place,
    );
  });

  test('is not there when there is nothing to compare', () => {
    const { container } = render(<ThreeWay rows={[]} onPlace={jest.fn()} />);
    expect(container.textContent).toBe('');
  });
});

describe('everything that can be put right', () => {
  const without = jsonLd({ ...larkspur, telephone: '', priceRange: '' }).text;
  const open = async () => {
    const onTake = jest.fn<(mended: string) => void>();
    renderWithQueries(
      <MendDialog
        source={without}
        mendAll={(from, choices) =>
          Promise.resolve(mendAll(from, checker({ record: larkspur, url: larkspur.url }), choices))
        }
        onTake={onTake}
        onClose={jest.fn()}
      />,
    );
    const done = await screen.findByRole('region', { name: 'Will be done, in this order' });
    return { onTake, done };
  };

  test('is listed with its differences and done together', async () => {
    const { onTake, done } = await open();
    expect(done.querySelectorAll('ins')).toHaveLength(2);
    await userEvent.click(screen.getByRole('button', { name: 'Take 2' }));
    const [[mended] = ['']] = onTake.mock.calls;
    expect(mended).toContain('"telephone": "+1 360 555 0142"');
    expect(mended).toContain('"priceRange"');
  });

  test('can be left, one by one, and taken after all', async () => {
    const { onTake } = await open();
    await userEvent.click(screen.getByRole('checkbox', { name: /price/i }));
    await userEvent.click(await screen.findByRole('button', { name: 'Take 1' }));
    expect(onTake.mock.calls[0]?.[0]).not.toContain('"priceRange"');
    const left = screen.getByRole('region', { name: 'Left as it is' });
    await userEvent.click(within(left).getByRole('checkbox', { name: /price/i }));
    expect(await screen.findByRole('button', { name: 'Take 2' })).toBeTruthy();
  });
});
