/** What is known of a code: its grade, its meaning and the standard or guideline behind it. */
export interface Row {
  readonly grade: 'must' | 'should' | 'note';
  readonly meaning: string;
  readonly source: string;
}

export const JSON_STANDARD = 'RFC 8259';
export const JSONLD = 'JSON-LD 1.1';
export const MICRODATA = 'HTML Living Standard, 5 Microdata';
export const SCHEMA = 'schema.org';
export const PROFILE = 'local business guideline profile';
