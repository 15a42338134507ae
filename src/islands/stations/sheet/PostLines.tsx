import type { Unit } from '../../../core/length/length';
import { postLine, postSentences } from '../../../core/prose/postWords';
import { useCardSession } from '../../session/CardSession';

/** How the card is sent: its height, weight, envelope and classes of mail, with the month of their rules. The print keeps to one page, so it tells them in a line or two. */
export function PostLines({ unit }: { readonly unit: Unit }) {
  const { post } = useCardSession();
  return (
    <section className="pt-5 print:pt-1">
      <h3 className="text-lg print:hidden">Post</h3>
      {post.plan ? (
        <>
          <ul className="pt-1 print:hidden">
            {postSentences(post.plan, unit).map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
          <p className="hidden print:block print:text-[12px] print:leading-[15px]">
            {postLine(post.plan)}
          </p>
        </>
      ) : (
        <p role="status" className="text-muted pt-1">
          {post.hasFailed
            ? 'Height and weight could not be worked out. Load the page again.'
            : 'Height and weight are being worked out…'}
        </p>
      )}
    </section>
  );
}
