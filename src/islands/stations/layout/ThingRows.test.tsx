import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import {
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  wordsOn,
  wren,
} from '../../../../test/support/plans';
import { renderIn, sessionOn } from '../../../../test/support/session';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import { ThingRows, thingsInOrder } from './ThingRows';

afterEach(cleanup);

const plan = planOf([
  pieceOn('front', 'panel', measure('4', '5')),
  stampedOn('panel', 'bird', wren),
  wordsOn('panel', 'words', ['hello']),
  ...Array.from({ length: 6 }, (_, index) => ({
    ...dotOn('panel', `dot-${index}`),
    group: 'snow',
  })),
]);
const card = resolvePlan(plan, library);

describe('the rows of what lies on a face', () => {
  it('tell each paper with its marks beneath, a scatter folded into one', () => {
    const onSelect = vi.fn();
    renderIn(
      sessionOn(plan),
      <ThingRows selected={new Set()} onSelect={onSelect} onDrop={vi.fn()} ticket={null} />,
    );
    const rows = screen.getAllByRole('button').map(({ textContent }) => textContent);
    expect(rows).toHaveLength(4);
    expect(rows[0]).toContain('panel');
    expect(rows[1]).toContain('snow 6 of 1⁄8 in');
    fireEvent.click(screen.getByRole('button', { name: /snow/ }), { shiftKey: true });
    expect(onSelect.mock.calls[0]?.[0]).toHaveLength(6);
    expect(onSelect.mock.calls[0]?.[1]).toBe(true);
    expect(thingsInOrder(card, 'front')[0]?.id).toBe('panel');
  });

  it('teach where there is nothing', () => {
    renderIn(
      { ...sessionOn(plan), face: 'back' },
      <ThingRows selected={new Set()} onSelect={vi.fn()} onDrop={vi.fn()} ticket={null} />,
    );
    expect(screen.getByText(/Nothing lies on this face yet/)).toBeTruthy();
  });
});
