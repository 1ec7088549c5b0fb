/** Pages of every shape that show a business to visitors and carry no markup: what is placed on them or woven into them. */
import { emptyRecord, type BusinessRecord } from '#core/record';

/** A business as a page shows it, each part as HTML text. */
interface Shown {
  readonly name: string;
  readonly street: string;
  /** Town, region and postal code in the order of the country. */
  readonly town: string;
  readonly number: string;
  readonly dialled: string;
  readonly email: string;
}

export interface Shape {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly record: BusinessRecord;
  /** Whether the page says enough in text for something to be woven into it. */
  readonly weaves: boolean;
}

type Parts = readonly [
  name: string,
  street: string,
  town: string,
  region: string,
  postal: string,
  country: string,
  telephone: string,
  email: string,
  url: string,
];

const recordOf = ([
  name,
  street,
  town,
  region,
  postal,
  country,
  telephone,
  email,
  url,
]: Parts): BusinessRecord => ({
  ...emptyRecord,
  name,
  types: ['LocalBusiness'],
  address: {
    streetAddress: street,
    addressLocality: town,
    addressRegion: region,
    postalCode: postal,
    addressCountry: country,
  },
  telephone,
  email,
  url,
});

const harbour: Parts = [
  'Salt & Oak Bakery',
  '214 Quay Street',
  'Port Ellery',
  'WA',
  '98299',
  'US',
  '(360) 555-0142',
  'hello@saltoak.example',
  'https://saltoak.example/',
];
const row: Parts = [
  'Hollins Row Opticians',
  '9 Hollins Row',
  'Saltby',
  '',
  'TQ1 2AB',
  'GB',
  '020 7946 0321',
  'eyes@hollinsrow.example',
  'https://hollinsrow.example/',
];
const baker: Parts = [
  'Bäckerei Kürschner',
  'Lindenstraße 12',
  'Köln',
  '',
  '50674',
  'DE',
  '0221 5550142',
  'brot@kuerschner.example',
  'https://kuerschner.example/',
];
const cafe: Parts = [
  'Café de l’Écluse',
  '4 rue des Écluses',
  'Besançon',
  '',
  '25000',
  'FR',
  '01 99 00 12 34',
  'bonjour@ecluse.example',
  'https://ecluse.example/',
];
const clinic: Parts = [
  'さくら歯科医院',
  '道玄坂1-2-3',
  '渋谷区',
  '東京都',
  '150-0043',
  'JP',
  '03-5550-0142',
  'info@sakura.example',
  'https://sakura.example/',
];

const businesses: readonly (readonly [key: string, parts: Parts, shown: Shown])[] = [
  [
    'us',
    harbour,
    {
      name: 'Salt &amp; Oak Bakery',
      street: '214 Quay Street',
      town: 'Port Ellery, WA 98299',
      number: '(360) 555-0142',
      dialled: '+13605550142',
      email: harbour[7],
    },
  ],
  [
    'gb',
    row,
    {
      name: 'Hollins Row Opticians',
      street: '9 Hollins Row',
      town: 'Saltby TQ1 2AB',
      number: '020 7946 0321',
      dialled: '+442079460321',
      email: row[7],
    },
  ],
  [
    'de',
    baker,
    {
      name: 'B&auml;ckerei Kürschner',
      street: 'Lindenstraße 12',
      town: '50674 Köln',
      number: '0221 5550142',
      dialled: '+492215550142',
      email: baker[7],
    },
  ],
  [
    'fr',
    cafe,
    {
      name: 'Café de l’Écluse',
      street: '4 rue des Écluses',
      town: '25000 Besançon',
      number: '01 99 00 12 34',
      dialled: '+33199001234',
      email: cafe[7],
    },
  ],
  [
    'jp',
    clinic,
    {
      name: 'さくら歯科医院',
      street: '道玄坂1-2-3',
      town: '〒150-0043 東京都渋谷区',
      number: '03-5550-0142',
      dialled: '+81355500142',
      email: clinic[7],
    },
  ],
];

