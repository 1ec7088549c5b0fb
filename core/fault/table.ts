/**
 * Every code the checker and the record sheet can tell, with its grade, its meaning and the standard or
 * guideline behind it. `docs/findings.md` is made from this table. Codes are stable: they are never renamed.
 */
interface Row {
  readonly grade: 'must' | 'should' | 'note';
  readonly meaning: string;
  readonly source: string;
}

const JSON_STANDARD = 'RFC 8259';
const JSONLD = 'JSON-LD 1.1';
const MICRODATA = 'HTML Living Standard, 5 Microdata';
const SCHEMA = 'schema.org';
const PROFILE = 'local business guideline profile';

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
    meaning: 'The @context is not schema.org.',
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
    meaning: 'Words, a fence of code or an assignment were pasted with the markup.',
    source: `${JSON_STANDARD} §2`,
  },
  'syntax/escaped-quotes': {
    grade: 'must',
    meaning: 'Quotes of JSON-LD are written as character references of HTML.',
    source: 'HTML Living Standard, 4.12.1.3',
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
  'value/telephone': {
    grade: 'must',
    meaning: 'Not a telephone number that can be dialled.',
    source: 'ITU-T E.164',
  },
  'value/telephone-unassigned': {
    grade: 'note',
    meaning: 'The number has the right length, but the country’s plan does not list its range.',
    source: 'ITU-T E.164',
  },
  'value/telephone-country': {
    grade: 'should',
    meaning: 'The telephone number has no country code.',
    source: PROFILE,
  },
  'value/url': { grade: 'must', meaning: 'Not a web address.', source: 'URL Standard' },
  'value/url-relative': {
    grade: 'must',
    meaning: 'A relative address; machines need the whole one.',
    source: PROFILE,
  },
  'value/url-unresolved': {
    grade: 'note',
    meaning: 'A relative link of a page whose address is not known.',
    source: `${MICRODATA} 5.2.4`,
  },
  'value/url-insecure': {
    grade: 'note',
    meaning: 'The address is http, not https.',
    source: 'RFC 9110 §4.2',
  },
  'value/coordinate': {
    grade: 'must',
    meaning: 'Not a coordinate in decimal degrees.',
    source: `${SCHEMA}/latitude, WGS 84`,
  },
  'value/coordinate-range': {
    grade: 'must',
    meaning: 'A latitude beyond ±90 or a longitude beyond ±180 degrees.',
    source: 'WGS 84',
  },
  'value/coordinates-sign': {
    grade: 'must',
    meaning: 'A sign of the coordinates is wrong: they lie in another country than the address.',
    source: `${SCHEMA}/GeoCoordinates, WGS-84`,
  },
  'value/coordinates-country': {
    grade: 'must',
    meaning: 'The coordinates lie in another country than the address.',
    source: `${SCHEMA}/GeoCoordinates, WGS-84`,
  },
  'value/coordinates-far': {
    grade: 'should',
    meaning: 'The coordinates lie far from the town or the postal code of the address.',
    source: `${SCHEMA}/GeoCoordinates, GeoNames`,
  },
  'value/coordinates-doubtful': {
    grade: 'note',
    meaning: 'The coordinates lie far from the only small town of that name that lists have.',
    source: 'GeoNames',
  },
  'value/coordinates-centre': {
    grade: 'note',
    meaning: 'The coordinates are the middle of a town, and no door.',
    source: 'GeoNames',
  },
  'value/coordinates-swapped': {
    grade: 'must',
    meaning: 'Latitude and longitude have changed places.',
    source: 'WGS 84',
  },
  'value/coordinates-zero': {
    grade: 'must',
    meaning: 'The coordinates 0, 0 lie in the sea off Africa.',
    source: 'WGS 84',
  },
  'value/coordinates-coarse': {
    grade: 'should',
    meaning: 'Fewer than five decimals: the point is off by more than a metre.',
    source: PROFILE,
  },
  'value/coordinates-incomplete': {
    grade: 'must',
    meaning: 'Latitude without longitude, or the other way round.',
    source: `${SCHEMA}/GeoCoordinates`,
  },
  'value/time': {
    grade: 'must',
    meaning: 'Not a time of day as hours and minutes from 00:00 to 23:59.',
    source: `${SCHEMA}/Time, ISO 8601`,
  },
  'value/hours': {
    grade: 'must',
    meaning: 'Opening hours that cannot be read with certainty.',
    source: `${SCHEMA}/openingHours`,
  },
  'value/day': {
    grade: 'must',
    meaning: 'Not a day of the week that schema.org knows.',
    source: `${SCHEMA}/DayOfWeek`,
  },
  'value/country': {
    grade: 'should',
    meaning: 'The country is not a two-letter code of ISO 3166-1.',
    source: 'ISO 3166-1 alpha-2',
  },
  'value/postal-code': {
    grade: 'should',
    meaning: 'The postal code does not have the form of its country.',
    source: 'Universal Postal Union, postal addressing systems',
  },
  'value/address-part': {
    grade: 'should',
    meaning: 'The address lacks a part that its country needs.',
    source: 'Universal Postal Union, postal addressing systems',
  },
  'value/date': {
    grade: 'must',
    meaning: 'Not a date as year, month and day.',
    source: `${SCHEMA}/Date, ISO 8601`,
  },
  'value/time-zone': {
    grade: 'must',
    meaning: 'Not a time zone (told in the record only; markup has none).',
    source: 'IANA time zone database',
  },
  'value/email': {
    grade: 'must',
    meaning: 'Not an email address.',
    source: 'HTML Living Standard, 4.10.5.1.5',
  },
  'value/currency': { grade: 'must', meaning: 'Not a currency code.', source: 'ISO 4217' },
  'value/rating': {
    grade: 'must',
    meaning: 'A rating off its scale, or without the number of reviews behind it.',
    source: PROFILE,
  },
  'value/size': { grade: 'must', meaning: 'Not a size of a picture in pixels.', source: `${SCHEMA}/width` },
  'value/encoding': {
    grade: 'must',
    meaning: 'Text that was damaged by a wrong encoding.',
    source: 'Encoding Standard',
  },
  'value/entities': {
    grade: 'should',
    meaning: 'References of HTML inside a text of JSON.',
    source: `${JSON_STANDARD} §7`,
  },
  'value/html': {
    grade: 'note',
    meaning: 'Tags of HTML inside a text of JSON.',
    source: `${SCHEMA}/Text`,
  },
  'value/telephone-form': {
    grade: 'should',
    meaning: 'A telephone number as a link, with (0), with 00, or several in one text.',
    source: 'ITU-T E.123',
  },
  'value/telephone-extension': {
    grade: 'note',
    meaning: 'A telephone number with an extension.',
    source: 'ITU-T E.123, 6.3',
  },
  'value/hours-no-day': {
    grade: 'note',
    meaning: 'Opening hours that name no day and no date.',
    source: `${SCHEMA}/dayOfWeek`,
  },
  'value/telephone-foreign': {
    grade: 'should',
    meaning: 'A telephone number of another country than the address.',
    source: 'ITU-T E.164',
  },
  'value/email-form': {
    grade: 'should',
    meaning: 'An email address written as a link.',
    source: 'RFC 6068',
  },
  'value/name': {
    grade: 'should',
    meaning: 'A name with services, towns, numbers, addresses or signs in it.',
    source: PROFILE,
  },
  'value/name-capitals': {
    grade: 'note',
    meaning: 'A name in capitals throughout.',
    source: PROFILE,
  },
  'value/po-box': {
    grade: 'should',
    meaning: 'A post office box in the place of the street.',
    source: `${SCHEMA}/postOfficeBoxNumber`,
  },
  'value/street': {
    grade: 'should',
    meaning: 'A street that holds town, postal code, country or telephone as well.',
    source: `${SCHEMA}/streetAddress`,
  },
  'value/town': {
    grade: 'should',
    meaning: 'A town that holds the postal code as well.',
    source: `${SCHEMA}/addressLocality`,
  },
  'value/image': {
    grade: 'should',
    meaning: 'An ImageObject without the address of a picture.',
    source: `${SCHEMA}/ImageObject`,
  },
  'value/hours-incomplete': {
    grade: 'must',
    meaning: 'Opening hours without their beginning or their end.',
    source: `${SCHEMA}/OpeningHoursSpecification`,
  },
  'value/hours-backwards': {
    grade: 'should',
    meaning: 'Hours that end before they begin, as if the afternoon had been forgotten.',
    source: `${SCHEMA}/closes`,
  },
  'value/hours-contradiction': {
    grade: 'must',
    meaning: 'A day that stands twice with hours that cannot both be right.',
    source: `${SCHEMA}/OpeningHoursSpecification`,
  },
  'value/hours-past': {
    grade: 'note',
    meaning: 'Hours for days that are long past.',
    source: `${SCHEMA}/validThrough`,
  },
  'value/region': {
    grade: 'should',
    meaning: 'The region is another than the postal code’s.',
    source: 'Universal Postal Union, postal addressing systems',
  },
  'value/url-tracking': {
    grade: 'note',
    meaning: 'The address carries tracking parameters.',
    source: PROFILE,
  },
  'value/profile': {
    grade: 'should',
    meaning: 'sameAs names a home page or the business’s own site instead of a profile.',
    source: `${SCHEMA}/sameAs`,
  },
  'guideline/self-rating': {
    grade: 'note',
    meaning: 'A rating that a business gives itself on its own site is not shown.',
    source: PROFILE,
  },
  'value/price-range': {
    grade: 'should',
    meaning: 'The price range is 100 characters long or longer, or has more than four signs.',
    source: PROFILE,
  },
  'value/empty': { grade: 'should', meaning: 'The property is there, but empty.', source: PROFILE },
  'value/placeholder': { grade: 'must', meaning: 'A text left over from a template.', source: PROFILE },
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
  'guideline/address-text': {
    grade: 'note',
    meaning: 'The address is one text instead of its parts.',
    source: PROFILE,
  },
  'guideline/review-author': {
    grade: 'should',
    meaning: 'A review that does not say who wrote it.',
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
  'structure/itemprop-outside': {
    grade: 'must',
    meaning: 'An itemprop belongs to no item, so no machine reads it.',
    source: `${MICRODATA} 5.2.3`,
  },
  'structure/no-type': { grade: 'must', meaning: 'An item has no type.', source: `${MICRODATA} 5.2.2` },
  'structure/no-itemscope': {
    grade: 'must',
    meaning: 'An element has an itemtype but no itemscope, so that no item begins there.',
    source: `${MICRODATA} 5.2.2`,
  },
  'structure/itemtype-relative': {
    grade: 'must',
    meaning: 'An itemtype is no whole address.',
    source: `${MICRODATA} 5.2.2`,
  },
  'structure/reference': {
    grade: 'should',
    meaning: 'A reference to a part of the page that nothing describes.',
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
  'structure/itemref': {
    grade: 'must',
    meaning: 'An itemref names an id that the page does not have.',
    source: `${MICRODATA} 5.2.2`,
  },
  'structure/content-ignored': {
    grade: 'should',
    meaning:
      'A content attribute stands on an element whose value is its text, so that machines pass it over.',
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
  'agreement/canonical': {
    grade: 'should',
    meaning: 'The url of the business and the page’s canonical address are spelt differently.',
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
  'agreement/not-visible': {
    grade: 'should',
    meaning: 'The markup says what a visitor cannot see.',
    source: PROFILE,
  },
  'agreement/hours-not-shown': {
    grade: 'note',
    meaning: 'The markup gives opening hours, and the page shows visitors none.',
    source: PROFILE,
  },
} as const satisfies Record<string, Row>;

export type FaultCode = keyof typeof rows;

export const faultTable: Readonly<Record<FaultCode, Row>> = rows;

/** Whether a text is one of the codes. */
export const isFaultCode = (code: string): code is FaultCode => Object.hasOwn(rows, code);
