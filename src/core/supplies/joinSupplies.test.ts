import { describe, expect, it } from 'vitest';
import { fiveLayers } from '../../../test/support/plans';
import { joinSupplies } from './joinSupplies';
import { withUses, listOf, owned } from '../../../test/support/supplies';

describe('several cards', () => {
  it('are added up and compared with the stash once', () => {
    const lists = [2, 5].map((copies) => listOf(withUses(fiveLayers(), copies), owned).list);
    const joined = joinSupplies(lists, []);
    const gems = joined.rows.find(({ key }) => key === 'gem');
    expect([joined.copies, gems?.batch, gems?.lacking]).toEqual([7, 21, 0]);
    const many = joinSupplies([...lists, ...lists, ...lists], []).rows.find(
      ({ key }) => key === 'gem',
    );
    expect([many?.batch, many?.lacking]).toEqual([63, 13]);
  });
});
