import { useState } from 'react';
import type { Release } from '../../core/plan/cardFile';
import { postJson } from '../wire/postJson';
import { FormDialog } from './FormDialog';

interface Props {
  readonly onDone: (release: Release) => void;
  readonly onClose: () => void;
}

/** Adds a release: its name, and the day it goes on sale where that is fixed. */
export function NewReleaseDialog({ onDone, onClose }: Props) {
  const [name, setName] = useState('');
  const [onSale, setOnSale] = useState('');
  const add = async () => {
    if (name.trim() === '') return 'The release has no name. Give it one.';
    const reply = await postJson('/api/releases', { name, onSale: onSale || null }, 'release');
    if (!reply.ok) return reply.message;
    onDone(reply.body);
    return undefined;
  };
  return (
    <FormDialog title="Add a release" action="Add the release" onSubmit={add} onClose={onClose}>
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
    </FormDialog>
  );
}
