import type { FaultCode } from '#core/fault';

/** A source that has a finding, and the same put right. */
export interface Example {
  readonly wrong: string;
  readonly right: string;
  /** The address the source stands at. */
  readonly url?: string;
  /** The date of the check. */
  readonly today?: string;
  /** The record it is compared with, as JSON-LD. */
  readonly record?: string;
}

/** Pages of a site by their addresses, and its branches as JSON-LD. */
export interface SiteExample {
  readonly branches: readonly string[];
  readonly wrong: Readonly<Record<string, string>>;
  readonly right: Readonly<Record<string, string>>;
}

const ADDRESS =
  '"address":{"@type":"PostalAddress","streetAddress":"9 Hollins Row","addressLocality":"Saltby","postalCode":"TQ1 2AB","addressCountry":"GB"}';
const OPEN = '{"@context":"https://schema.org","@type":"Optician"';
const business = (...members: readonly string[]): string => `${[OPEN, ...members].join(',')}}`;
const hollins = (...members: readonly string[]): string =>
  business('"name":"Hollins Row Opticians"', ADDRESS, ...members);
const script = (json: string): string => `<script type="application/ld+json">${json}</script>`;
const pair = (wrong: string, right: string, more: Omit<Example, 'wrong' | 'right'> = {}): Example => ({
  wrong,
  right,
  ...more,
});
const geo = (latitude: string, longitude: string): string =>
  hollins(`"geo":{"@type":"GeoCoordinates","latitude":${latitude},"longitude":${longitude}}`);
const branch = (postalCode: string, latitude: number, longitude: number): object => ({
  '@context': 'https://schema.org',
  '@type': 'Optician',
  name: `Hollins ${postalCode}`,
  address: {
    '@type': 'PostalAddress',
    streetAddress: '9 Row',
    addressLocality: 'Saltby',
    postalCode,
    addressCountry: 'GB',
  },
  geo: { '@type': 'GeoCoordinates', latitude, longitude },
});
const branchWith = (postalCode: string, page: string): object => ({
  ...branch(postalCode, postalCode < 'F' ? 50.7231 : 50.4619, -3.5253),
  url: `https://hollinsrow.example/${page}/`,
});
const bellingham = (latitude: string, longitude: string): string =>
  geo(latitude, longitude).replace(
    ADDRESS,
    '"address":{"@type":"PostalAddress","streetAddress":"9 Hollins Row","addressLocality":"Bellingham","addressRegion":"WA","postalCode":"98225","addressCountry":"US"}',
  );
const opening = (members: string): string =>
  hollins(`"openingHoursSpecification":{"@type":"OpeningHoursSpecification",${members}}`);
const list = (position: string): string =>
  `{"@context":"https://schema.org","@type":"BreadcrumbList","itemListElement":[{"@type":"ListItem","position":${position},"name":"Shops"}]}`;
const item = (body: string): string => `<div itemscope itemtype="https://schema.org/Optician">${body}</div>`;
const rdfa = (body: string): string => `<div vocab="https://schema.org/" typeof="Optician">${body}</div>`;
const record = hollins('"telephone":"+44 20 7946 0321"', '"slogan":"Seeing is better"');

