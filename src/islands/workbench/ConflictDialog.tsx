import { useState } from 'react';
import type { Plan } from '../../core/plan/plan';
import { Dialog } from '../parts/Dialog';
import { postJson } from '../wire/postJson';

interface Props {
  readonly cardId: string;
  readonly mine: Plan;
  /** Why the server took nothing; undefined where someone else changed the same part. */
  readonly refusal: string | undefined;
  /** Whether these are changes of an earlier page, which was closed before they were saved. */
  readonly isEarlier?: boolean;
  /** Mine is safe as a copy: what waits here may go. */
  readonly onDrop: () => void;
  readonly onTheirs: () => void;
}

/** What could not be saved: keep it as a card of its own, or go on from what is saved. */
export function ConflictDialog(props: Props) {
  const { cardId, mine, refusal, isEarlier = false, onDrop, onTheirs } = props;
  const [message, setMessage] = useState('');
  const keepMine = async () => {
    const reply = await postJson(
      `/api/cards/${cardId}/copy`,
      {
        plan: mine,
      },
      'card',
    );
    if (reply.ok) {
      onDrop();
      location.assign(`/card/${reply.body.id}/base`);
    } else setMessage(reply.message);
  };
  return (
    <Dialog
      title={
        isEarlier
          ? 'Changes from before are not saved yet'
          : refusal === undefined
            ? 'Someone else changed this card too'
            : 'The last changes were not taken'
      }
      onClose={() => setMessage('Choose one of the two; nothing is lost either way.')}
    >
      <p className="pb-4">
        {isEarlier && 'This page was closed before your last changes to it were saved. '}
        {refusal === undefined
          ? 'The same part was changed elsewhere since you opened it, so your last changes are not saved yet.'
          : `${refusal} Your last changes are not saved yet.`}{' '}
        Your version can become a card of its own beside this one.
      </p>
      {message !== '' && (
        <p role="alert" className="text-pencil pb-3">
          {message}
        </p>
      )}
      <div className="flex justify-end gap-3">
        <button type="button" className="button" onClick={onTheirs}>
          {isEarlier
            ? 'Let mine go'
            : refusal === undefined
              ? 'Take theirs'
              : 'Back to what is saved'}
        </button>
        <button type="button" className="button button-leading" onClick={() => void keepMine()}>
          Keep mine as a copy
        </button>
      </div>
    </Dialog>
  );
}
