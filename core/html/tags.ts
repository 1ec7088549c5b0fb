/** What the parser asks of the names of elements (HTML Living Standard, 13.2.4.2), as bits. */
export const Flag = {
  special: 1,
  formatting: 2,
  /** Ends the search for an element "in scope". */
  scope: 4,
  /** Ends it "in list item scope" besides. */
  list: 8,
  /** Ends it "in button scope" besides. */
  button: 16,
  /** Ends it "in table scope". */
  table: 32,
  /** Whose end tag may be left out (13.2.6.3). */
  impliedEnd: 64,
  impliedEndThoroughly: 128,
  /** SVG or MathML. */
  foreign: 256,
  /** A place in SVG where HTML is read (13.2.6.6, "HTML integration point"). */
  htmlPoint: 512,
  /** A place in MathML where text and HTML are read. */
  mathTextPoint: 1024,
  heading: 2048,
  /** Elements that are "in table" of some kind: text among them is moved in front of the table. */
  fosters: 4096,
  void: 8192,
} as const;

const table: Readonly<Record<string, string>> = {
  special:
    'address applet area article aside base basefont bgsound blockquote body br button caption center col colgroup dd details dir div dl dt embed fieldset figcaption figure footer form frame frameset h1 h2 h3 h4 h5 h6 head header hgroup hr html iframe img input keygen li link listing main marquee menu meta nav noembed noframes noscript object ol p param plaintext pre script search section select source style summary table tbody td template textarea tfoot th thead title tr track ul wbr xmp math:mi math:mo math:mn math:ms math:mtext math:annotation-xml svg:foreignobject svg:desc svg:title',
  formatting: 'a b big code em font i nobr s small strike strong tt u',
  scope:
    'applet caption html table td th marquee object select template math:mi math:mo math:mn math:ms math:mtext math:annotation-xml svg:foreignobject svg:desc svg:title',
  list: 'ol ul',
  button: 'button',
  table: 'html table template',
  impliedEnd: 'dd dt li optgroup option p rb rp rt rtc',
  impliedEndThoroughly: 'caption colgroup dd dt li optgroup option p rb rp rt rtc tbody td tfoot th thead tr',
  htmlPoint: 'svg:foreignobject svg:desc svg:title',
  mathTextPoint: 'math:mi math:mo math:mn math:ms math:mtext',
  heading: 'h1 h2 h3 h4 h5 h6',
  fosters: 'table tbody tfoot thead tr',
  void: 'area base basefont bgsound br col embed frame hr img input keygen link meta param source track wbr',
};

const flags = new Map<string, number>();
for (const [flag, names] of Object.entries(table)) {
  const bit = Flag[flag as keyof typeof Flag];
  for (const name of names.split(' ')) flags.set(name, (flags.get(name) ?? 0) | bit);
}

export const flagsOf = (name: string): number => flags.get(name) ?? 0;

/** Start tags that end SVG and MathML (13.2.6.5). */
export const breaksOutOfForeign = new Set(
  'b big blockquote body br center code dd div dl dt em embed h1 h2 h3 h4 h5 h6 head hr i img li listing menu meta nobr ol p pre ruby s small span strong strike sub sup table tt u ul var'.split(
    ' ',
  ),
);

/** Public identifiers of document types that put a browser into quirks mode (13.2.6.4.1), in lower case. */
export const quirksPublicIds: readonly string[] = [
  '+//silmaril//dtd html pro v0r11 19970101//',
  '-//as//dtd html 3.0 aswedit + extensions//',
  '-//advasoft ltd//dtd html 3.0 aswedit + extensions//',
  '-//ietf//dtd html 2.0 level 1//',
  '-//ietf//dtd html 2.0 level 2//',
  '-//ietf//dtd html 2.0 strict level 1//',
  '-//ietf//dtd html 2.0 strict level 2//',
  '-//ietf//dtd html 2.0 strict//',
  '-//ietf//dtd html 2.0//',
  '-//ietf//dtd html 2.1e//',
  '-//ietf//dtd html 3.0//',
  '-//ietf//dtd html 3.2 final//',
  '-//ietf//dtd html 3.2//',
  '-//ietf//dtd html 3//',
  '-//ietf//dtd html level 0//',
  '-//ietf//dtd html level 1//',
  '-//ietf//dtd html level 2//',
  '-//ietf//dtd html level 3//',
  '-//ietf//dtd html strict level 0//',
  '-//ietf//dtd html strict level 1//',
  '-//ietf//dtd html strict level 2//',
  '-//ietf//dtd html strict level 3//',
  '-//ietf//dtd html strict//',
  '-//ietf//dtd html//',
  '-//microsoft//dtd internet explorer 2.0 html strict//',
  '-//microsoft//dtd internet explorer 2.0 html//',
  '-//microsoft//dtd internet explorer 2.0 tables//',
  '-//microsoft//dtd internet explorer 3.0 html strict//',
  '-//microsoft//dtd internet explorer 3.0 html//',
  '-//microsoft//dtd internet explorer 3.0 tables//',
  '-//netscape comm. corp.//dtd html//',
  '-//netscape comm. corp.//dtd strict html//',
  '-//w3c//dtd html 3 1995-03-24//',
  '-//w3c//dtd html 3.2 draft//',
  '-//w3c//dtd html 3.2 final//',
  '-//w3c//dtd html 3.2//',
  '-//w3c//dtd html 3.2s draft//',
  '-//w3c//dtd html 4.0 frameset//',
  '-//w3c//dtd html 4.0 transitional//',
  '-//w3c//dtd html experimental 19960712//',
  '-//w3c//dtd html experimental 970421//',
  '-//w3c//dtd w3 html//',
  '-//w3o//dtd w3 html 3.0//',
  '-//webtechs//dtd mozilla html 2.0//',
  '-//webtechs//dtd mozilla html//',
];
