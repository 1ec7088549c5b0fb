import { describe, expect, test } from '@jest/globals';
import { check } from '#core/checking';
import { emptyRecord, withFact } from '#core/record';
import { numbersIn, telephonesAmong } from './telephones.ts';

/** A page that shows some text beside the markup of a shop. */
const codesOn = (
  visible: string,
  facts: Readonly<Record<string, unknown>>,
  language = 'en',
): readonly string[] => {
  const business = { '@context': 'https://schema.org', '@type': 'BikeStore', name: 'Velo Matter', ...facts };
  return check(
    `<html lang="${language}"><title>x</title><script type="application/ld+json">${JSON.stringify(business)}</script><body><h1>Velo Matter</h1>${visible}`,
  ).findings.map(({ code, property }) => `${code} ${property ?? ''}`);
};

const open = (closes: string, addressCountry: string) => ({
  address: { '@type': 'PostalAddress', addressCountry },
  openingHoursSpecification: {
    '@type': 'OpeningHoursSpecification',
    dayOfWeek: ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday'],
    opens: '09:00',
    closes,
  },
});
const HOURS = /^agreement\/\S+ openingHours/;

test.each([
  ['PL', 'Aleje Jerozolimskie 12', 'al. Jerozolimskie 12'],
  ['BR', 'Praça da Sé s/n', 'Pça. da Sé, s/nº'],
  ['RU', 'пр-т Мира, 12', 'проспект Мира, д.12'],
  ['CO', 'Calle 72 # 10-34', 'Cl. 72 No. 10 - 34'],
  ['CO', 'Cl. 72 No. 10 - 34', 'Calle 72 # 10-34'],
  ['IT', 'P.zza Duomo 1', 'Piazza Duomo, 1'],
  ['AU', 'Level 3, 12 Collins St', 'L3 12 Collins Street'],
])('a street of %s that is shown in another form is seen: %s, %s', (addressCountry, told, shown) => {
  const address = { '@type': 'PostalAddress', streetAddress: told, addressCountry };
  expect(codesOn(`<p>${shown}</p>`, { address }).filter((code) => code.endsWith('streetAddress'))).toEqual(
    [],
  );
});

test('a distance is no other house of a street', () => {
  const address = { '@type': 'PostalAddress', streetAddress: '120 Main Street', addressCountry: 'US' };
  expect(codesOn('<p>Parking, 200 m.</p>', { address })).not.toContain('agreement/visitor streetAddress');
  expect(codesOn('<p>200 Main St.</p>', { address })).toContain('agreement/visitor streetAddress');
});

describe('figures of a page that shows no telephone number', () => {
  const figures = [
    '© 2010–2026',
    'Posted 20120102 08:00',
    '1979-2011 100 years',
    'Only $20 650 253',
    'ISBN 978-3-16-148410-0',
    'Invoice 20241100123',
    'EAN 4006381333931',
    '15 000 000 Kč',
    '10 000 – 25 000 m2',
    '2024/25 2025/26',
    'Open 10.00 - 18.00 21.00 - 23.00',
    'Model 3000-4500-22',
    'Bestellung Nr. 0612 345 678',
    'Room 101 - 102 - 103 - 104',
    'Score 105-98 112-101',
    'Server 192.168.100.200',
  ];

  test.each([
    ['DE', '+49 40 1234567'],
    ['US', '+1 360 555 0142'],
    ['IT', '+39 011 1234567'],
    ['PL', '+48 12 123 45 67'],
    ['JP', '+81 263-32-1234'],
    ['BR', '+55 11 3333-4444'],
  ])('are not held against the number that a machine is told in %s', (addressCountry, telephone) => {
    const facts = { telephone, address: { '@type': 'PostalAddress', addressCountry } };
    const told = figures.filter((figure) =>
      codesOn(`<p>${figure}</p>`, facts).includes('agreement/visitor telephone'),
    );
    expect(told).toEqual([]);
  });

  test.each([
    ['DE', '+49 40 1234567', '040 7654321'],
    ['US', '+1 360 555 0142', '425.555.0199'],
    ['PL', '+48 12 123 45 67', '22 765 43 21'],
    ['BR', '+55 11 3333-4444', '21 2222-3333'],
    ['DK', '+45 66 12 34 56', '75 65 43 21'],
  ])('a number without a name is, in %s', (addressCountry, telephone, other) => {
    const facts = { telephone, address: { '@type': 'PostalAddress', addressCountry } };
    expect(codesOn(`<p>${other}</p>`, facts)).toContain('agreement/visitor telephone');
  });
});

