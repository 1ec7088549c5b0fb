import { czech } from './czech.ts';
import { danish } from './danish.ts';
import { dutch } from './dutch.ts';
import { english } from './english.ts';
import { finnish } from './finnish.ts';
import { french } from './french.ts';
import { german } from './german.ts';
import { italian } from './italian.ts';
import { japanese } from './japanese.ts';
import { norwegian } from './norwegian.ts';
import { polish } from './polish.ts';
import { portuguese } from './portuguese.ts';
import { spanish } from './spanish.ts';
import { swedish } from './swedish.ts';

/** Words of the trades in every language that has some, English first. */
export const everyLanguage = [
  english,
  german,
  french,
  spanish,
  italian,
  dutch,
  portuguese,
  polish,
  swedish,
  danish,
  norwegian,
  finnish,
  czech,
  japanese,
];
