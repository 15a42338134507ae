import type { TypedLength } from '../../length/typedLength';
import { usualReveals } from '../../plan/usualReveals';
import type { PieceId } from '../../plan/ids';
import { centred } from '../../plan/pieces';
import type { ImpossiblePiece } from '../../resolve/resolvedCard';
import type { Remedy, Rule } from '../finding';

/** Pieces that have no figures: in a circle, on nothing, or without a size. */
export const impossiblePiece: Rule = {
  id: 'impossible-piece',
  find: ({ plan, card }) =>
    card.impossible
      // One cause is one finding: what lies on an impossible piece mends with it.
      .filter(({ reason }) => reason.code !== 'below')
      .map(({ id, name, reason }) => ({
        severity: 'stop',
        pieceId: id,
        letter: '',
        name,
        data: { rule: 'impossible-piece', reason },
        remedies: remediesFor(id, reason, usualReveals(plan.habits).everyday),
      })),
};

/** Onto a face where what it lies on is at fault, an everyday border where its own size is. */
function remediesFor(
  id: PieceId,
  reason: ImpossiblePiece['reason'],
  everyday: TypedLength,
): readonly Remedy[] {
  const remedy = (name: string, change: PieceChange): Remedy => ({
    id: name,
    size: undefined,
    reveals: undefined,
    edit: { kind: 'change-piece', id, change },
  });
  switch (reason.code) {
    case 'circle':
    case 'nothing-under':
    case 'no-face':
      return [remedy('onto-face', { on: { face: 'front' } })];
    case 'nothing-inside':
    case 'no-die':
      return [remedy('by-border', { size: { by: 'reveal', all: everyday } })];
    case 'no-neighbour':
      return [remedy('centred', { place: centred })];
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

type PieceChange = Extract<Remedy['edit'], { kind: 'change-piece' }>['change'];
