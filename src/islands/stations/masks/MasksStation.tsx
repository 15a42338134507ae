import { useMemo, useState } from 'react';
import type { Act } from '../../../core/acts/act';
import { fewestEdit, reorderEdit } from '../../../core/masking/decideMasks';
import type { MaskedPaper, MaskPlan } from '../../../core/masking/maskCard';
import { boundsOf } from '../../../core/outline/outline';
import { faceName, type FaceId } from '../../../core/plan/faces';
import { distinctName } from '../../../core/resolve/distinctNames';
import { isMark, outlineOf, outlineOfBase } from '../../../core/resolve/outlineOf';
import { placedById } from '../../../core/resolve/resolvedCard';
import { countWords } from '../../../core/words/countWords';
import { InlineChoice } from '../../parts/InlineChoice';
import { KeyedButton } from '../../parts/KeyedButton';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { TrueSizeLinks } from '../../session/TrueSizeLinks';
import { maskSummary, proofWords } from '../../words/maskWords';
import { remedySentence } from '../../words/remedySentence';
import { ActStrip } from './ActStrip';
import { DivideButton } from './scene/DivideButton';
import type { ChosenPoint } from './scene/PointHandle';
import { SceneStage } from './scene/SceneStage';
import { SceneTable } from './scene/SceneTable';
import { useScene } from './scene/useScene';
import { MaskView } from './MaskView';
import { PrintRows } from './PrintRows';
import { StatePicture } from './StatePicture';
import { useActs } from './useActs';

/** What is stamped first, and what is covered while the rest is stamped: the paper after each step. */
export function MasksStation() {
  const { masks, plan, card, face, selected } = useCardSession();
  // They may be of the card as it was a moment ago: what is gone since is not shown.
  const papers =
    masks.plan?.papers.filter(
      (paper) =>
        paper.face === face && (paper.support === 'base' || placedById(card, paper.support)),
    ) ?? [];
  const [wanted, setWanted] = useState<string>();
  const support = placedById(card, selected)?.support;
  const paper =
    papers.find((each) => each.support === support || each.support === selected) ??
    papers.find((each) => each.support === wanted) ??
    papers.toSorted((a, b) => b.covered.length - a.covered.length)[0];
  const under = placedById(card, selected);
  const dividable =
    under && !isMark(under)
      ? under.id
      : (support ?? card.pieces.findLast(onFace(face))?.id ?? 'base');
  if (!masks.plan)
    return (
      <p role="status" className="p-[18px]">
        {masks.hasFailed
          ? 'The masks could not be worked out. Load the page again.'
          : 'Looking who meets whom…'}
      </p>
    );
  if (!paper)
    return (
      <div className="max-w-[640px] p-[18px]">
        <h2 className="pb-1 text-[19px]">Nothing to order here</h2>
        <p className="pb-3">
          On the {faceName(face, plan.base.fold)} no paper carries two prints, so nothing meets and
          nothing has to be masked. Lay images and words on the Layout station; f turns the card.
        </p>
        <DivideButton face={face} support={dividable} />
      </div>
    );
  return (
    <PaperMasks
      key={`${paper.face} ${paper.support}`}
      masks={masks.plan}
      paper={paper}
      papers={papers}
      onPaper={setWanted}
    />
  );
}

const onFace = (face: FaceId) => (piece: { readonly face: FaceId }) => piece.face === face;

interface Props {
  readonly masks: MaskPlan;
  readonly paper: MaskedPaper;
  readonly papers: readonly MaskedPaper[];
  readonly onPaper: (support: string) => void;
}

