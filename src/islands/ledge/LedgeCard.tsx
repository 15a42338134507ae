import { useDraggable } from '@dnd-kit/core';
import type { StandingCard, StandingPicture } from '../../core/compute/standingCard';
import { slotWidth } from './ledgeRows';
import { shortTitle } from './ledgeWords';
import { StandingCardView } from './StandingCardView';

interface Props {
  readonly card: StandingCard;
  /** Which of how many of its release it is, as not all are drawn. */
  readonly standing: { readonly position: number; readonly of: number } | undefined;
  /** Undefined until it comes. */
  readonly picture: StandingPicture | undefined;
  readonly below: string;
  /** Under its board, in CSS pixels. */
  readonly room: number;
  readonly scale: number;
  readonly onBin: () => void;
  readonly onCopy: () => void;
  readonly onMove: () => void;
}

/** A card standing on its ledge, what is said beneath it, and what can be done with it. */
export function LedgeCard(props: Props) {
  const { card, standing, picture, below, room, scale, onBin, onCopy, onMove } = props;
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: card.id });
  const action = (name: string, does: () => void) => (
    <button type="button" className="link" onClick={does}>
      {name}
      <span className="sr-only"> {card.title}</span>
    </button>
  );
  return (
    <li
      ref={setNodeRef}
      data-card={card.id}
      aria-posinset={standing?.position}
      aria-setsize={standing?.of}
      className={`group relative ${isDragging ? 'opacity-40' : ''}`}
      style={{ width: slotWidth(card, scale) }}
      {...listeners}
    >
      <a
        href={`/card/${card.id}/base`}
        className="block w-fit"
        aria-label={`${card.title}, ${below}`}
        draggable={false}
      >
        <StandingCardView card={card} picture={picture} scale={scale} />
      </a>
      <div className="pt-[18px]" style={{ height: room }}>
        <p className="font-heading flex items-center gap-2 leading-5 font-semibold">
          <span className="truncate" title={card.title}>
            {shortTitle(card)}
          </span>
          <FindingCount card={card} />
        </p>
        <p className="text-sheet-muted truncate text-[15px] leading-5" title={below}>
          {below}
        </p>
        <p className="invisible flex gap-3 pt-0.5 text-[15px] group-focus-within:visible group-hover:visible">
          {action('Copy', onCopy)}
          {action('Move', onMove)}
          {action('Bin', onBin)}
        </p>
      </div>
    </li>
  );
}

function FindingCount({ card }: { readonly card: StandingCard }) {
  const count = card.stops + card.looks;
  if (count === 0) return null;
  const isStop = card.stops > 0;
  return (
    <span
      className={`flex size-[19px] shrink-0 items-center justify-center rounded-full border-2 font-sans text-[13px] ${isStop ? 'border-pencil bg-pencil text-white' : 'border-amber text-amber'}`}
    >
      {count}
      <span className="sr-only">{isStop ? ' findings, some stop the card' : ' worth a look'}</span>
    </span>
  );
}
