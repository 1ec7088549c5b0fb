import { table } from '#core/text';

/** States, provinces and territories by country, as code and name, for the countries whose addresses name them. */
const tables: Readonly<Record<string, string>> = {
  US: 'AL Alabama;AK Alaska;AZ Arizona;AR Arkansas;CA California;CO Colorado;CT Connecticut;DE Delaware;DC District of Columbia;FL Florida;GA Georgia;HI Hawaii;ID Idaho;IL Illinois;IN Indiana;IA Iowa;KS Kansas;KY Kentucky;LA Louisiana;ME Maine;MD Maryland;MA Massachusetts;MI Michigan;MN Minnesota;MS Mississippi;MO Missouri;MT Montana;NE Nebraska;NV Nevada;NH New Hampshire;NJ New Jersey;NM New Mexico;NY New York;NC North Carolina;ND North Dakota;OH Ohio;OK Oklahoma;OR Oregon;PA Pennsylvania;RI Rhode Island;SC South Carolina;SD South Dakota;TN Tennessee;TX Texas;UT Utah;VT Vermont;VA Virginia;WA Washington;WV West Virginia;WI Wisconsin;WY Wyoming;PR Puerto Rico;GU Guam;VI U.S. Virgin Islands;AS American Samoa;MP Northern Mariana Islands',
  CA: 'AB Alberta;BC British Columbia;MB Manitoba;NB New Brunswick;NL Newfoundland and Labrador;NS Nova Scotia;NT Northwest Territories;NU Nunavut;ON Ontario;PE Prince Edward Island;QC Quebec;SK Saskatchewan;YT Yukon',
  AU: 'ACT Australian Capital Territory;NSW New South Wales;NT Northern Territory;QLD Queensland;SA South Australia;TAS Tasmania;VIC Victoria;WA Western Australia',
};

export interface Region {
  readonly code: string;
  readonly name: string;
}

const byCountry = new Map<string, readonly Region[]>(
  Object.entries(tables).map(([country, rows]) => [
    country,
    rows.split(';').map((row) => {
      const at = row.indexOf(' ');
      return { code: row.slice(0, at), name: row.slice(at + 1) };
    }),
  ]),
);

export const statesByCountry: readonly (readonly [string, readonly Region[]])[] = [...byCountry];

/** The regions of a country (ISO 3166-1 alpha-2); empty for countries without a list here. */
export const regionsOf = (country: string): readonly Region[] => byCountry.get(country) ?? [];

/** What else regions are called: in the country's other language, or to tell them from a town of their name. */
const alsoCalled = table<string>({
  'CA colombie-britannique': 'BC',
  'CA nouvelle-ecosse': 'NS',
  'CA nouveau-brunswick': 'NB',
  'CA ile-du-prince-edouard': 'PE',
  'CA terre-neuve-et-labrador': 'NL',
  'CA territoires du nord-ouest': 'NT',
  'US washington dc': 'DC',
  'US washington state': 'WA',
});

/**
 * The region that a code or name means, in any capitals, with or without accents and stops ("N.C.", "Québec");
 * undefined where the country has none such.
 */
export function regionNamed(text: string, country: string): Region | undefined {
  return byCalling.get(country)?.get(plain(text));
}

const plain = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\p{M}.]/gu, '');

/** The regions of a country by all that they are called. */
const byCalling = new Map(
  statesByCountry.map(([country, regions]) => {
    const other = Object.entries(alsoCalled).filter(([called]) => called.startsWith(`${country} `));
    return [
      country,
      new Map([
        ...regions.flatMap((region): [string, Region][] => [
          [plain(region.name), region],
          [plain(region.code), region],
        ]),
        ...other.flatMap(([called, code]): [string, Region][] =>
          regions.filter((region) => region.code === code).map((region) => [called.slice(3), region]),
        ),
      ]),
    ];
  }),
);
