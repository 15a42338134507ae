import { kindOf } from '../kinds/kinds';
import { isMark, type Placed } from '../resolve/outlineOf';
import { markMoves } from '../stencilling/markMoves';
import type { StencilMoves } from '../stencilling/stencilMoves';
import { ribbonLength } from '../measuring/ribbonLength';
import { rulerFigures, type RulerFigures } from '../measuring/rulerFigures';
import type { Length, Size } from '../length/length';
import type { PieceOf } from '../plan/piece';
import { cutText } from '../text/cutText';
import { groupSizes, type GroupSize } from './groupSizes';
import { facesOf, type FaceId } from '../plan/faces';
import { putOnOrder } from '../measuring/putOnOrder';
import type { Plan } from '../plan/plan';
import { isRibbon } from '../resolve/ribbonParts';
import type { ToldRibbon } from './ribbonWords';
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
  /** How it goes, and how long it is cut; undefined where it is no ribbon. */
  readonly ribbon: ToldRibbon | undefined;
  /** How many of a group this stands for, where they are scattered by eye. */
  readonly count: number;
  /** Of such a group, how many of each size, the large ones first. */
  readonly sizes: readonly GroupSize[];
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
      const alike = group === null ? [thing] : things.filter(({ piece }) => piece.group === group);
      const count = alike.length;
      return [
        {
          face,
          name: count > 1 ? (group ?? thing.name) : placedName(thing),
          size: { width: thing.rect.width, height: thing.rect.height },
          figures: rulerFigures(card, thing),
          on: letterOf(card, thing.support),
          turn: thing.piece.place.turn,
          moves: isMark(thing) ? markMoves(thing) : undefined,
          ribbon: isRibbon(thing)
            ? { piece: thing.piece, length: ribbonLength(card, thing) }
            : undefined,
          count,
          sizes: groupSizes(alike),
        },
      ];
    });
  });
}

/** A thing as one tells it from the others: words as they read, of a print the part that is used. */
function placedName(thing: Placed): string {
  if (!isMark(thing)) return thing.name;
  const { piece, stamp } = thing;
  const lines = piece.kind === 'words' ? piece.lines : stamp?.words?.lines;
  if (lines) return cutText(`“${lines.join(' ')}”`, 60);
  return piece.kind === 'image' && piece.crop
    ? `${thing.name}, ${partName(piece.crop)}`
    : thing.name;
}

/** The part of a print that is left when its sides are masked off: 'the upper left part'. */
function partName({ left, top, right, bottom }: NonNullable<PieceOf<'image'>['crop']>): string {
  const along = (near: Length, far: Length, names: readonly [string, string]) =>
    near === far ? [] : [near < far ? names[0] : names[1]];
  const words = [
    ...along(top.ticks, bottom.ticks, ['upper', 'lower']),
    ...along(left.ticks, right.ticks, ['left', 'right']),
  ];
  return words.length === 0 ? 'its middle only' : `its ${words.join(' ')} part only`;
}
