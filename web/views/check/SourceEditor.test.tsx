import { expect, jest, test } from '@jest/globals';
import { act, render } from '@testing-library/react';
import { createRef } from 'react';
import { SourceEditor, type EditorHandle } from './SourceEditor.tsx';

function editor(first = '') {
  const handle = createRef<EditorHandle>();
  const onChange = jest.fn<(source: string) => void>();
  render(
    <SourceEditor first={first} findings={[]} onChange={onChange} onCursor={jest.fn()} handle={handle} />,
  );
  const hand = (): EditorHandle => {
    if (!handle.current) throw new Error('the editor hands nothing out');
    return handle.current;
  };
  return { hand, source: () => onChange.mock.lastCall?.[0] };
}

test('a mend right after a source was loaded is taken back without the source', () => {
  const { hand, source } = editor('typed');
  act(() => {
    hand().replace('{"name" "A"}');
    hand().apply([{ start: 7, end: 7, text: ':' }]);
  });
  expect(source()).toBe('{"name": "A"}');
  act(() => hand().undo());
  expect(source()).toBe('{"name" "A"}');
  act(() => hand().undo());
  expect(source()).toBe('typed');
});

test('all edits of a mend are one step', () => {
  const { hand, source } = editor('a, b, c');
  act(() => {
    hand().apply([
      { start: 1, end: 2, text: ';' },
      { start: 4, end: 5, text: ';' },
    ]);
  });
  expect(source()).toBe('a; b; c');
  act(() => hand().undo());
  expect(source()).toBe('a, b, c');
});
