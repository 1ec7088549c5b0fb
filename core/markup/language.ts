import { countryName } from '#core/address';
import { days, type Day, type HoursWords } from '#core/hours';

/** The languages that blocks are written in. */
export const blockLanguages = ['en', 'de', 'fr', 'es', 'it', 'nl', 'ja'] as const;
export type BlockLanguage = (typeof blockLanguages)[number];

/** What they call themselves. */
export const languageNames: Readonly<Record<BlockLanguage, string>> = {
  en: 'English',
  de: 'Deutsch',
  fr: 'Français',
  es: 'Español',
  it: 'Italiano',
  nl: 'Nederlands',
  ja: '日本語',
};

/** Countries (ISO 3166-1 alpha-2) by the language that most of their people read; English where none is named. */
const SPOKEN: Readonly<Record<Exclude<BlockLanguage, 'en'>, string>> = {
  de: 'DE AT CH LI',
  fr: 'FR MC LU SN CI BF ML NE TG BJ GA CG MQ GP RE GF NC PF',
  es: 'ES MX AR CO CL PE EC UY PY BO VE CR PA GT HN NI SV DO CU PR GQ',
  it: 'IT SM VA',
  nl: 'NL BE SR AW CW SX',
  ja: 'JP',
};

export const languageOf = (country: string): BlockLanguage =>
  blockLanguages.find((language) => language !== 'en' && SPOKEN[language].split(' ').includes(country)) ??
  'en';

interface Words {
  /** Monday first, as short as hours tables have them. */
  readonly days: string;
  /** January first. */
  readonly months: string;
  /** A date of the parts that are known, the month in words. */
  readonly date: (day: string, month: string, year: string) => string;
  /** The same in figures; a day is always known. */
  readonly figures: (day: string, month: string, year: string) => string;
  readonly closed: string;
  readonly allDay: string;
  readonly appointment: string;
  /** What stands between what a label calls and its value. */
  readonly colon: string;
  /** What labels and other words of a block are in this language. */
  readonly said: Readonly<Record<string, string>>;
}

const joined = (...parts: readonly string[]): string => parts.filter(Boolean).join(' ');

const english: Words = {
  days: 'Mon Tue Wed Thu Fri Sat Sun',
  months: 'January February March April May June July August September October November December',
  date: joined,
  figures: (day, month, year) => `${day}/${month}/${year}`,
  closed: 'closed',
  allDay: 'open 24 hours',
  appointment: 'by appointment',
  colon: ': ',
  said: {},
};

const german: Words = {
  days: 'Mo Di Mi Do Fr Sa So',
  months: 'Januar Februar März April Mai Juni Juli August September Oktober November Dezember',
  date: (day, month, year) => joined(day && `${day}.`, month, year),
  figures: (day, month, year) => `${day}.${month}.${year}`,
  closed: 'geschlossen',
  allDay: 'rund um die Uhr geöffnet',
  appointment: 'nach Vereinbarung',
  colon: ': ',
  said: {
    'Opening hours': 'Öffnungszeiten',
    Telephone: 'Telefon',
    Mobile: 'Mobil',
    'Text messages': 'SMS',
    Fax: 'Fax',
    Email: 'E-Mail',
    Contact: 'Kontakt',
    Map: 'Karte',
    'Show on a map': 'Auf der Karte zeigen',
    'We serve': 'Einzugsgebiet',
    'Price range': 'Preisklasse',
    Cuisine: 'Küche',
    Menu: 'Speisekarte',
    Reservations: 'Reservierung',
    Currencies: 'Währungen',
    Payment: 'Zahlungsarten',
    Services: 'Leistungen',
    Departments: 'Abteilungen',
    Order: 'Bestellen',
    Book: 'Termin buchen',
    Rating: 'Bewertung',
    Reviews: 'Bewertungen',
    'Also known as': 'Auch bekannt als',
    'Legal name': 'Firma',
    Founded: 'Gegründet',
    'Founded by': 'Gegründet von',
    Branch: 'Filiale',
    'VAT number': 'USt-IdNr.',
    'Tax number': 'Steuernummer',
    'Part of': 'Gehört zu',
    of: 'von',
    from: 'aus',
    reviews: 'Bewertungen',
  },
};

