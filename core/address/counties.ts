/** Counties and prefectures that stand in addresses although their country's form asks for no list of them. */
const lists: Readonly<Record<string, string>> = {
  GB: 'Aberdeenshire;Angus;Antrim;Argyll;Armagh;Ayrshire;Bedfordshire;Berkshire;Buckinghamshire;Cambridgeshire;Carmarthenshire;Ceredigion;Cheshire;Clackmannanshire;Clwyd;Cornwall;Cumbria;Denbighshire;Derbyshire;Devon;Dorset;Down;Dumfriesshire;Dyfed;East Lothian;East Riding of Yorkshire;East Sussex;East Yorkshire;Essex;Fermanagh;Fife;Flintshire;Glamorgan;Gloucestershire;Greater London;Greater Manchester;Gwent;Gwynedd;Hampshire;Herefordshire;Hertfordshire;Highland;Isle of Wight;Kent;Lanarkshire;Lancashire;Leicestershire;Lincolnshire;Londonderry;Merseyside;Middlesex;Midlothian;Monmouthshire;Moray;Norfolk;North Yorkshire;Northamptonshire;Northumberland;Nottinghamshire;Oxfordshire;Pembrokeshire;Perthshire;Powys;Renfrewshire;Rutland;Shropshire;Somerset;South Yorkshire;Staffordshire;Stirlingshire;Suffolk;Surrey;Sussex;Tyne and Wear;Tyrone;Warwickshire;West Lothian;West Midlands;West Sussex;West Yorkshire;Wiltshire;Worcestershire;Yorkshire',
  IE: 'Carlow;Cavan;Clare;Cork;Donegal;Dublin;Galway;Kerry;Kildare;Kilkenny;Laois;Leitrim;Limerick;Longford;Louth;Mayo;Meath;Monaghan;Offaly;Roscommon;Sligo;Tipperary;Waterford;Westmeath;Wexford;Wicklow',
  JP: 'Hokkaido;Aomori;Iwate;Miyagi;Akita;Yamagata;Fukushima;Ibaraki;Tochigi;Gunma;Saitama;Chiba;Tokyo;Kanagawa;Niigata;Toyama;Ishikawa;Fukui;Yamanashi;Nagano;Gifu;Shizuoka;Aichi;Mie;Shiga;Kyoto;Osaka;Hyogo;Nara;Wakayama;Tottori;Shimane;Okayama;Hiroshima;Yamaguchi;Tokushima;Kagawa;Ehime;Kochi;Fukuoka;Saga;Nagasaki;Kumamoto;Oita;Miyazaki;Kagoshima;Okinawa',
};

const byCountry = new Map(
  Object.entries(lists).map(([country, names]) => [country, new Set(names.toLowerCase().split(';'))]),
);

/** Whether a text is a county or prefecture of a country: by its name, "Co. Cork", "County Durham", "Osaka Prefecture". */
export function isCounty(text: string, country: string): boolean {
  const written = text.trim().toLowerCase();
  if (/^(co\.?|county) \p{L}/u.test(written)) return country === 'GB' || country === 'IE';
  const bare = written.replace(/(?:[- ](?:to|fu|ken|prefecture))$/, '');
  return byCountry.get(country)?.has(bare) ?? false;
}

/** Whether a country's addresses may name one that is no part of its form. */
export const hasCounties = (country: string): boolean => byCountry.has(country);
