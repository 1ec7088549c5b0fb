import { fault, type Fault } from '#core/fault';
import { table } from '#core/text';

/**
 * Value added tax numbers as each state of the European Union, Northern Ireland and some neighbours write them behind
 * their two letters (European Commission, VIES, structure of VAT identification numbers).
 */
const FORMS = table<RegExp>({
  AT: /^U\d{8}$/,
  BE: /^[01]\d{9}$/,
  BG: /^\d{9,10}$/,
  CY: /^\d{8}[A-Z]$/,
  CZ: /^\d{8,10}$/,
  DE: /^\d{9}$/,
  DK: /^\d{8}$/,
  EE: /^\d{9}$/,
  EL: /^\d{9}$/,
  ES: /^(?:[A-Z]\d{7}[A-Z\d]|\d{8}[A-Z])$/,
  FI: /^\d{8}$/,
  FR: /^[A-HJ-NP-Z\d]{2}\d{9}$/,
  GB: /^(?:\d{9}(?:\d{3})?|(?:GD|HA)\d{3})$/,
  HR: /^\d{11}$/,
  HU: /^\d{8}$/,
  IE: /^(?:\d{7}[A-W][A-IW]?|\d[A-Z+*]\d{5}[A-W])$/,
  IT: /^\d{11}$/,
  LT: /^(?:\d{9}|\d{12})$/,
  LU: /^\d{8}$/,
  LV: /^\d{11}$/,
  MT: /^\d{8}$/,
  NL: /^[A-Z\d+*]{10}\d{2}$|^\d{9}B\d{2}$/,
  PL: /^\d{10}$/,
  PT: /^\d{9}$/,
  RO: /^\d{2,10}$/,
  SE: /^\d{12}$/,
  SI: /^\d{8}$/,
  SK: /^\d{10}$/,
  XI: /^(?:\d{9}(?:\d{3})?|(?:GD|HA)\d{3})$/,
});

/** A VAT number that begins with a state's letters and is not written as that state writes them. */
export function judgeVat(text: string): readonly Fault[] {
  const plain = text.toUpperCase().replace(/[\s.-]/g, '');
  const [, state = '', rest = ''] = /^([A-Z]{2})(?=[A-Z]{0,2}\d)(.+)$/.exec(plain) ?? [];
  const form = FORMS[state];
  if (!form || form.test(rest)) return [];
  return [
    fault(
      'value/vat',
      `“${text.trim()}” is not written as VAT numbers of ${state} are. Look for a digit too few or too many.`,
    ),
  ];
}
