import { MenuItem, Select, type SelectProps } from '@mui/material';
import { typeSize } from '../theme.ts';
import { Line } from './layout.tsx';

interface ChoiceProps<T extends string> {
  label: string;
  value: T;
  options: Readonly<Record<T, string>>;
  onChange: (value: T) => void;
  sx?: SelectProps['sx'];
  disableUnderline?: boolean;
  variant?: 'standard' | 'outlined';
}

/** One of a few named values, on a line of its own. */
export function Choice<T extends string>({
  label,
  options,
  onChange,
  variant = 'standard',
  disableUnderline = false,
  ...rest
}: ChoiceProps<T>) {
  const keys = Object.keys(options) as T[];
  return (
    <Select
      {...rest}
      {...(variant === 'standard' ? { variant, disableUnderline } : { variant, size: 'small' })}
      displayEmpty
      onChange={({ target }) => {
        const next = keys.find((key) => key === target.value);
        if (next !== undefined) onChange(next);
      }}
      inputProps={{ 'aria-label': label }}
    >
      {keys.map((key) => (
        <MenuItem key={key} value={key}>
          {options[key]}
        </MenuItem>
      ))}
    </Select>
  );
}

const inBar = {
  fontSize: typeSize.text,
  backgroundColor: '#fff',
  '& .MuiSelect-select': { py: 0.3 },
} as const;

/** The same as a box, in a bar. */
export const BoxedChoice = <T extends string>(
  props: Omit<ChoiceProps<T>, 'sx' | 'variant' | 'disableUnderline'>,
) => <Choice {...props} variant="outlined" sx={inBar} />;

/** One of many, in the browser's own list, with its label before it. */
export const LabelledSelect = ({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly (readonly [string, string])[];
  onChange: (value: string) => void;
}) => (
  <Line as="label">
    {label}
    <Select
      size="small"
      native
      value={value}
      onChange={({ target }) => onChange(target.value)}
      sx={{ fontSize: typeSize.text, height: 28 }}
    >
      {options.map(([key, text]) => (
        <option key={key} value={key}>
          {text}
        </option>
      ))}
    </Select>
  </Line>
);
