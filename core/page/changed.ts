import { difference } from '#core/agreement';
import { shortText } from '#core/fault';
import { JsonOfSource } from '#core/item';
import { readSource } from '#core/reading';

/** What a stretch of markup says: to machines, to visitors, and where its links lead. */
interface Said {
  readonly items: string;
  readonly text: string;
  readonly links: readonly string[];
}

function saidBy(markup: string): Said {
  const { items, visible, document } = readSource(markup);
  const json = new JsonOfSource();
  return {
    items: JSON.stringify(
      items.map((item) => json.item(item)),
      // A number is the same to whoever reads it with quotes round it.
      (_, value: unknown) => (typeof value === 'string' || typeof value === 'number' ? plain(value) : value),
    ),
    text: (visible?.text ?? '').replace(/\s+/g, ' ').trim(),
    links: (document?.elements ?? []).flatMap(({ attributes }) => {
      const href = attributes['href'];
      return href === undefined ? [] : plain(href);
    }),
  };
}

/** A value or an address: those of schema.org under the one scheme and host, decimals without noughts at their end. */
const plain = (value: string | number): string =>
  String(value)
    .replace(/^https?:\/\/(?:www\.)?(?=schema\.org\/)/, 'https://')
    .replace(/^(-?\d+\.\d*[1-9])0+$/, '$1');

/**
 * What became of placed markup, as a clause; '' where machines and visitors are told the same, whatever an editor or a
 * program that packs pages did to its blanks, quotes and attributes.
 */
export function changeIn(placed: string, meant: string): string {
  const [now, then] = [saidBy(placed), saidBy(meant)];
  if (now.text !== then.text) {
    const [lost, added] = firstChange(then.text, now.text).map(shortText);
    if (!added) return `visitors no longer read “${lost ?? ''}”`;
    return lost ? `visitors read “${added}”, not “${lost}”` : `visitors read “${added}” besides`;
  }
  const gone = then.links.find((one) => !now.links.includes(one));
  if (gone !== undefined) {
    const fresh = now.links.length === then.links.length ? now.links[then.links.indexOf(gone)] : undefined;
    return `the link to ${gone} ${fresh === undefined ? 'is gone' : `leads to ${fresh}`}`;
  }
  return now.items === then.items ? '' : 'machines read something else in it';
}

/** The first words in which two texts differ: those of the one, and those of the other in their place. */
function firstChange(one: string, other: string): readonly [string, string] {
  const words: [string, string] = ['', ''];
  let isChanged = false;
  for (const { side, text } of difference(one, other)) {
    // A word that a change begins or ends within belongs to it.
    if (side !== 'both') words[side === 'reference' ? 0 : 1] += text;
    else if (!isChanged) words[0] = words[1] = /\S*$/.exec(text)?.[0] ?? '';
    else return withoutCommon(words, /^\S*/.exec(text)?.[0] ?? '');
    isChanged ||= side !== 'both';
  }
  return withoutCommon(words, '');
}

/** Two stretches with what follows both, without the words that they begin and end with alike. */
function withoutCommon(stretches: readonly [string, string], behind: string): readonly [string, string] {
  const [one, other] = stretches.map((stretch) => (stretch + behind).split(/\s+/).filter(Boolean)) as [
    string[],
    string[],
  ];
  while (one.length > 0 && one[0] === other[0]) [one, other].forEach((words) => words.shift());
  while (one.length > 0 && one.at(-1) === other.at(-1)) [one, other].forEach((words) => words.pop());
  return [one.join(' '), other.join(' ')];
}
