import { isDateOrYear } from '#core/hours';
import { valueText, type MarkupItem, type MarkupProperty, type MarkupValue } from '#core/item';
import { isLink } from '#core/link';
import { readTelephone } from '#core/phone';
import {
  countryOf,
  factHead,
  factOf,
  isFact,
  usualOutput,
  type BusinessRecord,
  type KnownFact,
  type Output,
  propertyKinds,
} from '#core/record';
import { escapeHtml, plainText } from '#core/text';
import { businessItem } from './item.ts';
import { writeAddress } from './addressBlock.ts';
import { asReferences, spokenOf, telephoneFor } from './display.ts';
import { HoursBlock } from './hoursBlock.ts';
import { besidesOf } from './kept.ts';
import { directionOf, type Spoken } from './language.ts';
import { microdata, plainHtml, spanOf, type HtmlSyntax } from './syntax.ts';
import { MarkupWriter, type Markup } from './writer.ts';

/** A stretch of a line: its HTML, and whether it goes on the sentence before it rather than following a comma. */
interface Piece {
  readonly html: string;
  readonly goesOn?: boolean;
}

/** Pieces in one line. Where one goes on a sentence, all of them are one. */
const inOneLine = (pieces: readonly Piece[]): string =>
  pieces.map(({ html }) => html).join(pieces.some(({ goesOn }) => goesOn) ? ' ' : ', ');

/** Properties of items whose values are for machines: visitors read the words for them. */
const UNREAD = new Set([
  'openingHoursSpecification',
  'geoMidpoint',
  'geoRadius',
  'hasMenuSection',
  'hasMenuItem',
]);

/** The fact that a property is made from. */
const factBehind = ({ facts: [first = ''] }: MarkupProperty): KnownFact | undefined =>
  isFact(first) ? factOf(factHead(first)) : undefined;

/** The words round a value in a sentence: "4.5 of 5 from 31 reviews". */
const SENTENCE: Readonly<Record<string, readonly [before: string, behind: string]>> = {
  bestRating: ['of', ''],
  reviewCount: ['from', 'reviews'],
};

/**
 * The record as a visible block: name, address, telephone, hours and whatever else is not left out, in
 * semantic HTML. With a syntax it says to machines the same as the JSON-LD does; without one
 * (`plainHtml`) it is for visitors alone.
 */
export function block(record: BusinessRecord, syntax: HtmlSyntax): Markup {
  const output = record.output ?? usualOutput;
  return new Block(record, syntax, output).write();
}

/** The block with microdata: what is placed on pages. */
export const napBlock = (record: BusinessRecord): Markup => block(record, microdata);

/** The block for visitors alone. */
export const plainBlock = (record: BusinessRecord): Markup => block(record, plainHtml);

class Block {
  readonly #writer = new MarkupWriter();
  readonly #record: BusinessRecord;
  #syntax: HtmlSyntax;
  readonly #output: Output;
  readonly #country: string;
  readonly #spoken: Spoken;
  /** Names of properties that visitors read here, and machines as they came. */
  #came: ReadonlySet<string> = new Set();
  /** What the record keeps beside its business and is not written yet. */
  readonly #kept: Set<MarkupItem>;

  constructor(record: BusinessRecord, syntax: HtmlSyntax, output: Output) {
    this.#record = record;
    this.#syntax = syntax;
    this.#output = output;
    this.#country = countryOf(record);
    this.#spoken = spokenOf(record);
    this.#kept = new Set(besidesOf(record));
  }

