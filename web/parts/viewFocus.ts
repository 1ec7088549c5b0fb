import { useEffect, type RefObject } from 'react';

/** When what held the focus is gone (a row that was deleted, a view that was left), the focus goes to the view, not to nowhere. */
export function useViewFocus(main: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    let held: Element | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const remember = ({ target }: FocusEvent): void => {
      held = target instanceof Element ? target : null;
    };
    const catchUp = (): void => {
      timer = undefined;
      if (!held || held.isConnected) return;
      held = null;
      if (document.activeElement === null || document.activeElement === document.body)
        main.current?.focus({ preventScroll: true });
    };
    // What is drawn next may take the focus itself.
    const removed = new MutationObserver(() => {
      timer ??= setTimeout(catchUp, 50);
    });
    removed.observe(document.body, { childList: true, subtree: true });
    document.addEventListener('focusin', remember);
    return () => {
      removed.disconnect();
      document.removeEventListener('focusin', remember);
      clearTimeout(timer);
    };
  }, [main]);
}
