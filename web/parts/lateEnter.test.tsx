import { expect, jest, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLateEnter } from './lateEnter.ts';

function Field({ waiting, takeFirst }: { waiting: boolean; takeFirst: () => void }) {
  const onKeyDown = useLateEnter(waiting, takeFirst);
  return <input onKeyDown={onKeyDown} />;
}

function show(waiting: boolean) {
  const takeFirst = jest.fn();
  const { rerender } = render(<Field waiting={waiting} takeFirst={takeFirst} />);
  const answer = (): void => rerender(<Field waiting={false} takeFirst={takeFirst} />);
  return { takeFirst, answer };
}

test('Enter that comes before the answer takes the first of it, once', async () => {
  const { takeFirst, answer } = show(true);
  await userEvent.type(screen.getByRole('textbox'), 'quay{Enter}');
  expect(takeFirst).not.toHaveBeenCalled();
  answer();
  answer();
  expect(takeFirst).toHaveBeenCalledTimes(1);
});

test('Enter that comes with the answer is left to the list, and another key takes it back', async () => {
  const { takeFirst, answer } = show(false);
  await userEvent.type(screen.getByRole('textbox'), '{Enter}');
  answer();
  const late = show(true);
  await userEvent.type(screen.getAllByRole('textbox')[1] ?? document.body, '{Enter}x');
  late.answer();
  expect(takeFirst).not.toHaveBeenCalled();
  expect(late.takeFirst).not.toHaveBeenCalled();
});
