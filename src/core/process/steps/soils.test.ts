import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { must } from '../../../../test/support/must';
import { processOf } from '../../../../test/support/process';
import type { Plan } from '../../plan/plan';

const { plan, library } = must(demoCards.find(({ id }) => id === 'mooring-by-lamplight'));
const cleaned = (of: Plan) =>
  processOf(of, library)
    .steps.filter(({ kind }) => kind === 'clean')
    .map(({ medium }) => medium)
    .toSorted();

/** The card with its blend put on with something else. */
const blendedWith = (tool: 'foam' | 'dauber' | 'pen'): Plan => ({
  ...plan,
  pieces: plan.pieces.map((piece) =>
    piece.kind === 'blend'
      ? { ...piece, stops: piece.stops.map((stop) => ({ ...stop, tool })) }
      : piece,
  ),
});

describe('what is to be cleaned', () => {
  it('is what ink was put on with, and the mat it went over the edge on', () => {
    expect(cleaned(plan)).toEqual(['brushes', 'mat', 'stamps']);
    expect(cleaned(blendedWith('foam'))).toEqual(['foam', 'mat', 'stamps']);
    expect(cleaned(blendedWith('dauber'))).toEqual(['daubers', 'mat', 'stamps']);
    expect(cleaned(blendedWith('pen'))).toEqual(['mat', 'stamps']);
  });

  it('is cleaned when all that soils it is done', () => {
    const { steps, arrows } = processOf(plan, library);
    const stamps = steps.filter(({ kind, pieces }) => kind === 'stamp' && pieces.length > 0);
    const before = arrows
      .filter(({ then, because }) => then === 'clean:stamps' && because === 'clean-last')
      .map((each) => each.before);
    // Words that are set in letters are stamped with none of the stamps.
    expect(before.length).toBeGreaterThan(1);
    expect(stamps.map(({ id }) => id)).toEqual(expect.arrayContaining(before));
  });

  it('is nothing on a card that is only cut', () => {
    const bare: Plan = { ...plan, pieces: plan.pieces.filter(({ kind }) => kind === 'panel') };
    expect(cleaned(bare)).toEqual([]);
  });
});
