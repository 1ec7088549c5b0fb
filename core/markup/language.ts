import { countryName } from '#core/address';
import { days, type Day, type HoursWords } from '#core/hours';
import { blockLanguages, type BlockLanguage } from '#core/record';
import { wordIn, words } from './visitorWords.ts';

/** What they call themselves. */
export const languageNames: Readonly<Record<BlockLanguage, string>> = {
  en: 'English',
  de: 'Deutsch',
  fr: 'Français',
  es: 'Español',
  it: 'Italiano',
  nl: 'Nederlands',
  ja: '日本語',
  pt: 'Português',
  pl: 'Polski',
  sv: 'Svenska',
  da: 'Dansk',
  nb: 'Norsk',
  fi: 'Suomi',
  cs: 'Čeština',
  ko: '한국어',
  el: 'Ελληνικά',
  tr: 'Türkçe',
  hu: 'Magyar',
  ro: 'Română',
  ru: 'Русский',
  uk: 'Українська',
  zh: '简体中文',
  ar: 'العربية',
  he: 'עברית',
  th: 'ไทย',
  vi: 'Tiếng Việt',
  id: 'Bahasa Indonesia',
  sk: 'Slovenčina',
  hr: 'Hrvatski',
  bg: 'Български',
};

/** Countries (ISO 3166-1 alpha-2) by the language that most of their people read; English where none is named. */
const SPOKEN: Readonly<Record<Exclude<BlockLanguage, 'en'>, string>> = {
  de: 'DE AT CH LI',
  fr: 'FR MC LU SN CI BF ML NE TG BJ GA CG MQ GP RE GF NC PF',
  es: 'ES MX AR CO CL PE EC UY PY BO VE CR PA GT HN NI SV DO CU PR GQ',
  it: 'IT SM VA',
  nl: 'NL BE SR AW CW SX',
  ja: 'JP',
  pt: 'PT BR AO MZ CV GW ST TL',
  pl: 'PL',
  sv: 'SE AX',
  da: 'DK FO GL',
  nb: 'NO SJ',
  fi: 'FI',
  cs: 'CZ',
  ko: 'KR',
  el: 'GR CY',
  tr: 'TR',
  hu: 'HU',
  ro: 'RO MD',
  ru: 'RU BY',
  uk: 'UA',
  zh: 'CN',
  ar: 'EG SA JO IQ SY LB LY TN DZ YE OM KW BH QA SD PS',
  he: 'IL',
  th: 'TH',
  vi: 'VN',
  id: 'ID',
  sk: 'SK',
  hr: 'HR',
  bg: 'BG',
};

export const languageOf = (country: string): BlockLanguage =>
  blockLanguages.find((language) => language !== 'en' && SPOKEN[language].split(' ').includes(country)) ??
  'en';

/** How visitors of a place are spoken to: its language's words, or a record's own. */
export interface Spoken {
  readonly language: BlockLanguage;
  readonly hours: HoursWords;
  readonly colon: string;
  readonly isRightToLeft: boolean;
  /** A word of the block, which English calls so. */
  readonly say: (english: string) => string;
  /** A date, month or year (ISO 8601) in words, or in figures where the whole date is known. */
  readonly date: (iso: string, form?: 'words' | 'figures') => string;
  readonly country: (code: string) => string;
}

/** The direction of what is written from the right, as an attribute; '' elsewhere. */
export const directionOf = ({ isRightToLeft }: Spoken): string => (isRightToLeft ? ' dir="rtl"' : '');

/** Country and own words of a record make it; figures of dates follow the country where English is read. */
export function spokenIn(
  language: BlockLanguage,
  country: string,
  own: Readonly<Record<string, string>> = {},
): Spoken {
  const table = words[language];
  const say = (text: string): string =>
    (Object.hasOwn(own, text) && own[text]) || (wordIn(language, text) ?? text);
  const ownHours = (text: 'closed' | 'open 24 hours' | 'by appointment', usual: string): string =>
    (Object.hasOwn(own, text) && own[text]) || usual;
  const names = table.days.split(table.days.includes('|') ? ' | ' : ' ');
  const monthsOf = (day: string): readonly string[] =>
    (day ? table.months : (table.monthsAlone ?? table.months)).split(' ');
  return {
    language,
    say,
    colon: table.colon,
    isRightToLeft: table.isRightToLeft ?? false,
    hours: {
      days: Object.fromEntries(days.map((day, at) => [day, names[at] ?? day])) as Record<Day, string>,
      closed: ownHours('closed', table.closed),
      allDay: ownHours('open 24 hours', table.allDay),
      appointment: ownHours('by appointment', table.appointment),
      halves: table.halves,
    },
    date: (iso, form = 'words') => {
      const [year = '', month = '', day = ''] = iso.split('-');
      if (form === 'figures' && day)
        return country === 'US' && language === 'en'
          ? `${month}/${day}/${year}`
          : table.figures(day, month, year);
      return table.date(day && String(Number(day)), month && (monthsOf(day)[Number(month) - 1] ?? ''), year);
    },
    country: (code) => (language === 'en' ? countryName(code) : nameOfCountry(code, language)),
  };
}

const displayNames = new Map<BlockLanguage, Intl.DisplayNames>();

/** A country in a language (Unicode CLDR); the text itself where it is no alpha-2 code. */
function nameOfCountry(code: string, language: BlockLanguage): string {
  if (!/^[A-Z]{2}$/.test(code)) return code;
  const known = displayNames.get(language) ?? new Intl.DisplayNames([language], { type: 'region' });
  displayNames.set(language, known);
  return known.of(code) ?? code;
}
