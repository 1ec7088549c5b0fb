import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { check } from './index.ts';

const source = (address: string, telephone: string): string =>
  `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Bakery","name":"Krume","telephone":"${telephone}","address":"${address}"}</script>`;

/** The address that the mend of an address in one text gives; undefined where it has none. */
function inParts(address: string, telephone: string): unknown {
  const text = source(address, telephone);
  const told = check(text).findings.find(({ code }) => code === 'guideline/address-text');
  expect(told).toBeDefined();
  expect(told?.mend?.certain ?? false).toBe(false);
  if (!told?.mend) return undefined;
  const mended = applyEdits(text, told.mend.edits);
  expect(check(mended).findings.map(({ code }) => code)).not.toContain('guideline/address-text');
  return (JSON.parse(/\{.*\}/.exec(mended)?.[0] ?? '') as { address: unknown }).address;
}

describe('an address that is one text', () => {
  test('is offered in parts, in the country that it or its telephone names', () => {
    expect(inParts('Hauptstraße 5, 10115 Berlin', '+49 30 901820')).toEqual({
      '@type': 'PostalAddress',
      streetAddress: 'Hauptstraße 5',
      addressLocality: 'Berlin',
      postalCode: '10115',
      addressCountry: 'DE',
    });
    expect(inParts('Rua Augusta, 1500 - Consolação, São Paulo - SP, 01304-001', '+55 11 3085 1234')).toEqual({
      '@type': 'PostalAddress',
      streetAddress: 'Rua Augusta, 1500 - Consolação',
      addressLocality: 'São Paulo',
      addressRegion: 'SP',
      postalCode: '01304-001',
      addressCountry: 'BR',
    });
    expect(inParts('〒530-0001 大阪府大阪市北区梅田3-1-1', '+81 6-6346-1234')).toMatchObject({
      streetAddress: '梅田3-1-1',
      addressLocality: '大阪市北区',
      postalCode: '530-0001',
    });
  });

  test('is left where it can be read in two ways', () => {
    expect(inParts('Hauptstraße 5, 10115 Berlin', '030 901820')).toBeUndefined();
    expect(inParts('Rose Cottage, The Green, Saltby', '+44 1872 225500')).toBeUndefined();
  });
});
