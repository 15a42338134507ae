import { useState } from 'react';
import { readSvgOutline } from '../../core/composition/readSvgOutline';
import { formatLength } from '../../core/length/formatLength';
import { inches, type Unit } from '../../core/length/length';
import { asTyped, type TypedLength } from '../../core/length/typedLength';
import type { LibraryItem } from '../../core/plan/libraryItem';
import { emptyHolding } from '../../core/stash/holdings';
import {
  heightOf,
  itemFromOutline,
  outlineKinds,
  type OutlineKind,
} from '../../core/stash/itemFromOutline';
import { newItemId } from '../../core/stash/newItemId';
import type { StashChange } from '../../core/stash/stashChange';
import { FormDialog } from '../parts/FormDialog';
import { LengthField } from '../parts/LengthField';
import { svgIssueSentence } from '../words/svgIssueSentence';
import { freeId } from './AddItemDialog';
import { cutText } from '../../core/text/cutText';

interface Props {
  readonly items: readonly LibraryItem[];
  readonly unit: Unit;
  readonly onAdd: (change: StashChange) => Promise<boolean>;
  readonly onClose: () => void;
}

type Drawing = Extract<ReturnType<typeof readSvgOutline>, { ok: true }>;

/** Adds a die, a solid stamp or a stencil from an outline drawn as SVG, at its true size. */
export function OutlineDialog({ items, unit, onAdd, onClose }: Props) {
  const [kind, setKind] = useState<OutlineKind>('die-set');
  const [name, setName] = useState('');
  const [drawing, setDrawing] = useState<Drawing>();
  const [issue, setIssue] = useState<string>();
  const [width, setWidth] = useState<TypedLength>(() => asTyped(inches(2)));
  const height = drawing && heightOf(drawing.shape, width.ticks);
  const read = async (file: File | undefined) => {
    if (!file) return;
    const result = readSvgOutline(await file.text());
    setDrawing(result.ok ? result : undefined);
    setIssue(result.ok ? undefined : svgIssueSentence(result.issue));
    if (!result.ok) return;
    if (result.size) setWidth(asTyped(result.size.width));
    if (name === '') setName(cutText(file.name.replace(/\.svg$/i, ''), 60));
  };
  const add = async () => {
    if (!drawing || height === undefined) return 'Choose a drawing first.';
    if (name.trim() === '') return 'It needs a name.';
    const id = freeId(newItemId(kind, name), items);
    const size = { width, height: asTyped(height) };
    const made = itemFromOutline(kind, { id, name, shape: drawing.shape, size });
    if (!made.ok) return made.reason;
    const isKept = await onAdd({ itemId: id, item: made.item, holding: emptyHolding(id) });
    if (isKept) onClose();
    return isKept ? undefined : 'It could not be kept. Try again.';
  };
  return (
    <FormDialog title="An outline from a drawing" action="Add it" onSubmit={add} onClose={onClose}>
      <label htmlFor="outline-file">Drawing (SVG)</label>
      <input
        id="outline-file"
        type="file"
        accept=".svg,image/svg+xml"
        onChange={(event) => void read(event.target.files?.[0])}
      />
      {issue !== undefined && (
        <p role="alert" className="text-pencil col-span-2">
          {issue}
        </p>
      )}
      <label htmlFor="outline-kind">It is</label>
      <select
        id="outline-kind"
        className="field"
        value={kind}
        onChange={(event) =>
          setKind(outlineKinds.find((each) => each === event.target.value) ?? 'die-set')
        }
      >
        <option value="die-set">a die</option>
        <option value="stamp">a solid stamp</option>
        <option value="stencil">a stencil; say how it repeats in the stash</option>
      </select>
      <label htmlFor="outline-name">Name</label>
      <input
        id="outline-name"
        className="field"
        value={name}
        maxLength={60}
        onChange={(event) => setName(event.target.value)}
      />
      {drawing && height !== undefined && (
        <div className="col-span-2 flex items-center gap-5">
          <svg
            width={150}
            height={150}
            viewBox={`-10 -10 ${drawing.shape.box.width + 20} ${drawing.shape.box.height + 20}`}
            role="img"
            aria-label="The outline as it was read"
          >
            <path
              d={drawing.shape.outline}
              fill="#e4e8e6"
              fillRule="evenodd"
              stroke="#1e2428"
              vectorEffect="non-scaling-stroke"
            />
          </svg>
          <div className="flex flex-col gap-2">
            <LengthField
              label="true width"
              value={width}
              unit={unit}
              isPositive
              width="7rem"
              onPreview={() => undefined}
              onCommit={setWidth}
            />
            <p>
              and {formatLength(height, unit).text} {unit} high
              {drawing.size ? ', as the file says' : '; the file says no size, so measure it'}.
            </p>
            {drawing.closed > 0 && (
              <p className="text-muted">
                {drawing.closed === 1 ? 'One path was' : `${drawing.closed} paths were`} open, and
                closed.
              </p>
            )}
          </div>
        </div>
      )}
    </FormDialog>
  );
}
