import { useMemo } from 'react';
import { coloursOf, isNotShowable } from '../../../core/kinds/coat';
import type { ColourPart } from '../../../core/inking/colourParts';
import { withInkMore } from '../../../core/inking/blendStops';
import { printOf, sourceOf, stopsOf } from '../../../core/inking/given';
import { nearestColours } from '../../../core/inking/nearestColours';
import { plainSources } from '../../../core/inking/plainSources';
import { recolour, type Given } from '../../../core/inking/recolour';
import { newestOf } from '../../../core/plan/library';
import type { Mark } from '../../../core/plan/piece';
import { isPaper } from '../../../core/plan/pieces';
import type { ColourSource } from '../../../core/plan/pieces/colourSource';
import { holdsWords } from '../../../core/resolve/resolvedMark';
import { outOf } from '../../../core/plan/plainColours';
import { joinWords } from '../../../core/words/phrases';
import { Choose } from '../../parts/Choose';
import { choicesOf, refValue } from '../../parts/itemChoices';
import { SourceField } from '../../parts/SourceField';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { mediumWords, nearWords } from '../../words/colourWords';
import { CombinationFields } from './CombinationFields';
import type { ChosenPart } from './useChosenPart';
import { FinishFields } from './FinishFields';
import { GroundTicket, isInkGround } from './GroundTicket';
import { PickOpenings } from './PickOpenings';
import { PickParts } from './PickParts';
import { WordsTicket } from './WordsTicket';
import { StopsFields } from './StopsFields';

interface Props {
  readonly part: ColourPart;
  readonly onChooseAt: ChosenPart['chooseAt'];
}

/** What the chosen part is printed or coloured with, and how that is changed. */
export function PartTicket({ part, onChooseAt }: Props) {
  const { plan, card, commit } = useCardSession();
  const mark = card.marks.find(({ id }) => id === part.at[0]?.pieceId);
  const piece = plan.pieces.find(({ id }) => id === part.at[0]?.pieceId);
  if (!piece || isPaper(piece)) return null;
  const give = (given: Given, joining?: string) => commit(recolour(plan, part.at, given), joining);
  return (
    <>
      {part.kind === 'coloured' ? (
        <CombinationFields part={part} />
      ) : (
        <InkTicket part={part} piece={piece} onGive={give} />
      )}
      {mark && holdsWords(mark) && <WordsTicket mark={mark} part={part} onGive={give} />}
      {piece.kind === 'stencil' && <PickOpenings />}
      {isInkGround(piece) && <GroundTicket piece={piece} />}
      {piece.kind === 'image' && mark && !mark.stamp?.words && (
        <>
          <PickParts />
          <FinishFields
            mark={mark}
            piece={piece}
            layer={part.at[0]?.layer ?? 0}
            onAdded={(layer) => onChooseAt(piece.id, layer)}
          />
        </>
      )}
    </>
  );
}

interface InkProps {
  readonly part: ColourPart;
  readonly piece: Mark;
  readonly onGive: (given: Given, joining?: string) => void;
}

/** What puts colour there: inks blended into one another, or one. */
function InkTicket({ part, piece, onGive }: InkProps) {
  const layer = part.at[0]?.layer ?? 0;
  const stops = stopsOf(piece, layer);
  if (stops && (stops.length > 1 || piece.kind === 'blend'))
    return <StopsFields part={part} stops={stops} onChange={onGive} />;
  const source = sourceOf(piece, layer);
  if (!source) return null;
  return (
    <>
      <SourceTicket part={part} piece={piece} source={source} onGive={onGive} />
      {stops && (
        <p>
          <button
            type="button"
            className="link"
            onClick={() => onGive({ kind: 'stops', stops: withInkMore(stops) })}
          >
            Another ink, blended into it
          </button>
        </p>
      )}
    </>
  );
}

interface SourceProps extends InkProps {
  readonly source: ColourSource;
}

/** One thing it comes out of; of a print also powder, and whether it is stamped off first. */
function SourceTicket({ part, piece, source, onGive }: SourceProps) {
  const { library, unit } = useCardSession();
  const print = printOf(piece, part.at[0]?.layer ?? 0);
  const items = useMemo(
    () => coloursOf(library).filter((item) => !print || item.kind === 'ink'),
    [library, print],
  );
  const powders = newestOf(library).filter((item) => item.kind === 'powder');
  const wanted = 'wish' in source ? source.wish : part.paint.colour;
  const near = nearestColours(wanted, items, 4, part.ground.colour).filter(
    ({ item }) => !('item' in source && source.item.id === item.id),
  );
  /** From one to the next in the stash, the card following; one step to be undone. */
  const tryNext = (by: number) => {
    const at = 'item' in source ? items.findIndex(({ id }) => id === source.item.id) : -1;
    const next = items[(at + by + items.length) % items.length];
    if (!next) return false;
    onGive({ kind: 'source', source: outOf(next) }, `try ${part.key}`);
    return true;
  };
  useKeys({ ',': () => tryNext(-1), '.': () => tryNext(1) });
  const things = plainSources(part.paint.from, part.paint.colour);
  const [own] = things;
  const hidden = things.flatMap(({ item }) => (item && isNotShowable(item) ? [item.name] : []));
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5">
        <SourceField
          label={print ? 'ink' : 'colour'}
          value={source}
          library={library}
          unit={unit}
          onChange={(next) => onGive({ kind: 'source', source: next })}
        />
        {own?.item && <span className="text-muted">{mediumWords(own.item)}</span>}
        {print && (
          <span className="flex items-center gap-2">
            <span className="text-muted">powder</span>
            <Choose
              label="Powder melted over it"
              choices={[{ value: 'none', name: 'none' }, ...choicesOf(powders, unit)]}
              value={print.powder ? refValue(print.powder) : 'none'}
              otherwise="not in the stash"
              onChoose={(value) => {
                const powder = powders.find((each) => refValue(each) === value);
                onGive({
                  kind: 'print',
                  change: { powder: powder ? { id: powder.id, version: powder.version } : null },
                });
              }}
            />
          </span>
        )}
        {print && (
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              checked={print.offPad === 'second'}
              onChange={(event) =>
                onGive({
                  kind: 'print',
                  change: { offPad: event.target.checked ? 'second' : 'first' },
                })
              }
            />
            second off the pad
          </label>
        )}
      </div>
      <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="text-muted">
          {'wish' in source ? 'Nearest of mine on this paper:' : 'Near it:'}
        </span>
        {near.slice(0, 3).map((each) => (
          <button
            key={each.item.id}
            type="button"
            className="link"
            onClick={() => onGive({ kind: 'source', source: outOf(each.item) })}
          >
            {nearWords(each)}
          </button>
        ))}
      </p>
      {hidden.length > 0 && (
        <p className="text-muted">No screen shows how {joinWords(hidden)} shines.</p>
      )}
    </>
  );
}
