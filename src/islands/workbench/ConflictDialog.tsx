import { useState } from 'react';
import type { Plan } from '../../core/plan/plan';
import { Dialog } from '../parts/Dialog';
import { postJson } from '../store/postJson';

interface Props {
  readonly cardId: string;
  readonly mine: Plan;
  readonly onTheirs: () => void;
}

/** Two people changed the same part: keep mine as a card of its own, or take theirs. */
export function ConflictDialog({ cardId, mine, onTheirs }: Props) {
  const [message, setMessage] = useState('');
  const keepMine = async () => {
    const answer = await postJson<{ readonly id: string }>(`/api/cards/${cardId}/copy`, {
      plan: mine,
    });
    if (answer.ok) {
      onTheirs();
      location.assign(`/card/${answer.body.id}/base`);
    } else setMessage(answer.message);
  };
  return (
    <Dialog
      title="Someone else changed this card too"
      onClose={() => setMessage('Choose one of the two; nothing is lost either way.')}
    >
      <p className="pb-4">
        The same part was changed elsewhere since you opened it, so your last changes are not saved
        yet. Your version can become a card of its own beside this one.
      </p>
      {message !== '' && (
        <p role="alert" className="text-pencil pb-3">
          {message}
        </p>
      )}
      <div className="flex justify-end gap-3">
        <button type="button" className="button" onClick={onTheirs}>
          Take theirs
        </button>
        <button type="button" className="button button-leading" onClick={() => void keepMine()}>
          Keep mine as a copy
        </button>
      </div>
    </Dialog>
  );
}
