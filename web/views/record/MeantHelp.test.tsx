import { expect, jest, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { emptyRecord, withFact } from '#core/record';
import { RecordInHand } from '../../state/recordInHand.ts';
import { MeantHelp } from './MeantHelp.tsx';
import { RecordContext } from './useRecordInHand.ts';

const shown = (record: typeof emptyRecord, row: Parameters<typeof MeantHelp>[0]['row']) => {
  const onSet = jest.fn();
  render(
    <RecordContext.Provider value={new RecordInHand(record)}>
      <MeantHelp row={row} onSet={onSet} />
    </RecordContext.Provider>,
  );
  return onSet;
};

test('what was meant by a date is offered in the form of machines', async () => {
  const row = { fact: 'foundingDate', key: 'foundingDate' } as const;
  const onSet = shown(withFact(emptyRecord, 'foundingDate', 'March 12, 1998'), row);
  await userEvent.click(screen.getByRole('button', { name: 'Write 1998-03-12' }));
  expect(onSet).toHaveBeenCalledWith('foundingDate', '1998-03-12');
});

test('so are the hours of a day', async () => {
  const onSet = shown(withFact(emptyRecord, 'hours.Tuesday', '9-5.30'), {
    fact: 'hours.Tuesday',
    key: 'hours',
  });
  await userEvent.click(screen.getByRole('button', { name: 'Write 09:00-17:30' }));
  expect(onSet).toHaveBeenCalledWith('hours.Tuesday', '09:00-17:30');
});

test('nothing is offered for what is read as it stands', () => {
  shown(withFact(emptyRecord, 'hours.Tuesday', '9am - 5pm'), { fact: 'hours.Tuesday', key: 'hours' });
  expect(screen.queryByRole('button')).toBeNull();
});
