import { useState } from 'react';

interface Props {
  readonly copies: number;
  readonly onCommit: (copies: number) => void;
}

/** How many of the card are made; Enter or leaving keeps it. */
export function CopiesField({ copies, onCommit }: Props) {
  const [typed, setTyped] = useState<string>();
  const [isWrong, setWrong] = useState(false);
  const commit = () => {
    if (typed === undefined) return;
    const wanted = /^\d{1,5}$/.test(typed.trim()) ? Number(typed) : 0;
    setWrong(wanted < 1 || wanted > 10_000);
    if (wanted < 1 || wanted > 10_000) return;
    if (wanted !== copies) onCommit(wanted);
    setTyped(undefined);
  };
  return (
    <div>
      <label className="flex items-center gap-2">
        Copies
        <input
          className="field w-24"
          inputMode="numeric"
          autoComplete="off"
          aria-invalid={isWrong}
          aria-describedby={isWrong ? 'copies-issue' : undefined}
          value={typed ?? copies}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit();
            if (event.key === 'Escape') {
              setTyped(undefined);
              setWrong(false);
            }
          }}
        />
      </label>
      {isWrong && (
        <p id="copies-issue" role="alert" className="text-pencil pt-1 text-[15px]">
          Copies are a whole number from 1 to 10 000.
        </p>
      )}
    </div>
  );
}
