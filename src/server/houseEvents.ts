import type { HouseEvent } from '../core/replies/replies';

interface Listener {
  /** Who works there; null until a name was given. */
  readonly name: string | null;
  readonly send: (event: HouseEvent) => void;
  cards: ReadonlySet<string>;
}

/** Browsers that listen, each once whatever tabs it has, and what they are told. */
export class HouseEvents {
  readonly #listeners = new Map<string, Listener>();

  get size(): number {
    return this.#listeners.size;
  }

  /**
   * Tells a browser from now on.
   * @param client chosen by the browser, another for each stream
   * @returns how to end it
   */
  listen(client: string, name: string | null, send: Listener['send']): () => void {
    const listener: Listener = { name, send, cards: new Set() };
    this.#listeners.set(client, listener);
    return () => {
      if (this.#listeners.get(client) !== listener) return;
      this.#listeners.delete(client);
      this.#tellPresence(listener.cards);
    };
  }

  /** The cards a browser has open now; false where it does not listen. */
  open(client: string, cards: Iterable<string>): boolean {
    const listener = this.#listeners.get(client);
    if (!listener) return false;
    const before = listener.cards;
    listener.cards = new Set(cards);
    this.#tellPresence(new Set([...before, ...listener.cards]));
    return true;
  }

  /** Tells everyone who has a card open that it was saved. */
  tellSaved(cardId: string, revision: number): void {
    for (const { cards, send } of this.#listeners.values())
      if (cards.has(cardId)) send({ kind: 'saved', cardId, revision });
  }

  #tellPresence(cards: ReadonlySet<string>): void {
    for (const cardId of cards) {
      const there = [...this.#listeners.values()].filter((each) => each.cards.has(cardId));
      for (const { send } of there) {
        const people = there.filter((each) => each.send !== send).map(({ name }) => name);
        send({ kind: 'present', cardId, people });
      }
    }
  }
}

export const houseEvents = new HouseEvents();
