import { sumLengths, type Size, type Unit } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { Edit } from '../plan/edit';
import type { PieceId } from '../plan/ids';
import type { LibraryRef, Stamp } from '../plan/libraryItem';
import type { Library } from '../plan/library';
import type { Paper } from '../plan/piece';
import { plainPiece } from '../plan/pieces';
import { freeGroup } from '../plan/pieceSets';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedMark } from '../resolve/resolvedMark';
import { dieRound } from '../plan/dieRound';
import { cutOutRim, newDieCut } from './newThing';
import { putOnPaper } from './putOnPaper';
import { cutText } from '../text/cutText';

export interface CutOutHow {
  readonly library: Library;
  readonly id: PieceId;
  readonly stock: LibraryRef;
  readonly unit: Unit;
}

/**
 * Puts an image on paper cut round it, where it stands: with the die made for it, else with scissors. The paper takes
 * its place, turn and group, and the image the middle of the paper; where there is no group, the two become one, so that
 * they are chosen and moved as one thing.
 */
export function cutOutImage(
  plan: Plan,
  card: ResolvedCard,
  image: ResolvedMark & { readonly stamp: Stamp },
  how: CutOutHow,
): Edit {
  const { paper, size } = paperRound(image, how);
  const { place } = image.piece;
  const groups = plan.pieces.map((each) => each.group);
  const group = image.piece.group ?? freeGroup(groups, cutText(paper.name, 40));
  const turned = { ...paper, group, place: { ...paper.place, turn: place.turn } };
  return putOnPaper(plan, card, image, turned, size);
}

function paperRound(
  { stamp, piece }: ResolvedMark & { readonly stamp: Stamp },
  { library, id, stock, unit }: CutOutHow,
): { readonly paper: Paper; readonly size: Size } {
  const name = cutText(stamp.name, 60);
  const set = dieRound(library, stamp);
  const [die] = set?.steps ?? [];
  if (set && die)
    return {
      paper: { ...newDieCut({ id, on: piece.on }, set, 0, stock), name },
      size: { width: die.width.ticks, height: die.height.ticks },
    };
  const rim = cutOutRim[unit];
  return {
    paper: {
      ...plainPiece,
      id,
      on: piece.on,
      name,
      size: {
        by: 'stamp',
        stamp: { id: stamp.id, version: stamp.version },
        rim: asTyped(rim),
      },
      stock,
      attach: 'foam',
    },
    size: {
      width: sumLengths(stamp.width.ticks, rim, rim),
      height: sumLengths(stamp.height.ticks, rim, rim),
    },
  };
}
