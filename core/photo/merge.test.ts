import { describe, expect, test } from '@jest/globals';
import { ascii, mergeExif, type ExifChanges } from './exif.ts';
import { concat } from './bytes.ts';
import { cutUtf8, mergeIptc, readDataSets } from './iptc.ts';
import { readJpeg, writeJpeg } from './jpeg.ts';
import { pictureSize } from './size.ts';
import { readXml } from './xml.ts';
import { mergeXmp, newPacket, type XmpProperty } from './xmp.ts';

const bytes = (...parts: (number[] | string)[]): Uint8Array =>
  concat(
    parts.map((part) => (typeof part === 'string' ? new TextEncoder().encode(part) : Uint8Array.from(part))),
  );
const text = (data: Uint8Array): string => new TextDecoder('latin1').decode(data);
const changes = (description: string): ExifChanges => ({
  ifd0: [ascii(0x010e, description)],
  exif: [],
  gps: [],
});

function merged(old: Uint8Array | undefined, what: ExifChanges): Uint8Array {
  const result = mergeExif(old, what);
  if (!result.ok) throw new Error(result.message);
  return result.block;
}

/** A big-endian block: IFD0 with a maker and a pointer to an Exif IFD that holds a maker note of 12 bytes. */
const camera = bytes(
  'MM',
  [0, 42, 0, 0, 0, 8, 0, 2],
  [0x01, 0x0f, 0, 2, 0, 0, 0, 4],
  'Cam\0',
  [0x87, 0x69, 0, 4, 0, 0, 0, 1, 0, 0, 0, 38],
  [0, 0, 0, 0],
  [0, 1, 0x92, 0x7c, 0, 7, 0, 0, 0, 12, 0, 0, 0, 56],
  [0, 0, 0, 0],
  'MAKERNOTE!!!',
);

