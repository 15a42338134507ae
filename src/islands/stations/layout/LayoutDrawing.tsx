import { memo } from 'react';
import { motionOutline } from '../../../core/measuring/motion';
import { isMark, outlineOf, type Placed } from '../../../core/resolve/outlineOf';
import type { Rect } from '../../../core/outline/outline';
import { boxOnFace } from '../../../core/resolve/boxOnFace';
import { rulerFigures, type RulerFigure } from '../../../core/measuring/rulerFigures';
import type { Guide } from '../../../core/composition/snapMove';
import { drawFace } from '../../../core/pictures/drawFace';
import { writeLength } from '../../../core/length/formatLength';
import type { Unit } from '../../../core/length/length';
import { faceName } from '../../../core/plan/faces';
import { adhesive } from '../../../core/paper/adhesives';
import { gapOver, padsOf } from '../../../core/resolve/bond';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';
import type { PieceId } from '../../../core/plan/ids';
import { supportRect, type ResolvedCard } from '../../../core/resolve/resolvedCard';
import { capitalise } from '../../../core/words/phrases';
import { pathOf } from '../../parts/pathOf';
import { edgeLayers, type Box } from '../../parts/drawingScale';
import type { LayoutFrame } from './layoutFrame';
import { EdgeView } from '../../parts/EdgeView';
import { SelectionBrackets } from '../../parts/SelectionBrackets';
import { DimensionLine } from '../../parts/DimensionLine';
import { FacePicture } from '../../parts/FacePicture';
import { useCardSession } from '../../session/CardSession';
import { RulerLine } from './RulerLine';

interface Props {
  readonly width: number;
  readonly height: number;
  readonly frame: LayoutFrame;
  readonly selected: readonly Placed[];
  readonly guides: readonly Guide[];
  /** Places that are offered; the one to be taken first. */
  readonly ghosts: readonly Rect[];
  readonly onPress: (event: React.PointerEvent, placed: Placed | undefined) => void;
  readonly onPressTwice: (placed: Placed) => void;
  readonly onTakeGhost: (index: number) => void;
}

/** One face, large, with the two ruler distances of what is selected. */
export function LayoutDrawing(props: Props) {
  const { plan, card, face, unit } = useCardSession();
  const { width, height, frame, selected, guides, ghosts } = props;
  const { pixelsPerTick: scale, face: shown, edge } = frame;
  const onFace = card.painted[face];
  const placedAt = (target: EventTarget) => {
    const id = target instanceof SVGElement ? target.dataset['thing'] : undefined;
    return onFace.find((placed) => placed.id === id);
  };
  const [lead] = selected;
  const toBox = (rect: Rect) => ({
    x: shown.x + rect.x * scale,
    y: shown.y + rect.y * scale,
    width: rect.width * scale,
    height: rect.height * scale,
  });
  return (
    <svg
      width={width}
      height={height}
      className="touch-none overflow-visible select-none"
      // The browser's own dragging would take the pointer away.
      onDragStart={(event) => event.preventDefault()}
      onPointerDown={(event) => {
        if (event.target === event.currentTarget) props.onPress(event, undefined);
      }}
      role="group"
      aria-label={`${capitalise(faceName(face, plan.base.fold))}, to scale; the list beside it says the same in words`}
    >
      <DimensionLine
        axis="horizontal"
        from={shown.x}
        to={shown.x + shown.width}
        at={shown.y - 58}
        object={shown.y - 6}
        length={card.base.face.width}
        unit={unit}
      />
      <DimensionLine
        axis="vertical"
        from={shown.y}
        to={shown.y + shown.height}
        at={shown.x - 42}
        object={shown.x - 8}
        length={card.base.face.height}
        unit={unit}
      />
      <g className="drop-shadow-md">
        <g transform={`translate(${shown.x} ${shown.y})`}>
          <FacePicture pieces={drawFace(card, face)} scale={scale} />
        </g>
      </g>
      <g
        transform={`translate(${shown.x} ${shown.y})`}
        fill="transparent"
        onPointerDown={(event) => props.onPress(event, placedAt(event.target))}
        onDoubleClick={({ target }) => {
          const placed = placedAt(target);
          if (placed) props.onPressTwice(placed);
        }}
      >
        <rect width={shown.width} height={shown.height} />
        {onFace.map((placed) => (
          <Handle key={placed.id} placed={placed} scale={scale} />
        ))}
      </g>
      <EdgeView
        layers={edgeLayers(card, plan.base.fold, frame)}
        fold={plan.base.fold}
        edge={edge}
        colour={card.base.paint.colour}
        selected={lead?.id ?? 'base'}
      />
      <text x={edge.x} y={edge.y + edge.height + 24} className="caption">
        {writeLength(card.thickness.closed, 'mm')} mm
        <tspan dx={8} className="fill-sheet-muted font-sans">
          × {frame.thicknessFactor}
        </tspan>
      </text>
      {guides.map(({ axis, kind, at }) => (
        <path
          key={`${axis} ${kind}`}
          d={
            axis === 'x'
              ? `M${shown.x + at * scale} ${shown.y - 10}v${shown.height + 20}`
              : `M${shown.x - 10} ${shown.y + at * scale}h${shown.width + 20}`
          }
          stroke="var(--color-violet)"
          strokeDasharray="5 4"
          pointerEvents="none"
        />
      ))}
      {ghosts.map((ghost, index) => (
        <g key={`${ghost.x} ${ghost.y}`} className="cursor-pointer">
          <rect
            {...toBox(ghost)}
            fill="var(--color-violet-wash)"
            fillOpacity={index === 0 ? 0.85 : 0.5}
            stroke="var(--color-violet)"
            strokeDasharray={index === 0 ? undefined : '4 3'}
            onClick={() => props.onTakeGhost(index)}
          />
          <text
            x={toBox(ghost).x + 6}
            y={toBox(ghost).y + 16}
            pointerEvents="none"
            className="fill-violet text-[14px] font-semibold"
          >
            {index + 1}
          </text>
        </g>
      ))}
      {lead && !isMark(lead) && (
        <g transform={`translate(${shown.x} ${shown.y})`} pointerEvents="none">
          <path
            d={pathOf(motionOutline(lead), scale)}
            fill="var(--color-violet-wash)"
            fillOpacity={0.35}
            stroke="var(--color-violet)"
            strokeDasharray="2 4"
          />
        </g>
      )}
      {lead && !isMark(lead) && selected.length === 1 && (
        <g transform={`translate(${shown.x} ${shown.y})`} pointerEvents="none">
          <Pads piece={lead} scale={scale} />
        </g>
      )}
      {selected.map((each) => (
        <SelectionBrackets key={each.id} box={toBox(boxOnFace(each))} />
      ))}
      {lead && selected.length === 1 && (
        <RulerLines card={card} placed={lead} unit={unit} face={shown} toBox={toBox} />
      )}
      <text x={shown.x} y={shown.y + shown.height + 24} className="caption">
        {capitalise(faceName(face, plan.base.fold))}
      </text>
    </svg>
  );
}

