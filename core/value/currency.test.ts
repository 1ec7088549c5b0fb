import { expect, test } from '@jest/globals';
import { currenciesMeant, currencyOf, judgeCurrencies } from './currency.ts';

test.each([
  ['$', 'US', 'USD'],
  ['$', 'MX', 'MXN'],
  ['$', 'GB', ''],
  ['dollars', 'CA', 'CAD'],
  ['US Dollar', '', 'USD'],
  ['US dollars', 'GB', 'USD'],
  ['Pound Sterling', '', 'GBP'],
  ['pounds', 'GB', 'GBP'],
  ['pounds', 'EG', 'EGP'],
  ['kr', 'SE', 'SEK'],
  ['kr.', 'DK', 'DKK'],
  ['Franken', 'CH', 'CHF'],
  ['Euro', 'DE', 'EUR'],
  ['¥', 'JP', 'JPY'],
  ['¥', 'CN', 'CNY'],
  ['usd', '', 'USD'],
  ['GBP, Euros', 'GB', 'GBP, EUR'],
  ['GBP, EUR', 'GB', ''],
  ['pesos', 'US', ''],
  ['credit cards', 'US', ''],
  ['', 'US', ''],
])('“%s” in %s is meant as “%s”', (text, country, meant) =>
  expect(currenciesMeant(text, country)).toBe(meant),
);

test('currencies are those of ISO 4217', () => {
  expect(judgeCurrencies('USD, CAD; eur')).toMatchObject([
    { message: expect.stringContaining('Write EUR.') as unknown },
  ]);
  expect(judgeCurrencies('GBP')).toEqual([]);
  expect(judgeCurrencies('dollars XXQ')).toHaveLength(2);
});

test('a name of several words is one fault, codes between blanks are each their own', () => {
  const of = (text: string): readonly string[] => judgeCurrencies(text, 'US').map(({ message }) => message);
  expect(of('US Dollar')).toEqual(['“US Dollar” is no currency of ISO 4217. Write USD.']);
  expect(of('USD CAD')).toEqual([]);
  expect(of('USD, QQQ')).toEqual(['“QQQ” is no currency of ISO 4217. Write a code like USD, GBP or EUR.']);
});

test('what a country pays with', () =>
  expect(['GB', 'CH', 'HR', 'BG', 'SN', 'TR', 'CL', 'PA', 'NA', 'KR', 'CD', ''].map(currencyOf)).toEqual(
    'GBP CHF EUR EUR XOF TRY CLP USD NAD KRW CDF'.split(' ').concat(''),
  ));
