import { useState } from 'react';
import type { ScatterInput } from '../../../core/composition/scatterDots';
import { inches, millimetres, type Length, type Unit } from '../../../core/length/length';
import { asTyped, type TypedLength } from '../../../core/length/typedLength';
import { dotLooks } from '../../../core/plan/pieces/looks';
import { Dialog } from '../../parts/Dialog';
import { LengthField } from '../../parts/LengthField';
import { SeedField } from './SeedField';
import { Select } from '../../parts/Select';

/** What a scatter is made of, beside what it keeps off. */
export interface ScatterChoice extends Pick<
  ScatterInput,
  'sizes' | 'denserAt' | 'distance' | 'seed'
> {
  readonly look: (typeof dotLooks)[number];
  readonly colour: string;
  readonly isOffImages: boolean;
}

interface Props {
  readonly unit: Unit;
  readonly onScatter: (choice: ScatterChoice) => void;
  readonly onClose: () => void;
}

const denser: readonly (readonly [ScatterInput['denserAt'], string])[] = [
  ['top', 'at the top'],
  ['bottom', 'at the bottom'],
  ['left', 'on the left'],
  ['right', 'on the right'],
  ['even', 'nowhere'],
];

/** Three sizes as snow falls; from memory. */
const usual: Readonly<Record<Unit, readonly (readonly [Length, number])[]>> = {
  in: [
    [inches(0, 1, 8), 5],
    [inches(0, 3, 32), 9],
    [inches(0, 1, 16), 17],
  ],
  mm: [
    [millimetres(3), 5],
    [millimetres(2), 9],
    [millimetres(1.5), 17],
  ],
};

/** Chooses how dots are scattered: sizes and counts, where denser, how far apart. */
export function ScatterDialog({ unit, onScatter, onClose }: Props) {
  const [sizes, setSizes] = useState(() =>
    usual[unit].map(([length, count]) => ({ length: asTyped(length), count })),
  );
  const [look, setLook] = useState<ScatterChoice['look']>('gem');
  const [colour, setColour] = useState('#f2dfa0');
  const [denserAt, setDenserAt] = useState<ScatterInput['denserAt']>('top');
  const [distance, setDistance] = useState<TypedLength>(() =>
    asTyped(unit === 'in' ? inches(0, 1, 16) : millimetres(1.5)),
  );
  const [isOffImages, setOffImages] = useState(true);
  const [seed, setSeed] = useState(1);
  const change = (at: number, next: Partial<(typeof sizes)[number]>) =>
    setSizes(sizes.map((each, index) => (index === at ? { ...each, ...next } : each)));
  const total = sizes.reduce((sum, { count }) => sum + count, 0);
  return (
    <Dialog title="Scatter dots" onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          onScatter({
            sizes: sizes.map(({ length, count }) => ({ diameter: length.ticks, count })),
            look,
            colour,
            denserAt,
            distance: distance.ticks,
            isOffImages,
            seed,
          });
        }}
      >
        <p>They keep off all words; each can be moved afterwards.</p>
        <p className="flex flex-wrap items-center gap-4">
          <label className="flex items-center gap-2">
            what
            <Select
              className="field"
              value={look}
              onChange={(event) =>
                setLook(dotLooks.find((each) => each === event.target.value) ?? 'gem')
              }
            >
              {dotLooks.map((each) => (
                <option key={each}>{each}</option>
              ))}
            </Select>
          </label>
          <label className="flex items-center gap-2">
            colour
            <input
              type="color"
              className="border-control h-7 w-9 border"
              value={colour}
              onChange={(event) => setColour(event.target.value)}
            />
          </label>
          <label className="flex items-center gap-2">
            denser
            <Select
              className="field"
              value={denserAt}
              onChange={(event) =>
                setDenserAt(denser.find(([id]) => id === event.target.value)?.[0] ?? 'even')
              }
            >
              {denser.map(([id, words]) => (
                <option key={id} value={id}>
                  {words}
                </option>
              ))}
            </Select>
          </label>
        </p>
        {sizes.map(({ length, count }, index) => (
          <p key={index} className="flex items-start gap-3">
            <input
              className="field w-20"
              type="number"
              min={0}
              max={120}
              aria-label={`How many of size ${index + 1}`}
              value={count}
              onChange={(event) =>
                change(index, { count: Math.max(0, Math.min(120, Number(event.target.value))) })
              }
            />
            <LengthField
              label="dots, across"
              value={length}
              unit={unit}
              isPositive
              width="6rem"
              onPreview={() => undefined}
              onCommit={(next) => change(index, { length: next })}
            />
          </p>
        ))}
        <LengthField
          label="kept apart by"
          value={distance}
          unit={unit}
          width="6rem"
          onPreview={() => undefined}
          onCommit={setDistance}
        />
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={isOffImages}
            onChange={(event) => setOffImages(event.target.checked)}
          />
          off images and die cuts too
        </label>
        <SeedField label="another fall of the same" value={seed} onChange={setSeed} />
        <p className="flex justify-end gap-3 pt-2">
          <button type="button" className="button" onClick={onClose}>
            Cancel
          </button>
          <button type="submit" className="button button-leading" disabled={total === 0}>
            Scatter {total} dots
          </button>
        </p>
      </form>
    </Dialog>
  );
}
