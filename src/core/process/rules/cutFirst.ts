import { arrow, type StepRule } from '../arrow';
import { decorationsOf, holdingStep, ofKind } from './onPaper';

/** A piece is cut before anything is done on it or with it; the base is scored and folded flat. */
export const cutFirst: StepRule = {
  id: 'cut-first',
  weight: 'stop',
  arrows: (steps) => {
    const [score, fold] = [ofKind(steps, 'score'), ofKind(steps, 'fold')];
    const { pieces } = steps.input.card;
    return [
      ...ofKind(steps, 'cut').flatMap((cut) =>
        cut.pieces.flatMap((piece) => {
          const then =
            piece === 'base'
              ? [...score, ...(score.length === 0 ? onBase() : [])]
              : [
                  ...decorationsOf(steps, { face: 'front', support: piece as never }),
                  ...held(piece),
                ];
          return then.map((step) => arrow(cut, step, 'cut-first'));
        }),
      ),
      ...score.flatMap((scored) => [
        ...fold.map((step) => arrow(scored, step, 'score-fold')),
        ...onBase().map((step) => arrow(scored, step, 'cut-first')),
      ]),
      ...fold.flatMap((folded) =>
        pieces
          .filter(({ support }) => support === 'base')
          .flatMap(({ id }) => held(id))
          .map((step) => arrow(folded, step, 'folded-first')),
      ),
    ];

    function held(piece: string) {
      const step = holdingStep(steps, piece);
      return step ? [step] : [];
    }
    function onBase() {
      return steps.all.filter(({ on, kind }) => on?.support === 'base' && kind !== 'insert');
    }
  },
};
