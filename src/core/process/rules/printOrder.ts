import type { Act, ActReason } from '../../acts/act';
import { arrow, type Arrow, type StepRule, type Wait } from '../arrow';
import type { Steps } from '../deriveSteps';
import { ofKind } from './onPaper';

/** Prints, grounds, masks and strips of a paper, as its acts have them. */
export const printOrder: StepRule = {
  id: 'print-order',
  weight: 'stop',
  arrows: (steps) => [
    ...steps.input.papers.flatMap(({ acts }) => [
      ...acts.flatMap((act) => afterOthers(act, steps)),
      ...acts.flatMap((act) => underMasks(act, acts, steps)),
      ...inStrips(acts, steps),
    ]),
    ...ofKind(steps, 'cut-mask').flatMap((cut) =>
      ofKind(steps, 'mask')
        .filter(({ medium }) => medium === cut.medium)
        .map((mask) => arrow(cut, mask, 'mask-cut')),
    ),
  ],
};

function afterOthers(act: Act, steps: Steps): readonly Arrow[] {
  const own = steps.ofAct.get(act.id);
  if (!own) return [];
  return act.after.flatMap(({ act: before, because }): readonly Arrow[] => {
    const other = steps.ofAct.get(before);
    const isTurned = steps.blendedOver.some(
      ({ print, ground }) => print === act.id && ground === before,
    );
    if (!other || isTurned) return [];
    // Prints heated together are powdered one after the other.
    const from = other.last === own.last ? other.made : other.last;
    return [{ before: from, then: own.first, because, wait: waitsFor(because) }];
  });
}

/** A mask is laid on dry ink, and what is stamped over a print waits until no finger smears it. */
function waitsFor(because: ActReason): Wait {
  if (because === 'its-mask' || because === 'dry-strip') return 'dry';
  return because === 'its-tape' || because === 'in-strips' || because === 'stops-there'
    ? 'none'
    : 'touch';
}

/** What is made over a mask is made while it lies there. */
function underMasks(act: Act, acts: readonly Act[], steps: Steps): readonly Arrow[] {
  if (act.kind !== 'stamp' && act.kind !== 'lay') return [];
  const own = steps.ofAct.get(act.id);
  return acts.flatMap((other): readonly Arrow[] => {
    const there = steps.ofAct.get(other.id);
    if (!own || !there || !act.over.includes(other.piece) || other.piece === act.piece) return [];
    const told = { because: 'its-mask-on', wait: 'none' } as const;
    if (other.kind === 'mask' || other.kind === 'tape')
      return [{ before: there.last, then: own.first, ...told }];
    return other.kind === 'unmask' || other.kind === 'untape'
      ? [{ before: own.made, then: there.first, ...told }]
      : [];
  });
}

/** A scene is worked strip by strip, in the order of its turns. */
function inStrips(acts: readonly Act[], { ofAct }: Steps): readonly Arrow[] {
  let isInside = false;
  return acts.flatMap((act, at): readonly Arrow[] => {
    if (act.kind === 'cover') isInside = true;
    if (act.kind === 'uncover') isInside = false;
    const [own, next] = [ofAct.get(act.id), ofAct.get(acts[at + 1]?.id ?? '')];
    if (!isInside || !own || !next) return [];
    return [{ before: own.last, then: next.first, because: 'in-strips', wait: 'none' }];
  });
}
