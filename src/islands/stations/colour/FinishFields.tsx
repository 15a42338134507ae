import { newFinish, runsRound, type Finish } from '../../../core/inking/finishes';
import { layerAt, layerOfFinish } from '../../../core/kinds/layerAt';
import { sides } from '../../../core/plan/faces';
import type { PieceOf } from '../../../core/plan/piece';
import { changePiece } from '../../../core/plan/pieceEdits';
import { finishKinds } from '../../../core/plan/pieces/looks';
import type { ResolvedMark } from '../../../core/resolve/resolvedMark';
import { InlineChoice } from '../../parts/InlineChoice';
import { LengthField } from '../../parts/LengthField';
import { useCardSession } from '../../session/CardSession';

interface Props {
  readonly mark: ResolvedMark;
  readonly piece: PieceOf<'image'>;
  /** The layer that is chosen, which may be a finish. */
  readonly layer: number;
  readonly onAdded: (layer: number) => void;
}

const mostFinishes = 20;
const wholeImage = 'all of it';

/** What is done to an image once it is coloured: how the chosen finish lies, and what else may be added. */
export function FinishFields({ mark, piece, layer, onAdded }: Props) {
  const { library, holdings, unit, commit } = useCardSession();
  const at = layerAt(piece, layer);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5">
      {at.kind === 'finish' && <OwnFinish mark={mark} piece={piece} index={at.index} />}
      {piece.finishes.length < mostFinishes && (
        <InlineChoice
          label="Add a finish"
          value="add a finish…"
          choices={['add a finish…', ...finishKinds]}
          nameOf={(kind) => kind}
          onChange={(kind) => {
            if (kind === 'add a finish…') return;
            const finishes = [...piece.finishes, newFinish(kind, library, holdings, unit)];
            commit(changePiece(piece, { finishes }));
            onAdded(layerOfFinish(piece, piece.finishes.length));
          }}
        />
      )}
    </div>
  );
}

interface OwnProps {
  readonly mark: ResolvedMark;
  readonly piece: PieceOf<'image'>;
  readonly index: number;
}

function OwnFinish({ mark: { stamp }, piece, index }: OwnProps) {
  const { unit, commit, preview } = useCardSession();
  const finish = piece.finishes[index];
  if (!finish) return null;
  const edit = (change: Partial<Finish>) =>
    changePiece(piece, {
      finishes: piece.finishes.map((each, at) => (at === index ? { ...each, ...change } : each)),
    });
  const names = [
    ...(stamp?.layers.map(({ name }) => name) ?? []),
    ...piece.parts.map(({ name }) => name),
  ];
  return (
    <>
      {runsRound(finish.kind) && finish.width && (
        <LengthField
          label="wide"
          value={finish.width}
          unit={unit}
          width="5.5rem"
          isPositive
          onPreview={(width) => preview(width && edit({ width }))}
          onCommit={(width) => commit(edit({ width }))}
        />
      )}
      {finish.kind === 'shadow' && (
        <InlineChoice
          label="The side the shadow falls on"
          value={finish.side ?? 'right'}
          choices={sides}
          nameOf={(side) => `falls to the ${side}`}
          onChange={(side) => commit(edit({ side }))}
        />
      )}
      {!runsRound(finish.kind) && (
        <InlineChoice
          label={`What the ${finish.kind} is for`}
          value={finish.part ?? wholeImage}
          choices={[wholeImage, ...new Set(names)]}
          nameOf={(name) => `on ${name}`}
          onChange={(name) => commit(edit({ part: name === wholeImage ? null : name }))}
        />
      )}
      <button
        type="button"
        className="link"
        onClick={() =>
          commit(changePiece(piece, { finishes: piece.finishes.filter((_, at) => at !== index) }))
        }
      >
        Take the {finish.kind} off
      </button>
    </>
  );
}
