import type { ReadItem, ReadProperty, Reading } from '#core/reading';
import { jsonString } from '#core/text';
import { belongsTo, nearestName, propertyNamed, propertyNames, typeNamed, typeNames } from '#core/vocabulary';
import { finding, type Finding } from './finding.ts';

/** Family `vocabulary`: names schema.org does not have, or has somewhere else. */
export function judgeVocabulary({ items }: Reading): readonly Finding[] {
  const found: Finding[] = [];
  const seen = new Set<ReadItem>();
  const visit = (item: ReadItem): void => {
    if (seen.has(item)) return;
    seen.add(item);
    found.push(...judgeTypes(item));
    for (const property of item.properties) {
      const one = judgeProperty(item, property);
      if (one) found.push(one);
      if (property.value.kind === 'item') visit(property.value.item);
    }
  };
  for (const item of items) visit(item);
  return found;
}

/** A whole address or a prefixed name belongs to another vocabulary, which is not ours to judge. */
const isForeign = (name: string): boolean => /[:/]/.test(name) || name.startsWith('@');

function judgeTypes(item: ReadItem): readonly Finding[] {
  return item.types.flatMap((type) => {
    if (isForeign(type)) return [];
    const known = typeNamed(type);
    if (!known) {
      const near = nearestName(type, typeNames);
      const capitals = near?.toLowerCase() === type.toLowerCase();
      const message = capitals
        ? `schema.org writes it “${near}”; “${type}” is unknown to a machine.`
        : `schema.org has no type “${type}”.${near ? ` Did you mean ${near}?` : ''}`;
      return [
        finding(
          capitals ? 'vocabulary/capitals' : 'vocabulary/unknown-type',
          message,
          item.typePlace,
          '@type',
        ),
      ];
    }
    if (known.supersededBy)
      return [
        finding(
          'vocabulary/superseded',
          `${type} has been superseded by ${known.supersededBy}.`,
          item.typePlace,
          '@type',
        ),
      ];
    if (type === 'ProfessionalService')
      return [
        finding(
          'vocabulary/discouraged',
          'schema.org discourages ProfessionalService, because it is confused with Service. Take the trade’s own type where one exists.',
          item.typePlace,
          '@type',
        ),
      ];
    return [];
  });
}

function judgeProperty(item: ReadItem, { name, namePlace }: ReadProperty): Finding | undefined {
  if (isForeign(name)) return undefined;
  const known = propertyNamed(name);
  const rename = (to: string): { start: number; end: number; text: string }[] | null =>
    item.syntax === 'jsonld' ? [{ start: namePlace.start, end: namePlace.end, text: jsonString(to) }] : null;
  if (!known) {
    const near = nearestName(name, propertyNames);
    if (near && near.toLowerCase() === name.toLowerCase())
      return finding(
        'vocabulary/capitals',
        `schema.org writes it “${near}”; “${name}” is unknown to a machine.`,
        namePlace,
        name,
        rename(near),
      );
    return finding(
      'vocabulary/unknown-property',
      `schema.org has no property “${name}”, so a machine passes it over.${near ? ` Did you mean ${near}?` : ''}`,
      namePlace,
      name,
    );
  }
  if (known.supersededBy)
    return finding(
      'vocabulary/superseded',
      `${name} has been superseded by ${known.supersededBy}.`,
      namePlace,
      name,
    );
  const types = item.types.filter((type) => !isForeign(type));
  if (types.length > 0 && !belongsTo(known, types)) {
    return finding(
      'vocabulary/not-of-type',
      `${name} does not belong to ${types.join(' or ')}; it belongs to ${known.domains.slice(0, 4).join(', ')}.`,
      namePlace,
      name,
    );
  }
  return undefined;
}
