import { fold } from '#core/text';
import { countyNames } from './countyNames.ts';

const plain = (text: string): string => fold(text.replaceAll('.', ''));

const byCountry = new Map<string, ReadonlySet<string>>();

/** The names of a country's counties as they are compared; made when the first is asked for. */
function countiesOf(country: string): ReadonlySet<string> {
  const known =
    byCountry.get(country) ?? new Set((countyNames[country] ?? '').split(';').filter(Boolean).map(plain));
  byCountry.set(country, known);
  return known;
}

/** Words that say that a name is a region's, before it or behind it, in the languages that write so. */
const CALLED =
  /^(?:jud|județul|judetul|woj|województwo|prov|provincia(?: de| di)?|tỉnh|departamento(?: de)?|depto|dpto|estado de|región(?: de| del)?|region|república|республика|респ)[. ]\s*\p{L}|\s(?:обл|область|край|county|pref|prefecture|province|voivodeship|oblast|вобласць)\.?$/iu;

/**
 * Whether a text is a county, province or prefecture of a country: by its name or short form ("Devon", "Jal."), or because
 * it says so ("Co. Cork", "County Durham", "Osaka Prefecture", "jud. Cluj", "Свердловская обл.").
 */
export function isCounty(text: string, country: string): boolean {
  const written = plain(text);
  if (/^(?:co|county) \p{L}/u.test(written)) return country === 'GB' || country === 'IE';
  if (CALLED.test(text.trim())) return true;
  const bare = written.replace(/(?: (?:to|fu|ken|prefecture))$/, '');
  return countiesOf(country).has(bare);
}

/** Whether a county of this country can be told from a town by nothing but its place: names of both stand by themselves. */
export const hasCounties = (country: string): boolean =>
  country === 'GB' || country === 'IE' || country === 'JP';
