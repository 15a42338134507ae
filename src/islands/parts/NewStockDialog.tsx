import { useState } from 'react';
import { millimetres } from '../../core/length/length';
import { asTyped, type TypedLength } from '../../core/length/typedLength';
import { sheetIds, sheets, type SheetId } from '../../core/paper/sheets';
import type { Stock } from '../../core/plan/libraryItem';
import { postJson } from '../wire/postJson';
import { FormDialog } from './FormDialog';
import { LengthField } from './LengthField';
import { Select } from './Select';

interface Props {
  readonly onDone: (stock: Stock) => void;
  readonly onClose: () => void;
}

/** Adds a stock to the stash: name, colour, kind, weight, thickness and the sheets it is owned in. */
export function NewStockDialog({ onDone, onClose }: Props) {
  const [name, setName] = useState('');
  const [colour, setColour] = useState('#ffffff');
  const [paper, setPaper] = useState<Stock['paper']>('cardstock');
  const [grams, setGrams] = useState('216');
  const [caliper, setCaliper] = useState<TypedLength>(asTyped(millimetres(0.3)));
  const [owned, setOwned] = useState<readonly SheetId[]>(['letter']);
  const add = async () => {
    const gramsPerSquareMetre = Number(grams.replace(',', '.'));
    if (name.trim() === '') return 'The stock has no name. Give it one.';
    if (
      !Number.isInteger(gramsPerSquareMetre) ||
      gramsPerSquareMetre < 30 ||
      gramsPerSquareMetre > 1000
    )
      return 'The weight is a whole number from 30 to 1000 grams per square metre.';
    if (owned.length === 0) return 'Tick at least one sheet it is owned in.';
    const reply = await postJson(
      '/api/stocks',
      {
        name,
        colour,
        paper,
        gramsPerSquareMetre,
        caliper,
        sheets: sheetIds.filter((id) => owned.includes(id)),
      },
      'stock',
    );
    if (!reply.ok) return reply.message;
    onDone(reply.body);
    return undefined;
  };
  return (
    <FormDialog
      title="Add a stock to the stash"
      action="Add the stock"
      onSubmit={add}
      onClose={onClose}
    >
      <label htmlFor="stock-name">Name</label>
      <input
        id="stock-name"
        className="field"
        maxLength={60}
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <label htmlFor="stock-colour">Colour</label>
      <input
        id="stock-colour"
        type="color"
        className="border-control h-8 w-16 border"
        value={colour}
        onChange={(e) => setColour(e.target.value)}
      />
      <label htmlFor="stock-paper">Kind</label>
      <Select
        id="stock-paper"
        className="field"
        value={paper}
        onChange={(e) => setPaper(e.target.value === 'patterned' ? 'patterned' : 'cardstock')}
      >
        <option value="cardstock">cardstock</option>
        <option value="patterned">patterned paper</option>
      </Select>
      <label htmlFor="stock-grams">Weight, g/m²</label>
      <input
        id="stock-grams"
        className="field"
        inputMode="numeric"
        value={grams}
        onChange={(e) => setGrams(e.target.value)}
      />
      <span>Thickness</span>
      <LengthField
        label="Thickness"
        isLabelHidden
        isPositive
        value={caliper}
        unit="mm"
        onPreview={() => undefined}
        onCommit={setCaliper}
      />
      <span id="stock-sheets">Sheets</span>
      <span role="group" aria-labelledby="stock-sheets" className="flex flex-wrap gap-x-4">
        {sheets.map(({ id, name: sheetName }) => (
          <label key={id} className="flex items-center gap-1.5">
            <input
              type="checkbox"
              checked={owned.includes(id)}
              onChange={(event) =>
                setOwned(
                  event.target.checked ? [...owned, id] : owned.filter((each) => each !== id),
                )
              }
            />
            {sheetName}
          </label>
        ))}
      </span>
    </FormDialog>
  );
}
