import { fault } from '#core/fault';
import { itemValue, linkValue, numberValue, textOf, textValue, valuesOf } from '#core/item';
import { writeDegrees } from '#core/pin';
import { plainText } from '#core/text';
import { isSubtype } from '#core/vocabulary';
import { entries, field } from './entries.ts';
import { namedItem } from './named.ts';
import { plain, textKind, url } from './text.ts';

const placeFields = {
  name: field('Place', plain),
  url: field('Address of the place', url),
  kind: field(
    'Kind',
    textKind(
      'type',
      {
        judge: (value) =>
          !value.trim() || isSubtype(plainText(value), 'Place')
            ? []
            : [
                fault(
                  'vocabulary/unknown-type',
                  `${plainText(value)} is no kind of place. Write City, State, Country …`,
                ),
              ],
      },
      100,
    ),
  ),
  radius: field(
    'Kilometres around',
    textKind(
      'number',
      {
        judge: (value) =>
          !value.trim() || kilometres(value) > 0
            ? []
            : [fault('value/size', `“${value}” is no distance in kilometres. Write a number like 25.`)],
        told: (value) => (kilometres(value) > 0 ? String(kilometres(value)) : ''),
      },
      20,
    ),
  ),
};

/** A distance in kilometres; 0 where there is none. */
const kilometres = (text: string): number => {
  const number = Number(plainText(text).replace(',', '.'));
  return Number.isFinite(number) && number > 0 && number < 20_000 ? Math.round(number * 1000) / 1000 : 0;
};

/** Where a business comes to: places with the address that says which is meant, or a circle around its own pin. */
export const places = entries('entries', placeFields, {
  write: ({ name, url: page, kind, radius }, { text }, facts) => {
    const [latitude, longitude] = [text('pin.latitude'), text('pin.longitude')].map(writeDegrees);
    const metres = Math.round(kilometres(radius) * 1000);
    if (metres > 0 && latitude && longitude)
      return itemValue(
        'GeoCircle',
        [
          ['name', [textValue(name)]],
          ['sameAs', [linkValue(page)]],
          [
            'geoMidpoint',
            [
              itemValue(
                'GeoCoordinates',
                [
                  ['latitude', [numberValue(latitude)]],
                  ['longitude', [numberValue(longitude)]],
                ],
                facts,
              ),
            ],
          ],
          ['geoRadius', [numberValue(String(metres))]],
        ],
        facts,
      );
    const type = plainText(kind);
    if (!plainText(page) && !type) return textValue(name);
    return plainText(name) || plainText(page)
      ? namedItem(type || 'Place', { name, url: page }, facts)
      : textValue('');
  },
  read: (item, property) =>
    valuesOf(item, property).flatMap((value) => {
      if (value.kind === 'text') {
        const name = value.text.trim();
        return name ? [{ name, url: '', kind: '', radius: '' }] : [];
      }
      const [type = ''] = value.item.types;
      const metres = type === 'GeoCircle' ? parseFloat(textOf(value.item, 'geoRadius')) : 0;
      const entry = {
        name: textOf(value.item, 'name').trim(),
        url: (textOf(value.item, 'sameAs') || textOf(value.item, 'url')).trim(),
        kind: type === 'Place' || type === 'GeoCircle' ? '' : type,
        radius: metres > 0 ? String(metres / 1000) : '',
      };
      return entry.name || entry.url || entry.radius ? [entry] : [];
    }),
  told: (simple, _, { text }) => {
    const hasPin = Boolean(writeDegrees(text('pin.latitude')) && writeDegrees(text('pin.longitude')));
    const radius = hasPin ? simple.radius : '';
    return [{ ...simple, radius, kind: radius || simple.kind === 'Place' ? '' : simple.kind }];
  },
  tells: ({ name, url: page, radius }) => Boolean(name || page || radius),
});
