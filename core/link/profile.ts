import { fault, type Fault } from '#core/fault';
import { judgeUrl, parseUrl, siteOf } from './link.ts';

/** Parameters that count where visitors came from; the address means the same without them. */
const TRACKING = /^(utm_\w+|fbclid|gclid|dclid|msclkid|mc_[ce]id|igsh|igshid|ref|ref_src|trk|si|share_id)$/i;

/** The address without tracking parameters, with its scheme; the text itself where it is no address. */
export function normaliseProfile(text: string): string {
  const written = text.trim();
  const whole = /^[a-z][\w+.-]*:/i.test(written)
    ? written
    : /^[\w-]+(\.[\w-]+)+(\/\S*)?$/.test(written)
      ? `https://${written}`
      : '';
  const url = whole && parseUrl(whole);
  if (!url) return written;
  const tracked = [...url.searchParams.keys()].filter((key) => TRACKING.test(key));
  if (tracked.length === 0) return whole;
  for (const key of tracked) url.searchParams.delete(key);
  return url.href;
}

/** Whose profile an address is to be. */
interface Owner {
  /** A person or an organisation that is no place may name a site that says what it is, as schema.org has it. */
  readonly isPlace?: boolean;
  /** Whether others are named beside it: then the own site does no harm among them. */
  readonly isOneOfSeveral?: boolean;
}

/**
 * Faults of an address in sameAs: what every address may have, tracking parameters, a bare home page of another site
 * (no profile of anyone), the business's own site. `site` is the record's own page.
 */
export function judgeProfile(
  text: string,
  site = '',
  { isPlace = true, isOneOfSeveral = false }: Owner = {},
): readonly Fault[] {
  const faults = judgeUrl(text);
  if (faults.some(({ code }) => code !== 'value/url-insecure')) return faults;
  const url = parseUrl(text.trim());
  if (!url) return faults;
  const found = [...faults];
  const clean = normaliseProfile(text);
  if (clean !== text.trim())
    found.push(fault('value/url-tracking', `“${text.trim()}” carries tracking parameters. Write ${clean}.`));
  const own = siteOf(site);
  if (own && own === siteOf(text)) {
    found.push(
      fault(
        isOneOfSeveral ? 'value/profile-site' : 'value/profile',
        `“${text.trim()}” is the business’s own site. sameAs is for its profiles elsewhere; its site is the page address.`,
      ),
    );
  } else if (/^\/(?:maps\/)?search\b/.test(url.pathname) && (url.search || /search\/./.test(url.pathname))) {
    found.push(
      fault(
        'value/profile',
        `“${text.trim()}” is a search, whose results change. Write the whole address of the profile.`,
      ),
    );
  } else if (/^\/*$/.test(url.pathname) && !url.search) {
    found.push(
      isPlace
        ? fault(
            'value/profile',
            `“${text.trim()}” is the home page of ${url.hostname}, not a profile of this business. Write the whole address of the profile.`,
          )
        : fault(
            'value/profile-site',
            `“${text.trim()}” is the home page of ${url.hostname}. Where that is not this one’s own site, write the whole address of the profile there.`,
          ),
    );
  }
  return found;
}
