import type { RowFact } from '#core/agreement';
import { isWritten, textContent, type HtmlElement } from '#core/html';
import type { MarkupItem } from '#core/item';
import { businessItem, microdataSyntax, rdfaSyntax, silentMarkup, type HtmlSyntax } from '#core/markup';
import type { Reading } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { escapeHtml, type Edit } from '#core/text';
import { addressHolder, type Holder } from './address.ts';
import { carrierOf, commonParent, isPhrasing, type Carrier } from './carrier.ts';
import type { Find, Found } from './finding.ts';
import { linksOf } from './linked.ts';
import { Insertions } from './marks.ts';

/** A fact that a machine will read. */
export interface Woven {
  readonly fact: RowFact;
  /** Whether its own text is marked; otherwise it is said beside that, where cutting a text would move it. */
  readonly inPlace: boolean;
}

export interface Plan {
  readonly edits: readonly Edit[];
  readonly woven: readonly Woven[];
}

interface Manner {
  readonly syntax: 'microdata' | 'rdfa';
  readonly splits: boolean;
  /** Whether the name is said beside what is marked: it stands in no one place of the text. */
  readonly saysName: boolean;
  /** Whether visitors read the record's week. */
  readonly showsHours: boolean;
}

interface Held {
  readonly find: Find;
  readonly carrier: Carrier;
}

/** How deep wrappers of one stretch stand in each other, outermost first. */
const DEPTH = { address: 0, part: 2 } as const;

/**
 * What has to be written into a page so that a machine reads the finds as one business. The element round all of them
 * becomes the item; where the page has none, an element that nobody sees refers to them.
 */
export function plan(
  reading: Reading,
  record: BusinessRecord,
  { syntax, splits, saysName, showsHours }: Manner,
  { finds, differing }: Pick<Found, 'finds' | 'differing'>,
): Plan {
  const { source, visible, document } = reading;
  if (!visible || !document) return { edits: [], woven: [] };
  const held = finds.flatMap((find): Held[] => {
    const carrier = carrierOf({ source, visible, splits }, find.start, find.end);
    return carrier ? [{ find, carrier }] : [];
  });
  const weaver = new Weaver(reading, record, syntax, rootOf(held), splits);
  weaver.finds(held, new Set(differing.map(({ fact }) => fact)));
  const { base } = reading;
  if (weaver.root) weaver.links(linksOf(document, weaver.item, { base, own: record.url }, weaver.root));
  weaver.silent([...(saysName ? ['name'] : []), 'geo']);
  if (showsHours) weaver.silent(['openingHours']);
  weaver.close(held);
  return {
    edits: weaver.insertions.edits(source),
    woven: [
      ...held.map(({ find: { fact } }) => ({ fact, inPlace: weaver.inPlace.has(fact) })),
      ...(saysName ? [{ fact: 'name', inPlace: false } as const] : []),
    ],
  };
}

/** The element that becomes the item; undefined where none was written that may. */
function rootOf(held: readonly Held[]): HtmlElement | undefined {
  let root = commonParent(
    held.map(({ carrier: { element, parent, link } }) => (link ? parent : (element?.parent ?? parent))),
  );
  while (root && (!isWritten(root) || root.name === 'a')) root = root.parent ?? undefined;
  return root?.name && root.name !== 'html' ? root : undefined;
}

/** Elements of microdata whose value is in an attribute, or that cannot be given one. */
const VALUED = new Set(
  'a area audio embed iframe img link meta object source track video data meter time'.split(' '),
);
const TABLE_PARTS = new Set(['table', 'tbody', 'thead', 'tfoot', 'tr', 'colgroup']);

class Weaver {
  readonly insertions = new Insertions();
  readonly item: MarkupItem;
  /** The facts whose own text is marked. */
  readonly inPlace = new Set<RowFact>();
  readonly root: HtmlElement | undefined;
  readonly #reading: Reading;
  readonly #record: BusinessRecord;
  readonly #syntax: 'microdata' | 'rdfa';
  readonly #html: HtmlSyntax;
  readonly #id: string;
  readonly #splits: boolean;
  /** What stands in the element that nobody sees. */
  readonly #hidden: string[] = [];
  /** The ids that the item refers to. */
  readonly #referred: string[] = [];
  #holder: Holder | undefined;

