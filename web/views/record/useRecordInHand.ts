import { createContext, useContext, useSyncExternalStore } from 'react';
import { emptyRecord, type BusinessRecord } from '#core/record';
import { RecordInHand } from '../../state/recordInHand.ts';

export const RecordContext = createContext(new RecordInHand(emptyRecord));

/** A part of the record that is being edited. Whoever asks is drawn anew when that part is another, and then only. */
export function useRecordInHand<T>(part: (record: BusinessRecord) => T): T {
  const store = useContext(RecordContext);
  return useSyncExternalStore(store.subscribe, () => part(store.get()));
}
