import { endTemplate, headElement } from './headElements.ts';
import { quirksPublicIds } from './tags.ts';
import { TokenKind, type Tokenizer } from './tokenizer.ts';
import type { Rule, TreeBuilder } from './treeBuilder.ts';

/** The insertion modes round head and body (HTML Living Standard, 13.2.6.4.1 to .6 and .19 to .23). */

const initial: Rule = (b, token) => {
  if (token.kind === TokenKind.comment) b.insertComment();
  else if (token.kind === TokenKind.doctype) {
    b.quirks = isQuirky(token.text);
    b.setMode('beforeHtml');
  } else if (token.kind !== TokenKind.text || b.takeLeadingSpace(false)) {
    b.quirks = true;
    b.reprocessIn('beforeHtml');
  }
};

/** Whether a document type puts a browser into quirks mode (13.2.6.4.1). */
function isQuirky(doctype: string): boolean {
  const [, name = '', rest = ''] = /^\s*(\S*)\s*([\s\S]*)$/.exec(doctype) ?? [];
  if (name.toLowerCase() !== 'html') return true;
  const [, kind = '', , first = '', behind = ''] =
    /^(public|system)\s*(["'])([\s\S]*?)\2([\s\S]*)$/i.exec(rest) ?? [];
  if (!kind) return /\S/.test(rest);
  const second = /^\s*(["'])[\s\S]*?\1/.exec(behind)?.[0];
  if (kind.toLowerCase() === 'public' && second === undefined && /\S/.test(behind)) return true;
  if (kind.toLowerCase() === 'system')
    return first === 'http://www.ibm.com/data/dtd/v11/ibmxhtml1-transitional.dtd';
  const id = first.toLowerCase();
  if (['-//w3o//dtd w3 html strict 3.0//en//', '-/w3c/dtd html 4.0 transitional/en', 'html'].includes(id))
    return true;
  if (quirksPublicIds.some((start) => id.startsWith(start))) return true;
  return (
    second === undefined &&
    (id.startsWith('-//w3c//dtd html 4.01 frameset//') ||
      id.startsWith('-//w3c//dtd html 4.01 transitional//'))
  );
}

const ENDS_PASSED = new Set(['head', 'body', 'html', 'br']);

const beforeHtml: Rule = (b, token) => {
  if (token.kind === TokenKind.comment) b.insertComment();
  else if (token.kind === TokenKind.doctype) return;
  else if (token.kind === TokenKind.startTag && token.name === 'html') {
    b.insert();
    b.setMode('beforeHead');
  } else if (token.kind === TokenKind.endTag && !ENDS_PASSED.has(token.name)) return;
  else if (token.kind !== TokenKind.text || b.takeLeadingSpace(false)) {
    b.imply('html');
    b.reprocessIn('beforeHead');
  }
};

const beforeHead: Rule = (b, token) => {
  if (token.kind === TokenKind.comment) b.insertComment();
  else if (token.kind === TokenKind.doctype) return;
  else if (token.kind === TokenKind.startTag && token.name === 'html') b.using('inBody');
  else if (token.kind === TokenKind.startTag && token.name === 'head') {
    b.head = b.insert();
    b.setMode('inHead');
  } else if (token.kind === TokenKind.endTag && !ENDS_PASSED.has(token.name)) return;
  else if (token.kind !== TokenKind.text || b.takeLeadingSpace(false)) {
    b.head = b.imply('head');
    b.reprocessIn('inHead');
  }
};

const inHead: Rule = (b, token) => {
  if (token.kind === TokenKind.comment) b.insertComment();
  else if (token.kind === TokenKind.doctype) return;
  else if (token.kind === TokenKind.text) {
    if (b.takeLeadingSpace(true)) leaveHead(b);
  } else if (token.kind === TokenKind.startTag) {
    if (token.name === 'html') b.using('inBody');
    else if (token.name !== 'head' && !headElement(b, token)) leaveHead(b);
  } else if (token.kind === TokenKind.endTag && token.name === 'head') {
    b.open.pop(token.start, token.end);
    b.setMode('afterHead');
  } else if (token.kind === TokenKind.endTag && token.name === 'template') endTemplate(b);
  else if (token.kind !== TokenKind.endTag || ENDS_PASSED.has(token.name)) leaveHead(b);
};

function leaveHead(b: TreeBuilder): void {
  b.open.pop(b.token.start);
  b.reprocessIn('afterHead');
}

const HEAD_ONLY = new Set('base basefont bgsound link meta noframes script style template title'.split(' '));

const afterHead: Rule = (b, token) => {
  if (token.kind === TokenKind.comment) b.insertComment();
  else if (token.kind === TokenKind.doctype) return;
  else if (token.kind === TokenKind.text) {
    if (b.takeLeadingSpace(true)) implyBody(b);
  } else if (token.kind === TokenKind.startTag) afterHeadStart(b, token);
  else if (token.kind === TokenKind.endTag && token.name === 'template') endTemplate(b);
  else if (token.kind !== TokenKind.endTag || (ENDS_PASSED.has(token.name) && token.name !== 'head'))
    implyBody(b);
};

function afterHeadStart(b: TreeBuilder, token: Tokenizer): void {
  if (token.name === 'html') b.using('inBody');
  else if (token.name === 'body') {
    b.insert();
    b.framesetOk = false;
    b.setMode('inBody');
  } else if (token.name === 'frameset') {
    b.insert();
    b.setMode('inFrameset');
  } else if (HEAD_ONLY.has(token.name) && b.head) {
    const { head, open } = b;
    open.push(head);
    headElement(b, token);
    const at = open.items.lastIndexOf(head);
    if (at > 0) open.items.splice(at, 1);
    open.top = open.items[open.items.length - 1] ?? open.top;
  } else if (token.name !== 'head') implyBody(b);
}

function implyBody(b: TreeBuilder): void {
  b.imply('body');
  b.reprocessIn('inBody');
}

const afterBody: Rule = (b, token) => {
  if (token.kind === TokenKind.comment) b.insertComment();
  else if (token.kind === TokenKind.doctype) return;
  else if (token.kind === TokenKind.end) b.ended = true;
  else if (token.kind === TokenKind.text && !/[^\t\n\f\r ]/.test(token.text)) b.using('inBody');
  else if (token.kind === TokenKind.startTag && token.name === 'html') b.using('inBody');
  else if (token.kind === TokenKind.endTag && token.name === 'html') {
    b.markEnd('html');
    b.setMode('afterAfterBody');
  } else b.reprocessIn('inBody');
};

const afterAfterBody: Rule = (b, token) => {
  if (token.kind === TokenKind.endTag && token.name === 'html') b.reprocessIn('inBody');
  else b.using('afterBody');
};

const inFrameset: Rule = (b, token) => {
  const { open } = b;
  if (token.kind === TokenKind.comment) b.insertComment();
  else if (token.kind === TokenKind.end) b.ended = true;
  else if (token.kind === TokenKind.text) {
    const space = token.text.replace(/[^\t\n\f\r ]+/g, '');
    if (space) b.insertText(space);
  } else if (token.kind === TokenKind.startTag) {
    if (token.name === 'html') b.using('inBody');
    else if (token.name === 'frameset') b.insert();
    else if (token.name === 'frame') b.insertVoid();
    else if (token.name === 'noframes') b.insertTextElement('rawtext');
  } else if (token.kind === TokenKind.endTag && token.name === 'frameset' && open.top.name !== 'html') {
    open.pop(token.start, token.end);
    if (open.top.name !== 'frameset') b.setMode('afterFrameset');
  }
};

const afterFrameset: Rule = (b, token) => {
  if (token.kind === TokenKind.startTag && token.name !== 'html' && token.name !== 'noframes') return;
  if (token.kind === TokenKind.endTag) return;
  b.using('inFrameset');
};

/** The rules of these modes by their names. */
export const pageRules = {
  initial,
  beforeHtml,
  beforeHead,
  inHead,
  afterHead,
  afterBody,
  afterAfterBody,
  inFrameset,
  afterFrameset,
};
