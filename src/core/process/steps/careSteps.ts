import type { StepKind } from '../../plan/workFacts';
import type { ProcessInput } from '../processInput';
import { newStep } from '../newStep';
import type { Step } from '../step';
import { benchMinutes, times } from '../stepTimes';

/** What goes with the rest: a test print, cleaning, signing, the picture, packing. */
export function careSteps({ plan, card }: ProcessInput, made: readonly Step[]): readonly Step[] {
  const { about, post } = plan;
  const count = (kinds: readonly StepKind[]) => {
    const own = made.filter(({ kind }) => kinds.includes(kind));
    return new Set(own.flatMap(({ things: [first] }) => first ?? [])).size;
  };
  const stamped = new Set(
    made.filter(({ kind }) => kind === 'stamp').flatMap(({ pieces }) => pieces),
  );
  const stamps = new Set(
    card.marks.flatMap(({ id, stamp }) => (stamp && stamped.has(id) ? [stamp.name] : [])),
  );
  const stencils = count(['stencil']);
  const brushes = made.filter(({ kind }) => brushed.includes(kind)).length;
  const isShown = about.releaseId !== null || about.publishOn !== null || about.filmOn !== null;
  return [
    ...(stamps.size > 0
      ? [care('test', 'stamps', { things: [...stamps] }, 0.5 + 0.5 * stamps.size)]
      : []),
    ...(stamps.size > 0 ? [clean('stamps', [...stamps], stamps.size)] : []),
    ...(stencils > 0 ? [clean('stencils', ['water', 'a cloth'], stencils)] : []),
    ...(brushes > 0 ? [clean('brushes', ['a damp cloth'], 1)] : []),
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

const brushed: readonly StepKind[] = ['blend', 'stencil', 'edges'];

function clean(what: string, things: readonly string[], factor: number): Step {
  return care('clean', what, { place: 'sink', setup: { tool: 'cleaner' }, things }, factor);
}

function care(kind: StepKind, what: string, change: Partial<Step>, factor = 1): Step {
  const minutes = times(benchMinutes[kind], factor);
  return { ...newStep(kind, what), pieces: [], medium: what, minutes, ...change };
}
