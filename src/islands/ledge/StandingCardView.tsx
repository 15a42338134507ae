import type { StandingCard } from '../../core/drawing/standingCard';
import { FacePicture } from '../parts/FacePicture';

interface Props {
  readonly card: StandingCard;
  /** Pixels to the tick, the same for every card. */
  readonly scale: number;
}

const spine = 7;
const foot = 9;

/** A card as it stands: a side fold shows its second leaf at the spine, a tent its feet. */
export function StandingCardView({ card, scale }: Props) {
  const { face, fold, front } = card;
  const [width, height] = [face.width * scale, face.height * scale];
  return (
    <svg
      width={width + spine + foot}
      height={height + 4}
      viewBox={`${-spine} -3 ${width + spine + foot} ${height + 4}`}
      aria-hidden
      className="block"
    >
      {fold === 'side' ? (
        <path d={`M0 0L${-spine} 3V${height}H0Z`} fill="#1e2428" fillOpacity={0.24} />
      ) : (
        <path
          d={`M${width} 0L${width + 5} ${height}H${width - 2}Z`}
          fill="#1e2428"
          fillOpacity={0.32}
        />
      )}
      <FacePicture pieces={front} scale={scale} />
    </svg>
  );
}
