import { useEffect, useRef } from 'react';
import type { PostPlan } from '../../../core/post/postPlan';
import { weightPartNames, weightWords, writeGrams } from '../../../core/prose/postWords';
import { joinWords } from '../../../core/words/phrases';
import { sharesOf } from './weightShares';

/** What is posted weighs so much: one bar by its parts, and a row for each thing. */
export function WeightBar({ post }: { readonly post: PostPlan }) {
  const element = useRef<HTMLDivElement>(null);
  const { weight } = post;
  useEffect(() => {
    let isGone = false;
    let end: (() => void) | undefined;
    void import('./drawWeight').then(({ drawWeight }) => {
      if (element.current && !isGone) end = drawWeight(element.current, sharesOf(post.weight));
    });
    return () => {
      isGone = true;
      end?.();
    };
  }, [post]);
  return (
    <section aria-labelledby="weight">
      <p>
        <strong id="weight" className="font-heading text-[17px] font-semibold">
          {weightWords(weight)}
        </strong>
        <span className="text-sheet-muted pl-3">
          {post.envelopes.chosen ? 'with its envelope' : 'without an envelope'}; ink and powder left
          out
          {weight.guessed.length > 0 &&
            `; the stock of ${joinWords(weight.guessed)} taken as everyday card`}
        </span>
      </p>
      <div ref={element} className="h-[34px] w-full" aria-hidden />
      <details>
        <summary className="text-sheet-muted cursor-pointer">What each thing weighs</summary>
        <table className="mt-1">
          <tbody>
            {weight.rows.map(({ part, name, grams }, at) => (
              <tr key={at}>
                <td className="text-sheet-muted pr-4">{weightPartNames[part]}</td>
                <td className="pr-4">{name}</td>
                <td className="text-right tabular-nums">{writeGrams(grams)} g</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}
