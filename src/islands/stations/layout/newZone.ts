import { lengthFromTicks } from '../../../core/length/length';
import { asTyped } from '../../../core/length/typedLength';
import { adhesive } from '../../../core/paper/adhesives';
import type { Paper, Zone } from '../../../core/plan/piece';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';

/** What is held by foam is glued down at its foot first; what lies flat is left open at its top, as a pocket is. */
export function newZone({ attach }: Paper): Zone {
  return adhesive(attach).foam
    ? { where: { at: 'sides', sides: ['bottom'] }, over: null, attach: 'liquid' }
    : { where: { at: 'sides', sides: ['top'] }, over: null, attach: 'none' };
}

/** The middle of a piece, from the top left corner of its box. */
export function middleOf({ rect: { width, height } }: ResolvedPiece) {
  return {
    x: asTyped(lengthFromTicks(Math.round(width / 2))),
    y: asTyped(lengthFromTicks(Math.round(height / 2))),
  };
}
