/** Pictures of every format and shape: what is written is read back by others, and the image stays as it was. */
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { larkspur } from '#sample';
import {
  concat,
  formatOf,
  isDisguised,
  isMeantPicture,
  provePhoto,
  readTags,
  sameImage,
  sidecarPacket,
  stampFields,
  stampPicture,
  tagTexts,
  wrappedPacket,
  type StampOptions,
  type Stamping,
} from './index.ts';

const folder = mkdtempSync(join(tmpdir(), 'zinc-formats-'));
afterAll(() => rmSync(folder, { recursive: true }));

const none = { exif: {}, iptc: {}, xmp: {}, gps: {}, png: {}, file: {}, thumbnail: {} };
const same = (a: Uint8Array, b: Uint8Array): boolean => Buffer.compare(a, b) === 0;
const fields = stampFields(
  larkspur,
  { title: 'Tür & “Hof”', caption: 'Ein Hof\nin Köln', keywords: ['vet', '犬'], alt: 'A door' },
  { subject: 'door', author: 'Zoë Vane', copyright: '© 2026 Zoë Vane', headline: 'Door' },
);

function stamped(bytes: Uint8Array, options: StampOptions = {}): Stamping {
  const result = stampPicture(bytes, fields, options);
  if (!result.ok) throw new Error(result.message);
  return result;
}

const canvas = (channels: 3 | 4 = 3) =>
  sharp({ create: { width: 33, height: 21, channels, background: { r: 90, g: 60, b: 30, alpha: 0.5 } } });
const camera = {
  IFD0: { Make: 'Maker', Model: 'One', Artist: 'Ann' },
  IFD2: {
    DateTimeOriginal: '2025:03:02 10:11:12',
    BodySerialNumber: 'SN-4711',
    CameraOwnerName: 'Bob Owner',
  },
  IFD3: {
    GPSLatitudeRef: 'N',
    GPSLatitude: '51/1 30/1 0/1',
    GPSLongitudeRef: 'W',
    GPSLongitude: '0/1 7/1 0/1',
  },
};
const packet =
  '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" xmlns:GPano="http://ns.google.com/photos/1.0/panorama/" GPano:ProjectionType="equirectangular" xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:title><rdf:Alt><rdf:li xml:lang="x-default">Old</rdf:li></rdf:Alt></dc:title></rdf:Description></rdf:RDF></x:xmpmeta>';

/** How pictures are made, each by its name. */
const made: Readonly<Record<string, () => Promise<Uint8Array>>> = {
  jpeg: () => canvas().jpeg().toBuffer(),
  'jpeg progressive': () => canvas().jpeg({ progressive: true }).toBuffer(),
  'jpeg of grey': () => canvas().greyscale().jpeg().toBuffer(),
  'jpeg in CMYK': () => canvas().toColourspace('cmyk').jpeg().toBuffer(),
  'jpeg with colour profile': () => canvas().withIccProfile('p3').jpeg().toBuffer(),
  'jpeg of a camera': () => canvas().jpeg().withExif(camera).toBuffer(),
  'jpeg with Exif of one field': async () =>
    withExif(await canvas().jpeg().toBuffer(), '4d4d002a00000008 0001 0112000300000001 00010000 00000000'),
  'jpeg with XMP': () => canvas().jpeg().withXmp(packet).toBuffer(),
  'jpeg with something behind it': async () =>
    Buffer.concat([await canvas().jpeg().toBuffer(), Buffer.from('MPF or a film')]),
  png: () => canvas().png().toBuffer(),
  'png with alpha': () => canvas(4).png().toBuffer(),
  'png interlaced': () => canvas().png({ progressive: true }).toBuffer(),
  'png of 16 bits': () => canvas().toColourspace('rgb16').png().toBuffer(),
  'png with a palette': () => canvas().png({ palette: true }).toBuffer(),
  'png of a camera': () => canvas().png().withExif(camera).toBuffer(),
  'png with XMP': () => canvas().png().withXmp(packet).toBuffer(),
  'png with something behind it': async () =>
    Buffer.concat([await canvas().png().toBuffer(), Buffer.from('tail')]),
  'png with text of others': async () =>
    withChunk(await canvas().png().toBuffer(), 'tEXt', 'Comment\0of others'),
  webp: () => canvas().webp().toBuffer(),
  'webp lossless': () => canvas().webp({ lossless: true }).toBuffer(),
  'webp with alpha': () => canvas(4).webp().toBuffer(),
  'webp lossless with alpha': () => canvas(4).webp({ lossless: true }).toBuffer(),
  'webp of a camera': () => canvas().webp().withExif(camera).toBuffer(),
  'webp with XMP': () => canvas().webp().withXmp(packet).toBuffer(),
  'webp animated': () => animated('webp'),
  'webp whose length leaves its metadata out': async () => {
    const bytes = await canvas().webp().withExif(camera).withXmp(packet).toBuffer();
    const at = bytes.indexOf('EXIF');
    bytes.writeUInt32LE(at - 8, 4);
    return bytes;
  },
};