  constructor(
    reading: Reading,
    record: BusinessRecord,
    syntax: 'microdata' | 'rdfa',
    root: HtmlElement | undefined,
    splits: boolean,
  ) {
    this.#splits = splits;
    this.#reading = reading;
    this.#record = record;
    this.#syntax = syntax;
    this.#html = syntax === 'microdata' ? microdataSyntax : rdfaSyntax;
    this.item = businessItem(record);
    this.#id = this.item.id || (root || syntax === 'microdata' ? '' : '#business');
    this.root = root;
    if (root) this.insertions.attributes(root, this.#html.item(this.item.types, this.#id));
  }

  finds(held: readonly Held[], differing: ReadonlySet<RowFact>): void {
    const parts = held.filter(({ find }) => find.inAddress);
    const others = held.filter(({ find }) => !find.inAddress);
    for (const one of others)
      if (!this.#mark(one, this.root === undefined))
        this.#hidden.push(this.#html.meta(one.find.property, one.find.told));
    if (parts.length === 0) return;
    const item = this.#html.item(['PostalAddress'], '', 'address');
    // Some readers lose an item that is referred to: there the address stands inside what refers.
    const canHold = this.root !== undefined || this.#syntax === 'rdfa';
    const holder = addressHolder(
      parts.map(({ carrier }) => carrier),
      others.map(({ carrier }) => carrier),
      this.root,
      this.#splits,
    );
    // A machine does not know region and country by the look of a postal code.
    const unseen = (['addressRegion', 'addressCountry'] as const).filter(
      (part) => !parts.some(({ find: { fact } }) => fact === `address.${part}`),
    );
    const silent = unseen
      .filter((part) => !differing.has(`address.${part}`))
      .map((part) => silentMarkup(this.#record, part, this.#syntax))
      .join('');
    const meta = ({ find: { property, told } }: Held): string => this.#html.meta(property, told);
    if (!canHold || !holder || !this.#hold(holder, item)) {
      this.#hidden.push(`<span${item}>${parts.map(meta).join('')}${silent}</span>`);
      return;
    }
    this.#holder = holder;
    const beside = parts.filter((one) => !this.#mark(one, false)).map(meta);
    this.#hideInHolder(holder, parts, beside.join('') + silent);
  }

  #hideInHolder({ element, end }: Holder, parts: readonly Held[], html: string): void {
    if (html === '') return;
    const host = this.root && element && parts.find(({ carrier: { link } }) => !link);
    if (host) this.insertions.hide(host.carrier.behind, '', html);
    else this.insertions.hide(element?.contentEnd ?? end, '', html, true);
  }

  /** Makes the holder of an address an item; false where it cannot be one. */
  #hold({ element, start, end }: Holder, item: string): boolean {
    if (element && this.root) {
      this.insertions.attributes(element, item);
      return true;
    }
    if (element && !element.children.every(isPhrasing)) return false;
    this.#wrap({ start, end }, 'span', item, DEPTH.address, this.root === undefined);
    return true;
  }

  /** Puts an element round a stretch; one that stands apart from the item is tied to it. */
  #wrap(
    range: { start: number; end: number },
    name: string,
    written: string,
    depth: number,
    isApart: boolean,
  ): void {
    if (!isApart) {
      this.insertions.wrap(range, name, written, depth);
    } else if (this.#syntax === 'rdfa') {
      this.insertions.wrap(
        range,
        'span',
        ` vocab="https://schema.org/" resource="${escapeHtml(this.#id)}"`,
        depth,
      );
      this.insertions.wrap(range, name, written, depth + 1);
    } else {
      const id = this.#freeId();
      this.#referred.push(id);
      this.insertions.wrap(range, name, ` id="${id}"${written}`, depth);
    }
  }

  #freeId(): string {
    const taken = new Set(this.#reading.document?.elements.map(({ attributes }) => attributes['id']));
    let number = this.#referred.length + 1;
    while (taken.has(`business-${String(number)}`) || this.#referred.includes(`business-${String(number)}`))
      number += 1;
    return `business-${String(number)}`;
  }

  /** Marks the text of a find; false where it can only be said beside it. */
  #mark(held: Held, isApart: boolean): boolean {
    const isMarked =
      this.#syntax === 'microdata' ? this.#markMicrodata(held, isApart) : this.#markRdfa(held, isApart);
    if (isMarked) this.inPlace.add(held.find.fact);
    return isMarked;
  }

  /** Whether an element's own text is a value for every reader: some take comments for text. */
  #canSay({ name, contentStart, contentEnd }: HtmlElement): boolean {
    return !VALUED.has(name) && !this.#reading.source.slice(contentStart, contentEnd).includes('<!--');
  }

  /** Whether a machine reads the text of a stretch as a visitor does. */
  #isEven({ start, end }: { start: number; end: number }): boolean {
    const written = this.#reading.source.slice(start, end);
    return !written.includes('<!--') && !UNEVEN.test(written.replace(/<[^>]*>/g, ''));
  }

