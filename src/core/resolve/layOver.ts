import { longerOf, subtractLengths, sumLengths, type Length } from '../length/length';
import { touches } from '../outline/distance';
import { boundsOf, boxesOverlap } from '../outline/outline';
import { bendsOver } from '../tolerances';
import type { SupportId } from './origins';
import { outlineOf } from './outlineOf';
import type { ResolvedMark } from './resolvedMark';
import type { ResolvedPiece } from './resolvedPiece';

/**
 * Papers with the height they have where they cross others on the same face: a piece lies level on the highest it
 * crosses, and what lies on it goes up with it. What card bends over raises nothing.
 * ```
 *        ┌───────────────────┐            a banner of tape
 *    ┌───┴┐ foam          ┌──┴─┐          over a frame on foam
 *   ─┴────┴───────────────┴────┴─
 * ```
 * @param papers in stack order, each as high as its own adhesive lifts it
 * @returns the same objects for those that nothing raises
 */
export function layOver(papers: readonly ResolvedPiece[]): readonly ResolvedPiece[] {
  const laid = new Map<SupportId, ResolvedPiece>();
  for (const paper of papers) {
    const under = laid.get(paper.support);
    const carried = under ? raise(paper, riseOf(under, laid)) : paper;
    const crossed = [...laid.values()].filter(
      (other) =>
        isTooHigh(other, carried) && !carries(other, carried, laid) && cross(other, carried),
    );
    const top = crossed.reduce<Length>((top, other) => longerOf(top, topOf(other)), carried.foot);
    const raised = subtractLengths(top, carried.foot);
    laid.set(paper.id, raised > 0 ? { ...raise(carried, raised), raised } : carried);
  }
  return [...laid.values()];
}

/** The marks as high as the papers they lie on. */
export function marksOver(
  papers: readonly ResolvedPiece[],
  marks: readonly ResolvedMark[],
): readonly ResolvedMark[] {
  const tops = new Map<SupportId, Length>(papers.map((paper) => [paper.id, topOf(paper)]));
  return marks.map((mark) => {
    const foot = tops.get(mark.support) ?? mark.foot;
    return foot === mark.foot ? mark : { ...mark, foot };
  });
}

/** How much higher a piece lies than its adhesives and those under it make it. */
function riseOf(piece: ResolvedPiece, laid: ReadonlyMap<SupportId, ResolvedPiece>): Length {
  const under = laid.get(piece.support);
  return under ? sumLengths(piece.raised, riseOf(under, laid)) : piece.raised;
}

function raise(piece: ResolvedPiece, by: Length): ResolvedPiece {
  return by > 0 ? { ...piece, foot: sumLengths(piece.foot, by) } : piece;
}

const topOf = ({ foot, caliper }: ResolvedPiece) => sumLengths(foot, caliper);

function isTooHigh(other: ResolvedPiece, { face, foot }: ResolvedPiece): boolean {
  return other.face === face && topOf(other) - foot > bendsOver;
}

/** Whether a piece lies on another, directly or on what lies on it. */
function carries(
  other: ResolvedPiece,
  piece: ResolvedPiece,
  laid: ReadonlyMap<SupportId, ResolvedPiece>,
): boolean {
  if (piece.support === other.id) return true;
  const under = laid.get(piece.support);
  return under ? carries(other, under, laid) : false;
}

function cross(a: ResolvedPiece, b: ResolvedPiece): boolean {
  const [one, two] = [outlineOf(a), outlineOf(b)];
  return boxesOverlap(boundsOf(one), boundsOf(two)) && touches(one, two);
}
