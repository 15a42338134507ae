import { writeLength } from '../../../core/length/formatLength';
import { heightSum, heightTerms } from '../../../core/prose/postWords';
import { joinWords } from '../../../core/words/phrases';
import type { PostPlan } from '../../../core/post/postPlan';

interface Props {
  readonly post: PostPlan;
  /** As a sentence, where there is no room for a column beside the chart. */
  readonly isInLine: boolean;
}

/** How high the card is, with the sum that makes it. */
export function Highest({ post, isInLine }: Props) {
  const [peak] = post.peaks;
  if (!peak) return null;
  const height = (
    <span className="text-pencil font-semibold">Highest {writeLength(peak.height, 'mm')} mm</span>
  );
  const inInches = `${writeLength(peak.height, 'in')} in`;
  const beside = [
    `Half of the card is no higher than ${writeLength(post.unevenness.middle, 'mm')} mm.`,
    ...(post.unlaid.length > 0
      ? [`Not in the height, as it lies nowhere on the card: ${joinWords(post.unlaid)}.`]
      : []),
  ].join(' ');
  if (isInLine)
    return (
      <p>
        <span className="text-pencil font-semibold">Highest</span> {heightSum(peak)}; {inInches}.{' '}
        {beside}
      </p>
    );
  return (
    <div className="w-[230px] pt-4">
      <table className="w-full">
        <caption className="pb-1 text-left">
          {height}, {inInches}
        </caption>
        <tbody>
          {heightTerms(peak).map(({ words, height: term }, at) => (
            <tr key={at}>
              <td className="text-sheet-muted max-w-[170px] truncate">{words}</td>
              <td className="text-right tabular-nums">{writeLength(term, 'mm')}</td>
            </tr>
          ))}
          <tr className="border-ink border-t font-semibold">
            <td>in all</td>
            <td className="text-right tabular-nums">{writeLength(peak.height, 'mm')}</td>
          </tr>
        </tbody>
      </table>
      <p className="text-sheet-muted pt-2">{beside}</p>
    </div>
  );
}
