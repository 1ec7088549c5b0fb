/** Farther from the beginning of a line nothing is looked at. */
const WIDEST = 200;

/** Whether two offsets stand on lines of their own, and the first less far from the margin than the other. */
export function isOutdented(source: string, at: number, from: number): boolean {
  const [here, there] = [indentAt(source, at), indentAt(source, from)];
  return here !== undefined && there !== undefined && here < there;
}

function indentAt(source: string, at: number): number | undefined {
  const before = source.slice(Math.max(0, at - WIDEST), at);
  return /\n[ \t]*$/.test(before) ? before.length - before.lastIndexOf('\n') : undefined;
}
