import { describe, expect, test } from '@jest/globals';
import { days } from '#core/hours';
import { countryOfHeadings } from './headings.ts';
import { branchOfRow, countryOfSheet, guessColumns, rowOfBranch } from './index.ts';

const COLUMNS = [
  'name',
  'telephone',
  'email',
  'url',
  'address.streetAddress',
  'address.postalCode',
  'address.addressLocality',
  'address.addressCountry',
  'week',
] as const;

test.each([
  ['Filialname;Straße und Hausnr.;PLZ;Ort;Telefonnr.', 'address.streetAddress'],
  ['Naam vestiging;Straat;Postcode;Plaats;Telefoonnr.', 'address.streetAddress'],
  ['Nazwa sklepu;Ulica i nr;Kod pocztowy;Miejscowość;Telefon', 'address.streetAddress'],
  ['Butiksnavn;Adresse;Postnr.;By;Telefon', 'wholeAddress'],
  ['Butikknavn;Gateadresse;Postnr.;Poststed;Telefon', 'address.streetAddress'],
  ['Myymälän nimi;Katuosoite;Postinumero;Postitoimipaikka;Puhelinnumero', 'address.streetAddress'],
  ['Název pobočky;Ulice a č.p.;PSČ;Město;Telefon', 'address.streetAddress'],
  ['Üzlet neve;Cím;Irányítószám;Város;Telefonszám', 'wholeAddress'],
  ['Denumire magazin;Adresă;Cod poștal;Oraș;Telefon', 'wholeAddress'],
  ['Όνομα καταστήματος;Διεύθυνση;Τ.Κ.;Πόλη;Τηλέφωνο', 'wholeAddress'],
  ['Название магазина;Улица;Индекс;Город;Телефон', 'address.streetAddress'],
  ['Име на обекта;Адрес;Пощенски код;Град;Телефон', 'wholeAddress'],
  ['Naziv poslovnice;Ulica i broj;Poštanski broj;Grad;Telefon', 'address.streetAddress'],
  ['Tên cửa hàng;Địa chỉ;Mã bưu chính;Thành phố;Điện thoại', 'wholeAddress'],
  ['Nafn verslunar;Heimilisfang;Póstnúmer;Staður;Sími', 'wholeAddress'],
  ['Botiga;Adreça;Codi postal;Població;Telèfon', 'wholeAddress'],
])('the name of a branch, in the words of a language for both: %s', (headings, address) => {
  expect(guessColumns(headings.split(';'))).toEqual([
    headings.startsWith('Botiga') ? 'label' : 'name',
    address,
    'address.postalCode',
    'address.addressLocality',
    'telephone',
  ]);
});

