import { describe, expect, test } from '@jest/globals';
import { findOtherNumberIn, findStreetIn } from './streets.ts';
import { VisitorSearch } from './visitor.ts';

const shown = (street: string, text: string, country = ''): string | undefined => {
  const at = findStreetIn(text, street, country);
  return at && text.slice(at.start, at.end);
};

describe('a street in other words', () => {
  test.each([
    ['Rua João de Deus, n.º 52, r/c', 'Óptica R. João de Deus, 52 r/c, 7000-534 Évora', ''],
    ['Rua João de Deus, 52', 'Rua João de Deus n.º 52', ''],
    ['Str. Zizinului nr. 110', 'Strada Zizinului 110, Brașov 500407', ''],
    ['Ave. Rafael Cordero 200, Suite 140', '200 Ave. Rafael Cordero, Suite 140, Caguas', ''],
    ['Unit 2/2455 Warburton Hwy', '2/2455 Warburton Highway', ''],
    ['#27, 11th Main Road, 4th Block', 'No. 27, 11th Main, 4th Block', ''],
    ['Calle 60 No. 480 x 55 y 57, Col. Centro', 'Calle 60 No. 480 por 55 y 57, Colonia Centro', ''],
    ['片町2-10-5 香林ビル1F', '石川県金沢市片町2丁目10番5号 香林ビル1階', ''],
    ['片町二丁目10-5', '片町二丁目10番5号', ''],
    ['ul. Narutowicza 33/5', 'ul. Narutowicza 33 lok. 5', ''],
    ['ul. Narutowicza 33 m. 5', 'Narutowicza 33/5, 20-016 Lublin', ''],
    ['улица Ленина, д. 5', 'ул. Ленина, 5', ''],
    ['Ostružnická 336/15', 'Ostružnická 15, 779 00 Olomouc', 'CZ'],
    ['Ostružnická 336/15', 'Ostružnická 336, Olomouc', 'CZ'],
    ['Ostružnická 15', 'Ostružnická 336/15, Olomouc', 'SK'],
    ['Main Street 12', '12 Main', ''],
    ['15 Park Row, Suite 1802', '15 Park Row (at Ann St), Ste. 1802', ''],
    ['2/F Mango Square, Gen. Maxilom Avenue', '2nd Floor, Mango Square, General Maxilom Ave.', ''],
    ['Street 17, Al Quoz Industrial Area 3', 'Street 17, Al Quoz Ind. Area 3, Dubai', ''],
    ['Sagar CHS, Lokhandwala Road 3', 'Sagar C.H.S., 3 Lokhandwala Rd', ''],
    ['Calle de Ibiza, 33, 1º B', 'C/ Ibiza 33, 1ºB', ''],
    ['Rue du Simplon 23', '23, rue du Simplon — CH-1800 Vevey', ''],
    ['Eerste van der Helststraat 71-hs', '1e van der Helststraat 71 hs', ''],
    ['Sankt Hansgatan 31', 'S:t Hansgatan 31, 621 56 Visby', ''],
    ['12 rue Saint-Martin', '12, rue St. Martin', ''],
    ['Nygårdsgaten 91 A', 'Nygårdsgt. 91A', ''],
    ['Karl Johans gate 12', 'Karl Johans gt. 12', ''],
    ['Gamle Drammens vei 3', 'Gamle Drammens vn. 3', ''],
    ['Coupure Rechts 78 bus 2', 'Coupure Rechts 78/2, 9000 Gent', 'BE'],
    ['1250, avenue Bernard Ouest, bureau 204', '1250, av. Bernard O., bur. 204', 'CA'],
    ['Kopli 6', 'Kopli tn 6, 10412 Tallinn', 'EE'],
    ['бул. „Витоша“ 57, ет. 2', 'бул. "Витоша" №57, етаж 2', 'BG'],
    ['45 Nguyễn Huệ, Phường Bến Nghé, Quận 1', '45 Nguyễn Huệ, P. Bến Nghé, Q.1', 'VN'],
    ['Żeromskiego 4', 'Zeromskiego 4', 'PL'],
  ])('%s is seen in %s', (street, text, country) => {
    expect(shown(street, text, country)).toBeDefined();
  });

  test('is seen with its numbers and its kind, and without what stands around it', () => {
    expect(shown('Av. Rafael Cordero 200', 'Lab, 200 Ave. Rafael Cordero, Caguas')).toBe(
      '200 Ave. Rafael Cordero',
    );
    expect(
      shown('西新宿1-18-6 サンビル5F', '〒160-0023 東京都新宿区西新宿１丁目１８−６ サンビル５階 TEL'),
    ).toBe('西新宿１丁目１８−６ サンビル５階');
    expect(shown('Str. Zizinului nr. 110', 'La noi: Zizinului 110, 500407')).toBe('Zizinului 110');
  });
});

