/** What a search engine asks of a class and the classes under it, as it stood on a date. */
interface PublishedList {
  readonly of: string;
  readonly source: string;
  /** ISO 8601, year and month. */
  readonly asOf: string;
  readonly required: readonly string[];
  readonly recommended: readonly string[];
}

const SOURCE = 'the search engines’ documentation of markup for local businesses';

/** The lists by class: what stands in none of them is at most worth having. */
export const publishedLists: readonly PublishedList[] = [
  {
    of: 'LocalBusiness',
    source: SOURCE,
    asOf: '2026-11',
    required: ['name', 'address'],
    recommended: [
      'telephone',
      'url',
      'geo',
      'openingHoursSpecification',
      'image',
      'priceRange',
      'aggregateRating',
      'review',
      'department',
    ],
  },
  {
    of: 'FoodEstablishment',
    source: SOURCE,
    asOf: '2026-11',
    required: [],
    recommended: ['servesCuisine', 'hasMenu', 'acceptsReservations'],
  },
];
