import { useState } from 'react';
import type { Stamp } from '../../../core/plan/libraryItem';
import { stampsOf, type Library } from '../../../core/plan/library';
import { Dialog } from '../../parts/Dialog';
import {
  arrangementKinds,
  type ArrangementKind,
  type Tier,
} from '../../../core/composition/newArrangement';
import { SeedField } from './SeedField';

interface Props {
  readonly library: Library;
  /** What it goes round, as one says it. */
  readonly around: string;
  readonly onLay: (tiers: readonly Tier[], kind: ArrangementKind, seed: number) => void;
  readonly onClose: () => void;
}

const tierNames = ['Large', 'Medium', 'Small'] as const;
const usualCounts = [5, 5, 10] as const;

const kindWords: Readonly<Record<ArrangementKind, readonly [name: string, how: string]>> = {
  oval: ['a wreath, oval', 'Large pieces are spread evenly first, the smaller fill the gaps.'],
  rectangle: [
    'a wreath, rectangular',
    'Large pieces are spread evenly first, the smaller fill the gaps.',
  ],
  arch: ['an arch', 'Over it, the large pieces at the sides, so that it is taller there.'],
  branches: ['two side branches', 'Left and right in turn, from the foot up.'],
  hanging: ['hanging from the top', 'One large in the middle, the others beside it, on strings.'],
  list: ['a list down the panel', 'One below the other at the left, in even steps.'],
};

/** Chooses how images are laid and which: in a wreath, an arch, branches, hanging, or as a list. */
export function ArrangementDialog({ library, around, onLay, onClose }: Props) {
  const stamps = stampsOf(library).filter(({ words, stamp }) => !words && stamp !== 'background');
  const bySize = stamps.toSorted((a, b) => areaOf(b) - areaOf(a));
  const [chosen, setChosen] = useState<readonly (string | undefined)[]>(() =>
    usualCounts.map((_, index) => bySize[Math.floor(bySize.length * (0.6 + index * 0.18))]?.id),
  );
  const [counts, setCounts] = useState<readonly number[]>(usualCounts);
  const [kind, setKind] = useState<ArrangementKind>('oval');
  const [seed, setSeed] = useState(1);
  const tiers = chosen.flatMap((id, index): Tier[] => {
    const stamp = stamps.find((each) => each.id === id);
    const count = counts[index] ?? 0;
    return stamp && count > 0 ? [{ stamp, count }] : [];
  });
  const set = <T,>(list: readonly T[], at: number, value: T) =>
    list.map((each, index) => (index === at ? value : each));
  return (
    <Dialog title="Arrange images" onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (tiers.length > 0) onLay(tiers, kind, seed);
        }}
      >
        <label className="flex items-center gap-3">
          as
          <select
            className="field"
            value={kind}
            onChange={(event) =>
              setKind(arrangementKinds.find((each) => each === event.target.value) ?? 'oval')
            }
          >
            {arrangementKinds.map((each) => (
              <option key={each} value={each}>
                {kindWords[each][0]}
              </option>
            ))}
          </select>
        </label>
        <p>
          {kind === 'list' || kind === 'hanging' ? '' : `Round ${around}. `}
          {kindWords[kind][1]}
        </p>
        {tierNames.map((name, index) => (
          <div key={name} className="grid grid-cols-[5rem_1fr_auto] items-center gap-3">
            <span className="font-semibold">{name}</span>
            <select
              className="field"
              aria-label={`${name} pieces`}
              value={chosen[index] ?? ''}
              onChange={(event) => setChosen(set(chosen, index, event.target.value || undefined))}
            >
              <option value="">none</option>
              {stamps.map(({ id, name: stampName }) => (
                <option key={id} value={id}>
                  {stampName}
                </option>
              ))}
            </select>
            <input
              className="field w-20"
              type="number"
              min={0}
              max={40}
              aria-label={`How many ${name.toLowerCase()} pieces`}
              value={counts[index]}
              onChange={(event) =>
                setCounts(set(counts, index, Math.max(0, Math.min(40, Number(event.target.value)))))
              }
            />
          </div>
        ))}
        <SeedField label="another lay of the same" value={seed} onChange={setSeed} />
        <p className="flex justify-end gap-3 pt-2">
          <button type="button" className="button" onClick={onClose}>
            Cancel
          </button>
          <button type="submit" className="button button-leading" disabled={tiers.length === 0}>
            Lay {tiers.reduce((sum, { count }) => sum + count, 0)} pieces
          </button>
        </p>
      </form>
    </Dialog>
  );
}

const areaOf = ({ width, height }: Stamp) => width.ticks * height.ticks;
