import { useId, useMemo } from 'react';
import type { OtherWords } from '../../core/composition/seriesCards';
import type { LibraryId } from '../../core/plan/ids';
import { newestOf, stocksOf } from '../../core/plan/library';
import type { LibraryItem, LibraryRef } from '../../core/plan/libraryItem';
import type { ResolvedMark } from '../../core/resolve/resolvedMark';
import { Choose } from '../parts/Choose';
import { choicesOf, refValue } from '../parts/itemChoices';
import { Select } from '../parts/Select';
import { useCardSession } from '../session/CardSession';

interface ChangesProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (id: string) => void;
}

/** One of what the card has that may change from card to card. */
export function WhatChanges({ label, value, options, onChange }: ChangesProps) {
  const id = useId();
  return (
    <>
      <label htmlFor={id}>{label}</label>
      <Select
        id={id}
        className="field"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {options.map(({ id: option, name }) => (
          <option key={option} value={option}>
            {name}
          </option>
        ))}
      </Select>
    </>
  );
}

interface WordsProps {
  readonly mark: ResolvedMark;
  readonly others: readonly OtherWords[];
  readonly onChange: (others: readonly OtherWords[]) => void;
}

/** What words become: of set words one version to the line, of a sentiment other stamps of the stash. */
export function OtherWordsField({ mark, others, onChange }: WordsProps) {
  const { library } = useCardSession();
  const sentiments = useMemo(
    () =>
      newestOf(library).filter(
        (item) =>
          item.kind === 'stamp' &&
          (item.stamp === 'sentiment' || item.words !== null) &&
          item.id !== mark.stamp?.id,
      ),
    [library, mark],
  );
  if (mark.piece.kind !== 'words')
    return (
      <ItemsField
        label="Other sentiments"
        add="Add a sentiment"
        items={sentiments}
        chosen={others.flatMap((each) => (each.by === 'stamp' ? [each.stamp] : []))}
        onChange={(refs) => onChange(refs.map((stamp) => ({ by: 'stamp', stamp })))}
      />
    );
  return (
    <>
      <label htmlFor="series-others" className="self-start">
        Other words
      </label>
      <span>
        <textarea
          id="series-others"
          className="field h-16 w-full"
          aria-describedby="series-others-hint"
          onChange={(event) => onChange(readVersions(event.target.value))}
        />
        <span id="series-others-hint" className="text-muted block">
          One version to the line; / begins a new line of the words.
        </span>
      </span>
    </>
  );
}

/** Versions of words, one to the line, their own lines parted by strokes; what is empty is left out. */
function readVersions(text: string): readonly OtherWords[] {
  return text.split('\n').flatMap((version): readonly OtherWords[] => {
    const lines = version
      .split('/')
      .map((line) => line.trim().slice(0, 60))
      .filter((line) => line !== '')
      .slice(0, 12);
    return lines.length > 0 ? [{ by: 'lines', lines }] : [];
  });
}

interface StocksProps {
  /** The stock that gives way. */
  readonly but: LibraryId;
  readonly others: readonly LibraryRef[];
  readonly onChange: (others: readonly LibraryRef[]) => void;
}

export function OtherStocksField({ but, others, onChange }: StocksProps) {
  const { library } = useCardSession();
  const stocks = useMemo(() => stocksOf(library).filter(({ id }) => id !== but), [library, but]);
  return (
    <ItemsField
      label="Other stocks"
      add="Add a stock"
      items={stocks}
      chosen={others}
      onChange={onChange}
    />
  );
}

interface ItemsProps {
  readonly label: string;
  readonly add: string;
  readonly items: readonly LibraryItem[];
  readonly chosen: readonly LibraryRef[];
  readonly onChange: (chosen: readonly LibraryRef[]) => void;
}

/** Several of the stash, in the order they were chosen. */
function ItemsField({ label, add, items, chosen, onChange }: ItemsProps) {
  const { unit } = useCardSession();
  const isChosen = (item: LibraryRef) => chosen.some(({ id }) => id === item.id);
  return (
    <>
      <span>{label}</span>
      <span
        role="group"
        aria-label={label}
        className="flex flex-wrap items-center gap-x-4 gap-y-1.5"
      >
        {items.filter(isChosen).map((item) => (
          <span key={item.id} className="flex items-center gap-1.5">
            {'colour' in item && (
              <span
                aria-hidden
                className="border-control inline-block size-4 border"
                style={{ background: item.colour }}
              />
            )}
            {item.name}
            <button
              type="button"
              className="link"
              onClick={() => onChange(chosen.filter(({ id }) => id !== item.id))}
            >
              take out<span className="sr-only"> {item.name}</span>
            </button>
          </span>
        ))}
        <Choose
          label={add}
          choices={choicesOf(
            items.filter((item) => !isChosen(item)),
            unit,
          )}
          value={undefined}
          otherwise={`${add}…`}
          onChoose={(value) => {
            const item = items.find((each) => refValue(each) === value);
            if (item) onChange([...chosen, { id: item.id, version: item.version }]);
          }}
        />
      </span>
    </>
  );
}
