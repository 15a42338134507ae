import type { StepKind } from '../plan/workFacts';
import { noTime, stepId, type Step } from './step';
import { benchMinutes } from './stepTimes';

/** A step at the desk as plain as its kind is, but for what is told of it; known by its kind, its piece and its medium. */
export function newStep(kind: StepKind, piece: string, change: Partial<Step> = {}): Step {
  const medium = change.medium ?? '';
  return {
    ...{ id: stepId(kind, piece, medium), kind, pieces: [piece], medium, things: [] },
    ...{ on: undefined, place: 'desk', setup: {}, minutes: benchMinutes[kind], drying: noTime },
    ...{ mayPause: false, cautions: [], act: undefined },
    ...change,
  };
}
