import type { Act } from '../acts/act';
import { actId } from '../acts/act';
import { kindOf } from '../kinds/kinds';
import { maskCard, type MaskPlan } from '../masking/maskCard';
import type { Plan } from '../plan/plan';
import { faceIds } from '../plan/faces';
import type { PrintedPaper, ProcessInput } from '../process/processInput';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedMark } from '../resolve/resolvedMark';

/** What the steps of a card are made from: the card, and the order and masks of its prints. */
export function processInput(
  plan: Plan,
  card: ResolvedCard,
  masks: MaskPlan = maskCard(plan, card),
): ProcessInput {
  return {
    plan,
    card,
    papers: printedPapers(card, masks),
    masks: masks.masks.map(({ letter, covers }) => ({
      letter,
      covers: covers.map(({ print }) => print.id),
    })),
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
    const [only, ...more] = card.marks.filter(
      (mark) => mark.face === face && mark.support === support && isPrinted(mark),
    );
    if (!only) return [];
    if (more.length > 0) throw new Error(`printedPapers: ${support} has prints nobody has ordered`);
    return [{ face, support, acts: actsOfOne(only) }];
  });
  return [...planned, ...others];
}

function isPrinted({ piece }: ResolvedMark): boolean {
  return !['dot', 'ribbon', 'drawn'].includes(piece.kind);
}

function actsOfOne({ id, piece }: ResolvedMark): readonly Act[] {
  const isLaid = ['ground', 'over'].includes(kindOf(piece).laid(piece));
  const kind = isLaid ? 'lay' : 'stamp';
  return [{ id: actId(kind, id), kind, piece: id, after: [], over: [] }];
}
