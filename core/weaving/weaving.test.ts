import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plainItem } from '#core/item';
import { readSource } from '#core/reading';
import { applyEdits } from '#core/text';
import { larkspur } from '#sample';
import { unweave, weave, weaveBytes, type WeaveChoices, type WeaveResult } from './index.ts';

const NAME = 'Larkspur &amp; Vane Veterinary Care';
const ADDRESS = '<span>214 Quay Street</span>, <span>Port Ellery</span>, <span>WA</span> <span>98299</span>';
const footer = (inside: string): string => `<html><body><footer>${inside}</footer></body></html>`;
const usual = footer(`<b>${NAME}</b><div>${ADDRESS}</div><a href="tel:+13605550142">(360) 555-0142</a>`);

const woven = (page: string, choices: Partial<WeaveChoices> = {}, record = larkspur): WeaveResult =>
  weave(readSource(page), record, { syntax: 'microdata', ...choices });
const sourceOf = (result: WeaveResult): string => {
  if (!result.ok) throw new Error(result.message);
  return result.source;
};
const read = (source: string) => readSource(source).items.map((item) => plainItem(item).properties);

describe('what a page says already', () => {
  test('is marked where it stands, and nowhere else', () => {
    const source = sourceOf(woven(usual));
    expect(source).toContain('<b itemprop="name" data-zinc-post="woven">Larkspur');
    expect(source).toContain('<span itemprop="streetAddress" data-zinc-post="woven">214 Quay Street');
    expect(source).toContain('<div itemprop="address" itemscope');
    expect(source.replace(/<[^>]*>/g, '')).toBe(usual.replace(/<[^>]*>/g, ''));
    expect(unweave(source)).toBe(usual);
  });

  test('of pictures is marked where the page’s address, or the root of its site, leads to the record’s', () => {
    const pictures = '<img src="/logo.png" alt="L"><img src="../front.jpg" alt="F"><a href="./">Home</a>';
    const page = usual.replace('<footer>', `<footer><p>${pictures}</p>`);
    const record = {
      ...larkspur,
      url: 'https://larkspurvane.example/quay/',
      logo: larkspur.image
        .slice(0, 1)
        .map((one) => ({ ...one, url: 'https://larkspurvane.example/logo.png' })),
      image: larkspur.image
        .slice(0, 1)
        .map((one) => ({ ...one, url: 'https://larkspurvane.example/front.jpg' })),
    };
    const at = (address: string): string =>
      sourceOf(weave(readSource(page, address), record, { syntax: 'microdata' }));
    const known = at('https://larkspurvane.example/quay/');
    expect(known).toContain('<img itemprop="logo" data-zinc-post="woven" src="/logo.png"');
    expect(known).toContain('<img itemprop="image" data-zinc-post="woven" src="../front.jpg"');
    expect(known).toContain('<a itemprop="url" data-zinc-post="woven" href="./"');
    // Where the page stands is not known: what is relative to it may lead anywhere.
    const unknown = at('');
    expect(unknown).toContain('<img itemprop="logo" data-zinc-post="woven" src="/logo.png"');
    expect(unknown).toContain('<img src="../front.jpg"');
    expect(unknown).toContain('<a href="./">');
    expect(at('https://elsewhere.example/')).toContain('<img src="/logo.png"');
  });

  test.each(['microdata', 'rdfa'] as const)('has an @id in %s only where the record gives one', (syntax) => {
    const idOf = (id: string, url: string): string | undefined | null => {
      const result = weave(readSource(usual), { ...larkspur, id, url }, { syntax });
      return readSource(sourceOf(result)).items[0]?.id;
    };
    expect(idOf('https://larkspurvane.example/#one', '')).toBe('https://larkspurvane.example/#one');
    expect(idOf('', 'https://larkspurvane.example/a')).toBe('https://larkspurvane.example/a#branch');
    expect(idOf('', '')).toBeNull();
  });

  test('is read as one business, with what only machines need', () => {
    for (const syntax of ['microdata', 'rdfa'] as const)
      expect(read(sourceOf(woven(usual, { syntax })))).toMatchObject([
        {
          name: ['Larkspur & Vane Veterinary Care'],
          telephone: ['+1 360 555 0142'],
          url: ['https://larkspurvane.example/port-ellery/'],
          address: [{ properties: { streetAddress: ['214 Quay Street'], addressCountry: ['US'] } }],
          geo: [{ properties: { latitude: ['48.51234'] } }],
        },
      ]);
  });

  test('the name is its heading, not what is left of a line that says the town', () => {
    const record = { ...larkspur, name: 'Cartier Assurances Port Ellery' };
    const block = (name: string, body: string): string => `<div><h2>${name}</h2><p>${body}</p></div>`;
    const page = `<html><body>${block('Cartier Assurances Port Ellery', '214 Quay Street – 98299 Port Ellery')}${block('Cartier Assurances Rennes', '5 Row – 98300 Rennes')}</body></html>`;
    const source = sourceOf(weave(readSource(page), record, { syntax: 'microdata' }));
    expect(source).toContain('<h2 itemprop="name" data-zinc-post="woven">Cartier Assurances Port Ellery');
  });

  test('is told fact by fact, and what is not shown too', () => {
    const result = woven(usual);
    expect(result.ok && result.woven.map(({ fact }) => fact)).toEqual([
      'address.streetAddress',
      'address.postalCode',
      'telephone',
      'name',
      'address.addressLocality',
      'address.addressRegion',
    ]);
    expect(result.unseen).toContain('email');
  });

  test('links and pictures that lead where the record says are marked too', () => {
    const linked = usual.replace(
      '</footer>',
      '<a href="https://social.example/larkspurvane">us</a><img src="https://larkspurvane.example/images/logo.png" alt=""></footer>',
    );
    const [item] = read(sourceOf(woven(linked)));
    expect(item).toMatchObject({
      sameAs: ['https://social.example/larkspurvane'],
      logo: ['https://larkspurvane.example/images/logo.png'],
    });
  });

  test('hours that visitors read are told to machines', () => {
    const hours =
      'Mon 8am-6pm, Tue 8am-6pm, Wed 8am-12pm and 2pm-6pm, Thu 8am-6pm, Fri 6pm-2am, Sat 24 hours, Sun closed';
    const source = sourceOf(woven(usual.replace('</footer>', `<p>${hours}</p></footer>`)));
    expect(source).toContain('itemprop="openingHours"');
    expect(sourceOf(woven(usual))).not.toContain('openingHours');
  });

  test.each([
    ['Washington', 'US', 'WA'],
    ['Wash.', 'US', 'WA'],
    ['Québec', 'CA', 'QC'],
    ['Jal.', 'MX', 'Jalisco'],
  ])('a region is told by its code where the page says %s', (shown, addressCountry, addressRegion) => {
    const page = usual.replace('<span>WA</span>', `<span>${shown}</span>`);
    const record = { ...larkspur, address: { ...larkspur.address, addressRegion, addressCountry } };
    const result = weave(readSource(page), record, { syntax: 'microdata' });
    expect(read(sourceOf(result))).toMatchObject([
      { address: [{ properties: { addressRegion: [addressRegion] } }] },
    ]);
    expect(result.differing).toEqual([]);
    expect(unweave(sourceOf(result))).toBe(page);
  });

  test('woven again is the same', () => {
    const once = sourceOf(woven(usual));
    expect(sourceOf(woven(once))).toBe(once);
  });
});

