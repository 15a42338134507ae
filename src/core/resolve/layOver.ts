import { longerOf, subtractLengths, sumLengths, zeroLength, type Length } from '../length/length';
import { meets } from '../outline/distance';
import type { Outline } from '../outline/outline';
import { adhesives } from '../paper/adhesives';
import { faceIds, type FaceId } from '../plan/faces';
import type { Habits } from '../plan/habits';
import { bendsOver } from '../tolerances';
import { liftOfPiece, type Bond, type Pad } from './bond';
import { layPads } from './layPads';
import { papersUnder } from './papersUnder';
import { ribbonTops, type Ribbon } from './ribbonParts';
import type { RibbonsAfter } from './ribbonsAfter';
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
 * A ribbon does as much to what lies over it, and to what its ends go behind.
 * @param papers in stack order, each as high as its own adhesive lifts it
 * @returns the same objects for those that nothing raises, and that are held by no zones
 */
export function layOver(
  papers: readonly ResolvedPiece[],
  habits: Habits,
  { after, behind }: PassedRibbons = noRibbons,
): readonly ResolvedPiece[] {
  const laid: ResolvedPiece[] = [];
  const ribbons = faceIds.flatMap((face) =>
    after(face, 'base').flatMap((each) => passing(each, laid)),
  );
  /** How much higher each lies than its adhesives and those under it make it. */
  const rises = new Map<SupportId, Length>();
  for (const paper of papers) {
    const risen = raise(paper, rises.get(paper.support) ?? zeroLength);
    const carried = paper.piece.zones.length > 0 ? onPads(risen, laid, habits) : risen;
    const raised = longerOf(
      longerOf(riseOver(carried, laid), riseOnRibbons(carried, ribbons)),
      riseOffRibbon(carried, behind(paper.id)),
    );
    const lying = raised > 0 ? { ...raise(carried, raised), raised } : carried;
    laid.push(lying);
    ribbons.push(...after(paper.face, paper.id).flatMap((each) => passing(each, laid)));
    rises.set(paper.id, subtractLengths(lying.foot, paper.foot));
  }
  return laid;
}

/** The ribbons of a card: what comes after each paper, and how thick what goes behind a paper is. */
export interface PassedRibbons {
  readonly after: RibbonsAfter;
  readonly behind: (paper: SupportId) => Length;
}

const noRibbons: PassedRibbons = { after: () => [], behind: () => zeroLength };

/** A part of a ribbon that what comes later lies on. */
interface Passing {
  readonly face: FaceId;
  readonly outline: Outline;
  readonly top: Length;
}

function passing(ribbon: Ribbon, laid: readonly ResolvedPiece[]): readonly Passing[] {
  const under = laid.find(({ id }) => id === ribbon.support);
  const foot = under ? topOf(under) : zeroLength;
  return ribbonTops({ ...ribbon, foot }, laid).map((part) => ({ ...part, face: ribbon.face }));
}

function riseOnRibbons(piece: ResolvedPiece, ribbons: readonly Passing[]): Length {
  return ribbons
    .filter(({ face, top }) => face === piece.face && top - piece.foot > bendsOver)
    .filter(({ outline }) => meets(outline, outlineOf(piece)))
    .reduce<Length>(
      (most, { top }) => longerOf(most, subtractLengths(top, piece.foot)),
      zeroLength,
    );
}

/** What goes behind a piece fits where its adhesive leaves as much room, or bends it a little. */
function riseOffRibbon({ lift }: ResolvedPiece, thickness: Length): Length {
  const more = subtractLengths(thickness, lift);
  return more > bendsOver ? more : zeroLength;
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
