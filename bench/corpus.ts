/** A page of the corpus that several readers read: its hard case, and where a reader departs from the standard. */
export interface CorpusPage {
  readonly name: string;
  readonly syntax: 'microdata' | 'json-ld' | 'rdfa';
  readonly source: string;
  /** Why another reader reads it otherwise than the standard says. A reader that agrees again is told. */
  readonly differs?: Readonly<Partial<Record<'extruct' | 'perl', string>>>;
}

const page = (body: string, head = ''): string =>
  `<!doctype html><html lang="en"><head><title>x</title>${head}</head><body>${body}</body></html>`;
const store = (body: string, more = ''): string =>
  `<div itemscope itemtype="https://schema.org/Store"${more}>${body}</div>`;

type Differs = CorpusPage['differs'];
const microdata = (name: string, body: string, differs: Differs = {}): CorpusPage => ({
  name,
  syntax: 'microdata',
  source: page(body),
  differs,
});

const OLD_VALUES = 'It knows the value rules of 2010: data, meter and time as text (now 5.2.4 "Values").';
const LIBXML =
  'It builds its tree with libxml2, which knows neither foster parenting nor the adoption agency.';

const microdataPages: readonly CorpusPage[] = [
  microdata('a plain item', store('<b itemprop="name">A</b>')),
  microdata('several names on one element', store('<b itemprop="name legalName">A</b>')),
  microdata('the same name twice', store('<b itemprop="telephone">1</b><b itemprop="telephone">2</b>')),
  microdata(
    'a nested item',
    store(
      '<div itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><b itemprop="postalCode">9</b></div>',
    ),
  ),
  microdata(
    'an item three deep',
    store(
      '<div itemprop="department" itemscope itemtype="https://schema.org/Store"><div itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><b itemprop="postalCode">9</b></div><b itemprop="name">B</b></div>',
    ),
  ),
  microdata(
    'several types of one vocabulary',
    '<div itemscope itemtype="https://schema.org/Store https://schema.org/Bakery"><b itemprop="name">A</b></div>',
    { perl: 'It takes all of an itemtype for one address.' },
  ),
  microdata('an itemid', store('<b itemprop="name">A</b>', ' itemid="https://a.example/#b"')),
  microdata('two items', store('<b itemprop="name">A</b>') + store('<b itemprop="name">B</b>')),
  microdata(
    'an item without a property inside another',
    store(`<b itemprop="name">A</b>${store('<b itemprop="name">B</b>')}`),
  ),
  microdata(
    'itemref',
    `${store('<b itemprop="name">A</b>', ' itemref="x y"')}<p id="x" itemprop="email">e</p><p id="y"><b itemprop="telephone">1</b></p>`,
  ),
  microdata(
    'itemref to an element inside an item of another',
    `${store('<b itemprop="name">A</b>', ' itemref="x"')}<div><p id="x"><b itemprop="slogan">s</b></p></div>`,
  ),
  microdata('itemref that names nothing', store('<b itemprop="name">A</b>', ' itemref="none"')),
  microdata(
    'itemref in a ring',
    '<div itemscope itemtype="https://schema.org/Store" id="r" itemref="r"><b itemprop="name">A</b></div>',
    { perl: 'It gives up an item that refers to itself; 5.2.5 passes over the reference only.' },
  ),
  microdata(
    'meta anywhere in the body',
    store('<meta itemprop="telephone" content="+1 360 555 0142"><b itemprop="name">A</b>'),
  ),
  microdata(
    'link anywhere in the body',
    store('<link itemprop="sameAs" href="https://s.example/a"><b itemprop="name">A</b>'),
  ),
  microdata('an address of a link', store('<a itemprop="url" href="https://a.example/b">shown</a>')),
  microdata('a relative address', store('<a itemprop="url" href="/b?c=1&amp;d=2#e">shown</a>')),
  microdata(
    'pictures, frames and objects',
    store(
      '<img itemprop="image" src="https://a.example/i.jpg" alt="x"><iframe itemprop="hasMap" src="https://m.example/x"></iframe>',
    ),
  ),
  microdata('a datum with a value', store('<data itemprop="branchCode" value="LV-01">first</data>'), {
    perl: OLD_VALUES,
  }),
  microdata('a meter with a value', store('<meter itemprop="ratingValue" value="4.5">good</meter>'), {
    perl: OLD_VALUES,
  }),
  microdata(
    'a time with a datetime',
    store('<time itemprop="foundingDate" datetime="1974-05-01">May</time>'),
  ),
  microdata('a time without a datetime', store('<time itemprop="foundingDate">1974</time>'), {
    extruct: 'It reads a time only where it has a datetime (5.2.4).',
  }),
  microdata('text with markup inside', store('<p itemprop="name">Larkspur <b>&amp;</b> <i>Vane</i></p>')),
  microdata(
    'character references',
    store('<b itemprop="name">Caf&eacute; &#x2014; &amp;amp; &lt;b&gt;</b>'),
    { perl: 'It hands out text that is encoded twice.' },
  ),
  microdata('line breaks in text', store('<b itemprop="name">Larkspur\n   Vane</b>')),
  microdata('an empty value', store('<b itemprop="name"></b><b itemprop="email">e</b>'), {}),
  microdata(
    'a property outside every item',
    `<b itemprop="name">lost</b>${store('<b itemprop="email">e</b>')}`,
  ),
  microdata(
    'attributes without quotes and in capitals',
    '<DIV ITEMSCOPE ITEMTYPE=https://schema.org/Store><B ITEMPROP=name>A</B></DIV>',
  ),
  microdata(
    'tags that are not closed',
    '<div itemscope itemtype="https://schema.org/Store"><p itemprop="name">A<p itemprop="email">e',
  ),
  microdata(
    'list items that are not closed',
    '<ul itemscope itemtype="https://schema.org/Store"><li itemprop="name">A<li itemprop="email">e</ul>',
  ),
  microdata(
    'a table',
    '<table itemscope itemtype="https://schema.org/Store"><tr><td itemprop="name">A<td itemprop="email">e</table>',
  ),
  microdata(
    'text that may not stand in a table',
    '<table itemscope itemtype="https://schema.org/Store"><b itemprop="name">A</b><tr><td itemprop="email">e</table>',
    { extruct: LIBXML },
  ),
  microdata('misnested formatting', store('<b itemprop="name">A<i>B</b>C</i><em itemprop="email">e</em>'), {
    extruct: LIBXML,
  }),
  microdata(
    'a comment between',
    store('<b itemprop="name">A<!-- x -->B</b><!-- <b itemprop="email">e</b> -->'),
  ),
  microdata(
    'a self-closed element that is none',
    store('<span itemprop="name"/>A</span><b itemprop="email">e</b>'),
    {
      extruct: 'libxml2 takes a slash at the end of any tag for its end (13.1.2.1 says void elements only).',
    },
  ),
];

