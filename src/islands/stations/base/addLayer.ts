import { asTyped } from '../../../core/length/typedLength';
import type { Edit, SimpleEdit } from '../../../core/plan/edit';
import { batchEdits } from '../../../core/plan/batchEdits';
import { isInside, type FaceId } from '../../../core/plan/faces';
import { usualReveals } from '../../../core/plan/usualReveals';
import type { PieceId } from '../../../core/plan/ids';
import type { LibraryRef } from '../../../core/plan/libraryItem';
import { findStock, stocksOf, type Library } from '../../../core/plan/library';
import { faceOf, insertPiece, stackOn } from '../../../core/plan/movePiece';
import type { Paper, Support } from '../../../core/plan/piece';
import { findPaper, papersOf, plainPiece } from '../../../core/plan/pieces';
import type { Plan } from '../../../core/plan/plan';
import { putMatUnder } from '../../../core/plan/putMatUnder';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import type { SupportId } from '../../../core/resolve/origins';
import { changePiece, removePiece } from '../../../core/plan/pieceEdits';

/**
 * The edit that adds a layer: on the selected piece where that is on the face, on the base where the
 * base is selected, else on top of the face. Its border is the everyday one, inside the liner's.
 */
export function addLayer(
  plan: Plan,
  library: Library,
  face: FaceId,
  selected: SupportId | undefined,
  id: PieceId,
): Edit {
  const on = supportFor(plan, face, selected);
  const isLiner = isInside(face);
  const all =
    isLiner && 'face' in on ? plan.habits.linerReveal : usualReveals(plan.habits).everyday;
  const piece: Paper = {
    ...plainPiece,
    id,
    name: isLiner ? 'Liner' : 'Panel',
    on,
    size: { by: 'reveal', all },
    stock: contrastingStock(plan, library, on),
  };
  return insertPiece(plan, piece);
}

/** The edit that builds a mat outward round a piece, with the everyday border. */
export function addMatRound(
  plan: Plan,
  library: Library,
  card: ResolvedCard,
  around: PieceId,
  id: PieceId,
): Edit | undefined {
  const piece = findPaper(plan, around);
  const figures = card.pieces.find((each) => each.id === around);
  if (!piece || !figures) return undefined;
  const { everyday } = usualReveals(plan.habits);
  const sides = { left: everyday, top: everyday, right: everyday, bottom: everyday };
  const mat: Paper = {
    ...plainPiece,
    id,
    name: 'Mat',
    on: piece.on,
    size: { by: 'outset', around, ...sides },
    place: piece.place,
    stock: contrastingStock(plan, library, { piece: around }),
  };
  return putMatUnder(plan, piece, mat, figures.rect);
}

/** The edit that removes a piece; mats built round it keep the size they have as their own. */
export function removeLayer(plan: Plan, card: ResolvedCard, id: PieceId): Edit {
  const mats = papersOf(plan).filter(({ size }) => size.by === 'outset' && size.around === id);
  const kept = mats.flatMap((mat): SimpleEdit[] => {
    const rect = card.pieces.find((each) => each.id === mat.id)?.rect;
    if (!rect) return [];
    const size = {
      by: 'measure' as const,
      width: asTyped(rect.width),
      height: asTyped(rect.height),
    };
    return [changePiece(mat, { size })];
  });
  return batchEdits([...kept, removePiece(id)]);
}

function supportFor(plan: Plan, face: FaceId, selected: SupportId | undefined): Support {
  const selectedPiece = findPaper(plan, selected);
  if (selectedPiece && faceOf(plan, selectedPiece.id) === face) return { piece: selectedPiece.id };
  if (selected === 'base' && !isInside(face)) return { face };
  const top = stackOn(plan, face).at(-1);
  return top ? { piece: top.id } : { face };
}

/** The first stock of another colour than what it lies on; the designer chooses anew anyway. */
function contrastingStock(plan: Plan, library: Library, on: Support): LibraryRef {
  const under = 'piece' in on ? findPaper(plan, on.piece)?.stock : plan.base.stock;
  const colour = under && findStock(library, under)?.colour;
  const stocks = stocksOf(library);
  const other = stocks.find((item) => item.colour !== colour) ?? stocks[0];
  return other ? { id: other.id, version: other.version } : plan.base.stock;
}
