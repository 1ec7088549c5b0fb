import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { jsonLd } from '#core/markup';
import { larkspur } from '#sample';

const zinc = join(import.meta.dirname, 'zinc');
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

describe('zinc markup', () => {
  test('writes the record in either form, the same as the application', () => {
    expect(run(['markup', record]).out.trim()).toBe(
      jsonLd({ ...larkspur, telephone: '+1 360 555 0142' }).text,
    );
    expect(run(['markup', record, '--format', 'microdata']).out).toContain('itemprop="telephone"');
  });

  test('says why it cannot run', () => {
    expect(run(['markup', record, '--format', 'rdf'])).toMatchObject({
      status: 2,
      out: '',
      err: expect.stringContaining('jsonld or microdata') as unknown,
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
      mend: { edits: [{ start: 80, end: 80, text: ':' }] },
    });
    expect(checked.summary.must).toBe(
      checked.findings.filter((one) => (one as { grade?: string }).grade === 'must').length,
    );
    expect(run(['check', record]).status).toBe(0);
    expect(run(['check', record, '--record', record, '--url', larkspur.url]).out).toMatch(/0 must, 0 should/);
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
    expect(run(['check', file('utf16.html', Buffer.from('\ufeff<p>x', 'utf16le')), '--json']).status).toBe(1);
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
    expect(result).toEqual({
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
      expect.stringContaining('no JPEG'),
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
