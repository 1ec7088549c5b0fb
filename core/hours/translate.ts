import { rememberLast, westernDigits, withPlainLetters } from '#core/text';
import type { DayWords } from './dayWords.ts';
import { dayWords } from './languages.ts';
import { timeWords } from './timeWords.ts';

/** Small letters; Latin and Greek ones without accents; dashes, colons and commas of every width as one of each. */
export const plainLetters = (text: string): string =>
  withPlainLetters(
    westernDigits(text.normalize('NFKC'))
      .toLowerCase()
      // Thursday of Slovaks, who have Wednesday without the mark.
      .replace(/(?<!\p{L})št(?!\p{L})/gu, 'stv')
      .normalize('NFD')
      .replace(/(?<=[a-zα-ω])\p{M}+/gu, '')
      .normalize('NFC')
      // The vowels and doublings of Arabic, which are written or not: "صباحًا".
      .replace(/[\u064b-\u0652\u0640]/g, ''),
  )
    .replace(/[~〜～∼‐‑‒–—―−ー]/g, '-')
    .replace(/[・、，／ㆍ،]|·(?!l)/g, ', ')
    .replace(/[：՝]/g, ':');

type Step = readonly [find: RegExp, english: string | ((...found: (string | undefined)[]) => string)];

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
/** Scripts whose words stand without blanks between them. */
const isUnspaced = (pattern: string): boolean =>
  /[\u0e00-\u0e7f\u3040-\u30ff\u3400-\u9fff\uac00-\ud7af]/.test(pattern);

/** A pattern that begins and ends with a word, where the script has words; an abbreviation may end with a stop. */
const wholly = (pattern: string): RegExp =>
  isUnspaced(pattern)
    ? new RegExp(pattern, 'gu')
    : new RegExp(String.raw`(?<![\p{L}.])(?:${pattern})(?!\p{L})\.?`, 'gu');

/** A half of the day before its time, as in Japanese, Korean and Chinese. */
const half = (words: string, english: string): Step => [
  new RegExp(String.raw`(?:${words})\s*(\d{1,2})(?:[時时点點시]|:)?(?:\s*(\d{2})[分분]?|\s*(半))?`, 'gu'),
  (_, hour, minute, isHalf) => ` ${hour ?? ''}:${isHalf ? '30' : (minute ?? '00')}${english} `,
];
const CLOCK = String.raw`\d{1,2}(?:[時时点點시:](?:\s*\d{1,2}[分분]?|半)?)?`;
/** What half of the day a span begins on it ends on, where that lies behind: "午後3:00～6:30". */
const sameHalf: Step = [
  new RegExp(
    String.raw`(午前|오전|上午|早上|午後|오후|下午|晚上)(\s*)(${CLOCK})(\s*(?:-|から|부터|至|到)\s*)(${CLOCK})`,
    'gu',
  ),
  (whole = '', word = '', blank = '', from = '', between = '', until = '') => {
    const [opens, closes] = [parseInt(from, 10), parseInt(until, 10)];
    return opens < closes && closes < 12 ? `${word}${blank}${from}${between}${word}${until}` : whole;
  },
];
/** 一 to 十二. */
const numeralOf = (numeral: string): number =>
  '一二三四五六七八九'.indexOf(numeral.at(-1) ?? '') + 1 + (numeral.startsWith('十') ? 10 : 0);
