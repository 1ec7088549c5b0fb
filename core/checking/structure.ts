import { countryCode } from '#core/address';
import { VisitorSearch } from '#core/agreement';
import { attributeSpan, behindTagName, tokensOf, type HtmlElement } from '#core/html';
import { isMachineTime, minutesOf } from '#core/hours';
import { readTelephone } from '#core/phone';
import { asidesOf, attributeText, type Aside, type Reading } from '#core/reading';
import { Visited, schemaName, textOf, type ReadItem, type ReadProperty } from '#core/item';
import { factPart, knownFacts, propertyKinds } from '#core/record';
import { timeMeant } from '#core/value';
import { collapse, fold, table, westernDigits, type Edit } from '#core/text';
import { typeNamed } from '#core/vocabulary';
import { finding, type Finding } from '#core/fault';
import { judgeAstray } from './astray.ts';
import { judgeItemref } from './itemref.ts';
import { judgeLoose, judgeSplit } from './loose.ts';
import { hasMisspeltScope, judgeMisspelt, judgeOpenQuotes, judgeOtherSyntax } from './misspelt.ts';
import { judgeNameless, judgeStrays } from './strays.ts';
import { judgeScopeless, judgeUntyped } from './scopeless.ts';
import { judgeWrongAttributes, wrongAttribute } from './wrongAttribute.ts';

/** Family `structure`: markup that is no item, is not on the page, or says one thing and shows another. */
export function judgeStructure(reading: Reading): readonly Finding[] {
  const nameless = reading.items.filter(isNameless).map(noType);
  return [
    ...judgeStrays(reading),
    ...nameless,
    ...judgeAstray(reading),
    ...judgeScopeless(reading),
    ...judgeUntyped(reading),
    ...judgeNameless(reading),
    ...judgeLoose(reading),
    ...judgeSplit(reading),
    ...judgeMisspelt(reading),
    ...judgeOtherSyntax(reading),
    ...judgeOpenQuotes(reading),
    ...judgeElements(reading),
    ...judgeAsides(reading),
    ...judgeShown(reading),
    ...judgeWrongAttributes(reading),
  ];
}

const isNameless = ({ types, properties }: ReadItem): boolean =>
  types.every((type) => type === '') && properties.length > 0;

function noType({ syntax, typePlace }: ReadItem): Finding {
  const where = syntax === 'jsonld' ? '"@type"' : 'itemtype="https://schema.org/…"';
  return finding(
    'structure/no-type',
    `This item has no type, so a machine does not know what it describes. Add ${where}.`,
    typePlace,
  );
}

function judgeElements(reading: Reading): readonly Finding[] {
  const { document } = reading;
  if (!document) return [];
  let ids: Set<string> | undefined;
  return document.marked.flatMap((element) => {
    const { attributes, inert } = element;
    if (inert) return [];
    const found: Finding[] = [];
    if (attributes['itemtype'] !== undefined)
      found.push(...judgeItemtype(reading, element, attributes['itemtype']));
    if (/schema:/i.test(attributes['itemprop'] ?? ''))
      found.push(...judgePrefixed(reading, element, attributes['itemprop'] ?? ''));
    if (attributes['itemref'] !== undefined) {
      ids ??= new Set(document.elements.flatMap((one) => one.attributes['id'] ?? []));
      found.push(...judgeItemref(reading, element, attributes['itemref'], ids));
    }
    if (attributes['typeof'] !== undefined)
      found.push(...judgeTypeof(reading, element, attributes['typeof']));
    return found;
  });
}

function judgeItemtype(reading: Reading, element: HtmlElement, itemtype: string): readonly Finding[] {
  const { source, lines } = reading;
  const { attributes, start, contentStart } = element;
  const found: Finding[] = [];
  if (attributes['itemscope'] === undefined && !hasMisspeltScope(element)) {
    const behindName = behindTagName(source, element);
    found.push(
      finding(
        'structure/no-itemscope',
        `itemtype="${itemtype}" stands without itemscope, so no item begins here and what is inside belongs to the item around it.`,
        lines.place(start, contentStart),
        attributes['itemprop'] ?? null,
        { edits: [{ start: behindName, end: behindName, text: ' itemscope' }] },
      ),
    );
  }
  for (const type of tokensOf(itemtype)) {
    // Microdata has no prefixes: "schema:Store" is an address of its own.
    if (/^(?!schema:)[a-z][a-z0-9+.-]*:/i.test(type)) continue;
    const meant = type.replace(/^(?:(?:\/\/)?(?:www\.)?schema\.org\/|schema:)/i, '');
    const span = attributeSpan(source, element, 'itemtype');
    const at = span ? source.slice(span.start, span.end).indexOf(type) : -1;
    const place =
      span && at >= 0
        ? lines.place(span.start + at, span.start + at + type.length)
        : lines.place(start, contentStart);
    const edits: Edit[] | null =
      typeNamed(meant) && span && at >= 0
        ? [
            {
              start: place.start,
              end: place.end,
              text: attributeText(
                `https://schema.org/${meant}`,
                span.quote === '' ? 'attribute' : 'attribute"',
              ),
            },
          ]
        : null;
    found.push(
      finding(
        'structure/itemtype-relative',
        `itemtype="${type}" is no whole address, so a machine knows no such type. Write https://schema.org/${typeNamed(meant) ? meant : '…'}.`,
        place,
        '@type',
        { edits },
      ),
    );
  }
  return found;
}

