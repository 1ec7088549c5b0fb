import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { typeSize } from '../theme.ts';

/** Buttons of a bar of which one or several are pressed. */
export const toggleLook = {
  '& .MuiToggleButton-root': {
    py: 0.1,
    px: 1,
    gap: 0.5,
    textTransform: 'none',
    fontSize: typeSize.note,
    whiteSpace: 'nowrap',
  },
} as const;

/** One of two or three named values, all in sight. */
export function Toggle<T extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: Readonly<Record<T, string>>;
  value: T;
  onChange: (value: T) => void;
}) {
  return (
    <ToggleButtonGroup
      size="small"
      exclusive
      value={value}
      onChange={(_, next: T | null) => {
        if (next !== null) onChange(next);
      }}
      aria-label={label}
      sx={toggleLook}
    >
      {(Object.entries(options) as [T, string][]).map(([key, words]) => (
        <ToggleButton key={key} value={key}>
          {words}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