/** Two frames, one above the other. */
const animated = (format: 'webp' | 'gif') =>
  sharp(Buffer.alloc(20 * 40 * 3, 99).fill(10, 0, 1200), {
    raw: { width: 20, height: 40, channels: 3, pageHeight: 20 },
  })
    .toFormat(format, { delay: [100, 100] })
    .toBuffer();

function withChunk(png: Uint8Array, type: string, text: string): Uint8Array {
  const data = Buffer.from(text, 'latin1');
  const head = Buffer.alloc(8);
  head.writeUInt32BE(data.length);
  head.write(type, 4, 'latin1');
  // Its check sum is wrong, as that of many a file in the world.
  return Buffer.concat([png.subarray(0, 33), head, data, Buffer.from([1, 2, 3, 4]), png.subarray(33)]);
}

/** A JPEG with an Exif block in front, hexadecimal. */
function withExif(jpeg: Uint8Array, block: string): Uint8Array {
  const data = Buffer.concat([Buffer.from('Exif\0\0'), Buffer.from(block.replace(/ /g, ''), 'hex')]);
  const head = Buffer.from([0xff, 0xe1, 0, data.length + 2]);
  return Buffer.concat([jpeg.subarray(0, 2), head, data, jpeg.subarray(2)]);
}

let pictures: readonly (readonly [name: string, bytes: Uint8Array])[] = [];
beforeAll(async () => {
  pictures = await Promise.all(
    Object.entries(made).map(async ([name, make]) => [name, new Uint8Array(await make())] as const),
  );
});

describe('every picture', () => {
  test('is proved: each field in all its places, and the image as it was', () => {
    for (const [name, bytes] of pictures) {
      const result = stamped(bytes);
      const { proved, lines } = provePhoto(concat(result.parts), bytes, result, same);
      expect([name, lines.filter(({ agrees }) => !agrees), proved]).toEqual([name, [], true]);
      expect(lines.length).toBeGreaterThan(name.startsWith('jpeg') ? 30 : 20);
    }
  });

  test('shows the same pixels', async () => {
    for (const [name, bytes] of pictures) {
      const pixels = (picture: Uint8Array) => sharp(picture, { animated: true }).raw().toBuffer();
      expect([name, same(await pixels(bytes), await pixels(concat(stamped(bytes).parts)))]).toEqual([
        name,
        true,
      ]);
    }
  });

  test('stamped again with the same is the same file', () => {
    for (const [name, bytes] of pictures) {
      const once = concat(stamped(bytes).parts);
      expect([name, same(once, concat(stamped(once).parts))]).toEqual([name, true]);
    }
  });

  test('keeps what others wrote', () => {
    for (const [name, bytes] of pictures) {
      const read = tagTexts(readTags(concat(stamped(bytes).parts)) ?? none);
      if (name.includes('camera'))
        expect(read['Exif']).toMatchObject({ Make: 'Maker', BodySerialNumber: 'SN-4711' });
      if (name.includes('XMP'))
        expect(Buffer.from(concat(stamped(bytes).parts)).toString('latin1')).toContain('equirectangular');
      if (name.includes('text of others'))
        expect(Buffer.from(concat(stamped(bytes).parts)).toString('latin1')).toContain(
          'Comment\0of others\x01\x02\x03\x04',
        );
    }
  });

  test('tells what it replaced', () => {
    const [, bytes] = pictures.find(([name]) => name === 'jpeg of a camera') ?? ['', new Uint8Array()];
    expect(stamped(bytes).replaced).toEqual([
      { field: 'coordinates', was: '51.5000000, -0.1166667' },
      { field: 'author', was: 'Ann' },
    ]);
  });
});

