import { useCallback, useEffect, useRef, useState } from 'react';
import { applyEdit } from '../../core/plan/applyEdit';
import type { Edit } from '../../core/plan/edit';
import { editsCommute } from '../../core/plan/editTouches';
import type { Plan } from '../../core/plan/plan';
import { whenIdle } from '../parts/whenIdle';
import type { HouseEvent } from '../../core/replies/replies';
import { getJson } from '../wire/postJson';
import { CardSaver, type RefusedEdit, type SaveState } from './cardSaver';
import { sendSave } from './sendSave';
import { UnsavedKeeper, type Unsaved } from './unsaved';

/** Where saving stands, and who else is at the card. */
export interface Saving {
  readonly saveState: SaveState;
  readonly savedAt: Date | undefined;
  readonly revision: number;
  /** Queues an edit that was made. */
  readonly add: (edit: Edit) => void;
  /** Saves at once what waits; settles when the server has answered. */
  readonly flush: () => Promise<void>;
  /** Goes on from a revision and drops what waits; nothing warns of it any more when the page is left. */
  readonly restart: (revision: number) => void;
  /** Edits that were not taken and are left out of the plan, until the person has read why. */
  readonly refused: readonly RefusedEdit[];
  readonly forgetRefused: () => void;
  /** Others who have the card open, by name; null for who gave none. */
  readonly people: readonly (string | null)[];
  /** The page is of an older Nibwright than the server. */
  readonly isOldPage: boolean;
  /** What an earlier page left unsaved and others have changed since: the person decides. */
  readonly undecided: Undecided | undefined;
}

export interface Undecided {
  readonly unsaved: Unsaved;
  /** Why it was not taken; undefined where others changed the same. */
  readonly reason: string | undefined;
  /** Lets it go, when it was kept otherwise or is not wanted. */
  readonly forget: () => void;
}

interface Options {
  readonly cardId: string;
  /** As the server sent it. */
  readonly plan: Plan;
  readonly revision: number;
  /** The build of the server that drew the page. */
  readonly build: string;
  /** As it is here, with what is not saved yet. */
  readonly planHere: () => Plan;
  /** The plan to go on from, and others' edits in it. */
  readonly onPlan: (plan: Plan, theirs: readonly Edit[]) => void;
}

/** What others saved is asked for again after so long, where the answer was lost. */
const catchUpAgainMilliseconds = 3000;

