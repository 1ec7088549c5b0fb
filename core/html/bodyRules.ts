import { adoptionAgency } from './adoption.ts';
import type { GrowingElement } from './document.ts';
import { endTemplate, headElement } from './headElements.ts';
import { Flag } from './tags.ts';
import { joinedAttributes, TokenKind, type Tokenizer } from './tokenizer.ts';
import type { Rule } from './treeBuilder.ts';

/** The insertion mode "in body" (HTML Living Standard, 13.2.6.4.7). */
export const inBody: Rule = (b, token) => {
  switch (token.kind) {
    case TokenKind.text:
      if (token.text === '' || (token.hasNulls && !/[^\0]/.test(token.text))) return;
      b.reopenFormatting();
      b.insertText();
      if (b.framesetOk && /[^\t\n\f\r \0]/.test(token.text)) b.framesetOk = false;
      return;
    case TokenKind.startTag:
      (starts.get(token.name) ?? ordinary)(b, token);
      return;
    case TokenKind.endTag:
      (ends.get(token.name) ?? anyOtherEnd)(b, token);
      return;
    case TokenKind.comment:
      b.insertComment();
      return;
    case TokenKind.end:
      if (b.templateModes.length > 0) b.using('inTemplate');
      else b.ended = true;
      return;
    default: // a document type means nothing here
  }
};

const ordinary: Rule = (b) => {
  b.reopenFormatting();
  b.insert();
};

const passOver: Rule = () => undefined;

const block: Rule = (b) => {
  b.closeOpenParagraph();
  b.insert();
};

const head: Rule = (b, token) => headElement(b, token);

const html: Rule = (b, token) => {
  if (b.open.find('template')) return;
  const element = b.open.items[1];
  if (element) addAttributes(element, token);
};

const body: Rule = (b, token) => {
  const element = b.open.items[2];
  if (element?.name !== 'body' || b.open.find('template')) return;
  b.framesetOk = false;
  addAttributes(element, token);
};

/** A second `html` or `body` gives its attributes to the first, where that has none of the name. */
function addAttributes(element: GrowingElement, { attributes: more }: Tokenizer): void {
  element.attributes = joinedAttributes(element.attributes, more);
}

const frameset: Rule = (b, token) => {
  const [root, page, element] = b.open.items;
  if (!b.framesetOk || !root || !page || element?.name !== 'body') return;
  page.remove(element);
  b.unlist(element);
  while (b.open.items.length > 2) b.open.pop(token.start);
  b.insert();
  b.setMode('inFrameset');
};

const heading: Rule = (b, token) => {
  b.closeOpenParagraph();
  if (b.open.top.flags & Flag.heading) b.open.pop(token.start);
  b.insert();
};

const pre: Rule = (b, token) => {
  b.closeOpenParagraph();
  b.insert();
  token.skipLineBreak();
  b.framesetOk = false;
};

const form: Rule = (b) => {
  const inTemplate = b.open.find('template') !== undefined;
  if (b.form && !inTemplate) return;
  b.closeOpenParagraph();
  const element = b.insert();
  if (!inTemplate) b.form = element;
};

/** `li`, `dd` and `dt` end the one before them. */
const listItem =
  (...names: readonly string[]): Rule =>
  (b, token) => {
    b.framesetOk = false;
    const { items } = b.open;
    for (let at = items.length - 1; at > 0; at -= 1) {
      const node = items[at];
      if (!node) break;
      if (names.includes(node.name)) {
        b.open.popImplied(token.start, node.name);
        b.open.popUntil(node.name, token.start, token.start);
        break;
      }
      if (node.flags & Flag.special && !['address', 'div', 'p'].includes(node.name)) break;
    }
    b.closeOpenParagraph();
    b.insert();
  };

const plaintext: Rule = (b, token) => {
  b.closeOpenParagraph();
  b.insert();
  token.readContentAs('plaintext', 'plaintext');
};

const button: Rule = (b, token) => {
  if (b.open.inScope('button')) {
    b.open.popImplied(token.start);
    b.open.popUntil('button', token.start, token.start);
  }
  b.reopenFormatting();
  b.insert();
  b.framesetOk = false;
};

