import { newStock } from '../../../core/composition/newStock';
import {
  inches,
  lengthFromTicks,
  millimetres,
  type Length,
  type Size,
  type Unit,
} from '../../../core/length/length';
import { nearestMarks } from '../../../core/length/marks';
import { asTyped } from '../../../core/length/typedLength';
import type { Edit, SimpleEdit } from '../../../core/plan/edit';
import { batchEdits } from '../../../core/plan/batchEdits';
import { isInside, type FaceId } from '../../../core/plan/faces';
import { usualReveals } from '../../../core/plan/usualReveals';
import type { PieceId } from '../../../core/plan/ids';
import type { Library } from '../../../core/plan/library';
import { faceOf } from '../../../core/plan/faceOf';
import { insertPiece, stackOn } from '../../../core/plan/movePiece';
import type { Paper, SizeRule, Support } from '../../../core/plan/piece';
import { findPaper, papersOf, plainPiece, sameSupport } from '../../../core/plan/pieces';
import type { Plan } from '../../../core/plan/plan';
import { putMatUnder } from '../../../core/plan/putMatUnder';
import { supportRect, type ResolvedCard } from '../../../core/resolve/resolvedCard';
import { supportIdOf } from '../../../core/resolve/supportIdOf';
import type { SupportId } from '../../../core/resolve/origins';
import { addPieces, changePiece, removePiece } from '../../../core/plan/pieceEdits';

/**
 * The edit that adds a layer: on the selected piece where that is on the face, on the base where the base is selected,
 * else on top of the face. Its border is the everyday one, inside the liner's; on a base that carries something already,
 * and on a piece that carries others than its one mat or panel, it lies in front of that, half as large, so that neither
 * hides the other.
 */
export function addLayer(
  plan: Plan,
  card: ResolvedCard,
  library: Library,
  face: FaceId,
  selected: SupportId | undefined,
  id: PieceId,
): Edit {
  const on = supportFor(plan, face, selected);
  const isLiner = isInside(face);
  const isBeside =
    selected === 'base' ? stackOn(plan, face).length > 0 : 'piece' in on && isStrewn(plan, on);
  const all =
    isLiner && 'face' in on ? plan.habits.linerReveal : usualReveals(plan.habits).everyday;
  const piece: Paper = {
    ...plainPiece,
    id,
    name: isLiner ? 'Liner' : 'Panel',
    on,
    size: isBeside
      ? halfOf(supportRect(card, supportIdOf(on)), plan.habits.leadingUnit)
      : { by: 'reveal', all },
    stock: newStock(plan, library, on, 'layer'),
  };
  return isBeside ? batchEdits(addPieces(plan, [piece])) : insertPiece(plan, piece);
}

/** Whether things lie on it here and there, and not one mat or panel that is inset in it. */
function isStrewn(plan: Plan, on: Support): boolean {
  const lying = papersOf(plan).filter((each) => sameSupport(each.on, on));
  return lying.length > 1 || lying.some(({ size }) => !insetSizes.has(size.by));
}

/** Sizes that follow what they lie on, or are built round the next. */
const insetSizes: ReadonlySet<SizeRule['by']> = new Set(['reveal', 'sides', 'step', 'outset']);

/** In easy figures. */
function halfOf({ width, height }: Size, unit: Unit): SizeRule {
  const spacing = unit === 'in' ? inches(0, 1, 8) : millimetres(5);
  const half = (length: Length) =>
    asTyped(nearestMarks(lengthFromTicks(Math.floor(length / 2)), spacing).below);
  return { by: 'measure', width: half(width), height: half(height) };
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
    stock: newStock(plan, library, { piece: around }, 'layer'),
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
  if (selected === 'base') return { face };
  const top = stackOn(plan, face).at(-1);
  return top ? { piece: top.id } : { face };
}
