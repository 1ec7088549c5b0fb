import * as z from 'zod';
import { countryName } from '#core/address';
import { fault, type Fault } from '#core/fault';
import { isDate, isDateOrYear, isTimeZone } from '#core/hours';
import {
  itemsOf,
  itemValue,
  linkValue,
  numberValue,
  textOf,
  textsOf,
  textValue,
  valuesOf,
  type ReadItem,
} from '#core/item';
import { judgeEmail, judgeProfile, judgeUrl } from '#core/link';
import { machineForms, messagingAddress, readTelephone } from '#core/phone';
import { judgePriceRange } from '#core/price';
import { plainText } from '#core/text';
import { currenciesMeant, judgeCurrencies } from './currency.ts';
import { gradeShown } from './grade.ts';
import type { Around, ValueKind } from './kind.ts';
import { dateMeant, dateOrYearMeant, emailMeant, telephoneMeant, urlMeant, yesNoMeant } from './meant.ts';
import { judgeText } from './placeholder.ts';
import { judgeVat } from './vat.ts';

/** A kind whose values are texts as typed. */
export type TextKind = ValueKind<string>;

/** The first value of a property; of an item its address or name. */
const firstOf = (item: ReadItem, property: string): string => textsOf(item, property)[0] ?? '';

/** A text, and what is special about it. */
export function textKind(name: string, special: Partial<TextKind> = {}, most = 2000): TextKind {
  const { isAddress = false } = special;
  return {
    name,
    schema: z.string().max(most).default(''),
    text: (value) => value,
    parse: (text) => text,
    judge: () => [],
    told: plainText,
    write: (value) => [textValue(value)],
    read: firstOf,
    show: (value) => value.trim(),
    grade: ({ told, read }) => gradeShown(told.trim(), read.trim(), { isAddress }),
    ...special,
  };
}

/** What a page-address pattern may name of a branch. */
export const patternWords = ['name', 'code', 'street', 'town', 'region', 'postcode', 'country'] as const;

/** The words of a pattern that stand for nothing, in their braces. */
export const unknownPatternWords = (pattern: string): readonly string[] =>
  [...pattern.matchAll(/\{([^{}]*)\}/g)].flatMap(([whole, word]) =>
    patternWords.some((known) => known === word) ? [] : [whole],
  );

/** Some text of no form. */
export const plain = textKind('text');
export const shortPlain = textKind('text', {}, 200);

/** A value added tax number. */
export const vatId = textKind('vatId', { judge: judgeVat }, 200);

/** Words for people, which may be left over from a template. */
export const words = textKind('words', { judge: (value) => judgeText(value, 'name') });
export const prose = textKind(
  'prose',
  {
    judge: (value) => judgeText(value, 'description'),
    becomes: (value) => (value ? `${String(value.trim().length)} characters` : ''),
  },
  20_000,
);

const address: Partial<TextKind> = {
  judge: judgeUrl,
  meant: urlMeant,
  write: (value) => [linkValue(value)],
  links: (value, change) => change(value, ''),
  isAddress: true,
};
/** The address of a page or a file. */
export const url = textKind('url', address);
/** The address of a profile elsewhere. */
export const profile = textKind('profile', {
  ...address,
  judge: (value, { text }) => judgeProfile(value, text('url')),
});

const blankParted = (text: string): readonly string[] => plainText(text).split(' ').filter(Boolean);

/** Several addresses in one text, a blank between them. */
export const addresses = textKind('url', {
  isAddress: true,
  judge: (value) => blankParted(value).flatMap(judgeUrl),
  told: (value) => blankParted(value).join(' '),
  write: (value) => blankParted(value).map(linkValue),
  read: (item, property) => textsOf(item, property).map(plainText).filter(Boolean).join(' '),
  links: (value, change) =>
    blankParted(value)
      .map((one) => change(one, ''))
      .filter(Boolean)
      .join(' '),
});

/** A name of a thing for machines (`@id`). */
export const id = textKind('id', {
  judge: (value) =>
    /\s/.test(value.trim()) ? [fault('value/url', `“${value}” has blanks; an @id is an address.`)] : [],
  read: (item) => item.id ?? '',
  links: (value, change) => change(value, ''),
});

