import type { PaperPicture } from '../../core/pictures/paperAfter';
import { maskArea, tapeArea } from '../../core/pictures/paperAfter';
import { Clipped, Shapes } from './Shapes';

interface Props {
  readonly picture: PaperPicture;
  /** Pixels to the tick. */
  readonly scale: number;
  /** What comes next is shown pale. */
  readonly showsNext?: boolean;
}

/** A paper as it looks at one moment: what is on it, what is covered, and pale what comes next. */
export function PaperView({ picture, scale, showsNext = false }: Props) {
  const { paper, clips, sheet, done, masks, tapes, next } = picture;
  return (
    <Clipped clips={clips} scale={scale}>
      <Shapes shapes={sheet} scale={scale} />
      <Clipped clips={[paper]} scale={scale}>
        <g>
          <Shapes shapes={done} scale={scale} />
          <Shapes shapes={tapes.map(tapeArea)} scale={scale} />
          <Shapes shapes={masks.map(({ cut }) => maskArea(cut))} scale={scale} />
          {showsNext && (
            <g opacity={0.28}>
              <Shapes shapes={next} scale={scale} />
            </g>
          )}
        </g>
      </Clipped>
    </Clipped>
  );
}
