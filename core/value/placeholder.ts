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
  /^(x{3,}|tbd|todo|n\/a|null|undefined)$/i,
];

/** A fault where a text was left over from a template. */
export function judgeText(text: string): readonly Fault[] {
  const written = text.slice(0, 2000);
  if (!placeholders.some((pattern) => pattern.test(written))) return [];
  return [fault('value/placeholder', `“${written.slice(0, 60)}” looks left over from a template.`)];
}
