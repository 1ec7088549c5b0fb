/** What the command line does with pages: place, weave, verify, remove. */
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { afterAll, describe, expect, test } from '@jest/globals';
import { jsonLd, jsonLdGraph, napBlock } from '#core/markup';
import { larkspur } from '#sample';

const zinc = join(import.meta.dirname, '../bin/zinc');
const folder = mkdtempSync(join(tmpdir(), 'zinc-pages-'));
const file = (name: string, content: string): string => {
  mkdirSync(dirname(join(folder, name)), { recursive: true });
  writeFileSync(join(folder, name), content);
  return join(folder, name);
};
const run = (words: readonly string[]): { status: number | null; out: string; err: string } => {
  const { status, stdout, stderr } = spawnSync(zinc, words, { cwd: folder, encoding: 'utf8' });
  return { status, out: stdout, err: stderr };
};
const text = (path: string): string => readFileSync(path, 'utf8');

const markup = jsonLd(larkspur).text;
const record = file('record.json', markup.replace(/<\/?script[^>]*>/g, ''));
const plain = file(
  'plain.html',
  '<html><head><title>x</title></head><body>\n<p id="p">y</p>\n</body></html>\n',
);
const shown = file(
  'shown.html',
  '<html><body><footer><b>Larkspur &amp; Vane Veterinary Care</b><br><i>214 Quay Street</i><br>Port Ellery, WA 98299<br><a href="tel:+13605550142">(360) 555-0142</a></footer></body></html>\n',
);

const tallowBay = {
  ...larkspur,
  id: '',
  url: 'https://shop.example/tallow-bay.html',
  telephone: '(360) 555-0151',
  address: { ...larkspur.address, streetAddress: '1 Bay Road', addressLocality: 'Tallow Bay' },
};

afterAll(() => {
  rmSync(folder, { recursive: true });
});

describe('zinc place', () => {
  test('takes places at elements and presets', () => {
    const preset = file('preset.json', JSON.stringify({ form: 'card', at: 'after:#p' }));
    const { status, out } = run(['place', plain, '--record', record, '--preset', preset]);
    expect(status).toBe(0);
    expect(out.indexOf('zinc-post card')).toBeGreaterThan(out.indexOf('</p>'));
    expect(run(['place', plain, '--record', record, '--at', 'before:#none']).err).toContain('No element');
    expect(run(['place', plain, '--record', record, '--at', 'beside:#p'])).toMatchObject({ status: 2 });
    const bad = file('bad.json', '{"form":"poster"}');
    expect(run(['place', plain, '--record', record, '--preset', bad]).err).toContain('is no preset: form');
  });

  test('takes no page that it wrote itself, and is stopped by no empty folder', () => {
    const site = dirname(file('whole/index.html', text(plain)));
    mkdirSync(join(folder, 'nothing'));
    const out = join(site, 'done');
    for (let time = 0; time < 2; time += 1) {
      const { status, err } = run(['place', 'nothing', site, '--record', record, '--out', out]);
      expect({ status, err }).toMatchObject({ status: 1, err: expect.stringContaining('holds no page') });
      expect(readdirSync(out)).toEqual(['index.html']);
    }
  });

  test('tells, adopts or replaces what stands there already', () => {
    const there = file('there.html', `<html><body>${markup}</body></html>`);
    expect(run(['place', there, '--record', record])).toMatchObject({
      status: 0,
      err: expect.stringContaining('stands on this page too and says the same') as unknown,
    });
    const adopted = run(['place', there, '--record', record, '--existing', 'adopt']);
    expect([adopted.status, adopted.out]).toEqual([0, text(there)]);
    const replaced = run(['place', there, '--record', record, '--existing', 'replace']);
    expect(replaced.out.match(/ld\+json/g)).toHaveLength(1);
  });

  test('works on folders, and one bad page stops no other', () => {
    file('site/a.html', text(plain));
    file('site/sub/b.html', text(plain));
    file('site/c.html', 'no page');
    const out = join(folder, 'placed');
    const placed = run(['place', join(folder, 'site'), '--record', record, '--out', out]);
    expect(placed.status).toBe(1);
    expect(placed.err).toContain('c.html: This is no HTML page');
    expect(text(join(out, 'sub/b.html'))).toContain('ld+json');
    const back = join(folder, 'back');
    expect(run(['remove', out, '--out', back]).status).toBe(0);
    expect(text(join(back, 'a.html'))).toBe(text(plain));
    expect(run(['place', join(folder, 'site'), '--record', record]).err).toContain('--out DIR');
  });
});

