import { staysWet } from '../../kinds/staysWet';
import type { Ink } from '../../plan/libraryItem';
import { findOn, type Finding, type Rule } from '../finding';
import { nearestInk, takeInk } from '../inkRemedy';

/** A mask laid on ink that stays wet for long, which it smears, and lifts when it is peeled. Powder melted over it is dry. */
export const maskOnWet: Rule = {
  id: 'mask-on-wet',
  find: ({ plan, card, library, results }) =>
    (results.masks?.masks ?? []).flatMap(({ letter, covers }) =>
      covers.flatMap(({ print }): readonly Finding[] => {
        const mark = card.marks.find(({ id }) => id === print.id);
        const wet = (mark?.paints ?? []).flatMap((paint, layer) => {
          const from = paint?.from;
          if (from?.kind !== 'item' || from.powder || from.item.kind !== 'ink') return [];
          return staysWet(from.item) ? [{ ink: from.item, layer }] : [];
        });
        const [first] = wet;
        if (!mark || !first) return [];
        return [
          findOn(mark, 'look', { rule: 'mask-on-wet', ink: first.ink.name, mask: letter }, () => {
            const parts = wet.map(({ layer }) => ({ pieceId: mark.id, layer }));
            const { colour } = first.ink;
            const fast = nearestInk(library, colour, mark.ground.colour, driesFast);
            return takeInk({ plan }, parts, fast);
          }),
        ];
      }),
    ),
};

const driesFast = ({ ink }: Ink) => ink === 'dye';