describe('Exif', () => {
  test('keeps every old byte where it was but the pointer to the first directory', () => {
    const block = merged(camera, changes('A picture of the quay'));
    expect(text(block.subarray(8, camera.length))).toBe(text(camera.subarray(8)));
    expect(text(block)).toContain('A picture of the quay');
    expect(text(block).indexOf('MAKERNOTE!!!')).toBe(56);
  });

  test('that was written here before is replaced, not piled up', () => {
    const once = merged(camera, changes('A picture of the quay'));
    expect(merged(once, changes('A picture of the quay'))).toEqual(once);
    const twice = merged(once, changes('Another picture of the quay, longer'));
    expect(text(twice)).not.toContain('A picture');
    expect(twice.length - once.length).toBeLessThan(40);
  });

  test('does not cut where a maker note has come to lie behind our mark', () => {
    const once = merged(camera, changes('A picture of the quay'));
    // Another program moved the maker note to the end: its pointer in the old Exif directory says so.
    const moved = concat([once, bytes('MOVED NOTE!!')]);
    new DataView(moved.buffer).setUint32(38 + 2 + 8, once.length);
    const block = merged(moved, changes('New'));
    expect(text(block).slice(once.length, moved.length)).toBe('MOVED NOTE!!');
  });

  const tagsIn = (block: Uint8Array, at: number): readonly number[] => {
    const view = new DataView(block.buffer, block.byteOffset, block.byteLength);
    return Array.from({ length: view.getUint16(at) }, (_, nth) => view.getUint16(at + 2 + nth * 12));
  };
  const first = (block: Uint8Array): number =>
    new DataView(block.buffer, block.byteOffset, block.byteLength).getUint32(4);

  test('that lies about where a value stands loses the value, and neither its header nor what stays', () => {
    const removes = { ifd0: new Set([0x013b]), exif: new Set<number>(), gps: false, thumbnail: false };
    for (const offset of [0, 8, 56]) {
      const old = bytes(
        'MM',
        [0, 42, 0, 0, 0, 8, 0, 2],
        [0x01, 0x3b, 0, 2, 0, 0, 0, 12, 0, 0, 0, offset],
        [0x87, 0x69, 0, 4, 0, 0, 0, 1, 0, 0, 0, 38],
        [0, 0, 0, 0],
        [0, 1, 0x92, 0x7c, 0, 7, 0, 0, 0, 12, 0, 0, 0, 56],
        [0, 0, 0, 0],
        'MAKERNOTE!!!',
      );
      const block = merged(old, { ...changes('x'), removes });
      expect(text(block.subarray(0, 4))).toBe('MM\0*');
      expect(text(block)).toContain('MAKERNOTE!!!');
      expect(tagsIn(block, first(block))).toEqual([0x010e, 0x8769]);
    }
  });

  test('loses its thumbnail to the byte', () => {
    const old = bytes(
      'MM',
      [0, 42, 0, 0, 0, 8, 0, 1],
      [0x01, 0x0f, 0, 2, 0, 0, 0, 4],
      'Cam\0',
      [0, 0, 0, 26],
      [0, 2, 0x02, 0x01, 0, 4, 0, 0, 0, 1, 0, 0, 0, 56],
      [0x02, 0x02, 0, 4, 0, 0, 0, 1, 0, 0, 0, 8],
      [0, 0, 0, 0],
      'A PICTUR',
    );
    const without = (thumbnail: boolean): string =>
      text(
        merged(old, {
          ...changes('x'),
          removes: { ifd0: new Set<number>(), exif: new Set<number>(), gps: false, thumbnail },
        }),
      );
    expect(without(false)).toContain('A PICTUR');
    expect(without(true)).not.toContain('A PICTUR');
    expect(without(true)).toContain('Cam');
  });

  test('says what is set in one directory only', () => {
    // The Exif directory is the first one again, with a caption and both pointers.
    const old = bytes(
      'MM',
      [0, 42, 0, 0, 0, 8, 0, 2],
      [0x01, 0x0e, 0, 2, 0, 0, 0, 4],
      'Old\0',
      [0x87, 0x69, 0, 4, 0, 0, 0, 1, 0, 0, 0, 8],
      [0, 0, 0, 0],
    );
    const comment = ascii(0x9286, 'A comment');
    const block = merged(old, { ...changes('New'), exif: [comment] });
    const pointer = tagsIn(block, first(block)).indexOf(0x8769);
    const exif = new DataView(block.buffer).getUint32(first(block) + 2 + pointer * 12 + 8);
    expect(tagsIn(block, first(block))).toEqual([0x010e, 0x8769]);
    expect(tagsIn(block, exif)).toEqual([0x9000, 0x9286]);
  });

  test.each([
    ['an offset beyond the block', camera.subarray(0, 60)],
    ['no byte order', bytes('XX', [0, 42, 0, 0, 0, 8])],
    ['a directory that points nowhere', bytes('MM', [0, 42, 0xff, 0xff, 0xff, 0xf0])],
    ['nothing at all', new Uint8Array(4)],
  ])('with %s is refused', (_, old) => expect(mergeExif(old, changes('x'))).toMatchObject({ ok: false }));
});

