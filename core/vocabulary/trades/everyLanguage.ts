import { english } from './english.ts';
import { french } from './french.ts';
import { german } from './german.ts';
import { italian } from './italian.ts';
import { spanish } from './spanish.ts';

/** Words of the trades in every language that has some, English first. */
export const everyLanguage = [english, german, french, spanish, italian];
