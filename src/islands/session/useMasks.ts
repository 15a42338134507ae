import { useEffect, useMemo, useRef, useState } from 'react';
import type { MaskChoice } from '../../core/compute/maskChoices';
import type { MaskMove } from '../../core/compute/maskMoves';
import { usedLibrary } from '../../core/kinds/usedLibrary';
import type { MaskPlan } from '../../core/masking/maskCard';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import type { MaskingQuestion, MaskingReply } from '../../workers/maskingMessages';
import { useRested } from './useRested';

/** Which masks a card takes, as far as that is worked out. */
export interface Masks {
  /** The last that was worked out; undefined while none was. */
  readonly plan: MaskPlan | undefined;
  /** It is of the card as it was before. */
  readonly isOld: boolean;
  /** What comes of deciding otherwise. */
  readonly choices: readonly MaskChoice[];
  /** Moves that save a mask, as they are found. */
  readonly moves: readonly MaskMove[];
  /** Such moves are still looked for. */
  readonly isLooking: boolean;
  readonly hasFailed: boolean;
}

interface Told extends Omit<Masks, 'isOld' | 'hasFailed'> {
  /** The card it is of. */
  readonly of: Plan;
}

/** So long a card must stand still before its masks are looked at while somebody is elsewhere. */
const restMilliseconds = 700;

/** A card that was just opened is on screen by then. */
const settlingMilliseconds = 1500;

/** Works out the masks of a card in a worker whenever it has changed. @param isLooked they are seen now */
export function useMasks(plan: Plan, library: Library, isLooked: boolean): Masks {
  const rested = useRested(plan, restMilliseconds);
  const [isSettled, setSettled] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(true), settlingMilliseconds);
    return () => clearTimeout(timer);
  }, []);
  const isWanted = isSettled || isLooked;
  const now = isLooked ? plan : rested;
  const used = useAlike(useMemo(() => usedLibrary(now, library), [now, library]));
  const worker = useRef<Worker>(undefined);
  const asked = useRef(0);
  const [told, setTold] = useState<Told>();
  const [failed, setFailed] = useState<Plan>();
  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = undefined;
    },
    [],
  );
  useEffect(() => {
    if (!isWanted) return undefined;
    const number = (asked.current += 1);
    const port = (worker.current ??= new Worker(
      new URL('../../workers/maskingWorker.ts', import.meta.url),
      { type: 'module' },
    ));
    const listen = ({ data }: MessageEvent<MaskingReply>) => {
      if (data.number !== number) return;
      if (data.kind !== 'failed') return setTold((before) => joined(before, now, data));
      console.error(`useMasks: ${data.message}`);
      setFailed(now);
    };
    const fail = () => setFailed(now);
    port.addEventListener('message', listen);
    port.addEventListener('error', fail);
    port.postMessage({ number, plan: now, library: used } satisfies MaskingQuestion);
    return () => {
      port.removeEventListener('message', listen);
      port.removeEventListener('error', fail);
    };
  }, [isWanted, now, used]);
  return {
    plan: told?.plan,
    isOld: told !== undefined && told.of !== plan,
    choices: told?.choices ?? [],
    moves: told?.moves ?? [],
    isLooking: told === undefined || told.isLooking,
    hasFailed: failed === now,
  };
}

function joined(
  before: Told | undefined,
  of: Plan,
  reply: Exclude<MaskingReply, { readonly kind: 'failed' }>,
): Told | undefined {
  if (reply.kind === 'masks')
    return { of, plan: reply.masks, choices: [], moves: [], isLooking: true };
  if (!before) return before;
  switch (reply.kind) {
    case 'choices':
      return { ...before, choices: reply.choices };
    case 'move':
      return { ...before, moves: [...before.moves, reply.move] };
    case 'done':
      return { ...before, isLooking: false };
    default:
      throw new TypeError(`useMasks: unknown reply ${String(reply satisfies never)}`);
  }
}

/** A list that stays the same object while its things do. */
function useAlike<Thing>(list: readonly Thing[]): readonly Thing[] {
  const [kept, setKept] = useState(list);
  const isAlike = kept.length === list.length && kept.every((each, at) => each === list[at]);
  if (!isAlike) setKept(list);
  return isAlike ? kept : list;
}
