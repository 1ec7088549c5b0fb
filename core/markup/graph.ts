import type { BusinessRecord } from '#core/record';
import { plainText } from '#core/text';
import { originsOf } from '#core/link';
import { linkValue, reference, textValue, type MarkupItem, type MarkupProperty } from '#core/item';
import { imageValue } from '#core/value';
import { businessItem } from './item.ts';
import { jsonLdChoicesOf } from './choices.ts';
import { besidesOf } from './kept.ts';

const property = (name: string, ...values: MarkupProperty['values']): MarkupProperty => ({
  name,
  facts: [],
  values,
});

/** The branch's own `@id`: as set, else its page's with a fragment, else a blank node's. */
export function branchId(record: BusinessRecord, at = 0): string {
  const [id, url] = [plainText(record.id), plainText(record.url)];
  return id || (url ? `${url.replace(/#.*$/, '')}#branch` : `_:branch${String(at || '')}`);
}

function organizationId({ parentOrganization }: BusinessRecord): string {
  const [id, url] = [plainText(parentOrganization.id), plainText(parentOrganization.url)];
  return (
    id ||
    (url
      ? `${url.replace(/#.*$/, '')}#organization`
      : plainText(parentOrganization.name)
        ? '_:organization'
        : '')
  );
}

/** The images with an `@id` each; one that stands there twice is two. */
function picturesOf(
  record: BusinessRecord,
): readonly { readonly image: BusinessRecord['image'][number]; readonly id: string }[] {
  const seen = new Map<string, number>();
  return record.image
    .filter(({ url }) => plainText(url))
    .map((image) => {
      const id = `${plainText(image.url).replace(/#.*$/, '')}#image`;
      const times = (seen.get(id) ?? 0) + 1;
      seen.set(id, times);
      return { image, id: times > 1 ? `${id}-${String(times)}` : id };
    });
}

/** Organisation, pages, branches and images as items that refer to each other by `@id`. */
export function graphItems(records: readonly BusinessRecord[]): readonly MarkupItem[] {
  const items = new Map<string, MarkupItem>();
  for (const [at, record] of records.entries()) {
    const id = branchId(record, at);
    const organization = organizationId(record);
    const choices = jsonLdChoicesOf(record);
    const { leftOut = [] } = choices;
    const business = businessItem(record, choices);
    const page = plainText(record.url).replace(/#.*$/, '');
    const pictures = picturesOf(record);
    const properties = business.properties.map((one): MarkupProperty => {
      if (one.asItCame) return one;
      if (one.name === 'image') return { ...one, values: pictures.map((picture) => reference(picture.id)) };
      if (one.name === 'parentOrganization' && organization) {
        const [value] = one.values;
        if (value?.kind === 'item' && !items.has(organization))
          items.set(organization, { ...value.item, id: organization });
        return { ...one, values: [reference(organization)] };
      }
      return one;
    });
    if (page)
      items.set(page, {
        types: ['WebPage'],
        id: page,
        properties: [property('url', linkValue(page)), property('about', reference(id))],
      });
    const contact = leftOut.includes('contactPage') ? '' : plainText(record.contactPage).replace(/#.*$/, '');
    if (contact && !items.has(contact))
      items.set(contact, {
        types: ['ContactPage'],
        id: contact,
        properties: [property('url', linkValue(contact)), property('about', reference(id))],
      });
    items.set(id, { ...business, id, properties });
    if (properties.some(({ name, asItCame }) => name === 'image' && !asItCame))
      for (const { image, id: imageId } of pictures) {
        const value = imageValue(image, ['image'], imageId);
        if (value.kind === 'item') items.set(imageId, value.item);
      }
  }
  // What several branches keep beside them is one node.
  for (const node of records.flatMap(besidesOf)) {
    const key = node.id || JSON.stringify(node);
    if (!items.has(key)) items.set(key, node);
  }
  return [...items.values()];
}

/** What all branches have in common, where no organisation above them is known: their name and the site. */
function commonTo(records: readonly BusinessRecord[]): readonly MarkupProperty[] {
  const names = new Set(records.map(({ name }) => plainText(name)));
  const origins = originsOf(records.map(({ url }) => plainText(url)));
  const [[name = ''], [origin = '']] = [[...names], origins];
  return [
    ...(names.size === 1 && name ? [property('name', textValue(name))] : []),
    ...(origins.length === 1 && origin ? [property('url', linkValue(`${origin}/`))] : []),
  ];
}

/** The parent organisation as a record describes it; undefined where it only names one that is described elsewhere. */
function parentOf(record: BusinessRecord): MarkupItem | undefined {
  const values = businessItem(record).properties.find(({ name }) => name === 'parentOrganization')?.values;
  return values?.flatMap((value) =>
    value.kind === 'item' && value.item.types.length > 0 ? [value.item] : [],
  )[0];
}

/**
 * The organisation of a client with its branches as `subOrganization`; departments stay inside their branch. With
 * `refers` the branches are named alone, by the `@id` under which each stands on its own page.
 */
export function organizationItem(records: readonly BusinessRecord[], refers = false): MarkupItem {
  const first = records.find((record) => organizationId(record)) ?? records[0];
  const own = first && (parentOf(first) ?? parentOf({ ...first, kept: [] }));
  const head: MarkupItem =
    first && own
      ? { ...own, id: organizationId(first) }
      : { types: ['Organization'], id: '', properties: refers ? commonTo(records) : [] };
  const branches = records.map((record, at): MarkupProperty['values'][number] => {
    const business = businessItem(record, jsonLdChoicesOf(record));
    const isTold = (name: string): boolean =>
      refers ? name === 'name' || name === 'url' : name !== 'parentOrganization';
    return {
      kind: 'item',
      item: {
        ...business,
        id: business.id || branchId(record, at),
        properties: business.properties.filter(({ name }) => isTold(name)),
      },
    };
  });
  return { ...head, properties: [...head.properties, property('subOrganization', ...branches)] };
}
