/** What people in Italy and the Ticino call the trades (see `english.ts`). */
export const italian: Readonly<Record<string, string>> = {
  AccountingService:
    'commercialista; studio commercialista; ragioniere; consulente del lavoro; revisore dei conti; contabilità; consulente fiscale; CAF; studio contabile; fiduciaria',
  AmusementPark: 'parco divertimenti; luna park; parco acquatico; parco avventura; giostre; parco tematico',
  AnimalShelter: 'canile; rifugio per animali; gattile; canile rifugio',
  Aquarium: 'acquario',
  ArtGallery: 'galleria d’arte; galleria; mercante d’arte; atelier d’arte; spazio espositivo',
  AutoBodyShop: 'carrozzeria; carrozziere; cristalli auto; verniciatura auto; riparazione parabrezza',
  AutoDealer:
    'concessionaria; autosalone; concessionaria auto; auto usate; vendita auto; rivenditore auto; concessionario; auto nuove; camper vendita',
  AutoPartsStore: 'ricambi auto; autoricambi; accessori auto; ricambi',
  AutoRental:
    'autonoleggio; noleggio auto; noleggio furgoni; noleggio camper; noleggio a lungo termine; noleggio con conducente',
  AutoRepair:
    'officina; meccanico; autofficina; officina meccanica; revisione auto; elettrauto; riparazione auto; centro revisioni; tagliando auto; marmitte; autoriparazioni; officina auto',
  AutoWash: 'autolavaggio; lavaggio auto; car wash; lavaggio a mano',
  AutomotiveBusiness: 'soccorso stradale; carroattrezzi; car wrapping; pratiche auto; carro attrezzi',
  AutomatedTeller: 'bancomat; sportello bancomat; sportello automatico',
  Bakery:
    'panificio; forno; panetteria; fornaio; panettiere; pane; biscottificio; prodotti da forno; pasticceria; pasticcere; torte; cake design',
  BankOrCreditUnion:
    'banca; filiale bancaria; cassa di risparmio; banca di credito cooperativo; cassa rurale',
  BarOrPub:
    'pub; bar; birreria; enoteca bar; wine bar; cocktail bar; osteria bar; american bar; vineria; lounge bar; taverna; bar tabacchi; aperitivi; bacaro; birrificio pub; bar sport',
  BeautySalon:
    'centro estetico; estetista; istituto di bellezza; salone di bellezza; estetica; depilazione; ceretta; trucco permanente; truccatrice; estetista a domicilio; extension ciglia; epilazione; estetica avanzata',
  BedAndBreakfast:
    'bed and breakfast; affittacamere; pensione; B&B; camere; locanda con colazione; guest house',
  BikeStore:
    'negozio di biciclette; ciclofficina; biciclette; noleggio bici; cicli; riparazione biciclette; ciclista negozio; bici elettriche; noleggio biciclette',
  BookStore: 'libreria; libraio; libri usati; fumetteria; libreria antiquaria; fumetti; libri; cartolibreria',
  BowlingAlley: 'bowling; sala bowling; birilli',
  Brewery: 'birrificio; birrificio artigianale; birra artigianale; microbirrificio; sidreria',
  CafeOrCoffeeShop:
    'caffè; caffetteria; sala da tè; torrefazione; bar caffetteria; cioccolateria caffè; tè; espresso bar; sala da the; caffè letterario',
  Campground: 'campeggio; camping; area campeggio; glamping; agricampeggio',
  Casino: 'casinò; sala giochi; sala bingo; sala scommesse; sala slot; centro scommesse; ricevitoria',
  CatholicChurch: 'chiesa cattolica; duomo; parrocchia; basilica; santuario; cattedrale',
  Cemetery: 'cimitero; camposanto',
  ChildCare:
    'asilo nido; asilo; nido; baby parking; babysitter; ludoteca; micronido; doposcuola; centro estivo; nido famiglia; tata; servizi per l’infanzia',
  Church:
    'chiesa; cappella; chiesa evangelica; abbazia; chiesa valdese; monastero; chiesa protestante; pieve; convento',
  CityHall: 'municipio; comune; palazzo comunale; palazzo municipale',
  ClothingStore:
    'negozio di abbigliamento; abbigliamento; boutique; abiti da sposa; intimo; abbigliamento bambini; negozio di vestiti; usato abbigliamento; abiti da cerimonia; moda donna; abbigliamento donna; vestiti; abbigliamento da lavoro; sposa; lingerie; atelier sposa; camicie; negozio vintage; costumi; pellicceria; abbigliamento usato; cappelleria; cerimonia; biancheria intima; merceria intimo',
  CollegeOrUniversity:
    'università; ateneo; politecnico; accademia; facoltà; istituto superiore; conservatorio universitario',
  ComputerStore:
    'negozio di computer; riparazione computer; assistenza computer; informatica; assistenza PC; computer; negozio di informatica',
  ConvenienceStore:
    'minimarket; edicola; giornalaio; negozio di alimentari di quartiere; tabaccheria edicola; tabacchi; tabaccheria; bottega; rivendita tabacchi; emporio alimentare',
  Courthouse: 'tribunale; palazzo di giustizia; giudice di pace; corte d’appello',
  DaySpa:
    'spa; massaggi; centro benessere; massaggiatore; terme; sauna; centro massaggi; hammam; bagno turco; massaggio thai; massaggi olistici; riflessologia; stabilimento termale; massaggiatrice',
  Dentist:
    'dentista; studio dentistico; odontoiatra; ortodontista; clinica dentale; implantologia; studio odontoiatrico; ambulatorio odontoiatrico; ortodonzia; igienista dentale; centro odontoiatrico; odontotecnico; pronto soccorso dentistico; sbiancamento denti',
  DepartmentStore:
    'grandi magazzini; ipermercato; grande magazzino; bazar; emporio; casalinghi grande magazzino',
  DiagnosticLab:
    'laboratorio analisi; laboratorio di analisi; radiologia; centro diagnostico; analisi del sangue; diagnostica per immagini; laboratorio analisi cliniche; ecografia; centro prelievi; studio radiologico; risonanza magnetica; poliambulatorio diagnostico',
  DietNutrition: 'nutrizionista; dietista; dietologo; biologa nutrizionista; biologo nutrizionista',
  Distillery: 'distilleria; grapperia; liquorificio; grappa',
  DryCleaningOrLaundry:
    'lavanderia; tintoria; lavasecco; lavanderia a gettoni; stireria; lavanderia self service; lavaggio tappeti; lavanderia automatica; pulitura a secco',
  EducationalOrganization:
    'autoscuola; scuola guida; scuola di musica; ripetizioni; scuola di lingue; corsi di cucina; doposcuola centro studi; centro di formazione; conservatorio; corsi di inglese; lezioni di pianoforte; lezioni di chitarra; scuola di cucina; ente di formazione; scuola di recitazione; corsi di formazione; scuola di canto; centro studi; patente nautica; scuola di inglese',
  ElementarySchool: 'scuola elementare; scuola primaria; elementari',
  Electrician:
    'elettricista; impianti elettrici; impiantista elettrico; elettricisti; pronto intervento elettricista; antifurti; impianti di allarme; installatore elettrico; quadri elettrici',
  ElectronicsStore:
    'negozio di elettronica; elettrodomestici; elettronica; riparazione elettrodomestici; apparecchi acustici; ottica foto; videogiochi; negozio di elettrodomestici; negozio di videogiochi; riparazione TV; centro acustico; audio e video; fotocamere; antennista',
  EmergencyService:
    'ambulanza; pronto intervento; croce rossa; protezione civile; soccorso; guardia medica; ambulanze; soccorso alpino; croce verde',
  EmploymentAgency:
    'agenzia per il lavoro; agenzia interinale; centro per l’impiego; lavoro interinale; ricerca personale; agenzia di lavoro; selezione del personale; agenzia badanti; agenzia di collocamento; ufficio di collocamento; agenzia di moda',
  EntertainmentBusiness:
    'escape room; sala giochi bambini; kartodromo; animazione feste; gonfiabili; minigolf; laser game; paintball; biliardo; go-kart; playground coperto; DJ matrimoni; mago; parco giochi al coperto; animazione bambini; softair; sala biliardo; feste di compleanno; realtà virtuale',
  EventVenue:
    'location per matrimoni; sala ricevimenti; centro congressi; sala conferenze; sala eventi; villa per matrimoni; centro fieristico; sala feste; palazzo dei congressi; location per eventi; sala riunioni; fiera; spazio eventi; location eventi; dimora storica per eventi; sala convegni',
  ExerciseGym:
    'palestra; personal trainer; centro fitness; crossfit; sala pesi; palestra di boxe; fitness; palestre; body building; palestra fitness; club fitness',
  FastFoodRestaurant:
    'fast food; kebab; paninoteca; pizza al taglio; pizza da asporto; rosticceria; hamburgeria; friggitoria; piadineria; tavola calda; panineria; pizza d’asporto; food truck; asporto; cibo da strada; street food; sandwich; focacceria; paninoteche; gastronomia da asporto; kebabberia; pizzeria da asporto; poke; panini; arrosticini da asporto; cinese da asporto; toasteria; chiosco panini; polleria rosticceria; puccia; sushi da asporto',
  FinancialService:
    'consulente finanziario; mediatore creditizio; mutui; prestiti; cambio valuta; promotore finanziario; consulenza finanziaria; finanziaria; cessione del quinto; cambiavalute; trasferimento di denaro; leasing; recupero crediti; agenzia prestiti; private banking; consulente mutui',
  FireStation: 'vigili del fuoco; caserma dei pompieri; pompieri; caserma dei vigili del fuoco',
  Florist:
    'fiorista; fioraio; fiori; negozio di fiori; fioreria; composizioni floreali; bouquet sposa; addobbi floreali; fiori e piante',
  FoodEstablishment:
    'catering; mensa; servizio catering; banqueting; creperia; chef a domicilio; ristorazione collettiva; catering matrimoni; yogurteria; cuoco a domicilio; bar ristoro; self service',
  FurnitureStore:
    'mobilificio; arredamento; mobili; negozio di mobili; materassi; cucine; divani; arredamenti; cucine componibili; arredo ufficio; ebanista; centro cucine; letti; mobili usati; arredo giardino; mobili su misura; camerette; arredo bagno; falegnameria mobili; poltrone; materassaio; salotti; negozio di arredamento; arredi',
  GardenStore:
    'vivaio; garden center; piante; vivaista; centro giardinaggio; sementi; vivai; attrezzi da giardino; garden; consorzio agrario; piante da interno; macchine da giardino; centro verde',
  GasStation:
    'distributore di benzina; benzinaio; stazione di servizio; distributore; colonnina di ricarica; area di servizio; metano; GPL; carburanti; pompa di benzina; gasolio; ricarica auto elettriche; stazione di rifornimento',
  GeneralContractor:
    'impresa edile; muratore; edilizia; costruzioni; falegname; falegnameria; ristrutturazioni; carpentiere; cartongesso; impresa di costruzioni; ristrutturazione; scavi; demolizioni; geometra edile; imbiancatura e muratura; costruzione piscine; restauro edile; stuccatore; movimento terra; carpenteria; lavori edili; intonacatore; marmista edile; case in legno; asfaltatura; pavimentazioni esterne; scavi e demolizioni; cappotto termico; restauri; serramentista edile; piscine costruzione; prefabbricati; imprese edili; posatore; artigiano edile',
  GolfCourse: 'campo da golf; golf club; circolo golf; campo pratica golf; golf; driving range',
  GovernmentOffice:
    'ufficio pubblico; agenzia delle entrate; anagrafe; ufficio comunale; prefettura; questura ufficio; motorizzazione; INPS; catasto; ufficio postale pubblico; patronato; ASL; ente pubblico; ufficio immigrazione; regione; provincia; ufficio passaporti; camera di commercio; ufficio tecnico comunale; dogana',
  GroceryStore:
    'supermercato; alimentari; macelleria; macellaio; pescheria; fruttivendolo; salumeria; gastronomia; frutta e verdura; ortofrutta; prodotti biologici; caseificio; formaggi; pasta fresca; cioccolateria; negozio di alimentari; enogastronomia; latteria; erboristeria alimentare; negozio biologico; prodotti tipici; pastificio; caramelle; salumificio; negozio bio; drogheria; formaggeria; ortolano; discount; mercato rionale; pollivendolo; azienda agricola vendita diretta; confetteria; oleificio; frantoio; spaccio agricolo; pescivendolo; alimentari e gastronomia; macelleria halal; torrefazione vendita; norcineria; agricola; olio; miele; mercato coperto; surgelati; gastronomia artigianale; supermercati; prodotti senza glutine; polleria; mozzarella; vendita caffè; alimenti biologici',
  HVACBusiness:
    'condizionatori; climatizzazione; caldaie; assistenza caldaie; termoidraulica; impianti di riscaldamento; aria condizionata; termotecnico; condizionamento; caldaista; pompe di calore; riscaldamento; frigorista; stufe a pellet; stufe; impianti termici; refrigerazione; ventilazione; manutenzione caldaie; fumista; installazione condizionatori; stufe e camini; bruciatorista',
  HairSalon:
    'parrucchiere; barbiere; parrucchiera; acconciature; salone parrucchiere; barber shop; parrucchieri; hair stylist; coiffeur; parrucchiere uomo; acconciatore; parrucche; salone di parrucchiere; extension capelli; parrucchiere a domicilio; saloni; salone di acconciature; barberia; parrucchiere donna',
  HardwareStore:
    'ferramenta; materiali edili; fai da te; colorificio; bricolage; utensileria; legnami; noleggio attrezzature; materiale edile; magazzino edile; vendita legname; ceramiche e piastrelle; noleggio macchine edili; piastrelle; centro bricolage; materiali per edilizia; vernici; negozio di vernici; utensili; falegnameria materiali; rivendita materiali edili; sanitari e piastrelle',
  HealthAndBeautyBusiness:
    'profumeria; solarium; cosmetici; medicina estetica; epilazione laser; parafarmacia; erboristeria; centro abbronzatura; dimagrimento; tricologia; centro dimagrimento; cosmetica; bio profumeria; centro medico estetico; medico estetico; centro solarium; prodotti di bellezza',
  HealthClub: 'centro sportivo; circolo sportivo; centro fitness e benessere; polisportiva; club sportivo',
  HighSchool:
    'liceo; scuola superiore; istituto tecnico; istituto professionale; scuola secondaria; istituto alberghiero; scuola secondaria di secondo grado',
  HobbyShop:
    'merceria; negozio di hobby; modellismo; belle arti; tessuti; lane; filati; numismatica; filatelia; bricolage creativo; articoli per belle arti; negozio di tessuti; giochi di ruolo; decoupage; hobbistica; collezionismo; colori belle arti; carte collezionabili; negozio di lana; perline; modellini; scampoli; macchine da cucire',
  HomeAndConstructionBusiness:
    'vetraio; vetreria; fabbro; giardiniere; impresa di pulizie; disinfestazione; spazzacamino; piastrellista; serramenti; infissi; fotovoltaico; pannelli solari; pavimenti; tende da sole; tappezziere; giardinaggio; arredatore; architetto d’interni; potatura alberi; ponteggi; isolamento termico; recinzioni; cancelli; zanzariere; parquet; parquettista; imprese di pulizia; pulizie; spurgo; espurghi; derattizzazione; persiane; finestre; porte e finestre; interior design; manutenzione piscine; sgombero cantine; sgomberi; carpenteria metallica; saldatore; tuttofare; manutenzione giardini; serrande; porte blindate; cancelli automatici; tapparelle; camini; lucidatura marmi; impermeabilizzazioni; pulizia vetri; progettazione giardini; carpenteria in ferro; restauro mobili; restauratore; traslochi sgomberi; marmista; marmi; posatore di pavimenti; pergole; resina; montaggio mobili; domestica; colf; pulizie condominiali; tende; vetrai; tree climber; pulizia camini; realizzazione giardini; paesaggista; decoratore; tende tecniche; arboricoltore; impianti di irrigazione; vetrate; pozzi; idropulitrice; verande; amianto; serramentista; ferro battuto; ringhiere',
  HomeGoodsStore:
    'casalinghi; tappeti; illuminazione; tendaggi; lampade; biancheria per la casa; cornici; articoli per la casa; corniciaio; arredo casa; complementi d’arredo; oggettistica; porcellane; decorazione; negozio di casalinghi; lampadari; candele; tessile casa; cornici e quadri; articoli da regalo casa; bomboniere; cristalleria; stoviglie; tappezzeria; materiali elettrici illuminazione',
  Hospital:
    'ospedale; pronto soccorso; policlinico; clinica ospedaliera; presidio ospedaliero; casa di cura; hospice; azienda ospedaliera; ospedale pediatrico; ospedale privato',
  Hostel: 'ostello; ostello della gioventù; ostello per pellegrini',
  Hotel:
    'albergo; hotel; locanda; relais; hotel ristorante; albergo diffuso; hotel con spa; boutique hotel; residenza alberghiera; residence hotel; hotel termale; grand hotel; agriturismo hotel; alberghi; country house; albergo ristorante; hotel sul mare; garni',
  HousePainter:
    'imbianchino; pittore edile; decoratore edile; tinteggiatura; imbianchini; imbiancatura; tinteggiature; verniciatura interni; carta da parati; pittore; decoratore d’interni pittura',
  IceCreamShop:
    'gelateria; gelato; gelati; cremeria; gelateria artigianale; granite; frozen yogurt; grattachecca; gelataio; gelaterie',
  InsuranceAgency:
    'assicurazioni; agenzia di assicurazioni; assicurazione; broker assicurativo; assicuratore; agenzia assicurativa; assicurazione auto; consulente assicurativo; perito assicurativo; compagnia di assicurazioni; polizze; agente assicurativo; infortunistica stradale',
  InternetCafe: 'internet point; internet café; internet cafè',
  JewelryStore:
    'gioielleria; gioielliere; orafo; orologeria; orologiaio; oreficeria; argenteria; fedi nuziali; gioielli; orologi; bigiotteria; laboratorio orafo; argentiere; anelli di fidanzamento; diamanti; gemmologo; riparazione orologi',
  LegalService:
    'avvocato; studio legale; avvocati; avvocata; consulenza legale; mediatore; avvocato divorzista; studio legale associato; ufficiale giudiziario; avvocato penalista; consulente legale; avvocato matrimonialista; patrocinio legale; mediazione civile; avvocato del lavoro; giurista; brevetti; studio notarile e legale; avvocato immigrazione',
  Library: 'biblioteca; mediateca; biblioteca comunale; sala lettura; emeroteca',
  LiquorStore:
    'enoteca; vini e liquori; bottiglieria; negozio di vini; vineria vendita; vino sfuso; vendita vino; liquori; negozio di liquori; bevande vendita; distributore bevande; vino; birra shop',
  LocalBusiness:
    'piccola impresa; artigiano; ceramica; vasaio; tipografia; copisteria; insegne; toelettatura; pensione per cani; addestratore cani; onoranze funebri; pompe funebri; agenzia funebre; traduttore; interprete; agenzia di traduzioni; accordatore; calzolaio; sarto; sartoria; sarta; riparazioni sartoriali; duplicazione chiavi; taxi; NCC; corriere; autotrasporti; vigilanza; investigatore privato; wedding planner; casa di riposo; RSA; badante; legatoria; lapidi; noleggio pullman; noleggio barche; cantiere navale; porto turistico; fattoria; studio di registrazione; toelettatura cani; stampa digitale; arrotino; tipografo; coworking; deposito; serigrafia; cartomante; spedizioniere; magazzino; asilo per cani; trasporti; allevamento; ceramista; laboratorio di ceramica; riparazione scarpe; tolettatura; liutaio; apicoltore; ricami; trofei; maniscalco; selleria; spedizioni; agenzia investigativa; orlo pantaloni; addestramento cani; dog sitter; pet sitter; casa famiglia; noleggio gazebo; laboratorio artigianale; officina meccanica di precisione; tornitore; azienda agricola; pulmino; assistenza anziani; residenza per anziani; stamperia; ricevimenti organizzazione; restauro; marina; vetro artistico; sellaio; fotocopie; modista; organizzazione matrimoni; astrologo; agenzia di sicurezza; noleggio costumi; incisore; coppe e targhe; catering barche; case funerarie; servizi funebri',
  Locksmith:
    'fabbro serrature; serrature; apertura porte; pronto intervento fabbro; duplicazione chiavi e serrature; casseforti; serraturiere; ferramenta serrature',
  LodgingBusiness:
    'alloggio; residence; rifugio alpino; agriturismo; appartamenti; foresteria; residenza universitaria; alloggi; malga; case per ferie; baita; studentato; ospitalità; masseria; casale; rifugio; convitto; ricettività',
  MedicalBusiness:
    'osteopata; psicologo; logopedista; psicoterapeuta; chiropratico; agopuntura; naturopata; ortopedia sanitaria; psicologa; studio di psicologia; osteopatia; sanitaria; articoli sanitari; ipnosi; omeopata; agopuntore; posturologo; counselor; psicomotricista; terapista; ortottista; audioprotesista; logopedia; ortopedia; riabilitazione; terapia di coppia; omeopatia; tecnico ortopedico; centro di psicoterapia; riflessologo plantare; shiatsu; ottico ortopedico; doula; fisiatra studio',
  MedicalClinic:
    'clinica; poliambulatorio; centro medico; ambulatorio; studio medico associato; guardia medica ambulatorio; chirurgia estetica; clinica privata; consultorio; clinica oculistica; centro vaccinale; casa della salute; clinica fertilità; centro dialisi; centro donazione sangue; medicina dello sport centro; day hospital; comunità di recupero; medicina del lavoro; centro di fisioterapia e riabilitazione; centro polispecialistico; trapianto capelli; clinica estetica; policlinico privato; centro antiveleni; residenza psichiatrica; procreazione assistita',
  MensClothingStore:
    'abbigliamento uomo; abiti da uomo; sartoria uomo; moda uomo; camiceria; noleggio abiti da cerimonia; abiti su misura; vestiti da uomo; abito su misura; smoking; camicie su misura; confezioni uomo',
  MiddleSchool: 'scuola media; scuola secondaria di primo grado; medie',
  Midwifery: 'ostetrica',
  MobilePhoneStore:
    'negozio di telefonia; riparazione cellulari; telefonia; cellulari; riparazione smartphone; telefoni; centro assistenza cellulari; riparazione telefoni; telefonia mobile; smartphone; riparazione iphone; negozio di cellulari',
  Mosque: 'moschea; centro islamico',
  Motel: 'motel; autogrill con camere',
  MotorcycleDealer:
    'concessionaria moto; negozio di moto; moto; scooter; motocicli; accessori moto; vendita moto; concessionario moto; moto usate; abbigliamento moto; ciclomotori; quad',
  MotorcycleRepair: 'officina moto; riparazione moto; meccanico moto; riparazione scooter; revisione moto',
  MovieTheater: 'cinema; multisala; cineteatro; cineforum; sala cinematografica; arena estiva; drive-in',
  MovingCompany:
    'traslochi; ditta di traslochi; trasloco; facchinaggio; deposito mobili; traslocatore; noleggio scale traslochi; impresa di traslochi; trasporti e traslochi; montaggio e traslochi; trasporto mobili',
  Museum:
    'museo; castello; planetario; museo d’arte; pinacoteca; mostra; sito archeologico; museo civico; palazzo storico; casa museo; ecomuseo; villa storica',
  MusicStore:
    'strumenti musicali; negozio di musica; negozio di dischi; chitarre; dischi; pianoforti; vinili; negozio di strumenti musicali; strumenti; spartiti; noleggio audio luci; service audio',
  MusicVenue:
    'sala concerti; auditorium; teatro d’opera; jazz club; musica dal vivo; locale live; opera; palazzetto concerti; discopub live',
  NailSalon:
    'unghie; ricostruzione unghie; manicure; pedicure; onicotecnica; nail bar; centro unghie; nail art; salone unghie; gel unghie; onicotecnico; estetista unghie',
  NGO: 'associazione; onlus; fondazione; volontariato; banco alimentare; no profit; ente benefico; associazione culturale; organizzazione di volontariato; pro loco; circolo culturale; associazione di promozione sociale; mensa dei poveri; cooperativa sociale; caritas; charity',
  NightClub:
    'discoteca; night club; locale notturno; sala da ballo; balera; club; disco bar; locale da ballo; nightclub; latino americano; disco pub; strip club; privé',
  Notary: 'notaio; studio notarile; notai; notariato; ufficio notarile; atti notarili',
  Nursing: 'infermiere; infermiera; infermiere a domicilio',
  OfficeEquipmentStore:
    'cancelleria; cartoleria; forniture ufficio; articoli per ufficio; fotocopiatrici; cartoleria e cancelleria; toner; materiale per ufficio; cartucce; stampanti; registratori di cassa; penne; macchine per ufficio; toner e cartucce; scuola e ufficio; cartolai; arredamento ufficio e cancelleria',
  Optician:
    'ottico; ottica; occhiali; optometrista; lenti a contatto; negozio di ottica; occhiali da sole; ottica optometria; controllo della vista; centro ottico; esame della vista; ottici; occhialeria; lenti',
  OutletStore:
    'outlet; spaccio aziendale; punto vendita aziendale; stock house; spaccio; stockhouse; outlet village; tutto a un euro; factory outlet; discount abbigliamento; negozio di fine serie',
  Park: 'parco; giardino pubblico; orto botanico; riserva naturale; parco naturale; parco nazionale; giardini; villa comunale; parco pubblico; parco urbano; oasi naturale; area cani; giardino botanico',
  ParkingFacility:
    'parcheggio; autorimessa; parcheggio coperto; garage; parcheggio multipiano; parcheggio custodito; parcheggio aeroporto; posto auto; autosilo; area sosta; parcheggi',
  PawnShop:
    'compro oro; banco dei pegni; monte dei pegni; banco metalli; credito su pegno; acquisto oro; pegni; compro argento',
  PerformingArtsTheater:
    'teatro; circo; teatro di marionette; centro culturale; teatro comunale; cabaret teatro; arti performative; teatro stabile; arena teatro',
  PetStore:
    'negozio di animali; mangimi; acquari; cibo per animali; allevamento cani; articoli per animali; toelettatura e pet shop; acquariologia; pet shop; animali domestici; alimenti per animali; allevamento gatti; articoli equitazione; mangimeria; acquariofilia; cuccioli; articoli per cavalli; selleria equestre; negozio per animali; rettili',
  Pharmacy:
    'farmacia; farmacista; farmacia di turno; farmacie; farmacia comunale; farmacia notturna; galenica; dispensario farmaceutico; farmacia omeopatica; medicinali',
  Physician:
    'medico; dottore; medico di base; pediatra; ginecologo; dermatologo; oculista; cardiologo; ortopedico; psichiatra; studio medico; medico di famiglia; neurologo; urologo; chirurgo; otorinolaringoiatra; endocrinologo; dottoressa; allergologo; medico generico; otorino; chirurgo plastico; ginecologa; dermatologa; fisiatra; gastroenterologo; reumatologo; pneumologo; medico dello sport; oncologo; diabetologo; angiologo; nefrologo; ortopedia e traumatologia; proctologo; geriatra; senologo; ematologo; andrologo; medici; neuropsichiatra infantile; medicina generale',
  Physiotherapy: 'fisioterapista; fisioterapia; studio di fisioterapia; massofisioterapista',
  Playground: 'parco giochi; area giochi; parco giochi bambini; giochi per bambini all’aperto',
  Plumber:
    'idraulico; impianti idraulici; pronto intervento idraulico; spurghi; idraulici; idraulica; termoidraulico; perdite d’acqua; disostruzione scarichi; impianti sanitari; impianti gas; riparazione scaldabagni; scaldabagno; lattoniere idraulico; sanitari installazione; impianti idrotermosanitari; autospurgo; pozzi neri; stura lavandini; idrotermica',
  Podiatric: 'podologo; podologia',
  PoliceStation:
    'questura; carabinieri; polizia; commissariato; caserma dei carabinieri; polizia municipale; polizia locale; stazione dei carabinieri; vigili urbani; guardia di finanza; polizia di stato; commissariato di polizia; comando vigili',
  PostOffice: 'ufficio postale; poste; posta; centro postale; punto poste; ritiro pacchi; punto di ritiro',
  Preschool: 'scuola materna; scuola dell’infanzia; materna; scuola montessori infanzia',
  ProfessionalService:
    'architetto; studio di architettura; fotografo; fotografo matrimonio; geometra; ingegnere; agenzia di comunicazione; consulente; web agency; grafico; studio tecnico; perito; consulenza aziendale; agenzia pubblicitaria; amministratore di condominio; studio fotografico; sviluppo software; agenzia marketing; assistenza informatica; web designer; topografo; certificazione energetica; videomaker; grafica; realizzazione siti web; perito industriale; casa d’aste; consulente informatico; ingegneria; agenzia web; architetti; agronomo; sicurezza sul lavoro; studio di ingegneria; copywriter; fotografia; software house; consulenza; designer; sviluppatore web; coach; pubbliche relazioni; geologo; social media manager; agenzia pratiche; call center; progettazione; studio grafico; servizi informatici; perito agrario; antropologo; consulente marketing; agenzia di stampa',
  PublicSwimmingPool:
    'piscina; piscina comunale; piscina coperta; centro nuoto; piscine; piscina pubblica; piscina all’aperto; parco piscine; stabilimento balneare; bagni; lido; centro natatorio',
  RadioStation:
    'stazione radio; radio; emittente radiofonica; radio locale; emittente radio; studio radiofonico',
  RealEstateAgent:
    'agenzia immobiliare; agente immobiliare; immobiliare; immobiliari; affitti; vendita case; costruttore immobiliare; amministrazione condomini; mediatore immobiliare; case in vendita; consulente immobiliare; agenzie immobiliari; affitti brevi gestione; gestione immobiliare; valutazione immobili; immobili; case in affitto; property manager; compravendita immobili',
  RecyclingCenter:
    'isola ecologica; rottamazione; sfasciacarrozze; demolizione auto; ecocentro; riciclaggio; rottami; autodemolizione; autodemolizioni; raccolta rifiuti; discarica; rottamaio; recupero metalli; smaltimento rifiuti; centro di raccolta; autodemolitore; raccolta differenziata; ferrovecchio; rottami ferrosi; piattaforma ecologica; demolitore',
  Resort:
    'villaggio turistico; resort; villaggio vacanze; centro vacanze; resort sul mare; golf resort; residence turistico; eco resort',
  Restaurant:
    'ristorante; trattoria; osteria; pizzeria; ristorante di pesce; braceria; steak house; ristorante cinese; ristorante giapponese; sushi; ristorante vegetariano; agriturismo ristorante; hosteria; taverna ristorante; ristorante indiano; bistrot; enoteca con cucina; locanda ristorante; ristorante messicano; spaghetteria; griglieria; ristorante vegano; ristoranti; grill; brasserie; churrascheria; ristopub; trattorie; ristorante gourmet; ristorante tipico; ristorante pizzeria; crotto; grotto; ristorante thai; all you can eat; ristorante greco; steakhouse; cucina tipica; ristorante etnico; arrosticini; ramen; cucina casalinga; baita ristorante; ristorante fusion; tapas; polleria ristorante; bisteccheria; tigelleria; paella; risotteria; polenteria; malga ristorante; fraschetta; cantina con cucina; osterie; pescheria con cucina; ristorante argentino; ristorante brasiliano; buffet; ristorante coreano; ristorante stellato',
  RoofingContractor:
    'tetti; lattoniere; coperture; rifacimento tetti; impermeabilizzazione tetti; riparazione tetti; lattoneria; copritetti; coperture tetti; tetti in legno; grondaie; lattonerie; carpentieri tetti; conciatetti; smaltimento eternit; tetto; bonifica amianto tetti',
  School:
    'scuola; scuola privata; istituto comprensivo; scuola internazionale; scuola paritaria; collegio; convitto nazionale; scuola pubblica; istituto scolastico; scuola bilingue; istituto privato',
  SelfStorage:
    'self storage; deposito bagagli; box deposito; magazzino in affitto; deposito mobili self; affitto box; deposito temporaneo; custodia mobili; mini magazzini; affitto magazzini; rimessaggio camper; rimessaggio barche; rimessaggio; garage in affitto; deposito archivi',
  ShoeStore:
    'negozio di scarpe; calzature; scarpe; calzaturificio; scarpe da ginnastica; negozio di calzature; sneakers; scarpe bambini; calzature uomo; scarpe artigianali; scarpe su misura; scarpe ortopediche; pantofole',
  ShoppingCenter:
    'centro commerciale; galleria commerciale; mercato; mercatino; parco commerciale; mercato delle pulci; mercatino dell’usato; mercato coperto comunale; centri commerciali; mercatini; galleria di negozi; fiera mercato; retail park; mercato settimanale',
  SkiResort:
    'stazione sciistica; impianti di risalita; scuola sci; scuola di sci; comprensorio sciistico; funivia; skipass; seggiovia; piste da sci; sci di fondo; impianti sciistici; snowpark; cabinovia',
  SportingGoodsStore:
    'articoli sportivi; negozio di sport; articoli da pesca; armeria; noleggio sci; abbigliamento sportivo; negozio sportivo; articoli da caccia; caccia e pesca; negozio di pesca; attrezzatura subacquea; negozio di surf; noleggio attrezzatura sportiva; negozio di articoli sportivi; sport; articoli da montagna; negozio di sci; attrezzature fitness; skateshop; noleggio sci e snowboard; noleggio kayak; articoli per la danza; negozio di running; negozio di alpinismo; tennis negozio; nautica accessori; attrezzatura da campeggio; noleggio sup; tiro con l’arco articoli',
  SportsActivityLocation:
    'scuola di danza; scuola di ballo; yoga; maneggio; centro ippico; arrampicata; palestra di arrampicata; arti marziali; pilates; karate; judo; pista di pattinaggio; diving; scuola di surf; equitazione; scuola di equitazione; scuola di vela; tiro a segno; kayak; rafting; parapendio; scuola nuoto; tiro con l’arco; studio yoga; paracadutismo; studio pilates; corsi di yoga; ginnastica artistica; centro yoga; danza; centro danza; ballo; campo di calcio; calcetto; scuola calcio; campi da calcetto; ippodromo; autodromo; dojo; crossodromo; poligono di tiro; bocciofila; skatepark; scuola di arti marziali; scuderia; pugilato; kickboxing; circolo ippico; centro immersioni; canottaggio scuola; pattinaggio; stadio del ghiaccio; sub; palaghiaccio; laghetto di pesca; pesca sportiva; mongolfiera; trampolini; kitesurf; centro sub; palestra roccia; lezioni di yoga; volo in parapendio; capoeira; taekwondo; krav maga; zumba; balli caraibici; tiro a volo; ginnastica; scherma; aikido; pista di motocross; percorso avventura; canyoning; scuola di kitesurf; parco avventura sportivo; beach volley; barca a vela corsi; acquagym; palestra di danza; palestra di judo; scuola di tango',
  SportsClub:
    'società sportiva; circolo tennis e sport; circolo nautico; associazione sportiva; club di calcio; squadra di calcio; yacht club; canottieri; associazione sportiva dilettantistica; rugby club; società di calcio; circolo canottieri; club nautico; circolo velico; polisportiva dilettantistica; aeroclub; club alpino; moto club; società di nuoto; circolo; bocce club; lega navale',
  StadiumOrArena:
    'stadio; palazzetto dello sport; arena; campo sportivo; palasport; palazzetto; stadio comunale; stadio di calcio; anfiteatro; velodromo; palazzo dello sport; palaghiaccio arena; stadio di atletica; campo comunale',
  Store:
    'negozio; articoli da regalo; antiquariato; antiquario; usato; sigarette elettroniche; pelletteria; souvenir; articoli per feste; bottega artigiana; negozio di antiquariato; negozio di articoli da regalo; sexy shop; sigaretta elettronica; articoli religiosi; prima infanzia; rigattiere; articoli per bambini; valigeria; negozio dell’usato; fuochi d’artificio; sex shop; macchine agricole; legna da ardere; CBD; cannabis light; idee regalo; svapo; negozio di svapo; negozi; artigianato; coltelleria; grow shop; borse; arte sacra; bomboniere e articoli da regalo; negozio per bambini; regali; negozio equo solidale; ombrelli; negozio di ottica e regali; rivendita; macchinari agricoli; pellet; numismatica e antiquariato; palloncini; coltelli; party shop; punto vendita; negozio di souvenir; trattori; negozio etnico',
  Synagogue: 'sinagoga; comunità ebraica; tempio ebraico',
  TattooParlor:
    'studio tatuaggi; tatuatore; tatuaggi; piercing; tatuaggio; tattoo; tattoo studio; tatuatrice; studio di tatuaggi; dermopigmentazione tatuaggi; negozio di piercing',
  TaxiStand: 'stazione taxi; posteggio taxi; parcheggio taxi; fermata taxi',
  TelevisionStation:
    'emittente televisiva; studio televisivo; televisione locale; rete televisiva; TV locale; canale televisivo',
  TennisComplex:
    'circolo tennis; campi da tennis; tennis club; padel; scuola tennis; tennis; campo da tennis; campi da padel; centro tennis; centro padel; padel club',
  TireShop:
    'gommista; pneumatici; gomme; gommisti; cerchi in lega; gomme auto; equilibratura gomme; convergenza; cambio gomme; pneumatici usati; centro pneumatici; riparazione gomme; gomme usate; assetto ruote; vendita pneumatici',
  TouristInformationCenter:
    'ufficio turistico; informazioni turistiche; IAT; ufficio del turismo; azienda di promozione turistica; punto informazioni; infopoint; proloco turismo; ente turismo; centro visitatori; ente del turismo; infopoint turistico; ufficio informazioni',
  ToyStore:
    'negozio di giocattoli; giocattoli; giochi; giocattolaio; giochi da tavolo; giocheria; negozio di giochi; giocattoli educativi; bambole; giochi in legno; puzzle',
  TrainStation: 'stazione ferroviaria; stazione; stazione dei treni; stazione centrale',
  TravelAgency:
    'agenzia di viaggi; tour operator; visite guidate; guida turistica; crociere; escursioni; viaggi; gite in barca; agenzia viaggi; viaggi organizzati; gite; agenzie di viaggio; viaggi di nozze; escursioni in barca; tour in barca; guide turistiche; accompagnatore turistico; tour guidati; noleggio con tour; biglietteria viaggi; safari; tour enogastronomici; city tour; guida escursionistica',
  VacationRental:
    'casa vacanze; case vacanza; appartamento vacanze; villa in affitto; affitto turistico; casa vacanza; appartamenti per vacanze; case vacanze; villa per vacanze; chalet in affitto; trullo; affitti brevi; affitti turistici; appartamenti turistici; villa con piscina; locazione turistica; residence vacanze; baita in affitto; bungalow; casa al mare; casa sull’albero; affitto breve; rustico; locazioni turistiche',
  VeterinaryCare:
    'veterinario; clinica veterinaria; ambulatorio veterinario; veterinaria; studio veterinario; ospedale veterinario; pronto soccorso veterinario; centro veterinario; medico veterinario; veterinari; veterinario equino; veterinario a domicilio; veterinario esotici',
  WholesaleStore:
    'ingrosso; grossista; cash and carry; mercato all’ingrosso; vendita all’ingrosso; mercato ortofrutticolo; forniture alberghiere; commercio all’ingrosso; grossisti; ingrosso alimentari; ingrosso bevande; importatore; rappresentanza; forniture industriali; fornitore; ingrosso abbigliamento; ingrosso materiale elettrico',
  Winery:
    'cantina; azienda vinicola; vigneto; casa vinicola; cantina sociale; degustazione vini; tenuta vinicola; azienda vitivinicola; viticoltore; produttore di vino; cantine; enoturismo; cantina vinicola; tenuta; frantoio e cantina; agricola vitivinicola; vignaiolo; spumanti',
  Zoo: 'zoo; parco zoologico; bioparco; fattoria didattica; parco faunistico; giardino zoologico; zoosafari; parco safari; parco degli animali; fattoria degli animali; casa delle farfalle; parco ornitologico',
};