/** For each code a wrong and a right source; both are run as tests and printed in docs/findings.md. */
export const examples: Readonly<Partial<Record<FaultCode, Example>>> = {
  'syntax/missing-colon': pair(
    '{"@context":"https://schema.org","name" "A"}',
    '{"@context":"https://schema.org","name": "A"}',
  ),
  'syntax/missing-comma': pair('{"name":"A" "email":"a@b.example"}', '{"name":"A", "email":"a@b.example"}'),
  'syntax/missing-quote': pair('{"name":"A\n}', '{"name":"A"\n}'),
  'syntax/missing-value': pair('{"name":}', '{"name":"A"}'),
  'syntax/missing-bracket': pair('{"name":"A"', '{"name":"A"}'),
  'syntax/trailing-comma': pair('{"name":"A",}', '{"name":"A"}'),
  'syntax/single-quotes': pair("{'name':'A'}", '{"name":"A"}'),
  'syntax/curly-quotes': pair('{“name”:“A”}', '{"name":"A"}'),
  'syntax/unquoted-name': pair('{name:"A"}', '{"name":"A"}'),
  'syntax/comment': pair('{"name":"A" /* ours */}', '{"name":"A"}'),
  'syntax/raw-line-break': pair('{"slogan":"Seeing\nis better"}', '{"slogan":"Seeing\\nis better"}'),
  'syntax/bad-escape': pair('{"name":"Ellery\\\'s"}', '{"name":"Ellery\'s"}'),
  'syntax/bad-number': pair('{"ratingCount":01}', '{"ratingCount":1}'),
  'syntax/bad-word': pair(hollins('"isAccessibleForFree": True'), hollins('"isAccessibleForFree": true')),
  'syntax/unexpected-text': pair('{"name":"A"};', '{"name":"A"}'),
  'syntax/duplicate-name': pair('{"image":"a.jpg","image":"b.jpg"}', '{"image":["a.jpg","b.jpg"]}'),
  'syntax/too-deep': pair('['.repeat(201), '[[[]]]'),
  'syntax/empty': pair(script(' '), script(hollins())),
  'syntax/missing-context': pair(
    '{"@type":"Optician","name":"A"}',
    '{"@context":"https://schema.org","@type":"Optician","name":"A"}',
  ),
  'syntax/wrong-context': pair(
    '{"@context":"https://shema.org","@type":"Optician"}',
    '{"@context":"https://schema.org","@type":"Optician"}',
  ),
  'syntax/no-vocabulary': pair(
    '{"@context":{"s":"https://schema.org/"},"@type":"s:Optician","name":"A"}',
    '{"@context":{"s":"https://schema.org/"},"@type":"s:Optician","s:name":"A"}',
  ),
  'syntax/keyword-alias': pair(
    '{"@context":"https://schema.org","type":"Optician","name":"A"}',
    '{"@context":"https://schema.org","@type":"Optician","name":"A"}',
  ),
  'syntax/unknown-keyword': pair(hollins('"@slogan":"Seeing"'), hollins('"slogan":"Seeing"')),
  'syntax/words-around': pair(`Here is your code:\n${hollins()}`, hollins()),
  'syntax/escaped-quotes': pair(script(hollins().replaceAll('"', '&quot;')), script(hollins())),
  'syntax/editor-marks': pair(hollins().replace('{', '{<br />\n'), hollins().replace('{', '{\n')),
  'syntax/template-tag': pair(
    script(hollins('"telephone": {{ phone }}')),
    script(hollins('"telephone": "+44 20 7946 0321"')),
  ),
  'syntax/html-comment': pair(script(`<!--${hollins()}-->`), script(hollins())),
  'syntax/script-type': pair(
    script(hollins()).replace('application/ld+json', 'application/json'),
    script(hollins()),
  ),
  'vocabulary/unknown-type': pair(
    '{"@context":"https://schema.org","@type":"Opticion"}',
    '{"@context":"https://schema.org","@type":"Optician"}',
  ),
  'vocabulary/unknown-property': pair(
    hollins('"phone":"+44 20 7946 0321"'),
    hollins('"telephone":"+44 20 7946 0321"'),
  ),
  'vocabulary/capitals': pair(
    hollins('"Telephone":"+44 20 7946 0321"'),
    hollins('"telephone":"+44 20 7946 0321"'),
  ),
  'vocabulary/not-of-type': pair(
    hollins('"servesCuisine":"Fish"'),
    hollins().replace('Optician', 'Restaurant').replace('}}', '},"servesCuisine":"Fish"}'),
  ),
  'vocabulary/superseded': pair(
    hollins('"reviews":[]').replace('[]', '{"@type":"Review","reviewBody":"Good"}'),
    hollins('"review":{"@type":"Review","reviewBody":"Good"}'),
  ),
  'vocabulary/pending': pair(
    '{"@context":"https://schema.org","@type":"ArchiveOrganization","name":"A"}',
    '{"@context":"https://schema.org","@type":"Library","name":"A"}',
  ),
  'vocabulary/abstract': pair(
    '{"@context":"https://schema.org","@type":"Thing","name":"A"}',
    '{"@context":"https://schema.org","@type":"Optician","name":"A"}',
  ),
  'vocabulary/text-for-item': pair(
    hollins('"founder":"Ann Hollins"'),
    hollins('"founder":{"@type":"Person","name":"Ann Hollins"}'),
  ),
  'vocabulary/value-kind': pair(hollins('"geo":"50.46190, -3.52530"'), geo('50.46190', '-3.52530')),
  'vocabulary/enumeration': pair(
    hollins('"makesOffer":{"@type":"Offer","name":"Frames","availability":"https://schema.org/OnStock"}'),
    hollins('"makesOffer":{"@type":"Offer","name":"Frames","availability":"https://schema.org/InStock"}'),
  ),
  'vocabulary/discouraged': pair(
    '{"@context":"https://schema.org","@type":"ProfessionalService"}',
    '{"@context":"https://schema.org","@type":"LocalBusiness"}',
  ),
  'vocabulary/no-local-business': pair(
    hollins().replace('"Optician"', '"VeterinaryCare"'),
    hollins().replace('"Optician"', '["VeterinaryCare","LocalBusiness"]'),
  ),
  'value/telephone': pair(hollins('"telephone":"ring us"'), hollins('"telephone":"+44 20 7946 0321"')),
  'value/telephone-unassigned': pair(
    hollins('"telephone":"+44 1632 960123"'),
    hollins('"telephone":"+44 20 7946 0321"'),
  ),
  'value/telephone-country': pair(
    hollins('"telephone":"020 7946 0321"'),
    hollins('"telephone":"+44 20 7946 0321"'),
  ),
  'value/url': pair(hollins('"url":"https:// hollins.example"'), hollins('"url":"https://hollins.example/"')),
  'value/url-relative': pair(
    hollins('"image":"/front.jpg"'),
    hollins('"image":"https://hollins.example/front.jpg"'),
  ),
  'value/url-unresolved': pair(
    item('<a itemprop="url" href="/saltby">Saltby</a>'),
    item('<a itemprop="url" href="https://hollins.example/saltby">Saltby</a>'),
  ),
  'value/url-insecure': pair(
    hollins('"url":"http://hollins.example/"'),
    hollins('"url":"https://hollins.example/"'),
  ),
  'value/url-staging': pair(
    hollins('"url":"https://staging.hollins.example/"'),
    hollins('"url":"https://hollins.example/"'),
  ),
  'value/address-several': pair(
    business('"name":"Hollins Row Opticians"', ADDRESS.replace('"Saltby"', '["Saltby", "Exeter"]')),
    hollins(),
  ),
  'value/names-several': pair(
    business('"name":["Hollins Row Opticians", "Saltby Eyes"]', ADDRESS),
    business('"name":"Hollins Row Opticians","alternateName":"Saltby Eyes"', ADDRESS),
  ),
  'value/coordinate': pair(geo('"50° 27′ N"', '-3.52530'), geo('50.46190', '-3.52530')),
  'value/coordinate-range': pair(geo('50.46190', '-193.52530'), geo('50.46190', '-3.52530')),
  'value/coordinates-far': pair(bellingham('47.65878', '-117.42605'), bellingham('48.75112', '-122.47788')),
  'value/coordinates-doubtful': pair(
    geo('48.20849', '16.37208')
      .replace('"Saltby"', '"Mayrhofen"')
      .replace('TQ1 2AB","addressCountry":"GB', '6290","addressCountry":"AT'),
    geo('47.16712', '11.86372')
      .replace('"Saltby"', '"Mayrhofen"')
      .replace('TQ1 2AB","addressCountry":"GB', '6290","addressCountry":"AT'),
  ),
  'value/coordinates-centre': pair(
    bellingham('48.75955', '-122.48822'),
    bellingham('48.75112', '-122.47788'),
  ),
  'value/coordinates-shared': pair(
    JSON.stringify([branch('TQ1 2AB', 50.4619, -3.5253), branch('EX1 1AB', 50.4619, -3.5253)]),
    JSON.stringify([branch('TQ1 2AB', 50.4619, -3.5253), branch('EX1 1AB', 50.7231, -3.53012)]),
  ),
  'value/street-shared': pair(
    `${script(JSON.stringify([branch('TQ1 2AB', 50.4619, -3.5253), branch('EX1 1AB', 50.7231, -3.53012)]))}<p>9 Row, Torquay</p>`,
    `${script(JSON.stringify([branch('TQ1 2AB', 50.4619, -3.5253), branch('EX1 1AB', 50.7231, -3.53012)]))}<p>9 Row, Torquay; 9 Row, Exeter</p>`,
  ),
  'value/url-shared': pair(
    script(JSON.stringify([branchWith('TQ1 2AB', 'torquay'), branchWith('EX1 1AB', 'torquay')])),
    script(JSON.stringify([branchWith('TQ1 2AB', 'torquay'), branchWith('EX1 1AB', 'exeter')])),
  ),
  'value/coordinates-swapped': pair(geo('-3.52530', '50.46190'), geo('50.46190', '-3.52530')),
  'value/coordinates-sign': pair(geo('50.46190', '3.52530'), geo('50.46190', '-3.52530')),
  'value/country-elsewhere': pair(
    geo('50.46190', '-3.52530').replace('"GB"', '"DE"').replace('}}', '},"telephone":"+44 20 7946 0321"}'),
    geo('50.46190', '-3.52530').replace('}}', '},"telephone":"+44 20 7946 0321"}'),
  ),
  'value/coordinates-country': pair(geo('48.85661', '12.35222'), geo('50.46190', '-3.52530')),
  'value/coordinates-zero': pair(geo('0', '0'), geo('50.46190', '-3.52530')),
  'value/coordinates-coarse': pair(geo('50.4', '-3.52530'), geo('50.46190', '-3.52530')),
  'value/coordinates-incomplete': pair(
    hollins('"geo":{"@type":"GeoCoordinates","latitude":50.46190}'),
    geo('50.46190', '-3.52530'),
  ),
  'value/time': pair(
    opening('"dayOfWeek":"Monday","opens":"9:00 AM","closes":"17:00"'),
    opening('"dayOfWeek":"Monday","opens":"09:00","closes":"17:00"'),
  ),
  'value/hours': pair(hollins('"openingHours":"Mon-Fri 9-5"'), hollins('"openingHours":"Mo-Fr 09:00-17:00"')),
  'value/day': pair(
    opening('"dayOfWeek":"Mon-Fri","opens":"09:00","closes":"17:00"'),
    opening('"dayOfWeek":["Monday","Tuesday"],"opens":"09:00","closes":"17:00"'),
  ),
  'value/country': pair(hollins().replace('"GB"', '"England"'), hollins()),
  'value/postal-code': pair(hollins().replace('TQ1 2AB', 'TQ12'), hollins()),
  'value/postal-code-form': pair(hollins().replace('TQ1 2AB', 'tq12ab'), hollins()),
  'value/postal-code-elsewhere': pair(
    hollins().replace('"TQ1 2AB"', '"21000"').replace('"Saltby"', '"Zagreb"').replace('"GB"', '"HR"'),
    hollins().replace('"TQ1 2AB"', '"10000"').replace('"Saltby"', '"Zagreb"').replace('"GB"', '"HR"'),
  ),
  'value/address-part': pair(hollins().replace('"streetAddress":"9 Hollins Row",', ''), hollins()),
  'value/date': pair(
    opening('"validFrom":"25/12/2026","opens":"00:00","closes":"00:00"'),
    opening('"validFrom":"2026-12-25","opens":"00:00","closes":"00:00"'),
  ),
  'value/date-order': pair(
    hollins('"event":{"@type":"Event","name":"Eye day","startDate":"2027-03-02","endDate":"2027-03-01"}'),
    hollins('"event":{"@type":"Event","name":"Eye day","startDate":"2027-03-01","endDate":"2027-03-02"}'),
  ),
  'value/date-modified': pair(
    hollins(
      '"subjectOf":{"@type":"Article","name":"Eyes","datePublished":"2026-03-02","dateModified":"2026-03-01"}',
    ),
    hollins(
      '"subjectOf":{"@type":"Article","name":"Eyes","datePublished":"2026-03-01","dateModified":"2026-03-02"}',
    ),
  ),
  'value/position': pair(list('0'), list('1')),
  'value/email': pair(hollins('"email":"desk at hollins"'), hollins('"email":"desk@hollins.example"')),
  'value/currency': pair(
    hollins('"currenciesAccepted":"GBP, Euros"'),
    hollins('"currenciesAccepted":"GBP, EUR"'),
  ),
  'value/rating': pair(
    hollins('"aggregateRating":{"@type":"AggregateRating","ratingValue":4.9}'),
    hollins('"aggregateRating":{"@type":"AggregateRating","ratingValue":4.9,"reviewCount":31}'),
  ),
  'value/size': pair(
    hollins('"image":{"@type":"ImageObject","url":"https://hollins.example/a.jpg","width":"wide"}'),
    hollins('"image":{"@type":"ImageObject","url":"https://hollins.example/a.jpg","width":1600}'),
  ),
  'value/encoding': pair(hollins('"slogan":"FÃ¼r Sie"'), hollins('"slogan":"Für Sie"')),
  'value/escapes': pair(hollins('"slogan":"Eyes \\\\u0026 ears"'), hollins('"slogan":"Eyes & ears"')),
  'value/entities': pair(hollins('"slogan":"Eyes &amp; ears"'), hollins('"slogan":"Eyes & ears"')),
  'value/invisible': pair(hollins('"slogan":"See\u200bing"'), hollins('"slogan":"Seeing"')),
  'value/html': pair(hollins('"slogan":"<b>Seeing</b> is better"'), hollins('"slogan":"Seeing is better"')),
  'value/telephone-form': pair(
    hollins('"telephone":"+44 (0)20 7946 0321"'),
    hollins('"telephone":"+44 20 7946 0321"'),
  ),
  'value/telephone-extension': pair(
    hollins('"telephone":"+44 20 7946 0321 ext. 12"'),
    hollins('"telephone":"+44 20 7946 0321"'),
  ),
  'value/hours-no-day': pair(
    opening('"opens":"09:00","closes":"17:00"'),
    opening('"dayOfWeek":"Monday","opens":"09:00","closes":"17:00"'),
  ),
  'value/telephone-foreign': pair(
    hollins('"telephone":"+33 1 42 68 53 00"'),
    hollins('"telephone":"+44 20 7946 0321"'),
  ),
  'value/email-form': pair(
    hollins('"email":"mailto:desk@hollins.example"'),
    hollins('"email":"desk@hollins.example"'),
  ),
  'value/name': pair(
    business('"name":"Hollins Row Opticians | Eye tests, glasses, lenses, Saltby"', ADDRESS),
    hollins(),
  ),
  'value/name-capitals': pair(business('"name":"HOLLINS ROW OPTICIANS"', ADDRESS), hollins()),
  'value/po-box': pair(
    business('"name":"Hollins Row Opticians"', ADDRESS.replace('9 Hollins Row', 'PO Box 12')),
    hollins(),
  ),
  'value/street': pair(
    business('"name":"Hollins Row Opticians"', ADDRESS.replace('9 Hollins Row', '9 Hollins Row, Saltby')),
    hollins(),
  ),
  'value/town': pair(
    business('"name":"Hollins Row Opticians"', ADDRESS.replace('"Saltby"', '"Saltby TQ1 2AB"')),
    hollins(),
  ),
  'value/image': pair(
    hollins('"image":{"@type":"ImageObject","caption":"The shop"}'),
    hollins('"image":{"@type":"ImageObject","url":"https://hollins.example/a.jpg"}'),
  ),
  'value/hours-incomplete': pair(
    opening('"dayOfWeek":"Monday","opens":"09:00"'),
    opening('"dayOfWeek":"Monday","opens":"09:00","closes":"17:00"'),
  ),
  'value/hours-backwards': pair(
    opening('"dayOfWeek":"Monday","opens":"09:00","closes":"05:00"'),
    opening('"dayOfWeek":"Monday","opens":"18:00","closes":"02:00"'),
  ),
  'value/number': pair(
    hollins('"makesOffer":{"@type":"Offer","name":"Eye test","price":"£25","priceCurrency":"GBP"}'),
    hollins('"makesOffer":{"@type":"Offer","name":"Eye test","price":"25","priceCurrency":"GBP"}'),
  ),
  'value/boolean': pair(hollins('"isAccessibleForFree":"Yes"'), hollins('"isAccessibleForFree":true')),
  'value/vat': pair(hollins('"vatID":"GB12345678"'), hollins('"vatID":"GB123456789"')),
  'value/check-digit': pair(
    hollins('"globalLocationNumber":"0614141000006"'),
    hollins('"globalLocationNumber":"0614141000005"'),
  ),
  'value/shape': pair(
    hollins('"areaServed":{"@type":"GeoShape","circle":"50.46190 -3.52530"}'),
    hollins('"areaServed":{"@type":"GeoShape","circle":"50.46190 -3.52530 9000"}'),
  ),
  'value/duration': pair(
    '{"@context":"https://schema.org","@type":"HowTo","name":"Clean lenses","totalTime":"5 min"}',
    '{"@context":"https://schema.org","@type":"HowTo","name":"Clean lenses","totalTime":"PT5M"}',
  ),
  'value/language': pair(hollins('"knowsLanguage":"English"'), hollins('"knowsLanguage":"en"')),
  'value/several': pair(
    hollins('"areaServed":"Saltby, Northport, Ellery"'),
    hollins('"areaServed":["Saltby","Northport","Ellery"]'),
  ),
  'value/past': pair(
    hollins('"event":{"@type":"Event","name":"Open day","startDate":"2024-05-02"}'),
    hollins('"event":{"@type":"Event","name":"Open day","startDate":"2027-05-02"}'),
    { today: '2026-11-30' },
  ),
  'value/unit': pair(
    hollins('"numberOfEmployees":{"@type":"QuantitativeValue","value":4,"unitCode":"pcs"}'),
    hollins('"numberOfEmployees":{"@type":"QuantitativeValue","value":4,"unitCode":"C62"}'),
  ),
  'value/hours-contradiction': pair(
    hollins(
      '"openingHoursSpecification":[{"@type":"OpeningHoursSpecification","dayOfWeek":"Monday","opens":"09:00","closes":"17:00"},{"@type":"OpeningHoursSpecification","dayOfWeek":"Monday","opens":"10:00","closes":"18:00"}]',
    ),
    hollins(
      '"openingHoursSpecification":[{"@type":"OpeningHoursSpecification","dayOfWeek":"Monday","opens":"09:00","closes":"12:00"},{"@type":"OpeningHoursSpecification","dayOfWeek":"Monday","opens":"13:00","closes":"18:00"}]',
    ),
  ),
  'guideline/address-text': pair(
    business('"name":"Hollins Row Opticians"', '"address":"9 Hollins Row, Saltby TQ1 2AB"'),
    hollins(),
  ),
  'guideline/review-author': pair(
    hollins('"review":{"@type":"Review","reviewBody":"Good"}'),
    hollins('"review":{"@type":"Review","reviewBody":"Good","author":{"@type":"Person","name":"A"}}'),
  ),
  'value/region': pair(
    hollins().replace(
      '"TQ1 2AB","addressCountry":"GB"',
      '"98225","addressRegion":"OR","addressCountry":"US"',
    ),
    hollins().replace(
      '"TQ1 2AB","addressCountry":"GB"',
      '"98225","addressRegion":"WA","addressCountry":"US"',
    ),
  ),
  'value/hours-past': pair(
    opening('"validFrom":"2024-12-25","validThrough":"2024-12-25","opens":"00:00","closes":"00:00"'),
    opening('"validFrom":"2099-12-25","validThrough":"2099-12-25","opens":"00:00","closes":"00:00"'),
    { today: '2026-11-26' },
  ),
  'value/own-words': pair(
    hollins('"telephone":"020 7946 0018","description":"Glasses made here. Call 020 7946 0321."'),
    hollins('"telephone":"020 7946 0018","description":"Glasses made here. Call 020 7946 0018."'),
  ),
  'value/url-tracking': pair(
    hollins('"sameAs":"https://social.example/hollins?utm_source=x"'),
    hollins('"sameAs":"https://social.example/hollins"'),
  ),
  'value/profile': pair(
    hollins('"sameAs":"https://social.example/"'),
    hollins('"sameAs":"https://social.example/hollins"'),
  ),
  'value/profile-site': pair(
    hollins(
      '"url":"https://hollinsrow.example/truro","sameAs":["https://hollinsrow.example/","https://social.example/hollins"]',
    ),
    hollins('"url":"https://hollinsrow.example/truro","sameAs":["https://social.example/hollins"]'),
  ),
  'value/price-range': pair(
    hollins(`"priceRange":"${'from 10 to 200 pounds '.repeat(5)}"`),
    hollins('"priceRange":"££"'),
  ),
  'value/empty': pair(hollins('"telephone":""'), hollins()),
  'value/null': pair(hollins('"faxNumber":null'), hollins()),
  'value/placeholder': pair(hollins().replace('Hollins Row Opticians', 'Your Business Name'), hollins()),
  'guideline/noindex': pair(
    `<meta name="robots" content="noindex, follow">${script(hollins())}`,
    `<meta name="robots" content="index, follow">${script(hollins())}`,
  ),
  'guideline/self-rating': pair(
    hollins('"aggregateRating":{"@type":"AggregateRating","ratingValue":4.9,"reviewCount":3}'),
    hollins(),
  ),
  'guideline/required': pair(business('"name":"Hollins Row Opticians"'), hollins()),
  'guideline/recommended': pair(
    hollins(),
    hollins(
      '"telephone":"+44 20 7946 0321"',
      '"url":"https://hollins.example/"',
      '"geo":{"@type":"GeoCoordinates","latitude":50.46190,"longitude":-3.52530}',
      '"openingHours":"Mo-Fr 09:00-17:00"',
      '"image":"https://hollins.example/a.jpg"',
      '"priceRange":"££"',
    ),
  ),
  'guideline/incomplete': pair(
    hollins('"makesOffer":{"@type":"Offer","name":"Eye test","price":25}'),
    hollins('"makesOffer":{"@type":"Offer","name":"Eye test","price":25,"priceCurrency":"GBP"}'),
  ),
  'guideline/worth-having': pair(
    hollins(),
    hollins(
      '"review":{"@type":"Review","author":"A. Reader","reviewBody":"Good","reviewRating":{"@type":"Rating","ratingValue":5}}',
    ),
  ),
  'structure/other-markup': pair(
    '{"@context":"https://schema.org","@type":"Event","name":"Open day","startDate":"2027-05-01"}',
    hollins(),
  ),
  'structure/no-business': pair('<p>Opticians in Saltby', script(hollins())),
  'structure/shown-markup': pair(
    `<pre>${script(hollins()).replaceAll('<', '&lt;')}</pre>`,
    script(hollins()),
  ),
  'structure/curly-quotes': pair(
    item('<p itemprop=“name”>Hollins Row Opticians</p>'),
    item('<p itemprop="name">Hollins Row Opticians</p>'),
  ),
  'structure/itemprop-outside': pair(
    '<p itemprop="name">Hollins Row Opticians</p>',
    item('<p itemprop="name">Hollins Row Opticians</p>'),
  ),
  'structure/itemprop-idle': pair(
    '<!DOCTYPE html><html lang="en"><head><title>Eyes</title><meta itemprop="image" content="https://hollinsrow.example/a.jpg"></head><body><p>Eyes</p></body></html>',
    '<!DOCTYPE html><html lang="en"><head><title>Eyes</title></head><body><p>Eyes</p></body></html>',
  ),
  'structure/property-astray': pair(
    rdfa('<a property="telephone" content="+441304550128" href="tel:+441304550128">01304 550128</a>'),
    rdfa('<span property="telephone" content="+441304550128">01304 550128</span>'),
  ),
  'structure/no-type': pair(
    '<div itemscope><p itemprop="name">Hollins Row Opticians</p></div>',
    item('<p itemprop="name">Hollins Row Opticians</p>'),
  ),
  'structure/loose': pair(
    '<div itemscope itemtype="https://schema.org/Optician"><div itemscope itemtype="https://schema.org/PostalAddress"><span itemprop="addressLocality">Saltby</span></div></div>',
    '<div itemscope itemtype="https://schema.org/Optician"><div itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><span itemprop="addressLocality">Saltby</span></div></div>',
  ),
  'structure/misspelt': pair(
    '<div itemscope itemtype="https://schema.org/Optician"><span itemprob="name">Hollins Row</span></div>',
    '<div itemscope itemtype="https://schema.org/Optician"><span itemprop="name">Hollins Row</span></div>',
  ),
  'structure/open-quote': pair(
    '<div itemscope itemtype="https://schema.org/Optician"><meta itemprop="name" content="Hollins Row><meta itemprop="slogan" content="See well"></div>',
    '<div itemscope itemtype="https://schema.org/Optician"><meta itemprop="name" content="Hollins Row"><meta itemprop="slogan" content="See well"></div>',
  ),
  'structure/no-itemscope': pair(
    item(
      '<div itemprop="address" itemtype="https://schema.org/PostalAddress"><b itemprop="streetAddress">9 Hollins Row</b></div>',
    ),
    item(
      '<div itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><b itemprop="streetAddress">9 Hollins Row</b></div>',
    ),
  ),
  'structure/no-typeof': pair(
    rdfa('<p property="address"><b property="streetAddress">9 Hollins Row</b></p>'),
    rdfa('<p property="address" typeof="PostalAddress"><b property="streetAddress">9 Hollins Row</b></p>'),
  ),
  'structure/itemtype-relative': pair(
    '<div itemscope itemtype="Optician"><b itemprop="name">A</b></div>',
    item('<b itemprop="name">A</b>'),
  ),
  'structure/reference': pair(
    hollins('"parentOrganization":{"@id":"#company"}'),
    hollins('"parentOrganization":{"@type":"Organization","@id":"#company","name":"Hollins"}'),
  ),
  'structure/reference-elsewhere': pair(
    hollins('"parentOrganization":{"@id":"https://hollins.example/#company"}'),
    hollins(
      '"parentOrganization":{"@type":"Organization","@id":"https://hollins.example/#company","name":"Hollins"}',
    ),
  ),
  'structure/two-things': pair(
    script(hollins('"@id":"https://hollins.example/#a"')) +
      script('{"@context":"https://schema.org","@type":"WebPage","@id":"https://hollins.example/#a"}'),
    script(hollins('"@id":"https://hollins.example/#a"')) +
      script('{"@context":"https://schema.org","@type":"WebPage","@id":"https://hollins.example/#b"}'),
  ),
  'structure/id-twins': pair(
    script(hollins('"@id":"http://hollins.example/#shop"')) +
      script(hollins('"@id":"https://hollins.example/#shop"')),
    script(hollins('"@id":"https://hollins.example/#shop"')) +
      script(hollins('"@id":"https://hollins.example/#shop"')),
  ),
  'structure/double': pair(
    script(hollins('"@id":"https://hollins.example/#a"')) +
      script(hollins('"@id":"https://hollins.example/#b"')),
    script(hollins('"@id":"https://hollins.example/#a"')) +
      script(hollins('"@id":"https://hollins.example/#a"')),
  ),
  'guideline/alternative-text': pair(
    item('<img itemprop="logo" src="https://hollins.example/l.png" alt="">'),
    item('<img itemprop="logo" src="https://hollins.example/l.png" alt="Hollins Row Opticians">'),
  ),
  'agreement/position': pair(
    `<meta name="geo.position" content="51.50735;-0.12776">${script(geo('50.46190', '-3.52530'))}`,
    `<meta name="geo.position" content="50.46190;-3.52530">${script(geo('50.46190', '-3.52530'))}`,
  ),
  'agreement/canonical': pair(
    `<link rel="canonical" href="https://hollins.example/saltby/">${script(hollins('"url":"https://hollins.example/saltby"'))}`,
    `<link rel="canonical" href="https://hollins.example/saltby/">${script(hollins('"url":"https://hollins.example/saltby/"'))}`,
  ),
  'agreement/rating-not-visible': pair(
    `${script(hollins('"aggregateRating":{"@type":"AggregateRating","ratingValue":4.7,"reviewCount":128}'))}<p>Opticians</p>`,
    `${script(hollins('"aggregateRating":{"@type":"AggregateRating","ratingValue":4.7,"reviewCount":128}'))}<p>Opticians, 4.7 of 5</p>`,
  ),
  'agreement/link': pair(
    `${script(hollins())}<p>Hollins Row Opticians <a href="tel:+441803555014">01803 555041</a></p>`,
    `${script(hollins())}<p>Hollins Row Opticians <a href="tel:+441803555041">01803 555041</a></p>`,
  ),
  'agreement/head-text': pair(
    `<title>Hollins Row Opticians</title><meta name="description" content="Ring 020 7946 0999">${script(hollins('"telephone":"+44 20 7946 0321"'))}<p>Ring 020 7946 0321</p>`,
    `<title>Hollins Row Opticians</title><meta name="description" content="Ring 020 7946 0321">${script(hollins('"telephone":"+44 20 7946 0321"'))}<p>Ring 020 7946 0321</p>`,
  ),
  'structure/itemref': pair(
    '<div itemscope itemtype="https://schema.org/Optician" itemref="phone"><b itemprop="name">A</b></div><p id="telephone" itemscope>1</p>',
    '<div itemscope itemtype="https://schema.org/Optician" itemref="phone"><b itemprop="name">A</b></div><p id="phone"><b itemprop="telephone">+44 20 7946 0321</b></p>',
  ),
  'structure/content-ignored': pair(
    item('<b itemprop="telephone" content="+442079460321">Ring us</b>'),
    item('<meta itemprop="telephone" content="+442079460321">'),
  ),
  'structure/shown-otherwise': pair(
    item('<data itemprop="telephone" value="+442079460321">020 7946 0999</data>'),
    item('<data itemprop="telephone" value="+442079460321">020 7946 0321</data>'),
  ),
  'structure/no-vocab': pair(
    '<div typeof="Optician"><b property="name">A</b></div>',
    '<div vocab="https://schema.org/" typeof="Optician"><b property="name">A</b></div>',
  ),
  'structure/in-comment': pair(`<!-- ${script(hollins())} -->`, script(hollins())),
  'structure/in-template': pair(`<template>${script(hollins())}</template>`, script(hollins())),
  'structure/in-noscript': pair(
    `<noscript>${item('<b itemprop="name">A</b>')}</noscript>`,
    item('<b itemprop="name">A</b>'),
  ),
  'structure/in-frame': pair(
    '<iframe srcdoc="&lt;div itemscope itemtype=&quot;https://schema.org/Optician&quot;&gt;A&lt;/div&gt;"></iframe>',
    item('<b itemprop="name">A</b>'),
  ),
  'agreement/record': pair(
    hollins('"telephone":"+44 20 7946 0999"'),
    hollins('"telephone":"+44 20 7946 0321"'),
    { record },
  ),
  'agreement/record-spelling': pair(
    hollins().replace('Hollins Row Opticians', 'Hollins-Row Opticians'),
    hollins(),
    { record },
  ),
  'agreement/record-other': pair(
    hollins('"slogan":"We sell frames"'),
    hollins('"slogan":"Seeing is better"'),
    { record },
  ),
  'agreement/not-in-record': pair(hollins('"faxNumber":"+44 20 7946 0322"'), hollins(), { record }),
  'agreement/items': pair(
    script(hollins('"telephone":"+44 20 7946 0321"')) + script(hollins('"telephone":"+44 20 7946 0999"')),
    script(hollins('"telephone":"+44 20 7946 0321"')) + script(hollins('"telephone":"020 7946 0321"')),
  ),
  'agreement/other-page': pair(
    `<link rel="canonical" href="https://hollins.example/saltby/"><p>9 Hollins Row</p>${script(hollins('"url":"https://hollins.example/"'))}`,
    `<link rel="canonical" href="https://hollins.example/saltby/"><p>9 Hollins Row</p>${script(hollins('"url":"https://hollins.example/saltby/"'))}`,
  ),
  'agreement/url': pair(
    hollins('"url":"https://other.example/"'),
    hollins('"url":"https://hollins.example/saltby"'),
    { url: 'https://hollins.example/saltby' },
  ),
  'agreement/other-telephone': pair('<p>020 7946 0321, or 020 7946 0999</p>', '<p>020 7946 0321</p>', {
    record,
  }),
  'agreement/visitor': pair(
    `${script(hollins('"telephone":"+44 20 7946 0321"'))}<p>Ring 020 7946 0999</p>`,
    `${script(hollins('"telephone":"+44 20 7946 0321"'))}<p>Ring 020 7946 0321</p>`,
  ),
  'agreement/shown': pair(
    '<h2>Hollins Row Opticians</h2><p>9 Hollins Row, Saltby</p><p>020 7946 0999</p>',
    '<h2>Hollins Row Opticians</h2><p>9 Hollins Row, Saltby</p><p>020 7946 0321</p>',
    { record },
  ),
  'agreement/not-shown': pair(
    '<p>9 Hollins Row, Saltby</p><p>020 7946 0321</p>',
    '<h2>Hollins Row Opticians</h2><p>9 Hollins Row, Saltby</p><p>020 7946 0321</p>',
    { record },
  ),
  'agreement/not-visible': pair(
    `${script(hollins())}<p>Welcome</p>`,
    `${script(hollins())}<p>Hollins Row Opticians<br>9 Hollins Row<br>Saltby TQ1 2AB</p>`,
  ),
  'agreement/accents': pair(
    `${script(hollins())}<p>Höllins Row Opticians</p>`,
    `${script(hollins())}<p>Hollins Row Opticians</p>`,
  ),
  'agreement/hours-among-others': pair(
    `${script(hollins('"openingHours":"Mo-Fr 09:00-17:00"'))}<p>Hollins Row Opticians<br>9 Hollins Row<br>Saltby TQ1 2AB<br>Workshop: Mon–Fri 8am–4pm</p>`,
    `${script(hollins('"openingHours":"Mo-Fr 09:00-17:00"'))}<p>Hollins Row Opticians<br>9 Hollins Row<br>Saltby TQ1 2AB<br>Workshop: Mon–Fri 9am–5pm</p>`,
  ),
  'agreement/legal-form': pair(
    `${script(hollins().replace('"Hollins Row Opticians"', '"Hollins Row Opticians Ltd"'))}<p>Hollins Row Opticians<br>9 Hollins Row<br>Saltby TQ1 2AB</p>`,
    `${script(hollins('"legalName":"Hollins Row Opticians Ltd"'))}<p>Hollins Row Opticians<br>9 Hollins Row<br>Saltby TQ1 2AB</p>`,
  ),
  'agreement/hours-not-shown': pair(
    `${script(hollins('"openingHours":"Mo-Fr 09:00-17:00"'))}<p>Hollins Row Opticians<br>9 Hollins Row<br>Saltby TQ1 2AB</p>`,
    `${script(hollins('"openingHours":"Mo-Fr 09:00-17:00"'))}<p>Hollins Row Opticians<br>9 Hollins Row<br>Saltby TQ1 2AB<br>Mon–Fri 9am–5pm</p>`,
  ),
};

