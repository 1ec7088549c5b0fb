import { describe, expect, test } from '@jest/globals';
import { judgePlaceholderMail, judgeText } from './index.ts';

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
    'Fox & {{ partner.name }} of London',
    '{% block name %}',
    '${name}',
    '#{shop.name}',
    '<?php echo $name; ?>',
    '<?= $name ?>',
    '<%= name %>',
    '%%sitename%%',
    '*|COMPANY|*',
    '[[pagetitle]]',
    '%1$s',
    '%s',
    '%SITE_NAME%',
    '__NAME__',
    '{name}',
    '<Business name>',
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
    '50% off for 100% cotton',
    'Save $5 {on Mondays} only',
    'Shop <3',
    'Price in $',
    'C# {and} more',
  ])('is not what a business says: %s', (text) => expect(judgeText(text)).toEqual([]));
});

test.each([
  ...['your@email.com', 'email@example.com', 'name@domain.com', 'youremail@post.example', 'ihre@email.de'],
  ...[
    'tu@correo.com',
    'mail@musterfirma.de',
    'info@mysite.com',
    'you@example.com',
    'deine-adresse@post.example',
  ],
])('an address of mail that a form comes with is told: %s', (email) =>
  expect(judgePlaceholderMail(email).map(({ code }) => code)).toEqual(['value/placeholder']),
);

test.each(['info@example.com', 'email@larkspur.example', 'name@larkspur.example', 'yours@larkspur.example'])(
  'and one that may be a business’s is not: %s',
  (email) => expect(judgePlaceholderMail(email)).toEqual([]),
);
