import { createStore, del, set, type UseStore } from 'idb-keyval';
import type { Edit } from '../../core/plan/edit';
import { currentPlanSchema } from '../../core/plan/planFacts';
import type { Plan } from '../../core/plan/plan';

/** A save that was made up: sent again under its id it counts once. */
export interface Save {
  readonly saveId: string;
  readonly baseRevision: number;
  readonly edits: readonly Edit[];
}

/** What of a card a tab has not saved yet. */
export interface Unsaved {
  readonly cardId: string;
  readonly title: string;
  /** The tab it was typed in. */
  readonly tab: string;
  readonly planSchema: number;
  /** In their order; the later start from what comes of the earlier. */
  readonly saves: readonly Save[];
  /** The card with all of it in, in case it cannot be saved onto the card. */
  readonly plan: Plan;
}

let store: UseStore | undefined;
/** A store of this browser that outlives a crash; made when it is first wanted. */
export const unsavedStore = () => (store ??= createStore('nibwright', 'unsaved'));
export const unsavedKey = ({ cardId, tab }: Pick<Unsaved, 'cardId' | 'tab'>) => `${cardId} ${tab}`;
/** What a tab holds as long as it lives. */
export const lockOfTab = (tab: string) => `nibwright-tab-${tab}`;

/** A tab that keeps what it has not saved yet; what it holds is its own until the tab is gone. */
export class UnsavedKeeper {
  readonly #tab = crypto.randomUUID();
  readonly #cardId: string;
  /** Writes follow one another, so that the last one told is the one that stays. */
  #writing: Promise<unknown> = Promise.resolve();
  #isEmpty = true;

  constructor(cardId: string) {
    this.#cardId = cardId;
    if (!('locks' in navigator)) return;
    navigator.locks
      // Held until the page is gone.
      .request(lockOfTab(this.#tab), () => new Promise(() => {}))
      .catch(() => undefined);
  }

  /** Keeps what is not saved; without any, forgets. A browser that cannot keep it goes without. */
  keep(saves: readonly Save[], plan: Plan): void {
    if (saves.length === 0 && this.#isEmpty) return;
    this.#isEmpty = saves.length === 0;
    const [cardId, tab] = [this.#cardId, this.#tab];
    const { title } = plan.about;
    const unsaved: Unsaved = { cardId, title, tab, planSchema: currentPlanSchema, saves, plan };
    this.#writing = this.#writing
      .then(() =>
        saves.length === 0
          ? del(unsavedKey(unsaved), unsavedStore())
          : set(unsavedKey(unsaved), unsaved, unsavedStore()),
      )
      .catch(() => undefined);
  }
}
