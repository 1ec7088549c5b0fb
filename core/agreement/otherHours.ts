import type { HtmlDocument } from '#core/html';
import { days, oddTimeIn, readDay, type Day, type Hours } from '#core/hours';
import { weeksOfPage } from './pageText.ts';
import type { Seen } from './seen.ts';

/** What other hours than those of the door are of, in the languages that hours are read in. */
export const OTHER_HOURS =
  /kitchen|food served|deliver|phone|hotline|happy hour|brunch|emergenc|pick-?up|visiting|check-?in|küche|liefer|telefon|notdienst|mittagstisch|abhol|cuisine|livraison|téléphone|urgence|cocina|reparto|teléfono|urgencia|cucina|consegn|telefon|keuken|bezorg|telefonisch|cozinha|entrega|kuchnia|dostaw|kök|leverans|køkken|kjøkken|levering|keittiö|kuchyn|rozvoz|κουζίνα|ラストオーダー|電話|出前/i;

/** Hours that cannot be read, of which one time is none of those told though the others are. */
export function seeOddTime(text: string, document: HtmlDocument | undefined, told: Hours): Seen | undefined {
  let tried = 0;
  for (const { 0: line, index } of text.matchAll(/[^\n]{5,300}/g)) {
    const odd = oddTimeIn(line, told);
    if (!odd || OTHER_HOURS.test(line)) continue;
    tried += 1;
    if (tried > MOST_TRIED) break;
    if (!weeksOfPage(line, document).namesDays) continue;
    const at = { start: index + odd.start, end: index + odd.end };
    return { text: line.trim(), agreement: 'partly', at, isAmongOthers: true };
  }
  return undefined;
}

/** A page has no more lines of hours: a time table has. */
const MOST_TRIED = 40;

/** Days that are told to have hours and of which a week that is shown says nothing. */
export function unnamedIn({ agreement, hours: shown }: Seen, told: Hours): readonly Day[] {
  if (agreement !== 'partly' || !shown) return [];
  const unnamed = days.filter(
    (day) => (readDay(told[day]).spans ?? []).length > 0 && shown[day].trim() === '',
  );
  return unnamed.length <= MOST_UNNAMED ? unnamed : [];
}
/** Where more of the week is missing, it stands elsewhere, in words that were not understood. */
const MOST_UNNAMED = 2;
