import { useRef } from 'react';
import { postJson } from '../wire/postJson';

/** A hidden file picker and what opens it; a card file that is taken in is opened. */
export function useImport(
  onProblem: (sentence: string) => void,
): readonly [React.ReactNode, () => void] {
  const picker = useRef<HTMLInputElement>(null);
  const take = async (file: File) => {
    const reply = await postJson('/api/cards/import', await file.text(), 'card');
    if (reply.ok) location.assign(`/card/${reply.body.id}/base`);
    else onProblem(reply.message);
  };
  const input = (
    <input
      ref={picker}
      type="file"
      accept=".json,application/json"
      className="hidden"
      aria-label="Card file"
      onChange={(event) => {
        const [file] = event.target.files ?? [];
        if (file) void take(file);
        event.target.value = '';
      }}
    />
  );
  return [input, () => picker.current?.click()];
}
