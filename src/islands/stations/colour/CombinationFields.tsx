import { useMemo, useState } from 'react';
import type { ColourPart } from '../../../core/inking/colourParts';
import { colourWith, countOf, recolour, withoutUnused } from '../../../core/inking/recolour';
import { shadeCheck } from '../../../core/inking/shadeCheck';
import {
  bestMedia,
  evenUse,
  fromKept,
  groundOf,
  newCombination,
  plainUse,
  seenUse,
  sortMedia,
  type MediumUse,
} from '../../../core/inking/media';
import { markerFamilies } from '../../../core/inking/markerFamilies';
import { coloursOf } from '../../../core/kinds/coat';
import type { Combination } from '../../../core/plan/combination';
import { mostMedia } from '../../../core/plan/items/kinds';
import { newestOf } from '../../../core/plan/library';
import { outOf } from '../../../core/plan/plainColours';
import type { Medium } from '../../../core/plan/libraryItem';
import { simpleEditsOf } from '../../../core/plan/batchEdits';
import { isHolding } from '../../../core/stash/isHolding';
import { countWords } from '../../../core/words/countWords';
import { Choose } from '../../parts/Choose';
import { choicesOf, refValue } from '../../parts/itemChoices';
import { newPieceId } from '../../parts/newPieceId';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { KeptCombination } from './KeptCombination';
import { MediumUses } from './MediumUses';
import { shadeSentence } from '../../words/colourWords';