describe('the headings of a sheet', () => {
  test.each([
    ['Business name;Phone;E-mail;Web address;Street line 1;ZIP;Town;Country;Opening hours'],
    ['Firma;Tel.;E-Mail-Adresse;Internetadresse;Straße, Nr.;PLZ;Ort;Land;Öffnungszeiten'],
    ['Raison sociale;Tél.;Courriel;Site internet;N° et rue;CP;Localité;Pays;Horaires d’ouverture'],
    ['Razón social;Teléfono;Correo;Página web;Calle y número;C.P.;Población;País;Horario'],
    ['Ragione sociale;Telefono;Posta elettronica;Sito;Via;CAP;Comune;Nazione;Orari di apertura'],
    ['Bedrijfsnaam;Tel;E-mailadres;Webadres;Straatnaam;Postcode;Plaats;Land;Openingsuren'],
    ['Razão social;Telefone;Correio eletrónico;Site;Morada;Código postal;Localidade;País;Horário'],
    ['Nazwa firmy;Numer telefonu;Adres e-mail;Strona www;Ulica;Kod pocztowy;Miasto;Kraj;Godziny otwarcia'],
    ['Název;Telefonní číslo;E-mail;Webové stránky;Ulice a číslo;PSČ;Obec;Země;Otevírací doba'],
    ['Názov;Telefón;E-mail;Webová stránka;Ulica;PSČ;Mesto;Krajina;Otváracie hodiny'],
    ['Cégnév;Telefonszám;E-mail cím;Honlap;Utca, házszám;Irsz.;Település;Ország;Nyitvatartás'],
    ['Denumire;Număr de telefon;E-mail;Site;Strada;Cod poștal;Localitate;Țara;Program'],
    ['Naziv;Broj telefona;E-pošta;Web stranica;Ulica i broj;Poštanski broj;Mjesto;Država;Radno vrijeme'],
    ['Företag;Telefon;E-post;Hemsida;Gatuadress;Postnr;Postort;Land;Öppettider'],
    ['Navn;Tlf.;E-mail;Hjemmeside;Gade og nr.;Postnr.;By;Land;Åbningstider'],
    ['Bedriftsnavn;Tlf.;E-post;Nettside;Gateadresse;Postnr;Poststed;Land;Åpningstider'],
    ['Yritys;Puh.;Sähköposti;Kotisivu;Lähiosoite;Postinumero;Postitoimipaikka;Maa;Aukioloajat'],
    ['Επωνυμία;Τηλ.;Email;Ιστοσελίδα;Οδός και αριθμός;Τ.Κ.;Πόλη;Χώρα;Ωράριο'],
    ['Firma adı;Telefon numarası;E-posta;Web sitesi;Sokak;Posta kodu;Şehir;Ülke;Çalışma saatleri'],
    ['Наименование;Тел.;Эл. почта;Сайт;Улица, дом;Индекс;Город;Страна;Режим работы'],
    ['Назва;Номер телефону;Пошта;Вебсайт;Вулиця;Поштовий індекс;Місто;Країна;Графік роботи'],
    ['会社名;電話番号;メールアドレス;ホームページ;町名・番地;郵便番号;市区町村;国;営業時間'],
    ['상호;전화번호;이메일;홈페이지;도로명주소;우편번호;시군구;국가;영업시간'],
    ['公司名称;联系电话;邮箱;网址;街道地址;邮编;城市;国家;营业时间'],
    ['公司名稱;聯絡電話;電子信箱;網址;街道地址;郵遞區號;城市;國家;營業時間'],
  ])('%s mean the same', (headings) => {
    expect(guessColumns(headings.split(';'))).toEqual(COLUMNS);
  });

  test('mean what they do in the language of the others', () => {
    expect(guessColumns(['Název', 'Ulice', 'Kraj', 'Země'])[2]).toBe('address.addressRegion');
    expect(guessColumns(['Nazwa', 'Ulica', 'Kraj'])[2]).toBe('address.addressCountry');
    expect(guessColumns(['Ad', 'Telefon', 'Cep', 'Adres', 'Şehir'])[2]).toBe('mobile');
    expect(guessColumns(['Nome', 'Telefone', 'CEP', 'Rua', 'Cidade'])[2]).toBe('address.postalCode');
    expect(guessColumns(['Site', 'Phone', 'Postcode'], true)[0]).toBe('label');
    expect(guessColumns(['Nom', 'Site', 'Ville', 'Téléphone'])[1]).toBe('url');
  });

  test('tell the country whose language they are in, where it is that of one', () => {
    expect(countryOfHeadings(['店舗名', '電話番号', '住所'])).toBe('JP');
    expect(countryOfHeadings(['Nazwa', 'Ulica', 'Kod pocztowy', 'Miasto'])).toBe('PL');
    expect(countryOfHeadings(['Name', 'Straße', 'PLZ', 'Ort'])).toBe('');
    expect(countryOfHeadings(['Name', 'Street', 'City', 'Phone'])).toBe('');
    expect(countryOfHeadings(['Navn', 'Telefon', 'Land'])).toBe('');
  });

  test('may be written as programs do, with an aside, or in two languages', () => {
    expect(
      guessColumns(['businessName', 'phone_number', 'Straße (mit Nr.)', 'PLZ / Postcode', 'City/Town']),
    ).toEqual([
      'name',
      'telephone',
      'address.streetAddress',
      'address.postalCode',
      'address.addressLocality',
    ]);
  });

  test('that only stores’ names have give the branches their names', () => {
    expect(guessColumns(['店舗名', '電話番号'])[0]).toBe('name');
    expect(guessColumns(['매장명', '전화'])[0]).toBe('name');
    expect(guessColumns(['Şube adı', 'Telefon'])[0]).toBe('name');
    expect(guessColumns(['店舗名', '会社名'])).toEqual(['label', 'name']);
  });
});

