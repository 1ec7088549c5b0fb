import { fault, type Fault } from '#core/fault';
import { mailHostMeant } from './slips.ts';

/**
 * Whether a text is one email address: the form of input type=email (HTML Living Standard, 4.10.5.1.5) with a dot in its
 * domain, and letters of every script before and behind the @ (RFC 6531).
 */
export const isEmail = (text: string): boolean =>
  text.length <= 254 &&
  /^[\p{L}\p{M}\p{N}_.!#$%&'*+/=?^`{|}~-]{1,64}@[\p{L}\p{N}](?:[\p{L}\p{M}\p{N}-]{0,61}[\p{L}\p{M}\p{N}])?(?:\.[\p{L}\p{N}](?:[\p{L}\p{M}\p{N}-]{0,61}[\p{L}\p{M}\p{N}])?)+$/u.test(
    text,
  );

/** The fault of an email address that cannot be written to, or has a slip in its domain. */
export function judgeEmail(text: string): readonly Fault[] {
  const written = text.trim();
  const bare = written.replace(/^mailto:/i, '');
  const meant = isEmail(bare) ? withoutSlip(bare) : '';
  if (meant)
    return [
      fault(
        'value/email-form',
        `“${bare}” has a slip in its domain, where nobody reads mail. Did you mean ${meant}?`,
      ),
    ];
  if (!written || isEmail(bare)) return [];
  return [
    fault('value/email', `“${written}” is not an email address. Write it like desk@larkspurvane.example.`),
  ];
}

/** "desk@gmial.com" as it was meant; '' where there is no such slip. */
export function withoutSlip(email: string): string {
  const [, local = '', host = ''] = /^([^@]+@)([^@]+)$/.exec(email) ?? [];
  const meant = mailHostMeant(host);
  return meant && local + meant;
}

/** The most characters of an address before and behind its @ (RFC 5321, 4.5.3.1). */
const LOCAL_PART = 64;
const DOMAIN = 255;

/** The email addresses that stand in a text, each with its offset. Only what stands round an @ is looked at. */
export function emailsIn(text: string): readonly { readonly 0: string; readonly index: number }[] {
  const found: { 0: string; index: number }[] = [];
  let from = 0;
  for (let at = text.indexOf('@'); at >= 0; at = text.indexOf('@', at + 1)) {
    const [local] = /[\w\p{Script=Latin}.+-]+$/u.exec(text.slice(Math.max(from, at - LOCAL_PART), at)) ?? [];
    const [domain] =
      /^[\w\p{Script=Latin}-]+(?:\.[\w\p{Script=Latin}-]+)+/u.exec(text.slice(at + 1, at + 1 + DOMAIN)) ?? [];
    if (!local || !domain) continue;
    found.push({ 0: `${local}@${domain}`, index: at - local.length });
    from = at + 1 + domain.length;
  }
  return found;
}
