import type { Edit } from '../../core/plan/edit';
import type { Plan } from '../../core/plan/plan';
import type { ReplyOf } from '../../core/replies/replies';
import type { Save } from './unsaved';

/** What the server said to a save. */
export type SaveReply =
  | ReplyOf<'save'>
  /** The edits themselves cannot be kept: sent again they never will be. */
  | { readonly kind: 'refused'; readonly message: string }
  /** Nothing of this card is taken any more. */
  | { readonly kind: 'stopped'; readonly message: string };

/** What the person is told about saving. */
export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'pending' }
  /** `reason` is what the server said, where it said anything. */
  | { readonly kind: 'retrying'; readonly reason: string | undefined }
  | { readonly kind: 'stopped'; readonly message: string }
  /** The page is of an older Nibwright; what is not saved waits in the browser until it is loaded again. */
  | { readonly kind: 'old-page' }
  | { readonly kind: 'conflict'; readonly revision: number; readonly plan: Plan };

export interface SaverOptions {
  readonly revision: number;
  /** Sends one save; rejects when the server cannot be reached or fails. */
  readonly send: (save: Save) => Promise<SaveReply>;
  readonly newId: () => string;
  readonly onState: (state: SaveState, revision: number) => void;
  /** An edit was not taken and is left out; `pending` are the edits made since, which go on. */
  readonly onRefused: (refused: RefusedEdit, pending: readonly Edit[]) => void;
  /** Others' edits came in: the plan to go on from, our edits that are not in it yet, and theirs. */
  readonly onTakeOver: (plan: Plan, pending: readonly Edit[], theirs: readonly Edit[]) => void;
  /** Whether edits of ours and of others give the same in either order. */
  readonly doCommute: (ours: readonly Edit[], theirs: readonly Edit[]) => boolean;
  /** Told whenever what is not saved yet has changed, to be kept beyond a crash. */
  readonly onUnsaved?: (saves: readonly Save[]) => void;
  readonly delayMs?: number;
  readonly retryMs?: number;
}

/** An edit the server did not take, and why with what to do. */
export interface RefusedEdit {
  readonly edit: Edit;
  readonly message: string;
}

/** The server could not save just now, and said why; the same save goes again. */
export class NotNowError extends Error {}

/**
 * Sends edits half a second after the last one, one save at a time, in order. A save that got no
 * reply is sent again under the same id, so that a lost reply never counts twice. Of a save that is
 * refused each edit goes alone, so that only the one at fault is left out and what was typed after it is
 * not held up. After a conflict nothing is sent until the person has chosen.
 */
export class CardSaver {
  #revision: number;
  #waiting: Edit[] = [];
  /** The id of the save that what waits will go in, so that it counts once whoever sends it. */
  #nextId: string;
  #batch: Save | undefined;
  /** Edits of a refused save, which go one by one before what waits. */
  #alone: { readonly saveId: string; readonly edit: Edit }[] = [];
  #timer: ReturnType<typeof setTimeout> | undefined;
  #isStopped = false;
  /** The save on its way, settled once its reply has been taken in. */
  #sending: Promise<void> | undefined;
  readonly #options: SaverOptions;

  constructor(options: SaverOptions) {
    this.#options = options;
    this.#revision = options.revision;
    this.#nextId = options.newId();
  }

  get revision(): number {
    return this.#revision;
  }

  /** Whether something is not saved yet. */
  get isPending(): boolean {
    return this.#waiting.length + this.#alone.length > 0 || this.#batch !== undefined;
  }