/** Bodies by what is special about them. */
const bodies: Readonly<Record<string, (shown: Shown) => string>> = {
  'in one line': ({ name, street, town, number, email }) =>
    `<p>Welcome</p><footer><p>${name}, ${street}, ${town}, ${number}, ${email}</p></footer>`,
  'in lines with br': ({ name, street, town, number, dialled }) =>
    `<footer><p><b>${name}</b><br>${street}<br>${town}<br>Tel: <a href="tel:${dialled}">${number}</a></p></footer>`,
  'in an address element': ({ name, street, town, number, email }) =>
    `<address>\n  <strong>${name}</strong><br>\n  ${street}<br>\n  ${town}<br>\n  ${number} · <a href="mailto:${email}">${email}</a>\n</address>`,
  'in a table': ({ name, street, town, number }) =>
    `<table border=1><tr><th>Name<td>${name}<tr><th>Address<td>${street}, ${town}<tr><th>Telephone<td>${number}</table>`,
  'in a table of cells': ({ name, street, town, number }) =>
    `<table><tbody><tr><td>${name}</td></tr><tr><td>${street}</td></tr><tr><td>${town}</td></tr><tr><td>${number}</td></tr></tbody></table>`,
  'in a definition list': ({ name, street, town, number }) =>
    `<dl><dt>Who<dd>${name}<dt>Where<dd>${street}<br>${town}<dt>Call<dd>${number}</dl>`,
  'in a list': ({ name, street, town, number }) =>
    `<style>li:last-child{border-bottom:1px solid;margin-bottom:9px}</style><ul><li>${name}</li><li>${street}, ${town}</li><li>${number}</li></ul>`,
  'in paragraphs of their own': ({ name, street, town, number }) =>
    `<style>p:first-child{color:red}p:last-child{margin:0}</style><div class="box"><p>${name}</p><p>${street}</p><p>${town}</p><p>${number}</p></div>`,
  'in nested spans with styles': ({ name, street, town, number }) =>
    `<div><span style="font-size:14px"><span style="color:#333"><span>${name}</span></span></span> <span style="color:#666"><span>${street}</span>, <i>${town}</i></span> <span>${number}</span></div>`,
  'with a number split over spans': ({ name, street, town, number }) =>
    `<p>${name}<br>${street}<br>${town}<br><span class="a">${number.slice(0, 5)}</span><span class="b">${number.slice(5)}</span></p>`,
  'with a number in a link with an icon': ({ name, street, town, number, dialled }) =>
    `<div><h2>${name}</h2><p>${street}, ${town}</p><a href="tel:${dialled}"><img src="i.png" alt="" width=9 height=9> ${number}</a></div>`,
  'with the name far above': ({ name, street, town, number }) =>
    `<header><h1>${name}</h1></header><main>${'<p>Lorem ipsum dolor sit amet, consectetur.</p>'.repeat(20)}</main><footer>${street}, ${town} – ${number}</footer>`,
  'with old formatting': ({ name, street, town, number }) =>
    `<center><font face=Arial size=2><b>${name}</b><br>${street}<br>${town}<br>${number}</font></center>`,
  'with what is never closed': ({ name, street, town, number }) =>
    `<div id=a><div><p><b>${name}</b><p>${street}, ${town}<p>${number}<ul><li>one<li>two`,
  'with template words left in': ({ name, street, town, number }) =>
    `<p>{{ site.title }}</p><p>${name}</p><p>${street}, ${town} <!-- {% include x %} --></p><p>${number} [[phone]]</p>`,
  'with ids that stand twice': ({ name, street, town, number }) =>
    `<div id="c"><p id="c">${name}</p><p id="c">${street}<br>${town}</p><p>${number}</p></div>`,
  'with a copy that nobody sees': ({ name, street, town, number }) =>
    `<div style="display:none">${name}, ${street}, ${town}, ${number}</div><div>${name}, ${street}, ${town}, ${number}</div>`,
  'in a flexible row with gaps': ({ name, street, town, number }) =>
    `<style>.r{display:flex;gap:40px}.r>*:nth-child(2){background:#eee}</style><div class="r"><div>${name}</div><div>${street}<br>${town}</div><div>${number}</div></div>`,
  'with white space in the source': ({ name, street, town, number }) =>
    `<p>\n   ${name.replace(' ', '\n      ')}\n</p>\n<p>\n\t${street},\n\t${town}\n</p>\n<p>   ${number}   </p>`,
  'with comments inside': ({ name, street, town, number }) =>
    `<p>${name}<!-- name --></p><p><!-- a -->${street}<!-- b -->, ${town}</p><p>${number}<!-- c --></p>`,
  'with a label on the same line': ({ name, street, town, number, email }) =>
    `<section><h3>${name}</h3><p>Address: ${street}, ${town}</p><p>Phone: ${number} | Mail: ${email}</p></section>`,
  'in text that runs on': ({ name, street, town, number }) =>
    `<p>You find ${name} at ${street}, ${town}. Call ${number} and ask for us.</p>`,
  'with misnested formatting': ({ name, street, town, number }) =>
    `<p><b>${name}<i></b> open daily</i></p><p>${street}, ${town}</p><p>${number}</p>`,
  'with a picture that says it only': ({ name, street, town, number }) =>
    `<p><img src="logo.png" alt="${name}, ${street}, ${town}, ${number}" width=50 height=20></p><p>Open daily.</p>`,
  'of a fast kind': ({ name, street, town, number }) =>
    `<style amp-custom>p{margin:0}</style><amp-img src="x.jpg" width="1" height="1"></amp-img><p>${name}</p><p>${street}, ${town}</p><p>${number}</p>`,
};

