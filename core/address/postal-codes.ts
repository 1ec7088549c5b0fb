interface PostalCodeRule {
  readonly pattern: RegExp;
  readonly example: string;
  /** Whether addresses of this country need a region (state, province). */
  readonly region?: boolean;
  /** Many addresses of this country do without. */
  readonly isOptional?: boolean;
}

/** Forms of postal codes by ISO 3166-1 alpha-2 country, for the countries whose form is certain. */
export const postalCodes: Readonly<Record<string, PostalCodeRule>> = {
  AT: { pattern: /^[1-9]\d{3}$/, example: '1010' },
  AU: { pattern: /^\d{4}$/, example: '3000', region: true },
  BE: { pattern: /^[1-9]\d{3}$/, example: '1000' },
  BR: { pattern: /^\d{5}-?\d{3}$/, example: '01310-100', region: true },
  CA: {
    pattern: /^[ABCEGHJ-NPRSTVXY]\d[ABCEGHJ-NPRSTV-Z] ?\d[ABCEGHJ-NPRSTV-Z]\d$/i,
    example: 'V5K 0A1',
    region: true,
  },
  CH: { pattern: /^[1-9]\d{3}$/, example: '8001' },
  DE: { pattern: /^(?!00)\d{5}$/, example: '10115' },
  DK: { pattern: /^\d{4}$/, example: '1050' },
  ES: { pattern: /^(?:0[1-9]|[1-4]\d|5[0-2])\d{3}$/, example: '28001' },
  FI: { pattern: /^\d{5}$/, example: '00100' },
  FR: { pattern: /^(?!00)\d{5}$/, example: '75001' },
  GB: { pattern: /^(GIR ?0AA|[A-Z]{1,2}\d[A-Z\d]? ?\d[ABD-HJLNP-UW-Z]{2})$/i, example: 'TQ1 2AB' },
  IE: { pattern: /^[AC-FHKNPRTV-Y]\d[\dW] ?[\dAC-FHKNPRTV-Y]{4}$/i, example: 'D02 AF30' },
  IN: { pattern: /^[1-9]\d{2} ?\d{3}$/, example: '110 001', region: true },
  IT: { pattern: /^\d{5}$/, example: '00118' },
  JP: { pattern: /^\d{3}-?\d{4}$/, example: '100-0001', region: true },
  NL: { pattern: /^[1-9]\d{3} ?[A-Z]{2}$/i, example: '1012 AB' },
  NO: { pattern: /^\d{4}$/, example: '0150' },
  NZ: { pattern: /^\d{4}$/, example: '6011' },
  PL: { pattern: /^\d{2}-\d{3}$/, example: '00-001' },
  PT: { pattern: /^[1-9]\d{3}-\d{3}$/, example: '1000-001' },
  SE: { pattern: /^[1-9]\d{2} ?\d{2}$/, example: '111 22' },
  US: { pattern: /^\d{5}(-\d{4})?$/, example: '98101', region: true },
  BG: { pattern: /^[1-9]\d{3}$/, example: '1000' },
  CZ: { pattern: /^[1-7]\d{2} ?\d{2}$/, example: '110 00' },
  EE: { pattern: /^\d{5}$/, example: '10111' },
  GR: { pattern: /^[1-8]\d{2} ?\d{2}$/, example: '105 57' },
  HR: { pattern: /^[1-5]\d{4}$/, example: '10000' },
  HU: { pattern: /^[1-9]\d{3}$/, example: '1051' },
  LT: { pattern: /^(LT-)?\d{5}$/i, example: '01100' },
  LU: { pattern: /^(L-)?\d{4}$/i, example: '1661' },
  LV: { pattern: /^(LV-)?\d{4}$/i, example: 'LV-1010' },
  MX: { pattern: /^(?!00)\d{5}$/, example: '06000' },
  RO: { pattern: /^\d{6}$/, example: '010011' },
  SI: { pattern: /^[1-9]\d{3}$/, example: '1000' },
  SK: { pattern: /^[089]\d{2} ?\d{2}$/, example: '811 01' },
  ZA: { pattern: /^\d{4}$/, example: '8001' },
  AR: { pattern: /^[A-Z]?\d{4}([A-Z]{3})?$/i, example: 'C1002AAP', isOptional: true },
  CL: { pattern: /^(\d{7}|\d{3}-\d{4})$/, example: '832-0000', isOptional: true },
  CN: { pattern: /^\d{6}$/, example: '100006', isOptional: true },
  CO: { pattern: /^\d{6}$/, example: '110111', isOptional: true },
  CY: { pattern: /^\d{4}$/, example: '1010', isOptional: true },
  ID: { pattern: /^[1-9]\d{4}$/, example: '10110', isOptional: true },
  IL: { pattern: /^\d{5}(\d{2})?$/, example: '9614303', isOptional: true },
  IS: { pattern: /^\d{3}$/, example: '101', isOptional: true },
  KR: { pattern: /^[0-6]\d{4}$/, example: '03051', isOptional: true },
  LI: { pattern: /^94[89]\d$/, example: '9490', isOptional: true },
  MC: { pattern: /^980\d{2}$/, example: '98000', isOptional: true },
  MT: { pattern: /^[A-Z]{3} ?\d{4}$/i, example: 'VLT 1117', isOptional: true },
  MY: { pattern: /^\d{5}$/, example: '50480', isOptional: true },
  PH: { pattern: /^\d{4}$/, example: '1000', isOptional: true },
  RS: { pattern: /^\d{5,6}$/, example: '11000', isOptional: true },
  RU: { pattern: /^[1-6]\d{5}$/, example: '101000', isOptional: true },
  SG: { pattern: /^\d{6}$/, example: '018956', isOptional: true },
  TH: { pattern: /^[1-9]\d{4}$/, example: '10200', isOptional: true },
  TR: { pattern: /^(?:0[1-9]|[1-7]\d|8[01])\d{3}$/, example: '34430', isOptional: true },
  TW: { pattern: /^\d{3}(\d{2,3})?$/, example: '100', isOptional: true },
  UA: { pattern: /^\d{5}$/, example: '01001', isOptional: true },
  AL: { pattern: /^\d{4}$/, example: '1001', isOptional: true },
  AM: { pattern: /^\d{4}$/, example: '0010', isOptional: true },
  BA: { pattern: /^\d{5}$/, example: '71000', isOptional: true },
  BD: { pattern: /^\d{4}$/, example: '1205', isOptional: true },
  BY: { pattern: /^\d{6}$/, example: '220030', isOptional: true },
  CR: { pattern: /^\d{5}$/, example: '10101', isOptional: true },
  DO: { pattern: /^\d{5}$/, example: '10101', isOptional: true },
  DZ: { pattern: /^\d{5}$/, example: '16000', isOptional: true },
  EC: { pattern: /^\d{6}$/, example: '170515', isOptional: true },
  EG: { pattern: /^\d{5}(\d{2})?$/, example: '11511', isOptional: true },
  GE: { pattern: /^\d{4}$/, example: '0105', isOptional: true },
  GT: { pattern: /^\d{5}$/, example: '01001', isOptional: true },
  JO: { pattern: /^\d{5}$/, example: '11118', isOptional: true },
  KE: { pattern: /^\d{5}$/, example: '00100', isOptional: true },
  KW: { pattern: /^\d{5}$/, example: '13001', isOptional: true },
  KZ: { pattern: /^(\d{6}|[A-Z]\d{2}[A-Z]\d[A-Z]\d)$/i, example: '050000', isOptional: true },
  LK: { pattern: /^\d{5}$/, example: '00300', isOptional: true },
  MA: { pattern: /^\d{5}$/, example: '40000', isOptional: true },
  MD: { pattern: /^(MD-?)?\d{4}$/i, example: 'MD-2001', isOptional: true },
  ME: { pattern: /^\d{5}$/, example: '81000', isOptional: true },
  MK: { pattern: /^\d{4}$/, example: '1000', isOptional: true },
  NG: { pattern: /^\d{6}$/, example: '100281', isOptional: true },
  NP: { pattern: /^\d{5}$/, example: '44600', isOptional: true },
  PE: { pattern: /^\d{5}$/, example: '15001', isOptional: true },
  PK: { pattern: /^\d{5}$/, example: '54660', isOptional: true },
  PY: { pattern: /^\d{4,6}$/, example: '1209', isOptional: true },
  SA: { pattern: /^\d{5}(-\d{4})?$/, example: '12241', isOptional: true },
  TN: { pattern: /^\d{4}$/, example: '1000', isOptional: true },
  UY: { pattern: /^\d{5}$/, example: '11200', isOptional: true },
  VN: { pattern: /^\d{5,6}$/, example: '700000', isOptional: true },
  PR: { pattern: /^\d{5}(-\d{4})?$/, example: '00901', isOptional: true },
  IR: { pattern: /^\d{5}-?\d{5}$/, example: '11369-14361', isOptional: true },
  AZ: { pattern: /^(AZ ?-?)?\d{4}$/i, example: 'AZ1000', isOptional: true },
  UZ: { pattern: /^\d{6}$/, example: '100000', isOptional: true },
  KG: { pattern: /^\d{6}$/, example: '720001', isOptional: true },
  AD: { pattern: /^AD[1-7]00$/i, example: 'AD500', isOptional: true },
  SM: { pattern: /^4789\d$/, example: '47890', isOptional: true },
  VA: { pattern: /^00120$/, example: '00120', isOptional: true },
  IM: { pattern: /^IM\d[\dA-Z]? ?\d[A-Z]{2}$/i, example: 'IM1 1AA', isOptional: true },
  JE: { pattern: /^JE\d[\dA-Z]? ?\d[A-Z]{2}$/i, example: 'JE2 3AB', isOptional: true },
  GG: { pattern: /^GY\d[\dA-Z]? ?\d[A-Z]{2}$/i, example: 'GY1 1AA', isOptional: true },
  GI: { pattern: /^GX11 ?1AA$/i, example: 'GX11 1AA', isOptional: true },
  FO: { pattern: /^(FO-?)?\d{3}$/i, example: '100', isOptional: true },
  GL: { pattern: /^39\d{2}$/, example: '3900', isOptional: true },
  XK: { pattern: /^\d{5}$/, example: '10000', isOptional: true },
  VE: { pattern: /^\d{4}$/, example: '1010', isOptional: true },
  MM: { pattern: /^\d{5}$/, example: '11181', isOptional: true },
  KH: { pattern: /^\d{5,6}$/, example: '120101', isOptional: true },
  LA: { pattern: /^\d{5}$/, example: '01000', isOptional: true },
  MN: { pattern: /^\d{5,6}$/, example: '14200', isOptional: true },
  IQ: { pattern: /^\d{5}$/, example: '10001', isOptional: true },
  OM: { pattern: /^\d{3}$/, example: '112', isOptional: true },
  BN: { pattern: /^[A-Z]{2} ?\d{4}$/i, example: 'BS8711', isOptional: true },
  MU: { pattern: /^(\d{5}|[A-Z]\d{4})$/i, example: '11302', isOptional: true },
  SN: { pattern: /^\d{5}$/, example: '11000', isOptional: true },
  TZ: { pattern: /^\d{5}$/, example: '11101', isOptional: true },
  ZM: { pattern: /^\d{5}$/, example: '10101', isOptional: true },
  ET: { pattern: /^\d{4}$/, example: '1000', isOptional: true },
  HN: { pattern: /^\d{5}$/, example: '11101', isOptional: true },
  NI: { pattern: /^\d{5}$/, example: '11001', isOptional: true },
  SV: { pattern: /^\d{4,5}$/, example: '1101', isOptional: true },
  AX: { pattern: /^22\d{3}$/, example: '22100' },
  SJ: { pattern: /^(?:917\d|8099)$/, example: '9170' },
  GP: { pattern: /^971\d{2}$/, example: '97110' },
  MQ: { pattern: /^972\d{2}$/, example: '97200' },
  GF: { pattern: /^973\d{2}$/, example: '97300' },
  RE: { pattern: /^974\d{2}$/, example: '97400' },
  PM: { pattern: /^97500$/, example: '97500' },
  YT: { pattern: /^976\d{2}$/, example: '97600' },
  BL: { pattern: /^97133$/, example: '97133' },
  MF: { pattern: /^97150$/, example: '97150' },
  WF: { pattern: /^986\d{2}$/, example: '98600' },
  PF: { pattern: /^987\d{2}$/, example: '98714' },
  NC: { pattern: /^988\d{2}$/, example: '98800' },
  GU: { pattern: /^969\d{2}(-\d{4})?$/, example: '96910' },
  MP: { pattern: /^9695\d(-\d{4})?$/, example: '96950' },
  VI: { pattern: /^008\d{2}(-\d{4})?$/, example: '00802' },
  AS: { pattern: /^96799(-\d{4})?$/, example: '96799' },
  KY: { pattern: /^KY\d-\d{4}$/i, example: 'KY1-1001', isOptional: true },
  BM: { pattern: /^[A-Z]{2} ?[A-Z\d]{2}$/i, example: 'HM 12', isOptional: true },
  BB: { pattern: /^BB\d{5}$/i, example: 'BB15094', isOptional: true },
  FK: { pattern: /^FIQQ ?1ZZ$/i, example: 'FIQQ 1ZZ', isOptional: true },
  TC: { pattern: /^TKCA ?1ZZ$/i, example: 'TKCA 1ZZ', isOptional: true },
  VG: { pattern: /^VG\d{4}$/i, example: 'VG1110', isOptional: true },
  HT: { pattern: /^(HT)?\d{4}$/i, example: 'HT6110', isOptional: true },
  CV: { pattern: /^\d{4}$/, example: '7600', isOptional: true },
  PG: { pattern: /^\d{3}$/, example: '111', isOptional: true },
  LB: { pattern: /^\d{4}( ?\d{4})?$/, example: '2038 3054', isOptional: true },
  TJ: { pattern: /^\d{6}$/, example: '734000', isOptional: true },
  TM: { pattern: /^\d{6}$/, example: '744000', isOptional: true },
  CU: { pattern: /^\d{5}$/, example: '10100', isOptional: true },
};