describe('days over columns', () => {
  const week = days.map((day) => `hours.${day}`);
  test.each([
    ['Mo,Di,Mi,Do,Fr,Sa,So'],
    ['Lun,Mar,Mer,Jeu,Ven,Sam,Dim'],
    ['Ma,Di,Wo,Do,Vr,Za,Zo'],
    ['Po,Út,St,Čt,Pá,So,Ne'],
    ['ma,ti,ke,to,pe,la,su'],
    ['月,火,水,木,金,土,日'],
    ['Пн,Вт,Ср,Чт,Пт,Сб,Вс'],
    ['Mon,Tues,Wed,Thurs,Fri,Sat,Sun'],
    ['Mon hours,Tue hours,Wed hours,Thu hours,Fri hours,Sat hours,Sun hours'],
    ['Horaires lundi,Horaires mardi,Mercredi,Jeudi,Vendredi,Samedi,Dimanche'],
  ])('%s are a week', (headings) => {
    expect(guessColumns(headings.split(','))).toEqual(week);
  });

  test('are no days alone where they are too short to be one', () => {
    expect(guessColumns(['Name', 'ma', 'Pt'])).toEqual(['name', undefined, undefined]);
    expect(guessColumns(['Name', 'Lördag'])).toEqual(['name', 'hours.Saturday']);
  });

  test.each([
    ['Monday Open,Monday Close', '09:00,17:00', '09:00-17:00'],
    ['mondayOpen,mondayClose', '9am,5pm', '9am-5pm'],
    ['Mo von,Mo bis,Di von,Di bis,Do von,Do bis', '9,18,,,,', '9-18'],
    ['Monday Open,Monday Close', 'closed,closed', 'closed'],
    ['Lundi ouverture,Lundi fermeture', '9h,18h30', '9h-18h30'],
    [
      'Mon open 1,Mon close 1,Mon open 2,Mon close 2,Tue open 1,Wed open 1',
      '8,12,14,18,,',
      '08:00-12:00, 14:00-18:00',
    ],
  ])('%s with %s are one span', (headings, cells, told) => {
    const columns = guessColumns(headings.split(','));
    expect(branchOfRow(cells.split(','), columns).record.hours.Monday).toBe(told);
  });
});

describe('an address beside a column for the town', () => {
  const addressOf = (headings: string, cells: string): object =>
    branchOfRow(cells.split('|'), guessColumns(headings.split('|')), { home: 'US' }).record.address;
  const quay = {
    streetAddress: '12 Quay Street, Suite 4',
    addressLocality: 'Anacortes',
    addressRegion: 'WA',
    postalCode: '98221',
  };

  test('is the street, wherever its column stands', () => {
    expect(addressOf('Address|City|State|ZIP', '12 Quay Street, Suite 4|Anacortes|WA|98221')).toMatchObject(
      quay,
    );
    expect(addressOf('City|State|ZIP|Address', 'Anacortes|WA|98221|12 Quay Street, Suite 4')).toMatchObject(
      quay,
    );
  });

  test('is taken apart where it holds the town, and the columns of their own go before', () => {
    expect(
      addressOf('City|Address|ZIP', 'Anacortes|12 Quay Street, Suite 4, Anacortes, WA 98222|98221'),
    ).toMatchObject(quay);
  });
});

