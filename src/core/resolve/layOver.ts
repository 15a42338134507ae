import { longerOf, subtractLengths, sumLengths, zeroLength, type Length } from '../length/length';
import { meets } from '../outline/distance';
import { adhesives } from '../paper/adhesives';
import type { Habits } from '../plan/habits';
import { bendsOver } from '../tolerances';
import { liftOfPiece, type Bond, type Pad } from './bond';
import { layPads } from './layPads';
import { papersUnder } from './papersUnder';
import type { SupportId } from './origins';
import { outlineOf } from './outlineOf';
import type { ResolvedMark } from './resolvedMark';
import type { ResolvedPiece } from './resolvedPiece';
import { supportsUnder } from './supportsUnder';
import { topOf } from './topOf';

/**
 * Papers with the height they have where they cross others on the same face: a piece lies level on the highest of what
 * its pads stand on and of what it crosses, and what lies on it goes up with it. What card bends over raises nothing.
 * ```
 *        ┌───────────────────┐            a banner of tape
 *    ┌───┴┐ foam          ┌──┴─┐          over a frame on foam
 *   ─┴────┴───────────────┴────┴─
 * ```
 * @param papers in stack order, each as high as its own adhesive lifts it
 * @returns the same objects for those that nothing raises, and that are held by no zones
 */
export function layOver(
  papers: readonly ResolvedPiece[],
  habits: Habits,
): readonly ResolvedPiece[] {
  const laid: ResolvedPiece[] = [];
  /** How much higher each lies than its adhesives and those under it make it. */
  const rises = new Map<SupportId, Length>();
  for (const paper of papers) {
    const risen = raise(paper, rises.get(paper.support) ?? zeroLength);
    const carried = paper.piece.zones.length > 0 ? onPads(risen, laid, habits) : risen;
    const raised = riseOver(carried, laid);
    const lying = raised > 0 ? { ...raise(carried, raised), raised } : carried;
    laid.push(lying);
    rises.set(paper.id, subtractLengths(lying.foot, paper.foot));
  }
  return laid;
}

/** A piece as high as the highest of its pads holds it; where it has none, it lies on what is under it. */
function onPads(
  piece: ResolvedPiece,
  laid: readonly ResolvedPiece[],
  habits: Habits,
): ResolvedPiece {
  const outline = outlineOf(piece);
  const ground = subtractLengths(piece.foot, piece.lift);
  const found = papersUnder({ pieces: laid }, piece);
  const pads = layPads({ piece: piece.piece, rect: piece.rect, outline }, habits, (id) => {
    const other = found.find((each) => each.id === id);
    return other && outlineOf(other);
  }).map((pad): Pad => {
    const higher = found.filter(
      (other) => topOf(other) > ground && meets(outlineOf(other), pad.outline),
    );
    const [highest] = higher.toSorted((a, b) => topOf(b) - topOf(a));
    const height = habits.adhesiveHeights[pad.adhesive].ticks;
    return {
      ...pad,
      on: highest?.id ?? piece.support,
      top: sumLengths(highest ? topOf(highest) : ground, height),
    };
  });
  const bonds = adhesives.flatMap((each): readonly Bond[] => {
    const own = pads.filter(({ adhesive }) => adhesive === each.id);
    if (own.length === 0) return [];
    return [{ adhesive: each, height: habits.adhesiveHeights[each.id].ticks, pads: own }];
  });
  const held = pads.reduce<Length>((highest, { top }) => longerOf(highest, top), ground);
  const lift = liftOfPiece(piece.piece, subtractLengths(held, ground));
  return { ...piece, bonds, lift, foot: sumLengths(ground, lift) };
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
  return by !== 0 ? { ...piece, foot: sumLengths(piece.foot, by) } : piece;
}
