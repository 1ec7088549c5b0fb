/**
 * What people in Britain, Ireland, America and Australia call the trades: for each type its words, the plainest first.
 * A word behind a tilde belongs to another type before this one.
 */
export const english: Readonly<Record<string, string>> = {
  AccountingService:
    'accountant; accountancy; accounting firm; bookkeeper; bookkeeping; tax adviser; tax accountant; tax preparer; tax preparation; tax return; payroll; payroll service; chartered accountant; certified public accountant; CPA; auditor; VAT returns',
  Airport: 'airport; airfield; aerodrome; heliport; landing strip',
  AmusementPark:
    'theme park; amusement park; funfair; fairground; water park; adventure park; carnival rides; roller coaster',
  AnimalShelter:
    'animal shelter; animal rescue; dog rescue; cat rescue; pet adoption; dogs home; humane society; animal sanctuary; dog pound; horse sanctuary',
  Aquarium: 'aquarium; sea life centre; oceanarium',
  ArtGallery:
    'art gallery; gallery; art dealer; picture gallery; fine art dealer; print gallery; photo gallery; sculpture gallery; exhibition space; artist studio',
  AutoBodyShop:
    'auto body shop; body shop; panel beater; bodywork; dent repair; dent removal; car spraying; smash repair; collision repair; crash repair; paint and body; car painting; bumper repair; auto glass; windscreen repair; windshield replacement',
  AutoDealer:
    'car dealer; car dealership; auto dealer; used cars; used car dealer; new cars; car showroom; van dealer; truck dealer; car sales; caravan dealer; motorhome dealer; RV dealer; trailer dealer; car yard',
  AutoPartsStore:
    'auto parts; car parts; motor factor; spare parts; car accessories; auto parts store; car battery shop; auto spares; car audio',
  AutoRental:
    'car hire; car rental; van hire; van rental; vehicle hire; minibus hire; truck rental; rent a car; campervan hire; motorhome rental; limousine hire; car sharing',
  AutoRepair:
    'garage; car mechanic; mechanic; auto repair; car repair; car repairs; car service; car servicing; MOT; MOT centre; brakes; brake shop; exhausts; exhaust fitter; muffler shop; muffler; gearbox repair; transmission repair; transmission shop; oil change; smog check; auto electrician; truck repair; mobile mechanic; radiator repair; car air conditioning; car inspection; van repair; auto shop; diesel mechanic',
  AutoWash:
    'car wash; hand car wash; valeting; car valeting; auto detailing; detailing; car detailing; truck wash; mobile valeting; jet wash; car cleaning',
  AutomatedTeller: 'cash machine; cashpoint; ATM; cash point; hole in the wall',
  AutomotiveBusiness:
    'car customisation; tow truck; towing; breakdown recovery; vehicle recovery; car tuning; vehicle wrapping; car key programming; roadside assistance; number plates; window tinting',
  Bakery:
    'bakery; baker; bread; bread shop; cakes; cake shop; patisserie; pastry shop; cake maker; cupcakes; cupcake shop; bagel shop; bagels; doughnut shop; donut shop; pie shop; pies; wedding cakes; sourdough bakery; pastries; gluten-free bakery; tortilla bakery; cookie shop',
  BankOrCreditUnion:
    'bank; building society; credit union; savings bank; banking; retail bank; bank branch; savings and loan',
  BarOrPub:
    'pub; bar; gastropub; inn; tavern; taproom; wine bar; cocktail bar; alehouse; sports bar; lounge bar; beer garden; beer hall; free house; public house; irish pub; tap house; saloon; speakeasy; gin bar; whisky bar; beer bar; micropub; cider bar; karaoke bar; hookah bar; shisha lounge; juke joint; piano bar; tiki bar; dive bar; brewpub',
  Beach: 'beach; bathing beach; lido beach',
  BeautySalon:
    'beauty salon; beautician; beauty therapist; beauty parlour; beauty parlor; aesthetics; waxing; waxing salon; lashes; eyelash extensions; lash bar; eyebrows; brow bar; threading; facials; facialist; makeup artist; make-up artist; spray tan; permanent makeup; microblading; sugaring; esthetician; hair removal; electrolysis; beauty clinic; beauty bar; microneedling',
  BedAndBreakfast:
    'bed and breakfast; B&B; guest house; guesthouse; boarding house; homestay; farm stay; pension',
  BikeStore:
    'bike shop; bicycle shop; cycle shop; cycle repair; bike repair; bicycle repair; electric bikes; e-bike shop; bike rental; bike hire; bike store; bicycle store; cycle hire',
  BoatTerminal: 'ferry terminal; boat terminal; ferry port; cruise terminal; boat landing',
  BookStore:
    'bookshop; bookstore; book shop; bookseller; second-hand books; used books; antiquarian books; comic shop; comic book shop; comics; christian bookshop; rare books; children’s bookshop',
  BowlingAlley:
    'bowling alley; bowling; tenpin; tenpin bowling; ten-pin bowling; bowling centre; bowling lanes; duckpin bowling',
  Brewery:
    'brewery; brewer; craft brewery; craft beer; microbrewery; beer maker; ale brewery; cider maker; cidery',
  BuddhistTemple: 'buddhist temple; zen centre; buddhist centre; meditation temple',
  BusStation: 'bus station; coach station; bus terminal; bus depot',
  CafeOrCoffeeShop:
    'café; cafe; coffee shop; coffee house; tea room; tea shop; tea house; espresso; espresso bar; coffee; coffee bar; coffee roaster; coffee roastery; tearoom; bubble tea; boba tea; juice bar; smoothie bar; greasy spoon; cat café; internet coffee; coffee stand; cake café; breakfast café; milk bar',
  Campground:
    'campsite; campground; camping; camping site; glamping; caravan park; holiday camping; tent site; camp ground; caravan site; yurts; touring park',
  Casino:
    'casino; gaming; roulette; card room; poker club; gaming club; slot machines; bingo hall; bingo; betting shop; bookmaker; sportsbook; off-track betting',
  CatholicChurch: 'catholic church; cathedral; catholic parish; basilica; roman catholic church',
  Cemetery:
    'cemetery; graveyard; burial ground; memorial park; churchyard; natural burial ground; pet cemetery',
  ChildCare:
    'nursery; day nursery; kindergarten; daycare; day care; day care centre; childcare; child care; childminder; crèche; creche; after-school club; after school care; playgroup; babysitter; nanny agency; holiday club; nursery school; daycare center; family daycare; forest school',
  Church:
    'church; chapel; parish church; baptist church; methodist church; anglican church; lutheran church; pentecostal church; evangelical church; presbyterian church; episcopal church; orthodox church; gospel church; abbey; adventist church; church hall; quaker meeting house; kingdom hall; place of worship',
  CityHall: 'city hall; town hall; municipal hall; mayor’s office',
  ClothingStore:
    'clothes shop; clothing store; clothes store; boutique; fashion boutique; ladieswear; women’s clothing; womenswear; fashion; dress shop; bridal shop; bridal boutique; wedding dresses; lingerie shop; lingerie; uniforms; uniform shop; school uniforms; workwear; vintage clothes; vintage clothing; thrift store; consignment shop; children’s clothes; baby clothes; maternity wear; hat shop; milliner; leather shop; swimwear; dancewear; formal wear; prom dresses; saree shop; t-shirt shop; t-shirt printing; second-hand clothes; costume shop; fancy dress; denim shop; handbag shop; evening wear; surplus store; army surplus',
  CollegeOrUniversity:
    'university; college; community college; further education college; business school; art school; law school; polytechnic; medical school; vocational college; seminary; technical college',
  ComedyClub: 'comedy club; stand-up; stand-up comedy; comedy night; improv theatre',
  ComputerStore:
    'computer shop; computer store; computer repair; laptop repair; PC repair; PC shop; computer sales; Mac repair; computer fixing; data recovery; laptop shop; computer parts; IT shop; printer cartridges; gaming PCs',
  ConvenienceStore:
    'convenience store; corner shop; corner store; newsagent; mini market; minimarket; village shop; general store; bodega; newsstand; news stand; kiosk; paper shop; dairy; quick stop; tobacconist; milk bar shop',
  Corporation: 'corporation; holding company; public company; manufacturer',
  Courthouse: 'courthouse; court; law court; magistrates court; county court; crown court; tribunal',
  CovidTestingFacility: 'covid test; covid testing; PCR test; covid test centre',
  Crematorium: 'crematorium; crematory; cremation; pet crematorium',
  DanceGroup: 'dance group; dance company; dance troupe; ballet company',
  DaySpa:
    'day spa; spa; massage; massage therapist; massage parlour; thai massage; sauna; wellness; wellness centre; hammam; turkish bath; thermal baths; hot tub; float centre; reflexology; reflexologist; health spa; steam room; spa treatments; foot massage; medi spa; med spa; sports massage; salt cave; onsen; reiki; aromatherapy',
  Dentist:
    'dentist; dental practice; dental surgery; dental clinic; dental office; orthodontist; orthodontics; dental surgeon; dental hygienist; implants; dental implants; teeth whitening; endodontist; periodontist; children’s dentist; paediatric dentist; pediatric dentist; cosmetic dentist; emergency dentist; denturist; dentures; oral surgeon; invisible braces; dental care; family dentist; root canal',
  DepartmentStore:
    'department store; big store; variety store; superstore; hypermarket; general merchandise; discount department store',
  DiagnosticLab:
    'laboratory; medical laboratory; blood test; blood tests; scan; imaging; imaging centre; x-ray; MRI scan; ultrasound scan; radiology; pathology lab; diagnostic centre; baby scan; medical imaging; DNA test; mammography; radiologist; drug testing',
  DietNutrition: 'nutritionist; dietitian; dietician',
  Distillery:
    'distillery; gin distillery; whisky distillery; whiskey distillery; distiller; gin; whisky; spirits maker; rum distillery; vodka distillery; moonshine',
  DryCleaningOrLaundry:
    'dry cleaner; dry cleaners; dry cleaning; launderette; laundrette; laundromat; laundry; laundry service; ironing service; coin laundry; washing and ironing; linen service; carpet cleaning; rug cleaning; shirt service; self-service laundry; duvet cleaning; upholstery cleaning',
  EducationalOrganization:
    'academy; tuition; tutor; tutoring; tuition centre; driving school; driving instructor; driving lessons; language school; english lessons; music teacher; music school; music lessons; piano teacher; guitar lessons; singing lessons; cookery school; cooking class; art classes; training centre; test prep; flight school; beauty school; drama school; coding school; swimming lessons; first aid training; learning centre; sewing classes; motorcycle training; sailing school; pottery classes; maths tutor',
  ElementarySchool:
    'primary school; elementary school; junior school; infant school; grade school; prep school; montessori school',
  Electrician:
    'electrician; electrical contractor; electrical services; wiring; rewiring; sparky; EV charger installer; electric car charger; lighting installer; electrical repair; electrical inspection; emergency electrician; house rewiring; fuse box; electrical testing; alarm installer; smart home installer; CCTV installer; generator installer',
  ElectronicsStore:
    'electronics store; electronics shop; electrical shop; hi-fi; hi-fi shop; hifi shop; television shop; TV shop; appliances; appliance store; white goods; camera shop; camera store; drone shop; TV repair; audio shop; video game store; video games; game store; home cinema; appliance repair; washing machine repair; sewing machine shop; radio shop; vacuum cleaner shop; hearing aids shop; electronics repair; games console repair',
  Embassy: 'embassy; consulate; high commission; visa office',
  EmergencyService:
    'ambulance; ambulance service; rescue; rescue service; mountain rescue; lifeboat; emergency service; coastguard; lifeguard; 24-hour emergency',
  EmploymentAgency:
    'employment agency; recruitment agency; recruitment; recruiter; temp agency; staffing; staffing agency; job agency; headhunter; job centre; executive search; au pair agency; career advice; careers service; domestic staff agency; talent agency; modelling agency; model agency',
  EntertainmentBusiness:
    'escape room; arcade; amusement arcade; party venue; laser tag; soft play; indoor play; indoor playground; children’s entertainer; DJ; party entertainer; bouncy castle hire; photo booth; magician; paintball; go-karting; karting; mini golf; crazy golf; virtual reality arcade; axe throwing; trampoline park; pool hall; snooker club; billiards; video arcade; karaoke; wedding band; party bus; inflatable hire; haunted house; ghost tours',
  EventVenue:
    'event venue; wedding venue; function room; banquet hall; conference centre; convention center; conference venue; party hall; village hall; community hall; exhibition centre; meeting rooms; barn wedding; ballroom; event space; community centre',
  ExerciseGym:
    'gym; fitness studio; fitness centre; fitness center; personal trainer; boxing gym; crossfit box; crossfit; spin studio; spinning; bootcamp; weightlifting gym; 24-hour gym; women’s gym; strength training; fitness class; circuit training; personal training; barre studio; fitness club; body building gym; workout',
  FastFoodRestaurant:
    'fast food; takeaway; take away; takeout; burger bar; burger restaurant; burgers; fish and chips; fish and chip shop; chip shop; chippy; kebab; kebab shop; doner kebab; fried chicken; chicken shop; food truck; hot dog stand; hot dogs; sandwich shop; sandwich bar; sub shop; pizza takeaway; taco truck; taqueria; wraps; drive-through; chinese takeaway; indian takeaway; snack bar; hamburger; noodle takeaway; lunch counter; salad bar; burrito bar; falafel; gyros; wings; poke bowl; food stall; pizza by the slice',
  FinancialService:
    'financial adviser; financial advisor; financial planner; IFA; mortgage broker; mortgage adviser; mortgages; mortgage lender; wealth management; pension adviser; loans; loan company; payday loans; investment adviser; stockbroker; currency exchange; bureau de change; money transfer; foreign exchange; debt advice; debt collector; credit repair; cheque cashing; check cashing; bail bonds; investment bank; asset management; venture capital; finance company; car finance; equipment leasing; bitcoin; cryptocurrency exchange; title loans; foreign currency',
  FireStation: 'fire station; fire brigade; fire department; fire service; firehouse; volunteer fire brigade',
  Florist:
    'florist; flower shop; flowers; bouquets; wedding flowers; flower delivery; funeral flowers; florist shop; floral designer; dried flowers; flower stall; flower arrangements; floristry',
  FoodEstablishment:
    'caterer; catering; catering company; event catering; wedding catering; food court; canteen; cafeteria; private chef; personal chef; meal delivery; supper club; hog roast; cookery; soup kitchen; bbq catering; office catering; creperie; pancake house; waffle shop; dessert bar; dessert parlour; oyster bar',
  FurnitureStore:
    'furniture shop; furniture store; furniture; sofas; sofa shop; beds; bed shop; mattress store; mattresses; kitchens showroom; kitchen showroom; bathroom showroom; office furniture; antique furniture; second-hand furniture; furniture showroom; garden furniture; fitted wardrobes; furniture maker; cabinet maker; custom furniture; dining tables; chair shop; children’s furniture; rattan furniture; patio furniture; fireplace showroom; kitchen designer',
  GardenStore:
    'garden centre; garden center; nursery plants; plant nursery; plant shop; turf; garden shop; seeds; landscape supplies; lawn mower shop; lawnmower repair; houseplants; tree nursery; garden supplies; topsoil; garden machinery; christmas trees; sheds; pond supplies; mulch',
  GasStation:
    'petrol station; gas station; filling station; service station; fuel; fuel station; petrol; truck stop; EV charging station; charging station; motorway services; LPG station; propane; heating oil; diesel',
  GeneralContractor:
    'builder; building contractor; general contractor; building firm; construction company; house builder; home builder; renovation; renovations; remodeling; remodelling; extensions; house extensions; loft conversion; loft conversions; bricklayer; stonemason; mason; plasterer; drywall contractor; carpenter; joiner; joinery; paving; paving contractor; driveways; groundworks; demolition; concrete contractor; basement conversion; property maintenance; excavation; foundation repair; framing carpenter; barn conversion; garage conversion; kitchen remodeling; bathroom remodeling; tarmac; screeding; steel fabrication; restoration contractor; civil engineering contractor; asphalt; masonry; patio builder; deck builder; decking; swimming pool builder; pool builder',
  GolfCourse:
    'golf course; golf club; driving range; golf links; golf range; pitch and putt; golf academy; country club',
  GovernmentOffice:
    'government office; council; council office; registry office; register office; passport office; tax office; licensing office; DMV; social security office; job center; customs office; public works; housing office; immigration office; land registry; social services; municipal office; electoral office; unemployment office',
  GroceryStore:
    'grocery; grocery store; grocer; supermarket; greengrocer; fruit and vegetable shop; fruit shop; butcher; butchers; butcher shop; meat market; fishmonger; fish market; seafood market; deli; delicatessen; farm shop; farm stand; wholefoods; health food shop; health food store; organic shop; cheese shop; cheesemonger; asian supermarket; asian grocery; polish shop; halal butcher; halal shop; kosher shop; chocolate shop; chocolatier; sweet shop; candy store; confectioner; confectionery; spice shop; tea merchant; food shop; food hall; farmers market; zero waste shop; refill shop; olive oil shop; honey; egg farm; milk delivery; pasta shop; international foods; frozen food; indian grocery; bulk foods; food market; coffee beans; nuts',
  HVACBusiness:
    'air conditioning; air conditioning contractor; aircon; HVAC; HVAC contractor; heating engineer; heating contractor; heating and cooling; boiler service; boiler repair; boiler installation; gas boiler; ventilation; heat pump installer; heat pumps; furnace repair; central heating; duct cleaning; underfloor heating; refrigeration engineer; refrigeration; AC repair; stove installer; wood burners; commercial refrigeration; radiator installer; oil boiler',
  HairSalon:
    'hairdresser; hairdressers; hair salon; hair stylist; hairstylist; hair dresser; barber; barber shop; barbershop; barbers; colourist; hair colour; hair colorist; hair extensions; haircut; hair cut; afro hairdresser; hair braiding; braids; mobile hairdresser; men’s hairdresser; blow dry bar; blowout bar; wig shop; wigs; children’s hairdresser; dreadlocks; turkish barber; keratin treatment; hair loss clinic; hair studio; bridal hair; salon',
  HardwareStore:
    'hardware shop; hardware store; ironmonger; DIY store; DIY shop; builder’s merchant; builders merchant; builder’s yard; builders yard; tool shop; tool hire; tool rental; equipment hire; equipment rental; plant hire; timber yard; timber merchant; lumber yard; lumberyard; plumbing supplies; electrical wholesaler shop; paint shop; paint store; home improvement store; fastener shop; roofing supplies; tile shop; tiles; door shop; fireplaces shop; building supplies; building materials; glass shop; aggregate; wallpaper shop',
  HealthAndBeautyBusiness:
    'tanning; tanning salon; sunbeds; cosmetic clinic; skin clinic; laser clinic; laser hair removal; botox; fillers; cosmetics shop; perfume shop; perfumery; beauty supply store; beauty supplies; makeup shop; slimming club; weight loss clinic; weight loss; slimming; image consultant; cosmetics; teeth whitening bar; cryotherapy; tattoo removal; beauty products; skincare shop; colonic irrigation; holistic therapy; holistic therapist; ear piercing bar',
  HealthClub:
    'health club; leisure centre; leisure center; fitness and spa club; recreation center; recreation centre; wellness club; sports and leisure centre; racquet club',
  HighSchool:
    'high school; secondary school; grammar school; sixth form; comprehensive school; boarding school; public school',
  HinduTemple: 'hindu temple; mandir; temple; ashram',
  HobbyShop:
    'hobby shop; craft shop; craft store; crafts; model shop; model railway shop; wool shop; yarn shop; yarn store; knitting shop; art supplies; art shop; art supply store; haberdashery; fabric shop; fabric store; sewing shop; quilting shop; bead shop; trading cards; card shop games; coin dealer; coin shop; stamp dealer; stamp shop; board game shop; wargames shop; slot cars; radio control models; scrapbooking; collectibles; comics and games; magic shop; dollhouse; model trains; memorabilia; rock shop',
  HomeAndConstructionBusiness:
    'glazier; double glazing; glass replacement; window fitter; window installer; windows and doors; window cleaner; window cleaning; chimney sweep; gutter cleaning; gutters; damp proofing; solar installer; solar panels; solar company; kitchen fitter; kitchen installer; flooring; flooring contractor; floor layer; floor sanding; carpet fitter; blinds fitter; conservatories; conservatory; garage doors; garage door repair; tiler; tiling; handyman; landscaper; landscape gardener; landscaping; lawn care; gardener; garden maintenance; garden designer; tree surgeon; arborist; tree service; tree removal; fencing; fence contractor; fencing contractor; pest control; exterminator; scaffolder; scaffolding; insulation; insulation installer; waterproofing; interior designer; interior design; interior decorator; upholsterer; upholstery; cleaner; cleaning company; house cleaning; maid service; office cleaning; domestic cleaner; end of tenancy cleaning; pressure washing; power washing; septic tank; septic service; pool cleaning; pool service; swimming pool maintenance; bathroom fitter; awnings; shutters; security system installer; irrigation; snow removal; junk removal; rubbish removal; skip hire; dumpster rental; house clearance; damp specialist; furniture restoration; french polisher; stone restoration; mold remediation; water damage restoration; home inspector; stairlifts; wardrobe fitter; metalwork; blacksmith; welder; welding; artificial grass; gates and railings; countertops; granite worktops; chimney repair; siding; well drilling; asbestos removal; locks and doors',
  HomeGoodsStore:
    'homeware; homewares; housewares; kitchenware; cookware; carpets; carpet shop; carpet store; rug shop; rugs; lighting shop; lighting store; lamp shop; curtains; curtain shop; blinds shop; blinds; bedding; linen shop; bathroom shop; home decor; interiors shop; candles; candle shop; picture frames; framing; picture framer; framer; glassware; china shop; cushions; bed linen; kitchen shop; flooring store; mirrors; clock shop; christmas shop; interior shop; pottery shop',
  Hospital:
    'hospital; infirmary; accident and emergency; emergency room; private hospital; general hospital; maternity hospital; children’s hospital; community hospital; psychiatric hospital; hospice; A&E; university hospital; eye hospital; rehabilitation hospital',
  Hostel: 'hostel; youth hostel; backpackers; bunkhouse; backpackers hostel; bunk house; capsule hotel',
  Hotel:
    'hotel; boutique hotel; inn with rooms; hotel and restaurant; airport hotel; country house hotel; spa hotel; conference hotel; apart-hotel; aparthotel; seaside hotel; city hotel; business hotel; grand hotel; hotel rooms; lodge hotel; luxury hotel; extended stay hotel',
  HousePainter:
    'painter; painter and decorator; house painter; decorator; painting contractor; painting and decorating; wallpapering; wallpaper hanger; exterior painting; interior painting; spray painting; painters; decorating; house painting; paper hanger',
  IceCreamShop:
    'ice cream shop; ice cream; ice cream parlour; ice cream parlor; gelato; gelateria; frozen yogurt; frozen yoghurt; ice cream van; sorbet; ice cream truck; milkshakes; milkshake bar; shaved ice; froyo',
  IndividualPhysician: '~physician; ~individual doctor',
  InsuranceAgency:
    'insurance agency; insurance broker; insurance agent; insurance; car insurance; insurer; insurance company; life insurance; home insurance; health insurance; business insurance; auto insurance; insurance brokers; travel insurance; pet insurance; loss adjuster; insurance adjuster; motor insurance',
  InternetCafe:
    'internet café; cyber café; internet cafe; cybercafe; gaming café; internet point; LAN centre; e-sports café',
  JewelryStore:
    'jeweller; jewellers; jeweler; jewelry store; jewellery shop; jewelry; jewellery; goldsmith; silversmith; watch repair; watch shop; watchmaker; engagement rings; wedding rings; diamonds; diamond dealer; antique jewellery; jewellery repair; jewelry repair; bead jewellery; watches; gemstones; clock repair; jewellery designer; pearl shop',
  LegalService:
    'lawyer; solicitor; solicitors; attorney; barrister; advocate; law firm; law office; attorney at law; conveyancing; conveyancer; will writing; wills and probate; legal advice; family law; divorce lawyer; personal injury lawyer; immigration lawyer; criminal lawyer; employment lawyer; estate planning; mediator; mediation; paralegal; patent attorney; trademark attorney; legal aid; process server; bankruptcy lawyer; injury attorney; DUI lawyer; tax lawyer; accident lawyer; legal document service; citizens advice; court reporter; barristers’ chambers; defense attorney; real estate lawyer; probate lawyer; immigration adviser',
  Library:
    'library; public library; reading room; lending library; community library; mobile library; children’s library; toy library; archive library',
  LiquorStore:
    'off-licence; liquor store; wine merchant; wine shop; bottle shop; wine store; beer shop; beer store; package store; wine and spirits; spirits shop; whisky shop; liquor shop; wine seller; bottle store',
  LocalBusiness:
    'sole trader; small business; local business; tradesman; pottery; pottery studio; printer; print shop; printing; copy shop; sign maker; sign shop; signs; sign writer; signwriter; photographer studio; photo studio; dog walker; dog walking; dog groomer; dog grooming; pet groomer; pet grooming; pet sitter; kennels; cattery; boarding kennels; dog daycare; dog trainer; dog boarding; funeral director; funeral home; funeral parlour; undertaker; mortuary; wedding planner; event planner; party planner; interpreter; translator; translation; translation agency; piano tuner; cobbler; shoe repair; shoe repairs; key cutting; engraver; trophy shop; taxi; minicab; taxi company; cab company; private hire; chauffeur; airport transfer; limousine service; courier; parcel service; delivery service; haulage; freight forwarder; trucking company; tailor; tailoring; alterations; seamstress; dressmaker; clothing alterations; security company; security guards; private investigator; detective agency; embroidery; bookbinder; livery stables; livery yard; farrier; coach hire; bus company; boat hire; boat rental; boat builder; boat yard; boatyard; marina; chandlery; sailmaker; monumental mason; tombstones; blacksmith forge; farm; christmas tree farm; pick your own; sawmill; machine shop; engineering workshop; warehouse; waste disposal; storage of boats; psychic; tarot; fortune teller; astrologer; virtual assistant; secretarial service; mailbox rental; coworking space; coworking; shared office; serviced offices; business centre; recording studio; film studio; video production; music studio; rehearsal studio; drone photography; marquee hire; tent rental; party rental; crane hire; printing company; screen printing; foundry; factory; distributor; importer; packing service; shipping company; shipping store; care home; nursing home; retirement home; assisted living; home care; care agency; sheltered housing; community centre charity; stud farm; horse riding tack; leather repair; sharpening; knife sharpening; instrument repair; watchman; piano repair; ticket agency; newspaper office; publisher; sewing; glass artist; ceramics; woodturner; beekeeper; luthier; saddler',
  Locksmith:
    'locksmith; lock fitting; locked out; lockout; safes; emergency locksmith; lock repair; key cutting locksmith; auto locksmith; lock replacement; lock and key; mobile locksmith; lock opening; safe engineer',
  LodgingBusiness:
    'holiday accommodation; accommodation; lodging; apartments; serviced apartments; lodge; student accommodation; short stay; rooms; chalet; mountain hut; cabins; cabin rental; log cabins; corporate housing; rooms to let; bunk barn; ranch stay; furnished apartments; retreat centre; dude ranch',
  MedicalBusiness:
    'chiropractor; chiropractic; osteopath; osteopathy; therapist; psychotherapist; psychotherapy; counsellor; counselor; counselling; counseling; marriage counsellor; psychologist; hypnotherapist; hypnotherapy; acupuncture; acupuncturist; speech therapist; speech therapy; occupational therapist; doula; naturopath; homeopath; homeopathy; sports injury; sports injury clinic; sports therapist; hearing aids; hearing clinic; audiologist; herbalist; chinese medicine; alternative medicine; orthotics; prosthetics; mobility shop; medical supplies; medical equipment; hearing centre; behavioural therapist; art therapist; bowen therapist; life coach; kinesiologist; music therapist; family therapist; optometric surgeon; ayurveda',
  MedicalClinic:
    'clinic; medical clinic; health centre; health center; walk-in clinic; medical centre; medical center; travel clinic; urgent care; urgent care center; fertility clinic; IVF clinic; eye clinic; vein clinic; sexual health clinic; family planning clinic; dialysis centre; sleep clinic; pain clinic; vaccination centre; plastic surgery; cosmetic surgery; plastic surgeon; hair transplant; minor injuries unit; day clinic; allergy clinic; rehab centre; rehab; addiction treatment; drug rehab; detox clinic; mental health clinic; polyclinic; women’s health clinic; men’s health clinic; outpatient clinic; blood bank; blood donation; community health centre; laser eye surgery; birth center; medical spa clinic; medical marijuana clinic; surgical centre; nursing clinic; memory clinic; occupational health; abortion clinic; cancer centre',
  MensClothingStore:
    'menswear; men’s clothing; men’s clothes; suit hire; suit shop; gentleman’s outfitter; tuxedo rental; men’s outfitter; suits; big and tall; bespoke tailor; kilt maker; shirtmaker; formalwear hire; tuxedos; men’s fashion',
  MiddleSchool: 'middle school; junior high; junior high school; lower secondary school',
  Midwifery: 'midwife',
  MobilePhoneStore:
    'phone shop; mobile phone shop; cell phone store; phone store; mobile phones; phone repair; mobile phone repair; cell phone repair; screen repair; phone unlocking; phone accessories; iphone repair; phone screen repair; mobile shop; SIM cards; tablet repair; mobile phone store',
  Mosque: 'mosque; masjid; islamic centre; islamic center; prayer room',
  Motel: 'motel; motor lodge; motor inn; roadside motel; travel lodge',
  MotorcycleDealer:
    'motorcycle dealer; motorbike dealer; motorbikes; motorbike shop; motorcycle shop; motorcycles; scooters; scooter shop; moped dealer; quad bikes; ATV dealer; motorcycle clothing; motorcycle showroom; snowmobile dealer; powersports dealer',
  MotorcycleRepair:
    'motorcycle repair; motorbike repair; motorbike service; motorcycle workshop; motorcycle mechanic; scooter repair; motorbike mechanic; motorcycle parts; motorbike MOT',
  MovieRentalStore:
    'video rental; DVD rental; video shop; movie rental; video store; film rental; game rental',
  MovieTheater:
    'cinema; movie theater; movie theatre; pictures; multiplex; picture house; art house cinema; drive-in cinema; film theatre; drive-in; movies; film club; open-air cinema; IMAX',
  MovingCompany:
    'removals; removal company; removals company; removals firm; house removals; moving company; movers; man and van; man with a van; furniture storage; office removals; international removals; piano movers; moving service; relocation service; packers and movers; furniture removals; local movers; house moving; furniture delivery',
  Museum:
    'museum; art museum; history museum; science museum; heritage centre; science centre; local history museum; railway museum; maritime museum; planetarium; historic house; visitor attraction; castle; stately home; exhibition; memorial; children’s museum; war museum; heritage museum',
  MusicGroup:
    'band; orchestra; choir; musician; string quartet; music group; brass band; cover band; jazz band; singer',
  MusicStore:
    'music shop; music store; musical instruments; instruments; guitar shop; guitar store; sheet music; record shop; record store; piano shop; piano store; drum shop; vinyl records; violin shop; brass instruments; CD shop; vinyl shop; woodwind shop; violin maker; keyboard shop; DJ equipment; pro audio',
  MusicVenue:
    'music venue; concert hall; live music; live music venue; jazz club; opera house; gig venue; music hall; rock club; concert venue; bandstand; blues club',
  NailSalon:
    'nail salon; nail bar; manicure; pedicure; nail technician; nails; nail studio; acrylic nails; gel nails; manicurist; nail art; nail spa; mani pedi; shellac nails',
  NewsMediaOrganization: 'newspaper; local newspaper; news agency; magazine; newsroom; magazine publisher',
  NGO: 'charity; non-profit; nonprofit; charitable trust; food bank; voluntary organisation; foundation; aid organisation; community group; church charity; non-profit organization; volunteer organisation; environmental group; animal charity; youth club; scout group',
  NightClub:
    'night club; nightclub; disco; dance club; club; discotheque; strip club; gay club; salsa club; dance floor; late bar; techno club; latin club; cabaret; lap dancing club',
  Notary:
    'notary; notary public; apostille; mobile notary; notaries; commissioner for oaths; notary service; signing agent; document legalisation; notary office; notarial services',
  Nursing: 'nurse',
  OfficeEquipmentStore:
    'office supplies; office supply store; stationery; stationer; stationery shop; stationers; printers and copiers; photocopiers; office equipment; copier repair; office shop; pen shop; cash registers; office machines; printer supplies; paper merchant; shop fittings; stationery store; school supplies; greeting cards; card shop',
  OnlineStore: 'online shop; online store; web shop; e-commerce; mail order; internet shop; ecommerce store',
  Optician:
    'optician; opticians; optometrist; optometry; glasses; eyeglasses; spectacles; eye test; eye exam; contact lenses; sunglasses shop; eyewear; eye doctor; vision centre; vision center; eye care; optical shop; dispensing optician; reading glasses; glasses repair; sunglasses; varifocals; children’s glasses',
  OutletStore:
    'outlet store; factory outlet; outlet; discount store; factory shop; dollar store; pound shop; clearance store; outlet village; bargain shop; closeout store; surplus outlet; seconds shop; liquidation store; remainder shop; end of line shop',
  Park: 'park; public park; country park; city park; botanical garden; botanic garden; gardens; nature reserve; national park; arboretum; dog park; skate park; recreation ground; state park; memorial garden; village green; picnic area',
  ParkingFacility:
    'car park; parking; parking garage; parking lot; multi-storey car park; park and ride; valet parking; airport parking; parking facility; parking structure; secure parking; bike parking; lorry park; underground parking',
  PawnShop:
    'pawn shop; pawnbroker; pawnbrokers; gold buyer; cash for gold; pawn broker; pawn; pawn loans; second-hand jewellery; cash converter; we buy gold',
  PerformingArtsTheater:
    'theatre; theater; playhouse; performing arts centre; puppet theatre; amateur theatre; open-air theatre; dinner theater; drama theatre; ballet; arts centre; little theatre; performing arts center; auditorium; opera; musical theatre; circus',
  PetStore:
    'pet shop; pet store; aquarium shop; pet food; pet supplies; tropical fish; reptile shop; dog food; fish store; bird shop; puppies; cat supplies; raw dog food; koi; equestrian shop; tack shop; animal feed; pet boutique; exotic pets; pet accessories; saddlery; feed store; horse feed; dog breeder; cat breeder',
  Pharmacy:
    'pharmacy; chemist; chemists; drugstore; drug store; dispensary; pharmacist; apothecary; dispensing chemist; late-night pharmacy; compounding pharmacy; online pharmacy; prescriptions; 24-hour pharmacy; medicines; travel vaccinations; cannabis dispensary; chemist shop',
  Physician:
    'doctor; GP; general practitioner; family doctor; physician; doctor’s surgery; GP surgery; doctors surgery; doctor’s office; medical practice; surgery; paediatrician; pediatrician; dermatologist; cardiologist; gynaecologist; gynecologist; obstetrician; psychiatrist; neurologist; ophthalmologist; orthopaedic surgeon; orthopedic surgeon; urologist; surgeon; ear nose and throat; ENT specialist; rheumatologist; allergist; oncologist; endocrinologist; family practice; private doctor; internist; gastroenterologist; pulmonologist; family medicine; private GP; primary care; geriatrician; nephrologist; hand surgeon; spine surgeon; sports doctor; proctologist; anaesthetist',
  PhysiciansOffice: '~physicians office; ~group practice; ~doctors office',
  Physiotherapy:
    'physiotherapist; physio; physiotherapy; physical therapist; physical therapy; pilates physiotherapy',
  Playground: 'playground; play area; adventure playground; children’s playground; play park; splash pad',
  Plumber:
    'plumber; plumbing; plumbers; plumbing and heating; drains; drain cleaning; drain unblocking; blocked drain; blocked drains; drainage; gas engineer; leak repair; leak detection; emergency plumber; plumbing contractor; plumbing repair; water heater; water heater repair; hot water systems; toilet repair; sewer repair; sewer line; tap repair; pipe repair; gas fitter; gasfitter; plumbing services; rooter; water softener; plumbing company; bathroom plumber; septic and drains; 24-hour plumber; burst pipe',
  Podiatric: 'podiatrist; chiropodist; podiatry; foot clinic',
  PoliceStation:
    'police station; police; police department; sheriff; sheriff’s office; constabulary; law enforcement; garda station; state police; border police; highway patrol',
  PostOffice:
    'post office; mail; postal service; sorting office; mail centre; parcel shop; post box; postal counter; sub-post office; mail office',
  Preschool: 'preschool; pre-school; pre-kindergarten; pre-K; playschool; toddler group',
  ProfessionalService:
    'architect; architects; architecture practice; architecture firm; surveyor; surveyors; chartered surveyor; quantity surveyor; building surveyor; land surveyor; consultant; consultancy; consulting firm; business consultant; management consultant; photographer; wedding photographer; photography studio; portrait photographer; photography; videographer; marketing agency; advertising agency; digital agency; digital marketing; marketing consultant; SEO; public relations; PR agency; engineer; structural engineer; civil engineer; engineering firm; engineering consultancy; draughtsman; drafting service; planning consultant; copywriter; web designer; web design; web developer; website design; graphic designer; graphic design; design studio; design agency; branding agency; IT support; IT services; IT company; IT consultant; managed services; software company; software developer; app developer; app development; hosting company; business coach; executive coach; public speaker; market research; HR consultant; architectural technician; environmental consultant; health and safety consultant; fundraising; testing laboratory; energy assessor; industrial designer; product designer; illustrator; fashion designer; landscape architect; town planner; event management; genealogist; auctioneer; auction house; appraiser; antique valuer; telephone answering; call centre; data protection; cyber security; accountancy software; media agency; inspection service; proofreader; editor; project manager; trade association; chamber of commerce; tax consultant; print designer',
  PublicSwimmingPool:
    'swimming pool; public swimming pool; swimming baths; lido; pool; outdoor pool; indoor pool; aquatic centre; leisure pool; swim centre; aquatic center; open-air pool; paddling pool; swimming hall',
  PublicToilet: 'public toilet; public toilets; public restroom; lavatories; public convenience',
  RVPark: 'RV park; RV resort; motorhome site; trailer park; mobile home park; RV campground; campervan site',
  RadioStation: 'radio station; radio; community radio; local radio; broadcaster; FM station; hospital radio',
  RealEstateAgent:
    'estate agent; estate agents; real estate agent; real estate agency; real estate; realtor; letting agent; letting agents; lettings; property management; property manager; house sales; property agent; valuer; real estate broker; commercial property; land agent; property developer; apartment rental agency; rental agency; home buyers; relocation agent; flat rental; house for sale; block management; auction of property; buyers agent; apartment complex; mobile home dealer; real estate appraiser; property search; homes for rent; homes for sale',
  RecyclingCenter:
    'recycling centre; recycling center; scrap yard; scrapyard; scrap metal; scrap metal dealer; recycling; tip; household waste site; junkyard; salvage yard; bottle bank; waste recycling; car breaker; metal recycling; electronics recycling; paper recycling; junk yard; civic amenity site; dump; landfill; wrecker; scrap cars; architectural salvage; reclamation yard',
  Resort:
    'resort; holiday park; holiday village; beach resort; spa resort; golf resort; all-inclusive resort; family resort; holiday resort; resort hotel; island resort; vacation resort; eco resort; mountain resort',
  Restaurant:
    'restaurant; bistro; brasserie; trattoria; steakhouse; steak house; curry house; indian restaurant; chinese restaurant; italian restaurant; thai restaurant; mexican restaurant; japanese restaurant; french restaurant; greek restaurant; turkish restaurant; vietnamese restaurant; korean restaurant; spanish restaurant; lebanese restaurant; sushi; sushi bar; sushi restaurant; pizzeria; pizza; pizza restaurant; pizza place; tapas; tapas bar; diner; noodle bar; ramen; ramen bar; ramen shop; seafood restaurant; vegetarian restaurant; vegan restaurant; vegan café; fine dining; barbecue; barbecue restaurant; BBQ; grill; grill house; carvery; buffet; brunch; breakfast restaurant; family restaurant; dim sum; gastro restaurant; eatery; roadhouse; tandoori; hot pot; rotisserie; chop house; fish restaurant; halal restaurant; kosher restaurant; american restaurant; caribbean restaurant; ethiopian restaurant; tex-mex; creole restaurant; soul food; fondue restaurant; smokehouse; pub restaurant; cantina; dumplings; pho; izakaya; teppanyaki; pasta restaurant; rooftop restaurant; peruvian restaurant; brazilian steakhouse; persian restaurant; moroccan restaurant; crab shack; gourmet restaurant; pancake restaurant; chicken restaurant; pie and mash; waterfront restaurant',
  RoofingContractor:
    'roofer; roofers; roofing; roofing contractor; roofing company; slater; flat roof; flat roofing; roof repair; roof repairs; roof replacement; thatcher; leadwork; guttering and roofing; new roof; roof cleaning; metal roofing; roof tiler; skylights; roof inspection; rubber roofing; fascias and soffits',
  School:
    'school; independent school; private school; special school; international school; charter school; faith school; state school; day school; steiner school; special needs school; school for the deaf; sunday school; military school',
  SearchRescueOrganization: 'search and rescue; lifeboat station; cave rescue; rescue organisation',
  SelfStorage:
    'self storage; self-storage; storage units; storage; lock-up; container storage; storage unit; storage facility; lockers; secure storage; household storage; business storage; student storage; mini storage; climate-controlled storage; left luggage; luggage storage; document storage; caravan storage; boat storage; RV storage',
  ShoeStore:
    'shoe shop; shoe store; shoes; trainers; sneaker store; sneakers; boots; children’s shoes; footwear; running shoes; boot shop; orthopaedic shoes; shoemaker; dance shoes; men’s shoes; western boots; safety boots; wide shoes; trainer shop',
  ShoppingCenter:
    'shopping centre; shopping center; mall; shopping mall; arcade of shops; retail park; shopping arcade; market hall; shopping precinct; plaza; strip mall; outlet mall; flea market; indoor market; market; street market; antiques centre; craft market; antique mall; swap meet; car boot sale; bazaar',
  SkiResort:
    'ski resort; ski slope; skiing; dry ski slope; snow dome; ski area; ski centre; ski lift; ski school; snowboard park; cable car; ski center; cross-country skiing',
  SportingGoodsStore:
    'sports shop; sporting goods; sporting goods store; sports store; sportswear; fishing tackle; fishing tackle shop; tackle shop; bait and tackle; outdoor shop; outdoor store; camping shop; camping equipment; surf shop; ski shop; ski rental; ski hire; golf shop; gun shop; gunsmith; archery shop; dive shop; skate shop; skateboard shop; football shop; running shop; riding gear; team sports; fitness equipment; gym equipment; hunting shop; diving equipment; kayak shop; climbing shop; martial arts supplies; canoe hire; kayak rental; surfboard hire; tennis shop; cricket shop; snowboard shop; paddle board hire; darts shop; rugby shop; ballet shop; swimming shop; riding shop; hockey shop',
  SportsActivityLocation:
    'dance studio; dance school; dance classes; ballet school; yoga; yoga studio; yoga teacher; climbing; climbing wall; climbing centre; climbing gym; pilates; pilates studio; martial arts; martial arts school; karate; karate school; judo; taekwondo; kung fu; boxing club; kickboxing; riding school; horse riding; riding stables; equestrian centre; stables; horseback riding; trampolining; gymnastics; gymnastics club; swimming school; ice rink; ice skating; skating rink; roller rink; roller skating; surf school; diving school; scuba diving; diving centre; kayaking; canoeing; water sports; water sports centre; archery; archery range; shooting range; gun range; clay shooting; fishing lake; fishery; fishing charter; charter fishing; squash courts; badminton; basketball court; five-a-side; football pitch; soccer field; batting cages; zip line; high ropes; adventure centre; outdoor centre; activity centre; skydiving; parachuting; paragliding; hang gliding; ballooning; hot air balloon; rafting; white water rafting; skatepark; bmx track; race track; race course; racecourse; go-kart track; airsoft; hiking; guided walks; zumba; tai chi; fencing club; kite surfing; sailing lessons; wing chun; aikido; parkour; sports hall; recreation; rock climbing; dance hall; ballroom dancing; pole dancing; jiu jitsu; MMA gym; surfing lessons; velodrome; bowls club; bowling green; table tennis; jet ski hire; quad biking; polo; bungee jumping; ninja warrior gym',
  SportsClub:
    'sports club; football club; soccer club; rugby club; cricket club; sailing club; yacht club; rowing club; hockey club; athletics club; swimming club; cycling club; running club; golf society; netball club; lacrosse club; volleyball club; basketball club; baseball club; shooting club; gun club; boating club; angling club; hunting club; ski club; flying club; aero club; social club; working men’s club; handball club; motor club',
  SportsTeam: 'football team; baseball team; basketball team; sports team; hockey team; rugby team',
  StadiumOrArena:
    'stadium; arena; ground; football ground; football stadium; ballpark; sports arena; indoor arena; bullring; rodeo arena; ice arena; athletics stadium; greyhound stadium; speedway; motor racing circuit; coliseum; cricket ground; field house',
  Store:
    'shop; store; gift shop; gift store; gifts; charity shop; antiques; antique shop; antique dealer; antique store; vape shop; vape store; e-cigarettes; tobacco shop; smoke shop; cigar shop; market stall; showroom; party shop; party supplies; party store; balloon shop; balloons; souvenir shop; baby shop; baby store; pram shop; luggage shop; umbrella shop; new age shop; crystal shop; crystals; joke shop; religious goods; second-hand shop; junk shop; bric-a-brac; fireworks shop; fireworks; farm supply; agricultural supplies; tractor dealer; farm machinery; adult shop; sex shop; cbd shop; hydroponics; head shop; retailer; concept store; craft market stall; hot tub showroom; stove shop; wood fuel; firewood; coal merchant; bag shop; trophy store; flag shop; photo shop; photo lab; passport photos; poster shop; swimming pool supplies; mobility scooters; sewing machines; restaurant supply; boat dealer; boat sales; scooter hire; art prints; gold dealer; knife shop; military antiques; medical uniform shop; christian gifts; museum shop; retail shop; cosmetics store; dress agency; piano showroom; safe shop; ethnic goods; native crafts',
  SubwayStation: 'subway station; underground station; tube station; metro station',
  Synagogue: 'synagogue; shul; jewish centre; chabad house; jewish temple',
  TattooParlor:
    'tattoo shop; tattoo studio; tattoo parlour; tattoo parlor; tattooist; tattoo artist; tattoos; piercing; body piercing; piercing studio; tattoo; ink studio; ear piercing; body art',
  TaxiStand: 'taxi rank; taxi stand; cab stand; cab rank',
  TelevisionStation:
    'TV station; television station; television studio; broadcaster television; TV channel; TV company; community television',
  TennisComplex:
    'tennis club; tennis courts; tennis court; tennis centre; tennis center; padel; padel courts; pickleball; indoor tennis; tennis lessons; tennis coach; tennis school; padel club; racket club',
  TheaterGroup:
    'theatre group; theatre company; drama group; amateur dramatics; theater company; puppet company',
  TireShop:
    'tyres; tyre shop; tire shop; tires; tyre fitter; tyre fitting; tire store; wheel alignment; puncture repair; part-worn tyres; mobile tyre fitting; tire repair; alloy wheels; wheels and tires; tyre centre; wheel repair; new tyres; alloy wheel repair; truck tyres; tyre dealer; wheel balancing',
  TouristInformationCenter:
    'tourist information; tourist information centre; visitor centre; visitor center; tourist office; tourism office; welcome center; information centre; visitor information; visitors bureau; tourist board; information office',
  ToyStore:
    'toy shop; toy store; toys; games shop; teddy bears; doll shop; wooden toys; educational toys; children’s toys; dolls; puzzles; board games; toy and gift shop; teddy bear shop; kites; kite shop; jigsaw puzzles; hobby toys; party toys',
  TrainStation: 'train station; railway station; rail station; railroad station; tram stop; heritage railway',
  TravelAgency:
    'travel agent; travel agents; travel agency; tours; tour operator; holidays; cruise agent; cruises; coach trips; coach tours; package holidays; sightseeing tours; guided tours; tour guide; safari; boat trips; boat tours; day trips; flights; honeymoon planner; walking tours; bus tours; adventure travel; business travel; school trips; whale watching; helicopter tours; bike tours; ticket office; ski holidays; wine tours; visa agency; city tours; yacht charter; excursion; pilgrimage tours; food tours',
  VacationRental:
    'holiday cottage; holiday cottages; self-catering; holiday let; holiday lets; vacation rental; holiday home; cottage; holiday rental; villa rental; beach house; holiday flat; cabin to rent; vacation home; holiday apartment; vacation cottage; villas; self catering cottage; country cottage; lake house; vacation house; ski chalet; houseboat; condo rental; barn stay; shepherd’s hut; treehouse; beach cottage',
  VeterinaryCare:
    'vet; vets; veterinarian; veterinary surgeon; veterinary practice; veterinary clinic; veterinary surgery; animal hospital; pet clinic; animal clinic; equine vet; vet clinic; pet hospital; emergency vet; horse vet; veterinary hospital; mobile vet; cat clinic; farm vet; exotic vet; animal physiotherapist; pet vaccinations; small animal practice; large animal vet; animal doctor',
  WholesaleStore:
    'wholesaler; wholesale; cash and carry; trade counter; wholesale market; warehouse club; restaurant wholesaler; food wholesaler; beverage distributor; wholesale flowers; electrical wholesaler; wholesale food; trade supplier; wholesale store; warehouse store; plumbers merchant; catering supplies; packaging supplies; beer distributor; drinks wholesaler; wholesale clothing; steel stockholder; janitorial supplies; fruit wholesaler; industrial supplies; chemical supplier; wholesale jewellery',
  Winery:
    'winery; vineyard; wine maker; winemaker; wine tasting; wine estate; wine cellar; wine producer; vineyards; tasting room; meadery; vintner; wine cellars; urban winery',
  Zoo: 'zoo; wildlife park; safari park; petting zoo; animal park; farm park; city farm; butterfly house; zoological garden; reptile zoo; bird park; petting farm; wildlife sanctuary',
};