describe('a row in words of its country', () => {
  const read = (headings: string, cells: string, home = '', typeOf?: (word: string) => string) =>
    branchOfRow(cells.split('|'), guessColumns(headings.split('|')), typeOf ? { home, typeOf } : { home });

  test('has its country by name, and the type by the word of its trade', () => {
    const { record, faults } = read('Firma|Land|Branche', 'Krume|Österreich|Bäckerei', 'DE', (word) =>
      word === 'Bäckerei' ? 'Bakery' : '',
    );
    expect(record).toMatchObject({ address: { addressCountry: 'AT' }, types: ['Bakery'] });
    expect(faults).toContainEqual(
      expect.objectContaining({ fact: 'types', grade: 'note', message: '“Bäckerei” was read as Bakery.' }),
    );
    expect(read('Firma|Branche', 'Krume|Dentist', 'DE', () => 'Bakery').record.types).toEqual(['Dentist']);
  });

  test.each([
    ['Naam|Straat|Huisnummer|Plaats', 'Bol|Dorpsstraat|12a|Ons Dorp', 'NL', 'Dorpsstraat 12a'],
    ['Nombre|Calle|Número|Ciudad', 'Pan|Calle Mayor|3|Madrid', 'ES', 'Calle Mayor, 3'],
    ['Name|House no.|Street|City', 'Vet|12|Quay Street|Anacortes', 'US', '12 Quay Street'],
    ['Name|Straße|Nr.|Ort', 'Krume|Marktgasse 3|3|Tübingen', 'DE', 'Marktgasse 3'],
  ])('has %s put together', (headings, cells, home, street) => {
    expect(read(headings, cells, home).record.address.streetAddress).toBe(street);
  });

  test('has hours of a day read by daytime, which is told; other numbers are other things', () => {
    const { record, faults } = read('Name|Mon|Tue|Wed', 'Vet|9-5.30|9am - 5pm|whenever', 'GB');
    expect(record.hours).toMatchObject({
      Monday: '09:00-17:30',
      Tuesday: '9am - 5pm',
      Wednesday: 'whenever',
    });
    expect(
      faults.flatMap(({ fact, grade }) => (fact.startsWith('hours.') ? [`${fact} ${grade}`] : [])),
    ).toEqual(['hours.Wednesday must', 'hours.Monday note']);
    expect(guessColumns(['Name', 'Nr.'])[1]).not.toBe('houseNumber');
  });

  test('has values as people write them, which is told', () => {
    const { record, faults } = read(
      'Name|Founded|Website|Profiles|Latitude|Longitude|City',
      'Krume|12/03/1998|krume.example|https://a.example/x https://b.example/y|48°30\'44"N|9°3\'6"E|Tübingen',
      'DE',
    );
    expect(record).toMatchObject({
      foundingDate: '1998-03-12',
      url: 'https://krume.example',
      sameAs: ['https://a.example/x', 'https://b.example/y'],
      pin: { latitude: '48.512222', longitude: '9.051667' },
    });
    expect(faults.filter(({ grade }) => grade === 'note').map(({ message }) => message)).toEqual(
      expect.arrayContaining([
        '“12/03/1998” was read as 1998-03-12.',
        '“krume.example” was read as https://krume.example.',
      ]),
    );
  });

  test('has a whole address with the postal code beside it', () => {
    expect(
      read('상호|우편번호|주소', '한빛치과|03154|서울특별시 종로구 종로 12', 'KR').record.address,
    ).toMatchObject({ postalCode: '03154', addressCountry: 'KR' });
    expect(
      read('Name|Address|ZIP', 'Vet|12 Quay Street, Anacortes, WA|98221', 'US').record.address,
    ).toMatchObject({
      streetAddress: '12 Quay Street',
      addressLocality: 'Anacortes',
      addressRegion: 'WA',
      postalCode: '98221',
    });
  });

  test('has hours of several days in one column, and days of rest in another', () => {
    const { record } = read(
      'Store #|Store Name|Hours M-F|Hours Sat|Hours Sun|City/State/Zip',
      '014|Cedar Feed|8a-6p|9-5|x|Hamilton, MT 59840',
      'US',
    );
    expect(record).toMatchObject({
      name: 'Cedar Feed',
      branchCode: '014',
      hours: { Monday: '08:00-18:00', Friday: '08:00-18:00', Saturday: '09:00-17:00', Sunday: 'closed' },
      address: { addressLocality: 'Hamilton', addressRegion: 'MT', postalCode: '59840' },
    });
    expect(read('店舗名|営業時間|定休日', '北店|11:00～21:00|水曜日', 'JP').record.hours).toMatchObject({
      Tuesday: '11:00-21:00',
      Wednesday: 'closed',
      Thursday: '11:00-21:00',
    });
    expect(read('Butik|Vardagar|Lördag', 'Norra|10-18|10-15', 'SE').record.hours).toMatchObject({
      Friday: '10-18',
      Saturday: '10-15',
      Sunday: '',
    });
    // A day's own column goes before that of its run, and rest that no day is named for is told.
    const { record: own, faults } = read(
      'Name|Hours Mo-Fr|Friday|Closed on',
      'A|9:00-17:00|9:00-12:00|sometimes',
    );
    expect(own.hours).toMatchObject({ Thursday: '9:00-17:00', Friday: '9:00-12:00' });
    expect(faults.map(({ message }) => message)).toContain('“sometimes” was not read as days of rest.');
    expect(
      read('Name|Hours|Closed on', 'A|Mon-Fri 9am-5pm|none').faults.map(({ message }) => message),
    ).not.toContain('“none” was not read as days of rest.');
  });

  test.each([
    ['PLZ/Ort', 'townLine'],
    ['PLZ, Ort', 'townLine'],
    ['Code postal et ville', 'townLine'],
    ['City, State, Zip', 'townLine'],
    ['Straße, PLZ, Ort', 'wholeAddress'],
    ['City', 'address.addressLocality'],
    ['Postal code', 'address.postalCode'],
    ['Province/State', 'address.addressRegion'],
  ])('names the parts of an address together: %s', (heading, column) => {
    expect(guessColumns([heading])).toEqual([column]);
  });

  test('has a town behind its postal code in one cell', () => {
    expect(read('Name|PLZ/Ort', 'Aare|4600 Olten').record.address).toMatchObject({
      addressLocality: 'Olten',
      postalCode: '4600',
    });
    expect(read('Name|PLZ/Ort', 'Aare|Olten', 'CH').record.address).toMatchObject({
      addressLocality: 'Olten',
      postalCode: '',
    });
  });

  test('has the number of a house before or behind its street, as its columns stand, and what is added to it', () => {
    const street = (headings: string, row: string, country = ''): string =>
      read(headings, row, country).record.address.streetAddress;
    expect(street('Street number|Street name|City', '410|Commercial St|Ottawa')).toBe('410 Commercial St');
    expect(street('Street|House number|City', 'Lange Gasse|4|Wien')).toBe('Lange Gasse 4');
    expect(street('Street number|Street name|City', '4|Lange Gasse|Wien', 'AT')).toBe('Lange Gasse 4');
    expect(street('Straat|Huisnummer|Toevoeging|Plaats', 'Nieuwestad|101|a|Leeuwarden')).toBe(
      'Nieuwestad 101a',
    );
    expect(street('Straat|Huisnummer|Toevoeging|Plaats', 'Nieuwestad|101|2|Leeuwarden')).toBe(
      'Nieuwestad 101-2',
    );
  });

  test('is written again as it was read', () => {
    const columns = guessColumns(['Name', 'PLZ/Ort', 'Hours M-F', 'Closed on']);
    const { record } = read('Name|PLZ/Ort|Hours M-F|Closed on', 'Aare|4600 Olten|9:00-17:00|Sunday', 'CH');
    expect(rowOfBranch('Aare', record, columns)).toEqual(['Aare', '4600 Olten', '9:00-17:00', 'Sunday']);
    const mixed = { ...record, hours: { ...record.hours, Friday: 'closed' } };
    expect(rowOfBranch('Aare', mixed, columns)).toEqual(['Aare', '4600 Olten', '', 'Friday, Sunday']);
  });
});

