import {
  closedSpan,
  days,
  hoursLines,
  readDay,
  readWeek,
  showTimes,
  type Day,
  type HoursLine,
  type Span,
} from '#core/hours';
import { valueText, type MarkupItem, type MarkupProperty, type MarkupValue } from '#core/item';
import { usualOutput, type BusinessRecord, type Output } from '#core/record';
import { escapeHtml, plainText } from '#core/text';
import { clockFor } from './display.ts';
import type { Spoken } from './language.ts';
import { dayAddress, spanOf, type HtmlSyntax } from './syntax.ts';
import type { MarkupWriter } from './writer.ts';

/** The block that hours are written into. */
interface Host {
  readonly writer: MarkupWriter;
  readonly record: BusinessRecord;
  readonly syntax: HtmlSyntax;
  readonly spoken: Spoken;
  /** The class of a part, as an attribute; '' where the block has none. */
  readonly attributes: (part: string) => string;
  /** Writes one line of the block. */
  readonly line: (inner: string, facts: readonly string[], part: string) => void;
}

/** The hours of a block: what visitors read, with what machines do beside it. */
export class HoursBlock {
  readonly #host: Host;
  readonly #block: Output['block'];
  readonly #clock: 12 | 24;
  readonly #isOneLine: boolean;

  constructor(host: Host) {
    this.#host = host;
    this.#block = (host.record.output ?? usualOutput).block;
    this.#clock = clockFor(host.record);
    this.#isOneLine = this.#block.lines === 'one';
  }

  /** Hours of a department as words; machines read them from the silent items. */
  ofDepartment(item: MarkupItem): string {
    if (!item.properties.some(({ name }) => name === 'openingHoursSpecification')) return '';
    const name = valueText(item.properties.find((one) => one.name === 'name')?.values[0]);
    const department = this.#host.record.department.find((one) => plainText(one.name) === name);
    if (!department?.hours.trim()) return '';
    const { hours, faults } = readWeek(department.hours);
    const words = hoursLines(hours, this.#clock, { words: this.#host.spoken.hours }).map(
      ({ label, text }) => `${label} ${text}`,
    );
    return ` (${escapeHtml(faults.length > 0 ? plainText(department.hours) : words.join('; '))})`;
  }

  week(): void {
    const { hours } = this.#host.record;
    const { joinDays, closedDays } = this.#block;
    const style = { joinDays, closedDays, words: this.#host.spoken.hours };
    const rows = hoursLines(hours, this.#clock, style).map((line) => ({
      facts: line.days.map((day) => `hours.${day}`),
      html: `${escapeHtml(line.label)}${this.#host.spoken.colon}${this.#spans(line)}`,
    }));
    if (this.#isOneLine) this.#host.line(rows.map(({ html }) => html).join('; '), ['hours.Monday'], 'hours');
    else {
      this.#host.writer.add(`  <ul${this.#host.attributes('hours')}>\n`);
      for (const { facts, html } of rows) this.#host.writer.add(`    <li>${html}</li>\n`, facts);
      this.#host.writer.add('  </ul>\n');
    }
    // A closed day that visitors need not read is still told to machines.
    const closed = closedDays ? [] : days.filter((day) => readDay(hours[day]).spans?.length === 0);
    if (closed.length > 0) this.#machineSpan(closed, closedSpan);
  }

