import type { Holder } from '#core/item';
import { escapeHtml } from '#core/text';

/** A text as the value of an attribute, in the quotes that stand there; one without quotes gets them. */
export const attributeText = (text: string, holder: Holder): string =>
  holder === 'attribute' ? `"${escapeHtml(text)}"` : escapeHtml(text);
