/** What the services of a day are called, by the part of the day they are in. */
const SERVICES: Readonly<Record<'morning' | 'midday' | 'evening', string>> = {
  morning:
    'breakfast|brunch|petit[- ]d[ée]jeuner|frühstück|desayunos?|colazione|ontbijt|frukost|morgenmad|frokostbuffet|śniadani[ae]|snídaně|pequeno[- ]almoço|café da manhã|朝食|モーニング|早餐|早市|조식|아침',
  midday:
    'lunch(?:time)?|le midi|midi|d[ée]jeuner|mittags?(?:tisch|karte)?|almuerzos?|comidas?|mediod[ií]a|(?:a )?pranzo|almoço|lounas|obiady?|obědy?|ebéd|prânz|ランチ(?:タイム)?|昼(?:の部)?|午市|午餐|점심|런치',
  evening:
    'dinner|supper|le soir|soir(?:ée)?|d[îi]ner|abends?(?:karte)?|cenas?|noches?|(?:a )?cena|jantar|diner|middag|aftensmad|illallinen|kolacj[ae]|večeř[ei]|vacsora|cină|ディナー(?:タイム)?|夜(?:の部)?|晚市|晚餐|저녁|디너',
};
// Where a word ends is looked at afterwards: that is many times faster than to look for it at every letter of a page.
const PARTS = Object.values(SERVICES).map((words) => new RegExp(`(?:${words})s?[:：]?`, 'gi'));
const LATIN = /\p{Script=Latin}/u;

/** The names of services in a text, each a word of its own. */
function labelsIn(text: string): readonly Label[] {
  const found = PARTS.map((words, part) => [...text.matchAll(words)].map((match) => ({ match, part })));
  // One of a kind names no two services.
  if (found.filter((one) => one.length > 0).length < 2) return [];
  const labels = found
    .flatMap((one) => one.slice(0, MOST_LABELS))
    .flatMap(({ match: { 0: label, index }, part }): Label[] => {
      const end = index + label.length;
      const isWord = !LATIN.test(text.charAt(index - 1)) && !LATIN.test(text.charAt(end));
      return isWord && BEFORE_TIMES.test(text.slice(end, end + NEAR)) ? [{ part, start: index, end }] : [];
    });
  // "Petit déjeuner" is one name, and not that of another meal as well.
  const isWithin = (one: Label, other: Label): boolean =>
    other !== one && other.start <= one.start && one.end <= other.end;
  return labels.filter((one) => !labels.some((other) => isWithin(one, other)));
}

/** More names of a kind are not looked at: no page has so many services. */
const MOST_LABELS = 100;
/** Two services of one place stand no farther from each other. */
const NEAR = 300;
/** Hours follow what they are of. */
const BEFORE_TIMES = /^[^\S\n]*(?:\n[^\S\n]*)?[^\n\d]{0,40}\d/u;

interface Label {
  readonly part: number;
  readonly start: number;
  readonly end: number;
}

/**
 * A text without the names of its services, each character where it stood: "Lunch Tue–Fri 12–2.30, Dinner Tue–Sat 6–10"
 * are the hours of one door. The same text where no two services stand by each other with hours behind them.
 */
export function withoutServices(text: string): string {
  const labels = labelsIn(text);
  if (labels.length === 0) return text;
  const told = labels.filter((one) =>
    labels.some((other) => other.part !== one.part && Math.abs(other.start - one.start) <= NEAR),
  );
  const letters = Array.from({ length: text.length }, (_, at) => text.charAt(at));
  for (const [nth, { start, end }] of told.toSorted((a, b) => a.start - b.start).entries()) {
    letters.fill(' ', start, end);
    // In a line of its own it parted the hours of one day.
    const isAlone = /(?:^|\n)[^\S\n]*$/.test(text.slice(0, start)) && /^[^\S\n]*\n/.test(text.slice(end));
    if (!isAlone) continue;
    letters[text.indexOf('\n', end)] = ' ';
    const before = text.lastIndexOf('\n', start);
    if (nth > 0 && before >= 0) letters[before] = ',';
  }
  return letters.join('');
}
