import { adhesives } from '../../../core/paper/adhesives';
import { findDieSet } from '../../../core/plan/library';
import type { ChangeOf } from '../../../core/plan/pieceEdits';
import { isCutToShape } from '../../../core/plan/pieces';
import { overhangs } from '../../../core/plan/pieces/looks';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';
import { writeSizeExact } from '../../../core/length/writeExact';
import { useCardSession } from '../../session/CardSession';
import { CropFields } from './CropFields';
import { HoldFields } from './HoldFields';
import { MotionFields } from './MotionFields';
import { StockSelect } from '../../parts/StockSelect';
import { Select } from '../../parts/Select';

interface Props {
  readonly resolved: ResolvedPiece;
  readonly onChange: (change: ChangeOf<'panel'>) => void;
  readonly preview: (change: ChangeOf<'panel'> | undefined) => void;
}

const overhangWords = {
  kept: 'what hangs over is kept',
  trimmed: 'trimmed at the card’s edge',
  'with-support': 'cut once more with its panel',
} as const;

/** What a piece of paper is cut from and with, and how it is stuck. */
export function DieCutFields({ resolved, onChange, preview }: Props) {
  const { library, unit, ask } = useCardSession();
  const { piece } = resolved;
  const { size } = piece;
  const set = size.by === 'die' ? findDieSet(library, size.set) : undefined;
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5">
        <StockSelect
          label="Stock"
          library={library}
          value={piece.stock}
          onChange={(stock) => onChange({ stock })}
          onAskNew={() => ask({ kind: 'stock', take: (stock) => onChange({ stock }) })}
        />
        {size.by === 'die' && set && set.steps.length > 1 && (
          <Select
            className="in-place"
            aria-label="Die of the set"
            value={size.step}
            onChange={(event) => onChange({ size: { ...size, step: Number(event.target.value) } })}
          >
            {set.steps.map(({ width, height }, step) => (
              <option key={step} value={step}>
                {writeSizeExact({ width: width.ticks, height: height.ticks })}
              </option>
            ))}
          </Select>
        )}
        <Select
          className="in-place"
          aria-label="Glued with"
          value={piece.attach}
          onChange={(event) => {
            const chosen = adhesives.find(({ id }) => id === event.target.value);
            if (chosen) onChange({ attach: chosen.id });
          }}
        >
          {adhesives.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Select>
        {isCutToShape(size) && (
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              checked={piece.isMirrored}
              onChange={(event) => onChange({ isMirrored: event.target.checked })}
            />
            turned over
          </label>
        )}
        <Select
          className="in-place"
          aria-label="What hangs over"
          value={piece.overhang}
          onChange={(event) => {
            const chosen = overhangs.find((each) => each === event.target.value);
            if (chosen) onChange({ overhang: chosen });
          }}
        >
          {overhangs.map((each) => (
            <option key={each} value={each}>
              {overhangWords[each]}
            </option>
          ))}
        </Select>
      </div>
      <HoldFields resolved={resolved} onChange={onChange} preview={preview} />
      <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
        <CropFields
          id={piece.id}
          crop={piece.crop}
          words="cut down"
          unit={unit}
          onChange={(crop) => onChange({ crop })}
          preview={(crop) => preview(crop && { crop })}
        />
        <MotionFields piece={piece} unit={unit} onChange={onChange} preview={preview} />
      </div>
    </>
  );
}
