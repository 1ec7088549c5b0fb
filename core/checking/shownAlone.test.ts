import { describe, expect, test } from '@jest/globals';
import { emptyRecord, type BusinessRecord } from '#core/record';
import { readWeek } from '#core/hours';
import { readSource } from '#core/reading';
import { check, checkSitePage, judgeShownBranches, profiles } from './index.ts';
import { applyEdits } from '#core/text';

const paris: BusinessRecord = {
  ...emptyRecord,
  name: 'Optique Aubrac',
  types: ['Optician'],
  url: 'https://aubrac.example/',
  telephone: '+33 1 42 55 01 20',
  address: {
    streetAddress: '8 rue des Lavandes',
    addressLocality: 'Paris',
    addressRegion: '',
    postalCode: '75002',
    addressCountry: 'FR',
  },
  hours: readWeek('Mon-Fri 09:00-18:00, Sat-Sun closed').hours,
};
const lyon: BusinessRecord = {
  ...paris,
  url: 'https://aubrac.example/lyon/',
  telephone: '+33 4 78 55 01 30',
  address: {
    ...paris.address,
    streetAddress: '31 quai Mireille',
    addressLocality: 'Lyon',
    postalCode: '69003',
  },
};
const one = [{ id: 1, label: 'Paris', record: paris }];
const both = [...one, { id: 2, label: 'Lyon', record: lyon }];
const block = (number = '01 42 55 01 20', street = '8, rue des Lavandes', code = '75002'): string =>
  `<h2>Optique Aubrac</h2><p>${street}<br>${code} Paris</p><p>Tél. ${number}</p>`;
const second = '<h2>Lyon</h2><p>31, quai Mireille<br>69003 Lyon</p><p>Tél. 04 78 55 01 30</p>';
const page = (body: string, foot = ''): string =>
  `<!doctype html><html lang="fr"><title>Contact</title><main>${body}</main><footer>${foot}</footer></html>`;

/** What a page of the site that describes no business is told, but for notes. */
const told = (source: string, branches = one): readonly string[] =>
  checkSitePage(source, 'https://aubrac.example/contact', branches)
    .check.findings.filter(({ grade }) => grade !== 'note')
    .map(({ code, property, place }) => `${code} ${property ?? ''}: ${source.slice(place.start, place.end)}`);

describe('a page of the site that describes no business', () => {
  test.each([
    ['a number', block('01 42 55 01 27'), 'telephone: 01 42 55 01 27'],
    [
      'a street behind a comma',
      block(undefined, '19, rue des Lavandes'),
      'streetAddress: 19, rue des Lavandes',
    ],
    [
      'a street with a second number',
      block(undefined, '8 bis, rue des Lavandes'),
      'streetAddress: 8 bis, rue des Lavandes',
    ],
    ['a postal code', block(undefined, undefined, '75003'), 'postalCode: 75003'],
    ['hours', `${block()}<p>Lundi–vendredi 9h–19h`, 'openingHoursSpecification: Lundi–vendredi 9h–19h'],
  ])('shows %s otherwise than the record', (_, body, expected) => {
    const source = page(body);
    expect(told(source)).toEqual([`agreement/shown ${expected}`]);
    expect(told(source, both)).toEqual([`agreement/shown ${expected}`]);
  });

  test.each([
    ['what is right', block()],
    [
      'a partner’s number in another part',
      '<p>Labo Vincent : 01 42 55 09 99',
      block().replace(/<p>Tél.*/, ''),
    ],
    ['a partner by name', '<p>Chez Optique Aubrac on aime le Labo Vincent, 01 42 55 09 99, 3 rue du Four.'],
    ['a fax number', block().replace('</p>', '</p><p>Fax 01 42 55 01 29</p>')],
    [
      'a number further down',
      `${block().replace(/<p>Tél.*/, '')}${'<p>Des lunettes pour tous.'.repeat(20)}<p>Labo : 01 42 55 09 99`,
    ],
    ...[
      'Fax 01 42 55 01 29',
      'Télécopie : 01 42 55 01 29',
      'Mobile 06 12 34 56 78',
      'WhatsApp : 06 12 34 56 78',
      'Service après-vente : 01 42 55 09 99',
      'Urgences : 01 42 55 01 99',
      'Hébergeur : Nuage SA, 2 rue du Four, 59100 Roubaix, tél. 09 72 10 10 07',
      'Délégué : Me Vincent, 14 rue Neuve, 69001 Lyon, 04 78 00 00 01',
    ].map((other): [string, string] => [other, block().replace(/<p>Tél.*/, `<p>${other}`)]),
    ['the code of its mail', block(undefined, undefined, '75082').replace('Paris', 'Paris Cedex 02')],
    ['the head office, two doors on', block('01 42 55 01 00', '12, rue des Lavandes')],
    ['nothing of it', '<p>Nous recrutons : 01 42 55 09 99'],
  ])('is told nothing of %s', (_, body, foot = '') => {
    expect(told(page(body, foot))).toEqual([]);
    expect(told(page(body, foot), both)).toEqual([]);
  });

  test('shows each branch beside the others', () => {
    expect(told(page(block() + second), both)).toEqual([]);
    expect(told(page(block() + second.replace('01 30', '01 38')), both)).toEqual([
      'agreement/shown telephone: 04 78 55 01 38',
    ]);
    // The number of another branch is not taken for this one’s old one.
    expect(told(page(block('04 78 55 01 30') + second), both)).toEqual([]);
  });

  test('gets a note of a number beside its street where its own stands elsewhere', () => {
    const { findings } = checkSitePage(
      page(block('01 42 55 01 27'), 'Tél. 01 42 55 01 20'),
      'https://aubrac.example/contact',
      one,
    ).check;
    expect(findings.map(({ code }) => code)).toEqual(['agreement/other-telephone']);
  });

  test('is held against what another page’s markup says, and nobody knows which is right', () => {
    const from = [{ id: 1, label: 'index.html', record: paris }];
    const source = page(block('01 42 55 01 27'));
    const [first, ...more] = judgeShownBranches(readSource(source), from, true);
    expect([first?.code, first?.mend, more]).toEqual(['agreement/shown', null, []]);
    expect(first?.message).toContain('the markup of index.html says “01 42 55 01 20”');
    expect(judgeShownBranches(readSource(source), from)[0]?.mend).not.toBeNull();
  });

  test('has a link that dials another number than it shows', () => {
    const link = (number: string): string => `<p><a href="tel:${number}">01 42 55 01 20</a>`;
    expect(told(page(link('+33142550120')))).toEqual([]);
    expect(told(page(link('+33142550127')))).toEqual([
      'agreement/link telephone: <a href="tel:+33142550127">',
    ]);
  });
});