/** The address behind an action, such as where to order. */
export const action = (type: string): TextKind =>
  textKind('url', {
    ...address,
    write: (value, _, fact) => [
      {
        kind: 'item',
        item: {
          types: [type],
          id: '',
          properties: plainText(value)
            ? [
                {
                  name: 'target',
                  facts: [fact],
                  values: [
                    {
                      kind: 'item',
                      item: {
                        types: ['EntryPoint'],
                        id: '',
                        properties: [{ name: 'urlTemplate', facts: [fact], values: [textValue(value)] }],
                      },
                    },
                  ],
                },
              ]
            : [],
        },
      },
    ],
    read: (item, property) => {
      for (const value of valuesOf(item, property)) {
        if (value.kind !== 'item' || !value.item.types.includes(type)) continue;
        const [target] = valuesOf(value.item, 'target');
        if (target?.kind !== 'item') return textOf(value.item, 'target').trim();
        return (textOf(target.item, 'urlTemplate') || textOf(target.item, 'url')).trim();
      }
      return '';
    },
  });

/** The address of a page that is of a type by itself, such as an AboutPage. */
export const pageOf = (type: string): TextKind =>
  textKind('url', {
    ...address,
    write: (value, _, fact) =>
      plainText(value) ? [itemValue(type, [['url', [linkValue(value)]]], [fact])] : [],
    read: (item, property) => {
      for (const { types, ...page } of itemsOf(item, property))
        if (types.includes(type)) return firstOf({ types, ...page }, 'url').trim() || (page.id ?? '');
      return '';
    },
  });

/** A telephone number as markup writes it: international where it can be read, else as typed. */
export const telephoneText = (typed: string, country: string): string =>
  machineForms(typed, country)?.international ?? plainText(typed);

/** What is dialled, and in which country it was read; '' for no number. */
function dialled(typed: string, { country }: Around, scheme = ''): string {
  const { telephone } = readTelephone(typed, country);
  if (!telephone) return '';
  const { national, international, e164, assumedCountry } = telephone;
  const assumed = assumedCountry ? `, read in ${countryName(country)}` : '';
  return `${national} · ${international} · ${scheme}${e164}${assumed}`;
}

/** A telephone number (E.164, RFC 3966), in whatever way it is typed. */
export const telephone = textKind(
  'telephone',
  {
    judge: (value, { country }) => readTelephone(value, country).faults,
    told: (value, { country }) => telephoneText(value, country),
    write: (value, { country }) => [textValue(telephoneText(value, country))],
    read: (item, property) => textOf(item, property).trim(),
    telephones: (value) => [value],
    becomes: dialled,
    meant: telephoneMeant,
    isMachineForm: true,
  },
  200,
);

/** A number that takes text messages (RFC 5724). */
export const messaging: TextKind = {
  ...telephone,
  becomes: (value, around) => dialled(value, around, 'sms:'),
};

/** The address that begins a message to a number; '' for no number. */
export function messageAddress(number: string, country: string, text: string): string {
  const forms = machineForms(number, country);
  return forms ? messagingAddress(forms, plainText(text)) : '';
}

/** The address of a messaging service, `{number}` standing for the digits of the number and `{text}` for the message. */
export const messagingService = textKind('text', {
  judge: (value) => {
    const unknown = [...value.matchAll(/\{[^{}]*\}/g)].filter(
      ([word]) => !/^\{(?:number|text)\}$/.test(word),
    );
    if (unknown.length > 0)
      return [
        fault(
          'value/placeholder',
          `${unknown.map(([word]) => word).join(', ')} stands for nothing. Write {number} and {text}.`,
        ),
      ];
    return judgeUrl(value.replace(/\{[^{}]*\}/g, '1'));
  },
  told: (value, { country, text }) => {
    const forms = machineForms(text('messaging'), country);
    if (!forms || !plainText(value)) return '';
    return plainText(value)
      .replaceAll('{number}', forms.e164.replace(/\D/g, ''))
      .replaceAll('{text}', encodeURIComponent(plainText(text('messagingText'))));
  },
  links: (value, change) => (change(value.replace(/\{[^{}]*\}/g, '1'), '') === '' ? '' : value),
});

export const email = textKind(
  'email',
  {
    judge: judgeEmail,
    meant: emailMeant,
    read: (item, property) =>
      textOf(item, property)
        .trim()
        .replace(/^mailto:/i, ''),
  },
  200,
);

export const priceRange = textKind(
  'priceRange',
  {
    judge: (value, { country }) => judgePriceRange(value, country),
    read: (item, property) => textOf(item, property).trim(),
  },
  500,
);

/** Several values in one text, parted by commas. */
const joined = (item: ReadItem, property: string): string =>
  valuesOf(item, property)
    .flatMap((value) => (value.kind === 'text' ? [value.text.trim()] : []))
    .join(', ');