test.each([
  ['JP', '長野県松本市駅前1-2-3 0263-32-1234', '+81263321234'],
  ['DE', 'Hauptstr. 12 030 1234567', '+49301234567'],
  ['IT', 'Via Roma 5 06 1234567', '+39061234567'],
  ['IN', 'Sector 17, 22 0172-270 1234', '+911722701234'],
  // What is one number stays one.
  ['PL', '22 123 45 67', '+48221234567'],
  ['US', '+1 360 555 0142', '+13605550142'],
])('the number behind a house number on one line is one by itself: %s, %s', (country, text, e164) => {
  expect(telephonesAmong(numbersIn(text), country).map((one) => one.e164)).toEqual([e164]);
});

describe('hours that stand behind a telephone number', () => {
  test.each([
    ['de', 'CH', '<p>Telefon 031 311 22 33</p><p>Mo–Fr 9–18 Uhr</p>'],
    ['nb', 'NO', '<p>Telefon: 55 12 34 56<br>Mandag–fredag 09.00–18.00</p>'],
    ['zh', 'HK', '<p>電話 Tel: 2391 2345</p><p>星期一至五 09:00–18:00</p>'],
    ['en', 'US', '<p>Phone: (360) 555-0142 | Mon–Fri 9am–6pm</p>'],
  ])('are those of the door (%s)', (language, country, visible) => {
    expect(codesOn(visible, open('18:00', country), language).filter((code) => HOURS.test(code))).toEqual([]);
    expect(
      codesOn(visible, open('17:00', country), language).filter((code) => HOURS.test(code)),
    ).toHaveLength(1);
  });

  test.each([
    ['of the telephone', '<p>Telefonzeiten</p><p>Mo–Fr 9–12 Uhr</p>'],
    ['of the telephone, with its hours before', '<p>Telefonisch 9.00 - 12.00</p><p>Mo–Fr 9.00–12.00 Uhr</p>'],
    ['of the kitchen', '<p>Küche 11.30–14.30 Uhr</p><p>Mo–Fr 11.30–14.30 Uhr</p>'],
  ])('are not where they are said to be those %s', (_, visible) => {
    expect(codesOn(visible, open('18:00', 'DE'), 'de').filter((code) => HOURS.test(code))).toEqual([]);
  });

  test('are whole where a meal is named, which is no break', () => {
    const visible = '<p>Man-fre 9-18, frokost 11.30-15</p>';
    expect(codesOn(visible, open('18:00', 'DK'), 'da').filter((code) => HOURS.test(code))).toEqual([]);
  });
});

describe('days that the page’s only week does not name', () => {
  const told = (opening: readonly string[], visible: string): readonly string[] =>
    codesOn(visible, { openingHours: opening }).filter((code) => HOURS.test(code));

  test('are told where the markup has hours for them', () => {
    expect(told(['Mo-Sa 06:00-20:00'], '<p>Monday to Saturday, 6AM–8PM</p>')).toEqual([]);
    expect(told(['Mo-Su 06:00-20:00'], '<p>Monday to Saturday, 6AM–8PM</p>')).toEqual([
      'agreement/hours-not-shown openingHoursSpecification',
    ]);
  });

  test('are not where another week may name them, or where they are closed', () => {
    const elsewhere = '<p>Monday to Friday, 6AM–8PM</p><p>Our shop</p><p>Weekends: 8AM–2PM</p>';
    expect(told(['Mo-Fr 06:00-20:00', 'Sa-Su 08:00-14:00'], elsewhere)).toEqual([]);
    expect(told(['Mo-Fr 06:00-20:00'], '<p>Mon–Fri 6am–8pm</p>')).toEqual([]);
  });
});

test('dates with times, and from day to day, are no telephone numbers', () => {
  const dated = [
    'Le 17.10.2022 13:45',
    'On 08/06/2021 - 12:10',
    '2020-10-23 08:15',
    '24.12.2026 – 06.01.2027',
    '2026-12-24 - 2027-01-06',
  ];
  const facts = {
    telephone: '+1 360 555 0142',
    address: { '@type': 'PostalAddress', addressCountry: 'US' },
  };
  for (const visible of dated)
    expect(codesOn(`<p>${visible}</p>`, facts).filter((code) => code.endsWith(' telephone'))).toEqual([
      'agreement/not-visible telephone',
    ]);
});

