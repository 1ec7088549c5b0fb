import { readEnglishDay, writeDay, type Span } from './hours.ts';

const TIME = String.raw`\d{1,2}(?:[:.h]\d{2})?\s*(?:[ap]\.?m\.?)?|noon`;
const SPAN = String.raw`(?:from|between|:|-)?\s*((?:${TIME})\s*(?:-|–|—|\bto\b|\band\b|&|,)\s*(?:${TIME}))`;
const LUNCH = String.raw`(?:closed (?:for|over|at) lunch|lunch closed|lunch ?breaks?)`;

/** A break for lunch, with its times behind it or before. */
const BREAKS = [
  new RegExp(String.raw`[\s,;.(]*\b${LUNCH}\s*${SPAN}\s*\)?`, 'i'),
  new RegExp(String.raw`[\s,;.(]*\bclosed\s*${SPAN}\s*(?:for|over|at) lunch\s*\)?`, 'i'),
  new RegExp(String.raw`\s*\(\s*(?:closed|lunch):?\s*${SPAN}\s*\)`, 'i'),
];

/** What is said of the last to be let in, in brackets or behind the hours: no hours of the door. */
const LAST_IN =
  /[(（]\s*(?:last|letzte[rnms]?|dernier|dernière|derniere|[úu]ltim|laatste|ostatni|sista|sidste|siste|viimei|posledn|τελευτα|son |ラスト|l\.?\s?o\.?\b|最終|受付|라스트|주문|접수|마감)[^()（）]{0,80}[)）]|[,;]?\s*\blast (?:orders?|entry|admissions?|appointments?|check-?in|seating|call)s?\s*(?:at|is at|is|:)?\s*\d[\d:.]*\s*(?:[ap]\.?m\.?)?/giu;

/** A telephone number on the line of the hours, by its name, its country code or the brackets round its area code. */
const NUMBER =
  /(?:(?<!\p{L})(?:tele\p{L}*|tel|tlf|phone|ph|fon|call|t|p|puh|τηλ)[.:：]*\s*(?!\d{1,2}[.:]\d\d\s*[-–])[+(]?\d|\+\d|\(\d{2,5}\)\s*\d)[\d\s()/.–-]{4,}\d(?:\s*[|·•,;])?/giu;

/** What is said in brackets of a day that is open longer. */
const LATE =
  /[(（]\s*(?:(?:open )?late(?![^()（）]*\d)[^()（）]{0,30}|nocturne|koopavond|langer \p{L}+|walk-?ins?[^()（）\d]{0,20})\s*[)）]/giu;

/** That nothing interrupts the hours, or an afternoon that is closed, as the hours beside it say already. */
const SAID_TWICE =
  /[,;(]?\s*(?<!\p{L})(?:sans interruption|(?:en )?(?:journée|service) continue?|en continu|(?=non)(?<=\d[^\n,;]{0,60})non[- ]?stop|orario continuato|continuato|sin interrupci[óo]n|ininterrumpid[oa](?:mente)?|horario continuo|sem interrup[çc][ãa]o|ohne mittagspause|doorlopend|bez przerwy|без (?:выходных|вихідних|перерыв\p{L}*|перерви|обеда)(?: и (?:выходных|перерыв\p{L}*))?|\p{L}+(?:nach|vor)mittags? geschlossen)(?!\p{L})\s*\)?/giu;

/** Until when the kitchen cooks, beside the hours of the house. */
const KITCHEN =
  /[,;(]?\s*(?<!\p{L})(?:(?:warme |durchgehend warme )?küche|kitchen(?: open| closes)?|cuisine|cocina|cucina|keuken|kök(?:et)?|køkken(?:et)?|kjøkken(?:et)?)\s*(?:bis|until|till?|at|jusqu.[àa]|hasta(?: las)?|fino all[ea]|tot|til)\s*\d[\d:.]*\s*(?:uhr|uur|h\d{0,2}|[ap]\.?m\.?)?\)?/giu;

/** Who helps at any hour, beside the hours of the door: "Emergencies 24/7", "Notdienst 24 h". */
const AT_ANY_HOUR =
  /[.,;(]?\s*(?<!\p{L})(?:(?:for )?emergenc\p{L}*|after[- ]hours|on[- ]call|out[- ]of[- ]hours|notdienst|notfall\p{L}*|bereitschaft\p{L}*|urgences?|urgencias?|emergenz[ae]|pronto intervento|spoed\p{L}*|storing\p{L}*|nød\p{L}*|(?<!(?:chaque|par|le|du|jusqu.au) )jour(?!s\b)\p{L}*|pogotowie|pohotovost)(?:[^\S\n]+(?!\d)[^\s\d,;.]{1,15}){0,4}[\s:–-]{0,3}24\s?(?:h\p{L}*|hours?|stunden|horas|ore|uur|\/|-){0,2}\s?(?:\/\s?)?(?:7|24)?(?:\s?h)?(?![\d:])\.?\)?/giu;

/** On what day it is closed where that day is a holiday: "（祝日の場合は翌日）". */
const IF_HOLIDAY = /[(（][^()（）]{0,20}祝[^()（）]{0,20}翌[^()（）]{0,20}[)）]/gu;

/** When in the year hours are those: what says so is no aside. */
const SEASON =
  'summer|winter|spring|autumn|fall|season|school|term|sommer|saison|hiver|ete|été|vacances|scolaire|verano|invierno|estate|inverno|ver[aã]o|ferien|zomer|ramad|jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|夏|冬';

/** What is said in brackets of the English hours before, and tells nothing of when: "(late night shopping)". */
export const ASIDE = new RegExp(
  String.raw`(?<=\d|[ap]m|noon|midnight)\s*\((?![^()]*(?:\d|closed|appoint|except|lunch|\bph\b|${SEASON}))[^()]{1,40}\)`,
  'giu',
);

/** Hours without telephone numbers, remarks on late days, and what is said of the last to be let in. */
export function withoutRemarks(text: string): string {
  return [LAST_IN, LATE, AT_ANY_HOUR, NUMBER, KITCHEN, SAID_TWICE, IF_HOLIDAY].reduce(
    (now, remark) => now.replace(remark, ' '),
    text,
  );
}

/** English hours without their break for lunch, and the break as it was written; '' where there is none. */
export function withoutLunch(text: string): { readonly text: string; readonly lunch: string } {
  for (const pattern of BREAKS) {
    const [whole, times = ''] = pattern.exec(text) ?? [];
    if (whole !== undefined)
      return { text: text.replace(whole, ' '), lunch: times.replace(/\s*(?:\band\b|&|,)\s*/i, '-') };
  }
  return { text, lunch: '' };
}

/** One day's hours with a break in them; as they are where the break does not lie within. */
export function withBreak(hours: string, breaks: string): string {
  const [pause] = readEnglishDay(breaks).spans ?? [];
  const { spans } = readEnglishDay(hours);
  if (!pause || !spans) return hours;
  const isWithin = ({ opens, closes }: Span): boolean =>
    opens < pause.opens && pause.opens < pause.closes && pause.closes < closes;
  return writeDay(
    spans.flatMap((span) =>
      isWithin(span)
        ? [
            { opens: span.opens, closes: pause.opens },
            { opens: pause.closes, closes: span.closes },
          ]
        : [span],
    ),
  );
}
