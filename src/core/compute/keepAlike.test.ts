import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { keepAlike } from './keepAlike';

const asked = () => {
  const { plan, library } = must(demoCards.find(({ id }) => id === 'beans-before-the-shed'));
  return structuredClone({ plan, library });
};

describe('a card that came over a wire again', () => {
  it('has the same objects for what stayed as it was, and new ones for what changed', () => {
    const [before, now] = [asked(), asked()];
    expect(keepAlike(undefined, now)).toBe(now);
    const moved = {
      ...now,
      plan: {
        ...now.plan,
        pieces: now.plan.pieces.map((piece) =>
          piece.id === 'shed' ? { ...piece, name: 'Tool shed' } : piece,
        ),
      },
    };
    const kept = keepAlike(before, moved);
    expect(kept).toEqual(moved);
    const same = kept.plan.pieces.map((piece, at) => piece === before.plan.pieces[at]);
    expect(same.filter((each) => !each)).toHaveLength(1);
    expect(kept.library.every((item, at) => item === before.library[at])).toBe(true);
  });
});
