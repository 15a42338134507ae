import { groupBy } from '../groupBy';
import { millimetres } from '../length/length';
import { contains, meets } from '../outline/distance';
import { boundsOf, corners, turned, type Outline, type Rect } from '../outline/outline';
import type { AdhesiveId } from '../paper/adhesives';
import type { Habits } from '../plan/habits';
import type { PieceId } from '../plan/ids';
import type { Paper, Zone } from '../plan/piece';
import {
  cellsOf,
  cellsOver,
  isIn,
  middleOf,
  overlaps,
  squareOf,
  type Cell,
  type Ground,
} from './padCells';

/** A square, a strip or a bead of one adhesive as it is laid under a piece. */
export interface LaidPad {
  readonly adhesive: AdhesiveId;
  /** The zone it is laid in; of what holds all else, all of the piece. */
  readonly at: Zone['where']['at'];
  /** On the face, turned with its piece. */
  readonly outline: Outline;
  /** In ticks; of a strip or a bead, its longer side. */
  readonly length: number;
  /** In ticks, across that. */
  readonly width: number;
  /** So many squares of foam go into it. */
  readonly squares: number;
}

/** A piece that is held by zones, and where it lies. */
export interface HeldPiece {
  readonly piece: Pick<Paper, 'attach' | 'zones' | 'place'>;
  readonly rect: Rect;
  readonly outline: Outline;
}

/**
 * Where each adhesive lies under a piece that is held by zones, each pad whole on the piece: squares of foam stand as far
 * apart as the habit says, strips and beads run along an edge, sheet fills. Of two zones that meet the later counts.
 * @param outlineUnder of a piece that a zone keeps to; undefined where this one does not lie over it
 */
export function layPads(
  held: HeldPiece,
  habits: Habits,
  outlineUnder: (id: PieceId) => Outline | undefined,
): readonly LaidPad[] {
  const { piece, rect } = held;
  const { turn } = piece.place;
  const ground = groundOf(held, habits);
  if (ground.size < leastPad) return [];
  let laid = cellsOf({ at: 'all' }, piece.attach, ground).map((cell) => ({
    attach: piece.attach,
    at: 'all' as Zone['where']['at'],
    cell,
  }));
  for (const { where, over, attach } of piece.zones) {
    const under = over === null ? undefined : outlineUnder(over);
    if (over !== null && !under) continue;
    const only = under && turned(under, rect, -turn);
    const isInZone = (cell: Cell) =>
      isIn(where, cell, ground) && (!only || meets([squareOf(cell, ground.size)], only));
    const cellsFor = (id: AdhesiveId) =>
      only
        ? cellsOver(where, ground).filter((cell) => contains(only, middleOf(cell, ground)))
        : cellsOf(where, id, ground);
    const added =
      attach === 'none' ? [] : cellsFor(attach).map((cell) => ({ attach, at: where.at, cell }));
    laid = [
      ...laid.filter(
        ({ cell }) =>
          !isInZone(cell) && !added.some((other) => overlaps(other.cell, cell, ground.size)),
      ),
      ...added,
    ];
  }
  // What is laid alike lies together, so that it runs on as a strip.
  const kinds = groupBy(laid, ({ attach, at }) => `${attach} ${at}`);
  return [...kinds.values()].flatMap((alike) => {
    const [first] = alike;
    if (!first) return [];
    const strips = stripsOf(
      alike.map(({ cell }) => cell),
      ground.size,
    );
    return strips.map(({ x, y, width, height }): LaidPad => ({
      adhesive: first.attach,
      at: first.at,
      outline: turned([corners({ x, y, width, height })], rect, turn),
      length: Math.max(width, height),
      width: ground.size,
      squares: Math.round((width * height) / ground.size ** 2),
    }));
  });
}

/** Nobody lays what is narrower: a hair's breadth of paper is held by nothing. */
const leastPad = millimetres(0.5);
/** So many squares lie along a side at most; under a larger piece they are larger. */
const mostSquares = 200;

function groundOf(
  { piece, rect, outline }: HeldPiece,
  { foamStrip, foamInset, adhesiveRates }: Habits,
): Ground {
  const lying = turned(outline, rect, -piece.place.turn);
  const box = boundsOf(lying);
  const [width, height] = [box.x1 - box.x0, box.y1 - box.y0];
  const [long, narrow] = [Math.max(width, height), Math.min(width, height)];
  const strip = Math.max(foamStrip.ticks, Math.ceil(long / mostSquares));
  const isHidden = narrow >= strip + 2 * foamInset.ticks;
  return {
    outline: lying,
    box,
    size: isHidden ? strip : Math.floor(narrow / 2),
    inset: isHidden ? foamInset.ticks : Math.floor(narrow / 4),
    rates: adhesiveRates,
  };
}

interface Strip {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Squares that lie edge to edge in a row or a column as one strip. */
function stripsOf(cells: readonly Cell[], size: number): readonly Strip[] {
  const strips: Strip[] = [];
  let wasUpright = false;
  for (const { x, y, side } of cells) {
    const isUpright = side === 'left' || side === 'right';
    const last = isUpright === wasUpright ? strips.at(-1) : undefined;
    wasUpright = isUpright;
    if (isUpright && last?.x === x && last.y + last.height === y)
      strips[strips.length - 1] = { ...last, height: last.height + size };
    else if (!isUpright && last?.y === y && last.x + last.width === x)
      strips[strips.length - 1] = { ...last, width: last.width + size };
    else strips.push({ x, y, width: size, height: size });
  }
  return strips;
}
