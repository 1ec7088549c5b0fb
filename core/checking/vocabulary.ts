import { nearlyType, type Reading } from '#core/reading';
import { eachItem, type ReadItem, type ReadProperty, schemaName } from '#core/item';
import { jsonString, remember, type Edit } from '#core/text';
import {
  areOf,
  belongsTo,
  findTypes,
  isDiscouraged,
  isPropertyOf,
  isSubtype,
  membersOf,
  nearestName,
  propertyNamed,
  typeCaution,
  typeNamed,
  typeNames,
  type VocabularyProperty,
} from '#core/vocabulary';
import { finding, shortText, type Finding } from '#core/fault';
import {
  calledElsewhere,
  DATA_TYPES,
  isForeign,
  isHeld,
  meantProperty,
  partMeant,
  meantWithin,
  namedWithin,
  sameLetters,
  severalNames,
  typeCalled,
} from './meant.ts';
import { renamed } from './spot.ts';
import { judgeMember } from './members.ts';
import { judgeTextForItem } from './textForItem.ts';

/** Family `vocabulary`: names schema.org does not have, or has somewhere else, and values of the wrong kind. */
export function judgeVocabulary(
  reading: Reading,
  typeOf: (word: string) => string = () => '',
): readonly Finding[] {
  const sought = new Set<string>();
  const isSought = (type: string): boolean =>
    sought.has(type) || (sought.size < MOST_SOUGHT && sought.add(type).size > 0);
  return eachItem(reading.items).flatMap(({ item, within, owner }) => {
    const told = item.properties.flatMap((property) => judgeProperty(reading, item, property) ?? []);
    return [
      ...judgeTypes(reading, item, { within: within?.name ?? '', isSought, typeOf }),
      ...together(
        told,
        within && owner && item.syntax !== 'jsonld' ? { name: within.name, owner } : undefined,
      ),
    ];
  });
}

/** Nobody means one word by a longer one. */
const LONGEST_TYPE = 200;
/** For more unknown types of one source nothing is looked for that may be meant: it was not written by people. */
const MOST_SOUGHT = 60;

/** Where a type stands, and whether what was meant by it is looked for. */
interface TypeAround {
  readonly within: string;
  readonly isSought: (type: string) => boolean;
  /** The type that a word of a trade means; '' for none. */
  readonly typeOf: (word: string) => string;
}

/**
 * Properties that belong to one other type as one finding: what should hold them was closed too early, or is not there, or,
 * where they belong to the item around (`inside`), what they stand in is not closed before them.
 */
