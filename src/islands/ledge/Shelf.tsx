import type { StandingCard } from '../../core/drawing/standingCard';
import type { Designer, Release } from '../../core/plan/cardFile';
import { dayWords } from '../../core/tutorial/dayWords';
import { StandingCardView } from './StandingCardView';

interface Props {
  readonly release: Release | undefined;
  readonly cards: readonly StandingCard[];
  readonly designers: readonly Designer[];
  readonly today: string;
  readonly scale: number;
  readonly onBin: (card: StandingCard) => void;
  readonly onDuplicate: (card: StandingCard) => void;
}

/** One picture ledge; when the cards fill it, another row of it follows below. */
export function Shelf({ release, cards, designers, today, scale, onBin, onDuplicate }: Props) {
  return (
    <section aria-label={release?.name ?? 'Without a release'} className="pt-5">
      <header className="flex flex-wrap items-baseline gap-x-3 px-10">
        <h2 className="text-[21px]">{release?.name ?? 'Without a release'}</h2>
        {release && <p className="text-sheet-muted">{saleWords(release.onSale, today)}</p>}
      </header>
      <ul className="flex flex-wrap items-end gap-x-12 px-10 pt-6">
        {cards.map((card) => (
          <li key={card.id} data-card={card.id} className="group relative max-w-full min-w-28">
            <a
              href={`/card/${card.id}/base`}
              className="block"
              aria-label={spokenName(card, designers)}
            >
              <StandingCardView card={card} scale={scale} />
            </a>
            <span
              aria-hidden
              className="absolute -left-[100vw] block h-[12px] w-[250vw] border-b-[3px] border-[#a9b0b0] bg-[#fbfbfa]"
            />
            <div className="h-[86px] max-w-56 pt-[17px]">
              <p className="font-heading flex items-center gap-2 leading-5 font-semibold">
                <span className="truncate">{card.title}</span>
                <FindingCount card={card} />
              </p>
              <p className="text-sheet-muted text-[15px] leading-5">{belowLine(card, designers)}</p>
              <p className="invisible flex gap-3 text-[15px] group-focus-within:visible group-hover:visible">
                <button
                  type="button"
                  className="text-violet underline underline-offset-2"
                  onClick={() => onDuplicate(card)}
                >
                  Copy<span className="sr-only"> {card.title}</span>
                </button>
                <button
                  type="button"
                  className="text-violet underline underline-offset-2"
                  onClick={() => onBin(card)}
                >
                  Bin<span className="sr-only"> {card.title}</span>
                </button>
              </p>
            </div>
          </li>
        ))}
      </ul>
    </section>
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

function belowLine(
  { format, isLying, fold, designerId, status }: StandingCard,
  designers: readonly Designer[],
): string {
  const designer = designers.find(({ id }) => id === designerId)?.name;
  const shape = [format, isLying ? 'lying' : '', fold === 'tent' ? 'tent' : '']
    .filter(Boolean)
    .join(' ');
  return [shape, designer, status].filter(Boolean).join(', ');
}

function spokenName(card: StandingCard, designers: readonly Designer[]): string {
  return `${card.title}, ${belowLine(card, designers)}`;
}

/** When a release goes on sale, and how far off that is. */
function saleWords(onSale: string | null, today: string): string {
  if (onSale === null) return 'no date yet.';
  const days = Math.round((Date.parse(onSale) - Date.parse(today)) / 86_400_000);
  const away =
    days > 1
      ? `in ${days} days`
      : days === 1
        ? 'tomorrow'
        : days === 0
          ? 'today'
          : `${-days} days ago`;
  return `on sale ${dayWords(onSale)}, ${away}.`;
}
