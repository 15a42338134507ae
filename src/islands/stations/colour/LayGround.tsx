import {
  inkGrounds,
  layGround,
  newInkGround,
  type InkGround,
} from '../../../core/composition/newInkGround';
import { newSupport } from '../../../core/composition/newSupport';
import { batchEdits } from '../../../core/plan/batchEdits';
import { mostPieces } from '../../../core/plan/planFacts';
import { placedById } from '../../../core/resolve/resolvedCard';
import { supportIdOf } from '../../../core/resolve/supportIdOf';
import { newPieceId } from '../../parts/newPieceId';
import { useCardSession } from '../../session/CardSession';

const groundNames: Readonly<Record<InkGround, string>> = {
  blend: 'Blend',
  edges: 'Edges',
  spray: 'Spray',
  splatter: 'Splatter',
};

/** Lays a ground on the paper of the chosen part, or on the foremost panel, in inks that are there. */
export function LayGround() {
  const { plan, card, face, library, holdings, unit, selected, commit, select, tell } =
    useCardSession();
  const on = newSupport(card, face, placedById(card, selected));
  const under = card.pieces.find(({ id }) => id === supportIdOf(on));
  const lay = (kind: InkGround) => {
    if (plan.pieces.length >= mostPieces) {
      tell({ text: `A card has at most ${mostPieces} pieces.` });
      return;
    }
    const id = newPieceId();
    const paper = (under ?? card.base).paint.colour;
    const ground = newInkGround(kind, { id, on, paper, library, holdings, unit });
    commit(batchEdits(layGround(plan, ground)));
    select(id, face);
  };
  return (
    <div role="group" aria-label="Lay a ground" className="flex flex-wrap items-center gap-1.5">
      <span className="text-muted pr-1">Lay on {under?.name ?? 'the base'}</span>
      {inkGrounds.map((kind) => (
        <button key={kind} type="button" className="button" onClick={() => lay(kind)}>
          {groundNames[kind]}
        </button>
      ))}
    </div>
  );
}
