import { useMemo, useState } from 'react';
import type { CardFile } from '../../../core/plan/cardFile';
import { withCopies } from '../../../core/plan/withCopies';
import type { JointPlan, JointStage } from '../../../core/process/planTogether';
import { stepWords } from '../../../core/process/stepWords';
import { togetherHeading, togetherNotes } from '../../../core/prose/togetherWords';
import { minutesWords } from '../../../core/prose/timeWords';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import { joinWords } from '../../../core/words/phrases';
import { CopiesField } from '../../parts/CopiesField';
import { Select } from '../../parts/Select';
import { useCardSession } from '../../session/CardSession';
import { useCardFiles } from '../../session/useCardFiles';
import { useWorkerStream } from '../../session/useWorkerStream';
import type { MakeWorker } from '../../planning/planner';
import { StageHead } from './StageHead';
import { useSharing } from './useSharing';

const makeTogetherWorker: MakeWorker = () =>
  new Worker(new URL('../../../workers/togetherWorker.ts', import.meta.url), { type: 'module' });

/** This card and another one at once: what both need is got ready once. */
export function TogetherView() {
  const { cardId, plan } = useCardSession();
  const { cards, failure } = useSharing(cardId);
  const [chosen, setChosen] = useState<string>();
  const [wanted, setWanted] = useState<number>();
  const other = cards?.find(({ id }) => id === chosen);
  const ids = useMemo(() => (chosen === undefined ? [] : [chosen]), [chosen]);
  const { files, failed } = useCardFiles(ids);
  const isUnread = chosen !== undefined && failed.includes(chosen);
  return (
    <section aria-label="Together with another card">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 pb-2">
        <label className="flex items-baseline gap-2">
          {plan.about.title} together with
          <Select
            className="in-place max-w-80"
            value={chosen ?? ''}
            onChange={(event) => {
              setChosen(event.target.value === '' ? undefined : event.target.value);
              setWanted(undefined);
            }}
          >
            <option value="">no other card</option>
            {cards?.map(({ id, title, shared }) => (
              <option key={id} value={id}>
                {title} ({joinWords(shared.slice(0, mostShared))}
                {shared.length > mostShared ? `, ${shared.length - mostShared} more` : ''})
              </option>
            ))}
          </Select>
        </label>
        {other && (
          <CopiesField
            key={other.id}
            copies={wanted ?? other.copies}
            onCommit={(count) => setWanted(count)}
          />
        )}
      </div>
      {failure && (
        <p role="alert" className="text-pencil">
          {failure}
        </p>
      )}
      {!cards && !failure && <p role="status">Looking for cards with the same inks…</p>}
      {cards?.length === 0 && <p>No other card is made with an ink, powder or pen of this one.</p>}
      {isUnread && (
        <p role="alert" className="text-pencil">
          That card could not be read. Choose another, or load the page again.
        </p>
      )}
      {other && !isUnread && (
        <Together key={other.id} file={files.get(other.id)} copies={wanted ?? other.copies} />
      )}
    </section>
  );
}

/** So many shared things are told by name. */
const mostShared = 3;

interface TogetherProps {
  /** The other card; undefined while it is on its way. */
  readonly file: CardFile | undefined;
  readonly copies: number;
}

function Together({ file, copies }: TogetherProps) {
  const { plan, library, card, ahead, process } = useCardSession();
  const { time } = process;
  const other = useMemo(
    () => file && { plan: withCopies(file.plan, copies), library: file.library },
    [file, copies],
  );
  const question = useMemo(
    () => other && { cards: [{ plan, library, ahead: ahead.ahead }, other], time },
    [plan, library, ahead.ahead, other, time],
  );
  const { parts, state, stop, again } = useWorkerStream<JointPlan>(question, makeTogetherWorker);
  const [joint] = parts;
  const cards = useMemo(
    () => other && [card, resolvePlan(other.plan, other.library)],
    [card, other],
  );
  if (state === 'failed')
    return (
      <p role="status">
        The two could not be planned together. Change something on the card, or load the page again.
      </p>
    );
  if (!joint || !cards || !other)
    return (
      <p role="status" className="flex items-center gap-3">
        {state === 'stopped' ? 'Stopped.' : 'Planning both together…'}
        <button type="button" className="button" onClick={state === 'stopped' ? again : stop}>
          {state === 'stopped' ? 'Begin anew' : 'Stop'}
        </button>
      </p>
    );
  const names = [plan, other.plan].map(({ about, making }) => ({
    ...{ title: about.title, copies: making.copies },
  }));
  return (
    <>
      <p className="pb-2">
        <strong className="font-heading pr-4 text-[17px] font-semibold">
          {togetherHeading(joint, names)}
        </strong>
        <span className="text-sheet-muted">{togetherNotes(joint)}</span>
      </p>
      <JointTable joint={joint} cards={cards} titles={names.map(({ title }) => title)} />
    </>
  );
}

/** Minutes from which it is told what is saved at a stage. */
const leastSaved = 0.25;

interface TableProps {
  readonly joint: JointPlan;
  readonly cards: readonly ResolvedCard[];
  readonly titles: readonly string[];
}

function JointTable({ joint, cards, titles }: TableProps) {
  return (
    <table className="w-full">
      <StageHead figures={['saved', 'all']} />
      <tbody>
        {joint.stages.map((stage, at) => (
          <tr key={stage.step.id} className="border-hairline border-b align-baseline">
            <td className="font-heading text-[17px] font-semibold">{at + 1}</td>
            <td className="py-1 pr-3">
              {stageLines(stage, cards).map(({ card, words }) => (
                <span key={card} className="block">
                  <strong>{words}</strong> <span className="text-sheet-muted">{titles[card]}</span>
                </span>
              ))}
            </td>
            <td className="text-sheet-muted pr-3">{stage.step.things.join(', ')}</td>
            <td className="text-right whitespace-nowrap">
              {stage.saved >= leastSaved && minutesWords(stage.saved)}
            </td>
            <td className="pl-3 text-right font-semibold whitespace-nowrap">
              {minutesWords(stage.step.minutes.usual)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function stageLines({ parts }: JointStage, cards: readonly ResolvedCard[]) {
  return parts.flatMap(({ card, stage }) => {
    const own = cards[card];
    return own ? [{ card, words: joinWords(stage.steps.map((each) => stepWords(each, own))) }] : [];
  });
}