describe('several businesses in one record file', () => {
  const branches = [larkspur, tallowBay];
  const both = file('both.json', jsonLdGraph(branches).text.replace(/<\/?script[^>]*>/g, ''));
  const page = (title: string, body: string): string =>
    `<html><head><title>${title}</title></head><body>\n<p>${body}</p>\n</body></html>\n`;
  file(
    'two/quay.html',
    page('Quay Street', 'Larkspur &amp; Vane Veterinary Care<br>214 Quay Street, Port Ellery, WA 98299'),
  );
  file('two/tallow-bay.html', page('Practice', 'Ring us.'));
  file('two/about.html', page('About', 'Two practices.'));
  const site = join(folder, 'two');

  test('each page gets its own, told apart by what it says or by its address, and the others are left', () => {
    const out = join(folder, 'two-out');
    const { status, err } = run([
      'place',
      site,
      '--record',
      both,
      '--url',
      'https://shop.example',
      '--out',
      out,
    ]);
    expect(status).toBe(0);
    expect(err).toContain('about.html: Nothing tells which of the 2 businesses');
    expect(readdirSync(out).sort()).toEqual(['quay.html', 'tallow-bay.html']);
    expect(text(join(out, 'quay.html'))).toContain('"streetAddress": "214 Quay Street"');
    expect(text(join(out, 'tallow-bay.html'))).toContain('"streetAddress": "1 Bay Road"');
    expect(run(['verify', out, '--record', both])).toMatchObject({ status: 0 });
    const other = run(['verify', join(site, 'about.html'), '--record', both]);
    expect([other.status, other.out]).toEqual([1, expect.stringContaining('absent')]);
    expect(other.out).toContain('Nothing tells which of the 2 businesses this page is about.');
    // Without the address of the site nothing tells whose the second page is.
    const less = run(['place', site, '--record', both, '--out', join(folder, 'two-less')]);
    expect(readdirSync(join(folder, 'two-less'))).toEqual(['quay.html']);
    expect(less.err).toContain('tallow-bay.html: Nothing tells');
  });

  test('one page goes into a folder that is there, and --url may be its own address', () => {
    const out = join(folder, 'two-one');
    const own = ['--url', 'https://shop.example/tallow-bay.html', '--out', out];
    const page = join(site, 'tallow-bay.html');
    mkdirSync(out);
    expect(run(['place', page, '--record', both, ...own])).toMatchObject({ status: 0 });
    expect(text(join(out, 'tallow-bay.html'))).toContain('"streetAddress": "1 Bay Road"');
    expect(run(['place', page, '--record', both, '--url', 'https://shop.example/']).out).toContain(
      '1 Bay Road',
    );
    // In a check too each page of a folder has its own address below that of the folder.
    const check = (url: string): string => run(['check', out, '--url', url]).out;
    expect(check('https://other.example/')).toContain('agreement/url');
    expect(check('https://shop.example/')).not.toContain('agreement/url');
    const named = { '@type': 'Store', name: 'Shop', url: 'https://shop.example/a/own.html' };
    const organization = {
      '@context': 'https://schema.org',
      '@type': 'Organization',
      subOrganization: named,
    };
    for (const name of ['own', 'other'])
      file(
        `named/a/${name}.html`,
        `<script type="application/ld+json">${JSON.stringify(organization)}</script>`,
      );
    const told = run(['check', join(folder, 'named'), '--url', 'https://shop.example']).out;
    expect(told.match(/\w+\.html:\S+ must guideline\/required/g)).toEqual([
      expect.stringContaining('own.html'),
    ]);
  });

  test('a page that is nobody’s own gets nothing, and none at all is no success', () => {
    const about = join(site, 'about.html');
    expect(run(['place', about, '--record', both])).toMatchObject({ status: 2, out: '' });
    expect(run(['place', about, about, '--record', both, '--out', join(folder, 'none')]).status).toBe(1);
    expect(run(['weave', about, '--record', both])).toMatchObject({ status: 2, out: '' });
    expect(run(['place', about, '--record', both, '--url', 'shop']).err).toContain('--url takes the address');
  });

  test('the organisation and the list of branches tell of all of them on every page', () => {
    const organization = run([
      'place',
      join(site, 'about.html'),
      '--record',
      both,
      '--format',
      'organization',
    ]);
    expect(organization.status).toBe(0);
    expect(organization.out.match(/"@type"/g)).toHaveLength(3);
    const preset = file('all.json', '{"form":"branches","at":"after:p"}');
    const list = run(['place', join(site, 'about.html'), '--record', both, '--preset', preset]);
    expect(list.out).toMatch(/<\/p>[\s\S]*214 Quay Street[\s\S]*1 Bay Road/);
    expect(run(['markup', both, '--format', 'branches']).out).toContain('1 Bay Road');
  });

  test('each is woven into its own page', () => {
    const out = join(folder, 'two-woven');
    const { status, err } = run(['weave', join(site, 'quay.html'), '--record', both, '--out', out]);
    expect([status, err]).toEqual([0, expect.stringContaining('Woven and read back: Street')]);
  });

  test('all of them are written, and a command that takes one says which', () => {
    const again = run(['markup', both, '--format', 'graph']);
    const nodes = (source: string): unknown =>
      (JSON.parse(source.replace(/<\/?script[^>]*>/g, '')) as { '@graph': object[] })['@graph'].length;
    expect([again.status, again.err, nodes(again.out)]).toEqual([0, '', nodes(text(both))]);
    expect(run(['markup', both]).out.match(/ld\+json/g)).toHaveLength(2);
    const stamped = run(['stamp', plain, '--record', both, '--out', join(folder, 'none')]);
    expect(stamped.err).toContain('both.json holds 2 businesses; the first');
  });

  test('a department is no branch', () => {
    const clinic = {
      '@type': 'MedicalClinic',
      '@id': '#clinic',
      name: 'Clinic',
      department: { '@id': '#shop' },
    };
    const shop = { '@type': 'Pharmacy', '@id': '#shop', name: 'Shop' };
    const one = file(
      'one.json',
      JSON.stringify({ '@context': 'https://schema.org', '@graph': [clinic, shop] }),
    );
    expect(run(['place', join(site, 'about.html'), '--record', one]).out).toContain('MedicalClinic');
  });
});

