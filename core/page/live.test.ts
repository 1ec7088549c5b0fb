import { describe, expect, test } from '@jest/globals';
import { emptyHours } from '#core/hours';
import { readSource } from '#core/reading';
import { napBlock, writeMarkup } from '#core/markup';
import { escapeHtml } from '#core/text';
import { larkspur } from '#sample';
import { judgeLive, markupOf, place, type LiveAnswer } from './index.ts';

const ADDRESS = 'https://larkspurvane.example/port-ellery/';
const script = writeMarkup(larkspur, 'jsonld').text;
const body = (inside: string, head = ''): string =>
  `<html><head><title>x</title>${head}</head><body>${inside}</body></html>`;
const judge = (page: string, answer: Partial<LiveAnswer> = {}, address = ADDRESS, record = larkspur) =>
  judgeLive(readSource(page, address), record, { asked: ADDRESS, headers: {}, ...answer });
function placed(form: 'jsonld' | 'microdata'): string {
  const result = place(body(''), form, writeMarkup(larkspur, form).text);
  if (!result.ok) throw new Error(result.message);
  return result.source;
}
const changed = { ...larkspur, telephone: '(360) 555-0199' };
/** The script with something done to its JSON. */
const ofScript = (change: (json: string) => string): string =>
  script.replace(/>([\s\S]*)</, (_, json: string) => `>${change(json)}<`);
const curl = (text: string): string => text.replace(/"([^"]*)"/g, '“$1”');