describe('a text', () => {
  const inLine = footer(`<p>${NAME}, 214 Quay Street, Port Ellery, WA 98299, (360) 555-0142</p>`);

  test('that would have to be cut is left whole, and said beside', () => {
    const result = woven(inLine);
    expect(sourceOf(result)).toContain(
      `>${NAME}, 214 Quay Street, Port Ellery, WA 98299, (360) 555-0142<span hidden`,
    );
    expect(result.ok && result.woven.every(({ inPlace }) => !inPlace)).toBe(true);
  });

  test('is cut where every word is wanted in place', () => {
    const source = sourceOf(woven(inLine, { splits: true }));
    expect(source).toContain('<span itemprop="addressRegion" data-zinc-post="wrapper">WA</span>');
    expect(unweave(source)).toBe(inLine);
  });
});

describe('what differs', () => {
  test('an old number is offered with its link', () => {
    const page = usual.replace('+13605550142', '+13605550199').replace('555-0142', '555-0199');
    const { differing } = woven(page);
    expect(differing).toMatchObject([
      { fact: 'telephone', shown: '(360) 555-0199', meant: '(360) 555-0142', isSpelling: false },
    ]);
    expect(applyEdits(page, differing[0]?.edits ?? [])).toBe(usual);
  });

  test.each([
    ['name', NAME, 'Larkspur &amp; Vnae Veterinary Care'],
    ['address.streetAddress', '214 Quay Street', '214 Quay Srteet'],
    ['address.streetAddress', '214 Quay Street', '241 Quay Street'],
    ['address.addressLocality', 'Port Ellery', 'Port Ellrey'],
    ['address.postalCode', '98299', '98292'],
  ])('the %s “%s” as “%s”', (fact, meant, shown) => {
    const page = usual.replace(meant, shown);
    const { differing } = woven(page);
    expect(differing).toMatchObject([{ fact, isSpelling: false }]);
    expect(applyEdits(page, differing[0]?.edits ?? [])).toBe(usual);
  });

  test.each([
    ['Shop 4, Block C, Gulberg III', 'Shop 15, Block C, Gulberg III, 98299', 'Shop 15, Block C, Gulberg III'],
    ['Calle de la Paz 12', 'Clale de la Paz 12, 98299 Port Ellery', 'Clale de la Paz 12'],
  ])('the street %s is exchanged whole: %s', (streetAddress, shown, text) => {
    const other = { ...larkspur, address: { ...larkspur.address, streetAddress } };
    const page = usual.replace(/<span>214.*98299/, `<span>${shown}`);
    expect(woven(page, {}, other).differing).toMatchObject([{ fact: 'address.streetAddress', shown: text }]);
  });

  test('another week beside the address is told, and left to people', () => {
    const closed = { Tuesday: 'closed', Wednesday: 'closed', Thursday: 'closed', Friday: 'closed' };
    const days = { Monday: '09:00-17:00', ...closed, Saturday: 'closed', Sunday: 'closed' };
    const open = { ...larkspur, hours: { ...larkspur.hours, ...days } };
    const week = (until: string, before = ''): string =>
      usual.replace('</footer>', `${before}<p>Monday 9am–${until}, Tuesday to Sunday closed</p></footer>`);
    const differing = (page: string) =>
      woven(page, {}, open).differing.map(({ fact, edits }) => [fact, edits]);
    expect(differing(week('7pm'))).toEqual([['hours', null]]);
    expect(differing(week('5pm'))).toEqual([]);
    expect(differing(week('7pm', `<p>${'Words. '.repeat(100)}</p>`))).toEqual([]);
  });

  test('another spelling is offered, and told from another fact', () => {
    expect(woven(usual.replace('Quay Street', 'Quay St.')).differing).toMatchObject([
      { fact: 'address.streetAddress', shown: '214 Quay St.', meant: '214 Quay Street', isSpelling: true },
    ]);
  });

  test('a blank that does not break a line is no other spelling', () => {
    const result = woven(usual.replace('214 Quay Street', '214&nbsp;Quay&nbsp;Street'));
    expect(result.differing).toEqual([]);
    expect(read(sourceOf(result))).toMatchObject([
      { address: [{ properties: { streetAddress: ['214 Quay Street'] } }] },
    ]);
  });

  test.each([
    'Larkspur &amp; Vane «Veterinary Care»',
    '«Larkspur &amp; Vane» Veterinary Care',
    'Larkspur (&amp; Vane) Veterinary Care',
  ])('a quote or bracket is neither left over nor taken along: %s', (name) => {
    const page = usual.replace(NAME, name);
    const [{ edits } = { edits: null }] = woven(page).differing;
    expect(applyEdits(page, edits ?? [])).toBe(usual);
  });

  test('a bracket round all of it stays round all of it', () => {
    const page = usual.replace(NAME, `(Larkspur &amp; VANE Veterinary Care)`);
    const [{ edits } = { edits: null }] = woven(page).differing;
    expect(applyEdits(page, edits ?? [])).toBe(usual.replace(NAME, `(${NAME})`));
  });

  const far = '<p>lorem ipsum dolor</p>'.repeat(40);
  test.each(['microdata', 'rdfa'] as const)(
    'a name that stands in several places far off, or in a picture alone, is said beside in %s',
    (syntax) => {
      for (const named of [
        `<p>${NAME}</p><p>${NAME}</p>`,
        `<a href="/"><img src="l.png" alt="${NAME}"></a>`,
      ]) {
        const page = footer(`${named}${far}<p>${ADDRESS}</p>`);
        const result = woven(page, { syntax });
        expect(read(sourceOf(result))).toMatchObject([{ name: ['Larkspur & Vane Veterinary Care'] }]);
        expect(result.ok && result.woven).toContainEqual(
          expect.objectContaining({ fact: 'name', inPlace: false }),
        );
        expect(result.ambiguous).toEqual([]);
        expect(unweave(sourceOf(result))).toBe(page);
      }
    },
  );

  test('a picture that nobody sees, or that says more than the name, names nobody', () => {
    const seen = (picture: string): boolean => woven(footer(`${picture}<p>${ADDRESS}</p>`)).ok;
    expect(seen(`<div hidden><img src="l.png" alt="${NAME}"></div>`)).toBe(false);
    expect(seen(`<noscript><img src="l.png" alt="${NAME}"></noscript>`)).toBe(false);
    expect(seen('<img src="l.png" alt="Another Veterinary Care">')).toBe(false);
  });

  test('a number of which two stand far off is asked about', () => {
    const number = '<p>(360) 555-0142</p>';
    const result = woven(footer(`${number}${number}${far}<p>${NAME}</p>${far}<p>${ADDRESS}</p>`));
    expect(result.ambiguous.map(({ fact }) => fact)).toEqual(['telephone']);
  });
});

