import { siteOf } from '#core/link';
import { urlMeant } from '#core/value';
import { businessesIn, canonicalOf, isLocalBusiness, type Reading } from '#core/reading';
import { syntaxName, textOf, type ReadItem } from '#core/item';
import {
  comparedOf,
  describe,
  type Description,
  groupsOfBusinesses,
  isContradiction,
  type MarkupCell,
  placeOf,
  placeOfTold,
  type ThreeWayRow,
  toldProperties,
  withAccentsOf,
} from '#core/agreement';
import { finding, shortText, type Finding } from '#core/fault';
import { fold, type Place } from '#core/text';
import { nearestName } from '#core/vocabulary';
import { judgeOnPage } from './onPage.ts';

/** Family `agreement`: where record, markup and visible text part, and where markup parts from markup. */
export function judgeAgreement(
  reading: Reading,
  rows: readonly ThreeWayRow[],
  /** Businesses that the page only names and that have theirs elsewhere. */
  mentioned: ReadonlySet<ReadItem>,
): readonly Finding[] {
  return [
    ...rows.flatMap((row) => [
      ...row.markup.flatMap((cell) => (isNamedByPage(row, cell, reading) ? [] : againstRecord(row, cell))),
      ...againstVisitor(row),
      ...lostAccents(row, reading.source),
    ]),
    ...judgeItems(reading),
    ...judgeAddress(reading, mentioned),
    ...judgeOnPage(reading),
  ];
}

/** What RDFa says in the body of a page is of the page's own address where nothing else is named (RDFa Core 1.1, 7.5). */
const isNamedByPage = (row: ThreeWayRow, { syntax, text }: MarkupCell, { base }: Reading): boolean =>
  row.property === '@id' && syntax === 'rdfa' && !row.record && text === base;

function againstRecord(row: ThreeWayRow, cell: MarkupCell): readonly Finding[] {
  const { syntax, text, agreement, place, edits } = cell;
  // The record is right, but the page may be another branch's: to be looked at.
  const proposal = { edits, guess: true };
  const [said, known] = [`The ${syntaxName[syntax]} says “${shortText(text)}”`, shortText(row.record ?? '')];
  const what = row.label.toLowerCase();
  if (agreement === 'different' || agreement === 'partly') {
    if (known)
      return [
        finding(
          row.core ? 'agreement/record' : 'agreement/record-other',
          `${said}, the record “${known}”.`,
          place,
          row.property,
          proposal,
        ),
      ];
    const code = comparedOf(row.fact)?.identifying ? 'agreement/record' : 'agreement/not-in-record';
    return [finding(code, `${said}; the record has no ${what}.`, place, row.property)];
  }
  if (agreement === 'missing')
    return [finding('agreement/not-in-record', `${said}; the record has no ${what}.`, place, row.property)];
  // How an international number is spaced is the machine's business, not a reader's.
  if (agreement === 'written-differently' && row.core && !comparedOf(row.fact)?.isMachineForm) {
    return [
      finding(
        'agreement/record-spelling',
        `The ${syntaxName[syntax]} writes “${text}”, the record “${known}”. The trade wants every character alike.`,
        place,
        row.property,
        proposal,
      ),
    ];
  }
  return [];
}

function againstVisitor(row: ThreeWayRow): readonly Finding[] {
  const [said] = row.markup;
  if (!said || said.agreement === 'different') return [];
  const { text, agreement, place, isAmongOthers, unnamed = [] } = row.visitor;
  if (isAmongOthers) return [hoursAmongOthers(said, text, place, row.property)];
  if (agreement === 'different') {
    const told = { message: 'What a machine is told', place: said.place };
    const seen = { message: 'What a visitor sees', place: place ?? said.place };
    // Markup says what the page says; where a record agrees with it, the page is wrong.
    const [at, other] = row.record ? [seen, told] : [told, seen];
    return [
      finding(
        'agreement/visitor',
        `A visitor sees “${shortText(text)}”, a machine is told “${shortText(said.text)}”.`,
        at.place,
        row.property,
        { related: [other] },
      ),
    ];
  }
  if (row.fact === 'name' && agreement === 'partly') {
    const message = `The markup says “${shortText(said.text)}”, visitors read “${shortText(text)}”. The form of a company belongs in legalName.`;
    return [finding('agreement/legal-form', message, said.place, row.property, { related: seenBy(place) })];
  }
  if (unnamed.length > 0) {
    const message = `The markup has hours for ${unnamed.join(', ')}, which the page’s “${shortText(text)}” does not name. Visitors take it for closed.`;
    return [
      finding('agreement/hours-not-shown', message, said.place, row.property, { related: seenBy(place) }),
    ];
  }
  if (agreement !== 'missing') return [];
  if (row.fact === 'hours')
    return [
      finding(
        'agreement/hours-not-shown',
        `The markup says “${shortText(said.text)}”, and the page shows no opening hours. Visitors look for them here too.`,
        said.place,
        row.property,
      ),
    ];
  return [notVisible(said.text, said.place, row.property)];
}

/** Where a visitor sees it, beside what is told; nothing where no place is known. */
const seenBy = (place: Place | undefined): { message: string; place: Place }[] =>
  place ? [{ message: 'What a visitor sees', place }] : [];

