import {
  attributeNames,
  behindTagName,
  isWritten,
  readDocument,
  type HtmlDocument,
  type HtmlElement,
} from '#core/html';
import { applyEdits, type Edit } from '#core/text';

/**
 * What is woven into a page carries this attribute, so that it can be taken out again byte for byte: behind the
 * attributes that an element of the page was given, on a wrapper of ours whose content stays, or on an element that is
 * ours altogether.
 */
const MARK = 'data-zinc-post';
const marked = (as: 'woven' | 'wrapper' | 'element'): string => ` ${MARK}="${as}"`;

/** Collects what is woven into a source, and puts it in its order. */
export class Insertions {
  readonly #attributes = new Map<HtmlElement, string>();
  readonly #insertions: { readonly at: number; readonly rank: number; readonly text: string }[] = [];

  /** Gives an element of the page attributes, written as ` name="value"`. */
  attributes(element: HtmlElement, written: string): void {
    this.#attributes.set(element, (this.#attributes.get(element) ?? '') + written);
  }

  /** Puts an element round a stretch of the source; of several round the same, `depth` 0 is the outermost, 2 a part inside. */
  wrap({ start, end }: { start: number; end: number }, name: string, written: string, depth: number): void {
    this.#insertions.push(
      { at: start, rank: 100 + depth, text: `<${name}${written}${marked('wrapper')}>` },
      { at: end, rank: -depth, text: `</${name}>` },
    );
  }

  /** Puts an element that nobody sees behind what ends at an offset: also behind its wrapper, or inside that. */
  hide(at: number, written: string, html: string, isInside = false): void {
    this.#insertions.push({
      at,
      rank: isInside ? -1.5 : 50,
      text: `<span hidden${written}${marked('element')}>${html}</span>`,
    });
  }

  edits(source: string): readonly Edit[] {
    const given = [...this.#attributes].map(([element, written]) => ({
      at: behindTagName(source, element),
      rank: 0,
      text: written + marked('woven'),
    }));
    return [...given, ...this.#insertions]
      .sort((a, b) => a.at - b.at || a.rank - b.rank)
      .map(({ at, text }) => ({ start: at, end: at, text }));
  }
}

/** What is put before the names of attributes that somebody else's markup is silenced by. */
const SILENT = 'data-was-';
/** The attributes that make an item of HTML elements, by syntax. */
const MARKING: Readonly<Record<'microdata' | 'rdfa', ReadonlySet<string>>> = {
  microdata: new Set(['itemscope', 'itemtype', 'itemprop', 'itemid', 'itemref']),
  rdfa: new Set(['vocab', 'typeof', 'property', 'resource', 'prefix', 'about']),
};

/** The edits that silence the markup in some stretches of the source: its attributes get other names. */
export function silencing(
  document: HtmlDocument,
  stretches: readonly { readonly start: number; readonly end: number }[],
  syntax: 'microdata' | 'rdfa',
): readonly Edit[] {
  const isIn = (element: HtmlElement): boolean =>
    stretches.some(({ start, end }) => element.start >= start && element.start < end);
  return document.elements
    .filter((element) => isWritten(element) && isIn(element))
    .flatMap((element) => attributeNames(document.source, element))
    .flatMap((one) =>
      MARKING[syntax].has(one.name) ? [{ start: one.start, end: one.start, text: SILENT }] : [],
    );
}

/** The edits that give silenced attributes their names again. */
const sounding = (source: string, element: HtmlElement): readonly Edit[] =>
  attributeNames(source, element).flatMap(({ name, start }) =>
    Object.values(MARKING).some((names) => name.startsWith(SILENT) && names.has(name.slice(SILENT.length)))
      ? [{ start, end: start + SILENT.length, text: '' }]
      : [],
  );

const GIVEN =
  /^(?: (?:itemprop|itemscope|itemtype|itemid|itemref|id|vocab|typeof|property|resource|content)(?:="[^"]*")?)* data-zinc-post="woven"/;

/** The edits that take out what was woven into a page, parsed where somebody has done so; none where nothing was. */
export function unweaving(source: string, parsed?: HtmlDocument): readonly Edit[] {
  if (!source.includes(MARK)) return [];
  const document = parsed ?? readDocument(source);
  const seen = new Set<number>();
  const silenced = source.includes(SILENT)
    ? document.elements.filter(isWritten).flatMap((element) => sounding(source, element))
    : [];
  const taken = document.elements.flatMap((element): Edit[] => {
    const mark = element.attributes[MARK];
    // Misnested formatting makes two elements of one tag.
    if (mark === undefined || !isWritten(element) || seen.has(element.start)) return [];
    seen.add(element.start);
    const { start, contentStart, contentEnd, end } = element;
    if (mark === 'element') return [{ start, end, text: '' }];
    if (mark === 'wrapper')
      return [
        { start, end: contentStart, text: '' },
        { start: contentEnd, end, text: '' },
      ];
    const behind = behindTagName(source, element);
    const given = GIVEN.exec(source.slice(behind, contentStart))?.[0].length ?? 0;
    return given > 0 ? [{ start: behind, end: behind + given, text: '' }] : [];
  });
  return [...taken, ...silenced];
}

/** Whether something is woven into a page. */
export const isWoven = (source: string, parsed?: HtmlDocument): boolean =>
  unweaving(source, parsed).length > 0;

/** Whether an element of a page was marked as one that something is woven into, or is ours. */
export const isMarked = ({ attributes }: HtmlElement): boolean => attributes[MARK] !== undefined;

/** The page without what was woven into it. */
export const unweave = (source: string, parsed?: HtmlDocument): string =>
  applyEdits(source, unweaving(source, parsed));
