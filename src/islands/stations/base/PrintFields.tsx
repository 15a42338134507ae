import { asTyped } from '../../../core/length/typedLength';
import { stampsOf } from '../../../core/plan/library';
import type { Paper } from '../../../core/plan/piece';
import { cutOutRim } from '../../../core/composition/newThing';
import { LengthField } from '../../parts/LengthField';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useCardSession } from '../../session/CardSession';

interface Props {
  readonly piece: Paper;
}

/** Sizes a piece by the print that scissors cut round. */
export function PrintFields({ piece }: Props) {
  const { library, unit, commit, preview } = useCardSession();
  const { id, size } = piece;
  const stamps = stampsOf(library);
  const rule = size.by === 'stamp' ? size : undefined;
  const rim = rule?.rim ?? asTyped(cutOutRim[unit]);
  const isThere = stamps.some((each) => each.id === rule?.stamp.id);
  return (
    <>
      <label className="flex gap-2">
        <span className="text-muted">stamp</span>
        <select
          className="in-place max-w-56"
          data-first-field
          aria-label="Stamp it is cut round"
          value={rule?.stamp.id ?? ''}
          onChange={(event) => {
            const chosen = stamps.find((each) => each.id === event.target.value);
            if (!chosen) return;
            const stamp = { id: chosen.id, version: chosen.version };
            commit(changePiece(piece, { size: { by: 'stamp', stamp, rim } }));
          }}
        >
          {!isThere && (
            <option value={rule?.stamp.id ?? ''}>
              {rule ? 'not in the stash' : 'choose a stamp'}
            </option>
          )}
          {stamps.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </select>
      </label>
      {rule && (
        <LengthField
          key={id}
          label="outside its line"
          value={rule.rim}
          unit={unit}
          width="6rem"
          onPreview={(next) =>
            preview(next && changePiece(piece, { size: { ...rule, rim: next } }))
          }
          onCommit={(next) => commit(changePiece(piece, { size: { ...rule, rim: next } }))}
        />
      )}
    </>
  );
}
