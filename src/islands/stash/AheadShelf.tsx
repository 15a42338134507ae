import type { AheadOfCard } from '../../core/replies/aheadOfCard';
import { AheadRows } from '../session/AheadRows';
import { useAhead } from '../session/useAhead';

/** What is made ahead, by the cards it is for: bases with their words, coloured images, blended panels. */
export function AheadShelf({ cards }: { readonly cards: readonly AheadOfCard[] }) {
  if (cards.length === 0) return null;
  return (
    <section
      aria-labelledby="ahead"
      className="border-hairline max-h-44 shrink-0 overflow-auto border-b px-[18px] pb-3"
    >
      <div className="flex flex-wrap items-baseline gap-x-8">
        <h2 id="ahead" className="text-[17px]">
          Made ahead
        </h2>
        {cards.map((card) => (
          <Shelf key={card.cardId} card={card} />
        ))}
      </div>
    </section>
  );
}

function Shelf({ card: { cardId, title, ahead } }: { readonly card: AheadOfCard }) {
  const state = useAhead(cardId, ahead);
  return (
    <div className="flex items-baseline gap-3">
      <a className="link" href={`/card/${cardId}/steps`}>
        {title}
      </a>
      <AheadRows state={state} />
    </div>
  );
}
