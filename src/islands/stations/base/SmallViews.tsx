import { drawFace } from '../../../core/pictures/drawFace';
import { otherUnit, writeLength, writeSize } from '../../../core/length/formatLength';
import {
  subtractLengths,
  sumLengths,
  type Length,
  type Size,
  type Unit,
} from '../../../core/length/length';
import type { Fold } from '../../../core/paper/cardFormat';
import type { Score } from '../../../core/paper/layOutBlank';
import { faceName, facesOf, isInside, type FaceId } from '../../../core/plan/faces';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';
import { capitalise, joinWords } from '../../../core/words/phrases';
import { FacePicture } from '../../parts/FacePicture';

interface Props {
  readonly card: ResolvedCard;
  readonly fold: Fold;
  readonly unit: Unit;
  /** The face shown large; the other side of the sheet stands here small. */
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

/** Below the main view: the blank with its scores, and the other side of the sheet. */
export function SmallViews({ card, fold, unit, face, width, bottom, spare, onTurn }: Props) {
  const { blank, scores, paint } = card.base;
  const { scale, size, height } = smallViewsSize(blank, width, spare);
  const second = left + size.width + 176;
  const other = otherUnit(unit);
  const writeScores = (leading: Unit) =>
    joinWords(scores.map(({ at }) => writeLength(at, leading)));
  return (
    <g transform={`translate(0 ${bottom - height})`}>
      <g transform={`translate(${left} 0)`}>
        <rect {...size} fill={paint.colour} stroke="#1e2428" strokeOpacity={0.4} />
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
        <OtherSideCaption
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

/** How large the blank is drawn, in pixels, and the height of the views with their captions. */
export function smallViewsSize(blank: Size, width: number, spare: number) {
  const room = {
    width: Math.min(widest, smallest.width + spare / 2, (width - captions) / 2),
    height: smallest.height + spare * 0.8,
  };
  const scale = Math.min(room.width / blank.width, room.height / blank.height);
  const size = { width: blank.width * scale, height: blank.height * scale };
  return { scale, size, height: Math.max(size.height, captionHeight) };
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

/** The other side of the sheet as the card lies open: the inside, or the outside where that is large. */
function OpenCard({ card, fold, face, scale, onTurn }: OpenCardProps) {
  const { face: leaf, blank, paint } = card.base;
  const corner = (shown: FaceId) => {
    const at = placeOnBlank(shown, fold);
    return `translate(${(blank.width - leaf.width) * at.x * scale} ${(blank.height - leaf.height) * at.y * scale})`;
  };
  return (
    <g onClick={onTurn} className="cursor-pointer">
      <rect
        width={blank.width * scale}
        height={blank.height * scale}
        fill={paint.colour}
        stroke="#1e2428"
        strokeOpacity={0.4}
      />
      {otherSide(face, fold).map((shown) => (
        <g key={shown} transform={corner(shown)}>
          <FacePicture pieces={drawFace(card, shown)} scale={scale} />
        </g>
      ))}
    </g>
  );
}

/** The faces seen beside the one shown large; the outside of a gate is its front alone. */
function otherSide(face: FaceId, fold: Fold): readonly FaceId[] {
  if (fold === 'flat') return face === 'front' ? ['back'] : ['front'];
  const isOutside = !isInside(face);
  return facesOf(fold).filter((each) =>
    isOutside ? isInside(each) : each === 'front' || (each === 'back' && fold !== 'gate'),
  );
}

/** Where a face lies on the opened card as it is read: 0 at the left or top, 1 at the right or foot. */
function placeOnBlank(face: FaceId, fold: Fold): { readonly x: number; readonly y: number } {
  if (fold === 'gate') return { x: 0.5, y: 0 };
  const isSecond = face === 'front' || face === 'inside' ? 1 : 0;
  return fold === 'tent' ? { x: 0, y: isSecond } : { x: isSecond, y: 0 };
}

function OtherSideCaption({
  card,
  fold,
  unit,
  face,
  x,
}: Pick<Props, 'card' | 'fold' | 'unit' | 'face'> & { readonly x: number }) {
  const faces = otherSide(face, fold);
  const tops = faces.flatMap(
    (each) => card.pieces.filter((piece) => piece.face === each).at(-1) ?? [],
  );
  const title =
    faces.length === 1 && faces[0]
      ? faceName(faces[0], fold)
      : isInside(face)
        ? 'outside'
        : 'inside';
  const [first] = tops;
  return (
    <g transform={`translate(${x} 14)`} className="text-[15px]">
      <text className="fill-ink font-heading">{capitalise(title)}</text>
      <text y={20} className="fill-sheet-muted">
        {tops.length === 0
          ? 'nothing on it yet'
          : joinWords(tops.map(({ name, letter }) => `${name} ${letter}`))}
      </text>
      {first && isInside(first.face) && (
        <text y={39} className="fill-sheet-muted text-[14px]">
          {writeLength(offScore(first, card, fold), unit)} off the score
        </text>
      )}
      <text y={59} className="fill-sheet-muted text-[14px]">
        f turns the card
      </text>
    </g>
  );
}

/** How far a piece inside keeps from the (first) score of its face. */
function offScore({ face, rect }: ResolvedPiece, { base }: ResolvedCard, fold: Fold): Length {
  const { width, height } = base.face;
  const farSide = face === 'inside-front';
  const [start, size, room] =
    fold === 'tent' ? [rect.y, rect.height, height] : [rect.x, rect.width, width];
  return farSide ? subtractLengths(room, sumLengths(start, size)) : start;
}
