/** Pages of RDFa that are read by our reader and by another, a rule of the standard each. */
const page = (body: string, attributes = '', head = ''): string =>
  `<!doctype html><html${attributes}><head><title>x</title>${head}</head><body>${body}</body></html>`;
const V = 'vocab="https://schema.org/"';
const shop = (body: string, more = ''): string => `<div ${V} typeof="Bakery"${more}>${body}</div>`;

export const rdfaPages: readonly (readonly [name: string, source: string])[] = [
  ['a plain item', page(shop('<b property="name">A</b>'))],
  ['several types', page(`<div ${V} typeof="Bakery Store"><b property="name">A</b></div>`)],
  ['several names', page(shop('<b property="name legalName">A</b>'))],
  ['an item with an address of its own', page(shop('<b property="name">A</b>', ' resource="#b"'))],
  ['about for resource', page(shop('<b property="name">A</b>', ' about="#b"'))],
  [
    'a nested item',
    page(shop('<div property="address" typeof="PostalAddress"><b property="postalCode">9</b></div>')),
  ],
  ['an address of a link', page(shop('<a property="url" href="https://a.example/">x</a>'))],
  ['a safe compact address', page(shop('<b property="image" resource="[foaf:x]">A</b>'))],
  ['a safe compact address of no prefix', page(shop('<b property="name" resource="[zz:y]">A</b>'))],
  ['a relative address', page(shop('<a property="url" href="/y">x</a>'))],
  ['a picture', page(shop('<img property="image" src="i.jpg" alt="x">'))],
  ['content', page(shop('<span property="telephone" content="+1 360 555 0142">here</span>'))],
  ['content beside href', page(shop('<a property="name" content="A" href="/y">x</a>'))],
  ['datetime', page(shop('<time property="foundingDate" datetime="1974-05-01">May</time>'))],
  ['a time without datetime', page(shop('<time property="foundingDate">1974-05-01</time>'))],
  [
    'content before datetime',
    page(shop('<time property="foundingDate" content="1974-05-01" datetime="1975-05-01">x</time>')),
  ],
  [
    'a datatype',
    page(shop('<span property="foundingDate" datatype="xsd:date" content="1974-05-01">x</span>')),
  ],
  ['a datatype beside href', page(shop('<a property="name" datatype="" href="/y">A</a>'))],
  [
    'a prefix',
    page('<div prefix="s: https://schema.org/" typeof="s:Bakery"><b property="s:name">A</b></div>'),
  ],
  [
    'a prefix that needs no declaration',
    page('<div typeof="schema:Bakery"><b property="schema:name">A</b></div>'),
  ],
  ['two vocabularies', page(shop('<b property="name">A</b><i property="foaf:name">B</i>'))],
  [
    'a vocabulary inside another',
    page(shop('<p vocab="http://xmlns.com/foaf/0.1/"><b property="name">A</b></p><i property="email">e</i>')),
  ],
  ['rel to an address', page(shop('<a rel="schema:url" href="https://a.example/">x</a>'))],
  [
    'rel to an item inside',
    page(
      shop('<div rel="schema:address"><p typeof="PostalAddress"><b property="postalCode">9</b></p></div>'),
    ),
  ],
  [
    'rel to what has no type',
    page(
      shop('<div rel="schema:address"><b property="postalCode">9</b><i property="streetAddress">s</i></div>'),
    ),
  ],
  [
    'rel with a type',
    page(shop('<div rel="schema:address" typeof="PostalAddress"><b property="postalCode">9</b></div>')),
  ],
  [
    'rel with a type and an address',
    page(
      shop(
        '<div rel="schema:address" typeof="PostalAddress" resource="#a"><b property="postalCode">9</b></div>',
      ),
    ),
  ],
  [
    'rel to several',
    page(
      shop(
        '<ul rel="schema:department"><li typeof="Store"><b property="name">B</b></li><li typeof="Store"><b property="name">C</b></li></ul>',
      ),
    ),
  ],
  ['rev', page(shop('<div rev="schema:department" typeof="Store"><b property="name">B</b></div>'))],
  [
    'rev to an address',
    page(shop('<b property="name">A</b><a rev="schema:department" href="#o">x</a>', ' about="#b"')),
  ],
  ['rel beside property', page(shop('<a property="url" rel="nofollow" href="https://a.example/">x</a>'))],
  ['rel and rev', page(shop('<a rel="schema:url" rev="schema:about" href="#o">x</a>', ' about="#b"'))],
  [
    'a blank node by name',
    page(
      shop('<b property="name">A</b>', ' resource="_:b"') +
        `<p ${V} about="_:b"><i property="email">e</i></p>`,
    ),
  ],
  [
    'a resource told twice',
    page(
      shop('<b property="name">A</b>', ' resource="#b"') +
        `<p ${V} resource="#b"><i property="email">e</i></p>`,
    ),
  ],
  [
    'a reference to a resource',
    page(
      shop('<link property="parentOrganization" resource="#o">') +
        `<div ${V} typeof="Organization" resource="#o"><b property="name">O</b></div>`,
    ),
  ],
  [
    'a resource on an element without property',
    page(shop('<p resource="#p"><b property="name">P</b></p><i property="name">A</i>')),
  ],
  ['typeof on html', page('<b property="name">A</b>', ` ${V} typeof="Bakery"`)],
  [
    'typeof on body',
    `<!doctype html><html><head><title>x</title></head><body ${V} typeof="Bakery"><b property="name">A</b></body></html>`,
  ],
  ['vocab on html', page('<div typeof="Bakery"><b property="name">A</b></div>', ` ${V}`)],
  [
    'vocab and no type',
    page(`<div ${V}><b property="name">A</b></div><div ${V} typeof="Bakery"><b property="name">B</b></div>`),
  ],
  [
    'typeof that says nothing',
    page(shop('<div property="address" typeof=""><b property="postalCode">9</b></div>')),
  ],
  ['a property outside', page(`<b property="schema:name">A</b>${shop('<b property="name">B</b>')}`)],
  [
    'a property of the page in its head',
    page(shop('<b property="name">B</b>'), '', '<meta property="og:title" content="T">'),
  ],
  ['inlist', page(shop('<b property="knowsAbout" inlist="">x</b><b property="knowsAbout" inlist="">y</b>'))],
  [
    'meta and link in the body',
    page(
      shop('<meta property="priceRange" content="$$"><link property="sameAs" href="https://s.example/a">'),
    ),
  ],
  ['a compact address in brackets', page(shop('<b property="name">A</b>', ' about="[schema:x]"'))],
  ['an empty vocab', page(shop('<p vocab=""><b property="name">A</b></p><i property="email">e</i>'))],
  ['text with markup inside', page(shop('<p property="name">A <b>B</b> <i>C</i></p>'))],
  ['two on one page', page(shop('<b property="name">A</b>') + shop('<b property="name">B</b>'))],
  [
    'departments three deep',
    page(
      shop(
        '<div property="department" typeof="Store"><b property="name">B</b><div property="address" typeof="PostalAddress"><i property="postalCode">9</i></div></div>',
      ),
    ),
  ],
];
