import { machineTime } from '#core/hours';
import { rememberLast, table } from '#core/text';
import { seenAt, type Seen } from './seen.ts';

/** What stands on a page behind what it is called: when guests come and leave, and since when there is a business. */
export type Labelled = 'arrival' | 'departure' | 'founded';

/** What each is called, in the languages that hours are read in. */
const CALLED = table<RegExp>({
  arrival:
    /(?<![\p{L}\p{M}]|(?:late|early|spät|früh|self|online)[\s-])(?:check[\s-]?in(?:zeit| time)?|anreise|arrivée|llegada|arrivo|aankomst|inchecken|zameldowanie|incheckning|indtjekning|innsjekk(?:ing)?|příjezd|заезд|チェックイン|入住|체크인)(?![\p{L}\p{M}])/giu,
  departure:
    /(?<![\p{L}\p{M}]|(?:late|early|spät|früh|self|online)[\s-])(?:check[\s-]?out(?:zeit| time)?|abreise|départ|salida|partenza|vertrek|uitchecken|wymeldowanie|utcheckning|udtjekning|utsjekk(?:ing)?|odjezd|выезд|チェックアウト|退房|체크아웃)(?![\p{L}\p{M}])/giu,
  founded:
    /(?<![\p{L}\p{M}])(?:est(?:ablished|d)?\.?|founded|gegründet|fondée? en|créée? en|fundad[oa] en|fundad[oa] em|fondat[oa] nel|opgericht in|grundat|grundlagt|stiftet|perustettu|założon[aey]|založen[oay]|έτος ίδρυσης|創業|設立)(?![\p{L}\p{M}])/giu,
});

/** A time with its minutes, its half of the day or its unit: "2" alone may be anything. */
const TIME =
  /(?<![\d.:])(?:\d{1,2}[:.]\d\d(?:\s?[ap]\.?m\.?)?|\d{1,2}\s?(?:[ap]\.?m\.?|uhr|h(?:\d\d)?|時|时)(?![\p{L}])|noon)/giu;
const YEAR = /(?<!\d)(?:1[5-9]|20)\d\d(?!\d)/g;

/** So far behind its label a value stands, on its line or on the next. */
const FARTHEST = 60;

const labelsOn = (sort: Labelled): ((text: string) => readonly RegExpExecArray[]) =>
  rememberLast((text) => [...text.matchAll(CALLED[sort] ?? /$^/g)]);
const onPage = {
  arrival: labelsOn('arrival'),
  departure: labelsOn('departure'),
  founded: labelsOn('founded'),
};

/**
 * What a text for people says of one of these: the same, or the first of others where all of them are others. Undefined
 * where it says nothing, or nothing that can be read.
 */
export function findLabelled(text: string, sort: Labelled, told: string): Seen | undefined {
  const [pattern, valueOf] = sort === 'founded' ? [YEAR, String] : [TIME, timeIn];
  const wanted = valueOf(sort === 'founded' ? told.slice(0, 4) : told.trim().slice(0, 5));
  if (!wanted) return undefined;
  let other: Seen | undefined;
  for (const label of onPage[sort](text)) {
    const from = label.index + label[0].length;
    const behind = stretchBehind(text.slice(from, from + FARTHEST), sort);
    for (const match of behind.matchAll(pattern)) {
      const found = valueOf(match[0]);
      if (!found) continue;
      const at = { 0: match[0], index: from + match.index };
      if (found === wanted) return seenAt(at, match[0] === told ? 'exact' : 'written-differently');
      other ??= seenAt(at, 'different');
    }
  }
  return other;
}

/** The stop of a sentence is no part of a time: "by 11am." */
const timeIn = (text: string): string => machineTime(text) || machineTime(text.replace(/\.$/, ''));

/** What belongs to a label: its line, the next where its own says nothing more, and not what is called otherwise. */
function stretchBehind(text: string, sort: Labelled): string {
  const [line = '', next = ''] = text.split('\n');
  const own = /\d/.test(line) ? line : /^[\s:：]*$/.test(line) ? `${line}\n${next}` : '';
  if (sort === 'founded') return /^[^\d]{0,20}\d/.test(own) ? own.slice(0, 30) : '';
  return own;
}
