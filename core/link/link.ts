import { fault, type Fault } from '#core/fault';
import { escapePattern, remember } from '#core/text';
import { endMeant } from './slips.ts';

/** Hosts of private networks (RFC 1918, RFC 6762, RFC 8375) and of the machine itself. */
const HERE_ALONE =
  /^(?:127|10)\.\d+\.\d+\.\d+$|^192\.168\.\d+\.\d+$|^172\.(?:1[6-9]|2\d|3[01])\.\d+\.\d+$|^169\.254\.\d+\.\d+$|\.(?:local|localhost|localdomain|internal|lan|home\.arpa)$/;

/** Hosts that templates come with. Those of RFC 2606 are nobody's, and stand in examples on purpose. */
const TEMPLATE_HOST =
  /^(?:www\.)?(?:your-?(?:domain|site|website|company|business|shop|store)|(?:deine|ihre)-?(?:domain|firma|website)|votre-?(?:domaine|site|entreprise)|(?:tu|su)-?(?:dominio|empresa|sitio)|(?:my|mein)-?(?:domain|website)|domain|yoursitehere|sitename)\.(?:com|net|org|de|fr|es|it|co\.uk|tld)$/;

/** Hosts on which sites are made before visitors know them. */
const STAGING_HOST = /^(?:www\.)?(?:staging|stage|stg|dev|uat|preprod|preview)\d?\./;

/** Paths and queries of whoever writes a page: its sign-in, its editor, what is not published yet. */
const OF_EDITORS =
  /^\/(?:[^?]*\/)?(?:wp-admin|wp-login\.php|administrator)(?:\/|\?|$)|[?&]preview(?:_id|_nonce)?=/i;

/** Whether a host is one that names can lead to (RFC 1123, 2.1, with the low line of some), or the number of one. */
const isHost = (host: string): boolean =>
  /^(?:[a-z\d_](?:[a-z\d_-]*[a-z\d_])?\.)+[a-z\d-]+\.?$/.test(host) || /^\[[\da-f:.]+\]$/.test(host);

/** Faults of an address that machines must be able to fetch: absolute, http or https (URL Standard). */
export function judgeUrl(text: string): readonly Fault[] {
  const written = text.trim();
  if (!written) return [];
  if (!/^https?:/i.test(written)) {
    if (/^[a-z][a-z0-9+.-]*:/i.test(written) && !/^[\w.-]+:\d/.test(written))
      return [
        fault('value/url', `“${written}” is not an address of the web. It should begin with https://.`),
      ];
    const guess =
      /^[\w-]+(\.[\w-]+)+(\/|$)/.test(written) &&
      !/\.(jpe?g|png|webp|gif|svg|html?|php|pdf|docx?)$/i.test(written)
        ? ` Did you mean https://${written}?`
        : '';
    return [
      fault(
        'value/url-relative',
        `“${written}” is not a whole address. A machine needs all of it, beginning with https://.${guess}`,
      ),
    ];
  }
  const url = parseUrl(written);
  if (!url || /\s/.test(written) || !/^https?:\/\//i.test(written) || !isHost(url.hostname))
    return [fault('value/url', `“${written}” is not a web address that can be fetched.`)];
  const meant = endMeant(url.hostname);
  if (meant)
    return [
      fault(
        'value/url',
        `“${written}” leads nowhere: there is no ${url.hostname}. Did you mean ${written.replace(new RegExp(escapePattern(url.hostname), 'i'), meant)}?`,
      ),
    ];
  if (HERE_ALONE.test(url.hostname))
    return [
      fault('value/url', `“${written}” is reached from inside its own network alone, and by no visitor.`),
    ];
  if (TEMPLATE_HOST.test(url.hostname))
    return [fault('value/placeholder', `“${written}” looks left over from a template.`)];
  if (STAGING_HOST.test(url.hostname))
    return [
      fault(
        'value/url-staging',
        `“${written}” seems to be of a site under construction. Give the address that visitors know.`,
      ),
    ];
  if (OF_EDITORS.test(url.pathname + url.search))
    return [
      fault(
        'value/url-staging',
        `“${written}” is what an editor of the page sees. Give the address that visitors know.`,
      ),
    ];
  if (url.protocol === 'http:')
    return [
      fault('value/url-insecure', `“${written}” is http. Where the site answers on https, write that.`),
    ];
  return [];
}

/** The text as a URL, or undefined where it is none. */
export function parseUrl(text: string, base?: string): URL | undefined {
  // Parsed once: asking whether it can be would parse it twice.
  try {
    return new URL(text, base);
  } catch {
    return undefined;
  }
}

/** The host of an address without `www.`; '' for what is no address. */
export const siteOf = (address: string): string =>
  parseUrl(address.trim())?.hostname.replace(/^www\./, '') ?? '';

/** An address without what two spellings of it differ in: scheme, `www.`, capitals of the host, a last slash. */
export const foldUrl = remember((text) => {
  const url = parseUrl(text.trim());
  if (!url) return text.trim().toLowerCase();
  return `${url.hostname.replace(/^www\./, '')}${url.port ? `:${url.port}` : ''}${withCapitalHex(url.pathname.replace(/\/$/, '') + url.search + url.hash)}`;
});

/** Percent-encoding is the same in capitals and without (RFC 3986, 6.2.2.1). */
export const withCapitalHex = (address: string): string =>
  address.replace(/%[\da-f]{2}/gi, (hex) => hex.toUpperCase());

/** The schemes that visitors may be led by: pages, calls, mail, text messages and maps. Nothing that runs or holds content. */
const LED_BY: ReadonlySet<string> = new Set(['http:', 'https:', 'tel:', 'mailto:', 'sms:', 'geo:']);

/**
 * Whether an address may become a link. It is read as a browser reads it, which passes over control characters
 * and line breaks (URL Standard, 4.4), so that none of them hides a `javascript:` or `data:`. An address that is
 * relative leads where its page does; one that cannot be read is none.
 */
export function isLink(address: string): boolean {
  const url = parseUrl(address, 'https://relative.invalid/');
  return url !== undefined && LED_BY.has(url.protocol);
}