describe('what is put right', () => {
  const old = usual
    .replace('+13605550142', '+13605550199')
    .replace('555-0142', '555-0199')
    .replace('Quay Street', 'Quay St.');

  test('is all of it, or some facts, and read like the rest', () => {
    const all = woven(old, { corrects: 'all' });
    expect(unweave(sourceOf(all))).toBe(usual);
    expect(all.corrected.map(({ fact }) => fact)).toEqual(['telephone', 'address.streetAddress']);
    expect(all.differing).toEqual([]);
    const some = woven(old, { corrects: ['telephone'] });
    expect(unweave(sourceOf(some))).toBe(usual.replace('Quay Street', 'Quay St.'));
    expect(some.differing.map(({ fact }) => fact)).toEqual(['address.streetAddress']);
    expect(read(sourceOf(some))).toMatchObject([{ telephone: ['+1 360 555 0142'] }]);
  });

  test('may be the name, without which nothing is woven', () => {
    const page = usual.replace('Vane', 'Vnae');
    expect(woven(page).ok).toBe(false);
    expect(unweave(sourceOf(woven(page, { corrects: ['name'] })))).toBe(usual);
  });

  const moved = {
    ...larkspur,
    name: 'Larkspur Pets',
    telephone: '(360) 555-0177',
    address: { ...larkspur.address, streetAddress: '9 Mill Lane', addressLocality: 'Tallow Bay' },
  };

  test.each(['microdata', 'rdfa'] as const)(
    'is what was woven into %s before the record changed',
    (syntax) => {
      const before = sourceOf(woven(usual, { syntax }));
      const result = woven(before, { syntax, corrects: 'carried' }, moved);
      const now = usual
        .replace(NAME, 'Larkspur Pets')
        .replace('214 Quay Street', '9 Mill Lane')
        .replace('Port Ellery', 'Tallow Bay')
        .replace('+13605550142', '+13605550177')
        .replace('555-0142', '555-0177');
      expect(unweave(sourceOf(result))).toBe(now);
      expect(result.differing).toEqual([]);
      expect(read(sourceOf(result))).toMatchObject([
        { name: ['Larkspur Pets'], telephone: ['+1 360 555 0177'] },
      ]);
    },
  );

  test('is nothing where nothing was woven, or the record says what it said', () => {
    expect(woven(old, { corrects: 'carried' }).corrected).toEqual([]);
    const spelt = sourceOf(woven(old));
    expect(woven(spelt, { corrects: 'carried' }).corrected).toEqual([]);
    expect(sourceOf(woven(spelt, { corrects: 'carried' }))).toBe(spelt);
  });

  test('is written in what the encoding of the page holds', () => {
    const page = Buffer.from(`<meta charset="windows-1252">${usual.replace('Quay', 'Caf\xE9')}`, 'latin1');
    const record = {
      ...larkspur,
      name: 'Łąka Vane Veterinary Care',
      address: { ...larkspur.address, streetAddress: '214 Café Street' },
    };
    const choices = { syntax: 'microdata', corrects: ['name'] } as const;
    const before = Buffer.from(page.toString('latin1').replace('Larkspur &amp;', 'L&#261;ka'), 'latin1');
    const { result, bytes } = weaveBytes(before, record, choices);
    expect(result.ok).toBe(true);
    const text = Buffer.from(bytes).toString('latin1');
    expect(text).toContain('>&#321;&#261;ka Vane Veterinary Care<');
    expect(text).toContain('>214 Caf\xE9 Street<');
  });
});

