import { finding, shortText, type Finding } from '#core/fault';
import { itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';
import { distance, distanceText, readPin } from '#core/pin';
import { fold, westernDigits } from '#core/text';
import { areOf } from '#core/vocabulary';

/** Pins of one door are not further apart, metres. */
const ONE_DOOR = 1000;

/** A business with several names in one language: a machine takes one of them (schema.org/alternateName). */
export function judgeSeveralNames(item: ReadItem): readonly Finding[] {
  if (!areOf(item.types, 'LocalBusiness')) return [];
  const [first, ...others] = valuesOf(item, 'name').flatMap((value) =>
    value.kind === 'text' ? [value] : [],
  );
  const scriptOf = (text: string): boolean => /\p{Script=Latin}/u.test(text);
  const other = others.find(
    ({ text, language }) =>
      first &&
      fold(text) !== fold(first.text) &&
      language === first.language &&
      scriptOf(text) === scriptOf(first.text),
  );
  if (!first || !other) return [];
  const message = `This business has several names, “${shortText(first.text)}” and “${shortText(other.text)}”, of which a machine takes one. Leave the one over the door, and put the others into alternateName.`;
  return [finding('value/names-several', message, other.place, 'name')];
}

/**
 * A place of business with several addresses or pins: it is one place to a machine, and each branch an item of its own
 * (schema.org/LocalBusiness). One address in two languages has the same numbers in both.
 */
export function judgeSeveralPlaces(item: ReadItem): readonly Finding[] {
  if (!areOf(item.types, 'LocalBusiness')) return [];
  const numbersOf = (address: ReadItem): string =>
    westernDigits(`${textOf(address, 'streetAddress')} ${textOf(address, 'postalCode')}`)
      .match(/\d+/g)
      ?.toSorted()
      .join(' ') ?? '';
  const [first, ...others] = itemsOf(item, 'address').filter((one) => numbersOf(one) !== '');
  const other = first && others.find((one) => numbersOf(one) !== numbersOf(first));
  if (first && other) {
    const [one, two] = [first, other].map((address) => shortText(textOf(address, 'streetAddress')));
    const message = `This is one place of business to a machine, and it has several addresses, “${one ?? ''}” and “${two ?? ''}”. Make each branch an item of its own.`;
    return [finding('value/address-several', message, other.place, 'address')];
  }
  const [pin, ...pins] = itemsOf(item, 'geo').flatMap((geo) => {
    const { point } = readPin({ latitude: textOf(geo, 'latitude'), longitude: textOf(geo, 'longitude') });
    return point ? [{ geo, point }] : [];
  });
  const far = pin && pins.find(({ point }) => distance(pin.point, point) > ONE_DOOR);
  if (!pin || !far) return [];
  const message = `This is one place of business to a machine, and it has pins that lie ${distanceText(distance(pin.point, far.point))} apart. Make each branch an item of its own.`;
  return [finding('value/address-several', message, far.geo.place, 'geo')];
}
