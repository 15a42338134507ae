import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import {
  bowAt,
  library,
  measure,
  pieceOn,
  planOf,
  ribbonOn,
  ticksOf,
  typed,
} from '../../../test/support/plans';
import { millimetres } from '../length/length';
import type { Piece } from '../plan/piece';
import { isRibbon } from '../resolve/ribbonParts';
import { resolvePlan } from '../resolve/resolvePlan';
import { ribbonLength } from './ribbonLength';

const lengthIn = (pieces: readonly Piece[], change: Parameters<typeof planOf>[1] = {}) => {
  const card = resolvePlan(planOf(pieces, change), library);
  return ribbonLength(card, must(card.marks.find(isRibbon)));
};
const panel = pieceOn('front', 'panel', measure('100 mm', '80 mm'));
const mm = (figure: number) => millimetres(figure);

describe('how long a ribbon is cut', () => {
  it('is twice the panel and twice its thickness, and what overlaps behind', () => {
    expect(lengthIn([panel, ribbonOn('panel', 'ribbon')])).toMatchObject({
      front: mm(100),
      behind: mm(100.6),
      lap: mm(12),
      whole: mm(212.6),
    });
    expect(lengthIn([panel, ribbonOn('panel', 'ribbon', { runs: 'down' })]).front).toBe(mm(80));
  });

  it('has a bow instead of the overlap, and both its tails', () => {
    const ribbon = ribbonOn('panel', 'ribbon', { bow: bowAt('50 mm') });
    expect(lengthIn([panel, ribbon])).toMatchObject({
      lap: 0,
      bow: mm(120),
      tails: mm(50),
      whole: mm(100 + 100.6 + 120 + 50),
    });
  });

  it('is as typed in either unit', () => {
    const taking = (text: string) =>
      lengthIn([
        panel,
        ribbonOn('panel', 'ribbon', { bow: bowAt('50 mm', { takes: typed(text) }) }),
      ]).bow;
    expect(taking('12 cm')).toBe(ticksOf('120 mm'));
    expect(taking('4 1/2 in')).toBe(ticksOf('4 1/2'));
  });

  it('goes round an edge twice where its ends are tucked, and nowhere where it is laid', () => {
    const tucked = ribbonOn('panel', 'ribbon', { way: 'tucked', tuck: typed('15 mm') });
    expect(lengthIn([panel, tucked]).whole).toBe(mm(100 + 2 * 15 + 2 * 0.3));
    expect(lengthIn([panel, ribbonOn('panel', 'ribbon', { way: 'laid' })]).whole).toBe(mm(100));
  });

  it('goes up to what it lies over, and down again', () => {
    const top = pieceOn('panel', 'top', measure('40 mm', '60 mm'), { attach: 'foam' });
    const { front } = lengthIn([panel, top, ribbonOn('panel', 'ribbon')]);
    expect(front).toBe(mm(100 + 2 * (1.5 + 0.3)));
    // What comes after it lies over it.
    expect(lengthIn([panel, ribbonOn('panel', 'ribbon'), top]).front).toBe(mm(100));
  });

  it('goes round the front leaf of a folded card, and round all of a closed gate', () => {
    const leaf = lengthIn([ribbonOn('front', 'ribbon')]);
    expect(leaf.behind).toBe(leaf.front + 2 * mm(0.3));
    const gate = lengthIn([ribbonOn('front', 'ribbon')], { fold: 'gate' });
    expect(gate.behind).toBe(gate.front + 2 * mm(0.6));
  });
});
