import { useEffect, useRef, type KeyboardEvent } from 'react';

/**
 * Enter pressed before the answer to the words typed last has come: it waits for that answer and takes its first,
 * instead of the first of the answer before. Any other key takes it back. For the `onKeyDown` of an Autocomplete.
 */
export function useLateEnter(
  waiting: boolean,
  takeFirst: () => void,
): (event: KeyboardEvent & { defaultMuiPrevented?: boolean }) => void {
  const pressed = useRef(false);
  useEffect(() => {
    if (!pressed.current || waiting) return;
    pressed.current = false;
    takeFirst();
  });
  return (event) => {
    pressed.current = event.key === 'Enter' && waiting;
    if (pressed.current) event.defaultMuiPrevented = true;
  };
}
