import { useLayoutEffect, useState } from 'react';

/** The room an element has, in whole pixels, and as given until it is laid out. */
export function useSize(
  element: React.RefObject<HTMLElement | null>,
  start: { readonly width: number; readonly height: number },
) {
  const [size, setSize] = useState(start);
  useLayoutEffect(() => {
    if (!element.current) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      const { width, height } = entry.contentRect;
      setSize({ width: Math.round(width), height: Math.round(height) });
    });
    observer.observe(element.current);
    return () => observer.disconnect();
  }, [element]);
  return size;
}
