import type { Finding, Rule } from '../finding';
import { cardSubject, pieceSubject } from '../subject';

/** A stock the library does not hold: its colour and thickness are then guesses. */
export const missingStock: Rule = {
  id: 'missing-stock',
  find: ({ plan, card }) =>
    [
      { subject: cardSubject(card), stock: card.base.stock, ref: plan.base.stock },
      ...card.pieces.map((piece) => ({
        subject: pieceSubject(piece),
        stock: piece.stock,
        ref: piece.piece.stock,
      })),
    ]
      .filter(({ stock }) => stock === undefined)
      .map(({ subject, ref }): Finding => ({
        severity: 'look',
        subject,
        data: { rule: 'missing-stock', libraryId: ref.id },
        remedies: [],
      })),
};
