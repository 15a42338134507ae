import type { Outline } from '../outline/outline';
import { boundsOf, boxesOverlap } from '../outline/outline';
import { intersectOutlines, subtractOutlines, uniteOutlines } from '../outline/polygons';
import { faceIds, type FaceId } from '../plan/faces';
import type { Plan } from '../plan/plan';
import type { SupportId } from '../resolve/origins';
import { isMark, outlineOf, outlineOfBase } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { foldScenes, unfoldScenes, type FoldedScene } from './foldScenes';
import { maskHabitsOf } from './maskHabits';
import { masksToCut, withMasks, type MaskedPrints, type PlannedMask } from './masksToCut';
import { planPaper } from './planPaper';
import { printsOf } from './printsOf';

/** The prints of one paper of a card, in their order, with their masks. */
export interface MaskedPaper extends MaskedPrints {
  readonly face: FaceId;
  readonly support: SupportId;
  /** Those in strips; each is one among the prints. */
  readonly scenes: readonly FoldedScene[];
}

/** What is stamped first on each paper of a card, and which masks that takes. */
export interface MaskPlan {
  /** Those with more than one print or a scene, the base of each face first. */
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
  const maskHabits = maskHabitsOf(plan);
  const planned = papersOf(card).flatMap(({ face, support }) => {
    const scenes = card.scenes.filter((each) => each.face === face && each.support === support);
    const { prints, folded } = foldScenes(printsOf(card, face, support), scenes);
    if (prints.length < 2 && scenes.length === 0) return [];
    const paper = planPaper({
      prints,
      clip: seenOf(card, face, support),
      decisions: plan.overlaps,
      school: habits,
      habits: maskHabits,
    });
    return [{ face, support, scenes: folded, ...paper }];
  });
  const { making } = plan;
  const masks = masksToCut(planned, maskHabits, making.copies, habits.maskUses);
  return {
    papers: planned.map((paper) => {
      const whole = { ...paper, ...withMasks(paper, masks) };
      return { ...whole, acts: unfoldScenes(whole.acts, paper.scenes) };
    }),
    masks,
    covered: planned.reduce((sum, { covered }) => sum + covered.length, 0),
    fewest: planned.reduce((sum, { fewest }) => sum + fewest.ids.length, 0),
    isProven: planned.every(({ fewest }) => fewest.isProven),
  };
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
