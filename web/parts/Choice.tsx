import { MenuItem, Select, type SelectProps } from '@mui/material';

/** One of a few named values. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
  sx,
  disableUnderline = false,
}: {
  label: string;
  value: T;
  options: Readonly<Record<T, string>>;
  onChange: (value: T) => void;
  sx?: SelectProps['sx'];
  disableUnderline?: boolean;
}) {
  const keys = Object.keys(options) as T[];
  return (
    <Select
      variant="standard"
      disableUnderline={disableUnderline}
      value={value}
      onChange={({ target }) => {
        const next = keys.find((key) => key === target.value);
        if (next !== undefined) onChange(next);
      }}
      inputProps={{ 'aria-label': label }}
      sx={sx}
    >
      {keys.map((key) => (
        <MenuItem key={key} value={key}>
          {options[key]}
        </MenuItem>
      ))}
    </Select>
  );
}
