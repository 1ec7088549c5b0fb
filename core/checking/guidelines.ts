import { describe, groupsOfBusinesses } from '#core/agreement';
import type { FaultCode } from '#core/fault';
import { isWritten } from '#core/html';
import {
  asidesOf,
  businessesIn,
  isLocalBusiness,
  isPlaceOfBusiness,
  isVisitedPlace,
  type Reading,
  recordFromItem,
  shownMarkup,
  placeShown,
} from '#core/reading';
import { aroundOf, knownFacts } from '#core/record';
import { eachItem, valuesOf, type ReadItem } from '#core/item';
import type { Edit } from '#core/text';
import { areOf, isPropertyOf, isSubtype, propertyNamed } from '#core/vocabulary';
import { finding, type Finding } from '#core/fault';
import { propertiesMeant } from './meant.ts';
import type { Profile, Want } from './profile.ts';
import { placeOfMissing } from './unsaid.ts';
import { renamed } from './spot.ts';

const CODES: Readonly<Record<Want['weight'], FaultCode>> = {
  required: 'guideline/required',
  recommended: 'guideline/recommended',
  'worth-having': 'guideline/worth-having',
};

/** Family `guideline`, and whether there is a local business at all; `mentioned` are those with a page elsewhere. */
export function judgeGuidelines(
  reading: Reading,
  profile: Profile,
  mentioned: ReadonlySet<ReadItem>,
): readonly Finding[] {
  const businesses = businessesIn(reading.items).filter(isSubjectOf(reading.items));
  const local = businesses.filter(isLocalBusiness);
  const placed = businesses.filter((item) => valuesOf(item, 'address').length > 0);
  const [first] = businesses.filter(isPlaceOfBusiness);
  const subjects = local.length > 0 ? local : placed.length > 0 ? placed : first ? [first] : [];
  if (subjects.length === 0) {
    const place = profile.needsBusiness ? reading.items.find(isReached) : undefined;
    if (place) return [noLocalBusiness(reading, place, 'a place')];
    return profile.needsBusiness ? noBusiness(reading) : [];
  }
  const twins = saidByTwins(businesses);
  const elsewhere = saidInOtherSyntax(businesses);
  const scenes = scenesIn(reading.items);
  const needs = { ...profile, wants: profile.wants.filter(({ weight }) => weight === 'required') };
  const missing = subjects
    .filter((item) => !mentioned.has(item))
    .flatMap((item) =>
      wantsOf(
        item,
        scenes.has(item) ? needs : profile,
        [...brokenIn(item, reading), ...twins(item)],
        elsewhere(item),
        reading.source,
      ),
    );
  if (local.length > 0 || !profile.needsBusiness) return missing;
  const others = subjects.filter((item) => !isVisitedPlace(item));
  return [...others.map((item) => noLocalBusiness(reading, item, 'an organisation')), ...missing];
}

/** What is a page's subject, where it is there: who publishes it is not. */
const TEXTS = ['Article', 'HowTo', 'JobPosting', 'QAPage', 'DiscussionForumPosting', 'Book', 'Dataset'];

/** Whether a business may be what a page is about: an organisation that publishes an article or a recipe is not. */
function isSubjectOf(items: readonly ReadItem[]): (item: ReadItem) => boolean {
  const isText = ({ types }: ReadItem): boolean =>
    types.some((type) => TEXTS.some((text) => isSubtype(type, text)));
  return items.some(isText) ? ({ types }) => areOf(types, 'Place') : () => true;
}

/** Where an event takes place, where a job is, and what somebody reviews: the page is about something else. */
const SCENE = new Set(['location', 'joblocation', 'itemreviewed']);

function scenesIn(items: readonly ReadItem[]): ReadonlySet<ReadItem> {
  const scenes = new Set<ReadItem>();
  for (const { item, within } of eachItem(items))
    if (SCENE.has(within?.name.toLowerCase() ?? '')) scenes.add(item);
  return scenes;
}

