import { arrow, type StepRule } from '../arrow';
import { decorationsOf, holdingStep, ofKind } from './onPaper';

/** A panel is trimmed once it is decorated, and before its edges are inked: a cut edge is white again. */
export const trimming: StepRule = {
  id: 'trimming',
  weight: 'stop',
  arrows: (steps) =>
    ofKind(steps, 'trim').flatMap((trim) => {
      const [piece = ''] = trim.pieces;
      const held = holdingStep(steps, piece);
      const paper = steps.input.card.pieces.find(({ id }) => id === piece);
      // What hangs over is cut off once it is stuck.
      const isAfter = paper !== undefined && paper.piece.overhang !== 'kept';
      const cut = ofKind(steps, 'die-cut', 'cut-out').filter(({ pieces }) => pieces[0] === piece);
      const decorations = trim.on ? decorationsOf(steps, trim.on) : [];
      return [
        ...cut.map((step) => arrow(step, trim, 'cut-first')),
        ...decorations
          .filter(({ kind }) => kind !== 'edges' && !isAfter)
          .map((step) => arrow(step, trim, 'trimmed-last', 'touch')),
        ...decorations
          .filter(({ kind }) => kind === 'edges' && !isAfter)
          .map((step) => arrow(trim, step, 'trim-edges')),
        ...(held
          ? [isAfter ? arrow(held, trim, 'trimmed-last') : arrow(trim, held, 'cut-first')]
          : []),
      ];
    }),
};
