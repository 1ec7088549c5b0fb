import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { readEntries } from '#core/record';
import { judgePicture, pictureInWords, samePictures, type Picture } from '#core/value';
import { fetchImageSize } from '../../api/queries.ts';
import { inWords } from '../../api/request.ts';
import { typeSize } from '../../theme.ts';
import type { FieldProps } from './fieldProps.ts';
import { useRecordInHand } from './useRecordInHand.ts';

/** A picture as it was opened, or why it could not be. */
type Looked = { readonly url: string } & (
  { readonly picture: Picture } | { readonly picture: undefined; readonly problem: string }
);

const look = (url: string): Promise<Looked> =>
  fetchImageSize(url).then(
    (picture) => ({ url, picture }),
    (error: unknown) => ({ url, picture: undefined, problem: inWords(error) }),
  );

const isOpenable = (url: string): boolean => /^https?:/.test(url);

/** Opens the pictures of a row, shows size, shape and weight of each, and what is wrong with it for its use. */
export function ImageHelp({ row: { fact, key }, text, change }: FieldProps) {
  const [busy, setBusy] = useState(false);
  const [looked, setLooked] = useState<readonly Looked[]>([]);
  const logo = useRecordInHand((record) => record.logo[0]?.url ?? '');
  const use = key === 'logo' ? 'logo' : 'image';
  const urls = readEntries(fact, text)
    .map(({ url = '' }) => url)
    .filter(isOpenable);
  if (urls.length === 0) return null;
  const open = async (): Promise<void> => {
    setBusy(true);
    const found: Looked[] = [];
    for (const url of urls) {
      found.push(await look(url));
      setLooked([...found]);
    }
    // The logo is looked at too, since it may be one of the pictures.
    if (use === 'image' && isOpenable(logo)) setLooked([...found, await look(logo)]);
    setBusy(false);
    change((record) => ({
      ...record,
      [use]: record[use].map((one) => {
        const picture = found.find(({ url }) => url === one.url)?.picture;
        return picture && !(one.width && one.height)
          ? { ...one, width: String(picture.width), height: String(picture.height) }
          : one;
      }),
    }));
  };
  return (
    <Box sx={{ minWidth: 0 }}>
      <Button
        variant="text"
        disabled={busy}
        onClick={() => void open()}
        sx={{ py: 0, px: 0.5, fontWeight: 400, color: 'primary.main' }}
      >
        {busy
          ? 'Looking …'
          : urls.length === 1
            ? 'Look at the picture'
            : `Look at ${String(urls.length)} pictures`}
      </Button>
      {looked.length > 0 && <Told looked={looked} use={use} count={urls.length} />}
    </Box>
  );
}

function Told({ looked, use, count }: { looked: readonly Looked[]; use: 'image' | 'logo'; count: number }) {
  const same = new Map(samePictures(looked.map(({ picture }) => picture)));
  const name = (at: number): string => (use === 'image' && at < count ? `Picture ${String(at + 1)}` : 'Logo');
  return (
    <Box component="ul" role="status" sx={told}>
      {looked.map((one, at) => {
        const twin = same.get(at);
        if (at >= count && twin === undefined) return null;
        const faults = one.picture ? judgePicture(one.picture, at < count ? use : 'logo') : [one.problem];
        const twins = twin === undefined ? [] : [`the same picture as ${name(twin).toLowerCase()}`];
        return (
          <li key={at}>
            {name(at)}: {one.picture && pictureInWords(one.picture)}
            {[...faults, ...twins].map((fault) => (
              <Box component="b" key={fault} sx={{ fontWeight: 600 }}>
                {one.picture ? '; ' : ''}
                {fault}
              </Box>
            ))}
          </li>
        );
      })}
    </Box>
  );
}

const told = {
  m: 0,
  pl: 0.5,
  pb: 0.25,
  listStyle: 'none',
  fontSize: typeSize.note,
  color: 'text.secondary',
  overflowWrap: 'anywhere',
} as const;