describe('a field', () => {
  const named = (name: string): Uint8Array => pictures.find(([one]) => one === name)?.[1] ?? new Uint8Array();

  test('that a picture has is kept where only empty ones are written', () => {
    const { fields: written, kept } = stamped(named('jpeg of a camera'), {
      policies: { author: 'empty', coordinates: 'empty', title: 'empty' },
    });
    expect(kept).toEqual(['coordinates', 'author']);
    expect(written).toMatchObject({ author: '', point: undefined, title: fields.title });
  });

  test('that is removed is gone from all its places', () => {
    for (const name of ['jpeg of a camera', 'png of a camera', 'webp of a camera']) {
      const first = concat(stamped(named(name)).parts);
      const again = stamped(first, {
        policies: { title: 'remove', keywords: 'remove', comment: 'remove', coordinates: 'remove' },
      });
      const { proved, lines } = provePhoto(concat(again.parts), first, again, same);
      expect([name, lines.filter(({ agrees }) => !agrees), proved]).toEqual([name, [], true]);
      expect(lines.filter(({ field, read }) => field === 'title' && read === '')).toHaveLength(
        name.startsWith('jpeg') ? 3 : 2,
      );
    }
  });

  test('of a person or a device leaves no byte behind', () => {
    for (const name of ['jpeg of a camera', 'png of a camera', 'webp of a camera']) {
      const result = Buffer.from(concat(stamped(named(name), { removesPersonal: true }).parts));
      expect(result.includes('SN-4711')).toBe(false);
      expect(result.includes('Bob Owner')).toBe(false);
      const { Make, DateTimeOriginal } = readTags(result)?.exif ?? {};
      expect([Make, DateTimeOriginal]).toMatchObject([{ description: 'Maker' }, {}]);
      expect(sameImage(result, named(name), same)).toBe(true);
    }
  });
});

describe('broken metadata', () => {
  test('stay as they are, are told, and the others are written', () => {
    const exif = Buffer.from('Exif\0\0II*\0\xff\xff\xff\x7f', 'latin1');
    const head = Buffer.from([0xff, 0xd8, 0xff, 0xe1, 0, exif.length + 2]);
    const [, jpeg] = pictures.find(([name]) => name === 'jpeg') ?? ['', new Uint8Array()];
    const broken = Buffer.concat([head, exif, jpeg.subarray(2)]);
    const result = stamped(broken);
    expect(result.left).toEqual(['Exif']);
    const written = Buffer.from(concat(result.parts));
    expect(written.includes(exif)).toBe(true);
    expect(provePhoto(written, broken, result, same).proved).toBe(true);
  });

  test('a copy of its Exif in a text of a PNG goes with personal data, and stays otherwise', async () => {
    const text = 'Raw profile type exif\0\0packed as it may be';
    const png = withChunk(await canvas().png().toBuffer(), 'zTXt', text);
    const taken = stamped(png, { removesPersonal: true });
    expect(taken.personal).toEqual([{ what: 'copy of its Exif in a text', value: 'there' }]);
    expect(Buffer.from(concat(taken.parts)).includes('Raw profile')).toBe(false);
    const kept = stamped(png);
    expect(kept.personal).toEqual([]);
    expect(Buffer.from(concat(kept.parts)).includes(text)).toBe(true);
    for (const one of [taken, kept]) expect(provePhoto(concat(one.parts), png, one, same).proved).toBe(true);
  });

  test('a picture that is cut off, or none, is refused with the reason', () => {
    for (const [name, bytes] of pictures.filter(([one]) => !/behind|animated/.test(one)))
      expect([name, stampPicture(bytes.subarray(0, -25), fields)]).toMatchObject([name, { ok: false }]);
    expect(stampPicture(Buffer.from('GIF89a'), fields)).toMatchObject({ ok: false });
    expect(stampPicture(new Uint8Array(), fields)).toMatchObject({ ok: false });
  });
});

