import { markMoves } from '../../../../core/stencilling/markMoves';
import { stencilMoves } from '../../../../core/stencilling/stencilMoves';
import { stencilWords } from '../../../../core/prose/stencilWords';
import { turnStencil } from '../../../../core/outline/turnStencil';
import type { ColourSource } from '../../../../core/plan/pieces/colourSource';
import type { Stencil } from '../../../../core/plan/libraryItem';
import type { ResolvedMark } from '../../../../core/resolve/resolvedMark';
import { countWords } from '../../../../core/words/countWords';
import { SourceField } from '../../../parts/SourceField';
import { useCardSession } from '../../../session/CardSession';
import type { FieldsProps } from './FieldsProps';
import { ZoneField } from '../../../parts/ZoneField';
import { plainStop } from '../../../../core/plan/plainColours';

/** What goes through a stencil, over how much, and how often it is laid down for it. */
export function StencilFields({ mark, piece, unit, onChange, preview }: FieldsProps<'stencil'>) {
  const { stencil, rect } = mark;
  const { library } = useCardSession();
  const { layers } = piece;
  const moves = markMoves(mark);
  if (!stencil || !moves) return null;
  const turnedMoves = movesOf(turnStencil(stencil), rect);
  const setInk = (at: number, ink: ColourSource | null) =>
    onChange({
      layers: stencil.layers.map((_, index) => {
        const stops = layers[index] ?? null;
        if (index !== at || ink === null) return index === at ? null : stops;
        return stops?.map((stop, i) => (i === 0 ? { ...stop, ink } : stop)) ?? [plainStop(ink)];
      }),
    });
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
        {stencil.layers.map(({ name, colour }, index) => (
          <span key={name} className="flex items-center gap-1.5">
            <input
              type="checkbox"
              aria-label={`${name} is there`}
              checked={(layers[index] ?? null) !== null}
              onChange={(event) => setInk(index, event.target.checked ? { wish: colour } : null)}
            />
            <SourceField
              label={name}
              value={layers[index]?.[0]?.ink ?? { wish: '#ffffff' }}
              library={library}
              unit={unit}
              onChange={(ink) => setInk(index, ink)}
            />
          </span>
        ))}
      </div>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
        <label className="flex items-center gap-2 pt-1">
          <input
            type="checkbox"
            checked={piece.turned}
            onChange={(event) => onChange({ turned: event.target.checked })}
          />
          laid on its side
          {turnedMoves !== undefined && (
            <span className="text-muted">({countWords(turnedMoves, 'move')})</span>
          )}
        </label>
        <ZoneField mark={mark} piece={piece} unit={unit} onChange={onChange} preview={preview} />
      </div>
      <ol
        aria-label="How it is laid down"
        className={moves.ok ? 'list-decimal pl-5' : 'text-amber font-semibold'}
      >
        {stencilWords(moves, rect, unit).map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ol>
      {moves.ok && stencil.layers.length > 1 && (
        <p className="text-muted">
          Each of the {stencil.layers.length} layers in turn, the first one whole before the next.
        </p>
      )}
    </>
  );
}

/** How many moves it takes the other way round; undefined where it cannot be done. */
function movesOf({ width, height, repeat }: Stencil, zone: ResolvedMark['rect']) {
  const moves = stencilMoves({ width: width.ticks, height: height.ticks }, repeat, zone);
  return moves.ok ? moves.placements.length : undefined;
}
