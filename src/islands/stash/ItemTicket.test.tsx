import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { moss } from '../../../test/support/plans';
import type { StashChange } from '../../core/stash/stashChange';
import { ItemTicket } from './ItemTicket';
import { stock, held, give } from '../../../test/support/stash';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('the ticket of a thing', () => {
  it('says a weight in pounds too, changes one property, and takes the thing out', async () => {
    const onChange = vi.fn<(change: StashChange) => void>();
    render(
      <ItemTicket item={stock} items={new Map()} holding={held} unit="in" onChange={onChange} />,
    );
    expect(screen.getByText(/216 g\/m² is about 80 lb cover or 146 lb text/)).toBeDefined();
    await vi.dynamicImportSettled();
    give(screen.getByLabelText('Name'), 'Fern');
    fireEvent.click(screen.getByRole('button', { name: 'Take out of the stash' }));
    expect(onChange.mock.calls).toEqual([
      [{ itemId: moss.id, item: { ...stock, name: 'Fern' } }],
      [{ itemId: moss.id, holding: { ...held, isGone: true } }],
    ]);
  });

  it('tells how often the masks kept with a stamp can still be laid on', () => {
    const masks = [3, 6].map((usesLeft) => ({ covers: 'jar 1 whole', usesLeft, cardId: 'shelf' }));
    const holding = { ...held, masks };
    render(
      <ItemTicket item={stock} items={new Map()} holding={holding} unit="in" onChange={vi.fn()} />,
    );
    expect(screen.getByText(/^Masks are kept with it/).textContent).toBe(
      'Masks are kept with it; they can be laid on 9 more times.',
    );
  });
});
