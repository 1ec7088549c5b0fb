import { expect, test } from '@jest/globals';
import { regionsOf, regionsOfPostalCode, regionsOfPostalCodes } from './index.ts';

test.each([
  ['98225', 'US', ['WA']],
  ['00501', 'US', ['NY']],
  ['06390', 'US', ['CT', 'NY']],
  ['v6b 1a1', 'CA', ['BC']],
  ['2600', 'AU', ['NSW', 'ACT']],
  ['99', 'US', []],
  ['98225', 'GB', []],
  ['0872', 'AU', ['NT', 'SA', 'WA']],
  ['1850', 'PH', ['Rizal', 'Calabarzon', 'Metro Manila', 'NCR']],
  ['81511', 'EG', ['أسوان', 'محافظة أسوان', 'Aswan', 'Aswan Governorate']],
  ['21000', 'MX', ['Baja California', 'B.C.', 'BC', 'BCN']],
  ['10115', 'DE', ['Berlin', 'BE']],
  ['8001', 'ZA', ['Western Cape', 'WC']],
  ['55122', 'ID', ['DI Yogyakarta', 'Daerah Istimewa Yogyakarta', 'Yogyakarta', 'DIY']],
  ['518000', 'CN', ['广东省', '广东', 'Guangdong']],
  ['104', 'TW', ['台北市', '臺北市', '台北', '臺北', 'Taipei', 'Taipei City']],
  ['83000', 'TH', ['ภูเก็ต', 'Phuket']],
  ['08000', 'PE', ['Cusco', 'Cuzco']],
  ['65000', 'UA', ['Одеська область', 'Одеська обл.', 'Одеська', 'Odesa Oblast', 'Odesa', 'Odessa']],
])('%s of %s can be in %j', (code, country, regions) => {
  expect(regionsOfPostalCode(code, country)).toEqual(regions);
});

test.each(['US', 'CA', 'AU'])('the regions of %s are those that its addresses name', (country) => {
  const known = regionsOf(country).map(({ code }) => code);
  expect(regionsOfPostalCodes(country).filter((code) => !known.includes(code))).toEqual([]);
});

test('a code of every state stands in the table', () => {
  const named = regionsOfPostalCodes('US');
  expect(regionsOf('US').filter(({ code }) => !named.includes(code))).toEqual([]);
});
