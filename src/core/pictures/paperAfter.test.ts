import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { maskCard } from '../masking/maskCard';
import { resolvePlan } from '../resolve/resolvePlan';
import { paperAfter } from './paperAfter';

const { plan, library } = must(demoCards.find(({ id }) => id === 'beans-before-the-shed'));
const card = resolvePlan(plan, library);
const [paper] = maskCard(plan, card).papers;
const { face, support, acts } = must(paper);
const after = (count: number) => paperAfter(card, face, support, acts, count);
/** So many acts are done once this one is. */
const at = (id: string) => acts.findIndex((act) => act.id === id) + 1;

describe('a paper after each act', () => {
  it('is bare before the first, and then carries what is done, one print after the other', () => {
    expect(after(0)).toMatchObject({ done: [], masks: [], tapes: [] });
    const made = acts.map((_, index) => after(index + 1).done.length);
    expect(made).toEqual(made.toSorted((a, b) => a - b));
    expect(after(acts.length).done).toHaveLength(6);
    expect(after(acts.length)).toMatchObject({ masks: [], tapes: [], next: [] });
  });

  it('has tape on while the sky is laid, and masks from the act they are laid on to the one they come off', () => {
    expect(after(at('tape:sky')).tapes).toHaveLength(1);
    expect(after(at('untape:sky')).tapes).toEqual([]);
    expect(after(at('mask:beans')).masks.map(({ letter }) => letter)).toEqual(['A']);
    expect(after(at('stamp:barrow-left')).masks.map(({ letter }) => letter)).toEqual(['A', 'B']);
    expect(after(at('unmask:beans')).masks.map(({ letter }) => letter)).toEqual(['B']);
  });

  it('shows each print only where no mask lay when it was made', () => {
    const clips = (id: string) => {
      const shape = after(at(id)).done.at(-1);
      return shape?.kind === 'group' ? (shape.clips ?? []).length : NaN;
    };
    // What lies in front is drawn last: the beans, over nothing; the left barrow lies before the shed and over both masks.
    expect(clips('stamp:beans')).toBe(0);
    const barrow = after(at('stamp:barrow-left')).done;
    const counts = barrow.map((shape) => (shape.kind === 'group' ? (shape.clips?.length ?? 0) : 0));
    expect(counts.toSorted()).toEqual([0, 1, 1, 1, 2]);
  });

  it('shows what comes next', () => {
    expect(after(at('mask:beans')).next.length).toBeGreaterThan(0);
  });

  it('is refused for a paper that is not there', () => {
    expect(() => paperAfter(card, face, 'nowhere' as typeof support, acts, 1)).toThrow(/nowhere/);
  });
});
