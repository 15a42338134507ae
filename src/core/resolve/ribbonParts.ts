import type { Polygon } from '../geometry/flattenPath';
import { heightOfBow, thicknessOfRibbon } from '../kinds/ribbon/ribbonKind';
import { ribbonShape, united } from '../kinds/ribbon/ribbonShape';
import { longerOf, sumLengths, type Length } from '../length/length';
import { meets } from '../outline/distance';
import { corners, turned, type Outline } from '../outline/outline';
import type { PieceOf } from '../plan/piece';
import { isMark, outlineOf, type Placed } from './outlineOf';
import type { ResolvedMark } from './resolvedMark';
import type { ResolvedPiece } from './resolvedPiece';
import { topOf } from './topOf';

export interface Ribbon extends ResolvedMark {
  readonly piece: PieceOf<'ribbon'>;
}

export function isRibbon(placed: Placed): placed is Ribbon {
  return placed.piece.kind === 'ribbon';
}

/** How long the way of a ribbon is, from edge to edge. */
export function alongRibbon({ piece, rect }: Pick<Ribbon, 'piece' | 'rect'>): Length {
  return piece.runs === 'across' ? rect.width : rect.height;
}

/** The papers that a ribbon may lie over: those before it among what is painted on its face. */
export function papersBefore(order: readonly Placed[], ribbon: Ribbon): readonly ResolvedPiece[] {
  return order
    .slice(
      0,
      order.findIndex(({ id }) => id === ribbon.id),
    )
    .flatMap((each) => (isMark(each) ? [] : [each]));
}

/** What of a ribbon stands up equally high all over. */
export interface RibbonPart {
  readonly of: 'ribbon' | 'bow';
  readonly outline: Outline;
  readonly height: Length;
}

interface RibbonOutlines {
  readonly parts: readonly RibbonPart[];
  readonly behind: Outline;
}

/** By the outline of the ribbon, which is the same object for the same piece that lies as before. */
const known = new WeakMap<Outline, RibbonOutlines>();

/** A ribbon with its tails, and the bow that lies on it where it has one. */
export function ribbonParts(ribbon: Ribbon): readonly RibbonPart[] {
  return outlinesOf(ribbon).parts;
}

/** What of a ribbon lies behind what it is on, seen from the front; empty for one that is laid on. */
export function ribbonBehind(ribbon: Ribbon): Outline {
  return outlinesOf(ribbon).behind;
}

function outlinesOf(ribbon: Ribbon): RibbonOutlines {
  const whole = outlineOf(ribbon);
  const before = known.get(whole);
  if (before) return before;
  const { piece, rect } = ribbon;
  const shape = ribbonShape(piece, rect);
  const laid = (outline: Outline) => turned(outline, rect, piece.place.turn);
  const parts: readonly RibbonPart[] = [
    {
      of: 'ribbon',
      outline: laid(united(shape.flat.map((each) => [each]))),
      height: thicknessOfRibbon(piece),
    },
    ...(shape.bow.length > 0
      ? [{ of: 'bow' as const, outline: laid(shape.bow), height: heightOfBow(piece) }]
      : []),
  ];
  const outlines = { parts, behind: behindOf(ribbon) };
  known.set(whole, outlines);
  return outlines;
}

function behindOf(ribbon: Ribbon): Outline {
  const { piece, rect } = ribbon;
  const { way, runs, tuck, place } = piece;
  if (way === 'laid') return [];
  const along = alongRibbon(ribbon);
  // Ends that meet behind are one.
  if (way === 'round' || 2 * tuck.ticks >= along) return turned([corners(rect)], rect, place.turn);
  if (tuck.ticks === 0) return [];
  const end = (from: number): Polygon =>
    runs === 'across'
      ? corners({ ...rect, x: rect.x + from, width: tuck.ticks })
      : corners({ ...rect, y: rect.y + from, height: tuck.ticks });
  return turned([end(0), end(along - tuck.ticks)], rect, place.turn);
}

/** How high each part of a ribbon comes to lie at its highest, over the papers that are under it. */
export function ribbonTops(
  ribbon: Ribbon,
  under: readonly ResolvedPiece[],
): readonly { readonly outline: Outline; readonly top: Length }[] {
  const thickness = thicknessOfRibbon(ribbon.piece);
  return ribbonParts(ribbon).map(({ of, outline, height }) => {
    const rest = under
      .filter((paper) => paper.face === ribbon.face && topOf(paper) > ribbon.foot)
      .filter((paper) => meets(outlineOf(paper), outline))
      .reduce<Length>((highest, paper) => longerOf(highest, topOf(paper)), ribbon.foot);
    return {
      outline,
      top: sumLengths(rest, height, ...(of === 'bow' ? [thickness] : [])),
    };
  });
}
