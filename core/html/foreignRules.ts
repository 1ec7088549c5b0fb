import { breaksOutOfForeign, Flag } from './tags.ts';
import { TokenKind } from './tokenizer.ts';
import type { Rule, TreeBuilder } from './treeBuilder.ts';

/** Content in SVG and MathML (HTML Living Standard, 13.2.6.5). */
export const foreign: Rule = (b, token) => {
  switch (token.kind) {
    case TokenKind.text:
      b.insertText();
      if (/[^\t\n\f\r \0]/.test(token.text)) b.framesetOk = false;
      return;
    case TokenKind.comment:
      b.insertComment();
      return;
    case TokenKind.startTag: {
      const { color, face, size } = token.attributes;
      const breaks =
        breaksOutOfForeign.has(token.name) ||
        (token.name === 'font' && (color ?? face ?? size) !== undefined);
      if (breaks) leave(b);
      else b.insertForeign(b.open.top.name.startsWith('svg') ? 'svg' : 'math');
      return;
    }
    case TokenKind.endTag:
      if (token.name === 'br' || token.name === 'p') leave(b);
      else endTag(b);
      return;
    default: // neither a document type nor the end comes here
  }
};

function leave(b: TreeBuilder): void {
  const { open, token } = b;
  while (open.top.flags & Flag.foreign && !(open.top.flags & (Flag.htmlPoint | Flag.mathTextPoint)))
    open.pop(token.start);
  b.processInMode();
}

function endTag(b: TreeBuilder): void {
  const { open, token } = b;
  for (let at = open.items.length - 1; at > 0; at -= 1) {
    const node = open.items[at];
    if (!node) return;
    if (!(node.flags & Flag.foreign)) {
      b.processInMode();
      return;
    }
    if (node.name.slice(node.name.indexOf(':') + 1) === token.name) {
      while (open.top !== node) open.pop(token.start);
      open.pop(token.start, token.end);
      return;
    }
  }
}
