import { days, type Day } from '#core/hours';
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
      'opening;opening time;closing time;open time;close time;opens at;closes at;business hours;opening hours;hours;open hours;hours of operation;store hours;trading hours;working hours;office hours;open times;opening times;regular hours;schedule;offnungszeiten;oeffnungszeiten;horaires;horaires d ouverture;horario;horarios;horario de apertura;orari;orari di apertura;orario;openingstijden;horario de funcionamento;oppettider;godziny otwarcia',
  },
  wholeAddress: {
    label: 'Whole address',
    headings:
      'full address;address;postal address;mailing address;complete address;adresse;adresse complete;anschrift;direccion;direccion completa;indirizzo;indirizzo completo;adres;volledig adres;endereco;adress;formatted address',
  },
  houseNumber: {
    label: 'House number',
    headings:
      'house number;housenumber;house no;street number;street no;building number;hausnummer;hausnr;haus nr;hnr;numero de rue;n de rue;numero civico;n civico;civico;huisnummer;huisnr;numer domu;nr domu;cislo domu;cislo popisne;cislo domovni;hazszam;husnummer;husnr;gatenummer;numero de porta;numero exterior;kapi no;bina no;дом;номер дома;будинок;αριθμος;talonumero',
  },
  district: { label: 'District, beside the street', headings: '' },
  townLine: {
    label: 'Town with its postal code or region',
    headings: 'city line;city state zip;town and postcode;plz ort;code postal ville;cap citta;postadress',
  },
  closedDays: {
    label: 'Days closed',
    headings:
      'closed days;closed on;days closed;closing day;closing days;weekly closing day;ruhetag;ruhetage;geschlossen;geschlossen am;jour de fermeture;jours de fermeture;fermeture;jour de repos;cierre semanal;dia de cierre;dias de cierre;dia de descanso;giorno di chiusura;chiusura;giorno di riposo;sluitingsdag;gesloten;dia de encerramento;encerramento;dzien wolny;lukkedag;定休日;休業日;休診日;店休日;휴무일;휴무;정기휴무;公休日;公休;休息日;店休',
  },
  mondayToThursday: { label: 'Hours, Monday to Thursday', headings: '' },
  mondayToFriday: { label: 'Hours, Monday to Friday', headings: '' },
  mondayToSaturday: { label: 'Hours, Monday to Saturday', headings: '' },
  fridayAndSaturday: { label: 'Hours, Friday and Saturday', headings: '' },
  saturdayAndSunday: { label: 'Hours, Saturday and Sunday', headings: '' },
  coordinates: {
    label: 'Coordinates',
    headings:
      'lat lng;lat long;geo;coordinates;geo coordinates;gps;gps coordinates;latitude longitude;lat lon;lat and long;location coordinates;koordinaten;coordonnees;coordenadas;coordinate;coordinaten',
  },
} as const;
export type WholeColumn = keyof typeof wholeColumns;

/** Columns that hold the hours of several days, each the same: the first and the last of them. */
const runsOfDays = {
  mondayToThursday: ['Monday', 'Thursday'],
  mondayToFriday: ['Monday', 'Friday'],
  mondayToSaturday: ['Monday', 'Saturday'],
  fridayAndSaturday: ['Friday', 'Saturday'],
  saturdayAndSunday: ['Saturday', 'Sunday'],
} as const satisfies Partial<Record<WholeColumn, readonly [Day, Day]>>;
export type RunOfDays = keyof typeof runsOfDays;

export const isRun = (column: string | undefined): column is RunOfDays =>
  column !== undefined && Object.hasOwn(runsOfDays, column);
export const everyRun: readonly RunOfDays[] = Object.keys(runsOfDays).filter(isRun);

/** The days of a run, in the order of the week. */
export function daysOfRun(run: RunOfDays): readonly Day[] {
  const [first, last] = runsOfDays[run];
  return days.slice(days.indexOf(first), days.indexOf(last) + 1);
}

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
    headings
      .split(';')
      .filter(Boolean)
      .map((heading) => [fold(heading), column]),
  ),
  ...wholeNames.map((name): [string, Column] => [fold(wholeColumns[name].label), name]),
]);
