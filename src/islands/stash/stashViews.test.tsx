import {
  act,
  cleanup,
  fireEvent,
  render,
  renderHook,
  screen,
  waitFor,
} from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library, moss, ticksOf } from '../../../test/support/plans';
import { asTyped } from '../../core/length/typedLength';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { emptyHolding } from '../../core/stash/holdings';
import { itemFields } from '../../core/stash/itemFields';
import type { StashChange } from '../../core/stash/stashChange';
import { AddItemDialog } from './AddItemDialog';
import { FieldInput } from './FieldInput';
import { HoldingFields } from './HoldingFields';
import { ImportDialog } from './ImportDialog';
import { ItemTicket } from './ItemTicket';
import { useStash } from './useStash';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const stock = library.find(({ id }) => id === moss.id);
if (stock?.kind !== 'stock') throw new Error('no moss');
const held: Holding = {
  ...emptyHolding(moss.id),
  sheets: [{ sheet: 'letter', count: 12, price: 45 }],
  leftovers: [
    {
      id: 'a',
      size: { width: asTyped(ticksOf('4')), height: asTyped(ticksOf('8 1/2')) },
      count: 2,
    },
  ],
};
const give = (field: HTMLElement, value: string) => {
  fireEvent.change(field, { target: { value } });
  fireEvent.keyDown(field, { key: 'Enter' });
};

describe('a property of a thing', () => {
  const fieldOf = (key: string) => {
    const field = itemFields.stock.find((each) => each.key === key);
    if (!field) throw new Error(`no ${key}`);
    return field;
  };
  const show = (key: string, text: string) => {
    const onCommit = vi.fn();
    render(<FieldInput field={fieldOf(key)} text={text} unit="in" onCommit={onCommit} />);
    return { input: screen.getByLabelText(fieldOf(key).label), onCommit };
  };

  it('is kept when it can be read, and told beneath when it cannot', () => {
    const { input, onCommit } = show('weight', '216 g');
    give(input, '7 stone');
    expect(screen.getByRole('alert').textContent).toContain('Weight is 30 to 1000 g');
    expect(onCommit).not.toHaveBeenCalled();
    give(input, '110 lb cover');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(onCommit.mock.calls).toEqual([['110 lb cover']]);
  });

  it('is chosen of a list, with nothing where it need not be known', () => {
    const { input, onCommit } = show('grain', 'long');
    const options = [...input.querySelectorAll('option')].map(({ value }) => value);
    expect(options).toEqual(['', 'long', 'short']);
    fireEvent.change(input, { target: { value: '' } });
    expect(onCommit.mock.calls).toEqual([['']]);
  });

  it('as a colour of its own may be let go', () => {
    const { onCommit } = show('bSide', '#f2efe6');
    fireEvent.click(screen.getByRole('button', { name: 'none of its own' }));
    expect(onCommit.mock.calls).toEqual([['']]);
  });

  it('is taken back by Escape, issue and all', () => {
    const { input, onCommit } = show('sheets', 'letter');
    give(input, 'foolscap');
    expect(screen.getByRole('alert').textContent).toContain('letter a4 a3 12x12 6x6');
    fireEvent.keyDown(input, { key: 'Escape' });
    expect(screen.queryByRole('alert')).toBeNull();
    expect((input as HTMLInputElement).value).toBe('letter');
    expect(onCommit).not.toHaveBeenCalled();
  });
});