test.each([
  ['DE', 'Filiale;Straße;PLZ;Ort;Telefon', 'A;Weg 1;22041;Hamburg;1'],
  ['DE', 'Filiale;Straße;PLZ/Ort;Telefon', 'A;Weg 1;22041 Hamburg;1'],
  // Austria and Switzerland both have four digits.
  ['', 'Filiale;Straße;PLZ;Ort;Telefon', 'A;Weg 1;1010;Wien;1'],
  ['FR', 'Nom;Adresse;CP;Ville;Tél.', 'A;1 rue;59000;Lille;1'],
  ['CA', 'Nom;Adresse;Code postal;Ville;Tél.', 'A;1 rue;G1R 4P5;Québec;1'],
  ['NL', 'Naam;Adres;Postcode;Plaats;Tel', 'A;Weg 1;8911CL;Leeuwarden;1'],
  ['BE', 'Naam;Adres;Postcode;Plaats;Tel', 'A;Weg 1;2000;Antwerpen;1'],
  ['BR', 'Nome da loja;Endereço;CEP;Cidade;UF', 'A;Rua 1;80060-000;Curitiba;PR'],
  ['US', 'Store;Address 1;City;ST;Zip', 'A;1 Main St;Hamilton;MT;59840'],
  ['AU', 'Store;Street;Suburb;State;Postcode', 'A;1 Main St;Geelong;VIC;3220'],
  ['GB', 'Store;Street;Town;Postcode', 'A;1 High St;Oxford;OX2 0DP'],
  ['', 'Store;Street;Town;Postcode', 'A;1 Jalan;Ampang;50450'],
  ['PL', 'Nazwa;Ulica;Kod pocztowy;Miasto;Telefon', 'A;x 1;;Wrocław;1'],
  ['', 'Filiale;Straße;PLZ;Ort;Telefon', 'A;Weg 1;;Hamburg;1'],
])('the country of a sheet is that of its language and its codes: %s, %s', (country, headings, row) => {
  expect(countryOfSheet(headings.split(';'), [row.split(';')])).toBe(country);
});

