import { useMemo } from 'react';
import type { MaskedPaper } from '../../../core/masking/maskCard';
import { boundsOf } from '../../../core/outline/outline';
import { paperAfter } from '../../../core/pictures/paperAfter';
import { faceName } from '../../../core/plan/faces';
import { stampingSteps } from '../../../core/prose/stampingSteps';
import { outlineOf, outlineOfBase } from '../../../core/resolve/outlineOf';
import { placedById } from '../../../core/resolve/resolvedCard';
import { capitalise } from '../../../core/words/phrases';
import { PaperView } from '../../parts/PaperView';
import { useCardSession } from '../../session/CardSession';

/** Stamp in this order: each step of a paper on which prints meet, with the paper as it looks then. */
export function StampingOrder() {
  const { plan, card, unit, masks } = useCardSession();
  const papers = useMemo(
    () => (masks.plan ? stampingSteps(plan, card, masks.plan, unit) : undefined),
    [plan, card, masks.plan, unit],
  );
  if (!papers)
    return (
      <p role="status" className="text-muted pt-4">
        {masks.hasFailed
          ? 'The order could not be worked out. Load the page again.'
          : 'The order is being worked out…'}
      </p>
    );
  if (papers.length === 0)
    return (
      <p className="text-muted pt-4">
        Nothing that is printed meets anything else, so it may be stamped in any order.
      </p>
    );
  return papers.map(({ paper, on, steps }) => (
    <section key={`${paper.face} ${paper.support}`} className="pt-5 print:pt-2">
      <h3 className="text-lg">Stamp in this order: {on}</h3>
      <p className="text-muted">{capitalise(faceName(paper.face, plan.base.fold))}</p>
      <ol className="grid grid-cols-3 gap-x-5 gap-y-3 pt-2 max-md:grid-cols-2">
        {steps.map((sentence, index) => (
          <li key={index} className="break-inside-avoid">
            <StepPicture paper={paper} count={index + 1} />
            <p className="text-[15px] leading-5">
              <strong className="font-semibold">{index + 1}</strong> {sentence}
            </p>
          </li>
        ))}
      </ol>
    </section>
  ));
}

/** Of a picture, in pixels. */
const room = { width: 216, height: 170 };

function StepPicture({ paper, count }: { readonly paper: MaskedPaper; readonly count: number }) {
  const { card } = useCardSession();
  const under = placedById(card, paper.support);
  // What is drawn belongs to the card as it was looked at; where the paper is gone by now there is nothing to draw.
  if (paper.support !== 'base' && !under) return null;
  const { x0, y0, x1, y1 } = boundsOf(under ? outlineOf(under) : outlineOfBase(card.base));
  const scale = Math.min(room.width / (x1 - x0), room.height / (y1 - y0));
  return (
    <svg
      aria-hidden
      width={(x1 - x0) * scale}
      height={(y1 - y0) * scale}
      viewBox={`${x0 * scale} ${y0 * scale} ${(x1 - x0) * scale} ${(y1 - y0) * scale}`}
      className="max-w-full [print-color-adjust:exact]"
    >
      <PaperView
        picture={paperAfter(card, paper.face, paper.support, paper.acts, count)}
        scale={scale}
      />
    </svg>
  );
}
