import { giveOpeningsBack } from '../../../core/inking/pickOpenings';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useCardSession } from '../../session/CardSession';
import { AreaButtons } from './PickParts';
import { usePickingOf } from './usePicking';

/** Openings of a stencil that take inks of their own. */
export function PickOpenings() {
  const { commit } = useCardSession();
  const { pickable, isOn, toggle } = usePickingOf();
  if (pickable?.kind !== 'openings') return null;
  const { piece, index } = pickable;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5">
      <span className="flex items-center gap-2">
        <button type="button" className="link" aria-pressed={isOn} onClick={toggle}>
          {isOn
            ? 'Enough picked'
            : index === undefined
              ? 'Give openings an ink of their own…'
              : 'Which openings…'}
        </button>
        <kbd className="key">p</kbd>
      </span>
      {index !== undefined && (
        <button
          type="button"
          className="link"
          onClick={() => commit(changePiece(piece, giveOpeningsBack(piece, index)))}
        >
          Ink them like the rest
        </button>
      )}
      {isOn && <AreaButtons label="Openings" one="opening" />}
    </div>
  );
}
