import { fitsIn, turnSize, type Size } from '../../length/length';
import { findOn, type Finding, type Rule } from '../finding';

/** What no tool of the house takes in one go: a die wider than the press, a stamp larger than the platform. */
export const tooLarge: Rule = {
  id: 'too-large',
  find: ({ plan, card }) => {
    const { pressWidth, platform } = plan.habits;
    const most = { width: platform.width.ticks, height: platform.height.ticks };
    const dies = card.pieces.flatMap((piece): Finding[] => {
      const { width, height } = piece.rect;
      if (piece.piece.size.by !== 'die' || Math.min(width, height) <= pressWidth.ticks) return [];
      const size = { width, height };
      const data = { rule: 'too-large', tool: 'press', size, most: pressWidth.ticks } as const;
      return [findOn(piece, 'look', data, [])];
    });
    const prints = card.marks.flatMap((mark): Finding[] => {
      if (!mark.stamp) return [];
      const size = { width: mark.stamp.width.ticks, height: mark.stamp.height.ticks };
      if (fits(size, most)) return [];
      return [findOn(mark, 'look', { rule: 'too-large', tool: 'platform', size, most }, [])];
    });
    return [...dies, ...prints];
  },
};

/** Either way round. */
const fits = (size: Size, most: Size) => fitsIn(size, most) || fitsIn(turnSize(size), most);
