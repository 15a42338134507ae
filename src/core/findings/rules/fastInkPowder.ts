import { nearestColours } from '../../inking/nearestColours';
import { recolour } from '../../inking/recolour';
import { coloursOf } from '../../kinds/coat';
import { outOf } from '../../plan/plainColours';
import type { Ink } from '../../plan/libraryItem';
import { findOn, type Finding, type Rule } from '../finding';
import type { Remedy } from '../remedy';

/** Inks that stay wet long enough for powder to hold all over; from memory. */
const staysWet: readonly Ink['ink'][] = ['sticky', 'pigment'];

/** Powder on an ink that dries too soon, so that it falls off in patches; some like the worn look. */
export const fastInkPowder: Rule = {
  id: 'fast-ink-powder',
  find: ({ plan, card, library }) =>
    card.marks.flatMap((mark) =>
      mark.paints.flatMap((paint, layer): readonly Finding[] => {
        const from = paint?.from;
        if (from?.kind !== 'item' || !from.powder || from.item.kind !== 'ink') return [];
        const { item, powder } = from;
        if (staysWet.includes(item.ink)) return [];
        const data = { rule: 'fast-ink-powder', ink: item.name, powder: powder.name } as const;
        return [
          findOn(mark, 'look', data, (): readonly Remedy[] => {
            const inks = coloursOf(library).filter(
              (each): each is Ink => each.kind === 'ink' && staysWet.includes(each.ink),
            );
            // Powder that hides does with any; else the colour is to stay.
            const sticky = inks.find(({ ink }) => ink === 'sticky');
            const [near] = nearestColours(item.colour, inks, 1, mark.ground.colour);
            const other = powder.powder === 'clear' ? near?.item : (sticky ?? near?.item);
            if (!other) return [];
            const source = { kind: 'source', source: outOf(other) } as const;
            const edit = recolour(plan, [{ pieceId: mark.id, layer }], source);
            return [{ id: 'take-ink', name: other.name, edit }];
          }),
        ];
      }),
    ),
};
