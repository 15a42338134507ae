import { useLayoutEffect, useRef, useState } from 'react';
import { drawFace, unknownColour } from '../../core/drawing/drawFace';
import { otherUnit, writeLength } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { Edit } from '../../core/plan/edit';
import type { Library } from '../../core/plan/libraryItem';
import type { FaceId, Piece } from '../../core/plan/piece';
import type { Plan } from '../../core/plan/plan';
import { supportRect, type ResolvedCard, type SupportId } from '../../core/resolve/resolvedCard';
import { DimensionLine } from '../parts/DimensionLine';
import { FacePicture } from '../parts/FacePicture';
import { BaseTicket } from './BaseTicket';
import { edgeLayers, scaleDrawing } from './drawingScale';
import { EdgeView } from './EdgeView';
import { LayerRows } from './LayerRows';
import { LeaderLines } from './LeaderLines';
import { PieceTicket } from './PieceTicket';
import { SelectionBrackets } from './SelectionBrackets';
import { SmallViews } from './SmallViews';
import { TitleBlock } from './TitleBlock';
import { useRowAnchors } from './useRowAnchors';

interface Props {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
  readonly unit: Unit;
  readonly face: FaceId;
  readonly selected: SupportId | undefined;
  readonly onSelect: (id: SupportId) => void;
  readonly onTurn: () => void;
  readonly onCommit: (edit: Edit) => void;
  readonly onPreview: (edit: Edit | undefined) => void;
  readonly onMoveBy: (id: Piece['id'], places: number) => void;
  readonly onRemove: (id: Piece['id']) => void;
  readonly onAdd: (face: FaceId) => void;
  readonly onAskNewStock: (use: (ref: Piece['stock']) => void) => void;
}

const drawingHeight = 418;

/** The drawing sheet: main view, edge view, callouts to the layers, blank, other face, title block. */
export function BaseStation(props: Props) {
  const { plan, card, library, unit, face, selected, onSelect, onTurn, onCommit, onPreview } =
    props;
  const drawing = useRef<HTMLDivElement>(null);
  const rows = useRef<HTMLDivElement>(null);
  const width = useWidth(drawing, 698);
  const anchors = useRowAnchors(rows);
  const scale = scaleDrawing(card, width, drawingHeight);
  const layers = edgeLayers(card, scale);
  const shownBox = (id: SupportId) => {
    const rect = supportRect(card, id);
    const at = (ticks: number) => ticks * scale.pixelsPerTick;
    return {
      x: scale.face.x + at(rect.x),
      y: scale.face.y + at(rect.y),
      width: at(rect.width),
      height: at(rect.height),
    };
  };
  const piece = plan.pieces.find(({ id }) => id === selected);
  const resolved = card.pieces.find(({ id }) => id === selected);
  const isShown = resolved ? resolved.face === face : selected === 'base';
  const bottom = scale.face.y + scale.face.height;
  const thickness = card.thickness.closed;
  return (
    <div className="grid min-h-full grid-cols-[minmax(540px,1fr)_minmax(440px,546px)] gap-x-4 pr-[18px]">
      <div ref={drawing} className="relative min-w-0">
        <svg
          width={width}
          height={scale.face.y + drawingHeight + 148}
          className="overflow-visible"
          role="img"
          aria-label={`${face === 'front' ? 'Front' : 'Inside'} view, edge view and blank, to scale; the layers beside it say the same in words`}
        >
          <DimensionLine
            axis="horizontal"
            from={scale.face.x}
            to={scale.face.x + scale.face.width}
            at={32}
            object={scale.face.y - 8}
            length={card.base.face.width}
            unit={unit}
          />
          <DimensionLine
            axis="vertical"
            from={scale.face.y}
            to={bottom}
            at={58}
            object={scale.face.x - 8}
            length={card.base.face.height}
            unit={unit}
          />
          <g className="drop-shadow-md">
            <g transform={`translate(${scale.face.x} ${scale.face.y})`}>
              <FacePicture pieces={drawFace(card, face)} scale={scale.pixelsPerTick} />
            </g>
          </g>
          <HitAreas card={card} face={face} shownBox={shownBox} onSelect={onSelect} />
          {selected && isShown && <SelectionBrackets box={shownBox(selected)} />}
          <EdgeView
            layers={layers}
            fold={plan.base.fold}
            edge={scale.edge}
            colour={card.base.stock?.colour ?? unknownColour}
            selected={selected}
          />
          <ThicknessLine x={scale.edge.x} width={scale.edge.width}>
            {writeLength(thickness, 'mm')} mm closed
            <tspan dx={8} className="fill-sheet-muted text-[14px]" fontWeight={400}>
              {writeLength(thickness, otherUnit('mm'))} in
            </tspan>
          </ThicknessLine>
          <SmallViews
            card={card}
            fold={plan.base.fold}
            unit={unit}
            face={face}
            width={width}
            bottom={scale.face.y + drawingHeight + 126}
            spare={drawingHeight - scale.face.height}
            onTurn={onTurn}
          />
          <LeaderLines layers={layers} anchors={anchors} to={width + 12} selected={selected} />
          <text x={scale.face.x} y={bottom + 24} className="caption">
            {face === 'front' ? 'Front' : 'Inside'}
            <tspan dx={10} className="fill-sheet-muted font-sans">
              {plan.base.fold === 'side'
                ? face === 'front'
                  ? 'side fold, opens to the right'
                  : 'right leaf, score on the left'
                : face === 'front'
                  ? 'tent fold, stands on two feet'
                  : 'lower leaf, score on top'}
            </tspan>
          </text>
          <text x={scale.edge.x} y={bottom + 24} className="caption">
            Edge
            <tspan dx={10} className="fill-sheet-muted font-sans">
              thickness × {scale.thicknessFactor}
            </tspan>
          </text>
        </svg>
      </div>
      <div ref={rows} className="relative flex min-w-0 flex-col gap-3 pt-[66px] pb-4">
        <LayerRows
          plan={plan}
          card={card}
          unit={unit}
          selected={selected}
          onSelect={onSelect}
          onMoveBy={props.onMoveBy}
          ticket={
            piece ? (
              <PieceTicket
                key={piece.id}
                piece={piece}
                resolved={resolved}
                plan={plan}
                card={card}
                library={library}
                unit={unit}
                actions={{
                  commit: onCommit,
                  preview: onPreview,
                  move: (direction) => props.onMoveBy(piece.id, direction === 'up' ? 1 : -1),
                  remove: () => props.onRemove(piece.id),
                  askNewStock: props.onAskNewStock,
                }}
              />
            ) : (
              <BaseTicket plan={plan} card={card} unit={unit} onCommit={onCommit} />
            )
          }
        />
        <div className="flex items-center gap-3">
          <button
            type="button"
            className="button button-outlined"
            onClick={() => props.onAdd('front')}
          >
            Add a layer
          </button>
          <kbd className="key">a</kbd>
          <button type="button" className="button" onClick={() => props.onAdd('inside')}>
            Add inside
          </button>
          <kbd className="key">i</kbd>
        </div>
        <div className="mt-auto pt-2">
          <TitleBlock
            base={plan.base}
            card={card}
            library={library}
            unit={unit}
            onCommit={onCommit}
            onPreview={onPreview}
            onAskNewStock={props.onAskNewStock}
          />
        </div>
      </div>
    </div>
  );
}

