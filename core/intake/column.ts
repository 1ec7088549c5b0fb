import { factNamed, factRows, type Fact } from '#core/record';
import { fold } from '#core/text';

/** What becomes several facts, or is no fact: what people call it, and the headings that mean it, folded. */
const wholeColumns = {
  label: {
    label: 'Label of the branch',
    headings:
      'site;store name;store;branch name;location name;location;label;branch;outlet;outlet name;shop;shop name;office name;filiale;filialname;standort;standortname;succursale;magasin;etablissement;sucursal;tienda;sede;negozio;punto vendita;filiaal;vestiging;loja;filial;butik;oddzial;sklep;location label;internal name;nickname',
  },
  week: {
    label: 'Hours of the week',
    headings:
      'opening;business hours;opening hours;hours;open hours;hours of operation;store hours;trading hours;working hours;office hours;open times;opening times;regular hours;schedule;offnungszeiten;oeffnungszeiten;horaires;horaires d ouverture;horario;horarios;horario de apertura;orari;orari di apertura;orario;openingstijden;horario de funcionamento;oppettider;godziny otwarcia',
  },
  wholeAddress: {
    label: 'Whole address',
    headings:
      'full address;address;postal address;mailing address;complete address;adresse;adresse complete;anschrift;direccion;direccion completa;indirizzo;indirizzo completo;adres;volledig adres;endereco;adress;formatted address',
  },
  houseNumber: {
    label: 'House number',
    headings:
      'house number;house no;street number;street no;building number;hausnummer;hausnr;haus nr;hnr;numero de rue;n de rue;numero civico;n civico;civico;huisnummer;huisnr;numer domu;nr domu;cislo domu;cislo popisne;cislo domovni;hazszam;husnummer;husnr;gatenummer;numero de porta;numero exterior;kapi no;bina no;дом;номер дома;будинок;αριθμος;talonumero',
  },
  coordinates: {
    label: 'Coordinates',
    headings:
      'lat lng;lat long;geo;coordinates;geo coordinates;gps;gps coordinates;latitude longitude;lat lon;lat and long;location coordinates;koordinaten;coordonnees;coordenadas;coordinate;coordinaten',
  },
} as const;
export type WholeColumn = keyof typeof wholeColumns;

/** What a column of a spreadsheet of branches can hold. */
export type Column = Fact | WholeColumn;

const isWholeColumn = (column: string): column is WholeColumn => Object.hasOwn(wholeColumns, column);
const wholeNames = Object.keys(wholeColumns).filter(isWholeColumn);

/** Every column there is. */
export const allColumns: readonly Column[] = [...wholeNames, ...factRows.map(({ fact }) => fact)];

/** The columns of a sheet that is written without a model. */
export const usualColumns: readonly Column[] = [
  'label',
  ...factRows.flatMap(({ fact, usual }) => (usual ? [fact] : [])),
  'week',
];

/** What people call a column. */
export const columnLabel = (column: Column): string =>
  isWholeColumn(column) ? wholeColumns[column].label : (factNamed(column)?.label ?? column);

/** The column of each heading, folded: as it is called here, in other words, and in other languages. */
export const columnsByHeading: ReadonlyMap<string, Column> = new Map([
  ...factRows.flatMap(({ fact, label }): [string, Column][] => [
    [fold(fact), fact],
    [fold(label), fact],
  ]),
  ...[
    ...factRows.map(({ fact, headings = '' }) => [fact, headings] as const),
    ...wholeNames.map((name) => [name, wholeColumns[name].headings] as const),
  ].flatMap(([column, headings]): [string, Column][] =>
    headings.split(';').map((heading) => [fold(heading), column]),
  ),
  ...wholeNames.map((name): [string, Column] => [fold(wholeColumns[name].label), name]),
]);
