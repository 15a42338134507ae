import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library } from '../../../test/support/plans';
import { NewStampsDialog } from './NewStampsDialog';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function show() {
  const sent = vi.fn((_path: string, { body }: { body: string }) => {
    const { changes } = JSON.parse(body) as { changes: { item: unknown }[] };
    const reply = { items: changes.map(({ item }) => item), holdings: [] };
    return Promise.resolve(Response.json(reply));
  });
  vi.stubGlobal('fetch', sent);
  const onDone = vi.fn();
  render(
    <NewStampsDialog library={library} holdings={[]} unit="in" onDone={onDone} onClose={vi.fn()} />,
  );
  return { sent, onDone };
}
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const add = () => fireEvent.click(screen.getByRole('button', { name: /^Add / }));

describe('stamps of one’s own', () => {
  it('take a name, a size and a sort; a sentiment says its name', async () => {
    const { onDone } = show();
    type('Name', 'so glad');
    type('Size', '2 x 1/2');
    type('Sort', 'sentiment');
    add();
    await vi.waitFor(() => expect(onDone).toHaveBeenCalled());
    expect(onDone.mock.calls[0]?.[0]).toMatchObject([
      { kind: 'stamp', stamp: 'sentiment', name: 'so glad', words: { lines: ['so glad'] } },
    ]);
  });

  it('say all that is missing, and send nothing', async () => {
    const { sent } = show();
    add();
    const alert = await screen.findByRole('alert');
    expect(alert.textContent).toContain('A name has 1 to 60 characters.');
    expect(alert.textContent).toContain('Size is width x height');
    expect(sent).not.toHaveBeenCalled();
  });

  it('come from a list, with each line that cannot be taken', async () => {
    const { onDone } = show();
    const file = new File(['name,size,sort\nPail,1 x 1,solid\nBroom,2 x,outline\n'], 'stamps.csv');
    fireEvent.change(screen.getByLabelText('or a list'), { target: { files: [file] } });
    expect((await screen.findByText(/^1 stamp to add\./)).textContent).toContain('Line 3: Size');
    add();
    await vi.waitFor(() => expect(onDone).toHaveBeenCalled());
    expect(onDone.mock.calls[0]?.[0]).toMatchObject([{ name: 'Pail', stamp: 'solid' }]);
  });
});
