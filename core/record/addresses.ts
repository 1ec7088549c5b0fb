import { isLink } from '#core/link';
import type { Fact } from './fact.ts';
import type { BusinessRecord } from './record.ts';

/** An address of the record that no visitor may be led by. */
export interface RefusedAddress {
  readonly fact: Fact;
  readonly address: string;
}

type Change = (address: string, fact: Fact) => string;

/** The record with each of its addresses changed: every fact, and every field of an entry, that can become a link. */
function withAddresses(record: BusinessRecord, change: Change): BusinessRecord {
  const one = (fact: keyof BusinessRecord & Fact): string => change(String(record[fact]), fact);
  const named = <T extends { readonly url: string }>(entries: readonly T[], fact: Fact): T[] =>
    entries.map((entry) => ({ ...entry, url: change(entry.url, fact) }));
  const { parentOrganization: parent } = record;
  return {
    ...record,
    id: one('id'),
    url: one('url'),
    hasMap: one('hasMap'),
    contactPage: one('contactPage'),
    hasMenu: one('hasMenu'),
    acceptsReservations: one('acceptsReservations'),
    orderAction: one('orderAction'),
    reserveAction: one('reserveAction'),
    logo: one('logo'),
    parentOrganization: {
      ...parent,
      url: change(parent.url, 'parentOrganization.url'),
      id: change(parent.id, 'parentOrganization.id'),
      logo: change(parent.logo, 'parentOrganization.logo'),
    },
    additionalType: record.additionalType.map((address) => change(address, 'additionalType')),
    sameAs: record.sameAs.map((address) => change(address, 'sameAs')),
    areaServed: named(record.areaServed, 'areaServed'),
    contactPoint: named(record.contactPoint, 'contactPoint'),
    makesOffer: named(record.makesOffer, 'makesOffer'),
    department: named(record.department, 'department'),
    founder: named(record.founder, 'founder'),
    image: named(record.image, 'image'),
  };
}

/** The addresses of a record that may not become links (see `isLink`): script, content and the like. */
export function refusedAddresses(record: BusinessRecord): readonly RefusedAddress[] {
  const refused: RefusedAddress[] = [];
  withAddresses(record, (address, fact) => {
    if (address.trim() && !isLink(address)) refused.push({ fact, address });
    return address;
  });
  return refused;
}

/** The record without them, for whatever comes from elsewhere: entries keep what else they say, lists lose the address. */
export function withoutRefused(record: BusinessRecord): BusinessRecord {
  if (refusedAddresses(record).length === 0) return record;
  const kept = withAddresses(record, (address) => (isLink(address) ? address : ''));
  return {
    ...kept,
    additionalType: kept.additionalType.filter(Boolean),
    sameAs: kept.sameAs.filter(Boolean),
    image: kept.image.filter(({ url }) => url),
  };
}

/** Why a record is not placed, in words; '' where nothing stands against it. */
export function refusalOfAddresses(record: BusinessRecord, labelOf: (fact: Fact) => string): string {
  const [first] = refusedAddresses(record);
  if (!first) return '';
  const shown = first.address.trim().slice(0, 60);
  return `${labelOf(first.fact)} is “${shown}”, which no visitor may be led by: only web addresses, telephone numbers, mail, text messages and map points become links. Mend the record first; nothing was placed.`;
}