test('a short day beside days in a row is one', () => {
  expect(guessColumns(['Name', 'Mo-Fr', 'Sa', 'So', 'Nr'])).toEqual([
    'name',
    'mondayToFriday',
    'hours.Saturday',
    'hours.Sunday',
    undefined,
  ]);
  expect(guessColumns(['Name', 'Sa'])).toEqual(['name', undefined]);
});

test.each([
  ['Store Phone', 'telephone'],
  ['Branch E-mail', 'email'],
  ['Shop_Website', 'url'],
  ['Store Zip', 'address.postalCode'],
  ['LocationCity', 'address.addressLocality'],
  ['Telefon Filiale', 'telephone'],
  ['Téléphone du magasin', 'telephone'],
  ['Dirección de la tienda', 'wholeAddress'],
  ['Telefono negozio', 'telephone'],
  ['addr:street', 'address.streetAddress'],
  ['addr:housenumber', 'houseNumber'],
  ['addr:postcode', 'address.postalCode'],
  ['addr:city', 'address.addressLocality'],
  ['addr:country', 'address.addressCountry'],
  ['contact:phone', 'telephone'],
  ['Store Type', undefined],
  ['Store Manager', undefined],
  ['Contact person', undefined],
])('what the place is called stands in a heading, too: %s', (heading, column) => {
  expect(guessColumns(['Name', heading])).toEqual(['name', column]);
});

test.each([
  '店舗名;郵便番号;店舗住所;店舗電話番号',
  '매장명;우편번호;매장 주소;매장 전화',
  '门店名称;邮编;门店地址;门店电话',
])('or before it, in letters without blanks: %s', (headings) => {
  expect(guessColumns(headings.split(';'))).toEqual([
    'name',
    'address.postalCode',
    'wholeAddress',
    'telephone',
  ]);
});

test.each([
  ['Ragione sociale;Insegna', ['legalName', 'name']],
  ['Nome fantasia;Razão social', ['name', 'legalName']],
  ['Razón social;Nombre comercial', ['legalName', 'name']],
  ['Raison sociale;Enseigne', ['legalName', 'name']],
  ['Legal name;Trading name', ['legalName', 'name']],
  ['Ragione sociale;Telefono', ['name', 'telephone']],
  ['Nome negozio;Ragione sociale', ['name', 'legalName']],
])('the name over the door goes before the registered one: %s', (headings, columns) => {
  expect(guessColumns(headings.split(';'))).toEqual(columns);
});

test('a mobile number is the business’s own where there is no other', () => {
  expect(guessColumns(['Name', 'Handy'])).toEqual(['name', 'telephone']);
  expect(guessColumns(['Name', 'Handy', 'Telefon'])).toEqual(['name', 'mobile', 'telephone']);
});

