import { html } from '@codemirror/lang-html';
import { json } from '@codemirror/lang-json';
import { syntaxHighlighting, HighlightStyle } from '@codemirror/language';
import { MergeView } from '@codemirror/merge';
import { EditorState } from '@codemirror/state';
import { EditorView, lineNumbers } from '@codemirror/view';
import { tags } from '@lezer/highlight';
import { useEffect, useRef } from 'react';
import { colour, mono } from '../theme.ts';

const highlight = HighlightStyle.define([
  { tag: [tags.tagName, tags.propertyName], color: colour.plum },
  { tag: [tags.attributeName], color: '#3d5a66' },
  { tag: [tags.string, tags.attributeValue], color: '#2f5a3a' },
  { tag: [tags.number, tags.bool, tags.null], color: '#7a4a12' },
  { tag: tags.comment, color: colour.middle, fontStyle: 'italic' },
]);

/** The look of code everywhere, for the editor and the difference alike. */
export const codeLook = [
  syntaxHighlighting(highlight),
  EditorView.theme({
    '&': { height: '100%', fontSize: '13px', backgroundColor: '#fff' },
    '.cm-scroller': { fontFamily: mono, lineHeight: '1.5' },
    '.cm-gutters': {
      backgroundColor: colour.paper,
      color: colour.middle,
      borderRight: `1px solid ${colour.light}`,
    },
    '.cm-activeLine, .cm-activeLineGutter': { backgroundColor: '#f3f1f3' },
    '&.cm-focused': { outline: 'none' },
    '.cm-placeholder': { color: colour.middle },
    '&.cm-merge-a .cm-changedText, &.cm-merge-a .cm-deletedChunk .cm-deletedText': {
      background: colour.removed,
    },
    '&.cm-merge-b .cm-changedText': { background: 'none' },
    '&.cm-merge-a .cm-changedLine': { backgroundColor: colour.removed },
    '&.cm-merge-b .cm-changedLine': { backgroundColor: colour.added },
    '&.cm-merge-a .cm-changedLineGutter': { background: colour.plum },
    '&.cm-merge-b .cm-changedLineGutter': { background: colour.dark },
    '.cm-collapsedLines:before, .cm-collapsedLines:after': { content: '""' },
    '.cm-collapsedLines': { background: colour.light, color: colour.middle, padding: '2px 12px' },
  }),
];

export const language = (source: string) => (/^\s*[[{]/.test(source) ? json() : html());

/** Two texts beside each other with their differences, neither to be changed. */
export function DifferencePane({ before, after, label }: { before: string; after: string; label: string }) {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!place.current) return;
    const extensions = [
      lineNumbers(),
      ...codeLook,
      language(before),
      EditorState.readOnly.of(true),
      EditorView.editable.of(false),
      EditorView.lineWrapping,
      EditorView.contentAttributes.of({ 'aria-label': label, tabindex: '0' }),
    ];
    const view = new MergeView({
      a: { doc: before, extensions },
      b: { doc: after, extensions },
      parent: place.current,
      collapseUnchanged: { margin: 3, minSize: 6 },
      gutter: true,
    });
    for (const side of [view.a, view.b]) side.scrollDOM.tabIndex = 0;
    return () => view.destroy();
  }, [before, after, label]);
  return <div ref={place} style={{ flex: 1, minHeight: 0, overflow: 'auto' }} />;
}
