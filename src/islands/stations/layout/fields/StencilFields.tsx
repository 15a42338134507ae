import { markMoves } from '../../../../core/stencilling/markMoves';
import { stencilMoves } from '../../../../core/stencilling/stencilMoves';
import { stencilWords } from '../../../../core/prose/stencilWords';
import { asTyped } from '../../../../core/length/typedLength';
import { turnStencil } from '../../../../core/outline/turnStencil';
import type { Stencil } from '../../../../core/plan/libraryItem';
import type { ResolvedMark } from '../../../../core/resolve/resolvedMark';
import { countWords } from '../../../../core/words/countWords';
import { LengthField } from '../../../parts/LengthField';
import { ColourField } from '../ColourField';
import type { FieldsProps } from './FieldsProps';

/** What goes through a stencil, over how much, and how often it is laid down for it. */
export function StencilFields({ mark, piece, unit, onChange, preview }: FieldsProps<'stencil'>) {
  const { id, stencil, rect } = mark;
  const { zone, colours } = piece;
  const moves = markMoves(mark);
  if (!stencil || !moves) return null;
  const turnedMoves = movesOf(turnStencil(stencil), rect);
  const setColour = (at: number, colour: string | null) =>
    onChange({
      colours: stencil.layers.map((_, index) => (index === at ? colour : (colours[index] ?? null))),
    });
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
        {stencil.layers.map(({ name, colour }, index) => (
          <span key={name} className="flex items-center gap-1.5">
            <input
              type="checkbox"
              aria-label={`${name} is there`}
              checked={(colours[index] ?? null) !== null}
              onChange={(event) => setColour(index, event.target.checked ? colour : null)}
            />
            <ColourField
              label={name}
              value={colours[index] ?? '#ffffff'}
              onChange={(next) => setColour(index, next)}
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
        <label className="flex items-center gap-2 pt-1">
          <input
            type="checkbox"
            checked={zone !== null}
            onChange={(event) =>
              onChange({
                zone: event.target.checked
                  ? { width: asTyped(rect.width), height: asTyped(rect.height) }
                  : null,
              })
            }
          />
          only a zone of it
        </label>
        {zone &&
          (['width', 'height'] as const).map((axis) => (
            <LengthField
              key={`${id} ${axis}`}
              label={axis}
              value={zone[axis]}
              unit={unit}
              width="5.5rem"
              isPositive
              onPreview={(length) => preview(length && { zone: { ...zone, [axis]: length } })}
              onCommit={(length) => onChange({ zone: { ...zone, [axis]: length } })}
            />
          ))}
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
