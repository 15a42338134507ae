import type { StepKind } from '../../plan/workFacts';
import type { ProcessInput } from '../processInput';
import { newStep } from '../newStep';
import type { Step } from '../step';
import { benchMinutes, times } from '../stepTimes';
import { soils, type Soiled } from './soils';

/** What goes with the rest: a test print, cleaning, signing, the picture, packing. */
export function careSteps({ plan, card }: ProcessInput, made: readonly Step[]): readonly Step[] {
  const { about, post } = plan;
  const soiledBy = (what: Soiled) => made.filter((step) => soils(step, card).includes(what));
  const stamped = new Set(soiledBy('stamps').flatMap(({ pieces }) => pieces));
  const stamps = new Set(
    card.marks.flatMap(({ id, stamp }) => (stamp && stamped.has(id) ? [stamp.name] : [])),
  );
  const stencils = new Set(soiledBy('stencils').flatMap(({ things: [first] }) => first ?? []));
  const isShown = about.releaseId !== null || about.publishOn !== null || about.filmOn !== null;
  return [
    ...(stamps.size > 0
      ? [care('test', 'stamps', { things: [...stamps] }, 0.5 + 0.5 * stamps.size)]
      : []),
    ...(stamps.size > 0 ? [clean('stamps', [...stamps], stamps.size)] : []),
    ...(stencils.size > 0 ? [clean('stencils', ['water', 'a cloth'], stencils.size)] : []),
    ...wiped.flatMap((what) =>
      soiledBy(what).length > 0 ? [clean(what, ['a damp cloth'], 1)] : [],
    ),
    care('sign', 'card', { things: ['pen'] }),
    ...(isShown ? [care('photo', 'card', { things: ['camera'] })] : []),
    ...(post.wanted ? [care('pack', 'card', { things: ['envelope'] })] : []),
  ];
}

const cares: readonly StepKind[] = ['test', 'clean', 'sign', 'photo', 'pack'];

/** Whether a step only goes with the others. */
export function isCare({ kind }: Step): boolean {
  return cares.includes(kind);
}

/** Of these all are cleaned at once. */
const wiped: readonly Soiled[] = ['brushes', 'foam', 'daubers', 'mat'];

function clean(what: Soiled, things: readonly string[], factor: number): Step {
  const place = what === 'mat' ? 'desk' : 'sink';
  return care('clean', what, { place, setup: { tool: 'cleaner' }, things }, factor);
}

function care(kind: StepKind, what: string, change: Partial<Step>, factor = 1): Step {
  const minutes = times(benchMinutes[kind], factor);
  return { ...newStep(kind, what), pieces: [], medium: what, minutes, ...change };
}
