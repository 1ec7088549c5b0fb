import { finding, shortText, type Finding } from '#core/fault';
import { schemaName } from '#core/item';
import { fold } from '#core/text';
import { isSubtype, memberNamed, membersOf, nearestName, typeNamed } from '#core/vocabulary';
import { isForeign } from './meant.ts';
import { instead, type TextValue } from './spot.ts';

/** A value that is to be a member of an enumeration, and is none (schema.org, Enumeration). */
export function judgeMember(
  name: string,
  value: TextValue,
  enumerations: readonly string[],
): Finding | undefined {
  const written = value.text.trim();
  const member = schemaName(written);
  if (!written) return undefined;
  if (isForeign(member)) return judgeAddress(name, value, enumerations);
  if (memberNamed(member)?.enumerations.some((one) => enumerations.some((wanted) => isSubtype(one, wanted))))
    return undefined;
  if (typeNamed(member)) return undefined;
  const names = enumerations.flatMap((enumeration) => membersOf(enumeration));
  const { meant, isCertain } = membersMeant(member, names);
  const [first] = meant;
  const hint = first
    ? ` Did you mean ${meant.map((one) => `https://schema.org/${one}`).join(' or ')}?`
    : ` It knows ${names.slice(0, 4).join(', ')} …`;
  return finding(
    'vocabulary/enumeration',
    `“${written}” is no ${enumerations.join(' or ')} that schema.org knows.${hint}`,
    value.place,
    name,
    {
      edits: first && meant.length === 1 ? instead(value, `https://schema.org/${first}`) : null,
      guess: !isCertain,
    },
  );
}

/**
 * The address of a page where a member belongs: a link that names the member and leads to the page's own site, as it is
 * written without schema.org. Other vocabularies have members of their own, behind longer ways.
 */
function judgeAddress(name: string, value: TextValue, enumerations: readonly string[]): Finding | undefined {
  const [, segment = ''] = /^https?:\/\/[^/?#]+\/([^/?#]{2,60})\/?$/i.exec(value.text.trim()) ?? [];
  if (!segment) return undefined;
  const names = enumerations.flatMap((enumeration) => membersOf(enumeration));
  const [first, ...others] = membersMeant(segment.replace(/%20|[_+-]/g, ' '), names).meant;
  if (!first || others.length > 0) return undefined;
  const message = `“${shortText(value.text.trim())}” is an address of another site, and no ${enumerations.join(' or ')} to a machine. Did you mean https://schema.org/${first}?`;
  return finding('vocabulary/enumeration', message, value.place, name, {
    edits: instead(value, `https://schema.org/${first}`),
    guess: true,
  });
}

const lettersOf = (name: string): string => fold(name).replace(/[^\p{L}\p{N}]/gu, '');
const wordsOf = (name: string): readonly string[] =>
  fold(name.replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2')).split(/[^\p{L}\p{N}]+/u);

/** So many letters at the beginning are a word's stem: "dental" and "dentistry". */
const STEM = 4;

/** More members that a word may mean are no hint. */
const MOST_MEANT = 3;

/**
 * The members that a text may mean: the one of the same letters for certain ("in stock"), else those whose name has all
 * its words ("vegetarian", "scheduled"), else the one that begins like it, or the nearest.
 */
function membersMeant(
  text: string,
  names: readonly string[],
): { readonly meant: readonly string[]; readonly isCertain: boolean } {
  const same = names.find((one) => lettersOf(one) === lettersOf(text));
  if (same) return { meant: [same], isCertain: true };
  const words = wordsOf(text).filter((word) => word.length > 2);
  const having = names.filter((one) => words.every((word) => wordsOf(one).includes(word)));
  if (words.length > 0 && having.length > 0 && having.length <= MOST_MEANT)
    return { meant: having, isCertain: false };
  const stem = lettersOf(text).slice(0, STEM);
  const kin = stem.length < STEM ? [] : names.filter((one) => lettersOf(one).startsWith(stem));
  const near = kin.length === 1 ? kin[0] : nearestName(text, names);
  // Hardly anybody mistypes the first letter: "Dental" is not meant to be "Renal".
  const isNear = near !== undefined && lettersOf(near)[0] === lettersOf(text)[0];
  return { meant: isNear ? [near] : [], isCertain: false };
}