test('is looked for in linear time, whatever a page repeats', () => {
  for (const [street, part] of [
    ['Street 60', 'street '],
    ['Main Street 60', 'main street '],
    ['Calle 60 no 5', 'calle 60 no '],
    [`Main ${'12 '.repeat(12)}`, 'main 12 no '],
  ] as const)
    expect(shown(street, part.repeat(30_000))).toBeUndefined();
});

test('of two numbers one is enough, unless the other is another', () => {
  expect(shown('Riegrova 381/25', 'Riegrova 381/22, 779 00 Olomouc', 'CZ')).toBeUndefined();
  expect(shown('Riegrova 381/25', 'Riegrova 380/25, 779 00 Olomouc', 'CZ')).toBeUndefined();
  expect(shown('Riegrova 381/25', 'Olomouc, Riegrova 25\n1/2 litru', 'CZ')).toBe('Riegrova 25');
});

describe('another street', () => {
  test.each([
    ['with another number', 'Rua João de Deus, n.º 52', 'Rua João de Deus, 25'],
    ['with a number more', 'Hauptstr. 12', 'Hauptstr. 12a'],
    ['with a letter less', 'Hauptstr. 12d', 'Hauptstr. 12, 99084 Erfurt'],
    ['with another letter', 'Hauptstr. 12 c', 'Hauptstr. 12 b'],
    ['of another kind', '12 Main Street', 'Main Avenue 12'],
    ['of another kind behind its name', 'Main Street 12', '12 Main Avenue'],
    ['whose numbers are turned round', 'Calle 60 No. 480', 'Calle 480 No. 60'],
    ['without its unit', '1740 Mays St, Suite 210', 'Mays Street 1740, Round Rock'],
    ['with another unit', '1740 Mays St, Suite 210', 'Mays Street 1740, Suite 201'],
    ['with another word in its name', 'Nová Ostružnická 15', 'Ostružnická 15'],
    ['whose number belongs to the code behind it', 'Ostružnická 779', 'Ostružnická 15, 779 00 Olomouc'],
    ['with another block', '片町2-10-5', '金沢市片町2丁目10番6号'],
    ['where houses have one number', 'Anger 37/38', 'Anger 38, Erfurt'],
  ])('%s is not the same', (_, street, text) => {
    expect(shown(street, text, 'DE')).toBeUndefined();
  });
});

