import { useCallback, useEffect, useMemo, useState } from 'react';
import { itemRefs } from '../../core/kinds/usedLibrary';
import { editBetween } from '../../core/plan/editBetween';
import { useKeys } from '../parts/useKeys';
import { getJson } from '../wire/postJson';
import { changeSentences } from '../words/changeSentences';
import type { ChangeWords } from '../words/changeWords';
import { clockWords, momentDay } from '../words/momentWords';
import type { ReplyOf } from '../../core/replies/replies';
import { useCardSession } from '../session/CardSession';
import { CompareVersions } from './CompareVersions';
import { sittingsOf, walkRevisions, type WalkedRevision } from './walkRevisions';
import { Select } from '../parts/Select';

type Loaded = ReplyOf<'revisions'>;

/** Every save of the card with what it changed; two versions side by side; an old one taken back. */
export function Revisions() {
  const session = useCardSession();
  const { cardId, plan, card, revision, library, releases, unit, flush, commit, needItems } =
    session;
  const [loaded, setLoaded] = useState<Loaded>();
  const [failure, setFailure] = useState('');
  const [chosen, setChosen] = useState<number>();
  const [beside, setBeside] = useState<number>();

  const load = useCallback(
    async (before?: number) => {
      await flush();
      const reply = await fetchRun(cardId, before);
      if (typeof reply === 'string') return setFailure(reply);
      setFailure('');
      setLoaded((now) =>
        before !== undefined && now
          ? { ...reply, revisions: [...reply.revisions, ...now.revisions] }
          : reply,
      );
    },
    [cardId, flush],
  );
  // A save made here, such as a restored revision, comes into the list.
  useEffect(() => void load(), [load, revision]);

  const walked = useMemo(
    () => (loaded ? walkRevisions(loaded.start, loaded.revisions, library) : []),
    [loaded, library],
  );
  useEffect(
    () => needItems(walked.flatMap(({ version }) => itemRefs(version.plan))),
    [needItems, walked],
  );
  const newestFirst = walked.toReversed();
  const current =
    walked.find(({ number }) => number === chosen) ?? newestFirst[1] ?? newestFirst[0];
  const other = walked.find(({ number }) => number === beside);
  const now = { plan, card };
  const back = current && editBetween(plan, current.version.plan);
  const isLikeNow = back?.kind === 'batch' && back.edits.length === 0;
  const restore = () => {
    if (!back || isLikeNow) return false;
    commit(back);
    return true;
  };
  const walk = (rows: number) => {
    const at = newestFirst.findIndex(({ number }) => number === current?.number);
    const next = newestFirst[Math.max(0, Math.min(newestFirst.length - 1, at + rows))];
    if (!next) return false;
    setChosen(next.number);
    document.querySelector<HTMLElement>(`[data-revision="${next.number}"]`)?.focus();
    return true;
  };
  useKeys({ ArrowUp: () => walk(-1), ArrowDown: () => walk(1), t: restore });

  if (!loaded)
    return (
      <p role="status" className="p-[18px]">
        {failure || 'Reading the revisions…'}
      </p>
    );
  const [oldest] = loaded.revisions;
  return (
    <div className="grid grid-cols-[minmax(340px,5fr)_minmax(480px,7fr)] gap-8 px-[18px] py-5">
      <section aria-label="Revisions, newest first">
        {failure !== '' && (
          <p role="alert" className="text-pencil pb-3">
            {failure}
          </p>
        )}
        {sittingsOf(walked).map((sitting) => {
          const [last] = sitting.revisions;
          const first = sitting.revisions.at(-1);
          if (!last || !first) return null;
          const author = loaded.designers.find(({ id }) => id === sitting.author)?.name;
          return (
            <div key={first.number} className="pb-5">
              <h2 className="border-ink border-b pb-1 text-[17px]">
                {momentDay(first.at)}
                <span className="text-sheet-muted font-sans text-[16px] font-normal">
                  , {author ?? 'no name given'}
                </span>
              </h2>
              <ul>
                {sitting.revisions.map((each) => (
                  <RevisionRow
                    key={each.number}
                    revision={each}
                    isChosen={each.number === current?.number}
                    sentences={sentencesOf(each, {
                      unit,
                      library,
                      releases,
                      designers: loaded.designers,
                    })}
                    onChoose={() => setChosen(each.number)}
                  />
                ))}
              </ul>
            </div>
          );
        })}
        {oldest && oldest.number > 1 && (
          <button type="button" className="button" onClick={() => void load(oldest.number)}>
            Older ones
          </button>
        )}
      </section>
      {current && (
        <section aria-label="Two versions side by side" className="min-w-0">
          <div className="flex flex-wrap items-center gap-x-4 gap-y-2 pb-4">
            <h2 className="text-xl">Revision {current.number}</h2>
            <label className="flex gap-2">
              <span className="text-sheet-muted">beside</span>
              <Select
                className="in-place"
                value={other?.number ?? 'now'}
                onChange={(event) =>
                  setBeside(event.target.value === 'now' ? undefined : Number(event.target.value))
                }
              >
                <option value="now">the card as it is now</option>
                {newestFirst.map(({ number }) => (
                  <option key={number} value={number}>
                    revision {number}
                  </option>
                ))}
              </Select>
            </label>
            <span className="ml-auto flex items-center gap-2">
              <button
                type="button"
                className="button button-outlined"
                disabled={isLikeNow}
                onClick={restore}
              >
                {isLikeNow ? 'The same as now' : `Restore revision ${current.number}`}
              </button>
              <kbd className="key">t</kbd>
            </span>
          </div>
          <CompareVersions
            left={current.version}
            right={other?.version ?? now}
            leftName={`Revision ${current.number}`}
            rightName={other ? `Revision ${other.number}` : 'Now'}
            unit={unit}
          />
        </section>
      )}
    </div>
  );
}

interface RowProps {
  readonly revision: WalkedRevision;
  readonly isChosen: boolean;
  readonly sentences: readonly string[];
  readonly onChoose: () => void;
}

function RevisionRow({ revision, isChosen, sentences, onChoose }: RowProps) {
  const { number, at } = revision;
  return (
    <li>
      <button
        type="button"
        data-revision={number}
        aria-pressed={isChosen}
        className="border-hairline hover:bg-chrome aria-pressed:border-l-violet grid w-full grid-cols-[3rem_4rem_1fr] items-baseline border-b border-l-4 border-l-transparent py-1 pl-2 text-left aria-pressed:bg-white"
        onClick={onChoose}
      >
        <span className="font-semibold">{number}</span>
        <span className="text-sheet-muted">{clockWords(new Date(at))}</span>
        <span>
          {sentences.map((sentence) => (
            <span key={sentence} className="block">
              {sentence}
            </span>
          ))}
        </span>
      </button>
    </li>
  );
}

function sentencesOf(
  { number, changes, version }: WalkedRevision,
  names: Omit<ChangeWords, 'pieceName'>,
): readonly string[] {
  if (changes.length === 0) return [number === 1 ? 'the card was made' : 'saved without a change'];
  const pieceName = (id: string) =>
    version.plan.pieces.find((piece) => piece.id === id)?.name ?? 'a piece since removed';
  return changes.flatMap((change) => changeSentences(change, { ...names, pieceName }));
}

async function fetchRun(cardId: string, before: number | undefined): Promise<Loaded | string> {
  const query = before === undefined ? '' : `?before=${before}`;
  const reply = await getJson(`/api/cards/${cardId}/revisions${query}`, 'revisions');
  return reply.ok ? reply.body : reply.message;
}
