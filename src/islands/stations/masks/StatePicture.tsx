import { useRef } from 'react';
import type { MaskedPaper } from '../../../core/masking/maskCard';
import { boundsOf, type Bounds } from '../../../core/outline/outline';
import { joinWords } from '../../../core/words/phrases';
import { stripWords } from '../../../core/words/stripWords';
import { paperAfter, type LaidMask } from '../../../core/pictures/paperAfter';
import { pathOf } from '../../parts/pathOf';
import { SelectionBrackets } from '../../parts/SelectionBrackets';
import { useSize } from '../../parts/useSize';
import { PaperView } from '../../parts/PaperView';
import { useCardSession } from '../../session/CardSession';
import { afterWords } from '../../words/maskWords';

interface Props {
  readonly paper: MaskedPaper;
  readonly box: Bounds;
  readonly done: number;
  readonly nameOf: (piece: string) => string;
  readonly chosen: string | undefined;
  readonly onChoose: (piece: string | undefined) => void;
}

/** As high as the paper may stand, so that what is beneath it is seen too. */
const mostHeight = 380;

/** The paper at the step one is at, as large as the column; pointing at a print chooses it. */
export function StatePicture({ paper, box, done, nameOf, chosen, onChoose }: Props) {
  const { card } = useCardSession();
  const element = useRef<HTMLDivElement>(null);
  const { width } = useSize(element, { width: 0, height: 0 });
  const { face, support, acts, order } = paper;
  const [across, down] = [box.x1 - box.x0, box.y1 - box.y0];
  const scale = Math.min((width - 10) / across, mostHeight / down);
  const [wide, high] = [across * scale, down * scale];
  const picture = paperAfter(card, face, support, acts, done);
  const print = order.find(({ id }) => id === chosen);
  const next = acts.slice(done).find(({ kind }) => kind === 'stamp' || kind === 'lay');
  return (
    <div ref={element} className="min-w-0">
      {width > 0 && (
        <svg
          width={wide + 10}
          height={high + 10}
          viewBox={`-5 -5 ${wide + 10} ${high + 10}`}
          role="img"
          aria-label={afterWords(acts[done - 1], nameOf)}
          onPointerDown={() => onChoose(undefined)}
        >
          <g transform={`translate(${-box.x0 * scale} ${-box.y0 * scale})`}>
            <g pointerEvents="none">
              <PaperView picture={picture} scale={scale} showsNext />
            </g>
            {order.map(({ id, reach, kind }) => (
              <path
                key={id}
                d={pathOf(reach, scale)}
                fillRule="evenodd"
                fill="transparent"
                pointerEvents={kind === 'ground' || kind === 'late ground' ? 'none' : 'fill'}
                className="cursor-pointer"
                onPointerDown={(event) => {
                  event.stopPropagation();
                  onChoose(id);
                }}
              />
            ))}
            {print && <SelectionBrackets box={scaled(boundsOf(print.reach), scale)} />}
          </g>
        </svg>
      )}
      <p className="pt-1">
        <strong className="font-heading text-[17px] font-semibold">
          {afterWords(acts[done - 1], nameOf)}
        </strong>
        <span className="text-sheet-muted block">
          {coveredWords(picture.masks)}
          {next ? `; next ${nameOf(next.piece)}, shown pale` : '; all is printed'}
        </span>
      </p>
    </div>
  );
}

/** What lies on the paper: masks by their letters, strips by their numbers. */
function coveredWords(masks: readonly LaidMask[]): string {
  const letters = masks.flatMap(({ letter, strip }) => (strip ? [] : [letter]));
  const strips = masks.flatMap(({ strip }) => strip ?? []);
  const on = [
    ...(letters.length > 0
      ? [`${letters.length === 1 ? 'mask' : 'masks'} ${joinWords(letters)}`]
      : []),
    ...(strips.length > 0 ? [stripWords(strips)] : []),
  ];
  return on.length === 0 ? 'nothing is covered' : `${joinWords(on)} on`;
}

const scaled = ({ x0, y0, x1, y1 }: Bounds, scale: number) => ({
  x: x0 * scale,
  y: y0 * scale,
  width: (x1 - x0) * scale,
  height: (y1 - y0) * scale,
});
