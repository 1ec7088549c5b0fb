import { hoursLines, readDay, showSpans, specialOn } from '#core/hours';
import { emptyRecord, knownFacts, usualOutput, type BusinessRecord } from '#core/record';
import { specialGroups } from '#core/value';
import { escapeHtml, plainText } from '#core/text';
import { block } from './block.ts';
import { clockFor, spokenOf } from './display.ts';
import { directionOf } from './language.ts';
import { plainHtml } from './syntax.ts';
import { MarkupWriter, type Markup } from './writer.ts';

/** A contact card: name, address and every way to reach the branch, for visitors alone. */
export function contactCard(record: BusinessRecord): Markup {
  const onCard = knownFacts.flatMap(({ key, block: shown }) =>
    shown?.card ? [[key, record[key]] as const] : [],
  );
  const card = { ...emptyRecord, ...Object.fromEntries<unknown>(onCard), output: record.output };
  return block(card, plainHtml);
}

/** The hours as a table with a row for each day and each exception, for visitors alone. */
export function hoursTable(record: BusinessRecord): Markup {
  const { closedDays, joinDays, classes, dates: form } = (record.output ?? usualOutput).block;
  const [clock, spoken] = [clockFor(record), spokenOf(record)];
  const writer = new MarkupWriter();
  writer.add(
    `<table${classes ? ` class="${escapeHtml(`${classes}-hours`)}"` : ''}${directionOf(spoken)}>\n  <caption>${escapeHtml(spoken.say('Opening hours'))}</caption>\n  <tbody>\n`,
  );
  const row = (head: string, text: string, facts: readonly string[]): void =>
    writer.add(`    <tr><th scope="row">${escapeHtml(head)}</th><td>${escapeHtml(text)}</td></tr>\n`, facts);
  for (const { days, label, text } of hoursLines(record.hours, clock, {
    closedDays,
    joinDays,
    words: spoken.hours,
  }))
    row(
      label,
      text,
      days.map((day) => `hours.${day}`),
    );
  const { spans: onHolidays } = readDay(record.publicHolidays);
  if (onHolidays)
    row(spoken.say('Public holidays'), showSpans(onHolidays, clock, spoken.hours), ['publicHolidays']);
  for (const special of record.specialHours) {
    if (!specialOn([special], special.from.trim())) continue;
    const dates =
      special.through.trim() && special.through !== special.from
        ? `${spoken.date(special.from, form)} – ${spoken.date(special.through, form)}`
        : spoken.date(special.from, form);
    for (const { grouped, spans } of specialGroups(special)) {
      const weekdays =
        grouped.length < 7 ? ` ${grouped.map((day) => spoken.hours.days[day]).join(', ')}` : '';
      row(`${plainText(special.name)} ${dates}${weekdays}`.trim(), showSpans(spans, clock, spoken.hours), [
        'specialHours',
      ]);
    }
  }
  writer.add('  </tbody>\n</table>');
  return writer.done();
}
