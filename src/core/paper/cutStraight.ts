import {
  longerOf,
  timesLength,
  turnSize,
  zeroLength,
  type Length,
  type Size,
} from '../length/length';

/** Cuts of one direction: the fence settings, each across the whole sheet or strip. */
export interface StraightCuts {
  /** `across`: the blade runs along the sheet's width, the fence measures down from the top. */
  readonly axis: 'across' | 'down';
  readonly at: readonly Length[];
}

/** How many pieces of one size a sheet gives in straight rows, which way they lie, and the cuts. */
export interface StraightYield {
  readonly count: number;
  /** Whether the pieces lie turned by a quarter on the sheet. */
  readonly turned: boolean;
  /** The cuts in the order made: those of more pieces in one stroke first; no cut, no entry. */
  readonly cuts: readonly StraightCuts[];
  /** The longest stroke of the blade; zero where nothing is cut. */
  readonly longestStroke: Length;
}

/**
 * Cuts pieces of one size in straight rows and columns, all one way; touching edges share a cut, and
 * a piece as large as the sheet needs none. Of two ways that give as many, the unturned one. Mixed
 * ways are the cutting plan's affair.
 * @example cutStraight(letter, a2 blank) // 2, not turned, one cut across at 5 1/2
 */
export function cutStraight(sheet: Size, piece: Size): StraightYield {
  const straight = layRows(sheet, piece);
  const turned = layRows(sheet, turnSize(piece));
  return turned.count > straight.count
    ? { ...turned, turned: true }
    : { ...straight, turned: false };
}

function layRows(sheet: Size, piece: Size): Omit<StraightYield, 'turned'> {
  const none = { count: 0, cuts: [], longestStroke: zeroLength };
  if (piece.width <= 0 || piece.height <= 0) return none;
  const columns = Math.floor(sheet.width / piece.width);
  const rows = Math.floor(sheet.height / piece.height);
  if (columns * rows === 0) return none;
  const down = fences(piece.width, columns, sheet.width);
  const across = fences(piece.height, rows, sheet.height);
  const cuts: StraightCuts[] = [
    { axis: 'across' as const, at: across },
    { axis: 'down' as const, at: down },
  ].filter(({ at }) => at.length > 0);
  const stroke = (made: readonly Length[], side: Length) => (made.length > 0 ? side : zeroLength);
  return {
    count: columns * rows,
    cuts,
    longestStroke: longerOf(stroke(across, sheet.width), stroke(down, sheet.height)),
  };
}

/** The fence settings for so many strips; the sheet's own edge is no cut. */
function fences(width: Length, count: number, room: Length): readonly Length[] {
  const all = Array.from({ length: count }, (_, index) => timesLength(width, index + 1));
  return all.filter((at) => at < room);
}
