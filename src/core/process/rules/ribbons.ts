import { papersBefore, isRibbon } from '../../resolve/ribbonParts';
import { supportsUnder } from '../../resolve/supportsUnder';
import { arrow, type Arrow, type StepRule } from '../arrow';
import { decorationsOf, holdingStep, ofKind } from './onPaper';

/**
 * A ribbon goes on over what lies under it and before what lies over it. One whose ends are tucked behind a panel, or that
 * is wrapped round it, goes on before the panel is stuck down, which would have to be pulled up again; round the whole card
 * it goes on when all else is glued.
 */
export const ribbons: StepRule = {
  id: 'ribbons',
  weight: 'stop',
  arrows: (steps) => {
    const { card } = steps.input;
    return card.marks.filter(isRibbon).flatMap((ribbon): readonly Arrow[] => {
      const tie = ofKind(steps, 'ribbon').find(({ pieces }) => pieces[0] === ribbon.id);
      if (!tie) return [];
      const order = card.painted[ribbon.face];
      const under = papersBefore(order, ribbon).filter(({ id }) => id !== ribbon.support);
      const isOn = (id: string) =>
        supportsUnder(card, { support: id as never }).includes(ribbon.support as never);
      const own = ribbon.support === 'base' ? undefined : holdingStep(steps, ribbon.support);
      const reason = ribbon.piece.way === 'round' ? 'ribbon-round' : 'ribbon-tucked';
      const after = card.pieces.filter(
        ({ id, face }) =>
          face === ribbon.face &&
          id !== ribbon.support &&
          !under.some((each) => each.id === id) &&
          (ribbon.support === 'base' || isOn(id)),
      );
      return [
        ...decorationsOf(steps, ribbon).map((step) => arrow(step, tie, 'decorated-first', 'touch')),
        ...under
          .filter(({ id }) => ribbon.support === 'base' || isOn(id))
          .flatMap(({ id }) => holdingStep(steps, id) ?? [])
          .map((step) => arrow(step, tie, reason)),
        ...(own ? [arrow(tie, own, reason)] : []),
        ...after
          .flatMap(({ id }) => holdingStep(steps, id) ?? [])
          .map((step) => arrow(tie, step, 'over-ribbon')),
      ];
    });
  },
};
