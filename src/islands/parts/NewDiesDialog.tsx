import { useState } from 'react';
import { timesLength, type Unit } from '../../core/length/length';
import { asTyped } from '../../core/length/typedLength';
import { parseSize } from '../../core/length/parseLength';
import type { DieSet } from '../../core/plan/libraryItem';
import { postJson } from '../wire/postJson';
import { lengthIssueSentence } from '../words/lengthIssueSentence';
import { FormDialog } from './FormDialog';

interface Props {
  readonly unit: Unit;
  readonly onDone: (dies: DieSet) => void;
  readonly onClose: () => void;
}

/** Adds a set of nested dies to the stash by the sizes of its dies, one on a line. */
export function NewDiesDialog({ unit, onDone, onClose }: Props) {
  const [name, setName] = useState('');
  const [text, setText] = useState('');
  const add = async () => {
    if (name.trim() === '') return 'The set has no name. Give it one.';
    const steps = readSteps(text, unit);
    if (typeof steps === 'string') return steps;
    const reply = await postJson('/api/die-sets', { name, steps }, 'dieSet');
    if (!reply.ok) return reply.message;
    onDone(reply.body);
    return undefined;
  };
  return (
    <FormDialog title="Add nested dies" action="Add the dies" onSubmit={add} onClose={onClose}>
      <label htmlFor="dies-name">Name</label>
      <input
        id="dies-name"
        className="field"
        maxLength={60}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <label htmlFor="dies-sizes">Sizes, a die on each line</label>
      <textarea
        id="dies-sizes"
        className="field h-40"
        placeholder={unit === 'in' ? '4 x 5 1/4\n3 3/4 x 5' : '100 x 140\n95 x 135'}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
    </FormDialog>
  );
}

/** The dies, the largest first; or a sentence saying which line is wrong. */
function readSteps(text: string, unit: Unit): DieSet['steps'] | string {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  if (lines.length === 0) return 'The set has no sizes. Type one on each line, such as 4 x 5 1/4.';
  if (lines.length > 60) return 'A set has at most 60 dies.';
  const steps: DieSet['steps'][number][] = [];
  for (const line of lines) {
    const parsed = parseSize(line, unit);
    if (!parsed.ok) return `“${line.trim()}”: ${lengthIssueSentence(parsed.issue, line)}`;
    const [width, height] = [parsed.width.length, parsed.height.length];
    if (width <= 0 || height <= 0) return `“${line.trim()}”: a die needs a width and a height.`;
    steps.push({ width: asTyped(width), height: asTyped(height) });
  }
  const around = ({ width, height }: DieSet['steps'][number]) =>
    timesLength(width.ticks, 2) + timesLength(height.ticks, 2);
  return steps.toSorted((a, b) => around(b) - around(a));
}
