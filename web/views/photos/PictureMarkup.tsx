import { Box, Button, TextField } from '@mui/material';
import { useState } from 'react';
import type { Photo } from '#contract';
import {
  imageElements,
  imageObjects,
  imageSitemap,
  type PlannedPicture,
  type ToldPicture,
} from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { downloadText, useCopy } from '../../parts/actions.ts';
import { Frame } from '../../parts/Frame.tsx';
import { Fill, Hint, Line } from '../../parts/layout.tsx';
import { TabBar } from '../../parts/TabBar.tsx';
import { mono } from '../../theme.ts';

const TABS = { jsonld: 'ImageObject (JSON-LD)', html: 'img elements', sitemap: 'Image sitemap' } as const;
const FILES = {
  jsonld: ['pictures-markup.html', 'text/html'],
  html: ['pictures.html', 'text/html'],
  sitemap: ['image-sitemap.xml', 'application/xml'],
} as const;

const toldOf = (
  { carried }: Photo,
  { fields, name }: PlannedPicture,
  stampedName: string | undefined,
): ToldPicture => ({
  name: stampedName ?? name,
  title: fields.title,
  caption: fields.caption,
  alt: fields.alt,
  author: fields.author,
  copyright: fields.copyright,
  width: carried?.width ?? 0,
  height: carried?.height ?? 0,
  point: fields.point,
});

/** The pictures as pages and machines are told of them. */
export function PictureMarkup({
  photos,
  planned,
  record,
  onClose,
}: {
  photos: readonly Photo[];
  planned: ReadonlyMap<number, PlannedPicture>;
  record: BusinessRecord;
  onClose: () => void;
}) {
  const [tab, setTab] = useState<keyof typeof TABS>('jsonld');
  const origin = /^https?:\/\/[^/]+/.exec(record.url.trim())?.[0] ?? 'https://';
  const [folder, setFolder] = useState(`${origin}/images/`);
  const copy = useCopy();
  const pictures = photos.flatMap((photo) => {
    const one = planned.get(photo.id);
    return one ? [toldOf(photo, one, photo.stamped?.name)] : [];
  });
  const text = {
    jsonld: () => imageObjects(pictures, folder),
    html: () => imageElements(pictures, folder),
    sitemap: () => imageSitemap(pictures, folder, record.url),
  }[tab]();
  const [file, type] = FILES[tab];
  return (
    <Frame
      title="Markup of the photos"
      width="md"
      onClose={onClose}
      actions={
        <>
          <Button onClick={() => downloadText(text, file, type)}>Download</Button>
          <Button onClick={() => copy(text, TABS[tab])}>Copy</Button>
          <Button variant="contained" onClick={onClose}>
            Close
          </Button>
        </>
      }
    >
      <Line sx={{ my: 1 }}>
        <TextField
          label="Address of the folder where they will lie"
          value={folder}
          onChange={({ target }) => setFolder(target.value)}
          sx={{ width: 380 }}
        />
        <Fill />
        <Hint>{String(pictures.length)} of the branch’s photos</Hint>
      </Line>
      <TabBar label="Forms of the markup" tabs={TABS} value={tab} onChange={setTab} />
      <Box
        component="pre"
        tabIndex={0}
        aria-label={TABS[tab]}
        sx={{ m: 0, p: 1.5, height: 320, overflow: 'auto', fontFamily: mono, fontSize: 12.5 }}
      >
        {text}
      </Box>
    </Frame>
  );
}