interface PadsProps {
  readonly piece: ResolvedPiece;
  readonly scale: number;
}

/** What lies under a piece that is held by zones: foam darker than what is flat, dashed where it does not reach. */
function Pads({ piece, scale }: PadsProps) {
  return padsOf(piece)?.map((pad, at) => (
    <path
      key={at}
      d={pathOf(pad.outline, scale)}
      fill="var(--color-violet)"
      fillOpacity={adhesive(pad.adhesive).foam ? 0.3 : 0.08}
      stroke="var(--color-violet)"
      strokeDasharray={gapOver(piece, pad) > 0 ? '3 3' : undefined}
    />
  ));
}

interface HandleProps {
  readonly placed: Placed;
  readonly scale: number;
}

/** What a thing is caught by; what has not moved in a drag is not drawn again. */
const Handle = memo(
  function Handle({ placed, scale }: HandleProps) {
    return (
      <path
        d={pathOf(outlineOf(placed), scale)}
        data-thing={placed.id}
        className="cursor-move"
        // A thin thing is still to be caught.
        stroke="transparent"
        strokeWidth={8}
      />
    );
  },
  ({ placed: a, scale }, { placed: b, scale: next }) =>
    scale === next &&
    a.piece === b.piece &&
    a.rect.x === b.rect.x &&
    a.rect.y === b.rect.y &&
    a.rect.width === b.rect.width &&
    a.rect.height === b.rect.height &&
    (isMark(a) || isMark(b) || a.clip === undefined),
);

interface RulerProps {
  readonly card: ResolvedCard;
  readonly placed: Placed;
  readonly unit: Unit;
  readonly face: Box;
  readonly toBox: (rect: Rect) => {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
}

function RulerLines({ card, placed, unit, face, toBox }: RulerProps) {
  const { x, y } = rulerFigures(card, placed);
  const box = toBox(boxOnFace(placed));
  const support = toBox(supportRect(card, placed.support));
  const ends = ({ side }: RulerFigure) =>
    ({
      left: [support.x, box.x],
      right: [support.x + support.width, box.x + box.width],
      top: [support.y, box.y],
      bottom: [support.y + support.height, box.y + box.height],
    })[side] as [number, number];
  const [x0, x1] = ends(x);
  const [y0, y1] = ends(y);
  return (
    <>
      <RulerLine
        axis="x"
        from={x0}
        to={x1}
        at={face.y - 20}
        ends={[support.y, box.y]}
        length={x.distance}
        unit={unit}
        isMeasured={x.isMeasured}
      />
      <RulerLine
        axis="y"
        from={y0}
        to={y1}
        at={face.x + face.width + 16}
        lowest={face.y + face.height - 22}
        ends={[support.x + support.width, box.x + box.width]}
        length={y.distance}
        unit={unit}
        isMeasured={y.isMeasured}
      />
    </>
  );
}

/** The ids of what is pressed together: with Shift the press adds to what is selected, or takes away. */
export function pressedIds(
  before: ReadonlySet<PieceId>,
  id: PieceId,
  isAdding: boolean,
): ReadonlySet<PieceId> {
  if (!isAdding) return before.has(id) ? before : new Set([id]);
  const next = new Set(before);
  if (!next.delete(id)) next.add(id);
  return next;
}
