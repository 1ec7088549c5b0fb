import { describe, expect, test } from '@jest/globals';
import { emptyRecord } from '#core/record';
import {
  currencies,
  date,
  dateOrYear,
  gradeAddressPart,
  gradeHours,
  gradePin,
  gradeShown,
  gradeTelephone,
  gradeText,
  gradeUrl,
  id,
  timeZone,
  yesNoOrUrl,
} from './index.ts';

const around = { country: 'US', text: () => '' };

describe('grades', () => {
  test.each([
    ['Salt & Sons', 'Salt & Sons', 'exact'],
    ['Salt & Sons', ' Salt & Sons ', 'exact'],
    ['Salt & Sons', '', 'missing'],
    ['Salt & Sons', 'SALT &  SONS', 'written-differently'],
    ['Salt & Sons', 'Salt & Sons Books', 'partly'],
    ['Salt & Sons Books', 'Salt Books', 'partly'],
    ['Salt & Sons', 'Pepper & Sons', 'different'],
    ['Book shop', 'Bookshop', 'written-differently'],
    ['!!', 'Salt', 'different'],
  ])('of the texts %s and %s', (reference, other, grade) => {
    expect(gradeText(reference, other)).toBe(grade);
  });

  test.each([
    ['', '', 'exact'],
    ['(360) 555-0142', '', 'missing'],
    ['(360) 555-0142', '(360) 555-0142', 'exact'],
    ['(360) 555-0142', '360.555.0142', 'exact'],
    ['(360) 555-0142', '+1 360 555 0142', 'written-differently'],
    ['(360) 555-0142', '+1 360 555 0143', 'different'],
    ['ask inside', 'Ask inside', 'written-differently'],
  ])('of the numbers %s and %s', (reference, other, grade) => {
    expect(gradeTelephone(reference, other, 'US', ['360.555.0142'])).toBe(grade);
  });

  test('of parts of an address and of web addresses put aside how they are abbreviated', () => {
    expect(gradeAddressPart('214 Quay Street', '214 Quay St.')).toBe('written-differently');
    expect(gradeAddressPart('214 Quay Street', '214 Quay Lane')).toBe('different');
    expect(gradeUrl('https://a.example/', 'http://www.a.example')).toBe('written-differently');
    expect(gradeUrl('https://a.example/', 'https://A.example')).toBe('exact');
    expect(gradeUrl('https://a.example/b', 'https://a.example/b/')).toBe('written-differently');
    expect(gradeUrl('https://a.example/b', 'https://a.example/c')).not.toBe('written-differently');
  });

  test.each([
    ['P.zza Duomo 1', 'Piazza Duomo, 1'],
    ['C.so Como 10', 'Corso Como, 10'],
    ['Praça da Sé, s/n', 'Pça. da Sé, s/nº'],
    ['пр-т Мира, 12', 'проспект Мира, д.12'],
    ['南京东路100號', '南京东路100号'],
    ['サンプルビル3F', 'サンプルビル 3階'],
    ['서울 중구 세종대로 110', '서울특별시 중구 세종대로 110'],
    ['Level 3, 12 Collins St', 'L3 12 Collins Street'],
    ['Calle 72 # 10-34', 'Cl. 72 No. 10 - 34'],
  ])('of a street in the short forms of its country: %s, %s', (one, other) => {
    expect(gradeAddressPart(one, other)).toBe('written-differently');
    expect(
      gradeAddressPart(
        one,
        other.replace(/\d/, (digit) => String((Number(digit) + 1) % 10)),
      ),
    ).toBe(one.includes('Sé') ? 'written-differently' : 'different');
  });

  const pin = (latitude: string, longitude: string) => ({ latitude, longitude });
  test.each([
    [pin('48.5', '-122.5'), pin('48.50', '-122.50'), 'exact'],
    [pin('48.5', '-122.5'), pin('48.50010', '-122.5'), 'written-differently'],
    [pin('48.5', '-122.5'), pin('48.50020', '-122.5'), 'different'],
    [pin('48.5', '-122.5'), pin('-122.5', '48.5'), 'different'],
    [pin('48.5', '-122.5'), pin('', ''), 'missing'],
    [pin('48.5', '-122.5'), pin('', '-122.5'), 'different'],
    [pin('north', '-122.5'), pin('north', '-122.5'), 'exact'],
    [pin('north', '-122.5'), pin('north', '-122.6'), 'different'],
    [pin('north', '-122.5'), pin('south', '-122.5'), 'different'],
  ])('of the pins %j and %j', (reference, other, grade) => {
    expect(gradePin(reference, other)).toBe(grade);
  });

  test('of hours take closed and not said for alike, and a day that is not said for a part', () => {
    const { hours } = emptyRecord;
    const week = { ...hours, Monday: '09:00-17:00', Tuesday: '09:00-17:00' };
    expect(gradeHours(week, { ...week, Sunday: 'closed', Saturday: 'by appointment' })).toBe('exact');
    expect(gradeHours(week, { ...week, Tuesday: '' })).toBe('partly');
    expect(gradeHours(week, { ...week, Tuesday: '10:00-17:00' })).toBe('different');
    expect(gradeHours(week, { ...week, Wednesday: '10:00-17:00' })).toBe('different');
    const late = { ...week, Friday: '12:00-24:00', Saturday: '09:00-12:00, 12:00-17:00' };
    expect(gradeHours(late, { ...late, Friday: '12:00-00:00', Saturday: '09:00-17:00' })).toBe(
      'written-differently',
    );
    expect(gradeHours(late, { ...late, Friday: '12:00-23:00' })).toBe('different');
  });

  test('of lists do not mind their order', () => {
    expect(gradeShown('a\nb', 'b\na', { isList: true })).not.toBe('different');
    expect(gradeShown('a\nb', 'a\nc', { isList: true })).not.toBe('exact');
    expect(
      gradeShown('https://a.example/\nhttps://b.example', 'https://b.example/\nhttps://a.example', {
        isList: true,
        isAddress: true,
      }),
    ).not.toBe('different');
    expect(gradeShown('https://a.example/b', 'https://a.example/b/', { isAddress: true })).toBe(
      'written-differently',
    );
  });
});

