import { useState } from 'react';
import { IconButton } from '../../parts/IconButton';
import { NumberField } from '../../parts/NumberField';
import { TextField } from '../../parts/TextField';
import { mostEnclosures } from '../../../core/plan/planFacts';
import type { Post } from '../../../core/plan/post';
import { useCardSession } from '../../session/CardSession';

/** What goes into the envelope with the card, and whether a small child gets it. */
export function Enclosures() {
  const { plan, commit } = useCardSession();
  const { enclosures, forChild } = plan.post;
  const [isAdding, setAdding] = useState(false);
  const set = (change: Partial<Post>) => commit({ kind: 'set-post', change });
  const change = (at: number, changed: Partial<Post['enclosures'][number]>) =>
    set({
      enclosures: enclosures.map((each, index) => (index === at ? { ...each, ...changed } : each)),
    });
  return (
    <section aria-label="With the card" className="flex flex-col gap-1.5">
      {enclosures.map(({ name, grams }, at) => (
        <p key={at} className="flex items-center gap-2">
          <TextField
            label="What is put in"
            value={name}
            maxLength={60}
            className="field w-48"
            onCommit={(next) => change(at, { name: next })}
          />
          <NumberField
            label={`Grams of ${name}`}
            isLabelHidden
            value={grams}
            min={0}
            max={1000}
            digits={1}
            className="field w-20"
            issue="It weighs 0 to 1000 g."
            onCommit={(next) => change(at, { grams: next ?? 0 })}
          />
          g
          <IconButton
            label={`Take ${name} out`}
            onClick={() => set({ enclosures: enclosures.filter((_, index) => index !== at) })}
          >
            ×
          </IconButton>
        </p>
      ))}
      {isAdding && (
        <TextField
          label="What is put in"
          value=""
          maxLength={60}
          className="field w-48"
          onCommit={(name) => {
            setAdding(false);
            if (name.trim() !== '') set({ enclosures: [...enclosures, { name, grams: 1 }] });
          }}
        />
      )}
      <p className="flex flex-wrap items-center gap-x-5 gap-y-1">
        {enclosures.length < mostEnclosures && (
          <button type="button" className="button" onClick={() => setAdding(true)}>
            Put something in with it
          </button>
        )}
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={forChild}
            onChange={(event) => set({ forChild: event.target.checked })}
          />
          for a child under three
        </label>
      </p>
    </section>
  );
}
