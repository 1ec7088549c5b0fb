import { fault, type Fault } from '#core/fault';

/** Whether a text is one email address (the form of input type=email, HTML Living Standard 4.10.5.1.5), with a dot in its domain. */
export const isEmail = (text: string): boolean =>
  text.length <= 254 &&
  /^[\w.!#$%&'*+/=?^`{|}~-]{1,64}@[a-z\d](?:[a-z\d-]{0,61}[a-z\d])?(?:\.[a-z\d](?:[a-z\d-]{0,61}[a-z\d])?)+$/i.test(
    text,
  );

/** The fault of an email address that cannot be written to. */
export function judgeEmail(text: string): readonly Fault[] {
  const written = text.trim();
  if (!written || isEmail(written.replace(/^mailto:/i, ''))) return [];
  return [
    fault('value/email', `“${written}” is not an email address. Write it like desk@larkspurvane.example.`),
  ];
}
