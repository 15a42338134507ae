import { inkGrounds, type InkGround } from '../../../core/composition/newInkGround';
import { asTyped } from '../../../core/length/typedLength';
import { inches, millimetres } from '../../../core/length/length';
import type { Mark, PieceOf } from '../../../core/plan/piece';
import { changePiece, removePiece, type ChangeOf } from '../../../core/plan/pieceEdits';
import { applicators, strengths } from '../../../core/plan/pieces/looks';
import { downward } from '../../../core/plan/plainColours';
import { EdgesFields, ZonedFields } from '../../parts/GroundFields';
import { InlineChoice } from '../../parts/InlineChoice';
import { LengthField } from '../../parts/LengthField';
import { NumberField } from '../../parts/NumberField';
import { useCardSession } from '../../session/CardSession';

type Ground = PieceOf<InkGround>;

export function isInkGround(piece: Mark): piece is Ground {
  return inkGrounds.some((kind) => kind === piece.kind);
}

/** How a ground lies on its paper beside what it is coloured with: which way, how far, how densely, before or after prints. */
export function GroundTicket({ piece }: { readonly piece: Ground }) {
  const { card, unit, commit, preview } = useCardSession();
  const mark = card.marks.find(({ id }) => id === piece.id);
  if (!mark) return null;
  const on = <Kind extends Ground['kind']>(own: PieceOf<Kind>) => ({
    mark,
    unit,
    piece: own,
    onChange: (change: ChangeOf<Kind>) => commit(changePiece<Kind>(own, change)),
    preview: (change: ChangeOf<Kind> | undefined) =>
      preview(change && changePiece<Kind>(own, change)),
  });
  return (
    <>
      {piece.kind === 'edges' ? <EdgesFields {...on(piece)} /> : <ZonedFields {...on(piece)} />}
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5">
        <OwnFields piece={piece} />
        <button type="button" className="link" onClick={() => commit(removePiece(piece.id))}>
          Take {piece.name} off
        </button>
      </div>
    </>
  );
}

function OwnFields({ piece }: { readonly piece: Ground }) {
  switch (piece.kind) {
    case 'blend':
      return <BlendFields piece={piece} />;
    case 'edges':
      return <EdgesLook piece={piece} />;
    case 'spray':
      return <SprayFields piece={piece} />;
    case 'splatter':
      return <SplatterFields piece={piece} />;
    default:
      throw new TypeError(`OwnFields: unknown ${JSON.stringify(piece satisfies never)}`);
  }
}

/** Which way it runs, and what tape leaves free of it. */
function BlendFields({ piece }: { readonly piece: PieceOf<'blend'> }) {
  const { unit, commit, preview } = useCardSession();
  const { direction, margin } = piece;
  const turnTo = (next: typeof direction) => commit(changePiece(piece, { direction: next }));
  return (
    <>
      <InlineChoice
        label="Which way it runs"
        value={direction.kind}
        choices={['along', 'outward']}
        nameOf={(kind) => (kind === 'along' ? 'runs straight' : 'runs outward')}
        onChange={(kind) =>
          turnTo(kind === 'along' ? downward : { kind: 'outward', x: 0.5, y: 0.5 })
        }
      />
      {direction.kind === 'along' ? (
        <NumberField
          label="turned, in degrees"
          className="field w-20"
          value={direction.turn}
          min={-180}
          max={180}
          digits={1}
          issue="Degrees are from -180 to 180; 0 runs downward."
          onCommit={(turn) => turn !== null && turnTo({ kind: 'along', turn })}
        />
      ) : (
        (['x', 'y'] as const).map((axis) => (
          <NumberField
            key={axis}
            label={axis === 'x' ? 'from, % across' : '% down'}
            className="field w-16"
            value={Math.round(direction[axis] * 100)}
            min={0}
            max={100}
            issue="A share is from 0 to 100."
            onCommit={(share) => share !== null && turnTo({ ...direction, [axis]: share / 100 })}
          />
        ))
      )}
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={margin !== null}
          onChange={(event) =>
            commit(
              changePiece(piece, {
                margin: event.target.checked
                  ? asTyped(unit === 'in' ? inches(0, 1, 4) : millimetres(6))
                  : null,
              }),
            )
          }
        />
        a margin stays clean
      </label>
      {margin && (
        <InlineChoice
          label="What keeps the margin clean"
          value={piece.marginBy}
          choices={['tape', 'die']}
          nameOf={(by) => (by === 'tape' ? 'under tape' : 'left in its die')}
          onChange={(marginBy) => commit(changePiece(piece, { marginBy }))}
        />
      )}
      {margin && (
        <LengthField
          label="of"
          value={margin}
          unit={unit}
          width="5.5rem"
          isPositive
          onPreview={(next) => preview(next && changePiece(piece, { margin: next }))}
          onCommit={(next) => commit(changePiece(piece, { margin: next }))}
        />
      )}
    </>
  );
}

function EdgesLook({ piece }: { readonly piece: PieceOf<'edges'> }) {
  const { commit } = useCardSession();
  return (
    <>
      <InlineChoice
        label="What puts it on"
        value={piece.tool}
        choices={applicators}
        nameOf={(tool) => tool}
        onChange={(tool) => commit(changePiece(piece, { tool }))}
      />
      <InlineChoice
        label="How strongly"
        value={piece.strength}
        choices={strengths}
        nameOf={(strength) => strength}
        onChange={(strength) => commit(changePiece(piece, { strength }))}
      />
    </>
  );
}

function SprayFields({ piece }: { readonly piece: PieceOf<'spray'> }) {
  const { commit } = useCardSession();
  return (
    <>
      <NumberField
        label="covers, in %"
        className="field w-20"
        value={Math.round(piece.density * 1000) / 10}
        min={0.5}
        max={50}
        digits={1}
        issue="A mist covers from 0.5 to 50 % of its paper."
        onCommit={(share) => share !== null && commit(changePiece(piece, { density: share / 100 }))}
      />
      <FallOtherwise piece={piece} />
    </>
  );
}

function SplatterFields({ piece }: { readonly piece: PieceOf<'splatter'> }) {
  const { unit, commit, preview } = useCardSession();
  return (
    <>
      <NumberField
        label="drops"
        className="field w-20"
        value={piece.count}
        min={1}
        max={400}
        issue="Drops are from 1 to 400."
        onCommit={(count) => count !== null && commit(changePiece(piece, { count }))}
      />
      <LengthField
        label="the largest"
        value={piece.largest}
        unit={unit}
        width="5.5rem"
        isPositive
        onPreview={(largest) => preview(largest && changePiece(piece, { largest }))}
        onCommit={(largest) => commit(changePiece(piece, { largest }))}
      />
      <FallOtherwise piece={piece} />
    </>
  );
}

/** As many as there are numbers to begin the fall with. */
const seeds = 1_000_000;

function FallOtherwise({ piece }: { readonly piece: PieceOf<'spray' | 'splatter'> }) {
  const { commit } = useCardSession();
  return (
    <button
      type="button"
      className="link"
      onClick={() => commit(changePiece(piece, { seed: (piece.seed + 1) % seeds }))}
    >
      Let it fall otherwise
    </button>
  );
}
