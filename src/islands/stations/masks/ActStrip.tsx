import { memo, useEffect, useRef } from 'react';
import type { Act } from '../../../core/acts/act';
import type { MaskedPaper } from '../../../core/masking/maskCard';
import type { Bounds } from '../../../core/outline/outline';
import { paperAfter } from '../../../core/pictures/paperAfter';
import { PaperView } from '../../parts/PaperView';
import { useCardSession } from '../../session/CardSession';
import { actWords } from '../../words/maskWords';
import type { Walk } from './useActs';

interface Props {
  readonly paper: MaskedPaper;
  readonly box: Bounds;
  readonly walk: Walk;
  readonly nameOf: (piece: string) => string;
}

/** Of a small picture, in pixels. */
const room = { width: 112, height: 80 };

/** So many pictures to each side of the one that is looked at are drawn; the others are blank until one comes near. */
const drawnAround = 10;

/** The paper after each act, in a row along a ruler; one walks it by dragging along or with the arrows. */
export function ActStrip({ paper, box, walk, nameOf }: Props) {
  const strip = useRef<HTMLOListElement>(null);
  const { acts } = paper;
  const { done, go } = walk;
  useEffect(() => {
    strip.current
      ?.querySelector('[aria-current=step]')
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [done]);
  const numbers = numbersOf(acts);
  return (
    <ol
      ref={strip}
      aria-label="The paper after each step"
      className="flex shrink-0 gap-x-7 overflow-x-auto px-[22px] pt-3 pb-1"
      onPointerMove={(event) => {
        if (event.buttons !== 1) return;
        const under = document.elementFromPoint(event.clientX, event.clientY);
        const at = Number(under?.closest<HTMLElement>('[data-act]')?.dataset['act']);
        if (at > 0 && at !== done) go(at);
      }}
    >
      {acts.map((act, index) => (
        <li key={act.id} className="relative shrink-0" style={{ width: room.width }}>
          {index > 0 && <Arrow />}
          <button
            type="button"
            data-act={index + 1}
            aria-current={index + 1 === done ? 'step' : undefined}
            className="block w-full touch-none text-left select-none"
            onClick={() => go(index + 1)}
            onPointerDown={(event) => {
              event.currentTarget.releasePointerCapture(event.pointerId);
              go(index + 1);
            }}
          >
            {Math.abs(index + 1 - done) <= drawnAround ? (
              <SmallPicture
                paper={paper}
                count={index + 1}
                box={box}
                isChosen={index + 1 === done}
              />
            ) : (
              <span className="block" style={{ height: room.height + 8 }} />
            )}
            <span
              className={`block truncate text-[15px] leading-5 ${index + 1 === done ? 'font-semibold' : 'text-sheet-muted'}`}
            >
              {actWords(act, nameOf, numbers[index] ?? 0)}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}

/** Each print's number among those stamped and laid. */
function numbersOf(acts: readonly Act[]): readonly number[] {
  let count = 0;
  return acts.map(({ kind }) => (kind === 'stamp' || kind === 'lay' ? (count += 1) : 0));
}

function Arrow() {
  return (
    <svg
      aria-hidden
      width="24"
      height="10"
      className="text-dimension absolute -left-[26px]"
      style={{ top: room.height / 2 }}
    >
      <path d="M1 5H15" stroke="currentColor" strokeWidth="1.2" />
      <path d="M14 1.8L23 5L14 8.2Z" fill="currentColor" />
    </svg>
  );
}

interface PictureProps {
  readonly paper: MaskedPaper;
  readonly count: number;
  readonly box: Bounds;
  readonly isChosen: boolean;
}

const SmallPicture = memo(function SmallPicture({ paper, count, box, isChosen }: PictureProps) {
  const { card } = useCardSession();
  const { face, support, acts } = paper;
  const [wide, high] = [box.x1 - box.x0, box.y1 - box.y0];
  const scale = Math.min(room.width / wide, room.height / high);
  const [width, height] = [wide * scale, high * scale];
  return (
    <svg
      aria-hidden
      width={room.width}
      height={room.height + 8}
      viewBox={`${-(room.width - width) / 2} ${-(room.height - height) / 2 - 3} ${room.width} ${room.height + 8}`}
      className="pointer-events-none block overflow-visible"
    >
      <g transform={`translate(${-box.x0 * scale} ${-box.y0 * scale})`}>
        <PaperView picture={paperAfter(card, face, support, acts, count)} scale={scale} />
      </g>
      {isChosen && (
        <path
          d={`M-3 8V-3H8M${width - 8} -3H${width + 3}V8M${width + 3} ${height - 8}V${height + 3}H${width - 8}M8 ${height + 3}H-3V${height - 8}`}
          fill="none"
          stroke="var(--color-violet)"
          strokeWidth="3"
        />
      )}
    </svg>
  );
});
