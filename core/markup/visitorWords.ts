import { blockLanguages, type BlockLanguage } from '#core/record';
import { east, saidEast } from './eastWords.ts';
import { further, saidFurther } from './furtherWords.ts';
import { saidSouth, south } from './southWords.ts';
import { joined, type Words } from './words.ts';

const english: Words = {
  days: 'Mon Tue Wed Thu Fri Sat Sun',
  months: 'January February March April May June July August September October November December',
  date: joined,
  figures: (day, month, year) => `${day}/${month}/${year}`,
  closed: 'closed',
  allDay: 'open 24 hours',
  appointment: 'by appointment',
  colon: ': ',
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
  halves: ['a.\u00a0m.', 'p.\u00a0m.'],
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
};

/** Labels and other words of a block: what English calls them, and what German, French, Spanish, Italian, Dutch and Japanese do. */
const SAID: Readonly<Record<string, string>> = {
  'PO box': 'Postfach | BP | Apartado | Casella postale | Postbus | 私書箱',
  Stars: 'Sterne | Étoiles | Estrellas | Stelle | Sterren | 星',
  'Check-in':
    'Anreise ab | Arrivée à partir de | Entrada desde | Arrivo dalle | Inchecken vanaf | チェックイン',
  'Check-out': 'Abreise bis | Départ avant | Salida hasta | Partenza entro | Uitchecken tot | チェックアウト',
  Pets: 'Haustiere | Animaux | Mascotas | Animali | Huisdieren | ペット',
  Rooms: 'Zimmer | Chambres | Habitaciones | Camere | Kamers | 客室数',
  Amenities: 'Ausstattung | Équipements | Instalaciones | Dotazioni | Voorzieningen | 設備',
  Languages: 'Sprachen | Langues | Idiomas | Lingue | Talen | 対応言語',
  Capacity: 'Plätze | Capacité | Aforo | Capienza | Plaatsen | 定員',
  Treatments: 'Behandlungen | Soins | Tratamientos | Trattamenti | Behandelingen | 診療内容',
  Awards: 'Auszeichnungen | Distinctions | Premios | Premi | Onderscheidingen | 受賞歴',
  Brands: 'Marken | Marques | Marcas | Marchi | Merken | 取扱ブランド',
  'Member of': 'Mitglied in | Membre de | Miembro de | Membro di | Lid van | 加盟団体',
  Staff: 'Team | Équipe | Equipo | Personale | Team | スタッフ',
  yes: 'ja | oui | sí | sì | ja | 可',
  no: 'nein | non | no | no | nee | 不可',
  'Opening hours':
    'Öffnungszeiten | Horaires d’ouverture | Horario | Orari di apertura | Openingstijden | 営業時間',
  'Public holidays': 'Feiertage | Jours fériés | Festivos | Festivi | Feestdagen | 祝日',
  Telephone: 'Telefon | Téléphone | Teléfono | Telefono | Telefoon | 電話',
  Mobile: 'Mobil | Mobile | Móvil | Cellulare | Mobiel | 携帯電話',
  'Text messages': 'SMS | SMS | SMS | SMS | Sms | SMS',
  Fax: 'Fax | Fax | Fax | Fax | Fax | FAX',
  Email: 'E-Mail | E-mail | Correo electrónico | E-mail | E-mail | メール',
  Contact: 'Kontakt | Contact | Contacto | Contatti | Contact | お問い合わせ',
  Map: 'Karte | Plan | Mapa | Mappa | Kaart | 地図',
  'Show on a map':
    'Auf der Karte zeigen | Voir sur la carte | Ver en el mapa | Vedi sulla mappa | Op de kaart tonen | 地図で見る',
  'We serve': 'Einzugsgebiet | Zone desservie | Zona de servicio | Zona servita | Werkgebied | 対応エリア',
  'Price range': 'Preisklasse | Gamme de prix | Precios | Fascia di prezzo | Prijsklasse | 価格帯',
  Cuisine: 'Küche | Cuisine | Cocina | Cucina | Keuken | 料理',
  Menu: 'Speisekarte | Carte | Carta | Menu | Menukaart | メニュー',
  Reservations: 'Reservierung | Réservations | Reservas | Prenotazioni | Reserveren | 予約',
  Currencies: 'Währungen | Devises | Monedas | Valute | Valuta | 通貨',
  Payment: 'Zahlungsarten | Moyens de paiement | Formas de pago | Pagamenti | Betaalwijzen | お支払い方法',
  Services: 'Leistungen | Services | Servicios | Servizi | Diensten | サービス',
  Departments: 'Abteilungen | Services internes | Departamentos | Reparti | Afdelingen | 部門',
  Order: 'Bestellen | Commander | Pedir | Ordina | Bestellen | 注文',
  Book: 'Termin buchen | Prendre rendez-vous | Pedir cita | Prenota | Afspraak maken | ご予約',
  Rating: 'Bewertung | Note | Valoración | Valutazione | Beoordeling | 評価',
  Reviews: 'Bewertungen | Avis | Opiniones | Recensioni | Beoordelingen | クチコミ',
  'Also known as':
    'Auch bekannt als | Aussi appelé | También conocido como | Noto anche come | Ook bekend als | 別名',
  'Legal name': 'Firma | Raison sociale | Razón social | Ragione sociale | Statutaire naam | 正式名称',
  Founded: 'Gegründet | Fondé en | Fundado en | Fondato nel | Opgericht | 設立',
  'Founded by': 'Gegründet von | Fondé par | Fundado por | Fondato da | Opgericht door | 創業者',
  Branch: 'Filiale | Établissement | Sucursal | Sede | Vestiging | 店舗',
  'VAT number': 'USt-IdNr. | N° TVA | NIF-IVA | Partita IVA | Btw-nummer | VAT番号',
  'Tax number': 'Steuernummer | N° fiscal | NIF | Codice fiscale | Fiscaal nummer | 法人番号',
  'Part of': 'Gehört zu | Fait partie de | Forma parte de | Fa parte di | Onderdeel van | 運営',
  of: 'von | sur | de | su | van | /',
  from: 'aus | d’après | según | da | uit | ',
  reviews: 'Bewertungen | avis | opiniones | recensioni | beoordelingen | 件',
};

/** The first language of each table behind that above. */
const TABLES = [
  [saidSouth, blockLanguages.indexOf('ar')],
  [saidEast, blockLanguages.indexOf('el')],
  [saidFurther, blockLanguages.indexOf('pt')],
  [SAID, 1],
] as const;

/** A word of a block in a language, by what English calls it; undefined where it has none of its own. */
export function wordIn(language: BlockLanguage, english: string): string | undefined {
  const at = blockLanguages.indexOf(language);
  const [said, first] = TABLES.find(([, begins]) => at >= begins) ?? [SAID, 1];
  return Object.hasOwn(said, english) ? said[english]?.split(' | ')[at - first] : undefined;
}

export const words: Readonly<Record<BlockLanguage, Words>> = {
  en: english,
  de: german,
  fr: french,
  es: spanish,
  it: italian,
  nl: dutch,
  ja: japanese,
  ...further,
  ...east,
  ...south,
};
