import type { ProcessInput } from './processInput';
import { atHouse } from './houseTimes';
import type { Step } from './step';
import { blendedOver, wipeSteps, type BlendedOver } from './steps/blendedOver';
import { careSteps } from './steps/careSteps';
import { handSteps } from './steps/handSteps';
import { paperSteps } from './steps/paperSteps';
import { printSteps, type ActSteps } from './steps/printSteps';

/** Every step of a card, and what of its acts each comes from. */
export interface Steps {
  readonly input: ProcessInput;
  /** Each id once. */
  readonly all: readonly Step[];
  readonly byId: ReadonlyMap<string, Step>;
  /** By the id of the act. */
  readonly ofAct: ReadonlyMap<string, ActSteps>;
  /** Embossed prints that are blended over, where that is how it is done. */
  readonly blendedOver: readonly BlendedOver[];
}

/** All that has to be done to make a card, in no order yet. */
export function deriveSteps(input: ProcessInput): Steps {
  const printed = printSteps(input);
  const over = blendedOver(input, printed);
  const made = [
    ...paperSteps(input),
    ...printed.steps,
    ...wipeSteps(over, printed.steps),
    ...handSteps(input),
  ];
  const { habits } = input.plan;
  const all = caredFor(
    input,
    made.map((step) => atHouse(step, habits)),
  );
  const byId = new Map(all.map((step) => [step.id, step]));
  return { input, all: [...byId.values()], byId, ofAct: printed.ofAct, blendedOver: over };
}

/** Steps with those that go with them, such as cleaning what they soil. @param made as long as they take at the house */
export function caredFor(input: ProcessInput, made: readonly Step[]): readonly Step[] {
  const { habits } = input.plan;
  return [...made, ...careSteps(input, made).map((step) => atHouse(step, habits))];
}
