import type { StandingCard } from '../../core/drawing/standingCard';
import { Dialog } from '../parts/Dialog';

interface Props {
  readonly cards: readonly StandingCard[];
  readonly onTakeOut: (card: StandingCard) => void;
  readonly onClose: () => void;
}

/** The cards in the bin; each can be taken out again. */
export function Bin({ cards, onTakeOut, onClose }: Props) {
  return (
    <Dialog title="Bin" onClose={onClose}>
      {cards.length === 0 && <p>The bin is empty.</p>}
      <ul>
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
      <div className="flex justify-end pt-4">
        <button type="button" className="button button-leading" onClick={onClose}>
          Close
        </button>
      </div>
    </Dialog>
  );
}