  /** Queues an edit. */
  add(edit: Edit): void {
    this.#waiting.push(edit);
    this.#tellUnsaved();
    if (this.#isStopped) return;
    this.#options.onState({ kind: 'pending' }, this.#revision);
    this.#schedule(this.#options.delayMs ?? 500);
  }

  /**
   * Sends at once what waits, after the save that may be on its way; settles when both are answered.
   * Where no reply comes, or the person has to choose, it settles with something still pending.
   */
  async flush(): Promise<void> {
    clearTimeout(this.#timer);
    if (this.#sending) {
      await this.#sending;
      clearTimeout(this.#timer);
    }
    // Without a save on its way the request is made before anything is waited for, since the page may be leaving.
    await this.#sendNext();
  }

  /** Starts afresh from a revision, dropping what waits: the person chose the other version. */
  restart(revision: number): void {
    clearTimeout(this.#timer);
    this.#revision = revision;
    this.#waiting = [];
    this.#alone = [];
    this.#batch = undefined;
    this.#isStopped = false;
    this.#tellUnsaved();
    this.#options.onState({ kind: 'saved' }, revision);
  }

  /**
   * Takes in what others have saved; false where a save of ours is on its way, or where theirs touches what waits here:
   * the reply to our save then says how it stands.
   */
  takeIn({ revision, plan, theirs }: ReplyOf<'since'>): boolean {
    if (this.#isStopped || this.#batch || this.#alone.length > 0) return false;
    if (revision <= this.#revision || !this.#options.doCommute(this.#waiting, theirs)) return false;
    this.#revision = revision;
    this.#options.onTakeOver(plan, [...this.#waiting], theirs);
    this.#options.onState({ kind: this.#waiting.length > 0 ? 'pending' : 'saved' }, revision);
    this.#tellUnsaved();
    return true;
  }

  /** Sends nothing more; for when the page goes. */
  stop(): void {
    clearTimeout(this.#timer);
    this.#isStopped = true;
  }

  #schedule(delayMs: number): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#sendNext(), delayMs);
  }

  async #sendNext(): Promise<void> {
    if (this.#sending || this.#isStopped) return;
    this.#batch ??= this.#takeBatch();
    if (!this.#batch) return;
    this.#sending = this.#send(this.#batch);
    await this.#sending;
  }

  async #send(batch: Save): Promise<void> {
    let reply: SaveReply | undefined;
    let reason: string | undefined;
    try {
      reply = await this.#options.send(batch);
    } catch (error) {
      // No reply: the same save goes again under the same id.
      if (error instanceof NotNowError) reason = error.message;
    }
    this.#sending = undefined;
    if (reply) this.#settle(reply, batch);
    else {
      this.#options.onState({ kind: 'retrying', reason }, this.#revision);
      this.#schedule(this.#options.retryMs ?? 2000);
    }
  }

  #takeBatch(): Save | undefined {
    const baseRevision = this.#revision;
    const next = this.#alone.shift();
    if (next) return { saveId: next.saveId, baseRevision, edits: [next.edit] };
    if (this.#waiting.length === 0) return undefined;
    const batch = { saveId: this.#nextId, baseRevision, edits: this.#waiting };
    this.#waiting = [];
    this.#nextId = this.#options.newId();
    return batch;
  }

  #settle(reply: SaveReply, { edits }: Save): void {
    if (reply.kind !== 'saved' && reply.kind !== 'refused') return this.#stopAt(reply);
    this.#batch = undefined;
    if (reply.kind === 'refused') this.#leaveOut(edits, reply.message);
    const pending = this.#pending;
    if (reply.kind === 'saved') {
      this.#revision = reply.revision;
      const { plan, theirs, revision } = reply;
      // What was typed meanwhile does not know of theirs, so it may not go on top of them unseen.
      if (plan && !this.#options.doCommute(pending, theirs)) {
        this.#tellUnsaved();
        return this.#stopAt({ kind: 'conflict', revision, plan });
      }
      if (plan) this.#options.onTakeOver(plan, pending, theirs);
    }
    this.#tellUnsaved();
    const isPending = pending.length > 0;
    this.#options.onState({ kind: isPending ? 'pending' : 'saved' }, this.#revision);
    if (isPending) this.#schedule(0);
  }

  /** Sends nothing more until the person has chosen, or has loaded the page again. */
  #stopAt(state: Exclude<SaveReply, { readonly kind: 'saved' | 'refused' }>): void {
    this.#isStopped = true;
    this.#options.onState(state, this.#revision);
  }

  #leaveOut(edits: readonly Edit[], message: string): void {
    const [edit, ...others] = edits;
    if (others.length > 0) {
      const alone = edits.map((each) => ({ saveId: this.#options.newId(), edit: each }));
      this.#alone = [...alone, ...this.#alone];
    } else if (edit) this.#options.onRefused({ edit, message }, this.#pending);
  }

  /** What follows the save that may be on its way. */
  get #pending(): readonly Edit[] {
    return [...this.#alone.map(({ edit }) => edit), ...this.#waiting];
  }

  #tellUnsaved(): void {
    const baseRevision = this.#revision;
    this.#options.onUnsaved?.([
      ...(this.#batch ? [this.#batch] : []),
      ...this.#alone.map(({ saveId, edit }) => ({ saveId, baseRevision, edits: [edit] })),
      ...(this.#waiting.length > 0
        ? [{ saveId: this.#nextId, baseRevision, edits: [...this.#waiting] }]
        : []),
    ]);
  }
}
