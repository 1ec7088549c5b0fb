import { fault, type Fault } from '#core/fault';

/** Texts that templates come with. A value that holds one was never filled in. */
const placeholders: readonly RegExp[] = [
  /\byour (business|company|shop|store|practice) name\b/i,
  /\b(business|company) name here\b/i,
  /\b123 (example|main|any|fake) (street|st)\b/i,
  /\blorem ipsum\b/i,
  /\b(any|your) ?(town|city)\b/i,
  /\byour (address|street|phone|description)\b/i,
  /\binsert .{1,30} here\b/i,
  /^\[[^\]]+\]$/,
  /^\{\{[^}]+\}\}$/,
  /^(x{3,}|tbd|todo|n\/a|null|undefined)$/i,
];

/** A fault where a text was left over from a template. */
export function judgeText(text: string): readonly Fault[] {
  const written = text.slice(0, 2000);
  if (!placeholders.some((pattern) => pattern.test(written))) return [];
  return [fault('value/placeholder', `“${written.slice(0, 60)}” looks left over from a template.`)];
}
