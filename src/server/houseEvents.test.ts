import { describe, expect, it } from 'vitest';
import type { HouseEvent } from '../core/replies/replies';
import { HouseEvents } from './houseEvents';

function house() {
  const events = new HouseEvents();
  const browser = (client: string, name: string | null) => {
    const told: HouseEvent[] = [];
    const stop = events.listen(client, name, (event) => told.push(event));
    return { told, stop, open: (...cards: string[]) => events.open(client, cards) };
  };
  return { events, browser };
}

describe('what the house tells its browsers', () => {
  it('tells of a save those who have the card open, and nobody else', () => {
    const { events, browser } = house();
    const [here, there] = [browser('a', 'Edda'), browser('b', 'Wim')];
    here.open('rain-day');
    there.open('terminus');
    events.tellSaved('rain-day', 4);
    expect(here.told.at(-1)).toEqual({ kind: 'saved', cardId: 'rain-day', revision: 4 });
    expect(there.told.some(({ kind }) => kind === 'saved')).toBe(false);
  });

  it('says who else is at a card, when one comes and when one goes', () => {
    const { browser } = house();
    const [edda, wim] = [browser('a', 'Edda'), browser('b', null)];
    edda.open('rain-day');
    wim.open('rain-day', 'terminus');
    const present = (people: readonly (string | null)[]) => ({
      kind: 'present',
      cardId: 'rain-day',
      people,
    });
    expect(edda.told.at(-1)).toEqual(present([null]));
    expect(wim.told).toContainEqual(present(['Edda']));
    wim.stop();
    expect(edda.told.at(-1)).toEqual(present([]));
  });

  it('takes the later of two streams of one browser, and ends the right one', () => {
    const { events, browser } = house();
    const first = browser('a', 'Edda');
    const second = browser('a', 'Edda');
    first.stop();
    expect(events.size).toBe(1);
    second.open('rain-day');
    events.tellSaved('rain-day', 2);
    expect(second.told.at(-1)?.kind).toBe('saved');
    expect(events.open('gone', ['rain-day'])).toBe(false);
  });
});
