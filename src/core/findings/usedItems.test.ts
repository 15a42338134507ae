import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { findOnPlan } from '../../../test/support/findings';
import { must } from '../../../test/support/must';
import { applyEdit } from '../plan/applyEdit';

const { plan, library } = must(demoCards.find(({ id }) => id === 'last-tram-home'));
const marker = must(library.find(({ name }) => name === 'Rust 3'));

describe('what parts are coloured with', () => {
  it('is told where it leaves sale before the tutorial comes', () => {
    const on = { ...plan, about: { ...plan.about, publishOn: '2027-04-02' } };
    const leaving = library.map((item) =>
      item.id === marker.id ? { ...item, sale: { from: null, until: '2027-03-31' } } : item,
    );
    const [found] = findOnPlan('sale-ends', on, leaving);
    expect(found?.subject).toMatchObject({ kind: 'item', id: marker.id, name: 'Rust 3' });
  });

  it('is taken in its newer version, wherever a combination has it', () => {
    const newer = [...library, { ...marker, version: 2 }];
    const [found] = findOnPlan('newer-version', plan, newer);
    expect(found?.subject).toMatchObject({ id: marker.id });
    const outcome = applyEdit(plan, must(found?.remedies[0]).edit);
    if (!outcome.ok) throw new Error(outcome.issue.code);
    expect(findOnPlan('newer-version', outcome.plan, newer)).toEqual([]);
    expect(JSON.stringify(outcome.plan.combinations)).not.toContain(`"${marker.id}","version":1`);
  });
});
