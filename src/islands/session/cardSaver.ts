import type { Edit } from '../../core/plan/edit';
import type { Plan } from '../../core/plan/plan';

/** What the server said to a save. */
export type SaveReply =
  | { readonly kind: 'saved'; readonly revision: number; readonly plan: Plan | null }
  | { readonly kind: 'conflict'; readonly revision: number; readonly plan: Plan }
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
  | { readonly kind: 'conflict'; readonly revision: number; readonly plan: Plan };

export interface SaverOptions {
  readonly revision: number;
  /** Sends one save; rejects when the server cannot be reached or fails. */
  readonly send: (save: {
    readonly saveId: string;
    readonly baseRevision: number;
    readonly edits: readonly Edit[];
  }) => Promise<SaveReply>;
  readonly newId: () => string;
  readonly onState: (state: SaveState, revision: number) => void;
  /** An edit was not taken and is left out; `pending` are the edits made since, which go on. */
  readonly onRefused: (refused: RefusedEdit, pending: readonly Edit[]) => void;
  /** Others' edits came in: the plan to go on from, and our edits that are not in it yet. */
  readonly onTakeOver: (plan: Plan, pending: readonly Edit[]) => void;
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

interface Batch {
  readonly saveId: string;
  readonly baseRevision: number;
  readonly edits: readonly Edit[];
}

/**
 * Sends edits half a second after the last one, one save at a time, in order. A save that got no
 * reply is sent again under the same id, so that a lost reply never counts twice. Of a save that is
 * refused each edit goes alone, so that only the one at fault is left out and what was typed after it is
 * not held up. After a conflict nothing is sent until the person has chosen.
 */
export class CardSaver {
  #revision: number;
  #waiting: Edit[] = [];
  #batch: Batch | undefined;
  /** Edits of a refused save, which go one by one before what waits. */
  #alone: Edit[] = [];
  #timer: ReturnType<typeof setTimeout> | undefined;
  #isStopped = false;
  /** The save on its way, settled once its reply has been taken in. */
  #sending: Promise<void> | undefined;
  readonly #options: SaverOptions;

  constructor(options: SaverOptions) {
    this.#options = options;
    this.#revision = options.revision;
  }

  /** Whether something is not saved yet. */
  get isPending(): boolean {
    return this.#waiting.length + this.#alone.length > 0 || this.#batch !== undefined;
  }

  /** Queues an edit. */
  add(edit: Edit): void {
    this.#waiting.push(edit);
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
    await this.#sending;
    clearTimeout(this.#timer);
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
    this.#options.onState({ kind: 'saved' }, revision);
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

  async #send(batch: Batch): Promise<void> {
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

  #takeBatch(): Batch | undefined {
    const next = this.#alone.shift();
    const edits = next ? [next] : this.#waiting;
    if (edits.length === 0) return undefined;
    if (!next) this.#waiting = [];
    return { saveId: this.#options.newId(), baseRevision: this.#revision, edits };
  }

  #settle(reply: SaveReply, { edits }: Batch): void {
    if (reply.kind === 'conflict' || reply.kind === 'stopped') {
      this.#isStopped = true;
      this.#options.onState(reply, this.#revision);
      return;
    }
    this.#batch = undefined;
    if (reply.kind === 'refused') this.#leaveOut(edits, reply.message);
    else this.#revision = reply.revision;
    const pending = [...this.#alone, ...this.#waiting];
    if (reply.kind === 'saved' && reply.plan) this.#options.onTakeOver(reply.plan, pending);
    const isPending = pending.length > 0;
    this.#options.onState({ kind: isPending ? 'pending' : 'saved' }, this.#revision);
    if (isPending) this.#schedule(0);
  }

  #leaveOut(edits: readonly Edit[], message: string): void {
    const [edit, ...others] = edits;
    if (others.length > 0) this.#alone = [...edits, ...this.#alone];
    else if (edit) this.#options.onRefused({ edit, message }, [...this.#alone, ...this.#waiting]);
  }
}