/** Saves one card, keeps what is not saved beyond a crash, and hears of others who save it. */
export function useSaving(options: Options): Saving {
  const { cardId, plan, revision: start, build, planHere, onPlan } = options;
  const [saveState, setSaveState] = useState<SaveState>({ kind: 'saved' });
  const [revision, setRevision] = useState(start);
  const [savedAt, setSavedAt] = useState<Date>();
  const [refused, setRefused] = useState<readonly RefusedEdit[]>([]);
  const [people, setPeople] = useState<Saving['people']>([]);
  const [isOldPage, setOldPage] = useState(false);
  const [undecided, setUndecided] = useState<Omit<Undecided, 'forget'>>();
  /** The plan as the server has it: what is left when an edit is not taken. */
  const onServer = useRef(plan);
  const saver = useRef<CardSaver>(undefined);

  useEffect(() => {
    const keeper = new UnsavedKeeper(cardId);
    const ending = new AbortController();
    /** When it is asked again what others saved. */
    let later: ReturnType<typeof setTimeout> | undefined;
    /** Others may have saved while one's own save was on its way. */
    let isBehind = false;
    /** The newest revision one has heard of. */
    let heard = start;
    const created: CardSaver = new CardSaver({
      revision: start,
      send: async (save) => {
        const reply = await sendSave(cardId, save);
        if (reply.kind === 'saved')
          onServer.current = reply.plan ?? save.edits.reduce(applyIfPossible, onServer.current);
        return reply;
      },
      newId: () => crypto.randomUUID(),
      onState: (state, at) => {
        setSaveState(state);
        setRevision(at);
        if (state.kind === 'old-page') setOldPage(true);
        if (state.kind !== 'saved') return;
        setSavedAt(new Date());
        if (heard > at || isBehind) void catchUp();
      },
      onRefused: (edit, pending) => {
        setRefused((before) => [...before, edit]);
        onPlan(pending.reduce(applyIfPossible, onServer.current), []);
      },
      onTakeOver: (next, pending, theirs) => {
        onServer.current = next;
        onPlan(pending.reduce(applyIfPossible, next), theirs);
      },
      doCommute: (ours, theirs) => editsCommute(onServer.current, ours, theirs),
      onUnsaved: (saves) => keeper.keep(saves, planHere()),
    });
    saver.current = created;
    const catchUp = async () => {
      // Who saves hears with the reply how things stood as it was taken; what came after that is asked for then.
      isBehind = created.isPending;
      if (isBehind) return;
      clearTimeout(later);
      const reply = await getJson(`/api/cards/${cardId}/edits?after=${created.revision}`, 'since');
      if (reply.ok) {
        // What cannot be taken in while a save of one's own is on its way is asked for again after it.
        heard = Math.max(heard, reply.body.revision);
        created.takeIn(reply.body);
      } else if (!ending.signal.aborted)
        later = setTimeout(() => void catchUp(), catchUpAgainMilliseconds);
    };
    // What hears of others and looks for what was left comes after the first drawing.
    const recover = async () => {
      const [{ recoverUnsaved }, { sendUnsaved }] = await Promise.all([
        import('./recoverUnsaved'),
        import('./sendUnsaved'),
      ]);
      const recoveries = await recoverUnsaved(sendUnsaved, cardId);
      for (const recovery of recoveries)
        if (recovery.kind === 'undecided')
          setUndecided({ unsaved: recovery.unsaved, reason: recovery.reason });
      if (recoveries.some(({ kind }) => kind === 'saved')) await catchUp();
    };
    const hear = (event: HouseEvent) => {
      switch (event.kind) {
        case 'hello':
          setOldPage((isOld) => isOld || event.build !== build);
          void catchUp();
          return;
        case 'saved':
          if (event.cardId !== cardId) return;
          heard = Math.max(heard, event.revision);
          if (heard > created.revision) void catchUp();
          return;
        case 'present':
          if (event.cardId === cardId) setPeople(event.people);
          return;
        default:
          throw new TypeError(`useSaving: unknown event ${JSON.stringify(event satisfies never)}`);
      }
    };
    const join = async () => {
      const { joinHouse } = await import('../wire/houseStream');
      if (!ending.signal.aborted) ending.signal.addEventListener('abort', joinHouse(cardId, hear));
    };
    const calm = whenIdle(() => {
      // Without them saving goes on as ever.
      join().catch(() => undefined);
      recover().catch(() => undefined);
    });
    const flush = () => void created.flush();
    const warn = (event: BeforeUnloadEvent) => {
      if (!created.isPending) return;
      flush();
      event.preventDefault();
    };
    window.addEventListener('pagehide', flush);
    window.addEventListener('beforeunload', warn);
    return () => {
      window.removeEventListener('pagehide', flush);
      window.removeEventListener('beforeunload', warn);
      calm();
      ending.abort();
      clearTimeout(later);
      void created.flush().finally(() => created.stop());
    };
  }, [cardId, start, build, planHere, onPlan]);

  return {
    saveState,
    savedAt,
    revision,
    add: useCallback((edit) => saver.current?.add(edit), []),
    flush: useCallback(async () => saver.current?.flush(), []),
    restart: useCallback((at) => saver.current?.restart(at), []),
    refused,
    forgetRefused: useCallback(() => setRefused([]), []),
    people,
    isOldPage,
    undecided: undecided && {
      ...undecided,
      forget: () => {
        setUndecided(undefined);
        void import('./recoverUnsaved').then(({ forgetUnsaved }) =>
          forgetUnsaved(undecided.unsaved),
        );
      },
    },
  };
}

export function applyIfPossible(plan: Plan, edit: Edit): Plan {
  const outcome = applyEdit(plan, edit);
  return outcome.ok ? outcome.plan : plan;
}