describe('a live page', () => {
  test('is as intended where a machine reads what the record says', () => {
    for (const page of [placed('jsonld'), placed('microdata'), body(script)])
      expect(judge(page)).toMatchObject({ state: 'as-intended', differing: [], causes: [] });
  });

  test('is told to show something else than the record, whatever its markup says', () => {
    const shown = (telephone: string): string =>
      `<address>\nLarkspur &amp; Vane Veterinary Care<br>214 Quay Street<br>Port Ellery, WA 98299<br>${telephone}</address>`;
    const told = (page: string) => judge(page).causes.map(({ message }) => message);
    expect(judge(body(script + shown('(360) 555-0199'))).state).toBe('as-intended');
    for (const markup of [script, ''])
      expect(told(body(markup + shown('(360) 555-0199')))).toContainEqual(
        expect.stringMatching(
          /^Line \d+: A visitor sees “\(360\) 555-0199”, (?:a machine is told|the record says) “/,
        ),
      );
    expect(told(body(script + shown('(360) 555-0142')))).toEqual([]);
    expect(told(body(`${script}${shown('(360) 555-0142')}<p>Taxi: (360) 555-0100</p>`))).toEqual([]);
  });

  test('may say less than the record, and that is told', () => {
    const small = body(
      '<div itemscope itemtype="https://schema.org/VeterinaryCare"><b itemprop="name">Larkspur &amp; Vane Veterinary Care</b><a itemprop="url" href="/port-ellery/">x</a></div>',
    );
    const { state, missing } = judge(small);
    expect(state).toBe('as-intended');
    expect(missing.map(({ fact }) => fact)).toContain('telephone');
  });

  test('is out of date where it says what the record no longer says', () => {
    for (const page of [placed('jsonld'), body(script)])
      expect(judge(page, {}, ADDRESS, changed)).toMatchObject({
        state: 'out-of-date',
        differing: [{ fact: 'telephone', meant: '+1 360 555 0199', live: '+1 360 555 0142' }],
        causes: [{ code: 'not-republished' }],
      });
  });

  test('is altered where somebody changed what we placed', () => {
    expect(judge(placed('jsonld').replace('360 555 0142', '360 555 0111'))).toMatchObject({
      state: 'altered',
      differing: [{ fact: 'telephone' }],
    });
    expect(judge(placed('jsonld').replaceAll('\n', '\r\n')).state).toBe('as-intended');
  });

  test.each(['jsonld', 'microdata'] as const)('that a program packed is as intended (%s)', (form) => {
    const packed = placed(form).replace(/\n\s*/g, form === 'jsonld' ? '' : ' ');
    expect(judge(packed)).toMatchObject({ state: 'as-intended', differing: [] });
    expect(judge(packed, {}, ADDRESS, changed).state).toBe('out-of-date');
    expect(judge(packed.replace('Larkspur', 'Larkspurs')).state).not.toBe('as-intended');
  });

  test('that an editor wrote otherwise is as intended where machines and visitors are told the same', () => {
    const [block, code] = [placed('microdata'), placed('jsonld')];
    const same = [
      block.replaceAll('<a ', '<a rel="nofollow" target="_blank" '),
      block.replace(/<(\/?)(\w+)/g, (_, end: string, name: string) => `<${end}${name.toUpperCase()}`),
      block.replace(/="([\w:/.-]+)"/g, '=$1'),
      block.replaceAll('</p>', '</p><br>'),
      code.replace('"@context"', '\n\n"@context"').replaceAll('https:', 'https\\u003a'),
    ];
    for (const page of same) expect(judge(page)).toMatchObject({ state: 'as-intended', causes: [] });
  });

  test.each([
    ['visitors read “555-0143', (page: string) => page.replaceAll('555-0142<', '555-0143<')],
    ['visitors no longer read', (page: string) => page.replace(/<p>[^\n]*555-0142<[^\n]*/, '')],
    ['besides', (page: string) => page.replace('</div>\n<!--', '<p>New!</p></div>\n<!--')],
    ['leads to tel:+13605550143', (page: string) => page.replace('tel:+13605550142', 'tel:+13605550143')],
    ['is gone', (page: string) => page.replaceAll(/<\/?a\b[^>]*>/g, '')],
    ['no longer read: Latitude, Longitude', (page: string) => page.replace(/<[^>]*GeoCoordinates[^\n]*/, '')],
  ])('that was edited says how: %s', (how, edit) => {
    const page = edit(placed('microdata'));
    expect(page).not.toBe(placed('microdata'));
    const { state, causes } = judge(page);
    expect([state, causes[0]?.code]).toEqual(['altered', 'edited']);
    expect(causes[0]?.message).toContain(how);
  });

  test('whose letters were damaged, or written as references, says so', () => {
    const named = { ...larkspur, name: 'Zoë & Söhne' };
    const page = (change: (json: string) => string): string =>
      body(writeMarkup(named, 'jsonld').text.replace('"Zoë & Söhne"', change('"Zoë & Söhne"')));
    const causes = (source: string) => judge(source, {}, ADDRESS, named).causes;
    expect(causes(page((name) => name))).toEqual([]);
    expect(causes(page((name) => Buffer.from(name).toString('latin1')))).toMatchObject([
      { code: 'wrong-encoding', message: expect.stringContaining('ZoÃ«') as unknown },
    ]);
    expect(causes(page(() => '"Zo&euml; &#038; S&ouml;hne"'))).toMatchObject([{ code: 'editor-marks' }]);
    expect(causes(page(() => '"Zo? & S??hne"'))).toMatchObject([{ code: 'wrong-encoding' }]);
    expect(causes(page(() => '"Zoe"'))).toMatchObject([{ code: 'not-republished' }]);
    expect(causes(page(() => '"Zo? & Kin?"'))).toMatchObject([{ code: 'not-republished' }]);
  });

  test('whose signs an editor of text exchanged was altered, and is not of an earlier record', () => {
    const named = { ...larkspur, name: 'Zoë’s - "Two" Sons...' };
    const told = (name: string) =>
      judge(body(writeMarkup({ ...named, name }, 'jsonld').text), {}, ADDRESS, named);
    expect(told('Zoë’s – "Two" Sons...')).toMatchObject({
      state: 'altered',
      causes: [
        { code: 'editor-marks', message: expect.stringContaining('“Zoë’s – "Two" Sons...”') as unknown },
      ],
    });
    expect(told("Zoë's - “Two” Sons…").state).toBe('altered');
    expect(told('Zoë’s - "Two" Son').state).toBe('out-of-date');
  });

  test('whose letters only look like those that were meant, says in what they part', () => {
    const named = { ...larkspur, name: 'Zoë & Söhne' };
    const told = (name: string) =>
      judge(body(writeMarkup({ ...named, name }, 'jsonld').text), {}, ADDRESS, named).causes[0];
    expect(told('Zoë & Söhne'.normalize('NFD'))?.message).toContain('decomposed form');
    expect(told('Zoë &\u00a0Söhne')?.message).toContain('U+00A0');
    expect(told('Zoë\u200b & Söhne')?.message).toContain('U+200B');
    expect(told('Zoë &\u00a0Kin')).toMatchObject({ code: 'not-republished' });
  });

  test.each([
    ['numbers in quotes', 'jsonld', /"(latitude|longitude)": ([-\d.]+)/g, '"$1": "$2"'],
    ['schema.org under http', 'microdata', /https:\/\/schema\.org/g, 'http://schema.org'],
  ] as const)('is as intended with %s: machines are told the same', (_, form, from, to) => {
    const page = placed(form).replace(from, to);
    expect(page).not.toBe(placed(form));
    expect(judge(page)).toEqual({ state: 'as-intended', differing: [], missing: [], causes: [] });
  });

  test('with older markup of the branch beside ours says two things', () => {
    const older = writeMarkup({ ...larkspur, id: '', telephone: '(360) 555-0111' }, 'jsonld').text;
    const other = writeMarkup(
      { ...larkspur, id: '', url: '', address: { ...larkspur.address, streetAddress: '9 Elm St' } },
      'jsonld',
    ).text;
    const beside = (markup: string): string => placed('jsonld').replace('</body>', `${markup}</body>`);
    expect(judge(beside(older))).toMatchObject({
      state: 'altered',
      differing: [{ fact: 'telephone', label: 'Telephone', live: '+1 360 555 0111' }],
      causes: [{ code: 'second-markup' }],
    });
    const department = JSON.stringify({
      '@context': 'https://schema.org',
      '@type': 'Pharmacy',
      name: 'The harbour pharmacy',
      url: ADDRESS,
      telephone: '+1 360 555 0133',
      openingHours: 'Mo-Fr 10:00-12:00',
    });
    const departments = `<script type="application/ld+json">${department}</script>`;
    const hours = writeMarkup({ ...larkspur, id: '', hours: emptyHours, specialHours: [] }, 'jsonld');
    const otherHours = hours.text.replace('"name"', '"openingHours": "Mo 01:00-02:00", "name"');
    expect(judge(beside(otherHours)).differing.map(({ fact }) => fact)).toContain('hours.Monday');
    for (const markup of [script, other, departments])
      expect(judge(beside(markup)).state).toBe('as-intended');
  });

  test('that tells of all branches besides is as intended', () => {
    const all = [larkspur, { ...larkspur, id: '', url: 'https://larkspurvane.example/saltby/' }];
    const both = place(placed('jsonld'), 'organization', markupOf('organization', larkspur, all), 'head');
    expect(both.ok && judge(both.source).state).toBe('as-intended');
  });

  test('may be a stored copy', () => {
    expect(judge(placed('jsonld'), { headers: { age: '600' } }, ADDRESS, changed).causes).toMatchObject([
      { code: 'cached-copy', message: expect.stringContaining('10 minutes') as unknown },
    ]);
  });
});

