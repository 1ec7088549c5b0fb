import { emptyHours, days, type Hours } from './hours.ts';
import { isHoursLabel } from './labels.ts';
import { plainLetters } from './translate.ts';

/**
 * How a door says by itself that it never closes, without naming a day. A bare "24 hours" is none of them: it may be of
 * a telephone or of a delivery.
 */
const NEVER_CLOSED: readonly string[] = [
  "(?:we(?:['’]| a)re |our doors are |always )?open (?:24 ?/ ?7|24 ?h(?:ou)?rs?(?: a day)?|around the clock|all day,? every ?day)(?:,? (?:365|7|seven) days a (?:year|week))?|24 ?h(?:ou)?rs? open|never closed",
  '(?:wir haben )?(?:durchgehend |taglich )?(?:24 ?/ ?7 (?:geoffnet|offen)|24 (?:stunden|std\\.?|h)(?: am tag| taglich)? (?:geoffnet|offen)|rund um die uhr(?: geoffnet| offen)?)|immer geoffnet',
  'ouvert(?:e|s)? (?:7 ?j(?:ours)? ?(?:/|sur) ?7,?(?: et)? )?(?:24 ?/ ?(?:7|24)|24 ?h(?:eures)? ?(?:/|sur) ?24(?: ?h)?|jour et nuit)|24 ?h(?:eures)? ?(?:/|sur) ?24(?: ?h)?',
  'abiert[oa]s? (?:las )?24 ?(?:horas(?: del dia)?|h|/ ?7)|(?:las )?24 horas abiert[oa]',
  'abert[oa]s? (?:as )?24 ?(?:horas(?: por dia)?|h|/ ?7)|(?:as )?24 horas abert[oa]',
  'apert[oi] (?:h ?)?24(?: ?h| ore)?(?:/24| su 24|/7)?|sempre apert[oi]',
  '(?:24 ?/ ?7 |24 uur (?:per dag )?|dag en nacht )(?:open|geopend)',
  'calodobowo|(?:otwarte |czynne )?(?:cala dobe|24 ?h)',
  '(?:oppet )?dygnet runt(?: oppet)?|(?:abent |apent )?dognet rundt|dognabent|dognapent|hele dognet',
  '(?:avoinna )?ympari vuorokauden',
  'non-?stop(?: otevreno| otvorene| nyitva)?|otevreno (?:non-?stop|24 hodin)|ejjel-?nappal(?: nyitva)?|otvoreno 24 ?(?:h|sata)|non-?stop deschis',
  '(?:ανοιχτα )?(?:ολο το )?24ωρο|ανοιχτα 24 ωρες',
  '(?:7/24|24 saat) acik',
  '(?:работаем |відчинено |отворено )?(?:круглосуточно|цілодобово|денонощно)',
  '(?:年中無休 ?)?24 ?時間(?:営業|年中無休)|(?:全天 ?24 ?(?:小时|小時)|24 ?(?:小时|小時)(?:营业|營業|开放|開放))|(?:연중무휴 ?)?24 ?시간 ?(?:영업|운영)',
  '(?:buka|mo cua) 24 (?:jam|gio)|เปิด(?:บริการ)? ?24 ?ชั่วโมง|(?:مفتوح )?(?:على مدار الساعة|24 ساعة)|פתוח 24 שעות',
];
const WHOLE_LINE = new RegExp(`^(?:${NEVER_CLOSED.join('|')})[.!。]?$`, 'u');
/** What one of these ways holds, before its letters are made plain: few lines of a page do. */
const MAY_SAY =
  /[2２٢۲२২][4４٤۴४৪]|clock|all day|never|immer|rund|nuit|sempre|nacht|dob|dygn|d[øoö]gn|vuorokau|non-?stop|jjel|круглосут|цілодоб|денонощ|مدار/iu;
/** A paragraph in which it is one sentence of some. */
const LONGEST_LINE = 300;

const ALL_WEEK = days.reduce<Hours>((hours, day) => ({ ...hours, [day]: '24 hours' }), emptyHours);

interface NeverClosed {
  readonly hours: Hours;
  readonly start: number;
  readonly end: number;
  readonly whole: true;
}

/** The first line or sentence of a text that says, and nothing else, that the place is open at any time; behind a label of hours too. */
export function neverClosedIn(text: string): NeverClosed | undefined {
  if (!MAY_SAY.test(text)) return undefined;
  let at = 0;
  for (const line of text.split('\n')) {
    const start = at;
    at += line.length + 1;
    if (line.length > LONGEST_LINE || !MAY_SAY.test(line)) continue;
    for (const sentence of line.split(/(?<=\p{L}{2}[.!]|\d[.!]) (?=\p{Lu})/u)) {
      const [, label = '', said = sentence] = /^\s*([^:：]{2,40})[:：]\s*(.+)$/s.exec(sentence) ?? [];
      if (label && !isHoursLabel(`${label}:`)) continue;
      if (!WHOLE_LINE.test(plainLetters(said).trim())) continue;
      const from = start + line.indexOf(said.trim());
      return { hours: ALL_WEEK, start: from, end: from + said.trim().length, whole: true };
    }
  }
  return undefined;
}
