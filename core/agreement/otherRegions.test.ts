import { expect, test } from '@jest/globals';
import { findOtherRegionIn, type ToldPlace } from './otherRegions.ts';

const CHILE = { region: 'Valparaíso', town: 'Providencia', code: '', country: 'CL' };
const IOWA = { region: 'IA', town: 'Boise', code: '83702', country: 'US' };
const found = (text: string, told: ToldPlace): string | undefined => {
  const start = text.indexOf(told.town);
  const other = findOtherRegionIn(text, { start, end: start + told.town.length }, told);
  return other && text.slice(other.start, other.end);
};

test.each([
  ['Av. Providencia 2124, Providencia, Santiago, Región Metropolitana', CHILE, undefined],
  ['Local 12, Providencia, Santiago, Región Metropolitana', CHILE, 'Región Metropolitana'],
  ['Providencia, Región Metropolitana', CHILE, 'Región Metropolitana'],
  ['Providencia, Valparaíso', CHILE, undefined],
  ['Providencia, Chile', CHILE, undefined],
  // The heading names the town, the address its region.
  ['Dentist in Boise\n410 W Elm St\nBoise, Idaho 83702', { ...IOWA, region: 'Idaho' }, undefined],
  ['Dentist in Boise\n410 W Elm St\nBoise, ID 83702', IOWA, 'ID'],
  ['Dentist in Boise\n410 W Elm St\nBoise, OR 83702', IOWA, 'OR'],
  ['Dentist in Boise\nOur friends in Boise, OR', IOWA, undefined],
  [
    'Bandung 40112, Jawa Timur',
    { region: 'Jawa Barat', town: 'Bandung', code: '', country: 'ID' },
    'Jawa Timur',
  ],
  ['Truro, Devon TR1 2AB', { region: 'Cornwall', town: 'Truro', code: 'TR1 2AB', country: 'GB' }, undefined],
  [
    'Hoàn Kiếm, Hà Nội 11000',
    { region: 'Đà Nẵng', town: 'Hoàn Kiếm', code: '11000', country: 'VN' },
    'Hà Nội',
  ],
  ['Dubai Marina, Dubai', { region: 'Sharjah', town: 'Dubai Marina', code: '', country: 'AE' }, 'Dubai'],
  // One region in two alphabets.
  ['Αθήνα 104 35, Αττική', { region: 'Attica', town: 'Αθήνα', code: '', country: 'GR' }, undefined],
  ['Αθήνα 104 35, Κρήτη', { region: 'Attica', town: 'Αθήνα', code: '', country: 'GR' }, 'Κρήτη'],
  // A province and the region above it.
  ['Ronda, Andalucía', { region: 'Málaga', town: 'Ronda', code: '29400', country: 'ES' }, undefined],
  ['Ronda, Galicia', { region: 'Málaga', town: 'Ronda', code: '29400', country: 'ES' }, 'Galicia'],
  ['Ronda, Galicia', { region: 'Nowhere', town: 'Ronda', code: '29400', country: 'ES' }, undefined],
] as const)('behind the town in “%s”', (text, told, other) => {
  expect(found(text, told)).toBe(other);
});
