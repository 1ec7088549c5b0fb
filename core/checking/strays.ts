import { finding, type Finding } from '#core/fault';
import { attributeSpan, behindTagName, isWritten, type HtmlElement } from '#core/html';
import { businessesIn, type Reading } from '#core/reading';
import type { Edit, Place } from '#core/text';
import { hasMisspeltScope, isOfOtherSyntax } from './misspelt.ts';
import { isUnderSchema } from './scopeless.ts';
import { standsIn } from './stretches.ts';

type Stray = Reading['strays'][number];

/** Properties that stand outside every item: each by itself, or as what was left of an item that a browser ends early. */
export function judgeStrays(reading: Reading): readonly Finding[] {
  if (reading.strays.length === 0) return [];
  const isScoped = standsIn(
    (reading.document?.elements ?? []).filter((one) => hasMisspeltScope(one) || isOfOtherSyntax(one)),
  );
  const isInside = insideStrays(reading);
  const strays = reading.strays.filter(({ place }) => !isScoped(place) && !isInside(place));
  if (strays.length === 0) return [];
  const refer = strayReference(reading);
  const cut = cutItem(reading);
  const behind = cut ? strays.filter(({ place }) => place.start >= cut.end) : [];
  const alone = cut && behind.length > 1 ? strays.filter(({ place }) => place.start < cut.end) : strays;
  const isIdle = ofTemplate(reading);
  return [
    ...(cut && behind.length > 1 ? [endsEarly(reading, cut, behind)] : []),
    ...alone.map((stray) => {
      const { name, place } = stray;
      if (name === '') return namesNothing(reading, place);
      return isIdle(stray)
        ? finding(
            'structure/itemprop-idle',
            `itemprop="${name}" belongs to no item, as templates leave it, and a machine passes it over. Take it away, or put itemscope and itemtype on an element around it.`,
            place,
            name,
          )
        : finding(
            'structure/itemprop-outside',
            `itemprop="${name}" stands outside every item, so a machine passes it over. Put itemscope and itemtype on an element around it, or name it in the item’s itemref.`,
            place,
            name,
            { edits: refer(name, place), guess: true },
          );
    }),
  ];
}

/** What templates of whole sites mark without an item: the link of the logo, and pictures for those who share the page. */
const OF_TEMPLATES = /^(?:url|logo|image|thumbnailUrl|primaryImageOfPage)$/;
/** What no template says of a page. */
const OF_BUSINESSES =
  /^(?:address|telephone|faxNumber|email|geo|latitude|longitude|openingHours\w*|priceRange|street\w*|postal\w*|address\w+)$/;

/** Whether a stray is what a template left in the head of the page, or, where nothing else is microdata of a business, round its logo. */
function ofTemplate({ document, items, source }: Reading): (stray: Stray) => boolean {
  const head = document?.elements.find(({ name }) => name === 'head');
  const hasBusiness = businessesIn(items).some(({ syntax }) => syntax === 'microdata');
  return ({ name, place }) => {
    const isInHead = head !== undefined && place.start >= head.contentStart && place.end <= head.contentEnd;
    return isInHead && /^<(?:meta|link)\b/i.test(source.slice(place.start, place.start + 6))
      ? !OF_BUSINESSES.test(name)
      : !hasBusiness && OF_TEMPLATES.test(name);
  };
}

/** A `property` of RDFa without a name, under the vocabulary of schema.org. */
export const judgeNameless = ({ document, lines }: Reading): readonly Finding[] =>
  (document?.marked ?? []).flatMap((element) => {
    const { attributes, inert, start, contentStart } = element;
    if (inert || attributes['property']?.trim() !== '' || !isUnderSchema(element)) return [];
    const message = 'This property names nothing, so a machine passes the element over.';
    return [finding('structure/property-astray', message, lines.place(start, contentStart), null)];
  });

/** What stands in an item that is itself outside every other belongs to that. */
function insideStrays({ document, strays }: Reading): (place: Place) => boolean {
  const starts = new Set(strays.map(({ place }) => place.start));
  return standsIn(
    (document?.marked ?? []).flatMap(({ attributes, start, contentStart, end }) =>
      attributes['itemscope'] !== undefined && starts.has(start) ? [{ start: contentStart, end }] : [],
    ),
  );
}

