import { JSON_STANDARD, JSONLD, MICRODATA, SCHEMA, PROFILE, type Row } from './row.ts';
import { valueRows } from './valueRows.ts';

/**
 * Every code the checker and the record sheet can tell. `docs/findings.md` is made from this table. Codes are stable:
 * they are never renamed.
 */
const rows = {
  'syntax/missing-comma': {
    grade: 'must',
    meaning: 'Two members or elements follow each other without a comma.',
    source: `${JSON_STANDARD} §4, §5`,
  },
  'syntax/missing-colon': {
    grade: 'must',
    meaning: 'A property name is not followed by a colon.',
    source: `${JSON_STANDARD} §4`,
  },
  'syntax/missing-quote': {
    grade: 'must',
    meaning: 'A text is not closed with a double quote before the end of its line.',
    source: `${JSON_STANDARD} §7`,
  },
  'syntax/missing-value': {
    grade: 'must',
    meaning: 'A value is expected and nothing stands there.',
    source: `${JSON_STANDARD} §3`,
  },
  'syntax/missing-bracket': {
    grade: 'must',
    meaning: 'An object or array is not closed.',
    source: `${JSON_STANDARD} §4, §5`,
  },
  'syntax/trailing-comma': {
    grade: 'must',
    meaning: 'A comma stands before a closing bracket.',
    source: `${JSON_STANDARD} §4, §5`,
  },
  'syntax/single-quotes': {
    grade: 'must',
    meaning: 'A text stands in single quotes.',
    source: `${JSON_STANDARD} §7`,
  },
  'syntax/curly-quotes': {
    grade: 'must',
    meaning: 'A text stands in typographic quotes.',
    source: `${JSON_STANDARD} §7`,
  },
  'syntax/unquoted-name': {
    grade: 'must',
    meaning: 'A property name stands without quotes.',
    source: `${JSON_STANDARD} §4`,
  },
  'syntax/comment': {
    grade: 'must',
    meaning: 'A comment stands inside JSON, which has none.',
    source: `${JSON_STANDARD} §2`,
  },
  'syntax/raw-line-break': {
    grade: 'must',
    meaning: 'A text holds a raw line break or control character.',
    source: `${JSON_STANDARD} §7`,
  },
  'syntax/bad-escape': {
    grade: 'must',
    meaning: 'A backslash is followed by something JSON does not know.',
    source: `${JSON_STANDARD} §7`,
  },
  'syntax/bad-number': {
    grade: 'must',
    meaning: 'A number is written in a way JSON does not know.',
    source: `${JSON_STANDARD} §6`,
  },
  'syntax/bad-word': {
    grade: 'must',
    meaning: 'A word of another language stands for true, false or null.',
    source: `${JSON_STANDARD} §3`,
  },
  'syntax/unexpected-text': {
    grade: 'must',
    meaning: 'Characters stand where JSON allows none.',
    source: `${JSON_STANDARD} §2`,
  },
  'syntax/duplicate-name': {
    grade: 'should',
    meaning: 'A property name occurs twice in one object; machines keep only one of them.',
    source: `${JSON_STANDARD} §4`,
  },
  'syntax/too-deep': {
    grade: 'must',
    meaning: 'Values are nested deeper than any reader follows.',
    source: `${JSON_STANDARD} §9`,
  },
  'syntax/empty': { grade: 'must', meaning: 'A JSON-LD script has no content.', source: `${JSONLD} §7` },
  'syntax/missing-context': {
    grade: 'must',
    meaning: 'JSON-LD has no @context, so its names mean nothing.',
    source: `${JSONLD} §3.1`,
  },
  'syntax/wrong-context': {
    grade: 'must',
    meaning: 'The @context, or the address of a type or vocabulary, is not that of schema.org.',
    source: `${JSONLD} §3.1`,
  },
  'syntax/no-vocabulary': {
    grade: 'must',
    meaning: 'A name that no @context gives a meaning to.',
    source: `${JSONLD} §4.1.2`,
  },
  'syntax/keyword-alias': {
    grade: 'should',
    meaning: 'A keyword of JSON-LD written without its @.',
    source: `${JSONLD} §4.1.6`,
  },
  'syntax/unknown-keyword': {
    grade: 'must',
    meaning: 'A name that begins with @ and is no keyword.',
    source: `${JSONLD} §1.7`,
  },
  'syntax/words-around': {
    grade: 'must',
    meaning: 'Words, a fence of code, an assignment or line numbers were pasted with the markup.',
    source: `${JSON_STANDARD} §2`,
  },
  'syntax/escaped-quotes': {
    grade: 'must',
    meaning:
      'Quotes of JSON-LD are written as character references of HTML, or they or its line breaks behind a backslash.',
    source: 'HTML Living Standard, 4.12.1.3',
  },
  'syntax/editor-marks': {
    grade: 'must',
    meaning: 'Tags, blanks or links stand in JSON-LD, as an editor for text puts them into code.',
    source: `${JSON_STANDARD} §2`,
  },
  'syntax/template-tag': {
    grade: 'must',
    meaning: 'A tag of a template stands where a value was to be filled in.',
    source: `${JSON_STANDARD} §3`,
  },
  'syntax/html-comment': {
    grade: 'should',
    meaning: 'A JSON-LD script is wrapped in an HTML comment.',
    source: 'HTML Living Standard, 4.12.1.3',
  },
  'syntax/script-type': {
    grade: 'must',
    meaning: 'A script holds JSON-LD, but its type says something else, so that no machine reads it as such.',
    source: `${JSONLD} §7.2, HTML Living Standard, 4.12.1`,
  },
  'vocabulary/unknown-type': {
    grade: 'must',
    meaning: 'schema.org has no type of this name.',
    source: SCHEMA,
  },
  'vocabulary/unknown-property': {
    grade: 'must',
    meaning: 'schema.org has no property of this name.',
    source: SCHEMA,
  },
  'vocabulary/capitals': {
    grade: 'must',
    meaning: 'The name is known, but with other capitals.',
    source: SCHEMA,
  },
  'vocabulary/not-of-type': {
    grade: 'should',
    meaning: 'The property does not belong to this type.',
    source: `${SCHEMA}, domainIncludes`,
  },
  'vocabulary/superseded': {
    grade: 'should',
    meaning: 'The term has been superseded by another.',
    source: `${SCHEMA}, supersededBy`,
  },
  'vocabulary/pending': {
    grade: 'note',
    meaning: 'The term is still pending in schema.org and may change.',
    source: `${SCHEMA}, pending`,
  },
  'vocabulary/abstract': {
    grade: 'should',
    meaning: 'The type is so general that it says nothing.',
    source: SCHEMA,
  },
  'vocabulary/value-kind': {
    grade: 'should',
    meaning: 'The value is of a kind that the property does not take.',
    source: `${SCHEMA}, rangeIncludes`,
  },
  'vocabulary/text-for-item': {
    grade: 'note',
    meaning: 'A business’s value is a text where an item with its type would say more.',
    source: `${SCHEMA}, Conformance`,
  },
  'vocabulary/enumeration': {
    grade: 'must',
    meaning: 'The value is no member of the enumeration that the property takes its values from.',
    source: `${SCHEMA}, Enumeration`,
  },
  'vocabulary/discouraged': { grade: 'note', meaning: 'schema.org discourages this type.', source: SCHEMA },
  'vocabulary/no-local-business': {
    grade: 'should',
    meaning: 'The type is an organisation, but no LocalBusiness.',
    source: PROFILE,
  },
  ...valueRows,
  'guideline/noindex': {
    grade: 'should',
    meaning: 'The page of a business asks search engines to leave it out.',
    source: PROFILE,
  },
  'guideline/self-rating': {
    grade: 'note',
    meaning: 'A rating that a business gives itself on its own site is not shown.',
    source: PROFILE,
  },
  'guideline/required': {
    grade: 'must',
    meaning: 'A property the guidelines require is missing.',
    source: PROFILE,
  },
  'guideline/recommended': {
    grade: 'should',
    meaning: 'A property the guidelines recommend is missing.',
    source: PROFILE,
  },
  'guideline/incomplete': {
    grade: 'should',
    meaning: 'An item lacks what it says nothing without: an offer its currency, an event its date.',
    source: `${PROFILE}; ${SCHEMA}`,
  },
  'guideline/address-text': {
    grade: 'note',
    meaning: 'The address is one text instead of its parts.',
    source: PROFILE,
  },
  'guideline/review-author': {
    grade: 'should',
    meaning: 'A review that does not say who wrote it, or that the business wrote itself.',
    source: PROFILE,
  },
  'guideline/worth-having': {
    grade: 'note',
    meaning: 'A property that few businesses can give, but would help.',
    source: PROFILE,
  },
  'structure/other-markup': {
    grade: 'note',
    meaning: 'The source has markup, and none of it describes a business.',
    source: PROFILE,
  },
  'structure/no-business': {
    grade: 'should',
    meaning: 'The source has no markup at all, where a business was expected.',
    source: PROFILE,
  },
  'structure/shown-markup': {
    grade: 'should',
    meaning: 'Markup was pasted so that visitors read it as text, and machines read none.',
    source: PROFILE,
  },
  'structure/curly-quotes': {
    grade: 'must',
    meaning:
      'Attributes of microdata or RDFa stand in quotes that are none to a browser, but part of their values.',
    source: 'HTML Living Standard, 13.1.2.3',
  },
  'structure/itemprop-outside': {
    grade: 'must',
    meaning: 'An itemprop belongs to no item, so no machine reads it.',
    source: `${MICRODATA} 5.2.3`,
  },
  'structure/itemprop-idle': {
    grade: 'note',
    meaning: 'An itemprop that a template left belongs to no item.',
    source: `${MICRODATA} 5.2.3`,
  },
  'structure/property-astray': {
    grade: 'must',
    meaning:
      'A property of RDFa is told of the address beside it, not of the item around it, or names nothing.',
    source: 'RDFa Core 1.1, 7.5 step 5',
  },
  'structure/no-type': { grade: 'must', meaning: 'An item has no type.', source: `${MICRODATA} 5.2.2` },
  'structure/loose': {
    grade: 'must',
    meaning: 'An item that is part of another stands inside it without a property that ties it.',
    source: `${MICRODATA} 5.2.4; RDFa 1.1 Lite, 2.2`,
  },
  'structure/misspelt': {
    grade: 'must',
    meaning: 'The name of an attribute of markup is misspelt.',
    source: `${MICRODATA} 5.2; RDFa 1.1 Lite, 2`,
  },
  'structure/open-quote': {
    grade: 'must',
    meaning: 'The value of an attribute of markup is not closed and runs on over the next tags.',
    source: 'HTML Living Standard, 13.2.5',
  },
  'structure/no-itemscope': {
    grade: 'must',
    meaning: 'An element has an itemtype but no itemscope, so that no item begins there.',
    source: `${MICRODATA} 5.2.2`,
  },
  'structure/no-typeof': {
    grade: 'must',
    meaning:
      'An element holds what belongs to an item of its own, and has no typeof, so that none begins there.',
    source: 'RDFa 1.1 Core, 7.5',
  },
  'structure/itemtype-relative': {
    grade: 'must',
    meaning: 'An itemtype is no whole address.',
    source: `${MICRODATA} 5.2.2`,
  },
  'structure/reference': {
    grade: 'should',
    meaning: 'A reference to a part of the page that nothing describes, or back to the item itself.',
    source: `${JSONLD} §3.3`,
  },
  'structure/reference-elsewhere': {
    grade: 'note',
    meaning: 'A reference to something that this page does not describe.',
    source: `${JSONLD} §3.3`,
  },
  'structure/id-twins': {
    grade: 'should',
    meaning: 'One thing under two spellings of its @id.',
    source: `${JSONLD} §3.3`,
  },
  'structure/two-things': {
    grade: 'should',
    meaning: 'One item is a page and a business at once, mostly by an @id that two have.',
    source: `${JSONLD} §3.3; ${SCHEMA}`,
  },
  'structure/double': {
    grade: 'note',
    meaning: 'One business, by its name and street, is described under two names of nodes.',
    source: `${JSONLD} §3.3`,
  },
  'structure/itemref': {
    grade: 'must',
    meaning: 'An itemref names an id that the page does not have.',
    source: `${MICRODATA} 5.2.2`,
  },
  'structure/content-ignored': {
    grade: 'should',
    meaning:
      'A value stands in an attribute that machines pass over on that element: content on one whose value is its text, src on a link.',
    source: `${MICRODATA} 5.2.4`,
  },
  'structure/shown-otherwise': {
    grade: 'should',
    meaning: 'An attribute tells machines something else than the element shows.',
    source: `${MICRODATA} 5.2.4`,
  },
  'structure/no-vocab': {
    grade: 'must',
    meaning: 'A typeof stands under no vocab, so that its names mean nothing.',
    source: 'RDFa Lite 1.1 §2.1',
  },
  'structure/in-comment': {
    grade: 'should',
    meaning: 'Markup stands inside a comment, where no machine reads it.',
    source: 'HTML Living Standard, 13.1.6',
  },
  'structure/in-template': {
    grade: 'should',
    meaning: 'Markup stands inside a template, whose content is not on the page.',
    source: 'HTML Living Standard, 4.12.3',
  },
  'structure/in-noscript': {
    grade: 'should',
    meaning: 'Markup stands inside noscript, which machines that run scripts read as text.',
    source: 'HTML Living Standard, 4.12.2',
  },
  'structure/in-frame': {
    grade: 'note',
    meaning: 'Markup stands inside a frame, which is a page of its own to a machine.',
    source: 'HTML Living Standard, 4.8.5',
  },
  'guideline/alternative-text': {
    grade: 'note',
    meaning: 'A logo or picture of the business without alternative text.',
    source: 'WCAG 2.2, 1.1.1',
  },
  'agreement/rating-not-visible': {
    grade: 'should',
    meaning: 'The markup gives a rating that the page does not show.',
    source: PROFILE,
  },
  'agreement/link': {
    grade: 'should',
    meaning: 'A link dials, or writes to, another than it shows, or nobody.',
    source: 'RFC 3966, RFC 6068',
  },
  'agreement/head-text': {
    grade: 'should',
    meaning:
      'The title or the description of the page says a telephone or house number that is not the business’s.',
    source: PROFILE,
  },
  'agreement/position': {
    grade: 'should',
    meaning:
      'A position in the head of the page, or its map, is elsewhere than the coordinates of the markup.',
    source: `${SCHEMA}/geo`,
  },
  'agreement/canonical': {
    grade: 'should',
    meaning: 'The url of the business and the page’s canonical address differ, or there are several.',
    source: `${SCHEMA}/url, RFC 6596`,
  },
  'agreement/items': {
    grade: 'must',
    meaning: 'Two items describe the same business and contradict each other.',
    source: PROFILE,
  },
  'agreement/pages': {
    grade: 'must',
    meaning: 'Two pages describe the same business and contradict each other.',
    source: PROFILE,
  },
  'agreement/other-page': {
    grade: 'note',
    meaning:
      'The url of the business is a page above or below the one that describes it, most often the home page.',
    source: PROFILE,
  },
  'agreement/url': {
    grade: 'should',
    meaning: 'The url of the business is not the address of the page that describes it.',
    source: PROFILE,
  },
  'agreement/every-page': {
    grade: 'should',
    meaning: 'The same branch is described on every page of the site, also on those of other branches.',
    source: PROFILE,
  },
  'agreement/wrong-branch': {
    grade: 'must',
    meaning: 'A branch’s own page describes another branch.',
    source: PROFILE,
  },
  'agreement/no-page': {
    grade: 'should',
    meaning: 'No page of the site carries the markup of a branch.',
    source: PROFILE,
  },
  'agreement/record': {
    grade: 'must',
    meaning: 'The markup says something else than the record.',
    source: PROFILE,
  },
  'agreement/record-spelling': {
    grade: 'should',
    meaning: 'The markup says the same as the record, written differently.',
    source: PROFILE,
  },
  'agreement/record-other': {
    grade: 'should',
    meaning: 'The markup and the record differ in a fact that is no name, address, number or hours.',
    source: PROFILE,
  },
  'agreement/not-in-record': {
    grade: 'note',
    meaning: 'The markup says something that the record does not know.',
    source: PROFILE,
  },
  'agreement/other-telephone': {
    grade: 'note',
    meaning: 'The page also shows a telephone number that is none of the record’s.',
    source: PROFILE,
  },
  'agreement/visitor': {
    grade: 'must',
    meaning: 'A visitor sees something else than the markup says.',
    source: PROFILE,
  },
  'agreement/shown': {
    grade: 'must',
    meaning: 'A visitor sees something else than the record says, and no markup tells it.',
    source: PROFILE,
  },
  'agreement/not-shown': {
    grade: 'note',
    meaning: 'A page without markup shows the record, but for its name, street, town or number.',
    source: PROFILE,
  },
  'agreement/not-visible': {
    grade: 'should',
    meaning: 'The markup says what a visitor cannot see.',
    source: PROFILE,
  },
  'agreement/accents': {
    grade: 'note',
    meaning: 'The markup writes a name or an address without the marks on letters that visitors read.',
    source: PROFILE,
  },
  'agreement/hours-among-others': {
    grade: 'note',
    meaning: 'The page shows other hours than the markup gives, behind a label or in a sentence.',
    source: PROFILE,
  },
  'agreement/legal-form': {
    grade: 'note',
    meaning: 'The name has the form of the company behind it, which visitors do not read.',
    source: PROFILE,
  },
  'agreement/hours-not-shown': {
    grade: 'note',
    meaning: 'The markup gives opening hours, of some days or of all, that the page does not show visitors.',
    source: PROFILE,
  },
} as const satisfies Record<string, Row>;

export type FaultCode = keyof typeof rows;

export const faultTable: Readonly<Record<FaultCode, Row>> = rows;

/** Whether a text is one of the codes. */
export const isFaultCode = (code: string): code is FaultCode => Object.hasOwn(rows, code);