  #machineSpan(named: readonly Day[], span: Span): void {
    const attributes = this.#host.syntax.item(['OpeningHoursSpecification'], '', 'openingHoursSpecification');
    if (!attributes) return;
    this.#host.writer.add(
      `  <div${attributes}>${this.#days(named)}${this.#times(span)}</div>\n`,
      named.map((day) => `hours.${day}`),
    );
  }

  #days(named: readonly Day[]): string {
    return named.map((day) => this.#host.syntax.link('dayOfWeek', dayAddress(day))).join('');
  }

  #times({ opens, closes }: Span): string {
    return this.#host.syntax.meta('opens', opens) + this.#host.syntax.meta('closes', closes);
  }

  /** The spans of a line, each with what machines read beside what visitors do. */
  #spans({ days: named, text, spans }: HoursLine): string {
    if (!spans) return escapeHtml(text);
    return (spans.length > 0 ? spans : [closedSpan])
      .map((span) => {
        const { from, until, alone } = showTimes(span, this.#clock, this.#host.spoken.hours);
        const times = alone
          ? `${this.#times(span)}${alone}`
          : `${this.#host.syntax.time('opens', span.opens, from)} – ${this.#host.syntax.time('closes', span.closes, until)}`;
        const attributes = this.#host.syntax.item(
          ['OpeningHoursSpecification'],
          '',
          'openingHoursSpecification',
        );
        return attributes ? `<span${attributes}>${this.#days(named)}${times}</span>` : times;
      })
      .join(', ');
  }

  /** The hours of public holidays in one line. */
  publicHolidays({ name, values, facts }: MarkupProperty): void {
    const written = values.map((value) => {
      const item = value.kind === 'item' ? value.item.properties : [];
      const get = (one: string): string => valueText(item.find((each) => each.name === one)?.values[0]);
      const span: Span = { opens: get('opens'), closes: get('closes') };
      const { from, until, alone } = showTimes(span, this.#clock, this.#host.spoken.hours);
      const attributes = this.#host.syntax.item(['OpeningHoursSpecification'], '', name);
      const shown = alone || `${from} – ${until}`;
      if (!attributes) return shown;
      const day = this.#host.syntax.link('dayOfWeek', dayAddress(get('dayOfWeek')));
      return `<span${attributes}>${day}${this.#times(span)}${shown}</span>`;
    });
    const label = this.#host.spoken.say('Public holidays') + this.#host.spoken.colon;
    this.#host.line(label + written.join(', '), facts, 'public-holidays');
  }

  /** Exceptions, one a line: its name, its dates, its hours. */
  exceptions(values: readonly MarkupValue[]): void {
    if (!this.#isOneLine)
      this.#host.writer.add(`  <ul${this.#host.attributes('exceptions')}>\n`, ['specialHours']);
    for (const value of values) {
      if (value.kind !== 'item') continue;
      const line = this.#special(value.item);
      if (this.#isOneLine) this.#host.line(line, ['specialHours'], 'exceptions');
      else this.#host.writer.add(`    <li>${line}</li>\n`, ['specialHours']);
    }
    if (!this.#isOneLine) this.#host.writer.add('  </ul>\n', ['specialHours']);
  }

  #special(item: MarkupItem): string {
    const all = (name: string): string[] =>
      (item.properties.find((one) => one.name === name)?.values ?? []).map(valueText);
    const get = (name: string): string => all(name)[0] ?? '';
    const [name, from, through] = [get('name'), get('validFrom'), get('validThrough')];
    const span: Span = { opens: get('opens'), closes: get('closes') };
    const named = all('dayOfWeek');
    const date = (property: string, day: string): string =>
      this.#host.syntax.time(property, day, this.#host.spoken.date(day, this.#block.dates));
    const dates =
      from === through
        ? date('validFrom', from) + this.#host.syntax.meta('validThrough', through)
        : `${date('validFrom', from)} – ${date('validThrough', through)}`;
    const { from: first, until, alone } = showTimes(span, this.#clock, this.#host.spoken.hours);
    const short = days.filter((day) => named.includes(day)).map((day) => this.#host.spoken.hours.days[day]);
    const weekdays = short.length > 0 ? ` ${short.join(', ')}` : '';
    const inner = [
      name ? `${spanOf(this.#host.syntax, 'name', name)}, ` : '',
      dates,
      escapeHtml(`${weekdays}${this.#host.spoken.colon}${alone || `${first} – ${until}`}`),
      ...named.map((day) => this.#host.syntax.link('dayOfWeek', dayAddress(day))),
      this.#times(span),
    ].join('');
    const attributes = this.#host.syntax.item(['OpeningHoursSpecification'], '', 'openingHoursSpecification');
    return attributes ? `<span${attributes}>${inner}</span>` : inner;
  }
}
