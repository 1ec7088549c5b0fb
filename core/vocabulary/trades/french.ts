/** What people in France, Belgium, Switzerland and Québec call the trades (see `english.ts`). */
export const french: Readonly<Record<string, string>> = {
  AccountingService:
    'expert-comptable; comptable; cabinet comptable; comptabilité; commissaire aux comptes; expertise comptable; aide-comptable',
  AmusementPark: 'parc d’attractions; parc de loisirs; fête foraine; parc aquatique',
  AnimalShelter: 'refuge animalier; refuge pour animaux; SPA animaux; fourrière animale',
  Aquarium: 'aquarium',
  ArtGallery: 'galerie d’art; galerie; marchand d’art; atelier d’artiste',
  AutoBodyShop: 'carrosserie; carrossier; carrosserie peinture; pare-brise; débosselage',
  AutoDealer:
    'concessionnaire automobile; concessionnaire; concession automobile; voitures d’occasion; garage occasion; vente de voitures; mandataire auto',
  AutoPartsStore: 'pièces auto; pièces détachées; accessoires auto; casse pièces',
  AutoRental:
    'location de voitures; location voiture; location de véhicules; location utilitaire; location de camping-car; location de camion',
  AutoRepair:
    'garage; garagiste; garage automobile; mécanicien; réparation automobile; mécanique auto; contrôle technique; vidange; centre auto; électricien auto',
  AutoWash: 'lavage auto; station de lavage; nettoyage auto; lave-auto',
  AutomotiveBusiness: 'dépannage auto; dépanneuse; remorquage; covering auto; plaques d’immatriculation',
  AutomatedTeller: 'distributeur automatique de billets; guichet automatique; DAB',
  Bakery: 'boulangerie; boulanger; pâtisserie; pâtissier; boulangerie-pâtisserie; viennoiserie; gâteaux',
  BankOrCreditUnion: 'banque; agence bancaire; caisse d’épargne; caisse populaire; crédit mutuel',
  BarOrPub:
    'bar; pub; bar à vin; brasserie bar; café-bar; bistrot bar; bar à cocktails; bar à bières; taverne; estaminet; bar-tabac',
  BeautySalon:
    'institut de beauté; esthéticienne; salon de beauté; épilation; soins esthétiques; maquilleuse; extensions de cils; salon d’esthétique',
  BedAndBreakfast: 'chambre d’hôtes; chambres d’hôtes; maison d’hôtes; gîte et couvert',
  BikeStore: 'magasin de vélos; réparation de vélos; vélos; cycles; vélociste; location de vélos',
  BookStore: 'librairie; libraire; bouquiniste; livres anciens; bouquinerie',
  BowlingAlley: 'bowling; salle de quilles',
  Brewery: 'brasserie artisanale; brasseur; microbrasserie; cidrerie',
  CafeOrCoffeeShop: 'café; salon de thé; torréfacteur; cafétéria salon; brûlerie; bar à jus; coffee shop',
  Campground: 'camping; terrain de camping; glamping; aire naturelle de camping',
  Casino: 'casino; salle de jeux; bingo; PMU',
  CatholicChurch: 'église catholique; cathédrale; basilique; paroisse',
  Cemetery: 'cimetière',
  ChildCare:
    'crèche; garderie; assistante maternelle; halte-garderie; nounou; micro-crèche; centre de loisirs; garde d’enfants',
  Church: 'église; chapelle; temple protestant; église évangélique; abbaye; église protestante; monastère',
  CityHall: 'mairie; hôtel de ville; maison communale',
  ClothingStore:
    'magasin de vêtements; boutique de vêtements; boutique; prêt-à-porter; robe de mariée; robes de mariée; friperie; lingerie; vêtements enfants; vêtements femme; vêtements de travail; dépôt-vente; boutique de mode; chapelier',
  CollegeOrUniversity:
    'université; école supérieure; grande école; faculté; école de commerce; cégep; école d’ingénieurs',
  ComputerStore:
    'magasin informatique; réparation ordinateur; dépannage informatique; réparation informatique',
  ConvenienceStore:
    'épicerie de quartier; supérette; dépanneur; maison de la presse; marchand de journaux; kiosque; tabac-presse; alimentation générale',
  Courthouse: 'tribunal; palais de justice; cour d’appel',
  DaySpa:
    'spa; massage; sauna; hammam; masseur; bien-être; thermes; salon de massage; balnéothérapie; centre de bien-être; réflexologue',
  Dentist:
    'dentiste; chirurgien-dentiste; cabinet dentaire; orthodontiste; centre dentaire; clinique dentaire; implants dentaires; denturologiste; orthodontie',
  DepartmentStore: 'grand magasin; hypermarché; bazar',
  DiagnosticLab:
    'laboratoire d’analyses; laboratoire; radiologie; imagerie médicale; prise de sang; radiologue; laboratoire d’analyses médicales',
  DietNutrition: 'diététicienne; nutritionniste',
  Distillery: 'distillerie; distillateur; eau-de-vie',
  DryCleaningOrLaundry:
    'pressing; blanchisserie; laverie; teinturerie; laverie automatique; nettoyage à sec; buanderie; nettoyeur; repassage',
  EducationalOrganization:
    'auto-école; école de musique; cours particuliers; soutien scolaire; école de langues; centre de formation; cours de piano; cours de cuisine; conservatoire; école de conduite; cours de guitare; organisme de formation; cours de dessin',
  ElementarySchool: 'école primaire; école élémentaire',
  Electrician:
    'électricien; électricité générale; dépannage électricité; artisan électricien; installation électrique; borne de recharge; alarme maison',
  ElectronicsStore:
    'électroménager; magasin d’électronique; hifi; audioprothésiste; magasin photo; télévision réparation; jeux vidéo; dépannage électroménager',
  EmergencyService: 'ambulance; ambulances; secours; ambulancier; SAMU',
  EmploymentAgency:
    'agence d’intérim; intérim; agence d’emploi; recrutement; cabinet de recrutement; pôle emploi; mission locale',
  EntertainmentBusiness:
    'escape game; salle d’arcade; laser game; karting; animation de mariage; parc de jeux; mini-golf; magicien; paintball; location de structures gonflables; plaine de jeux',
  EventVenue:
    'salle de réception; salle des fêtes; salle de mariage; centre de congrès; salle polyvalente; palais des congrès; lieu de réception',
  ExerciseGym:
    'salle de sport; salle de musculation; coach sportif; club de fitness; fitness; musculation; salle de fitness',
  FastFoodRestaurant:
    'restauration rapide; fast-food; friterie; kebab; sandwicherie; snack; baraque à frites; burger; food truck; tacos; plats à emporter; casse-croûte; vente à emporter',
  FinancialService:
    'conseiller financier; courtier en crédit; courtier en prêt immobilier; gestion de patrimoine; conseiller en gestion de patrimoine; bureau de change; crédit; courtier immobilier crédit',
  FireStation: 'caserne de pompiers; pompiers; sapeurs-pompiers; service d’incendie',
  Florist: 'fleuriste; fleurs; magasin de fleurs; artisan fleuriste; compositions florales',
  FoodEstablishment:
    'traiteur; crêperie; cantine; chef à domicile; cafétéria; gaufres; traiteur mariage; restaurant d’entreprise',
  FurnitureStore:
    'magasin de meubles; meubles; cuisiniste; literie; canapés; ameublement; ébéniste; matelas; cuisines équipées; mobilier de bureau; mobilier de jardin',
  GardenStore: 'jardinerie; pépinière; pépiniériste; horticulteur; centre de jardinage; motoculture',
  GasStation:
    'station-service; station essence; essence; borne de recharge électrique; fioul; aire de service',
  GeneralContractor:
    'maçon; entreprise de construction; maçonnerie; entrepreneur; constructeur de maisons; menuisier; menuiserie; charpentier; plâtrier; rénovation; terrassement; entreprise générale; charpente; travaux publics; tailleur de pierre; démolition; plaquiste; piscine constructeur; rénovation intérieure; extension de maison; façadier; ravalement de façade',
  GolfCourse: 'golf; terrain de golf; practice de golf',
  GovernmentOffice:
    'préfecture; sous-préfecture; centre des impôts; administration; caisse d’allocations familiales; service public; état civil; sécurité sociale; conseil régional; perception',
  GroceryStore:
    'épicerie; supermarché; boucherie; boucher; charcuterie; poissonnerie; fromagerie; primeur; fruits et légumes; magasin bio; épicerie fine; chocolaterie; chocolatier; confiserie; fromager; poissonnier; vente à la ferme; produits bio; épicier; boucherie charcuterie; marché; boucherie halal; produits du terroir; miel; crèmerie',
  HVACBusiness:
    'chauffagiste; climatisation; chauffage; pompe à chaleur; chaudière; ventilation; frigoriste; ramonage chauffage; poêles et cheminées; dépannage chaudière; installateur de climatisation',
  HairSalon:
    'coiffeur; salon de coiffure; coiffeuse; barbier; coiffure; coiffeur à domicile; perruques; coiffeur homme; extensions de cheveux; coloriste',
  HardwareStore:
    'quincaillerie; magasin de bricolage; bricolage; matériaux de construction; droguerie quincaillerie; location de matériel; magasin de peinture; négoce de bois; carrelage magasin; outillage; négoce de matériaux; scierie vente',
  HealthAndBeautyBusiness:
    'parfumerie; centre de bronzage; solarium; parapharmacie; épilation laser; cosmétiques; amincissement; médecine esthétique',
  HealthClub: 'club de remise en forme; centre sportif; complexe sportif',
  HighSchool: 'lycée; école secondaire; lycée professionnel; gymnase école',
  HobbyShop:
    'loisirs créatifs; magasin de laine; mercerie; modélisme; beaux-arts; magasin de tissus; tissus; philatélie; numismate; laine; cartes à collectionner',
  HomeAndConstructionBusiness:
    'vitrier; vitrerie; ramoneur; ramonage; paysagiste; jardinier; entreprise de nettoyage; nettoyage; femme de ménage; carreleur; poseur de sol; parqueteur; fenêtres; panneaux solaires; photovoltaïque; élagueur; élagage; désinsectisation; dératisation; serrurerie métallerie; ferronnier; échafaudage; isolation; architecte d’intérieur; décorateur d’intérieur; tapissier; clôtures; portails; volets; stores; vérandas; piscine entretien; débarras; vidange fosse septique; homme à tout faire; bricoleur; plancher chauffant pose; ménage à domicile; entretien de jardin; cuisine pose; nuisibles; miroitier; fermetures; tailleur de haies; déneigement',
  HomeGoodsStore:
    'décoration; tapis; luminaires; arts de la table; linge de maison; encadreur; rideaux; magasin de décoration; encadrement; vaisselle; bougies; salle de bains magasin',
  Hospital: 'hôpital; centre hospitalier; urgences; CHU; maternité; hôpital privé; soins palliatifs',
  Hostel: 'auberge de jeunesse; auberge de jeunes',
  Hotel:
    'hôtel; hôtel-restaurant; hôtel de charme; hostellerie; apparthôtel; relais et château; auberge avec chambres; hôtellerie',
  HousePainter:
    'peintre en bâtiment; peintre; entreprise de peinture; peinture intérieure; peintre décorateur; papier peint; peinture en bâtiment',
  IceCreamShop: 'glacier; glaces; crèmerie glacée; bar laitier; marchand de glaces; crème glacée',
  InsuranceAgency:
    'assurance; agence d’assurance; courtier en assurances; assureur; mutuelle; assurances; agent général d’assurance; cabinet d’assurance',
  InternetCafe: 'cybercafé',
  JewelryStore:
    'bijouterie; bijoutier; joaillier; horloger; horlogerie; bijoux; orfèvre; alliances; joaillerie; montres',
  LegalService:
    'avocat; cabinet d’avocats; avocate; huissier; huissier de justice; conseil juridique; avocat divorce; médiateur; commissaire de justice; juriste; conciliateur',
  Library: 'bibliothèque; médiathèque; ludothèque',
  LiquorStore: 'caviste; cave à vin; magasin de vin; vins et spiritueux; cave à bières; marchand de vin',
  LocalBusiness:
    'petite entreprise; artisan; poterie; potier; imprimerie; imprimeur; photocopie; enseignes; toiletteur; toilettage; toilettage chien; pension pour chiens; pension canine; éducateur canin; chenil; pompes funèbres; funérarium; traducteur; interprète; agence de traduction; accordeur de piano; cordonnier; cordonnerie; couturière; retouches; couture; tailleur; taxi; VTC; coursier; transporteur; société de sécurité; détective; détective privé; wedding planner; maison de retraite; EHPAD; aide à domicile; relieur; marbrier; marbrerie funéraire; autocariste; location de bateaux; chantier naval; ferme; centre équestre pension; céramiste; reprographie; studio d’enregistrement; garde d’animaux; maréchal-ferrant; sellerie; brocante artisan; entrepôt; location de tentes; voyance; voyant; domiciliation; espace de coworking; sérigraphie; transport; apiculteur; graveur; luthier; port de plaisance',
  Locksmith: 'serrurier; serrurerie; dépannage serrurerie; clés; ouverture de porte',
  LodgingBusiness:
    'hébergement; résidence de tourisme; refuge de montagne; appart-hôtel; résidence étudiante; auberge de montagne; lodge',
  MedicalBusiness:
    'ostéopathe; psychologue; orthophoniste; psychothérapeute; chiropracteur; acupuncteur; hypnothérapeute; naturopathe; ergothérapeute; sophrologue; psychomotricien; matériel médical; prothésiste; homéopathe; magnétiseur; conseiller conjugal; orthopédiste',
  MedicalClinic:
    'clinique; centre médical; maison de santé; centre de santé; dispensaire; polyclinique; cabinet médical de groupe; clinique privée; chirurgie esthétique; centre de dialyse; don du sang; centre ophtalmologique; centre de vaccination; cure de désintoxication',
  MensClothingStore:
    'vêtements homme; costumes; tailleur pour hommes; location de costumes; mode masculine; costume sur mesure',
  MiddleSchool: 'collège',
  Midwifery: 'sage-femme',
  MobilePhoneStore:
    'téléphonie mobile; réparation téléphone; boutique téléphonie; réparation smartphone; magasin de téléphonie; téléphone portable',
  Mosque: 'mosquée',
  Motel: 'motel; hôtel de bord de route',
  MotorcycleDealer: 'concessionnaire moto; magasin de motos; motos; scooters; équipement moto; moto; quads',
  MotorcycleRepair: 'réparation moto; atelier moto; mécanicien moto; garage moto',
  MovieTheater: 'cinéma; salle de cinéma; ciné-parc',
  MovingCompany: 'déménageur; déménagement; entreprise de déménagement; garde-meubles; déménageurs',
  Museum: 'musée; écomusée; château; planétarium; lieu d’exposition; monument historique',
  MusicStore: 'magasin de musique; instruments de musique; disquaire; magasin de guitares; pianos',
  MusicVenue: 'salle de concert; opéra; club de jazz; salle de spectacle; zénith',
  NailSalon:
    'onglerie; manucure; prothésiste ongulaire; bar à ongles; pédicure beauté; ongles; pose d’ongles',
  NGO: 'association; association caritative; organisme à but non lucratif; banque alimentaire; fondation; organisation humanitaire',
  NightClub: 'boîte de nuit; discothèque; club; cabaret; boîte',
  Notary: 'notaire; étude notariale; office notarial; notaires',
  Nursing: 'infirmier; infirmière; cabinet infirmier',
  OfficeEquipmentStore:
    'papeterie; fournitures de bureau; photocopieurs; matériel de bureau; papetier; cartouches d’encre',
  Optician:
    'opticien; lunettes; optique; optométriste; lentilles de contact; magasin d’optique; lunetterie; examen de la vue',
  OutletStore: 'magasin d’usine; déstockage; outlet; solderie',
  Park: 'parc; jardin public; jardin botanique; parc naturel; réserve naturelle',
  ParkingFacility: 'parking; stationnement; parking couvert; parc de stationnement; parking souterrain',
  PawnShop: 'prêteur sur gages; achat d’or; mont-de-piété; rachat d’or; crédit municipal',
  PerformingArtsTheater:
    'théâtre; café-théâtre; cirque; théâtre de marionnettes; centre culturel; maison de la culture',
  PetStore:
    'animalerie; magasin d’animaux; alimentation animale; aquariophilie; sellerie équitation; élevage canin; éleveur de chiens; oisellerie',
  Pharmacy: 'pharmacie; pharmacien; pharmacie de garde; officine',
  Physician:
    'médecin; médecin généraliste; docteur; généraliste; pédiatre; dermatologue; gynécologue; ophtalmologue; ophtalmologiste; cardiologue; psychiatre; cabinet médical; chirurgien; médecin de famille; ORL; rhumatologue; urologue; gastro-entérologue; allergologue; neurologue; chirurgien orthopédiste; endocrinologue; pneumologue; oncologue; médecin du sport',
  Physiotherapy: 'kinésithérapeute; kiné; physiothérapeute; cabinet de kinésithérapie',
  Playground: 'aire de jeux; terrain de jeux',
  Plumber:
    'plombier; plomberie; dépannage plomberie; débouchage; plombier chauffagiste; fuite d’eau; sanitaire; débouchage canalisation; chauffe-eau; installateur sanitaire; assainissement; plombier zingueur; gaz',
  Podiatric: 'podologue; pédicure-podologue',
  PoliceStation:
    'commissariat; police; gendarmerie; poste de police; police municipale; commissariat de police',
  PostOffice: 'bureau de poste; la poste; poste; relais colis; point relais',
  Preschool: 'école maternelle; maternelle; prématernelle',
  ProfessionalService:
    'architecte; cabinet d’architecture; photographe; photographe de mariage; géomètre; bureau d’études; agence de communication; agence web; graphiste; consultant; informaticien; création de sites internet; diagnostic immobilier; diagnostiqueur immobilier; ingénieur; agence de publicité; expert automobile; webdesigner; développeur web; agence marketing; conseil en entreprise; paysagiste concepteur; commissaire-priseur; vidéaste; service informatique; cabinet de conseil; coach de vie; studio photo; économiste de la construction; agence de design; rédacteur; urbaniste; coach professionnel; studio graphique; évaluateur',
  PublicSwimmingPool: 'piscine; piscine municipale; centre aquatique; piscine publique; piscine couverte',
  RadioStation: 'station de radio; radio; radio locale',
  RealEstateAgent:
    'agence immobilière; agent immobilier; immobilier; syndic de copropriété; gestion locative; promoteur immobilier; courtier immobilier; location appartement; administrateur de biens; syndic; chasseur immobilier; mandataire immobilier',
  RecyclingCenter:
    'déchetterie; déchèterie; ferrailleur; recyclage; casse auto; ressourcerie; centre de tri; récupération de métaux; ferraille; écocentre',
  Resort:
    'village vacances; complexe touristique; club de vacances; station balnéaire complexe; centre de villégiature; parc résidentiel de loisirs',
  Restaurant:
    'restaurant; bistrot; brasserie; pizzeria; restaurant gastronomique; grill; restaurant italien; restaurant chinois; restaurant japonais; sushi; restaurant indien; auberge; rôtisserie; restaurant végétarien; restaurant de poissons; couscous; restaurant libanais; bouchon; bistro; table d’hôtes; restaurant marocain; restaurant vietnamien; steakhouse; cabane à sucre; winstub; restaurant thaïlandais; guinguette; bouillon; restaurant de fruits de mer',
  RoofingContractor:
    'couvreur; couverture; toiture; réparation toiture; zingueur; entreprise de couverture; étanchéité toiture; nettoyage toiture',
  School: 'école; école privée; école internationale; internat; école Montessori; école bilingue',
  SelfStorage:
    'garde-meuble; self-stockage; box de stockage; stockage; location de box; entreposage; mini-entrepôt; consigne à bagages',
  ShoeStore: 'magasin de chaussures; chaussures; baskets; bottier; chausseur; chaussures enfants',
  ShoppingCenter:
    'centre commercial; galerie marchande; marché couvert; marché aux puces; halles; centre d’achats; vide-greniers; brocante',
  SkiResort: 'station de ski; école de ski; remontées mécaniques; domaine skiable; téléphérique; ski de fond',
  SportingGoodsStore:
    'magasin de sport; articles de sport; articles de pêche; armurerie; location de skis; magasin de pêche; chasse et pêche; surf shop; équipement de sport; location de kayak; magasin de plongée; boutique de sport',
  SportsActivityLocation:
    'école de danse; cours de danse; yoga; cours de yoga; centre équestre; équitation; salle d’escalade; escalade; judo; karaté; arts martiaux; pilates; patinoire; plongée; école de surf; gymnase; dojo; studio de danse; accrobranche; école de voile; club hippique; parachutisme; stand de tir; kayak; tir à l’arc; trampoline parc; salle de danse; studio de yoga; ranch équestre; gymnastique; squash; parapente; montgolfière; circuit automobile; poney-club; hippodrome; base nautique; canyoning; boxe; étang de pêche; club de plongée',
  SportsClub:
    'club de sport; club de football; club de rugby; association sportive; club nautique; club d’aviron; club de natation; société de tir; aéroclub; club de pétanque; boulodrome',
  StadiumOrArena: 'stade; aréna; terrain de football; palais des sports; arène',
  Store:
    'magasin; commerce; boutique de cadeaux; antiquaire; brocanteur; brocante magasin; cadeaux; bureau de tabac; souvenirs; cigarettes électroniques; cigarette électronique; antiquités; maroquinerie; puériculture; article de fête; magasin de fêtes; feux d’artifice; machines agricoles; sex-shop; CBD; bois de chauffage; tabac; dépôt vente; vape; coutellerie; articles religieux; matériel agricole',
  Synagogue: 'synagogue',
  TattooParlor: 'salon de tatouage; tatoueur; tatouage; piercing; pierceur; studio de tatouage',
  TaxiStand: 'station de taxis; borne de taxis',
  TelevisionStation: 'chaîne de télévision; studio de télévision',
  TennisComplex: 'club de tennis; court de tennis; tennis; padel; école de tennis',
  TireShop: 'pneus; magasin de pneus; centre de pneus; pneumatiques; pneu; jantes; géométrie pneus',
  TouristInformationCenter:
    'office de tourisme; office du tourisme; syndicat d’initiative; information touristique; bureau d’information touristique; maison du tourisme',
  ToyStore: 'magasin de jouets; jouets; jeux de société; jeux et jouets; magasin de jeux',
  TrainStation: 'gare; gare ferroviaire; gare SNCF',
  TravelAgency:
    'agence de voyages; voyages; tour-opérateur; visites guidées; croisières; excursions; guide touristique; agence de voyage; promenades en bateau; voyagiste; billetterie voyages',
  VacationRental:
    'location de vacances; gîte; gîte rural; location saisonnière; chalet à louer; villa à louer; maison de vacances; appartement de vacances; gîtes; cabane dans les arbres; location de chalet',
  VeterinaryCare:
    'vétérinaire; clinique vétérinaire; cabinet vétérinaire; hôpital vétérinaire; vétérinaire équin; docteur vétérinaire',
  WholesaleStore: 'grossiste; vente en gros; cash and carry; commerce de gros; centrale d’achat; négociant',
  Winery:
    'domaine viticole; vigneron; cave coopérative; viticulteur; vignoble; dégustation de vin; château viticole; producteur de champagne; maison de champagne',
  Zoo: 'zoo; parc animalier; parc zoologique; ferme pédagogique; parc à oiseaux',
};
