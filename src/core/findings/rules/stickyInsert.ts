import { meets } from '../../outline/distance';
import type { Zone } from '../../plan/piece';
import { changePiece } from '../../plan/pieceEdits';
import { mostZones } from '../../plan/zones';
import { padsOf } from '../../resolve/bond';
import { outlineOf } from '../../resolve/outlineOf';
import { isLoose, pocketsOver } from '../../resolve/pockets';
import { findOnPair, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';

/** What holds a pocket sticks to what is put into it. */
export const stickyInsert: Rule = {
  id: 'sticky-insert',
  find: ({ card }) =>
    card.pieces.filter(isLoose).flatMap((insert) =>
      pocketsOver(card, insert).flatMap((pocket): Finding[] => {
        const own = outlineOf(insert);
        // Held by one adhesive all over, it sticks wherever it lies over it.
        const isStuck = padsOf(pocket)?.some(({ outline }) => meets(outline, own)) ?? true;
        if (!isStuck) return [];
        const open: Zone = { where: { at: 'all' }, over: insert.id, attach: 'none' };
        const zones = [...pocket.piece.zones, open];
        return [
          findOnPair(
            pocket,
            insert,
            'look',
            { rule: 'sticky-insert' },
            zones.length > mostZones
              ? []
              : [deed('leave-open', changePiece(pocket.piece, { zones }))],
          ),
        ];
      }),
    ),
};
