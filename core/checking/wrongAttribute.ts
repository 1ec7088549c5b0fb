import { finding, type Finding } from '#core/fault';
import { attributeNames, tokensOf, type HtmlElement } from '#core/html';
import type { Reading } from '#core/reading';
import { table } from '#core/text';

/** The attribute that holds the value of an element in microdata (HTML Living Standard, 5.2.4), and others that people take for it. */
const HOLDS = table<{ readonly right: string; readonly others: readonly string[] }>({
  meta: { right: 'content', others: ['value', 'text', 'href', 'src', 'datetime'] },
  link: { right: 'href', others: ['content', 'src', 'value', 'url'] },
  img: { right: 'src', others: ['content', 'href', 'data'] },
  time: { right: 'datetime', others: ['content', 'value', 'date'] },
  data: { right: 'value', others: ['content', 'data'] },
  meter: { right: 'value', others: ['content'] },
});

/** Where an element says its value in the wrong attribute: that one, and the right one; undefined where it does not. */
export function wrongAttribute({
  name,
  attributes,
}: HtmlElement): { readonly wrong: string; readonly right: string } | undefined {
  const { right = '', others = [] } = HOLDS[name] ?? {};
  if (right === '' || attributes[right] !== undefined) return undefined;
  const wrong = others.find((one) => (attributes[one] ?? '').trim() !== '');
  return wrong === undefined ? undefined : { wrong, right };
}

/** A value in another attribute than the one where machines look on that element. */
export function judgeWrongAttributes({ document, source, lines }: Reading): readonly Finding[] {
  return (document?.marked ?? []).flatMap((element: HtmlElement): readonly Finding[] => {
    const { name, attributes, inert, start, end } = element;
    const [property] = tokensOf(attributes['itemprop'] ?? '');
    const held = inert || !property || 'itemscope' in attributes ? undefined : wrongAttribute(element);
    const at = held && attributeNames(source, element).find((one) => one.name === held.wrong)?.start;
    if (!held || !property || at === undefined) return [];
    const { wrong, right } = held;
    return [
      finding(
        'structure/content-ignored',
        `${wrong}="${attributes[wrong] ?? ''}" stands on a ${name} element, of which a machine reads ${right} alone. Write ${right}.`,
        lines.place(start, end),
        property,
        { edits: [{ start: at, end: at + wrong.length, text: right }] },
      ),
    ];
  });
}
