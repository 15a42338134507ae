import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { otherUnit, writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import { adhesives } from '../../core/paper/adhesives';
import type { Edit } from '../../core/plan/edit';
import type { Library } from '../../core/plan/libraryItem';
import { movePiece } from '../../core/plan/movePiece';
import type { Piece } from '../../core/plan/piece';
import type { Plan } from '../../core/plan/plan';
import type { ResolvedCard, ResolvedPiece } from '../../core/resolve/resolvedCard';
import { TextField } from '../parts/TextField';
import { LengthField } from '../parts/LengthField';
import { StockSelect } from '../parts/StockSelect';
import { sizeOriginSentence } from '../words/originSentence';
import { PlaceFields } from './PlaceFields';
import { sizeFields, sizeWays } from './sizeChoices';

export interface TicketActions {
  readonly commit: (edit: Edit) => void;
  readonly preview: (edit: Edit | undefined) => void;
  readonly move: (direction: 'up' | 'down') => void;
  readonly remove: () => void;
  readonly askNewStock: (use: (ref: Piece['stock']) => void) => void;
}

interface Props {
  readonly piece: Piece;
  /** Its figures; undefined while the plan leaves it none. */
  readonly resolved: ResolvedPiece | undefined;
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
  readonly unit: Unit;
  readonly actions: TicketActions;
}

/** The selected layer unfolded: its size, the ways to give it, and why it is what it is. */
export function PieceTicket({ piece, resolved, plan, card, library, unit, actions }: Props) {
  const { id, size, stock, attach, name } = piece;
  const letter = resolved?.letter ?? '–';
  const [way, setWay] = useState(size.by);
  const [sizeBy, setSizeBy] = useState(size.by);
  // The plan changed the way of sizing (undo, a remedy): show that one.
  if (sizeBy !== size.by) {
    setSizeBy(size.by);
    setWay(size.by);
  }
  const other = otherUnit(unit);
  const change = (part: Partial<Omit<Piece, 'id' | 'kind'>>): Edit => ({
    kind: 'change-piece',
    id,
    change: part,
  });
  return (
    <div className="border-violet border-l-4 bg-white pt-2 pr-3 pb-3 pl-3">
      <div className="flex items-center gap-3">
        <span className="bg-violet font-heading min-w-6 px-1 text-center leading-6 font-semibold text-white">
          {letter}
        </span>
        <TextField
          label={`Name of ${letter}`}
          value={name}
          className="in-place w-36 font-semibold"
          onCommit={(text) => actions.commit(change({ name: text }))}
        />
        <StockSelect
          label={`Stock of ${letter}`}
          library={library}
          value={stock}
          onChange={(ref) => actions.commit(change({ stock: ref }))}
          onAskNew={() => actions.askNewStock((ref) => actions.commit(change({ stock: ref })))}
        />
        <span className="ml-auto flex gap-1">
          <IconButton
            label={`Move ${letter} to the front`}
            isOff={!movePiece(plan, id, 'up')}
            onClick={() => actions.move('up')}
          >
            <ArrowUp size={16} aria-hidden />
          </IconButton>
          <IconButton
            label={`Move ${letter} to the back`}
            isOff={!movePiece(plan, id, 'down')}
            onClick={() => actions.move('down')}
          >
            <ArrowDown size={16} aria-hidden />
          </IconButton>
          <IconButton label={`Remove ${letter}`} isOff={false} onClick={actions.remove}>
            <Trash2 size={16} aria-hidden />
          </IconButton>
        </span>
      </div>
      <p className="flex items-baseline gap-3 pt-1">
        <output aria-label={`Size of ${letter}`} className="text-[27px] leading-8 font-semibold">
          {resolved ? writeSize(resolved.rect, unit) : 'no figures'}
        </output>
        {resolved && (
          <>
            <span className="text-muted">{unit}</span>
            <span className="text-muted text-[17px]">
              {writeSize(resolved.rect, other)} {other}
            </span>
          </>
        )}
      </p>
      <div
        role="group"
        aria-label="How the size is given"
        className="border-hairline flex gap-6 border-b-2 pt-1"
      >
        {sizeWays.map(({ by, name: wayName }) => (
          <button
            key={by}
            type="button"
            aria-pressed={way === by}
            className="text-muted aria-pressed:border-violet aria-pressed:text-violet -mb-0.5 border-b-2 border-transparent pb-0.5 aria-pressed:font-semibold"
            onClick={() => setWay(by)}
          >
            {wayName}
          </button>
        ))}
      </div>
      <div className="flex flex-wrap gap-x-3 gap-y-2 pt-2">
        {sizeFields(way, size, resolved).map(({ key, label, value, withValue }, index) => (
          <LengthField
            key={`${id} ${way} ${key}`}
            label={label}
            value={value}
            unit={unit}
            isFirst={index === 0}
            width={way === 'sides' ? '4.9rem' : '7.5rem'}
            onPreview={(typed) => actions.preview(typed && change({ size: withValue(typed) }))}
            onCommit={(typed) => actions.commit(change({ size: withValue(typed) }))}
          />
        ))}
        {way === 'reveal' && (
          <span className="text-muted pt-1">
            <kbd className="key">[</kbd> {unit === 'in' ? '1⁄16' : '1'} <kbd className="key">]</kbd>{' '}
            each side
          </span>
        )}
      </div>
      <p className="pt-2">
        <strong className="font-semibold">Why?</strong>{' '}
        {resolved
          ? sizeOriginSentence(resolved.origins, resolved.rect, card, unit)
          : 'The findings below say why there are none, and how to mend it.'}
      </p>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2 pt-2">
        {way !== 'sides' && (
          <PlaceFields
            key={id}
            place={piece.place}
            reveals={resolved?.reveals}
            unit={unit}
            onPreview={(place) => actions.preview(place && change({ place }))}
            onCommit={(place) => actions.commit(change({ place }))}
          />
        )}
        <label className="flex gap-2">
          <span className="text-muted">glued with</span>
          <select
            className="in-place"
            value={attach}
            onChange={(event) => {
              const chosen = adhesives.find((each) => each.id === event.target.value);
              if (chosen) actions.commit(change({ attach: chosen.id }));
            }}
          >
            {adhesives.map((each) => (
              <option key={each.id} value={each.id}>
                {each.name}
              </option>
            ))}
          </select>
        </label>
        <TextField
          label={`Note on ${letter}`}
          value={piece.notes}
          isOptional
          maxLength={500}
          placeholder="a note"
          className="in-place min-w-24 flex-1"
          onCommit={(notes) => actions.commit(change({ notes }))}
        />
      </div>
    </div>
  );
}

interface IconButtonProps {
  readonly label: string;
  readonly isOff: boolean;
  readonly onClick: () => void;
  readonly children: React.ReactNode;
}

function IconButton({ label, isOff, onClick, children }: IconButtonProps) {
  return (
    <button
      type="button"
      className="button px-1.5"
      aria-label={label}
      title={label}
      disabled={isOff}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
