import { findOn, type Finding, type Rule } from '../finding';

/** Fewer than this are placed one by one, more are a scatter that nobody counts. */
const counted = { from: 2, to: 12 } as const;

/** An even number of gems or other embellishments on one face: odd numbers look settled. A habit. */
export const evenNumber: Rule = {
  id: 'even-number',
  find: ({ card }) => {
    const faces = new Set(card.marks.map(({ face }) => face));
    return [...faces].flatMap((face): Finding[] => {
      const dots = card.marks.filter(
        (mark) => mark.face === face && mark.piece.kind === 'dot' && mark.piece.look !== 'splatter',
      );
      const [first] = dots;
      const isCounted = dots.length >= counted.from && dots.length <= counted.to;
      return first && isCounted && dots.length % 2 === 0
        ? [findOn(first, 'habit', { rule: 'even-number', count: dots.length, face }, [])]
        : [];
    });
  },
};
