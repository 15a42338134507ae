import {
  millimetres,
  sumLengths,
  timesLength,
  subtractLengths,
  zeroLength,
  type Length,
} from '../length/length';
import { thicknessOfRibbon } from '../kinds/ribbon/ribbonKind';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { alongRibbon, papersBefore, ribbonTops, type Ribbon } from '../resolve/ribbonParts';

/** How long a ribbon is cut, by what it is for. */
export interface RibbonLength {
  /** From edge to edge in front, up to what it goes over at its highest, and down again. */
  readonly front: Length;
  /** Over the edges, and behind as far as it goes. */
  readonly behind: Length;
  /** Where both ends lie over each other behind, since no bow joins them. */
  readonly lap: Length;
  readonly bow: Length;
  /** Both. */
  readonly tails: Length;
  readonly whole: Length;
}

/** Ends that are joined behind lie so far over each other; from memory. */
const usualLap = millimetres(12);

/** How much of a ribbon or of twine one card takes. */
export function ribbonLength(card: ResolvedCard, ribbon: Ribbon): RibbonLength {
  const { piece } = ribbon;
  const along = alongRibbon(ribbon);
  const front = sumLengths(along, timesLength(climb(card, ribbon), 2));
  const edges = timesLength(thicknessRound(card, ribbon), 2);
  const behind = {
    laid: zeroLength,
    tucked: sumLengths(edges, timesLength(piece.tuck.ticks, 2)),
    round: sumLengths(edges, along),
  }[piece.way];
  const lap = piece.way === 'round' && !piece.bow ? usualLap : zeroLength;
  const bow = piece.bow?.takes.ticks ?? zeroLength;
  const tails = timesLength(piece.bow?.tail.ticks ?? zeroLength, 2);
  return { front, behind, lap, bow, tails, whole: sumLengths(front, behind, lap, bow, tails) };
}

/** How much of a ribbon is stuck down, where it is taped or glued: all of one that is laid, else its ends behind. */
export function stuckLength({ piece }: Ribbon, { front, lap }: RibbonLength): Length {
  return { laid: front, tucked: timesLength(piece.tuck.ticks, 2), round: lap }[piece.way];
}

/** How far it goes up from the edge to the highest that is under it. */
function climb({ painted }: ResolvedCard, ribbon: Ribbon): Length {
  const [band] = ribbonTops(ribbon, papersBefore(painted[ribbon.face], ribbon));
  return band
    ? subtractLengths(band.top, sumLengths(ribbon.foot, thicknessOfRibbon(ribbon.piece)))
    : zeroLength;
}

/** How thick the edge is that it goes over: of its paper, of its leaf, or of a closed gate. */
function thicknessRound(
  { base, pieces, thickness }: ResolvedCard,
  { support, face }: Ribbon,
): Length {
  const paper = pieces.find(({ id }) => id === support);
  if (paper) return paper.caliper;
  const isRoundGate = base.scores.length > 1 && face !== 'inside';
  return isRoundGate ? sumLengths(timesLength(base.caliper, 2), thickness.inside) : base.caliper;
}
