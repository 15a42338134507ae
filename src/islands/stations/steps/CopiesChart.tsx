import { useEffect, useRef, useState } from 'react';
import type { CopiesShown, DrawnCopies } from './drawCopies';

interface Props extends CopiesShown {
  /** Is told the copies that are clicked at. */
  readonly onChoose: (copies: number) => void;
}

/** Sheets, evenings and cost against copies; the same stands in the table under it. */
export function CopiesChart({ points, most, copies, onChoose }: Props) {
  const element = useRef<HTMLDivElement>(null);
  const [drawn, setDrawn] = useState<DrawnCopies>();
  useEffect(() => {
    let end: (() => void) | undefined;
    let isGone = false;
    void import('./drawCopies').then(({ drawCopies }) => {
      if (!element.current || isGone) return;
      const made = drawCopies(element.current);
      end = made.end;
      setDrawn(made);
    });
    return () => {
      isGone = true;
      end?.();
    };
  }, []);
  useEffect(() => drawn?.show({ points, most, copies }), [drawn, points, most, copies]);
  useEffect(() => drawn?.onChoose(onChoose));
  return <div ref={element} className="h-[360px] w-full" aria-hidden />;
}
