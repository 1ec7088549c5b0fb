/** The forms of companies (ISO 20275, Entity Legal Forms), as they stand behind names. */
const LEGAL_FORM =
  /(?<![\s,])[\s,]+(?:gmbh(?: & co\.? ?kg)?|ug(?: \(haftungsbeschränkt\))?|ag|kg|ohg|gbr|e\.? ?k\.?|e\.? ?v\.?|ltd\.?|limited|llc|l\.l\.c\.|llp|plc|inc\.?|corp\.?|pty\.? ltd\.?|pvt\.? ltd\.?|s\.?a\.?s?\.?|s\.?a\.?r\.?l\.?|s\.?l\.?u?\.?|s\.?r\.?l\.?s?\.?|s\.?p\.?a\.?|s\.?n\.?c\.?|lda\.?|ltda\.?|s\.? de r\.?l\.?(?: de c\.?v\.?)?|s\.?a\.? de c\.?v\.?|b\.?v\.?|n\.?v\.?|v\.?o\.?f\.?|aps|a\/s|as|ab|oy|sp\. z o\. ?o\.|s\.?r\.?o\.?|a\.?s\.?|kft\.?|bt\.?|d\.?o\.?o\.?|eood|ood|ооо|еоод|оод|тов|α\.?ε\.?|ο\.?ε\.?|sdn\.? bhd\.?)$/iu;

/** A name without the form of the company behind it, which doors leave out: "Müller & Söhne" of "Müller & Söhne GmbH". */
export const withoutLegalForm = (name: string): string => name.replace(LEGAL_FORM, '');