/**
 * A code with the same letters and digits as its country writes it: "00238" as "00-238", "H3A-1H6" as "H3A 1H6"; '' where
 * no blanks, hyphens and stops make it one.
 */
export function asCountryWrites(code: string, country: string): string {
  const rule = postalCodes[country];
  if (!rule || rule.pattern.test(code.trim())) return '';
  const bare = code.toUpperCase().replace(/[^\p{L}\d]/gu, '');
  return (
    [likeExample(bare, rule.example), bare, bare.replace(/^(\d{5})(\d{4})$/, '$1-$2')].find((one) =>
      rule.pattern.test(one),
    ) ?? ''
  );
}

/** Letters and digits with the blanks and hyphens of an example between them; what it has no room for stands behind. */
function likeExample(bare: string, example: string): string {
  const next = Array.from(bare);
  const like = Array.from(example, (sign) => (/[\p{L}\d]/u.test(sign) ? (next.shift() ?? '') : sign));
  return like.join('') + next.join('');
}

/** Countries whose posts print a blank or a hyphen in every code, and letters as capitals. */
const PRINTED = new Set(['BR', 'CA', 'CZ', 'GB', 'GG', 'GR', 'IE', 'IM', 'JE', 'JP', 'MT', 'NL', 'SE', 'SK']);
/** Those of them whose codes part before the last three signs, however many stand before. */
const BEFORE_THREE = new Set(['GB', 'GG', 'IM', 'JE']);

/** A code of its country as the post there prints it: "e16ea" as "E1 6EA"; '' where it is so, or is none. */
export function asPostPrints(code: string, country: string): string {
  const rule = PRINTED.has(country) ? postalCodes[country] : undefined;
  const bare = code.toUpperCase().replace(/[^\p{L}\d]/gu, '');
  if (!rule?.pattern.test(code.trim())) return '';
  const printed = BEFORE_THREE.has(country)
    ? `${bare.slice(0, -3)} ${bare.slice(-3)}`
    : likeExample(bare, rule.example);
  return printed === code.trim() ? '' : printed;
}
