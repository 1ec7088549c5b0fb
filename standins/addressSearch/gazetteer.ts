import { countryCode, countryName, regionNamed, regionsOf } from '#core/address';
import { distance } from '#core/pin';
import { fold } from '#core/text';
import { hit, type Hit } from '#core/geocode';

/** A town or a postal code of the gazetteer. */
export interface Locality {
  readonly kind: 'town' | 'postcode';
  readonly name: string;
  /** The town of a postal code; '' for towns. */
  readonly town: string;
  readonly region: string;
  /** ISO 3166-1 alpha-2. */
  readonly country: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly population: number;
  /** An address that says which place is meant; '' where none is known. */
  readonly reference: string;
}

interface Keyed {
  readonly key: string;
  readonly place: Locality;
}

/** About how far the point of a town or a postal code may be from any of its doors, metres. */
const ACCURACY = { town: 5000, postcode: 2000 } as const;

/** All places of the world by the beginnings of their names. Made once, asked often. */
export class Gazetteer {
  readonly #sorted: readonly Keyed[];
  readonly #cells = new Map<string, Locality[]>();

  constructor(places: readonly Locality[]) {
    this.#sorted = places
      .map((place) => ({ key: fold(place.name), place }))
      .sort((a, b) => (a.key < b.key ? -1 : a.key > b.key ? 1 : 0));
    for (const place of places) {
      if (place.kind !== 'town') continue;
      const cell = cellOf(place.latitude, place.longitude);
      const list = this.#cells.get(cell);
      if (list) list.push(place);
      else this.#cells.set(cell, [place]);
    }
  }

  /**
   * Places whose names begin with the words, best first: whole names before beginnings, large towns before
   * small ones. Words after a comma, or behind a name that is whole, say the region or the country.
   */
  search(words: string, most: number, home = ''): readonly Hit[] {
    const parts = words
      .split(',')
      .map((part) => part.trim())
      .filter(Boolean);
    const [typed = '', ...rest] = parts;
    // Of Canadian codes the gazetteer knows the first half.
    const first = /^[a-z]\d[a-z] ?\d[a-z]\d$/i.test(typed) ? typed.slice(0, 3) : typed;
    let found = this.#find(fold(first), rest, most, home);
    const names = fold(first).split(' ');
    for (let cut = names.length - 1; found.length === 0 && cut > 0; cut -= 1)
      found = this.#find(names.slice(0, cut).join(' '), [names.slice(cut).join(' '), ...rest], most, home);
    return found.map(asHit);
  }

  #find(key: string, qualifiers: readonly string[], most: number, home: string): readonly Locality[] {
    if (!key) return [];
    const wanted = qualifiers.map(qualifier);
    const best: { place: Locality; weight: number }[] = [];
    for (let at = this.#firstFrom(key); at < this.#sorted.length; at += 1) {
      const entry = this.#sorted[at];
      if (!entry?.key.startsWith(key)) break;
      if (!wanted.every((fits) => fits(entry.place))) continue;
      const whole = entry.key === key;
      const weight =
        (whole ? 1e12 : 0) + (home && entry.place.country === home ? 1e10 : 0) + entry.place.population;
      const last = best[best.length - 1];
      if (best.length >= most && last && weight <= last.weight) continue;
      let into = best.length;
      while (into > 0 && (best[into - 1]?.weight ?? 0) < weight) into -= 1;
      best.splice(into, 0, { place: entry.place, weight });
      if (best.length > most) best.pop();
    }
    return best.map(({ place }) => place);
  }

  /** The first entry that does not come before the key. */
  #firstFrom(key: string): number {
    let [low, high] = [0, this.#sorted.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.#sorted[middle]?.key ?? '') < key) low = middle + 1;
      else high = middle;
    }
    return low;
  }

  /** The largest towns within a box (degrees), at most so many. */
  within(south: number, west: number, north: number, east: number, most: number): readonly Locality[] {
    const found: Locality[] = [];
    const [rows, columns] = [
      [Math.floor(south), Math.floor(north)],
      [Math.floor(west), Math.floor(east)],
    ] as const;
    if ((rows[1] - rows[0]) * (columns[1] - columns[0]) > 400) {
      for (const list of this.#cells.values()) take(list);
    } else {
      for (let row = rows[0]; row <= rows[1]; row += 1)
        for (let column = columns[0]; column <= columns[1]; column += 1)
          take(this.#cells.get(`${String(row)},${String(column)}`) ?? []);
    }
    return found.sort((a, b) => b.population - a.population).slice(0, most);

    function take(list: readonly Locality[]): void {
      for (const place of list)
        if (
          place.latitude >= south &&
          place.latitude <= north &&
          place.longitude >= west &&
          place.longitude <= east
        )
          found.push(place);
    }
  }

  /** The town nearest to a point, and how far it is in metres. */
  nearest(
    latitude: number,
    longitude: number,
  ): { readonly place: Locality; readonly metres: number } | undefined {
    let best: { place: Locality; metres: number } | undefined;
    for (let row = -1; row <= 1; row += 1)
      for (let column = -1; column <= 1; column += 1)
        for (const place of this.#cells.get(cellOf(latitude + row, longitude + column)) ?? []) {
          const metres = distance({ latitude, longitude }, place);
          if (!best || metres < best.metres) best = { place, metres };
        }
    return best;
  }
}

const cellOf = (latitude: number, longitude: number): string =>
  `${String(Math.floor(latitude))},${String(Math.floor(longitude))}`;

/** Whether a place fits words that name its region, country, town or postal code. */
function qualifier(words: string): (place: Locality) => boolean {
  const written = words.trim();
  const key = fold(written);
  const country = countryCode(written);
  return (place) => {
    if (country && place.country === country) return true;
    if (
      place.region &&
      (fold(place.region) === key || regionNamed(written, place.country)?.code === place.region)
    )
      return true;
    if (place.kind === 'postcode' && fold(place.town) === key) return true;
    // "WA 98299": a region and a postal code, of which the town knows only the region.
    const [first = '', ...rest] = written.split(' ');
    return (
      rest.length > 0 && /\d/.test(rest.join('')) && regionNamed(first, place.country)?.code === place.region
    );
  };
}

function asHit(place: Locality): Hit {
  const { kind, name, town, region, country, latitude, longitude, reference } = place;
  const parts = [
    kind === 'postcode' ? `${name} ${town}` : name,
    region && regionLabel(region, country),
    countryName(country),
  ];
  return hit(kind === 'town' ? 'city' : 'postcode', longitude, latitude, {
    label: parts.filter(Boolean).join(', '),
    name,
    accuracy: ACCURACY[kind],
    city: kind === 'town' ? name : town,
    state: region,
    country,
    ...(kind === 'postcode' ? { postcode: name } : {}),
    ...(reference ? { reference } : {}),
  });
}

const regionLabel = (region: string, country: string): string =>
  regionsOf(country).find(({ code }) => code === region)?.name ?? (/^\d+$/.test(region) ? '' : region);
