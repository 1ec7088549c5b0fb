/** A file name that is not taken yet: a second `front.jpg` becomes `front-2.jpg`. Capitals do not tell names apart. */
export function freeName(name: string, taken: Set<string>): string {
  let free = name;
  for (let count = 2; taken.has(free.toLowerCase()); count += 1)
    free = name.replace(/(\.[^.]*)?$/, `-${String(count)}$1`);
  taken.add(free.toLowerCase());
  return free;
}

/** A text as a file name: lower case, ASCII, words joined by hyphens, at most 60 characters. */
export function fileName(text: string): string {
  const plain = text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase();
  return (
    plain
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 60) || 'unnamed'
  );
}
