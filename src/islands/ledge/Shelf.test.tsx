import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library, measure, pieceOn, planOf } from '../../../test/support/plans';
import { computeCard } from '../../core/computeCard';
import { standingCard } from '../../core/drawing/standingCard';
import type { Designer, Release } from '../../core/plan/cardFile';
import type { CardId, DesignerId, ReleaseId } from '../../core/plan/ids';
import { Shelf } from './Shelf';

afterEach(cleanup);

const orla: Designer = { id: 'orla' as DesignerId, name: 'Orla' };
const plan = planOf([pieceOn('front', 'Panel', measure('4', '5'))]);
const byOrla = { ...plan, about: { ...plan.about, designerId: orla.id } };
const card = standingCard('bean-poles' as CardId, byOrla, computeCard(byOrla, library));

function show(onSale: string | null) {
  const [onBin, onDuplicate] = [vi.fn(), vi.fn()];
  const release: Release = { id: 'row' as ReleaseId, name: 'Allotment Row', onSale };
  const props = { release, cards: [card], designers: [orla], scale: 1e-4, onBin, onDuplicate };
  render(<Shelf {...props} today="2027-03-10" />);
  return { onBin, onDuplicate };
}

describe('a ledge', () => {
  it.each([
    ['2027-03-12', 'on sale 12 March 2027, in 2 days.'],
    ['2027-03-11', 'on sale 11 March 2027, tomorrow.'],
    ['2027-03-10', 'on sale 10 March 2027, today.'],
    ['2027-03-01', 'on sale 1 March 2027, 9 days ago.'],
    [null, 'no date yet.'],
  ])('says what the day %s means', (onSale, words) => {
    show(onSale);
    expect(screen.getByText(words)).toBeDefined();
  });

  it('names a card in words for those who do not see it, with what is worth a look', () => {
    show(null);
    const link = screen.getByRole('link', { name: 'Bean poles, A2, Orla, planned' });
    expect(link.getAttribute('href')).toBe('/card/bean-poles/base');
    expect(screen.getByText('worth a look')).toBeDefined();
  });

  it('copies and bins the card it stands by', () => {
    const { onBin, onDuplicate } = show(null);
    fireEvent.click(screen.getByRole('button', { name: 'Copy Bean poles' }));
    fireEvent.click(screen.getByRole('button', { name: 'Bin Bean poles' }));
    expect([onDuplicate.mock.calls, onBin.mock.calls]).toEqual([[[card]], [[card]]]);
  });
});