const french: Words = {
  days: 'lun. mar. mer. jeu. ven. sam. dim.',
  months: 'janvier février mars avril mai juin juillet août septembre octobre novembre décembre',
  date: (day, month, year) => joined(day === '1' ? '1er' : day, month, year),
  figures: (day, month, year) => `${day}/${month}/${year}`,
  closed: 'fermé',
  allDay: 'ouvert 24 h/24',
  appointment: 'sur rendez-vous',
  colon: '\u00a0: ',
  said: {
    'Opening hours': 'Horaires d’ouverture',
    Telephone: 'Téléphone',
    Mobile: 'Mobile',
    'Text messages': 'SMS',
    Fax: 'Fax',
    Email: 'E-mail',
    Contact: 'Contact',
    Map: 'Plan',
    'Show on a map': 'Voir sur la carte',
    'We serve': 'Zone desservie',
    'Price range': 'Gamme de prix',
    Cuisine: 'Cuisine',
    Menu: 'Carte',
    Reservations: 'Réservations',
    Currencies: 'Devises',
    Payment: 'Moyens de paiement',
    Services: 'Services',
    Departments: 'Services internes',
    Order: 'Commander',
    Book: 'Prendre rendez-vous',
    Rating: 'Note',
    Reviews: 'Avis',
    'Also known as': 'Aussi appelé',
    'Legal name': 'Raison sociale',
    Founded: 'Fondé en',
    'Founded by': 'Fondé par',
    Branch: 'Établissement',
    'VAT number': 'N° TVA',
    'Tax number': 'N° fiscal',
    'Part of': 'Fait partie de',
    of: 'sur',
    from: 'd’après',
    reviews: 'avis',
  },
};

const spanish: Words = {
  days: 'lun mar mié jue vie sáb dom',
  months: 'enero febrero marzo abril mayo junio julio agosto septiembre octubre noviembre diciembre',
  date: (day, month, year) => [day, month, year].filter(Boolean).join(' de '),
  figures: (day, month, year) => `${day}/${month}/${year}`,
  closed: 'cerrado',
  allDay: 'abierto 24 horas',
  appointment: 'con cita previa',
  colon: ': ',
  said: {
    'Opening hours': 'Horario',
    Telephone: 'Teléfono',
    Mobile: 'Móvil',
    'Text messages': 'SMS',
    Fax: 'Fax',
    Email: 'Correo electrónico',
    Contact: 'Contacto',
    Map: 'Mapa',
    'Show on a map': 'Ver en el mapa',
    'We serve': 'Zona de servicio',
    'Price range': 'Precios',
    Cuisine: 'Cocina',
    Menu: 'Carta',
    Reservations: 'Reservas',
    Currencies: 'Monedas',
    Payment: 'Formas de pago',
    Services: 'Servicios',
    Departments: 'Departamentos',
    Order: 'Pedir',
    Book: 'Pedir cita',
    Rating: 'Valoración',
    Reviews: 'Opiniones',
    'Also known as': 'También conocido como',
    'Legal name': 'Razón social',
    Founded: 'Fundado en',
    'Founded by': 'Fundado por',
    Branch: 'Sucursal',
    'VAT number': 'NIF-IVA',
    'Tax number': 'NIF',
    'Part of': 'Forma parte de',
    of: 'de',
    from: 'según',
    reviews: 'opiniones',
  },
};

const italian: Words = {
  days: 'lun mar mer gio ven sab dom',
  months: 'gennaio febbraio marzo aprile maggio giugno luglio agosto settembre ottobre novembre dicembre',
  date: joined,
  figures: (day, month, year) => `${day}/${month}/${year}`,
  closed: 'chiuso',
  allDay: 'aperto 24 ore su 24',
  appointment: 'su appuntamento',
  colon: ': ',
  said: {
    'Opening hours': 'Orari di apertura',
    Telephone: 'Telefono',
    Mobile: 'Cellulare',
    'Text messages': 'SMS',
    Fax: 'Fax',
    Email: 'E-mail',
    Contact: 'Contatti',
    Map: 'Mappa',
    'Show on a map': 'Vedi sulla mappa',
    'We serve': 'Zona servita',
    'Price range': 'Fascia di prezzo',
    Cuisine: 'Cucina',
    Menu: 'Menu',
    Reservations: 'Prenotazioni',
    Currencies: 'Valute',
    Payment: 'Pagamenti',
    Services: 'Servizi',
    Departments: 'Reparti',
    Order: 'Ordina',
    Book: 'Prenota',
    Rating: 'Valutazione',
    Reviews: 'Recensioni',
    'Also known as': 'Noto anche come',
    'Legal name': 'Ragione sociale',
    Founded: 'Fondato nel',
    'Founded by': 'Fondato da',
    Branch: 'Sede',
    'VAT number': 'Partita IVA',
    'Tax number': 'Codice fiscale',
    'Part of': 'Fa parte di',
    of: 'su',
    from: 'da',
    reviews: 'recensioni',
  },
};