describe('a range of prices', () => {
  const told = (priceRange: string, visible: string): readonly string[] =>
    codesOn(visible, { priceRange }).filter((code) => code.endsWith(' priceRange'));

  test.each([
    ['20.000₫ – 90.000₫', 'Giá: 25.000₫ – 90.000₫'],
    ['AED 10 – AED 200', 'Prices AED 10 – AED 150.'],
    ['10–80 lei', 'Prețuri: 10–90 lei'],
    ['RM30 - RM300', 'RM30–RM500 a visit'],
    ['€20–€40', 'Price range from €25–€45'],
  ])('%s is held against the one that is shown: %s', (priceRange, shown) => {
    expect(told(priceRange, `<p>${shown}</p>`)).toEqual(['agreement/visitor priceRange']);
  });

  test.each([
    ['its own', '<p>$10–$40</p>'],
    ['of one thing that is sold', '<p>Shirts $15–$20</p>'],
    ['of several', '<p>Prices: $10–$20, suits $20–$30</p>'],
    ['in another currency', '<p>Prices: €10–€20</p>'],
  ])('but for one %s', (_, visible) => {
    expect(told('$10–$40', visible)).toEqual([]);
  });
});

test.each([
  ['+298 21 12 34', 'FO', '211234'],
  ['+376 312 345', 'AD', 'Tel. 312345'],
  ['+352 628 123 456', 'LU', '+352 (0)628 123 456'],
  ['+55 11 96123 4567', 'BR', '00 55 11 96123 4567'],
])('%s of %s is seen as “%s”', (telephone, addressCountry, visible) => {
  const facts = { telephone, address: { '@type': 'PostalAddress', addressCountry } };
  const told = (text: string): readonly string[] =>
    codesOn(`<p>${text}</p>`, facts).filter((code) => /^agreement\/\S+ telephone/.test(code));
  expect(told(visible)).toEqual([]);
  expect(told(visible.replace(/\d$/, '9'))).toHaveLength(1);
});

describe('numbers side by side', () => {
  const told = (visible: string): readonly string[] =>
    codesOn(visible, {
      telephone: ['+254 20 271 2345', '+254 712 345678'],
      address: {
        '@type': 'PostalAddress',
        streetAddress: 'Ngong Road',
        addressLocality: 'Nairobi',
        postalCode: '00505',
        addressCountry: 'KE',
      },
    }).filter((code) => code.startsWith('agreement/'));
  const address = '<p>Ngong Road, 00505 Nairobi</p>';

  test.each([
    'Tel: 020 271 2345 / 0712 345 678',
    'Tel: 020 271 2345 – 0712 345 678',
    'Tel: (020) 271-2345/+254 712 345 678',
    '020 271 2345, 0712 345 678',
  ])('are each read: %s', (numbers) => {
    expect(told(`${address}<p>${numbers}</p>`)).toEqual([]);
    expect(told(`${address}<p>${numbers.replace('678', '679')}</p>`)).toEqual([
      'agreement/visitor telephone',
    ]);
  });

  test.each(['P.O. Box 12345-00505 Nairobi', 'PO Box No. 12345 – 00505 Nairobi', 'Post Office Box: 123450'])(
    'are neither telephones nor codes where they are a box: %s',
    (box) => {
      const numbers = '<p>020 271 2345 / 0712 345 678</p>';
      expect(told(`${address}<p>${box}</p>${numbers}`)).toEqual([]);
      expect(told(`<p>Ngong Road</p><p>${box}</p><p>00505 Nairobi</p>${numbers}`)).toEqual([]);
    },
  );
});