describe('is refused', () => {
  test.each([
    [
      'a page of another business',
      footer('<p>Bread &amp; Co, 1 Mill Lane</p>'),
      'does not stand on this page',
    ],
    ['a page without an address or number', footer(`<p>${NAME}</p>`), 'Neither street'],
    ['what is no page', '{"@type":"Thing"}', 'no HTML page'],
    [
      'a page that carries a business already',
      footer(
        `<div itemscope itemtype="https://schema.org/Store"><b itemprop="name">${NAME}</b></div><p>${ADDRESS}</p>`,
      ),
      'already (line 1)',
    ],
  ])('%s', (_, page, message) => {
    const result = woven(page);
    expect(result.ok ? '' : result.message).toContain(message);
  });

  test('but markup of the same branch can be silenced, and gets its voice back', () => {
    const marked = footer(
      `<div itemscope itemtype="https://schema.org/Store"><b itemprop="name">${NAME}</b><p itemprop=address>${ADDRESS}</p></div><p itemprop="email">x</p>`,
    );
    const source = sourceOf(woven(marked, { replaces: true }));
    expect(read(source)).toHaveLength(1);
    expect(source).toContain('data-was-itemprop="email"');
    expect(unweave(source)).toBe(marked);
  });
});

test('no page comes back from weaving other than it was', () => {
  const part = fc.constantFrom(
    NAME,
    '214 Quay Street',
    'Port Ellery',
    'WA',
    '98299',
    '(360) 555-0142',
    ', ',
    '<br>',
    '<p>',
    '</p>',
    '<b>',
    '</b>',
    '<a href="tel:1">',
    '</a>',
    '<table>',
    '<td>',
    '</table>',
    '<i>',
    '</i>',
    '\r\n',
    ' ',
    '&nbsp;',
    '<!-- x -->',
    '<div style="display:none">',
    '</div>',
    '<span itemprop="name">',
    '</span>',
    '<ul>',
    '<li>',
    'é',
  );
  fc.assert(
    fc.property(
      fc.array(part, { maxLength: 40 }),
      fc.constantFrom('microdata' as const, 'rdfa' as const),
      fc.boolean(),
      (parts, syntax, splits) => {
        const page = `<body>${parts.join('')}`;
        const result = woven(page, { syntax, splits, replaces: true });
        if (!result.ok) return;
        expect(unweave(result.source)).toBe(page);
        expect(readSource(result.source).visible?.text).toBe(readSource(page).visible?.text);
      },
    ),
    { numRuns: 300 },
  );
});

