import { writeSize } from '../../../core/length/formatLength';
import { turnSize, type Size } from '../../../core/length/length';
import type { TypedLength } from '../../../core/length/typedLength';
import type { DieSet } from '../../../core/plan/libraryItem';
import { dieSetsOf, findDieSet } from '../../../core/plan/library';
import type { Paper, SizeRule } from '../../../core/plan/piece';
import { centredReveals } from '../../../core/resolve/centredReveals';
import { supportRect } from '../../../core/resolve/resolvedCard';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';
import { writeRevealsShort } from '../../../core/prose/sentences';
import { Choose } from '../../parts/Choose';
import { choicesOf, refValue } from '../../parts/itemChoices';
import { DieFinder } from './DieFinder';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useCardSession } from '../../session/CardSession';
import { Select } from '../../parts/Select';

type ByDie = Extract<SizeRule, { by: 'die' }>;

interface Props {
  readonly piece: Paper;
  readonly resolved: ResolvedPiece | undefined;
  /** The border that is looked for to begin with. */
  readonly usual: TypedLength;
}

const newDies = 'new';

/** Sizes a piece by a die of a nested set; each die says the border it gives on what is under it. */
export function DieFields({ piece, resolved, usual }: Props) {
  const { card, library, unit, commit, ask } = useCardSession();
  const { size } = piece;
  const sets = dieSetsOf(library);
  const rule = size.by === 'die' ? size : undefined;
  const set = rule ? findDieSet(library, rule.set) : undefined;
  const support = resolved ? supportRect(card, resolved.support) : card.base.face;
  const take = (next: ByDie) => commit(changePiece(piece, { size: next }));
  const takeSet = (ref: ByDie['set']) =>
    take({ by: 'die', set: { id: ref.id, version: ref.version }, step: 0, turned: false });
  return (
    <>
      <span className="flex gap-2">
        <span aria-hidden className="text-muted">
          set
        </span>
        <Choose
          isFirstField
          label="Set of dies"
          choices={[...choicesOf(sets, unit), { value: newDies, name: 'Add nested dies…' }]}
          value={set && refValue(set)}
          otherwise={rule ? 'not in the stash' : 'choose a set'}
          onChoose={(value) => {
            if (value === newDies) ask({ kind: 'dies', take: takeSet });
            const chosen = sets.find((each) => refValue(each) === value);
            if (chosen) takeSet(chosen);
          }}
        />
      </span>
      {rule && set && (
        <>
          <label className="flex gap-2">
            <span className="text-muted">die</span>
            <Select
              className="in-place"
              aria-label="Die of the set"
              value={rule.step}
              onChange={(event) => take({ ...rule, step: Number(event.target.value) })}
            >
              {set.steps.map((step, index) => {
                const die = dieSize(step, rule.turned);
                return (
                  <option key={index} value={index}>
                    {index + 1}: {writeSize(die, unit)}, border{' '}
                    {writeRevealsShort(centredReveals(support, die), unit)}
                  </option>
                );
              })}
            </Select>
          </label>
          <label className="flex items-center gap-1.5">
            <input
              type="checkbox"
              checked={rule.turned}
              onChange={(event) => take({ ...rule, turned: event.target.checked })}
            />
            turned
          </label>
        </>
      )}
      <DieFinder
        panel={support}
        usual={usual}
        onTake={({ set: { id: setId, version }, step, turned }) =>
          take({ by: 'die', set: { id: setId, version }, step, turned })
        }
      />
    </>
  );
}

function dieSize({ width, height }: DieSet['steps'][number], turned: boolean): Size {
  const size = { width: width.ticks, height: height.ticks };
  return turned ? turnSize(size) : size;
}
