import { labOf } from '../../colour/lab';
import { chalkUnder } from '../../inking/chalkUnder';
import { isPrintedLayer } from '../../kinds/image/isPrintedLayer';
import { covers } from '../../kinds/coat';
import { layerAt } from '../../kinds/layerAt';
import { holdsWords, type ResolvedMark } from '../../resolve/resolvedMark';
import { findOn, type Finding, type Rule } from '../finding';

/** How much darker than a chalky ground a transparent ink has to be, which takes it up unevenly; from memory. */
const darkEnough = 40;

/** Fine lines and words stamped on a chalky ground in an ink that is neither opaque nor dark: a weak impression. */
export const fineOnChalk: Rule = {
  id: 'fine-on-chalk',
  find: ({ card }) =>
    card.marks.flatMap((mark): readonly Finding[] => {
      const weak = mark.paints.flatMap((paint, layer) => {
        const from = paint?.from;
        if (from?.kind !== 'item' || from.item.kind !== 'ink' || from.powder) return [];
        if (!isFine(mark, layer) || covers(from.item)) return [];
        return [{ ink: from.item, seen: labOf(paint?.colour ?? from.item.colour).l }];
      })[0];
      const chalk = weak && chalkUnder(card, mark);
      const [ground] = chalk?.ground.paints ?? [];
      if (!weak || !chalk || !ground) return [];
      if (labOf(ground.colour).l - weak.seen >= darkEnough) return [];
      const data = { rule: 'fine-on-chalk', ink: weak.ink.name, ground: chalk.ink.name } as const;
      return [findOn(mark, 'look', data)];
    }),
};

/** Words, and what is printed in lines. */
function isFine(mark: ResolvedMark, layer: number): boolean {
  const { piece, stamp } = mark;
  if (holdsWords(mark)) return true;
  if (piece.kind !== 'image' || layerAt(piece, layer).kind !== 'layer') return false;
  return isPrintedLayer(stamp, layer) && (stamp?.layers[layer]?.lineWidth ?? 0) > 0;
}