const branchPage = (name: string, street: string, path: string): string =>
  script(
    business(
      `"@id":"https://hollins.example/${path}#branch"`,
      `"name":"${name}"`,
      `"url":"https://hollins.example/${path}"`,
      ADDRESS.replace('9 Hollins Row', street),
    ),
  );
const saltby = branchPage('Hollins Row Opticians', '9 Hollins Row', 'saltby');
const marsh = branchPage('Hollins Row Opticians', '2 Marsh Lane', 'marsh');
const json = (page: string): string => page.replace(/<\/?script[^>]*>/g, '');
const site = (home: string, one: string, two: string): Readonly<Record<string, string>> => ({
  'https://hollins.example/': home,
  'https://hollins.example/saltby': one,
  'https://hollins.example/marsh': two,
});

/** The same for codes that only a whole site can have. */
export const siteExamples: Readonly<Partial<Record<FaultCode, SiteExample>>> = {
  'agreement/wrong-branch': {
    branches: [json(saltby), json(marsh)],
    wrong: site('<p>Home', saltby, saltby),
    right: site('<p>Home', saltby, marsh),
  },
  'agreement/pages': {
    branches: [json(saltby), json(marsh)],
    wrong: site(saltby.replace('TQ1 2AB', 'TQ1 2BA'), saltby, marsh),
    right: site(saltby, saltby, marsh),
  },
  'agreement/every-page': {
    branches: [json(saltby), json(marsh)],
    wrong: site(saltby, saltby, marsh + saltby),
    right: site('<p>Home', saltby, marsh),
  },
  'agreement/no-page': {
    branches: [json(saltby), json(marsh)],
    wrong: site('<p>Home', saltby, '<p>Marsh Lane'),
    right: site('<p>Home', saltby, marsh),
  },
};
