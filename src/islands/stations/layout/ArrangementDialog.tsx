import { useEffect, useEffectEvent, useMemo, useState } from 'react';
import type { Length, Size, Unit } from '../../../core/length/length';
import type { Stamp } from '../../../core/plan/libraryItem';
import { stampsOf, type Library } from '../../../core/plan/library';
import { Dialog } from '../../parts/Dialog';
import {
  arrangementKinds,
  type ArrangementKind,
  type Tier,
} from '../../../core/composition/newArrangement';
import { SeedField } from './SeedField';
import { Choose } from '../../parts/Choose';
import { choicesOf, refValue } from '../../parts/itemChoices';
import { Select } from '../../parts/Select';

/** What is asked for: which stamps how often, how they are laid, and which lay of many alike. */
export interface AskedArrangement {
  readonly kind: ArrangementKind;
  readonly tiers: readonly Tier[];
  readonly seed: number;
}

interface Props {
  readonly library: Library;
  readonly unit: Unit;
  /** What it goes round, as one says it. */
  readonly around: string;
  /** How many of each tier such an arrangement has to begin with. */
  readonly countsFor: (
    kind: ArrangementKind,
    sizes: readonly (Size | undefined)[],
  ) => readonly number[];
  /** Shows on the card what would be laid; nothing where it is undefined. */
  readonly onShow: (laying: AskedArrangement | undefined) => void;
  readonly onLay: (laying: AskedArrangement) => void;
  readonly onClose: () => void;
}

const tierNames = ['Large', 'Medium', 'Small'] as const;

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
export function ArrangementDialog(props: Props) {
  const { library, unit, around, countsFor, onShow, onLay, onClose } = props;
  const stamps = useMemo(
    () => stampsOf(library).filter(({ words, stamp }) => !words && stamp !== 'background'),
    [library],
  );
  const [chosen, setChosen] = useState(() => likelyTiers(stamps));
  /** As typed for this kind; undefined while they are as they fit. */
  const [typed, setTyped] = useState<readonly number[]>();
  const [kind, setKind] = useState<ArrangementKind>('oval');
  const [seed, setSeed] = useState(1);
  const inTier = (ids: readonly string[]) =>
    ids.flatMap((id) => stamps.find((each) => refValue(each) === id) ?? []);
  const counts = typed ?? countsFor(kind, chosen.map(inTier).map(largestOf));
  const tiers = chosen.flatMap((ids, index): Tier[] => {
    const count = counts[index] ?? 0;
    return ids.length > 0 && count > 0 ? [{ stamps: inTier(ids), count }] : [];
  });
  const asked = { kind, tiers, seed };
  const show = useEffectEvent(() => onShow(tiers.length > 0 ? asked : undefined));
  const hide = useEffectEvent(() => onShow(undefined));
  const key = JSON.stringify([
    kind,
    seed,
    tiers.map((tier) => [tier.stamps.map(({ id }) => id), tier.count]),
  ]);
  useEffect(() => show(), [key]);
  useEffect(() => () => hide(), []);
  const set = <T,>(list: readonly T[], at: number, value: T) =>
    list.map((each, index) => (index === at ? value : each));
  return (
    <Dialog title="Arrange images" isBeside onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (tiers.length > 0) onLay(asked);
        }}
      >
        <label className="flex items-center gap-3">
          as
          <Select
            className="field"
            value={kind}
            onChange={(event) => {
              setKind(arrangementKinds.find((each) => each === event.target.value) ?? 'oval');
              setTyped(undefined);
            }}
          >
            {arrangementKinds.map((each) => (
              <option key={each} value={each}>
                {kindWords[each][0]}
              </option>
            ))}
          </Select>
        </label>
        <p>
          {kind === 'list' || kind === 'hanging' ? '' : `Round ${around}. `}
          {kindWords[kind][1]}
        </p>
        {tierNames.map((name, index) => (
          <div key={name} className="grid grid-cols-[5rem_1fr_auto] items-center gap-3">
            <span className="font-semibold">{name}</span>
            <span className="flex min-w-0 flex-col items-start gap-1">
              {[...(chosen[index] ?? []), undefined].map((id, at) => (
                <Choose
                  key={`${id} ${at}`}
                  label={at === 0 ? `${name} pieces` : `${name} pieces, in turn with ${at + 1}`}
                  className={id === undefined && at > 0 ? 'link' : 'field max-w-full'}
                  choices={[...(id ? [none] : []), ...choicesOf(stamps, unit)]}
                  value={id}
                  otherwise={at === 0 ? 'none' : 'and another, in turn'}
                  onChoose={(next) =>
                    setChosen(set(chosen, index, putAt(chosen[index] ?? [], at, next)))
                  }
                />
              ))}
            </span>
            <input
              className="field w-20"
              type="number"
              min={0}
              max={40}
              aria-label={`How many ${name.toLowerCase()} pieces`}
              value={counts[index]}
              onChange={(event) =>
                setTyped(set(counts, index, Math.max(0, Math.min(40, Number(event.target.value)))))
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

/** A large, a medium and a small one of what there is. */
function likelyTiers(stamps: readonly Stamp[]): readonly (readonly string[])[] {
  const bySize = stamps.toSorted((a, b) => areaOf(b) - areaOf(a));
  return tierNames.map((_, index) => {
    const likely = bySize[Math.floor(bySize.length * (0.6 + index * 0.18))];
    return likely ? [refValue(likely)] : [];
  });
}

/** The stamps of a tier with another in one place; nothing takes the one there out. */
function putAt(ids: readonly string[], at: number, next: string): readonly string[] {
  const rest = ids.filter((id, index) => index !== at && id !== next);
  return next === '' ? rest : [...rest.slice(0, at), next, ...rest.slice(at)];
}

/** The size round all stamps of a tier. */
function largestOf(tier: readonly Stamp[]): Size | undefined {
  const [first] = tier;
  if (!first) return undefined;
  const over = (a: Length, b: Length) => (a > b ? a : b);
  return tier.reduce<Size>(
    (size, { width, height }) => ({
      width: over(size.width, width.ticks),
      height: over(size.height, height.ticks),
    }),
    { width: first.width.ticks, height: first.height.ticks },
  );
}

const none = { value: '', name: 'none' };
