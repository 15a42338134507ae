import type { SaveState } from '../session/cardSaver';
import { clockWords } from '../words/momentWords';

interface Props {
  readonly state: SaveState;
  readonly savedAt: Date | undefined;
}

/** Whether the card is kept, in two or three words. */
export function SaveStatus({ state, savedAt }: Props) {
  return (
    <span
      role="status"
      data-save-state={state.kind}
      className={
        state.kind === 'saved' || state.kind === 'pending'
          ? 'text-muted'
          : 'text-pencil font-semibold'
      }
    >
      {words(state, savedAt)}
    </span>
  );
}

function words(state: SaveState, savedAt: Date | undefined): string {
  switch (state.kind) {
    case 'saved':
      return savedAt ? `Saved ${clockWords(savedAt)}` : 'Saved';
    case 'pending':
      return 'Saving…';
    case 'retrying':
      return `Not saved: ${state.reason ?? 'no answer, trying again'}`;
    case 'stopped':
      return `Not saved: ${state.message}`;
    case 'old-page':
      return 'Not saved yet: load the page again';
    case 'conflict':
      return 'Not saved: someone else changed this too';
    default:
      throw new TypeError(`SaveStatus: unknown state ${JSON.stringify(state satisfies never)}`);
  }
}
