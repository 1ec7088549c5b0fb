/** Countries whose businesses have numbers of one another. */
const PLANS: readonly string[] = [
  'GB IM JE GG GI FK SH IE',
  'IT VA SM',
  'FR MC GP MQ GF RE YT PM MF BL NC PF WF',
  'NO SJ',
  'FI AX',
  'AU CX CC NF',
  'NZ CK',
  'RU KZ',
  'DK FO GL',
  'NL AW CW SX BQ',
  'CH LI',
  'IL PS',
  'CN HK MO TW',
  'MA EH',
  'RS XK',
  'CY TR',
];
/** Where +1 is the country code of all. */
const NANP = /^(?:US|CA|PR|VI|GU|AS|MP|BS|BB|AI|AG|VG|KY|BM|GD|TC|JM|MS|SX|LC|DM|VC|DO|TT|KN)$/;

/** Whether businesses of two countries (ISO 3166-1 alpha-2) have numbers of one another, as neighbours and territories do. */
export const sharesNumbers = (one: string, other: string): boolean =>
  one === other ||
  (NANP.test(one) && NANP.test(other)) ||
  PLANS.some((plan) => plan.includes(one) && plan.includes(other));