  get #oneLine(): boolean {
    return this.#output.block.lines === 'one';
  }

  write(): Markup {
    const leftOut = this.#output.leftOut.block;
    const item = businessItem(this.#record, { leftOut });
    // What is kept as it came is nothing that visitors should have to read.
    const keeps = this.#record.kept.length > 0 && !leftOut.includes('kept');
    const own = keeps ? businessItem(this.#record, { leftOut: [...leftOut, 'kept'] }) : item;
    const said = new Set(item.properties.flatMap(({ name, asItCame }) => (asItCame ? [] : [name])));
    this.#came = new Set(own.properties.flatMap(({ name }) => (said.has(name) ? [] : [name])));
    const writer = this.#writer;
    writer.add(
      `<div${this.#syntax.item(item.types, item.id)}${this.#class('block')}${directionOf(this.#spoken)}>\n`,
      ['types', ...(item.id ? ['id'] : [])],
    );
    // What has no place of its own follows in the item's own order.
    const rank = (property: MarkupProperty): number => factBehind(property)?.block?.at ?? Infinity;
    const named = own.properties.some(({ name }) => name === 'name');
    for (const property of own.properties.toSorted((a, b) => rank(a) - rank(b) || 0)) {
      // The page address is the link round the name.
      if (property.name === 'url' && named) continue;
      if (this.#came.has(property.name) && property.name !== 'name') this.#unsaid(property, own);
      else this.#property(property, own);
    }
    for (const { name, values, facts, asItCame } of item.properties)
      if (asItCame) for (const value of values) this.#machine(name, value, facts);
    if (keeps) for (const node of this.#kept) this.#beside(node);
    writer.add('</div>');
    return writer.done();
  }

  /** A property as visitors read it, with nothing of it for machines. */
  #unsaid(property: MarkupProperty, item: MarkupItem): void {
    const syntax = this.#syntax;
    this.#syntax = plainHtml;
    this.#property(property, item);
    this.#syntax = syntax;
  }

  /** The attribute of a property, but for one that machines are told as it came. */
  #attribute(name: string): string {
    return this.#came.has(name) ? '' : this.#syntax.property(name);
  }

  /** What visitors read of an address that they can follow. */
  #linkText(name: string, address: string): string {
    const text = factOf(name)?.block?.linkText;
    return text ? this.#spoken.say(text) : address.replace(/^https?:\/\/(?:www\.)?/i, '').replace(/\/$/, '');
  }

  /** Another node that came with the business: for machines alone. */
  #beside(node: MarkupItem): void {
    this.#kept.delete(node);
    const { types, id, properties } = node;
    const attributes = this.#syntax.item(types, id);
    if (!attributes) return;
    const inner = properties.flatMap(({ name, values }) => values.map((one) => this.#forMachines(name, one)));
    this.#writer.add(`  <div${attributes}>${inner.join('')}</div>\n`, ['kept']);
  }

  #class(part: string): string {
    const { classes } = this.#output.block;
    return classes ? ` class="${escapeHtml(`${classes}-${part}`)}"` : '';
  }

  /** One line of the block: an element of its own, or a stretch of the one line. */
  #line(inner: string, facts: readonly string[], part: string, element = 'p'): void {
    if (!inner) return;
    const tag = this.#oneLine ? 'span' : element;
    this.#writer.add(`  <${tag}${this.#class(part)}>${inner}</${tag}>${this.#oneLine ? ' ' : ''}\n`, facts);
  }

  #label(property: MarkupProperty): string {
    const label = factBehind(property)?.block?.label;
    return label && this.#output.block.labels ? this.#spoken.say(label) + this.#spoken.colon : '';
  }

  #property(property: MarkupProperty, item: MarkupItem): void {
    const { name, values, facts } = property;
    const { kind, block: { forMachines = false, linkText: isMap } = {} } = factBehind(property) ?? {};
    const isSilent = forMachines || (isMap && !this.#output.block.mapLink);
    if (name === 'name') this.#name(values, item);
    else if (kind?.name === 'address') this.#address();
    else if (kind?.name === 'hours') this.#hours.week();
    else if (kind?.name === 'day') this.#hours.publicHolidays(property);
    else if (kind?.name === 'exceptions') this.#hours.exceptions(values);
    else if (isSilent) for (const value of values) this.#machine(name, value, facts);
    else if (values.every((value) => value.kind !== 'item')) this.#texts(property);
    else this.#items(property);
  }

  #name(values: readonly MarkupValue[], item: MarkupItem): void {
    const [name] = values;
    const url = item.properties.find((one) => one.name === 'url')?.values[0];
    const href = valueText(url);
    const strong = (inner: string): string => `<strong${this.#attribute('name')}>${inner}</strong>`;
    const [text, isUrl] = [escapeHtml(valueText(name)), this.#attribute('url')];
    this.#line(
      // A link that says nothing by itself would be what RDFa speaks of inside it (RDFa Core 1.1, 7.5).
      isUrl || !href ? this.#led(href, isUrl, strong(text)) : strong(this.#led(href, '', text)),
      ['name', ...(href ? ['url'] : [])],
      'name',
    );
  }

  /** Something to read as a link to follow; the same without a link where visitors may not be led there. */
  #led(address: string, attribute: string, inner: string): string {
    return address && isLink(address) ? `<a${attribute} href="${escapeHtml(address)}">${inner}</a>` : inner;
  }

  #address(): void {
    writeAddress(this.#writer, this.#record, this.#syntax, this.#oneLine, this.#class('address'));
  }

  #span(name: string, text: string): string {
    return spanOf(this.#syntax, name, text);
  }

  /** A telephone number as visitors of its country write it; `address` is what is dialled, '' for no link. */
  #telephone(typed: string, name: string, address?: string): string {
    const { telephone } = readTelephone(typed, this.#country);
    if (!telephone) return this.#span(name, plainText(typed));
    const number = escapeHtml(telephoneFor(telephone, this.#country, this.#output.block.telephone));
    // Its groups of digits would stand in the other order there (Unicode Bidirectional Algorithm, N1).
    const shown = this.#spoken.isRightToLeft ? `<bdi dir="ltr">${number}</bdi>` : number;
    const dial = this.#output.block.linkTelephone ? (address ?? `tel:${telephone.e164}`) : '';
    return this.#syntax.said(name, telephone.international, this.#led(dial, '', shown));
  }

  #email(text: string): string {
    const { linkEmail, guardEmail } = this.#output.block;
    const address = text.replace(/^mailto:/i, '');
    const written = linkEmail
      ? this.#syntax.said('email', text, this.#led(`mailto:${address}`, '', escapeHtml(text)))
      : this.#span('email', text);
    return guardEmail ? written.replaceAll(escapeHtml(address), asReferences(address)) : written;
  }

  #texts(property: MarkupProperty): void {
    const { name, values, facts } = property;
    const known = factBehind(property);
    const text = (value: MarkupValue): string => {
      // Numbers as they were typed: a visitor may know them by another form than the machine's.
      if (known?.kind.name === 'telephone')
        return this.#telephone(known.text(this.#record), name, known.block?.undialled ? '' : undefined);
      const date = valueText(value);
      if (known?.kind.name.startsWith('date') && isDateOrYear(date))
        return this.#syntax.time(name, date, this.#date(date));
      return known?.kind.name === 'email' ? this.#email(valueText(value)) : this.#text(name, value);
    };
    this.#line(this.#label(property) + values.map(text).join(', '), facts, name);
  }

  /** A text to read, or an address to follow. */
  #text(name: string, value: MarkupValue): string {
    const text = valueText(value);
    if (value.kind === 'boolean')
      return this.#syntax.said(name, text, escapeHtml(this.#spoken.say(text === 'true' ? 'yes' : 'no')));
    const answer = value.kind === 'text' ? this.#answer(name, text) : '';
    if (answer) return this.#syntax.said(name, text, escapeHtml(answer));
    if (value.kind !== 'link' || !isLink(text)) return this.#span(name, text);
    return this.#led(text, this.#syntax.property(name), escapeHtml(this.#linkText(name, text)));
  }

  /** "Yes" and "No" of a property that takes an address too, in the words of the block; '' where they are those. */
  #answer(name: string, text: string): string {
    if (propertyKinds.get(name) !== 'yesNoOrUrl' || !/^(?:yes|no)$/i.test(text)) return '';
    const said = this.#spoken.say(/^y/i.test(text) ? 'yes' : 'no');
    return said.toLowerCase() === text.toLowerCase() ? '' : said;
  }

  #machine(name: string, value: MarkupValue, facts: readonly string[]): void {
    const written = this.#forMachines(name, value);
    if (written)
      this.#writer.add(
        `  ${written}\n`,
        value.kind === 'item' && value.item.properties[0]
          ? value.item.properties.flatMap((one) => one.facts)
          : facts,
      );
  }

  /** A value that visitors do not read; an item as an element that may stand where it is written. */
  #forMachines(name: string, value: MarkupValue, element: 'div' | 'span' = 'div'): string {
    if (value.kind === 'link') return this.#syntax.link(name, value.text);
    if (value.kind !== 'item')
      return this.#syntax.meta(name, value.text, value.kind === 'text' ? value.language : undefined);
    const { types, id, properties } = this.#referred(value.item);
    if (types.length === 0 && properties.length === 0) return this.#syntax.link(name, id);
    const attributes = this.#syntax.item(types, id, name);
    if (!attributes) return '';
    const inner = properties
      .flatMap((one) => one.values.map((each) => this.#forMachines(one.name, each, element)))
      .join('');
    return `<${element}${attributes}>${inner}</${element}>`;
  }

  /**
   * What is only named by its `@id`, with what the record keeps of it: microdata joins no nodes by their names, so it
   * stands where it is first named, and once.
   */
  #referred(item: MarkupItem): MarkupItem {
    const { types, id, properties } = item;
    if (!id || types.length > 0 || properties.length > 0) return item;
    for (const node of this.#kept) {
      if (node.id !== id || node.types.length === 0) continue;
      this.#kept.delete(node);
      return node;
    }
    return item;
  }

  /** Items as a list of lines, or one line where there is only one. */
  #items(property: MarkupProperty): void {
    const { name, values, facts } = property;
    const isShort = factBehind(property)?.block?.inLine ?? false;
    const label = this.#label(property);
    const written = values.map((value) => this.#itemLine(name, value).html);
    if (written.length === 1 || this.#oneLine || isShort) {
      this.#line(label + written.join(isShort ? ', ' : '; '), facts, name, 'div');
      return;
    }
    if (label) this.#writer.add(`  <p${this.#class(`${name}-label`)}>${label}</p>\n`, facts);
    this.#writer.add(`  <ul${this.#class(name)}>\n`, facts);
    for (const line of written) this.#writer.add(`    <li>${line}</li>\n`, facts);
    this.#writer.add('  </ul>\n', facts);
  }

  #itemLine(name: string, value: MarkupValue): Piece {
    if (value.kind !== 'item') return { html: this.#text(name, value) };
    const { item } = value;
    return { html: `<span${this.#syntax.item(item.types, item.id, name)}>${this.#inside(item)}</span>` };
  }

  /** What an item says in one line: what is for machines alone first, its name linked to its page, then the rest. */
  #inside(item: MarkupItem): string {
    const get = (name: string): MarkupProperty | undefined =>
      item.properties.find((one) => one.name === name);
    const named = valueText(get('name')?.values[0]);
    const linkName = ['url', 'sameAs'].find((one) => get(one)?.values[0]?.kind === 'link');
    const address = linkName ? valueText(get(linkName)?.values[0]) : '';
    const message = get('url')?.values.find((value) => value.kind === 'link' && /^sms:/i.test(value.text));
    const pieces: Piece[] = [];
    const silent: string[] = [];
    const behind: string[] = [];
    for (const { name, values, silent: isSilent } of item.properties) {
      if (name === 'name' && linkName) {
        const span = this.#span('name', named);
        pieces.push({ html: this.#led(address, this.#syntax.property(linkName), span) });
      } else if (isSilent) silent.push(...values.map((value) => this.#syntax.meta(name, valueText(value))));
      else if (name === linkName && named)
        behind.push(...values.slice(1).map((value) => this.#syntax.link(name, valueText(value))));
      else
        for (const value of values) {
          // That a thing is so needs no word beside its name.
          if (value.kind === 'boolean') silent.push(this.#syntax.meta(name, value.text));
          else if (value === message || (value.kind === 'link' && name !== linkName))
            silent.push(this.#syntax.link(name, valueText(value)));
          else if (UNREAD.has(name)) silent.push(this.#forMachines(name, value, 'span'));
          else pieces.push(this.#piece(name, value, message && valueText(message)));
        }
    }
    return [...silent, inOneLine(pieces), ...behind, this.#hours.ofDepartment(item)].join('');
  }

  #piece(name: string, value: MarkupValue, message: string | undefined): Piece {
    const text = valueText(value);
    const around = SENTENCE[name];
    if (around) {
      const [before, behind] = around.map((word) => word && escapeHtml(this.#spoken.say(word)));
      return {
        html: [before, this.#span(name, text), behind].filter(Boolean).join(' '),
        goesOn: true,
      };
    }
    if (name === 'telephone') return { html: this.#telephone(text, name, message) };
    if (name === 'urlTemplate') return { html: this.#action(text) };
    return this.#itemLine(name, value);
  }

  #action(address: string): string {
    const said = this.#syntax.meta('urlTemplate', address);
    return said + this.#led(address, '', escapeHtml(this.#linkText('', address)));
  }

  get #hours(): HoursBlock {
    return new HoursBlock({
      writer: this.#writer,
      record: this.#record,
      syntax: this.#syntax,
      spoken: this.#spoken,
      attributes: (part) => this.#class(part),
      line: (...words) => {
        this.#line(...words);
      },
    });
  }

  #date(date: string): string {
    return this.#spoken.date(date, this.#output.block.dates);
  }
}
