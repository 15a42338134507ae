import { describe, expect, it } from 'vitest';
import { find } from '../../../../test/support/findings';
import { dotOn, measure, pieceOn } from '../../../../test/support/plans';

const panel = pieceOn('front', 'panel', measure('4', '5'));
const gems = (count: number) =>
  Array.from({ length: count }, (_, index) => dotOn('panel', `gem-${index}`));

describe('an even number of gems', () => {
  it('is against the habit, an odd one or a scatter is not', () => {
    const [found] = find('even-number', [panel, ...gems(4)]);
    expect([found?.severity, found?.data]).toEqual([
      'habit',
      { rule: 'even-number', count: 4, face: 'front' },
    ]);
    for (const count of [1, 3, 5, 14])
      expect(find('even-number', [panel, ...gems(count)])).toEqual([]);
    const splatter = gems(4).map((dot) => ({ ...dot, look: 'splatter' as const }));
    expect(find('even-number', [panel, ...splatter])).toEqual([]);
  });
});
