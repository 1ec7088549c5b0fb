import { describe, expect, test } from '@jest/globals';
import { larkspur } from '#sample';
import {
  commentOf,
  giveWords,
  planSet,
  policiesOf,
  readWords,
  stampSchema,
  usualStamp,
  wordingFaults,
  type OwnWords,
  type StampSettings,
} from './index.ts';
import { subjectOf } from './set.ts';

const settings = (input: unknown): StampSettings => stampSchema.parse(input);
const plan = (input: unknown, own: readonly OwnWords[], names: readonly string[] = []) =>
  planSet(
    larkspur,
    settings(input),
    own.map((words, at) => ({
      name: names[at] ?? `IMG_000${String(at)}.JPG`,
      own: words,
      date: '2025-03-02',
    })),
    '2026',
  );

describe('wordings', () => {
  test('are filled in with facts and with what is the picture’s own', () => {
    const [first] = plan(
      {
        wordings: {
          title: '{subject} in {town}',
          caption: '{title}, {date}',
          keywords: ['{town}', '{subject}', 'vet', 'VET'],
        },
      },
      [{ subject: 'A cat' }],
    );
    expect(first?.fields).toMatchObject({
      title: 'A cat in Port Ellery',
      headline: 'A cat in Port Ellery',
      caption: 'A cat in Port Ellery, 2025-03-02',
      keywords: ['Port Ellery', 'A cat', 'vet'],
      subject: 'A cat',
      copyright: '© 2025 Larkspur & Vane Veterinary Care',
    });
  });

  test('vary over the set, and no two titles are alike', () => {
    const lists = { lists: { service: ['Dentistry', 'Surgery'] } };
    const all = plan({ ...lists, wordings: { title: '{service}' } }, [
      {},
      {},
      {},
      { title: 'Surgery 2' },
      {},
    ]);
    expect(all.map(({ fields }) => fields.title)).toEqual([
      'Dentistry',
      'Surgery',
      'Dentistry 2',
      'Surgery 2',
      'Dentistry 3',
    ]);
  });

  test('pass over blank lines of a list', () => {
    const all = plan({ lists: { service: ['Dentistry', ' ', ''] }, wordings: { title: '{service}' } }, [
      {},
      {},
    ]);
    expect(all.map(({ fields }) => fields.title)).toEqual(['Dentistry', 'Dentistry 2']);
  });

  test('never overwrite what was typed for one picture', () => {
    const [first] = plan({ wordings: { title: 'T', alt: 'A', caption: 'C' } }, [{ title: 'Own', alt: '' }]);
    expect(first?.fields).toMatchObject({ title: 'Own', alt: '', caption: 'C' });
  });

  test('fill in the placeholders of what was typed for one picture, and change nothing else of it', () => {
    const [first, second, third] = plan({ wordings: { title: 'Front, {town}' } }, [
      {
        subject: 'A cat',
        title: '{subject} in {town} {sic}',
        headline: '{title}!',
        caption: '- as  typed -',
        alt: '{Number}',
        keywords: ['{town}', '{subject}'],
        name: '{subject} {number}',
      },
      { title: 'Front, {town}' },
      {},
    ]);
    expect(first).toMatchObject({
      name: 'a-cat-1.jpg',
      fields: {
        title: 'A cat in Port Ellery {sic}',
        headline: 'A cat in Port Ellery {sic}!',
        caption: '- as  typed -',
        alt: '{Number}',
        keywords: ['Port Ellery', 'A cat'],
      },
    });
    expect([second?.fields.title, third?.fields.title]).toEqual([
      'Front, Port Ellery',
      'Front, Port Ellery 2',
    ]);
  });

  test('lose what leads up to nothing', () => {
    const [first] = plan({ wordings: { title: '{subject} – {town}', caption: '{town}, {subject}' } }, [{}]);
    expect(first?.fields).toMatchObject({ title: 'Port Ellery', caption: 'Port Ellery' });
  });

  test('with an unknown placeholder are told with its place', () => {
    expect(wordingFaults('A {twon} and {town}')).toEqual([{ word: 'twon', start: 2, end: 8 }]);
    expect(stampSchema.safeParse({ wordings: { title: '{x}' } }).error?.issues[0]?.message).toContain(
      '{x} (at character 1)',
    );
  });
});

