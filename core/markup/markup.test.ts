import { describe, expect, test } from '@jest/globals';
import { businessesIn, readSource } from '#core/reading';
import { itemsOf, textOf } from '#core/item';
import { emptyRecord, knownFacts, usualOutput, type BusinessRecord, type Output } from '#core/record';
import { larkspur } from '#sample';
import {
  hoursTable,
  jsonLdGraph,
  jsonLdOrganization,
  leftOutOf,
  plainBlock,
  toldRecord,
  writeMarkup,
} from './index.ts';

const withBlock = (block: Partial<Output['block']>, leftOut: readonly string[] = []): BusinessRecord => ({
  ...larkspur,
  output: {
    ...usualOutput,
    block: { ...usualOutput.block, ...block },
    leftOut: { jsonld: [], block: [...leftOut] },
  },
});
const plain = (block: Partial<Output['block']>): string => plainBlock(withBlock(block)).text;

describe('the choices of the block', () => {
  test('are the clock, joined days, closed days', () => {
    expect(plain({ clock: '24' })).toContain(
      '<time datetime="18:00">18:00</time> – <time datetime="02:00">02:00</time>',
    );
    expect(plain({})).toContain('<li>Mon–Tue: ');
    expect(plain({ joinDays: false })).toContain('<li>Mon: ');
    expect(plain({})).toContain('<li>Sun: closed</li>');
    expect(plain({ closedDays: false })).not.toContain('Sun: closed');
    const told = writeMarkup(withBlock({ closedDays: false }), 'microdata').text;
    expect(told).toContain(
      '<link itemprop="dayOfWeek" href="https://schema.org/Sunday"><meta itemprop="opens" content="00:00">',
    );
  });

  test('are links, labels and classes', () => {
    expect(plain({})).toContain('<p>Telephone: <a href="tel:+13605550142">(360) 555-0142</a></p>');
    expect(plain({ linkTelephone: false, labels: false })).toContain('<p>(360) 555-0142</p>');
    expect(plain({})).toContain('<a href="mailto:desk@larkspurvane.example">');
    expect(plain({ linkEmail: false })).not.toContain('mailto:');
    expect(plain({})).toContain('>Show on a map</a>');
    expect(plain({ mapLink: false })).not.toContain('Show on a map');
    expect(plain({ classes: 'nap' })).toContain('<address class="nap-address">');
    expect(plain({})).not.toContain('class=');
  });

  test('are one line or several, and which facts', () => {
    const one = plain({ lines: 'one' });
    expect(one).not.toMatch(/<(p|ul|li|address|br)[ >]/);
    expect(one).toContain('214 Quay Street');
    const few = plainBlock(withBlock({}, ['description', 'makesOffer', 'review', 'telephone'])).text;
    for (const word of ['Small animal', 'Dentistry', 'nervous cat', '555-0142'])
      expect(few).not.toContain(word);
    expect(leftOutOf(withBlock({}, ['telephone']), 'rdfa')).toEqual(['telephone']);
    expect(leftOutOf(withBlock({}, ['telephone']), 'jsonld')).toEqual([]);
  });

  test('write numbers of other countries so that they can be dialled', () => {
    const abroad = { ...larkspur, telephone: '+44 20 7946 0321' };
    expect(plainBlock(abroad).text).toContain('<a href="tel:+442079460321">+44 20 7946 0321</a>');
    expect(plainBlock({ ...larkspur, telephone: 'ask inside' }).text).toContain('Telephone: ask inside');
  });
});

