import { countryCode, countryName, type Address } from '#core/address';
import { itemsOf, textOf, type ReadItem } from '#core/item';
import { distance, distanceText, readPin } from '#core/pin';
import { address, addressDetail, pin, places, townInWords, url } from '#core/value';
import { fact, partedFact } from '../descriptor.ts';

const besideAddress = (item: ReadItem, name: string): string => {
  const [address] = itemsOf(item, 'address');
  return address ? textOf(address, name).trim() : '';
};

/** Where it is. */
export const place = {
  address: partedFact(
    'place',
    address,
    {
      streetAddress: {
        label: 'Street',
        about: 'Street and number',
        wanted: 'required',
        headings:
          'address1;street;address line 1;address 1;street address;address street;street name;street and number;road;addr;addr1;adresszeile 1;strasse;strasse und hausnummer;strasse hausnummer;rue;voie;adresse 1;calle;via;straat;straat en huisnummer;rua;logradouro;gata;gatuadress;ulica',
        usual: true,
        ask: { at: 3, question: 'Street and house number', how: '214 Quay Street' },
        look: 'street',
        sameWords: true,
        identifying: true,
        visible: true,
      },
      addressLocality: {
        label: 'Town',
        about: 'Town or city',
        wanted: 'required',
        headings:
          'post town;suburb;locality;town;city;municipality;village;place;ort;stadt;wohnort;gemeinde;ville;commune;ciudad;localidad;poblacion;municipio;citta;comune;localita;plaats;woonplaats;stad;gemeente;cidade;postort;miasto;miejscowosc',
        usual: true,
        ask: { at: 4, question: 'Town', how: 'Port Ellery' },
        look: 'town',
        sameWords: true,
        identifying: true,
      },
      addressRegion: {
        label: 'Region',
        about: 'State, province or county',
        wanted: 'recommended',
        headings:
          'administrative area;region;county;province;state;state province;state region;prov;prefecture;departement;bundesland;land kanton;kanton;provincia;comunidad;estado;regione;provincie;lan;wojewodztwo;st',
        usual: true,
        ask: { at: 5, question: 'State, province or county', how: 'WA' },
        look: 'region',
      },
      postalCode: {
        label: 'Postal code',
        about: 'Postal code',
        wanted: 'required',
        headings:
          'eircode;zipcode;postal code;post code;postcode;zip code;zip;post zip;zip postal code;zip postcode;pin code;pincode;plz;postleitzahl;code postal;cp;codigo postal;cap;codice postale;cep;postnummer;postnr;kod pocztowy',
        usual: true,
        ask: { at: 6, question: 'Postal code', how: '98299' },
        look: 'code',
        sameWords: true,
        identifying: true,
      },
      addressCountry: {
        label: 'Country',
        about: 'Two-letter code',
        wanted: 'required',
        hint: 'US, GB …',
        headings:
          'country region;country code;country;nation;iso country;country iso;country name;pays;pais;paese;nazione;staat;kraj',
        usual: true,
        ask: { at: 7, question: 'Country', how: 'US' },
        look: 'country',
        identifying: true,
      },
    },
    {
      whole: 'Address',
      property: 'address',
      facts: ['address.streetAddress'],
      inheritedByPart: true,
      changedByPart: true,
      guideline: { why: 'Without an address it is no place of business.' },
      compared: { core: true, first: 3 },
      block: { at: 3, card: true },
      understood: {
        addressLocality: townInWords,
        addressCountry: ({ addressCountry }: Address) => countryName(countryCode(addressCountry)),
      },
    },
  ),
  extendedAddress: fact(
    'place',
    addressDetail,
    {
      label: 'Second line',
      about: 'Building, floor or unit, under the street',
      headings:
        'address line 2;address 2;address2;addr2;street 2;street address 2;second line;address line 3;address 3;address3;street 3;suite;unit;floor;building;building name;adresszusatz;complement d adresse;complemento',
      property: 'address',
      goesWith: 'address.streetAddress',
      facts: ['extendedAddress'],
      block: { card: true },
    },
    { write: () => [], read: (item) => besideAddress(item, 'extendedAddress') },
  ),
  postOfficeBoxNumber: fact(
    'place',
    addressDetail,
    {
      label: 'PO box',
      about: 'The number of the box at the post office',
      headings: 'po box;post office box;postfach;boite postale;apartado;casella postale',
      property: 'address',
      goesWith: 'address.addressLocality',
      facts: ['postOfficeBoxNumber'],
      block: { card: true },
    },
    { write: () => [], read: (item) => besideAddress(item, 'postOfficeBoxNumber') },
  ),
  pin: partedFact(
    'place',
    pin,
    {
      latitude: {
        label: 'Latitude',
        about: 'Degrees north',
        wanted: 'recommended',
        hint: '48.51234',
        headings:
          'latitude;lat;breitengrad;breite;latitud;latitudine;breedtegraad;szerokosc;y;geo lat;gps lat',
        usual: true,
      },
      longitude: {
        label: 'Longitude',
        about: 'Degrees east',
        wanted: 'recommended',
        hint: '-122.61230',
        headings:
          'longitude;long;lon;lng;langengrad;laengengrad;lange;longitud;longitudine;lengtegraad;dlugosc;x;geo lng;geo long;gps lng;gps lon;gps long',
        usual: true,
      },
      origin: { label: 'Pin from', about: 'Where the pin came from', shown: 'beside' },
      exactness: {
        label: 'Pin exactness',
        about: 'What the pin marks: door, street, postcode or town',
        shown: 'beside',
      },
    },
    {
      whole: 'Coordinates',
      property: 'geo',
      alsoRead: ['latitude', 'longitude'],
      facts: ['pin.latitude'],
      guideline: {
        why: 'Give latitude and longitude with at least five decimals.',
      },
      // Who comes to customers and names no street has no door to mark on a map.
      spared: ({ text }) => text('areaServed').trim() !== '' && text('address.streetAddress').trim() === '',
      compared: { core: true, first: 4, as: 'whole', identifying: true },
      block: { forMachines: true },
      understood: {
        '': (value, _, record) => {
          const { point } = readPin(value);
          if (!point) return 'no place on the map';
          const half = (degrees: number, positive: string, negative: string): string =>
            `${Math.abs(degrees).toFixed(5)}° ${degrees < 0 ? negative : positive}`;
          const where = `${half(point.latitude, 'north', 'south')}, ${half(point.longitude, 'east', 'west')}`;
          const own = record && readPin(record.value).point;
          const away = own ? distance(own, point) : 0;
          return own && away > 1 ? `${where}; ${distanceText(away)} from the pin` : where;
        },
      },
    },
  ),
  hasMap: fact('place', url, {
    label: 'Map profile',
    about: 'Address of the map profile',
    hint: 'https://…',
    headings:
      'maps;map;map url;map link;maps url;maps link;map profile;place url;karte;kartenlink;lien carte',
    property: 'hasMap',
    block: { label: 'Map', at: 8, card: true, linkText: 'Show on a map' },
  }),
  areaServed: fact('place', places, {
    label: 'Service area',
    about: 'Places the business comes to, with their addresses',
    headings:
      'service area;service areas;areas served;delivery area;einzugsgebiet;liefergebiet;zone desservie;zona de servicio',
    ask: { at: 18, question: 'Which places do you come to?', how: 'One a line' },
    property: 'areaServed',
    block: { label: 'We serve', inLine: true },
  }),
};
