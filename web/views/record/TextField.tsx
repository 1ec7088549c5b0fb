import { InputBase } from '@mui/material';
import { useState } from 'react';
import { emptyRecord, factOf } from '#core/record';
import { typeSize } from '../../theme.ts';
import type { FieldProps } from './fieldProps.ts';

/** How values look that are edited in place. */
export const inputLook = {
  width: '100%',
  fontSize: typeSize.text,
  py: 0.3,
  px: 0.75,
  '& .MuiInputBase-input': { p: 0, py: 0.25 },
  '&:hover': { backgroundColor: '#fff' },
  '&.Mui-focused': { backgroundColor: '#fff' },
} as const;

/** Browsers that size a field by its text are spared measuring it in script at every letter. */
const growsItself = typeof CSS !== 'undefined' && CSS.supports('field-sizing', 'content');
const growing = growsItself ? { multiline: true, rows: 1 } : { multiline: true };
const look = growsItself ? ({ ...inputLook, '& textarea': { fieldSizing: 'content' } } as const) : inputLook;

/** A fact's text, or a list with one entry a line. */
export function TextField({
  row: { fact, key, hint },
  text,
  onSet,
  describedBy,
  invalid,
}: Pick<FieldProps, 'text' | 'onSet' | 'describedBy' | 'invalid'> & {
  row: Pick<FieldProps['row'], 'fact' | 'key' | 'hint'>;
}) {
  const isList = Array.isArray(emptyRecord[key]);
  const isProse = factOf(key)?.kind.name === 'prose';
  // A list drops blank lines when it is read, so the line just begun lives here until something stands in it.
  const [typed, setTyped] = useState(text);
  const trimmed = typed
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .join('\n');
  return (
    <InputBase
      id={`fact-${fact}`}
      value={isList && trimmed === text ? typed : text}
      {...(isList || isProse ? growing : {})}
      placeholder={hint}
      onChange={({ target }) => {
        setTyped(target.value);
        onSet(fact, target.value);
      }}
      inputProps={{ 'aria-describedby': describedBy, 'aria-invalid': invalid, spellCheck: isProse }}
      sx={look}
    />
  );
}