function together(
  told: readonly Finding[],
  inside: { readonly name: string; readonly owner: ReadItem } | undefined,
): readonly Finding[] {
  const astray = told.filter(({ code }) => code === 'vocabulary/not-of-type');
  const domainsOf = ({ property }: Finding): readonly string[] =>
    propertyNamed(property ?? '')?.domains ?? [];
  const [first] = astray;
  const names = [...new Set(astray.flatMap(({ property }) => property ?? []))];
  const areOfOwner =
    inside !== undefined && names.length > 1 && names.every((name) => isPropertyOf(name, inside.owner.types));
  const shared =
    astray.length < FEWEST_TOGETHER
      ? undefined
      : first && domainsOf(first).find((type) => astray.every((one) => domainsOf(one).includes(type)));
  if (!first || (!shared && !areOfOwner)) return told;
  const list = `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;
  const message = areOfOwner
    ? `${list} belong to the ${inside.owner.types[0] ?? 'item'} around ${inside.name}, whose element is not closed before them. Close it first.`
    : `${list} belong to ${shared ?? ''}, and not to what they stand in. Put them into one.`;
  const related = astray.slice(1).map(({ place, property }) => ({ message: property ?? '', place }));
  return [...told.filter((one) => !astray.includes(one)), { ...first, message, related }];
}
const FEWEST_TOGETHER = 3;

/** Types that say nothing by themselves. */
const SAYS_NOTHING = new Set(['Thing', 'Intangible', 'StructuredValue', 'Enumeration']);

/** Whether every property of an item that schema.org knows is one of a type's as well. */
const hasAllOf = (item: ReadItem, type: string): boolean =>
  item.properties.every(
    ({ name }) => propertyNamed(name)?.domains.some((domain) => isSubtype(type, domain)) ?? true,
  );

/** Whether a property holds whatever there is: what a text is about, or mentions, is best told as a Thing with its name. */
const takesAnything = (property: string): boolean =>
  propertyNamed(property)?.ranges.includes('Thing') ?? false;

function judgeTypes(reading: Reading, item: ReadItem, around: TypeAround): readonly Finding[] {
  return item.types.flatMap((type) => {
    // A type that is empty is none, and told as missing.
    if (isForeign(type) || type === '') return nearlyTyped(reading, item, type);
    const known = typeNamed(type);
    // In HTML the reading tells of an address that is nearly a type's: "https://schema.org/#Bakery".
    const isTold =
      !known && item.syntax !== 'jsonld' && nearlyType(`https://schema.org/${type}`) !== undefined;
    if (isTold) return [];
    if (!known) return [unknownType(reading, item, type, around)];
    const tell = (code: Finding['code'], message: string, to = ''): Finding[] => [
      finding(code, message, item.typePlace, '@type', {
        edits: to ? renameType(reading, item, type, to) : null,
      }),
    ];
    if (known.supersededBy)
      return tell(
        'vocabulary/superseded',
        `${type} has been superseded by ${known.supersededBy}.`,
        hasAllOf(item, known.supersededBy) ? known.supersededBy : '',
      );
    if (isDiscouraged(type)) return tell('vocabulary/discouraged', `${type}: ${typeCaution(type)}`);
    if (SAYS_NOTHING.has(type) && item.types.length === 1 && !takesAnything(around.within))
      return tell(
        'vocabulary/abstract',
        `${type} is so general that it tells a machine nothing. Take the type of what it is.`,
      );
    if (known.area === 'pending')
      return tell(
        'vocabulary/pending',
        `${type} is still pending in schema.org; its name or meaning may change.`,
      );
    return [];
  });
}

/** A JSON text whose address is nearly that of a type; in HTML the reading tells it. */
function nearlyTyped(reading: Reading, item: ReadItem, type: string): Finding[] {
  if (GIVEN_UP.test(type)) {
    const message =
      'data-vocabulary.org was given up for schema.org, and search engines read it no more. Write types and properties of schema.org.';
    return [finding('vocabulary/superseded', message, item.typePlace, '@type')];
  }
  if (item.syntax !== 'jsonld') return [];
  const several = severalTypes(reading, item, type);
  if (several) return [several];
  const meant = nearlyType(type.endsWith('/') ? `https://schema.org/${type}` : type) ?? typeBehind(type);
  if (!meant) return [];
  const message = `“${type}” is no type of schema.org to a machine. Write ${meant}.`;
  return [
    finding('vocabulary/unknown-type', message, item.typePlace, '@type', {
      edits: renameType(reading, item, type, meant),
    }),
  ];
}

/** The vocabulary that schema.org came after in 2011 (schema.org, "About"). */
const GIVEN_UP = /^https?:\/\/(?:www\.|rdf\.)?data-vocabulary\.org\//i;

