import { useRef } from 'react';
import type { ColourPart } from '../../../core/inking/colourParts';
import { nearestColours } from '../../../core/inking/nearestColours';
import { coloursOf } from '../../../core/kinds/coat';
import { wordsContrast } from '../../../core/inking/wordsContrast';
import { holdsWords } from '../../../core/resolve/resolvedMark';
import { capitalise } from '../../../core/words/phrases';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { nearWords, sourceWords } from '../../words/colourWords';
import { PartTicket } from './PartTicket';
import { Swatches } from './Swatches';
import type { ChosenPart } from './useChosenPart';

interface Props {
  readonly parts: readonly ColourPart[];
  readonly chosen: ChosenPart;
}

/** Every part with a swatch as it is seen on this card, and what it comes out of; the chosen one unfolded. */
export function PartRows({ parts, chosen }: Props) {
  const list = useRef<HTMLDivElement>(null);
  useKeys({
    Enter: () => {
      // A button that has the focus is pressed; only the row that is open already leads into its ticket.
      const control = document.activeElement?.closest('button, a');
      if (control && control.getAttribute('aria-expanded') !== 'true') return false;
      const ticket = list.current?.querySelector('[data-ticket]');
      // A list is typed into; only what has none begins elsewhere.
      const field =
        ticket?.querySelector<HTMLElement>('[role=combobox]') ??
        ticket?.querySelector<HTMLElement>('button, input, select');
      field?.focus();
      return field !== undefined && field !== null;
    },
  });
  return (
    <div ref={list} role="group" aria-label="Parts and what they are coloured with">
      {parts.map((part) => (
        <PartRow
          key={part.key}
          part={part}
          isChosen={part.key === chosen.part?.key}
          onChooseAt={chosen.chooseAt}
          onChoose={() => chosen.choose(part.key === chosen.part?.key ? undefined : part)}
        />
      ))}
    </div>
  );
}

interface RowProps {
  readonly part: ColourPart;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
  readonly onChooseAt: ChosenPart['chooseAt'];
}

function PartRow({ part, isChosen, onChoose, onChooseAt }: RowProps) {
  const { paint } = part;
  return (
    <div
      className={
        isChosen
          ? 'border-violet border-l-4 bg-white px-3 py-2 shadow-sm'
          : 'border-hairline border-b'
      }
    >
      <button
        type="button"
        aria-expanded={isChosen}
        className="grid w-full grid-cols-[84px_minmax(120px,190px)_1fr_auto] items-center gap-x-3 py-1.5 text-left"
        onClick={onChoose}
      >
        <Swatches paint={paint} />
        <strong className="font-semibold">
          {capitalise(part.of)}
          {part.name !== '' && <span className="font-normal">, {part.name}</span>}
        </strong>
        <span className="text-sheet-muted truncate">{sourceWords(paint.from)}</span>
        <PartNote part={part} />
      </button>
      {isChosen && (
        <div data-ticket className="flex flex-col gap-2 pt-1 pb-2">
          <PartTicket key={part.key} part={part} onChooseAt={onChooseAt} />
        </div>
      )}
    </div>
  );
}

/** What is worth knowing at a glance: how well words read, or what of the stash comes near a wish. */
function PartNote({ part: { paint, kind, ground, at } }: { readonly part: ColourPart }) {
  const { library, card } = useCardSession();
  const mark = card.marks.find(({ id }) => id === at[0]?.pieceId);
  if (paint.from.kind === 'wish') {
    const [near] = nearestColours(paint.colour, coloursOf(library), 1, ground.colour);
    return (
      <span className="text-sheet-muted text-right">{near && `nearest ${nearWords(near)}`}</span>
    );
  }
  const read =
    kind === 'printed' && mark && holdsWords(mark) ? wordsContrast(card, mark) : undefined;
  return <span className="text-sheet-muted">{read && `${read.worst.toFixed(1)} : 1`}</span>;
}
