import { editsCommute } from '../../core/plan/editTouches';
import { NotNowError } from './cardSaver';
import { sendSave } from './sendSave';
import type { Recovery } from './recoverUnsaved';
import type { Unsaved } from './unsaved';

/** Sends what a tab left unsaved, one save after the other; where others changed the same, a person decides. */
export async function sendUnsaved(unsaved: Unsaved): Promise<Recovery> {
  const { cardId, title, saves, planSchema } = unsaved;
  const undecided = (reason: string | undefined): Recovery => ({
    kind: 'undecided',
    title,
    unsaved,
    reason,
  });
  let base: number | undefined;
  try {
    for (const [at, save] of saves.entries()) {
      const baseRevision = base ?? save.baseRevision;
      const reply = await sendSave(cardId, { ...save, baseRevision }, planSchema);
      if (reply.kind !== 'saved') return undecided('message' in reply ? reply.message : undefined);
      const rest = saves.slice(at + 1).flatMap(({ edits }) => edits);
      const { plan, theirs } = reply;
      // The rest was made without knowing of theirs, so it may not go on top of them unseen.
      if (plan && !editsCommute(plan, rest, theirs)) return undecided(undefined);
      base = reply.revision;
    }
    return { kind: 'saved', title };
  } catch (error) {
    if (!(error instanceof NotNowError)) console.warn(`sendUnsaved: ${String(error)}`);
    return { kind: 'later', title };
  }
}