describe('markup that is absent has a likely cause', () => {
  test.each([
    ['curled-quotes', body(`<p>${curl(script)}</p>`)],
    ['curled-quotes', body(`<p>${escapeHtml(curl(script.replace(/<[^>]*>/g, '')))}</p>`)],
    [
      'curled-quotes',
      body(
        curl(
          '<div itemscope itemtype="https://schema.org/VeterinaryCare"><b itemprop="name">Larkspur</b></div>',
        ),
      ),
    ],
    ['escaped-tags', body(`<p>${escapeHtml(script)}</p>`)],
    ['escaped-tags', body(`<pre>${escapeHtml(napBlock(larkspur).text)}</pre>`)],
    ['inside-comment', body(`<!-- ${script} -->`)],
    ['broken-script', body(script.replace('",', '"'))],
    ['curled-quotes', body(ofScript((json) => json.replace(/"([^"]*)"/g, '&#8220;$1&#8221;')))],
    ['curled-quotes', body(ofScript((json) => json.replaceAll('"', '″')))],
    ['curled-quotes', body('<div itemscope itemtype=&#8221;https://schema.org/Store&#8221;>x</div>')],
    ['escaped-quotes', body(ofScript((json) => json.replaceAll('"', '&quot;')))],
    ['escaped-quotes', body(ofScript((json) => json.replaceAll('"', '\\"')))],
    ['editor-marks', body(ofScript((json) => `<p>${json.replaceAll('\n', '<br />\n')}</p>`))],
    ['editor-marks', body(ofScript((json) => json.replaceAll('  ', '&nbsp; ')))],
    ['escaped-tags', body(`<p>${escapeHtml(escapeHtml(script))}</p>`)],
    ['escaped-tags', body(`<textarea>${script}</textarea>`)],
    ['editor-marks', body(ofScript((json) => json.replace(/"(https:[^"]*port-ellery[^"]*)"/, '"[$1]($1)"')))],
    ['editor-marks', body(napBlock(larkspur).text.replaceAll(' itemprop=', '\u00A0itemprop='))],
    ['escaped-quotes', body(ofScript((json) => JSON.stringify(json)))],
    ['wrong-type', body(script.replace('application/ld+json', 'text/plain'))],
    ['wrong-type', body(script.replace(' type="application/ld+json"', ''))],
    ['out-of-sight', body(`<noscript>${script}</noscript>`)],
    ['out-of-sight', body(`<template>${script}</template>`)],
    ['out-of-sight', body(`<iframe srcdoc="${escapeHtml(script)}"></iframe>`)],
    [
      'script-built',
      body('<p>Welcome</p><script>add("application/ld+json", {"@context": "https://schema.org"})</script>'),
    ],
    ['script-built', body('<div id="app"><div class="wait"></div></div><script src="/main.js"></script>')],
    ['wrong-page', body('<h1>Not found</h1><p>Look elsewhere</p>')],
    ['wrong-page', body('<h1>Seite nicht gefunden</h1>')],
    ['wrong-page', ''],
    ['wrong-page', body('')],
    ['escaped-quotes', body(script.replaceAll('"', '\\"'))],
    [
      'stripped-attributes',
      body(writeMarkup(larkspur, 'microdata').text.replaceAll(/ itemprop="[^"]*"/g, '')),
    ],
    ['wrong-page', body('<form><input name="a"><input type="password" name="b"></form>')],
    ['stripped-attributes', body(writeMarkup(larkspur, 'block').text)],
    ['unfilled-template', body(`${writeMarkup(larkspur, 'block').text}<p>{{ schema_markup }}</p>`)],
    ['unfilled-template', body('<p>[local_business id="4"]</p>')],
    ['not-republished', body('<p>{{ greeting }}</p><p>[gallery ids="4"]</p><p>[Our locations]</p>')],
    ['script-built', body('<div id="app"></div><script src="/main.js"></script>')],
    ['wrong-page', body('x', '<link rel="canonical" href="https://larkspurvane.example/other/">')],
    [
      'wrong-page',
      body(
        '<script type="application/ld+json">{"@context":"https://schema.org","@type":"Bakery","name":"Oven"}</script>',
      ),
    ],
    ['not-republished', body('<p>Welcome</p>')],
  ])('%s', (code, page) => {
    const { state, causes } = judge(page);
    expect([state, causes[0]?.code]).toEqual(['absent', code]);
  });

  test('wrong-page, where the address leads elsewhere', () => {
    expect(judge(body('x'), {}, 'https://larkspurvane.example/').causes[0]?.code).toBe('wrong-page');
  });
});
