import { asTyped } from '../../../core/length/typedLength';
import { findStamp, stampsOf } from '../../../core/plan/library';
import type { Paper } from '../../../core/plan/piece';
import { cutOutRim } from '../../../core/composition/newThing';
import { LengthField } from '../../parts/LengthField';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useCardSession } from '../../session/CardSession';
import { Choose } from '../../parts/Choose';
import { choicesOf, refValue } from '../../parts/itemChoices';

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
  return (
    <>
      <span className="flex gap-2">
        <span aria-hidden className="text-muted">
          stamp
        </span>
        <Choose
          isFirstField
          label="Stamp it is cut round"
          className="in-place max-w-56"
          choices={choicesOf(stamps, unit)}
          value={rule && refValue(rule.stamp)}
          otherwise={
            rule ? (findStamp(library, rule.stamp)?.name ?? 'not in the stash') : 'choose a stamp'
          }
          onChoose={(value) => {
            const chosen = stamps.find((each) => refValue(each) === value);
            if (!chosen) return;
            const stamp = { id: chosen.id, version: chosen.version };
            commit(changePiece(piece, { size: { by: 'stamp', stamp, rim } }));
          }}
        />
      </span>
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
