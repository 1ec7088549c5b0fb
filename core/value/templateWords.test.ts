import { describe, expect, test } from '@jest/globals';
import { judgeText } from './index.ts';
import { isPageTitle } from './templateWords.ts';

const isLeft = (text: string, property?: string): boolean =>
  judgeText(text, property).some(({ code }) => code === 'value/placeholder');

describe('what a template says of a field', () => {
  test.each([
    ['description', 'Enter description here', 'Description goes here', 'Add your text here', 'Sample text'],
    [
      'description',
      'Beschreibung hier einfügen',
      'Hier steht Ihr Text',
      'Texte de description ici',
      'Votre description',
    ],
    [
      'description',
      'Tu descripción aquí',
      'Texto de ejemplo',
      'Inserisci qui la descrizione',
      'Voer hier uw tekst in',
    ],
    [
      'description',
      'Wpisz opis firmy',
      'ここに説明を入力',
      'Just another Press site',
      'Descripción de la empresa',
    ],
    ['name', 'Your Business', 'Sample Business', 'Demo Site', 'Enter company name', 'Name', 'New Location'],
    [
      'name',
      'Mein Unternehmen',
      'Mon entreprise',
      'Mi empresa',
      'La mia azienda',
      'Moja firma',
      '株式会社〇〇',
    ],
    [
      'streetAddress',
      '1234 Street Name',
      'Your Street 1',
      'Straße und Hausnummer',
      'Musterstr. 1',
      'Beispielstraße 12',
    ],
    ['streetAddress', 'Adresse', 'Rue de l’exemple 1', 'Nombre de la calle 5', '住所', '-'],
    ['addressLocality', 'City', 'Stadt', 'Ville', 'Ciudad', 'Città', '市区町村', 'Your City'],
    ['postalCode', 'ZIP', 'Postleitzahl', 'Code postal'],
  ])('as %s: %s, …', (property, ...texts) => {
    expect(texts.filter((text) => !isLeft(text, property))).toEqual([]);
  });

  test.each([
    [
      'name',
      'The Type Company',
      'La Firma',
      'On Business',
      'My Shop',
      'The Company Store',
      'Her Company',
      'Ici Café',
    ],
    [
      'name',
      'Our Place',
      'City',
      'Add a Room',
      'Mi Tierra',
      'Nom Nom',
      'Text & Co',
      'Stadt Apotheke',
      'Name it',
    ],
    [
      'addressLocality',
      'Villé',
      'None',
      'Nan',
      'Oras',
      'Bourg',
      'Ort im Innkreis',
      'Mexico City',
      'Kansas City',
    ],
    ['streetAddress', 'Straße 52', 'Calle 5', 'Rue Neuve 3', 'Street Road 12', 'Via Roma 1', 'Gate 4'],
    [
      'description',
      'Your city, your bakery.',
      'We write texts for companies here in town.',
      'Enter the harbour here.',
    ],
  ])('and what is said in earnest as %s: %s, …', (property, ...texts) => {
    expect(texts.filter((text) => isLeft(text, property))).toEqual([]);
  });

  test('is looked for in a business, and not in the pages of a directory', () => {
    expect(isLeft('Add your business here', 'description')).toBe(true);
    expect(isLeft('Add your business here')).toBe(false);
    expect(isLeft('Company', 'constructor')).toBe(false);
  });
});

test.each([
  '[vc_row]Good[/vc_row]',
  'Good [gallery ids="1,2"] bread',
  '@Model.Description',
  '%description%',
  'Call %site_phone%, now',
  'NaN',
])('what was never filled in is told of any text: %s', (text) => expect(isLeft(text)).toBe(true));

test.each([
  'Bread [and cakes]',
  'Read more […]',
  '100 %rye% off',
  'ask@Model.example',
  '[sic] said',
  '50%off%',
])('and brackets and signs of a sentence are none: %s', (text) => expect(isLeft(text)).toBe(false));

test('the title of a page is no name', () => {
  for (const title of [
    'Home',
    'Startseite',
    'Page d’accueil',
    'Über uns',
    'LocalBusiness',
    'トップページ',
    '首页',
  ])
    expect([title, isPageTitle(title)]).toEqual([title, true]);
  for (const name of ['Home Bakery', 'Kontakt Optik', 'The Welcome Inn', 'Start', 'Inicio Café'])
    expect([name, isPageTitle(name)]).toEqual([name, false]);
});
