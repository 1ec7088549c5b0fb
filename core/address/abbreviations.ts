/** Suffixes of streets and what else is short in English addresses (USPS Publication 28, C1; AS/NZS 4819). */
const SUFFIXES =
  'alley aly;annex anx;beach bch;bend bnd;bluff blf;bridge brg;brook brk;bypass byp;canyon cyn;causeway cswy;center centre ctr;circle cir;cliff clf;common cmn;corners cors;course crse;courts cts;cove cv;creek crk;crest crst;crossing xing;crossroad xrd;estates ests;expressway expy;extension ext;falls fls;ferry fry;field fld;fields flds;forest frst;fork frk;forks frks;freeway fwy;garden gdn;gateway gtwy;grove grv;harbor harbour hbr;haven hvn;heights hts;hills hls;hollow holw;inlet inlt;junction jct;knoll knl;knolls knls;lake lk;lakes lks;landing lndg;lodge ldg;manor mnr;meadow mdw;meadows mdws;mills mls;mission msn;mountain mtn;orchard orch;overpass opas;passage psge;pines pnes;plains plns;point pt;points pts;ranch rnch;ridge rdg;river riv;shore shr;shores shrs;skyway skwy;spring spg;springs spgs;stream strm;summit smt;throughway trwy;trace trce;trail trl;tunnel tunl;turnpike tpke;underpass upas;valley vly;view vw;village vlg;vista vis;wells wls;circuit cct;esplanade esp;parade pde;promenade prom';

