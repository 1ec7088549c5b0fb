import { lookup as lookUp, type LookupAddress } from 'node:dns';
import { Agent } from 'node:https';
import { isIP, type LookupFunction } from 'node:net';
import ipaddr from 'ipaddr.js';

/** All of IPv6 that is given out for global unicast (RFC 4291, 2.4; IANA). */
const GLOBAL_UNICAST = ipaddr.parseCIDR('2000::/3');
/** Of that what is set aside for something else and is not known by name to the library (IANA special-purpose registry). */
const SET_ASIDE = [
  '3fff::/20', // documentation, RFC 9637
  '2001::/23', // IETF protocol assignments: Teredo, ORCHID, benchmarking
  '2001:db8::/32', // documentation
  '2002::/16', // 6to4: leads to any IPv4 address
].map((range) => ipaddr.parseCIDR(range));

/**
 * Whether an IP address belongs to this machine, its network or another place that is not the public web: of
 * IPv4 everything in the special-purpose registries (RFC 6890), of IPv6 everything but global unicast.
 */
export function isClosedAddress(address: string): boolean {
  if (!ipaddr.isValid(address)) return true;
  const parsed = ipaddr.parse(address);
  if (parsed instanceof ipaddr.IPv4) return parsed.range() !== 'unicast' || isSpecialIpv4(parsed);
  // An IPv4 address in the guise of an IPv6 one is judged as what it is.
  if (parsed.isIPv4MappedAddress()) return isClosedAddress(parsed.toIPv4Address().toString());
  return (
    !parsed.match(GLOBAL_UNICAST) ||
    SET_ASIDE.some((range) => parsed.match(range)) ||
    parsed.range() !== 'unicast'
  );
}

/** What IPv4's registry sets aside beside what the library knows by name. */
const isSpecialIpv4 = (address: ipaddr.IPv4): boolean =>
  [
    '192.0.0.0/24',
    '192.88.99.0/24',
    '192.31.196.0/24',
    '192.52.193.0/24',
    '192.175.48.0/24',
    '198.18.0.0/15',
  ].some((range) => address.match(ipaddr.IPv4.parseCIDR(range)));

/** Refuses names that lead to closed addresses; the address that was looked at is the one that is connected to. */
export const guardedLookup: LookupFunction = (host, options, done) => {
  lookUp(host, { ...options, all: true }, (error, found) => {
    const addresses = found as LookupAddress[] | undefined;
    const open = addresses?.filter(({ address }) => !isClosedAddress(address)) ?? [];
    const [first] = open;
    if (error || !first || open.length !== addresses?.length)
      done(error ?? new Error('it leads into a closed network'), '', 4);
    else if (options.all) done(null, open);
    else done(null, first.address, first.family);
  });
};

/** Connects over TLS to public addresses only, whether a host is named or numbered. */
class GuardedAgent extends Agent {
  override createConnection(...words: Parameters<Agent['createConnection']>) {
    const [{ host }] = words;
    const number = (host ?? '').replace(/^\[|\]$/g, '');
    if (isIP(number) && isClosedAddress(number)) throw new Error('it leads into a closed network');
    return super.createConnection(...words);
  }
}

export const guardedAgent = (): Agent => new GuardedAgent({ lookup: guardedLookup, keepAlive: true });

/** The address that a name leads to, looked at; throws where it leads into a closed network. */
export const publicAddressOf = (host: string): Promise<string> =>
  new Promise((resolve, reject) => {
    if (isIP(host)) {
      if (isClosedAddress(host)) reject(new Error('it leads into a closed network'));
      else resolve(host);
      return;
    }
    guardedLookup(host, {}, (error, address) => {
      if (error) reject(error);
      else if (typeof address === 'string') resolve(address);
    });
  });
