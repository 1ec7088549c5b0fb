import { Tab, Tabs } from '@mui/material';
import { colour, typeSize } from '../theme.ts';

const look = {
  flex: 'none',
  minHeight: 32,
  px: 1,
  borderBottom: `1px solid ${colour.light}`,
  '& .MuiTab-root': { minHeight: 32, py: 0.5, px: 1.25, minWidth: 0, fontSize: typeSize.body },
} as const;

/** The parts of a view, one of which is shown. */
export const TabBar = <T extends string>({
  label,
  tabs,
  value,
  onChange,
}: {
  label: string;
  tabs: Readonly<Record<T, string>>;
  value: T;
  onChange: (value: T) => void;
}) => (
  <Tabs value={value} onChange={(_, next: T) => onChange(next)} aria-label={label} sx={look}>
    {(Object.entries(tabs) as [T, string][]).map(([key, words]) => (
      <Tab key={key} value={key} label={words} disableRipple />
    ))}
  </Tabs>
);
