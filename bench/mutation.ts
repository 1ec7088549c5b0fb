/** Mutated sources for the tests that attack the readers: the same seed gives the same sources. */

/** Numbers from a seed (a linear congruential generator): 0 to `below`, not reached. */
export type Random = (below: number) => number;

export function seeded(seed: number): Random {
  let state = seed >>> 0;
  return (below) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 4294967296) * below);
  };
}

const MARKS = [
  '',
  '<',
  '>',
  '"',
  "'",
  '&',
  '/',
  '-',
  ' ',
  '=',
  '!',
  '{',
  '}',
  '[',
  ']',
  ',',
  ':',
  '\\',
  '\n',
  '\0',
  'é',
];

/** A source made from others by taking pieces away, doubling, moving and splicing them, and by single characters. */
export function mutated(sources: readonly string[], random: Random): string {
  const piecesOf = (): string[] => (sources[random(sources.length)] ?? '').split(/(?=[<{,])/);
  const pieces = piecesOf();
  const changes = 1 + random(6);
  for (let change = 0; change < changes; change += 1) {
    const at = random(pieces.length);
    const piece = pieces[at] ?? '';
    switch (random(6)) {
      case 0:
        pieces.splice(at, 1);
        break;
      case 1:
        pieces.splice(random(pieces.length), 0, piece);
        break;
      case 2: {
        const others = piecesOf();
        pieces.splice(at, 0, others[random(others.length)] ?? '');
        break;
      }
      case 3: {
        const cut = random(piece.length + 1);
        pieces[at] = piece.slice(0, cut) + (MARKS[random(MARKS.length)] ?? '') + piece.slice(cut + random(2));
        break;
      }
      case 4: {
        const flipped = random(Math.max(1, piece.length));
        const code = piece.charCodeAt(flipped);
        if (code)
          pieces[at] =
            piece.slice(0, flipped) + String.fromCharCode(code ^ (1 << random(7))) + piece.slice(flipped + 1);
        break;
      }
      default:
        pieces.length = Math.max(1, at);
    }
  }
  return pieces.join('');
}

/** About how long a source with repeated pieces is, in UTF-16 code units. */
const REPEATED = 60_000;

/** A source of which a run of pieces stands there again and again: whatever takes the square of a page's length shows. */
export function repeated(sources: readonly string[], random: Random): string {
  const pieces = (sources[random(sources.length)] ?? '').split(/(?=[<{,])/);
  const from = random(pieces.length);
  const until = from + 1 + random(Math.min(40, pieces.length - from));
  const run = pieces.slice(from, until).join('');
  return [
    ...pieces.slice(0, from),
    run.repeat(Math.ceil(REPEATED / Math.max(1, run.length))),
    ...pieces.slice(until),
  ].join('');
}

/** How long what floods a value is, in UTF-16 code units. */
const FLOOD = 6000;

/** What a value is flooded with: what numbers, names, addresses and lists are made of. */
const UNITS = [
  ' ',
  '\n',
  '1 ',
  '9-',
  '$1',
  '12:',
  'a ',
  'a.',
  'a@',
  'Mo ',
  ', ',
  '/',
  '(',
  '東',
  '\u00a0',
  'ab-',
];

/** A source with a unit of a few characters in a value or a text, again and again: no pattern may take the square of it. */
export function flooded(sources: readonly string[], random: Random): string {
  const source = sources[random(sources.length)] ?? '';
  const unit = UNITS[random(UNITS.length)] ?? ' ';
  const inside = [...source.matchAll(/[\p{L}\d](?=[\p{L}\d])/gu)].map(({ index }) => index + 1);
  const at = inside[random(inside.length)] ?? 0;
  return source.slice(0, at) + unit.repeat(FLOOD / unit.length) + source.slice(at);
}
