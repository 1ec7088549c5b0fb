import { Box, InputBase } from '@mui/material';
import { useState } from 'react';
import { jsonValues, type JsonItem, type JsonValue } from '#core/item';
import { BESIDES, keptJson, keptText } from '#core/value';
import { expectedOf } from '#core/vocabulary';
import { TextButton } from '../../parts/TextButton.tsx';
import { colour, typeSize } from '../../theme.ts';
import { AddProperty } from './AddProperty.tsx';
import { inputLook } from './TextField.tsx';

interface ValueProps {
  readonly property: string;
  /** As it is kept: see `keptJson`. */
  readonly value: string;
  readonly label: string;
  readonly onChange: (value: string) => void;
}

const native = {
  font: 'inherit',
  fontSize: typeSize.text,
  border: 0,
  background: 'none',
  maxWidth: '100%',
} as const;

/** The value of any property: a field as schema.org expects it, an item property by property, or the text of either. */
function ValueField(props: ValueProps) {
  const { property, value, onChange } = props;
  const [asText, setAsText] = useState(false);
  const json = keptJson(props);
  const isItem = typeof json === 'object' && !('@value' in json);
  const { types } = expectedOf(property);
  return (
    <Box sx={{ minWidth: 0 }}>
      {isItem && !asText ? (
        <ItemFields {...props} item={json} />
      ) : (
        <PlainValue {...props} multiline={asText} />
      )}
      <Box sx={{ display: 'flex', gap: 1, px: 0.75, fontSize: typeSize.note, color: 'text.secondary' }}>
        {isItem && (
          <TextButton quiet aria-expanded={asText} onClick={() => setAsText(!asText)}>
            {asText ? 'as fields' : 'as text'}
          </TextButton>
        )}
        {!value &&
          types.slice(0, 3).map((type) => (
            <TextButton quiet key={type} onClick={() => onChange(JSON.stringify({ '@type': type }))}>
              {type} …
            </TextButton>
          ))}
      </Box>
    </Box>
  );
}

function PlainValue({ property, value, label, onChange, multiline }: ValueProps & { multiline: boolean }) {
  const { field, members } = expectedOf(property);
  const options = field === 'yesNo' ? ['true', 'false'] : field === 'member' ? members : [];
  if (options.length > 0 && (value === '' || options.includes(value)))
    return (
      <Box
        component="select"
        aria-label={label}
        value={value}
        onChange={({ target }: React.ChangeEvent<HTMLSelectElement>) => onChange(target.value)}
        sx={native}
      >
        {['', ...options].map((option) => (
          <option key={option} value={option}>
            {field === 'yesNo' ? ({ true: 'yes', false: 'no' }[option] ?? '…') : option || '…'}
          </option>
        ))}
      </Box>
    );
  return (
    <InputBase
      value={value}
      multiline={multiline}
      type={field === 'date' && /^(?:\d{4}-\d\d-\d\d)?$/.test(value) ? 'date' : 'text'}
      placeholder={field === 'url' ? 'https://…' : ''}
      onChange={({ target }) => onChange(target.value)}
      inputProps={{ 'aria-label': label, spellCheck: false }}
      sx={inputLook}
    />
  );
}

/** The lines of an item: its type, and each of its properties with its value. */
function ItemFields({ property, label, onChange, item }: ValueProps & { item: JsonItem }) {
  const types = jsonValues(item['@type']).filter((type) => typeof type === 'string');
  const lines = Object.entries(item)
    .filter(([name]) => !name.startsWith('@'))
    .flatMap(([name, values]) => jsonValues(values).map((value) => [name, value] as const));
  const set = (next: readonly (readonly [string, JsonValue])[]): void => {
    const names = [...new Set(next.map(([name]) => name))];
    const keywords = Object.entries(item).filter(([name]) => name.startsWith('@'));
    const said = names.map((name) => {
      const [only, ...more] = next.filter(([one]) => one === name).map(([, value]) => value);
      return [name, more.length > 0 ? [only, ...more] : only] as const;
    });
    onChange(JSON.stringify(Object.fromEntries<unknown>([...keywords, ...said])));
  };
  return (
    <Box role="group" aria-label={label} sx={{ borderLeft: `1px solid ${colour.line}`, pl: 0.75, ml: 0.25 }}>
      <Box sx={{ fontSize: typeSize.note, color: 'text.secondary' }}>
        {types.join(', ') || property}
        {typeof item['@id'] === 'string' ? ` ${item['@id']}` : ''}
      </Box>
      {lines.map(([name, value], at) => (
        <PropertyLine
          key={at}
          property={name}
          label={`${label}: ${name}`}
          value={value === '' ? '' : keptText(name, value)}
          onChange={(text) =>
            set(
              lines.map((line, place) =>
                place === at ? [name, keptJson({ property: name, value: text })] : line,
              ),
            )
          }
          onRemove={() => set(lines.filter((_, place) => place !== at))}
        />
      ))}
      <AddProperty label={`Add to ${label}`} types={types} onAdd={(name) => set([...lines, [name, '']])} />
    </Box>
  );
}

/** A property by its name, its value beside it. */
export function PropertyLine({ onRemove, ...props }: ValueProps & { onRemove: () => void }) {
  const { property, label } = props;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(70px, 130px) minmax(0, 1fr) 22px',
        columnGap: 0.5,
        borderBottom: `1px solid ${colour.light}`,
      }}
    >
      <Box component="span" sx={{ py: 0.5, overflowWrap: 'anywhere', fontSize: typeSize.note }}>
        {property === BESIDES ? 'beside it' : property}
      </Box>
      <ValueField {...props} />
      <TextButton quiet aria-label={`Remove ${label}`} title="Remove" onClick={onRemove}>
        ×
      </TextButton>
    </Box>
  );
}
