import { useMemo } from 'react';
import { coloursOf } from '../../core/kinds/coat';
import { unknownColour } from '../../core/kinds/paint';
import type { Unit } from '../../core/length/length';
import { findItem, type Library } from '../../core/plan/library';
import type { ColourSource } from '../../core/plan/pieces/colourSource';
import { outOf } from '../../core/plan/plainColours';
import { Choose } from './Choose';
import { choicesOf, refValue } from './itemChoices';

interface Props {
  readonly label: string;
  readonly isLabelHidden?: boolean;
  readonly value: ColourSource;
  readonly library: Library;
  readonly unit: Unit;
  readonly onChange: (source: ColourSource) => void;
}

/** What a colour comes out of: something of the stash by its name, or a bare colour wished for. */
export function SourceField(props: Props) {
  const { label, isLabelHidden = false, value, library, unit, onChange } = props;
  const items = useMemo(() => coloursOf(library), [library]);
  const item = 'item' in value ? findItem(library, value.item) : undefined;
  const colour =
    'wish' in value ? value.wish : item && 'colour' in item ? item.colour : unknownColour;
  return (
    <span className="flex min-w-0 items-center gap-1.5">
      <input
        type="color"
        aria-label={`${label}, as a colour`}
        className="border-control h-6 w-8 shrink-0 border"
        value={colour}
        onChange={(event) => onChange({ wish: event.target.value })}
      />
      {!isLabelHidden && <span className="text-muted">{label}</span>}
      <Choose
        label={`${label}, out of what`}
        choices={choicesOf(items, unit)}
        value={'item' in value ? refValue(value.item) : undefined}
        otherwise={'item' in value ? (item?.name ?? 'not in the stash') : 'a wish'}
        onChoose={(chosen) => {
          const found = items.find((each) => refValue(each) === chosen);
          if (found) onChange(outOf(found));
        }}
      />
    </span>
  );
}
