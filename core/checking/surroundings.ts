import { schemaName } from '#core/item';
import { townsFor } from '#core/towns';
import { loadTypeOfWord, typeNamed } from '#core/vocabulary';
import type { CheckOptions } from './check.ts';

/** Where types are written, in JSON-LD, microdata and RDFa, and what stands there. */
const TYPES = /(?:"@type"|\bitemtype|\btypeof)\s*[:=]\s*(\[[^\]]{0,400}\]|"[^"]{0,200}"|'[^']{0,200}')/gi;

/** Whether a source may name a type in a word of a trade, and not in schema.org's. */
const mayNameTrades = (source: string): boolean =>
  [...source.matchAll(TYPES)].some(([, written = '']) =>
    written
      .split(/[\s"',[\]]+/)
      .map(schemaName)
      .some((name) => /^\p{L}[\p{L}\p{M}-]+$/u.test(name) && !typeNamed(name)),
  );

/**
 * What a source is checked with besides its options, loaded where it needs it: the day (ISO 8601), the towns that a pin
 * is held against, the words of the trades in every language for types that schema.org has not.
 */
export async function surroundingsOf(
  source: string,
): Promise<Pick<CheckOptions, 'today' | 'towns' | 'typeOf'>> {
  const towns = await townsFor(source);
  return {
    today: new Date().toISOString().slice(0, 10),
    ...(towns ? { towns } : {}),
    ...(mayNameTrades(source) ? { typeOf: await loadTypeOfWord() } : {}),
  };
}
