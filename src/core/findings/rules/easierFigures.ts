import { sumLengths } from '../../length/length';
import { asTyped, type TypedLength } from '../../length/typedLength';
import type { Edit, SimpleEdit } from '../../plan/edit';
import { batchEdits } from '../../plan/batchEdits';
import { sides, type Side } from '../../plan/faces';
import type { SizeRule } from '../../plan/piece';
import type { Reveals } from '../../resolve/origins';
import type { EasierSize, Finding, Rule } from '../finding';
import { deed } from '../remedy';
import { cardSubject, pieceSubject } from '../subject';
import { isChanged, proposeEasier, type EasierPiece } from '../proposeEasier';
import { changePiece } from '../../plan/pieceEdits';

/** Sizes in odd sixteenths that would be easier in eighths, for the whole stack at once. */
export const easierFigures: Rule = {
  id: 'easier-figures',
  find: ({ plan, card }) => {
    const { leadingUnit, minimumReveal } = plan.habits;
    const proposal = proposeEasier(card, leadingUnit, minimumReveal.ticks);
    const changed = (proposal ?? []).filter(isChanged);
    const [first, ...more] = changed;
    if (!proposal || !first) return [];
    const isOne = more.length === 0;
    const finding: Finding = {
      severity: 'look',
      subject: isOne ? pieceSubject(first.piece) : cardSubject(card),
      data: { rule: 'easier-figures', unit: leadingUnit, sizes: changed.map(easierSize) },
      remedies: [deed('easier', easierEdit(proposal))],
    };
    return [finding];
  },
};

function easierSize({ piece, size, reveals }: EasierPiece): EasierSize {
  const { id, letter, name, rect, reveals: revealsBefore } = piece;
  const before = { width: rect.width, height: rect.height };
  return { id, letter, name, before, after: size, revealsBefore, revealsAfter: reveals };
}

/** Every rule whose figure changes, in one edit; a piece keeps the way its size is given. */
function easierEdit(proposal: readonly EasierPiece[]): Edit {
  return batchEdits(
    proposal.flatMap((easier): SimpleEdit[] => {
      const size = easierRule(easier, proposal);
      return size ? [changePiece(easier.piece.piece, { size })] : [];
    }),
  );
}

/** The rule that gives the new figures; undefined where the old one does. */
function easierRule(easier: EasierPiece, proposal: readonly EasierPiece[]): SizeRule | undefined {
  const { piece, size, reveals } = easier;
  const rule = piece.piece.size;
  const measured: SizeRule = {
    by: 'measure',
    width: asTyped(size.width),
    height: asTyped(size.height),
  };
  switch (rule.by) {
    case 'die':
    case 'stamp':
      return undefined;
    case 'measure':
      return isChanged(easier) ? measured : undefined;
    case 'reveal': {
      if (sides.every((side) => reveals[side] === rule.all.ticks)) return undefined;
      return sides.every((side) => reveals[side] === reveals.left)
        ? { by: 'reveal', all: asTyped(reveals.left) }
        : measured;
    }
    case 'step': {
      const across = sumLengths(reveals.left, reveals.right);
      const down = sumLengths(reveals.top, reveals.bottom);
      if (across !== down) return measured;
      return across === rule.overall.ticks ? undefined : { by: 'step', overall: asTyped(across) };
    }
    case 'sides':
      return withSides(rule, reveals);
    case 'outset': {
      const inner = proposal.find((each) => each.piece.id === rule.around);
      return inner && withSides(rule, inner.reveals);
    }
    default:
      throw new TypeError(`easierRule: unknown rule ${JSON.stringify(rule satisfies never)}`);
  }
}

function withSides<R extends Extract<SizeRule, { by: 'sides' | 'outset' }>>(
  rule: R,
  reveals: Reveals,
): R | undefined {
  if (sides.every((side) => rule[side].ticks === reveals[side])) return undefined;
  const next = (side: Side): TypedLength =>
    rule[side].ticks === reveals[side] ? rule[side] : asTyped(reveals[side]);
  return {
    ...rule,
    left: next('left'),
    top: next('top'),
    right: next('right'),
    bottom: next('bottom'),
  };
}
