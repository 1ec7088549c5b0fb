import type { Finding } from '#core/fault';
import { eachItem, itemsOf, valuesOf, type ReadItem } from '#core/item';
import { businessesIn, type Reading } from '#core/reading';
import type { Place } from '#core/text';
import { belongsTo, isSubtype, propertyNamed } from '#core/vocabulary';
import { idAround } from './itemref.ts';
import { beginsAt, holds, holdsOne, itemsAround, standsIn } from './stretches.ts';

/** Whether a finding only follows from another. */
type Follows = (one: Finding) => boolean;

/** Findings without those that only follow from another of the same item, element or value. */
export function withoutConsequences(all: readonly Finding[], reading: Reading): Finding[] {
  const items = (): readonly ReadItem[] => eachItem(reading.items).map(({ item }) => item);
  const rules = [
    fromBadHours(all, items),
    fromPassedOver(all),
    fromScopeless(all, reading),
    fromLoose(all, items),
    fromCutItem(all),
    fromStrays(all, reading),
    fromMisspelt(all),
    fromKeyword(all, items),
    fromBrackets(all, reading),
    fromOpenQuote(all, reading, items),
    fromUnknownType(all, items),
    fromNoLocalBusiness(all, items),
    fromNoVocabulary(all, items),
    fromWrongVocabulary(all, reading),
    fromMisformed(all),
    fromBadValue(all),
    fromUnfilled(all),
    fromMissing(all),
    fromSeenAddress(all, items),
    fromNoBusiness(all, items),
    fromCountryElsewhere(all, items),
    fromLostAddress(all, reading),
  ].filter((rule) => rule !== undefined);
  return all.filter((one) => !rules.some((follows) => follows(one)));
}

/** Where findings of a kind stand; undefined where there are none. */
function placesOf(all: readonly Finding[], is: (one: Finding) => boolean): readonly Place[] | undefined {
  const places = all.filter(is).map(({ place }) => place);
  return places.length > 0 ? places : undefined;
}

/** Faults of hours themselves, from which it follows that visitors read others. */
const BAD_HOURS = new Set<Finding['code']>([
  'value/time',
  'value/day',
  'value/hours',
  'value/hours-incomplete',
  'value/hours-backwards',
  'value/hours-contradiction',
  'value/placeholder',
]);
const isTime = (property: string | null): boolean => /^(?:dayOfWeek|opens|closes)$/.test(property ?? '');
const isHours = (property: string | null): boolean => property?.startsWith('openingHours') ?? false;

/** Hours that machines cannot read contradict no visitor: where the markup's own stand, the fault is told. */
function fromBadHours(all: readonly Finding[], items: () => readonly ReadItem[]): Follows | undefined {
  const bad = placesOf(
    all,
    ({ code, property }) =>
      BAD_HOURS.has(code) || (code === 'vocabulary/enumeration' && property === 'dayOfWeek'),
  );
  if (!bad) return undefined;
  const around = itemsAround(
    items().filter(({ properties }) => properties.some(({ name }) => isHours(name))),
  );
  return ({ code, property, place, related }) => {
    if (code !== 'agreement/visitor' || !isHours(property)) return false;
    const places = [place, ...related.map((one) => one.place)];
    const businesses = places.flatMap((one) => [...around(one)].slice(0, 1));
    if (businesses.length === 0) return true;
    const own = businesses.flatMap(({ properties }) => properties.filter(({ name }) => isHours(name)));
    return bad.some((one) => own.some((hours) => holds(hours.place, one)));
  };
}

/** What a machine reads beside an attribute that it passes over is told with that. */
function fromPassedOver(all: readonly Finding[]): Follows | undefined {
  const passedOver = placesOf(all, ({ code }) => code === 'structure/content-ignored');
  const isInside = passedOver && standsIn(passedOver);
  return isInside && (({ code, place }) => code.startsWith('value/') && isInside(place));
}

