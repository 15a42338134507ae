import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { monday } from '../../../test/support/process';
import { makeTogether } from '../compute/makeTogether';
import { withCopies } from '../plan/withCopies';
import { togetherHeading, togetherNotes } from './togetherWords';

const card = must(demoCards.find(({ id }) => id === 'parcel-on-the-step'));
const many = (copies: number) => ({ ...card, plan: withCopies(card.plan, copies) });
const countdown = () => {
  let asked = 0;
  return () => (asked += 1) > 1000;
};
const joint = makeTogether({ cards: [many(6), many(4)], time: monday }, countdown);

describe('cards made together, in words', () => {
  it('tells how many of which, evenings and the time at work', () => {
    const names = [
      { title: 'Parcel', copies: 6 },
      { title: 'Rain day', copies: 4 },
    ];
    expect(togetherHeading(joint, names)).toMatch(
      /^6 Parcel and 4 Rain day: \d+ evenings?, .* at work$/,
    );
    const issue = { code: 'too-long', activity: 'cut' } as never;
    expect(togetherHeading({ ...joint, work: { ok: false, issue } }, names)).toContain(
      'no evening is long enough',
    );
  });

  it('tells what is got ready once, and what that saves', () => {
    expect(togetherNotes(joint)).toMatch(
      /^\d+ stages are got ready for once, which saves \d.*\. One after the other they take/,
    );
    const [shared] = joint.stages.filter(({ parts }) => parts.length > 1);
    const others = joint.stages.filter(({ parts }) => parts.length === 1);
    expect(togetherNotes({ ...joint, stages: [must(shared), ...others] })).toMatch(
      /^1 stage is got ready for once/,
    );
    expect(togetherNotes({ ...joint, stages: others })).toMatch(/share no stage/);
  });
});
