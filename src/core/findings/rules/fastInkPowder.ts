import { inksOf } from '../../kinds/coat';
import { staysWet } from '../../kinds/staysWet';
import { findOn, type Finding, type Rule } from '../finding';
import { nearestInk, takeInk } from '../inkRemedy';

/** Powder on an ink that dries too soon, so that it falls off in patches; some like the worn look. */
export const fastInkPowder: Rule = {
  id: 'fast-ink-powder',
  find: ({ plan, card, library }) =>
    card.marks.flatMap((mark) =>
      mark.paints.flatMap((paint, layer): readonly Finding[] => {
        const from = paint?.from;
        if (from?.kind !== 'item' || !from.powder || from.item.kind !== 'ink') return [];
        const { item, powder } = from;
        if (staysWet(item)) return [];
        const data = { rule: 'fast-ink-powder', ink: item.name, powder: powder.name } as const;
        return [
          findOn(mark, 'look', data, () => {
            // Powder that hides does with any; else the colour is to stay.
            const sticky = inksOf(library).find(({ ink }) => ink === 'sticky');
            const near = nearestInk(library, item.colour, mark.ground.colour, staysWet);
            const other = powder.powder === 'clear' ? near : (sticky ?? near);
            return takeInk({ plan }, [{ pieceId: mark.id, layer }], other);
          }),
        ];
      }),
    ),
};
