import type { Finding, Rule } from '../finding';

/** A stock the library does not hold: its colour and thickness are then guesses. */
export const missingStock: Rule = {
  id: 'missing-stock',
  find: ({ plan, card }) => {
    const base = {
      stock: card.base.stock,
      ref: plan.base.stock,
      letter: card.base.letter,
      name: 'Base',
    };
    const pieces = card.pieces.map(({ id, stock, piece, letter, name }) => ({
      id,
      stock,
      ref: piece.stock,
      letter,
      name,
    }));
    return [{ id: undefined, ...base }, ...pieces]
      .filter(({ stock }) => stock === undefined)
      .map(({ id, ref, letter, name }): Finding => ({
        severity: 'look',
        pieceId: id,
        letter,
        name,
        data: { rule: 'missing-stock', libraryId: ref.id },
        remedies: [],
      }));
  },
};