function noLocalBusiness(reading: Reading, item: ReadItem, what: string): Finding {
  const message = `${item.types.join(', ')} is ${what}, but no LocalBusiness to a machine. Write "LocalBusiness" beside it: "@type": ["${item.types[0] ?? ''}", "LocalBusiness"].`;
  const edits = besideType(reading, item);
  return finding('vocabulary/no-local-business', message, item.typePlace, '@type', { edits });
}

/** A place that is reached as businesses are: it has an address, and a number or hours. */
const isReached = ({ types, properties }: ReadItem): boolean => {
  const has = (name: string): boolean => properties.some((one) => one.name === name);
  return (
    types.includes('Place') &&
    has('address') &&
    (has('telephone') || has('openingHours') || has('openingHoursSpecification'))
  );
};

/** LocalBusiness written beside the type, where one JSON text says the type and the business has an address. */
function besideType({ source }: Reading, { syntax, typePlace, types, properties }: ReadItem): Edit[] | null {
  const { start, end } = typePlace;
  const placed = properties.some(({ name }) => name === 'address');
  const isText = syntax === 'jsonld' && types.length === 1 && /^"[^"]*"$/.test(source.slice(start, end));
  return placed && isText ? [{ start, end, text: `[${source.slice(start, end)}, "LocalBusiness"]` }] : null;
}

/** Where JSON is so broken that nothing was read, its own findings say enough; of a text without tags nobody expects any. */
function noBusiness(reading: Reading): readonly Finding[] {
  if (reading.faults.some(({ code }) => code.startsWith('syntax/')) || standsAside(reading)) return [];
  const place = reading.lines.place(0, 0);
  const types = [...new Set(reading.items.flatMap((item) => item.types))];
  if (reading.items.length > 0) {
    const what = types.slice(0, 5).join(', ') || 'without types';
    const message = `There is markup here (${what}), but none of it describes a business.`;
    return [finding('structure/other-markup', message, place)];
  }
  const shown = reading.visible && shownMarkup(reading.visible);
  if (reading.visible && shown) {
    const place = placeShown(reading.visible, reading, shown);
    const asText =
      'The markup stands on the page as text: visitors read it, and machines pass over it. Paste it into a field for code or raw HTML.';
    return [finding('structure/shown-markup', asText, place)];
  }
  // A listing pasted as text is no page.
  if (reading.visible?.text && reading.document?.elements.some(isWritten) !== true) return [];
  const message = 'A machine finds no markup of a business here, neither JSON-LD nor microdata.';
  return [finding('structure/no-business', message, place)];
}

/** Whether a business is described where machines do not look, which is told of there. */
const standsAside = ({ document, source }: Reading): boolean =>
  document !== undefined &&
  asidesOf(document).some(({ start, end }) =>
    [...source.slice(start, end).matchAll(/\b[A-Z][A-Za-z]+/g)].some(([word]) =>
      isSubtype(word, 'LocalBusiness'),
    ),
  );

/** What other objects of the same `@id` say, which contradict it elsewhere and so are no part of it. */
function saidByTwins(businesses: readonly ReadItem[]): (item: ReadItem) => readonly string[] {
  const keyOf = ({ id, syntax }: ReadItem): string => `${syntax} ${id ?? ''}`;
  const said = new Map<string, Set<string>>();
  const count = new Map<string, number>();
  for (const item of businesses) {
    if (item.id === null) continue;
    const names = said.get(keyOf(item)) ?? new Set();
    said.set(keyOf(item), names);
    for (const { name } of item.properties) names.add(name);
    count.set(keyOf(item), (count.get(keyOf(item)) ?? 0) + 1);
  }
  return (item) =>
    item.id !== null && (count.get(keyOf(item)) ?? 0) > 1 ? [...(said.get(keyOf(item)) ?? [])] : [];
}