/** What a part is coloured with by hand: its media in order, the best of mine, an undercoat, or what others are coloured with. */
export function CombinationFields({ part }: { readonly part: ColourPart }) {
  const { plan, library, holdings, unit, commit } = useCardSession();
  const own = ownCombination(part, plan.combinations);
  const items = useMemo(
    () => coloursOf(library).filter((item): item is Medium => item.kind === 'medium'),
    [library],
  );
  // What the best are looked for by; a part without a colour has none of its own.
  const [typedWanted, setWanted] = useState<string>();
  const wanted = typedWanted ?? part.paint.colour;
  const undercoats = items.filter(({ medium }) => medium === 'pencil' || medium === 'paint pen');
  const ground = groundOf(own, part.ground, library);
  const seen = (use: MediumUse) => seenUse(use, ground, library);
  const sorted = (media: readonly MediumUse[], begins = own?.begins ?? 'light') =>
    sortMedia(media, begins, ground, library);
  const changeOwn = (change: Partial<Combination>) => {
    if (own) commit({ kind: 'change', in: 'combinations', id: own.id, change });
  };
  const others = [
    ...plan.combinations.flatMap((each) =>
      each.id === own?.id ? [] : [{ key: each.id as string, name: each.name, take: () => each }],
    ),
    ...newestOf(library).flatMap((item) =>
      item.kind === 'combination'
        ? [
            {
              key: `kept ${item.id}`,
              name: `${item.name}, of the stash`,
              take: () => fromKept(item, newPieceId()),
            },
          ]
        : [],
    ),
  ];
  /** What is used here alone is changed; where others are coloured alike they follow. */
  const put = (media: readonly MediumUse[]) => {
    const [first] = media;
    if (!first) commit(withoutUnused(plan, simpleEditsOf(recolour(plan, part.at, nothing))));
    else if (own) changeOwn({ media });
    else commit(colourWith(plan, part.at, newCombination(part, media, newPieceId())));
  };
  const takeBest = (count: number) => {
    const markers = items.filter(
      ({ medium, id }) => medium === 'alcohol marker' && isHolding(holdings, id),
    );
    const best = bestMedia(markers, wanted, count, ground);
    if (!best) return false;
    put(sorted(best));
    return true;
  };
  const families = useMemo(
    () => markerFamilies(items.filter(({ id }) => isHolding(holdings, id))),
    [items, holdings],
  );
  useKeys({ b: () => takeBest(3) });
  const check = shadeCheck(own?.media.map(seen) ?? []);
  const alike = own ? countOf(plan, own.id) - part.at.length : 0;
  return (
    <>
      {own && (
        <>
          <MediumUses media={own.media} seen={seen} onChange={put} />
          <p>{shadeSentence(check)}</p>
          {check.gaps.slice(0, 1).map(({ wish }) => (
            <p key={wish} className="flex flex-wrap items-center gap-x-2">
              <span className="text-muted">To buy:</span>
              <span
                aria-hidden
                className="border-control inline-block size-4 border"
                style={{ background: wish }}
              />
              <button
                type="button"
                className="link"
                onClick={() => put(sorted([...own.media, evenUse({ wish })]))}
              >
                a wish like this, between them
              </button>
            </p>
          ))}
        </>
      )}
      {!own && <p className="text-muted">{bareWords(part)}</p>}
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
        <Choose
          label="Add a marker, pencil or pen"
          className="button"
          choices={choicesOf(items, unit)}
          value={undefined}
          otherwise="marker, pencil, pen…"
          onChoose={(value) => {
            const item = items.find((each) => refValue(each) === value);
            if (item) put(sorted([...(own?.media ?? []), plainUse(item)]));
          }}
        />
        {[2, 3, 4].map((count) => (
          <button key={count} type="button" className="button" onClick={() => takeBest(count)}>
            Best {count} of mine
          </button>
        ))}
        <label className="flex items-center gap-1.5">
          <span className="text-muted">for</span>
          <input
            type="color"
            aria-label="The colour the best are looked for"
            className="border-control h-6 w-8 border"
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
          />
        </label>
        {families.length > 0 && (
          <Choose
            label="A family of mine"
            className="button"
            choices={families.map(({ name, media }) => ({
              value: name,
              name,
              note: countWords(media.length, 'shade'),
              colour: media[Math.floor(media.length / 2)]?.colour ?? '',
            }))}
            value={undefined}
            otherwise="family…"
            onChoose={(value) => {
              const family = families.find(({ name }) => name === value);
              if (family) put(sorted(family.media.slice(0, mostMedia).map(plainUse)));
            }}
          />
        )}
        {others.length > 0 && (
          <span className="flex items-center gap-2">
            <span className="text-muted">as in</span>
            <Choose
              label="Coloured alike, as in"
              choices={others.map(({ key, name }) => ({ value: key, name }))}
              value={undefined}
              otherwise="choose…"
              onChoose={(chosen) => {
                const other = others.find(({ key }) => key === chosen);
                if (other) commit(colourWith(plan, part.at, other.take()));
              }}
            />
          </span>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5">
        {own && (
          <>
            <span className="flex items-center gap-2">
              <span className="text-muted">undercoat</span>
              <Choose
                label="Undercoat"
                choices={[{ value: 'none', name: 'none' }, ...choicesOf(undercoats, unit)]}
                value={
                  own.undercoat && 'item' in own.undercoat ? refValue(own.undercoat.item) : 'none'
                }
                otherwise="a wish"
                onChoose={(value) => {
                  const item = undercoats.find((each) => refValue(each) === value);
                  const undercoat = item ? outOf(item) : null;
                  changeOwn({ undercoat });
                }}
              />
            </span>
            <button
              type="button"
              className="link"
              onClick={() => {
                const begins = own.begins === 'light' ? 'dark' : 'light';
                const media = sorted(own.media, begins);
                changeOwn({ begins, media });
              }}
            >
              {own.begins === 'light' ? 'Light first; turn about' : 'Dark first; turn about'}
            </button>
          </>
        )}
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={part.paint.from.kind === 'nothing'}
            onChange={(event) => {
              if (event.target.checked) put([]);
              else takeBest(2);
            }}
          />
          left as it is
        </label>
        {alike > 0 && (
          <span className="text-muted">
            {countWords(alike, 'other part')} {alike === 1 ? 'is' : 'are'} coloured alike and follow
            {alike === 1 ? 's' : ''}.
          </span>
        )}
      </div>
      {own && <KeptCombination combination={own} onChange={changeOwn} />}
    </>
  );
}

function bareWords({ paint: { from } }: ColourPart): string {
  if (from.kind === 'nothing') return 'Left as it is on purpose.';
  if (from.kind === 'open') return 'Not coloured yet.';
  return 'A wish: nothing of the stash is named for it yet.';
}

const nothing = { kind: 'nothing' } as const;

function ownCombination(
  { paint }: ColourPart,
  combinations: readonly Combination[],
): Combination | undefined {
  const id = paint.from.kind === 'several' ? paint.from.combination?.id : undefined;
  return combinations.find((each) => each.id === id);
}
