/** A place of business as its own country writes it. Names and streets are invented; towns and codes are not. */
export interface Branch {
  readonly country: string;
  readonly language: string;
  readonly type: string;
  readonly name: string;
  readonly street: string;
  readonly code: string;
  readonly town: string;
  readonly region: string;
  readonly telephone: string;
  readonly shownTelephone: string;
  readonly latitude: string;
  readonly longitude: string;
  readonly price: string;
  /** The week as visitors read it: Monday to Friday 9 to 18, Saturday 10 to 14, Sunday closed. */
  readonly hours: string;
  /** The address as people write it below each other. */
  readonly lines: readonly string[];
}

const branch = (
  [country, language, type, name]: readonly [string, string, string, string],
  [street, code, town, region]: readonly [string, string, string, string],
  [telephone, shownTelephone]: readonly [string, string],
  [latitude, longitude, price]: readonly [string, string, string],
  hours: string,
  townLine = `${code} ${town}`,
): Branch => ({
  country,
  language,
  type,
  name,
  street,
  code,
  town,
  region,
  telephone,
  shownTelephone,
  latitude,
  longitude,
  price,
  hours,
  lines: [street, townLine],
});

export const branches: readonly Branch[] = [
  branch(
    ['DE', 'de', 'Bakery', 'Backhaus Lindner'],
    ['Brühl 52', '04109', 'Leipzig', ''],
    ['+49 1512 3456789', '01512 3456789'],
    ['51.34256', '12.37801', '€€'],
    'Mo–Fr 9–18 Uhr, Sa 10–14 Uhr, So geschlossen',
  ),
  branch(
    ['AT', 'de', 'CafeOrCoffeeShop', 'Kaffeehaus Steirer'],
    ['Herrengasse 14', '8010', 'Graz', ''],
    ['+43 664 123456', '0664 123456'],
    ['47.06981', '15.44012', '€€'],
    'Montag bis Freitag 9.00–18.00 Uhr, Samstag 10.00–14.00 Uhr, Sonntag Ruhetag',
  ),
  branch(
    ['CH', 'de', 'BookStore', 'Buchhandlung Seeblick'],
    ['Hertensteinstrasse 30', '6004', 'Luzern', ''],
    ['+41 78 123 45 67', '078 123 45 67'],
    ['47.05421', '8.31102', 'CHF'],
    'Mo bis Fr 09.00 bis 18.00, Sa 10.00 bis 14.00, So geschlossen',
  ),
  branch(
    ['FR', 'fr', 'Florist', 'Fleurs du Rhône'],
    ['18 rue Mercière', '69002', 'Lyon', ''],
    ['+33 6 12 34 56 78', '06 12 34 56 78'],
    ['45.76312', '4.83271', '€€'],
    'Du lundi au vendredi de 9h à 18h, le samedi de 10h à 14h, fermé le dimanche',
  ),
  branch(
    ['BE', 'nl', 'HairSalon', 'Kapsalon De Leie'],
    ['Veldstraat 61', '9000', 'Gent', ''],
    ['+32 450 00 12 34', '0450 00 12 34'],
    ['51.05102', '3.72264', '€€'],
    'Ma-vr 9-18 uur, za 10-14 uur, zo gesloten',
  ),
  branch(
    ['NL', 'nl', 'BikeStore', 'Fietsenmakerij Oudegracht'],
    ['Oudegracht 211', '3511 NH', 'Utrecht', ''],
    ['+31 6 12345678', '06 12345678'],
    ['52.08702', '5.12133', '€€'],
    'Maandag t/m vrijdag 9.00 - 18.00 uur, zaterdag 10.00 - 14.00 uur, zondag gesloten',
  ),
  branch(
    ['LU', 'fr', 'Optician', 'Optique Grand-Rue'],
    ['25 Grand-Rue', '1661', 'Luxembourg', ''],
    ['+352 628 123 456', '628 123 456'],
    ['49.61211', '6.13142', '€€'],
    'Lun-ven 9h00-18h00, sam 10h00-14h00, dim fermé',
    'L-1661 Luxembourg',
  ),
  branch(
    ['ES', 'es', 'ShoeStore', 'Zapatería Turia'],
    ['Calle de la Paz 12', '46003', 'Valencia', 'Valencia'],
    ['+34 612 34 56 78', '612 34 56 78'],
    ['39.47263', '-0.37481', '€€'],
    'Lunes a viernes de 9:00 a 18:00, sábado de 10:00 a 14:00, domingo cerrado',
  ),
  branch(
    ['PT', 'pt', 'Bakery', 'Padaria do Minho'],
    ['Rua do Souto 44', '4700-329', 'Braga', ''],
    ['+351 912 345 678', '912 345 678'],
    ['41.55103', '-8.42511', '€'],
    'Segunda a sexta das 9h às 18h, sábado das 10h às 14h, domingo encerrado',
  ),
  branch(
    ['IT', 'it', 'IceCreamShop', 'Gelateria Due Torri'],
    ['Via Rizzoli 9', '40125', 'Bologna', 'BO'],
    ['+39 312 345 6789', '312 345 6789'],
    ['44.49441', '11.34493', '€'],
    'Lun-ven 9.00-18.00, sab 10.00-14.00, domenica chiuso',
    '40125 Bologna BO',
  ),
  branch(
    ['GB', 'en', 'Dentist', 'Clifton Row Dental'],
    ['9 Clifton Row', 'BS8 1AB', 'Bristol', ''],
    ['+44 7400 123456', '07400 123456'],
    ['51.45601', '-2.60981', '££'],
    'Mon–Fri 9am–6pm, Sat 10am–2pm, Sun closed',
    'Bristol BS8 1AB',
  ),
  branch(
    ['IE', 'en', 'PetStore', 'Lee Valley Pets'],
    ['3 Oliver Plunkett Street', 'T12 X70A', 'Cork', ''],
    ['+353 85 012 3456', '085 012 3456'],
    ['51.89821', '-8.47193', '€€'],
    'Monday to Friday 9:00am to 6:00pm, Saturday 10:00am to 2:00pm, closed Sunday',
    'Cork T12 X70A',
  ),
  branch(
    ['US', 'en', 'AutoRepair', 'Hawthorne Auto Works'],
    ['1410 SE Hawthorne Blvd', '97214', 'Portland', 'OR'],
    ['+1 971 555 0123', '(971) 555-0123'],
    ['45.51221', '-122.65113', '$$'],
    'M-F 9:00-6:00, Sa 10-2, Su closed',
    'Portland, OR 97214',
  ),
  branch(
    ['CA', 'en', 'GardenStore', 'Harbour Garden Supply'],
    ['1520 Barrington Street', 'B3J 1Z4', 'Halifax', 'NS'],
    ['+1 902 234 5678', '(902) 234-5678'],
    ['44.64521', '-63.57193', '$$'],
    'Mon to Fri 9 am to 6 pm, Sat 10 am to 2 pm, closed Sundays',
    'Halifax, NS B3J 1Z4',
  ),
  branch(
    ['AU', 'en', 'Plumber', 'Torrens Plumbing'],
    ['88 Rundle Street', '5000', 'Adelaide', 'SA'],
    ['+61 412 345 678', '0412 345 678'],
    ['-34.92211', '138.60512', '$$'],
    'Mon-Fri 9am-6pm, Sat 10am-2pm, Sun closed',
    'Adelaide SA 5000',
  ),
  branch(
    ['NZ', 'en', 'Bakery', 'Octagon Bread'],
    ['21 George Street', '9016', 'Dunedin', ''],
    ['+64 21 123 4567', '021 123 4567'],
    ['-45.87312', '170.50411', '$$'],
    'Mon-Fri 9am-6pm, Sat 10am-2pm, Sun closed',
    'Dunedin 9016',
  ),
  branch(
    ['SE', 'sv', 'HardwareStore', 'Fyris Järn'],
    ['Svartbäcksgatan 18', '753 32', 'Uppsala', ''],
    ['+46 70 123 45 67', '070-123 45 67'],
    ['59.86012', '17.63911', 'kr'],
    'Mån–fre 9–18, lör 10–14, sön stängt',
  ),
  branch(
    ['DK', 'da', 'ClothingStore', 'Tøj på Vestergade'],
    ['Vestergade 33', '5000', 'Odense', ''],
    ['+45 34 41 23 45', '34 41 23 45'],
    ['55.39512', '10.38411', 'kr.'],
    'Man-fre kl. 9-18, lør kl. 10-14, søndag lukket',
    '5000 Odense',
  ),
  branch(
    ['NO', 'nb', 'SportingGoodsStore', 'Vågen Sport'],
    ['Strandgaten 12', '5013', 'Bergen', ''],
    ['+47 40 61 23 45', '40 61 23 45'],
    ['60.39412', '5.32111', 'kr'],
    'Mandag–fredag 09–18, lørdag 10–14, søndag stengt',
  ),
  branch(
    ['FI', 'fi', 'FurnitureStore', 'Aura Kalusteet'],
    ['Linnankatu 16', '20100', 'Turku', ''],
    ['+358 41 2345678', '041 2345678'],
    ['60.44981', '22.26411', '€€'],
    'Ma–pe 9–18, la 10–14, su suljettu',
  ),
  branch(
    ['PL', 'pl', 'JewelryStore', 'Bursztyn Długa'],
    ['ul. Długa 57', '80-831', 'Gdańsk', ''],
    ['+48 512 345 678', '512 345 678'],
    ['54.34961', '18.65021', 'zł'],
    'Pon.–pt. 9:00–18:00, sob. 10:00–14:00, niedziela nieczynne',
  ),
  branch(
    ['CZ', 'cs', 'Bakery', 'Pekařství Špilberk'],
    ['Masarykova 8', '602 00', 'Brno', ''],
    ['+420 601 123 456', '601 123 456'],
    ['49.19301', '16.61021', 'Kč'],
    'Po–Pá 9:00–18:00, So 10:00–14:00, Ne zavřeno',
  ),
  branch(
    ['GR', 'el', 'Pharmacy', 'Φαρμακείο Ρίο'],
    ['Ρήγα Φεραίου 40', '262 23', 'Πάτρα', ''],
    ['+30 691 234 5678', '691 234 5678'],
    ['38.24712', '21.73411', '€'],
    'Δευτέρα–Παρασκευή 9:00–18:00, Σάββατο 10:00–14:00, Κυριακή κλειστά',
  ),
  branch(
    ['JP', 'ja', 'BookStore', '北の書房'],
    ['中央区南一条西3丁目', '060-0061', '札幌市', '北海道'],
    ['+81 90 1234 5678', '090-1234-5678'],
    ['43.05861', '141.35212', '¥¥'],
    '月〜金 9:00〜18:00、土 10:00〜14:00、日曜定休',
    '〒060-0061 北海道札幌市',
  ),
  branch(
    ['BR', 'pt', 'PetStore', 'Bicho do Paraná'],
    ['Rua XV de Novembro 512', '80020-310', 'Curitiba', 'PR'],
    ['+55 41 96123 4567', '(41) 96123-4567'],
    ['-25.43012', '-49.27111', 'R$'],
    'Segunda a sexta: 9h às 18h. Sábado: 10h às 14h. Domingo: fechado',
    'Curitiba - PR, 80020-310',
  ),
  branch(
    ['MX', 'es', 'Optician', 'Óptica Angelópolis'],
    ['Avenida Juárez 1508', '72160', 'Puebla', 'PUE'],
    ['+52 222 123 4567', '222 123 4567'],
    ['19.05212', '-98.22111', '$$'],
    'Lun-Vie 9:00-18:00, Sáb 10:00-14:00, Dom cerrado',
    '72160 Puebla, PUE',
  ),
  branch(
    ['ZA', 'en', 'TireShop', 'Umgeni Tyres'],
    ['14 Florida Road', '4001', 'Durban', ''],
    ['+27 71 123 4567', '071 123 4567'],
    ['-29.83612', '31.01411', 'R'],
    'Weekdays 9am-6pm, Saturday 10am-2pm, Sunday closed',
    'Durban 4001',
  ),
  branch(
    ['IN', 'en', 'JewelryStore', 'Deccan Silver'],
    ['27 MG Road', '411001', 'Pune', 'Maharashtra'],
    ['+91 81234 56789', '081234 56789'],
    ['18.51812', '73.87711', '₹₹'],
    'Mon - Fri: 9:00 AM - 6:00 PM, Sat: 10:00 AM - 2:00 PM, Sun: Closed',
    'Pune, Maharashtra 411001',
  ),
  branch(
    ['HU', 'hu', 'ElectronicsStore', 'Tisza Elektro'],
    ['Kárász utca 9', '6720', 'Szeged', ''],
    ['+36 20 123 4567', '06 20 123 4567'],
    ['46.25212', '20.15011', 'Ft'],
    'H–P 9:00–18:00, Szo 10:00–14:00, V zárva',
    '6720 Szeged',
  ),
  branch(
    ['RO', 'ro', 'Florist', 'Flori de Cluj'],
    ['Strada Memorandumului 11', '400114', 'Cluj-Napoca', 'CJ'],
    ['+40 712 034 567', '0712 034 567'],
    ['46.76912', '23.58911', 'lei'],
    'Luni–vineri 9:00–18:00, sâmbătă 10:00–14:00, duminică închis',
    '400114 Cluj-Napoca',
  ),
  branch(
    ['SK', 'sk', 'BarOrPub', 'Krčma na Hlavnej'],
    ['Hlavná 45', '040 01', 'Košice', ''],
    ['+421 912 123 456', '0912 123 456'],
    ['48.72012', '21.25711', '€'],
    'Po–Pia 9:00–18:00, So 10:00–14:00, Ne zatvorené',
  ),
];
