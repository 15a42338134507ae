import { maskCard, type MaskPlan } from '../masking/maskCard';
import { maskStock } from '../masking/keptMasks';
import type { PlannedMask } from '../masking/masksToCut';
import { actsOf } from '../masking/planPaper';
import { printsOf } from '../masking/printsOf';
import type { Plan } from '../plan/plan';
import { faceIds } from '../plan/faces';
import type { PrintedPaper, ProcessInput } from '../process/processInput';
import type { KeptMasks } from '../process/processPlan';
import type { ResolvedCard } from '../resolve/resolvedCard';

/** What the steps of a card are made from: the card, and the order and masks of its prints. */
export function processInput(
  plan: Plan,
  card: ResolvedCard,
  masks: MaskPlan = maskCard(plan, card),
  kept?: KeptMasks,
): ProcessInput {
  const { making, habits } = plan;
  const batch = { copies: making.copies, maskUses: habits.maskUses };
  const toCut = (mask: PlannedMask) =>
    (kept && maskStock(mask, masks.masks, kept.holdings, { ...batch, cardId: kept.cardId }))
      ?.toCut ?? mask.copies;
  return {
    plan,
    card,
    papers: printedPapers(card, masks),
    masks: masks.masks
      .map((mask) => ({
        letter: mask.letter,
        covers: mask.covers.map(({ print }) => print.id),
        toCut: toCut(mask),
      }))
      .filter((mask) => mask.toCut > 0),
  };
}

/** Papers with prints that masking has put in order, and those with one, which is no question. */
function printedPapers(card: ResolvedCard, { papers }: MaskPlan): readonly PrintedPaper[] {
  const planned = papers.map(({ face, support, acts }) => ({ face, support, acts }));
  const supports = [
    ...faceIds.map((face) => ({ face, support: 'base' as const })),
    ...card.pieces.map(({ face, id }) => ({ face, support: id })),
  ];
  const others = supports.flatMap(({ face, support }): readonly PrintedPaper[] => {
    if (planned.some((paper) => paper.face === face && paper.support === support)) return [];
    const order = printsOf(card, face, support);
    if (order.length === 0) return [];
    if (order.length > 1) throw new Error(`printedPapers: ${support} has prints nobody ordered`);
    return [{ face, support, acts: actsOf({ order, covered: [], meetings: [] }, noLetter) }];
  });
  return [...planned, ...others];
}

/** Nothing is covered, so there is no mask to call. */
const noLetter = () => '';
