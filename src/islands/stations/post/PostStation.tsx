import { useRef } from 'react';
import type { PostPlan } from '../../../core/post/postPlan';
import { useKeys } from '../../parts/useKeys';
import { useSize } from '../../parts/useSize';
import { useCardSession } from '../../session/CardSession';
import { Enclosures } from './Enclosures';
import { EnvelopeView } from './EnvelopeView';
import { chartScale, HeightChart, HeightLegend } from './HeightChart';
import { HeightShares } from './HeightShares';
import { Highest } from './Highest';
import { MailClasses } from './MailClasses';
import { SectionView } from './SectionView';
import { boxOfCard, useSection } from './useSection';
import { WeightBar } from './WeightBar';

/** How high and heavy the card is, which envelope it takes, and by which class of mail it goes. */
export function PostStation() {
  const { post } = useCardSession();
  if (!post.plan)
    return (
      <p role="status" className="p-[18px]">
        {post.hasFailed
          ? 'Height and weight could not be worked out. Change something on the card, or load the page again.'
          : 'Weighing…'}
      </p>
    );
  return <Posted post={post.plan} />;
}

/** Room for the chart: of a card that lies, of one that is square or stands, with the sum of its highest place beside it. */
const standing = { width: 470, height: 350 };
const slim = { width: 720, height: 300 };
/** A card so much wider than it is high takes the whole width. */
const slimFrom = 1.7;
const columnWidth = 250;

function Posted({ post }: { readonly post: PostPlan }) {
  const { unit, post: state } = useCardSession();
  const section = useSection(post, unit);
  const left = useRef<HTMLDivElement>(null);
  const { width } = useSize(left, { width: 720, height: 600 });
  const { x0, y0, x1, y1 } = boxOfCard(post);
  const isSlim = x1 - x0 > slimFrom * (y1 - y0);
  const room = isSlim
    ? { ...slim, width: Math.min(width, slim.width) }
    : { ...standing, width: Math.min(width - columnWidth, standing.width) };
  const scale = chartScale(post, room);
  const move = (across: number, down: number) => () => {
    section.move(across, down);
    return true;
  };
  useKeys({
    x: section.turn,
    n: section.next,
    ArrowLeft: move(-1, 0),
    ArrowRight: move(1, 0),
    ArrowUp: move(0, -1),
    ArrowDown: move(0, 1),
    'Shift+ArrowLeft': move(-8, 0),
    'Shift+ArrowRight': move(8, 0),
    'Shift+ArrowUp': move(0, -8),
    'Shift+ArrowDown': move(0, 8),
  });
  return (
    <div
      className={`grid h-full min-h-[600px] grid-cols-[minmax(400px,1fr)_minmax(430px,500px)] gap-x-6 px-[18px] ${state.isOld ? 'opacity-85' : ''}`}
    >
      <div ref={left} className="flex min-h-0 min-w-0 flex-col gap-2 overflow-auto py-3">
        <p>
          <strong className="font-heading text-[17px] font-semibold">From above</strong>
          <span className="text-sheet-muted pl-3">
            the closed card, height in mm; back and inside are under it
          </span>
        </p>
        <div className="flex flex-wrap items-start gap-x-4 gap-y-1">
          <div>
            <HeightChart post={post} section={section} room={room} />
            <HeightLegend post={post} />
          </div>
          <Highest post={post} isInLine={isSlim} />
        </div>
        <SectionView post={post} section={section} scale={scale} width={width - 20} height={110} />
        <WeightBar post={post} />
        <HeightShares post={post} />
      </div>
      <div className="flex min-h-0 min-w-0 flex-col gap-4 overflow-auto py-3 pr-1">
        <EnvelopeView post={post} />
        <MailClasses schemes={post.schemes} />
        <Enclosures />
      </div>
    </div>
  );
}
