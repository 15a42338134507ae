import { useMemo } from 'react';
import type { ColourPart } from '../../../core/inking/colourParts';
import { colourWith, countOf, recolour, withoutUnused } from '../../../core/inking/recolour';
import { shadeCheck } from '../../../core/inking/shadeCheck';
import {
  bestMedia,
  groundOf,
  plainUse,
  seenUse,
  sortMedia,
  type MediumUse,
} from '../../../core/inking/media';
import { labOf } from '../../../core/colour/lab';
import { coloursOf } from '../../../core/kinds/coat';
import type { Combination } from '../../../core/plan/combination';
import { findItem } from '../../../core/plan/library';
import { outOf } from '../../../core/plan/plainColours';
import type { Medium } from '../../../core/plan/libraryItem';
import { simpleEditsOf } from '../../../core/plan/batchEdits';
import { isHolding } from '../../../core/stash/isHolding';
import { countWords } from '../../../core/words/countWords';
import { capitalise } from '../../../core/words/phrases';
import { Choose } from '../../parts/Choose';
import { X } from 'lucide-react';
import { IconButton } from '../../parts/IconButton';
import { choicesOf, refValue } from '../../parts/itemChoices';
import { newPieceId } from '../../parts/newPieceId';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { shadeSentence } from '../../words/colourWords';

/** What a part is coloured with by hand: its media in order, the best of mine, an undercoat, or what others are coloured with. */
export function CombinationFields({ part }: { readonly part: ColourPart }) {
  const { plan, library, holdings, unit, commit } = useCardSession();
  const own = ownCombination(part, plan.combinations);
  const items = useMemo(
    () => coloursOf(library).filter((item): item is Medium => item.kind === 'medium'),
    [library],
  );
  const undercoats = items.filter(({ medium }) => medium === 'pencil' || medium === 'paint pen');
  const ground = groundOf(own, part.ground, library);
  const seen = (use: MediumUse) => seenUse(use, ground, library);
  const sorted = (media: readonly MediumUse[], begins = own?.begins ?? 'light') =>
    sortMedia(media, begins, ground, library);
  /** What is used here alone is changed; where others are coloured alike they follow. */
  const put = (media: readonly MediumUse[]) => {
    const [first] = media;
    if (!first) commit(withoutUnused(plan, simpleEditsOf(recolour(plan, part.at, nothing))));
    else if (own) commit({ kind: 'change', in: 'combinations', id: own.id, change: { media } });
    else commit(colourWith(plan, part.at, newCombination(part, media)));
  };
  const takeBest = (count: number) => {
    const markers = items.filter(
      ({ medium, id }) => medium === 'alcohol marker' && isHolding(holdings, id),
    );
    const best = bestMedia(markers, part.paint.colour, count, ground);
    if (!best) return false;
    put(sorted(best));
    return true;
  };
  useKeys({ b: () => takeBest(3) });
  const alike = own ? countOf(plan, own.id) - part.at.length : 0;
  return (
    <>
      {own && (
        <>
          <ol aria-label="In the order they are used" className="flex flex-wrap gap-x-3 gap-y-2">
            {own.media.map((use, index) => (
              <li key={index} className="flex items-center gap-2">
                <span
                  className="border-control inline-block h-10 w-9 border"
                  style={{ background: seen(use) }}
                  aria-hidden
                />
                <span className="leading-5">
                  <strong className="block font-semibold">{nameOf(use)}</strong>
                  <span className="text-muted">lightness {Math.round(labOf(seen(use)).l)}</span>
                </span>
                <IconButton
                  label={`Take ${nameOf(use)} away`}
                  onClick={() => put(own.media.filter((_, other) => other !== index))}
                >
                  <X size={16} aria-hidden />
                </IconButton>
              </li>
            ))}
          </ol>
          <p>{shadeSentence(shadeCheck(own.media.map(seen)))}</p>
        </>
      )}
      {!own && (
        <p className="text-muted">
          {part.paint.from.kind === 'nothing'
            ? 'Left as it is on purpose.'
            : 'A wish: nothing of the stash is named for it yet.'}
        </p>
      )}
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
        {plan.combinations.some(({ id }) => id !== own?.id) && (
          <span className="flex items-center gap-2">
            <span className="text-muted">as in</span>
            <Choose
              label="Coloured alike, as in"
              choices={plan.combinations.map(({ id, name }) => ({ value: id, name }))}
              value={own?.id}
              otherwise="choose…"
              onChoose={(id) => {
                const other = plan.combinations.find((each) => each.id === id);
                if (other) commit(colourWith(plan, part.at, other));
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
                  commit({ kind: 'change', in: 'combinations', id: own.id, change: { undercoat } });
                }}
              />
            </span>
            <button
              type="button"
              className="link"
              onClick={() => {
                const begins = own.begins === 'light' ? 'dark' : 'light';
                const media = sorted(own.media, begins);
                commit({
                  kind: 'change',
                  in: 'combinations',
                  id: own.id,
                  change: { begins, media },
                });
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
    </>
  );

  function nameOf({ from }: MediumUse): string {
    if ('wish' in from) return 'a wish';
    return findItem(library, from.item)?.name ?? 'not in the stash';
  }
}

const nothing = { kind: 'nothing' } as const;

function ownCombination(
  { paint }: ColourPart,
  combinations: readonly Combination[],
): Combination | undefined {
  const id = paint.from.kind === 'several' ? paint.from.combination?.id : undefined;
  return combinations.find((each) => each.id === id);
}

function newCombination({ of, name }: ColourPart, media: readonly MediumUse[]): Combination {
  return {
    id: newPieceId(),
    name: capitalise([of, name].filter(Boolean).join(', ')).slice(0, 60),
    media,
    begins: 'light',
    undercoat: null,
    note: '',
    kept: null,
  };
}
