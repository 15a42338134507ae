import { render, screen, within } from '@testing-library/react';
import { vi } from 'vitest';
import type { Piece } from '../../src/core/plan/piece';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import { ThingTicket } from '../../src/islands/layout/ThingTicket';
import { library, measure, pieceOn, planOf } from './plans';

/** The ticket of a thing that lies on a panel 4 x 5, and what is changed by it. */
export function showTicket(thing: Piece) {
  const plan = planOf([pieceOn('front', 'panel', measure('4', '5')), thing]);
  const card = resolvePlan(plan, library);
  const placed = [...card.pieces, ...card.marks].find(({ id }) => id === thing.id);
  if (!placed) throw new Error('showTicket: it has no figures');
  const actions = {
    commit: vi.fn(),
    preview: vi.fn(),
    copy: vi.fn(),
    remove: vi.fn(),
    askNewStock: vi.fn(),
  };
  render(
    <ThingTicket
      placed={placed}
      plan={plan}
      card={card}
      library={library}
      unit="in"
      actions={actions}
    />,
  );
  const changes = () =>
    actions.commit.mock.calls.map(([edit]) => (edit as { change: unknown }).change);
  return { ticket: within(screen.getByRole('region')), actions, changes };
}
