import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { jsonLd } from '#core/markup';
import { readSource } from '#core/reading';
import { emptyRecord, factRows, factText } from '#core/record';
import { larkspur } from '#sample';
import { accept, propose, type Proposal } from './index.ts';

const of = (source: string, url = ''): readonly string[] =>
  propose(readSource(source, url), url).map(
    ({ from, label, shown, where }) => `${from} ${label}: ${shown} (${where})`,
  );
const page = (body: string, head = '', lang = 'en'): string =>
  `<!doctype html>\n<html lang="${lang}"><head>${head}</head><body>${body}</body></html>`;
const taking = (proposals: readonly Proposal[]) =>
  accept(
    emptyRecord,
    proposals.flatMap(({ values }) => values),
  );

describe('a page without markup', () => {
  test('shows name, description, address, telephone, email, hours, logo and profiles', () => {
    const source = page(
      `<img class="logo" src="/l.png" alt="">\n<h1>Salt &amp; Sons</h1>\n<p>Visit us at: 9 Hollins Row, Saltby TQ1 2AB. We are easy to find.</p>\n<p>Telephone <a href="tel:+442079460321">020 7946 0321</a>, fax 020 7946 0999</p>
<p>hello@salt.example</p><table><tr><td>Mon to Fri</td><td>9am – 5.30pm</td></tr><tr><td>Saturday</td><td>10 to noon</td></tr><tr><td>Sunday</td><td>closed</td></tr></table>
<div class="social"><a href="https://social.example/salt">S</a> <a href="https://social.example/">bare</a> <a href="https://social.example/share?u=x">share</a></div>`,
      '<title>Opticians in Saltby | Salt</title><meta name="description" content="Eye tests since 1974."><meta property="og:site_name" content="Salt"><link rel="canonical" href="/home">',
      'en-GB',
    );
    expect(of(source, 'https://salt.example/index.html')).toEqual([
      'page Name: Salt (meta og:site_name, line 2)',
      'page Name: Salt & Sons (heading, line 3)',
      'page Name: Opticians in Saltby (page title, line 2)',
      'page Description: Eye tests since 1974. (meta description, line 2)',
      'page Page address: https://salt.example/home (canonical link, line 2)',
      'page Logo: https://salt.example/l.png (picture, line 2)',
      'page Address: 9 Hollins Row, Saltby, TQ1 2AB, GB (shown, line 4)',
      'page Telephone: 020 7946 0321 (telephone link, line 5)',
      'page Fax: 020 7946 0999 (shown, line 5)',
      'page Email: hello@salt.example (shown, line 6)',
      'page Hours: Mon–Fri 09:00-17:30; Sat 10:00-12:00; Sun closed (shown, line 6)',
      'page Profiles: https://social.example/salt (profile links of the page)',
    ]);
  });

  test('reads an address element with its breaks, and tells another number that is shown', () => {
    expect(
      of(
        page(
          '<address>214 Quay Street<br>Port Ellery, WA 98299</address><p>Call (360) 555-0142 or 360.555.0177.',
        ),
      ),
    ).toEqual([
      'page Address: 214 Quay Street, Port Ellery, WA 98299, US (shown, address element)',
      'page Telephone: (360) 555-0142 (shown, line 2)',
      'page Telephone: 360.555.0177 (shown, line 2)',
    ]);
  });

  test('proposes nothing from nothing', () => {
    expect(of(page('<p>Hello, world 2026'))).toEqual([]);
    expect(of('')).toEqual([]);
    expect(of('{"@context":"https://schema.org","@type":"Person"}')).toEqual([]);
  });
});

describe('markup', () => {
  test('comes first, and what is taken is the record again', () => {
    const proposals = propose(readSource(jsonLd(larkspur).text));
    expect(proposals.every(({ from }) => from === 'markup')).toBe(true);
    const taken = taking(proposals);
    for (const { fact } of factRows)
      if (
        !/^pin\.[oe]|timeZone|pagePattern|telephone|mobile|messaging|fax|contactPoint|department/.test(fact)
      )
        expect([fact, factText(taken, fact)]).toEqual([fact, factText(larkspur, fact)]);
    expect(proposals.find(({ unit }) => unit === 'pin')?.where).toMatch(/^JSON-LD, line \d+$/);
  });

  test('loosely written is read as people would', () => {
    const site = (name: string): string =>
      readFileSync(new URL(`../../demo/sites/${name}`, import.meta.url), 'latin1');
    const broken = of(site('tinderboxkiln.example/index.html'), 'https://tinderboxkiln.example/');
    expect(broken).toContain('markup Hours: Tue–Fri 10:00-13:00, 15:00-19:00 (JSON-LD, line 9)');
    expect(broken).toContain(
      'markup Images: https://tinderboxkiln.example/img/kiln.jpg; https://tinderboxkiln.example/img/shelf.jpg (JSON-LD, line 14)',
    );
    const old = of(site('hollinsrow.example/saltby.html'), 'https://hollinsrow.example/saltby.html');
    expect(old).toContain('markup Address: 9 Hollins Row, Saltby, TQ1 2AB, GB (microdata, line 12)');
    expect(old).toContain('page Telephone: 020 7946 0321 (shown, line 8)');
  });
});

test('accepting part of a whole clears the rest of it', () => {
  expect(accept(larkspur, [{ fact: 'hours.Monday', text: '10:00-12:00' }]).hours).toEqual({
    ...emptyRecord.hours,
    Monday: '10:00-12:00',
  });
  expect(accept(larkspur, [{ fact: 'telephone', text: '1' }])).toEqual({ ...larkspur, telephone: '1' });
});

test('a picture is a logo by its name, and no other', () => {
  const logos = (picture: string): readonly string[] =>
    of(page(picture)).filter((one) => one.includes('Logo'));
  expect(logos('<img src="https://a.example/logo.png" alt="">')).toHaveLength(1);
  expect(logos('<img src="https://a.example/front.png" alt="">')).toEqual([]);
  expect(logos('<span class="logo">A</span>')).toEqual([]);
});
