import type { Habits } from './habits';
import type { DesignerId, ReleaseId } from './ids';
import type { LibraryRef } from './libraryItem';
import type { Base, Plan } from './plan';
import { currentPlanSchema } from './planFacts';
import { plainAbout, plainMaking, plainPost } from './plainPlan';

export interface NewPlan {
  readonly title: string;
  readonly designerId: DesignerId | null;
  readonly releaseId: ReleaseId | null;
  readonly habits: Habits;
  readonly stock: LibraryRef;
  readonly format: Base['format'];
  readonly fold: Base['fold'];
}

/** A card with its base and nothing on it, for one copy; the house habits are copied in. */
export function newPlan({
  title,
  designerId,
  releaseId,
  habits,
  stock,
  format,
  fold,
}: NewPlan): Plan {
  return {
    schema: currentPlanSchema,
    about: { ...plainAbout, title, designerId, releaseId },
    base: { format, fold, blankId: null, stock },
    habits,
    pieces: [],
    making: plainMaking,
    post: plainPost,
    uses: [],
    combinations: [],
    overlaps: [],
    scenes: [],
    overrides: [],
    accepted: [],
  };
}
