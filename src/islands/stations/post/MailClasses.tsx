import type { MailClassId, MailSchemeId } from '../../../core/plan/planFacts';
import type { JudgedClass, JudgedScheme } from '../../../core/post/mail/judge';
import type { PostRemedy } from '../../../core/post/postRemedy';
import { classWords, postRemedyWords, rulesOf, unknownWords } from '../../../core/prose/postWords';
import { dayWords } from '../../../core/prose/dayWords';
import { costWords } from '../../../core/prose/supplyWords';
import { capitalise } from '../../../core/words/phrases';
import { KeyedButton } from '../../parts/KeyedButton';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';

/** So many changes are offered under one authority. */
const offered = 3;
const keysOf = ['c', 'v'];

/** The classes of mail of one authority, from the cheapest: what is left of each, and what brings a cheaper one. */
export function MailClasses({ schemes }: { readonly schemes: readonly JudgedScheme[] }) {
  const { plan, post, commit } = useCardSession();
  const { wanted } = plan.post;
  // The authority one posts by comes first, and has the keys.
  const order = schemes.toSorted(
    (a, b) => Number(b.of.id === wanted?.scheme) - Number(a.of.id === wanted?.scheme),
  );
  const lead = order.find(({ of }) => remediesFor(post.remedies, of.id).length > 0) ?? order[0];
  const first = lead ? remediesFor(post.remedies, lead.of.id) : [];
  const take = (at: number) => {
    const edit = first[at]?.edit;
    if (edit) commit(edit);
    return edit !== undefined;
  };
  useKeys({ c: () => take(0), v: () => take(1) });
  return (
    <div className="flex flex-col gap-4">
      {order.map((scheme) => (
        <Scheme key={scheme.of.id} scheme={scheme} hasKeys={scheme === lead} />
      ))}
    </div>
  );
}

/** The least change first, then those that give most. */
function remediesFor(remedies: readonly PostRemedy[], scheme: MailSchemeId): readonly PostRemedy[] {
  return remedies
    .filter(({ cheaper }) => cheaper[scheme] !== undefined)
    .toSorted((a, b) => a.deeds.length - b.deeds.length || b.height - a.height)
    .slice(0, offered);
}

function Scheme({ scheme, hasKeys }: { readonly scheme: JudgedScheme; readonly hasKeys: boolean }) {
  const { plan, post, unit, commit } = useCardSession();
  const { of, classes, cheapest } = scheme;
  const { wanted } = plan.post;
  const reached = cheapest ? classes.indexOf(cheapest) : classes.length;
  const want = (id: MailClassId | undefined) =>
    commit({
      kind: 'set-post',
      change: { wanted: id === undefined ? null : { scheme: of.id, class: id } },
    });
  const remedies = remediesFor(post.remedies, of.id);
  return (
    <section aria-label={of.name}>
      <p>
        <strong className="font-heading text-[17px] font-semibold">{of.name}</strong>
        <span className="text-sheet-muted pl-3">{rulesOf(of)}; check with your post office</span>
      </p>
      <ul className="border-hairline divide-hairline divide-y border-y">
        {classes.map((judged, at) => (
          <li
            key={judged.of.id}
            className={`py-1.5 pr-1 ${at === reached ? 'border-l-violet border-l-4 bg-white pl-2' : 'pl-3'}`}
          >
            <ClassRow
              judged={judged}
              isReached={at === reached}
              isWanted={wanted?.class === judged.of.id}
              onWant={(isWanted) => want(isWanted ? judged.of.id : undefined)}
            />
            {at === reached && (
              <>
                {judged.stands === 'unsure' && (
                  <p className="text-muted">{capitalise(unknownWords(judged, unit))}: ask.</p>
                )}
                {remedies.length > 0 && (
                  <div className="flex flex-wrap items-center gap-2 pt-1.5">
                    <span>Cheaper with</span>
                    {remedies.map((remedy, index) => (
                      <RemedyButton
                        key={index}
                        remedy={remedy}
                        keyName={hasKeys ? keysOf[index] : undefined}
                      />
                    ))}
                  </div>
                )}
                {reached > 0 && remedies.length === 0 && post.isLooking && (
                  <p role="status" className="text-muted">
                    Looking for what makes it cheaper…
                  </p>
                )}
              </>
            )}
          </li>
        ))}
      </ul>
      {!cheapest && <p className="text-amber">It is beyond every class there is.</p>}
    </section>
  );
}

function ClassRow({
  judged,
  isReached,
  isWanted,
  onWant,
}: {
  readonly judged: JudgedClass;
  readonly isReached: boolean;
  readonly isWanted: boolean;
  readonly onWant: (isWanted: boolean) => void;
}) {
  const { unit } = useCardSession();
  const { of, stands } = judged;
  return (
    <div className="grid grid-cols-[11rem_1fr_auto] items-baseline gap-x-3">
      <span className={isReached ? 'font-semibold' : undefined}>{of.name}</span>
      <span className={stands === 'beyond' ? 'text-amber' : 'text-muted'}>
        {[
          classWords(judged, unit),
          of.price ? `${costWords(of.price.hundredths)} each, told ${dayWords(of.price.asOf)}` : '',
          of.changedOn ? `limits told ${dayWords(of.changedOn)}` : '',
          !isReached && stands === 'unsure' ? 'not all of its limits are known' : '',
        ]
          .filter(Boolean)
          .join('; ')}
      </span>
      <label className="flex items-center gap-1">
        <input
          type="checkbox"
          aria-label={`wanted: ${of.name}`}
          checked={isWanted}
          onChange={(event) => onWant(event.target.checked)}
        />
        wanted
      </label>
    </div>
  );
}

function RemedyButton({
  remedy,
  keyName,
}: {
  readonly remedy: PostRemedy;
  readonly keyName: string | undefined;
}) {
  const { commit, unit } = useCardSession();
  const take = () => commit(remedy.edit);
  const words = postRemedyWords(remedy, unit);
  return keyName === undefined ? (
    <button type="button" className="button button-outlined" onClick={take}>
      {words}
    </button>
  ) : (
    <KeyedButton keyName={keyName} isOutlined onClick={take}>
      {words}
    </KeyedButton>
  );
}
