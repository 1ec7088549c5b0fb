import { expect, test } from '@jest/globals';
import { addressParts, splitAddress } from './index.ts';

/** Addresses as their countries write them: the text, the country where it names none, and street, town, region, code, country. */
const written = `
14 rue des Lilas\\n69003 LYON CEDEX 03\\nFRANCE [] = 14 rue des Lilas ; LYON CEDEX 03 ;  ; 69003 ; FR
Z.I. Les Pins, 12 avenue du Lac, F-74000 Annecy [FR] = Z.I. Les Pins, 12 avenue du Lac ; Annecy ;  ; 74000 ; FR
Calle de Alcalá, 45, 2º B, 28014 Madrid (Madrid) [ES] = Calle de Alcalá, 45, 2º B ; Madrid ; Madrid ; 28014 ; ES
Rambla de Catalunya, 12 - 08007 Barcelona [ES] = Rambla de Catalunya, 12 ; Barcelona ;  ; 08007 ; ES
Via Garibaldi, 7 - 20121 Milano MI [IT] = Via Garibaldi, 7 ; Milano ; MI ; 20121 ; IT
Rua Augusta, 1500 - Consolação, São Paulo - SP, 01304-001 [BR] = Rua Augusta, 1500 - Consolação ; São Paulo ; SP ; 01304-001 ; BR
Rua Augusta, 1500, Consolação, São Paulo/SP, CEP 01304-001, Brasil [] = Rua Augusta, 1500, Consolação ; São Paulo ; SP ; 01304-001 ; BR
1052 Budapest, Váci utca 12. II. em. 3. [HU] = Váci utca 12. II. em. 3. ; Budapest ;  ; 1052 ; HU
DK-8000 Aarhus C, Store Torv 4 [] = Store Torv 4 ; Aarhus C ;  ; 8000 ; DK
Damrak 12 hs 1012LG Amsterdam [NL] = Damrak 12 hs ; Amsterdam ;  ; 1012LG ; NL
İstiklal Cad. No:12 K:3 34433 Beyoğlu/İstanbul [TR] = İstiklal Cad. No:12 K:3 ; Beyoğlu ; İstanbul ; 34433 ; TR
125009, г. Москва, ул. Тверская, д. 12 [RU] = ул. Тверская, д. 12 ; Москва ;  ; 125009 ; RU
620014, Свердловская обл., г. Екатеринбург, ул. Малышева, 36, оф. 5 [RU] = ул. Малышева, 36, оф. 5 ; Екатеринбург ; Свердловская обл. ; 620014 ; RU
вул. Хрещатик, 12, м. Київ, 01001, Україна [] = вул. Хрещатик, 12 ; Київ ;  ; 01001 ; UA
Str. Memorandumului nr. 5, Cluj-Napoca 400114, jud. Cluj [RO] = Str. Memorandumului nr. 5 ; Cluj-Napoca ; jud. Cluj ; 400114 ; RO
Laugavegur 12, 101 Reykjavík, Ísland [] = Laugavegur 12 ; Reykjavík ;  ; 101 ; IS
〒604-8005 京都府京都市中京区三条通河原町東入ル12 [JP] = 三条通河原町東入ル12 ; 京都市中京区 ; 京都府 ; 604-8005 ; JP
서울특별시 강남구 테헤란로 123, 4층 (역삼동) 06133 [KR] = 테헤란로 123, 4층 (역삼동) ; 강남구 ; 서울특별시 ; 06133 ; KR
(06133) 서울 강남구 테헤란로 123 [KR] = 테헤란로 123 ; 강남구 ; 서울 ; 06133 ; KR
北京市朝阳区建国路88号 100022 [CN] = 建国路88号 ; 朝阳区 ; 北京市 ; 100022 ; CN
广东省深圳市南山区科技园路1号 [CN] = 南山区科技园路1号 ; 深圳市 ; 广东省 ;  ; CN
106 台北市大安區信義路四段12號3樓 [TW] = 信義路四段12號3樓 ; 大安區 ; 台北市 ; 106 ; TW
Shop 12, G/F, 88 Nathan Road, Tsim Sha Tsui, Kowloon, Hong Kong [] = Shop 12, G/F, 88 Nathan Road ; Tsim Sha Tsui ; Kowloon ;  ; HK
12 Orchard Road #03-12, Singapore 238841 [] = 12 Orchard Road #03-12 ; Singapore ;  ; 238841 ; SG
Jl. Sudirman No. 12, RT 01/RW 02, Jakarta Selatan, DKI Jakarta 12190, Indonesia [] = Jl. Sudirman No. 12, RT 01/RW 02 ; Jakarta Selatan ; DKI Jakarta ; 12190 ; ID
123/4 ถนนสุขุมวิท แขวงคลองเตย เขตคลองเตย กรุงเทพมหานคร 10110 [TH] = 123/4 ถนนสุขุมวิท แขวงคลองเตย ; เขตคลองเตย ; กรุงเทพมหานคร ; 10110 ; TH
12 MG Road, Near City Mall, Bengaluru, Karnataka - 560001 [IN] = 12 MG Road, Near City Mall ; Bengaluru ; Karnataka ; 560001 ; IN
شارع التحرير 12، الدقي، الجيزة، مصر [] = شارع التحرير 12، الدقي ; الجيزة ;  ;  ; EG
Av. Insurgentes Sur 1234, Col. Del Valle, C.P. 03100, Ciudad de México, CDMX [MX] = Av. Insurgentes Sur 1234, Col. Del Valle ; Ciudad de México ; CDMX ; 03100 ; MX
Av. Corrientes 1234 5º A (C1043AAZ) Ciudad de Buenos Aires [AR] = Av. Corrientes 1234 5º A ; Ciudad de Buenos Aires ;  ; C1043AAZ ; AR
Cra. 43A #1-50, Medellín, Antioquia 050021 [CO] = Cra. 43A #1-50 ; Medellín ; Antioquia ; 050021 ; CO
Level 3, 12 Collins St, Melbourne VIC 3000 [] = Level 3, 12 Collins St ; Melbourne ; VIC ; 3000 ; AU
1250, rue Sainte-Catherine Ouest, bureau 200, Montréal (Québec) H3G 1P1 [CA] = 1250, rue Sainte-Catherine Ouest, bureau 200 ; Montréal ; Québec ; H3G 1P1 ; CA
1250 Bay St, Unit 5, Toronto, Ontario, Canada M5S 2A1 [] = 1250 Bay St, Unit 5 ; Toronto ; Ontario ; M5S 2A1 ; CA
100 Main Street Suite 200 Springfield, IL 62701 [] = 100 Main Street Suite 200 ; Springfield ; IL ; 62701 ; US
Königsallee 12 – 40212 Düsseldorf [DE] = Königsallee 12 ; Düsseldorf ;  ; 40212 ; DE
12, Grand-Rue, L-1660 Luxembourg [] = 12, Grand-Rue ; Luxembourg ;  ; 1660 ; LU
Av. Corrientes 1234, CABA, Argentina [] = Av. Corrientes 1234 ; CABA ;  ;  ; AR
1 Main St, Overland Park, KS 66204 [] = 1 Main St ; Overland Park ; KS ; 66204 ; US
12 Market St\\nAberystwyth\\nCeredigion\\nSY23 1DE [GB] = 12 Market St ; Aberystwyth ; Ceredigion ; SY23 1DE ; GB
The Old Forge, High Street, Great Bardfield, Braintree, Essex, CM7 4SP [] = The Old Forge, High Street, Great Bardfield ; Braintree ; Essex ; CM7 4SP ; GB
5 North Parade, Belfast, BT7 2GH, Northern Ireland [] = 5 North Parade ; Belfast ;  ; BT7 2GH ; GB
Main St, Carrick-on-Shannon, Co. Leitrim, N41 X2C3 [] = Main St ; Carrick-on-Shannon ; Co. Leitrim ; N41 X2C3 ; IE
350 5th Ave, New York, NY 10118 [] = 350 5th Ave ; New York ; NY ; 10118 ; US
1 Main St, New York 10001 [US] = 1 Main St ; New York ;  ; 10001 ; US
500 S Buena Vista St, Burbank CA 91521 [] = 500 S Buena Vista St ; Burbank ; CA ; 91521 ; US
PO Box 1234\\nHilo HI 96720 [] = PO Box 1234 ; Hilo ; HI ; 96720 ; US
123 Main Street, Springfield, MO, 65802-1234 [US] = 123 Main Street ; Springfield ; MO ; 65802-1234 ; US
123 Calle Luna, San Juan, PR 00901 [] = 123 Calle Luna ; San Juan ; PR ; 00901 ; US
123 rue Principale, Gatineau, QC J8X 2K1 [] = 123 rue Principale ; Gatineau ; QC ; J8X 2K1 ; CA
RR 2, Box 45, Wolfville, Nova Scotia B4P 2R1 [] = RR 2, Box 45 ; Wolfville ; Nova Scotia ; B4P 2R1 ; CA
10 Rue de Rivoli 75004 Paris [FR] = 10 Rue de Rivoli ; Paris ;  ; 75004 ; FR
BP 45, 33700 Mérignac [FR] = BP 45 ; Mérignac ;  ; 33700 ; FR
Lieu-dit Le Bourg, 24200 Sarlat-la-Canéda [FR] = Lieu-dit Le Bourg ; Sarlat-la-Canéda ;  ; 24200 ; FR
Centre commercial Les 4 Temps, 92800 Puteaux, France [] = Centre commercial Les 4 Temps ; Puteaux ;  ; 92800 ; FR
Musterweg 3a D-12345 Berlin [] = Musterweg 3a ; Berlin ;  ; 12345 ; DE
Im Gewerbepark C 25, 93059 Regensburg, Bayern, Deutschland [] = Im Gewerbepark C 25 ; Regensburg ; Bayern ; 93059 ; DE
Lange Straße 10-12 / Ecke Markt, 99084 Erfurt [DE] = Lange Straße 10-12 / Ecke Markt ; Erfurt ;  ; 99084 ; DE
60311 Frankfurt am Main, Zeil 100 [DE] = Zeil 100 ; Frankfurt am Main ;  ; 60311 ; DE
Rathausplatz 1, A-5020 Salzburg [] = Rathausplatz 1 ; Salzburg ;  ; 5020 ; AT
1010 Wien, Graben 12/3 [AT] = Graben 12/3 ; Wien ;  ; 1010 ; AT
Rue du Rhône 12, 1204 Genève, Suisse [] = Rue du Rhône 12 ; Genève ;  ; 1204 ; CH
Via Nassa 12, 6900 Lugano TI [CH] = Via Nassa 12 ; Lugano ; TI ; 6900 ; CH
Via Roma, 12/B - 35122 - Padova (PD) [IT] = Via Roma, 12/B ; Padova ; PD ; 35122 ; IT
Strada Statale 16 km 808+500 70043 Monopoli BA [IT] = Strada Statale 16 km 808+500 ; Monopoli ; BA ; 70043 ; IT
Plaza Mayor, 1 37002 Salamanca [ES] = Plaza Mayor, 1 ; Salamanca ;  ; 37002 ; ES
Ctra. N-340 km 1.234, 29640 Fuengirola, Málaga, España [] = Ctra. N-340 km 1.234 ; Fuengirola ; Málaga ; 29640 ; ES
Pol. Ind. Las Casas, C/ A, parc. 12, 42005 Soria [ES] = Pol. Ind. Las Casas, C/ A, parc. 12 ; Soria ;  ; 42005 ; ES
Largo do Rato 3, R/C, 1250-186 Lisboa [PT] = Largo do Rato 3, R/C ; Lisboa ;  ; 1250-186 ; PT
Rua Direita 10 4000-123 Porto [] = Rua Direita 10 ; Porto ;  ; 4000-123 ; PT
Kalverstraat 92\\n1012 PH  AMSTERDAM [] = Kalverstraat 92 ; AMSTERDAM ;  ; 1012 PH ; NL
Grote Markt 1 - 9000 Gent [BE] = Grote Markt 1 ; Gent ;  ; 9000 ; BE
Torggatan 5, 22100 Mariehamn, Åland [AX] = Torggatan 5 ; Mariehamn ;  ; 22100 ; AX
Strandvägen 7A, SE-114 56 Stockholm, Sverige [] = Strandvägen 7A ; Stockholm ;  ; 114 56 ; SE
Postboks 123 Sentrum, 0102 Oslo [NO] = Postboks 123 Sentrum ; Oslo ;  ; 0102 ; NO
Rynek Główny 12, 31-042 Kraków, woj. małopolskie [] = Rynek Główny 12 ; Kraków ; woj. małopolskie ; 31-042 ; PL
00-001 Warszawa, ul. Emilii Plater 53 [] = ul. Emilii Plater 53 ; Warszawa ;  ; 00-001 ; PL
Masarykova 12, Brno 602 00 [CZ] = Masarykova 12 ; Brno ;  ; 602 00 ; CZ
Obchodná 12, 811 06 Bratislava - Staré Mesto [SK] = Obchodná 12 ; Bratislava - Staré Mesto ;  ; 811 06 ; SK
Trg bana Jelačića 12, HR-10000 Zagreb [] = Trg bana Jelačića 12 ; Zagreb ;  ; 10000 ; HR
Bulevardul Unirii 12, bl. A2, sc. 1, ap. 5, Bucuresti 040105 [RO] = Bulevardul Unirii 12, bl. A2, sc. 1, ap. 5 ; Bucuresti ;  ; 040105 ; RO
Λεωφόρος Κηφισίας 12, Μαρούσι 151 24 [GR] = Λεωφόρος Κηφισίας 12 ; Μαρούσι ;  ; 151 24 ; GR
Bağdat Cad. No:12 D:3, 34728 Kadıköy / İstanbul [] = Bağdat Cad. No:12 D:3 ; Kadıköy ; İstanbul ; 34728 ; TR
Невский проспект, дом 12, Санкт-Петербург, 191186 [RU] = Невский проспект, дом 12 ; Санкт-Петербург ;  ; 191186 ; RU
пр-т Независимости, 12, Минск, 220030, Беларусь [] = пр-т Независимости, 12 ; Минск ;  ; 220030 ; BY
서울시 마포구 양화로 45 [KR] = 양화로 45 ; 마포구 ; 서울시 ;  ; KR
경기도 성남시 분당구 판교로 123 (우 13494) [KR] = 판교로 123 ; 성남시 분당구 ; 경기도 ; 13494 ; KR
上海市浦东新区世纪大道100号 [CN] = 世纪大道100号 ; 浦东新区 ; 上海市 ;  ; CN
Room 1201, Building 3, 88 Jianguo Road, Chaoyang District, Beijing 100022, China [] = Room 1201, Building 3, 88 Jianguo Road, Chaoyang District ; Beijing ;  ; 100022 ; CN
高雄市前金區中正四路211號 [TW] = 中正四路211號 ; 前金區 ; 高雄市 ;  ; TW
10 Anson Road, #10-01 International Plaza, Singapore 079903 [SG] = 10 Anson Road, #10-01 International Plaza ; Singapore ;  ; 079903 ; SG
No. 5, Jalan Ampang, 50450 KL, Malaysia [] = No. 5, Jalan Ampang ; KL ;  ; 50450 ; MY
Jl. Raya Ubud No.12, Ubud, Kabupaten Gianyar, Bali 80571 [ID] = Jl. Raya Ubud No.12, Ubud ; Kabupaten Gianyar ; Bali ; 80571 ; ID
45 ถ.นิมมานเหมินท์ ต.สุเทพ อ.เมือง จ.เชียงใหม่ 50200 [TH] = 45 ถ.นิมมานเหมินท์ ต.สุเทพ ; อ.เมือง ; จ.เชียงใหม่ ; 50200 ; TH
3rd Floor, Phoenix Mall, Lower Parel, Mumbai - 400013, Maharashtra, India [] = 3rd Floor, Phoenix Mall, Lower Parel ; Mumbai ; Maharashtra ; 400013 ; IN
House 12, Road 5, Dhanmondi, Dhaka 1205, Bangladesh [] = House 12, Road 5, Dhanmondi ; Dhaka ;  ; 1205 ; BD
King Fahd Road, Al Olaya, Riyadh 12211, Saudi Arabia [] = King Fahd Road, Al Olaya ; Riyadh ;  ; 12211 ; SA
רחוב הרצל 5, חיפה [IL] = רחוב הרצל 5 ; חיפה ;  ;  ; IL
12 Rue Tahar Sfar, Tunis 1000, Tunisie [] = 12 Rue Tahar Sfar ; Tunis ;  ; 1000 ; TN
45 Boulevard Mohammed V, Casablanca 20250, Maroc [] = 45 Boulevard Mohammed V ; Casablanca ;  ; 20250 ; MA
Kimathi Street, Nairobi, Kenya [] = Kimathi Street ; Nairobi ;  ;  ; KE
5 Oxford Road, Rosebank, Johannesburg, Gauteng, 2196, South Africa [] = 5 Oxford Road, Rosebank ; Johannesburg ; Gauteng ; 2196 ; ZA
Av. Reforma 222, Juárez, Cuauhtémoc, 06600 Ciudad de México, CDMX [MX] = Av. Reforma 222, Juárez, Cuauhtémoc ; Ciudad de México ; CDMX ; 06600 ; MX
Calle 60 #491, Centro, Mérida, Yucatán, CP 97000 [MX] = Calle 60 #491, Centro ; Mérida ; Yucatán ; 97000 ; MX
San Martín 123, X5000 Córdoba, Argentina [] = San Martín 123 ; Córdoba ;  ; X5000 ; AR
Bv. Oroño 1234, Rosario, Santa Fe, Argentina [] = Bv. Oroño 1234 ; Rosario ; Santa Fe ;  ; AR
Av. 18 de Julio 1234, 11100 Montevideo, Uruguay [] = Av. 18 de Julio 1234 ; Montevideo ;  ; 11100 ; UY
Rua XV de Novembro, 100, Centro, Curitiba, Paraná, 80020-310 [BR] = Rua XV de Novembro, 100, Centro ; Curitiba ; Paraná ; 80020-310 ; BR
12 Smith Street, Fitzroy VIC 3065, Australia [] = 12 Smith Street ; Fitzroy ; VIC ; 3065 ; AU
Cnr Main & Station Sts, Bowral, New South Wales 2576 [AU] = Cnr Main & Station Sts ; Bowral ; New South Wales ; 2576 ; AU
23 Tory Street, Te Aro, Wellington 6011, New Zealand [] = 23 Tory Street, Te Aro ; Wellington ;  ; 6011 ; NZ
Aðalstræti 7, 101 Reykjavík [IS] = Aðalstræti 7 ; Reykjavík ;  ; 101 ; IS
12 rue Neuve, 1000 Bruxelles / Brussel [BE] = 12 rue Neuve ; Bruxelles / Brussel ;  ; 1000 ; BE
`;

test.each(
  written
    .trim()
    .split('\n')
    .map((line) => {
      const [, text = '', home = '', parts = ''] = /^(.*) \[(\w*)\] = (.*)$/.exec(line) ?? [];
      return [text.replaceAll('\\n', '\n'), home, parts.split(' ;').map((part) => part.trim())] as const;
    }),
)('an address as its country writes it: %s', (text, home, parts) => {
  const split = splitAddress(text, home);
  expect(addressParts.map((part) => split[part])).toEqual(parts);
});
