import { table } from '#core/text';
import { endTemplate, headElement } from './headElements.ts';
import { TokenKind, type Tokenizer } from './tokenizer.ts';
import type { Mode, Rule, TreeBuilder } from './treeBuilder.ts';

/** The insertion modes of tables and templates (HTML Living Standard, 13.2.6.4.9 to .18). */

const inTable: Rule = (b, token) => {
  if (token.kind === TokenKind.comment) b.insertComment();
  else if (token.kind === TokenKind.doctype) return;
  else if (token.kind === TokenKind.end) b.using('inBody');
  else if (token.kind === TokenKind.text) {
    if (/[^\t\n\f\r \0]/.test(token.text)) fostered(b);
    else b.insertText();
  } else if (token.kind === TokenKind.startTag) tableStart(b, token);
  else tableEnd(b, token);
};

/** "Anything else": what may not stand here goes in front of the table. */
function fostered(b: TreeBuilder): void {
  b.fosterParenting = true;
  b.using('inBody');
  b.fosterParenting = false;
}

function tableStart(b: TreeBuilder, token: Tokenizer): void {
  const { open } = b;
  switch (token.name) {
    case 'caption':
      open.clearBackTo(token.start, 'table');
      b.formatting.push(null);
      b.insert();
      b.setMode('inCaption');
      return;
    case 'colgroup':
      open.clearBackTo(token.start, 'table');
      b.insert();
      b.setMode('inColumnGroup');
      return;
    case 'col':
      open.clearBackTo(token.start, 'table');
      b.imply('colgroup');
      b.reprocessIn('inColumnGroup');
      return;
    case 'tbody':
    case 'tfoot':
    case 'thead':
      open.clearBackTo(token.start, 'table');
      b.insert();
      b.setMode('inTableBody');
      return;
    case 'td':
    case 'th':
    case 'tr':
      open.clearBackTo(token.start, 'table');
      b.imply('tbody');
      b.reprocessIn('inTableBody');
      return;
    case 'table':
      if (!open.inTableScope('table')) return;
      open.popUntil('table', token.start, token.start);
      b.resetMode();
      b.process();
      return;
    case 'style':
    case 'script':
    case 'template':
      headElement(b, token);
      return;
    case 'input':
      if ((token.attributes['type'] ?? '').toLowerCase() === 'hidden') b.insertVoid();
      else fostered(b);
      return;
    case 'form':
      if (open.find('template') || b.form) return;
      b.form = b.insert();
      open.pop(token.start);
      return;
    default:
      fostered(b);
  }
}

const STRAY_ENDS = new Set('body caption col colgroup html tbody td tfoot th thead tr'.split(' '));

function tableEnd(b: TreeBuilder, token: Tokenizer): void {
  if (token.name === 'table') {
    if (!b.open.inTableScope('table')) return;
    b.closeWithEndTag();
    b.resetMode();
  } else if (token.name === 'template') endTemplate(b);
  else if (!STRAY_ENDS.has(token.name)) fostered(b);
}

const isTag = (token: Tokenizer, kind: 'start' | 'end', ...names: readonly string[]): boolean =>
  token.kind === (kind === 'start' ? TokenKind.startTag : TokenKind.endTag) && names.includes(token.name);

const TABLE_PARTS = ['caption', 'col', 'colgroup', 'tbody', 'td', 'tfoot', 'th', 'thead', 'tr'];

const inCaption: Rule = (b, token) => {
  const ends = isTag(token, 'end', 'caption');
  if (ends || isTag(token, 'start', ...TABLE_PARTS) || isTag(token, 'end', 'table')) {
    if (!b.open.inTableScope('caption')) return;
    b.open.popImplied(token.start);
    b.open.popUntil('caption', token.start, ends ? token.end : token.start);
    b.clearFormatting();
    if (ends) b.setMode('inTable');
    else b.reprocessIn('inTable');
  } else if (!isTag(token, 'end', ...STRAY_ENDS)) b.using('inBody');
};

const inColumnGroup: Rule = (b, token) => {
  const { open } = b;
  if (token.kind === TokenKind.comment) b.insertComment();
  else if (token.kind === TokenKind.doctype) return;
  else if (token.kind === TokenKind.end || isTag(token, 'start', 'html')) b.using('inBody');
  else if (isTag(token, 'start', 'col')) b.insertVoid();
  else if (isTag(token, 'end', 'colgroup')) {
    if (open.top.name !== 'colgroup') return;
    open.pop(token.start, token.end);
    b.setMode('inTable');
  } else if (isTag(token, 'end', 'col')) return;
  else if (isTag(token, 'start', 'template')) headElement(b, token);
  else if (isTag(token, 'end', 'template')) endTemplate(b);
  else if (open.top.name !== 'colgroup') {
    // In a template: white space is kept, everything else is passed over.
    const space = token.kind === TokenKind.text ? token.text.replace(/[^\t\n\f\r ]+/g, '') : '';
    if (space) b.insertText(space);
  } else if (token.kind !== TokenKind.text || b.takeLeadingSpace(true)) {
    open.pop(token.start);
    b.reprocessIn('inTable');
  }
};

