import { JSON_HABITS, FLAT, TAGS, fault, RFC, SCHEMA, JSONLD, beside, type Planted } from './planted.ts';

/** Faults of JSON, of JSON-LD and of the vocabulary. */
export const syntaxFaults: readonly Planted[] = [
  // Syntax of JSON.
  fault('a missing comma', 'syntax/missing-comma', `${RFC} §4`, JSON_HABITS, [
    /("telephone": "[^"]*"),/,
    '$1',
  ]),
  fault('a trailing comma', 'syntax/trailing-comma', `${RFC} §4`, FLAT, [/("addressCountry": "..")/, '$1,']),
  fault('a missing colon', 'syntax/missing-colon', `${RFC} §4`, JSON_HABITS, [
    /"telephone": /,
    '"telephone" ',
  ]),
  fault('a quote that is not closed', 'syntax/missing-quote', `${RFC} §7`, JSON_HABITS, [
    /("telephone": "[^"]*)"/,
    '$1',
  ]),
  fault('curly quotes', 'syntax/curly-quotes', `${RFC} §7`, JSON_HABITS, [
    /"telephone": "([^"]*)"/,
    '“telephone”: “$1”',
  ]),
  fault('single quotes', 'syntax/single-quotes', `${RFC} §7`, JSON_HABITS, [
    /"telephone": "([^"]*)"/,
    "'telephone': '$1'",
  ]),
  fault('a name without quotes', 'syntax/unquoted-name', `${RFC} §4`, JSON_HABITS, [
    /"telephone": /,
    'telephone: ',
  ]),
  fault('a CDATA section', 'syntax/words-around', `${RFC} §2`, JSON_HABITS, [
    /(<script type="application\/ld\+json">)([^]*?)(<\/script>)/,
    '$1//<![CDATA[$2//]]>$3',
  ]),
  fault('a comment', 'syntax/comment', `${RFC} §2`, JSON_HABITS, [
    /("telephone": "[^"]*",)/,
    '$1 // main line',
  ]),
  fault('a missing value', 'syntax/missing-value', `${RFC} §3`, JSON_HABITS, [
    /"telephone": "[^"]*"/,
    '"telephone": ',
  ]),
  fault('a tag of a template', 'syntax/template-tag', `${RFC} §3`, JSON_HABITS, [
    /"telephone": "[^"]*"/,
    '"telephone": {{ shop.phone }}',
  ]),
  fault(
    'a name told twice',
    'syntax/duplicate-name',
    `${RFC} §4`,
    JSON_HABITS,
    [/("telephone": "[^"]*",)/, '$1\n"telephone": "",'],
    ['value/empty'],
  ),
  fault(
    'a number that begins with a plus',
    ['syntax/bad-number', 'value/coordinate'],
    `${RFC} §6`,
    JSON_HABITS,
    [/"latitude": (-?)/, '"latitude": +$1'],
    ['value/coordinates-incomplete'],
  ),
  fault(
    'no context',
    'syntax/missing-context',
    `${JSONLD} §3.1`,
    ['a script in the head'],
    [/\n\s+"@context": "https:\/\/schema.org",/, ''],
  ),
  fault('a misspelt context', 'syntax/wrong-context', `${JSONLD} §3.1`, JSON_HABITS, [
    '"https://schema.org"',
    '"https://shema.org"',
  ]),
  fault('a keyword without its @', 'syntax/keyword-alias', `${JSONLD} §4.1.6`, FLAT, [
    /"@type": "PostalAddress"/,
    '"type": "PostalAddress"',
  ]),
  fault(
    'a property with an @',
    'syntax/unknown-keyword',
    `${JSONLD} §1.7`,
    JSON_HABITS,
    [/"telephone": /, '"@telephone": '],
    ['guideline/recommended'],
  ),
  fault(
    'a wrong type of the script',
    'syntax/script-type',
    'HTML Living Standard, 4.12.1',
    ['a script in the head'],
    ['application/ld+json', 'text/javascript'],
    ['structure/no-business'],
  ),
  // Vocabulary.
  fault(
    'a type that does not exist',
    'vocabulary/unknown-type',
    SCHEMA,
    JSON_HABITS,
    ({ type }) => [`"@type": "${type}"`, `"@type": "${type}Shop"`],
    ['guideline/required', 'guideline/recommended'],
  ),
  fault(
    'a type in small letters',
    'vocabulary/capitals',
    SCHEMA,
    FLAT,
    ({ type }) => [`"@type": "${type}"`, `"@type": "${type.toLowerCase()}"`],
    ['guideline/required', 'guideline/recommended'],
  ),
  fault(
    'a property as people call it',
    'vocabulary/unknown-property',
    SCHEMA,
    JSON_HABITS,
    [/"telephone": /, '"phone": '],
    ['guideline/recommended'],
  ),
  fault(
    'a property in other capitals',
    'vocabulary/capitals',
    SCHEMA,
    JSON_HABITS,
    [/"telephone": /, '"telePhone": '],
    ['guideline/recommended'],
  ),
  fault(
    'a property in other capitals',
    'vocabulary/capitals',
    SCHEMA,
    TAGS,
    [/="telephone" content/, '="Telephone" content'],
    ['guideline/recommended'],
  ),
  fault(
    'an address as Address',
    'vocabulary/unknown-type',
    SCHEMA,
    FLAT,
    ['"PostalAddress"', '"Address"'],
    ['guideline/required'],
  ),
  fault('a property of another type', 'vocabulary/not-of-type', SCHEMA, FLAT, beside('"isbn": "1"')),
  fault('hours on an address', 'vocabulary/not-of-type', SCHEMA, FLAT, [
    /("streetAddress": "[^"]*",)/,
    '$1\n"openingHours": "Mo-Fr 09:00-18:00",',
  ]),
  fault(
    'a pin as text',
    'vocabulary/value-kind',
    SCHEMA,
    ['a script in the head'],
    [/"geo": \{[^}]*\}/, '"geo": "51.1, 12.2"'],
    ['guideline/recommended'],
  ),
  fault(
    'a superseded property',
    'vocabulary/superseded',
    SCHEMA,
    FLAT,
    beside('"reviews": {"@type": "Review", "author": "A. B.", "reviewBody": "Good"}'),
  ),
];
