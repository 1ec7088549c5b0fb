import 'leaflet/dist/leaflet.css';
import { Box } from '@mui/material';
import { useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { addressText, countryName } from '#core/address';
import { exactnessOf, type Hit } from '#core/geocode';
import { distance, distanceText, readPin, writePoint, type Exactness, type Point } from '#core/pin';
import { countryOf, type BusinessRecord } from '#core/record';
import { usePlaces } from '../../api/queries.ts';
import { Column } from '../../parts/layout.tsx';
import { PinMap } from '../../parts/PinMap.tsx';
import { MARKS, PlaceSearch, pointOf } from '../../parts/PlaceSearch.tsx';
import { PaneBar } from '../../parts/Tray.tsx';
import { colour } from '../../theme.ts';

type Change = (change: (record: BusinessRecord) => BusinessRecord) => void;

/** Further away from its address than this, a pin is not plausible: metres. */
const PLAUSIBLE: Readonly<Record<Exactness, number>> = {
  door: 250,
  street: 1500,
  postcode: 15_000,
  town: 25_000,
};

/** The address search beside the map with the pin. */
export default function PinTray({
  record,
  change,
  tabs,
}: {
  record: BusinessRecord;
  change: Change;
  tabs: ReactNode;
}) {
  const address = addressText(record.address);
  const [typed, setTyped] = useState<string | undefined>();
  const words = typed ?? address;
  const { data } = usePlaces(useDeferredValue(words), countryOf(record));
  // Where the record's own address lies, whatever is being searched for.
  const { data: ofAddress } = usePlaces(address, countryOf(record));
  const home = ofAddress?.features[0];
  const { point } = readPin(record.pin);
  const hits = data?.features ?? [];
  const set = (next: Point, origin: 'searched' | 'dragged', exactness: Exactness | ''): void =>
    change((own) => ({ ...own, pin: { ...writePoint(next), origin, exactness } }));
  const shown = home ?? hits[0];
  return (
    <Box sx={{ flex: 1, minHeight: 0, display: 'grid', gridTemplateColumns: 'minmax(300px, 2fr) 3fr' }}>
      <Column sx={{ height: 'auto', minHeight: 0, borderRight: `1px solid ${colour.line}` }}>
        <PaneBar title="Address search">{tabs}</PaneBar>
        <PlaceSearch
          words={words}
          onWords={setTyped}
          country={countryOf(record)}
          point={point}
          onTake={(hit) => set(pointOf(hit), 'searched', exactnessOf(hit))}
        />
        <Distance record={record} point={point} home={home} />
      </Column>
      <PinMap
        point={point}
        focus={point ?? (shown && pointOf(shown))}
        onMove={(next) => set(next, 'dragged', '')}
      />
    </Box>
  );
}

/** How far the pin is from where its address lies, and whether that can be right. */
function Distance({
  record,
  point,
  home,
}: {
  record: BusinessRecord;
  point: Point | undefined;
  home: Hit | undefined;
}) {
  const words = useMemo(() => {
    if (!point) return { warn: false, text: 'No pin is set yet. Choose a place above, or click on the map.' };
    if (!home)
      return {
        warn: false,
        text: 'The address is not in the address search, so the pin cannot be compared with it.',
      };
    const exactness = exactnessOf(home);
    const metres = distance(point, pointOf(home));
    const country = home.properties.geocoding.country ?? '';
    const abroad = countryOf(record) && country.length === 2 && country !== countryOf(record);
    const far = metres > PLAUSIBLE[exactness];
    return {
      warn: far || Boolean(abroad),
      text: `The pin is ${distanceText(metres)} from the ${MARKS[exactness]} of its address${far ? '; that cannot be right' : ''}${abroad ? `, which was found in ${countryName(country)}` : ''}.`,
    };
  }, [record, point, home]);
  return (
    <Box
      role="status"
      data-distance={words.warn ? 'implausible' : 'plausible'}
      sx={{
        px: 1.5,
        py: 0.75,
        borderTop: `1px solid ${colour.light}`,
        backgroundColor: words.warn ? colour.plumLight : colour.paper,
        fontWeight: words.warn ? 600 : 400,
      }}
    >
      {words.text}
    </Box>
  );
}
