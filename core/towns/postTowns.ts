/** The towns that postal codes are led through, by country. */
interface PostTowns {
  /** Kilometres from its town that an area may reach; three times as far for each asterisk. */
  readonly reach: number;
  /** The first digits or letters of the codes, or the first and last of a run of them, and the town. */
  readonly areas: string;
}

/**
 * Areas of postal codes and the town each is sorted in or governed from: postcode areas of Royal Mail, Leitregionen of
 * Deutsche Post, départements, provinces and prefectures (Universal Postal Union, addressing systems of the countries).
 */
export const postTowns: Readonly<Record<string, PostTowns>> = {
  GB: {
    reach: 80,
    areas: `AB* Aberdeen;AL St Albans;B Birmingham;BA Bath;BB Blackburn;BD* Bradford;BH Bournemouth;BL Bolton;BN Brighton;
BR London;BS Bristol;BT* Belfast;CA* Carlisle;CB Cambridge;CF Cardiff;CH Chester;CM Chelmsford;CO Colchester;CR Croydon;
CT Canterbury;CV Coventry;CW Crewe;DA Dartford;DD Dundee;DE Derby;DG* Dumfries;DH Durham;DL Darlington;DN Doncaster;
DT Dorchester;DY Dudley;E London;EC London;EH Edinburgh;EN Enfield Town;EX* Exeter;FK* Falkirk;FY Blackpool;G Glasgow;
GL Gloucester;GU Guildford;HA London;HD Huddersfield;HG Harrogate;HP Hemel Hempstead;HR Hereford;HS* Stornoway;HU Hull;
HX Halifax;IG London;IP Ipswich;IV* Inverness;KA* Kilmarnock;KT Kingston upon Thames;KW* Kirkwall;KY Kirkcaldy;
L Liverpool;LA* Lancaster;LD Llandrindod Wells;LE Leicester;LL* Llandudno;LN Lincoln;LS Leeds;LU Luton;M Manchester;
ME Rochester;MK Milton Keynes;ML Motherwell;N London;NE* Newcastle upon Tyne;NG Nottingham;NN Northampton;NP Newport;
NR Norwich;NW London;OL Oldham;OX Oxford;PA* Paisley;PE* Peterborough;PH* Perth;PL* Plymouth;PO Portsmouth;PR Preston;
RG Reading;RH Crawley;RM Romford;S Sheffield;SA* Swansea;SE London;SG Stevenage;SK Stockport;SL Slough;SM London;
SN Swindon;SO Southampton;SP Salisbury;SR Sunderland;SS Southend-on-Sea;ST Stoke-on-Trent;SW London;SY* Shrewsbury;
TA Taunton;TD* Galashiels;TF Telford;TN Royal Tunbridge Wells;TQ Torquay;TR* Truro;TS Middlesbrough;TW London;
UB London;W London;WA Warrington;WC London;WD Watford;WF Wakefield;WN Wigan;WR Worcester;WS Walsall;
WV Wolverhampton;YO* York;ZE* Lerwick`,
  },
  DE: {
    reach: 120,
    areas: `01 Dresden;02 Görlitz;03 Cottbus;04 Leipzig;06 Merseburg;07 Gera;08 Zwickau;09 Chemnitz;10-13 Berlin;14 Potsdam;
15 Fürstenwalde;16 Oranienburg;17 Neubrandenburg;18 Rostock;19 Schwerin;20-22 Hamburg;23 Lübeck;24 Kiel;25* Itzehoe;
26 Oldenburg;27 Bremerhaven;28 Bremen;29 Celle;30 Hannover;31 Hildesheim;32 Herford;33 Bielefeld;34 Kassel;35 Gießen;
36 Fulda;37 Göttingen;38 Braunschweig;39 Magdeburg;40 Düsseldorf;41 Mönchengladbach;42 Wuppertal;44 Dortmund;45 Essen;
46 Oberhausen;47 Duisburg;48 Münster;49 Osnabrück;50-51 Köln;52 Aachen;53 Bonn;54 Trier;55 Mainz;56 Koblenz;57 Siegen;
58 Hagen;59 Hamm;60 Frankfurt am Main;61 Oberursel;63 Aschaffenburg;64 Darmstadt;65 Wiesbaden;66 Saarbrücken;
67 Kaiserslautern;68 Mannheim;69 Heidelberg;70 Stuttgart;71 Ludwigsburg;72 Tübingen;73 Göppingen;74 Heilbronn;
75 Pforzheim;76 Karlsruhe;77 Offenburg;78 Singen;79 Freiburg;80-82 München;83 Rosenheim;84 Landshut;85 Ingolstadt;
86 Augsburg;87 Kempten (Allgäu);88 Ravensburg;89 Ulm;90-91 Nürnberg;92 Amberg;93 Regensburg;94 Passau;95 Bayreuth;96 Bamberg;
97 Würzburg;98 Suhl;99 Erfurt`,
  },
  FR: {
    reach: 110,
    areas: `01 Bourg-en-Bresse;02 Laon;03 Moulins;04 Digne-les-Bains;05 Gap;06 Nice;07 Privas;08 Charleville-Mézières;09 Foix;
10 Troyes;11 Carcassonne;12 Rodez;13 Marseille;14 Caen;15 Aurillac;16 Angoulême;17 La Rochelle;18 Bourges;19 Tulle;
20* Bastia;21 Dijon;22 Saint-Brieuc;23 Guéret;24 Périgueux;25 Besançon;26 Valence;27 Évreux;28 Chartres;29 Quimper;
30 Nîmes;31 Toulouse;32 Auch;33 Bordeaux;34 Montpellier;35 Rennes;36 Châteauroux;37 Tours;38 Grenoble;39 Lons-le-Saunier;
40 Mont-de-Marsan;41 Blois;42 Saint-Étienne;43 Le Puy-en-Velay;44 Nantes;45 Orléans;46 Cahors;47 Agen;48 Mende;49 Angers;
50 Saint-Lô;51 Châlons-en-Champagne;52 Chaumont;53 Laval;54 Nancy;55 Bar-le-Duc;56 Vannes;57 Metz;58 Nevers;59* Lille;
60 Beauvais;61 Alençon;62 Arras;63 Clermont-Ferrand;64 Pau;65 Tarbes;66 Perpignan;67 Strasbourg;68 Colmar;69 Lyon;
70 Vesoul;71 Mâcon;72 Le Mans;73 Chambéry;74 Annecy;75 Paris;76 Rouen;77 Melun;78 Versailles;79 Niort;80 Amiens;81 Albi;
82 Montauban;83 Toulon;84 Avignon;85 La Roche-sur-Yon;86 Poitiers;87 Limoges;88 Épinal;89 Auxerre;90 Belfort;91 Évry;
92 Nanterre;93 Bobigny;94 Créteil;95 Cergy`,
  },
  ES: {
    reach: 130,
    areas: `01 Gasteiz / Vitoria;02 Albacete;03 Alicante;04 Almería;05 Ávila;06* Badajoz;07* Palma;08 Barcelona;09 Burgos;
10 Cáceres;11 Cádiz;12 Castellón de la Plana;13 Ciudad Real;14 Córdoba;15 A Coruña;16 Cuenca;17 Girona;18 Granada;
19 Guadalajara;20 San Sebastián;21 Huelva;22 Huesca;23 Jaén;24 León;25 Lleida;26 Logroño;27 Lugo;28 Madrid;29 Málaga;
30 Murcia;31 Pamplona;32 Ourense;33 Oviedo;34 Palencia;35* Las Palmas;36 Pontevedra;37 Santa Marta de Tormes;
38* Santa Cruz de Tenerife;39 Santander;40 Segovia;41 Sevilla;42 Soria;43 Tarragona;44 Teruel;45 Toledo;46 Valencia;
47 Valladolid;48 Bilbao;49 Zamora;50 Zaragoza;51 Ceuta;52 Melilla`,
  },
  IT: {
    reach: 110,
    areas: `00 Roma;01 Viterbo;02 Rieti;03 Frosinone;04* Latina;05 Terni;06 Perugia;07 Sassari;08 Nuoro;09 Cagliari;10 Torino;
11 Aosta;12 Cuneo;13 Vercelli;14 Asti;15 Alessandria;16 Genova;17 Savona;18 Imperia;19 La Spezia;20 Milano;21 Varese;
22 Como;23 Lecco;24 Bergamo;25 Brescia;26 Cremona;27 Pavia;28 Novara;29 Piacenza;30 Venezia;31 Treviso;32 Belluno;
33 Udine;34 Trieste;35 Padova;36 Vicenza;37 Verona;38 Trento;39 Bolzano;40 Bologna;41 Modena;42 Reggio Emilia;43 Parma;
44 Ferrara;45 Rovigo;46 Mantova;47 Forlì;48 Ravenna;50 Firenze;51 Pistoia;52 Arezzo;53 Siena;54 Massa;55 Lucca;56 Pisa;
57* Livorno;58 Grosseto;59 Prato;60 Ancona;61 Pesaro;62 Macerata;63 Ascoli Piceno;64 Teramo;65 Pescara;66 Chieti;
67 L'Aquila;70 Bari;71* Foggia;72 Brindisi;73 Lecce;74 Taranto;75 Matera;76 Barletta;80 Napoli;81 Caserta;82 Benevento;
83 Avellino;84 Salerno;85 Potenza;86 Campobasso;87 Cosenza;88 Catanzaro;89 Reggio Calabria;90* Palermo;91* Trapani;
92* Agrigento;93 Caltanissetta;94 Enna;95 Catania;96 Siracusa;97 Ragusa;98 Messina`,
  },
  JP: {
    reach: 150,
    areas: `00* Sapporo;01 Akita;02 Morioka;03 Aomori;04-09* Sapporo;10** Tokyo;11-20 Tokyo;21-25 Yokohama;26-29 Chiba;
30-31 Mito;32 Utsunomiya;33-36 Saitama;37 Maebashi;38-39 Nagano;40 Kofu;41-43 Shizuoka;44-49 Nagoya;50 Gifu-shi;51 Tsu;
52 Otsu;53-59 Osaka;60-62 Kyoto;63 Nara-shi;64 Wakayama;65-67 Kobe;68* Matsue;69* Matsue;70-71 Okayama;72-73 Hiroshima;
74-75 Yamaguchi;76 Takamatsu;77 Tokushima;78 Kochi;79 Matsuyama;80-83 Fukuoka;84 Saga;85* Nagasaki;86 Kumamoto;87 Oita;
88 Miyazaki;89** Kagoshima;90** Naha;91 Fukui-shi;92 Kanazawa;93 Toyama;94-95* Niigata;96-97 Fukushima;98 Sendai;99 Yamagata`,
  },
  KR: {
    reach: 110,
    areas: `01-09 Seoul;10-20 Suwon;21-23* Incheon;24-26* Chuncheon;27-29 Cheongju-si;30-35 Daejeon;36-40* Daegu;41-43 Daegu;
44-45 Ulsan;46-49 Busan;50-53 Changwon;54-56 Jeonju;57-60* Gwangju;61-62 Gwangju;63 Jeju City`,
  },
};
