import { shadeCheck } from '../../inking/shadeCheck';
import { findOn, type Finding, type Rule } from '../finding';

/** Colours used together with a step in lightness that shows: nothing lies between. Each combination is told once. */
export const colourGap: Rule = {
  id: 'colour-gap',
  find: ({ card }) => {
    const told = new Set<string>();
    return card.marks.flatMap((mark): readonly Finding[] =>
      mark.paints.flatMap((paint): readonly Finding[] => {
        if (paint?.from.kind !== 'several' || !paint.from.combination) return [];
        const { id, name } = paint.from.combination;
        if (told.has(id)) return [];
        told.add(id);
        const [gap] = shadeCheck(paint.varies?.stops.map(({ colour }) => colour) ?? []).gaps;
        return gap ? [findOn(mark, 'look', { rule: 'colour-gap', name, ...gap })] : [];
      }),
    );
  },
};
