import { joined, type Words } from './words.ts';

/** What English labels are called in the languages of `further`, in the order of `blockLanguages`. */
export const saidFurther: Readonly<Record<string, string>> = {
  'PO box': 'Caixa postal | Skrytka pocztowa | Box | Postboks | Postboks | Postilokero | P. O. Box | 사서함',
  Stars: 'Estrelas | Gwiazdki | Stjärnor | Stjerner | Stjerner | Tähdet | Hvězdičky | 별',
  'Check-in':
    'Entrada a partir das | Zameldowanie od | Incheckning från | Indtjekning fra | Innsjekking fra | Sisäänkirjautuminen | Příjezd od | 체크인',
  'Check-out':
    'Saída até | Wymeldowanie do | Utcheckning senast | Udtjekning inden | Utsjekking innen | Uloskirjautuminen | Odjezd do | 체크아웃',
  Pets: 'Animais | Zwierzęta | Husdjur | Kæledyr | Kjæledyr | Lemmikit | Domácí zvířata | 반려동물',
  Rooms: 'Quartos | Pokoje | Rum | Værelser | Rom | Huoneet | Pokoje | 객실',
  Amenities:
    'Comodidades | Udogodnienia | Bekvämligheter | Faciliteter | Fasiliteter | Palvelut | Vybavení | 편의시설',
  Languages: 'Idiomas | Języki | Språk | Sprog | Språk | Kielet | Jazyky | 사용 언어',
  Capacity:
    'Lotação | Liczba miejsc | Antal platser | Antal pladser | Antall plasser | Paikkoja | Kapacita | 수용 인원',
  Treatments:
    'Tratamentos | Zabiegi | Behandlingar | Behandlinger | Behandlinger | Hoidot | Ošetření | 진료 항목',
  Awards: 'Prémios | Nagrody | Utmärkelser | Priser | Priser | Palkinnot | Ocenění | 수상',
  Brands: 'Marcas | Marki | Varumärken | Mærker | Merker | Merkit | Značky | 브랜드',
  'Member of': 'Membro de | Członek | Medlem i | Medlem af | Medlem av | Jäsenyydet | Člen | 소속 단체',
  Staff: 'Equipe | Zespół | Personal | Personale | Ansatte | Henkilökunta | Tým | 직원',
  yes: 'sim | tak | ja | ja | ja | kyllä | ano | 가능',
  no: 'não | nie | nej | nej | nei | ei | ne | 불가',
  'Opening hours':
    'Horário de funcionamento | Godziny otwarcia | Öppettider | Åbningstider | Åpningstider | Aukioloajat | Otevírací doba | 영업시간',
  'Public holidays':
    'Feriados | Święta | Helgdagar | Helligdage | Helligdager | Pyhäpäivät | Svátky | 공휴일',
  Telephone: 'Telefone | Telefon | Telefon | Telefon | Telefon | Puhelin | Telefon | 전화',
  Mobile: 'Celular | Telefon komórkowy | Mobil | Mobil | Mobil | Matkapuhelin | Mobil | 휴대전화',
  'Text messages': 'SMS | SMS | SMS | SMS | SMS | Tekstiviesti | SMS | 문자',
  Fax: 'Fax | Faks | Fax | Fax | Faks | Faksi | Fax | 팩스',
  Email: 'E-mail | E-mail | E-post | E-mail | E-post | Sähköposti | E-mail | 이메일',
  Contact: 'Contato | Kontakt | Kontakt | Kontakt | Kontakt | Yhteystiedot | Kontakt | 문의',
  Map: 'Mapa | Mapa | Karta | Kort | Kart | Kartta | Mapa | 지도',
  'Show on a map':
    'Ver no mapa | Pokaż na mapie | Visa på karta | Vis på kort | Vis på kart | Näytä kartalla | Zobrazit na mapě | 지도에서 보기',
  'We serve':
    'Área atendida | Obszar działania | Vi finns i | Vi dækker | Vi dekker | Toimialue | Působíme v oblasti | 서비스 지역',
  'Price range':
    'Faixa de preço | Przedział cenowy | Prisklass | Prisniveau | Prisklasse | Hintataso | Cenová kategorie | 가격대',
  Cuisine: 'Cozinha | Kuchnia | Kök | Køkken | Kjøkken | Keittiö | Kuchyně | 요리',
  Menu: 'Cardápio | Menu | Meny | Menu | Meny | Ruokalista | Jídelní lístek | 메뉴',
  Reservations:
    'Reservas | Rezerwacje | Bordsbokning | Reservation | Bordbestilling | Varaukset | Rezervace | 예약',
  Currencies: 'Moedas | Waluty | Valutor | Valutaer | Valutaer | Valuutat | Měny | 통화',
  Payment:
    'Formas de pagamento | Płatność | Betalsätt | Betaling | Betaling | Maksutavat | Platba | 결제 수단',
  Services: 'Serviços | Usługi | Tjänster | Ydelser | Tjenester | Palvelut | Služby | 서비스',
  Departments: 'Departamentos | Działy | Avdelningar | Afdelinger | Avdelinger | Osastot | Oddělení | 부서',
  Order: 'Pedir | Zamów | Beställ | Bestil | Bestill | Tilaa | Objednat | 주문',
  Book: 'Agendar | Umów wizytę | Boka tid | Bestil tid | Bestill time | Varaa aika | Objednat se | 예약하기',
  Rating: 'Avaliação | Ocena | Betyg | Bedømmelse | Vurdering | Arvosana | Hodnocení | 평점',
  Reviews: 'Avaliações | Opinie | Omdömen | Anmeldelser | Anmeldelser | Arvostelut | Recenze | 리뷰',
  'Also known as':
    'Também conhecido como | Inna nazwa | Även känt som | Også kendt som | Også kjent som | Tunnetaan myös nimellä | Známo také jako | 다른 이름',
  'Legal name':
    'Razão social | Nazwa prawna | Juridiskt namn | Juridisk navn | Juridisk navn | Virallinen nimi | Obchodní firma | 법인명',
  Founded: 'Fundado em | Rok założenia | Grundat | Grundlagt | Grunnlagt | Perustettu | Založeno | 설립',
  'Founded by':
    'Fundado por | Założyciel | Grundat av | Grundlagt af | Grunnlagt av | Perustaja | Zakladatel | 설립자',
  Branch: 'Unidade | Oddział | Filial | Filial | Filial | Toimipiste | Pobočka | 지점',
  'VAT number': 'NIF | NIP | Momsnr | Momsnr. | Mva-nummer | ALV-tunniste | DIČ | 부가세 번호',
  'Tax number':
    'Número fiscal | NIP | Organisationsnummer | CVR-nr. | Organisasjonsnummer | Y-tunnus | IČO | 사업자등록번호',
  'Part of': 'Faz parte de | Należy do | En del av | En del af | En del av | Kuuluu ryhmään | Součást | 소속',
  of: 'de | z | av | af | av | / | z | /',
  from: 'de | z | från | fra | fra | lähde | z | ',
  reviews: 'avaliações | opinii | omdömen | anmeldelser | anmeldelser | arvostelua | recenzí | 건',
};

