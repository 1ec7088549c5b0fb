import 'leaflet/dist/leaflet.css';
import { Box, Button } from '@mui/material';
import { useMemo, useState } from 'react';
import type { Branch, Photo, PhotoWords } from '#contract';
import { addressText } from '#core/address';
import { readPin, type Point } from '#core/pin';
import { countryOf } from '#core/record';
import { counted } from '#core/text';
import { useRecords } from '../../api/queries.ts';
import { LabelledSelect } from '../../parts/Choice.tsx';
import { Column, Hint, Line } from '../../parts/layout.tsx';
import { PinMap, type MapDot } from '../../parts/PinMap.tsx';
import { PlaceSearch, pointOf } from '../../parts/PlaceSearch.tsx';
import { colour } from '../../theme.ts';
import { takenAt } from './planned.ts';

/** Where photos were taken, on the map; the pin of those in hand can be moved, or taken from elsewhere. */
export default function PlaceTray({
  branch,
  photos,
  chosen,
  onKeep,
  onDot,
}: {
  branch: Branch;
  photos: readonly Photo[];
  /** The photos in hand. */
  chosen: readonly Photo[];
  onKeep: (photos: PhotoWords['photos']) => void;
  onDot: (id: number) => void;
}) {
  const { record } = branch;
  const [words, setWords] = useState(() => addressText(record.address));
  const pin = readPin(record.pin).point;
  const own = chosen[0]?.own.point;
  const set = (point: Point | null): void => onKeep(chosen.map(({ id }) => ({ id, own: { point } })));
  const dots = useMemo(() => {
    const ids = new Set(chosen.map(({ id }) => id));
    return photos.flatMap((photo): MapDot[] => {
      const point = photo.own.point ?? takenAt(photo);
      return point ? [{ id: photo.id, point, name: photo.name, isChosen: ids.has(photo.id) }] : [];
    });
  }, [photos, chosen]);
  return (
    <Box sx={{ flex: 1, minHeight: 0, display: 'grid', gridTemplateColumns: 'minmax(300px, 2fr) 3fr' }}>
      <Column sx={{ height: 'auto', minHeight: 0, borderRight: `1px solid ${colour.line}` }}>
        <Line sx={{ px: 1.5, py: 0.75, flexWrap: 'wrap' }}>
          <Hint sx={{ flex: '1 1 100%' }}>
            {chosen.length === 0
              ? 'Select photos to give them a place of their own.'
              : `${counted(chosen.length, 'photo')} in hand: ${own ? 'a place of their own' : 'the pin of the branch'}. Drag the pin, or click on the map.`}
          </Hint>
          <Button disabled={chosen.length === 0 || !own} onClick={() => set(null)}>
            The branch’s pin
          </Button>
          <OtherPins branch={branch} disabled={chosen.length === 0} onTake={set} />
        </Line>
        <PlaceSearch
          words={words}
          onWords={setWords}
          country={countryOf(record)}
          point={own ?? pin}
          onTake={(hit) => {
            if (chosen.length > 0) set(pointOf(hit));
          }}
        />
      </Column>
      <PinMap
        point={own ?? pin}
        focus={own ?? pin ?? dots[0]?.point}
        dots={dots}
        onDot={onDot}
        onMove={(point) => {
          if (chosen.length > 0) set(point);
        }}
      />
    </Box>
  );
}

/** The pins of the client's other branches. */
function OtherPins({
  branch,
  disabled,
  onTake,
}: {
  branch: Branch;
  disabled: boolean;
  onTake: (point: Point) => void;
}) {
  const { data } = useRecords(branch.clientId);
  const others = (data?.branches ?? []).flatMap(({ id, label, record }) => {
    const { point } = readPin(record.pin);
    return point && id !== branch.id ? [{ id: String(id), label, point }] : [];
  });
  if (disabled || others.length === 0) return null;
  return (
    <LabelledSelect
      label="or the pin of"
      value=""
      options={[['', 'another branch …'], ...others.map(({ id, label }) => [id, label] as const)]}
      onChange={(id) => {
        const other = others.find((one) => one.id === id);
        if (other) onTake(other.point);
      }}
    />
  );
}
