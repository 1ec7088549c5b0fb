import { describe, expect, test } from '@jest/globals';
import { emptyRecord, factOf, isFact, withFact } from '#core/record';
import { countMeant } from './index.ts';

/** What somebody meant by the text of a fact in a country. */
const meant = (fact: string, text: string, country = ''): string | undefined =>
  isFact(fact)
    ? factOf(fact)?.meant(withFact(withFact(emptyRecord, 'address.addressCountry', country), fact, text))
    : undefined;

describe('what people mean', () => {
  test.each([
    ['12.03.1998', '1998-03-12'],
    ['3/1998', '1998-03'],
    ['12 mars 1998', '1998-03-12'],
    ['March 12th, 1998', '1998-03-12'],
    ['12. März 1998', '1998-03-12'],
    ['12 de marzo de 1998', '1998-03-12'],
    ['12 marca 1998', '1998-03-12'],
    ['1998. március 12.', '1998-03-12'],
    ['1998年3月', '1998-03'],
    ['12 Μαρτίου 1998', '1998-03-12'],
    ['12 марта 1998', '1998-03-12'],
    ['maart 1998', '1998-03'],
    ['seit 1998', '1998'],
    ['Established 1998', '1998'],
    ['昭和52年', '1977'],
    ['令和元年5月1日', '2019-05-01'],
    ['平成10年3月', '1998-03'],
    ['民國87年3月12日', '1998-03-12'],
    ['พ.ศ. 2541', '1998'],
    ['12 มีนาคม 2541', '1998-03-12'],
  ])('by the date %s', (text, date) => {
    expect(meant('foundingDate', text)).toBe(date);
  });

  test('by a date whose order the country tells', () => {
    expect(meant('foundingDate', '12/03/1998', 'DE')).toBe('1998-03-12');
    expect(meant('foundingDate', '12/03/1998', 'US')).toBe('1998-12-03');
    expect(['', 'CA'].map((country) => meant('foundingDate', '12/03/1998', country))).toEqual(['', '']);
  });

  test.each([
    ['petsAllowed', 'ja', 'yes'],
    ['petsAllowed', 'Oui', 'yes'],
    ['petsAllowed', 'はい', 'yes'],
    ['petsAllowed', 'нет', 'no'],
    ['checkinTime', 'ab 15 Uhr', '15:00'],
    ['checkinTime', '3 pm', '15:00'],
    ['numberOfRooms', '42 Zimmer', '42'],
    ['starRating', '4 Sterne', '4'],
    ['starRating', '4,5', '4.5'],
    ['starRating', '★★★', '3'],
    ['currenciesAccepted', '€', 'EUR'],
    ['numberOfRooms', '1.024', '1024'],
    ['url', 'www.krume.example/filiale', 'https://www.krume.example/filiale'],
    ['url', '//krume.example/a', 'https://krume.example/a'],
    ['url', 'https:/krume.example', 'https://krume.example'],
    ['url', 'http//krume.example', 'http://krume.example'],
    ['url', 'htttps://krume.example', 'https://krume.example'],
    ['url', 'https:\\\\krume.example\\a', 'https://krume.example/a'],
    ['url', 'https://https://krume.example', 'https://krume.example'],
    ['email', 'mailto:hallo@krume.example', 'hallo@krume.example'],
    ['email', 'hallo [at] krume [dot] example', 'hallo@krume.example'],
    ['email', 'hallo at krume.example', 'hallo@krume.example'],
    ['email', 'hallo(arroba)krume(punto)example', 'hallo@krume.example'],
  ])('by %s “%s”', (fact, text, form) => {
    expect(meant(fact, text)).toBe(form);
    expect(meant(fact, form)).toBe('');
  });

  test.each([
    ['24.12.2026 geschlossen', ' | 2026-12-24 |  | closed'],
    ['Heiligabend 24.12.2026: 9–13 Uhr', 'Heiligabend | 2026-12-24 |  | 09:00-13:00'],
    ['24.12.2026 – 26.12.2026 geschlossen', ' | 2026-12-24 | 2026-12-26 | closed'],
    ['24 décembre 2026 fermé', ' | 2026-12-24 |  | closed'],
    ['Dec 24, 2026 9am-1pm', ' | 2026-12-24 |  | 09:00-13:00'],
    ['2026年12月24日 休業', ' | 2026-12-24 |  | closed'],
    ['2026-12-24 closed', ' | 2026-12-24 |  | closed'],
    [
      'A | 2026-12-31 | | closed\n24.12.2026 geschlossen',
      'A | 2026-12-31 |  | closed\n | 2026-12-24 |  | closed',
    ],
  ])('by the exception “%s”', (text, entries) => {
    expect(meant('specialHours', text)).toBe(entries);
  });

  test.each([
    ['24.12. geschlossen'],
    ['24.12.2026'],
    ['26.12.2026 – 24.12.2026 geschlossen'],
    ['summer closed'],
  ])('is not guessed by the exception “%s”', (text) => {
    expect(meant('specialHours', text)).toBe('');
  });

  test.each([
    ['foundingDate', 'seit 1998, neu 2004'],
    ['foundingDate', 'März oder Mai 1998'],
    // October in Croatian, November in Polish.
    ['foundingDate', '12 listopada 1998'],
    ['foundingDate', '31.02.1998'],
    ['petsAllowed', 'auf Anfrage'],
    ['numberOfRooms', 'ca. 40'],
    ['starRating', '4S'],
    ['url', 'index.html'],
    ['url', 'javascript:alert(1)'],
    ['name', 'ja'],
  ])('is not guessed by %s “%s”', (fact, text) => {
    expect(meant(fact, text)).toBe('');
  });
});

test.each([
  ['1,234 reviews', '1234'],
  ['(12)', '12'],
  ['120+', '120'],
  ['87 Bewertungen', '87'],
  ['12.5', ''],
  ['12', ''],
  ['some', ''],
])('a count written “%s” is %s', (text, count) => expect(countMeant(text)).toBe(count));
