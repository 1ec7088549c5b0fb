import { JSON_STANDARD, MICRODATA, SCHEMA, PROFILE, type Row } from './row.ts';

/** The codes of values whose form a machine, or whose sense a person, cannot read. */
export const valueRows = {
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
  'value/url-staging': {
    grade: 'should',
    meaning: 'The address is of a site under construction.',
    source: `${SCHEMA}/url`,
  },
  'value/names-several': {
    grade: 'should',
    meaning: 'One business with several names, of which a machine takes one.',
    source: `${SCHEMA}/alternateName`,
  },
  'value/address-several': {
    grade: 'should',
    meaning: 'One address has several towns, codes, regions or countries, or one place several addresses.',
    source: `${SCHEMA}/PostalAddress`,
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
  'value/country-elsewhere': {
    grade: 'must',
    meaning: 'Number, coordinates and postal code speak of one other country than the address.',
    source: `${SCHEMA}/addressCountry`,
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
    meaning:
      'The coordinates lie far from the only small town of that name that lists have, or from the town that a district or region is named after.',
    source: 'GeoNames',
  },
  'value/coordinates-centre': {
    grade: 'note',
    meaning: 'The coordinates are the middle of a town, and no door.',
    source: 'GeoNames',
  },
  'value/coordinates-shared': {
    grade: 'should',
    meaning: 'Places with other addresses have the same coordinates.',
    source: 'WGS 84',
  },
  'value/street-shared': {
    grade: 'should',
    meaning: 'Places in other towns have the same street and number.',
    source: `${SCHEMA}/streetAddress`,
  },
  'value/url-shared': {
    grade: 'should',
    meaning: 'Places in other towns name the same page as their own.',
    source: `${SCHEMA}/url`,
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
  'value/postal-code-form': {
    grade: 'note',
    meaning: 'The postal code is written without the blanks, hyphens or capitals of its country.',
    source: 'Universal Postal Union, postal addressing systems',
  },
  'value/postal-code-elsewhere': {
    grade: 'note',
    meaning: 'The postal code is of another region than the town that the address names.',
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
  'value/date-order': {
    grade: 'should',
    meaning: 'A date before the one it follows, or of what was done on a day that is yet to come.',
    source: `${SCHEMA}/dateCreated, ${SCHEMA}/endDate`,
  },
  'value/date-modified': {
    grade: 'note',
    meaning:
      'A text was changed last before it came out: it was written ahead, or one of the dates is wrong.',
    source: `${SCHEMA}/dateModified`,
  },
  'value/position': {
    grade: 'should',
    meaning: 'The positions of a list do not count its parts from 1 on.',
    source: `${SCHEMA}/position`,
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
  'value/number': {
    grade: 'should',
    meaning:
      'Not a number, where schema.org has only numbers or a price stands; or less than none of what is counted.',
    source: `${SCHEMA}/Number, ${SCHEMA}/price`,
  },
  'value/boolean': {
    grade: 'should',
    meaning: 'Neither true nor false, where schema.org has only these.',
    source: `${SCHEMA}/Boolean, ${SCHEMA}/acceptsReservations`,
  },
  'value/vat': {
    grade: 'should',
    meaning: 'A VAT number that is not written as its state writes them.',
    source: 'European Commission, VIES, structure of VAT identification numbers',
  },
  'value/check-digit': {
    grade: 'should',
    meaning:
      'A number of goods, books, places or companies that has a digit too few or too many, or one that was mistyped.',
    source: 'GS1 General Specifications 7.9; ISO 2108; ISO 17442',
  },
  'value/shape': {
    grade: 'should',
    meaning: 'Not a shape of an area, or a radius of so few metres that another unit is meant.',
    source: `${SCHEMA}/GeoShape, ${SCHEMA}/geoRadius`,
  },
  'value/duration': {
    grade: 'should',
    meaning: 'Not a duration a machine can read.',
    source: 'ISO 8601-1, 5.5.2',
  },
  'value/language': {
    grade: 'note',
    meaning: 'Not the tag of a language.',
    source: `RFC 5646; ${SCHEMA}/inLanguage`,
  },
  'value/several': {
    grade: 'note',
    meaning: 'Several names in one text, which a machine takes for one.',
    source: SCHEMA,
  },
  'value/past': {
    grade: 'note',
    meaning: 'An offer or an event that is over.',
    source: `${SCHEMA}/priceValidUntil, ${SCHEMA}/endDate`,
  },
  'value/unit': {
    grade: 'should',
    meaning: 'Not the code of a unit of measure.',
    source: 'UN/CEFACT Recommendation 20',
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
  'value/escapes': {
    grade: 'should',
    meaning: 'A text that was escaped twice.',
    source: `${JSON_STANDARD} §7`,
  },
  'value/invisible': {
    grade: 'should',
    meaning: 'A character that nobody sees inside a text for machines.',
    source: 'Unicode Standard, Default_Ignorable_Code_Point',
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
    meaning: 'An email address written as a link, or with a slip in its domain.',
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
    meaning: 'A street that holds town, postal code, country, telephone or the name of the business as well.',
    source: `${SCHEMA}/streetAddress`,
  },
  'value/town': {
    grade: 'should',
    meaning: 'A town that holds the postal code, the region, the country or the telephone as well.',
    source: `${SCHEMA}/addressLocality`,
  },
  'value/image': {
    grade: 'should',
    meaning: 'A picture without its address, or with that of a page.',
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
  'value/own-words': {
    grade: 'should',
    meaning: 'The description says another telephone number or another house than the business itself.',
    source: `${SCHEMA}/description`,
  },
  'value/region': {
    grade: 'should',
    meaning: 'The region is another than the postal code’s, or none of its country.',
    source: 'Universal Postal Union, postal addressing systems',
  },
  'value/url-tracking': {
    grade: 'note',
    meaning: 'The address carries tracking parameters.',
    source: PROFILE,
  },
  'value/profile': {
    grade: 'should',
    meaning: 'sameAs names a home page, a search, a button or the own site alone instead of a profile.',
    source: `${SCHEMA}/sameAs`,
  },
  'value/profile-site': {
    grade: 'note',
    meaning:
      'sameAs names the own site, or the home page of one that may be: profiles elsewhere are worth more.',
    source: `${SCHEMA}/sameAs`,
  },
  'value/price-range': {
    grade: 'should',
    meaning:
      'The price range is 100 characters long or longer, has more than four signs, or is neither signs nor amounts.',
    source: PROFILE,
  },
  'value/empty': { grade: 'should', meaning: 'The property is there, but empty.', source: PROFILE },
  'value/null': {
    grade: 'note',
    meaning:
      'The property is null or an empty list (JSON-LD 1.1, 4.1), or an empty text of a site, a page or a picture: it says nothing.',
    source: 'https://www.w3.org/TR/json-ld11/#terms-imported-from-other-specifications',
  },
  'value/placeholder': { grade: 'must', meaning: 'A text left over from a template.', source: PROFILE },
} as const satisfies Record<string, Row>;
