import { addressLines, countryCode, countryName } from '#core/address';
import {
  clockOf,
  closedSpan,
  days,
  hoursLines,
  readDay,
  showSpans,
  type Day,
  type Hours,
  type Span,
} from '#core/hours';
import { isLink } from '#core/link';
import { readTelephone, type Telephone } from '#core/phone';
import { countryOf, usualOutput, type BusinessRecord, type Fact, type Output } from '#core/record';
import { escapeHtml, plainText } from '#core/text';
import { businessItem, type MarkupItem, type MarkupProperty, type MarkupValue } from './item.ts';
import { dayAddress, microdata, plainHtml, type HtmlSyntax } from './syntax.ts';
import { MarkupWriter, type Markup } from './writer.ts';

/** What stands before a value when the block has labels. */
const LABELS: Readonly<Record<string, string>> = {
  alternateName: 'Also known as',
  legalName: 'Legal name',
  branchCode: 'Branch',
  vatID: 'VAT number',
  taxID: 'Tax number',
  parentOrganization: 'Part of',
  telephone: 'Telephone',
  faxNumber: 'Fax',
  email: 'Email',
  hasMap: 'Map',
  areaServed: 'We serve',
  priceRange: 'Price range',
  currenciesAccepted: 'Currencies',
  paymentAccepted: 'Payment',
  servesCuisine: 'Cuisine',
  hasMenu: 'Menu',
  acceptsReservations: 'Reservations',
  makesOffer: 'Services',
  department: 'Departments',
  aggregateRating: 'Rating',
  review: 'Reviews',
  founder: 'Founded by',
  OrderAction: 'Order',
  ReserveAction: 'Book',
  mobile: 'Mobile',
  messaging: 'Text messages',
  'contact page': 'Contact',
};

/** Addresses that no visitor reads as text. */
const FOR_MACHINES = new Set(['additionalType', 'image', 'sameAs', 'logo', 'geo']);

/** Lists of bare names, which read best in one line. */
const SHORT_LISTS = new Set(['areaServed', 'founder']);

