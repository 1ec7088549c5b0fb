/** What the command line does with whole sets of photos. */
import { spawnSync } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { jsonLd } from '#core/markup';
import { larkspur } from '#sample';

const zinc = join(import.meta.dirname, '../bin/zinc');
const folder = mkdtempSync(join(tmpdir(), 'zinc-stamp-'));
const photos = join(folder, 'photos');
const record = join(folder, 'record.json');
const file = (name: string, content: string | Uint8Array): string => {
  writeFileSync(join(folder, name), content);
  return join(folder, name);
};
const run = (words: readonly string[]): { status: number | null; out: string; err: string } => {
  const { status, stdout, stderr } = spawnSync(zinc, ['stamp', ...words, '--record', record], {
    cwd: folder,
    encoding: 'utf8',
    timeout: 60_000,
  });
  return { status, out: stdout, err: stderr };
};
const read = (path: string): Record<string, Record<string, Record<string, string>>> =>
  JSON.parse(spawnSync(zinc, ['read', path, '--json'], { encoding: 'utf8' }).stdout) as ReturnType<
    typeof read
  >;

beforeAll(async () => {
  mkdirSync(join(photos, 'more'), { recursive: true });
  const picture = sharp({ create: { width: 30, height: 20, channels: 3, background: '#456' } });
  const jpeg = picture.jpeg().withExif({ IFD0: { Artist: 'Ann' }, IFD2: { BodySerialNumber: 'SN-4711' } });
  file('record.json', jsonLd(larkspur).text);
  file('photos/IMG_1.jpg', await jpeg.toBuffer());
  file('photos/IMG_2.png', await picture.png().toBuffer());
  file('photos/IMG_3.webp', await picture.webp().toBuffer());
  file('photos/IMG_4.gif', await picture.gif().toBuffer());
  file('photos/more/IMG_5.jpg', await picture.png().toBuffer());
  file('photos/more/IMG_6.jpg', 'no picture');
  file('photos/readme.txt', 'no picture at all');
});

afterAll(() => {
  rmSync(folder, { recursive: true });
});

