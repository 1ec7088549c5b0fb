import { textContent, type HtmlDocument, type HtmlElement } from '#core/html';

/** Markup where machines do not look, with its place in the source. */
export interface Aside {
  readonly within: 'comment' | 'template' | 'noscript' | 'frame';
  readonly start: number;
  readonly end: number;
}

const MARKUP = /<script\b[^>]*\bld\+json|<[a-z][^>]*\sitemscope\b|<[a-z][^>]*\stypeof\s*=/i;

/** Markup that stands in comments, templates, noscript and frames: comments first, each in the order of the source. */
export function asidesOf({ comments, elements }: HtmlDocument): readonly Aside[] {
  const inComments = comments.filter(({ text }) => MARKUP.test(text));
  return [
    ...inComments.map(({ start, end }): Aside => ({ within: 'comment', start, end })),
    ...elements.flatMap((element): Aside[] => {
      const within = withinOf(element);
      if (!within) return [];
      return [{ within, start: element.start, end: Math.max(element.end, element.contentStart) }];
    }),
  ];
}

function withinOf(element: HtmlElement): Aside['within'] | undefined {
  const { name, inert, attributes } = element;
  if (inert) return beginsMarkup(element) ? 'template' : undefined;
  if (name === 'noscript') return MARKUP.test(textContent(element)) ? 'noscript' : undefined;
  return name === 'iframe' && MARKUP.test(attributes['srcdoc'] ?? '') ? 'frame' : undefined;
}

const beginsMarkup = ({ name, attributes, parent }: HtmlElement): boolean =>
  (name === 'script' && /ld\+json/i.test(attributes['type'] ?? '')) ||
  (attributes['itemscope'] !== undefined &&
    parent?.attributes['itemscope'] === undefined &&
    attributes['itemprop'] === undefined);
