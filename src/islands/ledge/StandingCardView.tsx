import type { StandingCard, StandingPicture } from '../../core/compute/standingCard';
import type { Fold } from '../../core/paper/cardFormat';
import { FacePicture } from '../parts/FacePicture';

interface Props {
  readonly card: StandingCard;
  /** Undefined until it comes: its base stands there as large as it is. */
  readonly picture: StandingPicture | undefined;
  /** Pixels to the tick, the same for every card. */
  readonly scale: number;
}

const spine = 7;
const foot = 9;

/** A card as it stands: a side fold shows its second leaf at the spine, a tent its feet. */
export function StandingCardView({ card, picture, scale }: Props) {
  const { face, fold, colour } = card;
  const [width, height] = [face.width * scale, face.height * scale];
  return (
    <svg
      width={width + spine + foot}
      height={height + 4}
      viewBox={`${-spine} -3 ${width + spine + foot} ${height + 4}`}
      aria-hidden
      className="block"
    >
      {behind(fold, width, height).map(({ d, opacity }) => (
        <path key={d} d={d} fill="#1e2428" fillOpacity={opacity} />
      ))}
      {picture ? (
        <FacePicture pieces={picture} scale={scale} />
      ) : (
        <rect width={width} height={height} fill={colour} />
      )}
    </svg>
  );
}

interface Shape {
  readonly d: string;
  readonly opacity: number;
}

/** What is seen of the card behind its front: the other leaf, the feet, the flaps' folds, a prop. */
function behind(fold: Fold, width: number, height: number): readonly Shape[] {
  switch (fold) {
    case 'side':
      return [{ d: `M0 0L${-spine} 3V${height}H0Z`, opacity: 0.24 }];
    case 'tent':
      return [
        { d: `M${width} 0L${width + 5} ${height}H${width - 2}Z`, opacity: 0.32 },
        { d: `M0 0L-3 ${height}H2Z`, opacity: 0.2 },
      ];
    case 'gate':
      return [
        { d: `M0 0L-4 2V${height}H0Z`, opacity: 0.24 },
        { d: `M${width} 0l4 2V${height}H${width}Z`, opacity: 0.24 },
      ];
    case 'flat':
      // A flat card leans on a prop, so only its lower edge throws a shadow.
      return [{ d: `M2 ${height - 3}H${width + 7}V${height}H2Z`, opacity: 0.3 }];
    default:
      throw new TypeError(`StandingCardView: unknown fold ${String(fold satisfies never)}`);
  }
}