describe('a postal code', () => {
  const at = (postalCode: string, addressCountry: string) => ({
    address: {
      '@type': 'PostalAddress',
      streetAddress: '9 Row',
      addressLocality: 'Town',
      postalCode,
      addressCountry,
    },
  });
  const seen = (visible: string, facts: Readonly<Record<string, unknown>>): boolean =>
    !codesOn(`<p>9 Row, Town ${visible}</p>`, facts).some((code) => /^agreement.* postalCode$/.test(code));

  test.each([
    ['SW1A1AA', 'GB', 'SW1A 1AA'],
    ['560001', 'IN', '560 001'],
    ['114 55', 'SE', '11455'],
  ])('%s of %s is seen as %s', (code, country, shown) => {
    expect(seen(shown, at(code, country))).toBe(true);
  });

  test('is not seen in a longer number', () => {
    expect(seen('560 002, order 15600012', at('560001', 'IN'))).toBe(false);
  });

  test('of the Netherlands is one with its letters', () => {
    expect(seen('1073 AC Amsterdam', at('1037 AC', 'NL'))).toBe(false);
    expect(seen('1073AC Amsterdam', at('1073 AC', 'NL'))).toBe(true);
  });

  test('is missed where another of its form is shown, and not where none is', () => {
    expect(seen('(order 15600012)', at('560001', 'IN'))).toBe(true);
    expect(seen('560 010', at('560001', 'IN'))).toBe(false);
    // No form is known of Bangladesh's.
    expect(seen('ঢাকা ১২০৫', at('1205', 'BD'))).toBe(true);
    expect(seen('ঢাকা ১২০৫', at('1025', 'BD'))).toBe(false);
    expect(seen('02-58612345', at('1025', 'BD'))).toBe(true);
  });
});

test.each([
  ['Ellery, OR', true],
  ['Ellery, Oregon 97000', true],
  ['Ellery, WA', false],
  ['Ellery and Oregon towns', false],
  ['Ellery', false],
])('another region behind the town is told: %s', (visible, isTold) => {
  const found = codesOn(`<p>9 Row, ${visible}</p>`, {
    address: {
      '@type': 'PostalAddress',
      streetAddress: '9 Row',
      addressLocality: 'Ellery',
      addressRegion: 'WA',
      addressCountry: 'US',
    },
  });
  expect(found.includes('agreement/visitor addressRegion')).toBe(isTold);
});

test('an address and a number in the digits of another script are seen', () => {
  const found = codesOn('<p>١٢ شارع طلعت حرب، القاهرة ١١٥١١، هاتف ٠٢ ٢٣٩١ ٢٣٤٥</p>', {
    telephone: '+20 2 2391 2345',
    address: {
      '@type': 'PostalAddress',
      streetAddress: '12 شارع طلعت حرب',
      addressLocality: 'القاهرة',
      postalCode: '11511',
      addressCountry: 'EG',
    },
  });
  expect(found.filter((code) => code.startsWith('agreement/'))).toEqual([]);
});

test.each([
  ['F +41 22 310 12 35', true],
  ['F: +41 22 310 12 34', false],
])('a fax number called by its letter is held against the markup: %s', (visible, isTold) => {
  const found = codesOn(`<p>T +41 22 310 12 33<br>${visible}</p>`, {
    faxNumber: '+41 22 310 12 34',
    address: { '@type': 'PostalAddress', addressCountry: 'CH' },
  });
  expect(found.includes('agreement/visitor faxNumber')).toBe(isTold);
});

describe('a branch’s name', () => {
  const page = (name: string, title: string, body: string): readonly string[] =>
    check(
      `<title>${title}</title><script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@type': 'Bakery', name })}</script><body>${body}`,
    ).findings.flatMap(({ code, property }) => (property === 'name' ? [code] : []));

  test.each([
    ['its title and a heading', 'Sucursales | Panadería La Espiga', '<h2>Centro</h2><p>Pan dulce</p>'],
    ['the page and a heading', 'Sucursales', '<b>PANADERÍA LA ESPIGA</b><h2>Centro</h2>'],
  ])('may be parted between %s', (_, title, body) =>
    expect(page('Panadería La Espiga Centro', title, body)).toEqual([]),
  );

  test.each([
    ['Müller & Söhne GmbH', 'Müller & Söhne'],
    ['Panadería San José S.A. de C.V.', 'Panadería San José'],
    ['Smith and Sons Ltd.', 'Smith & Sons'],
    ['Пекарня Колос ООО', 'Пекарня Колос'],
  ])('without its form as a company is a note: %s', (name, shown) => {
    expect(page(name, 'x', `<h1>${shown}</h1>`)).toEqual(['agreement/legal-form']);
    expect(page(name, 'x', `<h1>${name}</h1>`)).toEqual([]);
    expect(page(name, 'x', `<h1>${shown.slice(1)}</h1>`)).toEqual(['agreement/not-visible']);
  });

  test.each([' ', ', ', ' s.a.'])('of thousands of “%s” holds nobody up', (filler) => {
    expect(page(`Salon${filler.repeat(20_000)}x`, 'x', '<h1>Other</h1>')).toHaveLength(1);
  });

  test.each([
    ['its own part is part of a sentence', 'Panadería La Espiga', '<p>En el centro de la ciudad</p>'],
    ['it has another name', 'Panadería El Trigo', '<h2>Centro</h2>'],
    ['a word is all that is shared', 'La Espiga', '<h2>Panadería Centro</h2>'],
  ])('is missed where %s', (_, title, body) =>
    expect(page('Panadería La Espiga Centro', title, body)).toEqual(['agreement/not-visible']),
  );
});

