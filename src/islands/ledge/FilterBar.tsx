import { useState } from 'react';
import type { StandingCard } from '../../core/compute/standingCard';
import type { Designer } from '../../core/plan/cardFile';
import { isPlainFilter, type LedgeFilter, type Show } from './ledgeFilter';
import { Select } from '../parts/Select';

interface Props {
  readonly filter: LedgeFilter;
  readonly cards: readonly StandingCard[];
  readonly designers: readonly Designer[];
  readonly counts: Readonly<Record<Show, number>>;
  readonly onChange: (change: Partial<LedgeFilter>) => void;
}

const showNames: readonly (readonly [Show, string])[] = [
  ['all', 'All'],
  ['mine', 'Mine'],
  ['film', 'To film'],
  ['findings', 'With findings'],
];

/** Finds cards as one types, by quick choices, and by format, designer, occasion and technique. */
export function FilterBar({ filter, cards, designers, counts, onChange }: Props) {
  const [isOpen, setOpen] = useState(false);
  const formats = distinct(cards.map(({ format }) => format));
  const occasions = distinct(cards.map(({ occasion }) => occasion));
  const techniques = distinct(cards.flatMap((card) => card.techniques));
  const series = seriesOf(cards);
  return (
    <search className="flex flex-wrap items-center gap-x-5 gap-y-1.5">
      <input
        id="find-card"
        type="search"
        className="field w-64 max-md:w-40 max-md:grow"
        aria-label="Find a card"
        placeholder="Find a card, stock, layer, size"
        value={filter.query}
        onChange={(event) => onChange({ query: event.target.value })}
        onKeyDown={(event) => {
          if (event.key === 'Escape') onChange({ query: '' });
        }}
      />
      <button
        type="button"
        className="button md:hidden"
        aria-expanded={isOpen}
        aria-controls="which-cards"
        onClick={() => setOpen(!isOpen)}
      >
        {isPlainFilter({ ...filter, query: '' }) ? 'Filter' : 'Filter, on'}
      </button>
      <div
        id="which-cards"
        className={`flex flex-wrap items-center gap-x-5 gap-y-1.5 ${isOpen ? '' : 'max-md:hidden'}`}
      >
        {showNames.map(([show, name]) => (
          <button
            key={show}
            type="button"
            aria-pressed={filter.show === show}
            className="aria-pressed:border-violet aria-pressed:text-violet border-b-2 border-transparent py-1 aria-pressed:font-semibold"
            onClick={() => onChange({ show })}
          >
            {name} {counts[show]}
          </button>
        ))}
        <Choice
          name="format"
          value={filter.format}
          options={formats.map((each) => [each, each])}
          onChange={(format) => onChange({ format })}
        />
        <Choice
          name="designer"
          value={filter.designer}
          options={designers.map(({ id, name }) => [id, name])}
          onChange={(designer) => onChange({ designer })}
        />
        <Choice
          name="occasion"
          value={filter.occasion}
          options={occasions.map((each) => [each, each])}
          onChange={(occasion) => onChange({ occasion })}
        />
        <Choice
          name="technique"
          value={filter.technique}
          options={techniques.map((each) => [each, each])}
          onChange={(technique) => onChange({ technique })}
        />
        {filter.series !== undefined && (
          <Choice
            name="series"
            value={filter.series}
            options={series}
            onChange={(id) => onChange({ series: id })}
          />
        )}
        {!isPlainFilter(filter) && (
          <button
            type="button"
            className="link"
            onClick={() =>
              onChange({
                query: '',
                show: 'all',
                format: undefined,
                designer: undefined,
                occasion: undefined,
                technique: undefined,
                series: undefined,
              })
            }
          >
            Show all
          </button>
        )}
      </div>
    </search>
  );
}

interface ChoiceProps {
  readonly name: string;
  readonly value: string | undefined;
  readonly options: readonly (readonly [value: string, name: string])[];
  readonly onChange: (value: string | undefined) => void;
}

/** One of what the cards have, or any; left out where there is nothing to choose between. */
function Choice({ name, value, options, onChange }: ChoiceProps) {
  if (options.length === 0 && value === undefined) return null;
  const isKnown = options.some(([each]) => each === value);
  return (
    <Select
      className="in-place"
      aria-label={`By ${name}`}
      value={value ?? ''}
      onChange={(event) => onChange(event.target.value || undefined)}
    >
      <option value="">any {name}</option>
      {value !== undefined && !isKnown && <option value={value}>{value}</option>}
      {options.map(([each, shown]) => (
        <option key={each} value={each}>
          {shown}
        </option>
      ))}
    </Select>
  );
}

function distinct(values: readonly string[]): readonly string[] {
  return [...new Set(values.filter(Boolean))].toSorted();
}

/** The series there are, by id and name. */
function seriesOf(cards: readonly StandingCard[]): readonly (readonly [string, string])[] {
  const names = new Map(cards.flatMap(({ series }) => (series ? [[series.id, series.name]] : [])));
  return [...names].toSorted(([, a], [, b]) => (a < b ? -1 : 1));
}
