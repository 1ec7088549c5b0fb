import { rememberLast } from '#core/text';

/** What value added tax numbers are called right before them, in the countries that have their firms show them. */
const CALLED =
  /(?<!\p{L})(?:ust\.?-?id(?:\.?-?nr)?|uid(?:-nr)?|atu-nr|vat(?: (?:reg(?:istration)?|no|number|id))*|p(?:art(?:ita)?|\.)? ?\.?iva|btw(?:-?(?:nr|nummer|id))?|(?:n[°o]\.? ?)?tva(?: intracom\p{L}*)?|nif|cif|nipc|di[cč]|ič dph|nip|cvr(?:-nr)?|mva|moms(?:reg)?(?:-?nr)?|alv(?:-tunnus)?|ан|еик|cui|oib|pib|αφμ|α\.φ\.μ\.)\.?[^\p{L}\d\n]{0,6}((?:[A-Z]{2}[\s.-]?)?[\dA-Z](?:[ .-]?[\dA-Z]){6,13})(?![\p{L}\d])/giu;

/** A page is searched before and after something is placed on it, and shows the same. */
const calledOnPage = rememberLast((text) => [...text.matchAll(CALLED)]);

const squeezed = (text: string): string => text.replace(/[^\p{L}\d]/gu, '').toUpperCase();

/**
 * Where a text for people shows a VAT number (Directive 2006/112/EC, art. 215: with or without the country before it),
 * or another one of its length under that name. Undefined where none is shown.
 */
export function findVatNumber(
  text: string,
  told: string,
): { readonly start: number; readonly end: number; readonly isSame: boolean } | undefined {
  const whole = squeezed(told);
  const body = whole.replace(/^[A-Z]{2}(?=.{7})/, '');
  if (body.length < FEWEST || !/\d/.test(body)) return undefined;
  let other: { readonly start: number; readonly end: number; readonly isSame: boolean } | undefined;
  for (const match of calledOnPage(text)) {
    const [found, written = ''] = match;
    const shown = squeezed(written);
    const end = match.index + found.length;
    const at = { start: end - written.length, end };
    if (shown === whole || shown === body) return { ...at, isSame: true };
    if (shown.length === whole.length || shown.length === body.length) other ??= { ...at, isSame: false };
  }
  return other;
}

/** The first VAT number that a text shows under that name; '' for none. */
export function vatNumberIn(text: string): string {
  const written = calledOnPage(text)
    .map(([, number = '']) => number)
    .find((number) => /\d.*\d/.test(number) && squeezed(number).length >= FEWEST);
  return written ?? '';
}

/** What is shorter is no such number. */
const FEWEST = 7;
