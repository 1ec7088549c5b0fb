import type { Telephone } from './phone.ts';

/** The address that begins a text message to a number (RFC 5724), with the text it begins with. */
export const messagingAddress = ({ e164 }: Pick<Telephone, 'e164'>, text = ''): string =>
  `sms:${e164}${text.trim() ? `?body=${encodeURIComponent(text.trim())}` : ''}`;
