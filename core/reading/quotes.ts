/** What people and editors write for quotes that JSON and HTML know not as such. */
export const TYPOGRAPHIC = '“”„‟‘’‚‛«»″‶❝❞〝〞〟＂`´';

/** Character references to double quotes, straight or typographic. */
export const QUOTE_REFERENCE =
  /&(?:quot|[lr]dquo|bdquo|[lr]aquo|Prime|#0*(?:34|171|187|822[0-3]|8243)|#x0*(?:22|ab|bb|201[c-f]|2033));/gi;

const STRAIGHT_REFERENCE = /^&(?:quot|#0*34|#x0*22);/i;

/** Whether a text begins with a typographic quote, or with a reference to one. */
export const beginsTypographic = (text: string): boolean =>
  text !== '' &&
  (TYPOGRAPHIC.includes(text.charAt(0)) ||
    (text.search(QUOTE_REFERENCE) === 0 && !STRAIGHT_REFERENCE.test(text)));
