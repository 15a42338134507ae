import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Release } from '../../core/plan/cardFile';
import { NumberField } from '../parts/NumberField';
import { choiceRows, type CardChoice } from './choiceRows';

interface Props {
  readonly cards: readonly CardChoice[];
  /** False while more cards are on their way. */
  readonly isWhole: boolean;
  readonly releases: readonly Release[];
  readonly chosen: ReadonlySet<string>;
  readonly copiesOf: (card: CardChoice) => number;
  readonly onChoose: (ids: readonly string[], isChosen: boolean) => void;
  readonly onCopies: (card: CardChoice, copies: number) => void;
}

/** In CSS pixels; a release stands a little apart from the one before. */
const rowHeights = { release: 46, card: 32 } as const;

/** Chooses cards, or all of a release, from a list of which what is in view is drawn; found by typing. */
export function CardChoices(props: Props) {
  const { cards, isWhole, releases, chosen, copiesOf, onChoose, onCopies } = props;
  const [query, setQuery] = useState('');
  // As they were at first: what is ticked stays where it is.
  const [chosenFirst] = useState(chosen);
  const rows = useMemo(
    () => choiceRows(cards, releases, query, chosenFirst),
    [cards, releases, query, chosenFirst],
  );
  const list = useRef<HTMLDivElement>(null);
  const [top, setTop] = useState(0);
  const virtual = useWindowVirtualizer({
    count: rows.length,
    estimateSize: (index) => rowHeights[rows[index]?.kind ?? 'card'],
    getItemKey: (index) => rows[index]?.key ?? index,
    overscan: 10,
    scrollMargin: top,
    initialRect: { width: 1280, height: 800 },
  });
  useLayoutEffect(() => virtual.measure(), [rows, virtual]);
  useLayoutEffect(() => {
    const element = list.current;
    if (element) setTop(element.getBoundingClientRect().top + window.scrollY);
  }, []);
  return (
    <>
      <input
        type="search"
        className="field mb-3 w-full"
        aria-label="Find a card"
        placeholder="Find a card or a release"
        value={query}
        onChange={(event) => setQuery(event.target.value)}
      />
      <div
        ref={list}
        role="list"
        aria-label="Cards by release"
        className="relative"
        style={{ height: virtual.getTotalSize() }}
      >
        {virtual.getVirtualItems().map(({ index, key, start, size }) => {
          const row = rows[index];
          return (
            row && (
              <div
                key={key}
                role="listitem"
                aria-posinset={index + 1}
                aria-setsize={rows.length}
                className="absolute inset-x-0"
                style={{ top: start - virtual.options.scrollMargin, height: size }}
              >
                {row.kind === 'release' ? (
                  <label className="border-control font-heading flex h-full items-center gap-2 border-t pt-1 font-semibold">
                    <input
                      type="checkbox"
                      checked={row.ids.every((id) => chosen.has(id))}
                      onChange={(event) => onChoose(row.ids, event.target.checked)}
                    />
                    {row.name}
                  </label>
                ) : (
                  <div className="flex h-full items-center gap-2 pl-6">
                    <label className="flex min-w-0 grow items-center gap-2">
                      <input
                        type="checkbox"
                        checked={chosen.has(row.card.id)}
                        onChange={(event) => onChoose([row.card.id], event.target.checked)}
                      />
                      <span className="truncate" title={row.card.title}>
                        {row.card.title}
                      </span>
                    </label>
                    {chosen.has(row.card.id) && (
                      <NumberField
                        label={`Copies of ${row.card.title}`}
                        isLabelHidden
                        value={copiesOf(row.card)}
                        min={1}
                        max={10_000}
                        issue="1 to 10 000"
                        className="field w-16 py-0"
                        onCommit={(count) => onCopies(row.card, count ?? row.card.copies)}
                      />
                    )}
                  </div>
                )}
              </div>
            )
          );
        })}
      </div>
      {rows.length === 0 && (
        <p role="status" className="text-sheet-muted py-2">
          {isWhole ? 'No card is called that.' : 'The cards are on their way.'}
        </p>
      )}
    </>
  );
}
