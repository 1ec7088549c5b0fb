import {
  FLAT,
  TAGS,
  MICRODATA,
  fault,
  SCHEMA,
  PROFILE,
  HTML,
  JSONLD,
  beside,
  type Planted,
} from './planted.ts';

/** Faults of what a page says as a whole, and of microdata and RDFa. */
export const pageFaults: readonly Planted[] = [
  // Guidelines and agreement.
  fault(
    'no name',
    ['guideline/required'],
    PROFILE,
    ['a script in the head'],
    [/\n\s+"name": "[^"]*",(?=\n\s+"url")/, ''],
    [],
  ),
  fault(
    'no address',
    ['guideline/required'],
    PROFILE,
    ['a script in the head'],
    [/\n\s+"address": \{[^}]*\},/, ''],
    [],
  ),
  fault(
    'no number',
    ['guideline/recommended'],
    PROFILE,
    ['a script in the head'],
    [/\n\s+"telephone": "[^"]*",/, ''],
  ),
  fault('an object without type', 'structure/no-type', JSONLD, FLAT, [/"@type": "PostalAddress",\s*/, '']),
  fault(
    'a reference to nothing',
    'structure/reference',
    `${JSONLD} §3.3`,
    FLAT,
    beside('"parentOrganization": {"@id": "#company"}'),
  ),
  fault(
    'another town than visitors read',
    ['agreement/visitor', 'agreement/not-visible'],
    PROFILE,
    FLAT,
    [/"streetAddress": "([^"]*)"/, '"streetAddress": "$1 B"'],
    ['agreement/not-visible'],
  ),
  fault('another page than the canonical one', 'agreement/canonical', 'RFC 6596', FLAT, [
    /"url": "https(?=[^"]*\/",?\n\s+"(?:telephone|image))/,
    '"url": "http',
  ]),
  fault('another site', 'agreement/url', PROFILE, FLAT, [
    /"url": "[^"]*",(?=\n\s+"(?:telephone|image))/,
    '"url": "https://agency.example/",',
  ]),
  // Microdata and RDFa.
  fault(
    'no itemscope',
    'structure/no-itemscope',
    `${HTML}.2.2`,
    MICRODATA,
    ['itemprop="address" itemscope', 'itemprop="address"'],
    ['guideline/required', 'vocabulary/not-of-type'],
  ),
  fault('a relative itemtype', 'structure/itemtype-relative', `${HTML}.2.2`, MICRODATA, [
    '"https://schema.org/PostalAddress"',
    '"PostalAddress"',
  ]),
  fault('an itemtype that does not exist', 'vocabulary/unknown-type', SCHEMA, MICRODATA, [
    'schema.org/PostalAddress"',
    'schema.org/Adress"',
  ]),
  fault('a property outside', 'structure/itemprop-outside', `${HTML}.2.3`, MICRODATA, [
    '<header><h1>',
    '<header><h1 itemprop="slogan">',
  ]),
  fault('content on a paragraph', 'structure/content-ignored', `${HTML}.2.4`, MICRODATA, [
    /<p itemprop="streetAddress">/,
    '<p itemprop="streetAddress" content="1 Other Row">',
  ]),
  fault('an itemref to nothing', 'structure/itemref', `${HTML}.2.2`, MICRODATA, [
    'itemscope itemtype',
    'itemscope itemref="nowhere" itemtype',
  ]),
  fault(
    'an unknown itemprop',
    'vocabulary/unknown-property',
    SCHEMA,
    TAGS,
    ['="streetAddress"', '="street"'],
    ['value/address-part', 'guideline/required'],
  ),
  fault('a number without its country', 'value/telephone-country', PROFILE, TAGS, ({ shownTelephone }) => [
    /="telephone" content="[^"]*"/,
    `="telephone" content="${shownTelephone}"`,
  ]),
  fault('hours as people write them', 'value/hours', SCHEMA, TAGS, [
    'content="Sa 10:00-14:00"',
    'content="Saturday mornings"',
  ]),
  fault('a misspelt vocabulary', 'syntax/wrong-context', SCHEMA, TAGS, [
    /(itemtype|vocab)="https:\/\/schema\.org\//,
    '$1="https://shema.org/',
  ]),
  fault(
    'a vocabulary without its slash',
    'syntax/wrong-context',
    'RDFa Core 1.1, 7.4.3',
    ['rdfa'],
    ['vocab="https://schema.org/"', 'vocab="https://schema.org"'],
  ),
  fault(
    'a property beside an address',
    'structure/property-astray',
    'RDFa Core 1.1, 7.5',
    ['rdfa'],
    ({ telephone }) => [
      `<meta property="telephone" content="${telephone}">`,
      `<a property="telephone" content="${telephone}" href="tel:${telephone.replace(/ /g, '')}">&#9742;</a>`,
    ],
  ),
  fault(
    'no vocabulary',
    'structure/no-vocab',
    'RDFa Lite 1.1 §2.1',
    ['rdfa'],
    ['vocab="https://schema.org/" ', ''],
    ['structure/no-business'],
  ),
  fault(
    'a pin that lost its sign',
    ['value/coordinates-sign', 'value/coordinates-country', 'value/coordinates-far'],
    'WGS 84',
    TAGS,
    ({ longitude }) => [`content="${longitude}"`, `content="${String(-Number(longitude))}"`],
  ),
  fault(
    'markup in a comment',
    'structure/in-comment',
    'HTML 13.1.6',
    ['a script in the head'],
    [/(<script type[^]*?<\/script>)/, '<!-- $1 -->'],
    ['structure/no-business'],
  ),
  fault('a misspelt itemprop', 'structure/misspelt', `${HTML}.2`, MICRODATA, [
    'itemprop="telephone"',
    'itemprob="telephone"',
  ]),
  fault(
    'a misspelt property',
    'structure/misspelt',
    'RDFa 1.1 Lite',
    ['rdfa'],
    ['property="postalCode"', 'propery="postalCode"'],
  ),
  fault('a misspelt itemtype', 'structure/misspelt', `${HTML}.2`, MICRODATA, [
    ' itemtype="https://schema.org/Postal',
    ' item-type="https://schema.org/Postal',
  ]),
  fault(
    'a quote that is not closed',
    'structure/open-quote',
    'HTML 13.2.5',
    TAGS,
    [/(="priceRange" content="[^"]*)"/, '$1'],
    ['agreement/not-visible'],
  ),
  fault('an address that nothing ties', 'structure/loose', `${HTML}.2.4`, MICRODATA, [
    '<div itemprop="address" ',
    '<div ',
  ]),
  fault(
    'a pin that nothing ties',
    'structure/loose',
    'RDFa 1.1 Lite',
    ['rdfa'],
    ['<div property="geo" ', '<div '],
  ),
  fault(
    'RDFa without a type',
    'structure/no-typeof',
    'RDFa 1.1 Lite',
    ['rdfa'],
    [/ typeof="\w+" resource/, ' resource'],
  ),
  fault('the country of another', 'value/country-elsewhere', SCHEMA, FLAT, ({ country }) => [
    `"addressCountry": "${country}"`,
    `"addressCountry": "${country === 'KE' ? 'IS' : 'KE'}"`,
  ]),
  fault('a type by another name', 'vocabulary/unknown-property', JSONLD, FLAT, [
    '"@type": "PostalAddress"',
    '"type_": "PostalAddress"',
  ]),
  fault('a letter for a digit', 'value/telephone-form', 'ITU-T E.123', FLAT, ({ telephone }) => [
    `"telephone": "${telephone}"`,
    `"telephone": "${telephone.replace(/[01](?=[^01]*$)/, (digit) => (digit === '0' ? 'O' : 'l'))}"`,
  ]),
];
