import { useState } from 'react';
import type { StandingCard } from '../../core/compute/standingCard';
import { Dialog } from '../parts/Dialog';

interface Props {
  readonly cards: readonly StandingCard[];
  readonly onTakeOut: (card: StandingCard) => void;
  readonly onRemove: (cards: readonly StandingCard[]) => Promise<void>;
  readonly onClose: () => void;
}

/** The cards in the bin: each can be taken out again; emptying asks first, since it is for good. */
export function Bin({ cards, onTakeOut, onRemove, onClose }: Props) {
  const [isAsking, setAsking] = useState(false);
  return (
    <Dialog title="Bin" onClose={onClose}>
      {cards.length === 0 && (
        <p>The bin is empty. A card put here keeps all its revisions until the bin is emptied.</p>
      )}
      <ul className="max-h-[50vh] overflow-auto">
        {cards.map((card) => (
          <li
            key={card.id}
            className="border-hairline flex items-center justify-between gap-4 border-b py-2"
          >
            <span>
              <strong className="font-semibold">{card.title}</strong>, {card.format}
            </span>
            <button type="button" className="button" onClick={() => onTakeOut(card)}>
              Take out<span className="sr-only"> {card.title}</span>
            </button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-center justify-end gap-3 pt-4">
        {isAsking && cards.length > 0 ? (
          <>
            <span role="alert" className="text-pencil mr-auto">
              {cards.length === 1 ? 'One card' : `${cards.length} cards`} and all revisions go for
              good.
            </span>
            <button type="button" className="button" onClick={() => setAsking(false)}>
              Keep them
            </button>
            <button
              type="button"
              className="button border-pencil text-pencil"
              onClick={() => void onRemove(cards).then(() => setAsking(false))}
            >
              Remove for good
            </button>
          </>
        ) : (
          <>
            {cards.length > 0 && (
              <button type="button" className="button mr-auto" onClick={() => setAsking(true)}>
                Empty the bin…
              </button>
            )}
            <button type="button" className="button button-leading" onClick={onClose}>
              Close
            </button>
          </>
        )}
      </div>
    </Dialog>
  );
}
