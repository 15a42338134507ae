import { useState } from 'react';
import type { Designer } from '../../core/plan/cardFile';
import { postJson } from '../wire/postJson';

interface Props {
  readonly designers: readonly Designer[];
  readonly onNamed: (designer: Designer) => void;
}

/** Asks once who works here; the name is kept in this browser. */
export function NameBar({ designers, onNamed }: Props) {
  const [name, setName] = useState('');
  const [message, setMessage] = useState('');
  const say = async (chosen: string) => {
    if (chosen.trim() === '') return setMessage('Type your name first.');
    const reply = await postJson('/api/designers', { name: chosen }, 'designer');
    if (reply.ok) onNamed(reply.body);
    else setMessage(reply.message);
  };
  return (
    <form
      aria-label="Who works here"
      className="bg-violet-wash border-hairline flex flex-wrap items-center gap-x-3 gap-y-2 border-b px-[18px] py-2 max-md:flex-nowrap max-md:overflow-x-auto max-md:whitespace-nowrap"
      onSubmit={(event) => {
        event.preventDefault();
        void say(name);
      }}
    >
      <label htmlFor="your-name">Who works here?</label>
      {designers.map((designer) => (
        <button
          key={designer.id}
          type="button"
          className="button"
          onClick={() => void say(designer.name)}
        >
          {designer.name}
        </button>
      ))}
      <input
        id="your-name"
        className="field w-44 max-md:shrink-0"
        maxLength={60}
        placeholder={designers.length > 0 ? 'another name' : 'your name'}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <button type="submit" className="button button-outlined">
        That is me
      </button>
      {message !== '' && (
        <span role="alert" className="text-pencil">
          {message}
        </span>
      )}
    </form>
  );
}
