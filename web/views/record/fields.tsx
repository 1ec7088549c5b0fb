import type { ComponentType } from 'react';
import { factOf, type FactRow } from '#core/record';
import { AreaHelp } from './AreaHelp.tsx';
import { EntriesField } from './EntriesField.tsx';
import { ImageHelp } from './ImageHelp.tsx';
import { KeptField } from './KeptField.tsx';
import { MeantHelp } from './MeantHelp.tsx';
import { PageAddressField } from './PageAddressField.tsx';
import { PriceHelp } from './PriceHelp.tsx';
import { ProfileHelp } from './ProfileHelp.tsx';
import { SpecialHours } from './SpecialHours.tsx';
import { TextField } from './TextField.tsx';
import { TypeField } from './TypeField.tsx';
import type { FieldProps } from './fieldProps.ts';
import { ZoneField } from './ZoneField.tsx';

/** A text with help under it. */
const helped =
  (
    Help: ComponentType<FieldProps>,
    Control: ComponentType<FieldProps> = TextField,
  ): ComponentType<FieldProps> =>
  (props) => (
    <>
      <Control {...props} />
      <Help {...props} />
    </>
  );

/** Entries with help beside their “Add”. */
const helpedEntries =
  (Help: ComponentType<FieldProps>): ComponentType<FieldProps> =>
  (props) => (
    <EntriesField {...props}>
      <Help {...props} />
    </EntriesField>
  );

const MeantField = helped(MeantHelp);

/** The controls for facts whose kinds others share. */
const BY_FACT: Readonly<Record<string, ComponentType<FieldProps>>> = {
  url: helped(MeantHelp, PageAddressField),
  areaServed: helpedEntries(AreaHelp),
};

/** The controls for the values of a kind. What is not named is edited as a text, or entry by entry. */
const BY_KIND: Readonly<Record<string, ComponentType<FieldProps>>> = {
  types: TypeField,
  timeZone: ZoneField,
  exceptions: SpecialHours,
  kept: KeptField,
  images: helpedEntries(ImageHelp),
  priceRange: helped(PriceHelp),
  profiles: helped(ProfileHelp),
};

/** The control for a fact's value. */
export function Field(props: FieldProps) {
  const { key } = props.row;
  const kind = factOf(key)?.kind;
  const Control = BY_FACT[key] ?? BY_KIND[kind?.name ?? ''] ?? (kind?.fields ? EntriesField : MeantField);
  return <Control {...props} />;
}

/** Whether a fact is edited entry by entry. */
export const hasEntries = ({ key }: FactRow): boolean => factOf(key)?.kind.fields !== undefined;
