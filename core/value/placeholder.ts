import { fault, type Fault } from '#core/fault';
import { isTemplateText } from './templateWords.ts';

/** What the engine of a template should have put a value in place of. */
const TEMPLATE_TAG =
  /\{\{[^{}]+\}\}|\{%[^{}]+%\}|[$#]\{[\w.$ ()]+\}|<\?(?:php\b|=)|<%[^<>]*%>|%%\w+%%|\*\|\w+\|\*|\[\[[\w.: -]+\]\]|\[\/[a-z][\w-]*\]|\[[a-z]+(?:_[a-z]+)+(?: [^\][]{0,200})?\]|\[[a-z][\w-]* [\w-]+=["'“”″][^\][]{0,200}\]|(?<![\w.])@Model\.\w|(?<![^\s"'([])%[a-z][a-z_]{3,30}%(?![^\s.,;:!?"')\]])/i;

/** Whether a tag of a template stands in a text; every one begins with one of a few signs. */
const holdsTag = (text: string): boolean => /[{<%*[@]/.test(text) && TEMPLATE_TAG.test(text);

/** What nobody writes but a template, however much stands round it. */
const UNMISTAKABLE: readonly RegExp[] = [
  /\blorem ipsum\b/i,
  /\b(?:musterstra(?:ss|ß)e|musterstadt|musterfirma|mustermann|max muster)\b/i,
  /\b(?:voorbeeldstraat|voorbeeldstad|exempelgatan|eksempelvej|esimerkkikatu)\b/i,
];

/** What a template says among few words; a sentence may hold it: “We print your company name on mugs.” */
const AMONG_FEW: readonly RegExp[] = [
  /\byour (?:business|company|shop|store|practice) name\b/i,
  /\b(?:business|company) name here\b/i,
  /\b123 (?:example|main|any|fake) (?:street|st)\b/i,
  /\banytown\b/i,
  /\binsert (?=.{0,30}\b(?:your|name|text|description|address|title|phone|url)\b).{1,30} here\b/i,
  /\b(?:describe|description of) your (?:business|company|shop|store|practice)\b/i,
  /\bul\.? ?przykładowa\b/i,
  /\bfirmenname hier\b/i,
  /^(?:会社名|店舗名|サンプル|株式会社サンプル)|[〇○]{2,}/,
  /(?:ここに|여기에|こちらに).{1,20}(?:入力|記入|입력)|^(?:请|請)(?:在此)?(?:输入|輸入|填写|填寫)/,
];

/** What is a template's where nothing else is said. “Your address for good bread” is a business's own. */
const ALONE: readonly RegExp[] = [
  /^(?:\d{1,5},? )?(?:enter |add )?(?:your|any|my) ?(?:town|city|street(?: address)?|road|address|phone(?: number)?|description|state|zip(?: code)?|postcode)(?: here)?(?:,? [a-z]{2})?$/i,
  /^(?:mr |mrs |dr )?(?:john|jane) doe$/i,
  /^(?:\[[^\]]+\]|\{[\w. -]+\}|<[\p{L}\d_ -]{2,40}>|__\w+__|%(?:\d\$)?s|%[A-Z_]{3,}%)$/u,
  /^ihre? (?:firma|firmenname|unternehmen|adresse|name)$/i,
  /^(?:tu|su|nombre de (?:tu|su|la)) (?:empresa|negocio|tienda|calle|ciudad)$/i,
  /^(?:calle falsa|calle ejemplo|avenida ejemplo|ejemplo|empresa ejemplo)\b/i,
  /^(?:nom de (?:votre|l.)(?: )?(?:entreprise|soci[eé]t[eé])|votre (?:entreprise|soci[eé]t[eé]|ville|adresse)|exemple|rue exemple|ville exemple)$/i,
  /^(?:la tua azienda|nome azienda|via esempio(?:,? \d{1,4})?|azienda esempio)$/i,
  /^(?:uw bedrijf|jouw bedrijf|(?:uw |jouw )?bedrijfsnaam)$/i,
  /^(?:sua empresa|nome da (?:sua )?empresa|rua exemplo|cidade exemplo)$/i,
  /^(?:twoja firma|nazwa firmy|przykładowa(?: firma)?)$/i,
  /^(?:ditt företag|företagsnamn|din virksomhed|firmanavn|yrityksen nimi|název firmy)$/i,
  /^(?:(?:the |my )?(?:company|business) name|site title|my (?:business|company)|acme (?:inc|corp)\.?)$/i,
  /^(?:just another [\w ]{3,30} site|this is a sample (?:description|text)|dolor sit amet\b.*|[-–—_.?*]+)$/i,
  // “None” and “Nan” are towns.
  /^(?:NaN|none|Array)$/,
  /^(x{3,}|tbd|todo|n\/a|null|undefined|test|testing|street address|address line 1)$/i,
  /^(?:\d{1,3},? )?(?:rue|avenue) (?:de l.)?exemple$|^rua exemplo(?:, ?\d+)?$|^örnek (?:sokak|cadde|mahalle)/i,
  /^(?:firma ad[ıi]|şirket ad[ıi]|numele (?:firmei|companiei)|naziv (?:tvrtke|firme|podjetja)|cégnév|názov firmy|ettevõtte nimi|uzņēmuma nosaukums|įmonės pavadinimas|tên công ty|nama perusahaan|nama syarikat)$/i,
  /^(?:회사명|업체명|상호명|公司名称|公司名稱|企业名称|店铺名称|ชื่อบริษัท|ชื่อร้าน|название (?:компании|организации)|назва компанії|име на фирмата|назив фирме|επωνυμία (?:επιχείρησης|εταιρείας)|όνομα εταιρείας|اسم الشركة|نام شرکت|שם החברה|שם העסק)$/i,
];

/** More words are a sentence. */
const FEW = 7;

/** Whether a text was left over from a template. */
function isPlaceholder(text: string): boolean {
  const written = text.trim();
  const is = (patterns: readonly RegExp[]): boolean => patterns.some((pattern) => pattern.test(written));
  return (
    holdsTag(written) ||
    is(UNMISTAKABLE) ||
    is(ALONE) ||
    (written.split(/\s+/).length <= FEW && is(AMONG_FEW))
  );
}

/** Addresses that forms and templates come with. Those of RFC 2606 are nobody's, and stand in examples on purpose. */
const PLACEHOLDER_MAIL = [
  /@(?:(?:your|deine|ihre|votre)-?(?:domain|domaine|company|firma|entreprise|business|site|website|shop|email)|(?:my|tu|su|sua|uw)-?(?:domain|site|dominio|domein|empresa|bedrijf)|muster(?:mann|firma|domain))\.[a-z]{2,6}$/i,
  /^(?:you|your|(?:your|ihre|deine|votre|tu|uw)[._-]?(?:name|e?mail|correo)|name|e?mail|ihre|deine|votre|tu|su|uw|someone|user|test|max\.?mustermann|john\.?doe)@(?:domain|company|test|e?mail|website|firma|correo|courriel|example)\.[a-z]{2,6}$/i,
  /^(?:your|ihre|deine|votre)[._-]?(?:name|e-?mail|address|adresse)@/i,
];

/** A fault where an email address was left over from a template. */
export const judgePlaceholderMail = (email: string): readonly Fault[] =>
  email.length < 200 && PLACEHOLDER_MAIL.some((pattern) => pattern.test(email.trim()))
    ? [fault('value/placeholder', `“${email.trim()}” looks left over from a template.`)]
    : [];

/** What programs write where they have no value, as a part of an address. */
const NO_VALUE =
  /^https?:\/\/[^?#]*\/(?:undefined|null|NaN|\[object%20Object\]|\[object Object\])(?:[/?#.]|$)/;

/** A fault where a value of any kind was never filled in: a tag of a template, an address with “undefined” in it. */
export function judgeUnfilled(text: string): readonly Fault[] {
  const written = text.trim().slice(0, 2000);
  if (!holdsTag(written) && !NO_VALUE.test(written)) return [];
  return [fault('value/placeholder', `“${written.slice(0, 60)}” was never filled in by its template.`)];
}

/**
 * A fault where a text was left over from a template. `property` is the property (schema.org) of a business or its
 * address that it is the value of; undefined for a text of anything else, which may say “Add your business”.
 */
export function judgeText(text: string, property?: string): readonly Fault[] {
  const written = text.slice(0, 2000);
  const isLeft = isPlaceholder(written) || (property !== undefined && isTemplateText(text, property));
  if (!isLeft) return [];
  return [fault('value/placeholder', `“${written.slice(0, 60)}” looks left over from a template.`)];
}