describe('what the guidelines ask of', () => {
  const asked = (type: string, facts: Readonly<Record<string, unknown>>): readonly string[] =>
    check(
      `<script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@type': type, name: 'Cooee', ...facts })}</script><h1>Cooee</h1>`,
    ).findings.flatMap(({ code, property }) =>
      code === 'guideline/recommended' && property ? [property] : [],
    );
  const town = { '@type': 'PostalAddress', addressLocality: 'Geelong', addressCountry: 'AU' };

  test('a business that comes to its customers is no pin', () => {
    expect(asked('Plumber', { address: town, areaServed: 'Geelong' })).not.toContain('geo');
    expect(asked('Plumber', { address: town })).toContain('geo');
    const shop = { ...town, streetAddress: '1 Moorabool St' };
    expect(asked('Plumber', { address: shop, areaServed: 'Geelong' })).toContain('geo');
  });

  test('who sells over a counter is no table', () => {
    const ofFood = ['servesCuisine', 'hasMenu', 'acceptsReservations'];
    const food = (type: string): readonly string[] =>
      asked(type, {}).filter((property) => ofFood.includes(property));
    expect(food('Bakery')).toEqual([]);
    expect(food('CafeOrCoffeeShop')).toEqual(['servesCuisine', 'hasMenu']);
    expect(food('Restaurant')).toEqual(ofFood);
    expect(asked('Library', {})).not.toContain('priceRange');
    expect(asked('BookStore', {})).toContain('priceRange');
  });

  test('a hotel is when guests may come, or its hours', () => {
    expect(asked('Hotel', { checkinTime: '14:00' })).not.toContain('openingHoursSpecification');
    expect(asked('Hotel', {})).toContain('openingHoursSpecification');
  });
});

describe('a number that is shown without its area code', () => {
  const seen = (telephone: string, country: string, visible: string): readonly string[] =>
    codesOn(`<p>${visible}</p>`, {
      telephone,
      address: { '@type': 'PostalAddress', addressLocality: 'Town', addressCountry: country },
    }).filter((code) => code.endsWith(' telephone'));

  test.each([
    ['+61 3 5550 0172', 'AU', '5550 0172'],
    ['+1 828-555-0119', 'US', '555-0119'],
    ['+49 341 5550176', 'DE', '555 01 76'],
  ])('%s of %s is seen as %s', (telephone, country, shown) =>
    expect(seen(telephone, country, `Ring ${shown} today`)).toEqual([]),
  );

  test.each([
    ['+61 3 5550 0172', 'AU', '555 0172'],
    ['+33 3 55 55 01 42', 'FR', '55 55 01 43'],
  ])('%s of %s is not seen as %s', (telephone, country, shown) =>
    expect(seen(telephone, country, `Ring ${shown} today`)).not.toEqual([]),
  );
});

