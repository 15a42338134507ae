import { useRef, useState } from 'react';
import { coatsOfStops, withEndAt } from '../../../core/inking/blendStops';
import type { ColourPart } from '../../../core/inking/colourParts';
import { recolour } from '../../../core/inking/recolour';
import { useSize } from '../../parts/useSize';
import { useCardSession } from '../../session/CardSession';

/** What is being dragged: one end of one stop, or all of it. */
interface Grip {
  readonly index: number;
  readonly end: 'from' | 'to';
}

/** A blend laid out straight, each ink's reach under it as a bar whose ends are dragged; nothing for what is no blend. */
export function BlendStrip({ part }: { readonly part: ColourPart | undefined }) {
  const { plan, library, preview, commit } = useCardSession();
  const element = useRef<HTMLDivElement>(null);
  const { width } = useSize(element, { width: 0, height: 0 });
  const [grip, setGrip] = useState<Grip>();
  const piece = plan.pieces.find(({ id }) => id === part?.at[0]?.pieceId);
  const varies = part?.paint.varies;
  if (!part || piece?.kind !== 'blend' || !varies) return null;
  const coats = coatsOfStops(piece.stops, library);
  const edit = ({ index, end }: Grip, at: number) =>
    recolour(plan, part.at, {
      kind: 'stops',
      stops: piece.stops.map((stop, other) => (other === index ? withEndAt(stop, end, at) : stop)),
    });
  const shareAt = (event: React.PointerEvent) => {
    const box = element.current?.getBoundingClientRect();
    const share = box && box.width > 0 ? (event.clientX - box.left) / box.width : 0;
    return Math.min(1, Math.max(0, share));
  };
  return (
    <div>
      <p className="pb-1">
        <strong className="font-heading text-[17px] font-semibold">{piece.name}, blended</strong>
        <span className="text-sheet-muted pl-3">drag the ends of a bar, or type them</span>
      </p>
      <div
        ref={element}
        className="touch-none select-none"
        onPointerMove={(event) => grip && preview(edit(grip, shareAt(event)), true)}
        onPointerUp={(event) => {
          if (!grip) return;
          setGrip(undefined);
          preview(undefined);
          commit(edit(grip, shareAt(event)));
        }}
        onPointerCancel={() => {
          setGrip(undefined);
          preview(undefined);
        }}
      >
        {width > 0 && (
          <svg width={width} height={44 + coats.length * 17} aria-hidden>
            <defs>
              <linearGradient id="blend-strip">
                {varies.stops.map(({ at, colour }) => (
                  <stop key={at} offset={at} stopColor={colour} />
                ))}
              </linearGradient>
            </defs>
            <rect
              width={width}
              height={34}
              fill="url(#blend-strip)"
              stroke="var(--color-control)"
            />
            {coats.map(({ name, coat, from, to }, index) => {
              const y = 44 + index * 17;
              return (
                <g key={index}>
                  <rect
                    x={from * width}
                    y={y}
                    width={(to - from) * width}
                    height={6}
                    fill={coat.colour}
                  />
                  <text
                    x={to < 0.8 ? to * width + 8 : from * width - 8}
                    y={y + 8}
                    textAnchor={to < 0.8 ? 'start' : 'end'}
                    className="fill-ink text-[14px]"
                  >
                    {name}
                  </text>
                  {(['from', 'to'] as const).map((end) => (
                    <rect
                      key={end}
                      x={(end === 'from' ? from : to) * width - 6}
                      y={y - 5}
                      width={12}
                      height={16}
                      fill="transparent"
                      className="cursor-ew-resize"
                      onPointerDown={(event) => {
                        event.currentTarget.parentElement?.setPointerCapture?.(event.pointerId);
                        setGrip({ index, end });
                      }}
                    />
                  ))}
                </g>
              );
            })}
          </svg>
        )}
      </div>
    </div>
  );
}
