interface PostalCodeRule {
  readonly pattern: RegExp;
  readonly example: string;
  /** Whether addresses of this country need a region (state, province). */
  readonly region?: boolean;
}

/** Forms of postal codes by ISO 3166-1 alpha-2 country, for the countries whose form is certain. */
export const postalCodes: Readonly<Record<string, PostalCodeRule>> = {
  AT: { pattern: /^\d{4}$/, example: '1010' },
  AU: { pattern: /^\d{4}$/, example: '3000', region: true },
  BE: { pattern: /^\d{4}$/, example: '1000' },
  BR: { pattern: /^\d{5}-?\d{3}$/, example: '01310-100', region: true },
  CA: {
    pattern: /^[ABCEGHJ-NPRSTVXY]\d[ABCEGHJ-NPRSTV-Z] ?\d[ABCEGHJ-NPRSTV-Z]\d$/i,
    example: 'V5K 0A1',
    region: true,
  },
  CH: { pattern: /^\d{4}$/, example: '8001' },
  DE: { pattern: /^\d{5}$/, example: '10115' },
  DK: { pattern: /^\d{4}$/, example: '1050' },
  ES: { pattern: /^\d{5}$/, example: '28001' },
  FI: { pattern: /^\d{5}$/, example: '00100' },
  FR: { pattern: /^\d{5}$/, example: '75001' },
  GB: { pattern: /^(GIR ?0AA|[A-Z]{1,2}\d[A-Z\d]? ?\d[A-Z]{2})$/i, example: 'TQ1 2AB' },
  IE: { pattern: /^[AC-FHKNPRTV-Y]\d[\dW] ?[\dAC-FHKNPRTV-Y]{4}$/i, example: 'D02 AF30' },
  IN: { pattern: /^\d{3} ?\d{3}$/, example: '110 001', region: true },
  IT: { pattern: /^\d{5}$/, example: '00118' },
  JP: { pattern: /^\d{3}-?\d{4}$/, example: '100-0001', region: true },
  NL: { pattern: /^\d{4} ?[A-Z]{2}$/i, example: '1012 AB' },
  NO: { pattern: /^\d{4}$/, example: '0150' },
  NZ: { pattern: /^\d{4}$/, example: '6011' },
  PL: { pattern: /^\d{2}-\d{3}$/, example: '00-001' },
  PT: { pattern: /^\d{4}-\d{3}$/, example: '1000-001' },
  SE: { pattern: /^\d{3} ?\d{2}$/, example: '111 22' },
  US: { pattern: /^\d{5}(-\d{4})?$/, example: '98101', region: true },
};