describe('file names', () => {
  test('are lower case, ASCII, joined by hyphens, and unique; the ending stays', () => {
    const all = plan({ wordings: { fileName: '{title}-{town}-{number}' } }, [
      { title: 'Eye test' },
      { title: 'Größe & Maß' },
      {},
    ]);
    expect(all.map(({ name }) => name)).toEqual([
      'eye-test-port-ellery-1.jpg',
      'grosse-mass-port-ellery-2.jpg',
      'port-ellery-3.jpg',
    ]);
    expect(plan({ wordings: { fileName: 'same' } }, [{}, {}]).map(({ name }) => name)).toEqual([
      'same.jpg',
      'same-2.jpg',
    ]);
    expect(plan({ wordings: { fileName: '…' } }, [{}])[0]?.name).toBe('photo-1.jpg');
  });

  test('spell the scripts of Asia and Africa; characters of Japanese sound by the word and are left', () => {
    const nameIn = (fileName: string, addressCountry: string): string | undefined =>
      planSet(
        { ...larkspur, address: { ...larkspur.address, addressCountry } },
        settings({ wordings: { fileName } }),
        [{ name: 'IMG_1.JPG', own: {}, date: '' }],
        '2026',
      )[0]?.name;
    expect(nameIn('深圳 南山店', 'CN')).toBe('shenzhen-nanshandian.jpg');
    expect(nameIn('दिल्ली ঢাকা', 'IN')).toBe('dilli-dhaka.jpg');
    expect(nameIn('ร้านกาแฟ front', 'TH')).toMatch(/^[a-z]+-front\.jpg$/);
    expect(nameIn('አዲስ አበባ', 'ET')).toBe('adis-abeba.jpg');
    expect(nameIn('東京 front', 'JP')).toBe('front.jpg');
    expect(nameIn('渋谷のさくら front', 'DE')).toBe('front.jpg');
  });

  test('stay as they are where nothing was said, but for doubles', () => {
    expect(plan({}, [{}, {}], ['A b.JPG', 'a B.jpg']).map(({ name }) => name)).toEqual([
      'A b.JPG',
      'a B-2.jpg',
    ]);
    expect(plan({}, [{ name: 'Front Door.jpg' }, { name: '../../etc/x' }]).map(({ name }) => name)).toEqual([
      'front-door.jpg',
      'etc-x.jpg',
    ]);
  });

  test('keep the ending of the format, whichever was typed, and are no device of Windows', () => {
    const named = (typed: string, name = 'a.jpeg'): string | undefined =>
      plan({}, [{ name: typed }], [name])[0]?.name;
    expect(['Front.jpg', 'Front.JPEG', 'front.png', 'Front v1.5'].map((typed) => named(typed))).toEqual([
      'front.jpeg',
      'front.jpeg',
      'front.jpeg',
      'front-v1-5.jpeg',
    ]);
    expect(['CON', 'com1.jpg', 'console'].map((typed) => named(typed))).toEqual([
      'con-1.jpeg',
      'com1-1.jpeg',
      'console.jpeg',
    ]);
  });

  test('may say what the picture shows', () => {
    expect(
      [
        'shop-front.jpg',
        'IMG_2031.JPG',
        'DSC00012.jpg',
        'Reception desk 2.png',
        'P1010001.jpg',
        '20250302_101112.jpg',
        'b.png',
      ].map(subjectOf),
    ).toEqual(['shop front', '', '', 'Reception desk', '', '', '']);
  });
});

test('comment, author and lists are chosen', () => {
  const one = settings({
    comment: { facts: ['telephone', 'name'], lines: 'one' },
    author: { is: 'website' },
  });
  expect(commentOf(one, larkspur)).toBe('(360) 555-0142, Larkspur & Vane Veterinary Care');
  expect(commentOf(usualStamp, larkspur).split('\n')).toHaveLength(4);
  const [first] = plan({ author: { is: 'website' }, copyright: '' }, [{}]);
  expect(first?.fields).toMatchObject({ author: larkspur.url, copyright: '' });
});

