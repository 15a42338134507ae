import { useEffect, useMemo, useRef, useState } from 'react';
import { usedLibrary } from '../../core/kinds/usedLibrary';
import type { Library } from '../../core/plan/library';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Plan } from '../../core/plan/plan';
import type { Ended } from '../../workers/answerInTurn';
import { useRested } from './useRested';

/** A card for a worker to look at, in place of the one before. */
export interface CardQuestion {
  /** Comes back with each reply. */
  readonly number: number;
  readonly plan: Plan;
  /** What the card uses, and what else was asked for. */
  readonly library: Library;
}

/** That it could not be worked out. */
export interface FailedReply {
  readonly kind: 'failed';
  readonly number: number;
  readonly message: string;
}

export interface CardWorkerInput<Reply, Told> {
  readonly plan: Plan;
  readonly library: Library;
  /** What else of the library is sent; the same list as long as nothing has changed. */
  readonly beside?: readonly LibraryItem[];
  /** What goes with the question; asked anew where it is another object. */
  readonly more?: object;
  /** It is seen now; elsewhere it is looked at once the card stands still. */
  readonly isLooked: boolean;
  readonly start: () => Worker;
  /** What is known after a reply. */
  readonly take: (before: Told | undefined, reply: Exclude<Reply, FailedReply>) => Told | undefined;
}

/** What a worker has told of a card, as far as it is worked out. */
export interface CardWorker<Told> {
  /** The last that was worked out; undefined while none was. */
  readonly told: Told | undefined;
  /** It is of the card as it was before. */
  readonly isOld: boolean;
  readonly hasFailed: boolean;
  /** There is more to come of the card as it is now. */
  readonly isWorking: boolean;
  /** It was ended by hand; what was told by then stays. */
  readonly isStopped: boolean;
  readonly stop: () => void;
  readonly resume: () => void;
}

/** So long a card must stand still before it is looked at while somebody is elsewhere. */
const restMilliseconds = 700;

/** A card that was just opened is on screen by then. */
const settlingMilliseconds = 1500;

const nothing: readonly LibraryItem[] = [];

/** Has a card looked at in a worker whenever it has changed; the next change ends what is under way. */
export function useCardWorker<
  Reply extends { readonly number: number; readonly kind: string },
  Told,
>({
  plan,
  library,
  beside = nothing,
  more,
  isLooked,
  start,
  take,
}: CardWorkerInput<Reply, Told>): CardWorker<Told> {
  const rested = useRested(plan, restMilliseconds);
  const [isSettled, setSettled] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(true), settlingMilliseconds);
    return () => clearTimeout(timer);
  }, []);
  const isWanted = isSettled || isLooked;
  const now = isLooked ? plan : rested;
  const used = useSameList(
    useMemo(() => [...new Set([...usedLibrary(now, library), ...beside])], [now, library, beside]),
  );
  const worker = useRef<Worker>(undefined);
  const asked = useRef(0);
  const [told, setTold] = useState<{ readonly of: Plan; readonly what: Told }>();
  const [failed, setFailed] = useState<Plan>();
  /** The plan, and what went with the question, of which all is told, or which was stopped. */
  const [ended, setEnded] = useState<Asked>();
  const [stopped, setStopped] = useState<Asked>();
  const isStopped = isOf(stopped, now, more);
  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = undefined;
    },
    [],
  );
  useEffect(() => {
    if (!isWanted || isStopped) return undefined;
    const number = (asked.current += 1);
    const port = (worker.current ??= start());
    const listen = ({ data }: MessageEvent<Reply | Ended>) => {
      if (data.number !== number) return;
      if (data.kind === 'ended') {
        setEnded({ plan: now, more });
        return;
      }
      if (isFailed(data)) {
        console.error(`useCardWorker: ${data.message}`);
        setFailed(now);
        return;
      }
      setTold((before) => {
        const what = take(before?.what, data as Exclude<Reply, FailedReply>);
        return what === undefined ? before : { of: now, what };
      });
    };
    const fail = () => setFailed(now);
    port.addEventListener('message', listen);
    port.addEventListener('error', fail);
    port.postMessage({ ...more, number, plan: now, library: used } satisfies CardQuestion);
    return () => {
      port.removeEventListener('message', listen);
      port.removeEventListener('error', fail);
    };
  }, [isWanted, isStopped, now, used, more, start, take]);
  return {
    told: told?.what,
    isOld: told !== undefined && told.of !== plan,
    hasFailed: failed === now,
    isWorking: isWanted && !isStopped && failed !== now && !isOf(ended, now, more),
    isStopped,
    stop: () => {
      worker.current?.terminate();
      worker.current = undefined;
      setStopped({ plan: now, more });
    },
    resume: () => setStopped(undefined),
  };
}

/** What was asked. */
interface Asked {
  readonly plan: Plan;
  readonly more: object | undefined;
}

function isOf(asked: Asked | undefined, plan: Plan, more: object | undefined): boolean {
  return asked !== undefined && asked.plan === plan && asked.more === more;
}

function isFailed(reply: { readonly kind: string }): reply is FailedReply {
  return reply.kind === 'failed';
}

/** A list that stays the same object while its things do. */
function useSameList<Thing>(list: readonly Thing[]): readonly Thing[] {
  const [kept, setKept] = useState(list);
  const isAlike = kept.length === list.length && kept.every((each, at) => each === list[at]);
  if (!isAlike) setKept(list);
  return isAlike ? kept : list;
}