/** "周一至五", "周六、日": what the days share stands before the first alone. */
const sharedWeek: Step = [
  /(星期|周|週|礼拜|禮拜)([一二三四五六日天])((?:\s*(?:至|到|-|,|和|及)\s*[一二三四五六日天](?!月))+)/gu,
  (_, week = '', first = '', others = '') =>
    `${week}${first}${others.replace(/[一二三四五六日天]/gu, `${week}$&`)}`,
];
const stepsOfTimes = (): readonly Step[] => [
  // "【平日】 10:00～20:00"
  [/[[\]【】〔〕]/gu, ' '],
  // What the hours behind it say themselves: "midi et soir, 12h–14h et 19h–22h".
  [
    /(?<!\p{L})(?:(?:le )?midi et (?:le )?soir|(?:a )?mediodia y noche|a? ?pranzo e (?:a )?cena|mittags und abends)(?!\p{L})/gu,
    ' ',
  ],
  sharedWeek,
  // "a. m." of Spanish, whose "a" leads from one to another; its "12 m." is noon.
  [/(\d)\s*([ap])\.\s?m\b\.?/gu, '$1$2m'],
  [/(?<![\d:.])12(?::00)?\s?m\./gu, '12:00'],
  // "And" of Arabic is written with the day behind it.
  [/\sو(?=ال)/gu, ', '],
  [
    /(?<![一二三四五六七八九十])(十[一二]?|[一二三四五六七八九])(?=\s*[時时点點])/gu,
    (_, numeral = '') => String(numeralOf(numeral)),
  ],
  // The half of the day before its hours: "sabato mattina 9-13", "Samstag vormittags 9-12 Uhr".
  [
    /(?<!\d[\d:.]*\s*(?:uhr|h|hs|hrs|:)?\s*)(?<!\p{L})(?:(?:por la |le |de |a |la )?(?:vormittags?|nachmittags?|morgens|abends?|mattin[ao]|pomeriggio|sera|matin|apres-midi|soir|mananas?|tardes?|manha|ochtends?|middags?|avonds?)|rano|popoludniu)(?=[\s:]*(?:von |dalle |de |das |van |od )?\d)/gu,
    '',
  ],
  // "Astelehenetik ostiralera": so are they here.
  [/(\p{L}{4,}?)(?:e?tik)\s+(\p{L}{4,}?)(?:e?ra)(?!\p{L})/gu, '$1 - $2'],
  // "zwischen 9 und 18 Uhr", "entre las 9 y las 18 h"
  [
    /(?<!\p{L})(?:zwischen|entre|tussen|intre|mellem|mellan|mellom|tra|між|между)\s+(?:(?:las|les|le|as|orele|ore|kl\.?)\s+)?(\d{1,2}(?:[:.h]\d\d|\s?h(?!\p{L}))?)\s+(?:und|et|y|en?|si|og|och|і|и)\s+(?:(?:las|les|le|as|orele|kl\.?)\s+)?(?=\d)/gu,
    '$1 - ',
  ],
  // "Pazartesi'den Cuma'ya", "esmaspäevast reedeni", "ორშაბათიდან პარასკევამდე", "երկուշաբթիից ուրբաթ"
  [/(\p{L}+)['’]?[dt][ae]n\s+(\p{L}+)['’]y?[ae](?!\p{L})/gu, '$1 - $2'],
  [/(paeva|reede)st\s+(\p{L}*paeva|reede)ni(?!\p{L})/gu, '$1 - $2'],
  [/(\p{L}{3,}ი)დან\s+(\p{L}{3,})ამდე/gu, '$1 - $2ი'],
  [/([\u0561-\u0586]{4,})ից\s+([\u0561-\u0586]{4,})/gu, '$1 - $2'],
  // "Hétfőtől péntekig", "maanantaista perjantaihin": the ends of a range are in their endings.
  [/(\p{L}{2,})tol\s+(\p{L}{2,})ig(?!\p{L})/gu, '$1 - $2'],
  // "9h/12h - 14h/18h": the stroke leads from one to the other.
  [
    /(\d{1,2}[h:.](?:\d\d)?)\s*\/\s*(\d{1,2}[h:.](?:\d\d)?)\s*(?:-|,|et|e|y|und)\s*(\d{1,2}[h:.](?:\d\d)?)\s*\/\s*(\d{1,2}[h:.](?:\d\d)?)(?!\d)/gu,
    '$1-$2, $3-$4',
  ],
  // "8,30-12,30", "od 8. do 16. ure"
  [/(?<!\d)(\d{1,2}),([0-5]\d)\s*-\s*(\d{1,2}),([0-5]\d)(?!\d)/gu, '$1:$2-$3:$4'],
  [/(?<![\d.])(\d{1,2})\.(?=\s(?:do\s|-|ur[ei]?(?!\p{L})|sati))/gu, '$1'],
  [/(\d)\s*(?:ora)?-?tol(?!\p{L})\s*/gu, '$1 - '],
  [/(?<=tai|viikko)sta\s+(\p{L}+(?:tai|viikko))h[aio]n(?!\p{L})/gu, ' - $1'],
  sameHalf,
  half('午前|오전|上午|早上|清晨|凌晨', 'am'),
  half('午後|오후|下午|晚上|傍晚|中午', 'pm'),
  half('সকাল|ভোর', 'am'),
  half('দুপুর|বিকাল|বিকেল|সন্ধ্যা|রাত', 'pm'),
  half('सुबह|प्रातः|सकाळी', 'am'),
  half('दोपहर|शाम|रात|सायं|संध्याकाळी', 'pm'),
  [/翌(?:日|朝)?(?=\d)/gu, ''],
  [/(\d{1,2})\s*[時时시点點]\s*半/gu, '$1:30'],
  [/(\d{1,2})\s*[時时시点點]\s*(\d{2})\s*[分분]?/gu, '$1:$2'],
  [/(\d{1,2})\s*[時时시点點](?!间)/gu, '$1:00'],
  [/(\d{1,2}[:.]\d{2})\s?(?:h|hs|hrs|uhr|uur|u)(?![\p{L}\d])\.?/gu, '$1'],
  [/(\d{1,2})\s?h\s?([0-5]\d)(?!\d|\s?[h:.]\s?\d|\s?h(?!\p{L}))/gu, '$1:$2'],
  [/(?<!\d)(\d{1,2})u([0-5]\d)(?!\d)/gu, '$1:$2'],
  [/(\d{1,2})\s?(?:h|hs|hrs)(?![\p{L}\d])\.?/gu, '$1:00'],
  [/(\d{1,2})\s(?:uhr|uur|u)\s?(\d{2})(?!\d)/gu, '$1:$2'],
];
/** What is said of times in words, of every language. */
const saidOfTimes = (): readonly Step[] =>
  timeWords.flatMap(([english, lists]) => {
    const words = lists.flatMap((list) => alternatives(list));
    return [words.filter((word) => !isUnspaced(word)), words.filter(isUnspaced)]
      .filter((some) => some.length > 0)
      .map((some): Step => [wholly(some.join('|')), ` ${english} `]);
  });

