import { longerOf, zeroLength } from '../../../core/length/length';
import { asTyped, type TypedLength } from '../../../core/length/typedLength';
import type { Edit } from '../../../core/plan/edit';
import { batchEdits } from '../../../core/plan/batchEdits';
import { sides, type Side } from '../../../core/plan/faces';
import type { Paper, SizeRule } from '../../../core/plan/piece';
import { findPaper, papersOf, sameSupport } from '../../../core/plan/pieces';
import { ownSize } from '../../../core/plan/putMatUnder';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import { LengthField } from '../../parts/LengthField';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useCardSession } from '../../session/CardSession';
import { Select } from '../../parts/Select';

type Outset = Extract<SizeRule, { by: 'outset' }>;

interface Props {
  readonly piece: Paper;
}

/** Sizes a mat round a finished piece that lies on it: the same border, or one for each side. */
export function OutsetFields({ piece }: Props) {
  const { plan, card, unit, commit, preview } = useCardSession();
  const { id, size } = piece;
  const lyingOn = papersOf(plan).filter(({ on }) => sameSupport(on, { piece: id }));
  const chosen = size.by === 'outset' ? size.around : lyingOn[0]?.id;
  if (chosen === undefined)
    return (
      <p className="text-muted">
        Nothing lies on it to be sized round. On a finished piece, <kbd className="key">r</kbd> puts
        a mat round it.
      </p>
    );
  const rule = size.by === 'outset' ? size : outsetNow(chosen, card);
  const edit = (next: Outset): Edit => {
    const inner = findPaper(plan, next.around);
    const rect = card.pieces.find((each) => each.id === next.around)?.rect;
    const change = inner && rect ? ownSize(inner, rect) : {};
    return batchEdits([
      ...(inner && change.size ? [changePiece(inner, change)] : []),
      changePiece(piece, { size: next }),
    ]);
  };
  const field = (label: string, value: TypedLength, next: (typed: TypedLength) => Outset) => (
    <LengthField
      key={`${id} outset ${label}`}
      label={label}
      value={value}
      unit={unit}
      isFirst={label === 'all round'}
      width={label === 'all round' ? '7.5rem' : '4.9rem'}
      onPreview={(typed) => preview(typed && edit(next(typed)))}
      onCommit={(typed) => commit(edit(next(typed)))}
    />
  );
  return (
    <>
      {field('all round', rule.left, (all) => ({
        ...rule,
        left: all,
        top: all,
        right: all,
        bottom: all,
      }))}
      <label className="flex gap-2 pt-1">
        <span className="text-muted">round</span>
        <Select
          className="in-place"
          value={chosen}
          onChange={(event) => {
            const around = lyingOn.find((each) => each.id === event.target.value)?.id;
            if (around) commit(edit({ ...rule, around }));
          }}
        >
          {size.by === 'outset' && !lyingOn.some((each) => each.id === chosen) && (
            <option value={chosen}>a piece that is not on it</option>
          )}
          {lyingOn.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </Select>
      </label>
      <span className="flex flex-wrap gap-x-3 gap-y-2">
        {sides.map((side: Side) =>
          field(side, rule[side], (typed) => ({ ...rule, [side]: typed })),
        )}
      </span>
    </>
  );
}

/** The borders the inner piece shows now, as the outset it would be. */
function outsetNow(around: Paper['id'], { pieces }: ResolvedCard): Outset {
  const reveals = pieces.find(({ id }) => id === around)?.reveals;
  const at = (side: Side) => asTyped(longerOf(reveals?.[side] ?? zeroLength, zeroLength));
  return {
    by: 'outset',
    around,
    left: at('left'),
    top: at('top'),
    right: at('right'),
    bottom: at('bottom'),
  };
}