/** The order in which visitors want to read; what is not named here follows in the item's own order. */
const ORDER: readonly string[] = [
  'name',
  'slogan',
  'address',
  'telephone',
  'contactPoint',
  'faxNumber',
  'email',
  'hasMap',
  'openingHoursSpecification',
  'priceRange',
];

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
  readonly #syntax: HtmlSyntax;
  readonly #output: Output;
  readonly #country: string;

  constructor(record: BusinessRecord, syntax: HtmlSyntax, output: Output) {
    this.#record = record;
    this.#syntax = syntax;
    this.#output = output;
    this.#country = countryOf(record);
  }

  get #oneLine(): boolean {
    return this.#output.block.lines === 'one';
  }

  write(): Markup {
    const item = businessItem(this.#record, { leftOut: this.#output.leftOut.block });
    const writer = this.#writer;
    writer.add(`<div${this.#syntax.item(item.types, item.id)}${this.#class('block')}>\n`, [
      'types',
      ...(item.id ? (['id'] as const) : []),
    ]);
    const rank = ({ name }: MarkupProperty): number => {
      const at = ORDER.indexOf(name);
      return at < 0 ? ORDER.length : at;
    };
    const named = item.properties.some(({ name }) => name === 'name');
    for (const property of [...item.properties].sort((a, b) => rank(a) - rank(b))) {
      // The page address is the link round the name.
      if (property.name === 'url' && named) continue;
      this.#property(property, item);
    }
    writer.add('</div>');
    return writer.done();
  }

  #class(part: string): string {
    const { classes } = this.#output.block;
    return classes ? ` class="${escapeHtml(`${classes}-${part}`)}"` : '';
  }

  /** One line of the block: an element of its own, or a stretch of the one line. */
  #line(inner: string, facts: readonly Fact[], part: string, element = 'p'): void {
    if (!inner) return;
    const tag = this.#oneLine ? 'span' : element;
    this.#writer.add(`  <${tag}${this.#class(part)}>${inner}</${tag}>${this.#oneLine ? ' ' : ''}\n`, facts);
  }

  #label(name: string): string {
    const label = LABELS[name];
    return label && this.#output.block.labels ? `${label}: ` : '';
  }

  #property(property: MarkupProperty, item: MarkupItem): void {
    const { name, values, facts } = property;
    if (name === 'name') this.#name(values, item);
    else if (name === 'address') this.#address();
    else if (name === 'openingHoursSpecification') this.#hours(property);
    else if (name === 'telephone')
      this.#line(this.#label(name) + this.#telephone(this.#record.telephone, name), facts, name);
    else if (name === 'faxNumber') this.#line(this.#label(name) + this.#fax(), facts, name);
    else if (name === 'email') this.#line(this.#label(name) + this.#email(values), facts, name);
    else if (FOR_MACHINES.has(name)) for (const value of values) this.#machine(name, value, facts);
    else if (name === 'hasMap' && !this.#output.block.mapLink)
      for (const value of values) this.#machine(name, value, facts);
    else if (values.every((value) => value.kind !== 'item')) this.#texts(property);
    else this.#items(property);
  }

  #name(values: readonly MarkupValue[], item: MarkupItem): void {
    const [name] = values;
    const url = item.properties.find((one) => one.name === 'url')?.values[0];
    const href = url && url.kind !== 'item' ? url.text : '';
    const text = name && name.kind !== 'item' ? name.text : '';
    const strong = `<strong${this.#syntax.property('name')}>${escapeHtml(text)}</strong>`;
    this.#line(
      this.#led(href, this.#syntax.property('url'), strong),
      ['name', ...(href ? (['url'] as const) : [])],
      'name',
    );
  }

  /** Something to read as a link to follow; the same without a link where visitors may not be led there. */
  #led(address: string, attribute: string, inner: string): string {
    return address && isLink(address) ? `<a${attribute} href="${escapeHtml(address)}">${inner}</a>` : inner;
  }

  #address(): void {
    const { address } = this.#record;
    const writer = this.#writer;
    const tag = this.#oneLine ? 'span' : 'address';
    writer.add(`  <${tag}${this.#syntax.item(['PostalAddress'], '', 'address')}${this.#class('address')}>\n`);
    const lines = addressLines(address, true);
    for (const [at, line] of lines.entries()) {
      writer.add('    ');
      for (const { part, text } of line) {
        if (part === 'addressCountry') {
          const code = countryCode(address.addressCountry) || plainText(address.addressCountry);
          const shown = countryName(code);
          writer.add(this.#syntax.said(part, code, escapeHtml(shown)), [`address.${part}`]);
        } else if (part) writer.add(this.#span(part, plainText(text)), [`address.${part}`]);
        else writer.add(escapeHtml(text));
      }
      writer.add(at < lines.length - 1 ? (this.#oneLine ? ', \n' : '<br>\n') : '\n');
    }
    writer.add(`  </${tag}>${this.#oneLine ? ' ' : ''}\n`);
  }

  #span(name: string, text: string): string {
    const attribute = this.#syntax.property(name);
    return attribute ? `<span${attribute}>${escapeHtml(text)}</span>` : escapeHtml(text);
  }

  /** A telephone number as visitors of its country write it, linked to the number that is dialled. */
  #telephone(typed: string, name: string, address?: string): string {
    const { telephone } = readTelephone(typed, this.#country);
    const written = plainText(typed);
    if (!telephone) return this.#span(name, written);
    const shown = escapeHtml(this.#shown(telephone));
    return this.#syntax.said(
      name,
      telephone.international,
      this.#output.block.linkTelephone ? this.#led(address ?? `tel:${telephone.e164}`, '', shown) : shown,
    );
  }

  #email(values: readonly MarkupValue[]): string {
    const text = textOf(values[0]);
    if (!this.#output.block.linkEmail) return this.#span('email', text);
    const link = this.#led(`mailto:${text.replace(/^mailto:/i, '')}`, '', escapeHtml(text));
    return this.#syntax.said('email', text, link);
  }

  #fax(): string {
    const { telephone } = readTelephone(this.#record.faxNumber, this.#country);
    return telephone
      ? this.#syntax.said('faxNumber', telephone.international, escapeHtml(this.#shown(telephone)))
      : this.#span('faxNumber', plainText(this.#record.faxNumber));
  }

  /** The national form at home; abroad only the international one can be dialled. */
  #shown({ country, national, international }: Telephone): string {
    return this.#country && country && this.#country !== country ? international : national;
  }

  #texts({ name, values, facts }: MarkupProperty): void {
    this.#line(this.#label(name) + values.map((value) => this.#text(name, value)).join(', '), facts, name);
  }

  /** A text to read, or an address to follow. */
  #text(name: string, value: MarkupValue): string {
    const text = textOf(value);
    if (value.kind !== 'link' || !isLink(text)) return this.#span(name, text);
    return this.#led(text, this.#syntax.property(name), escapeHtml(linkText(name, text)));
  }

  #machine(name: string, value: MarkupValue, facts: readonly Fact[]): void {
    const written = this.#forMachines(name, value);
    if (written)
      this.#writer.add(
        `  ${written}\n`,
        value.kind === 'item' && value.item.properties[0]
          ? value.item.properties.flatMap((one) => one.facts)
          : facts,
      );
  }

  #forMachines(name: string, value: MarkupValue): string {
    if (value.kind === 'link') return this.#syntax.link(name, value.text);
    if (value.kind !== 'item') return this.#syntax.meta(name, value.text);
    const attributes = this.#syntax.item(value.item.types, value.item.id, name);
    if (!attributes) return '';
    const inner = value.item.properties
      .flatMap((one) => one.values.map((each) => this.#forMachines(one.name, each)))
      .join('');
    return `<div${attributes}>${inner}</div>`;
  }

  /** Items as a list of lines, or one line where there is only one. */
  #items(property: MarkupProperty): void {
    const { name, values, facts } = property;
    const kind = kindOf(values[0]);
    const label = this.#label(name) || this.#label(kind);
    const written = values.map((value) => this.#itemLine(name, value));
    if (written.length === 1 || this.#oneLine || SHORT_LISTS.has(name)) {
      this.#line(label + written.join(SHORT_LISTS.has(name) ? ', ' : '; '), facts, name, 'div');
      return;
    }
    if (label) this.#writer.add(`  <p${this.#class(`${name}-label`)}>${label}</p>\n`, facts);
    this.#writer.add(`  <ul${this.#class(name)}>\n`, facts);
    for (const line of written) this.#writer.add(`    <li>${line}</li>\n`, facts);
    this.#writer.add('  </ul>\n', facts);
  }

  #itemLine(name: string, value: MarkupValue): string {
    if (value.kind !== 'item') return this.#text(name, value);
    const { item } = value;
    return `<span${this.#syntax.item(item.types, item.id, name)}>${this.#inside(item)}</span>`;
  }

  /** What an item says in one line: its name linked to its page, then the rest. */
  #inside(item: MarkupItem): string {
    const get = (name: string): MarkupProperty | undefined =>
      item.properties.find((one) => one.name === name);
    const nameText = textOf(get('name')?.values[0]);
    const linkName = (['url', 'sameAs'] as const).find((one) => get(one)?.values[0]?.kind === 'link');
    const message = get('url')?.values.find((value) => value.kind === 'link' && /^sms:/i.test(value.text));
    const parts: string[] = [];
    const silent: string[] = [];
    for (const { name, values } of item.properties) {
      if (name === 'name' && linkName) {
        const address = textOf(get(linkName)?.values[0]);
        parts.push(this.#led(address, this.#syntax.property(linkName), this.#span('name', nameText)));
        continue;
      }
      if (name === linkName && nameText) continue;
      if (name === 'contactType' && /^(mobile|messaging|contact page)$/.test(textOf(values[0]))) {
        silent.push(this.#syntax.meta(name, textOf(values[0])));
        continue;
      }
      for (const value of values) {
        if (value === message || (value.kind === 'link' && name !== linkName))
          silent.push(this.#syntax.link(name, textOf(value)));
        else if (name === 'openingHoursSpecification') silent.push(this.#forMachines(name, value));
        else if (name === 'telephone')
          parts.push(this.#telephone(textOf(value), name, message && textOf(message)));
        else if (name === 'urlTemplate') parts.push(this.#action(textOf(value)));
        else if (name === 'bestRating') parts.push(`of ${this.#span(name, textOf(value))}`);
        else if (name === 'reviewCount') parts.push(`from ${this.#span(name, textOf(value))} reviews`);
        else if (value.kind === 'item') parts.push(this.#itemLine(name, value));
        else parts.push(this.#text(name, value));
      }
    }
    return (
      silent.join('') +
      parts.join(parts.some((part) => part.startsWith('of ') || part.startsWith('from ')) ? ' ' : ', ') +
      this.#departmentHours(item)
    );
  }

  #action(address: string): string {
    const said = this.#syntax.meta('urlTemplate', address);
    return said + this.#led(address, '', escapeHtml(linkText('', address)));
  }

  /** Hours of a department as words; machines read them from the silent items. */
  #departmentHours(item: MarkupItem): string {
    if (!item.properties.some(({ name }) => name === 'openingHoursSpecification')) return '';
    const name = textOf(item.properties.find((one) => one.name === 'name')?.values[0]);
    const department = this.#record.department.find((one) => plainText(one.name) === name);
    return department?.hours.trim() ? ` (${escapeHtml(plainText(department.hours))})` : '';
  }

  #clock(): 12 | 24 {
    const { clock } = this.#output.block;
    return clock === 'country' ? clockOf(this.#country) : clock === '12' ? 12 : 24;
  }

  #hours({ facts, values }: MarkupProperty): void {
    if (facts.includes('specialHours')) {
      this.#specials(values);
      return;
    }
    const { hours } = this.#record;
    const { joinDays, closedDays } = this.#output.block;
    const lines = hoursLines(hours, this.#clock(), { joinDays, closedDays });
    const rows = lines.map(({ days: named, label, text }) => ({
      named,
      text: `${escapeHtml(label)}: ${this.#spans(hours, named, text)}`,
    }));
    if (this.#oneLine) this.#line(rows.map(({ text }) => text).join('; '), ['hours.Monday'], 'hours');
    else {
      this.#writer.add(`  <ul${this.#class('hours')}>\n`);
      for (const { named, text } of rows)
        this.#writer.add(
          `    <li>${text}</li>\n`,
          named.map((day): Fact => `hours.${day}`),
        );
      this.#writer.add('  </ul>\n');
    }
    // A closed day that visitors need not read is still told to machines.
    const closed = closedDays ? [] : days.filter((day) => readDay(hours[day]).spans?.length === 0);
    if (closed.length > 0) this.#machineSpan(closed, closedSpan);
  }

  #machineSpan(named: readonly Day[], span: Span): void {
    const attributes = this.#syntax.item(['OpeningHoursSpecification'], '', 'openingHoursSpecification');
    if (!attributes) return;
    this.#writer.add(
      `  <div${attributes}>${this.#days(named)}${this.#times(span)}</div>\n`,
      named.map((day): Fact => `hours.${day}`),
    );
  }

  #days(named: readonly Day[]): string {
    return named.map((day) => this.#syntax.link('dayOfWeek', dayAddress(day))).join('');
  }

  #times({ opens, closes }: Span): string {
    return this.#syntax.meta('opens', opens) + this.#syntax.meta('closes', closes);
  }

  #spans(hours: Hours, named: readonly Day[], text: string): string {
    const { spans, appointment } = readDay(hours[named[0] ?? 'Monday']);
    if (appointment || !spans) return escapeHtml(text);
    const texts = text.split(', ');
    return (spans.length > 0 ? spans : [closedSpan])
      .map(({ opens, closes }, at) => {
        const [from = '', until] = (texts[at] ?? '').split(' – ');
        const times = until
          ? `${this.#syntax.time('opens', opens, from)} – ${this.#syntax.time('closes', closes, until)}`
          : `${this.#times({ opens, closes })}${from}`;
        const attributes = this.#syntax.item(['OpeningHoursSpecification'], '', 'openingHoursSpecification');
        return attributes ? `<span${attributes}>${this.#days(named)}${times}</span>` : times;
      })
      .join(', ');
  }

  /** Exceptions, one a line: its name, its dates, its hours. */
  #specials(values: readonly MarkupValue[]): void {
    if (!this.#oneLine) this.#writer.add(`  <ul${this.#class('exceptions')}>\n`, ['specialHours']);
    for (const value of values) {
      if (value.kind !== 'item') continue;
      const line = this.#special(value.item);
      if (this.#oneLine) this.#line(line, ['specialHours'], 'exceptions');
      else this.#writer.add(`    <li>${line}</li>\n`, ['specialHours']);
    }
    if (!this.#oneLine) this.#writer.add('  </ul>\n', ['specialHours']);
  }

  #special(item: MarkupItem): string {
    const get = (name: string): string => textOf(item.properties.find((one) => one.name === name)?.values[0]);
    const [name, from, through, opens, closes] = ['name', 'validFrom', 'validThrough', 'opens', 'closes'].map(
      get,
    ) as [string, string, string, string, string];
    const named = (item.properties.find((one) => one.name === 'dayOfWeek')?.values ?? []).map((value) =>
      textOf(value),
    );
    const date = (property: string, day: string): string => this.#syntax.time(property, day, showDate(day));
    const dates =
      from === through
        ? date('validFrom', from) + this.#syntax.meta('validThrough', through)
        : `${date('validFrom', from)} – ${date('validThrough', through)}`;
    const hours = showSpans(opens === closes ? [] : [{ opens, closes }], this.#clock());
    const weekdays = named.length > 0 ? ` ${named.map((day) => day.slice(0, 3)).join(', ')}` : '';
    const inner = `${name ? `${this.#span('name', name)}, ` : ''}${dates}${escapeHtml(weekdays)}: ${escapeHtml(hours)}${named.map((day) => this.#syntax.link('dayOfWeek', dayAddress(day))).join('')}${this.#times({ opens, closes })}`;
    const attributes = this.#syntax.item(['OpeningHoursSpecification'], '', 'openingHoursSpecification');
    return attributes ? `<span${attributes}>${inner}</span>` : inner;
  }
}

const textOf = (value: MarkupValue | undefined): string => (value && value.kind !== 'item' ? value.text : '');

/** What kind of thing an item is that has no label of its own: an action's type, a contact point's purpose. */
function kindOf(value: MarkupValue | undefined): string {
  if (value?.kind !== 'item') return '';
  const purpose = textOf(value.item.properties.find(({ name }) => name === 'contactType')?.values[0]);
  return purpose || (value.item.types[0] ?? '');
}

/** What visitors read of an address that they can follow. */
function linkText(name: string, address: string): string {
  if (name === 'hasMap') return 'Show on a map';
  return address.replace(/^https?:\/\/(?:www\.)?/i, '').replace(/\/$/, '');
}

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

/** "25 December 2026": understood in every country, unlike figures. */
function showDate(date: string): string {
  const [year = '', month = '', day = ''] = date.split('-');
  return `${String(Number(day))} ${MONTHS[Number(month) - 1] ?? ''} ${year}`;
}

/** The telephone number as visitors see it: the national form of its country, or as typed. */
export function visibleTelephone(record: BusinessRecord): string {
  return readTelephone(record.telephone, countryOf(record)).telephone?.national ?? record.telephone.trim();
}
