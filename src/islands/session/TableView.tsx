import { useRef } from 'react';
import type { ProcessPlan } from '../../core/process/processPlan';
import type { Step } from '../../core/process/step';
import { tableAt } from '../../core/process/tableAt';
import { FacePicture } from '../parts/FacePicture';
import { PaperView } from '../parts/PaperView';
import { useSize } from '../parts/useSize';
import { useCardSession } from './CardSession';

interface Props {
  readonly process: ProcessPlan;
  /** So many steps are done. */
  readonly done: number;
  readonly step: Step;
  readonly mostHeight?: number;
  /** What comes next is left out, and nothing is read of it: the words beside it tell all. */
  readonly isPlain?: boolean;
}

/** What lies on the table, as large as the column: the paper worked on, what comes next pale, or what is built so far. */
export function TableView({ process, done, step, mostHeight = 190, isPlain = false }: Props) {
  const { card } = useCardSession();
  const element = useRef<HTMLDivElement>(null);
  const { width } = useSize(element, { width: 340, height: 0 });
  const table = tableAt(card, process, done, step);
  const { x0, y0, x1, y1 } = table.box;
  const scale = Math.min((width - 12) / (x1 - x0), mostHeight / (y1 - y0));
  const [wide, high] = [(x1 - x0) * scale, (y1 - y0) * scale];
  return (
    <div ref={element} className="min-w-0">
      <svg
        width={wide + 12}
        height={high + 12}
        viewBox={`-6 -6 ${wide + 12} ${high + 12}`}
        {...(isPlain
          ? { 'aria-hidden': true }
          : { role: 'img', 'aria-label': 'What lies on the table' })}
        className="max-w-full overflow-visible"
      >
        <g transform={`translate(${-x0 * scale} ${-y0 * scale})`}>
          {table.kind === 'paper' ? (
            <PaperView picture={table.picture} scale={scale} showsNext={!isPlain} />
          ) : (
            <FacePicture pieces={table.pieces} scale={scale} />
          )}
        </g>
      </svg>
    </div>
  );
}