const UNWOVEN = new Set(['with a picture that says it only']);

/** How the body becomes a page, as bytes. */
const wrappings: Readonly<Record<string, (body: string) => Uint8Array | undefined>> = {
  'a whole page': (body) =>
    utf8(
      `<!DOCTYPE html>\n<html>\n<head>\n<meta charset="utf-8">\n<title>Page</title>\n</head>\n<body>\n${body}\n</body>\n</html>\n`,
    ),
  'a page without head and body': (body) =>
    utf8(`<!doctype html><meta charset=utf-8><title>Page</title>${body}`),
  'a page with CR LF and a byte order mark': (body) =>
    utf8(`\uFEFF<html><head><title>P</title></head><body>\n${body}\n</body></html>`.replaceAll('\n', '\r\n')),
  'a page in windows-1252': (body) =>
    western(`<html><head><meta charset="windows-1252"><title>P</title></head><body>${body}</body></html>`),
  'a page in UTF-16': (body) => utf16(`\uFEFF<html><head><title>P</title></head><body>${body}</body></html>`),
};

const utf8 = (text: string): Uint8Array => new TextEncoder().encode(text);
const utf16 = (text: string): Uint8Array =>
  Uint8Array.from(
    [...Array(text.length).keys()].flatMap((at) => [text.charCodeAt(at) & 255, text.charCodeAt(at) >> 8]),
  );
/** Undefined where the encoding does not have a character. */
function western(text: string): Uint8Array | undefined {
  const bytes = text.replaceAll('’', '\u0092');
  return /[^\u0000-\u00FF]/.test(bytes)
    ? undefined
    : Uint8Array.from(bytes, (character) => character.charCodeAt(0));
}

/** Every body of every business in the first wrapping; in the other wrappings the businesses take turns. */
export const shapes: readonly Shape[] = Object.entries(wrappings).flatMap(([wrapping, wrap], turn) =>
  Object.entries(bodies).flatMap(([body, write], at) =>
    businesses.flatMap(([key, parts, shown], number): Shape[] => {
      const bytes = turn === 0 || (at + turn) % businesses.length === number ? wrap(write(shown)) : undefined;
      return bytes
        ? [
            {
              name: `${key}, ${body}, ${wrapping}`,
              bytes,
              record: recordOf(parts),
              weaves: !UNWOVEN.has(body),
            },
          ]
        : [];
    }),
  ),
);