test('a format is told by its bytes, whatever the name says', async () => {
  expect(
    await Promise.all([animated('gif'), canvas().tiff().toBuffer(), canvas().avif().toBuffer()]).then((all) =>
      all.map(formatOf),
    ),
  ).toEqual(['GIF', 'TIFF', 'AVIF']);
  expect(formatOf(Buffer.from('\0\0\0\x18ftypheic', 'latin1'))).toBe('HEIC');
  expect(formatOf(Buffer.from('%PDF-1.4'))).toBeUndefined();
  const meant = ['a.jpg', 'a.HEIC', 'a.bmp', 'a.cr2', 'a.txt', 'jpg'].filter(isMeantPicture);
  expect(meant).toEqual(['a.jpg', 'a.HEIC', 'a.bmp', 'a.cr2']);
  expect([
    isDisguised('a.JPG', 'PNG'),
    isDisguised('a.png', 'PNG'),
    isDisguised('a', 'PNG'),
    isDisguised('a.cr2', 'TIFF'),
  ]).toEqual([true, false, false, false]);
});

test('a sidecar says the fields, and keeps what stood in one before', () => {
  for (const old of [undefined, packet]) {
    const result = sidecarPacket(fields, old);
    if (!result.ok) throw new Error(result.message);
    const tags = readTags(wrappedPacket(Buffer.from(result.packet)));
    expect(tags && tagTexts(tags)['XMP']).toMatchObject({
      title: fields.title,
      AltTextAccessibility: 'A door',
    });
    expect(result.packet.includes('equirectangular')).toBe(old !== undefined);
  }
});

test.each([
  ['RDF by another prefix', (xmp: string) => xmp.replaceAll('rdf:', 'r:').replace('xmlns:rdf', 'xmlns:r')],
  ['the element of old packets', (xmp: string) => xmp.replaceAll('x:xmpmeta', 'x:xapmeta')],
  [
    'another prefix for that',
    (xmp: string) => xmp.replaceAll('x:xmpmeta', 'y:meta').replace('xmlns:x', 'xmlns:y'),
  ],
])('a packet with %s is read, and what is written into it proved', (_, written) => {
  const old = written(packet);
  expect(tagTexts(readTags(wrappedPacket(Buffer.from(old))) ?? none)['XMP']).toMatchObject({ title: 'Old' });
  const result = sidecarPacket(fields, old);
  if (!result.ok) throw new Error(result.message);
  const tags = readTags(wrappedPacket(Buffer.from(result.packet)));
  expect(tags && tagTexts(tags)['XMP']).toMatchObject({ title: fields.title });
});

const hasExiftool = spawnSync('exiftool', ['-ver']).status === 0;
(hasExiftool ? test : test.skip)('exiftool warns of nothing that it did not warn of before', () => {
  // Asked of all at once: the reader takes longer to start than to read.
  const files = [...pictures].flatMap(([name, bytes], at) => {
    const named = [`${String(at)}-before`, `${String(at)}-after`].map((file) => join(folder, file));
    writeFileSync(named[0] ?? '', bytes);
    writeFileSync(named[1] ?? '', concat(stamped(bytes).parts));
    return named.map((file) => ({ name, file }));
  });
  const words = ['-a', '-validate', '-warning', '-error', ...files.map(({ file }) => file)];
  const told = execFileSync('exiftool', words, { encoding: 'utf8' }).split(/^======== /m);
  const warnings = files.map(({ file }) => {
    const of = told.find((one) => one.startsWith(`${file}\n`));
    return of?.split('\n').filter((line) => /^(Warning|Error)/.test(line)).length ?? NaN;
  });
  const more = warnings.flatMap((before, at) =>
    at % 2 > 0 || (warnings[at + 1] ?? NaN) <= before ? [] : [files[at]?.name],
  );
  expect(more).toEqual([]);
});

