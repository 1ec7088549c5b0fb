import * as z from 'zod';

/** One thing a profile asks of an item. */
export const wantSchema = z.object({
  /** One of these properties must be there; the first one is the one to name. */
  properties: z.array(z.string().trim().min(1).max(100)).min(1).max(10),
  weight: z.enum(['required', 'recommended', 'worth-having']),
  /** Asked only of this type and its subtypes. */
  of: z.string().max(100).optional(),
  why: z.string().max(500).default(''),
});
export type Want = Readonly<z.infer<typeof wantSchema>>;

/** What a guideline asks of an item, as data, so that another profile can stand beside this one. */
export interface Profile {
  readonly name: ProfileName;
  readonly title: string;
  /** Whether a source without a business is a fault. */
  readonly needsBusiness: boolean;
  readonly wants: readonly Want[];
}

export const profileNames = ['local-business', 'vocabulary'] as const;
export type ProfileName = (typeof profileNames)[number];

const want = (weight: Want['weight'], properties: readonly string[], why: string, of?: string): Want => ({
  properties: [...properties],
  weight,
  why,
  ...(of ? { of } : {}),
});

export const localBusinessProfile: Profile = {
  name: 'local-business',
  title: 'Local business',
  needsBusiness: true,
  wants: [
    want('required', ['name'], 'Without its name a machine cannot tell which business this is.'),
    want('required', ['address'], 'Without an address it is no place of business.'),
    want('recommended', ['telephone'], 'Give it with country and area code.'),
    want('recommended', ['url'], 'Give the address of this branch’s own page.'),
    want('recommended', ['geo'], 'Give latitude and longitude with at least five decimals.'),
    want(
      'recommended',
      ['openingHoursSpecification', 'openingHours'],
      'Visitors ask first whether it is open.',
    ),
    want('recommended', ['image', 'photo', 'logo'], 'Give the whole address of a picture of the place.'),
    want('recommended', ['priceRange'], 'One to four currency signs, or a range of amounts.'),
    want('recommended', ['servesCuisine'], 'Name the kind of food.', 'FoodEstablishment'),
    want('recommended', ['hasMenu', 'menu'], 'Give the address of the menu.', 'FoodEstablishment'),
    want('recommended', ['acceptsReservations'], 'Say whether tables can be reserved.', 'FoodEstablishment'),
    want(
      'worth-having',
      ['aggregateRating', 'review'],
      'Only where others rated it and the page shows it; never invent one.',
    ),
  ],
};

/** Only whether the source is right by the standards: nothing is missed that it does not say. */
export const vocabularyProfile: Profile = {
  name: 'vocabulary',
  title: 'Vocabulary only',
  needsBusiness: false,
  wants: [],
};

export const profiles: Readonly<Record<ProfileName, Profile>> = {
  'local-business': localBusinessProfile,
  vocabulary: vocabularyProfile,
};

/** A profile with what a client wants besides; what it says of a property takes the place of the profile's. */
export function profileWith(profile: Profile, additions: readonly Want[]): Profile {
  const named = new Set(additions.flatMap(({ properties }) => properties));
  const kept = profile.wants.filter(({ properties: [first = ''] }) => !named.has(first));
  return { ...profile, wants: [...kept, ...additions] };
}