const jsonLd = (name: string, json: string, body = '', differs: Differs = {}): CorpusPage => ({
  name,
  syntax: 'json-ld',
  source: page(`<script type="application/ld+json">${json}</script>${body}`),
  differs,
});
const more = (json: string, type = 'application/ld+json'): string =>
  `<script type="${type}">${json}</script>`;
const CONTEXT = '"@context":"https://schema.org"';

const jsonLdPages: readonly CorpusPage[] = [
  jsonLd('an object', `{${CONTEXT},"@type":"Store","name":"A"}`),
  jsonLd(
    'an array of objects',
    `[{${CONTEXT},"@type":"Store","name":"A"},{${CONTEXT},"@type":"Store","name":"B"}]`,
  ),
  jsonLd('a graph', `{${CONTEXT},"@graph":[{"@type":"Store","name":"A"},{"@type":"WebPage","name":"B"}]}`),
  jsonLd('nested items', `{${CONTEXT},"@type":"Store","address":{"@type":"PostalAddress","postalCode":"9"}}`),
  jsonLd(
    'lists of values',
    `{${CONTEXT},"@type":"Store","telephone":["1","2"],"sameAs":["https://s.example/a"]}`,
  ),
  jsonLd(
    'numbers, true and false',
    `{${CONTEXT},"@type":"Store","latitude":48.5,"isAccessibleForFree":true}`,
  ),
  jsonLd('escapes', `{${CONTEXT},"@type":"Store","name":"Caf\\u00e9 \\"A\\" \\\\ \\/ \\n"}`),
  jsonLd('characters beyond the basic plane', `{${CONTEXT},"@type":"Store","name":"\\ud83d\\udc3e 🐾"}`),
  jsonLd('several types', `{${CONTEXT},"@type":["Store","Bakery"],"name":"A"}`),
  jsonLd(
    'two scripts',
    `{${CONTEXT},"@type":"Store","name":"A"}`,
    more(`{${CONTEXT},"@type":"Store","name":"B"}`),
  ),
  jsonLd(
    'a script of another type',
    `{${CONTEXT},"@type":"Store","name":"A"}`,
    more('{"name":"no"}', 'application/json'),
  ),
  jsonLd('white space of every kind', `\n\t {\r\n${CONTEXT} ,\n "@type" : "Store" , "name" : "A" }\n\n`),
  jsonLd(
    'names with prefixes',
    '{"@context":{"schema":"https://schema.org/"},"@type":"schema:Store","schema:name":"A"}',
  ),
  jsonLd('a value object', `{${CONTEXT},"@type":"Store","name":{"@value":"A","@language":"en"}}`),
  jsonLd('null', `{${CONTEXT},"@type":"Store","name":"A","email":null}`, '', {
    extruct: 'It hands out the JSON as it is, null included; JSON-LD 1.1 drops null (§9.5).',
  }),
  jsonLd('HTML inside a text', `{${CONTEXT},"@type":"Store","description":"<p>a<\\/p> &amp; b"}`),
  jsonLd(
    'in the body of a table',
    `{${CONTEXT},"@type":"Store","name":"A"}`,
    `<table>${more(`{${CONTEXT},"@type":"Store","name":"B"}`)}<tr><td>x</table>`,
  ),
  jsonLd('inside an HTML comment', `<!-- {${CONTEXT},"@type":"Store","name":"A"} -->`, '', {
    extruct: 'It stops at what is no JSON; ours is told (syntax/html-comment) and read on.',
  }),
];