describe('texts of a PNG', () => {
  const withTexts = async (
    ...texts: readonly (readonly [type: string, data: string])[]
  ): Promise<Uint8Array> => {
    const plain: Uint8Array = await canvas().png().toBuffer();
    return texts.toReversed().reduce((png, [type, data]) => withChunk(png, type, data), plain);
  };
  const texts = (bytes: Uint8Array): unknown => tagTexts(readTags(bytes) ?? none)['PNG texts'];

  test('say what the fields say, whatever their characters; others stay', async () => {
    const bytes = await withTexts(
      ['tEXt', 'Title\0Old'],
      ['zTXt', 'Software\0\0x'],
      ['tEXt', 'Description\0Old words'],
      ['tEXt', 'Description\0Once more'],
      ['tEXt', 'Comment\0of a drawing program'],
    );
    const written = concat(stamped(bytes).parts);
    expect(texts(written)).toEqual({
      Title: fields.title,
      Description: fields.caption,
      Comment: 'of a drawing program',
    });
    expect(
      Buffer.from(written)
        .toString('latin1')
        .match(/Software\0\0x/g),
    ).toHaveLength(1);
    expect(provePhoto(written, bytes, stamped(bytes), same).proved).toBe(true);
  });

  test('are none where there were none, go where the field goes, and count as something', async () => {
    expect(texts(concat(stamped(await withTexts()).parts))).toBeUndefined();
    const bytes = await withTexts(['tEXt', 'Title\0Old'], ['tEXt', 'Author\0Ann']);
    expect(texts(concat(stamped(bytes, { policies: { title: 'remove', author: 'empty' } }).parts))).toEqual({
      Author: 'Ann',
    });
    expect(stamped(bytes, { policies: { author: 'empty' } }).kept).toEqual(['author']);
    expect(stamped(bytes).replaced).toContainEqual({ field: 'title', was: 'Old' });
    const inGerman = await withTexts(['iTXt', 'Description\0\0\0de\0Beschreibung\0Alt']);
    expect(stamped(inGerman).replaced).toContainEqual({ field: 'caption', was: 'Alt' });
    expect(stamped(inGerman, { policies: { caption: 'empty' } }).kept).toEqual(['caption']);
  });
});

test('an Exif directory made in a block of others says what it has to', () => {
  const [, bytes] = pictures.find(([name]) => name === 'jpeg with Exif of one field') ?? [
    '',
    new Uint8Array(),
  ];
  expect(tagTexts(readTags(concat(stamped(bytes).parts)) ?? none)['Exif']).toMatchObject({
    ExifVersion: '0232',
    ColorSpace: 'Uncalibrated',
    PixelXDimension: '33',
    GPSLatitude: String(fields.point?.latitude),
  });
});

describe('an XMP packet', () => {
  const withPacket = async (bytes: Uint8Array): Promise<Uint8Array> => {
    const data = Buffer.concat([Buffer.from('http://ns.adobe.com/xap/1.0/\0'), bytes]);
    const head = Buffer.from([0xff, 0xe1, (data.length + 2) >> 8, (data.length + 2) & 0xff]);
    const plain = await canvas().jpeg().toBuffer();
    return Uint8Array.from(Buffer.concat([plain.subarray(0, 2), head, data, plain.subarray(2)]));
  };
  const inUtf16 = (text: string, isBig: boolean): Buffer => {
    const bytes = Buffer.from(text, 'utf16le');
    return isBig ? bytes.swap16() : bytes;
  };

  test.each([
    ['in UTF-16, big end first', inUtf16(`\uFEFF${packet}`, true), true],
    ['in UTF-16, little end first', inUtf16(packet, false), true],
    ['of nothing', Buffer.alloc(0), false],
    ['of blanks', Buffer.from(' \n '), false],
  ])('%s is written into', async (_, bytes, hasPanorama) => {
    const picture = await withPacket(bytes);
    const stamping = stamped(picture);
    expect(stamping.left).toEqual([]);
    const written = concat(stamping.parts);
    expect(provePhoto(written, picture, stamping, same).proved).toBe(true);
    expect(Buffer.from(written).includes('GPano:ProjectionType="equirectangular"')).toBe(hasPanorama);
  });
});

