import { changePart } from '../../../core/inking/pickParts';
import { changePiece } from '../../../core/plan/pieceEdits';
import { countWords } from '../../../core/words/countWords';
import { LengthField } from '../../parts/LengthField';
import { NumberButtons } from '../../parts/NumberButtons';
import { TextField } from '../../parts/TextField';
import { useCardSession } from '../../session/CardSession';
import { usePickingOf } from './usePicking';

/** Parts picked out of the lines of an image: the areas to choose among, and what the chosen part is called. */
export function PickParts() {
  const { unit, commit, preview } = useCardSession();
  const { pickable, isOn, toggle } = usePickingOf();
  if (pickable?.kind !== 'lines') return null;
  const { piece, index, gap } = pickable;
  const part = index === undefined ? undefined : piece.parts[index];
  const withPart = (change: Parameters<typeof changePart>[2]) =>
    changePiece(piece, changePart(piece.parts, index ?? -1, change));
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5">
      <span className="flex items-center gap-2">
        <button type="button" className="link" aria-pressed={isOn} onClick={toggle}>
          {isOn ? 'Enough picked' : part ? 'Its areas…' : 'Pick a part out of the lines…'}
        </button>
        <kbd className="key">p</kbd>
      </span>
      {part && (
        <>
          <label className="flex items-center gap-2">
            <span className="text-muted">part</span>
            <TextField
              label="Name of the part"
              className="field w-28"
              value={part.name}
              maxLength={40}
              onCommit={(name) => commit(withPart({ name }))}
            />
          </label>
          <LengthField
            label="closing gaps up to"
            value={gap}
            unit={unit}
            width="5.5rem"
            onPreview={(next) => preview(next && withPart({ gap: next }))}
            onCommit={(next) => commit(withPart({ gap: next }))}
          />
          <button
            type="button"
            className="link"
            onClick={() =>
              commit(
                changePiece(piece, { parts: piece.parts.filter((_, other) => other !== index) }),
              )
            }
          >
            Take the part off
          </button>
        </>
      )}
      {isOn && (
        <AreaButtons
          label={part ? `Areas of ${part.name}` : 'Areas to make a part of'}
          one="area"
        />
      )}
    </div>
  );
}

interface ButtonsProps {
  readonly label: string;
  /** What one of them is called. */
  readonly one: 'area' | 'opening';
}

/** What can be picked by its number, for those who do not point. */
export function AreaButtons({ label, one }: ButtonsProps) {
  const { pickable, pick } = usePickingOf();
  if (!pickable) return null;
  const { areas, own } = pickable;
  return (
    <NumberButtons
      label={label}
      one={one}
      numbers={areas.map(({ index }) => index)}
      chosen={own}
      onPick={pick}
    >
      <span className="text-muted pr-1">
        {countWords(areas.length, one)}; point at one in the drawing, or
      </span>
    </NumberButtons>
  );
}
