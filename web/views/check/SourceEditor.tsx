import { defaultKeymap, history, historyKeymap, isolateHistory, undo } from '@codemirror/commands';
import { highlightSelectionMatches, search, searchKeymap } from '@codemirror/search';
import { EditorState, RangeSet, StateEffect, StateField } from '@codemirror/state';
import {
  Decoration,
  EditorView,
  gutter,
  GutterMarker,
  keymap,
  lineNumbers,
  placeholder,
  type DecorationSet,
} from '@codemirror/view';
import { useEffect, useImperativeHandle, useRef, type Ref } from 'react';
import type { Finding } from '#core/fault';
import type { Edit } from '#core/text';
import { codeLook, language } from '../../parts/CodePane.tsx';
import { colour } from '../../theme.ts';

/** What the view can ask of the editor. */
export interface EditorHandle {
  readonly show: (place: { readonly start: number; readonly end: number }) => void;
  /** Does the edits as one step that can be undone. */
  readonly apply: (edits: readonly Edit[]) => void;
  readonly replace: (source: string) => void;
  /** Takes back the last change or mend. */
  readonly undo: () => void;
}

const setFindings = StateEffect.define<readonly Finding[]>();

/** Changes that follow each other within half a second are taken back together, unless they say otherwise. */
const ownStep = isolateHistory.of('full');

const GRADE_SIGN = { must: '◆', should: '⬖', note: '◇' } as const;

class GradeSign extends GutterMarker {
  readonly #grade: Finding['grade'];
  constructor(grade: Finding['grade']) {
    super();
    this.#grade = grade;
  }
  override toDOM(): Node {
    const sign = document.createElement('span');
    sign.textContent = GRADE_SIGN[this.#grade];
    sign.title = this.#grade;
    sign.style.color = this.#grade === 'note' ? colour.middle : colour.plum;
    return sign;
  }
}

/** The findings as marks in the text; they move with it until the next check. */
const findingMarks = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(marks, transaction) {
    let now = marks.map(transaction.changes);
    for (const effect of transaction.effects)
      if (effect.is(setFindings)) now = decorate(effect.value, transaction.state.doc.length);
    return now;
  },
  provide: (field) => EditorView.decorations.from(field),
});

function decorate(findings: readonly Finding[], length: number): DecorationSet {
  const ranges = findings.flatMap(({ grade, place, message }) => {
    const start = Math.min(place.start, Math.max(0, length - 1));
    const end = Math.min(Math.max(place.end, start + 1), length);
    // A place of many lines would paint the whole source: its first characters are enough.
    return end > start
      ? [
          Decoration.mark({ class: `finding-${grade}`, attributes: { title: message } }).range(
            start,
            Math.min(end, start + 200),
          ),
        ]
      : [];
  });
  return Decoration.set(ranges, true);
}

const gradeGutter = gutter({
  class: 'finding-gutter',
  markers: (view) => {
    const worst = new Map<number, Finding['grade']>();
    view.state.field(findingMarks).between(0, view.state.doc.length, (from, _to, { spec }) => {
      const line = view.state.doc.lineAt(from).from;
      const grade =
        (['must', 'should', 'note'] as const).find(
          (one) => String((spec as { class?: string }).class) === `finding-${one}`,
        ) ?? 'note';
      const known = worst.get(line);
      if (!known || grade === 'must' || (grade === 'should' && known === 'note')) worst.set(line, grade);
    });
    return RangeSet.of(
      [...worst].map(([line, grade]) => new GradeSign(grade).range(line)),
      true,
    );
  },
});

const findingLook = EditorView.theme({
  '.finding-must': { backgroundColor: '#f1dfec', borderBottom: `2px solid ${colour.plum}` },
  '.finding-should': { borderBottom: `2px dashed ${colour.plum}` },
  '.finding-note': { borderBottom: `1px dotted ${colour.middle}` },
  '.finding-gutter': { width: '16px' },
});

/** What the editor has, whatever it holds. */
const equipment = [
  lineNumbers(),
  findingMarks,
  gradeGutter,
  findingLook,
  history(),
  search(),
  highlightSelectionMatches({ minSelectionLength: 4 }),
  keymap.of([...defaultKeymap, ...historyKeymap, ...searchKeymap]),
  EditorView.lineWrapping,
  ...codeLook,
  placeholder('Paste a page, a script element or JSON-LD here, or drop a file.'),
  EditorView.contentAttributes.of({ 'aria-label': 'Source' }),
];

/** The source in hand, with its findings in the margin. */
export function SourceEditor({
  first,
  findings,
  onChange,
  onCursor,
  handle,
}: {
  first: string;
  /** Undefined while they are not those of the text shown: the marks then move with the text. */
  findings: readonly Finding[] | undefined;
  onChange: (source: string) => void;
  /** The caret was set to another offset. */
  onCursor: (offset: number) => void;
  handle: Ref<EditorHandle>;
}) {
  const place = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | undefined>(undefined);
  const changed = useRef(onChange);
  const moved = useRef(onCursor);
  const start = useRef(first);
  useEffect(() => {
    changed.current = onChange;
    moved.current = onCursor;
  });
  useEffect(() => {
    if (!place.current) return;
    const editor = new EditorView({
      parent: place.current,
      state: EditorState.create({
        doc: start.current,
        extensions: [
          ...equipment,
          language(start.current),
          EditorView.updateListener.of((update) => {
            if (update.docChanged) changed.current(update.state.doc.toString());
            // Only where a person set the caret: going to a finding is no answer to it.
            else if (update.transactions.some((one) => one.isUserEvent('select')))
              moved.current(update.state.selection.main.from);
          }),
        ],
      }),
    });
    editor.scrollDOM.tabIndex = 0; // so that it can be scrolled by keyboard without a caret in it
    view.current = editor;
    return () => {
      start.current = editor.state.doc.toString();
      editor.destroy();
    };
  }, []);
  useEffect(() => {
    if (findings) view.current?.dispatch({ effects: setFindings.of(findings) });
  }, [findings]);
  useImperativeHandle(handle, () => handleOf(() => view.current));
  return <div ref={place} style={{ flex: 1, minHeight: 0, overflow: 'hidden' }} />;
}

const handleOf = (view: () => EditorView | undefined): EditorHandle => ({
  show: ({ start, end }) => {
    const editor = view();
    if (!editor) return;
    const { length } = editor.state.doc;
    editor.dispatch({
      selection: { anchor: Math.min(start, length), head: Math.min(end, start + 200, length) },
      effects: EditorView.scrollIntoView(Math.min(start, length), { y: 'center' }),
    });
    editor.focus();
  },
  apply: (edits) => {
    view()?.dispatch({
      changes: edits.map(({ start: from, end: to, text: insert }) => ({ from, to, insert })),
      annotations: ownStep,
    });
  },
  replace: (source) => {
    const editor = view();
    editor?.dispatch({
      changes: { from: 0, to: editor.state.doc.length, insert: source },
      annotations: ownStep,
    });
  },
  undo: () => {
    const editor = view();
    if (editor) undo(editor);
  },
});