test('a contact is told as a whole where it is replaced, and not where none is written', async () => {
  const contact =
    '<Iptc4xmpCore:CreatorContactInfo xmlns:Iptc4xmpCore="http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/" rdf:parseType="Resource"><Iptc4xmpCore:CiAdrCity>Rome</Iptc4xmpCore:CiAdrCity><Iptc4xmpCore:CiEmailWork>ann@photos.example</Iptc4xmpCore:CiEmailWork></Iptc4xmpCore:CreatorContactInfo>';
  const bytes = await canvas()
    .jpeg()
    .withXmp(packet.replace('<dc:title>', `${contact}<dc:title>`))
    .toBuffer();
  expect(stamped(bytes).replaced).toContainEqual({ field: 'contact', was: 'Rome, ann@photos.example' });
  const none = stampPicture(bytes, {
    ...fields,
    street: '',
    town: '',
    region: '',
    postalCode: '',
    country: '',
    countryCode: '',
    telephone: '',
    email: '',
    url: '',
  });
  expect(none.ok && none.replaced.map(({ field }) => field)).toEqual(['title']);
});

test('a WebP may lack the byte that pads its last chunk, and no more', async () => {
  const whole = await canvas().webp().toBuffer();
  const saying = (more: number): Buffer => {
    const bytes = Buffer.from(whole);
    bytes.writeUInt32LE(bytes.readUInt32LE(4) + more, 4);
    return bytes;
  };
  expect(stampPicture(saying(1), fields)).toMatchObject({ ok: true });
  expect(stampPicture(saying(2), fields)).toMatchObject({ ok: false });
});

describe('content credentials', () => {
  /** A box with a description of that type, as far as it is looked at. */
  const box = (type: string): Buffer =>
    Buffer.from(`\0\0\0\x28jumb\0\0\0\x20jumd${type}\0\x11\0\x10\0\0`, 'latin1');
  const length = (size: number): Buffer => {
    const bytes = Buffer.alloc(4);
    bytes.writeUInt32LE(size);
    return bytes;
  };
  const inJpeg = (bytes: Buffer, type: string): Buffer => {
    const data = Buffer.concat([Buffer.from('JP\0\x01\0\0\0\x01', 'latin1'), box(type)]);
    const head = Buffer.from([0xff, 0xeb, 0, data.length + 2]);
    return Buffer.concat([bytes.subarray(0, 2), head, data, bytes.subarray(2)]);
  };
  const inWebp = (bytes: Buffer, name: string): Buffer => {
    const chunk = Buffer.concat([Buffer.from(name), length(4), Buffer.from('jumb')]);
    return Buffer.concat([
      Buffer.from('RIFF'),
      length(bytes.length - 8 + chunk.length),
      bytes.subarray(8),
      chunk,
    ]);
  };

  test.each([
    ['JPEG', async () => inJpeg(await canvas().jpeg().toBuffer(), 'c2pa'), true],
    ['JPEG', async () => inJpeg(await canvas().jpeg().toBuffer(), 'json'), false],
    ['PNG', async () => withChunk(await canvas().png().toBuffer(), 'caBX', 'store'), true],
    ['PNG', async () => withChunk(await canvas().png().toBuffer(), 'abCd', 'store'), false],
    ['WebP', async () => inWebp(await canvas().webp().toBuffer(), 'C2PA'), true],
    ['WebP', async () => inWebp(await canvas().webp().toBuffer(), 'ABCD'), false],
  ] as const)('in a %s are known and stay', async (_format, make, isSigned) => {
    const bytes = await make();
    const result = stamped(bytes);
    expect(result.isSigned).toBe(isSigned);
    expect(stamped(concat(result.parts)).isSigned).toBe(isSigned);
  });
});