describe('the same street with one other number', () => {
  test.each([
    ['民權路二段62號', '台中市西區民權路二段60號', '民權路二段60號'],
    ['恵比須町429', '京都市中京区恵比須町427', '恵比須町427'],
    ['은행로 54', '서울 은행로 52', '은행로 52'],
    ['131/4 ถนนนิมมานเหมินท์', '129/4 ถนนนิมมานเหมินท์ เชียงใหม่', '129/4 ถนนนิมมานเหมินท์'],
    ['Anger 39/38', 'Anger 37/38, 99084 Erfurt', 'Anger 37/38'],
    ['Užupio g. 16-3', 'Užupio g. 14-3', 'Užupio g. 14-3'],
    ['Thamel Marg-28', 'Thamel Marg-26, Kathmandu', 'Thamel Marg-26'],
    ['Rua João de Deus, n.º 52, 3', 'Rua João de Deus, 25, 3', 'Rua João de Deus, 25, 3'],
    ['Maxilom Avenue 12', 'Cebu, Max. Ave. 14', 'Max. Ave. 14'],
    ['Saint Hans Gade 8', 'Skt. Hans: S:t Hans Gade 6', 'S:t Hans Gade 6'],
    ['CHSL Road 7', 'C.H.S.L. Road 9', 'C.H.S.L. Road 9'],
    ['Quay Street 12', 'at 14Quay Street', '14Quay Street'],
  ])('%s in “%s”', (street, text, found) => {
    const at = findOtherNumberIn(text, street, '');
    expect(at && text.slice(at.start, at.end)).toBe(found);
  });

  test.each([
    [
      'whose last number is the code behind a comma',
      'Uudenmaankatu 19 B 12',
      'Uudenmaankatu 19 B, 00120 Helsinki',
    ],
    ['whose number is a telephone’s in the next line', '12 1st St', '1st St\n208 555 0178'],
    ['of two other numbers', 'Anger 37/38', 'Anger 12/14'],
    ['without a number', 'Anger 37/38', 'Anger, Erfurt'],
    ['of a name that is found anywhere', 'A 4', 'A 5'],
    ['whose name is an hour', 'Hertensteinstrasse 30', 'Segunda a sexta: 9h às 18h. Sábado: 10h'],
  ])('is none %s', (_, street, text) => expect(findOtherNumberIn(text, street, '')).toBeUndefined());
});

test.each([
  ['41 Ropewalk Alley', '41 Ropewalk Aly'],
  ['12 Wexford Circle', '12 Wexford Cir'],
  ['12 Wexford Trail', '12 WEXFORD TRL'],
  ['12 Quail Crossing', '12 Quail Xing'],
  ['7 Larch Ridge', '7 Larch Rdg'],
  ['5 Wattle Parade', '5 Wattle Pde'],
  ['5 Wattle Circuit', '5 Wattle Cct'],
])('the suffix of a street is short on the page: %s as %s', (street, short) => {
  expect(shown(street, `Larch Inn\n${short}\nPortland, OR 97201`, 'US')).toBe(short);
});

describe('a street with another house number', () => {
  const seen = (street: string, text: string): readonly string[] => {
    const found = new VisitorSearch({ text, pieces: [] }).findStreet(street, '');
    return [found.agreement, found.text];
  };

  test.each([
    ['8 rue de la Paix', '19, rue de la Paix, 75002 Paris', '19, rue de la Paix'],
    ['8, rue de la Paix', 'au 8 bis, rue de la Paix', '8 bis, rue de la Paix'],
    ['8, Jalan SS 2/24', '19, Jalan SS 2/24', '19, Jalan SS 2/24'],
    ['12A High Street', '12 High St', '12 High St'],
    ['16 High Street', '12-14 High Street', '12-14 High Street'],
    ['Via Roma, 12', 'Via Roma n. 10', 'Via Roma n. 10'],
    ['25 Grand-Rue', 'Optique Grand-Rue\n36 Grand-Rue', '36 Grand-Rue'],
    ['Am Markt 5', 'Bäckerei Am Markt\nAm Markt 7', 'Am Markt 7'],
    ['Via Roma n. 12', 'Via Roma 10/A, Parma', 'Via Roma 10/A'],
    ['Via Roma 10/A', 'Via Roma 10/B', 'Via Roma 10/B'],
  ])('%s is not what “%s” shows', (street, text, other) => {
    expect(seen(street, text)).toEqual(['different', other]);
  });

  test.each([
    ['8 rue de la Paix', '75002, rue de la Paix'],
    ['12 Via Roma', 'Tel 06 5551234, Via Roma'],
    ['25 Broadway', 'Open since 2019 Broadway'],
  ])('%s: “%s” shows no number of it', (street, text) => {
    expect(seen(street, text)[0]).toBe('missing');
  });

  test('its letter may stand apart', () => {
    expect(seen('Via Roma 10/A', 'Via Roma 10 / A')[0]).toBe('written-differently');
  });
});
