import { weeksOfPage } from '#core/agreement';
import { languageOfCountry } from '#core/address';
import { fault, finding, type Fault, type Finding } from '#core/fault';
import {
  days,
  daysSaid,
  groupDays,
  minutesOf,
  readDay,
  readOpeningHoursText,
  readWeek,
  shortDays,
  type Day,
  type Hours,
  type Span,
} from '#core/hours';
import { languageOfDocument } from '#core/html';
import { schemaName } from '#core/item';
import type { Reading } from '#core/reading';
import { percentDecoded, jsonString, type Edit } from '#core/text';
import { momentBeside, type Standing } from './beside.ts';
import { closingMeant, saysHalf } from './moments.ts';
import { instead, withoutEntry, type TextValue } from './spot.ts';

/** What tells how the words of hours are meant: the page, and the country (ISO 3166-1 alpha-2) of the address; '' for none. */
export interface HoursContext {
  readonly page: Pick<Reading, 'document' | 'visible'>;
  readonly country: string;
}

/** The language that words of days are read in first (BCP 47): the page's own, else its country's; '' for none. */
const languageIn = ({ page: { document }, country }: HoursContext): string =>
  (document && languageOfDocument(document)) || (country && languageOfCountry(country));

/** What the address of a day begins with. */
const DAYS = 'https://schema.org/';

/** `begins` is what a day must begin with: behind a link, a bare name is an address of the page's own site. */
function judgeDay(text: string, begins: string): readonly Fault[] {
  const day = text.trim();
  if (DAY.test(day) && (begins === '' || !/^\w+$/.test(day))) return [];
  const message = DAY.test(day)
    ? `“${text}” in a link is an address of this site to a machine, and no day. Write ${begins}${day}.`
    : `“${text}” is no day of the week to a machine. Write Monday or ${DAYS}Monday, each day by itself.`;
  return [fault('value/day', message)];
}

/** The members of schema.org/DayOfWeek. */
const DAY =
  /^(?:https?:\/\/(?:www\.)?schema\.org\/|schema:)?(?:(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|PublicHolidays)$/;

/** The days that people mean, in whatever language they are known in; several only where JSON has room for them. */
function mendDays(value: TextValue, text: string, begins: string, language: string): Edit[] | null {
  const { days: meant, assumed } = daysSaid(percentDecoded(schemaName(text)), language);
  const [day, ...more] = meant;
  if (assumed || !day) return null;
  if (more.length === 0) return instead(value, `${begins}${day}`);
  const { start, end } = value.place;
  return value.holder === 'json' ? [{ start, end, text: `[${meant.map(jsonString).join(', ')}]` }] : null;
}

/**
 * Hours whose half of the day is not written, with the times that the page shows where those are half a day from them:
 * "1:00-11:00" of a bar that is open from 1 to 11 pm.
 */
function inHalfShown(hours: Hours, { page: { document, visible } }: HoursContext): Hours {
  const weeks = visible ? weeksOfPage(visible.text, document).weeks : [];
  const [shown, ...others] = weeks.filter(({ whole, isAmongOthers }) => whole && !isAmongOthers);
  if (!shown || others.length > 0) return hours;
  const half = (time: string): number => minutesOf(time) % (12 * 60);
  const spansOf = (week: Hours, day: Day): readonly Span[] => readDay(week[day]).spans ?? [];
  const isHalfOff = (day: Day): boolean => {
    const [own, seen] = [spansOf(hours, day), spansOf(shown.hours, day)];
    return (
      own.length > 0 &&
      own.length === seen.length &&
      own.every(
        ({ opens, closes }, at) =>
          half(opens) === half(seen[at]?.opens ?? '') && half(closes) === half(seen[at]?.closes ?? ''),
      )
    );
  };
  const named = days.filter((day) => isHalfOff(day));
  return { ...hours, ...Object.fromEntries(named.map((day) => [day, shown.hours[day]])) };
}

function judgeOpeningHours(text: string): readonly Fault[] {
  if (readOpeningHoursText(text)) return [];
  return [
    fault(
      'value/hours',
      `“${text}” cannot be read as opening hours. Write days in two letters and a 24-hour clock: Mo-Fr 09:00-17:00.`,
    ),
  ];
}

/** Hours of a day in the form of machines; where the half of the day is not said, they end as they were meant. */
function spansWritten(spans: readonly Span[], isHalfSaid: boolean): string {
  const begins = Math.min(...spans.map(({ opens }) => minutesOf(opens)));
  const closing = (span: Span): string => (isHalfSaid ? '' : closingMeant(span, begins)) || span.closes;
  return spans.map((span) => `${span.opens}-${closing(span)}`).join(',');
}

/** Hours that people can read, in the form that machines read; several groups of days only where JSON has room for them. */
function mendHours(
  standing: Standing,
  value: TextValue,
  text: string,
  context: HoursContext,
): readonly Edit[] | null {
  // “Mo;We 09:00” has its days before one time.
  const plain = text.replace(/;(?=[^\d;]*\d)(?<!\d[^;]*;)/g, ',');
  const { hours, faults } = readWeek(plain, languageIn(context));
  if (faults.length > 0) return null;
  const texts = groupDays(inHalfShown(hours, context)).flatMap(({ days, spans }) =>
    spans.length > 0 ? [`${shortDays(days)} ${spansWritten(spans, saysHalf(text))}`] : [],
  );
  const [first] = texts;
  const { start, end } = value.place;
  // A day of rest is one that nothing is said of.
  if (first === undefined) return value.holder === 'json' ? withoutEntry(standing.source, start, end) : null;
  if (texts.length === 1) return momentBeside(standing, value, first);
  return value.holder === 'json' ? [{ start, end, text: `[${texts.map(jsonString).join(', ')}]` }] : null;
}

/** A day of the week by its name (schema.org/DayOfWeek); in a link a bare name is an address of the page's own site. */
export const judgeDayOfWeek = (
  { property }: Standing,
  value: TextValue,
  isLink: boolean,
  context: HoursContext,
): readonly Finding[] => {
  const begins = isLink ? DAYS : '';
  return judgeDay(value.text.trim(), begins).map(({ code, message }) =>
    finding(code, message, value.place, property.name, {
      edits: mendDays(value, value.text.trim(), begins, languageIn(context)),
    }),
  );
};

/** A text of schema.org/openingHours. */
export const judgeHoursText = (
  standing: Standing,
  value: TextValue,
  context: HoursContext,
): readonly Finding[] => {
  const text = value.text.trim();
  return judgeOpeningHours(text).map(({ code, message }) =>
    finding(code, message, value.place, standing.property.name, {
      edits: mendHours(standing, value, text, context),
      guess: true,
    }),
  );
};
