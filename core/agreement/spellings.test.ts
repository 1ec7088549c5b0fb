import { describe, expect, test } from '@jest/globals';
import { VisitorSearch } from './visitor.ts';

const page = (text: string): VisitorSearch => new VisitorSearch({ text, pieces: [] });

describe('a town', () => {
  test.each([
    ['München', 'DE', 'Our office in Munich, Germany'],
    ['Bangalore', 'IN', 'MG Road, Bengaluru 560001'],
    ['Thành phố Hồ Chí Minh', 'VN', '45 Nguyễn Huệ, Q.1, TP.HCM'],
    ['Frankfurt am Main', 'DE', '60311 Frankfurt'],
    ['Halle (Saale)', 'DE', '06108 Halle'],
    ['Cebu City', 'PH', 'Mango Avenue, Cebu'],
    ['Bolzano/Bozen', 'IT', 'I-39100 Bozen'],
    ['Koeln', 'DE', '50667 Köln'],
    ['Køge', 'DK', '4600 Koege'],
    ['Łomża', 'PL', '18-400 Lomza'],
    ['Colombo 03', 'LK', '17 Galle Rd, Colombo 3'],
    ['Saint Louis', 'US', 'St. Louis, MO 63101'],
    ['金沢市', 'JP', 'Katamachi, Kanazawa'],
  ])('%s of %s is seen in “%s”', (town, country, text) => {
    expect(page(text).findTown(town, country).agreement).toBe('written-differently');
  });

  test.each([
    ['München', 'DE', 'Augsburg'],
    ['Santiago', 'CL', 'Valparaíso'],
    // Names abroad are another country's.
    ['Wien', 'DE', 'Vienna'],
    ['Oklahoma City', 'US', 'Tulsa, Oklahoma'],
    // A word of a name is not the name.
    ['Bad Homburg', 'DE', 'Homburg'],
  ])('%s of %s is not seen in “%s”', (town, country, text) => {
    expect(page(text).findTown(town, country).agreement).toBe('missing');
  });
});

test.each([
  ['Keizersgracht 123-2', 'NL', 'Keizersgracht 123-II, 1015 CJ Amsterdam'],
  ['Via Venti Settembre 5', 'IT', ''],
  ['Via XX Settembre 5', 'IT', 'Via 20 Settembre 5, Torino'],
  ['Rua XV de Novembro 100', 'BR', 'Rua 15 de Novembro, 100'],
])('the street %s of %s is seen in “%s”', (street, country, text) => {
  expect(page(text).findStreet(street, country).agreement).toBe(text ? 'written-differently' : 'missing');
});

describe('a postal code', () => {
  test.each([
    ['L-1930', 'LU', '1930 Luxembourg'],
    ['LT-01203', 'LT', '01203 Vilnius'],
    ['78251-1402', 'US', 'San Antonio, TX 78251'],
    ['SLM 1604', 'MT', 'Sliema SLM1604'],
  ])('%s of %s is seen in “%s”', (code, country, text) => {
    expect(page(text).findCode(code, country).agreement).not.toBe('missing');
  });

  test.each([
    ['L-1930', 'LU', '1931 Luxembourg'],
    ['78251-1402', 'US', '78252'],
    ['1010', 'AT', '10100'],
  ])('%s of %s is not seen in “%s”', (code, country, text) => {
    expect(page(text).findCode(code, country).agreement).toBe('missing');
  });
});

describe('a postal code beside another street', () => {
  const text = 'Rua de Santa Catarina 212, 4000-451 Porto\nAv. da República 1435, 4430-999 Gaia';
  test('is of another address', () => {
    const beside = page(text).otherCodeBeside('Rua de Santa Catarina, 212', '4430-999', 'PT');
    expect(beside).toMatchObject({ text: '4000-451', agreement: 'different' });
  });
  test.each([
    ['Rua de Santa Catarina, 212', '4000-451'],
    ['Av. da República 1435', '4430-999'],
    ['Rua do Almada 3', '4000-451'],
  ])('of %s is %s', (street, code) => {
    expect(page(text).otherCodeBeside(street, code, 'PT')).toBeUndefined();
  });
  test('has the digits of a number that is dialled, and is none', () => {
    expect(page('Al. dos Maracatins, 618 – 04089-010').showsCode('BR', '04089-001')).toBe(true);
    expect(page('Ligue: 5055-0123').showsCode('BR', '04089-001')).toBe(false);
  });
});

describe('a number that is called a fax', () => {
  const found = (text: string): string => page(text).findTelephone('+61 7 5550 0143', 'AU').text;
  test('is none to ring where another is called a telephone', () => {
    expect(found('P (07) 5550 0142 | F (07) 5550 0143')).toBe('(07) 5550 0142');
  });
  test('is one where it is a telephone too, or where there is no other', () => {
    expect(found('Tel./Fax (07) 5550 0143, P (07) 5550 0142')).toBe('(07) 5550 0143');
    expect(found('Fax (07) 5550 0143')).toBe('(07) 5550 0143');
  });
});

describe('a VAT number', () => {
  test.each([
    ['DE123456788', 'USt-IdNr.: DE 123 456 788', 'written-differently'],
    ['DE123456788', 'USt-IdNr.: DE123456789', 'different'],
    ['IT01234560225', 'P.IVA 01234560225', 'written-differently'],
    ['IT01234560225', 'Partita IVA: 01234560226', 'different'],
    ['GB123456789', 'VAT reg 123 4567 89', 'written-differently'],
    ['PL7791234567', 'NIP 779-123-45-68', 'different'],
  ])('%s beside “%s” is %s', (told, text, agreement) => {
    expect(page(text).findVat(told)?.agreement).toBe(agreement);
  });
  test.each([
    ['DE123456788', 'Tel. 123456789'],
    ['DE123456788', 'USt-IdNr. auf Anfrage'],
    ['12', 'VAT 12'],
    // Another kind of number.
    ['FR12345678901', 'SIRET 123 456 789 00012'],
  ])('%s is not beside “%s”', (told, text) => expect(page(text).findVat(told)).toBeUndefined());
});

test('a name in full-width letters is written differently, and its digits are the same', () => {
  expect(page('ＡＢＣ書店 3号店').find('ABC書店 3号店').agreement).toBe('written-differently');
  expect(page('ABC書店 ３号店').find('ABC書店 3号店').agreement).toBe('exact');
});

test.each(['04 77 12 34 56', '04\u202f77\u202f12\u202f34\u202f56', '04\u200977\u201112\u201134\u201156'])(
  'narrow blanks part the digits of a number as well: %j',
  (text) => expect(page(`Tél. ${text}`).findTelephone('+33 4 77 12 34 56', 'FR').text).toBe(text),
);
