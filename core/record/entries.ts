/**
 * Facts that are lists of entries with fields (services with their pages, founders with their profiles).
 * As text an entry is one line, its fields parted by " | ": the form in spreadsheets and intake sheets.
 */
export interface EntryField {
  readonly key: string;
  readonly label: string;
}

const field = (key: string, label: string): EntryField => ({ key, label });

/** The fields of each entry fact, in the order of its text. */
export const entryFields = {
  areaServed: [field('name', 'Place'), field('url', 'Address of the place')],
  specialHours: [
    field('name', 'Name'),
    field('from', 'From'),
    field('through', 'Through'),
    field('hours', 'Hours'),
  ],
  contactPoint: [
    field('contactType', 'For'),
    field('telephone', 'Telephone'),
    field('email', 'Email'),
    field('url', 'Page'),
  ],
  makesOffer: [field('name', 'Service'), field('url', 'Page'), field('description', 'In a sentence')],
  department: [
    field('name', 'Department'),
    field('type', 'Type'),
    field('telephone', 'Telephone'),
    field('url', 'Page'),
    field('hours', 'Hours'),
  ],
  review: [
    field('author', 'Author'),
    field('ratingValue', 'Value'),
    field('datePublished', 'Date'),
    field('reviewBody', 'Text'),
  ],
  founder: [field('name', 'Founder'), field('url', 'Profile')],
  image: [
    field('url', 'Address'),
    field('caption', 'Alternative text'),
    field('width', 'Width'),
    field('height', 'Height'),
  ],
} as const satisfies Record<string, readonly EntryField[]>;

export type EntryFact = keyof typeof entryFields;

/** One entry: a text for each field, '' where it is not set. */
export type Entry = Readonly<Record<string, string>>;

export const isEntryFact = (fact: string): fact is EntryFact => Object.hasOwn(entryFields, fact);

const escapeField = (text: string): string =>
  text.replace(/[\\|\n]/g, (character) => (character === '\n' ? '\\n' : `\\${character}`));

const unescapeField = (text: string): string =>
  text.replace(/\\([\\|n])/g, (_, character: string) => (character === 'n' ? '\n' : character));

/** The entries as text, one a line. Fields at the end that are not set are left out. */
export function writeEntries(fact: EntryFact, entries: readonly Entry[]): string {
  return entries
    .map((entry) => {
      const cells = entryFields[fact].map(({ key }) => escapeField(entry[key] ?? ''));
      while (cells.length > 1 && !cells.at(-1)?.trim()) cells.pop();
      return cells.join(' | ');
    })
    .join('\n');
}

/** The entries of a text. Lines without any text are no entries; cells beyond the last field join it. */
export function readEntries(fact: EntryFact, text: string): readonly Entry[] {
  const fields = entryFields[fact];
  return text
    .split('\n')
    .filter((line) => line.replace(/[|\s]/g, ''))
    .map((line) => {
      const cells = line.split(/ ?(?<!(?:^|[^\\])(?:\\\\)*\\)\| ?/);
      const rest = cells.splice(fields.length - 1).join(' | ');
      return Object.fromEntries(
        fields.map(({ key }, at) => [key, unescapeField(cells[at] ?? (at === cells.length ? rest : ''))]),
      );
    });
}
