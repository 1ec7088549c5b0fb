import { describe, expect, test } from '@jest/globals';
import { readSource } from '#core/reading';
import { napBlock, writeMarkup } from '#core/markup';
import { escapeHtml } from '#core/text';
import { larkspur } from '#sample';
import { judgeLive, place, type LiveAnswer } from './index.ts';

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
const curl = (text: string): string => text.replace(/"([^"]*)"/g, '“$1”');

describe('a live page', () => {
  test('is as intended where a machine reads what the record says', () => {
    for (const page of [placed('jsonld'), placed('microdata'), body(script)])
      expect(judge(page)).toMatchObject({ state: 'as-intended', differing: [], causes: [] });
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
    ['stripped-attributes', body(writeMarkup(larkspur, 'block').text)],
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
