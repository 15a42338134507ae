import { useState } from 'react';
import type { About } from '../../../core/plan/plan';
import { cardStatuses } from '../../../core/plan/planFacts';
import { DayField } from '../../parts/DayField';
import { TextField } from '../../parts/TextField';
import { cutText } from '../../../core/text/cutText';
import { Select } from '../../parts/Select';

interface Props {
  readonly about: About;
  readonly onCommit: (change: Partial<About>) => void;
}

/** How far the card is, what it is for, its days, and the notes that are printed with it. */
export function AboutFields({ about, onCommit }: Props) {
  const [notes, setNotes] = useState<string>();
  const commitNotes = () => {
    if (notes !== undefined && notes !== about.notes) onCommit({ notes });
    setNotes(undefined);
  };
  return (
    <>
      <label className="flex items-center gap-2">
        Status
        <Select
          className="field"
          value={about.status}
          onChange={(event) => {
            const status = cardStatuses.find((each) => each === event.target.value);
            if (status) onCommit({ status });
          }}
        >
          {cardStatuses.map((status) => (
            <option key={status} value={status}>
              {status}
            </option>
          ))}
        </Select>
      </label>
      <span className="flex items-center gap-2">
        <label htmlFor="occasion">Occasion</label>
        <TextField
          id="occasion"
          label="Occasion"
          value={about.occasion}
          isOptional
          className="field min-w-0 grow"
          onCommit={(occasion) => onCommit({ occasion })}
        />
      </span>
      <span className="flex items-center gap-2">
        <label htmlFor="techniques">Techniques</label>
        <TextField
          id="techniques"
          label="Techniques, with commas between"
          value={about.techniques.join(', ')}
          isOptional
          maxLength={400}
          className="field min-w-0 grow"
          onCommit={(text) => onCommit({ techniques: readTechniques(text) })}
        />
      </span>
      {(
        [
          ['filmOn', 'Filmed on'],
          ['publishOn', 'Published on'],
        ] as const
      ).map(([day, name]) => (
        <span key={day} className="flex items-center justify-between gap-2">
          {name}
          <DayField
            label={name}
            value={about[day]}
            onCommit={(chosen) => onCommit({ [day]: chosen })}
          />
        </span>
      ))}
      {about.series && (
        <p className="flex flex-wrap items-baseline gap-x-3">
          <span>
            One of the series{' '}
            <a className="link" href={`/?series=${about.series.id}`}>
              {about.series.name}
            </a>
          </span>
          <button type="button" className="link" onClick={() => onCommit({ series: null })}>
            Take it out
          </button>
        </p>
      )}
      <label className="flex flex-col gap-1">
        Notes, printed at the end
        <textarea
          className="field h-28"
          maxLength={10_000}
          value={notes ?? about.notes}
          onChange={(event) => setNotes(event.target.value)}
          onBlur={commitNotes}
        />
      </label>
    </>
  );
}

/** Each technique once, without the spaces round it; what is too long is cut. */
function readTechniques(text: string): string[] {
  const names = text.split(',').map((name) => cutText(name.trim(), 40).trim());
  return [...new Set(names.filter(Boolean))].slice(0, 20);
}
