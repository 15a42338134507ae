import { arrow, type Arrow, type StepRule } from '../arrow';
import { ofKind } from './onPaper';

/**
 * Anti-static powder before the sticky ink, as static holds stray grains; powder while the ink is wet; heat before the
 * loose grains are knocked off.
 */
export const embossing: StepRule = {
  id: 'embossing',
  weight: 'stop',
  arrows: (steps) =>
    ofKind(steps, 'powder').flatMap((powder): readonly Arrow[] => {
      const [piece = ''] = powder.pieces;
      const own = ofKind(steps, 'anti-static', 'stamp').filter(({ pieces }) => pieces[0] === piece);
      const stamp = own.find(({ kind }) => kind === 'stamp');
      const antiStatic = own.find(({ kind }) => kind === 'anti-static');
      const heat = ofKind(steps, 'heat').find(
        ({ pieces, medium }) => pieces.includes(piece) && medium === powder.medium,
      );
      if (!stamp || !heat) return [];
      return [
        ...(antiStatic ? [arrow(antiStatic, stamp, 'anti-static')] : []),
        { ...arrow(stamp, powder, 'wet-ink'), most: wetMinutes },
        { ...arrow(powder, heat, 'loose-grains'), most: loosePer * heat.pieces.length },
      ];
    }),
};

/** So long sticky ink takes powder at the most, and so long powder is left loose for each print. From memory. */
const wetMinutes = 2;
const loosePer = 10;