describe('a page with several branches', () => {
  const branch = (town: string, street: string, telephone: string, openingHours: string) => ({
    '@type': 'BikeStore',
    name: `Velo Matter ${town}`,
    telephone,
    openingHours,
    address: { '@type': 'PostalAddress', streetAddress: street, addressLocality: town, addressCountry: 'US' },
  });
  const boise = branch('Boise', '815 W Idaho St', '+1 208-555-0119', 'Mo-Sa 10:00-19:00');
  const nampa = branch('Nampa', '1220 1st St S', '+1 208-555-0177', 'Mo-Fr 10:00-18:00');
  const shown = (one: string, other: string): readonly string[] =>
    check(
      `<title>Shops</title><script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@graph': [boise, nampa] })}</script><body><h1>Velo Matter</h1><h2>Boise</h2><p>${one}</p><h2>Nampa</h2><p>${other}`,
    ).findings.flatMap(({ code, property, message }) =>
      code === 'agreement/visitor' ? [`${property ?? ''} ${/“(.*?)”/.exec(message)?.[1] ?? ''}`] : [],
    );
  const ofBoise = '815 W. Idaho St.<br>(208) 555-0119<br>Mon-Sat 10-7';
  const ofNampa = '1220 1st St. South<br>(208) 555-0177<br>Mon-Fri 10-6';

  test('that shows each as it is told is clean', () => expect(shown(ofBoise, ofNampa)).toEqual([]));

  test('is held against each of them', () => {
    expect(shown(ofBoise, '1230 1st St. South<br>(208) 555-0178<br>Mon-Fri 10-5')).toEqual([
      'telephone (208) 555-0178',
      'openingHoursSpecification Mon-Fri 10-5',
      'streetAddress 1230 1st St. South',
    ]);
  });

  test('is held against each where one was copied from another', () => {
    const [first, second] = ['08-5550 1101', '08-5550 1102'];
    const shop = (town: string, telephone: string, postalCode: string) => ({
      '@type': 'BikeStore',
      name: `Velo Matter ${town}`,
      telephone,
      address: {
        '@type': 'PostalAddress',
        streetAddress: `${town}gatan 1`,
        addressLocality: town,
        postalCode,
        addressCountry: 'SE',
      },
    });
    const page = (...graph: readonly object[]): readonly string[] =>
      check(
        `<title>Butiker</title><script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@graph': graph })}</script><body><h1>Velo Matter</h1><h2>Solna</h2><p>Solnagatan 1, 169 70 Solna</p><p>${first}</p><p>Mån–fre 6–17.30</p><h2>Nacka</h2><p>Nackagatan 1, 131 30 Nacka</p><p>${second}</p><p>Mån–fre 6–17.30</p>`,
      ).findings.flatMap(({ code, property }) => (code === 'agreement/visitor' ? [property ?? ''] : []));
    expect(page(shop('Solna', first, '169 70'), shop('Nacka', second, '131 30'))).toEqual([]);
    expect(page(shop('Solna', first, '169 70'), shop('Nacka', first, '131 30'))).toEqual(['telephone']);
    expect(page(shop('Solna', first, '169 70'), shop('Nacka', second, '113 30'))).toEqual(['postalCode']);
    expect(page(shop('Solna', first, '169 70'), shop('Nacka', second, '169 70'))).toEqual(['postalCode']);
  });

  test('is held against the departments of a branch, too', () => {
    const workshop = {
      '@type': 'AutoRepair',
      name: 'Workshop',
      telephone: '+1 208-555-0188',
      openingHours: 'Mo-Fr 08:00-16:00',
    };
    const codes = (number: string, hours: string): readonly string[] =>
      check(
        `<title>Shop</title><script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', ...boise, department: workshop })}</script><body><h1>Velo Matter Boise</h1><p>${ofBoise}</p><h2>Workshop</h2><p>${number}<br>${hours}`,
      ).findings.flatMap(({ code, property }) => (code === 'agreement/visitor' ? [property ?? ''] : []));
    expect(codes('208-555-0188', 'Mon-Fri 8-4')).toEqual([]);
    expect(codes('208-555-0189', 'Mon-Fri 8-5')).toEqual(['telephone', 'openingHoursSpecification']);
  });

  test('contradicts none by what is another’s', () => {
    expect(shown('815 W. Idaho St.', ofNampa)).toEqual([]);
    expect(shown(ofBoise, '1220 1st St. South')).toEqual([]);
    const far = `<p>${'We mend whatever has wheels. '.repeat(8)}</p>`;
    expect(shown(ofBoise, `1220 1st St. South${far}<p>Hotline (800) 555-0100`)).toEqual([]);
  });
});

describe('hours that a visitor sees otherwise', () => {
  const shop = (hours: object, visible: string): string | undefined => {
    const source = `<html lang="en"><title>x</title><script type="application/ld+json">${JSON.stringify({
      '@context': 'https://schema.org',
      '@type': 'BikeStore',
      name: 'Velo Matter',
      ...hours,
    })}</script><body><h1>Velo Matter</h1><p>${visible}</p>`;
    const [one] = check(source).findings.filter(({ code }) => code === 'agreement/visitor');
    return one && source.slice(one.place.start, one.place.end);
  };
  const spec = (dayOfWeek: string, opens: string, closes: string) => ({
    '@type': 'OpeningHoursSpecification',
    dayOfWeek,
    opens,
    closes,
  });

  test('are told where the markup says them', () => {
    const openingHoursSpecification = [spec('Monday', '09:00', '18:00'), spec('Saturday', '10:00', '15:00')];
    expect(shop({ openingHoursSpecification }, 'Mon 9-6, Sat 10-3')).toBeUndefined();
    expect(shop({ openingHoursSpecification }, 'Mon 9-6, Sat 10-2')).toBe('"15:00"');
    expect(shop({ openingHoursSpecification }, 'Mon 9-6, Sat 9-3')).toBe('"10:00"');
    expect(shop({ openingHoursSpecification }, 'Mon 8-6, Sat 10-3')).toBe('"09:00"');
    expect(shop({ openingHours: ['Mo 09:00-18:00', 'Sa 10:00-15:00'] }, 'Mon 9-6, Sat 10-2')).toBe(
      '"Sa 10:00-15:00"',
    );
    // A day that the markup is silent of has no place of its own.
    expect(shop({ openingHoursSpecification }, 'Mon 9-6, Sat 10-3, Sun 10-2')).toContain('"opens":"09:00"');
  });
});

