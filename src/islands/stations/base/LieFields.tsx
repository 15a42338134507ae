import { adhesives } from '../../../core/paper/adhesives';
import { placingDistances } from '../../../core/measuring/rulerFigures';
import { faceName, facesOf } from '../../../core/plan/faces';
import { withAllOn } from '../../../core/plan/pieceSets';
import type { Paper } from '../../../core/plan/piece';
import { papersOf } from '../../../core/plan/pieces';
import type { Plan } from '../../../core/plan/plan';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';
import { namesApart } from '../../words/namesApart';
import { PlaceFields } from '../../parts/PlaceFields';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useLayerCommands } from './useLayerCommands';
import { useCardSession } from '../../session/CardSession';
import { Select } from '../../parts/Select';

interface Props {
  readonly piece: Paper;
  readonly resolved: ResolvedPiece | undefined;
  readonly letter: string;
}

/** What a layer lies on, where, and how it is stuck. */
export function LieFields({ piece, resolved, letter }: Props) {
  const { plan, card, unit, commit, preview } = useCardSession();
  const { putOn } = useLayerCommands();
  const { id, on, attach, size, place } = piece;
  const { fold } = plan.base;
  const nameApart = namesApart(card);
  const own = new Set(withAllOn(plan, [piece]).map((each) => each.id));
  const supports = papersOf(plan).filter((each) => !own.has(each.id));
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5 pt-1.5">
      <label className="flex gap-2">
        <span className="text-muted">on</span>
        <Select
          className="in-place"
          aria-label={`What ${letter} lies on`}
          value={'face' in on ? `face ${on.face}` : `piece ${on.piece}`}
          onChange={(event) => {
            const chosen = event.target.value;
            const face = facesOf(fold).find((each) => chosen === `face ${each}`);
            const under = supports.find((each) => chosen === `piece ${each.id}`);
            if (face) putOn(id, { face });
            else if (under) putOn(id, { piece: under.id });
          }}
        >
          {facesOf(fold).map((face) => (
            <option key={face} value={`face ${face}`}>
              the {faceName(face, fold)}
            </option>
          ))}
          {'face' in on && !facesOf(fold).includes(on.face) && (
            <option value={`face ${on.face}`}>the {faceName(on.face, fold)}</option>
          )}
          {supports.map((each) => (
            <option key={each.id} value={`piece ${each.id}`}>
              {nameApart(each)}
            </option>
          ))}
        </Select>
      </label>
      {size.by !== 'sides' && (
        <PlaceFields
          key={id}
          place={place}
          distances={resolved && placingDistances(card, resolved)}
          unit={unit}
          neighbours={besideNow(plan, place).map((other) => ({
            id: other.id,
            name: nameApart(other),
          }))}
          onPreview={(next) => preview(next && changePiece(piece, { place: next }))}
          onCommit={(next) => commit(changePiece(piece, { place: next }))}
        />
      )}
      <label className="flex gap-2">
        <span className="text-muted">glued with</span>
        <Select
          className="in-place"
          value={attach}
          onChange={(event) => {
            const chosen = adhesives.find((each) => each.id === event.target.value);
            if (chosen) commit(changePiece(piece, { attach: chosen.id }));
          }}
        >
          {adhesives.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </Select>
      </label>
      {resolved?.crossesGate && (
        <label className="flex gap-2">
          <span className="text-muted">crosses the middle, glued to</span>
          <Select
            className="in-place"
            value={piece.carriedBy}
            onChange={(event) =>
              commit(
                changePiece(piece, {
                  carriedBy: event.target.value === 'right' ? 'right' : 'left',
                }),
              )
            }
          >
            <option value="left">the left flap</option>
            <option value="right">the right flap</option>
          </Select>
        </label>
      )}
    </div>
  );
}

/** The pieces a place refers to; more are offered on the Layout. */
function besideNow({ pieces }: Plan, { x, y }: Paper['place']) {
  const ids = [x, y].flatMap((rule) => (rule.from === 'piece' ? [rule.piece] : []));
  return pieces.filter(({ id }) => ids.includes(id));
}
