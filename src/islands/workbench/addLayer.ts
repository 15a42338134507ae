import { faceOf, insertPiece, stackOn } from '../../core/plan/movePiece';
import type { Edit } from '../../core/plan/edit';
import type { PieceId } from '../../core/plan/ids';
import { findStock, type Library, type LibraryRef } from '../../core/plan/libraryItem';
import { centred, type FaceId, type Piece, type Support } from '../../core/plan/piece';
import type { Plan } from '../../core/plan/plan';
import type { SupportId } from '../../core/resolve/resolvedCard';

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
  const { everyday } = plan.habits.reveals;
  const isOnFace = 'face' in on;
  const piece: Piece = {
    id,
    kind: 'panel',
    name: face === 'inside' ? 'Liner' : 'Panel',
    on,
    size: { by: 'reveal', all: face === 'inside' && isOnFace ? plan.habits.linerReveal : everyday },
    place: centred,
    stock: contrastingStock(plan, library, on),
    attach: 'tape',
    notes: '',
  };
  return insertPiece(plan, piece);
}

function supportFor(plan: Plan, face: FaceId, selected: SupportId | undefined): Support {
  const selectedPiece = plan.pieces.find(({ id }) => id === selected);
  if (selectedPiece && faceOf(plan, selectedPiece.id) === face) return { piece: selectedPiece.id };
  if (selected === 'base' && face === 'front') return { face };
  const top = stackOn(plan, face).at(-1);
  return top ? { piece: top.id } : { face };
}

/** The first stock of another colour than what it lies on; the designer chooses anew anyway. */
function contrastingStock(plan: Plan, library: Library, on: Support): LibraryRef {
  const under =
    'piece' in on ? plan.pieces.find(({ id }) => id === on.piece)?.stock : plan.base.stock;
  const colour = under && findStock(library, under)?.colour;
  const other = library.find((item) => item.colour !== colour) ?? library[0];
  return other ? { id: other.id, version: other.version } : plan.base.stock;
}
