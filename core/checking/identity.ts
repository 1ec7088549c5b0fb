import { finding, shortText, type Finding } from '#core/fault';
import { foldUrl } from '#core/link';
import { canonicalOf, isLocalBusiness, recordFromItem, type Reading } from '#core/reading';
import { emptyRecord } from '#core/record';
import { eachItem, type Met, type ReadItem } from '#core/item';
import { fold, type Place } from '#core/text';
import { areOf, nearestName } from '#core/vocabulary';

/**
 * Names that nodes go by: references that lead to nothing of the page, and one node under two spellings of its
 * address, which are two nodes to a machine (JSON-LD 1.1, 3.3).
 */
export function judgeIdentity({ items, address, document, base }: Reading): readonly Finding[] {
  const all = eachItem(items);
  const named = all.filter(({ item }) => item.id !== null);
  return [
    ...twoThings(all),
    ...unresolved(named, address || canonicalOf(document, base)),
    ...twins(named),
    ...doubles(named),
  ];
}

/** A page, or another work, that is a business as well: two nodes of one `@id` are one to a machine (JSON-LD 1.1, 3.3). */
function twoThings(all: readonly Met[]): readonly Finding[] {
  const works = new Map<string, ReadItem>();
  const businesses = new Map<string, ReadItem>();
  const told: Finding[] = [];
  for (const { item } of all) {
    const { id, types, typePlace } = item;
    // What goes by the page's own address is named as people name a business, not as another node.
    if (types.length === 0 || (id !== null && !id.includes('#'))) continue;
    const key = id ?? `at ${String(item.place.start)}`;
    if (areOf(types, 'CreativeWork')) works.set(key, item);
    if (areOf(types, 'Organization', 'Place')) businesses.set(key, item);
    const [work, business] = [works.get(key), businesses.get(key)];
    if (!work || !business || (work !== item && business !== item)) continue;
    works.delete(key);
    const what = `To a machine this is ${work.types.join(', ')} and ${business.types.join(', ')} at once, and nothing is both.`;
    const why =
      id === null
        ? 'Give each an item of its own.'
        : `Give each an @id of its own: both are “${shortText(id)}”.`;
    told.push(finding('structure/two-things', `${what} ${why}`, typePlace, '@type'));
  }
  return told;
}

const isReference = ({ properties }: ReadItem): boolean => properties.length === 0;

function unresolved(named: readonly Met[], address: string): readonly Finding[] {
  const described = new Set(named.flatMap(({ item }) => (isReference(item) ? [] : [item.id])));
  const own = address.replace(/#.*$/, '');
  return named.flatMap(({ item, within }) => {
    const { id } = item;
    if (id === null || !within || !isReference(item) || described.has(id)) return [];
    const isLocal =
      /^(?:_:|#)/.test(id) || !/^[a-z][a-z0-9+.-]*:/i.test(id) || (own !== '' && id.startsWith(`${own}#`));
    const [code, what] = isLocal
      ? ([
          'structure/reference',
          'and nothing on this page is called so. A machine finds nothing there: describe it, or name what is described.',
        ] as const)
      : ([
          'structure/reference-elsewhere',
          'which this page does not describe. A machine that reads only this page learns nothing of it.',
        ] as const);
    const near = isLocal ? undefined : nearlyCalled(id, described);
    if (near !== undefined) {
      const message = `${within.name} refers to “${shortText(id)}”, and nothing on this page is called so. Did you mean “${shortText(near)}”?`;
      return [finding('structure/reference', message, item.place, within.name)];
    }
    // A picture or a profile by its bare address is a value, and not a node to be described.
    if (!isLocal && VALUES.has(within.name) && !(PICTURES.has(within.name) && id.includes('#'))) return [];
    return [finding(code, `${within.name} refers to “${shortText(id)}”, ${what}`, item.place, within.name)];
  });
}

/** The node of the page that a reference beside it was meant for: of the same page, its fragment a letter or two apart. */
function nearlyCalled(id: string, described: ReadonlySet<string | null>): string | undefined {
  const [page = '', fragment = ''] = id.split('#');
  if (!fragment) return undefined;
  const fragments = [...described].flatMap((other) =>
    other?.startsWith(`${page}#`) ? [other.slice(page.length + 1)] : [],
  );
  const near = nearestName(fragment, fragments);
  return near === undefined ? undefined : `${page}#${near}`;
}

/** Files, which have no parts that are called by a fragment. */
const PICTURES = new Set(['image', 'logo', 'photo']);

const VALUES = new Set([
  'url',
  'image',
  'logo',
  'photo',
  'sameAs',
  'hasMap',
  'hasMenu',
  'menu',
  'contentUrl',
  'thumbnailUrl',
  'additionalType',
  'mainEntityOfPage',
  'item',
  'license',
  'target',
  'dayOfWeek',
  'inLanguage',
  'availability',
  'itemCondition',
  'knowsAbout',
  'areaServed',
  'paymentAccepted',
  'acceptedPaymentMethod',
]);

/** One `@id` but for its scheme, `www.` or a slash before the fragment. */
function twins(named: readonly Met[]): readonly Finding[] {
  const known = new Map<string, { readonly id: string; readonly place: Place }>();
  const told = new Set<string>();
  return named.flatMap(({ item: { id, place } }) => {
    if (id === null || !/^https?:/i.test(id)) return [];
    const key = foldUrl(id.replace(/\/(?=#)/, ''));
    const first = known.get(key);
    if (!first) known.set(key, { id, place });
    if (!first || first.id === id || told.has(id)) return [];
    told.add(id);
    return [
      finding(
        'structure/id-twins',
        `“${shortText(id)}” and “${shortText(first.id)}” are two things to a machine. Write one of them throughout.`,
        place,
        '@id',
        { related: [{ message: 'The other', place: first.place }] },
      ),
    ];
  });
}

/** One business of a name, a street and a town under two names of nodes, neither of which is the other misspelt. */
function doubles(named: readonly Met[]): readonly Finding[] {
  const known = new Map<string, ReadItem>();
  return named.flatMap(({ item }) => {
    const { address, name } = isLocalBusiness(item) ? recordFromItem(item) : emptyRecord;
    const key = [name, address.streetAddress, address.addressLocality].map(fold);
    if (key.includes('')) return [];
    const first = known.get(key.join());
    known.set(key.join(), first ?? item);
    const [one, other] = [first?.id ?? item.id ?? '', item.id ?? ''];
    if (!first || first.syntax !== item.syntax || foldUrl(one) === foldUrl(other)) return [];
    const message = `“${shortText(one)}” and “${shortText(other)}” are the same business, by name and street, and two to a machine. Give both the one @id, or take one away.`;
    return [
      finding('structure/double', message, item.place, '@id', {
        related: [{ message: 'The other', place: first.place }],
      }),
    ];
  });
}