describe('kinds of text', () => {
  test.each([
    [date, '2026-12-25', true],
    [date, '2026-02-30', false],
    [date, '1987', false],
    [date, '', true],
    [dateOrYear, '1987', true],
    [dateOrYear, '1987-04', true],
    [dateOrYear, '1987-13', false],
    [dateOrYear, '', true],
    [timeZone, 'Europe/Berlin', true],
    [timeZone, 'Mars/Base', false],
    [timeZone, '', true],
    [id, 'https://a.example/#b', true],
    [id, 'https://a.example/# b', false],
    [currencies, 'EUR, CHF', true],
    [currencies, 'EUR, Euros', false],
    [yesNoOrUrl, 'yes', true],
    [yesNoOrUrl, 'perhaps', false],
  ])('judge what does not fit them (%#)', (kind, text, right) => {
    expect(kind.judge(text, around).length === 0).toBe(right);
  });

  test('say yes and no as machines have them, and an address as a link', () => {
    expect(yesNoOrUrl.write('yes', around, 'x')).toEqual([expect.objectContaining({ text: 'Yes' })]);
    expect(yesNoOrUrl.write('false', around, 'x')).toEqual([expect.objectContaining({ text: 'No' })]);
    expect(yesNoOrUrl.told('TRUE', around)).toBe('yes');
    expect(yesNoOrUrl.told('https://a.example/', around)).toBe('https://a.example/');
    expect(timeZone.told('Europe/Berlin', around)).toBe('');
  });

  test('read only what is a text of several values', () => {
    const value = (text: string) => ({ kind: 'text', text });
    const item = {
      properties: [
        { name: 'currenciesAccepted', value: value(' EUR ') },
        { name: 'currenciesAccepted', value: { kind: 'item', item: { types: [], properties: [] } } },
        { name: 'currenciesAccepted', value: value('CHF') },
      ],
    };
    expect(currencies.read(item as never, 'currenciesAccepted')).toBe('EUR, CHF');
  });
});
