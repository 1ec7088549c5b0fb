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
    // A word of a name is not the name.
    ['Bad Homburg', 'DE', 'Homburg'],
  ])('%s of %s is not seen in “%s”', (town, country, text) => {
    expect(page(text).findTown(town, country).agreement).toBe('missing');
  });
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
