/**
 * Everything that is kept in this browser. It may be full, forbidden or filled with rubbish: then nothing is kept,
 * and whoever asks goes on without it.
 */

/** What is kept under a name; undefined where there is nothing, or nothing can be read. */
export function kept(name: string): string | undefined {
  try {
    return localStorage.getItem(name) ?? undefined;
  } catch {
    return undefined;
  }
}

/** Keeps a text under a name; whether there was room for it. What was kept before stays where there is none. */
export function keep(name: string, text: string): boolean {
  try {
    localStorage.setItem(name, text);
    return true;
  } catch {
    return false;
  }
}

export function forget(name: string): void {
  try {
    localStorage.removeItem(name);
  } catch {
    // what cannot be reached is not there
  }
}

/** What is kept as JSON, as `parse` reads it; undefined for what it cannot read. */
export function keptJson<T>(name: string, parse: (json: unknown) => T): T | undefined {
  const text = kept(name);
  if (text === undefined) return undefined;
  try {
    return parse(JSON.parse(text));
  } catch {
    return undefined; // written by an older version, or damaged
  }
}

/** Longer texts than this (characters) are not kept, and of a shelf as many as fit into this together. */
const SHELF = 1_500_000;

/**
 * Keeps a text on a shelf of many: when it is full the ones that were kept longest ago make room. Whether it was
 * kept.
 */
export function keepOnShelf(shelf: string, name: string, text: string): boolean {
  const order = (kept(`${shelf}:order`) ?? '').split('\n').filter((one) => one && one !== name);
  if (text.length > SHELF) {
    forget(`${shelf}:${name}`);
    keep(`${shelf}:order`, order.join('\n'));
    return false;
  }
  let room = SHELF - text.length;
  const staying: string[] = [];
  for (const one of order.toReversed()) {
    room -= kept(`${shelf}:${one}`)?.length ?? 0;
    if (room >= 0) staying.unshift(one);
    else forget(`${shelf}:${one}`);
  }
  while (!keep(`${shelf}:${name}`, text)) {
    const eldest = staying.shift();
    if (eldest === undefined) return false;
    forget(`${shelf}:${eldest}`);
  }
  keep(`${shelf}:order`, [...staying, name].join('\n'));
  return true;
}

export const keptOnShelf = (shelf: string, name: string): string | undefined => kept(`${shelf}:${name}`);
