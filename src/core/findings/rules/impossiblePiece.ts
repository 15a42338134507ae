import type { TypedLength } from '../../length/typedLength';
import { usualReveals } from '../../plan/usualReveals';
import type { Edit } from '../../plan/edit';
import type { Piece } from '../../plan/piece';
import { centred, isPaper } from '../../plan/pieces';
import type { ImpossiblePiece } from '../../resolve/resolvedCard';
import type { Finding, Rule } from '../finding';
import { deed, type DeedRemedyId, type Remedy } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** Pieces that have no figures: in a circle, on nothing, or without a size. */
export const impossiblePiece: Rule = {
  id: 'impossible-piece',
  find: ({ plan, card }) =>
    card.impossible
      // One cause is one finding: what lies on an impossible piece mends with it.
      .filter(({ reason }) => reason.code !== 'below')
      .map(({ id, name, reason }): Finding => ({
        severity: 'stop',
        subject: { kind: 'piece', id, letter: '', name },
        data: { rule: 'impossible-piece', reason },
        remedies: remediesFor(
          plan.pieces.find((piece) => piece.id === id),
          reason,
          usualReveals(plan.habits).everyday,
        ),
      })),
};

/** Onto a face where what it lies on is at fault, an everyday border where its own size is. */
function remediesFor(
  piece: Piece | undefined,
  reason: ImpossiblePiece['reason'],
  everyday: TypedLength,
): readonly Remedy[] {
  if (!piece) return [];
  const remedy = (id: DeedRemedyId, edit: Edit): readonly Remedy[] => [deed(id, edit)];
  switch (reason.code) {
    case 'circle':
    case 'nothing-under':
    case 'no-face':
      return remedy('onto-face', changePiece(piece, { on: { face: 'front' } }));
    case 'nothing-inside':
    case 'no-die':
      return isPaper(piece)
        ? remedy('by-border', changePiece(piece, { size: { by: 'reveal', all: everyday } }))
        : [];
    case 'no-neighbour':
      return remedy('centred', changePiece(piece, { place: centred }));
    case 'no-stamp':
    case 'no-stencil':
    case 'nothing-shown':
    case 'no-size':
    case 'below':
      return [];
    default:
      throw new TypeError(`remediesFor: unknown ${JSON.stringify(reason satisfies never)}`);
  }
}