/** Letters without their marks in the markup, where visitors read them with these. */
function lostAccents(
  { markup: [said], visitor, core, property }: ThreeWayRow,
  source: string,
): readonly Finding[] {
  // Against a record that writes it otherwise, that is told.
  if (!core || visitor.agreement !== 'written-differently' || said?.agreement === 'written-differently')
    return [];
  const whole = said && withAccentsOf(said.text, visitor.text);
  if (!said || whole === undefined) return [];
  const { start, end } = said.place;
  const written = source.slice(start, end);
  const message = `The ${syntaxName[said.syntax]} writes “${shortText(said.text)}”, visitors read “${shortText(visitor.text)}”: letters lost their marks. Write “${shortText(whole)}”.`;
  return [
    finding('agreement/accents', message, said.place, property, {
      edits: written.includes(said.text)
        ? [{ start, end, text: written.replace(said.text, () => whole) }]
        : null,
      guess: true,
      related: seenBy(visitor.place),
    }),
  ];
}

/** What a machine is told of a business, and no visitor. */
export const notVisible = (text: string, place: Place, property: string): Finding =>
  finding(
    'agreement/not-visible',
    `The markup says “${shortText(text)}”, but a visitor cannot see it on the page.`,
    place,
    property,
  );

/** What a visitor sees otherwise than a machine is told, at what the machine reads; `of` is the business or the offer that is meant. */
export const seenOtherwise = (
  told: { readonly text: string; readonly place: Place; readonly property: string },
  seen: { readonly text: string; readonly place: Place },
  of = '',
): Finding =>
  finding(
    'agreement/visitor',
    `A visitor sees “${shortText(seen.text)}”${of && ` for ${shortText(of)}`}, a machine is told “${shortText(told.text)}”.`,
    told.place,
    told.property,
    { related: [{ message: 'What a visitor sees', place: seen.place }] },
  );

/** Hours that visitors see behind a label or in a sentence, which may be of something else. */
const hoursAmongOthers = (
  said: MarkupCell,
  seen: string,
  place: Place | undefined,
  property: string,
): Finding =>
  finding(
    'agreement/hours-among-others',
    `A visitor sees “${shortText(seen)}”, a machine is told “${shortText(said.text)}”. If both are of the door, one of them is wrong.`,
    said.place,
    property,
    { related: [{ message: 'What a visitor sees', place: place ?? said.place }] },
  );

/** Items of one page that describe the same business, whatever their syntax, and contradict each other. */
function judgeItems({ items }: Reading): readonly Finding[] {
  const described = businessesIn(items).map(describe);
  return groupsOfBusinesses(described, (one) => one).flatMap(([first, ...others]) =>
    others.flatMap((other) => contradictions(first, other)),
  );
}

/** So many contradictions, the name among them, are no slip: two businesses were given one `@id`. */
const FEWEST_OF_TWO = 3;

function contradictions(first: Description, other: Description): readonly Finding[] {
  const told = toldProperties.filter((one) => isContradiction(one, first, other));
  const { id } = other;
  const isOther = told.length >= FEWEST_OF_TWO && told.some(({ property }) => property === 'name');
  if (id && id === first.id && isOther) {
    const labels = told.map(({ label }) => label);
    const message = `Two businesses go by the one @id “${shortText(id)}” and differ in ${labels.slice(0, -1).join(', ')} and ${labels.at(-1) ?? ''}. A machine takes them for one. Give each an @id of its own.`;
    const related = told.map(({ property, label }) => ({
      message: `The other ${label}`,
      place: placeOfTold(other, property),
    }));
    return [finding('agreement/items', message, other.place, '@id', { related })];
  }
  return told.map((one) => {
    const { property, label, text } = one;
    const message = `Two items describe the same business and give it a different ${label}: “${shortText(text(first))}” in the ${syntaxName[first.syntax]}, “${shortText(text(other))}” in the ${syntaxName[other.syntax]}. A machine cannot tell which is right.`;
    return finding('agreement/items', message, placeOfTold(other, property), property, {
      related: [{ message: `The other ${label}`, place: placeOfTold(first, property) }],
    });
  });
}

/** The url of a business that points to another site than the page stands on: markup that was copied. */
function judgeAddress(
  { items, address, document, base }: Reading,
  mentioned: ReadonlySet<ReadItem>,
): readonly Finding[] {
  const businesses = businessesIn(items);
  // Where nobody says where the page stands it says so itself; a page about several is a list of others' pages.
  const isOfOne = businesses.filter(isLocalBusiness).length === 1;
  const own = siteOf(address || (isOfOne ? canonicalOf(document, base) : ''));
  if (!own) return [];
  const names = new Set(businesses.filter(isLocalBusiness).map(nameOf).filter(Boolean));
  return [...new Set([...businesses, ...items])].flatMap((item) => {
    if (!isLocalBusiness(item) && !names.has(nameOf(item))) return [];
    const url = textOf(item, 'url').trim();
    if (url === '') return [];
    // A site is another's in a misspelt address too.
    const other = siteOf(urlMeant(url) || url);
    if (!other || other === own || other.endsWith(`.${own}`) || own.endsWith(`.${other}`)) return [];
    // An organisation of the same name may have a site of its own, but not one that is a letter or two apart.
    if (isLocalBusiness(item) ? mentioned.has(item) : !isSlipOf(other, own)) return [];
    return [
      finding(
        'agreement/url',
        `The business names ${url} as its page, but this page stands on ${own}. The url must be the page’s own address.`,
        placeOf(item, 'url') ?? item.place,
        'url',
      ),
    ];
  });
}

/** A host that was meant for another, a letter or two apart. */
const isSlipOf = (host: string, meant: string): boolean =>
  Math.abs(host.length - meant.length) <= 2 && nearestName(host, [meant]) !== undefined;

const nameOf = (item: ReadItem): string => fold(textOf(item, 'name'));
