import type { Tokenizer } from './tokenizer.ts';
import type { TreeBuilder } from './treeBuilder.ts';

/** A start tag that belongs into a head; false for any other. */
export function headElement(b: TreeBuilder, token: Tokenizer): boolean {
  switch (token.name) {
    case 'base':
    case 'basefont':
    case 'bgsound':
    case 'link':
    case 'meta':
      b.insertVoid();
      return true;
    case 'title':
      b.insertTextElement('rcdata');
      return true;
    case 'noscript': // machines that run scripts read it as text
    case 'noframes':
    case 'style':
      b.insertTextElement('rawtext');
      return true;
    case 'script':
      b.insertTextElement('script');
      return true;
    case 'template':
      b.insert();
      b.formatting.push(null);
      b.framesetOk = false;
      b.setMode('inTemplate');
      b.templateModes.push('inTemplate');
      return true;
    default:
      return false;
  }
}

export function endTemplate(b: TreeBuilder): void {
  const { open, token } = b;
  if (!open.find('template')) return;
  open.popImpliedThoroughly(token.start);
  open.popUntil('template', token.start, token.end);
  b.clearFormatting();
  b.templateModes.pop();
  b.resetMode();
}
