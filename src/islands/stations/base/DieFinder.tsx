import { useState } from 'react';
import { diesForBorder, type DieForBorder } from '../../../core/composition/diesForBorder';
import { writeLength, writeSize } from '../../../core/length/formatLength';
import type { Size, Unit } from '../../../core/length/length';
import type { TypedLength } from '../../../core/length/typedLength';
import { LengthField } from '../../parts/LengthField';
import { useCardSession } from '../../session/CardSession';

interface Props {
  /** What the die cut is to lie on. */
  readonly panel: Size;
  readonly usual: TypedLength;
  readonly onTake: (choice: DieForBorder) => void;
}

/** So many of the nearest are offered. */
const most = 4;

/** Which die gives the border one wants, and how far off the nearest are. */
export function DieFinder({ panel, usual, onTake }: Props) {
  const { library, unit } = useCardSession();
  const [wanted, setWanted] = useState(usual);
  const found = diesForBorder(library, panel, wanted.ticks).slice(0, most);
  return (
    <div className="basis-full">
      <LengthField
        label="for a border of"
        value={wanted}
        unit={unit}
        width="6rem"
        onPreview={(next) => next && setWanted(next)}
        onCommit={setWanted}
      />
      <ul aria-label="Dies nearest to that border" className="pt-1">
        {found.map((choice) => (
          <li key={`${choice.set.id} ${choice.step}`}>
            <button type="button" className="link" onClick={() => onTake(choice)}>
              {choice.set.name}, {writeSize(choice.size, unit)}
            </button>{' '}
            <span className="text-muted">{offWords(choice, unit)}</span>
          </li>
        ))}
        {found.length === 0 && <li className="text-muted">No die of the stash fits on it.</li>}
      </ul>
    </div>
  );
}

function offWords({ off, reveals, turned }: DieForBorder, unit: Unit): string {
  const { left, top } = reveals;
  const border =
    off === 0
      ? 'just so'
      : `${writeLength(left, unit)} at the sides, ${writeLength(top, unit)} at top and bottom`;
  return turned ? `${border}, turned` : border;
}
