/** Whose lists these are. */
export const publishedSource = 'the search engines’ guidelines for local businesses';
/** When they were known so, from the trade’s notes; nobody fetched them (ISO 8601, year and month). */
export const publishedAsOf = '2026-11';

/** What is asked of a class and the classes under it. */
interface PublishedList {
  readonly of: string;
  readonly required: readonly string[];
  readonly recommended: readonly string[];
}

/** The lists by class: what stands in none of them is at most worth having. */
export const publishedLists: readonly PublishedList[] = [
  {
    of: 'LocalBusiness',
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
    required: [],
    recommended: ['servesCuisine', 'hasMenu', 'acceptsReservations'],
  },
];
