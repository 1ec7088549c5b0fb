import { Box } from '@mui/material';
import type { ButtonHTMLAttributes } from 'react';
import { colour } from '../theme.ts';

const look = {
  font: 'inherit',
  color: colour.plum,
  background: 'none',
  border: 0,
  p: 0,
  cursor: 'pointer',
  textAlign: 'left',
  '&:disabled': { color: colour.middle, cursor: 'default' },
} as const;
const underlined = { ...look, textDecoration: 'underline' } as const;
const quiet = { ...look, color: colour.middle, '&:hover': { color: colour.plum } } as const;

/** A button that reads as a part of its line: underlined as a link is, or `quiet` until somebody points at it. */
export const TextButton = ({
  quiet: isQuiet = false,
  ...attributes
}: ButtonHTMLAttributes<HTMLButtonElement> & { quiet?: boolean }) => (
  <Box component="button" type="button" {...attributes} sx={isQuiet ? quiet : underlined} />
);