/** What is told of values and names that stand in no item of their own. */
const OF_THE_ITEM_AROUND =
  /^(?:structure\/itemprop-(?:outside|idle)|value\/empty|vocabulary\/(?:not-of-type|value-kind)|guideline\/address-text)$/;

/** What stands where an item should begin seems to be the item's around it. */
function fromScopeless(all: readonly Finding[], { document }: Reading): Follows | undefined {
  const tags = placesOf(
    all,
    ({ code }) => code === 'structure/no-itemscope' || code === 'structure/no-typeof',
  );
  if (!tags) return undefined;
  const isTag = new Set(tags.map(({ start }) => start));
  const isInside = standsIn((document?.marked ?? []).filter(({ start }) => isTag.has(start)));
  const isOfHours = all.some(({ code, property }) => code === 'structure/no-itemscope' && isHours(property));
  return ({ code, property, place }) =>
    (OF_THE_ITEM_AROUND.test(code) && isInside(place)) ||
    code === 'structure/no-business' ||
    (isOfHours && /^agreement\/(?:visitor|hours-among-others)$/.test(code) && isHours(property));
}

/** What an item has that is not tied to it, or by a misspelt attribute, is not missing, and hours that are not contradict no visitor. */
function fromLoose(all: readonly Finding[], items: () => readonly ReadItem[]): Follows | undefined {
  const loose = all.filter(({ code }) => code === 'structure/loose' || code === 'structure/misspelt');
  if (loose.length === 0) return undefined;
  const isOfHours = loose.some(({ property }) => isHours(property) || isTime(property));
  const around = itemsAround(items());
  // What is loose begins an item itself, and stands in another.
  const lacking = new Set(
    loose.flatMap(({ property, place }) =>
      [...around(place)]
        .slice(0, 2)
        .flatMap((item) =>
          [item.place, item.typePlace].map(({ start }) => `${property ?? ''} ${String(start)}`),
        ),
    ),
  );
  const split = itemsSplitOff(loose, around);
  const isLoose = standsIn(loose.map(({ place }) => place));
  const isLacking = (property: string | null, { start }: Place): boolean =>
    lacking.has(`${property ?? ''} ${String(start)}`);
  return ({ code, property, place }) =>
    (isOfHours && isHours(property) && /^agreement\/(?:visitor|hours-among-others)$/.test(code)) ||
    (/^(?:guideline|value)\//.test(code) && isLacking(property, place)) ||
    split({ code, property, place }) ||
    (code === 'guideline/incomplete' && property === 'itemReviewed' && isLoose(place)) ||
    (code === 'structure/no-type' && isLacking('@type', place));
}

/** Whether a finding is of a business that belongs to the one around it, or of what that one lacks and stands here. */
function itemsSplitOff(
  loose: readonly Finding[],
  around: (place: Place) => Iterable<ReadItem>,
): (one: Pick<Finding, 'code' | 'property' | 'place'>) => boolean {
  const [inners, held, names] = [new Set<number>(), new Set<string>(), new Set<number>()];
  const keyOf = (start: number, name: string): string =>
    `${String(start)} ${isHours(name) ? 'openingHours' : name}`;
  for (const { property, place } of loose) {
    const [inner, outer] = property === '@type' ? [...around(place)] : [];
    if (!inner) continue;
    inners.add(inner.typePlace.start);
    for (const { name, namePlace } of inner.properties) {
      names.add(namePlace.start);
      if (outer) held.add(keyOf(outer.typePlace.start, name));
    }
  }
  return ({ code, property, place: { start } }) =>
    code === 'vocabulary/not-of-type'
      ? names.has(start)
      : code.startsWith('guideline/') && (inners.has(start) || held.has(keyOf(start, property ?? '')));
}

/** What stands behind an item that a browser ends early is not missing in it. */
function fromCutItem(all: readonly Finding[]): Follows | undefined {
  const cut = placesOf(
    all,
    ({ code, property }) => code === 'structure/itemprop-outside' && property === null,
  );
  const isOfIt = cut && standsIn(cut);
  return (
    isOfIt && (({ code, place }) => /^guideline\/(?:required|recommended|worth)/.test(code) && isOfIt(place))
  );
}

/** What stands outside an item is not missing in the only one there is, nor told again where an `itemref` was to name it. */
function fromStrays(all: readonly Finding[], { document, items }: Reading): Follows | undefined {
  const strays = all.filter(({ code }) => code === 'structure/itemprop-outside');
  const [business, ...others] = businessesIn(items).filter(({ syntax }) => syntax === 'microdata');
  if (strays.length === 0 || !business || others.length > 0) return undefined;
  const names = new Set(strays.map(({ property }) => property ?? ''));
  const lacks = (name: string): boolean => names.has(name) || (isHours(name) && [...names].some(isHours));
  const isReferred = all.some(({ code }) => code === 'structure/itemref');
  const isStray = beginsAt(strays.map(({ place }) => place));
  const withId = new Set(
    (isReferred ? (document?.marked ?? []) : []).flatMap((one) =>
      isStray(one) && idAround(one) ? [one.start] : [],
    ),
  );
  return ({ code, property, place }) =>
    (code.startsWith('guideline/') && place.start === business.typePlace.start && lacks(property ?? '')) ||
    (code === 'structure/itemprop-outside' && withId.has(place.start));
}

/** A type or a vocabulary that is given in a misspelt attribute is not missing. */
function fromMisspelt(all: readonly Finding[]): Follows | undefined {
  const types = placesOf(all, ({ code, property }) => code === 'structure/misspelt' && property === '@type');
  const isGiven = types && holdsOne(types);
  return (
    isGiven &&
    (({ code, place }) =>
      code === 'structure/no-vocab' ||
      code === 'structure/no-business' ||
      (/^structure\/no-(?:typeof|itemscope|type)$/.test(code) && isGiven(place)))
  );
}

/** An item whose type stands under another name is told that, and not that it has none. */
function fromKeyword(all: readonly Finding[], items: () => readonly ReadItem[]): Follows | undefined {
  const meant = placesOf(all, ({ mend }) => mend?.edits.some(({ text }) => text === '"@type"') ?? false);
  if (!meant) return undefined;
  const around = itemsAround(items());
  const isMeant = beginsAt(
    meant.flatMap((place) => [...around(place)].slice(0, 1).map(({ typePlace }) => typePlace)),
  );
  return ({ code, place }) => code === 'structure/no-type' && isMeant(place);
}

/** What brackets that do not close what they should make of a script: parts of it stand in others, and at the top. */
const OF_BRACKETS =
  /^(?:syntax\/(?:missing-context|duplicate-name|unexpected-text|trailing-comma)|structure\/(?:no-type|reference)|vocabulary\/not-of-type|guideline\/)/;

const OF_DAMAGE =
  /^(?:syntax\/(?:missing-context|duplicate-name)|structure\/no-type|vocabulary\/not-of-type)$/;

/** Where brackets of a script fail, that is told at the first of them, and not what follows from it. */
function fromBrackets(all: readonly Finding[], { document, source }: Reading): Follows | undefined {
  const isBracket = ({ code, place }: Finding): boolean =>
    code === 'syntax/missing-bracket' ||
    (code === 'syntax/unexpected-text' && /^[,\s]*[{}[\]]/.test(source.slice(place.start, place.end)));
  const scripts = document?.elements.filter(({ name }) => name === 'script') ?? [];
  const around = (place: Place): Pick<Place, 'start' | 'end'> =>
    scripts.find((one) => holds(one, place)) ?? { start: 0, end: source.length };
  const firsts = new Map<
    number,
    { readonly first: Finding; readonly script: Pick<Place, 'start' | 'end'> }
  >();
  for (const first of all.filter(isBracket)) {
    const script = around(first.place);
    const known = firsts.get(script.start)?.first.place.start ?? Infinity;
    if (first.place.start < known) firsts.set(script.start, { first, script });
  }
  const signs = placesOf(all, ({ code }) => OF_DAMAGE.test(code));
  const isDamaged = signs && holdsOne(signs);
  const damaged = isDamaged ? [...firsts.values()].filter(({ script }) => isDamaged(script)) : [];
  if (damaged.length === 0) return undefined;
  const isFirst = new Set(damaged.map(({ first }) => first));
  const isInside = standsIn(damaged.map(({ script }) => script));
  return (one) => OF_BRACKETS.test(one.code) && !isFirst.has(one) && isInside(one.place);
}

/** What a value that runs on over other tags says is told with that. */
function fromOpenQuote(
  all: readonly Finding[],
  { document }: Reading,
  items: () => readonly ReadItem[],
): Follows | undefined {
  const open = placesOf(all, ({ code }) => code === 'structure/open-quote');
  const isThere = open && beginsAt(open);
  const tags = isThere ? (document?.marked ?? []).filter(isThere) : [];
  const isInside = standsIn(tags.map(({ start, contentStart }) => ({ start, end: contentStart })));
  const isOfVocabulary = tags.some(({ attributes }) => /[<>]/.test(attributes['vocab'] ?? ''));
  if (!isThere) return undefined;
  const aroundThem = new Set<ReadItem>();
  const around = itemsAround(items());
  for (const tag of tags)
    for (const item of around({ start: tag.start, end: tag.contentStart })) {
      if (aroundThem.has(item)) break; // and all around it
      aroundThem.add(item);
    }
  const isAround = new Set([...aroundThem].flatMap(({ place, typePlace }) => [place.start, typePlace.start]));
  const first = Math.min(...tags.slice(0, 1).map(({ start }) => start));
  return ({ code, place }) =>
    (/^(?:value|agreement|vocabulary|structure\/itemtype)\/?/.test(code) && isInside(place)) ||
    (code === 'value/empty' && isThere(place)) ||
    // Names under a vocabulary of no name are of none.
    (isOfVocabulary && /^(?:vocabulary|value|guideline|agreement)\//.test(code)) ||
    // The end tags of what it swallows end what is around.
    (/^(?:structure\/itemprop-outside|vocabulary\/not-of-type)$/.test(code) && first < place.start) ||
    // What it swallows is not missing.
    (/^(?:guideline\/re|value\/address-part)/.test(code) && isAround.has(place.start));
}

/** A type that nobody knows is no local business either, and what such an item holds is no business by itself. */
function fromUnknownType(all: readonly Finding[], items: () => readonly ReadItem[]): Follows | undefined {
  const unknown = placesOf(
    all,
    ({ code, property }) =>
      code === 'vocabulary/unknown-type' || (code === 'vocabulary/capitals' && property === '@type'),
  );
  const untyped = placesOf(all, ({ code }) => /^structure\/no-type(?:of)?$/.test(code));
  if (!unknown && !untyped) return undefined;
  const isThere = beginsAt([...(unknown ?? []), ...(untyped ?? [])]);
  const theirs = items().filter(({ typePlace }) => isThere(typePlace));
  const isInside = standsIn(theirs.map(({ place }) => place));
  const hasAddress = ({ properties }: ReadItem): boolean => properties.some(({ name }) => name === 'address');
  const isOfPlace = standsIn(theirs.filter(hasAddress).map(({ place }) => place));
  return ({ code, place }) =>
    // Whether it describes a business is seen when it has its type.
    code === 'structure/other-markup' ||
    (code === 'vocabulary/no-local-business' && isThere(place)) ||
    (/^(?:guideline|agreement)\//.test(code) &&
      isInside(place) &&
      // What contradicts a visitor does so under any type, where it is told of a place.
      !(code === 'agreement/visitor' && isOfPlace(place)));
}

/** What only a local business has belongs to an organisation or a place once its type says that it is one. */
function fromNoLocalBusiness(all: readonly Finding[], items: () => readonly ReadItem[]): Follows | undefined {
  const told = placesOf(all, ({ code }) => code === 'vocabulary/no-local-business');
  const isTold = told && beginsAt(told);
  if (!isTold) return undefined;
  const names = items().flatMap(({ typePlace, properties }) => (isTold(typePlace) ? properties : []));
  const isTheirs = beginsAt(names.map(({ namePlace }) => namePlace));
  return ({ code, property, place }) => {
    const known =
      code === 'vocabulary/not-of-type' && isTheirs(place) ? propertyNamed(property ?? '') : undefined;
    return known !== undefined && belongsTo(known, ['LocalBusiness']);
  };
}

/** What bare names say means nothing under a context that names schema.org for a prefix only, and is not missing. */
function fromNoVocabulary(all: readonly Finding[], items: () => readonly ReadItem[]): Follows | undefined {
  const bare = placesOf(all, ({ code }) => code === 'syntax/no-vocabulary');
  const isInside =
    bare && standsIn(items().flatMap(({ place }) => (bare.some((one) => holds(place, one)) ? [place] : [])));
  return isInside && (({ code, place }) => code.startsWith('guideline/') && isInside(place));
}

/** Names that a wrong `vocab` is put before are unknown for that alone. */
function fromWrongVocabulary(all: readonly Finding[], { document }: Reading): Follows | undefined {
  const wrong = placesOf(all, ({ code }) => code === 'syntax/wrong-context');
  if (!wrong) return undefined;
  const named = (document?.marked ?? []).filter(
    ({ attributes, start, contentStart }) =>
      'vocab' in attributes && wrong.some((one) => holds({ start, end: contentStart }, one)),
  );
  const isInside = standsIn(named);
  return ({ code, place }) =>
    (code.startsWith('vocabulary/unknown-') && isInside(place)) ||
    (code === 'structure/other-markup' && named.length > 0);
}

/** What a number that nobody can dial has instead of digits is told with its mend, and is none that visitors read. */
function fromMisformed(all: readonly Finding[]): Follows | undefined {
  const misformed = placesOf(all, ({ code }) => code === 'value/telephone-form');
  const isThere = misformed && beginsAt(misformed);
  return (
    isThere && (({ code, place }) => /^(?:value\/telephone|agreement\/visitor)$/.test(code) && isThere(place))
  );
}

/** Nobody shows visitors a value that is written wrong. */
function fromBadValue(all: readonly Finding[]): Follows | undefined {
  const bad = placesOf(all, ({ code, grade }) => grade !== 'note' && code.startsWith('value/'));
  const isThere = bad && beginsAt(bad);
  const codes = placesOf(all, ({ code }) => code === 'value/postal-code');
  const isNoCode = beginsAt(codes ?? []);
  return (
    isThere &&
    (({ code, place }) =>
      (/^agreement\/(?:not-visible|other-page)$/.test(code) && isThere(place)) ||
      (code === 'agreement/visitor' && isNoCode(place)))
  );
}

/** A value that was never filled in is no value of another form. */
function fromUnfilled(all: readonly Finding[]): Follows | undefined {
  const unfilled = placesOf(all, ({ code }) => code === 'value/placeholder');
  const isThere = unfilled && beginsAt(unfilled);
  return (
    isThere &&
    (({ code, place }) => code.startsWith('value/') && code !== 'value/placeholder' && isThere(place))
  );
}

/** A postal code or a region that visitors read otherwise is no riddle of which of both is wrong. */
function fromSeenAddress(all: readonly Finding[], items: () => readonly ReadItem[]): Follows | undefined {
  const seen = placesOf(
    all,
    ({ code, property }) =>
      code === 'agreement/visitor' && /^(?:postalCode|addressRegion)$/.test(property ?? ''),
  );
  if (!seen) return undefined;
  const around = itemsAround(items());
  const addresses = new Set(seen.flatMap((place) => [...around(place)].slice(0, 1)));
  return ({ code, place, mend }) =>
    code === 'value/region' &&
    mend === null &&
    [...around(place)].slice(0, 1).some((item) => addresses.has(item));
}

/** What says nothing is told as missing where something is asked for. */
function fromMissing(all: readonly Finding[]): Follows | undefined {
  const missing = placesOf(all, ({ code }) => /^(?:guideline\/|value\/address-part|value\/coord)/.test(code));
  const isThere = missing && beginsAt(missing);
  return isThere && (({ code, place }) => code === 'value/null' && isThere(place));
}

/** What only a local business has does not belong to a plain organisation: that it is none is told once. */
function fromNoBusiness(all: readonly Finding[], items: () => readonly ReadItem[]): Follows | undefined {
  const noBusinesses = placesOf(all, ({ code }) => code === 'vocabulary/no-local-business');
  if (!noBusinesses) return undefined;
  const around = itemsAround(items());
  const isThere = beginsAt(noBusinesses);
  const isOfBusinesses = (property: string): boolean =>
    (propertyNamed(property)?.domains ?? []).some(
      (domain) => isSubtype(domain, 'LocalBusiness') || domain === 'Place',
    );
  return ({ code, property, place }) => {
    if (code !== 'vocabulary/not-of-type' || !isOfBusinesses(property ?? '')) return false;
    const [item] = around(place);
    return item !== undefined && isThere(item.typePlace);
  };
}

/** What is judged by the country of an address. */
const BY_COUNTRY = new Set<Finding['code']>([
  'value/country',
  'value/address-part',
  'value/coordinates-country',
  'value/coordinates-sign',
  'value/coordinates-swapped',
  'value/postal-code',
  'value/region',
  'value/telephone',
  'value/telephone-country',
  'value/telephone-foreign',
  'value/telephone-unassigned',
]);

/** Where the country itself is wrong, number, code and pin are not, though they were read as of that country. */
function fromCountryElsewhere(
  all: readonly Finding[],
  items: () => readonly ReadItem[],
): Follows | undefined {
  const wrong = placesOf(all, ({ code }) => code === 'value/country-elsewhere');
  if (!wrong) return undefined;
  const isWrong = beginsAt(wrong);
  const businesses = items().filter((item) =>
    itemsOf(item, 'address').some((address) =>
      valuesOf(address, 'addressCountry').some((value) => value.kind === 'text' && isWrong(value.place)),
    ),
  );
  // A node may be spread over scripts.
  const isInside = standsIn(
    businesses.flatMap(({ place, properties }) => [place, ...properties.map((one) => one.place)]),
  );
  return ({ code, property, place }) =>
    (code === 'agreement/link' && property === 'telephone') ||
    ((BY_COUNTRY.has(code) || (code === 'agreement/visitor' && property === 'telephone')) && isInside(place));
}

/** Faults by which an address, or its country, is lost to a machine. */
const LOST_ADDRESS = new Set<Finding['code']>([
  'guideline/required',
  'structure/content-ignored',
  'structure/loose',
  'structure/no-itemscope',
  'structure/no-typeof',
  'value/address-part',
]);

/** A number as visitors read it needs no code of its country where the address tells that; without one there is none to tell. */
function fromLostAddress(all: readonly Finding[], { source }: Reading): Follows | undefined {
  const isLost = all.some(
    ({ code, property }) => LOST_ADDRESS.has(code) && /^address(?:Country)?$/.test(property ?? ''),
  );
  return isLost
    ? ({ code, place: { start } }) => code === 'value/telephone-country' && source[start - 1] === '>'
    : undefined;
}
