/** What people in Germany, Austria and Switzerland call the trades (see `english.ts`). */
export const german: Readonly<Record<string, string>> = {
  AccountingService:
    'Steuerberater; Steuerberatung; Steuerkanzlei; Buchhaltung; Buchhalter; Wirtschaftsprüfer; Lohnsteuerhilfe; Treuhänder; Lohnbuchhaltung',
  AmusementPark: 'Freizeitpark; Vergnügungspark; Erlebnispark',
  AnimalShelter: 'Tierheim; Tierschutzverein; Gnadenhof',
  Aquarium: 'Aquarium; Meereswelt',
  ArtGallery: 'Galerie; Kunstgalerie; Kunsthandel; Atelier',
  AutoBodyShop: 'Karosseriewerkstatt; Autolackiererei; Lackiererei; Unfallreparatur; Karosseriebau; Autoglas',
  AutoDealer: 'Autohaus; Autohändler; Gebrauchtwagen; Gebrauchtwagenhändler; Wohnmobilhändler',
  AutoPartsStore: 'Autoteile; Ersatzteile; Autozubehör',
  AutoRental: 'Autovermietung; Mietwagen; Transportervermietung; Wohnmobilvermietung',
  AutoRepair:
    'Autowerkstatt; Kfz-Werkstatt; Werkstatt; Kfz-Meisterbetrieb; Kfz-Service; Autoreparatur; Carrosserie; Automechaniker; Kfz-Prüfstelle; Autoelektriker',
  AutoWash: 'Waschanlage; Autowaschanlage; Autowäsche; Fahrzeugaufbereitung; Waschstraße; Autopflege',
  AutomotiveBusiness: 'Abschleppdienst; Pannenhilfe; Pannendienst; Fahrzeugbeschriftung',
  AutomatedTeller: 'Geldautomat; Bankomat',
  Bakery:
    'Bäckerei; Bäcker; Konditorei; Backstube; Konditor; Backshop; Brotladen; Feinbäckerei; Tortenwerkstatt',
  BankOrCreditUnion: 'Bank; Sparkasse; Volksbank; Bankfiliale; Raiffeisenbank',
  BarOrPub:
    'Bar; Kneipe; Gastwirtschaft; Weinbar; Biergarten; Weinstube; Lokal; Schankwirtschaft; Cocktailbar; Beisl; Brauhaus; Heuriger',
  BeautySalon:
    'Kosmetikstudio; Kosmetikerin; Kosmetiksalon; Kosmetik; Schönheitssalon; Wimpernverlängerung; Visagistin; Permanent Make-up',
  BedAndBreakfast: 'Pension; Gästehaus; Fremdenzimmer; Frühstückspension; Privatzimmer',
  BikeStore:
    'Fahrradladen; Fahrradgeschäft; Fahrradhändler; Fahrradwerkstatt; Radladen; Fahrradverleih; Velogeschäft; E-Bike-Händler',
  BookStore: 'Buchhandlung; Buchladen; Antiquariat; Bücherladen; Comicladen',
  BowlingAlley: 'Bowlingbahn; Kegelbahn; Bowlingcenter',
  Brewery: 'Brauerei; Hausbrauerei; Mosterei',
  CafeOrCoffeeShop: 'Café; Kaffeehaus; Kaffeerösterei; Teestube; Eiscafé und Café; Rösterei',
  Campground: 'Campingplatz; Zeltplatz',
  Casino: 'Spielbank; Spielhalle; Casino; Wettbüro',
  CatholicChurch: 'katholische Kirche; Pfarrkirche; Dom',
  Cemetery: 'Friedhof; Waldfriedhof; Friedwald',
  ChildCare:
    'Kindergarten; Kita; Kindertagesstätte; Kinderkrippe; Tagesmutter; Hort; Kinderbetreuung; Waldkindergarten',
  Church: 'Kirche; evangelische Kirche; Kapelle; Kirchengemeinde; Freikirche; Kloster',
  CityHall: 'Rathaus; Stadthaus',
  ClothingStore:
    'Bekleidungsgeschäft; Modegeschäft; Boutique; Modeboutique; Brautmode; Damenmode; Kindermode; Kleidergeschäft; Berufsbekleidung; Trachtenmode; Dessous; Secondhandladen; Modehaus',
  CollegeOrUniversity: 'Universität; Hochschule; Fachhochschule; Akademie',
  ComputerStore: 'Computerladen; Computerreparatur; PC-Service; Computergeschäft; Laptop-Reparatur',
  ConvenienceStore: 'Kiosk; Späti; Trinkhalle; Tante-Emma-Laden; Trafik; Zeitungsladen',
  Courthouse: 'Gericht; Amtsgericht; Landgericht',
  DaySpa: 'Massage; Massagepraxis; Wellness; Sauna; Therme; Thai-Massage; Spa',
  Dentist:
    'Zahnarzt; Zahnarztpraxis; Zahnärztin; Kieferorthopäde; Kieferorthopädie; Zahnklinik; Oralchirurgie; Kinderzahnarzt; Zahnmedizin',
  DepartmentStore: 'Kaufhaus; Warenhaus',
  DiagnosticLab: 'Labor; Radiologie; Röntgenpraxis',
  DietNutrition: 'Ernährungsberatung',
  Distillery: 'Brennerei; Destillerie; Schnapsbrennerei',
  DryCleaningOrLaundry:
    'Reinigung; Textilreinigung; Wäscherei; Waschsalon; Bügelservice; Heißmangel; Teppichreinigung',
  EducationalOrganization:
    'Fahrschule; Nachhilfe; Musikschule; Sprachschule; Volkshochschule; Kochschule; Gitarrenunterricht; Klavierunterricht; Bildungszentrum',
  ElementarySchool: 'Grundschule; Volksschule',
  Electrician:
    'Elektriker; Elektroinstallation; Elektrobetrieb; Elektrotechnik; Elektroinstallateur; Elektromeister',
  ElectronicsStore:
    'Elektronikmarkt; Elektrofachgeschäft; Elektrogeschäft; Fotogeschäft; Haushaltsgeräte; Hörgeräteakustiker',
  EmergencyService: 'Rettungsdienst; Notdienst; Rettungswache; Krankenwagen',
  EmploymentAgency:
    'Zeitarbeit; Personalvermittlung; Arbeitsvermittlung; Personaldienstleister; Leiharbeit; Jobcenter; Arbeitsagentur',
  EntertainmentBusiness:
    'Escape Room; Spielplatz Halle; Lasertag; Kartbahn; Hochzeits-DJ; Hüpfburgverleih; Minigolf; Zauberer',
  EventVenue:
    'Veranstaltungsort; Eventlocation; Hochzeitslocation; Tagungszentrum; Stadthalle; Bürgerhaus; Festsaal',
  ExerciseGym: 'Fitnessstudio; Fitnesscenter; Fitness; Personal Trainer; Kraftstudio; Muckibude',
  FastFoodRestaurant:
    'Imbiss; Schnellimbiss; Döner; Dönerladen; Imbissbude; Schnellrestaurant; Pommesbude; Würstelstand; Currywurst',
  FinancialService:
    'Finanzberater; Finanzberatung; Vermögensberatung; Baufinanzierung; Kreditvermittler; Wechselstube; Anlageberatung',
  FireStation: 'Feuerwehr; Feuerwache; Freiwillige Feuerwehr',
  Florist: 'Blumenladen; Blumengeschäft; Florist; Floristik; Blumen; Floristin; Trauerfloristik',
  FoodEstablishment: 'Catering; Partyservice; Caterer; Kantine; Mensa',
  FurnitureStore:
    'Möbelhaus; Möbelgeschäft; Küchenstudio; Möbel; Einrichtungshaus; Bettengeschäft; Matratzen; Polstermöbel; Schreinerküche',
  GardenStore: 'Gartencenter; Gärtnerei; Baumschule; Pflanzenmarkt',
  GasStation: 'Tankstelle; Ladestation; Autobahnraststätte; Heizöl',
  GeneralContractor:
    'Bauunternehmen; Baufirma; Maurer; Bauunternehmer; Trockenbau; Schreinerei; Tischlerei; Zimmerei; Schreiner; Tischler; Zimmermann; Stuckateur; Pflasterarbeiten; Abbruchunternehmen; Tiefbau; Altbausanierung; Estrichleger; Verputzer; Hausbau',
  GolfCourse: 'Golfplatz; Golfclub; Driving Range',
  GovernmentOffice:
    'Amt; Bürgeramt; Finanzamt; Standesamt; Landratsamt; Behörde; Zulassungsstelle; Ausländerbehörde; Jugendamt; Gemeindeverwaltung',
  GroceryStore:
    'Supermarkt; Lebensmittelgeschäft; Metzgerei; Fleischerei; Metzger; Fleischer; Feinkost; Hofladen; Bioladen; Obst und Gemüse; Fischgeschäft; Reformhaus; Käseladen; Discounter; Schlachterei; Naturkost; Lebensmittel; Chocolaterie; Süßwarenladen; Wochenmarkt; Unverpacktladen',
  HVACBusiness:
    'Heizung; Heizungsbauer; Klimaanlagen; Klimatechnik; Heizungsinstallateur; Lüftungsbau; Wärmepumpen; Kältetechnik; Ofenbauer; Kachelofenbauer; Heizungsbau',
  HairSalon:
    'Friseur; Friseursalon; Frisör; Coiffeur; Herrenfriseur; Barbershop; Haarstudio; Friseurin; Haarverlängerung; Perücken; Damenfriseur; Barbier',
  HardwareStore:
    'Baumarkt; Eisenwaren; Baustoffhandel; Werkzeugladen; Baustoffe; Holzhandel; Farbenfachgeschäft; Werkzeugverleih; Fliesenhandel',
  HealthAndBeautyBusiness:
    'Sonnenstudio; Solarium; Parfümerie; Drogerie; Haarentfernung; Hautpflege; Laserzentrum',
  HealthClub: 'Gesundheitsstudio; Sportzentrum; Gesundheitszentrum Fitness',
  HighSchool: 'Gymnasium; Realschule; Gesamtschule; Berufsschule; Sekundarschule; Oberschule',
  HobbyShop:
    'Bastelladen; Modellbau; Wollladen; Wollgeschäft; Stoffladen; Künstlerbedarf; Handarbeitsgeschäft; Briefmarkenhändler; Münzhändler',
  HomeAndConstructionBusiness:
    'Glaserei; Fensterbau; Fensterbauer; Gebäudereinigung; Reinigungsfirma; Fensterputzer; Schornsteinfeger; Kaminkehrer; Fliesenleger; Bodenleger; Garten- und Landschaftsbau; Gartenbau; Landschaftsgärtner; Gärtner; Hausmeisterservice; Raumausstatter; Schlosserei; Metallbau; Solaranlagen; Photovoltaik; Gerüstbau; Schädlingsbekämpfung; Kammerjäger; Baumpflege; Innenarchitekt; Parkettleger; Rollladenbau; Entrümpelung; Containerdienst; Polsterei; Zaunbau; Klempnerei Dach; Spengler; Garagentore; Kaminbau; Haushaltsauflösung; Wintergarten; Jalousien',
  HomeGoodsStore:
    'Haushaltswaren; Teppiche; Lampengeschäft; Gardinen; Wohnaccessoires; Bilderrahmen; Bettwäsche; Küchenladen',
  Hospital: 'Krankenhaus; Klinikum; Spital; Notaufnahme; Universitätsklinik; Hospiz; Fachklinik',
  Hostel: 'Jugendherberge; Hostel',
  Hotel: 'Hotel; Gasthof; Landhotel; Hotel garni; Wellnesshotel; Tagungshotel; Gasthof mit Zimmern',
  HousePainter:
    'Maler; Malerbetrieb; Anstreicher; Malermeister; Maler und Lackierer; Tapezierer; Fassadenanstrich',
  IceCreamShop: 'Eisdiele; Eiscafé; Eissalon; Gelateria',
  InsuranceAgency:
    'Versicherung; Versicherungsmakler; Versicherungsagentur; Versicherungsbüro; Versicherungsvertreter',
  InternetCafe: 'Internetcafé',
  JewelryStore:
    'Juwelier; Goldschmied; Schmuckgeschäft; Uhrmacher; Trauringe; Goldschmiede; Uhrengeschäft; Schmuck; Silberschmied',
  LegalService:
    'Rechtsanwalt; Anwalt; Anwaltskanzlei; Rechtsanwältin; Kanzlei; Rechtsanwaltskanzlei; Patentanwalt; Fachanwalt; Mediator; Anwältin; Scheidungsanwalt; Arbeitsrecht',
  Library: 'Bibliothek; Bücherei; Stadtbücherei',
  LiquorStore: 'Weinhandlung; Weinladen; Getränkemarkt; Spirituosen; Vinothek; Weinhandel',
  LocalBusiness:
    'Kleinbetrieb; Töpferei; Druckerei; Copyshop; Schilderwerkstatt; Hundesalon; Hundepension; Hundeschule; Bestatter; Bestattungsinstitut; Bestattungen; Übersetzungsbüro; Übersetzer; Dolmetscher; Klavierstimmer; Schuster; Schuhmacher; Schneider; Schneiderei; Änderungsschneiderei; Schlüsselkopie; Taxi; Taxiunternehmen; Kurierdienst; Spedition; Sicherheitsdienst; Detektei; Wachdienst; Hochzeitsplaner; Pflegedienst; Altenheim; Seniorenheim; Pflegeheim; Altenpflege; Buchbinder; Steinmetz; Reinigung Teppich; Busunternehmen; Bootsverleih; Sattlerei; Bauernhof; Tonstudio; Werbetechnik; Coworking; Lagerhalle; Maschinenbau; Zeltverleih; Keramikwerkstatt; Siebdruck; Imkerei; Hufschmied; Sägewerk',
  Locksmith: 'Schlüsseldienst; Schlüsselnotdienst; Aufsperrdienst',
  LodgingBusiness: 'Unterkunft; Zimmervermietung; Berghütte; Monteurzimmer; Übernachtung; Boardinghouse',
  MedicalBusiness:
    'Heilpraktiker; Osteopathie; Osteopath; Psychotherapie; Psychotherapeut; Ergotherapie; Logopädie; Logopäde; Fußpflege; Sanitätshaus; Psychologe; Chiropraktiker; Akupunktur; Hypnose; Naturheilpraxis; Ergotherapeut; Paartherapie',
  MedicalClinic:
    'Klinik; Ärztehaus; Medizinisches Versorgungszentrum; MVZ; Poliklinik; Ambulanz; Schönheitsklinik; Augenklinik; Tagesklinik; Kinderwunschzentrum; Rehaklinik; Schlaflabor; Dialyse; Gesundheitszentrum; Blutspende',
  MensClothingStore: 'Herrenausstatter; Herrenmode; Maßanzüge; Anzugverleih; Herrenbekleidung',
  Midwifery: 'Hebamme',
  MobilePhoneStore: 'Handyladen; Handyreparatur; Handyshop; Mobilfunk; Handy-Reparatur',
  Mosque: 'Moschee',
  Motel: 'Motel',
  MotorcycleDealer: 'Motorradhändler; Motorradhaus; Motorräder; Rollerhändler',
  MotorcycleRepair: 'Motorradwerkstatt; Motorradreparatur',
  MovieTheater: 'Kino; Filmtheater; Lichtspielhaus; Programmkino; Autokino',
  MovingCompany: 'Umzugsunternehmen; Umzug; Umzüge; Möbelspedition; Möbelpacker; Umzugsfirma',
  Museum: 'Museum; Heimatmuseum; Kunstmuseum; Planetarium; Schloss; Burg; Ausstellung',
  MusicStore:
    'Musikgeschäft; Musikhaus; Musikinstrumente; Plattenladen; Gitarrenladen; Klavierhaus; Geigenbauer',
  MusicVenue: 'Konzerthaus; Konzerthalle; Opernhaus; Jazzclub; Philharmonie',
  NailSalon: 'Nagelstudio; Maniküre; Nageldesign; Pediküre',
  NGO: 'Verein; Wohltätigkeit; Stiftung; gemeinnütziger Verein; Tafel; Hilfsorganisation',
  NightClub: 'Diskothek; Nachtclub; Disko; Tanzlokal; Club',
  Notary: 'Notar; Notariat; Notarin',
  OfficeEquipmentStore: 'Bürobedarf; Schreibwaren; Papeterie; Schreibwarengeschäft; Kopierer; Papierwaren',
  Optician: 'Optiker; Augenoptiker; Brillen; Brillengeschäft; Kontaktlinsen; Optometrist; Sehtest',
  OutletStore: 'Outlet; Fabrikverkauf; Werksverkauf; Restposten; Sonderposten',
  Park: 'Park; Stadtpark; Botanischer Garten; Tierpark Anlage; Naturschutzgebiet',
  ParkingFacility: 'Parkhaus; Parkplatz; Tiefgarage; Parkgarage',
  PawnShop: 'Pfandhaus; Leihhaus; Goldankauf; Pfandleihhaus',
  PerformingArtsTheater: 'Theater; Schauspielhaus; Kleinkunstbühne; Bühne; Puppentheater; Zirkus',
  PetStore:
    'Zoohandlung; Tierhandlung; Tierbedarf; Zoofachgeschäft; Tierfutter; Tiernahrung; Reitsport; Hundezüchter; Aquaristik',
  Pharmacy: 'Apotheke; Apotheker; Notdienstapotheke',
  Physician:
    'Arzt; Arztpraxis; Hausarzt; Ärztin; Allgemeinmedizin; Kinderarzt; Frauenarzt; Hautarzt; Augenarzt; Orthopäde; Internist; Kardiologe; Gynäkologe; Urologe; HNO-Arzt; Neurologe; Psychiater; Chirurg; Dermatologe; Praxis; Ordination; praktischer Arzt; Lungenarzt; Facharzt',
  Physiotherapy: 'Physiotherapie; Physiotherapeut; Krankengymnastik',
  Plumber:
    'Klempner; Installateur; Sanitär; Sanitärinstallateur; Rohrreinigung; Sanitärtechnik; Wasserinstallateur; Rohrbruch; Badsanierung; Gas-Wasser-Installateur',
  Podiatric: 'Podologie',
  PoliceStation: 'Polizei; Polizeiwache; Polizeirevier; Polizeiinspektion; Polizeistation',
  PostOffice: 'Post; Postamt; Postfiliale; Paketshop; Paketstation',
  Preschool: 'Vorschule',
  ProfessionalService:
    'Architekt; Architekturbüro; Ingenieurbüro; Fotograf; Fotostudio; Werbeagentur; Unternehmensberatung; Webdesign; Grafikdesign; IT-Service; Softwareentwicklung; Statiker; Vermessungsbüro; Gutachter; Sachverständiger; Energieberater; Hochzeitsfotograf; Internetagentur; Coaching; Kfz-Gutachter; EDV-Service; Marketingagentur; Landschaftsarchitekt; Planungsbüro; Auktionshaus; Bauingenieur; Webdesigner; Fotografin; Callcenter',
  PublicSwimmingPool: 'Schwimmbad; Freibad; Hallenbad; Erlebnisbad; Badeanstalt; Strandbad',
  RadioStation: 'Radiosender; Rundfunk; Radio; Lokalradio',
  RealEstateAgent:
    'Immobilienmakler; Immobilien; Makler; Hausverwaltung; Immobilienbüro; Wohnungsvermittlung; Bauträger; Maklerbüro; Wohnungsbaugesellschaft; Wohnungsgenossenschaft',
  RecyclingCenter:
    'Recyclinghof; Wertstoffhof; Schrottplatz; Schrotthändler; Autoverwertung; Altmetall; Deponie',
  Resort: 'Ferienanlage; Ferienpark; Feriendorf; Kurhotel',
  Restaurant:
    'Restaurant; Gaststätte; Wirtshaus; Gasthaus; Pizzeria; Ristorante; Steakhaus; Speiselokal; Sushi; Trattoria; Weinrestaurant; Fischrestaurant; Ratskeller; italienisches Restaurant; griechisches Restaurant; chinesisches Restaurant; veganes Restaurant; Wirtschaft',
  RoofingContractor: 'Dachdecker; Dachdeckerei; Bedachungen; Dachsanierung; Flachdach',
  School: 'Schule; Privatschule; Waldorfschule; Förderschule; Internat',
  SelfStorage: 'Lagerraum; Selfstorage; Einlagerung; Mietlager; Lagerbox; Schließfach',
  ShoeStore: 'Schuhgeschäft; Schuhladen; Schuhe; Schuhhaus; Orthopädieschuhtechnik; Turnschuhe',
  ShoppingCenter: 'Einkaufszentrum; Einkaufspassage; Markthalle; Flohmarkt; Trödelmarkt; Shoppingcenter',
  SkiResort: 'Skigebiet; Skilift; Skischule; Seilbahn; Bergbahn',
  SportingGoodsStore:
    'Sportgeschäft; Sporthaus; Angelgeschäft; Angelladen; Sportartikel; Jagdgeschäft; Skiverleih; Waffengeschäft; Outdoorladen; Waffenladen',
  SportsActivityLocation:
    'Tanzschule; Tanzstudio; Yoga; Yogastudio; Kletterhalle; Reitschule; Reiterhof; Kampfsport; Kampfsportschule; Pilates; Karate; Judo; Reitstall; Tauchschule; Surfschule; Eishalle; Eisbahn; Sporthalle; Turnhalle; Schwimmschule; Ballettschule; Schießstand; Hochseilgarten; Kletterwald; Segelschule; Trampolinhalle; Boxclub; Ballonfahrten; Angelteich; Rennstrecke',
  SportsClub:
    'Sportverein; Fußballverein; Turnverein; Schützenverein; Segelclub; Reitverein; Ruderclub; Schwimmverein; Angelverein',
  StadiumOrArena: 'Stadion; Arena; Fußballstadion; Sportplatz',
  Store:
    'Laden; Geschäft; Geschenkeladen; Antiquitäten; Souvenirladen; Fachgeschäft; Tabakladen; Geschenkartikel; Antiquitätenhandel; Trödelladen; Babyausstatter; Lederwaren; Landmaschinen; Einzelhandel; Sozialkaufhaus; Erotikshop; Weltladen; Brennholz',
  Synagogue: 'Synagoge; jüdische Gemeinde',
  TattooParlor: 'Tattoostudio; Tätowierer; Piercing; Piercingstudio; Tätowierstudio',
  TaxiStand: 'Taxistand',
  TelevisionStation: 'Fernsehsender; Fernsehstudio',
  TennisComplex: 'Tennisclub; Tennishalle; Tennisplatz; Tennisanlage; Tennisschule; Padel',
  TireShop: 'Reifenhändler; Reifenservice; Reifen; Reifenhandel; Reifenwechsel; Felgen',
  TouristInformationCenter:
    'Touristeninformation; Tourist-Information; Fremdenverkehrsamt; Verkehrsverein; Tourismusbüro',
  ToyStore: 'Spielwarengeschäft; Spielzeugladen; Spielwaren; Spielzeug',
  TrainStation: 'Bahnhof; Hauptbahnhof',
  TravelAgency:
    'Reisebüro; Reiseveranstalter; Busreisen; Stadtführung; Stadtführungen; Schifffahrt; Reisen; Rundfahrten',
  VacationRental:
    'Ferienwohnung; Ferienhaus; Ferienwohnungen; Ferienhof; Chalet; Bauernhofurlaub; Ferienzimmer',
  VeterinaryCare:
    'Tierarzt; Tierarztpraxis; Tierklinik; Tierärztin; Kleintierpraxis; Pferdeklinik; Veterinär',
  WholesaleStore: 'Großhandel; Großhändler; Großmarkt; Getränkegroßhandel; Elektrogroßhandel',
  Winery: 'Weingut; Winzer; Weinkellerei; Weinbau; Winzergenossenschaft; Kellerei',
  Zoo: 'Zoo; Tierpark; Wildpark; Streichelzoo; Tiergarten',
};