/** An `itemprop` without a name, perhaps because the sign between them was lost: `itemprop "name"`. */
function namesNothing({ source }: Reading, place: Place): Finding {
  const [whole = '', before = '', name = ''] =
    /^(<[^>]*?\bitemprop)\s+["']([\w ]+)["'](?=[\s/>])/i.exec(source.slice(place.start, place.end)) ?? [];
  const start = place.start + before.length;
  const edits = name ? [{ start, end: place.start + whole.length, text: `="${name}"` }] : null;
  return finding(
    'structure/itemprop-outside',
    `This itemprop names no property, so a machine passes the element over.${name ? ` Write itemprop="${name}".` : ''}`,
    place,
    name || null,
    { edits },
  );
}

/** Elements that a browser ends before what cannot stand in them, though their end tag is still to come. */
const ENDED_EARLY = new Set(['p', 'a', 'button', 'nobr', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6']);

/** The first item whose element has no end tag where it ends: what begins there cannot stand in it. */
const cutItem = ({ document, source }: Reading): HtmlElement | undefined =>
  document?.marked.find(
    (element) =>
      !element.inert &&
      element.attributes['itemscope'] !== undefined &&
      ENDED_EARLY.has(element.name) &&
      isWritten(element) &&
      element.contentEnd === element.end &&
      /^<[a-z]/i.test(source.slice(element.end, element.end + 2)),
  );

/** An item that a browser ends before its properties: "p" before a block, "a" before another link. */
function endsEarly(
  { lines, source, document }: Reading,
  item: HtmlElement,
  behind: readonly Stray[],
): Finding {
  const { name, start, contentStart, end } = item;
  const what =
    /^<[^\s/>]*/
      .exec(source.slice(end, end + 40))?.[0]
      .slice(1)
      .toLowerCase() ?? '';
  const related = behind.map(({ name: property, place }) => ({
    message: `${property} stands outside`,
    place,
  }));
  // The end tag that was meant to end it stands alone now.
  const close = document?.elements.find(
    (one) =>
      one.name === 'p' && one.start >= end && /^<\/p\s*>/i.test(source.slice(one.start, one.start + 8)),
  );
  const edits =
    name === 'p' && close
      ? [
          { start: start + 1, end: start + 2, text: 'div' },
          { start: close.start + 2, end: close.start + 3, text: 'div' },
        ]
      : null;
  return finding(
    'structure/itemprop-outside',
    `A browser ends “${name}” before “${what}”, which cannot stand in it: the item ends there, and ${String(related.length)} properties stand outside. Write “div” for “${name}”.`,
    lines.place(start, contentStart),
    null,
    { edits, related },
  );
}

/**
 * Names a stray property in the `itemref` of the page's only business (HTML Living Standard, 5.2.2), with an id of
 * its own where it has none; gives null where there is another business it might be of.
 */
function strayReference({
  source,
  items,
  document,
  strays,
}: Reading): (name: string, place: Place) => Edit[] | null {
  const [business, ...others] =
    strays.length > 0 ? businessesIn(items).filter(({ syntax }) => syntax === 'microdata') : [];
  if (!document || !business || others.length > 0) return () => null;
  const at = tagsAt(document.marked);
  const item = at(business.place.start);
  const taken = new Set(document.elements.flatMap((one) => one.attributes['id'] ?? []));
  const behindName = (element: HtmlElement): number => behindTagName(source, element);
  const refers = item && attributeSpan(source, item, 'itemref');
  return (name, place) => {
    const stray = at(place.start);
    if (!item || !stray) return null;
    let id = stray.attributes['id'] ?? name;
    if (!stray.attributes['id']) for (let next = 2; taken.has(id); next += 1) id = `${name}-${String(next)}`;
    if (!/^[\w-]+$/.test(id)) return null;
    const edits: Edit[] = [];
    if (!stray.attributes['id'])
      edits.push({ start: behindName(stray), end: behindName(stray), text: ` id="${id}"` });
    if (refers && refers.quote !== '') edits.push({ start: refers.end, end: refers.end, text: ` ${id}` });
    else if (!refers)
      edits.push({ start: behindName(item), end: behindName(item), text: ` itemref="${id}"` });
    else return null;
    return edits;
  };
}

/** Finds the element whose start tag an offset lies in, of the elements that were written there the first. */
function tagsAt(marked: readonly HtmlElement[]): (offset: number) => HtmlElement | undefined {
  const ordered = [...marked].sort((a, b) => a.start - b.start);
  return (offset) => {
    let [low, high] = [0, ordered.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((ordered[middle]?.contentStart ?? Infinity) <= offset) low = middle + 1;
      else high = middle;
    }
    const found = ordered[low];
    return found && found.start <= offset ? found : undefined;
  };
}
