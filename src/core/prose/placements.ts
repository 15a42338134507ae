import { kindOf } from '../kinds/kinds';
import { isMark } from '../resolve/outlineOf';
import { markMoves } from '../stencilling/markMoves';
import type { StencilMoves } from '../stencilling/stencilMoves';
import { rulerFigures, type RulerFigures } from '../measuring/rulerFigures';
import type { Size } from '../length/length';
import { facesOf, type FaceId } from '../plan/faces';
import { putOnOrder } from '../measuring/putOnOrder';
import type { Plan } from '../plan/plan';
import { letterOf, type ResolvedCard } from '../resolve/resolvedCard';

/** Where one piece is laid, as the sheet lists it. */
export interface Placement {
  readonly face: FaceId;
  readonly name: string;
  readonly size: Size;
  readonly figures: RulerFigures;
  /** The letter of what it is laid on. */
  readonly on: string;
  /** Degrees clockwise. */
  readonly turn: number;
  /** How its stencil is moved over it; undefined where it is no stencilling. */
  readonly moves: StencilMoves | undefined;
  /** How many of a group this stands for, where they are scattered by eye. */
  readonly count: number;
}

/**
 * Where every image, die cut and line of words goes, face by face in the order they are put on. Splatter,
 * gems and the like of one group are told once, by the first of them.
 */
export function placements(plan: Plan, card: ResolvedCard): readonly Placement[] {
  return facesOf(plan.base.fold).flatMap((face) => {
    const things = putOnOrder(card, face).filter((thing) => isMark(thing) || thing.shape);
    const seen = new Set<string>();
    return things.flatMap((thing): Placement[] => {
      const group = isMark(thing) && kindOf(thing.piece).isSmall ? thing.piece.group : null;
      if (group !== null && seen.has(group)) return [];
      if (group !== null) seen.add(group);
      const count = group === null ? 1 : things.filter(({ piece }) => piece.group === group).length;
      return [
        {
          face,
          name: count > 1 ? (group ?? thing.name) : thing.name,
          size: { width: thing.rect.width, height: thing.rect.height },
          figures: rulerFigures(card, thing),
          on: letterOf(card, thing.support),
          turn: thing.piece.place.turn,
          moves: isMark(thing) ? markMoves(thing) : undefined,
          count,
        },
      ];
    });
  });
}
