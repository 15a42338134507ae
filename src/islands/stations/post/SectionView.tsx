import { useMemo } from 'react';
import { sectionOf, type SectionBlock } from '../../../core/post/sectionOf';
import { springName } from '../../../core/post/stackOf';
import type { PostPlan } from '../../../core/post/postPlan';
import { KeyedButton } from '../../parts/KeyedButton';
import { useCardSession } from '../../session/CardSession';
import type { Section } from './useSection';

interface Props {
  readonly post: PostPlan;
  readonly section: Section;
  /** Pixels to a tick along the line, as the chart has it. */
  readonly scale: number;
  /** Pixels the drawing may take. */
  readonly width: number;
  readonly height: number;
}

/** How many times heights are enlarged against lengths: a whole number, so that all of the card is seen. */
const most = 12;

/** The card cut through along the line, its heights enlarged. */
export function SectionView({ post, section, scale, width, height }: Props) {
  const { card } = useCardSession();
  const { line } = section;
  const blocks = useMemo(() => sectionOf(post.map, line), [post.map, line]);
  const length = Math.hypot(line.to.x - line.from.x, line.to.y - line.from.y);
  const along = Math.min(scale, width / Math.max(1, length));
  const top = blocks.reduce((highest, { high }) => Math.max(highest, high), 1);
  const times = Math.max(1, Math.min(most, Math.floor((height - 6) / (top * along))));
  const up = along * times;
  const colourOf = ({ kind, plate }: SectionBlock) => {
    if (kind === 'leaf') return card.base.paint.colour;
    const piece = card.pieces.find(({ id }) => id === plate);
    const mark = card.marks.find(({ id }) => id === plate);
    return piece?.paint.colour ?? mark?.paints[0]?.colour ?? '#ffffff';
  };
  const drawn = top * up + 6;
  return (
    <figure>
      <svg
        width={length * along + 4}
        height={drawn}
        role="img"
        aria-label="The card cut through along the line S"
      >
        <defs>
          <pattern id="foam-dots" width="6" height="6" patternUnits="userSpaceOnUse">
            <rect width="6" height="6" fill="#ffffff" />
            <circle cx="1.5" cy="1.5" r="0.8" fill="#70797d" />
            <circle cx="4.5" cy="4.5" r="0.8" fill="#70797d" />
          </pattern>
        </defs>
        {blocks
          .filter(({ kind }) => kind !== 'air')
          .map((block) => {
            const key = `${block.kind} ${block.plate} ${block.start} ${block.low}`;
            const box = {
              x: 2 + block.start * along,
              y: drawn - 3 - block.high * up,
              width: Math.max(0.8, (block.end - block.start) * along),
              height: Math.max(0.8, (block.high - block.low) * up),
            };
            return isSpring(block) ? (
              <path key={key} d={coils(box)} fill="none" stroke="#545e63" strokeWidth={1.4} />
            ) : (
              <rect
                key={key}
                {...box}
                fill={block.kind === 'held' ? 'url(#foam-dots)' : colourOf(block)}
                stroke="#545e63"
                strokeWidth={0.7}
              />
            );
          })}
      </svg>
      <figcaption className="flex flex-wrap items-baseline gap-x-3 gap-y-1 pt-1">
        <strong className="font-heading text-[17px] font-semibold">Section S</strong>
        <span className="text-sheet-muted grow">
          {times === 1 ? 'heights as lengths' : `heights × ${times} against lengths`}; dotted: foam
          and tape{blocks.some(isSpring) && '; coiled: a spring'}
        </span>
        <KeyedButton keyName="x" onClick={section.turn}>
          The other way
        </KeyedButton>
        {post.peaks.length > 1 && (
          <KeyedButton keyName="n" onClick={section.next}>
            The next highest
          </KeyedButton>
        )}
      </figcaption>
    </figure>
  );
}

const isSpring = ({ kind, name }: SectionBlock) => kind === 'held' && name === springName;

/** A spring seen from its side: as many turns as there is room for, each a fifth of its height. */
function coils({ x, y, width, height }: Readonly<Record<'x' | 'y' | 'width' | 'height', number>>) {
  const turns = 5;
  const points = Array.from(
    { length: turns + 1 },
    (_, at) => `${at % 2 === 0 ? x : x + width} ${y + (height * at) / turns}`,
  );
  return `M${points.join('L')}`;
}
