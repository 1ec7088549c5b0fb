import type { DayWords } from './dayWords.ts';
import { furtherDays } from './furtherDays.ts';
import { latinDays } from './latinDays.ts';
import { otherDays } from './otherDays.ts';

/**
 * How people write days and hours in other languages, as data: each word's English is what `readWeek` and `readDay`
 * understand. Names are those of the Unicode CLDR; abbreviations are what doors and pages show.
 */
export const dayWords: readonly DayWords[] = [...latinDays, ...otherDays, ...furtherDays];
