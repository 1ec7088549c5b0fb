/** "1 page", "3 pages": a count with its noun; `many` where the plural is more than an s. */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count.toLocaleString('en')} ${count === 1 ? one : many}`;
