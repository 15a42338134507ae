import type { PieceOf } from '../../core/plan/piece';
import { LengthField } from './LengthField';
import type { Unit } from '../../core/length/length';
import type { TypedLength } from '../../core/length/typedLength';
import { ZoneField, type ZoneProps } from './ZoneField';

type Zoned = 'blend' | 'spray' | 'splatter';
/** What is read and changed of each of them here. */
type ZonedPiece = Pick<PieceOf<Zoned>, 'zone' | 'laid'>;

interface ZonedProps extends ZoneProps {
  readonly piece: ZonedPiece;
  readonly onChange: (change: Partial<ZonedPiece>) => void;
}

/** Over how much of its paper a ground lies, and when it is laid; what it is coloured with is set on Colour. */
export function ZonedFields(props: ZonedProps) {
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
      <ZoneField {...props} />
      <LaidField laid={props.piece.laid} onChange={props.onChange} />
    </div>
  );
}

type EdgesPiece = Pick<PieceOf<'edges'>, 'width' | 'laid'>;

interface EdgesProps {
  readonly mark: ZoneProps['mark'];
  readonly piece: EdgesPiece;
  readonly unit: Unit;
  readonly onChange: (change: Partial<EdgesPiece>) => void;
  readonly preview: (change: { readonly width: TypedLength } | undefined) => void;
}

/** How far the colour along the edges reaches in, and when it is laid. */
export function EdgesFields({ mark: { id }, piece, unit, onChange, preview }: EdgesProps) {
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
      <LengthField
        key={id}
        label="reaches in"
        value={piece.width}
        unit={unit}
        width="6rem"
        isPositive
        onPreview={(width) => preview(width && { width })}
        onCommit={(width) => onChange({ width })}
      />
      <LaidField laid={piece.laid} onChange={onChange} />
    </div>
  );
}

interface LaidProps {
  readonly laid: 'before' | 'after';
  readonly onChange: (change: { readonly laid: 'before' | 'after' }) => void;
}

function LaidField({ laid, onChange }: LaidProps) {
  return (
    <label className="flex items-center gap-2 pt-1">
      <input
        type="checkbox"
        checked={laid === 'after'}
        onChange={(event) => onChange({ laid: event.target.checked ? 'after' : 'before' })}
      />
      laid over what is printed
    </label>
  );
}