const dutch: Words = {
  days: 'ma di wo do vr za zo',
  months: 'januari februari maart april mei juni juli augustus september oktober november december',
  date: joined,
  figures: (day, month, year) => `${day}-${month}-${year}`,
  closed: 'gesloten',
  allDay: '24 uur open',
  appointment: 'op afspraak',
  colon: ': ',
  said: {
    'Opening hours': 'Openingstijden',
    Telephone: 'Telefoon',
    Mobile: 'Mobiel',
    'Text messages': 'Sms',
    Fax: 'Fax',
    Email: 'E-mail',
    Contact: 'Contact',
    Map: 'Kaart',
    'Show on a map': 'Op de kaart tonen',
    'We serve': 'Werkgebied',
    'Price range': 'Prijsklasse',
    Cuisine: 'Keuken',
    Menu: 'Menukaart',
    Reservations: 'Reserveren',
    Currencies: 'Valuta',
    Payment: 'Betaalwijzen',
    Services: 'Diensten',
    Departments: 'Afdelingen',
    Order: 'Bestellen',
    Book: 'Afspraak maken',
    Rating: 'Beoordeling',
    Reviews: 'Beoordelingen',
    'Also known as': 'Ook bekend als',
    'Legal name': 'Statutaire naam',
    Founded: 'Opgericht',
    'Founded by': 'Opgericht door',
    Branch: 'Vestiging',
    'VAT number': 'Btw-nummer',
    'Tax number': 'Fiscaal nummer',
    'Part of': 'Onderdeel van',
    of: 'van',
    from: 'uit',
    reviews: 'beoordelingen',
  },
};

const japanese: Words = {
  days: '月 火 水 木 金 土 日',
  months: '1月 2月 3月 4月 5月 6月 7月 8月 9月 10月 11月 12月',
  date: (day, month, year) => `${year && `${year}年`}${month}${day && `${day}日`}`,
  figures: (day, month, year) => `${year}/${month}/${day}`,
  closed: '休業',
  allDay: '24時間営業',
  appointment: '要予約',
  colon: '：',
  said: {
    'Opening hours': '営業時間',
    Telephone: '電話',
    Mobile: '携帯電話',
    'Text messages': 'SMS',
    Fax: 'FAX',
    Email: 'メール',
    Contact: 'お問い合わせ',
    Map: '地図',
    'Show on a map': '地図で見る',
    'We serve': '対応エリア',
    'Price range': '価格帯',
    Cuisine: '料理',
    Menu: 'メニュー',
    Reservations: '予約',
    Currencies: '通貨',
    Payment: 'お支払い方法',
    Services: 'サービス',
    Departments: '部門',
    Order: '注文',
    Book: 'ご予約',
    Rating: '評価',
    Reviews: 'クチコミ',
    'Also known as': '別名',
    'Legal name': '正式名称',
    Founded: '設立',
    'Founded by': '創業者',
    Branch: '店舗',
    'VAT number': 'VAT番号',
    'Tax number': '法人番号',
    'Part of': '運営',
    of: '/',
    from: '',
    reviews: '件',
  },
};

const words: Readonly<Record<BlockLanguage, Words>> = {
  en: english,
  de: german,
  fr: french,
  es: spanish,
  it: italian,
  nl: dutch,
  ja: japanese,
};

/** How visitors of a place are spoken to: its language's words, or a record's own. */
export interface Spoken {
  readonly language: BlockLanguage;
  readonly hours: HoursWords;
  readonly colon: string;
  /** A word of the block, which English calls so. */
  readonly say: (english: string) => string;
  /** A date, month or year (ISO 8601) in words, or in figures where the whole date is known. */
  readonly date: (iso: string, form?: 'words' | 'figures') => string;
  readonly country: (code: string) => string;
}

/** Country and own words of a record make it; figures of dates follow the country where English is read. */
export function spokenIn(
  language: BlockLanguage,
  country: string,
  own: Readonly<Record<string, string>> = {},
): Spoken {
  const table = words[language];
  const say = (text: string): string => (Object.hasOwn(own, text) && own[text]) || (table.said[text] ?? text);
  const ownHours = (text: 'closed' | 'open 24 hours' | 'by appointment', usual: string): string =>
    (Object.hasOwn(own, text) && own[text]) || usual;
  const names = table.days.split(' ');
  const months = table.months.split(' ');
  return {
    language,
    say,
    colon: table.colon,
    hours: {
      days: Object.fromEntries(days.map((day, at) => [day, names[at] ?? day])) as Record<Day, string>,
      closed: ownHours('closed', table.closed),
      allDay: ownHours('open 24 hours', table.allDay),
      appointment: ownHours('by appointment', table.appointment),
    },
    date: (iso, form = 'words') => {
      const [year = '', month = '', day = ''] = iso.split('-');
      if (form === 'figures' && day)
        return country === 'US' && language === 'en'
          ? `${month}/${day}/${year}`
          : table.figures(day, month, year);
      return table.date(day && String(Number(day)), month && (months[Number(month) - 1] ?? ''), year);
    },
    country: (code) => (language === 'en' ? countryName(code) : nameOfCountry(code, language)),
  };
}

const displayNames = new Map<BlockLanguage, Intl.DisplayNames>();

/** A country in a language (Unicode CLDR); the text itself where it is no alpha-2 code. */
function nameOfCountry(code: string, language: BlockLanguage): string {
  if (!/^[A-Z]{2}$/.test(code)) return code;
  const known = displayNames.get(language) ?? new Intl.DisplayNames([language], { type: 'region' });
  displayNames.set(language, known);
  return known.of(code) ?? code;
}
