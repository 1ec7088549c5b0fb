import { fault, type Fault } from '#core/fault';

/** Texts that templates come with. A value that holds one was never filled in. */
const placeholders: readonly RegExp[] = [
  /\byour (business|company|shop|store|practice) name\b/i,
  /\b(business|company) name here\b/i,
  /\b123 (example|main|any|fake) (street|st)\b/i,
  /\blorem ipsum\b/i,
  /\b(any|your) ?(town|city)\b/i,
  /\byour (address|street|phone|description)\b/i,
  /\binsert .{1,30} here\b/i,
  /^(?:mr |mrs |dr )?(?:john|jane) doe$/i,
  /^\[[^\]]+\]$/,
  /^\{\{[^}]+\}\}$/,
  /\b(?:musterstra(?:ss|ß)e|musterstadt|musterfirma|mustermann|max muster)\b/i,
  /\b(?:ihr(?:e)? (?:firma|firmenname|unternehmen|adresse|name)|firmenname hier)\b/i,
  /^(?:tu|su|nombre de (?:tu|su|la)) (?:empresa|negocio|tienda|calle|ciudad)$/i,
  /^(?:calle falsa|calle ejemplo|avenida ejemplo|ejemplo|empresa ejemplo)\b/i,
  /^(?:nom de (?:votre|l.)(?: )?(?:entreprise|soci[eé]t[eé])|votre (?:entreprise|soci[eé]t[eé]|ville|adresse)|exemple|rue exemple|ville exemple)$/i,
  /\b(?:la tua azienda|nome azienda|via esempio|azienda esempio)\b/i,
  /\b(?:uw bedrijf|jouw bedrijf|bedrijfsnaam|voorbeeldstraat|voorbeeldstad)\b/i,
  /^(?:sua empresa|nome da (?:sua )?empresa|rua exemplo|cidade exemplo)$/i,
  /\b(?:twoja firma|nazwa firmy|przykładowa)\b/i,
  /\b(?:ditt företag|företagsnamn|exempelgatan|din virksomhed|firmanavn|eksempelvej|yrityksen nimi|esimerkkikatu|název firmy)\b/i,
  /^(?:会社名|店舗名|サンプル|株式会社サンプル|〇〇|○○)/,
  /\b(?:company name|business name|site title|my (?:business|company)|acme (?:inc|corp))$/i,
  /^(x{3,}|tbd|todo|n\/a|null|undefined|test|testing|street address|address line 1)$/i,
  /^(?:\d{1,3},? )?(?:rue|avenue) (?:de l.)?exemple$|^rua exemplo(?:, ?\d+)?$|^örnek (?:sokak|cadde|mahalle)/i,
  /^(?:firma ad[ıi]|şirket ad[ıi]|numele (?:firmei|companiei)|naziv (?:tvrtke|firme|podjetja)|cégnév|názov firmy|ettevõtte nimi|uzņēmuma nosaukums|įmonės pavadinimas|tên công ty|nama perusahaan|nama syarikat)$/i,
  /^(?:회사명|업체명|상호명|公司名称|公司名稱|企业名称|店铺名称|ชื่อบริษัท|ชื่อร้าน|название (?:компании|организации)|назва компанії|име на фирмата|назив фирме|επωνυμία (?:επιχείρησης|εταιρείας)|όνομα εταιρείας|اسم الشركة|نام شرکت|שם החברה|שם העסק)$/i,
];

/** Addresses that forms and templates come with. Those of RFC 2606 are nobody's, and stand in examples on purpose. */
const PLACEHOLDER_MAIL =
  /@(?:(?:your|deine|ihre|votre)-?(?:domain|domaine|company|firma|entreprise|business|site|website|shop|email)|(?:my|tu|su|sua|uw)-?(?:domain|dominio|domein|empresa|bedrijf)|muster(?:mann|firma|domain))\.[a-z]{2,6}$|^(?:you|your-?(?:name|email)|name|email|someone|user|test|max\.?mustermann|john\.?doe)@(?:domain|company|test|mail|email|website|firma)\.[a-z]{2,6}$/i;

/** A fault where an email address was left over from a template. */
export const judgePlaceholderMail = (email: string): readonly Fault[] =>
  email.length < 200 && PLACEHOLDER_MAIL.test(email.trim())
    ? [fault('value/placeholder', `“${email.trim()}” looks left over from a template.`)]
    : [];

/** A fault where a text was left over from a template. */
export function judgeText(text: string): readonly Fault[] {
  const written = text.slice(0, 2000);
  if (!placeholders.some((pattern) => pattern.test(written))) return [];
  return [fault('value/placeholder', `“${written.slice(0, 60)}” looks left over from a template.`)];
}