const colon = ': ';

/** Languages beside those of `visitorWords`, in the order of `blockLanguages`. */
export const further = {
  pt: {
    days: 'seg. ter. qua. qui. sex. sáb. dom.',
    months: 'janeiro fevereiro março abril maio junho julho agosto setembro outubro novembro dezembro',
    date: (day, month, year) => [day, month, year].filter(Boolean).join(' de '),
    figures: (day, month, year) => `${day}/${month}/${year}`,
    closed: 'fechado',
    allDay: 'aberto 24 horas',
    appointment: 'com hora marcada',
    colon,
  },
  pl: {
    days: 'pon. wt. śr. czw. pt. sob. niedz.',
    months:
      'stycznia lutego marca kwietnia maja czerwca lipca sierpnia września października listopada grudnia',
    monthsAlone:
      'styczeń luty marzec kwiecień maj czerwiec lipiec sierpień wrzesień październik listopad grudzień',
    date: joined,
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'nieczynne',
    allDay: 'czynne całą dobę',
    appointment: 'po umówieniu',
    colon,
  },
  sv: {
    days: 'mån tis ons tors fre lör sön',
    months: 'januari februari mars april maj juni juli augusti september oktober november december',
    date: joined,
    figures: (day, month, year) => `${year}-${month}-${day}`,
    closed: 'stängt',
    allDay: 'öppet dygnet runt',
    appointment: 'enligt överenskommelse',
    colon,
  },
  da: {
    days: 'man. tirs. ons. tors. fre. lør. søn.',
    months: 'januar februar marts april maj juni juli august september oktober november december',
    date: (day, month, year) => joined(day && `${day}.`, month, year),
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'lukket',
    allDay: 'døgnåbent',
    appointment: 'efter aftale',
    colon,
  },
  nb: {
    days: 'man. tir. ons. tor. fre. lør. søn.',
    months: 'januar februar mars april mai juni juli august september oktober november desember',
    date: (day, month, year) => joined(day && `${day}.`, month, year),
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'stengt',
    allDay: 'døgnåpent',
    appointment: 'etter avtale',
    colon,
  },
  fi: {
    days: 'ma ti ke to pe la su',
    months:
      'tammikuuta helmikuuta maaliskuuta huhtikuuta toukokuuta kesäkuuta heinäkuuta elokuuta syyskuuta lokakuuta marraskuuta joulukuuta',
    monthsAlone:
      'tammikuu helmikuu maaliskuu huhtikuu toukokuu kesäkuu heinäkuu elokuu syyskuu lokakuu marraskuu joulukuu',
    date: (day, month, year) => joined(day && `${day}.`, month, year),
    figures: (day, month, year) => `${day}.${month}.${year}`,
    closed: 'suljettu',
    allDay: 'avoinna 24 h',
    appointment: 'sopimuksen mukaan',
    colon,
  },
  cs: {
    days: 'po út st čt pá so ne',
    months: 'ledna února března dubna května června července srpna září října listopadu prosince',
    monthsAlone: 'leden únor březen duben květen červen červenec srpen září říjen listopad prosinec',
    date: (day, month, year) => joined(day && `${day}.`, month, year),
    figures: (day, month, year) => `${day}. ${month}. ${year}`,
    closed: 'zavřeno',
    allDay: 'otevřeno nonstop',
    appointment: 'po domluvě',
    colon,
  },
  ko: {
    days: '월 화 수 목 금 토 일',
    months: '1월 2월 3월 4월 5월 6월 7월 8월 9월 10월 11월 12월',
    date: (day, month, year) => joined(year && `${year}년`, month, day && `${day}일`),
    figures: (day, month, year) => `${year}. ${month}. ${day}.`,
    closed: '휴무',
    allDay: '24시간 영업',
    appointment: '예약제',
    colon,
  },
} as const satisfies Readonly<Record<string, Words>>;
