import type { Act } from '../../acts/act';
import type { ProcessInput } from '../processInput';
import { noTime, stepId, type PaperAt, type Step } from '../step';
import { benchMinutes } from '../stepTimes';
import type { PrintSteps } from './printSteps';

/** A print that is embossed before a ground is laid over it, which is wiped off it. */
export interface BlendedOver {
  readonly on: PaperAt;
  /** The act that stamps it, and the one that lays the ground. */
  readonly print: string;
  readonly ground: string;
  readonly wipe: string;
}

/**
 * Embossed prints on a ground, of houses that emboss first: powder sticks to all that is not dry, and what is blended over a
 * melted print is wiped off it. One that lies over another print on that ground cannot come before it.
 */
export function blendedOver(
  { papers, plan }: ProcessInput,
  { steps, ofAct }: PrintSteps,
): readonly BlendedOver[] {
  const isHeated = (id: string) => ofAct.get(id)?.last.startsWith('heat:') ?? false;
  const grounds = new Set(
    steps.flatMap(({ kind, act }) => (act && laidWet.includes(kind) ? [act.id] : [])),
  );
  return papers.flatMap(({ face, support, acts }) =>
    acts.flatMap((act) => {
      if (!isHeated(act.id)) return [];
      const wipe = stepId('wipe', support === 'base' ? face : support);
      return act.after.flatMap(({ act: ground, because }): readonly BlendedOver[] => {
        const isFirst = because === 'on-ground' && plan.habits.embosses === 'first';
        if (!isFirst || !grounds.has(ground) || hasBetween(acts, ground, act)) return [];
        return [{ on: { face, support }, print: act.id, ground, wipe }];
      });
    }),
  );
}

/** What powder sticks to while it is not dry. */
export const laidWet: readonly string[] = ['blend', 'stencil', 'spray', 'splatter', 'edges'];

/** Whether something is laid on the ground that the print comes after. */
function hasBetween(acts: readonly Act[], ground: string, print: Act): boolean {
  const byId = new Map(acts.map((act) => [act.id, act]));
  const comesAfter = (id: string, seen: Set<string>): boolean =>
    (byId.get(id)?.after ?? []).some(({ act }) => {
      if (act === ground) return true;
      if (seen.has(act)) return false;
      seen.add(act);
      return comesAfter(act, seen);
    });
  return print.after.some(({ act }) => act !== ground && comesAfter(act, new Set()));
}

/** Each paper is wiped once, after the last ground. */
export function wipeSteps(over: readonly BlendedOver[], printed: readonly Step[]): readonly Step[] {
  return [...new Set(over.map(({ wipe }) => wipe))].map((id) => {
    const own = over.filter(({ wipe }) => wipe === id);
    const prints = printed.filter(({ act }) => own.some(({ print }) => print === act?.id));
    return {
      ...{ id, kind: 'wipe', pieces: prints.flatMap(({ pieces }) => pieces), medium: '' },
      ...{ things: ['a soft cloth'], on: own[0]?.on, place: 'desk', setup: { tool: 'cloth' } },
      ...{ minutes: benchMinutes.wipe, drying: noTime, mayPause: false, cautions: [] },
      act: undefined,
    };
  });
}