interface HitAreasProps {
  readonly card: ResolvedCard;
  readonly face: FaceId;
  readonly shownBox: (id: SupportId) => {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
  readonly onSelect: (id: SupportId) => void;
}

/** Pointing at a layer in the drawing selects it; the rows do the same for the keyboard. */
function HitAreas({ card, face, shownBox, onSelect }: HitAreasProps) {
  const ids: SupportId[] = [
    'base',
    ...card.pieces.filter((p) => p.face === face).map(({ id }) => id),
  ];
  return (
    <g fill="transparent" className="cursor-pointer">
      {ids.map((id) => (
        <rect key={id} {...shownBox(id)} onClick={() => onSelect(id)} />
      ))}
    </g>
  );
}

interface ThicknessLineProps {
  readonly x: number;
  readonly width: number;
  readonly children: React.ReactNode;
}

/** The closed thickness, its figure beside the line because the view is narrow. */
function ThicknessLine({ x, width, children }: ThicknessLineProps) {
  const right = x + width;
  return (
    <g>
      <path
        d={`M${x} 24v34M${right} 24v34M${x} 32H${right}`}
        stroke="var(--color-dimension)"
        fill="none"
      />
      <path d={`M${x} 32l8 -2.5v5zM${right} 32l-8 -2.5v5z`} fill="var(--color-dimension)" />
      <text x={right + 10} y={37} fontWeight={600} className="fill-dimension text-[17px]">
        {children}
      </text>
    </g>
  );
}

function useWidth(element: React.RefObject<HTMLElement | null>, start: number): number {
  const [width, setWidth] = useState(start);
  useLayoutEffect(() => {
    if (!element.current) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.round(entry.contentRect.width));
    });
    observer.observe(element.current);
    return () => observer.disconnect();
  }, [element]);
  return width;
}
