import { fold } from '#core/text';

/**
 * Towns that people call by several names: by country, towns apart by semicolons, the names of each by bars. What a
 * town is called at home stands among them, in its languages and scripts, with the names that are well known abroad.
 */
const NAMES: Readonly<Record<string, string>> = {
  AE: 'Dubai|دبي;Abu Dhabi|أبوظبي|أبو ظبي;Sharjah|الشارقة;Ajman|عجمان;Al Ain|العين',
  AM: 'Yerevan|Երևան|Ереван',
  AR: 'Buenos Aires|CABA|C.A.B.A.|Ciudad de Buenos Aires|Ciudad Autónoma de Buenos Aires|Capital Federal',
  AT: 'Vienna|Wien|Vienne|Viena;Salzburg|Salzbourg;Klagenfurt|Klagenfurt am Wörthersee',
  AZ: 'Baku|Bakı|Баку',
  BD: 'Dhaka|Dacca|ঢাকা;Chattogram|Chittagong|চট্টগ্রাম',
  BE: 'Brussels|Bruxelles|Brussel|Brüssel;Antwerp|Antwerpen|Anvers;Gent|Ghent|Gand;Bruges|Brugge|Brügge;Liège|Luik|Lüttich;Leuven|Louvain;Mechelen|Malines;Mons|Bergen;Namur|Namen;Kortrijk|Courtrai;Ypres|Ieper;Tournai|Doornik;Ostend|Oostende|Ostende',
  BG: 'Sofia|София;Plovdiv|Пловдив;Varna|Варна;Burgas|Бургас',
  BH: 'Manama|المنامة',
  BY: 'Minsk|Мінск|Минск',
  CA: 'Québec|Quebec City|Ville de Québec|Québec City',
  CH: 'Geneva|Genève|Genf|Ginevra;Zurich|Zürich|Zurigo;Bern|Berne|Berna;Basel|Bâle|Basle|Basilea;Lucerne|Luzern|Lucerna;Fribourg|Freiburg|Freiburg im Üechtland;Neuchâtel|Neuenburg;Sitten|Sion;Biel|Bienne|Biel/Bienne;Chur|Coire|Coira;Sankt Gallen|St. Gallen|Saint-Gall;Schaffhausen|Schaffhouse;Solothurn|Soleure;Siders|Sierre;Visp|Viège;Lausanne|Losanna;Bellinzona|Bellenz',
  CL: 'Santiago|Santiago de Chile',
  CN: 'Beijing|Peking|北京|北京市;Shanghai|上海|上海市;Guangzhou|Canton|广州|广州市;Shenzhen|深圳|深圳市;Chengdu|成都|成都市;Hangzhou|杭州|杭州市;Xi’an|Xian|西安|西安市;Nanjing|Nanking|南京|南京市;Tianjin|天津|天津市;Wuhan|武汉|武汉市;Suzhou|苏州|苏州市;Chongqing|重庆|重庆市',
  CO: 'Bogotá|Bogotá D.C.|Santa Fe de Bogotá|Bogotá Distrito Capital;Cali|Santiago de Cali;Cartagena|Cartagena de Indias',
  CY: 'Nicosia|Lefkosia|Λευκωσία|Lefkoşa;Limassol|Lemesos|Λεμεσός;Larnaca|Larnaka|Λάρνακα;Paphos|Pafos|Πάφος',
  CZ: 'Prague|Praha|Prag;Brno|Brünn;Pilsen|Plzeň;Karlovy Vary|Karlsbad|Carlsbad;Olomouc|Olmütz',
  DE: 'Munich|München|Monaco di Baviera;Köln|Cologne|Keulen;Nürnberg|Nuremberg;Hannover|Hanover;Braunschweig|Brunswick;Frankfurt am Main|Frankfurt|Francfort;Aachen|Aix-la-Chapelle;Trier|Trèves;Mainz|Mayence;Dresden|Dresde;Hamburg|Hambourg|Hamburgo;Regensburg|Ratisbon;Freiburg|Freiburg im Breisgau|Freiburg i. Br.;Bautzen|Budyšin;Cottbus|Chóśebuz',
  DK: 'Copenhagen|København|Kopenhagen|Köpenhamn|Copenhague;Århus|Aarhus;Aalborg|Ålborg;Helsingør|Elsinore',
  DO: 'Santo Domingo|Distrito Nacional|Santo Domingo de Guzmán',
  EE: 'Tallinn|Таллин|Reval;Tartu|Dorpat;Narva|Нарва',
  EG: 'Cairo|القاهرة|Le Caire;Alexandria|الإسكندرية|الاسكندرية|Alexandrie;Giza|الجيزة',
  ES: 'Sevilla|Seville;Donostia|San Sebastián|Donostia-San Sebastián|Donostia / San Sebastián|San Sebastian;Bilbao|Bilbo;Vitoria-Gasteiz|Vitoria|Gasteiz;Pamplona|Iruña|Pamplona/Iruña;A Coruña|La Coruña|Corunna|Coruña;Palma|Palma de Mallorca;Valencia|València;Alicante|Alacant|Alicante/Alacant;Castellón de la Plana|Castelló de la Plana|Castellón|Castelló;Elche|Elx|Elche/Elx;Girona|Gerona;Lleida|Lérida;Zaragoza|Saragossa;Las Palmas de Gran Canaria|Las Palmas;Santa Cruz de Tenerife|Santa Cruz;Ourense|Orense;Santiago de Compostela|Santiago;Ibiza|Eivissa;Maó|Mahón;Xàtiva|Játiva;Jerez de la Frontera|Jerez;Barcelona|Barcelone;Hondarribia|Fuenterrabía',
  FI: 'Helsinki|Helsingfors;Turku|Åbo;Tampere|Tammerfors;Espoo|Esbo;Vantaa|Vanda;Oulu|Uleåborg;Vaasa|Vasa;Porvoo|Borgå;Pori|Björneborg;Lahti|Lahtis;Hämeenlinna|Tavastehus;Kokkola|Karleby;Rauma|Raumo;Raseborg|Raasepori',
  FR: 'Lyon|Lyons;Marseille|Marseilles;Strasbourg|Strassburg;Nice|Nizza;Dunkerque|Dunkirk;Reims|Rheims;Lille|Rijsel;Perpignan|Perpinyà;Bayonne|Baiona;Quimper|Kemper;Rennes|Roazhon;Brest|Brest Métropole',
  GB: 'Cardiff|Caerdydd;Swansea|Abertawe;Newport|Casnewydd;Wrexham|Wrecsam;Carmarthen|Caerfyrddin;Cardigan|Aberteifi;Caernarfon|Carnarvon;Holyhead|Caergybi;Barry|Y Barri;Derry|Londonderry|Doire;Edinburgh|Dùn Èideann;Inverness|Inbhir Nis;Newcastle upon Tyne|Newcastle;Hull|Kingston upon Hull;Kingston upon Thames|Kingston;Stoke-on-Trent|Stoke;Brighton|Brighton & Hove|Brighton and Hove;Richmond|Richmond upon Thames;Belfast|Béal Feirste;Newry|An tIúr;Armagh|Ard Mhacha',
  GE: 'Tbilisi|თბილისი|Тбилиси;Batumi|ბათუმი|Батуми',
  GR: 'Athens|Athina|Αθήνα|Athen|Athènes;Thessaloníki|Thessaloniki|Θεσσαλονίκη|Salonica;Piraeus|Πειραιάς|Pireas;Patras|Πάτρα|Patra;Heraklion|Ηράκλειο|Iraklio|Irákleion;Rhodes|Ρόδος|Rodos;Corfu|Κέρκυρα|Kerkyra;Chania|Χανιά|Hania;Volos|Βόλος;Larissa|Λάρισα|Larisa;Ioannina|Ιωάννινα',
  HK: 'Hong Kong|香港;Kowloon|九龍|九龙;Central|中環;Wan Chai|Wanchai|灣仔;Causeway Bay|銅鑼灣;Tsim Sha Tsui|尖沙咀;Mong Kok|Mongkok|旺角',
  HR: 'Zagreb|Agram;Rijeka|Fiume;Pula|Pola',
  IE: 'Dublin|Baile Átha Cliath;Cork|Corcaigh;Galway|Gaillimh;Limerick|Luimneach;Waterford|Port Láirge;Kilkenny|Cill Chainnigh;Dingle|An Daingean|Daingean Uí Chúis;Tralee|Trá Lí;Letterkenny|Leitir Ceanainn;Sligo|Sligeach',
  IL: 'Jerusalem|ירושלים|القدس;Tel Aviv|Tel Aviv-Yafo|Tel Aviv-Jaffa|תל אביב|תל אביב-יפו|תל אביב יפו;Haifa|חיפה;Beer Sheva|Be’er Sheva|Beersheba|באר שבע;Netanya|נתניה;Ramat Gan|רמת גן;Nazareth|נצרת|الناصرة;Eilat|אילת;Akko|Acre|עכו',
  IN: 'Bengaluru|Bangalore|ಬೆಂಗಳೂರು;Mumbai|Bombay|मुंबई;Chennai|Madras|சென்னை;Kolkata|Calcutta|কলকাতা;Pune|Poona|पुणे;Delhi|New Delhi|दिल्ली|नई दिल्ली;Gurugram|Gurgaon;Mysuru|Mysore;Mangaluru|Mangalore;Kochi|Cochin;Thiruvananthapuram|Trivandrum;Kozhikode|Calicut;Puducherry|Pondicherry;Vadodara|Baroda;Varanasi|Benares;Prayagraj|Allahabad;Thrissur|Trichur;Tiruchirappalli|Trichy;Visakhapatnam|Vizag;Hubballi|Hubli;Belagavi|Belgaum;Panaji|Panjim;Kollam|Quilon;Alappuzha|Alleppey;Thoothukudi|Tuticorin;Hyderabad|हैदराबाद|హైదరాబాద్;Jaipur|जयपुर;Ahmedabad|Ahmadabad|અમદાવાદ;Nashik|Nasik;Chhatrapati Sambhajinagar|Aurangabad;Lucknow|लखनऊ',
  IR: 'Tehran|Teheran|تهران;Isfahan|Esfahan|اصفهان;Shiraz|شیراز;Mashhad|مشهد;Tabriz|تبریز',
  IT: 'Rome|Roma|Rom;Milan|Milano|Mailand;Florence|Firenze|Florenz;Naples|Napoli|Neapel;Turin|Torino;Venice|Venezia|Venedig;Genoa|Genova|Genua;Padova|Padua;Bolzano|Bozen|Bolzano/Bozen;Merano|Meran;Bressanone|Brixen;Brunico|Bruneck;Vipiteno|Sterzing;Trento|Trient|Trent;Mantova|Mantua;Livorno|Leghorn;Siracusa|Syracuse;Trieste|Triest;Aosta|Aoste;Reggio Emilia|Reggio nell’Emilia;Reggio Calabria|Reggio di Calabria;Gorizia|Görz;Appiano|Eppan;Caldaro|Kaltern',
  JO: 'Amman|عمان|عمّان',
  JP: 'Tokyo|東京|東京都;Osaka|大阪|大阪市;Kyoto|京都|京都市;Kobe|Kōbe|神戸|神戸市;Yokohama|横浜|横浜市;Nagoya|名古屋|名古屋市;Sapporo|札幌|札幌市;Fukuoka|福岡|福岡市;Hiroshima|広島|広島市;Sendai|仙台|仙台市;Nara|奈良|奈良市;Kanazawa|金沢|金沢市;Kawasaki|川崎|川崎市;Naha|那覇|那覇市;Shinjuku|新宿|新宿区;Shibuya|渋谷|渋谷区;Minato|港区;Chiyoda|千代田|千代田区;Chuo|Chūō|中央区;Toshima|豊島区;Taito|Taitō|台東区;Setagaya|世田谷|世田谷区',
  KR: 'Seoul|서울|서울시|서울특별시;Busan|Pusan|부산|부산시|부산광역시;Incheon|인천|인천시|인천광역시;Daegu|Taegu|대구|대구시|대구광역시;Daejeon|Taejon|대전|대전광역시;Gwangju|Kwangju|광주|광주광역시;Jeju|Jeju-si|제주|제주시;Suwon|Suwon-si|수원|수원시;Gangnam-gu|Gangnam|강남구',
  KW: 'Kuwait City|Kuwait|الكويت|مدينة الكويت',
  KZ: 'Almaty|Алматы|Alma-Ata;Astana|Nur-Sultan|Астана|Нур-Султан;Shymkent|Шымкент',
  LB: 'Beirut|Beyrouth|بيروت',
  LK: 'Colombo|කොළඹ|கொழும்பு',
  LT: 'Vilnius|Wilno;Kaunas|Kowno;Klaipėda|Memel',
  LU: 'Luxembourg|Luxemburg|Lëtzebuerg|Luxembourg City|Luxembourg-Ville;Esch-sur-Alzette|Esch|Esch-Uelzecht',
  LV: 'Riga|Rīga|Рига;Daugavpils|Даугавпилс',
  MA: 'Marrakesh|Marrakech|مراكش;Casablanca|الدار البيضاء;Rabat|الرباط;Fès|Fez|فاس;Tangier|Tanger|طنجة;Meknes|Meknès|مكناس;Agadir|أكادير',
  MD: 'Chisinau|Chișinău|Chişinău|Кишинёв|Кишинев',
  ME: 'Podgorica|Подгорица',
  MK: 'Skopje|Скопје',
  MM: 'Yangon|Rangoon|ရန်ကုန်',
  MN: 'Ulaanbaatar|Ulan Bator|Улаанбаатар',
  MT: 'Valletta|Il-Belt Valletta;San Ġiljan|St. Julian’s|Saint Julian’s|San Giljan;San Pawl il-Baħar|St. Paul’s Bay|Saint Paul’s Bay',
  MX: 'Mexico City|Ciudad de México|CDMX|México D.F.|Ciudad de México, CDMX',
  NL: 'The Hague|Den Haag|’s-Gravenhage|La Haye;’s-Hertogenbosch|Den Bosch;Vlissingen|Flushing;Leeuwarden|Ljouwert;Hoek van Holland|Hook of Holland;Snits|Sneek',
  NP: 'Kathmandu|काठमाडौं|काठमाण्डौं;Pokhara|पोखरा',
  NZ: 'Auckland|Tāmaki Makaurau;Wellington|Te Whanganui-a-Tara;Christchurch|Ōtautahi;Whanganui|Wanganui;Dunedin|Ōtepoti;Hamilton|Kirikiriroa',
  OM: 'Muscat|مسقط',
  PE: 'Cusco|Cuzco',
  PH: 'Manila|Maynila;Quezon City|Lungsod Quezon',
  PK: 'Karachi|کراچی;Lahore|لاہور;Islamabad|اسلام آباد',
  PL: 'Warsaw|Warszawa|Warschau|Varsovie;Kraków|Cracow|Krakau;Wrocław|Breslau;Gdańsk|Danzig;Łódź|Lodz;Poznań|Posen;Szczecin|Stettin;Katowice|Kattowitz;Toruń|Thorn',
  PT: 'Lisbon|Lisboa|Lissabon|Lisbonne;Porto|Oporto',
  QA: 'Doha|الدوحة',
  RO: 'Bucharest|București|Bucureşti|Bukarest;Cluj-Napoca|Cluj|Kolozsvár|Klausenburg;Brașov|Braşov|Kronstadt|Brassó;Sibiu|Hermannstadt|Nagyszeben;Timișoara|Timişoara|Temesvár|Temeswar;Iași|Iaşi|Jassy;Oradea|Nagyvárad|Großwardein;Târgu Mureș|Târgu-Mureş|Marosvásárhely|Neumarkt',
  RS: 'Belgrade|Beograd|Београд|Belgrad;Novi Sad|Нови Сад;Niš|Ниш;Subotica|Суботица|Szabadka;Kragujevac|Крагујевац',
  RU: 'Moscow|Москва|Moskau|Moscou|Moskva;Saint Petersburg|St Petersburg|Санкт-Петербург|Sankt-Peterburg|СПб;Yekaterinburg|Екатеринбург;Novosibirsk|Новосибирск;Kazan|Казань;Sochi|Сочи;Nizhniy Novgorod|Nizhny Novgorod|Нижний Новгород;Rostov-na-Donu|Ростов-на-Дону|Rostov-on-Don',
  SA: 'Riyadh|الرياض;Jeddah|Jidda|جدة;Mecca|Makkah|مكة|مكة المكرمة;Medina|Madinah|المدينة المنورة;Dammam|الدمام',
  SE: 'Göteborg|Gothenburg;Malmö|Malmoe;Stockholm|Estocolmo',
  SG: 'Singapore|Singapura|新加坡|சிங்கப்பூர்',
  SI: 'Ljubljana|Laibach|Lubiana;Koper|Capodistria|Koper/Capodistria;Piran|Pirano|Piran/Pirano;Izola|Isola|Izola/Isola;Maribor|Marburg an der Drau',
  SK: 'Bratislava|Pressburg|Pozsony;Košice|Kaschau|Kassa;Komárno|Komárom;Trnava|Tyrnau',
  TH: 'Bangkok|กรุงเทพฯ|กรุงเทพ|กรุงเทพมหานคร|Krung Thep;Chiang Mai|Chiangmai|เชียงใหม่;Phuket|ภูเก็ต;Pattaya|พัทยา',
  TN: 'Tunis|تونس;Sousse|سوسة;Sfax|صفاقس',
  TR: 'Istanbul|İstanbul;Izmir|İzmir|Smyrna',
  TW: 'Taipei|Taipei City|台北|臺北|台北市|臺北市;Kaohsiung|Kaohsiung City|高雄|高雄市;Taichung|Taichung City|台中|臺中|台中市|臺中市;Tainan|Tainan City|台南|臺南|台南市|臺南市',
  UA: 'Kyiv|Kiev|Київ|Киев;Lviv|Lvov|Львів|Львов|Lwów|Lemberg;Odesa|Odessa|Одеса|Одесса;Kharkiv|Kharkov|Харків|Харьков;Dnipro|Дніпро|Днепр',
  US: 'New York City|New York|NYC;Washington|Washington, D.C.|Washington DC;Ventura|San Buenaventura;Winston-Salem|Winston Salem;Coeur d’Alene|Coeur dAlene',
  UY: 'Montevideo|Mvd.',
  UZ: 'Tashkent|Toshkent|Ташкент;Samarkand|Samarqand|Самарканд',
  VN: 'Ho Chi Minh City|Thành phố Hồ Chí Minh|Hồ Chí Minh|TP. Hồ Chí Minh|TP.HCM|TPHCM|TP HCM|HCMC|Saigon|Sài Gòn;Hanoi|Hà Nội|TP. Hà Nội|Thành phố Hà Nội;Da Nang|Đà Nẵng|Danang|TP. Đà Nẵng;Huế|Hue|TP. Huế|Thành phố Huế;Hội An|Hoi An;Haiphong|Hải Phòng|TP. Hải Phòng;Cần Thơ|Can Tho|TP. Cần Thơ;Nha Trang|TP. Nha Trang',
  ZA: 'Port Elizabeth|Gqeberha;Cape Town|Kaapstad|iKapa;Pretoria|Tshwane;Makhanda|Grahamstown;Johannesburg|Joburg;Durban|eThekwini;Polokwane|Pietersburg;Mbombela|Nelspruit',
};

const known = new Map<string, ReadonlyMap<string, readonly string[]>>();

function namesIn(country: string): ReadonlyMap<string, readonly string[]> {
  let names = known.get(country);
  if (!names) {
    const all = Object.hasOwn(NAMES, country) ? (NAMES[country] ?? '') : '';
    names = new Map(
      all.split(';').flatMap((town) => {
        const list = town.split('|').filter(Boolean);
        return list.map((name) => [fold(name), list] as const);
      }),
    );
    known.set(country, names);
  }
  return names;
}

/** The names that a town of a country (ISO 3166-1, two letters) is well known by, its own among them; none where it has but one. */
export const namesOfTown = (town: string, country: string): readonly string[] =>
  namesIn(country).get(fold(town)) ?? [];
