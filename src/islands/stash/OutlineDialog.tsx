import { useState } from 'react';
import { drawingLayers, type LayersBy } from '../../core/composition/drawingLayers';
import { heightOf, itemFromDrawing } from '../../core/composition/itemFromDrawing';
import { writeLength } from '../../core/length/formatLength';
import { inches, type Unit } from '../../core/length/length';
import { asTyped, type TypedLength } from '../../core/length/typedLength';
import type { LibraryItem, Stamp } from '../../core/plan/libraryItem';
import { stampKinds } from '../../core/plan/items/kinds';
import { emptyHolding } from '../../core/stash/holdings';
import { freeItemId, newItemId } from '../../core/stash/newItemId';
import type { StashChange } from '../../core/stash/stashChange';
import { readSvgDrawing, type SvgDrawing } from '../../core/svg/readSvgDrawing';
import { cutText } from '../../core/text/cutText';
import { countWords } from '../../core/words/countWords';
import { FormDialog } from '../parts/FormDialog';
import { LengthField } from '../parts/LengthField';
import { Select } from '../parts/Select';
import { svgIssueSentence } from '../words/svgIssueSentence';
import { DrawingLayers, type OwnLayers } from './DrawingLayers';
import { DrawingPreview } from './DrawingPreview';

interface Props {
  readonly items: readonly LibraryItem[];
  readonly unit: Unit;
  readonly onAdd: (change: StashChange) => Promise<boolean>;
  readonly onClose: () => void;
}

type Use = 'die-set' | 'stencil' | Stamp['stamp'];

const isCut = (use: Use): use is 'die-set' | 'stencil' => use === 'die-set' || use === 'stencil';

const uses: readonly (readonly [Use, string])[] = [
  ['die-set', 'a die'],
  ...stampKinds.map((kind) => [kind, `a stamp: ${kind}`] as const),
  ['stencil', 'a stencil; say how it repeats in the stash'],
];

/** Adds a die, a stamp of any sort or a stencil from a drawing as SVG, at its true size. */
export function OutlineDialog({ items, unit, onAdd, onClose }: Props) {
  const [use, setUse] = useState<Use>('die-set');
  // Undefined until a name is typed: till then it is called as the file is.
  const [typedName, setTypedName] = useState<string>();
  const [fileName, setFileName] = useState('');
  const name = typedName ?? fileName;
  const [drawing, setDrawing] = useState<SvgDrawing>();
  const [issue, setIssue] = useState<string>();
  const [width, setWidth] = useState<TypedLength>(() => asTyped(inches(2)));
  const [by, setBy] = useState<LayersBy>('groups');
  const [own, setOwn] = useState<OwnLayers>({});
  const height = drawing && heightOf(drawing, width.ticks);
  // Of a stamp; what is cut has none.
  const layers =
    drawing && !isCut(use)
      ? drawingLayers(drawing, by).map((layer, index) => ({ ...layer, ...own[index] }))
      : undefined;
  const read = async (file: File | undefined) => {
    if (!file) return;
    const result = readSvgDrawing(await file.text());
    setDrawing(result.ok ? result.drawing : undefined);
    setIssue(result.ok ? undefined : svgIssueSentence(result.issue));
    if (!result.ok) return;
    if (result.drawing.size) setWidth(asTyped(result.drawing.size.width));
    setFileName(cutText(file.name.replace(/\.svg$/i, ''), 60));
    // One group round all of it tells nothing apart.
    const groups = new Set(result.drawing.shapes.map(({ group }) => group));
    setBy(groups.size > 1 ? 'groups' : 'colours');
    setOwn({});
  };
  const add = async () => {
    if (!drawing || height === undefined) return issue ?? 'Choose a drawing first.';
    if (name.trim() === '') return 'It needs a name.';
    const id = freeItemId(newItemId(isCut(use) ? use : 'stamp', name), items);
    const size = { width, height: asTyped(height) };
    const made = itemFromDrawing(
      isCut(use) ? { kind: use } : { kind: 'stamp', stamp: use, layers: layers ?? [] },
      { id, name, drawing, size },
    );
    if (!made.ok) return made.reason;
    const isKept = await onAdd({ itemId: id, item: made.item, holding: emptyHolding(id) });
    if (isKept) onClose();
    return isKept ? undefined : 'It could not be kept. Try again.';
  };
  return (
    <FormDialog title="From a drawing" action="Add it" onSubmit={add} onClose={onClose}>
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
      <Select
        id="outline-kind"
        className="field"
        value={use}
        onChange={(event) =>
          setUse(uses.find(([each]) => each === event.target.value)?.[0] ?? 'die-set')
        }
      >
        {uses.map(([each, words]) => (
          <option key={each} value={each}>
            {words}
          </option>
        ))}
      </Select>
      <label htmlFor="outline-name">Name</label>
      <input
        id="outline-name"
        className="field"
        value={name}
        maxLength={60}
        onChange={(event) => setTypedName(event.target.value)}
      />
      {drawing && height !== undefined && (
        <div className="col-span-2 flex items-center gap-5">
          <DrawingPreview drawing={drawing} layers={layers} />
          <div className="flex flex-col gap-2">
            <LengthField
              label="true width"
              value={width}
              unit={unit}
              isPositive
              width="7rem"
              onPreview={(next) => next && setWidth(next)}
              onCommit={setWidth}
            />
            <p>
              and {writeLength(height, unit)} {unit} high
              {drawing.size ? ', as the file says' : '; the file says no size, so measure it'}.
            </p>
            {drawing.closed > 0 && isCut(use) && (
              <p className="text-muted">
                {countWords(drawing.closed, 'path')} {drawing.closed === 1 ? 'was' : 'were'} open,
                and closed.
              </p>
            )}
          </div>
        </div>
      )}
      {layers && (
        <DrawingLayers
          layers={layers}
          by={by}
          onBy={(next) => {
            setBy(next);
            setOwn({});
          }}
          onChange={(index, change) =>
            setOwn((before) => ({ ...before, [index]: { ...before[index], ...change } }))
          }
        />
      )}
    </FormDialog>
  );
}