/** "schema:name" in microdata, which has no prefixes: it is the whole address of another property (HTML, 5.2.3). */
const judgePrefixed = (
  { source, lines }: Reading,
  element: HtmlElement,
  itemprop: string,
): readonly Finding[] =>
  tokensOf(itemprop).flatMap((token) => {
    const [, name = ''] = /^schema:(\w+)$/i.exec(token) ?? [];
    const span = attributeSpan(source, element, 'itemprop');
    const at = span ? source.slice(span.start, span.end).indexOf(token) : -1;
    if (!name || !span || at < 0) return [];
    const place = lines.place(span.start + at, span.start + at + token.length);
    const message = `itemprop="${token}" names no property of schema.org: microdata has no prefixes. Write ${name}.`;
    return [
      finding('vocabulary/unknown-property', message, place, name, {
        edits: [{ start: place.start, end: place.end, text: name }],
      }),
    ];
  });

/** RDFa: a type by a bare name means something only under a vocab. */
function judgeTypeof({ lines, source }: Reading, element: HtmlElement, types: string): readonly Finding[] {
  const bare = tokensOf(types).filter((type) => !type.includes(':'));
  if (bare.length === 0) return [];
  for (let above: HtmlElement | null = element; above; above = above.parent) {
    if ((above.attributes['vocab'] ?? '').trim()) return [];
    // What stands inside has its words from there.
    if (above !== element && namesSchema(above.attributes['typeof'])) return [];
  }
  const known = namesSchema(types);
  const at = behindTagName(source, element);
  return [
    finding(
      'structure/no-vocab',
      `typeof="${types}" stands under no vocab, so a machine does not know whose words its names are. Write vocab="https://schema.org/" on it or around it.`,
      lines.place(element.start, element.contentStart),
      '@type',
      { edits: known ? [{ start: at, end: at, text: ' vocab="https://schema.org/"' }] : null },
    ),
  ];
}

/** Whether a list of types names one of schema.org without a prefix. */
const namesSchema = (types: string | undefined): boolean =>
  tokensOf(types ?? '').some((type) => !type.includes(':') && typeNamed(schemaName(type)) !== undefined);

/** Markup that stands where machines do not look: comments, templates, noscript and frames. */
function judgeAsides({ document, lines, source }: Reading): readonly Finding[] {
  return (document ? asidesOf(document) : []).map(({ within, start, end }) => {
    const [code, message] = aside[within];
    const isWhole = source.startsWith('<!--', start) && source.endsWith('-->', end);
    const edits = isWhole
      ? [
          { start, end: start + 4, text: '' },
          { start: end - 3, end, text: '' },
        ]
      : null;
    const mend = within === 'comment' ? { edits, guess: true } : undefined;
    return finding(code, message, lines.place(start, end), null, mend);
  });
}

const aside: Readonly<Record<Aside['within'], readonly [Finding['code'], string]>> = {
  comment: [
    'structure/in-comment',
    'Markup stands inside a comment here, so no machine reads it. Take it out of the comment, or take it away.',
  ],
  template: [
    'structure/in-template',
    'This markup stands inside a template. To a machine it is not on the page until a script puts it there.',
  ],
  noscript: [
    'structure/in-noscript',
    'This markup stands inside noscript. Machines that run scripts read it as text, so they see none of it.',
  ],
  frame: [
    'structure/in-frame',
    'This markup stands inside a frame. To a machine that is another page, and says nothing of this one.',
  ],
};

/** Attributes beside what visitors read on the same element. */
function judgeShown({ items, document, source }: Reading): readonly Finding[] {
  if (!document) return [];
  const byStart = new Map<number, HtmlElement>();
  for (const element of document.marked)
    if (element.attributes['content'] !== undefined) byStart.set(element.start, element);
  const found: Finding[] = [];
  const visited = new Visited(items);
  const visit = (item: ReadItem): void => {
    if (item.syntax === 'jsonld' || !visited.enters(item)) return;
    for (const property of item.properties) {
      if (property.value.kind === 'item') visit(property.value.item);
      else found.push(...judgeOneShown(source, item, property, byStart.get(property.place.start)));
    }
  };
  for (const item of items) visit(item);
  return found;
}

/** Properties that hold a time of the day. */
const TIMES: ReadonlySet<string> = new Set(['opens', 'closes', 'checkinTime', 'checkoutTime']);