const anchor: Rule = (b) => {
  const { formatting } = b;
  for (let at = formatting.length - 1; at >= 0; at -= 1) {
    const entry = formatting[at];
    if (!entry) break;
    if (entry.name !== 'a') continue;
    adoptionAgency(b, 'a');
    const still = formatting.indexOf(entry);
    if (still >= 0) formatting.splice(still, 1);
    b.open.remove(entry, b.token.start);
    break;
  }
  formattingElement(b, b.token);
};

const formattingElement: Rule = (b) => {
  b.reopenFormatting();
  b.pushFormatting(b.insert());
};

const nobr: Rule = (b) => {
  b.reopenFormatting();
  if (b.open.inScope('nobr')) {
    adoptionAgency(b, 'nobr');
    b.reopenFormatting();
  }
  b.pushFormatting(b.insert());
};

const embedded: Rule = (b) => {
  b.reopenFormatting();
  b.insert();
  b.formatting.push(null);
  b.framesetOk = false;
};

const table: Rule = (b) => {
  if (!b.quirks) b.closeOpenParagraph();
  b.insert();
  b.framesetOk = false;
  b.setMode('inTable');
};

const voidElement: Rule = (b) => {
  b.reopenFormatting();
  b.insertVoid();
  b.framesetOk = false;
};

const input: Rule = (b, token) => {
  if (b.open.inScope('select')) b.open.popUntil('select', token.start, token.start);
  b.reopenFormatting();
  b.insertVoid();
  if ((token.attributes['type'] ?? '').toLowerCase() !== 'hidden') b.framesetOk = false;
};

const source: Rule = (b) => b.insertVoid();

const rule: Rule = (b) => {
  b.closeOpenParagraph();
  if (b.open.inScope('select')) b.open.popImplied(b.token.start);
  b.insertVoid();
  b.framesetOk = false;
};

const image: Rule = (b, token) => {
  token.name = 'img';
  voidElement(b, token);
};

const textarea: Rule = (b) => {
  b.framesetOk = false;
  b.insertTextElement('rcdata');
};

const xmp: Rule = (b) => {
  b.closeOpenParagraph();
  b.reopenFormatting();
  b.framesetOk = false;
  b.insertTextElement('rawtext');
};

const iframe: Rule = (b) => {
  b.framesetOk = false;
  b.insertTextElement('rawtext');
};

const rawtext: Rule = (b) => b.insertTextElement('rawtext');

const select: Rule = (b, token) => {
  if (b.open.inScope('select')) {
    b.open.popUntil('select', token.start, token.start);
    return;
  }
  b.reopenFormatting();
  b.insert();
  b.framesetOk = false;
};

const option: Rule = (b, token) => {
  if (b.open.inScope('select')) b.open.popImplied(token.start, token.name === 'option' ? 'optgroup' : '');
  else if (b.open.top.name === 'option') b.open.pop(token.start);
  b.reopenFormatting();
  b.insert();
};

/** `rb` and `rtc`, and `rp` and `rt` with what they may stand in. */
const ruby =
  (except: string): Rule =>
  (b, token) => {
    if (b.open.inScope('ruby')) b.open.popImplied(token.start, except);
    b.insert();
  };

const foreign =
  (space: 'svg' | 'math'): Rule =>
  (b) => {
    b.reopenFormatting();
    b.insertForeign(space);
  };

const starts = new Map<string, Rule>();
const give = (into: Map<string, Rule>, names: string, to: Rule): void => {
  for (const name of names.split(' ')) into.set(name, to);
};
give(
  starts,
  'address article aside blockquote center details dialog dir div dl fieldset figcaption figure footer header hgroup main menu nav ol p search section summary ul',
  block,
);
give(starts, 'base basefont bgsound link meta noframes script style template title', head);
give(starts, 'html', html);
give(starts, 'body', body);
give(starts, 'frameset', frameset);
give(starts, 'h1 h2 h3 h4 h5 h6', heading);
give(starts, 'pre listing', pre);
give(starts, 'form', form);
give(starts, 'li', listItem('li'));
give(starts, 'dd dt', listItem('dd', 'dt'));
give(starts, 'plaintext', plaintext);
give(starts, 'button', button);
give(starts, 'a', anchor);
give(starts, 'b big code em font i s small strike strong tt u', formattingElement);
give(starts, 'nobr', nobr);
give(starts, 'applet marquee object', embedded);
give(starts, 'table', table);
give(starts, 'area br embed img keygen wbr', voidElement);
give(starts, 'input', input);
give(starts, 'param source track', source);
give(starts, 'hr', rule);
give(starts, 'image', image);
give(starts, 'textarea', textarea);
give(starts, 'xmp', xmp);
give(starts, 'iframe', iframe);
give(starts, 'noembed noscript', rawtext);
give(starts, 'select', select);
give(starts, 'option optgroup', option);
give(starts, 'rb rtc', ruby(''));
give(starts, 'rp rt', ruby('rtc'));
give(starts, 'math', foreign('math'));
give(starts, 'svg', foreign('svg'));
give(starts, 'caption col colgroup frame head tbody td tfoot th thead tr', passOver);

