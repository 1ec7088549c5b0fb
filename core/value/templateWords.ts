/** What templates and forms say where a value should stand, word by word and in many languages. */
import { fold, remember, table } from '#core/text';

/** Words after `fold`, blanks between them. */
const words = (list: string): ReadonlySet<string> => new Set(list.split(/\s+/));

/** What is done to a field: "Enter", "Hier einfügen", "Ajoutez". */
const DOING = words(
  `enter insert add type write put edit replace
   eingeben eintragen einfugen einsetzen entrez inserez ajoutez saisissez ecrivez introduzca ingrese inserte escriba anada agregue
   inserisci aggiungi scrivi voer vul typ voeg insira adicione digite escreva wpisz wstaw dodaj napisz skriv ange indtast angiv
   kirjoita lisaa zadejte vlozte napiste zadajte irja adja introduceti adaugati unesite upisite vnesite girin yazin ekleyin`,
);
/** That it is none: "Sample text", "Texte d’exemple", "Mustertext". */
const SAMPLE = words(
  `sample example placeholder dummy demo test default generic muster beispiel platzhalter exemple ejemplo esempio voorbeeld exemplo
   przyklad przykladowy przykladowa przykladowe exempel eksempel esimerkki ukazka priklad pelda exemplu primjer ornek`,
);
/** Where it would stand: "here". */
const HERE = words(
  'here hier ici aqui qui tutaj har tady ide aici ovdje tukaj burada buraya tahan siia cia seit',
);
const YOUR = words(
  'your ihr ihre ihren dein deine deinen votre ta tu su vuestra tuo tua vostra suo sua uw jouw je seu sua teu tua twoja twoj twoje panstwa ditt din dina deres sinun vas vase vasa tvoje dvs',
);
const MY = words(
  'my our mein meine unser unsere mon ma notre mi nuestra mia nostra mijn ons onze minha nossa moja nasza mitt vart min',
);
const ARTICLES = words('la il le a');
/** What a company is called where it is any company. A shop may call itself “My Shop” in earnest. */
const COMPANY = words(
  `business company enterprise organization organisation unternehmen firma betrieb entreprise societe empresa negocio azienda impresa
   ditta bedrijf onderneming firmy foretag virksomhed bedrift yritys yrityksen spolecnost spolecnosti firme firmei ceg cegnev`,
);
/** What fields are called. */
const FIELD = words(
  `name names description text texts title tagline slogan address street city town phone telephone number email website url page site
   content location caption namen beschreibung text texte titel adresse strasse stadt ort telefonnummer inhalt nom description titre rue
   ville contenu nombre descripcion texto titulo direccion calle ciudad contenido nome descrizione testo titolo indirizzo via citta
   naam beschrijving omschrijving tekst straat stad adres descricao endereco rua cidade nazwa nazwe opis tekst tytul adres ulica miasto
   namn beskrivning gata navn beskrivelse gade by nimi kuvaus teksti katu nazev popis ulice mesto nev leiras szoveg utca varos
   denumire descriere strada oras naziv opis ad aciklama metin adres`,
);
/** What a field for a name is called. */
const NAMED = words(
  'name names namen nom nombre nome naam nazwe nazwa namn navn nimi nazev nev denumire naziv ad',
);
const BETWEEN = words(
  `a an the of for in to is goes some short brief long and or this that please click about steht kommt kurze eine ihres der die das des den und zu
   une un le la les de d du l courte breve una el los las del di il lo dell een de het van voor uma um o do da krotki krotka kort en et
   av af vaszego firmy lyhyt kratky kratka rovid scurta kratak kisa`,
);

