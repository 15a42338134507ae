import { writeLength } from '../../../core/length/formatLength';
import type { PostPlan } from '../../../core/post/postPlan';

/** How much of the card is how high, the highest first: the chart as a table. */
export function HeightShares({ post }: { readonly post: PostPlan }) {
  return (
    <details>
      <summary className="text-sheet-muted cursor-pointer">How much of it is how high</summary>
      <table className="mt-1">
        <thead className="sr-only">
          <tr>
            <th scope="col">Height in mm</th>
            <th scope="col">Height in inches</th>
            <th scope="col">Share of the card</th>
          </tr>
        </thead>
        <tbody>
          {post.unevenness.shares.toReversed().map(({ height, share }) => (
            <tr key={height} className="tabular-nums">
              <td className="pr-4 text-right">{writeLength(height, 'mm')} mm</td>
              <td className="pr-4 text-right">{writeLength(height, 'in')} in</td>
              <td className="text-right">{shareWords(share)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}

/** In whole per cent; what is less than one is not shown as none. */
function shareWords(share: number): string {
  return share < 0.01 ? 'less than 1 %' : `${Math.round(share * 100)} %`;
}
