import type { Making } from '../../../core/plan/plan';
import { CopiesField } from '../../parts/CopiesField';
import { NumberField } from '../../parts/NumberField';
import { Select } from '../../parts/Select';

interface Props {
  readonly making: Making;
  readonly onChange: (change: Partial<Making>) => void;
}

/** How many are made, with how many spares, and whether leftovers are cut up first. */
export function BatchForm({ making, onChange }: Props) {
  const { copies, spares, usesLeftovers } = making;
  return (
    <div className="flex flex-col gap-2">
      <CopiesField copies={copies} onCommit={(wanted) => onChange({ copies: wanted })} />
      <div className="flex items-start gap-2">
        <NumberField
          label="Spares"
          value={spares.by === 'each' ? spares.count : spares.percent}
          min={0}
          max={spares.by === 'each' ? 1000 : 100}
          digits={spares.by === 'each' ? 0 : 1}
          issue={
            spares.by === 'each'
              ? 'Spares are a whole number up to 1000.'
              : 'Spares are up to 100 in a hundred.'
          }
          className="field w-16"
          onCommit={(value) =>
            onChange({
              spares:
                spares.by === 'each'
                  ? { by: 'each', count: value ?? 0 }
                  : { by: 'percent', percent: value ?? 0 },
            })
          }
        />
        <Select
          className="in-place pt-1"
          aria-label="How spares are counted"
          value={spares.by}
          onChange={(event) =>
            onChange({
              spares:
                event.target.value === 'percent'
                  ? { by: 'percent', percent: 5 }
                  : { by: 'each', count: 1 },
            })
          }
        >
          <option value="each">of each piece</option>
          <option value="percent">in a hundred</option>
        </Select>
      </div>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={usesLeftovers}
          onChange={(event) => onChange({ usesLeftovers: event.target.checked })}
        />
        Cut leftovers up first
      </label>
    </div>
  );
}