const isAllDay = ([, english]: Step): boolean => english === ' 24 hours ';

/** What stands between the bars that stand in no brackets. */
function alternatives(pattern: string): readonly string[] {
  const found = [''];
  let depth = 0;
  for (const sign of pattern) {
    if (sign === '(' || sign === '[') depth += 1;
    if (sign === ')' || sign === ']') depth -= 1;
    if (sign === '|' && depth === 0) found.push('');
    else found.push(`${found.pop() ?? ''}${sign}`);
  }
  return found;
}

/** Days by one sign each, as on Japanese and Korean doors: only where nothing but days stands together. */
function signs({ days, codes }: DayWords): Step[] {
  const single = days.map((one) => one.split('|').at(-1) ?? '');
  if (!codes.includes('ja') && !codes.includes('ko')) return [];
  const one = `[${single.join('')}]`;
  const run = new RegExp(String.raw`(?<![\p{L}\d])${one}(?:[-, /]*(?:${one}|祝))*(?![\p{L}])`, 'gu');
  return [
    [
      run,
      (found) =>
        found
          ?.replace(/./gu, (sign) =>
            single.includes(sign) ? ` ${DAYS[single.indexOf(sign)] ?? ''}, ` : sign,
          )
          .replace(/, (?= *-)/g, ' ') ?? '',
    ],
  ];
}

/** What turns one language's words into English, in their order. */
function stepsOf(language: DayWords): readonly Step[] {
  const { days, daily, weekdays, weekend, to, and, noise, letters } = language;
  const single = signs(language);
  const steps: Step[] = [];
  const add = (pattern: string | undefined, english: string): void => {
    if (pattern) steps.push([wholly(pattern), ` ${english} `]);
  };
  add(daily, 'daily');
  add(weekdays, 'weekdays');
  add(weekend, 'weekends');
  if (letters) {
    const one = `[${letters.toLowerCase()}]`;
    const name = (letter = ''): string => DAYS[letters.toLowerCase().indexOf(letter)] ?? '';
    steps.push([
      new RegExp(String.raw`(?<![\p{L}\d])(${one})(?:\s*-\s*|\s+al?\s+)(${one})(?!\p{L})`, 'gu'),
      (_, from, until) => ` ${name(from)} - ${name(until)} `,
    ]);
    // "L-V: 8-18 | S: 8-15, D cerrado"
    steps.push([
      new RegExp(
        String.raw`(?<=(?:^|[,;|(\n.]|\s/|\d\s)\s*)(${one})(?=\s*:?\s*(?:d[ae]l?l?[ae]?s?\s+)?(?:\d|closed))`,
        'gu',
      ),
      (_, day) => ` ${name(day)} `,
    ]);
  }
  for (const [at, names] of days.entries()) add(single.length > 0 ? longName(names) : names, DAYS[at] ?? '');
  steps.push(...single);
  add(to, '-');
  add(and, ',');
  add(noise, '');
  return steps;
}

/** A language, and the means to read it: made when it is first met. */
interface Translator {
  readonly language: DayWords;
  /** Names of days and words for several. */
  readonly days: RegExp;
  readonly steps: readonly Step[];
}

const made = new Map<DayWords, Translator>();