  #markMicrodata({ find: { property, told, text }, carrier }: Held, isApart: boolean): boolean {
    const { element, wrap } = carrier;
    const given = this.#html.property(property);
    if (element && !isApart && this.#canSay(element) && textContent(element) === told) {
      this.insertions.attributes(element, given);
      return true;
    }
    if (!wrap) return false;
    const isSaid = text === told && this.#isEven(wrap);
    if (isSaid) this.#wrap(wrap, 'span', given, DEPTH.part, isApart);
    else this.#wrap(wrap, 'data', `${given} value="${escapeHtml(told)}"`, DEPTH.part, isApart);
    return true;
  }

  #markRdfa({ find: { property, told, text }, carrier }: Held, isApart: boolean): boolean {
    const { element, link, isWholeLink, roundLink, wrap } = carrier;
    const said = `${this.#html.property(property)} content="${escapeHtml(told)}"`;
    // A link would become the subject of what stands in it, so that the element goes round it.
    if (link) {
      if (!isWholeLink) return false;
      if (roundLink && roundLink !== this.root && !isApart) this.insertions.attributes(roundLink, said);
      else this.#wrap(link, 'span', said, DEPTH.part, isApart);
      return true;
    }
    const plain = this.#html.property(property);
    if (element && !isApart && !VALUED.has(element.name)) {
      this.insertions.attributes(
        element,
        this.#canSay(element) && textContent(element) === told ? plain : said,
      );
      return true;
    }
    if (!wrap) return false;
    const isSaid = text === told && this.#isEven(wrap);
    this.#wrap(wrap, 'span', isSaid ? plain : said, DEPTH.part, isApart);
    return true;
  }

  links(linked: ReturnType<typeof linksOf>): void {
    const isHeld = ({ start }: HtmlElement): boolean =>
      this.#holder !== undefined && start >= this.#holder.start && start < this.#holder.end;
    let hasUrl = false;
    for (const { element, property } of linked) {
      // A picture in a link would be said of where the link leads.
      const isOfLink = this.#syntax === 'rdfa' && element.name === 'img' && hasLinkRound(element);
      if (isHeld(element) || isOfLink) continue;
      this.insertions.attributes(element, this.#html.property(property));
      hasUrl ||= property === 'url';
    }
    if (!hasUrl) this.silent(['url']);
  }

  /** Properties that nobody reads. */
  silent(names: readonly string[]): void {
    for (const name of names) this.#hidden.push(silentMarkup(this.#record, name, this.#syntax));
  }

  /** Writes what nobody sees, where it disturbs no neighbour. */
  close(held: readonly Held[]): void {
    const html = this.#hidden.join('');
    const apart = this.#html.item(this.item.types, this.#id);
    const refers = this.#referred.length > 0 ? ` itemref="${this.#referred.join(' ')}"` : '';
    if (this.root && html === '') return;
    const isFree = ({ carrier: { link, start } }: Held): boolean =>
      !link && !(this.#holder && start >= this.#holder.start && start < this.#holder.end);
    const free = held.filter(isFree);
    const host = free.find(({ carrier: { parent } }) => parent.children.length === 1) ?? free[0];
    const at = host?.carrier.behind ?? this.#besideHolder();
    if (at !== undefined) this.insertions.hide(at, this.root ? '' : apart + refers, html);
  }

  #besideHolder(): number | undefined {
    if (this.root) return TABLE_PARTS.has(this.root.name) ? undefined : this.root.contentEnd;
    const holder = this.#holder;
    return holder?.element ? holder.element.end : holder?.end;
  }
}

/** White space that a visitor does not read as it is written. */
const UNEVEN = /^\s|\s\s|[\t\n\r\f]|\s$/;

function hasLinkRound(element: HtmlElement): boolean {
  for (let one = element.parent; one; one = one.parent) if (one.name === 'a') return true;
  return false;
}
