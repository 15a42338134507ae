import { bestBridge } from '../../inking/blendCheck';
import { coatsOfStops, meetingsOf, withBridge } from '../../inking/blendStops';
import { recolour } from '../../inking/recolour';
import { coatOf, coloursOf } from '../../kinds/coat';
import { outOf } from '../../plan/plainColours';
import { findOn, type Finding, type Rule } from '../finding';
import type { Remedy } from '../remedy';

/** Two inks of a blend that go grey where they meet; another of the stash between them keeps it clean. */
export const muddyBlend: Rule = {
  id: 'muddy-blend',
  find: ({ plan, card, library }) =>
    card.marks.flatMap((mark): readonly Finding[] => {
      const { piece, ground } = mark;
      if (piece.kind !== 'blend') return [];
      return meetingsOf(coatsOfStops(piece.stops, library), ground.colour)
        .filter(({ meeting }) => meeting.isMuddy)
        .map(({ index, one, two, meeting: { loss } }) => {
          const data = { rule: 'muddy-blend', one: one.name, two: two.name, loss } as const;
          return findOn(mark, 'look', data, (): readonly Remedy[] => {
            const inks = coloursOf(library)
              .filter((item) => item.kind === 'ink')
              .map((item) => ({ item, coat: coatOf(item) }));
            const bridge = bestBridge(ground.colour, one.coat, two.coat, inks);
            if (!bridge) return [];
            const { item } = bridge.ink;
            const stops = withBridge(piece.stops, index, outOf(item));
            const edit = recolour(plan, [{ pieceId: mark.id, layer: 0 }], { kind: 'stops', stops });
            return [{ id: 'between', name: item.name, edit }];
          });
        });
    }),
};
