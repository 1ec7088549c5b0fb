import { describe, expect, test } from '@jest/globals';
import { parse } from 'parse5';
import { isLink } from '#core/link';
import { recordSchema, refusedAddresses, withoutRefused, type BusinessRecord } from '#core/record';
import { larkspur } from '#sample';
import { outputForms, writeMarkup } from './index.ts';

const HOSTILE = [
  'javascript:alert(1)',
  'JaVaScRiPt:alert(1)',
  'java\nscript:alert(1)',
  'java\tscript:alert(1)',
  ' javascript:alert(1)',
  '\u0001javascript:alert(1)',
  'javascript&colon;alert(1)//:x',
  'data:text/html,<script>alert(1)</script>',
  'vbscript:x',
  'blob:https://a.example/1',
  'file:///etc/passwd',
  'about:blank',
  'view-source:https://a.example/',
  'filesystem:https://a.example/x',
  'intent://scan/#Intent;end',
  'market:x',
];
const HARMLESS = [
  'https://larkspurvane.example/',
  'HTTP://larkspurvane.example/',
  'tel:+13605550142',
  'mailto:desk@larkspurvane.example',
  'sms:+13605550142?body=Hello',
  'geo:48.5,-122.6',
  '/menu',
  'menu.html',
  '//larkspurvane.example/menu',
  '?page=menu',
];

test.each(HOSTILE.filter((address) => !address.includes('&colon;')))('%j is no link', (address) =>
  expect(isLink(address)).toBe(false),
);
test.each(HARMLESS)('%j is a link', (address) => expect(isLink(address)).toBe(true));

/** The record with an address in every place that has one. */
const poisoned = (address: string): BusinessRecord =>
  recordSchema.parse({
    ...larkspur,
    id: address,
    url: address,
    hasMap: address,
    contactPage: address,
    hasMenu: address,
    acceptsReservations: address,
    orderAction: address,
    reserveAction: address,
    logo: address,
    email: address,
    telephone: address,
    messagingText: address,
    parentOrganization: { name: 'Parent', url: address, id: address, logo: address },
    additionalType: [address],
    sameAs: [address],
    areaServed: [{ name: 'Saltby', url: address }],
    contactPoint: [{ contactType: 'sales', telephone: address, email: address, url: address }],
    makesOffer: [{ name: 'Check-up', url: address, description: address }],
    department: [{ name: 'Night clinic', type: '', telephone: address, url: address, hours: '' }],
    founder: [{ name: 'Ada Vane', url: address }],
    image: [
      { url: address, caption: '', width: '', height: '' },
      { url: address, caption: 'Front', width: '', height: '' },
    ],
  });

/** Every address that the elements of a page lead to, as a browser reads them. */
function leads(html: string): string[] {
  const found: string[] = [];
  const walk = (node: { attrs?: { name: string; value: string }[]; childNodes?: unknown[] }): void => {
    for (const { name, value } of node.attrs ?? [])
      if (['href', 'src', 'action', 'formaction', 'data', 'srcset', 'ping'].includes(name)) found.push(value);
    for (const child of node.childNodes ?? []) walk(child as Parameters<typeof walk>[0]);
  };
  walk(parse(html));
  return found;
}
const schemeOf = (address: string): string => new URL(address, 'https://page.example/').protocol;

describe.each(HOSTILE)('a record full of %j', (address) => {
  const record = poisoned(address);
  test.each(outputForms)('leads nobody there as %s', (form) => {
    const schemes = new Set(leads(writeMarkup(record, form).text).map(schemeOf));
    for (const scheme of schemes)
      expect(['https:', 'http:', 'tel:', 'mailto:', 'sms:', 'geo:']).toContain(scheme);
  });
});

test('every place that has an address is looked at', () => {
  const address = 'javascript:alert(1)';
  const record = poisoned(address);
  // Texts that are no addresses may say anything.
  const texts = {
    ...withoutRefused(record),
    email: '',
    telephone: '',
    messagingText: '',
    contactPoint: [],
    department: [],
    makesOffer: [],
  };
  expect(JSON.stringify(texts)).not.toContain('javascript');
  expect(new Set(refusedAddresses(record).map(({ fact }) => fact)).size).toBe(20);
  expect(withoutRefused(record).makesOffer).toEqual([
    { name: 'Check-up', url: '', description: address, price: '' },
  ]);
  expect(withoutRefused(larkspur)).toBe(larkspur);
});