function translatorOf(language: DayWords): Translator {
  let translator = made.get(language);
  if (!translator) {
    const { days, daily, weekdays, weekend, letters } = language;
    const range =
      letters && String.raw`[${letters.toLowerCase()}](?:\s?-\s?|\s+al?\s+)[${letters.toLowerCase()}]`;
    const all = [...days, daily, weekdays, weekend, range].filter(Boolean).join('|');
    translator = { language, days: wholly(all), steps: stepsOf(language) };
    made.set(language, translator);
  }
  return translator;
}

const apply = (text: string, steps: readonly Step[]): string =>
  steps.reduce(
    (now, [find, english]) =>
      typeof english === 'string' ? now.replace(find, english) : now.replace(find, english),
    text,
  );

/** Every language there are words of, those that `code` (BCP 47, '' for unknown) names first. */
export function languagesFor(code: string): readonly DayWords[] {
  const primary = code.toLowerCase().split('-')[0] ?? '';
  return dayWords.toSorted((a, b) => Number(b.codes.includes(primary)) - Number(a.codes.includes(primary)));
}

/**
 * The language of a code (BCP 47); undefined where there are no words of it. Of one that is written in two scripts it is
 * the words of that which names more days in `text`.
 */
export function languageOf(code: string, text: string): DayWords | undefined {
  const primary = code.toLowerCase().split('-')[0] ?? '';
  const [first, ...others] = primary ? dayWords.filter(({ codes }) => codes.includes(primary)) : [];
  if (!first || others.length === 0) return first;
  const plain = plainLetters(text);
  const named = (one: DayWords): number => daysNamedIn(plain, one);
  return others.reduce((best, one) => (named(one) > named(best) ? one : best), first);
}

/** How often a text in plain letters names days in a language. */
export const daysNamedIn = (text: string, language: DayWords): number =>
  text.match(translatorOf(language).days)?.length ?? 0;

/** How many names of days in a language a text in plain letters has, each counted once. */
export const distinctDaysNamedIn = (text: string, language: DayWords): number =>
  new Set(text.match(translatorOf(language).days)).size;

/** Where a text in plain letters names days in a language, in rising order. */
export const daysNamedAt = (text: string, language: DayWords): readonly number[] =>
  [...text.matchAll(translatorOf(language).days)].map(({ index }) => index);

/** Made when a text is read first: hundreds of expressions take their time. */
let steps: readonly Step[] | undefined;
function allSteps(): readonly Step[] {
  const said = saidOfTimes();
  // "24 h/24" and "24時間" are no times of the day.
  return [...said.filter(isAllDay), ...stepsOfTimes(), ...said.filter((step) => !isAllDay(step))];
}

/** The times of a text and what is said of them, which is looked for in every language at once. */
export const timesInEnglish = rememberLast((text: string): string => {
  steps ??= allSteps();
  return apply(text, steps);
});

/** Hours in a language's words, given in plain letters, in words that English readers of hours know. */
export function toEnglish(text: string, language: DayWords): string {
  return apply(timesInEnglish(text), translatorOf(language).steps)
    .replace(/\s+/g, ' ')
    .replace(/(?: ?, ?)+/g, ', ')
    .trim();
}

/** The languages whose long names of days stand in a text, the most frequent first. */
export const languagesIn = rememberLast((text: string): readonly DayWords[] => {
  const plain = plainLetters(text);
  if (!anyLongName().some((names) => names.test(plain))) return [];
  const counted = dayWords
    .map((language) => ({ language, count: plain.match(longNames(language))?.length ?? 0 }))
    .filter(({ count }) => count > 0);
  return counted.sort((a, b) => b.count - a.count).map(({ language }) => language);
});

/** The first alternative: the bar after it stands in no brackets. */
const longName = (names: string): string => /^(?:[^|(]|\([^)]*\)[?*+]?)*/.exec(names)?.[0] ?? '';

const longNamesOf = ({ days }: DayWords): string => days.map((names) => longName(names)).join('|');

const longs = new Map<DayWords, RegExp>();
function longNames(language: DayWords): RegExp {
  let find = longs.get(language);
  if (!find) longs.set(language, (find = wholly(longNamesOf(language))));
  return find;
}

let any: readonly RegExp[] | undefined;
/** Long names of all languages at once, of those with words and of those without blanks: most pages name no day. */
function anyLongName(): readonly RegExp[] {
  any ??= [true, false]
    .map((unspaced) => dayWords.map(longNamesOf).filter((names) => isUnspaced(names) === unspaced))
    .map((patterns) => new RegExp(wholly(patterns.join('|')), 'u'));
  return any;
}