describe('zinc stamp', () => {
  test('takes folders, words, wordings and names; one bad file stops no other', () => {
    const words = file(
      'words.csv',
      'file,subject,alt\nimg_1.JPG,Eye test,A chart\nimg_3.webp,Frames,\nnone.jpg,x,\n',
    );
    const out = join(folder, 'out');
    const result = run([
      photos,
      '--words',
      words,
      '--title',
      '{subject} at {name}',
      '--name',
      '{subject}-{town}-{number}',
      '--out',
      out,
    ]);
    expect(result.status).toBe(1);
    expect(result.err).toContain('none.jpg in');
    expect(readdirSync(out).sort()).toEqual([
      'eye-test-port-ellery-1.jpg',
      'frames-port-ellery-3.webp',
      'port-ellery-2.png',
      'port-ellery-4.gif',
      'port-ellery-4.xmp',
      'port-ellery-5.jpg',
    ]);
    expect(result.out).toMatch(/IMG_6.jpg: Its bytes are those of no picture/);
    expect(result.out).toMatch(/IMG_5.jpg → .*: proved\n {2}It is a PNG, whatever its name says/);
    expect(read(join(out, 'eye-test-port-ellery-1.jpg'))['groups']).toMatchObject({
      Exif: { XPSubject: 'Eye test', Artist: 'Ann' },
      XMP: { title: 'Eye test at Larkspur & Vane Veterinary Care', AltTextAccessibility: 'A chart' },
    });
  });

  test('writes a sidecar a picture where several differ by their endings alone, and goes on with older ones', async () => {
    const twins = join(folder, 'twins');
    mkdirSync(twins);
    const picture = sharp({ create: { width: 9, height: 9, channels: 3, background: '#456' } });
    await Promise.all(['a.gif', 'a.png', 'b.tiff'].map((name) => picture.toFile(join(twins, name))));
    writeFileSync(
      join(twins, 'b.tiff.xmp'),
      '\uFEFF<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" xmlns:xmp="http://ns.adobe.com/xap/1.0/" xmp:Rating="5"/></rdf:RDF></x:xmpmeta>',
    );
    const out = join(folder, 'twins out');
    expect(run([twins, '--sidecar', '--title', 'Front {number}', '--out', out]).status).toBe(0);
    expect(readdirSync(out).sort()).toEqual(['a.gif', 'a.gif.xmp', 'a.png', 'a.png.xmp', 'b.tiff', 'b.xmp']);
    const titles = ['a.gif.xmp', 'a.png.xmp', 'b.xmp'].map(
      (name) => /x-default">(Front \d)</.exec(readFileSync(join(out, name), 'utf8'))?.[1],
    );
    expect(titles).toEqual(['Front 1', 'Front 2', 'Front 3']);
    expect(readFileSync(join(out, 'b.xmp'), 'utf8')).toMatch(/^\uFEFF<x:xmpmeta[^]*xmp:Rating="5"/);
  });

  test('writes into empty fields only, removes what is personal, and writes sidecars, as asked', () => {
    const out = join(folder, 'out2');
    const photo = join(photos, 'IMG_1.jpg');
    const stamp = file(
      'stamp.json',
      JSON.stringify({ author: { is: 'name', name: 'Zoë' }, when: { author: 'always' } }),
    );
    const removed = run([photo, '--stamp', stamp, '--remove-personal', '--sidecar', '--out', out]);
    expect(removed.status).toBe(0);
    expect(removed.out).toContain('Taken out, of a person or a device: serial number (SN-4711).');
    const { groups } = read(join(out, 'IMG_1.jpg'));
    expect(groups).toMatchObject({ Exif: { Artist: 'Zoë' }, IPTC: { 'By-line': 'Zoë' } });
    expect(readFileSync(join(out, 'IMG_1.jpg')).includes('SN-4711')).toBe(false);
    expect(existsSync(join(out, 'IMG_1.xmp'))).toBe(true);
    const empty = run([
      photo,
      '--stamp',
      stamp,
      '--only-empty',
      '--title',
      'T',
      '--out',
      join(folder, 'out3'),
    ]);
    expect(empty.out).toContain('proved');
    expect(read(join(folder, 'out3', 'IMG_1.jpg'))['groups']).toMatchObject({ XMP: { title: 'T' } });
  });

  test('tells what stays of the place where a picture was taken, and no page of text', async () => {
    const picture = sharp({ create: { width: 9, height: 9, channels: 3, background: '#456' } });
    const taken = { GPSLatitudeRef: 'S', GPSLatitude: '33/1 30/1 0/1', GPSLongitudeRef: 'E' };
    const long = 'A long caption. '.repeat(80);
    const exif = {
      IFD0: { ImageDescription: long },
      IFD3: { ...taken, GPSLongitude: '18/1 0/1 0/1', GPSAltitudeRef: '0', GPSAltitude: '512/1' },
    };
    const photo = file('away.jpg', await picture.jpeg().withExif(exif).toBuffer());
    const told = run([photo, '--caption', 'Short', '--out', join(folder, 'out4')]).out;
    expect(told).toContain('Replaced its coordinates, which were “-33.5000000, 18.0000000”.');
    expect(told).toContain('Of where it was taken stay: altitude (512 m).');
    expect(told).toMatch(/Replaced its caption, which was “A long caption\. [^“]{100,150} …”\./);
    const removed = run([photo, '--remove-personal', '--out', join(folder, 'out5')]).out;
    expect(removed).toContain('position (-33.5, 18)');
    expect(removed).not.toContain('altitude');
  });

  test('writes what was typed for one picture over what it has, unless only empty fields are asked for', () => {
    const stamp = file('keeps.json', JSON.stringify({ when: { title: 'empty' } }));
    const words = file('typed.csv', 'file,title\nIMG_1.jpg,Typed\n');
    const titled = join(folder, 'titled');
    const photo = join(photos, 'IMG_1.jpg');
    expect(run([photo, '--title', 'Old', '--out', titled]).status).toBe(0);
    const titleAfter = (...more: readonly string[]): unknown => {
      const out = mkdtempSync(join(folder, 'typed-'));
      run([join(titled, 'IMG_1.jpg'), '--stamp', stamp, ...more, '--out', out]);
      return read(join(out, 'IMG_1.jpg'))['groups']?.['XMP']?.['title' as never];
    };
    expect(titleAfter('--title', 'For all')).toBe('Old');
    expect(titleAfter('--words', words)).toBe('Typed');
    expect(titleAfter('--words', words, '--only-empty')).toBe('Old');
  });

  test('takes each picture once, with its own row of words, and not what it wrote itself', () => {
    const set = join(folder, 'set');
    for (const below of ['IMG_1.jpg', 'deep/IMG_1.jpg', 'other/IMG_1.jpg']) {
      mkdirSync(dirname(join(set, below)), { recursive: true });
      copyFileSync(join(photos, 'IMG_1.jpg'), join(set, below));
    }
    copyFileSync(join(photos, 'IMG_1.jpg'), join(set, '._IMG_1.jpg'));
    const words = file('set.csv', 'file,title\nIMG_1.jpg,Front\ndeep\\IMG_1.jpg,Deep\nother,None\n');
    const out = join(set, 'done');
    const stamped = (): unknown => {
      const { out: told, err } = run([set, join(set, 'IMG_1.jpg'), '--words', words, '--out', out, '--json']);
      expect(err).toContain('other in ');
      const { photos: all } = JSON.parse(told) as { photos: { photo: string; title: string }[] };
      return all.map(({ photo, title }) => [photo.slice(set.length + 1), title]);
    };
    const each = [
      ['IMG_1.jpg', 'Front'],
      ['deep/IMG_1.jpg', 'Deep'],
      ['other/IMG_1.jpg', ''],
    ];
    expect(stamped()).toEqual(each);
    expect(stamped()).toEqual(each);
    const absolute = file('absolute.csv', `file,title\n${join(set, 'other', 'IMG_1.jpg')},Whole\n`);
    expect(JSON.parse(run(['set', '--words', absolute, '--out', out, '--json']).out)).toMatchObject({
      photos: [{ title: '' }, { title: '' }, { title: 'Whole' }],
    });
    mkdirSync(join(folder, 'bare'));
    expect(run(['bare', set, '--out', out])).toMatchObject({
      status: 1,
      out: expect.stringMatching(/^(?:.*: proved\n(?: {2}.*\n)+){3}$/) as unknown,
      err: 'zinc: bare holds no picture.\n',
    });
    expect(run(['bare', '--out', out])).toMatchObject({ status: 2, out: '' });
    // /proc has no room for folders, and Node waits for it for ever.
    for (const none of ['/proc/zinc/out', join(set, 'IMG_1.jpg', 'out'), join(set, 'IMG_1.jpg')])
      expect(run([set, '--out', none])).toMatchObject({
        status: 2,
        out: '',
        err: expect.stringContaining(`${none} cannot be made: `) as unknown,
      });
    expect(
      run([set, '--words', file('several.csv', 'file,title\na/IMG_1.jpg,x\n'), '--out', out]).err,
    ).toContain('is none of these');
  });

  test('reads words in the encodings that spreadsheets write', () => {
    const table = 'file;title\nIMG_1.jpg;Zoë’s\n';
    for (const bytes of [
      Buffer.from(table, 'utf16le'),
      Buffer.from(`\uFEFF${table}`, 'utf16le'),
      Buffer.from(table),
    ]) {
      const out = mkdtempSync(join(folder, 'encoded-'));
      run([join(photos, 'IMG_1.jpg'), '--words', file('encoded.csv', bytes), '--out', out]);
      expect(read(join(out, 'IMG_1.jpg'))['groups']).toMatchObject({ XMP: { title: 'Zoë’s' } });
    }
  });

  test('tells the same picture twice, whatever the metadata, and placeholders in the table that there are not', () => {
    const set = join(folder, 'twice');
    mkdirSync(set);
    const all = ['IMG_1.jpg', 'IMG_2.png', 'IMG_3.webp', 'IMG_4.gif'];
    for (const name of all) copyFileSync(join(photos, name), join(set, `a${name}`));
    // A stamped copy has other metadata, and the same image.
    run([...all.map((name) => join(photos, name)), '--title', 'Other', '--out', set]);
    // Other tables before the same scan make another picture.
    const bytes = readFileSync(join(photos, 'IMG_1.jpg'));
    const table = bytes.indexOf(Buffer.from([0xff, 0xdb]));
    writeFileSync(join(set, 'darker.jpg'), bytes.fill(99, table + 10, table + 20));
    const words = file('date.csv', 'file,title,caption\naIMG_1.jpg,On {date},{oops}\naIMG_2.png,{number},\n');
    const { out, err } = run([set, '--words', words, '--out', join(folder, 'twice-out')]);
    expect(out.match(/It is the same picture as .*/g)).toEqual(
      all.map((name) => `It is the same picture as ${join(set, name)}.`),
    );
    expect(err).toBe(
      `zinc: aIMG_1.jpg in ${words} has {oops}, which is no placeholder and is written as it stands.\n`,
    );
  });

  test('fills in the day that words of the table alone ask for', async () => {
    const dated = sharp({ create: { width: 9, height: 9, channels: 3, background: '#abc' } })
      .jpeg()
      .withExif({ IFD0: {}, IFD2: { DateTimeOriginal: '2025:03:04 10:00:00' } });
    const photo = file('dated.jpg', await dated.toBuffer());
    const out = join(folder, 'dated-out');
    run([photo, '--words', file('dated.csv', 'file,title\ndated.jpg,On {date}\n'), '--out', out]);
    expect(read(join(out, 'dated.jpg'))['groups']).toMatchObject({ XMP: { title: 'On 2025-03-04' } });
  });

  test('several processes do the same as one', () => {
    const [one, two] = [join(folder, 'one'), join(folder, 'two')];
    const words = [photos, '--title', '{town} {number}', '--name', '{title}', '--json'];
    const [alone, together] = [
      run([...words, '--jobs', '1', '--out', one]),
      run([...words, '--jobs', '3', '--out', two]),
    ];
    expect(together.out.replaceAll(two, one)).toBe(alone.out);
    expect(readdirSync(two)).toEqual(readdirSync(one));
    expect(JSON.parse(alone.out)).toMatchObject({
      photos: [
        { proved: true, title: 'Port Ellery 1', digest: expect.stringMatching(/^[0-9a-f]{64}$/) as unknown },
        {},
        {},
        {},
        {},
        {},
      ],
    });
  });

  test.each([
    [['--title', '{twon}'], 'no placeholder {twon}'],
    [['--stamp', 'bad.json'], 'is no stamp: wordings.title'],
    [['--words', 'bad.csv'], 'no heading “titel”'],
    [['--jobs', '0'], '--jobs takes'],
  ])('%j cannot be meant', (words, message) => {
    file('bad.json', '{"wordings":{"title":"{x}"}}');
    file('bad.csv', 'file,titel\n');
    const { status, err } = run([photos, ...words, '--out', join(folder, 'never')]);
    expect([status, err]).toEqual([2, expect.stringContaining(message)]);
    expect(existsSync(join(folder, 'never'))).toBe(false);
  });
});
