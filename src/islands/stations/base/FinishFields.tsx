import { useState } from 'react';
import { writeSize } from '../../../core/length/formatLength';
import { zeroLength, type Degrees, type Size, type Unit } from '../../../core/length/length';
import { asTyped } from '../../../core/length/typedLength';
import { straighten } from '../../../core/paper/straighten';
import { sides } from '../../../core/plan/faces';
import type { Paper } from '../../../core/plan/piece';
import { centredReveals } from '../../../core/resolve/centredReveals';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';
import { LengthField } from '../../parts/LengthField';
import { TextField } from '../../parts/TextField';
import { changePiece, type ChangeOf } from '../../../core/plan/pieceEdits';
import { useCardSession } from '../../session/CardSession';

interface Props {
  readonly piece: Paper;
  readonly resolved: ResolvedPiece | undefined;
  readonly letter: string;
}

const nothing = asTyped(zeroLength);
const nothingOff = { left: nothing, top: nothing, right: nothing, bottom: nothing };

/** What is done to a layer after it is cut: trimmed, its hidden middle cut out; its group and note. */
export function FinishFields({ piece, resolved, letter }: Props) {
  const { plan, unit, commit, preview } = useCardSession();
  const { trim, cutOut, group, notes } = piece;
  const groups = [...new Set(plan.pieces.flatMap((each) => each.group ?? []))];
  const set = (change: ChangeOf<'panel'>) => commit(changePiece(piece, change));
  return (
    <div className="flex flex-col gap-2 pt-1.5">
      <span className="flex flex-wrap items-start gap-x-4 gap-y-2">
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={trim !== null}
            onChange={(event) => set({ trim: event.target.checked ? nothingOff : null })}
          />
          trimmed later
        </label>
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={cutOut !== null}
            onChange={(event) =>
              set({ cutOut: event.target.checked ? { rim: plan.habits.rim } : null })
            }
          />
          middle cut out
        </label>
        {cutOut && (
          <LengthField
            label="rim"
            value={cutOut.rim}
            unit={unit}
            width="5.5rem"
            onPreview={(rim) => preview(rim && changePiece(piece, { cutOut: { rim } }))}
            onCommit={(rim) => set({ cutOut: { rim } })}
          />
        )}
        {cutOut && resolved?.opening && (
          <span className="pt-1">
            recovers <strong className="font-semibold">{writeSize(resolved.opening, unit)}</strong>
          </span>
        )}
        <TextField
          label={`Group of ${letter}`}
          value={group ?? ''}
          isOptional
          maxLength={40}
          placeholder="no group"
          suggestions={groups}
          className="in-place w-20"
          onCommit={(name) => set({ group: name.trim() || null })}
        />
        <TextField
          label={`Note on ${letter}`}
          value={notes}
          isOptional
          maxLength={500}
          placeholder="a note"
          className="in-place min-w-24 flex-1"
          onCommit={(text) => set({ notes: text })}
        />
      </span>
      {trim && (
        <span className="flex flex-wrap items-start gap-x-3 gap-y-2">
          <span className="text-muted pt-1">comes off</span>
          {sides.map((side) => (
            <LengthField
              key={side}
              label={side}
              value={trim[side]}
              unit={unit}
              width="4.9rem"
              onPreview={(off) =>
                preview(off && changePiece(piece, { trim: { ...trim, [side]: off } }))
              }
              onCommit={(off) => set({ trim: { ...trim, [side]: off } })}
            />
          ))}
          {resolved && (
            <span className="pt-1">
              cut <strong className="font-semibold">{writeSize(resolved.cut, unit)}</strong> before,{' '}
              {writeSize(resolved.rect, unit)} after
            </span>
          )}
          {resolved && (
            <Straighten
              cut={resolved.cut}
              unit={unit}
              onTrim={(left) => set(trimTo(resolved.cut, left))}
            />
          )}
        </span>
      )}
    </div>
  );
}

/** The size trimmed to, and what comes off each side of the cut size for it. */
function trimTo(cut: Size, left: Size): Pick<Paper, 'size' | 'trim'> {
  const off = centredReveals(cut, left);
  return {
    size: { by: 'measure', width: asTyped(left.width), height: asTyped(left.height) },
    trim: {
      left: asTyped(off.left),
      top: asTyped(off.top),
      right: asTyped(off.right),
      bottom: asTyped(off.bottom),
    },
  };
}

interface StraightenProps {
  readonly cut: Size;
  readonly unit: Unit;
  readonly onTrim: (left: Size) => void;
}

/** A background stamped aslant can be trimmed straight: how much of it is left. */
function Straighten({ cut, unit, onTrim }: StraightenProps) {
  const [typed, setTyped] = useState('');
  const slope = Number(typed.replace(',', '.'));
  const isFigure = typed.trim() !== '' && Number.isFinite(slope);
  const left = isFigure && slope !== 0 ? straighten(cut, slope as Degrees) : undefined;
  return (
    <span className="flex flex-wrap items-start gap-2">
      <label className="flex items-start gap-2">
        <span className="text-muted pt-1">decorated aslant by</span>
        <input
          className="field w-16"
          inputMode="decimal"
          autoComplete="off"
          aria-invalid={typed.trim() !== '' && !isFigure}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <span className="text-muted pt-1">degrees</span>
      </label>
      {typed.trim() !== '' && (
        <span role="status" className={isFigure ? 'pt-1' : 'text-pencil pt-1'}>
          {!isFigure
            ? 'Degrees are a figure, such as 1 or 1.5.'
            : left
              ? `at most ${writeSize(left, unit)} is left straight`
              : slope === 0
                ? 'it is straight'
                : 'nothing of it is left straight'}
        </span>
      )}
      {left && (
        <button type="button" className="button" onClick={() => onTrim(left)}>
          Trim to that
        </button>
      )}
    </span>
  );
}