/** What the fields of a form are called, by the property (schema.org) that they ask for. */
const LABELS = table<string>({
  streetAddress: `address|address line|street|street name|street address|street and number|number and street|adresse|anschrift|strasse|strassenname|
     strasse und hausnummer|strasse hausnummer|strasse nr|musterstr|adresse postale|nom de la rue|numero et rue|rue|direccion|calle|nombre de la calle|
     calle y numero|indirizzo|via|nome della via|via e numero civico|adres|straat|straatnaam|straat en huisnummer|endereco|rua|nome da rua|
     rua e numero|ulica|ulica i numer|nazwa ulicy|gata|gatuadress|gatunamn|gade|gadenavn|vej|gate|katuosoite|katu|ulice|ulice a cislo|utca|
     strada|ulica i broj|adres satiri|sokak|住所|番地|주소|地址`,
  addressLocality: `city|town|locality|city name|town name|city or town|stadt|ort|stadtname|ville|commune|nom de la ville|ciudad|localidad|citta|comune|
     stad|plaats|woonplaats|cidade|miasto|miejscowosc|stad ort|postort|kaupunki|mesto|obec|varos|telepules|sehir|市区町村|도시|城市`,
  addressRegion:
    'region|state|province|county|state or province|bundesland|kanton|departement|provincia|regione|provincie|estado|wojewodztwo|都道府県',
  postalCode:
    'zip|zip code|postal code|postcode|plz|postleitzahl|code postal|codigo postal|cap|cep|kod pocztowy|postnummer|郵便番号',
  name: `name|company name|name of company|business name|location name|store name|new location|new store|site name|firmenname|
     nom de l’entreprise|nombre de la empresa|nombre del negocio|nome azienda|nome dell’azienda|bedrijfsnaam|nome da empresa|nazwa firmy|
     会社名|店舗名|회사명`,
  description: `description|text|content|summary|about|business description|company description|short description|description of the business|short description of the business|beschreibung|
     kurzbeschreibung|unternehmensbeschreibung|description de l’entreprise|descripcion|descripcion de la empresa|descripcion del negocio|
     descrizione|descrizione dell’azienda|beschrijving|omschrijving|bedrijfsomschrijving|descricao|descricao da empresa|opis|opis firmy|
     beskrivning|beskrivelse|kuvaus|popis|leiras|descriere|説明|설명|描述`,
  // Titles of pages and of types, which programs write where the name of the business should stand.
  'title of a page': `home|homepage|home page|startseite|accueil|page d’accueil|inicio|pagina de inicio|pagina principal|home pagina|
     startpagina|pagina iniziale|pagina inicial|strona glowna|startsida|startside|forside|etusivu|hlavni stranka|fooldal|acasa|naslovnica|
     ana sayfa|contact|contact us|kontakt|contactez nous|contacto|contatti|contato|contactanos|about|about us|uber uns|a propos|
     qui sommes nous|sobre nosotros|chi siamo|over ons|sobre nos|o nas|om oss|om os|impressum|imprint|local business|localbusiness|
     organization|ホーム|トップページ|お問い合わせ|홈|首页|首頁`,
});

const labels = remember((property): ReadonlySet<string> => {
  const list = LABELS[property];
  return new Set(list?.split('|').map(fold));
});

/** The street of no town, whatever its number: "Street name 12", "Musterstr. 1", "Rue de l’exemple 1". */
const STREET_OF_NONE =
  /^(?:\d{1,5} )?(?:(?:your street|street name)|muster ?(?:str|strasse|weg|platz)|beispiel ?(?:str|strasse|weg)|(?:rue|avenue) (?:de )?l?exemple|(?:calle|avenida) (?:de )?ejemplo|via (?:dell)?esempio|nom de la rue|nombre de la calle|nome della via|nome da rua|strassenname|straatnaam|voorbeeld ?straat|ihre strasse|votre rue|tu calle|exempel ?gatan|eksempel ?vej|esimerkki ?katu|ukazkova(?: ulice)?|pelda utca|ornek (?:sokak|cadde))(?: \d{1,5})?$/;

/** More words are a sentence. */
const FEW = 8;

/**
 * Whether a text says what should stand in its place, or is the label of its field: "Enter description here", "Stadt" as
 * a town. `property` is the property (schema.org) that it is the value of.
 */
export function isTemplateText(text: string, property: string): boolean {
  if (text.length > 200) return false;
  const plain = fold(text);
  if (labels(property).has(plain)) return !/villé/i.test(text); // a town in Alsace
  if (property === 'streetAddress' && STREET_OF_NONE.test(plain)) return true;
  const said = plain.split(' ');
  if (said.length < 2 || said.length > FEW) return false;
  const has = (set: ReadonlySet<string>): boolean => said.some((word) => set.has(word));
  const isOf = (...sets: readonly ReadonlySet<string>[]): boolean =>
    said.every((word) => sets.some((set) => set.has(word)));
  // “Your business”, “Mon entreprise”, “La mia azienda”: any company, and nothing else.
  if (has(COMPANY) && (has(YOUR) || has(MY)) && isOf(COMPANY, YOUR, MY, ARTICLES)) return true;
  if (has(FIELD) && has(YOUR) && isOf(FIELD, YOUR, ARTICLES)) return true;
  // “The Type Company” makes type; “Enter company name” is left over.
  const isDone = has(DOING) && (property !== 'name' || has(NAMED));
  return (
    (has(FIELD) || has(COMPANY)) &&
    (isDone || has(SAMPLE) || has(HERE)) &&
    isOf(DOING, SAMPLE, HERE, YOUR, COMPANY, FIELD, BETWEEN)
  );
}

/** Whether the name of a business is the title of a page, or of a type. */
export const isPageTitle = (name: string): boolean =>
  name.length < 60 && labels('title of a page').has(fold(name));
