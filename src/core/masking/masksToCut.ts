import type { Act } from '../acts/act';
import { letterAt } from '../resolve/letterAt';
import { cutMask, type MaskHabits } from './cutMask';
import { actsOf, type CoveredPrint, type PaperPlan } from './planPaper';
import { masksForCopies, shareMasks, type Covering } from './shareMasks';

/** A mask to be cut. */
export interface PlannedMask {
  readonly letter: string;
  /** What it covers, one after the other; it is cut as large as the first of them. */
  readonly covers: readonly [CoveredPrint, ...CoveredPrint[]];
  /** For all copies, as masks wear out. */
  readonly copies: number;
}

/** The prints of one paper in their order, with their masks as they are cut and what is done one after the other. */
export interface MaskedPrints extends PaperPlan {
  readonly acts: readonly Act[];
}

/**
 * The masks to cut for papers that are worked one after the other: one of an earlier paper serves on a later one.
 * @param copies of the card
 * @param maskUses how often a mask is laid on before it wears out
 */
export function masksToCut(
  papers: readonly PaperPlan[],
  habits: MaskHabits,
  copies: number,
  maskUses: number,
): readonly PlannedMask[] {
  let done = 0;
  const coverings: Covering[] = [];
  const byId = new Map<string, CoveredPrint>();
  for (const { order, covered } of papers) {
    for (const each of covered) {
      const { print, from, to } = each;
      byId.set(print.id, each);
      coverings.push({
        id: print.id,
        key: print.stamp ?? print.id,
        from: done + from,
        to: done + to,
      });
    }
    done += order.length;
  }
  return shareMasks(coverings).flatMap(({ covers }, at): readonly PlannedMask[] => {
    // One that covers several is cut whole: each is met elsewhere.
    const [first, ...more] = covers
      .flatMap((id) => byId.get(id) ?? [])
      .map((each) => (covers.length === 1 ? each : { ...each, mask: cutMask(each.print, habits) }));
    if (!first) return [];
    const needed = masksForCopies(copies, covers.length, maskUses);
    return [{ letter: letterAt(at), covers: [first, ...more], copies: needed }];
  });
}

/** A paper with its masks as they are cut. */
export function withMasks(paper: PaperPlan, masks: readonly PlannedMask[]): MaskedPrints {
  const laid = new Map(
    masks.flatMap(({ letter, covers }) =>
      covers.map((each) => [each.print.id, { letter, each }] as const),
    ),
  );
  const covered = paper.covered.map((each) => laid.get(each.print.id)?.each ?? each);
  const whole = { ...paper, covered };
  return { ...whole, acts: actsOf(whole, (id) => laid.get(id)?.letter ?? '?') };
}