test.each([
  // by what only one country has
  ['IN', 'Name;Address;City;State;Pincode', 'A;1 X Rd;Pune;Maharashtra;411001'],
  ['CH', 'Name;Strasse;PLZ / Ort;Kanton', 'A;Weg 1;4600 Olten;SO'],
  ['MX', 'Nombre;Calle;Colonia;Estado;C.P.', 'A;Juárez 1;Centro;Puebla;72000'],
  // by codes and numbers
  ['ES', 'Nombre;Calle;C.P.;Población;Teléfono', 'A;Mayor 1;28013;Madrid;915 550 123'],
  ['', 'Nombre;Calle;C.P.;Población', 'A;Mayor 1;28013;Madrid'],
  ['IT', 'Ragione sociale;Indirizzo;CAP;Comune;Prov.', 'A;Via Roma 1;10122;Torino;TO'],
  // by codes in whole addresses
  ['DE', 'Filiale;Adresse;Telefon;Öffnungszeiten', 'A;Weg 1, 22765 Hamburg;040 123456;'],
  ['FR', 'Magasin;Adresse;Téléphone;Courriel', 'A;1 rue X, 84000 Avignon;04 90 12 34 56;'],
  ['GB', 'Branch,Address,Phone', 'A,1 Quay St Truro TR1 2HE,01872 555012'],
  ['', 'Filiale;Adresse;Telefon', 'A;Weg 1;'],
  // words that English shares with others say nothing
  ['US', 'Name,Address,City,State,Zip,Phone,Fax,Email,Website', 'A,1 X St,Portland,OR,97201,,,,'],
])('the country of a sheet is that of its headings, codes and numbers: %s, %s', (country, headings, row) => {
  const at = headings.includes(';') ? ';' : ',';
  expect(countryOfSheet(headings.split(at), [row.split(at)])).toBe(country);
});

test.each([
  ['Rua;Número;Complemento;Bairro', 'Rua X;5;Loja 2;Consolação', 'Loja 2, Consolação'],
  ['Street,Address Line 2,Address Line 3', '1 X St,Unit 4,The Wharf', 'Unit 4, The Wharf'],
  ['Calle;Núm. ext.;Colonia', 'Juárez;120;Centro', 'Centro'],
])('the lines under the street are kept together: %s', (headings, row, lines) => {
  const at = headings.includes(';') ? ';' : ',';
  const columns = guessColumns(headings.split(at));
  const { record } = branchOfRow(row.split(at), columns);
  expect(record.extendedAddress).toBe(lines);
  // A sheet that was written again is read as it was.
  expect(branchOfRow(rowOfBranch('', record, columns), columns).record.extendedAddress).toBe(lines);
});

test.each([
  ['门店名称,省,市,区,详细地址,邮编', 'A,浙江省,杭州市,西湖区,北山街10号,310007', '西湖区北山街10号'],
  ['门店名称,省,市,区,详细地址', 'A,浙江省,杭州市,西湖区,西湖区北山街10号', '西湖区北山街10号'],
  ['門市名稱,縣市,行政區,地址,電話', 'A,臺北市,大安區,信義路三段1號,02', '大安區信義路三段1號'],
  ['Tên cửa hàng,Địa chỉ,Quận/Huyện,Thành phố', 'A,12 Lê Lợi,Quận 1,Đà Nẵng', '12 Lê Lợi, Quận 1'],
])('a district stands with the street: %s', (headings, row, street) => {
  const { record } = branchOfRow(row.split(','), guessColumns(headings.split(',')));
  expect(record.address.streetAddress).toBe(street);
});

test.each([
  ['Unit 3, The Wharf', '14 Quay Street', '14 Quay Street', 'Unit 3, The Wharf'],
  ['Riverside House', '14a Quay St', '14a Quay St', 'Riverside House'],
  ['Riverside House', '14 St Mary’s Street', '14 St Mary’s Street', 'Riverside House'],
  ['14 Quay Street', 'Unit 3', '14 Quay Street', 'Unit 3'],
  ['High Street 5', '14 Old Mill Court', 'High Street 5', '14 Old Mill Court'],
  ['Quay Street', '2 floor left', 'Quay Street', '2 floor left'],
])('the street goes before the part of its building: %s over %s', (first, second, street, beside) => {
  const columns = guessColumns(['Address Line 1', 'Address Line 2', 'City']);
  const { record, faults } = branchOfRow([first, second, 'Truro'], columns);
  expect([record.address.streetAddress, record.extendedAddress]).toEqual([street, beside]);
  expect(faults.some(({ message }) => message.includes('second line'))).toBe(first !== street);
});