test('an email address of the same name at another domain is told', () => {
  const mail = (visible: string): boolean =>
    codesOn(`<p>${visible}</p>`, { email: 'desk@holzrauch.example' }).includes('agreement/visitor email');
  expect(mail('desk@holzrausch.example')).toBe(true);
  expect(mail('desk@holzrauch.example')).toBe(false);
  expect(mail('jobs@other.example')).toBe(false);
});

describe('a fax number', () => {
  const fax = (visible: string): readonly string[] =>
    codesOn(`<p>${visible}</p>`, {
      telephone: '+49 951 5550123',
      faxNumber: '+49 951 5550124',
      address: { '@type': 'PostalAddress', addressLocality: 'Bamberg', addressCountry: 'DE' },
    }).filter((code) => code.endsWith(' faxNumber'));

  test.each([
    'Tel. 0951 5550123, Fax 0951 5550124',
    'Tel. 0951 5550123',
    'Tel. 0951 5550123, mobil 0171 5550124',
  ])('is not contradicted by “%s”', (visible) => expect(fax(visible)).toEqual([]));
  test.each(['Tel. 0951 5550123, Fax 0951 5550142', 'Tel. 0951 5550123, Telefax-Nr.: 0951 5550142'])(
    'is contradicted by “%s”',
    (visible) => expect(fax(visible)).toEqual(['agreement/visitor faxNumber']),
  );
});

test.each([
  ['Croissant 1,10 € et baguette € 1,30', false],
  ['Cuisine française · €€', true],
  ['Cuisine française · €€€', true],
  ['Prix : $', true],
  ['<b>$</b> <b>£</b>', false],
  ['<li>€€</li><li>€€€</li>', false],
  ['<li>$$$$</li>', false],
  ['Vélos · $ · Paris', true],
])('a price range is held against signs that stand alone: %s', (visible, isTold) => {
  const found = codesOn(`<p>${visible}</p>`, { priceRange: '€', servesCuisine: 'Pain' });
  expect(found.includes('agreement/visitor priceRange')).toBe(isTold);
});

describe('hours that cannot be read', () => {
  test.each([
    ['en', 'US', '<p>Mon–Fri 9am–16pm</p>', true],
    ['es', 'ES', '<p>Lunes a viernes de 9:00 a 28:00 h</p>', true],
    ['de', 'DE', '<p>Mo–Fr 9–38 Uhr</p>', true],
    ['de', 'DE', '<p>Küche: Mo–Fr 9–38 Uhr</p>', false],
    ['de', 'DE', '<p>Strecke 9–38 im Plan</p>', false],
  ])('are told where one time is odd (%s, %s: %s)', (language, country, visible, isTold) => {
    const told = codesOn(visible, open('18:00', country), language).filter((code) => HOURS.test(code));
    const odd = told.filter((code) => code.startsWith('agreement/hours-among-others'));
    expect(odd).toEqual(isTold ? ['agreement/hours-among-others openingHoursSpecification'] : []);
  });

  test('are told beside others that are read and agree', () => {
    const openingHours = ['Mo-Sa 09:00-19:00', 'Su 10:00-14:00'];
    const told = (visible: string) =>
      codesOn(visible, { openingHours }, 'pt').filter((code) => code.startsWith('agreement/'));
    expect(told('<p>Seg. a sáb. 9h–29h | Dom. 10h–14h</p>')).toEqual([
      'agreement/hours-among-others openingHoursSpecification',
    ]);
    expect(told('<p>Seg. a sáb. 9h–19h | Dom. 10h–14h</p>')).toEqual([]);
    expect(told('<p>Dom. 10h–14h</p>')).toEqual([]);
  });
});