function PaperMasks({ masks, paper, papers, onPaper }: Props) {
  const { card, plan, commit, selected, select, masks: state } = useCardSession();
  const { isOld } = state;
  const walk = useActs(paper.acts);
  const { order, acts, support } = paper;
  const nameOf = (id: string) => distinctName(card, id);
  const scene = useScene(paper.face, support);
  const [isOnStrips, setOnStrips] = useState(acts.length === 0);
  const [point, setPoint] = useState<ChosenPoint>();
  // A scene goes by the lowest of what is inked in it.
  const printName = (id: string) =>
    paper.scenes.find(({ prints: [first] }) => first.id === id)?.scene.name ?? nameOf(id);
  const strips = isOnStrips ? scene : undefined;
  const box = useMemo(() => {
    const under = placedById(card, support);
    return boundsOf(under ? outlineOf(under) : outlineOfBase(card.base));
  }, [card, support]);
  const chosen = order.some(({ id }) => id === selected) ? selected : undefined;
  const choose = (id: string | undefined) =>
    select(plan.pieces.find((piece) => piece.id === id)?.id ?? 'base');
  // Chosen in the list, one looks at the paper as it is once it is made.
  const chooseRow = (id: string | undefined) => {
    choose(id);
    const made = acts.findIndex(({ piece, kind }) => piece === id && makings.includes(kind));
    if (made !== -1) walk.go(made + 1);
  };
  const at = order.findIndex(({ id }) => id === chosen);
  const step = (by: number) => {
    const next = order[at === -1 ? (by > 0 ? 0 : order.length - 1) : at + by];
    if (next) chooseRow(next.id);
    return next !== undefined;
  };
  const move = (moved: string, to: number) => {
    const from = order.findIndex(({ id }) => id === moved);
    if (from === to || to < 0 || to >= order.length) return false;
    const passed = to < from ? order.slice(to, from) : order.slice(from + 1, to + 1);
    const ids = passed.map(({ id }) => id);
    return commit(reorderEdit(plan, moved, ids, to < from));
  };
  useKeys({
    j: () => (scene ? setOnStrips(!isOnStrips) : false),
    ArrowDown: () => step(1),
    ArrowUp: () => step(-1),
    'Alt+ArrowUp': () => (chosen === undefined ? false : move(chosen, at - 1)),
    'Alt+ArrowDown': () => (chosen === undefined ? false : move(chosen, at + 1)),
    Escape: () => {
      if (chosen === undefined) return false;
      choose(undefined);
      return true;
    },
  });
  const act = acts[walk.done - 1];
  const maskOf = (id: string | undefined) =>
    masks.masks.find(({ covers }) => covers.some(({ print }) => print.id === id));
  const shown = maskOf(chosen) ?? maskOf(act?.piece) ?? masks.masks.find(isOn(paper));
  return (
    <div className={`flex h-full min-h-[600px] flex-col ${isOld ? 'opacity-85' : ''}`}>
      <ActStrip paper={paper} box={box} walk={walk} nameOf={nameOf} />
      <div className="grid min-h-0 grow grid-cols-[minmax(400px,1fr)_minmax(430px,548px)] gap-x-5 pl-[18px]">
        <div className="flex min-h-0 min-w-0 flex-col gap-3 overflow-auto py-3 pr-2">
          {(papers.length > 1 || scene) && (
            <p className="flex flex-wrap items-center gap-4">
              {papers.length > 1 && (
                <InlineChoice
                  label="The paper"
                  value={support as string}
                  choices={papers.map((each) => each.support as string)}
                  nameOf={(id) => (id === 'base' ? 'Base' : nameOf(id))}
                  onChange={(next) => {
                    choose(undefined);
                    onPaper(next);
                  }}
                />
              )}
              {scene && (
                <KeyedButton keyName="j" isOutlined onClick={() => setOnStrips(!isOnStrips)}>
                  {isOnStrips ? 'Back to the steps' : 'Draw the strips'}
                </KeyedButton>
              )}
            </p>
          )}
          {strips ? (
            <SceneStage {...strips} acts={acts} box={box} chosen={point} onChoose={setPoint} />
          ) : (
            <div className="flex gap-5">
              <div className="min-w-0 grow">
                <StatePicture
                  paper={paper}
                  box={box}
                  done={walk.done}
                  nameOf={nameOf}
                  chosen={chosen}
                  onChoose={choose}
                />
              </div>
              {shown && <MaskView mask={shown} />}
            </div>
          )}
          {!scene && (
            <DivideButton face={paper.face} support={support} onDivided={() => setOnStrips(true)} />
          )}
          {masks.masks.length > 0 && <TrueSizeLinks label="Masks" file="masks" hasDxf />}
        </div>
        <div className="flex min-h-0 min-w-0 flex-col gap-3 overflow-auto py-3 pr-[18px]">
          {strips ? (
            <SceneTable {...strips} chosen={point} />
          ) : (
            <>
              <Proof masks={masks} />
              <PrintRows
                paper={paper}
                nameOf={printName}
                chosen={chosen}
                onChoose={chooseRow}
                onMove={move}
              />
            </>
          )}
        </div>
      </div>
    </div>
  );
}

/** By which a print comes to be on its paper. */
const makings: readonly Act['kind'][] = ['stamp', 'lay', 'uncover'];

const isOn =
  ({ covered }: MaskedPaper) =>
  ({ covers }: MaskPlan['masks'][number]) =>
    covered.some(({ print }) => covers.some((each) => each.print.id === print.id));

/** What is proven, what is cut for it, and what would save a mask. */
function Proof({ masks }: { readonly masks: MaskPlan }) {
  const { plan, unit, commit, masks: state } = useCardSession();
  const canBeFewer = masks.covered > masks.fewest;
  const takeFewest = () => commit(fewestEdit(plan, masks));
  useKeys({ l: () => (canBeFewer ? takeFewest() : false) });
  const [move] = state.moves.toSorted((a, b) => a.left - b.left);
  return (
    <div>
      <h2 className="text-[19px]">{proofWords(masks)}</h2>
      <p className="text-sheet-muted">{maskSummary(masks, plan.making.copies)}</p>
      {move && (
        <p className="text-sheet-muted">
          {remedySentence(move.remedy, unit)}, and{' '}
          {move.left === 0
            ? 'nothing has to be masked'
            : `${countWords(move.left, 'image')} ${move.left === 1 ? 'has' : 'have'} to be masked`}
          .
        </p>
      )}
      {state.isLooking && masks.covered > 0 && (
        <p role="status" className="text-sheet-muted">
          Looking for moves that save a mask…
        </p>
      )}
      {canBeFewer && (
        <p className="pt-2">
          <KeyedButton keyName="l" isOutlined onClick={takeFewest}>
            Take the fewest: {countWords(masks.fewest, 'image')} to mask
          </KeyedButton>
        </p>
      )}
    </div>
  );
}
