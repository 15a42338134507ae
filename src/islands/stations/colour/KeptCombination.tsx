import { useState } from 'react';
import { isAsKept, toKeep } from '../../../core/inking/media';
import type { Combination } from '../../../core/plan/combination';
import type { SimpleEdit } from '../../../core/plan/edit';
import { findItem } from '../../../core/plan/library';
import type { LibraryRef } from '../../../core/plan/libraryItem';
import { TextField } from '../../parts/TextField';
import { useCardSession } from '../../session/CardSession';
import { keepItem } from '../../wire/keepInStash';
import { postJson } from '../../wire/postJson';

interface Props {
  readonly combination: Combination;
  readonly onChange: (change: Partial<Combination>) => void;
}

/** What a combination is called, what is to be said of it, and how it is kept in the stash to be used again. */
export function KeptCombination({ combination, onChange }: Props) {
  const { library, commit, needItems } = useCardSession();
  const [said, setSaid] = useState('');
  const { id, name, note, kept } = combination;
  const keep = async () => {
    setSaid('Keeping it…');
    const known = kept && findItem(library, kept);
    const made = known
      ? // As its next version, so that the cards which use it are offered that.
        await keepItem({ kind: 'combination', id: known.id, version: 1, ...toKeep(combination) })
      : await keepNew(combination);
    if (typeof made === 'string') {
      setSaid(made);
      return;
    }
    const ref = { id: made.id, version: made.version };
    needItems([ref]);
    const edit: SimpleEdit = { kind: 'change', in: 'combinations', id, change: { kept: ref } };
    commit(edit);
    setSaid('');
  };
  const keptItem = kept && findItem(library, kept);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
      <TextField
        label="Name of the combination"
        className="field w-44"
        value={name}
        onCommit={(next) => onChange({ name: next })}
      />
      <TextField
        label="Note to the combination"
        className="field min-w-40 flex-1"
        value={note}
        maxLength={400}
        isOptional
        placeholder="a note"
        onCommit={(next) => onChange({ note: next })}
      />
      {isAsKept(combination, library) ? (
        <span className="text-muted">kept in the stash</span>
      ) : (
        <button type="button" className="link" onClick={() => void keep()}>
          {keptItem ? 'Keep it anew in the stash' : 'Keep it in the stash'}
        </button>
      )}
      <span role="status" className="text-muted">
        {said}
      </span>
    </div>
  );
}

/** Keeps it under an id of its own. @returns what was kept, or the sentence why it was not */
async function keepNew(combination: Combination): Promise<LibraryRef | string> {
  const reply = await postJson('/api/combinations', toKeep(combination), 'combination');
  return reply.ok ? reply.body : reply.message;
}
