import { useEffect, useMemo, useRef, useState } from 'react';
import type { SentCard } from '../../core/compute/sendCard';
import type { CardFile } from '../../core/plan/cardFile';
import type { CardId } from '../../core/plan/ids';
import type { Library } from '../../core/plan/library';
import type { Holding } from '../../core/stash/holding';
import type { HouseMail } from '../../core/stash/houseMail';
import type { Ended } from '../../workers/answerInTurn';
import type { SendingQuestion, SendingReply } from '../../workers/sendingMessages';

export interface Sending {
  readonly sent: ReadonlyMap<CardId, SentCard>;
  /** How many of the cards are still to be worked out. */
  readonly left: number;
  readonly hasFailed: boolean;
}

interface Input {
  readonly files: readonly CardFile[];
  /** What cards are sent in is of this. */
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly mail: HouseMail;
  /** False while the stash is not whole. */
  readonly isReady: boolean;
}

/** What sends cards, worked out in a worker one after the other; each once, as long as the stash stays as it is. */
export function useSending({ files, library, holdings, mail, isReady }: Input): Sending {
  const beside = useMemo(
    () => library.filter(({ kind }) => kind === 'envelope' || kind === 'stock'),
    [library],
  );
  const of = useMemo(() => ({ beside, holdings, mail }), [beside, holdings, mail]);
  const [known, setKnown] = useState<Known>();
  const [failed, setFailed] = useState<object>();
  const worker = useRef<Worker>(undefined);
  const asked = useRef(0);
  // The same as what is shown, for the question that is asked next.
  const last = useRef<Known>(undefined);
  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = undefined;
    },
    [],
  );
  useEffect(() => {
    const before = sentOf(last.current, of);
    const wanted = files.filter(({ id }) => !before.has(id));
    if (!isReady || wanted.length === 0) return undefined;
    const number = (asked.current += 1);
    const port = (worker.current ??= new Worker(
      new URL('../../workers/sendingWorker.ts', import.meta.url),
      { type: 'module' },
    ));
    const listen = ({ data }: MessageEvent<SendingReply | Ended>) => {
      if (data.number !== number || data.kind === 'ended') return;
      if (data.kind === 'failed') {
        console.error(`useSending: ${data.message}`);
        setFailed(of);
        return;
      }
      last.current = { of, sent: new Map([...sentOf(last.current, of), [data.id, data.sent]]) };
      setKnown(last.current);
    };
    const fail = () => setFailed(of);
    port.addEventListener('message', listen);
    port.addEventListener('error', fail);
    const cards = wanted.map(({ id, plan, library: own }) => ({ id, plan, library: own }));
    port.postMessage({
      ...{ number, cards, library: beside },
      holdings,
      mail,
    } satisfies SendingQuestion);
    return () => {
      port.removeEventListener('message', listen);
      port.removeEventListener('error', fail);
    };
  }, [files, of, beside, holdings, mail, isReady]);
  const sent = sentOf(known, of);
  const left = files.filter(({ id }) => !sent.has(id)).length;
  return { sent, left, hasFailed: failed === of };
}

/** What is worked out of one stash. */
interface Known {
  readonly of: object;
  readonly sent: Sending['sent'];
}

const sentOf = (known: Known | undefined, of: object): Sending['sent'] =>
  known?.of === of ? known.sent : nothing;

const nothing: Sending['sent'] = new Map();
