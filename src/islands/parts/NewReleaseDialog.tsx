import { useState } from 'react';
import type { Release } from '../../core/plan/cardFile';
import { postJson } from '../store/postJson';
import { Dialog } from './Dialog';

interface Props {
  readonly onDone: (release: Release) => void;
  readonly onClose: () => void;
}

/** Adds a release: its name, and the day it goes on sale where that is fixed. */
export function NewReleaseDialog({ onDone, onClose }: Props) {
  const [name, setName] = useState('');
  const [onSale, setOnSale] = useState('');
  const [message, setMessage] = useState('');
  const add = async () => {
    if (name.trim() === '') return setMessage('The release has no name. Give it one.');
    const answer = await postJson<Release>('/api/releases', { name, onSale: onSale || null });
    if (answer.ok) onDone(answer.body);
    else setMessage(answer.message);
  };
  return (
    <Dialog title="Add a release" onClose={onClose}>
      <form
        className="grid grid-cols-[8rem_1fr] items-center gap-x-4 gap-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <label htmlFor="release-name">Name</label>
        <input
          id="release-name"
          className="field"
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <label htmlFor="release-day">On sale</label>
        <input
          id="release-day"
          type="date"
          className="field"
          value={onSale}
          onChange={(event) => setOnSale(event.target.value)}
        />
        {message !== '' && (
          <p role="alert" className="text-pencil col-span-2">
            {message}
          </p>
        )}
        <div className="col-span-2 flex justify-end gap-3 pt-2">
          <button type="button" className="button" onClick={onClose}>
            Cancel
          </button>
          <button type="submit" className="button button-leading">
            Add the release
          </button>
        </div>
      </form>
    </Dialog>
  );
}