const endBody: Rule = (b, token) => {
  if (!b.open.inScope('body')) return;
  b.markEnd('body');
  if (token.name === 'html') b.reprocessIn('afterBody');
  else b.setMode('afterBody');
};

const endBlock: Rule = (b, token) => {
  if (!b.open.inScope(token.name)) return;
  b.open.popImplied(token.start);
  b.closeWithEndTag();
};

const endForm: Rule = (b, token) => {
  if (b.open.find('template')) {
    endBlock(b, token);
    return;
  }
  const node = b.form;
  b.form = undefined;
  if (!node || !node.isOpen || !b.open.inScope('form')) return;
  b.open.popImplied(token.start);
  if (b.open.top === node) b.open.pop(token.start, token.end);
  else b.open.remove(node, token.start);
};

const endParagraph: Rule = (b, token) => {
  if (!b.open.inButtonScope('p')) b.imply('p');
  b.open.popImplied(token.start, 'p');
  b.closeWithEndTag();
};

const endListItem: Rule = (b, token) => {
  if (!b.open.inListItemScope('li')) return;
  b.open.popImplied(token.start, 'li');
  b.closeWithEndTag();
};

const endDefinition: Rule = (b, token) => {
  if (!b.open.inScope(token.name)) return;
  b.open.popImplied(token.start, token.name);
  b.closeWithEndTag();
};

const endHeading: Rule = (b, token) => {
  const { open } = b;
  if (!open.headingInScope()) return;
  open.popImplied(token.start);
  while (!(open.top.flags & Flag.heading)) open.pop(token.start);
  open.pop(token.start, token.end);
};

const endFormatting: Rule = (b, token) => {
  if (!adoptionAgency(b, token.name)) anyOtherEnd(b, token);
};

const endEmbedded: Rule = (b, token) => {
  if (!b.open.inScope(token.name)) return;
  b.open.popImplied(token.start);
  b.closeWithEndTag();
  b.clearFormatting();
};

/** `</br>` is read as `<br>`. */
const endBreak: Rule = (b) => {
  b.reopenFormatting();
  b.imply('br');
  b.open.pop(b.token.start);
  b.framesetOk = false;
};

const anyOtherEnd: Rule = (b, token) => {
  const { items } = b.open;
  for (let at = items.length - 1; at > 0; at -= 1) {
    const node = items[at];
    if (!node) return;
    if (node.name === token.name) {
      b.open.popImplied(token.start, token.name);
      while (b.open.top !== node) b.open.pop(token.start);
      b.open.pop(token.start, token.end);
      return;
    }
    if (node.flags & Flag.special) return;
  }
};

const ends = new Map<string, Rule>();
give(ends, 'body html', endBody);
give(
  ends,
  'address article aside blockquote button center details dialog dir div dl fieldset figcaption figure footer header hgroup listing main menu nav ol pre search section select summary ul',
  endBlock,
);
give(ends, 'form', endForm);
give(ends, 'p', endParagraph);
give(ends, 'li', endListItem);
give(ends, 'dd dt', endDefinition);
give(ends, 'h1 h2 h3 h4 h5 h6', endHeading);
give(ends, 'a b big code em font i nobr s small strike strong tt u', endFormatting);
give(ends, 'applet marquee object', endEmbedded);
give(ends, 'br', endBreak);
give(ends, 'template', endTemplate);
