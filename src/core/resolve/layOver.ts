import { subtractLengths, sumLengths, zeroLength, type Length } from '../length/length';
import { meets } from '../outline/distance';
import { bendsOver } from '../tolerances';
import type { SupportId } from './origins';
import { outlineOf } from './outlineOf';
import type { ResolvedMark } from './resolvedMark';
import type { ResolvedPiece } from './resolvedPiece';
import { supportsUnder } from './supportsUnder';
import { topOf } from './topOf';

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
  const laid: ResolvedPiece[] = [];
  /** How much higher each lies than its adhesives and those under it make it. */
  const rises = new Map<SupportId, Length>();
  for (const paper of papers) {
    const carried = raise(paper, rises.get(paper.support) ?? zeroLength);
    const raised = riseOver(carried, laid);
    const lying = raised > 0 ? { ...raise(carried, raised), raised } : carried;
    laid.push(lying);
    rises.set(paper.id, subtractLengths(lying.foot, paper.foot));
  }
  return laid;
}

/** How much a piece is raised by what it crosses of those laid before: by the highest, so that is looked for from the top. */
function riseOver(piece: ResolvedPiece, laid: readonly ResolvedPiece[]): Length {
  const high = laid
    .filter((other) => other.face === piece.face && topOf(other) - piece.foot > bendsOver)
    .sort((one, other) => topOf(other) - topOf(one));
  if (high.length === 0) return zeroLength;
  const under = new Set<SupportId>(supportsUnder({ pieces: laid }, piece));
  const highest = high.find(
    (other) => !under.has(other.id) && meets(outlineOf(other), outlineOf(piece)),
  );
  return highest ? subtractLengths(topOf(highest), piece.foot) : zeroLength;
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

function raise(piece: ResolvedPiece, by: Length): ResolvedPiece {
  return by > 0 ? { ...piece, foot: sumLengths(piece.foot, by) } : piece;
}
