import * as z from 'zod';
import { knownFacts } from '#core/record';
import { publishedAsOf, publishedLists, publishedSource } from './published.ts';

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
  /** Whose lists it follows, and when they stood so; '' for none. */
  readonly source: string;
  /** Whether a source without a business is a fault. */
  readonly needsBusiness: boolean;
  readonly wants: readonly Want[];
}

export const profileNames = ['local-business', 'vocabulary'] as const;
export type ProfileName = (typeof profileNames)[number];

/** What the published lists ask of each fact; a fact that says so is at most worth having. */
const wants: readonly Want[] = knownFacts.flatMap(({ property, guideline }): Want[] => {
  if (!guideline) return [];
  const { why, also = [], atMost } = guideline;
  const list = publishedLists.find(({ required, recommended }) =>
    [...required, ...recommended].includes(property),
  );
  const weight =
    atMost ?? (list?.required.includes(property) ? 'required' : list ? 'recommended' : 'worth-having');
  const of = list && list.of !== 'LocalBusiness' ? { of: list.of } : {};
  return [{ properties: [property, ...also], weight, why, ...of }];
});

export const localBusinessProfile: Profile = {
  name: 'local-business',
  title: 'Local business',
  source: `${publishedSource}, as known in ${publishedAsOf}`,
  needsBusiness: true,
  wants,
};

/** Only whether the source is right by the standards: nothing is missed that it does not say. */
const vocabularyProfile: Profile = {
  name: 'vocabulary',
  title: 'Vocabulary only',
  source: '',
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
