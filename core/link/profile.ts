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

/** Paths that share a page, count its visitors or ask to sign in: what stands in the code of a button, and nobody's profile. */
const OF_A_BUTTON =
  /^\/(?:sharer?\.php|sharer(?:\/|$)|share-?article|intent\/|dialog\/|pin\/create|plugins\/|log-?in(?:[./]|$)|sign-?in(?:[./]|$)|tr\/?$)/i;
/** What stands before the name of a profile. Alone it leads to none. */
const OF_NOBODY =
  /^\/(?:channel|company|in|pages?|pg|users?|c|profiles?|profile\.php|people|groups|biz|maps|place|places|showcase)\/*$/i;
/** The name that a template comes with. */
const TEMPLATE_NAME =
  /\/@?(?:(?:your|ihre?|deine?|votre|tu|su|sua|uw|jouw)[-_.]?(?:page|company|business|brand|profiles?|name|handle|user|username|channel|account|shop|store|site|link|url|id|facebook|instagram|twitter|youtube|linkedin|firma|seite|profil|unternehmen|entreprise|empresa|negocio|pagina|bedrijf)(?:[-_.]?(?:url|page|link|name|handle|profile|here|id))*|(?:user|company|business|profile|page)[-_]?name)\/*$/i;
/** Networks that are no more, with the year in which they ended. */
const ENDED = new Map([
  ['plus.google.com', '2019'],
  ['vine.co', '2017'],
]);

/** Why an address is no profile of a business, whatever the business; undefined for one that may be. */
function noProfile({ hostname, pathname, search, hash }: URL): string | undefined {
  const ended = ENDED.get(hostname);
  if (ended) return `is of a network that ended in ${ended}. Take it out.`;
  if (/^\/(?:maps\/)?search\b/.test(pathname) && (search || /search\/./.test(pathname)))
    return 'is a search, whose results change. Write the whole address of the profile.';
  if (OF_A_BUTTON.test(pathname))
    return 'is what a button does, and no profile. Write the whole address of the profile.';
  return OF_NOBODY.test(pathname) && !search && hash.length < 2
    ? 'stops before the name of the profile. Write its whole address.'
    : undefined;
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
  if (TEMPLATE_NAME.test(url.pathname))
    return [fault('value/placeholder', `“${text.trim()}” looks left over from a template.`)];
  const own = siteOf(site);
  const why = noProfile(url);
  if (own && own === siteOf(text)) {
    found.push(
      fault(
        isOneOfSeveral ? 'value/profile-site' : 'value/profile',
        `“${text.trim()}” is the business’s own site. sameAs is for its profiles elsewhere; its site is the page address.`,
      ),
    );
  } else if (why) {
    found.push(fault('value/profile', `“${text.trim()}” ${why}`));
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