/** Words of addresses and names and their usual short forms, folded; each list comes down to its first word. */
const families: readonly (readonly string[])[] = [
  ['street', 'st', 'str', 'strasse', 'straat', 'strada', 'saint', 'sankt', 'sint', 'setor'],
  ['road', 'rd'],
  ['avenue', 'ave', 'av', 'avenida', 'avda', 'avd'],
  ['lane', 'ln'],
  ['drive', 'dr', 'doctor', 'docteur', 'doktor', 'doutor', 'doutora', 'dottore', 'dottoressa', 'dott', 'dra'],
  ['and', 'und', 'et', 'och', 'og'],
  ['professor', 'prof', 'professeur', 'profesor', 'professore'],
  ['court', 'ct'],
  ['place', 'pl', 'platz'],
  ['square', 'sq'],
  ['boulevard', 'blvd', 'bd', 'bvd', 'boul', 'bulevar', 'bulevardul', 'bulvari', 'blv'],
  ['highway', 'hwy'],
  ['parkway', 'pkwy'],
  ['terrace', 'ter', 'terr', 'tce'],
  ['crescent', 'cres'],
  ['close', 'cl'],
  ['gardens', 'gdns'],
  ['building', 'bldg'],
  ['floor', 'fl'],
  ['apartment', 'apt', 'apts', 'apartments'],
  ['suite', 'ste', 'unit'],
  ['north', 'n', 'nord', 'norte', 'noord'],
  ['south', 's', 'sud', 'zuid'],
  ['east', 'e', 'est', 'ost', 'oost'],
  ['west', 'w'],
  ['northeast', 'ne'],
  ['northwest', 'nw'],
  ['southeast', 'se'],
  ['southwest', 'sw'],
  ['mount', 'mt'],
  ['fort', 'ft'],
  ['calle', 'c', 'carrer', 'cll', 'clle'],
  ['rue', 'r', 'rua'],
  ['gate', 'gaten', 'gata', 'gt'],
  ['vei', 'veien', 'veg', 'vegen', 'vn'],
  ['plaza', 'plz', 'pza', 'plza', 'piazza', 'praça', 'praca', 'pca'],
  ['piazzale', 'ple'],
  ['набережная', 'наб', 'набережна'],
  ['шоссе', 'ш'],
  ['viale', 'vle'],
  ['corso', 'cso'],
  ['paseo', 'pso'],
  ['carretera', 'ctra'],
  ['ulica', 'ul'],
  ['aleja', 'al', 'alameda', 'aleje', 'alei'],
  ['travessa', 'tv'],
  ['chemin', 'chem', 'ch'],
  ['allee', 'all'],
  ['impasse', 'imp'],
  ['route', 'rte'],
  ['faubourg', 'fbg', 'fg'],
  ['batiment', 'bat'],
  ['largo', 'lgo', 'lg'],
  ['estrada', 'estr'],
  ['edificio', 'edif'],
  ['quadra', 'qd'],
  ['lote', 'lt'],
  ['bloco', 'bl'],
  ['conjunto', 'cj'],
  ['loja', 'lj'],
  ['numero', 'num', 'nro'],
  ['jiron', 'jr'],
  ['pasaje', 'psje', 'pje'],
  ['colonia', 'col'],
  ['carrera', 'cra', 'kra', 'cr'],
  ['transversal', 'transv'],
  ['diagonal', 'diag'],
  ['soseaua', 'sos'],
  ['namesti', 'nam'],
  ['trida', 'tr'],
  ['utca', 'u'],
  ['korut', 'krt'],
  ['caddesi', 'cad', 'cd'],
  ['sokak', 'sok', 'sk', 'sokagi'],
  ['mahallesi', 'mah'],
  ['jalan', 'jl', 'jln'],
  ['lorong', 'lrg'],
  ['taman', 'tmn'],
  ['kampung', 'kg'],
  ['thanh pho', 'tp'],
  ['quan', 'q'],
  ['phuong', 'p'],
  ['tanav', 'tn'],
  ['puiestee', 'pst'],
  ['maantee', 'mnt'],
  ['gatve', 'g'],
  ['nabrezi', 'nabr'],
  ['swiety', 'sw', 'swietego', 'swietej', 'swietych'],
  ['svaty', 'sv', 'svateho', 'sveti', 'svetog', 'svete'],
  ['szent', 'szt'],
  ['sfantul', 'sf', 'sfanta'],
  ['general', 'gen', 'gral', 'gal', 'generala', 'generale'],
  ['president', 'pres', 'presidente', 'pdte', 'pdt'],
  ['colonel', 'cnel', 'cel', 'coronel', 'pulkownika', 'plk'],
  ['marshal', 'mal', 'marechal', 'mariscal', 'marszalka', 'marsz', 'maresciallo'],
  ['captain', 'capt', 'cpt', 'capitan', 'capitao', 'capitaine', 'kapitana', 'kpt'],
  ['engineer', 'eng', 'ing', 'ingeniero', 'engenheiro', 'ingegnere'],
  ['commandant', 'cdt', 'comandante', 'cmte', 'cmdte'],
  ['ksiedza', 'ks'],
  ['kardynala', 'kard'],
  ['osiedle', 'os'],
  ['улица', 'ул'],
  ['вулиця', 'вул'],
  ['проспект', 'просп', 'пр'],
  ['площадь', 'пл', 'площа', 'площад'],
  ['переулок', 'пер'],
  ['бульвар', 'бул', 'булевард'],
  ['академика', 'акад'],
  ['генерала', 'ген'],
  ['имени', 'им'],
  ['αγιος', 'αγ', 'αγιου', 'αγια', 'αγιας', 'αγιων'],
  ['οδος', 'οδ'],
  ['λεωφορος', 'λεωφ'],
  ['first', '1st'],
  ['second', '2nd'],
  ['third', '3rd'],
  ['fourth', '4th'],
  ['fifth', '5th'],
  ['eerste', '1e'],
  ['tweede', '2e'],
  ['derde', '3e'],
  ...SUFFIXES.split(';').map((family) => family.split(' ')),
];

/** Numbers as streets and floors have them: "Via XX Settembre", "Keizersgracht 123-II"; one letter alone is none. */
const ROMAN = 'ii iii iv vi vii viii ix xi xii xiii xiv xv xvi xvii xviii xix xx xxi xxii xxiii xxiv xxv';
const ROMAN_NUMBERS = [2, 3, 4, 6, 7, 8, 9, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24, 25];

