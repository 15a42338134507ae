import { drawFace } from '../../core/pictures/drawFace';
import type { FaceId } from '../../core/plan/faces';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import { FacePicture } from './FacePicture';

interface Props {
  readonly card: ResolvedCard;
  readonly face: FaceId;
  /** Pixels to the tick. */
  readonly scale: number;
  /** What a screen reader hears. */
  readonly label: string;
  readonly caption: React.ReactNode;
}

/** A face of a card as a picture of its own, with what it is beneath. */
export function FaceFigure({ card, face, scale, label, caption }: Props) {
  const [width, height] = [card.base.face.width * scale, card.base.face.height * scale];
  return (
    <figure>
      <svg
        width={width + 4}
        height={height + 4}
        viewBox={`-2 -2 ${width + 4} ${height + 4}`}
        role="img"
        aria-label={label}
      >
        <FacePicture pieces={drawFace(card, face)} scale={scale} />
      </svg>
      <figcaption>{caption}</figcaption>
    </figure>
  );
}
