import { useEffect } from 'react';

/**
 * Where what had the focus is gone, such as the row of a thing that was removed or the station that was left, the content
 * (`#content`) takes it, so that the next Tab goes on from there and not from the top of the page.
 */
export function useKeptFocus(): void {
  useEffect(() => {
    let last: Element | undefined;
    let frame = 0;
    const remember = ({ target }: FocusEvent) => {
      last = target instanceof Element ? target : undefined;
    };
    const look = () => {
      cancelAnimationFrame(frame);
      // Two frames on, what was asked for is drawn, and a dialog has given the focus back.
      frame = requestAnimationFrame(() => {
        frame = requestAnimationFrame(() => {
          const isLost = document.activeElement === document.body && last && !last.isConnected;
          if (isLost) document.getElementById('content')?.focus({ preventScroll: true });
        });
      });
    };
    // What is gone may be so long after the key, as where a station had to be loaded first.
    const watch = new MutationObserver((changes) => {
      if (last && changes.some(({ removedNodes }) => removedNodes.length > 0)) look();
    });
    document.addEventListener('focusin', remember);
    watch.observe(document.body, { childList: true, subtree: true });
    return () => {
      cancelAnimationFrame(frame);
      document.removeEventListener('focusin', remember);
      watch.disconnect();
    };
  }, []);
}
