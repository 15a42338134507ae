import { useEffect, type RefObject } from 'react';

/**
 * Where what had the focus is gone, such as the row of a thing that was removed or the station that was left, the content
 * takes it, so that the next Tab goes on from there and not from the top of the page.
 */
export function useKeptFocus(content: RefObject<HTMLElement | null>): void {
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
          if (isLost) content.current?.focus({ preventScroll: true });
        });
      });
    };
    document.addEventListener('focusin', remember);
    window.addEventListener('keyup', look);
    window.addEventListener('click', look);
    return () => {
      cancelAnimationFrame(frame);
      document.removeEventListener('focusin', remember);
      window.removeEventListener('keyup', look);
      window.removeEventListener('click', look);
    };
  }, [content]);
}
