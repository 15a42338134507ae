import type { Habits } from '../plan/habits';
import type { Step } from './step';
import { benchMinutes, times } from './stepTimes';

/** How much longer all takes to dry, by how much water the air holds. From memory. */
const airFactor: Readonly<Record<Habits['air'], number>> = { dry: 0.7, usual: 1, humid: 1.5 };

/** What the heat tool dries; glue, drops and what is kept wet are left to the air. */
const heatDried = ['dye', 'reactive', 'chalk', 'pigment', 'watercolour', 'water marker'];
const blown = { quick: 0.5, usual: 1, slow: 2 };

/** A step as long as it takes at a house, in its air, dried as it dries things. */
export function atHouse(step: Step, { stepMinutes, air, dries }: Habits): Step {
  const own = stepMinutes[step.kind];
  const minutes =
    own === undefined ? step.minutes : times(step.minutes, own / benchMinutes[step.kind].usual);
  if (step.drying.slow === 0) return { ...step, minutes };
  if (dries === 'heat' && heatDried.includes(step.medium) && step.act)
    return {
      ...step,
      minutes: {
        quick: minutes.quick + blown.quick,
        usual: minutes.usual + blown.usual,
        slow: minutes.slow + blown.slow,
      },
      drying: blown,
      things: [...step.things, 'heat tool'],
      cautions: [...new Set([...step.cautions, 'heat' as const])],
    };
  return { ...step, minutes, drying: times(step.drying, airFactor[air]) };
}
