import { describe, expect, test } from '@jest/globals';
import { check } from '#core/checking';
import { findLabelled } from './labelled.ts';

const seen = (...words: Parameters<typeof findLabelled>) => {
  const found = findLabelled(...words);
  return found && `${found.agreement}: ${found.text}`;
};

describe('when guests come and leave', () => {
  test.each([
    ['Check-in from 3 pm', 'arrival', '15:00', 'written-differently: 3 pm'],
    ['Check-in: 15:00 – 22:00', 'arrival', '15:00', 'exact: 15:00'],
    ['Anreise ab 14 Uhr, Abreise bis 11 Uhr', 'arrival', '14:00:00', 'written-differently: 14 Uhr'],
    ['Anreise ab 14 Uhr, Abreise bis 11 Uhr', 'departure', '10:00', 'different: 11 Uhr'],
    ['Arrivée à partir de 15h30', 'arrival', '16:00', 'different: 15h30'],
    ['Check-in from 2pm, check-out by 11am.', 'departure', '12:00', 'different: 11am.'],
    ['Check-in / Check-out: 15.00 / 11.00', 'departure', '11:00', 'written-differently: 11.00'],
    ['Check-out\n11:00', 'departure', '10:00', 'different: 11:00'],
    ['チェックイン 15時', 'arrival', '15:00', 'written-differently: 15時'],
  ] as const)('%s, %s %s', (text, sort, told, found) => expect(seen(text, sort, told)).toBe(found));

  test.each([
    ['no time', 'Check-in at the bar', 'arrival', '15:00'],
    ['nothing that has its half', 'Check-in from 3', 'arrival', '15:00'],
    ['what is extra', 'Late check-in after 22:00', 'arrival', '15:00'],
    ['another word', 'Abreisetag 11:00', 'departure', '10:00'],
    ['another line', 'Check-in at the bar\nBreakfast 7:30', 'arrival', '15:00'],
    ['what is told wrongly', 'Check-in 15:00', 'arrival', 'noonish'],
  ] as const)('a page says %s', (_, text, sort, told) => expect(seen(text, sort, told)).toBeUndefined());
});

describe('since when there is a business', () => {
  test.each([
    ['Established 1987', '1987', 'exact: 1987'],
    ['Est. 1987 in Truro', '1987-04-30', 'written-differently: 1987'],
    ['Gegründet 1978', '1987', 'different: 1978'],
    ['Fundada en 1978', '1987', 'different: 1978'],
    ['創業1978年', '1987', 'different: 1978'],
  ])('%s', (text, told, found) => expect(seen(text, 'founded', told)).toBe(found));

  // How long somebody does a trade is told so as well.
  test.each([
    'Your dentist since 1998',
    'Established in the heart of the old town of Truro, 1998',
    'Founded',
  ])('%s says nothing of it', (text) => expect(seen(text, 'founded', '2010')).toBeUndefined());
});

test('a visitor who reads another time than a machine is told', () => {
  const source = `<!doctype html><html lang="de"><h1>Gasthof Krone</h1><p>Hauptstraße 1, 78462 Konstanz</p><p>Check-in ab 15 Uhr</p>
<script type="application/ld+json">{"@context":"https://schema.org","@type":"Hotel","name":"Gasthof Krone","checkinTime":"14:00","address":{"@type":"PostalAddress","streetAddress":"Hauptstraße 1","addressLocality":"Konstanz","postalCode":"78462","addressCountry":"DE"}}</script>`;
  const told = (text: string) =>
    check(text).findings.flatMap(({ code, place }) =>
      code === 'agreement/visitor' ? [text.slice(place.start, place.end)] : [],
    );
  expect(told(source)).toEqual(['"14:00"']);
  expect(told(source.replace('ab 15 Uhr', 'ab 14 Uhr'))).toEqual([]);
});