const rdfa = (name: string, body: string, differs: Differs = {}): CorpusPage => ({
  name,
  syntax: 'rdfa',
  source: page(body),
  differs,
});
const typed = (body: string, moreAttributes = ''): string =>
  `<div vocab="https://schema.org/" typeof="Store"${moreAttributes}>${body}</div>`;

const rdfaPages: readonly CorpusPage[] = [
  rdfa('a plain item', typed('<b property="name">A</b>')),
  rdfa('several names', typed('<b property="name legalName">A</b>')),
  rdfa(
    'a nested item',
    typed('<div property="address" typeof="PostalAddress"><b property="postalCode">9</b></div>'),
  ),
  rdfa('a resource', typed('<b property="name">A</b>', ' resource="#b"')),
  rdfa(
    'a vocabulary from above',
    `<div vocab="https://schema.org/"><p typeof="Store"><b property="name">A</b></p></div>`,
  ),
  rdfa(
    'a prefix that is declared',
    '<div prefix="s: https://schema.org/" typeof="s:Store"><b property="s:name">A</b></div>',
  ),
  rdfa(
    'the prefix that needs no declaration',
    '<div typeof="schema:Store"><b property="schema:name">A</b></div>',
  ),
  rdfa('content beside text', typed('<b property="telephone" content="+1 360 555 0142">call</b>')),
  rdfa('a link as value', typed('<a property="url" href="https://a.example/b">x</a>')),
  rdfa('a picture as value', typed('<img property="image" src="https://a.example/i.jpg">')),
  rdfa('a time as value', typed('<time property="foundingDate" datetime="1974-05-01">May</time>'), {
    extruct: 'It knows RDFa in XHTML; datetime is of HTML+RDFa 1.1 (§3.1).',
  }),
  rdfa('a meta element', typed('<meta property="email" content="e@a.example">')),
  rdfa('two types', '<div vocab="https://schema.org/" typeof="Store Bakery"><b property="name">A</b></div>'),
  rdfa('two items', typed('<b property="name">A</b>') + typed('<b property="name">B</b>')),
  rdfa('text with markup inside', typed('<p property="name">Larkspur <b>&amp;</b> Vane</p>')),
];

export const corpus: readonly CorpusPage[] = [...microdataPages, ...jsonLdPages, ...rdfaPages];
