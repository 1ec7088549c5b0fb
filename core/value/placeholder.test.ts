import { describe, expect, test } from '@jest/globals';
import { judgeText } from './index.ts';

describe('a text that a template comes with', () => {
  test.each([
    'Your Business Name',
    'YOUR COMPANY NAME LLC',
    'Company name here',
    '123 Example Street',
    'Lorem ipsum dolor sit amet, consectetur adipiscing elit, sed do eiusmod tempor',
    'Insert a description of your business here',
    'Describe your business',
    'Anytown Dental',
    'Your Town, ST',
    'Your address here',
    '[City]',
    '{{ name }}',
    'TODO',
    'John Doe',
    'Musterstraße 1',
    'Unsere Praxis in der Musterstraße 5 in Musterstadt freut sich auf Sie',
    'Ihre Firma',
    'Votre entreprise',
    'Nome azienda',
    'Uw bedrijf',
    'ul. Przykładowa 5',
    'Nazwa firmy',
    'Företagsnamn',
    '会社名',
    'Название компании',
  ])('is told: %s', (text) => expect(judgeText(text).map(({ code }) => code)).toEqual(['value/placeholder']));

  test.each([
    'We deliver to your address within the hour.',
    'Call us with your phone number ready.',
    'The best pizza in any town',
    'Wherever your city is, we are near.',
    'Your business deserves better coffee',
    'We print your company name on mugs, shirts and signs for every trade.',
    'Ihre Adresse für gutes Brot',
    'Ihr Unternehmen in guten Händen',
    'Votre entreprise mérite un bon comptable',
    'La tua azienda merita di più',
    'Tu empresa en buenas manos',
    'Uw bedrijf verdient beter',
    'Wij bedrukken kleding met uw bedrijfsnaam',
    'Twoja firma w dobrych rękach',
    'Din virksomhed i gode hænder',
    'Insert coins here to play',
    'Test centre for drivers',
    'My company is my castle',
    '123 Main Road',
  ])('is not what a business says: %s', (text) => expect(judgeText(text)).toEqual([]));
});
