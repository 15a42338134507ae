import type { Act } from '../acts/act';
import type { Outline } from '../outline/outline';
import { boundsOf, boxesOverlap } from '../outline/outline';
import { intersectOutlines, subtractOutlines, uniteOutlines } from '../outline/polygons';
import { overlapId } from '../plan/collections';
import { overlapOf } from '../plan/decideOverlap';
import { faceIds, type FaceId } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import { letterAt } from '../resolve/letterAt';
import type { SupportId } from '../resolve/origins';
import { isMark, outlineOf, outlineOfBase } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { cutMask, type MaskHabits } from './cutMask';
import { actsOf, planPaper, type CoveredPrint, type PaperPlan } from './planPaper';
import { printsOf } from './printsOf';
import { masksForCopies, shareMasks, type Covering } from './shareMasks';

/** The prints of one paper, in their order, with their masks. */
export interface MaskedPaper extends PaperPlan {
  readonly face: FaceId;
  readonly support: SupportId;
  readonly acts: readonly Act[];
}

/** A mask to be cut. */
export interface PlannedMask {
  readonly letter: string;
  /** What it covers, one after the other; it is cut as large as the first of them. */
  readonly covers: readonly [CoveredPrint, ...CoveredPrint[]];
  /** For all copies, as masks wear out. */
  readonly copies: number;
}

/** What is stamped first on each paper of a card, and which masks that takes. */
export interface MaskPlan {
  /** Those with more than one print, the base of each face first. */
  readonly papers: readonly MaskedPaper[];
  /** In the order they are laid on. */
  readonly masks: readonly PlannedMask[];
  /** So many images are covered; at the least so many have to be with these places; whether that is proven. */
  readonly covered: number;
  readonly fewest: number;
  readonly isProven: boolean;
}

/** All masks of a card; those of a print that lies as before are kept. */
export function maskCard(plan: Plan, card: ResolvedCard): MaskPlan {
  const { habits } = plan;
  const decisions = new Map(plan.overlaps.map((each) => [overlapId(each), each.first]));
  const decided = (a: string, b: string) =>
    decisions.get(overlapId(overlapOf(a as PieceId, b as PieceId, null)));
  const maskHabits = maskHabitsOf(plan);
  const planned = papersOf(card).flatMap(({ face, support }) => {
    const prints = printsOf(card, face, support);
    if (prints.length < 2) return [];
    const paper = planPaper({
      prints,
      clip: seenOf(card, face, support),
      decided,
      acceptsOverlaps: habits.acceptsOverlaps,
      habits: maskHabits,
    });
    return [{ face, support, ...paper }];
  });
  const masks = masksOf(planned, plan);
  const laid = new Map(
    masks.flatMap(({ letter, covers }) =>
      covers.map((each) => [each.print.id, { letter, each }] as const),
    ),
  );
  return {
    papers: planned.map((paper) => {
      const covered = paper.covered.map((each) => laid.get(each.print.id)?.each ?? each);
      const whole = { ...paper, covered };
      return { ...whole, acts: actsOf(whole, (id) => laid.get(id)?.letter ?? '?') };
    }),
    masks,
    covered: planned.reduce((sum, { covered }) => sum + covered.length, 0),
    fewest: planned.reduce((sum, { fewest }) => sum + fewest.ids.length, 0),
    isProven: planned.every(({ fewest }) => fewest.isProven),
  };
}

export function maskHabitsOf({ habits }: Pick<Plan, 'habits'>): MaskHabits {
  const { maskInset, maskSpindly, maskMargin } = habits;
  return { inset: maskInset.ticks, spindly: maskSpindly.ticks, margin: maskMargin.ticks };
}

function papersOf({ pieces }: ResolvedCard): readonly { face: FaceId; support: SupportId }[] {
  return [
    ...faceIds.map((face) => ({ face, support: 'base' as const })),
    ...pieces.map(({ face, id }) => ({ face, support: id })),
  ];
}

/** What is seen of a paper in the end: its own outline, less what is glued over it. */
function seenOf(
  card: ResolvedCard,
  face: FaceId,
  support: SupportId,
): (outline: Outline) => Outline {
  const order = card.painted[face];
  const at = order.findIndex(({ id }) => id === support);
  const own = order[at];
  const paper = own ? outlineOf(own) : outlineOfBase(card.base);
  const over = order.slice(at + 1).filter((placed) => !isMark(placed));
  return (outline) => {
    const box = boundsOf(outline);
    const on = intersectOutlines(outline, paper);
    const hiding = over.map(outlineOf).filter((each) => boxesOverlap(boundsOf(each), box));
    return hiding.length > 0 ? subtractOutlines(on, uniteOutlines(hiding)) : on;
  };
}

/** Papers are worked one after the other, so a mask of one serves on the next. */
function masksOf(papers: readonly PaperPlan[], plan: Plan): readonly PlannedMask[] {
  const { making, habits } = plan;
  const maskHabits = maskHabitsOf(plan);
  let done = 0;
  const coverings: Covering[] = [];
  const byId = new Map<string, CoveredPrint>();
  for (const { order, covered } of papers) {
    for (const each of covered) {
      const { print, from, to } = each;
      byId.set(print.id, each);
      const key = print.stamp ?? print.id;
      coverings.push({ id: print.id, key, from: done + from, to: done + to });
    }
    done += order.length;
  }
  return shareMasks(coverings).flatMap(({ covers }, at): readonly PlannedMask[] => {
    // One that covers several is cut whole: each is met elsewhere.
    const [first, ...more] = covers
      .flatMap((id) => byId.get(id) ?? [])
      .map((each) =>
        covers.length === 1 ? each : { ...each, mask: cutMask(each.print, maskHabits) },
      );
    if (!first) return [];
    const copies = masksForCopies(making.copies, covers.length, habits.maskUses);
    return [{ letter: letterAt(at), covers: [first, ...more], copies }];
  });
}
