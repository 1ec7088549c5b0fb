import { fault } from '#core/fault';
import { attributeSpan, type HtmlDocument, type HtmlElement } from '#core/html';
import { nearestName, typeNamed } from '#core/vocabulary';
import type { JsonFault } from './jsonFault.ts';

const HOST = ['schema.org'];
const ADDRESS = /^(?:(https?):)?\/{0,3}(?:www\.)?([^/#?\s]+)([/#].*)?$/i;

/**
 * Addresses of `itemtype`, `typeof` and `vocab` that are nearly those of schema.org: to a machine they are of another
 * vocabulary. Names are put right behind that of a `vocab`, which therefore ends in a slash (RDFa Core 1.1, 7.4.3).
 */
export const nearlySchemaOrg = ({ marked, source }: HtmlDocument): readonly JsonFault[] =>
  marked.flatMap((element) => {
    if (element.inert) return [];
    const { itemtype, typeof: types, vocab, prefix = '' } = element.attributes;
    return [
      ...ofTypes(source, element, 'itemtype', itemtype),
      ...ofTypes(source, element, 'typeof', types),
      ...(vocab === undefined ? [] : ofVocabulary(source, element, 'vocab', vocab.trim())),
      ...[...prefix.matchAll(/[^\s:]+:\s+(\S+)/g)].flatMap(([, written = '']) =>
        ofVocabulary(source, element, 'prefix', written),
      ),
    ];
  });

/** The type that an address names which is nearly one of schema.org; undefined for every other. */
export function nearlyType(address: string): string | undefined {
  if (/^https?:\/\/(?:www\.)?schema\.org\/[^/#]*$/.test(address)) return undefined;
  const [, scheme, host = '', path = ''] = ADDRESS.exec(address) ?? [];
  const name = path.split(/[/#]/).findLast(Boolean) ?? '';
  return scheme && isNear(host) && typeNamed(name) ? name : undefined;
}

/** The type that an address of schema.org names. */
const wholeType = (address: string): string | undefined => {
  const name = /^https?:\/\/(?:www\.)?schema\.org\/([^/#]+)$/.exec(address)?.[1];
  return name && typeNamed(name) ? name : undefined;
};

const isNear = (host: string): boolean => nearestName(host.toLowerCase(), HOST) !== undefined;

function ofTypes(
  source: string,
  element: HtmlElement,
  attribute: string,
  written = '',
): readonly JsonFault[] {
  return written.split(/[ \t\r\n\f]+/).flatMap((type) => {
    // Several with commas between them are one address to a machine.
    const several = type.split(/[,;]+/).filter(Boolean);
    const names = several.map((one) => nearlyType(one) ?? wholeType(one));
    if (several.length > 1 && names.every(Boolean)) {
      const meant = names.map((name) => `https://schema.org/${name ?? ''}`).join(' ');
      return [strange(source, element, { attribute, written: type, meant })];
    }
    const name = nearlyType(type);
    if (!name) return [];
    return [strange(source, element, { attribute, written: type, meant: `https://schema.org/${name}` })];
  });
}

function ofVocabulary(
  source: string,
  element: HtmlElement,
  attribute: 'vocab' | 'prefix',
  written: string,
): readonly JsonFault[] {
  if (/^https?:\/\/(?:www\.)?schema\.org\/$/.test(written)) return [];
  const [, , host = '', path = ''] = ADDRESS.exec(written) ?? [];
  // A type behind it makes every name one of that type's: "https://schema.org/LocalBusiness/name".
  const isType = typeNamed(path.replace(/^\/|\/$/g, '')) !== undefined;
  const isEmpty = /^[/#]*$/.test(path);
  if (!isNear(host) || (!isEmpty && !isType)) return [];
  return [strange(source, element, { attribute, written, meant: 'https://schema.org/' })];
}

function strange(
  source: string,
  element: HtmlElement,
  { attribute, written, meant }: { attribute: string; written: string; meant: string },
): JsonFault {
  const span = attributeSpan(source, element, attribute);
  const within = span ? source.slice(span.start, span.end).indexOf(written) : -1;
  const start = span && within >= 0 ? span.start + within : element.start;
  const end = span && within >= 0 ? start + written.length : element.contentStart;
  const isOfNames = /^(?:vocab|prefix)$/.test(attribute);
  const why =
    isOfNames && /schema\.org$/i.test(written)
      ? 'has no slash at its end, and a machine puts names right behind it'
      : isOfNames && /schema\.org\/\w/i.test(written)
        ? 'has a type in it, and a machine puts names right behind it'
        : 'is not schema.org to a machine';
  return {
    ...fault('syntax/wrong-context', `${attribute}="${written}" ${why}. Write ${meant}.`),
    start,
    end,
    edits: span && within >= 0 ? [{ start, end, text: span.quote ? meant : `"${meant}"` }] : null,
  };
}
