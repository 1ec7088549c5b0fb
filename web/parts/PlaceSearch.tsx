import { Box, Button, InputBase } from '@mui/material';
import { useDeferredValue } from 'react';
import { exactnessOf, type Hit } from '#core/geocode';
import { distance, distanceText, type Exactness, type Point } from '#core/pin';
import { usePlaces } from '../api/queries.ts';
import { inWords } from '../api/request.ts';
import { boxed } from '../theme.ts';
import { Hint, ListRow, Plain, Remark, Scroll, Soft, Words } from './layout.tsx';

/** What a hit of each exactness marks. */
export const MARKS: Readonly<Record<Exactness, string>> = {
  door: 'door',
  street: 'street',
  postcode: 'postal code',
  town: 'town',
};

export const pointOf = ({ geometry: { coordinates } }: Hit): Point => ({
  longitude: coordinates[0],
  latitude: coordinates[1],
});

/** The address search: what is typed, and the places that were found. */
export function PlaceSearch({
  words,
  onWords,
  country,
  point,
  onTake,
}: {
  words: string;
  onWords: (words: string) => void;
  /** ISO 3166-1 alpha-2. */
  country: string;
  /** Where the pin is: places say how far they are from it. */
  point: Point | undefined;
  onTake: (hit: Hit) => void;
}) {
  const { data, error } = usePlaces(useDeferredValue(words), country);
  const hits = data?.features ?? [];
  return (
    <>
      <Box sx={{ px: 1.5, py: 0.75 }}>
        <InputBase
          type="search"
          value={words}
          placeholder="Street and number, town, postal code"
          onChange={({ target }) => onWords(target.value)}
          inputProps={{ 'aria-label': 'Search for an address' }}
          sx={{ ...boxed, width: '100%' }}
        />
      </Box>
      <Scroll>
        {error && <Remark role="alert">{inWords(error)}</Remark>}
        {data && hits.length === 0 && words.trim().length > 1 && (
          <Remark>
            <Soft>
              Nothing found. Try the street without its number, or the town; the pin can be dragged to the
              door.
            </Soft>
          </Remark>
        )}
        <Plain aria-label="Places found">
          {hits.map((one, at) => (
            <Result key={at} hit={one} point={point} onTake={() => onTake(one)} />
          ))}
        </Plain>
      </Scroll>
    </>
  );
}

function Result({ hit, point, onTake }: { hit: Hit; point: Point | undefined; onTake: () => void }) {
  const exactness = exactnessOf(hit);
  const act = exactness === 'door' || exactness === 'street' ? 'Set pin' : 'Set roughly';
  const away = point && distanceText(distance(point, pointOf(hit)));
  return (
    <ListRow sx={{ alignItems: 'center', px: 1.5 }}>
      <Words>
        {hit.properties.geocoding.label}
        <Hint>
          marks the {MARKS[exactness]}
          {exactness !== 'door' && ' only'}
          {away !== undefined && `, ${away} from the pin`}
        </Hint>
      </Words>
      <Button aria-label={`${act}: ${hit.properties.geocoding.label}`} onClick={onTake}>
        {act}
      </Button>
    </ListRow>
  );
}
