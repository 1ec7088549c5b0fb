import { describe, expect, test } from '@jest/globals';
import { VisitorSearch } from './visitor.ts';

const on = (text: string): VisitorSearch => new VisitorSearch({ text, pieces: [] });

describe('a letter wrong', () => {
  test.each([
    ['Bellrock Dental', 'Welcome to Bellrokc Dental!', 'different', 'Bellrokc Dental'],
    ['Smile Centre', 'Smile Center', 'written-differently', 'Smile Center'],
    ['Grand Theatre Dental', 'Grand Theater Dental', 'missing', ''],
    ['Bellrock Dental', 'Welcome to Bellorck Dental!', 'different', 'Bellorck Dental'],
    ['Bellrock Dental', 'Welcome to Belrock Dental!', 'different', 'Belrock Dental'],
    ['Bellrock Dental', 'At Bellrock Dentals', 'missing', ''],
    ['Bellrock Dental', 'Mallrack Dental', 'missing', ''],
    ['Ofenfrisch', 'Ofnefrisch', 'missing', ''],
    ['La Palma', 'La Plama', 'missing', ''],
  ])('in the name %s: “%s” is %s', (name, text, agreement, shown) => {
    expect(on(text).findName(name)).toMatchObject({ agreement, text: shown });
  });

  test.each([
    ['Hauptstraße 5', 'Huaptstraße 5', 'different', 'Huaptstraße 5'],
    ['12 Harbour Street', '12 Harbuor Street', 'different', '12 Harbuor Street'],
    ['12 South Harbour Street', '12 North Harbour Street', 'missing', ''],
    ['5 East Street', '5 West Street', 'missing', ''],
    ['5 Kirk Road', '5 Kikr Raod', 'missing', ''],
    ['27 Mill Road', '27 Mill Raod', 'different', '27 Mill Raod'],
    ['27 Mill Road', '27 Mill Rood', 'written-differently', '27 Mill'],
    ['Via Rizzoli 9', 'Vai Rizzoli 9', 'different', 'Vai Rizzoli 9'],
    ['18 rue Mercière', '18 ure Mercière', 'different', '18 ure Mercière'],
    ['12 The Den', '12 Teh Den', 'missing', ''],
    ['Calle de la Paz 12', 'Clale de la Paz 12', 'different', 'Clale de la Paz 12'],
    ['25 Grand-Rue', 'Optique Grand-Rue · 25 Garnd-Rue', 'different', '25 Garnd-Rue'],
    ['Hauptstraße 5', 'Huaptstraße 7', 'missing', ''],
  ])('in the street %s: “%s” is %s', (street, text, agreement, shown) => {
    expect(on(text).findStreet(street, '')).toMatchObject({ agreement, text: shown });
  });

  test.each([
    ['Berlin', '10115 Berln', ['10115'], 'different', 'Berln'],
    ['Portland', 'Portlnad, ME 04101', ['04101', 'ME 04101'], 'different', 'Portlnad'],
    ['Bad Homburg', '61348 Bad Hamburg', ['61348'], 'different', 'Bad Hamburg'],
    ['Wien', '1060 Wein', ['1060'], 'different', 'Wein'],
    ['Wien', '1060 Wier', ['1060'], 'missing', ''],
    ['Berlin', '10115 Berliner Straße', ['10115'], 'missing', ''],
    ['Berlin', 'in Berln, 10119', ['10115'], 'missing', ''],
  ])('in the town %s: “%s”', (town, text, beside, agreement, shown) => {
    expect(on(text).findTown(town, '', beside)).toMatchObject({ agreement, text: shown });
  });
});
