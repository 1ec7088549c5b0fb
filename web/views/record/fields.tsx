import type { ComponentType } from 'react';
import { factOf, type FactRow } from '#core/record';
import { AreaHelp } from './AreaHelp.tsx';
import { EntriesField } from './EntriesField.tsx';
import { ImageHelp } from './ImageHelp.tsx';
import { KeptField } from './KeptField.tsx';
import { PageAddressField } from './PageAddressField.tsx';
import { PriceHelp } from './PriceHelp.tsx';
import { ProfileHelp } from './ProfileHelp.tsx';
import { SpecialHours } from './SpecialHours.tsx';
import { TextField } from './TextField.tsx';
import { TypeField } from './TypeField.tsx';
import type { FieldProps } from './fieldProps.ts';
import { ZoneField } from './ZoneField.tsx';

/** The control for the values of a kind. A kind that is not named here is edited as a text, or entry by entry. */
const FIELDS: Readonly<Record<string, ComponentType<FieldProps>>> = {
  types: TypeField,
  timeZone: ZoneField,
  exceptions: SpecialHours,
  kept: KeptField,
  images: (props) => (
    <EntriesField {...props}>
      <ImageHelp {...props} />
    </EntriesField>
  ),
  priceRange: (props) => (
    <>
      <TextField {...props} />
      <PriceHelp {...props} />
    </>
  ),
  profiles: (props) => (
    <>
      <TextField {...props} />
      <ProfileHelp {...props} />
    </>
  ),
};

/** The control for a fact's value. */
export function Field(props: FieldProps) {
  const { key } = props.row;
  const kind = factOf(key)?.kind;
  if (key === 'url') return <PageAddressField {...props} />;
  if (key === 'areaServed')
    return (
      <EntriesField {...props}>
        <AreaHelp {...props} />
      </EntriesField>
    );
  if (key === 'logo')
    return (
      <>
        <TextField {...props} />
        <ImageHelp {...props} />
      </>
    );
  const Control = FIELDS[kind?.name ?? ''] ?? (kind?.fields ? EntriesField : TextField);
  return <Control {...props} />;
}

/** Whether a fact is edited entry by entry. */
export const hasEntries = ({ key }: FactRow): boolean => factOf(key)?.kind.fields !== undefined;
