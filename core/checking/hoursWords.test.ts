import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './check.ts';

const page = (lang: string, country: string, property: string, shown = ''): string =>
  `<!doctype html><html lang="${lang}"><div itemscope itemtype="https://schema.org/Store"><h1 itemprop="name">Larch</h1>
<p itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><meta itemprop="addressCountry" content="${country}"></p>
${property}<p>${shown}</p></div></html>`;
const hours = (text: string): string => `<meta itemprop="openingHours" content="${text}">`;
const day = (href: string): string =>
  `<div itemprop="openingHoursSpecification" itemscope itemtype="https://schema.org/OpeningHoursSpecification"><link itemprop="dayOfWeek" href="${href}"><meta itemprop="opens" content="09:00"><meta itemprop="closes" content="18:00"></div>`;

function mended(source: string, code: string): string | undefined {
  const mend = check(source).findings.find((one) => one.code === code)?.mend;
  return mend ? applyEdits(source, mend.edits) : undefined;
}

describe('words of days', () => {
  test.each([
    ['es', '', 'Sá,Do 12:00-15:00', 'Sa-Su 12:00-15:00'],
    ['de', '', 'Do,Sa 12-15 Uhr', 'Th,Sa 12:00-15:00'],
    ['', 'MX', 'Sá,Do 12:00-15:00', 'Sa-Su 12:00-15:00'],
    ['de', 'MX', 'Sa,Do 12-15', 'Th,Sa 12:00-15:00'],
  ])('are those of the page’s language, or of its country: %s %s', (lang, country, text, meant) =>
    expect(mended(page(lang, country, hours(text)), 'value/hours')).toBe(page(lang, country, hours(meant))),
  );

  test.each([
    ['tr', 'https://schema.org/Perşembe', 'https://schema.org/Thursday'],
    ['es', 'https://schema.org/Do', 'https://schema.org/Sunday'],
    ['de', 'https://schema.org/Do', 'https://schema.org/Thursday'],
  ])('are read in addresses too: %s %s', (lang, address, meant) =>
    expect(mended(page(lang, '', day(address)), 'value/day')).toBe(page(lang, '', day(meant))),
  );
});

test.each([
  // As the page shows them.
  ['Mo-Fr 1:00-11:00', 'Monday to Friday 1 pm to 11 pm', 'Mo-Fr 13:00-23:00'],
  ['Mo-Fr 9:00-6:00', 'Monday to Friday 9 am to 6 pm', 'Mo-Fr 09:00-18:00'],
  // Other hours are not taken for the same.
  ['Mo-Fr 1:00-11:00', 'Monday to Friday 2 pm to 11 pm', 'Mo-Fr 01:00-11:00'],
  ['Mo-Fr 1:00-11:00', 'Monday to Friday 1 pm to 3 pm, 6 pm to 11 pm', 'Mo-Fr 01:00-11:00'],
  ['Mo-Fr 1:00-11:00', '', 'Mo-Fr 01:00-11:00'],
])('hours without their half of the day: %s beside “%s”', (text, shown, meant) =>
  expect(mended(page('en', '', hours(text), shown), 'value/hours')).toBe(page('en', '', hours(meant), shown)),
);

describe('hours below a line', () => {
  const below = (line: string): string =>
    page('es', 'MX', hours('Mo-Fr 12:00-22:00')).replace(
      '<p></p>',
      `<p>${line}</p><p>Lunes a viernes de 12:00 a 23:00</p>`,
    );

  test.each(['Cocina', 'Horario de cocina:', 'Horario de la cocina'])(
    'that heads them are of what it names: %s',
    (line) => expect(check(below(line)).findings.map(({ code }) => code)).not.toContain('agreement/visitor'),
  );

  test.each(['Precios: $$ · Cocina yucateca', 'Cocina: yucateca', 'Centro | Cocina'])(
    'of facts are of the door: %s',
    (line) => expect(check(below(line)).findings.map(({ code }) => code)).toContain('agreement/visitor'),
  );
});

test.each(['https://schema.org/Dentist', 'https://schema.org/#', 'https://schema.com/', 'http://schema.org'])(
  'a vocab that is not schema.org’s is told once: %s',
  (vocab) => {
    const source = `<!doctype html><p vocab="${vocab}" typeof="Dentist"><b property="name">Larch</b> <i property="telephone">+44 1803 555041</i></p>`;
    const told = check(source).findings.filter(({ code }) => /^(?:syntax|vocabulary|structure)\//.test(code));
    expect(told.map(({ code }) => code)).toEqual(['syntax/wrong-context']);
    expect(applyEdits(source, told[0]?.mend?.edits ?? [])).toContain('vocab="https://schema.org/"');
  },
);

test.each([
  ['Mo–Fr 15–18 Uhr', '15:00', false],
  ['Mo–Fr 3–6', '03:00', true],
  ['Mo–Fr', '03:00', true],
])(
  'an hour without its half is that of the afternoon where the page shows it: %s',
  (shown, time, certain) => {
    const hours = {
      '@type': 'OpeningHoursSpecification',
      dayOfWeek: 'Monday',
      opens: '3:00',
      closes: '18:00',
    };
    const item = { '@context': 'https://schema.org', '@type': 'Store', openingHoursSpecification: hours };
    const source = `<html lang="de"><body><p>${shown}</p><script type="application/ld+json">${JSON.stringify(item)}</script></body></html>`;
    const found = check(source).findings.find(({ code }) => code === 'value/time');
    expect(found?.mend).toMatchObject({ certain, edits: [{ text: `"${time}"` }] });
  },
);
