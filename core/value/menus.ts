import { isLink } from '#core/link';
import {
  itemsOf,
  itemValue,
  linkValue,
  textOf,
  textsOf,
  textValue,
  valuesOf,
  type MarkupValue,
  type ReadItem,
  type Said,
} from '#core/item';
import { plainText } from '#core/text';
import { entries, field, type Entry } from './entries.ts';
import { readPrice } from './services.ts';
import { plain, textKind, url } from './text.ts';

/** Something to eat or drink (schema.org/MenuItem); `price` is an amount, `currency` ISO 4217 or ''. */
interface Dish {
  readonly name: string;
  readonly description: string;
  readonly price: string;
  readonly currency: string;
}

/** A part of a menu (schema.org/MenuSection); the part before any heading has no name. */
interface MenuSection {
  readonly name: string;
  readonly dishes: readonly Dish[];
}

/**
 * The dishes of a menu as people list them, one a line: "Soup of the day – with bread, 5.50 EUR". A line that ends
 * with a colon begins a section.
 */
function readDishes(text: string): readonly MenuSection[] {
  const sections: { name: string; dishes: Dish[] }[] = [{ name: '', dishes: [] }];
  for (const line of text.split('\n').map(plainText)) {
    if (!line) continue;
    const heading = /^(.*\S)\s*[:：]$/.exec(line)?.[1];
    if (heading) sections.push({ name: heading, dishes: [] });
    else sections.at(-1)?.dishes.push(readDish(line));
  }
  return sections.filter(({ name, dishes }) => name || dishes.length > 0);
}

function readDish(line: string): Dish {
  const comma = line.lastIndexOf(', ');
  const { amount, currency } = comma > 0 ? readPrice(line.slice(comma + 2)) : { amount: '', currency: '' };
  const isPriced = /^\d+(?:\.\d{1,2})?$/.test(amount);
  const said = isPriced ? line.slice(0, comma) : line;
  const [name = '', ...rest] = said.split(' – ');
  const price = isPriced ? amount : '';
  return {
    name: name.trim(),
    description: rest.join(' – ').trim(),
    price,
    currency: isPriced ? currency : '',
  };
}

/** The same list as a text, as `readDishes` reads it. */
const writeDishes = (sections: readonly MenuSection[]): string =>
  sections
    .flatMap(({ name, dishes }) => [
      ...(name ? [`${name}:`] : []),
      ...dishes.map((dish) => {
        const price = [dish.price, dish.currency].filter(Boolean).join(' ');
        return [[dish.name, dish.description].filter(Boolean).join(' – '), price].filter(Boolean).join(', ');
      }),
    ])
    .join('\n');

const menuFields = {
  url: field('Address', url),
  name: field('Name', plain),
  dishes: field(
    'Dishes, one a line: Soup – with bread, 5.50 EUR',
    textKind('lines', { told: (text) => writeDishes(readDishes(text)) }, 20_000),
  ),
};
type Menu = Entry<keyof typeof menuFields>;

const dishValue = ({ name, description, price, currency }: Dish, facts: readonly string[]): MarkupValue =>
  itemValue(
    'MenuItem',
    [
      ['name', [textValue(name)]],
      ['description', [textValue(description)]],
      [
        'offers',
        price
          ? [
              itemValue(
                'Offer',
                [
                  ['price', [textValue(price)]],
                  ['priceCurrency', [textValue(currency)]],
                ],
                facts,
              ),
            ]
          : [],
      ],
    ],
    facts,
  );

/** A menu: its bare address, or a `Menu` with sections and dishes where more is known of it. */
function menuValue({ url: address, name, dishes }: Menu, facts: readonly string[]): MarkupValue {
  if (!plainText(name) && !plainText(dishes)) return linkValue(address);
  const said = (list: readonly Dish[]): Said => ['hasMenuItem', list.map((dish) => dishValue(dish, facts))];
  const sections = readDishes(dishes);
  return itemValue(
    'Menu',
    [
      ['name', [textValue(name)]],
      ['url', [linkValue(address)]],
      [
        'hasMenuSection',
        sections
          .filter((section) => section.name)
          .map((section) =>
            itemValue('MenuSection', [['name', [textValue(section.name)]], said(section.dishes)], facts),
          ),
      ],
      said(sections.filter((section) => !section.name).flatMap((section) => section.dishes)),
    ],
    facts,
  );
}

const dishesOf = (item: ReadItem): readonly Dish[] =>
  itemsOf(item, 'hasMenuItem').map((dish) => {
    const [offer] = itemsOf(dish, 'offers');
    return {
      name: textOf(dish, 'name').trim(),
      description: textOf(dish, 'description').trim(),
      price: offer ? textOf(offer, 'price').trim() : '',
      currency: offer ? textOf(offer, 'priceCurrency').trim() : '',
    };
  });

function menuOf(item: ReadItem): Menu {
  const sections = itemsOf(item, 'hasMenuSection').map((section) => ({
    name: textOf(section, 'name').trim(),
    dishes: dishesOf(section),
  }));
  const name = textOf(item, 'name').trim();
  const id = item.id && isLink(item.id) ? item.id : '';
  return {
    url: (textsOf(item, 'url')[0] ?? '').trim() || (name || sections.length > 0 ? '' : id),
    name,
    dishes: writeDishes([{ name: '', dishes: dishesOf(item) }, ...sections]),
  };
}

/** Menus: their addresses, or their sections and dishes with prices (schema.org/Menu). */
export const menus = entries('entries', menuFields, {
  write: (menu, _, facts) => menuValue(menu, facts),
  read: (item, property) =>
    [property, 'menu'].flatMap((name) =>
      valuesOf(item, name).flatMap((value) => {
        const menu =
          value.kind === 'text' ? { url: value.text.trim(), name: '', dishes: '' } : menuOf(value.item);
        return menu.url || menu.name || menu.dishes ? [menu] : [];
      }),
    ),
  show: ({ url: address, name }) => [name.trim(), address.trim()].filter(Boolean).join(', '),
});