/** What the same business is told to have in another syntax of the page: a footer may repeat name, address and number. */
function saidInOtherSyntax(businesses: readonly ReadItem[]): (item: ReadItem) => ReadonlySet<string> {
  const said = new Map<ReadItem, ReadonlySet<string>>();
  if (new Set(businesses.map(({ syntax }) => syntax)).size > 1)
    for (const group of groupsOfBusinesses(
      businesses.map((item) => ({ item, ...describe(item) })),
      (one) => one,
    ))
      for (const { item } of group) {
        const others = group.filter(({ syntax }) => syntax !== item.syntax);
        said.set(item, new Set(others.flatMap((one) => one.item.properties.map(({ name }) => name))));
      }
  return (item) => said.get(item) ?? NOTHING;
}
const NOTHING: ReadonlySet<string> = new Set();

/** Names whose values are lost to a fault that is told already: of JSON, or of where RDFa stands. */
const brokenIn = ({ syntax, unsaid = [] }: ReadItem, { faults, astray }: Reading): readonly string[] =>
  syntax === 'rdfa'
    ? astray.map(({ name }) => name)
    : faults.some(({ code }) => code.startsWith('syntax/'))
      ? unsaid.map(({ name }) => name)
      : [];

/** What a profile wants of an item and it has not; what `elsewhere` has is not asked of it again, but for what is required. */
function wantsOf(
  item: ReadItem,
  { wants }: Profile,
  broken: readonly string[],
  elsewhere: ReadonlySet<string>,
  source: string,
): readonly Finding[] {
  const meant = propertiesMeant(item);
  const astray = heldByParts(item);
  const around = aroundOf(recordFromItem(item));
  const spared = knownFacts.flatMap((fact) => (fact.spared?.(around) ? [fact.property] : []));
  const has = (name: string): boolean =>
    broken.includes(name) ||
    meant.has(name) ||
    astray.has(name) ||
    item.properties.some((property) => property.name === name);
  // The lists are those of local businesses: what else people go to may have the same, and need not.
  const isAsked = isLocalBusiness(item) || !isVisitedPlace(item);
  return wants
    .filter(
      ({ properties, of, weight }) =>
        !properties.some((name) => has(name) || spared.includes(name)) &&
        (weight === 'required' || !properties.some((name) => elsewhere.has(name))) &&
        properties.some((name) => isAsked || !propertyNamed(name) || isPropertyOf(name, item.types)) &&
        (!of || item.types.some((type) => isSubtype(type, of))),
    )
    .map(({ properties: [name = ''], weight: listed, why }) => {
      const weight = isAsked ? listed : 'worth-having';
      const verb = {
        required: 'is missing, and the guidelines require it',
        recommended: 'is missing; the guidelines recommend it',
        'worth-having': 'is not given',
      }[weight];
      const said = name === 'address' ? addressUnderLocation(item, source) : undefined;
      if (said) return said;
      return finding(CODES[weight], `${name} ${verb}. ${why}`.trim(), placeOfMissing(item, name), name);
    });
}

/**
 * What stands in a part of an item and belongs to the item, which is told there: of a part that holds several such all
 * that the item may have, as its element was not closed before them.
 */
function heldByParts({ types, properties }: ReadItem): ReadonlySet<string> {
  const held = properties.flatMap(({ value }) => {
    if (value.kind !== 'item') return [];
    const part = value.item;
    const names = part.properties.map(({ name }) => name).filter((name) => isPropertyOf(name, types));
    const astray = names.filter((name) => !isPropertyOf(name, part.types));
    return astray.length > 1 ? names : astray;
  });
  return new Set(held);
}

/** A business's own address that stands under `location`, which is of what takes place somewhere; undefined for none. */
function addressUnderLocation({ properties }: ReadItem, source: string): Finding | undefined {
  const property = properties.find(
    ({ name, value }) =>
      name === 'location' && value.kind === 'item' && value.item.types.includes('PostalAddress'),
  );
  if (!property) return undefined;
  const message =
    'address is missing, and the guidelines require it. What location holds here is an address: write address.';
  return finding('guideline/required', message, property.namePlace, 'address', {
    edits: renamed(source, property, 'address'),
    guess: true,
  });
}
