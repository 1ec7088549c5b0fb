/** What people in Spain and Latin America call the trades (see `english.ts`). */
export const spanish: Readonly<Record<string, string>> = {
  AccountingService:
    'contador; contable; asesoría fiscal; gestoría; contaduría; asesoría contable; auditoría; despacho contable; contadores públicos; asesor fiscal',
  AmusementPark: 'parque de atracciones; parque de diversiones; parque temático; feria; parque acuático',
  AnimalShelter: 'refugio de animales; protectora de animales; perrera; albergue de animales',
  Aquarium: 'acuario; oceanográfico',
  ArtGallery: 'galería de arte; galería; taller de arte; marchante de arte',
  AutoBodyShop:
    'taller de chapa y pintura; chapa y pintura; hojalatería y pintura; lunas de coche; enderezado y pintura; latonería',
  AutoDealer:
    'concesionario; concesionario de coches; venta de coches; coches de segunda mano; agencia de autos; compraventa de coches; venta de autos; autos usados; concesionaria',
  AutoPartsStore:
    'recambios; repuestos; refaccionaria; autopartes; recambios de coche; refacciones; repuestos de autos; accesorios de coche',
  AutoRental:
    'alquiler de coches; renta de autos; alquiler de furgonetas; alquiler de autos; rent a car; alquiler de autocaravanas',
  AutoRepair:
    'taller mecánico; taller; mecánico; taller de coches; ITV; reparación de coches; taller automotriz; electromecánica; cambio de aceite; talleres; mofles; frenos; electricidad del automóvil; verificación vehicular',
  AutoWash:
    'lavado de coches; lavadero de coches; autolavado; lavado de autos; túnel de lavado; lavacoches; car wash',
  AutomotiveBusiness:
    'grúa; asistencia en carretera; servicio de grúas; rotulación de vehículos; auxilio mecánico',
  AutomatedTeller: 'cajero automático; cajero',
  Bakery:
    'panadería; panadero; pastelería; repostería; pasteles; tartas; confitería; obrador; pan; bollería; churrería obrador; tortillería',
  BankOrCreditUnion: 'banco; caja de ahorros; sucursal bancaria; cooperativa de crédito; caja rural',
  BarOrPub:
    'bar; cervecería; pub; taberna; cantina; coctelería; vinoteca bar; bodega bar; pulquería; mezcalería; bar de tapas; bar de copas; bar de vinos; mesón bar',
  BeautySalon:
    'salón de belleza; centro de estética; esteticista; estética; depilación; centro de belleza; maquilladora; instituto de belleza; extensiones de pestañas; cabina de estética; microblading',
  BedAndBreakfast: 'casa de huéspedes; pensión; alojamiento y desayuno; hospedaje; hostal familiar; fonda',
  BikeStore:
    'tienda de bicicletas; taller de bicicletas; bicicletas; bicicletería; alquiler de bicicletas; reparación de bicicletas',
  BookStore: 'librería; librero; libros usados; librería de viejo; tienda de cómics; libros',
  BowlingAlley: 'bolera; boliche; bolos',
  Brewery: 'cervecera; fábrica de cerveza; cerveza artesanal; cervecería artesanal; sidrería; lagar de sidra',
  CafeOrCoffeeShop:
    'cafetería; café; salón de té; tostador de café; tetería; chocolatería café; cafebrería; heladería café; jugos; juguería',
  Campground: 'camping; campamento; área de acampada; zona de acampada; glamping',
  Casino: 'casino; salón de juegos; bingo; casa de apuestas; sala de juego',
  CatholicChurch: 'iglesia católica; parroquia; catedral; basílica; ermita',
  Cemetery: 'cementerio; panteón; camposanto',
  ChildCare:
    'guardería; escuela infantil; ludoteca; jardín de infancia; estancia infantil; niñera; jardín infantil; cuidado de niños; jardín de niños; guardería infantil',
  Church:
    'iglesia; capilla; iglesia evangélica; templo cristiano; monasterio; iglesia cristiana; iglesia bautista; convento',
  CityHall: 'ayuntamiento; alcaldía; municipalidad; palacio municipal; casa consistorial; intendencia',
  ClothingStore:
    'tienda de ropa; boutique; moda; ropa; vestidos de novia; lencería; ropa infantil; ropa de segunda mano; uniformes; moda mujer; tienda de novias; ropa de trabajo; trajes de fiesta; ropa de mujer; ropa de bebé; sombrerería',
  CollegeOrUniversity:
    'universidad; facultad; escuela universitaria; instituto tecnológico; escuela de negocios',
  ComputerStore:
    'tienda de informática; reparación de ordenadores; tienda de computadoras; reparación de computadoras; informática; ordenadores',
  ConvenienceStore:
    'tienda de conveniencia; kiosco; quiosco; tienda de barrio; estanco; tienda de abarrotes; colmado; minisúper; ultramarinos; tienda 24 horas; abarrotes; pulpería; almacén de barrio; bodega de barrio; autoservicio',
  Courthouse: 'juzgado; tribunal; palacio de justicia; corte',
  DaySpa:
    'spa; masajes; masaje; sauna; balneario; baños árabes; centro de masajes; bienestar; hammam; temazcal; masajista; centro wellness; quiromasaje',
  Dentist:
    'dentista; clínica dental; odontólogo; consultorio dental; ortodoncista; ortodoncia; odontología; implantes dentales; consultorio odontológico; odontopediatra; clínica odontológica; blanqueamiento dental',
  DepartmentStore: 'grandes almacenes; tienda departamental; hipermercado; almacén por departamentos; bazar',
  DiagnosticLab:
    'laboratorio clínico; laboratorio; análisis clínicos; radiología; laboratorio de análisis; rayos X; diagnóstico por imagen; ecografías',
  DietNutrition: 'nutricionista; dietista',
  Distillery: 'destilería; destilería de ginebra; fábrica de tequila; tequilera; licorería artesanal; ronera',
  DryCleaningOrLaundry:
    'tintorería; lavandería; lavandería automática; planchaduría; limpieza en seco; lavandería autoservicio; lavasecos; limpieza de alfombras',
  EducationalOrganization:
    'autoescuela; academia; academia de idiomas; clases particulares; escuela de música; escuela de manejo; academia de inglés; escuela de cocina; centro de formación; clases de piano; clases de guitarra; conservatorio; escuela de idiomas; escuela de conducción; academia de música; apoyo escolar',
  ElementarySchool: 'colegio de primaria; escuela primaria; escuela básica; primaria',
  Electrician:
    'electricista; instalaciones eléctricas; electricistas; instalador eléctrico; boletín eléctrico; reparaciones eléctricas',
  ElectronicsStore:
    'tienda de electrónica; electrodomésticos; tienda de electrodomésticos; fotografía tienda; audífonos; reparación de electrodomésticos; videojuegos; reparación de televisores; electrónica; línea blanca',
  EmergencyService:
    'ambulancia; ambulancias; servicio de emergencias; rescate; cruz roja; emergencias; protección civil',
  EmploymentAgency:
    'empresa de trabajo temporal; agencia de empleo; agencia de colocación; bolsa de trabajo; selección de personal; oficina de empleo; ETT; reclutamiento',
  EntertainmentBusiness:
    'escape room; sala de juegos; salón recreativo; karting; parque de bolas; animación infantil; minigolf; mago; paintball; castillos hinchables; billar; salón de fiestas infantiles; inflables; laser tag; payasos; DJ para bodas',
  EventVenue:
    'salón de eventos; salón de fiestas; centro de convenciones; sala de eventos; finca para bodas; centro de congresos; salón de banquetes; quinta para eventos; palacio de congresos; sala de conferencias',
  ExerciseGym:
    'gimnasio; entrenador personal; centro de fitness; crossfit; gimnasio de boxeo; musculación; gym; sala de fitness',
  FastFoodRestaurant:
    'comida rápida; hamburguesería; kebab; taquería; comida para llevar; bocadillería; tacos; hamburguesas; pollos asados; puesto de comida; tortas; hot dogs; asador de pollos; sandwichería; arepera; empanadas; food truck; antojitos; churrería; pollería restaurante; lonchería; completos; salchipapas',
  FinancialService:
    'asesor financiero; hipotecas; préstamos; casa de cambio; asesoría financiera; bróker hipotecario; créditos; casa de empeño financiera; inversiones; envío de dinero; financiera; cambio de divisas',
  FireStation: 'bomberos; parque de bomberos; estación de bomberos; cuartel de bomberos',
  Florist: 'floristería; florería; flores; florista; ramos de novia; arreglos florales; florerías',
  FoodEstablishment:
    'catering; servicio de catering; comedor; banquetes; crepería; cafetería de empresa; servicio de banquetes; comedor escolar',
  FurnitureStore:
    'mueblería; tienda de muebles; muebles; colchonería; colchones; muebles de cocina; sofás; cocinas; muebles de oficina; ebanista; ebanistería; muebles a medida; muebles de jardín',
  GardenStore: 'vivero; centro de jardinería; vivero de plantas; plantas; semillas',
  GasStation:
    'gasolinera; estación de servicio; gasolina; bencinera; estación de carga; gasóleo; grifo; nafta',
  GeneralContractor:
    'constructora; albañil; empresa de construcción; reformas; contratista; carpintero; carpintería; albañilería; construcción; reformas integrales; yesero; demoliciones; excavaciones; maestro de obras; remodelaciones; pladur; empresa de reformas; cantero; casas prefabricadas; tablaroca; piscinas construcción; obras; rehabilitación de edificios',
  GolfCourse: 'campo de golf; club de golf; golf',
  GovernmentOffice:
    'oficina gubernamental; registro civil; hacienda; oficina de gobierno; agencia tributaria; dirección de tránsito; oficina municipal; seguridad social; delegación; oficina de extranjería; jefatura de tráfico; oficina de pasaportes',
  GroceryStore:
    'supermercado; frutería; carnicería; pescadería; verdulería; charcutería; tienda de comestibles; tienda de alimentación; quesería; dulcería; herbolario; bombonería; tienda ecológica; carnicero; productos ecológicos; pollería; chocolatería; tienda naturista; delicatessen; mercado de alimentos; mercado municipal; bombones; jamonería; recaudería; chacinería; alimentación; fiambrería; productos gourmet; dietética; fruta y verdura',
  HVACBusiness:
    'aire acondicionado; calefacción; climatización; instalador de aire acondicionado; calderas; reparación de calderas; refrigeración; bombas de calor; ventilación; minisplit; frío industrial; estufas de pellets',
  HairSalon:
    'peluquería; peluquero; barbería; peluquera; estilista; salón de peluquería; barbero; pelucas; estética canina peluquería; peluquería infantil; peluquería de caballeros; extensiones de cabello; peluquerías; corte de pelo',
  HardwareStore:
    'ferretería; tlapalería; materiales de construcción; bricolaje; pinturas; ferretero; maderas; alquiler de maquinaria; alquiler de herramientas; maderería; azulejos; tienda de pinturas; almacén de materiales; corralón; herramientas; barraca',
  HealthAndBeautyBusiness:
    'perfumería; solárium; parafarmacia; medicina estética; depilación láser; cosméticos; centro de bronceado; clínica estética; cosmética; adelgazamiento',
  HealthClub: 'centro deportivo; polideportivo; club deportivo y spa; complejo deportivo',
  HighSchool:
    'instituto; secundaria; bachillerato; preparatoria; instituto de secundaria; liceo; colegio secundario',
  HobbyShop:
    'manualidades; mercería; modelismo; tienda de telas; lanas; bellas artes; telas; numismática; filatelia; papelería creativa; bonetería; estambres',
  HomeAndConstructionBusiness:
    'cristalería; cristalero; jardinero; jardinería; empresa de limpieza; limpieza; control de plagas; fumigación; deshollinador; paneles solares; placas solares; cerrajería metálica; herrería; herrero; pérgolas; ventanas de aluminio; carpintería de aluminio; toldos; persianas; interiorismo; decorador; tapicería; tapicero; parquet; aislamientos; impermeabilización; andamios; limpieza de cristales; desatascos fosas; soldador; paisajismo; vidriería; alicatador; mantenimiento de piscinas; podas; instalación de cocinas; solador; puertas de garaje; cercas; limpieza del hogar; vidriero; pulido de suelos; contenedores de escombros; vaciado de pisos; mantenimiento del hogar; manitas; cocinas integrales; domótica; piscinas; interiorista',
  HomeGoodsStore:
    'decoración; alfombras; lámparas; cortinas; menaje; iluminación; ropa de cama; marcos; menaje del hogar; enmarcación; blancos; artículos para el hogar; velas; tienda de decoración; baños tienda; textil hogar',
  Hospital: 'hospital; urgencias; sanatorio; maternidad; hospital privado; hospital general; nosocomio',
  Hostel: 'albergue juvenil; albergue; hostel; albergue de peregrinos',
  Hotel:
    'hotel; hostal; parador; posada; hotel boutique; hotel rural; apartahotel; hotel restaurante; hotel con encanto; hospedería',
  HousePainter:
    'pintor; pintores; pintor de casas; pintura de interiores; empresa de pintura; pintor de brocha gorda; papel pintado; pintura de fachadas',
  IceCreamShop: 'heladería; helados; paletería; nevería; horchatería; neverías; yogur helado; paletas',
  InsuranceAgency:
    'seguros; agencia de seguros; correduría de seguros; corredor de seguros; aseguradora; agente de seguros; compañía de seguros; mutua',
  InternetCafe: 'cibercafé; locutorio; ciber; café internet',
  JewelryStore:
    'joyería; joyero; relojería; relojero; orfebre; platería; anillos de boda; bisutería; joyas; anillos de compromiso; relojes; taller de joyería',
  LegalService:
    'abogado; bufete de abogados; abogados; despacho de abogados; abogada; asesoría jurídica; procurador; abogado de divorcios; mediador; licenciado en derecho; bufete; estudio jurídico; abogado laboralista; servicios legales',
  Library: 'biblioteca; biblioteca pública; sala de lectura; mediateca',
  LiquorStore:
    'licorería; vinoteca; tienda de vinos; vinatería; bodega de vinos; botillería; vinos y licores; tienda de licores; expendio',
  LocalBusiness:
    'pequeña empresa; autónomo; alfarería; alfarero; imprenta; copistería; rótulos; peluquería canina; estética canina; residencia canina; adiestrador de perros; funeraria; tanatorio; pompas fúnebres; traductor; intérprete; agencia de traducción; afinador de pianos; zapatero; reparación de calzado; zapatería reparación; sastre; sastrería; modista; arreglos de ropa; costurera; taxi; mensajería; transportes; empresa de seguridad; detective privado; organizador de bodas; residencia de ancianos; geriátrico; asilo; copias de llaves; encuadernación; marmolería; lápidas; autobuses; alquiler de barcos; puerto deportivo; granja; cerámica; taller de cerámica; estudio de grabación; velatorio; guardaespaldas; carpas; tarot; vidente; coworking; serigrafía; paquetería; fletes; remis; radio taxi; cuidado de ancianos; paseador de perros; imprenta digital; bordados; talabartería; guarnicionería; trofeos; wedding planner; apicultor; artesano; luthier; guardería canina; herrador; alquiler de disfraces; asistencia a domicilio',
  Locksmith: 'cerrajero; cerrajería; cerrajero urgente; cerrajeros; apertura de puertas',
  LodgingBusiness:
    'alojamiento; apartamentos turísticos; residencia de estudiantes; refugio de montaña; habitaciones; apart hotel; cabañas; residencial',
  MedicalBusiness:
    'osteópata; psicólogo; quiropráctico; psicoterapeuta; logopeda; acupuntura; psicología; terapeuta; ortopedia; homeopatía; psicóloga; quiropráctica; naturópata; centro de psicología; terapia ocupacional; centro auditivo; acupuntor; fonoaudiólogo; hipnosis; consultorio psicológico; terapia de pareja; rehabilitación',
  MedicalClinic:
    'clínica; centro médico; centro de salud; ambulatorio; policlínico; consultorio; clínica estética quirúrgica; cirugía estética; clínica de fertilidad; clínica oftalmológica; dispensario; centro de rehabilitación; centro de vacunación; banco de sangre; policlínica; clínica de diálisis; sanatorio médico; centro de desintoxicación; injerto capilar; posta médica',
  MensClothingStore:
    'ropa de hombre; moda masculina; trajes; alquiler de trajes; renta de trajes; camisería; trajes a medida; moda hombre; esmoquin',
  Midwifery: 'comadrona; matrona; partera',
  MobilePhoneStore:
    'tienda de móviles; reparación de móviles; tienda de celulares; reparación de celulares; telefonía; celulares; telefonía móvil; móviles',
  Mosque: 'mezquita; centro islámico',
  Motel: 'motel; autohotel; motel de carretera',
  MotorcycleDealer:
    'concesionario de motos; tienda de motos; motos; motocicletas; venta de motos; agencia de motos; scooters; concesionaria de motos; accesorios de moto',
  MotorcycleRepair: 'taller de motos; reparación de motos; mecánico de motos; taller de motocicletas',
  MovieTheater: 'cine; multicines; sala de cine; cines; autocine',
  MovingCompany:
    'mudanzas; empresa de mudanzas; guardamuebles; portes; fletes y mudanzas; mudanza; mudanzas internacionales',
  Museum:
    'museo; castillo; planetario; museo de arte; museo de historia; casa museo; centro de interpretación',
  MusicStore:
    'tienda de música; instrumentos musicales; tienda de discos; guitarras; tienda de instrumentos; vinilos; pianos',
  MusicVenue:
    'sala de conciertos; auditorio; ópera; club de jazz; tablao flamenco; peña; sala de música en vivo',
  NailSalon:
    'uñas; salón de uñas; manicura; pedicura; manicurista; centro de uñas; uñas acrílicas; manicure; nail bar',
  NGO: 'asociación; fundación; ONG; banco de alimentos; organización sin fines de lucro; asociación civil; organización benéfica',
  NightClub: 'discoteca; club nocturno; sala de fiestas; boliche bailable; antro; sala de baile; cabaret',
  Notary: 'notaría; notario; escribano; notario público; fedatario; escribanía',
  Nursing: 'enfermera',
  OfficeEquipmentStore:
    'papelería; material de oficina; fotocopiadoras; librería papelería; artículos de oficina; útiles escolares; mobiliario y material de oficina',
  Optician:
    'óptica; óptico; gafas; lentes; optometrista; lentillas; anteojos; examen de la vista; optometría; ópticas; lentes de contacto; optómetra',
  OutletStore:
    'outlet; tienda de fábrica; todo a cien; tienda de saldos; liquidación; todo a un euro; tienda de descuento',
  Park: 'parque; jardín botánico; parque natural; parque público; reserva natural; parque nacional; jardines; plaza pública',
  ParkingFacility:
    'aparcamiento; estacionamiento; parking; garaje; parqueadero; parking público; cochera; playa de estacionamiento; pensión de autos',
  PawnShop: 'casa de empeño; compro oro; casa de empeños; monte de piedad; empeños; compra de oro',
  PerformingArtsTheater:
    'teatro; sala de teatro; circo; centro cultural; teatro de títeres; casa de cultura; artes escénicas',
  PetStore:
    'tienda de mascotas; tienda de animales; pajarería; comida para mascotas; acuarios; criadero de perros; forrajera; veterinaria y tienda; alimento para mascotas; piensos; hípica tienda; peces',
  Pharmacy: 'farmacia; botica; farmacéutico; farmacia de guardia; droguería; farmacias; farmacia 24 horas',
  Physician:
    'médico; doctor; pediatra; ginecólogo; dermatólogo; oftalmólogo; cardiólogo; psiquiatra; médico de familia; consulta médica; médico general; traumatólogo; cirujano; urólogo; neurólogo; otorrino; consultorio médico; doctora; endocrino; alergólogo; médico de cabecera; dermatóloga; ginecóloga; gastroenterólogo; reumatólogo; oncólogo; neumólogo; cirujano plástico; ortopedista; médico internista; oftalmología; pediatría',
  Physiotherapy: 'fisioterapeuta; fisioterapia; clínica de fisioterapia; kinesiólogo; kinesiología',
  Playground: 'parque infantil; zona de juegos; juegos infantiles',
  Plumber:
    'fontanero; fontanería; plomero; plomería; gasfiter; desatascos; instalador de gas; fontaneros; fugas de agua; gasista; gásfiter; calentadores; destapación de caños; destape de drenajes; gas; sanitarista; lampista',
  Podiatric: 'podólogo; podología',
  PoliceStation:
    'comisaría; policía; guardia civil; policía local; estación de policía; comisaría de policía; delegación de policía; cuartel de la guardia civil; policía municipal',
  PostOffice: 'correos; oficina de correos; correo; oficina postal; sucursal de correos',
  Preschool: 'preescolar; kínder; jardín de infantes; educación infantil',
  ProfessionalService:
    'arquitecto; estudio de arquitectura; fotógrafo; fotógrafo de bodas; consultoría; agencia de marketing; agencia de publicidad; ingeniero; diseño gráfico; diseño web; ingeniería; topógrafo; estudio fotográfico; consultor; diseñador gráfico; peritos; desarrollo de software; informático; administrador de fincas; videógrafo; tasador; agencia de comunicación; marketing digital; diseñador web; perito; arquitecta; soporte técnico; arquitectos; desarrollo web; aparejador; consultora; casa de subastas; agencia de viajes de negocios consultora; gestor administrativo; certificado energético; estudio de diseño; asesor empresarial; asesoría; estudio de fotografía; agrimensor',
  PublicSwimmingPool:
    'piscina; piscina municipal; alberca; natatorio; piscina cubierta; pileta; alberca pública; piscina pública; balneario público',
  RadioStation: 'emisora de radio; radio; radiodifusora; estación de radio; radioemisora',
  RealEstateAgent:
    'inmobiliaria; agente inmobiliario; agencia inmobiliaria; bienes raíces; corredor de propiedades; alquiler de pisos; promotora inmobiliaria; inmobiliarias; administración de fincas; venta de pisos; venta de casas; asesor inmobiliario; propiedades; corretaje; corredora de propiedades; venta de terrenos',
  RecyclingCenter:
    'punto limpio; desguace; chatarrería; reciclaje; chatarra; centro de reciclaje; recicladora; deshuesadero; desarmadero; chatarrero; vertedero; deshuesadero de autos; compra de fierro viejo; yonke; ecoparque',
  Resort:
    'complejo turístico; resort; complejo vacacional; resort todo incluido; club de vacaciones; ciudad de vacaciones',
  Restaurant:
    'restaurante; asador; pizzería; marisquería; mesón; arrocería; parrilla; restaurante italiano; restaurante chino; restaurante japonés; sushi; restaurante vegetariano; bodegón; steakhouse; casa de comidas; restaurante mexicano; restaurante peruano; cevichería; restaurante indio; taberna restaurante; fonda restaurante; restaurante vegano; churrasquería; rodizio; restorán; restaurante de mariscos; comedor económico; restaurante argentino; cocina económica; chifa; buffet; tapas; brasería; freiduría; restaurante tailandés; comida corrida; picantería; mariscos; pozolería; birriería; restaurante familiar; pulpería restaurante; bistró; carnes a la brasa',
  RoofingContractor:
    'tejados; techador; reparación de tejados; impermeabilización de tejados; techos; techista; cubiertas; tejador; techumbres; reparación de techos; zinguería',
  School:
    'escuela; colegio; colegio privado; colegio concertado; internado; colegio internacional; escuela particular; escuela pública; colegio bilingüe',
  SelfStorage:
    'trasteros; almacenaje; guardamuebles trasteros; mini bodegas; alquiler de trasteros; consigna de equipaje; minibodegas; bauleras; consigna',
  ShoeStore:
    'zapatería; zapatos; calzado; tienda de zapatos; zapatillas; tenis; calzado infantil; tienda de zapatillas; tienda de calzado; botas; alpargatería',
  ShoppingCenter:
    'centro comercial; galería comercial; mercado; plaza comercial; mercadillo; shopping; rastro; tianguis; pasaje comercial; mall',
  SkiResort: 'estación de esquí; centro de esquí; escuela de esquí; teleférico; pista de esquí',
  SportingGoodsStore:
    'tienda de deportes; artículos deportivos; tienda de pesca; armería; alquiler de esquís; deportes; tienda de surf; artículos de pesca; caza y pesca; tienda deportiva; ropa deportiva; tienda de buceo; alquiler de kayaks; tienda de camping; material de montaña',
  SportsActivityLocation:
    'escuela de baile; academia de baile; yoga; escuela de equitación; hípica; rocódromo; escalada; artes marciales; pilates; kárate; judo; pista de hielo; buceo; escuela de surf; escuela de danza; estudio de yoga; centro hípico; centro de buceo; clases de baile; ballet; centro ecuestre; taekwondo; escuela de vela; paracaidismo; campo de tiro; gimnasia; clases de yoga; tiro con arco; kayak; cancha de fútbol; pádel pista; parapente; patinaje; escuela de natación; polígono de tiro; centro de yoga; canchas; hipódromo; circuito; parque de trampolines; tirolesa; globo aerostático; rafting; turismo activo; multiaventura; frontón; club hípico escuela; studio de pilates; baile; skatepark',
  SportsClub:
    'club deportivo; club de fútbol; club náutico; club de rugby; club de natación; club de ciclismo; club de remo; peña deportiva; aeroclub; club social; club de pesca; club de montaña; club de yates; club de tiro',
  StadiumOrArena:
    'estadio; pabellón deportivo; plaza de toros; arena; campo de fútbol; coliseo; pabellón; cancha deportiva estadio; lienzo charro; autódromo',
  Store:
    'tienda; regalos; tienda de regalos; antigüedades; anticuario; tienda de vapeo; artículos de fiesta; juguetes y regalos; sex shop; estanco tabaco; souvenirs; marroquinería; almacén; artículos para bebés; local comercial; recuerdos; tabaquería; bazar chino; piñatería; fiestas; artículos religiosos; comercio; growshop; agropecuaria; maquinaria agrícola; leña; cotillón; santería; pirotecnia; dispensario de cannabis; artesanías; tienda de artesanías; vaporizadores; tienda esotérica; telas y regalos; negocio; baratillo; tienda de disfraces',
  Synagogue: 'sinagoga',
  TattooParlor:
    'estudio de tatuajes; tatuador; tatuajes; piercings; tatuaje; piercing; estudio de tatuaje; perforaciones; tienda de tatuajes',
  TaxiStand: 'parada de taxis; sitio de taxis',
  TelevisionStation: 'canal de televisión; televisora; estudio de televisión; cadena de televisión',
  TennisComplex:
    'club de tenis; pistas de tenis; tenis club; pádel; club de pádel; canchas de tenis; escuela de tenis; pistas de pádel; pista de tenis',
  TireShop:
    'neumáticos; llantas; taller de neumáticos; vulcanizadora; gomería; llantera; llantería; alineación y balanceo; cauchera; vulcanización; cubiertas de coche',
  TouristInformationCenter:
    'oficina de turismo; información turística; centro de visitantes; turismo información; punto de información turística; caseta de turismo',
  ToyStore: 'juguetería; tienda de juguetes; juguetes; juegos de mesa; muñecas; jugueterías',
  TrainStation: 'estación de tren; estación de trenes; estación ferroviaria',
  TravelAgency:
    'agencia de viajes; tour operador; excursiones; guía turístico; tours; cruceros; visitas guiadas; paseos en barco; viajes; operador turístico; free tour; turismo',
  VacationRental:
    'casa rural; apartamento vacacional; alquiler vacacional; casa de vacaciones; cabañas de alquiler; alojamiento rural; casas rurales; renta vacacional; villa de alquiler; departamento turístico; piso turístico; casa de playa; vivienda vacacional; turismo rural; alquiler turístico',
  VeterinaryCare:
    'veterinario; clínica veterinaria; veterinaria; hospital veterinario; centro veterinario; veterinarios; médico veterinario; consultorio veterinario; urgencias veterinarias',
  WholesaleStore:
    'mayorista; venta al por mayor; central de abastos; distribuidora; mayoreo; almacén mayorista; venta al mayor; cash and carry; importadora; distribuidor mayorista',
  Winery:
    'bodega; viñedo; bodegas; vinícola; viña; enoturismo; cata de vinos; bodega de vino; productor de vino',
  Zoo: 'zoológico; zoo; parque zoológico; granja escuela; safari park; parque de animales; parque de fauna',
};