describe('zinc weave', () => {
  test.each(['microdata', 'rdfa'])('marks the text of a page as %s, and remove gives it back', (syntax) => {
    const out = join(folder, 'woven.html');
    const { status, err } = run(['weave', shown, '--record', record, '--syntax', syntax, '--out', out]);
    expect([status, err]).toEqual([0, expect.stringContaining('Woven and read back: Street')]);
    expect(text(out).replace(/<[^>]*>/g, '')).toBe(text(shown).replace(/<[^>]*>/g, ''));
    expect(run(['verify', out, '--record', record]).status).toBe(0);
    expect(run(['remove', out]).out).toBe(text(shown));
  });

  test('offers what visitors read otherwise, and corrects it when asked', () => {
    const old = file('old.html', text(shown).replace('555-0142', '555-0199').replace('5550142', '5550199'));
    const { status, out } = run(['weave', old, '--record', record, '--json']);
    expect(status).toBe(1);
    expect(JSON.parse(out)).toMatchObject({
      ok: true,
      differing: [{ fact: 'telephone', shown: '(360) 555-0199', meant: '(360) 555-0142' }],
    });
    const corrected = run(['weave', old, '--record', record, '--correct']);
    expect(corrected.status).toBe(0);
    expect(
      corrected.out.replace(
        / ?<span hidden.*?<\/span><\/span>| (itemprop|item\w+|data-zinc-post)(="[^"]*")?/g,
        '',
      ),
    ).toContain('<a href="tel:+13605550142">');
  });

  test('says why a page is left as it is', () => {
    expect(run(['weave', plain, '--record', record])).toMatchObject({ status: 2, out: '' });
    expect(JSON.parse(run(['weave', plain, '--record', record, '--json']).out)).toMatchObject({ ok: false });
  });
});

describe('zinc verify', () => {
  test('tells pages that are as intended from those that are not, and from those that cannot be read', async () => {
    const pages: Readonly<Record<string, string>> = {
      '/good/': `<html><body>${markup}</body></html>`,
      '/old/': `<html><body>${markup.replace('360 555 0142', '360 555 0199')}</body></html>`,
      '/text/': `<html><body>${napBlock(larkspur).text.replaceAll('<', '&lt;')}</body></html>`,
    };
    const server = createServer((request, response) => {
      const page = pages[request.url ?? ''];
      response.writeHead(page ? 200 : 404, { 'content-type': 'text/html' }).end(page ?? 'no');
    });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.address() as AddressInfo;
    const verify = (...names: string[]) =>
      new Promise<{ status: number | null; out: string }>((resolve) => {
        const words = [
          'verify',
          ...names.map((name) => `http://x.example/${name}`),
          '--record',
          record,
          '--json',
        ];
        const child = spawn(zinc, words, {
          env: { ...process.env, ZINC_STANDIN_HOST: `127.0.0.1:${String(port)}` },
        });
        let out = '';
        child.stdout.on('data', (chunk: Buffer) => (out += chunk.toString()));
        child.on('exit', (status) => resolve({ status, out }));
      });
    try {
      const answers = await Promise.all([
        verify('good/'),
        verify('good/', 'old/', 'none/'),
        verify('none/'),
        verify('text/'),
      ]);
      expect(answers.map(({ status }) => status)).toEqual([0, 1, 2, 1]);
      expect(JSON.parse(answers[1].out)).toMatchObject({
        pages: [
          { state: 'as-intended', status: 200 },
          { state: 'out-of-date', differing: [{ fact: 'telephone', live: '+1 360 555 0199' }] },
          { state: 'unreachable', problem: 'The host answers with status 404.' },
        ],
      });
      expect(JSON.parse(answers[3].out)).toMatchObject({
        pages: [{ state: 'absent', causes: [{ code: 'escaped-tags' }] }],
      });
    } finally {
      server.close();
    }
  });
});
