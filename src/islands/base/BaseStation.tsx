import { useRef } from 'react';
import type { Unit } from '../../core/length/length';
import type { Edit } from '../../core/plan/edit';
import { facesOf, type FaceId } from '../../core/plan/faces';
import type { LibraryRef } from '../../core/plan/libraryItem';
import type { Library } from '../../core/plan/library';
import { findPaper } from '../../core/plan/pieces';
import type { Plan } from '../../core/plan/plan';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import type { SupportId } from '../../core/resolve/origins';
import type { LayerCommands } from '../workbench/useLayerCommands';
import { KeyedButton } from '../parts/KeyedButton';
import { useSize } from '../parts/useSize';
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
  readonly onPreview: (edit: Edit | undefined) => void;
  readonly commands: LayerCommands;
  readonly onTryAs: () => void;
  readonly onAskNewStock: (use: (ref: LibraryRef) => void) => void;
  readonly onAskNewDies: (use: (ref: LibraryRef) => void) => void;
}

/** The drawing sheet: main view, edge view, callouts to the layers, blank, other face, title block. */
export function BaseStation(props: Props) {
  const { plan, card, library, unit, face, selected, onSelect, onTurn, commands } = props;
  const { onPreview } = props;
  const onCommit = commands.change;
  const drawing = useRef<HTMLDivElement>(null);
  const rows = useRef<HTMLDivElement>(null);
  const { width } = useSize(drawing, { width: 700, height: 0 });
  const anchors = useRowAnchors(rows);
  const piece = findPaper(plan, selected);
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
      <div ref={rows} className="relative flex min-w-0 flex-col gap-2 pt-[66px] pb-3">
        <LayerRows
          plan={plan}
          card={card}
          unit={unit}
          selected={selected}
          onSelect={onSelect}
          onMoveRows={commands.moveRows}
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
                  moveRows: (rows) => commands.moveRows(piece.id, rows),
                  putOn: (support) => commands.putOn(piece.id, support),
                  copy: () => commands.copy(piece.id),
                  turnOff: () => commands.turnOff(piece.id),
                  remove: () => commands.remove(piece.id),
                  askNewStock: props.onAskNewStock,
                  askNewDies: props.onAskNewDies,
                }}
              />
            ) : (
              <BaseTicket plan={plan} card={card} unit={unit} onCommit={onCommit} />
            )
          }
        />
        <div className="flex flex-wrap items-center gap-3">
          <KeyedButton keyName="a" isOutlined onClick={() => commands.add(face)}>
            Add a layer
          </KeyedButton>
          {insideOf(plan) && (
            <KeyedButton keyName="i" onClick={() => commands.add('inside')}>
              Add inside
            </KeyedButton>
          )}
          {!piece && (
            <KeyedButton keyName="q" onClick={props.onTryAs}>
              Try another format
            </KeyedButton>
          )}
          {piece && (
            <KeyedButton keyName="r" onClick={() => commands.matRound(piece.id)}>
              Mat round it
            </KeyedButton>
          )}
        </div>
        <div className="mt-auto">
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

const insideOf = ({ base }: Plan) => facesOf(base.fold).includes('inside');
