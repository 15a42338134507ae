import { drawFace, unknownColour } from '../../core/drawing/drawFace';
import { otherUnit, writeLength, writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { FaceId } from '../../core/plan/piece';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import { writeRevealsShort } from '../../core/tutorial/sentences';
import { FacePicture } from '../parts/FacePicture';

interface Props {
  readonly card: ResolvedCard;
  readonly fold: 'side' | 'tent';
  readonly unit: Unit;
  /** The face shown large; the other one stands here small. */
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

/** Below the main view: the blank with its score, and the other face of the card. */
export function SmallViews({ card, fold, unit, face, width, bottom, spare, onTurn }: Props) {
  const { blank, score, stock } = card.base;
  const room = {
    width: Math.min(widest, smallest.width + spare / 2, (width - captions) / 2),
    height: smallest.height + spare * 0.8,
  };
  const scale = Math.min(room.width / blank.width, room.height / blank.height);
  const size = { width: blank.width * scale, height: blank.height * scale };
  const second = left + size.width + 176;
  const other = otherUnit(unit);
  const scoreAt = score.at * scale;
  return (
    <g transform={`translate(0 ${bottom - Math.max(size.height, captionHeight)})`}>
      <g transform={`translate(${left} 0)`}>
        <rect
          {...size}
          fill={stock?.colour ?? unknownColour}
          stroke="#1e2428"
          strokeOpacity={0.4}
        />
        <path
          d={
            score.axis === 'vertical'
              ? `M${scoreAt} -6v${size.height + 12}`
              : `M-6 ${scoreAt}h${size.width + 12}`
          }
          stroke="#fff"
          strokeWidth={3}
          opacity={0.6}
        />
        <path
          d={
            score.axis === 'vertical'
              ? `M${scoreAt} -6v${size.height + 12}`
              : `M-6 ${scoreAt}h${size.width + 12}`
          }
          stroke="var(--color-pencil)"
          strokeWidth={1.5}
          strokeDasharray="8 2 2 2"
        />
        <g transform={`translate(${size.width + captionGap} 14)`} className="text-[15px]">
          <text className="fill-ink font-heading">Blank</text>
          <text y={20} fontWeight={600} className="fill-dimension">
            {writeSize(blank, unit)}
          </text>
          <text y={39} className="fill-sheet-muted text-[14px]">
            {writeSize(blank, other)} {other}
          </text>
          <text y={59} fontWeight={600} className="fill-pencil">
            score at {writeLength(score.at, unit)}
            <tspan dx={6} fontWeight={400} className="fill-sheet-muted text-[14px]">
              {writeLength(score.at, other)} {other}
            </tspan>
          </text>
        </g>
      </g>
      <g transform={`translate(${second} 0)`}>
        <OpenCard card={card} fold={fold} face={face} scale={scale} onTurn={onTurn} />
        <OtherFaceCaption card={card} unit={unit} face={face} x={size.width + captionGap} />
      </g>
    </g>
  );
}

interface OpenCardProps extends Pick<Props, 'card' | 'fold' | 'face' | 'onTurn'> {
  readonly scale: number;
}

/** The card lying open with its inside, or its front where the inside is shown large. */
function OpenCard({ card, fold, face, scale, onTurn }: OpenCardProps) {
  const { face: leaf, stock } = card.base;
  const shown: FaceId = face === 'front' ? 'inside' : 'front';
  const [dx, dy] = fold === 'side' ? [leaf.width * scale, 0] : [0, leaf.height * scale];
  return (
    <g onClick={onTurn} className="cursor-pointer">
      <rect
        width={leaf.width * scale}
        height={leaf.height * scale}
        fill={stock?.colour ?? unknownColour}
        stroke="#1e2428"
        strokeOpacity={0.4}
        opacity={shown === 'inside' ? 1 : 0.35}
      />
      <g transform={`translate(${dx} ${dy})`}>
        <FacePicture pieces={drawFace(card, shown)} scale={scale} />
      </g>
    </g>
  );
}

function OtherFaceCaption({
  card,
  unit,
  face,
  x,
}: Pick<Props, 'card' | 'unit' | 'face'> & { readonly x: number }) {
  const isInside = face === 'front';
  const top = card.pieces.filter((piece) => piece.face === (isInside ? 'inside' : 'front')).at(-1);
  return (
    <g transform={`translate(${x} 14)`} className="text-[15px]">
      <text className="fill-ink font-heading">{isInside ? 'Inside' : 'Front'}</text>
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