describe('a page as themes make them', () => {
  test('stands as a whole in an item, which goes on to say what it said', () => {
    const page = usual.replace(
      '<body>',
      '<body itemscope itemtype="https://schema.org/WebPage"><h1 itemprop="name">Where we are</h1>',
    );
    const source = sourceOf(woven(page));
    expect(unweave(source)).toBe(page);
    expect(readSource(source).items.map(({ types }) => types)).toEqual([
      ['WebPage'],
      ['VeterinaryCare', 'LocalBusiness'],
    ]);
  });

  test('has links that lead nowhere, or are not ended: neither is that of the business', () => {
    const url = 'https://larkspurvane.example/port-ellery/';
    const stray = usual.replace('<b>', `<p><a href="/news">News<a/></p><p>More</p><a name="top"></a><b>`);
    const open = usual
      .replace('<b>', `<p><a href="${url}">Home</p><p>More</p><b>`)
      .replace(/<a href="tel.*?<\/a>/, '<i>(360) 555-0142</i>');
    for (const page of [stray, open]) {
      const source = sourceOf(weave(readSource(page, url), larkspur, { syntax: 'microdata' }));
      expect(read(source)).toMatchObject([{ url: [url] }]);
      expect(unweave(source)).toBe(page);
    }
  });

  test('writes numbers in its own digits', () => {
    const record = {
      ...larkspur,
      address: { ...larkspur.address, streetAddress: 'خیابان زند، پلاک 12' },
    };
    const page = usual.replace('214 Quay Street', 'خیابان زند، پلاک ۱۲');
    const source = sourceOf(weave(readSource(page), record, { syntax: 'microdata' }));
    expect(source).toContain('streetAddress" data-zinc-post="wrapper">خیابان زند، پلاک ۱۲<');
  });
});
