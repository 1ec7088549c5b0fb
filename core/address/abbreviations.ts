/** Words of street addresses and their usual short forms, folded; each list comes down to its first word. */
const families: readonly (readonly string[])[] = [
  ['street', 'st', 'str', 'straße', 'strasse', 'straat'],
  ['road', 'rd'],
  ['avenue', 'ave', 'av', 'avenida', 'avda', 'avd'],
  ['lane', 'ln'],
  ['drive', 'dr'],
  ['court', 'ct'],
  ['place', 'pl'],
  ['square', 'sq'],
  ['boulevard', 'blvd', 'bd', 'bvd', 'boul', 'bulevar'],
  ['highway', 'hwy'],
  ['parkway', 'pkwy'],
  ['terrace', 'ter', 'terr'],
  ['crescent', 'cres'],
  ['close', 'cl'],
  ['gardens', 'gdns'],
  ['building', 'bldg'],
  ['floor', 'fl'],
  ['apartment', 'apt'],
  ['suite', 'ste', 'unit'],
  ['north', 'n'],
  ['south', 's'],
  ['east', 'e'],
  ['west', 'w'],
  ['northeast', 'ne'],
  ['northwest', 'nw'],
  ['southeast', 'se'],
  ['southwest', 'sw'],
  ['mount', 'mt'],
  ['fort', 'ft'],
  ['calle', 'c'],
  ['rue', 'r', 'rua'],
  ['plaza', 'pza', 'plza', 'piazza', 'praça', 'praca'],
  ['viale', 'vle'],
  ['corso', 'cso'],
  ['paseo', 'pso'],
  ['carretera', 'ctra'],
  ['ulica', 'ul'],
  ['aleja', 'al'],
  ['travessa', 'tv'],
  ['first', '1st'],
  ['second', '2nd'],
  ['third', '3rd'],
  ['fourth', '4th'],
  ['fifth', '5th'],
];

const canonical = new Map(
  families.flatMap(([word = '', ...short]) => short.map((form) => [form, word] as const)),
);

/** Streets that are one word with their names: Hauptstraße, Hauptstr., Kerkstraat. */
const COMPOUND = /^(.{3,})(?:straße|strasse|str|straat)$/;

/** A folded address with its abbreviations written out: "12 n quay st" → "12 north quay street". */
export function expandAbbreviations(folded: string): string {
  return folded
    .split(' ')
    .map((word) => canonical.get(word) ?? word.replace(COMPOUND, '$1street'))
    .join(' ');
}
