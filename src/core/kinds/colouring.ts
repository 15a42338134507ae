import type { Combination } from '../plan/combination';
import type { LibraryRef } from '../plan/libraryItem';
import type { Mark } from '../plan/piece';
import type { Applicator } from '../plan/pieces/looks';
import { itemsOf } from './kinds';
import { combinationItems } from './sourceItems';
import { stencilStops } from './stencil/stencilKind';

/** What a mark is printed and coloured with. */
export interface Colouring {
  readonly items: readonly LibraryRef[];
  /** What puts colour on. */
  readonly tools: readonly Applicator[];
}

/** Everything a mark takes of the stash, what its combinations are made of too, in the order it is used. */
export function colouringOf(
  piece: Mark,
  combinations: ReadonlyMap<string, Combination>,
): Colouring {
  const used = combinationIds(piece).flatMap((id) => combinations.get(id) ?? []);
  return {
    items: [...itemsOf(piece), ...used.flatMap(combinationItems)],
    tools: [...ownTools(piece), ...used.flatMap(({ media }) => media.map(({ tool }) => tool))],
  };
}

/** The combinations the parts of a mark name. */
export function combinationIds(piece: Mark): readonly string[] {
  if (piece.kind !== 'image') return [];
  const colours = [...piece.layers, ...piece.parts.map(({ colour }) => colour)];
  return colours.flatMap((each) => (each?.by === 'combination' ? [each.combination] : []));
}

function ownTools(piece: Mark): readonly Applicator[] {
  switch (piece.kind) {
    case 'blend':
      return piece.stops.map(({ tool }) => tool);
    case 'stencil':
      return stencilStops(piece).flatMap((stops) => stops.map(({ tool }) => tool));
    case 'edges':
      return [piece.tool];
    case 'image':
    case 'words':
    case 'dot':
    case 'drawn':
    case 'spray':
    case 'splatter':
    case 'ribbon':
      return [];
    default:
      throw new TypeError(`ownTools: unknown ${JSON.stringify(piece satisfies never)}`);
  }
}
