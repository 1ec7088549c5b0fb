import { Box, Button, InputBase } from '@mui/material';
import type { ReactNode } from 'react';
import { colour } from '../../theme.ts';

/** A row of the sheet to paste something into as it comes, with what is read in it, to be taken or not. */
export function PasteRow({
  id,
  label,
  placeholder,
  text,
  multiline = false,
  canTake,
  beside,
  onText,
  onTake,
  children,
}: {
  id: string;
  label: string;
  placeholder: string;
  text: string;
  /** Several lines; Enter then begins another and takes nothing. */
  multiline?: boolean;
  canTake: boolean;
  beside?: ReactNode;
  onText: (text: string) => void;
  onTake: () => void;
  /** What is read in the text. */
  children: ReactNode;
}) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: '150px 1fr',
        columnGap: 1.5,
        px: 2,
        py: 0.5,
        borderBottom: `1px solid ${colour.light}`,
      }}
    >
      <Box component="label" htmlFor={id} sx={{ color: 'text.secondary', py: 0.25 }}>
        {label}
      </Box>
      <Box>
        <Box sx={{ display: 'flex', gap: 1, alignItems: multiline ? 'stretch' : 'center' }}>
          <InputBase
            id={id}
            value={text}
            multiline={multiline}
            placeholder={placeholder}
            onChange={({ target }) => onText(target.value)}
            onKeyDown={(event) => {
              if (multiline || event.key !== 'Enter') return;
              event.preventDefault();
              if (canTake) onTake();
            }}
            sx={{
              flex: 1,
              px: 0.75,
              py: 0,
              border: `1px solid ${colour.light}`,
              '&.Mui-focused': { backgroundColor: '#fff' },
              '& .MuiInputBase-input': { p: 0, py: 0.35 },
            }}
          />
          <Button disabled={!canTake} onClick={onTake}>
            Take
          </Button>
          {beside}
        </Box>
        {children}
      </Box>
    </Box>
  );
}
