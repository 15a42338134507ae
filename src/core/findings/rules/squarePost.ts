import { cardSubject } from '../subject';
import type { Rule } from '../finding';

/** An envelope so square that it is surcharged in the United States; told to those who post there, or work in inches. */
export const squarePost: Rule = {
  id: 'square-post',
  find: ({ plan, card, results }) => {
    const { wanted } = plan.post;
    const postsThere = wanted ? wanted.scheme === 'us' : plan.habits.leadingUnit === 'in';
    const letter = results.post?.plan.schemes
      .find(({ of }) => of.id === 'us')
      ?.classes.find(({ of }) => of.id === 'us-letter');
    const square = letter?.verdicts.find(
      (verdict) => verdict.measure === 'ratio' && verdict.side === 'least',
    );
    if (!postsThere || !square || !('isWithin' in square) || square.isWithin) return [];
    return [
      {
        severity: 'look',
        subject: cardSubject(card),
        data: { rule: 'square-post', ratio: square.ratio },
        remedies: [],
      },
    ];
  },
};