describe('IPTC', () => {
  const caption = (value: string): Uint8Array => bytes([0x1c, 2, 120, 0, value.length], value);
  const resource = (id: [number, number], data: Uint8Array): Uint8Array =>
    bytes('8BIM', [...id, 0, 0, 0, 0, 0, data.length], text(data), data.length % 2 ? [0] : []);

  test('keeps other resources and data sets, drops the stale digest, and declares UTF-8', () => {
    const old = concat([
      resource([4, 4], caption('old')),
      resource([4, 0x25], bytes('0123456789abcdef')),
      resource([4, 0x0c], bytes('thumb')),
    ]);
    const result = mergeIptc(old, [{ number: 5, texts: ['Zoë'] }]);
    if (!result.ok) throw new Error(result.message);
    expect(text(result.data)).toContain('thumb');
    expect(text(result.data)).not.toContain('0123456789abcdef');
    const sets = readDataSets(result.data.subarray(12));
    expect(sets.map(({ record, number }) => `${String(record)}:${String(number)}`)).toEqual([
      '1:90',
      '2:0',
      '2:5',
      '2:120',
    ]);
    expect(new TextDecoder().decode(sets[2]?.value)).toBe('Zoë');
  });

  test('of several resources keeps what each says alone, in its own encoding', () => {
    const set = (record: number, number: number, ...value: readonly number[]): readonly number[] => [
      ...[0x1c, record, number, 0, value.length],
      ...value,
    ];
    const block = (...sets: readonly (readonly number[])[]): Uint8Array => {
      const data = sets.flat();
      return Uint8Array.of(
        ...[0x38, 0x42, 0x49, 0x4d, 4, 4, 0, 0, 0, 0, 0, data.length],
        ...data,
        ...(data.length % 2 ? [0] : []),
      );
    };
    const utf8 = set(1, 90, 0x1b, 0x25, 0x47);
    const old = concat([
      block(),
      block(set(2, 120, 0x31), set(2, 110, 0x5a, 0x6f, 0xeb)),
      block(utf8, set(2, 120, 0x32), set(2, 110, 0x5a, 0x6f, 0xc3, 0xab)),
      block(utf8, set(2, 115, 0x4e, 0xc3, 0xa9)),
    ]);
    const result = mergeIptc(old, [{ number: 5, texts: ['Title'] }]);
    if (!result.ok) throw new Error(result.message);
    const sets = readDataSets(result.data.subarray(12));
    expect(
      sets.slice(2).map(({ number, value }) => `${String(number)} ${new TextDecoder().decode(value)}`),
    ).toEqual(['5 Title', '120 1', '110 Zoë', '115 Né']);
  });

  test('cuts a text at whole characters and refuses damaged resources', () => {
    expect(new TextDecoder().decode(cutUtf8('ääää', 5))).toBe('ää');
    expect(
      mergeIptc(concat([resource([4, 4], caption('x')), bytes('8BIM', [4, 5, 0, 0, 0, 0, 9, 9])]), []),
    ).toMatchObject({ ok: false });
  });
});

describe('XMP', () => {
  const title: XmpProperty = { prefix: 'dc', name: 'title', value: { kind: 'alt', text: 'A & B <c>' } };

  test('takes out old values in every form and under every prefix, and leaves the rest to the letter', () => {
    const old = `<?xpacket begin=""?><x:xmpmeta xmlns:x="adobe:ns:meta/"><r:RDF xmlns:r="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
<r:Description r:about="uuid:1" xmlns:d="http://purl.org/dc/elements/1.1/" xmlns:z="http://z.example/" d:title="old" z:keep="1">
<d:title><r:Alt><r:li xml:lang="x-default">older</r:li></r:Alt></d:title>
<z:other>  kept  </z:other></r:Description>
<r:Description r:about="uuid:1" xmlns:d="http://purl.org/dc/elements/1.1/"><d:title>oldest</d:title></r:Description></r:RDF></x:xmpmeta>   <?xpacket end="w"?>`;
    const result = mergeXmp(old, [title]);
    if (!result.ok) throw new Error(result.message);
    expect(result.packet).not.toMatch(/old(er|est)?/);
    for (const kept of [
      'z:keep="1"',
      '<z:other>  kept  </z:other>',
      '   <?xpacket end="w"?>',
      'rdf:about="uuid:1"',
    ])
      expect(result.packet).toContain(kept);
    expect(result.packet.match(/Description/g)).toHaveLength(4);
    expect(mergeXmp(result.packet, [title])).toEqual(result);
    expect(result.packet).toContain('A &amp; B &lt;c&gt;');
  });

  test('sets the default of several languages: the others stay and are told, but for a twin of the old default', () => {
    const old = newPacket([]).replace(
      '</rdf:RDF>',
      `<r:Description xmlns:r="http://www.w3.org/1999/02/22-rdf-syntax-ns#" xmlns:d="http://purl.org/dc/elements/1.1/">
<d:title><r:Alt><r:li xml:lang="x-default">Quay</r:li><r:li xml:lang="en">Quay</r:li><r:li xml:lang="de">Kai &amp; Hafen</r:li></r:Alt></d:title>
<d:description><r:Alt><r:li xml:lang="fr">Un quai</r:li></r:Alt></d:description></r:Description></rdf:RDF>`,
    );
    const caption: XmpProperty = { ...title, name: 'description' };
    const result = mergeXmp(old, [title, caption]);
    expect(result).toMatchObject({ ok: true, languages: ['de', 'fr'] });
    if (!result.ok) return;
    expect(result.packet).toContain(
      '<dc:title><rdf:Alt><rdf:li xml:lang="x-default">A &amp; B &lt;c&gt;</rdf:li><rdf:li xml:lang="de">Kai &amp; Hafen</rdf:li></rdf:Alt></dc:title>',
    );
    expect(result.packet).not.toContain('Quay');
    expect(mergeXmp(result.packet, [title, caption])).toEqual(result);
    const gone = mergeXmp(old, [caption], ['http://purl.org/dc/elements/1.1/title']);
    expect(gone.ok && gone.packet).not.toContain('Kai');
  });

  test('that is not well-formed is refused', () => {
    for (const old of [
      '<a><b></a></b>',
      '<x>',
      'text',
      '<rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><a></rdf:RDF>',
    ]) {
      expect(mergeXmp(old, [title])).toMatchObject({ ok: false });
    }
    expect(
      readXml('<a x="1">t<b/>&amp;</a>')?.childNodes[0]?.childNodes.map(({ nodeName }) => nodeName),
    ).toEqual(['#text', 'b', '#text']);
    expect(readXml(newPacket([title]))).toBeDefined();
  });
});