describe('a page that is held against a record', () => {
  const page = block();
  const told = (source: string): readonly string[] =>
    check(source, {
      record: paris,
      profile: { ...profiles['local-business'], needsBusiness: false },
    }).findings.map(({ grade, code, property }) => `${grade} ${code} ${property ?? ''}`);

  test.each([
    ['all of it', page, []],
    ['a name misspelt', page.replace('Aubrac', 'Aurbac'), ['must agreement/shown name']],
    ['another word of it misspelt', page.replace('Optique', 'Optqiue'), ['must agreement/shown name']],
    ['another form of the name', page.replace('Aubrac', 'Aubracs'), ['note agreement/not-shown name']],
    ['no name', page.replace('Optique Aubrac', 'Contact'), ['note agreement/not-shown name']],
    ['the name in a picture', page.replace('Optique Aubrac', '<img src="l.png" alt="Optique Aubrac">'), []],
    ['another town', page.replace('Paris', 'Pantin'), ['note agreement/not-shown addressLocality']],
    [
      'other hours further down',
      `${page}<form>${'<p>Écrivez-nous ce que vous voulez savoir.</p>'.repeat(20)}</form><p>Lundi–vendredi 9h–19h`,
      ['must agreement/shown openingHoursSpecification'],
    ],
    ['nothing but its name', '<h2>Optique Aubrac</h2><p>Soldes</p>', []],
  ])('and shows %s', (_, source, expected) => {
    expect(told(`<!doctype html><title>x</title>${source}`)).toEqual(expected);
  });
});

describe('markup is not expected', () => {
  const codes = (source: string, url?: string): readonly string[] =>
    check(source, { record: paris, ...(url ? { url } : {}) }).findings.map(({ code }) => code);
  const text = 'Optique Aubrac\n8 rue des Lavandes\n75002 Paris\n01 42 55 01 20';

  test('in a listing pasted as text, nor on a page of another site', () => {
    expect(codes(text)).toEqual([]);
    expect(codes(page(block()), 'https://annuaire.example/optique-aubrac')).toEqual([]);
  });

  test.each([
    undefined,
    'https://aubrac.example/contact',
    'https://www.aubrac.example/',
    'https://paris.aubrac.example/',
  ])('but on a page of its own: %s', (url) => {
    expect(codes(page(block()), url)).toEqual(['structure/no-business']);
  });
});

test('what visitors read is exchanged for what the record says, with the link that dials it', () => {
  const source = page(
    `<h2>Optique Aubrac</h2><p>8 rue des Lavandes, 75002 Paris</p><a href="tel:+33142550127">01 42 55 01 27</a>`,
  );
  const [first, ...more] = check(source, { record: paris }).findings.filter(({ grade }) => grade === 'must');
  expect([first?.code, more.length]).toEqual(['agreement/shown', 0]);
  expect(first?.mend?.certain).toBe(false);
  const mended = applyEdits(source, first?.mend?.edits ?? []);
  expect(mended).toContain('<a href="tel:+33142550120">01 42 55 01 20</a>');
  expect(check(mended, { record: paris }).findings.filter(({ grade }) => grade === 'must')).toEqual([]);
});

test('markup that tells the fact is held against what visitors read by itself', () => {
  const markup = `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Optician","name":"Optique Aubrac","telephone":"+33142550120"}</script>`;
  const codes = check(page(markup + block('01 42 55 01 27')), { record: paris }).findings.map(
    ({ code }) => code,
  );
  expect(codes).toContain('agreement/visitor');
  expect(codes).not.toContain('agreement/shown');
});
