import type { Rule } from '../finding';

/** Pieces that have no figures: in a circle, on nothing, or without a size. */
export const impossiblePiece: Rule = {
  id: 'impossible-piece',
  find: ({ card }) =>
    card.impossible
      // One cause is one finding: what lies on an impossible piece mends with it.
      .filter(({ reason }) => reason.code !== 'below')
      .map(({ id, name, reason }) => ({
        severity: 'stop',
        pieceId: id,
        letter: '',
        name,
        data: { rule: 'impossible-piece', reason },
        remedies:
          reason.code === 'no-size'
            ? []
            : [
                {
                  id: 'onto-face',
                  size: undefined,
                  reveals: undefined,
                  edit: { kind: 'change-piece', id, change: { on: { face: 'front' } } },
                },
              ],
      })),
};
