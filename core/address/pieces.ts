/** A piece of an address as it was written, and what stood between it and the piece before: a comma or a dash. */
export interface Piece {
  readonly joint: string;
  readonly text: string;
}

/** The pieces of an address between commas, line breaks and dashes; a dash between two house numbers parts nothing. */
export function cut(text: string): Piece[] {
  const parts = text
    .replace(/\s*\n\s*/g, '\n')
    .split(/([\n,;•·|、，،؛]+|\s[-–—]\s(?!\d{1,3}\b(?! \d{2}\b))|(?<!\d)\s[-–—]\s)/);
  const pieces: Piece[] = [];
  for (let at = 0; at < parts.length; at += 2) {
    const one = (parts[at] ?? '').replace(/\s+/g, ' ').trim();
    const joint = parts[at - 1] ?? '';
    if (one) pieces.push({ joint: /^\s[-–—]/.test(joint) ? joint : joint === '،' ? '، ' : ', ', text: one });
  }
  const last = pieces.at(-1);
  // The full stop of a sentence; that of an abbreviation belongs to it.
  if (last && /(?:\p{L}{5}|\d{4})\.$/u.test(last.text))
    put(pieces, pieces.length - 1, last.text.slice(0, -1));
  return pieces;
}

/** Writes another text into a piece. */
export function put(pieces: Piece[], at: number, text: string): void {
  pieces[at] = { joint: pieces[at]?.joint ?? ', ', text: text.replace(/\s+/g, ' ').trim() };
}
export const textAt = (pieces: readonly Piece[], at: number): string => pieces[at]?.text ?? '';
/** Takes a piece out. */
export const take = (pieces: Piece[], at: number): string => pieces.splice(at, 1)[0]?.text ?? '';

/** Beginnings of pieces that belong to a street: a unit, a floor, a building, or anything with a number first. */
export const UNIT =
  /^(?:suite|ste|unit|apt|apartment|flat|floor|level|building|bldg|block|room|rm|shop|store|office|stall|lot|plot|#|no\b|c\/o|p\.?\s?o\.?\s?box|g\/f|l?g\/f|b[âa]t(?:iment)?\b|[ée]tage|appt?\b|bte\b|bus\b|bajo|piso|planta|puerta|local\b|oficina|of\.|sala\b|andar|loja|bloco|interno|piano|scala|lok\.|m\.\s?\d|kat\b|k:|no:|кв\.?\s|оф\.?\s|офис|стр\.?\s|корп|эт\.|ет\.|д\.\s?\d|будинок|буд\.|top\s\d|stiege|sector(?:ul)?\s|et\.|ap\.|sc\.|bl\.|em\.|\d)|\b(?:floor|building|house|centre|center|mall|park|estate|tower|plaza)$/i;

const SLAVIC_KINDS =
  'ul\\.|ulica|ул\\.|улица|вул\\.|вулиця|бул\\.|пр\\.|пр-т|просп\\.?|пл\\.|пер\\.|наб\\.|ш\\.|проспект|переулок|бульвар|площадь|набережная|шоссе|площа|провулок';
/** Words that streets begin with, where their name stands behind, for a regular expression in any capitals. */
export const streetKinds = `${SLAVIC_KINDS}|via|viale|piazza|corso|largo|rue|quai|chemin|place|avenue|av\\.?|boulevard|bd\\.?|calle|c\\/|plaza|paseo|ctra\\.?|carrer|rambla|rua|avenida|travessa|praça|alameda|estrada|jalan|jl\\.?|strada|str\\.?`;

/** Whether a piece is a street as Slavic countries write it, who may have the town before it. */
export const SLAVIC_STREET = new RegExp(`^(?:${SLAVIC_KINDS})`, 'iu');

/** Whether a piece is a street, by its kind or its number. */
export const STREET = new RegExp(`^(?:${streetKinds})(?:\\s|$|(?<=\\.)(?=\\S))|\\d`, 'iu');

/** Whether a piece may be a town: “Overland Park” may, “Suite 4” and “Ground floor” may not. */
export const mayBeTown = (text: string): boolean =>
  /\p{L}/u.test(text) && !(UNIT.test(text) && (/\d/.test(text) || /^(?:l?g\/f|bajo)$| floor$/i.test(text)));