describe('a table of words', () => {
  test('is read in any order of its headings', () => {
    expect(readWords('Title;FILE;keywords;latitude;longitude\nFront;A.jpg;"x, y";48.5;-122.6\n')).toEqual({
      ok: true,
      words: new Map([
        ['a.jpg', { title: 'Front', keywords: ['x', 'y'], point: { latitude: 48.5, longitude: -122.6 } }],
      ]),
    });
  });

  test('has coordinates in every notation, and blank rows that say nothing', () => {
    const read = readWords(
      `file;latitude;longitude\na.jpg;"51°30'26""N";"0°7'39""W"\n;;\nb.jpg;35,5;24,02\n`,
    );
    expect(read.ok && [...read.words.values()]).toEqual([
      { point: { latitude: expect.closeTo(51.50722, 4), longitude: expect.closeTo(-0.1275, 4) } },
      { point: { latitude: 35.5, longitude: 24.02 } },
    ]);
  });

  test.each<[string, readonly string[], Record<string, readonly number[]>]>([
    ['of one name in two folders, by the folder', ['IMG_1.jpg', 'deep/IMG_1.jpg'], { 'deep/img_1.jpg': [1] }],
    [
      'the picture of that very path before those further down',
      ['a/IMG_1.jpg', 'IMG_1.jpg'],
      { 'img_1.jpg': [1] },
    ],
    [
      'what a row with a folder leaves, where both are given',
      ['a/IMG_1.jpg', 'b/IMG_1.jpg'],
      { 'img_1.jpg': [0], 'b\\img_1.jpg': [1] },
    ],
    ['none of several that it could be', ['a/IMG_1.jpg', 'b/IMG_1.jpg'], { 'img_1.jpg': [] }],
    ['a name without its ending', ['x/Front.PNG', 'x/Front door.PNG'], { front: [0] }],
    ['letters however their accents are stored', ['Gro\u0308ße.jpg'], { 'grö\u00DFe.jpg': [0] }],
    ['a path from where the table lies', ['set/a.jpg', 'set/b.jpg'], { './set/b.jpg': [1] }],
    ['no end of another name', ['xIMG_1.jpg'], { 'img_1.jpg': [] }],
  ])('means %s', (_, paths, rows) => {
    const table = `file,title\n${Object.keys(rows)
      .map((file) => `${file},${file}`)
      .join('\n')}`;
    const read = readWords(table);
    if (!read.ok) throw new Error(read.message);
    const pictures = paths.map((below) => ({ path: `/photos/${below}`, below }));
    const { own, strangers, unclear } = giveWords(pictures, read.words);
    expect(
      Object.fromEntries(
        Object.keys(rows).map((file) => [file, own.flatMap(({ title }, at) => (title === file ? [at] : []))]),
      ),
    ).toEqual(rows);
    const lost = Object.values(rows).filter((given) => given.length === 0).length;
    expect(strangers.length + unclear.length).toBe(lost);
  });

  test.each([
    ['file,titel\na,b', 'no heading “titel”'],
    ['title\nx', 'heading “file” is needed'],
    ['file,title\na.jpg,x\nA.JPG,y', 'Row 3: a.jpg is named a second time'],
    ['file,latitude\na.jpg,north', 'Row 2: “north, ” are no coordinates'],
    ['file,title\n,x', 'Row 2: no file is named'],
    ['', 'empty'],
  ])('%j is refused: %s', (text, message) => {
    const read = readWords(text);
    expect(read.ok ? '' : read.message).toContain(message);
  });
});

test('words typed for one picture are written whatever it has, unless its field is removed', () => {
  const own: OwnWords = { title: 'Own', caption: 'Own', keywords: [], point: { latitude: 1, longitude: 2 } };
  expect(policiesOf(settings({ when: { title: 'empty', caption: 'remove' } }), own)).toEqual({
    author: 'empty',
    copyright: 'empty',
    title: 'always',
    caption: 'remove',
    coordinates: 'always',
  });
  expect(policiesOf(settings({ when: { coordinates: 'remove' } }), own)).toMatchObject({
    coordinates: 'remove',
  });
});