export const enumeration = textKind('text', { read: joined });
/** Codes of ISO 4217. */
export const currencies = textKind(
  'currencies',
  {
    judge: (text, { country }) => judgeCurrencies(text, country),
    meant: (text, { country }) => currenciesMeant(text, country),
    read: joined,
  },
  200,
);

/** A date of the calendar as ISO 8601 writes it. */
export const date = textKind('date', { judge: judgeDate, meant: dateMeant }, 200);

function judgeDate(value: string): readonly Fault[] {
  if (!value.trim() || isDate(value.trim())) return [];
  return [fault('value/date', `“${value}” is no date. Write year, month and day: 2026-12-25.`)];
}

/** A date of which perhaps only the year or month is known. */
export const dateOrYear = textKind(
  'dateOrYear',
  {
    meant: dateOrYearMeant,
    judge: (value) =>
      !value.trim() || isDateOrYear(value.trim())
        ? []
        : [fault('value/date', `“${value}” is no date. Write a year, or year, month and day: 1987-04-30.`)],
  },
  200,
);

/** A number, such as a rating. */
export const number = textKind(
  'number',
  { write: (value) => [numberValue(value)], read: (item, property) => textOf(item, property).trim() },
  200,
);

/** A time zone of the IANA database. */
export const timeZone = textKind(
  'timeZone',
  {
    judge: (value) => {
      const zone = value.trim();
      if (!zone || isTimeZone(zone)) return [];
      return [fault('value/time-zone', `“${zone}” is no time zone. Write one like America/Los_Angeles.`)];
    },
    told: () => '',
    read: () => '',
  },
  200,
);

/** "Yes" or "No", or the address where it can be done. */
function answer(typed: string): string {
  const written = plainText(typed);
  if (/^(yes|true)$/i.test(written)) return 'Yes';
  return /^(no|false)$/i.test(written) ? 'No' : written;
}

/** "yes", "no", or an address. */
export const yesNoOrUrl = textKind('yesNoOrUrl', {
  meant: (value) => yesNoMeant(value) || urlMeant(value),
  judge: (value) => (/^\s*(|yes|no|true|false)\s*$/i.test(value) ? [] : judgeUrl(value)),
  told: (value) => answer(value).replace(/^(Yes|No)$/, (word) => word.toLowerCase()),
  write: (value) => {
    const written = answer(value);
    return [/^https?:/i.test(written) ? linkValue(written) : textValue(written)];
  },
  read: (item, property) => {
    const written = textOf(item, property)
      .trim()
      .replace(/^https?:\/\/schema\.org\//, '');
    return answer(written).replace(/^(Yes|No)$/, (word) => word.toLowerCase());
  },
  links: (value, change) => change(value, ''),
});

export const entriesOf = (count: number): string => (count > 1 ? `${String(count)} entries` : '');

/** A list of texts, one a line. */
export function listOf(
  one: TextKind,
  { mostEntries = 100, mostCharacters = 2000, name = `${one.name}List` } = {},
): ValueKind<string[]> {
  const { isAddress = false, links } = one;
  return {
    name,
    schema: z.array(z.string().max(mostCharacters)).max(mostEntries).default([]),
    text: (value) => value.join('\n'),
    parse: (text) =>
      text
        .split('\n')
        .map((entry) => entry.trim())
        .filter(Boolean),
    judge: (value, around) => value.flatMap((entry) => one.judge(entry, around)),
    told: (value) => value.map(plainText).filter(Boolean),
    write: (value, around, fact) => value.flatMap((entry) => one.write(entry, around, fact)),
    read: textsOf,
    show: (value) => value.join('\n').trim(),
    grade: ({ told, read }) => gradeShown(told.join('\n').trim(), read.join('\n').trim(), { isAddress }),
    becomes: (value) => entriesOf(value.length),
    isAddress,
    ...(links ? { links: (value, change) => value.map((entry) => change(entry, '')).filter(Boolean) } : {}),
  };
}

/** A web address with words in braces for facts of a branch. */
export const pagePattern = textKind('text', {
  // It says nothing to anybody: it makes addresses.
  told: () => '',
  read: () => '',
  judge: (value) => {
    if (!value.trim()) return [];
    const unknown = unknownPatternWords(value);
    if (unknown.length > 0)
      return [
        fault(
          'value/placeholder',
          `${unknown.join(', ')} stands for nothing. Write ${patternWords.map((word) => `{${word}}`).join(' ')}.`,
        ),
      ];
    return judgeUrl(value.replace(/\{[^{}]*\}/g, 'x'));
  },
});