describe('markup of several branches', () => {
  const other = {
    ...larkspur,
    id: '',
    url: 'https://larkspurvane.example/tallow-bay/',
    telephone: '(360) 555-0151',
  };

  test('is a graph in which everything has a name of its own and is found again', () => {
    const { items, faults } = readSource(jsonLdGraph([larkspur, other]).text);
    expect(faults).toEqual([]);
    const ids = items.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toContain('https://larkspurvane.example/tallow-bay/#branch');
    const [first, second] = businessesIn(items);
    expect([first, second].map((one) => one && textOf(one, 'telephone'))).toEqual([
      '+1 360 555 0142',
      '+1 360 555 0151',
    ]);
    const [organization] = first ? itemsOf(first, 'parentOrganization') : [];
    expect(organization && textOf(organization, 'name')).toBe('Larkspur & Vane');
  });

  test('is the organisation with its branches, and their departments, inside', () => {
    const { items } = readSource(jsonLdOrganization([larkspur, other]).text);
    expect(items).toHaveLength(1);
    const branches = items[0] ? itemsOf(items[0], 'subOrganization') : [];
    expect(branches).toHaveLength(2);
    expect(branches[0] && itemsOf(branches[0], 'department')).toHaveLength(1);
    expect(branches[0] && itemsOf(branches[0], 'parentOrganization')).toHaveLength(0);
    expect(readSource(jsonLdOrganization([emptyRecord]).text).faults).toEqual([]);
  });
});

test('the hours table has a row a day or group, and one for each exception', () => {
  const rows = [...hoursTable(larkspur).text.matchAll(/<th scope="row">(.*?)<\/th><td>(.*?)<\/td>/g)].map(
    ([, head, text]) => `${head ?? ''}: ${text ?? ''}`,
  );
  expect(rows).toEqual([
    'Mon–Tue: 8:00 AM – 6:00 PM',
    'Wed: 8:00 AM – 12:00 PM, 2:00 PM – 6:00 PM',
    'Thu: 8:00 AM – 6:00 PM',
    'Fri: 6:00 PM – 2:00 AM',
    'Sat: open 24 hours',
    'Sun: closed',
    'Public holidays: closed',
    'Christmas Day 25 December 2026: closed',
    'Refit 11 January 2027 – 15 January 2027 Mon, Tue, Wed: closed',
    'Refit 11 January 2027 – 15 January 2027 Thu, Fri: 10:00 AM – 2:00 PM',
  ]);
});

test('what is told of a record is what markup can carry', () => {
  const told = toldRecord(
    { ...larkspur, hours: { ...larkspur.hours, Sunday: 'by appointment' }, acceptsReservations: 'TRUE' },
    ['slogan', 'hasMap'],
  );
  expect(told).toMatchObject({
    timeZone: '',
    slogan: '',
    acceptsReservations: 'yes',
    hasMap: '',
    telephone: '+1 360 555 0142',
  });
  expect(told.hours.Sunday).toBe('');
  expect(toldRecord(told)).toEqual(told);
});

describe('what is remembered of a fact', () => {
  /** Other values of every fact, enough of them that nothing remembered before is left. */
  const writeOthers = (): void => {
    for (let at = 0; at < 10; at += 1) {
      let record: BusinessRecord = larkspur;
      for (const one of knownFacts) record = one.withText(record, `${one.text(record)}${String(at)}`);
      writeMarkup(record, 'jsonld');
    }
    for (let at = 0; at < 600; at += 1) {
      const streetAddress = `${String(at)} Quay Street`;
      writeMarkup({ ...larkspur, address: { ...larkspur.address, streetAddress } }, 'jsonld');
    }
  };
  test.each<[string, Partial<BusinessRecord>]>([
    ['the country', { address: { ...larkspur.address, addressCountry: 'GB' } }],
    ['the number that takes messages', { messaging: '(360) 555-0177' }],
    ['the text of a message', { messagingText: 'About my cat' }],
    ['the form of hours', { output: { ...usualOutput, hoursForm: 'short' } }],
  ])('does not outlive %s', (_, change) => {
    const record: BusinessRecord = { ...larkspur, telephone: '020 7946 0321', ...change };
    writeMarkup({ ...larkspur, telephone: '020 7946 0321' }, 'jsonld');
    const after = writeMarkup(record, 'jsonld').text;
    writeOthers();
    expect(after).toBe(writeMarkup(record, 'jsonld').text);
    expect(after).not.toBe(writeMarkup({ ...larkspur, telephone: '020 7946 0321' }, 'jsonld').text);
  });
});
