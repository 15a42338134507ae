import { screen, within } from '@testing-library/react';
import type { Piece } from '../../src/core/plan/piece';
import { LayoutContext } from '../../src/islands/stations/layout/LayoutContext';
import { ThingTicket } from '../../src/islands/stations/layout/ThingTicket';
import { useChosen } from '../../src/islands/stations/layout/useChosen';
import { usePlaces } from '../../src/islands/stations/layout/usePlaces';
import { measure, pieceOn, planOf } from './plans';
import { renderIn, sessionOn } from './session';

/** The ticket of a thing that lies on a panel 4 x 5, and what is changed by it. */
export function showTicket(thing: Piece) {
  const plan = planOf([pieceOn('front', 'panel', measure('4', '5')), thing]);
  const session = { ...sessionOn(plan), selected: thing.id };
  renderIn(session, <TicketOfChosen />);
  const changes = () =>
    session.commit.mock.calls.map(([edit]) => (edit as { change?: unknown }).change);
  return { ticket: within(screen.getByRole('region')), session, changes };
}

function TicketOfChosen() {
  const chosen = useChosen();
  const places = usePlaces(chosen);
  if (!chosen.first) throw new Error('showTicket: it has no figures');
  return (
    <LayoutContext value={{ chosen, places, told: '', setTold: () => undefined }}>
      <ThingTicket placed={chosen.first} />
    </LayoutContext>
  );
}
