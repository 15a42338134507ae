import { useState } from 'react';
import { TICKS_PER_INCH, TICKS_PER_MILLIMETRE, type Unit } from '../../../core/length/length';
import { boundsOf, type Bounds } from '../../../core/outline/outline';
import type { PostPlan } from '../../../core/post/postPlan';
import type { SectionLine } from '../../../core/post/sectionOf';

export interface Section {
  readonly line: SectionLine;
  readonly cut: (line: SectionLine) => void;
  /** Across or down through the same middle. */
  readonly turn: () => void;
  /** Moves it by so many marks of the ruler. */
  readonly move: (across: number, down: number) => void;
  /** Through the next of the highest places; false where there is one only and it runs through that. */
  readonly next: () => boolean;
}

/** The box round the card and all that hangs over its edge. */
export function boxOfCard({ map: { stack } }: PostPlan): Bounds {
  return boundsOf([...stack.face, ...stack.plates.flatMap(({ outline }) => outline)]);
}

/** Where the card is cut through: across its highest place, until somebody draws or moves the line. */
export function useSection(post: PostPlan, unit: Unit): Section {
  const [chosen, setChosen] = useState<SectionLine>();
  const [peakAt, setPeakAt] = useState(0);
  const box = boxOfCard(post);
  const peak = post.peaks[peakAt % Math.max(1, post.peaks.length)];
  const middle = peak?.at ?? { x: (box.x0 + box.x1) / 2, y: (box.y0 + box.y1) / 2 };
  const line = chosen ?? across(box, middle.y);
  const mark = unit === 'in' ? TICKS_PER_INCH / 16 : TICKS_PER_MILLIMETRE;
  return {
    line,
    cut: setChosen,
    turn: () => {
      const isAcross = line.from.y === line.to.y;
      setChosen(isAcross ? down(box, middle.x) : across(box, middle.y));
    },
    move: (dx, dy) => {
      const moved = ({ x, y }: SectionLine['from']) => ({ x: x + dx * mark, y: y + dy * mark });
      setChosen({ from: moved(line.from), to: moved(line.to) });
    },
    next: () => {
      if (post.peaks.length === 0) return false;
      const at = (peakAt + 1) % post.peaks.length;
      const then = post.peaks[at];
      setPeakAt(at);
      if (then)
        setChosen(line.from.x === line.to.x ? down(box, then.at.x) : across(box, then.at.y));
      return true;
    },
  };
}

const across = ({ x0, x1 }: Bounds, y: number): SectionLine => ({
  from: { x: x0, y },
  to: { x: x1, y },
});

const down = ({ y0, y1 }: Bounds, x: number): SectionLine => ({
  from: { x, y: y0 },
  to: { x, y: y1 },
});