describe('a telephone number that the page shows', () => {
  const TELEPHONE = /^agreement\/\S+ telephone/;
  const told = (visible: string, telephone: string, addressCountry: string): readonly string[] =>
    codesOn(visible, { telephone, address: { '@type': 'PostalAddress', addressCountry } }).filter((code) =>
      TELEPHONE.test(code),
    );

  test.each([
    ['in full-width signs', 'ＴＥＬ　０５２－２４１－３３８０', '+81-52-241-3380', 'JP'],
    ['with full-width brackets', '電話（０５２）２４１－３３８０', '+81-52-241-3380', 'JP'],
    ['with a minus sign', '052−241−3380', '+81-52-241-3380', 'JP'],
    ['as it is dialled within France', '0596 51 22 10', '+596 596 51 22 10', 'FR'],
    ['as it is dialled in Hong Kong', 'Tel 2391 2345', '+852 2391 2345', 'CN'],
    ['as it is dialled in the Faroes', 'Tlf. 311 408', '+298 311408', 'DK'],
    ['as it is dialled in Kosovo', 'Tel 038 224 115', '+383 38 224 115', 'RS'],
  ])('%s is the same', (_, visible, telephone, country) => {
    expect(told(`<p>${visible}</p>`, telephone, country)).toEqual([]);
    expect(told(`<p>${visible.replace(/\p{Nd}(?=\P{Nd}*$)/u, '9')}</p>`, telephone, country)).toHaveLength(1);
  });
});

describe('a postal code that the page shows behind the street', () => {
  const told = (visible: string, postalCode: string, addressCountry: string): readonly string[] =>
    codesOn(`<p>${visible}</p>`, {
      address: { '@type': 'PostalAddress', streetAddress: 'Torstraße 12', postalCode, addressCountry },
    }).filter((code) => code.endsWith(' postalCode'));

  test.each([
    ['Torstraße 12, 10115 Berlin', '10115', 'DE'],
    ['Torstraße 12, D-10115 Berlin', '10115', 'DE'],
    ['Torstraße 12, AX-22100 Mariehamn', '22100', 'AX'],
  ])('agrees, with the sign of its country or without: %s', (visible, code, country) => {
    expect(told(visible, code, country)).toEqual([]);
    expect(told(visible, code.replace(/\d$/, '4'), country)).toEqual(['agreement/visitor postalCode']);
  });
});

describe('what the words of a picture say', () => {
  const at = (picture: string, name = 'Clínica Sorriso'): readonly string[] =>
    check(
      `<html lang="pt"><title>x</title><script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@type': 'Dentist', name, address: { '@type': 'PostalAddress', streetAddress: 'Rua Augusta, 1508', addressLocality: 'São Paulo', addressCountry: 'BR' } })}</script><body><header>${picture}</header><p>Rua Augusta, 1508 – São Paulo</p>`,
    ).findings.flatMap(({ code, property }) =>
      code.startsWith('agreement/') ? [`${code} ${property ?? ''}`] : [],
    );

  test('is seen by visitors, as a logo is', () => {
    expect(at('<a href="/"><img src="l.png" alt="Clínica Sorriso"></a>')).toEqual([]);
    expect(at('<img src="l.png" alt="Logo da CLÍNICA SORRISO">')).toEqual([]);
  });

  test.each([
    ['no picture', ''],
    ['another name', '<img src="l.png" alt="Clínica Alegria">'],
    ['one that is not shown', '<div style="display:none"><img src="l.png" alt="Clínica Sorriso"></div>'],
    ['one for browsers without scripts', '<noscript><img src="l.png" alt="Clínica Sorriso"></noscript>'],
  ])('but for %s', (_, picture) => {
    expect(at(picture)).toEqual(['agreement/not-visible name']);
  });
});

test('what RDFa says in the body is of the page’s own address, which is no name of ours', () => {
  const record = withFact(withFact(emptyRecord, 'name', 'Velo Matter'), 'telephone', '+41 31 311 22 33');
  const codes = (resource: string): readonly string[] =>
    check(
      `<body vocab="https://schema.org/" typeof="BikeStore"${resource}><h1 property="name">Velo Matter</h1><p property="telephone">+41 31 311 22 33</p>`,
      { record, url: 'https://velo.example/' },
    ).findings.flatMap(({ code, property }) => (property === '@id' ? [code] : []));
  expect(codes('')).toEqual([]);
  expect(codes(' resource="https://velo.example/#shop"')).toEqual(['agreement/not-in-record']);
});
