import { useEffect, useRef, useState } from 'react';
import type { StandingCard } from '../../core/compute/standingCard';
import type { Release } from '../../core/plan/cardFile';
import type { FirstCards } from './ledgeStart';
import { getJson, postJson } from '../wire/postJson';

/** What is told at the foot of the Ledge, with the way back where there is one. */
export interface LedgeMessage {
  readonly text: string;
  readonly undo?: () => void;
}

export interface LedgeCommands {
  readonly cards: readonly StandingCard[];
  readonly binned: readonly StandingCard[];
  /** Whether all cards are there; until then, those that are seen first. */
  readonly isWhole: boolean;
  readonly message: LedgeMessage | undefined;
  readonly say: (text: string) => void;
  readonly copy: (card: StandingCard) => void;
  readonly setBin: (card: StandingCard, toBin: boolean) => void;
  readonly move: (card: StandingCard, releaseId: string | null) => void;
  /** Removes cards in the bin for good. */
  readonly removeForGood: (cards: readonly StandingCard[]) => Promise<void>;
}

const nameOf = (releases: readonly Release[], id: string | null) =>
  releases.find((release) => release.id === id)?.name ?? 'the cards without a release';

/** What can be done with the cards of the Ledge; each is kept by the server before it shows. */
export function useLedgeCommands(
  start: Pick<FirstCards, 'cards' | 'binned' | 'isWhole'>,
  releases: readonly Release[],
): LedgeCommands {
  const [cards, setCards] = useState(start.cards);
  const [binned, setBinned] = useState(start.binned);
  const [isWhole, setWhole] = useState(start.isWhole);
  const [message, setMessage] = useState<LedgeMessage>();
  /** Grows with everything done here; a list asked for before does not know of it. */
  const done = useRef(0);
  useEffect(() => {
    if (isWhole) return;
    let isWanted = true;
    const load = async () => {
      const before = done.current;
      const reply = await getJson('/api/ledge', 'ledge');
      if (!isWanted) return;
      if (!reply.ok) return setMessage({ text: `Not all cards are shown. ${reply.message}` });
      if (done.current !== before) return void load();
      setCards(reply.body.cards);
      setBinned(reply.body.binned);
      setWhole(true);
    };
    void load();
    return () => {
      isWanted = false;
    };
  }, [isWhole]);

  const setBin = async (card: StandingCard, toBin: boolean) => {
    const reply = await postJson(`/api/cards/${card.id}/bin`, { binned: toBin }, 'done');
    if (!reply.ok) return setMessage({ text: reply.message });
    done.current++;
    const without = (list: readonly StandingCard[]) => list.filter(({ id }) => id !== card.id);
    setCards((now) => (toBin ? without(now) : [card, ...now]));
    setBinned((now) => (toBin ? [card, ...now] : without(now)));
    setMessage(
      toBin
        ? { text: `“${card.title}” is in the bin.`, undo: () => void setBin(card, false) }
        : { text: `“${card.title}” is back on the Ledge.` },
    );
  };
  const move = async (card: StandingCard, releaseId: string | null) => {
    const reply = await postJson(
      `/api/cards/${card.id}/edits`,
      {
        saveId: crypto.randomUUID(),
        baseRevision: card.revision,
        edits: [{ kind: 'set-about', change: { releaseId } }],
      },
      'save',
    );
    if (!reply.ok || reply.body.kind !== 'saved')
      return setMessage({
        text: `“${card.title}” was not moved: it was changed elsewhere. Load the Ledge again.`,
      });
    done.current++;
    const moved = { ...card, releaseId, revision: reply.body.revision };
    setCards((now) => now.map((each) => (each.id === card.id ? moved : each)));
    setMessage({
      text: `“${card.title}” stands with ${nameOf(releases, releaseId)}.`,
      undo: () => void move(moved, card.releaseId),
    });
  };
  return {
    cards,
    binned,
    isWhole,
    message,
    say: (text) => setMessage({ text }),
    setBin: (card, toBin) => void setBin(card, toBin),
    move: (card, releaseId) => void move(card, releaseId),
    copy: (card) =>
      void postJson(`/api/cards/${card.id}/copy`, {}, 'card').then((reply) => {
        if (reply.ok) location.assign(`/card/${reply.body.id}/base`);
        else setMessage({ text: reply.message });
      }),
    removeForGood: async (gone) => {
      const ids = gone.map(({ id }) => id);
      const reply = await postJson(
        '/api/bin/empty',
        {
          ids,
        },
        'cardsRemoved',
      );
      if (!reply.ok) return setMessage({ text: reply.message });
      const { removed } = reply.body;
      setBinned((now) => now.filter(({ id }) => !removed.includes(id)));
      setMessage({
        text: `${removed.length} ${removed.length === 1 ? 'card is' : 'cards are'} gone for good.`,
      });
    },
  };
}