/** Properties of which machines are told, and visitors read, the same words. */
const plain: ReadonlySet<string> = new Set([
  ...knownFacts.flatMap(({ property, rows }) =>
    rows.flatMap(({ fact, sameWords }) => (sameWords ? [factPart(fact) || property] : [])),
  ),
  ...TIMES,
]);

/** What an attribute was to tell, in a meta element before the element that goes on to be shown. */
function asMeta(source: string, element: HtmlElement): Edit[] | null {
  const { start, contentStart, attributes } = element;
  // A quote that is lost makes names of what follows it.
  if ('itemscope' in attributes || Object.keys(attributes).some((name) => /["'<=]/.test(name))) return null;
  const tag = source.slice(start, contentStart);
  const moved = ['itemprop', 'content'].map((name) =>
    new RegExp(`\\s+${name}\\s*=\\s*(?:"[^"]*"|'[^']*'|[^\\s"'>]+)(?=[\\s/>])`, 'i').exec(tag),
  );
  const [property, content] = moved;
  if (!property || !content) return null;
  const meta = `<meta${property[0].replace(/^\s+/, ' ')}${content[0].replace(/^\s+/, ' ')}>`;
  return [
    { start, end: start, text: meta },
    ...[property, content]
      .sort((a, b) => a.index - b.index)
      .map(({ 0: text, index }) => ({ start: start + index, end: start + index + text.length, text: '' })),
  ];
}

function judgeOneShown(
  source: string,
  item: ReadItem,
  { name, value, place }: ReadProperty,
  withContent: HtmlElement | undefined,
): readonly Finding[] {
  if (value.kind === 'item') return [];
  const content = withContent?.attributes['content'];
  if (item.syntax === 'microdata' && content !== undefined && withContent && withContent.name !== 'meta') {
    // What runs over a lost quote is told as that.
    if (
      collapse(content) === collapse(value.text) ||
      /[<>]/.test(withContent.attributes['itemprop'] ?? '') ||
      wrongAttribute(withContent)
    )
      return [];
    return [
      finding(
        'structure/content-ignored',
        `content="${content}" stands on ${withContent.name === 'a' ? 'an' : 'a'} ${withContent.name} element, where the standard passes it over: a machine reads “${collapse(value.text)}”. Put the value into a meta element, or into the text.`,
        place,
        name,
        {
          edits: asMeta(source, withContent),
          guess: !means(item, name, content, collapse(value.text)),
        },
      ),
    ];
  }
  if (value.shown === undefined || !plain.has(name) || means(item, name, value.text, value.shown)) return [];
  return [
    finding(
      'structure/shown-otherwise',
      `A machine is told “${collapse(value.text)}”, a visitor reads “${value.shown}” on the same element.`,
      value.place,
      name,
    ),
  ];
}

/** Whether people read a time that machines are told: "24:00 Uhr" of 23:59, "6:00" of 18:00, "bis 11 Uhr" of 11:00. */
function isTimeOf(shown: string, told: string): boolean {
  const said = timeMeant(shown);
  if (said === '' || said === told) return said === told;
  if (said === '00:00' && told === '23:59') return true;
  const isHalf = /^(?:0?[1-9]|1[0-2])(?!\d)/.test(shown.trim()) && !/[ap]\.?\s?m/i.test(shown);
  return isHalf && isMachineTime(told) && minutesOf(said) + 720 === minutesOf(told);
}

/** Whether what is told and what is shown mean the same. */
function means(item: ReadItem, name: string, told: string, seen: string): boolean {
  const shown = westernDigits(seen);
  if (fold(told) === fold(shown)) return true;
  if (propertyKinds.get(name) === 'telephone') {
    const one = readTelephone(told, '').telephone;
    // Dialled at home it has what is dialled there before it: 8 in Russia, 06 in Hungary.
    const other = readTelephone(shown, one?.country ?? '').telephone;
    if (one && other) return one.e164 === other.e164;
    const digits = (text: string): string => text.replace(/\D/g, '').replace(/^0+/, '');
    return digits(told).endsWith(digits(shown)) && digits(shown).length >= 5;
  }
  if (TIMES.has(name)) return !/\d/.test(shown) || isTimeOf(shown, told.slice(0, 5));
  if (fold(shown).includes(fold(told)) || fold(told).includes(fold(shown))) return true;
  const search = new VisitorSearch({ text: shown, pieces: [] });
  const country = countryCode(textOf(item, 'addressCountry'));
  const look = table({
    streetAddress: () => search.findStreet(told, country),
    addressLocality: () => search.findTown(told, country),
    postalCode: () => search.findCode(told, country),
    vatID: () => search.findVat(told),
  })[name];
  const agreement = (look ? look() : search.find(told))?.agreement;
  return agreement === 'exact' || agreement === 'written-differently';
}
