import { useLayoutEffect, useRef, useState } from 'react';
import type { Unit } from '../../core/length/length';
import type { Edit } from '../../core/plan/edit';
import type { Library } from '../../core/plan/libraryItem';
import type { FaceId, Piece } from '../../core/plan/piece';
import type { Plan } from '../../core/plan/plan';
import type { ResolvedCard, SupportId } from '../../core/resolve/resolvedCard';
import { BaseTicket } from './BaseTicket';
import { CardDrawing } from './CardDrawing';
import { LayerRows } from './LayerRows';
import { PieceTicket } from './PieceTicket';
import { TitleBlock } from './TitleBlock';
import { useRowAnchors } from './useRowAnchors';

interface Props {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
  readonly unit: Unit;
  readonly face: FaceId;
  readonly selected: SupportId;
  readonly onSelect: (id: SupportId) => void;
  readonly onTurn: () => void;
  readonly onCommit: (edit: Edit) => void;
  readonly onPreview: (edit: Edit | undefined) => void;
  readonly onMoveBy: (id: Piece['id'], places: number) => void;
  readonly onRemove: (id: Piece['id']) => void;
  readonly onAdd: (face: FaceId) => void;
  readonly onAskNewStock: (use: (ref: Piece['stock']) => void) => void;
}

/** The drawing sheet: main view, edge view, callouts to the layers, blank, other face, title block. */
export function BaseStation(props: Props) {
  const { plan, card, library, unit, face, selected, onSelect, onTurn, onCommit, onPreview } =
    props;
  const drawing = useRef<HTMLDivElement>(null);
  const rows = useRef<HTMLDivElement>(null);
  const width = useWidth(drawing, 700);
  const anchors = useRowAnchors(rows);
  const piece = plan.pieces.find(({ id }) => id === selected);
  const resolved = card.pieces.find(({ id }) => id === selected);
  return (
    <div className="grid min-h-full grid-cols-[minmax(540px,1fr)_minmax(440px,546px)] gap-x-4 pr-[18px]">
      <div ref={drawing} className="relative min-w-0">
        <CardDrawing
          plan={plan}
          card={card}
          unit={unit}
          face={face}
          selected={selected}
          width={width}
          anchors={anchors}
          onSelect={onSelect}
          onTurn={onTurn}
        />
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