const inTableBody: Rule = (b, token) => {
  const { open } = b;
  if (isTag(token, 'start', 'tr')) {
    open.clearBackTo(token.start, 'tbody', 'tfoot', 'thead');
    b.insert();
    b.setMode('inRow');
  } else if (isTag(token, 'start', 'td', 'th')) {
    open.clearBackTo(token.start, 'tbody', 'tfoot', 'thead');
    b.imply('tr');
    b.reprocessIn('inRow');
  } else if (isTag(token, 'end', 'tbody', 'tfoot', 'thead')) {
    if (!open.inTableScope(token.name)) return;
    open.clearBackTo(token.start, 'tbody', 'tfoot', 'thead');
    open.pop(token.start, token.end);
    b.setMode('inTable');
  } else if (
    isTag(token, 'start', 'caption', 'col', 'colgroup', 'tbody', 'tfoot', 'thead') ||
    isTag(token, 'end', 'table')
  ) {
    if (!open.anyInTableScope('tbody', 'thead', 'tfoot')) return;
    open.clearBackTo(token.start, 'tbody', 'tfoot', 'thead');
    open.pop(token.start);
    b.reprocessIn('inTable');
  } else if (!isTag(token, 'end', 'body', 'caption', 'col', 'colgroup', 'html', 'td', 'th', 'tr'))
    b.using('inTable');
};

const inRow: Rule = (b, token) => {
  const { open } = b;
  if (isTag(token, 'start', 'td', 'th')) {
    open.clearBackTo(token.start, 'tr');
    b.insert();
    b.setMode('inCell');
    b.formatting.push(null);
  } else if (isTag(token, 'end', 'tr')) endRow(b, token.end);
  else if (
    isTag(token, 'start', 'caption', 'col', 'colgroup', 'tbody', 'tfoot', 'thead', 'tr') ||
    isTag(token, 'end', 'table')
  ) {
    if (endRow(b, token.start)) b.process();
  } else if (isTag(token, 'end', 'tbody', 'tfoot', 'thead')) {
    if (open.inTableScope(token.name) && endRow(b, token.start)) b.process();
  } else if (!isTag(token, 'end', 'body', 'caption', 'col', 'colgroup', 'html', 'td', 'th'))
    b.using('inTable');
};

function endRow(b: TreeBuilder, end: number): boolean {
  if (!b.open.inTableScope('tr')) return false;
  b.open.clearBackTo(b.token.start, 'tr');
  b.open.pop(b.token.start, end);
  b.setMode('inTableBody');
  return true;
}

const inCell: Rule = (b, token) => {
  const { open } = b;
  if (isTag(token, 'end', 'td', 'th')) {
    if (!open.inTableScope(token.name)) return;
    open.popImplied(token.start);
    b.closeWithEndTag();
    b.clearFormatting();
    b.setMode('inRow');
  } else if (isTag(token, 'start', ...TABLE_PARTS)) {
    if (open.anyInTableScope('td', 'th')) closeCell(b);
  } else if (isTag(token, 'end', 'table', 'tbody', 'tfoot', 'thead', 'tr')) {
    if (open.inTableScope(token.name)) closeCell(b);
  } else if (!isTag(token, 'end', 'body', 'caption', 'col', 'colgroup', 'html')) b.using('inBody');
};

function closeCell(b: TreeBuilder): void {
  const { open, token } = b;
  open.popImplied(token.start);
  while (open.items.length > 1) {
    const last = open.top.name === 'td' || open.top.name === 'th';
    open.pop(token.start);
    if (last) break;
  }
  b.clearFormatting();
  b.reprocessIn('inRow');
}

/** What a start tag inside a template says about what the template holds. */
const templateMode = table<Mode>({
  caption: 'inTable',
  colgroup: 'inTable',
  tbody: 'inTable',
  tfoot: 'inTable',
  thead: 'inTable',
  col: 'inColumnGroup',
  tr: 'inTableBody',
  td: 'inRow',
  th: 'inRow',
});

const inTemplate: Rule = (b, token) => {
  if (token.kind === TokenKind.end) {
    if (!b.open.find('template')) {
      b.ended = true;
      return;
    }
    b.open.popUntil('template', token.start, token.start);
    b.clearFormatting();
    b.templateModes.pop();
    b.resetMode();
    b.process();
  } else if (token.kind === TokenKind.endTag) {
    if (token.name === 'template') endTemplate(b);
  } else if (token.kind === TokenKind.startTag && !IN_HEAD.has(token.name)) {
    const mode = templateMode[token.name] ?? 'inBody';
    b.templateModes.pop();
    b.templateModes.push(mode);
    b.reprocessIn(mode);
  } else b.using('inBody');
};

const IN_HEAD = new Set('base basefont bgsound link meta noframes script style template title'.split(' '));

/** The rules of these modes by their names. */
export const tableRules = { inTable, inCaption, inColumnGroup, inTableBody, inRow, inCell, inTemplate };
