import { spawnSync } from 'node:child_process';
import {
  existsSync,
  linkSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  symlinkSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { jsonLd, outputForms, toldRecord, writeMarkup } from '#core/markup';
import { larkspur } from '#sample';

const zinc = join(import.meta.dirname, '../bin/zinc');
const folder = mkdtempSync(join(tmpdir(), 'zinc-cli-'));
const file = (name: string, content: string | Uint8Array): string => {
  writeFileSync(join(folder, name), content);
  return join(folder, name);
};
let record = '';
let page = '';
let photo = '';

// From another folder, as it must work from any.
function run(words: readonly string[], input = ''): { status: number | null; out: string; err: string } {
  const { status, stdout, stderr } = spawnSync(zinc, words, {
    cwd: folder,
    encoding: 'utf8',
    input,
    maxBuffer: 64 * 1024 * 1024,
  });
  return { status, out: stdout, err: stderr };
}
const json = (words: readonly string[], input = ''): Record<string, unknown> =>
  JSON.parse(run(words, input).out) as Record<string, unknown>;

beforeAll(async () => {
  record = file('record.json', jsonLd(larkspur).text.replace(/<\/?script[^>]*>/g, ''));
  page = file(
    'page.html',
    '<!doctype html>\r\n<html><head><title>x</title>\r\n</head>\r\n<body><p>y</p>\r\n</body></html>\r\n',
  );
  photo = file(
    'front.jpg',
    await sharp({ create: { width: 60, height: 40, channels: 3, background: '#456' } })
      .jpeg()
      .toBuffer(),
  );
});

afterAll(() => {
  rmSync(folder, { recursive: true });
});

/** The nodes of a graph, which may come in another order. */
function nodesOf(text: string): readonly unknown[] {
  const graph = JSON.parse(text.replace(/<\/?script[^>]*>/g, '')) as { '@graph': { '@id': string }[] };
  return graph['@graph'].sort((a, b) => (a['@id'] < b['@id'] ? -1 : 1));
}

describe('zinc markup', () => {
  test('writes the record in either form, the same as the application', () => {
    expect(run(['markup', record, record])).toMatchObject({ status: 2, out: '' });
    expect(run(['read', record, record])).toMatchObject({ status: 2, out: '' });
    expect(run(['markup', record]).out.trim()).toBe(
      jsonLd({ ...larkspur, telephone: '+1 360 555 0142' }).text,
    );
    expect(run(['markup', record, '--format', 'microdata']).out).toContain('itemprop="telephone"');
  });

  test.each(outputForms)('%s says what the application says, and loses nothing on the way', (form) => {
    const { status, out } = run(['markup', record, '--format', form]);
    expect(status).toBe(0);
    expect(out.trim()).toBe(writeMarkup({ ...toldRecord(larkspur), kept: larkspur.kept }, form).text);
    if (form === 'block' || form === 'card' || form === 'hours') return;
    // What was written is a record again, and says the same in every form.
    const again = file(`again-${form}.html`, out);
    const more = run(['markup', again, '--format', form]);
    expect(more.err).toBe('');
    if (form !== 'graph') expect(more.out).toBe(out);
    else expect(nodesOf(more.out)).toEqual(nodesOf(out));
  });

  test('says again what a graph written by hand said, and names what a form cannot carry', () => {
    const inn = file(
      'inn.html',
      '<script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"WebSite","@id":"https://inn.example/#site","publisher":{"@id":"https://inn.example/#inn"}},{"@type":"Hotel","@id":"https://inn.example/#inn","name":{"@value":"Gasthof","@language":"de"},"petsAllowed":true,"checkinTime":"14:00","starRating":{"@type":"Rating","ratingValue":4}}]}</script>',
    );
    const { out, err } = run(['markup', inn]);
    const written = JSON.parse(out.replace(/<\/?script[^>]*>/g, '')) as Record<string, unknown>;
    expect(written['@graph']).toEqual([
      {
        '@type': 'Hotel',
        '@id': 'https://inn.example/#inn',
        name: { '@language': 'de', '@value': 'Gasthof' },
        petsAllowed: true,
        checkinTime: '14:00',
        starRating: { '@type': 'Rating', ratingValue: 4 },
      },
      {
        '@type': 'WebSite',
        '@id': 'https://inn.example/#site',
        publisher: { '@id': 'https://inn.example/#inn' },
      },
    ]);
    expect(err).toBe('');
    expect(run(['markup', inn, '--format', 'microdata']).err).toBe(
      'zinc: microdata does not say as it came: name\n',
    );
  });

  test('says why it cannot run', () => {
    expect(run(['markup', record, '--format', 'rdf'])).toMatchObject({
      status: 2,
      out: '',
      err: expect.stringContaining('jsonld or graph or microdata or rdfa or block') as unknown,
    });
    expect(run(['markup', file('bad.json', '{"name" "A"}')])).toMatchObject({
      status: 2,
      err: expect.stringContaining('bad.json:1:8') as unknown,
    });
    expect(
      run(['markup', file('none.json', '{"@context":"https://schema.org","@type":"Person"}')]).status,
    ).toBe(2);
    expect(run(['markup', 'missing.json'])).toMatchObject({
      status: 2,
      err: expect.stringContaining('no such file') as unknown,
    });
    expect(run(['markup', folder]).err).toContain('folder');
    expect(run(['markup', record, '--colour', 'x']).status).toBe(2);
    expect(run(['frobnicate']).status).toBe(2);
    expect(run(['markup', '--help'])).toMatchObject({
      status: 0,
      out: expect.stringMatching(/^zinc markup RECORD/) as unknown,
    });
    const { version } = JSON.parse(readFileSync(join(import.meta.dirname, '../package.json'), 'utf8')) as {
      version: string;
    };
    expect(run(['--version'])).toMatchObject({ status: 0, out: `${version}\n` });
    expect(run(['help'])).toMatchObject({ status: 0, out: expect.stringContaining('zinc stamp') as unknown });
  });
});

describe('zinc check', () => {
  test('answers in the stable form, with the exit status', () => {
    const source = '{"@context":"https://schema.org","@type":"VeterinaryCare","name":"A","telephone" "1"}';
    const result = run(['check', '-', '--json'], source);
    expect(result.status).toBe(1);
    const checked = JSON.parse(result.out) as {
      items: unknown[];
      findings: { code: string }[];
      summary: { must: number };
    };
    expect(checked.items).toEqual([
      {
        syntax: 'jsonld',
        types: ['VeterinaryCare'],
        id: null,
        properties: { name: ['A'], telephone: ['1'] },
        place: { start: 0, end: source.length, line: 1, column: 1 },
      },
    ]);
    expect(checked.findings.find(({ code }) => code === 'syntax/missing-colon')).toEqual({
      code: 'syntax/missing-colon',
      grade: 'must',
      message: expect.any(String),
      property: null,
      place: { start: 80, end: 80, line: 1, column: 81 },
      mend: { edits: [{ start: 80, end: 80, text: ':' }], certain: true },
      related: [],
    });
    expect(checked.summary.must).toBe(
      checked.findings.filter((one) => (one as { grade?: string }).grade === 'must').length,
    );
    expect(run(['check', record]).status).toBe(0);
    expect(run(['check', record, '--record', record, '--url', larkspur.url]).out).toMatch(/0 must, 0 should/);
    for (const words of [
      ['check', record],
      ['read', record],
    ]) {
      const { status, err } = run([...words, '--url', 'larkspurvane']);
      expect([status, err]).toEqual([2, expect.stringContaining('--url takes the address of the page')]);
    }
    const page = join(folder, 'nowhere.html');
    writeFileSync(page, '<!doctype html><title>x</title><p>x</p>');
    expect(run(['place', page, '--record', record, '--out', join(folder, 'no/a.html')]).err).toMatch(
      /cannot be written: there is no such folder/,
    );
  });

  test('takes many sources, folders and sitemaps, profiles and ignores', () => {
    const site = join(folder, 'site');
    mkdirSync(join(site, 'deep'), { recursive: true });
    writeFileSync(join(site, 'index.html'), '<p>Home');
    writeFileSync(
      join(site, 'deep', 'a.html'),
      '<script type="application/ld+json">{"@type":"Store",}</script>',
    );
    writeFileSync(join(site, 'notes.txt'), 'no page');
    const all = run(['check', site, record, '--json']);
    const { sources, summary } = JSON.parse(all.out) as {
      sources: { source: string; findings: { code: string }[] }[];
      summary: { must: number };
    };
    expect(sources.map(({ source }) => source)).toEqual([
      join(site, 'deep/a.html'),
      join(site, 'index.html'),
      record,
    ]);
    expect(all.status).toBe(1);
    expect(summary.must).toBeGreaterThan(1);
    expect(run(['check', join(site, 'index.html'), '--profile', 'vocabulary']).status).toBe(0);
    expect(run(['check', join(site, 'index.html'), '--ignore', 'structure/no-business'])).toMatchObject({
      status: 0,
      out: '0 must, 0 should, 0 note\n',
    });
    expect(run(['check', record, '--ignore', 'nonsense'])).toMatchObject({ status: 2 });
    expect(run(['check', record, '--profile', 'nonsense']).status).toBe(2);
    expect(run(['check', record, '--json', '--sarif']).status).toBe(2);
    expect(run(['check', join(folder, 'empty-of-pages')]).status).toBe(2);
    const sitemap = file('sitemap.xml', '<urlset><url><loc>http://127.0.0.1/x</loc></url></urlset>');
    expect(run(['check', '--sitemap', sitemap])).toMatchObject({
      status: 2,
      err: expect.stringContaining('no place on the public web') as unknown,
    });
    expect(run(['check', '--sitemap', file('none.xml', '<urlset/>')]).err).toContain('names no page');
    const index = file(
      'index.xml',
      '<x><sitemap><loc>http://127.0.0.1/s</loc></sitemap><url><loc>http://127.0.0.1/p</loc></url></x>',
    );
    expect(run(['check', '--sitemap', index, record])).toMatchObject({
      out: expect.stringContaining('in 1 source, 1 could not be read') as unknown,
      err: expect.stringMatching(/0\.1\/s: [\s\S]*0\.1\/p: /) as unknown,
    });
  });

  test('is stopped by no source that cannot be read', () => {
    const empty = join(folder, 'empty');
    mkdirSync(empty);
    const sources = ['check', join(folder, 'gone.html'), empty, record];
    const { status, out, err } = run([...sources, '--json']);
    expect(status).toBe(2);
    expect(JSON.parse(out)).toMatchObject({
      sources: [{ source: record }],
      unread: [{ source: empty }, { source: join(folder, 'gone.html') }],
    });
    expect(err).toMatch(/holds no page[\s\S]*no such file/);
    expect(run(sources).out).toContain('in 1 source, 2 could not be read');
    expect(run([...sources, '--sarif']).out).toContain('"executionSuccessful": false');
    expect(run(sources.slice(0, 2))).toMatchObject({ status: 2, out: '' });
  });

  test('tells what one source says against another', () => {
    const other = file(
      'other.json',
      readFileSync(record, 'utf8').replace(/("telephone": )"[^"]+"/, '$1"+1 360 555 0199"'),
    );
    const found = run(['check', record, other]);
    expect(found).toMatchObject({ status: 1 });
    expect(found.out).toMatch(/other\.json:\d+:\d+: must agreement\/pages: .*360 555 0199/);
    expect(run(['check', record, other, '--ignore', 'agreement/pages']).status).toBe(0);
    expect(run(['check', record, record]).status).toBe(0);
    const { runs } = json(['check', record, other, '--sarif']) as {
      runs: { results: { ruleId: string; relatedLocations?: object[] }[] }[];
    };
    expect(
      runs[0]?.results.find(({ ruleId }) => ruleId === 'agreement/pages')?.relatedLocations,
    ).toMatchObject([{ physicalLocation: { artifactLocation: { uri: record }, region: {} } }]);
  });

  test('tells what visitors read on other pages of the site, and blames none for describing no business', () => {
    const site = join(folder, 'read');
    mkdirSync(site);
    const block = (number: string): string => `<p>214 Quay Street, Port Ellery, WA 98299<br>${number}</p>`;
    writeFileSync(join(site, 'contact.html'), block('(360) 555-0199'));
    writeFileSync(join(site, 'index.html'), `${jsonLd(larkspur).text}${block('(360) 555-0142')}`);
    writeFileSync(join(site, 'news.html'), '<p>We moved the benches.');
    const musts = (...words: string[]): readonly string[] =>
      run(['check', site, ...words])
        .out.split('\n')
        .filter((line) => / must agreement\/shown|no-business/.test(line))
        .map((line) => line.slice(site.length + 1));
    const [told, ...more] = musts();
    expect(told).toMatch(
      /^contact\.html:1:\d+: must agreement\/shown: .*0199.* of .*index\.html says .*0142/,
    );
    expect(more).toEqual([]);
    const [against] = musts('--record', record, '--url', 'https://larkspurvane.example/');
    expect(against).toMatch(
      /^contact\.html:1:\d+: must agreement\/shown: .*the record says .*mend is proposed/,
    );
    expect(musts('--ignore', 'agreement/shown').join('')).not.toContain('0199');
  });

  test('of several branches each page is held against its own, or those that it shows', () => {
    const site = join(folder, 'several');
    mkdirSync(site);
    const bay = {
      ...larkspur,
      id: '',
      url: 'https://larkspurvane.example/bay/',
      telephone: '(360) 555-0177',
      address: { ...larkspur.address, streetAddress: '3 Gull Lane', addressLocality: 'Tallow Bay' },
    };
    const several = file('several.html', jsonLd(larkspur).text + jsonLd(bay).text);
    const block = (street: string, number: string): string => `<p>${street}, WA 98299<br>${number}</p>`;
    writeFileSync(
      join(site, 'all.html'),
      block('214 Quay Street, Port Ellery', '(360) 555-0142') +
        block('3 Gull Lane, Tallow Bay', '(360) 555-0178'),
    );
    writeFileSync(
      join(site, 'bay.html'),
      jsonLd({ ...bay, slogan: 'By the bay' }).text + block('3 Gull Lane', '(360) 555-0177'),
    );
    const { out, err } = run(['check', site, '--record', several]);
    expect(err).toBe('');
    const told = out.split('\n').filter((line) => / must | record-other|no-business/.test(line));
    expect(told).toEqual([expect.stringMatching(/all\.html:1:\d+: must agreement\/shown: .*0178.*0177/)]);
    expect(out).toMatch(/bay\.html:\d+:\d+: should agreement\/record-other: .*By the bay/);
  });

  test('writes SARIF for code review tools, and reports', () => {
    const broken = file(
      'broken.html',
      '<p>é</p>\n<script type="application/ld+json">{"@type":"Store",\n"name" "A"}</script>',
    );
    const { out, status } = run(['check', broken, '--sarif', '--report', join(folder, 'r.html')]);
    expect(status).toBe(1);
    const log = JSON.parse(out) as {
      version: string;
      runs: {
        tool: { driver: { rules: { id: string }[] } };
        results: {
          ruleId: string;
          ruleIndex: number;
          level: string;
          locations: { physicalLocation: { region: object } }[];
          fixes?: object[];
        }[];
      }[];
    };
    expect(log.version).toBe('2.1.0');
    const [first] = log.runs;
    const colon = first?.results.find(({ ruleId }) => ruleId === 'syntax/missing-colon');
    expect(colon?.level).toBe('error');
    expect(colon?.locations[0]?.physicalLocation.region).toMatchObject({
      startLine: 3,
      startColumn: 7,
      endLine: 3,
      endColumn: 7,
    });
    expect(colon?.fixes).toHaveLength(1);
    for (const { ruleId, ruleIndex } of first?.results ?? [])
      expect(first?.tool.driver.rules[ruleIndex]?.id).toBe(ruleId);
    expect(readFileSync(join(folder, 'r.html'), 'utf8')).toContain('syntax/missing-colon');
    expect(run(['check', broken, '--report', join(folder, 'r.csv')]).status).toBe(1);
    expect(readFileSync(join(folder, 'r.csv'), 'utf8')).toContain('syntax/missing-colon');
    expect(run(['check', broken, '--report', 'r.pdf']).status).toBe(2);
  });

  test('survives hostile and huge input', () => {
    expect(json(['check', '-', '--json'], '['.repeat(100_000))).toMatchObject({
      findings: [{ code: 'syntax/too-deep' }],
    });
    const large = file('large.html', '');
    truncateSync(large, 20 * 1024 * 1024);
    expect(run(['check', large])).toMatchObject({
      status: 2,
      err: expect.stringContaining('at most 16 MB') as unknown,
    });
    expect(json(['check', file('utf16.html', Buffer.from('\ufeff<p>x', 'utf16le')), '--json'])).toMatchObject(
      {
        findings: [{ code: 'structure/no-business' }],
      },
    );
  });
});

describe('zinc place and remove', () => {
  test('put markup in, replace it, and take it out byte for byte', () => {
    const placed = join(folder, 'placed.html');
    expect(run(['place', page, '--record', record, '--out', placed])).toMatchObject({
      status: 0,
      err: expect.stringContaining('proved') as unknown,
    });
    expect(run(['place', placed, '--record', record, '--out', placed]).status).toBe(0);
    expect(readFileSync(placed, 'utf8').match(/ld\+json/g)).toHaveLength(1);
    expect(
      run(['place', placed, '--record', record, '--format', 'microdata', '--at', 'body-end', '--out', placed])
        .status,
    ).toBe(0);
    expect(run(['check', placed, '--record', record]).out).toMatch(/0 must, 0 should/);
    expect(run(['remove', placed]).out).toBe(readFileSync(page, 'utf8'));
    expect(existsSync(join(folder, '.placed.html.part'))).toBe(false);
  });

  test('refuse what cannot be, and write nothing', () => {
    const out = join(folder, 'never.html');
    expect(
      run(['place', page, '--record', record, '--format', 'microdata', '--at', 'head', '--out', out]).status,
    ).toBe(2);
    expect(run(['place', file('text.txt', 'no page'), '--record', record, '--out', out]).status).toBe(2);
    expect(
      run(['place', file('open.html', '<!-- never closed <body>'), '--record', record, '--out', out]).status,
    ).toBe(2);
    expect(run(['place', page, '--out', out]).status).toBe(2);
    expect(existsSync(out)).toBe(false);
    expect(run(['remove', page, '--out', join(folder, 'no/such/folder.html')])).toMatchObject({ status: 2 });
  });
});

describe('zinc stamp and read', () => {
  test('write photos into another folder, proved, and read them again', () => {
    const out = join(folder, 'out');
    const result = json([
      'stamp',
      photo,
      '--record',
      record,
      '--title',
      'T',
      '--caption',
      'C',
      '--keywords',
      'a, b',
      '--alt',
      'A',
      '--out',
      out,
      '--json',
    ]);
    expect(result).toMatchObject({
      photos: [{ photo, out: join(out, 'front.jpg'), proved: true, message: 'proved', lines: [] }],
    });
    expect(json(['read', join(out, 'front.jpg'), '--json'])).toMatchObject({
      photo: { latitude: 48.51234, xmp: { title: 'T', keywords: ['a', 'b'], alt: 'A' } },
    });
    expect(json(['read', page, '--json'])).toEqual({ items: [] });
  });

  test('say of each photo why it was left out, and stamp the others', () => {
    const bad = [
      file('notes.jpg', 'no picture'),
      file('cut.jpg', readFileSync(photo).subarray(0, -40)),
      join(folder, 'gone.jpg'),
    ];
    const huge = file('huge.jpg', '');
    truncateSync(huge, 300 * 1024 * 1024);
    const { photos } = json([
      'stamp',
      ...bad,
      huge,
      photo,
      '--record',
      record,
      '--out',
      join(folder, 'out2'),
      '--json',
    ]) as { photos: { proved: boolean; message: string }[] };
    expect(photos.map(({ proved }) => proved)).toEqual([false, false, false, false, true]);
    expect(photos.map(({ message }) => message)).toEqual([
      expect.stringContaining('those of no picture'),
      expect.stringContaining('cut off'),
      expect.stringContaining('no such file'),
      expect.stringContaining('300 MB'),
      'proved',
    ]);
    expect(run(['stamp', ...bad, '--record', record, '--out', join(folder, 'out2')]).status).toBe(1);
  });

  test('never write over the original', () => {
    const before = readFileSync(photo);
    expect(run(['stamp', photo, '--record', record, '--title', 'T', '--out', folder]).status).toBe(1);
    expect(readFileSync(photo).equals(before)).toBe(true);
  });
});

describe('what is no plain file', () => {
  test('is not followed out of a folder, round in it, or waited for', () => {
    const secret = file('secret.html', '<script type="application/ld+json">{"name":"secret"}</script>');
    const site = join(folder, 'linked-site');
    mkdirSync(join(site, 'deep'), { recursive: true });
    writeFileSync(join(site, 'deep', 'page.html'), '<!doctype html><title>x</title>');
    linkSync(page, join(site, 'hard.html'));
    symlinkSync(secret, join(site, 'out.html'));
    symlinkSync(folder, join(site, 'up'));
    symlinkSync(site, join(site, 'deep', 'round'));
    symlinkSync(join(site, 'deep', 'page.html'), join(site, 'inside.html'));
    symlinkSync('self.html', join(site, 'self.html'));
    spawnSync('mkfifo', [join(site, 'pipe.html')]);
    const { out, err, status } = run(['check', site, '--json']);
    const { sources } = JSON.parse(out) as { sources: { source: string }[] };
    expect(sources.map(({ source }) => source.slice(site.length + 1)).sort()).toEqual([
      'deep/page.html',
      'hard.html',
      'inside.html',
    ]);
    expect(err).toContain('out.html leads out of');
    expect(status).not.toBe(2);
  });

  test.each([
    ['check', () => ['check', join(folder, 'pipe')]],
    ['place', () => ['place', join(folder, 'pipe'), '--record', record]],
    ['read', () => ['read', join(folder, 'pipe'), '--json']],
    ['a record', () => ['markup', join(folder, 'pipe')]],
    ['a folder as a page', () => ['read', folder, '--json']],
    ['a device', () => ['check', '/dev/zero']],
  ])('is refused by %s', (_, words) => {
    spawnSync('mkfifo', [join(folder, 'pipe')]);
    const { status, err } = run(words());
    expect([status, err.includes('is no file')]).toEqual([2, true]);
  });

  test.each([
    ['check', () => ['check', photo]],
    ['place', () => ['place', photo, '--record', record]],
    ['a record', () => ['markup', photo]],
  ])('is refused as a text by %s', (_, words) => {
    const { status, out, err } = run(words());
    expect([status, out]).toEqual([2, '']);
    expect(err).toContain('is a JPEG picture. A page is text.');
  });

  test('is refused as a photo, and the others are stamped', () => {
    spawnSync('mkfifo', [join(folder, 'pipe.jpg')]);
    const words = [
      'stamp',
      join(folder, 'pipe.jpg'),
      photo,
      '--record',
      record,
      '--out',
      join(folder, 'o'),
      '--json',
    ];
    const { photos } = json(words) as { photos: { proved: boolean; message: string }[] };
    expect(photos.map(({ proved }) => proved)).toEqual([false, true]);
    expect(photos[0]?.message).toContain('no file');
  });

  test('a record that leads visitors into a script is not placed', () => {
    const bad = file(
      'bad.json',
      JSON.stringify({
        '@context': 'https://schema.org',
        '@type': 'LocalBusiness',
        name: 'x',
        hasMap: 'javascript:alert(1)',
      }),
    );
    const { status, err } = run(['place', page, '--record', bad]);
    expect([status, err.includes('Map profile')]).toEqual([2, true]);
  });
});

test('a record of an unknown type is refused with the type that is meant, not read as its owner’s', () => {
  const misspelt = file(
    'misspelt.json',
    '{"@context":"https://schema.org","@type":"BicycleStore","name":"Wheel","address":{"@type":"PostalAddress","streetAddress":"1 Quay"},"parentOrganization":{"@type":"Organization","name":"Wheels Ltd"}}',
  );
  const { status, err } = run(['markup', misspelt]);
  expect(status).toBe(2);
  expect(err).toContain('misspelt.json:1:42: schema.org has no type “BicycleStore”. Did you mean BikeStore?');
});

test('whoever reads the beginning of the output alone gets no error, and the files are written', () => {
  const out = join(folder, 'read in part');
  const { status, stderr } = spawnSync(
    'bash',
    [
      '-c',
      `"$0" place "$1" "$1" --record "$2" --out "$3" | head -c 0; echo "\${PIPESTATUS[0]}" >&2`,
      zinc,
      page,
      record,
      out,
    ],
    { cwd: folder, encoding: 'utf8' },
  );
  expect(status).toBe(0);
  expect(stderr).not.toMatch(/Error|EPIPE/);
  expect(existsSync(out)).toBe(true);
});