test('a JPEG is taken apart and put together to the byte, fill bytes aside', () => {
  const image = [0xff, 0xc0, 0, 4, 1, 2, 0xff, 0xda, 0, 4, 9, 9, 1, 2, 3, 0xff, 0xd9];
  const file = bytes([0xff, 0xd8, 0xff, 0xe0, 0, 4, 7, 7, 0xff, 0xff, 0xfe, 0, 3, 8], image);
  const read = readJpeg(file);
  if (!read.ok) throw new Error(read.message);
  expect(read.jpeg.segments.map(({ marker }) => marker)).toEqual([0xe0, 0xfe]);
  expect(concat(writeJpeg(read.jpeg))).toEqual(
    bytes([0xff, 0xd8, 0xff, 0xe0, 0, 4, 7, 7, 0xff, 0xfe, 0, 3, 8], image),
  );
  expect(readJpeg(file.subarray(0, file.length - 1))).toMatchObject({ ok: false });
  expect(readJpeg(file.subarray(0, 6))).toMatchObject({ ok: false });
});

test('a JPEG whose metadata stand among its tables is taken apart behind the last of them', () => {
  const head = [0xff, 0xd8, 0xff, 0xdb, 0, 3, 5, 0xff, 0xe1, 0, 4, 7, 7];
  const image = [0xff, 0xc0, 0, 8, 8, 0, 2, 0, 3, 1, 0xff, 0xda, 0, 4, 9, 9, 1, 0xff, 0xd9];
  const read = readJpeg(bytes(head, image));
  if (!read.ok) throw new Error(read.message);
  expect(read.jpeg.segments.map(({ marker }) => marker)).toEqual([0xdb, 0xe1]);
  expect(read.jpeg.image).toEqual(Uint8Array.from(image));
  expect(concat(writeJpeg(read.jpeg))).toEqual(bytes(head, image));
  expect(pictureSize(bytes(head, image))).toEqual({ width: 3, height: 2 });
});

test('a data set with its length in bytes of its own is read, and so is what follows', () => {
  const extended = Uint8Array.of(0x1c, 2, 120, 0x80, 4, 0, 0, 0, 3, 65, 66, 67, 0x1c, 2, 25, 0, 1, 68);
  expect(readDataSets(extended).map(({ number, value }) => [number, Buffer.from(value).toString()])).toEqual([
    [120, 'ABC'],
    [25, 'D'],
  ]);
  // A length of five bytes is none.
  expect(readDataSets(Uint8Array.of(0x1c, 2, 120, 0x80, 5, 0, 0, 0, 0, 1, 65))).toEqual([]);
});
