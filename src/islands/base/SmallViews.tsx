import { drawFace, unknownColour } from '../../core/drawing/drawFace';
import { otherUnit, writeLength, writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { Fold } from '../../core/paper/cardFormat';
import type { Score } from '../../core/paper/layOutBlank';
import { faceName, nextFace, type FaceId } from '../../core/plan/faces';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import { capitalise, joinWords, writeRevealsShort } from '../../core/tutorial/sentences';
import { FacePicture } from '../parts/FacePicture';

interface Props {
  readonly card: ResolvedCard;
  readonly fold: Fold;
  readonly unit: Unit;
  /** The face shown large; the next one stands here small. */
  readonly face: FaceId;
  /** Of the whole drawing. */
  readonly width: number;
  /** Where they end; they grow upward from there. */
  readonly bottom: number;
  /** Pixels the main view leaves free below; a low card has its blank drawn larger. */
  readonly spare: number;
  readonly onTurn: () => void;
}

const smallest = { width: 104, height: 78 };
const widest = 168;
const captionHeight = 78;
/** What the left margin and both captions take of the width. */
const captions = 390;
const left = 92;
const captionGap = 12;

/** Below the main view: the blank with its scores, and the next face of the card. */
export function SmallViews({ card, fold, unit, face, width, bottom, spare, onTurn }: Props) {
  const { blank, scores, stock } = card.base;
  const room = {
    width: Math.min(widest, smallest.width + spare / 2, (width - captions) / 2),
    height: smallest.height + spare * 0.8,
  };
  const scale = Math.min(room.width / blank.width, room.height / blank.height);
  const size = { width: blank.width * scale, height: blank.height * scale };
  const second = left + size.width + 176;
  const other = otherUnit(unit);
  const writeScores = (leading: Unit) =>
    joinWords(scores.map(({ at }) => writeLength(at, leading)));
  return (
    <g transform={`translate(0 ${bottom - Math.max(size.height, captionHeight)})`}>
      <g transform={`translate(${left} 0)`}>
        <rect
          {...size}
          fill={stock?.colour ?? unknownColour}
          stroke="#1e2428"
          strokeOpacity={0.4}
        />
        {scores.map((score) => (
          <ScoreLine key={score.at} score={score} size={size} scale={scale} />
        ))}
        <g transform={`translate(${size.width + captionGap} 14)`} className="text-[15px]">
          <text className="fill-ink font-heading">Blank</text>
          <text y={20} fontWeight={600} className="fill-dimension">
            {writeSize(blank, unit)}
          </text>
          <text y={39} className="fill-sheet-muted text-[14px]">
            {writeSize(blank, other)} {other}
          </text>
          {scores.length > 0 && (
            <>
              <text y={59} fontWeight={600} className="fill-pencil">
                score at {writeScores(unit)}
              </text>
              <text y={77} className="fill-sheet-muted text-[14px]">
                {writeScores(other)} {other}
              </text>
            </>
          )}
        </g>
      </g>
      <g transform={`translate(${second} 0)`}>
        <OpenCard card={card} fold={fold} face={face} scale={scale} onTurn={onTurn} />
        <NextFaceCaption
          card={card}
          fold={fold}
          unit={unit}
          face={face}
          x={size.width + captionGap}
        />
      </g>
    </g>
  );
}

interface ScoreLineProps {
  readonly score: Score;
  readonly size: { readonly width: number; readonly height: number };
  readonly scale: number;
}

function ScoreLine({ score, size, scale }: ScoreLineProps) {
  const at = score.at * scale;
  const line =
    score.axis === 'vertical' ? `M${at} -6v${size.height + 12}` : `M-6 ${at}h${size.width + 12}`;
  return (
    <>
      <path d={line} stroke="#fff" strokeWidth={3} opacity={0.6} />
      <path d={line} stroke="var(--color-pencil)" strokeWidth={1.5} strokeDasharray="8 2 2 2" />
    </>
  );
}

interface OpenCardProps extends Pick<Props, 'card' | 'fold' | 'face' | 'onTurn'> {
  readonly scale: number;
}

/** The card lying open with its next face; the rest of it is pale. */
function OpenCard({ card, fold, face, scale, onTurn }: OpenCardProps) {
  const { face: leaf, blank, stock } = card.base;
  const shown = nextFace(face, fold);
  const { x, y } = placeOnBlank(shown, fold);
  const offset = {
    x: x === 'near' ? 0 : (blank.width - leaf.width) * scale * (x === 'far' ? 1 : 0.5),
    y: y === 'near' ? 0 : (blank.height - leaf.height) * scale,
  };
  return (
    <g onClick={onTurn} className="cursor-pointer">
      <rect
        width={blank.width * scale}
        height={blank.height * scale}
        fill={stock?.colour ?? unknownColour}
        stroke="#1e2428"
        strokeOpacity={0.4}
        opacity={shown === 'inside' || shown === 'inside-front' ? 1 : 0.35}
      />
      <g transform={`translate(${offset.x} ${offset.y})`}>
        <FacePicture pieces={drawFace(card, shown)} scale={scale} />
      </g>
    </g>
  );
}

/** Where a face lies on the opened card as it is read: left or top is near, right or bottom far. */
function placeOnBlank(
  face: FaceId,
  fold: Fold,
): { readonly x: 'near' | 'middle' | 'far'; readonly y: 'near' | 'far' } {
  if (fold === 'gate') return { x: 'middle', y: 'near' };
  if (fold === 'flat') return { x: 'near', y: 'near' };
  const isSecond = face === 'front' || face === 'inside';
  if (fold === 'side') return { x: isSecond ? 'far' : 'near', y: 'near' };
  return { x: 'near', y: isSecond ? 'far' : 'near' };
}

function NextFaceCaption({
  card,
  fold,
  unit,
  face,
  x,
}: Pick<Props, 'card' | 'fold' | 'unit' | 'face'> & { readonly x: number }) {
  const shown = nextFace(face, fold);
  const top = card.pieces.filter((piece) => piece.face === shown).at(-1);
  return (
    <g transform={`translate(${x} 14)`} className="text-[15px]">
      <text className="fill-ink font-heading">{capitalise(faceName(shown, fold))}</text>
      <text y={20} className="fill-sheet-muted">
        {top ? `${top.name} ${top.letter}` : 'nothing on it yet'}
      </text>
      {top && (
        <text y={39} className="fill-sheet-muted text-[14px]">
          border {writeRevealsShort(top.reveals, unit)}
        </text>
      )}
      <text y={59} className="fill-sheet-muted text-[14px]">
        f turns the card
      </text>
    </g>
  );
}
