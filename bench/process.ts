import { readFileSync } from 'node:fs';
import { processCard } from '../src/core/compute/processCard';
import { makeTogether } from '../src/core/compute/makeTogether';
import { processInput } from '../src/core/compute/processInput';
import { maskCard } from '../src/core/masking/maskCard';
import { readCardFile } from '../src/core/plan/cardFile';
import type { Plan } from '../src/core/plan/plan';
import { usualEvenings } from '../src/core/plan/usualEvenings';
import { applyOverrides } from '../src/core/process/applyOverrides';
import { deriveSteps } from '../src/core/process/deriveSteps';
import { nextSessions } from '../src/core/process/evenings';
import { orderSteps } from '../src/core/process/orderSteps';
import { planWork } from '../src/core/process/planWork';
import { ruledArrows } from '../src/core/process/ruledArrows';
import { settleOrder } from '../src/core/process/settleOrder';
import { resolvePlan } from '../src/core/resolve/resolvePlan';
import { median, round } from './measure';

const cards = ['mooring-by-lamplight', 'rain-day', 'beans-before-the-shed', 'one-button'];
const start = Date.parse('2027-03-08T10:00Z');
const evenings = usualEvenings('UTC');

/** A card with all it has twice, which comes to forty steps and more. */
function twice(plan: Plan): Plan {
  const again = plan.pieces.map((piece) => {
    const { on, id } = piece;
    const copied = 'piece' in on ? { piece: `${on.piece}-2` } : on;
    return { ...piece, id: `${id}-2`, on: copied, order: `${piece.order}V` };
  });
  return { ...plan, pieces: [...plan.pieces, ...again] as unknown as Plan['pieces'] };
}

console.log(
  'Steps (targets: steps and check 16 ms, best order under 1 s, evenings proven within 100 ms, batch of 200 under 2 s)',
);
console.table(
  cards.flatMap((id) =>
    [1, 2].map((times) => {
      const read = readCardFile(readFileSync(`demo/cards/${id}.nibwright.json`, 'utf8'));
      if (!read.ok) throw new Error(id);
      const { library } = read.file;
      const plan = times === 2 ? twice(read.file.plan) : read.file.plan;
      const card = resolvePlan(plan, library);
      const masks = maskCard(plan, card);
      const steps = () => {
        const derived = deriveSteps(processInput(plan, card, masks));
        const decided = applyOverrides(derived.all, ruledArrows(derived), plan.overrides);
        return { decided, settled: settleOrder(decided.arrows, decided.insisted) };
      };
      const { decided, settled } = steps();
      const order = orderSteps(decided.steps, settled.arrows);
      const sessions = nextSessions(evenings, start, 10);
      const problem = { start, sessions, steps: order.steps, arrows: settled.arrows, people: 1 };
      const within = (seconds: number) => {
        const end = performance.now() + 1000 * seconds;
        return () => performance.now() > end;
      };
      const work = planWork(problem, within(1));
      const many = { ...plan, making: { ...plan.making, copies: 200 } };
      const time = { start, evenings };
      return {
        card: times === 2 ? `${id}, twice` : id,
        steps: decided.steps.length,
        'steps and check ms': round(median(10, () => void steps())),
        'best order ms': round(median(3, () => void orderSteps(decided.steps, settled.arrows))),
        'order proven': order.isProven,
        'evenings ms': round(median(3, () => void planWork(problem, within(1)))),
        'evenings proven': work.ok && work.plan.isProven,
        'with another card ms': round(
          median(
            1,
            () =>
              void makeTogether(
                { cards: [many, many].map((own) => ({ plan: own, library })), time },
                () => within(2),
              ),
          ),
        ),
        'batch of 200 ms': round(
          median(1, () => void processCard(many, card, time, { isOver: within(2), masks })),
        ),
      };
    }),
  ),
);
