import { writeSize } from '../../../core/length/formatLength';
import type { Unit } from '../../../core/length/length';
import { faceName, type FaceId } from '../../../core/plan/faces';
import type { Piece } from '../../../core/plan/piece';
import type { Plan } from '../../../core/plan/plan';
import type { PieceId } from '../../../core/plan/ids';
import { letterOf, piecesOn, type ResolvedCard } from '../../../core/resolve/resolvedCard';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';
import type { SupportId } from '../../../core/resolve/origins';
import { writeRevealsShort } from '../../../core/prose/sentences';
import { SortableList, useSortableRow } from '../../parts/SortableList';
import { useCardSession } from '../../session/CardSession';
import { rowsOf } from './allRows';
import { paperUnder } from './paperUnder';
import { changeAndFocusRow } from './rowFocus';
import { useLayerCommands } from './useLayerCommands';

interface Props {
  /** What is unfolded for the selected layer. */
  readonly ticket: React.ReactNode;
}

/** The layers front to back; the selected one is unfolded. They are dragged or moved by keys. */
export function LayerRows({ ticket }: Props) {
  const { plan, card, unit, selected: chosen, select } = useCardSession();
  const selected = paperUnder(plan, chosen);
  const { moveRows } = useLayerCommands();
  const onSelect = (id: SupportId) => changeAndFocusRow(() => select(id), id);
  const stack = (face: FaceId) => {
    const pieces = rowsOf(plan, face);
    return (
      <Stack face={face} pieces={pieces} onMoveRows={moveRows}>
        {pieces.map((piece) => (
          <PieceRow
            key={piece.id}
            piece={piece}
            isSelected={piece.id === selected}
            onSelect={() => onSelect(piece.id)}
            ticket={ticket}
          />
        ))}
      </Stack>
    );
  };
  return (
    <div role="group" aria-label="Layers, front to back">
      {stack('front')}
      <div data-row="base" tabIndex={-1}>
        {selected === 'base' ? (
          ticket
        ) : (
          <RowButton
            letter={card.base.letter}
            name="Base"
            size={writeSize(card.base.face, unit)}
            shows={showing(card, 'base', 'front', unit)}
            onSelect={() => onSelect('base')}
          />
        )}
      </div>
      {stack('inside-front')}
      {stack('inside')}
      {stack('back')}
    </div>
  );
}

interface StackProps {
  readonly face: FaceId;
  readonly pieces: readonly Piece[];
  /** So many rows up (positive) or down. */
  readonly onMoveRows: (id: PieceId, rows: number) => void;
  readonly children: React.ReactNode;
}

/** The rows of one face; each is dragged within its own. */
function Stack({ face, pieces, onMoveRows, children }: StackProps) {
  const ids = pieces.map(({ id }) => id);
  const drop = (moved: string, onto: string) => {
    const at = ids.findIndex((id) => id === moved);
    const id = ids[at];
    const to = ids.findIndex((each) => each === onto);
    if (id && to >= 0) onMoveRows(id, at - to);
  };
  return (
    <SortableList id={`layers-${face}`} rows={ids} onDrop={drop}>
      {children}
    </SortableList>
  );
}

interface PieceRowProps {
  readonly piece: Piece;
  readonly isSelected: boolean;
  readonly onSelect: () => void;
  readonly ticket: React.ReactNode;
}

function PieceRow({ piece, isSelected, onSelect, ticket }: PieceRowProps) {
  const { plan, card, unit } = useCardSession();
  const { id, name, isOff } = piece;
  const resolved = card.pieces.find((each) => each.id === id);
  const { row, handle } = useSortableRow(id, isSelected);
  return (
    <div data-row={id} tabIndex={-1} {...row} {...handle}>
      {isSelected ? (
        ticket
      ) : (
        <RowButton
          letter={resolved?.letter ?? '–'}
          name={name}
          size={resolved ? writeSize(resolved.rect, unit) : isOff ? 'turned off' : 'no figures'}
          shows={resolved ? showsOf(resolved, plan, card, unit) : isOff ? '' : 'see the findings'}
          onSelect={onSelect}
        />
      )}
    </div>
  );
}

interface RowButtonProps {
  readonly letter: string;
  readonly name: string;
  readonly size: string;
  readonly shows: string;
  readonly onSelect: () => void;
}

function RowButton({ letter, name, size, shows, onSelect }: RowButtonProps) {
  return (
    <button
      type="button"
      className="border-hairline hover:bg-chrome grid h-[2.3125rem] w-full grid-cols-[minmax(30px,max-content)_minmax(80px,150px)_minmax(110px,140px)_1fr] items-center border-b text-left"
      onClick={onSelect}
    >
      <span className="font-heading text-[17px] font-semibold">{letter}</span>
      <span className="truncate pr-2 font-semibold">{name}</span>
      <span className="font-semibold whitespace-nowrap">{size}</span>
      <span className="text-sheet-muted truncate text-right" title={shows}>
        {shows}
      </span>
    </button>
  );
}

/** In front, what shows of the layer round the one on it; elsewhere, its own border. */
function showsOf(piece: ResolvedPiece, plan: Plan, card: ResolvedCard, unit: Unit): string {
  const { id, face, reveals, support } = piece;
  const flap = piece.crossesGate ? `, on the ${piece.piece.carriedBy} flap` : '';
  if (face === 'front') return `${showing(card, id, face, unit)}${flap}`.replace(/^, /, '');
  const border = writeRevealsShort(reveals, unit);
  if (support !== 'base') return `${border} inside ${letterOf(card, support)}`;
  return face === 'inside'
    ? `${border} inside the leaf`
    : `${border}, ${faceName(face, plan.base.fold)}`;
}

/** What shows of a layer round the one piece on it; with none or several nothing is said. */
function showing(card: ResolvedCard, id: SupportId, face: FaceId, unit: Unit): string {
  const [only, ...more] = piecesOn(card, id, face);
  return only && more.length === 0 ? `shows ${writeRevealsShort(only.reveals, unit)}` : '';
}
