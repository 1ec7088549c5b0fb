import { InputBase } from '@mui/material';
import { useState } from 'react';
import { languageNames, languageOf } from '#core/markup';
import { blockLanguages, countryOf, type BusinessRecord, type Output } from '#core/record';
import { Choice } from './Choice.tsx';
import { Tick } from './Tick.tsx';
import { boxed } from '../theme.ts';
import { ChoiceHead, ChoiceRow } from './ChoiceRow.tsx';

type Choices = Output['block'];

const TELEPHONE = {
  national: 'as at home',
  international: 'international',
  typed: 'as typed',
  brackets: '(area) in brackets',
  dots: 'with dots',
  hyphens: 'with hyphens',
} as const;

const PARTS = [
  ['addressCountry', 'country'],
  ['addressRegion', 'region'],
  ['postalCode', 'postal code'],
] as const;

/** How what people read is written: its language and words, numbers, dates, and the address. */
export function PeopleChoices({
  block,
  record,
  set,
}: {
  block: Choices;
  record: BusinessRecord;
  set: (next: Partial<Choices>) => void;
}) {
  const usual = languageNames[languageOf(countryOf(record))];
  const languages = Object.fromEntries(blockLanguages.map((one) => [one, languageNames[one]]));
  return (
    <div>
      <ChoiceHead>For people</ChoiceHead>
      <ChoiceRow label="Language">
        <Choice
          label="Language of the block"
          value={block.language}
          options={
            { country: `of the country (${usual})`, ...languages } as Record<Choices['language'], string>
          }
          onChange={(language) => set({ language })}
        />
      </ChoiceRow>
      <ChoiceRow label="Numbers">
        <Choice
          label="Form of telephone numbers"
          value={block.telephone}
          options={TELEPHONE}
          onChange={(telephone) => set({ telephone })}
        />
      </ChoiceRow>
      <ChoiceRow label="Dates">
        <Choice
          label="Form of dates"
          value={block.dates}
          options={{ words: 'month in words', figures: 'in figures' }}
          onChange={(dates) => set({ dates })}
        />
      </ChoiceRow>
      <ChoiceRow label="Address">
        <Choice
          label="Order of the address"
          value={block.addressOrder}
          options={{
            country: 'as in its country',
            'street-first': 'street first',
            'country-first': 'country first',
          }}
          onChange={(addressOrder) => set({ addressOrder })}
        />
      </ChoiceRow>
      {PARTS.map(([part, label]) => (
        <Tick
          key={part}
          label={`Show the ${label}`}
          on={!block.withoutParts.includes(part)}
          onChange={(on) =>
            set({
              withoutParts: [...block.withoutParts.filter((one) => one !== part), ...(on ? [] : [part])],
            })
          }
        />
      ))}
      <Tick
        label="Write the email so that harvesters have it harder"
        on={block.guardEmail}
        onChange={(guardEmail) => set({ guardEmail })}
      />
      <OwnWords words={block.words} onChange={(words) => set({ words })} />
    </div>
  );
}

const written = (words: Choices['words']): string =>
  Object.entries(words)
    .map(([english, own]) => `${english} = ${own}`)
    .join('\n');

/** "closed = Ruhetag", one a line. A line that says nothing yet lives here. */
function OwnWords({
  words,
  onChange,
}: {
  words: Choices['words'];
  onChange: (words: Choices['words']) => void;
}) {
  const [text, setText] = useState(written(words));
  const set = (next: string): void => {
    setText(next);
    const pairs = next.split('\n').flatMap((line): [string, string][] => {
      const [, english = '', own = ''] = /^([^=]{1,40}?)\s*=\s*(.{1,80}?)\s*$/.exec(line) ?? [];
      return english.trim() && own ? [[english.trim(), own]] : [];
    });
    onChange(Object.fromEntries(pairs.slice(0, 60)));
  };
  return (
    <InputBase
      multiline
      minRows={2}
      value={text}
      placeholder={'Own words, one a line:\nclosed = Ruhetag'}
      onChange={({ target }) => set(target.value)}
      inputProps={{ 'aria-label': 'Own words', spellCheck: false }}
      sx={{ ...boxed, mt: 0.5, width: '100%' }}
    />
  );
}
