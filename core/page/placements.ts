import { selectElements, type HtmlDocument, type Spot } from '#core/html';
import { markedForms } from '#core/markup';
import { counted } from '#core/text';
import type { WovenSyntax } from '#core/weaving';

/** Markup that is woven into the page's own text, by its syntax. */
export const wovenSyntaxOf = { woven: 'microdata', 'woven-rdfa': 'rdfa' } as const satisfies Readonly<
  Record<string, WovenSyntax>
>;
export type WovenForm = keyof typeof wovenSyntaxOf;

/** Everything that can be put on a page: the forms that stand between marks, or markup woven into the page's own text. */
export const placedForms = [...markedForms, 'woven', 'woven-rdfa'] as const;
export type PlacedForm = (typeof placedForms)[number];

export const isWovenForm = (form: PlacedForm): form is WovenForm => form in wovenSyntaxOf;

/** Where markup can stand on a page without an element being named. */
const placements = ['head', 'body-begin', 'body-end'] as const;
/** Where it can stand at an element that a CSS selector chooses: `after:#footer`. */
const sides = ['before', 'after', 'inside'] as const;
export type Placement = (typeof placements)[number] | `${(typeof sides)[number]}:${string}`;

/**
 * Where each form stands unless told otherwise. The NAP block is for visitors, so never in the head; what is woven stands
 * where the text is.
 */
export const usualPlacement: Readonly<Record<PlacedForm, Placement>> = {
  jsonld: 'head',
  graph: 'head',
  microdata: 'body-end',
  rdfa: 'body-end',
  block: 'body-end',
  card: 'body-end',
  hours: 'body-end',
  organization: 'head',
  branches: 'body-end',
  woven: 'body-end',
  'woven-rdfa': 'body-end',
};

/** A placement as it is typed; undefined where it is none. */
export function readPlacement(typed: string): Placement | undefined {
  const text = typed.trim();
  const plain = placements.find((one) => one === text);
  if (plain) return plain;
  const [, side, selector = ''] = /^(before|after|inside):\s*(\S[\s\S]*)$/.exec(text) ?? [];
  const at = sides.find((one) => one === side);
  return at && selector ? `${at}:${selector}` : undefined;
}

type Found = { readonly ok: true; readonly spot: Spot } | { readonly ok: false; readonly message: string };

/** Elements that have no inside, or whose inside is text alone (HTML Living Standard, 13.1.2 "Elements"). */
const NO_INSIDE = new Set(
  'area base br col embed hr img input link meta source track wbr script style textarea title iframe noscript select option'.split(
    ' ',
  ),
);

/** The spot of a page that a placement names. A selector that finds no element, or several, gives a message. */
export function findSpot(document: HtmlDocument, at: Placement): Found {
  const plain = placements.find((one) => one === at);
  if (plain) return { ok: true, spot: { at: plain } };
  const [side, selector] = [at.slice(0, at.indexOf(':')), at.slice(at.indexOf(':') + 1)];
  const chosen = selectElements(document, selector);
  if (!chosen.ok) return chosen;
  const [element] = chosen.elements;
  if (!element)
    return { ok: false, message: `No element of this page is “${selector}”. Nothing was changed.` };
  if (chosen.elements.length > 1)
    return {
      ok: false,
      message: `${counted(chosen.elements.length, 'element')} of this page are “${selector}”; one has to be chosen. Nothing was changed.`,
    };
  const which = sides.find((one) => one === side) ?? 'after';
  if (which === 'inside' && NO_INSIDE.has(element.name.replace(/^(?:svg|math):/, '')))
    return { ok: false, message: `Nothing can stand inside <${element.name}>. Nothing was changed.` };
  return { ok: true, spot: { at: which, element } };
}