/** The type that an address without its scheme ends with: "schema.org/Bakery", "/Bakery", "schema.org:Bakery". */
function typeBehind(type: string): string | undefined {
  const [, name = ''] =
    /^(?:https?:?\/\/|\/\/)?(?:(?:www\.)?schema\.org[/:#]|\/|\w+\/)([A-Z]\w*)\/?$/.exec(type) ?? [];
  return typeNamed(name) ? name : undefined;
}

/** Several types in one text, "Bakery, LocalBusiness", as a list of them. */
function severalTypes(
  { source }: Reading,
  { syntax, typePlace, types }: ReadItem,
  type: string,
): Finding | undefined {
  const parts = type.split(/\s*[,;/|]\s*|\s+/).filter(Boolean);
  if (parts.length < 2 || types.length > 1 || !parts.every((part) => typeNamed(part))) return undefined;
  // "Book Store" is the name of one with a blank in it.
  if (typeNamed(type.replaceAll(' ', ''))) return undefined;
  const { start, end } = typePlace;
  const isText = syntax === 'jsonld' && /^"[^"]*"$/.test(source.slice(start, end));
  return finding(
    'vocabulary/unknown-type',
    `“${type}” is one text, and a machine knows no type of that name. Write a list: ${parts.map((part) => `"${part}"`).join(', ')}.`,
    typePlace,
    '@type',
    { edits: isText ? [{ start, end, text: `[${parts.map(jsonString).join(', ')}]` }] : null },
  );
}

/** The types that words may mean; the same ones stand on every page of a site. */
const offeredTypes = remember((words) => findTypes(words, 3).map(({ name }) => name));

function unknownType(
  reading: Reading,
  item: ReadItem,
  type: string,
  { within, isSought, typeOf }: TypeAround,
): Finding {
  if (type.length > LONGEST_TYPE || !isSought(type))
    return finding(
      'vocabulary/unknown-type',
      `schema.org has no type “${shortText(type)}”.`,
      item.typePlace,
      '@type',
    );
  const several = severalTypes(reading, item, type);
  if (several) return several;
  const near =
    typeNames.find((name) => name.toLowerCase() === type.toLowerCase()) ??
    [type.replaceAll(' ', ''), type.replace(/s$/, '')].find((name) => typeNamed(name)) ??
    (within ? undefined : typeOf(inWords(type)) || namedWithin(type)) ??
    nearestName(type, typeNames);
  if (near?.toLowerCase() === type.toLowerCase()) {
    const message = `schema.org writes it “${near}”; “${type}” is unknown to a machine.`;
    return finding('vocabulary/capitals', message, item.typePlace, '@type', {
      edits: renameType(reading, item, type, near),
    });
  }
  const wanted = within ? meantWithin(type, within, item) : undefined;
  const called = typeCalled(type, within);
  const offered = called
    ? [called]
    : wanted
      ? [wanted]
      : near
        ? [near]
        : offeredTypes(inWords(type)).filter((one) => isHeld(one, within));
  const [first] = offered;
  const meant = first ? ` Did you mean ${offered.join(' or ')}?` : '';
  return finding(
    'vocabulary/unknown-type',
    `schema.org has no type “${type}”.${meant}`,
    item.typePlace,
    '@type',
    {
      edits: first ? renameType(reading, item, type, first) : null,
      // Blanks round a name are all that is wrong with it.
      guess: first !== type.trim(),
    },
  );
}

/** "VetClinic" → "Vet clinic", as the words of the trades are looked up. */
const inWords = (name: string): string => name.replace(/[_-]+/g, ' ').replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2');

/** The type's name where it is written, exchanged; the rest of what stands there stays. */
function renameType({ source }: Reading, { typePlace }: ReadItem, from: string, to: string): Edit[] | null {
  const written = source.slice(typePlace.start, typePlace.end);
  // Where brackets are missing, more stands there than types.
  if (from.length > 200 || /[{}]/.test(written) || written.split(from).length > 2) return null;
  const at = written.search(new RegExp(`(?<![\\w-])${from.replace(/[^\w]/g, '\\$&')}(?![\\w-])`));
  return at < 0 ? null : [{ start: typePlace.start + at, end: typePlace.start + at + from.length, text: to }];
}

/** Whether the names of an item of microdata are of other vocabularies: those of its types (HTML Living Standard, 5.2.2). */
const isOfOthers = ({ syntax, types }: ReadItem): boolean =>
  syntax === 'microdata' &&
  types.length > 0 &&
  types.every((type) => /^https?:\/\//.test(type) && nearlyType(type) === undefined);

function judgeProperty({ source }: Reading, item: ReadItem, property: ReadProperty): Finding | undefined {
  const { name, namePlace } = property;
  if (isForeign(name) || isOfOthers(item)) return undefined;
  const known = propertyNamed(name);
  if (!known && isMeantAsType(item, property))
    return finding(
      'vocabulary/unknown-property',
      `schema.org has no property “${name}”, and what it says is a type. Write "@type".`,
      namePlace,
      name,
      { edits: [{ start: namePlace.start, end: namePlace.end, text: '"@type"' }], guess: true },
    );
  if (!known) return unknownProperty(item, property, (to) => renamed(source, property, to));
  if (known.supersededBy)
    return finding(
      'vocabulary/superseded',
      `${name} has been superseded by ${known.supersededBy}.`,
      namePlace,
      name,
      {
        edits: renamed(source, property, known.supersededBy),
      },
    );
  const types = item.types.filter((type) => !isForeign(type));
  if (types.length > 0 && !belongsTo(known, types) && !isTakenThere(name, types)) {
    const meant = calledElsewhere(item, name);
    return finding(
      'vocabulary/not-of-type',
      `${name} does not belong to ${types.join(' or ')}; it belongs to ${known.domains.slice(0, 4).join(', ')}.${meant ? ` Did you mean ${meant}?` : ''}`,
      namePlace,
      name,
      { edits: meant ? renamed(source, property, meant) : null, guess: true },
    );
  }
  const kind = judgeKind(item, property, known);
  if (kind || known.area !== 'pending') return kind;
  return finding(
    'vocabulary/pending',
    `${name} is still pending in schema.org; its name or meaning may change.`,
    namePlace,
    name,
  );
}

/** Whether search engines' own examples have a property where schema.org does not list it (actions to reserve and order). */
const isTakenThere = (name: string, types: readonly string[]): boolean =>
  name === 'inLanguage' && types.includes('EntryPoint');

/** Whether a property of an item without type gives its type under another name: "_type", "Type". */
const isMeantAsType = ({ syntax, types }: ReadItem, { name, value }: ReadProperty): boolean =>
  syntax === 'jsonld' &&
  types.every((type) => type === '') &&
  /^(?:item|schema|rdf)?types?$/i.test(name.replace(/[^a-z]/gi, '')) &&
  value.kind === 'text' &&
  typeNamed(schemaName(value.text.trim())) !== undefined;

function unknownProperty(
  item: ReadItem,
  { name, namePlace }: ReadProperty,
  rename: (to: string) => Edit[] | null,
): Finding {
  const several = item.syntax === 'jsonld' ? undefined : severalNames(name);
  if (several)
    return finding(
      'vocabulary/unknown-property',
      `“${name}” is one name to a machine, and none that it knows. Names of properties are parted by blanks.`,
      namePlace,
      name,
      { edits: rename(several.join(' ')) },
    );
  const near = meantProperty(item, name);
  if (near && near.toLowerCase() === name.toLowerCase())
    return finding(
      'vocabulary/capitals',
      `schema.org writes it “${near}”; “${name}” is unknown to a machine.`,
      namePlace,
      name,
      { edits: rename(near) },
    );
  const part = near ? undefined : partMeant(name);
  const hint = near
    ? ` Did you mean ${near}?`
    : part
      ? ` Write it as ${part.property} of the ${part.within}.`
      : '';
  return finding(
    'vocabulary/unknown-property',
    `schema.org has no property “${name}”, so a machine passes it over.${hint}`,
    namePlace,
    name,
    { edits: near ? rename(near) : null, guess: near !== sameLetters(name) },
  );
}

/** Properties whose values have a judge of their own, which says more. */
const JUDGED_ELSEWHERE = new Set(['dayOfWeek', 'addressCountry']);
function judgeKind(
  item: ReadItem,
  property: ReadProperty,
  { ranges }: VocabularyProperty,
): Finding | undefined {
  const { name, value } = property;
  if (ranges.length === 0 || JUDGED_ELSEWHERE.has(name)) return undefined;
  if (value.kind === 'item') return judgeItemKind(name, value.item, ranges);
  const enumerations = ranges.filter(
    (range) => isSubtype(range, 'Enumeration') && membersOf(range).length > 0,
  );
  if (enumerations.length === ranges.length) return judgeMember(name, value, enumerations);
  return judgeTextForItem(item, property, value, ranges);
}

function judgeItemKind(name: string, item: ReadItem, ranges: readonly string[]): Finding | undefined {
  const types = item.types.filter((type) => typeNamed(type));
  if (types.length === 0) return undefined;
  // Roles stand between a property and its value wherever someone needs them (schema.org, Role).
  if (areOf(types, 'Role')) return undefined;
  if (ranges.some((range) => types.some((type) => isSubtype(type, range) || isSubtype(range, type))))
    return undefined;
  const onlyData = ranges.every((range) => DATA_TYPES.has(range));
  const wanted = onlyData ? 'a plain value' : ranges.filter((range) => !DATA_TYPES.has(range)).join(' or ');
  return finding(
    'vocabulary/value-kind',
    `${name} is an item of type ${types.join(', ')}; schema.org wants ${wanted} there.`,
    item.typePlace,
    name,
  );
}
