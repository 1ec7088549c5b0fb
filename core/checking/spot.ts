import { finding, type Fault, type Finding } from '#core/fault';
import type { ReadItem, ReadProperty, ReadValue } from '#core/item';
import { attributeText } from '#core/reading';
import { jsonString, type Edit } from '#core/text';

export type TextValue = Extract<ReadValue, { kind: 'text' }>;

/** A text value where it stands. */
export interface Spot {
  readonly item: ReadItem;
  /** What holds the item; undefined where it stands by itself. */
  readonly owner?: ReadItem | undefined;
  readonly property: ReadProperty;
  readonly value: TextValue;
  readonly text: string;
  /** ISO 3166-1 alpha-2 of the address that the item has or stands in; ''. */
  readonly country: string;
  readonly source: string;
  /** The tag that carries it; what stands there where it is JSON. */
  readonly tag: string;
}

/** A value in place of another, where only machines read it. */
export const instead = ({ place: { start, end }, holder }: TextValue, text: string): Edit[] | null =>
  !text || holder === 'text'
    ? null
    : [{ start, end, text: holder === 'json' ? jsonString(text) : attributeText(text, holder) }];

export const tell = (spot: Spot, code: Fault['code'], message: string, mended = '', guess = false): Finding =>
  finding(code, message, spot.value.place, spot.property.name, {
    edits: instead(spot.value, mended),
    guess,
  });

/** The address in the tag that embeds what it leads to, where a text is that alone: "<iframe src=…></iframe>"; ''. */
export const embeddedIn = (text: string): string =>
  /^<(iframe|img|embed|a)\b[^>]*\s(?:src|href)\s*=\s*["']?(https?:\/\/[^"'\s>]+)[^>]*>(?:[^<]*<\/\1>)?$/i.exec(
    text.trim(),
  )?.[2] ?? '';

/** An entry of a list of JSON taken away with its comma; null where it is the only one. */
export function withoutEntry(source: string, start: number, end: number): Edit[] | null {
  const [behind] = /^\s*,\s*/.exec(source.slice(end, end + 200)) ?? [];
  const [before] = /,\s*$/.exec(source.slice(Math.max(0, start - 200), start)) ?? [];
  if (before) return [{ start: start - before.length, end, text: '' }];
  const isFirst = /\[\s*$/.test(source.slice(Math.max(0, start - 200), start));
  return isFirst && behind ? [{ start, end: end + behind.length, text: '' }] : null;
}

/** The property's name exchanged where it is written by itself; what leads to its vocabulary, "schema:", stays. */
export function renamed(source: string, { name, namePlace }: ReadProperty, to: string): Edit[] | null {
  const { start, end } = namePlace;
  const written = source.slice(start, end);
  const [, open = '', lead = '', last, close = ''] =
    /^(["']?)((?:[^\s"']*[:/#])?)([^"':/#]*)(["']?)$/.exec(written) ?? [];
  return last === name ? [{ start, end, text: `${open}${lead}${to}${close}` }] : null;
}
