import { colourDifference } from '../colour/colourDifference';
import { labOf } from '../colour/lab';
import { inksOf, seenOn } from '../kinds/coat';
import { asTyped } from '../length/typedLength';
import { inches, millimetres, type Unit } from '../length/length';
import { putPieces } from '../plan/pieceEdits';
import { isPaper, plainMark, sameSupport } from '../plan/pieces';
import type { SimpleEdit } from '../plan/edit';
import type { PieceId } from '../plan/ids';
import type { Library } from '../plan/library';
import type { Mark, Support } from '../plan/piece';
import { downward, outOf, plainStop } from '../plan/plainColours';
import type { ColourSource } from '../plan/pieces/colourSource';
import type { Plan } from '../plan/plan';
import type { Holding } from '../stash/holding';
import { isHolding } from '../stash/isHolding';

/** The grounds that are laid with ink alone; a stencilling needs its stencil. */
export const inkGrounds = ['blend', 'edges', 'spray', 'splatter'] as const;
export type InkGround = (typeof inkGrounds)[number];

/** Where a new ground goes, and what it can be laid with. */
export interface GroundStart {
  readonly id: PieceId;
  readonly on: Support;
  /** What the paper is seen in, `#rrggbb`. */
  readonly paper: string;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly unit: Unit;
}

/** A ground in inks that are there, to begin with: two that are near each other blended, the others a shade of the paper. */
export function newInkGround(kind: InkGround, start: GroundStart): Mark {
  const { id, on, unit } = start;
  const common = { ...plainMark, id, on };
  const size = (sixteenths: number, mm: number) =>
    asTyped(unit === 'in' ? inches(0, sixteenths, 16) : millimetres(mm));
  switch (kind) {
    case 'blend': {
      const one = inkFor(start, lightStep);
      const two = inkFor(start, 2 * lightStep, one);
      const stops = [
        { ...plainStop(one), to: 0.6 },
        { ...plainStop(two), from: 0.4 },
      ];
      const laid = { laid: 'before', zone: null, direction: downward } as const;
      const margin = { margin: null, marginBy: 'tape' } as const;
      return { kind, ...common, name: 'Blend', stops, ...laid, ...margin };
    }
    case 'edges': {
      const ink = inkFor(start, edgeStep);
      const look = { tool: 'large brush', strength: 'even', laid: 'after' } as const;
      return { kind, ...common, name: 'Edges', ink, width: size(4, 6), ...look };
    }
    case 'spray': {
      const ink = inkFor(start, edgeStep);
      const look = { laid: 'after', zone: null, density: 0.04, seed: 1 } as const;
      return { kind, ...common, name: 'Spray', ink, ...look };
    }
    case 'splatter': {
      const ink = inkFor(start, edgeStep);
      const look = { laid: 'after', zone: null, count: 24, seed: 1 } as const;
      return { kind, ...common, name: 'Splatter', ink, largest: size(1, 1.5), ...look };
    }
    default:
      throw new TypeError(`newInkGround: unknown ${JSON.stringify(kind satisfies never)}`);
  }
}

/** The edits that lay a ground before what is printed on its paper, where it comes in the list of pieces too. */
export function layGround(plan: Plan, ground: Mark): readonly SimpleEdit[] {
  const first = plan.pieces.findIndex(
    (piece) => !isPaper(piece) && sameSupport(piece.on, ground.on),
  );
  return putPieces(plan, first === -1 ? plan.pieces.length : first, [ground]);
}

/** How much darker than its paper in L* a ground is to begin with, and what is laid along the edges; from memory. */
const lightStep = 12;
const edgeStep = 25;

/**
 * The ink that is there, seen so much darker than the paper and else like it; on dark paper so much lighter. Where none is
 * there, a wish.
 * @param taken is left out
 */
function inkFor(
  { paper, library, holdings }: GroundStart,
  step: number,
  taken?: ColourSource,
): ColourSource {
  const ground = labOf(paper);
  const isLight = ground.l > 50;
  const wanted = { ...ground, l: ground.l + (isLight ? -step : step) };
  const [best] = inksOf(library)
    .filter(
      ({ id }) => isHolding(holdings, id) && !(taken && 'item' in taken && taken.item.id === id),
    )
    .map((ink) => ({ ink, far: colourDifference(labOf(seenOn(ink, paper)), wanted) }))
    .toSorted((a, b) => a.far - b.far);
  if (best) return outOf(best.ink);
  return { wish: isLight ? '#8a7a66' : '#f4efe4' };
}
