import type { FaultCode } from '#core/fault';
import type { Branch } from './branches.ts';
import type { Habit } from './sources.ts';

/** A fault planted in a clean source, and the codes that name it: one of them must stand at the line it was planted in. */
export interface Planted {
  readonly name: string;
  readonly codes: readonly FaultCode[];
  /** The source with the fault; the same source where it cannot be planted. */
  readonly plant: (source: string, branch: Branch) => string;
  readonly habits: readonly Habit[];
  /** The standard or guideline that it breaks. */
  readonly cites: string;
  /** What else it brings about, besides what is told of the line itself. */
  readonly also?: readonly FaultCode[];
}

export const JSON_HABITS: readonly Habit[] = [
  'a script in the head',
  'the graph of a plug-in',
  'one node in two scripts',
];
export const FLAT: readonly Habit[] = ['a script in the head', 'one node in two scripts'];
export const TAGS: readonly Habit[] = ['microdata', 'rdfa'];
export const MICRODATA: readonly Habit[] = ['microdata'];

type Edit = readonly [from: string | RegExp, to: string | ((branch: Branch) => string)];

export const fault = (
  name: string,
  codes: FaultCode | readonly FaultCode[],
  cites: string,
  habits: readonly Habit[],
  edit: Edit | ((branch: Branch) => Edit),
  also: readonly FaultCode[] = [],
): Planted => ({
  name,
  codes: typeof codes === 'string' ? [codes] : codes,
  cites,
  habits,
  also,
  plant: (source, branch) => {
    const [from, to] = typeof edit === 'function' ? edit(branch) : edit;
    const text = typeof to === 'string' ? to : to(branch);
    return typeof from === 'string' ? source.replace(from, () => text) : source.replace(from, text);
  },
});

export const RFC = 'RFC 8259';
export const SCHEMA = 'schema.org';
export const PROFILE = 'local business guideline profile';
export const E164 = 'ITU-T E.164, E.123';
export const HTML = 'HTML Living Standard, 5';
export const JSONLD = 'JSON-LD 1.1';

/** A member put behind the name. */
export const beside = (member: string): Edit => [
  /"url": "(?=[^"]*\/",?\n\s+"(?:telephone|image))/,
  `${member},\n"url": "`,
];
export const quote = (text: string): string => JSON.stringify(text);
