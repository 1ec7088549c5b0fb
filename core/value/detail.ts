import { fault } from '#core/fault';
import { itemsOf, itemValue, textOf, textValue, valuesOf, type MarkupValue, type ReadItem } from '#core/item';
import { isMachineTime } from '#core/hours';
import { plainText } from '#core/text';
import { memberNamed } from '#core/vocabulary';
import type { ValueKind } from './kind.ts';
import { countMeant, starsMeant, timeMeant, yesNoMeant } from './meant.ts';
import { listOf, number, plain, textKind } from './text.ts';

/** "yes" or "no" in any spelling; what is neither as typed. */
function truth(typed: string): string {
  const written = plainText(typed).replace(/^https?:\/\/schema\.org\//, '');
  if (/^(?:yes|true)$/i.test(written)) return 'yes';
  return /^(?:no|false)$/i.test(written) ? 'no' : written;
}

/** A truth (schema.org/Boolean); some properties may also say it in words. */
export const yesNo = textKind(
  'yesNo',
  {
    meant: yesNoMeant,
    told: truth,
    write: (value) => {
      const written = truth(value);
      if (written !== 'yes' && written !== 'no') return [textValue(written)];
      return [{ kind: 'boolean', text: String(written === 'yes') }];
    },
    read: (item, property) => truth(textOf(item, property)),
  },
  500,
);

/** A time of the day (ISO 8601). */
export const time = textKind(
  'time',
  {
    meant: timeMeant,
    judge: (value) =>
      !value.trim() || isMachineTime(value.trim())
        ? []
        : [fault('value/time', `“${value}” is no time. Write hours and minutes: 14:00.`)],
    read: (item, property) => textOf(item, property).trim(),
  },
  60,
);

/** A whole number of things; markup may say it as a quantity (schema.org/QuantitativeValue). */
export const count = textKind(
  'number',
  {
    ...number,
    meant: countMeant,
    judge: (value) =>
      !value.trim() || /^\d{1,9}$/.test(value.trim())
        ? []
        : [fault('value/size', `“${value}” is no whole number. Write one like 12.`)],
    read: (item, property) => {
      const [quantity] = itemsOf(item, property);
      return (quantity ? textOf(quantity, 'value') : textOf(item, property)).trim();
    },
  },
  60,
);

/** How many stars an official body gave (schema.org/Rating). */
export const stars = textKind(
  'number',
  {
    meant: starsMeant,
    judge: (value) =>
      !value.trim() || /^[1-7](?:\.5)?$/.test(value.trim())
        ? []
        : [fault('value/rating', `“${value}” are no stars. Write a number from 1 to 7.`)],
    write: (value, around, fact) => [
      itemValue('Rating', [['ratingValue', number.write(value, around, fact)]], [fact]),
    ],
    read: (item, property) => {
      const [rating] = itemsOf(item, property);
      return (rating ? textOf(rating, 'ratingValue') : textOf(item, property)).trim();
    },
  },
  20,
);

/** Names of things, one a line, each said as an item of a type; `extra` properties go with every one. */
export const namesOf = (
  type: string,
  extra: readonly (readonly [name: string, value: MarkupValue])[] = [],
): ValueKind<string[]> => ({
  ...listOf(plain),
  write: (value, _, fact) =>
    value.map((name) =>
      plainText(name)
        ? itemValue(
            type,
            [['name', [textValue(name)]], ...extra.map(([key, one]) => [key, [one]] as const)],
            [fact],
          )
        : textValue(''),
    ),
  read: (item, property) => namesIn(item, property),
});

function namesIn(item: ReadItem, property: string): string[] {
  return valuesOf(item, property).flatMap((value) => {
    const text = (value.kind === 'text' ? value.text : textOf(value.item, 'name')).trim();
    return text ? [text] : [];
  });
}

/** Members of an enumeration of schema.org, one a line, each said by its address. */
export const membersKind: ValueKind<string[]> = {
  ...listOf(plain),
  judge: (value) =>
    value.flatMap((name) =>
      memberNamed(plainText(name))
        ? []
        : [fault('vocabulary/enumeration', `schema.org knows no ${plainText(name)}.`)],
    ),
  write: (value) =>
    value.map((name): MarkupValue => {
      const text = plainText(name);
      return memberNamed(text) ? { kind: 'link', text: `https://schema.org/${text}` } : textValue(text);
    }),
  read: (item, property) =>
    namesIn(item, property).map((text) => text.replace(/^https?:\/\/schema\.org\//, '')),
};