describe('how much there is', () => {
  const show = (item: LibraryItem = stock, holding = held) => {
    const onChange = vi.fn<(holding: Holding) => void>();
    render(<HoldingFields item={item} holding={holding} unit="in" onChange={onChange} />);
    return onChange;
  };

  it('is counted by the sheet, also of a size nothing is known of yet', () => {
    const onChange = show();
    give(screen.getByLabelText(/^A4 sheets of Moss/), '30');
    expect(onChange.mock.calls[0]?.[0].sheets).toEqual([
      ...held.sheets,
      { sheet: 'a4', count: 30, price: null },
    ]);
  });

  it('keeps a price in hundredths, and forgets one that is emptied', () => {
    const onChange = show();
    const [price] = screen.getAllByLabelText('one costs');
    if (!price) throw new Error('no price');
    give(price, '0.29');
    give(price, '');
    expect(onChange.mock.calls.map(([each]) => each.sheets[0]?.price)).toEqual([29, null]);
  });

  it('puts leftovers by as one says them, counts them, and takes them out', () => {
    const onChange = show();
    fireEvent.change(screen.getByLabelText(/^A leftover of Moss/), {
      target: { value: '3 of 2 x 11' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Put by' }));
    give(screen.getByLabelText('Leftovers of 4 × 8 1⁄2'), '5');
    fireEvent.click(screen.getByRole('button', { name: /^Take out the leftovers of 4/ }));
    const [added, counted, gone] = onChange.mock.calls.map(([each]) => each.leftovers);
    expect(added?.map(({ count }) => count)).toEqual([2, 3]);
    expect(added?.[1]?.size.height.ticks).toBe(ticksOf('11'));
    expect(counted?.map(({ count }) => count)).toEqual([5]);
    expect(gone).toEqual([]);
  });

  it('refuses a leftover that is no size, and leaves what there is alone', () => {
    const onChange = show();
    fireEvent.change(screen.getByLabelText(/^A leftover of Moss/), { target: { value: '4 by' } });
    fireEvent.click(screen.getByRole('button', { name: 'Put by' }));
    expect(screen.getByRole('alert').textContent).toContain('A leftover is a size');
    expect(onChange).not.toHaveBeenCalled();
  });
});

describe('the ticket of a thing', () => {
  it('says a weight in pounds too, changes one property, and takes the thing out', async () => {
    const onChange = vi.fn<(change: StashChange) => void>();
    render(<ItemTicket item={stock} holding={held} unit="in" onChange={onChange} />);
    expect(screen.getByText(/216 g\/m² is about 80 lb cover or 146 lb text/)).toBeDefined();
    await vi.dynamicImportSettled();
    give(screen.getByLabelText('Name'), 'Fern');
    fireEvent.click(screen.getByRole('button', { name: 'Take out of the stash' }));
    expect(onChange.mock.calls).toEqual([
      [{ itemId: moss.id, item: { ...stock, name: 'Fern' } }],
      [{ itemId: moss.id, holding: { ...held, isGone: true } }],
    ]);
  });
});

describe('adding a thing', () => {
  const show = () => {
    const onAdd = vi.fn<(change: StashChange) => Promise<boolean>>(() => Promise.resolve(true));
    const onClose = vi.fn();
    render(<AddItemDialog items={library} kind="ink" unit="in" onAdd={onAdd} onClose={onClose} />);
    return { onAdd, onClose };
  };
  const submit = () =>
    fireEvent.click(screen.getByRole('button', { name: 'Add it', hidden: true }));

  it('asks for what its kind has, and says all that is missing', async () => {
    const { onAdd } = show();
    expect(screen.queryByLabelText('Weight')).toBeNull();
    fireEvent.change(screen.getByLabelText('Kind'), { target: { value: 'stock' } });
    expect(screen.getByLabelText('Weight')).toBeDefined();
    submit();
    await waitFor(() => expect(screen.getByRole('alert', { hidden: true })).toBeDefined());
    expect(screen.getByRole('alert', { hidden: true }).textContent).toContain('1 to 60 characters');
    expect(onAdd).not.toHaveBeenCalled();
  });

  it('adds it under an id nothing has yet, and closes', async () => {
    const { onAdd, onClose } = show();
    give(screen.getByLabelText('Name'), 'Medlar');
    submit();
    await waitFor(() => expect(onClose).toHaveBeenCalledOnce());
    const change = onAdd.mock.calls[0]?.[0];
    expect(change?.item).toMatchObject({ kind: 'ink', name: 'Medlar', ink: 'dye', version: 1 });
    expect(change?.holding).toEqual(emptyHolding(change?.itemId ?? moss.id));
    expect(library.some(({ id }) => id === change?.itemId)).toBe(false);
  });
});

describe('a CSV file to take in', () => {
  const show = (isKept = true) => {
    const onImport = vi.fn<(changes: readonly StashChange[]) => Promise<boolean>>(() =>
      Promise.resolve(isKept),
    );
    const onClose = vi.fn();
    render(
      <ImportDialog
        items={library}
        holdings={[held]}
        unit="in"
        onImport={onImport}
        onClose={onClose}
      />,
    );
    const choose = (text: string) =>
      fireEvent.change(screen.getByLabelText('CSV file'), {
        target: { files: [new File([text], 'stash.csv', { type: 'text/csv' })] },
      });
    return { onImport, onClose, choose };
  };
  const button = (name: RegExp) =>
    screen.getByRole<HTMLButtonElement>('button', { name, hidden: true });

  it('shows what it would change before it does, and each bad row with its reasons', async () => {
    const { onImport, onClose, choose } = show();
    choose('kind,name,letter count\npaper,Moss 216 g,7\npaper,Chalk 216 g,few\nrope,x,1\n');
    await screen.findByText('0 new, 1 changed, 0 as they are, 2 left out:');
    expect(screen.getByText(/letter count: a number from 0/)).toBeDefined();
    expect(screen.getByText(/Kind is one of/)).toBeDefined();
    fireEvent.click(button(/^Take in 1 row$/));
    await waitFor(() => expect(onClose).toHaveBeenCalledOnce());
    expect(onImport.mock.calls[0]?.[0]).toMatchObject([
      { itemId: moss.id, holding: { sheets: [{ sheet: 'letter', count: 7, price: 45 }] } },
    ]);
  });

  it('has nothing to take in of a file that is none, and says why', async () => {
    const { choose } = show();
    choose('just words');
    await waitFor(() => expect(screen.getByRole('alert', { hidden: true })).toBeDefined());
    expect(screen.getByRole('alert', { hidden: true }).textContent).toContain('name the columns');
    expect(button(/^Nothing to take in$/).disabled).toBe(true);
  });

  it('stays open when it could not be kept', async () => {
    const { onClose, choose } = show(false);
    choose('kind,name,letter count\npaper,Moss 216 g,7\n');
    await screen.findByText(/1 changed/);
    fireEvent.click(button(/^Take in 1 row$/));
    await screen.findByText(/nothing was changed/);
    expect(onClose).not.toHaveBeenCalled();
  });
});

describe('the stash on the page', () => {
  const answerWith = (ok: boolean, items: readonly LibraryItem[] = []) =>
    vi.stubGlobal('fetch', () =>
      Promise.resolve({
        ok,
        json: () =>
          Promise.resolve(ok ? { items, holdings: [] } : { error: { message: 'No.', hint: '' } }),
      }),
    );
  const start = () => renderHook(() => useStash({ library, holdings: [held] }));

  it('shows a change at once, takes the version the server gave it, and undoes it', async () => {
    const renamed = { ...stock, name: 'Fern' };
    answerWith(true, [{ ...renamed, version: 2 }]);
    const { result } = start();
    await act(() => result.current.change([{ itemId: moss.id, item: renamed }]));
    expect(result.current.items.get(moss.id)).toEqual({ ...renamed, version: 2 });
    expect(result.current.canUndo).toBe(true);
    answerWith(true, [{ ...stock, version: 3 }]);
    act(() => result.current.undo());
    await waitFor(() =>
      expect(result.current.items.get(moss.id)).toEqual({ ...stock, version: 3 }),
    );
    expect(result.current.canUndo).toBe(false);
  });

  it('takes back what could not be kept, and says so', async () => {
    answerWith(false);
    const { result } = start();
    const isKept = await act(() =>
      result.current.change([{ itemId: moss.id, holding: { ...held, isGone: true } }]),
    );
    expect(isKept).toBe(false);
    expect(result.current.holdings.get(moss.id)).toEqual(held);
    expect(result.current.failure).toBe('That is not kept. No.');
    expect(result.current.canUndo).toBe(false);
  });
});
