/**
 * Which of many things in a row are chosen: by click, with Shift from the last one on, with Ctrl one more or less, and
 * all of that by keys. It knows numbers alone, not what they stand for.
 */
export interface Selection {
  readonly chosen: ReadonlySet<number>;
  /** Where a range begins; undefined before the first choice. */
  readonly anchor: number | undefined;
  /** Where the keyboard is. */
  readonly at: number | undefined;
}

export const noSelection: Selection = { chosen: new Set(), anchor: undefined, at: undefined };

/** How something is chosen: alone, one more or less, or all from the last one on. */
export type How = 'alone' | 'toggle' | 'range';

export const howOf = ({
  shiftKey,
  ctrlKey,
  metaKey,
}: {
  readonly shiftKey: boolean;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
}): How => (shiftKey ? 'range' : ctrlKey || metaKey ? 'toggle' : 'alone');

/** Chooses a thing of those in sight, which are given in their order. */
export function choose(now: Selection, inSight: readonly number[], id: number, how: How): Selection {
  if (how === 'range' && now.anchor !== undefined && inSight.includes(now.anchor))
    return { chosen: new Set(between(inSight, now.anchor, id)), anchor: now.anchor, at: id };
  if (how === 'alone') return { chosen: new Set([id]), anchor: id, at: id };
  const chosen = new Set(now.chosen);
  if (!chosen.delete(id)) chosen.add(id);
  return { chosen, anchor: id, at: id };
}

const between = (all: readonly number[], one: number, other: number): readonly number[] => {
  const [from, to] = [all.indexOf(one), all.indexOf(other)].sort((a, b) => a - b);
  return all.slice(from, (to ?? 0) + 1);
};

/** Moves by so many places, as the arrow keys do; with Shift everything on the way is chosen, with Ctrl nothing. */
export function move(now: Selection, inSight: readonly number[], by: number, how: How): Selection {
  if (inSight.length === 0) return now;
  const from = now.at === undefined ? -1 : inSight.indexOf(now.at);
  const place = from < 0 ? 0 : Math.max(0, Math.min(inSight.length - 1, from + by));
  const id = inSight[place] ?? 0;
  return how === 'toggle' ? { ...now, at: id } : choose(now, inSight, id, how);
}

/** All that are in sight, or none where all of them are. */
export function chooseAll(now: Selection, inSight: readonly number[]): Selection {
  const isAll = inSight.length > 0 && inSight.every((id) => now.chosen.has(id));
  return { ...now, chosen: new Set(isAll ? [] : inSight) };
}