const canonical = new Map([
  ...families.flatMap(([word = '', ...short]) => short.map((form) => [form, word] as const)),
  ...ROMAN.split(' ').map((roman, at) => [roman, String(ROMAN_NUMBERS[at])] as const),
]);

/** Short forms that hold a stop or a stroke, which parts them once they are folded: "P.zza", "C.so", "пр-т". */
const PARTED: readonly (readonly [short: string, whole: string])[] = [
  ['p zza', 'plaza'],
  ['p za', 'plaza'],
  ['p le', 'piazzale'],
  ['v le', 'viale'],
  ['c so', 'corso'],
  ['l go', 'largo'],
  ['v lo', 'vicolo'],
  ['b go', 'borgo'],
  ['f lli', 'fratelli'],
  ['c da', 'contrada'],
  ['пр т', 'проспект'],
  ['пр кт', 'проспект'],
  ['б р', 'бульвар'],
  ['пр д', 'проезд'],
];
const OF_PARTED = new RegExp(`(?<!\\p{L})(?:${PARTED.map(([short]) => short).join('|')})(?!\\p{L})`, 'gu');
const partedForms = new Map(PARTED);

/** Signs of two ways to write Han, floors of Japan, and the titles of Korea's cities, which are left out as often. */
const EASTERN = new RegExp(
  // Folded texts have the letters of Hangul apart.
  `[號樓層區縣臺]|(?<=\\d)階|(?<=\\p{Script=Hangul}{2})${'(?:특별자치|특별|광역)(?:시|도)'.normalize('NFD')}`,
  'gu',
);
const easternForms = new Map(
  Object.entries({ 號: '号', 樓: '楼', 層: '层', 區: '区', 縣: '县', 臺: '台', 階: 'f' }),
);

/** Streets that are one word with their names: Hauptstraße, Hauptstr., Kerkstraat; Nygårdsgaten, Nygårdsgt.; Storveien. */
const COMPOUNDS = [
  [/^(.{3,})(?:strasse|str|straat)$/, '$1street'],
  [/^(.{3,})(?:gaten|gata|gatan|gate|gt)$/, '$1gate'],
  [/^(.{3,})(?:veien|vegen|vagen|vei|veg|vn)$/, '$1vei'],
] as const;

/** What the compounds end with: most words of a text end otherwise. */
const MAYBE_COMPOUND = /(?:str(?:asse|aat)?|g(?:a?t|ate|ata|aten|atan)|v(?:ei|eg|n|eien|egen|agen))$/;

/** A folded address with its abbreviations written out: "12 n quay st" → "12 north quay street". */
export function expandAbbreviations(folded: string): string {
  return folded
    .replace(OF_PARTED, (short) => partedForms.get(short) ?? short)
    .replace(EASTERN, (sign) => easternForms.get(sign) ?? '')
    .split(' ')
    .map(
      (word) =>
        // "Colombo 03" is "Colombo 3".
        (/^0\d$/.test(word) ? word.slice(1) : canonical.get(word)) ??
        // "L3", a level of a tower
        (/^l\d{1,2}$/.test(word) ? `level ${word.slice(1)}` : undefined) ??
        (MAYBE_COMPOUND.test(word)
          ? COMPOUNDS.reduce((now, [form, whole]) => now.replace(form, whole), word)
          : word),
    )
    .join(' ');
}

/**
 * The same of a whole street, to be compared: without the words for a house and its number, which say nothing that the
 * number does not ("д. 12", "No. 10"); "Cl. 72" is a street of Colombia, as the closes of Britain stand behind their number.
 */
export const streetAlone = (expanded: string): string =>
  expanded
    .replace(/(?<!\p{L})(?:д|дом|буд|будинок|no|nr|numero) (?=\d)/gu, '')
    // "s/nº", "s/n": without a number.
    .replace(/(?<!\p{L})south no$/u, 'south north')
    .replace(/(?<!\p{L})close (?=\d)/gu, 'calle ');
