import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { fiveLayers, library as papers } from '../../../../test/support/plans';
import { renderIn, sessionOn } from '../../../../test/support/session';
import type { LibraryId, PieceId } from '../../../core/plan/ids';
import type { LibraryItem } from '../../../core/plan/libraryItem';
import type { Library } from '../../../core/plan/library';
import type { Plan } from '../../../core/plan/plan';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import { emptyHolding } from '../../../core/stash/holdings';
import { supplyList } from '../../../core/supplies/supplyList';
import { SupplyShort } from './SupplyShort';
import { UsesEditor } from './UsesEditor';
import { SupplyTable } from '../../parts/SupplyTable';

afterEach(cleanup);

const gem = (id: string, name: string, colour: string): LibraryItem => ({
  kind: 'embellishment',
  id: id as LibraryId,
  version: 1,
  name,
  sale: { from: null, until: id === 'ruby' ? '2027-09-30' : null },
  embellishment: 'gem',
  colour,
});
const library: Library = [
  ...papers,
  gem('ruby', 'Ruby gem', '#aa2233'),
  gem('rose', 'Rose gem', '#aa2435'),
];
const plan: Plan = {
  ...fiveLayers(),
  making: { ...fiveLayers().making, copies: 24 },
  uses: [
    {
      id: 'takes-ruby' as PieceId,
      item: { id: 'ruby' as LibraryId, version: 1 },
      amount: 3,
      pieceId: 'top' as PieceId,
      note: 'one on each flower',
    },
  ],
};
const card = resolvePlan(plan, library);
const holdings = [{ ...emptyHolding('ruby' as LibraryId), count: 50, price: 5 }];
const list = supplyList({ plan, card, library, holdings, cuts: undefined, cutsForOne: undefined });

describe('the table of supplies', () => {
  const rowOf = (name: string) => {
    const row = screen.getByText(name).closest('tr');
    if (!row) throw new Error(`no row ${name}`);
    return within(row)
      .getAllByRole('cell')
      .map(({ textContent }) => textContent);
  };

  it('tells of each thing what one card and all take, what there is, lacks and costs', () => {
    render(<SupplyTable list={list} library={library} holdings={holdings} hasOne />);
    const [name, ...figures] = rowOf('Ruby gem');
    expect(figures).toEqual(['3 pieces', '72 pieces', '50', '22 pieces', '3.60']);
    expect(name).toContain('for E');
    expect(name).toContain('one on each flower');
    const below = screen.getByText('Ruby gem').closest('tr')?.nextElementSibling;
    expect(below?.textContent).toContain('Instead: Rose gem (colour ');
  });

  it('leaves paper open while the cuts are not planned, and adhesive the stash has none of lacking', () => {
    render(<SupplyTable list={list} library={library} holdings={holdings} hasOne={false} />);
    expect(rowOf('Moss 216 g').slice(1, 3)).toEqual(['…', 'not counted']);
    expect(rowOf('tape')[3]).toMatch(/ m$/);
    expect(screen.getByText(/of which no price is known/).textContent).toContain('tape');
  });
});

describe('the supplies of a tutorial', () => {
  it('name each thing once with what one card takes, and a limited sale', () => {
    render(<SupplyShort list={list} />);
    expect(
      screen.getByText('Ruby gem, 3 pieces, sold until 30 September 2027: one on each flower'),
    ).toBeDefined();
    expect(screen.getAllByText(/^Moss 216 g/)).toHaveLength(1);
  });
});

describe('what a card takes beside its panels', () => {
  const show = () => {
    const session = sessionOn(plan, library);
    renderIn(session, <UsesEditor />);
    return session.commit;
  };
  const [use] = plan.uses;
  if (!use) throw new Error('no use');
  const { id } = use;

  it('changes in amount, purpose and note, each an edit of its own, and is taken out', () => {
    const onCommit = show();
    const amount = screen.getByLabelText('Amount of Ruby gem');
    fireEvent.change(amount, { target: { value: '5' } });
    fireEvent.keyDown(amount, { key: 'Enter' });
    fireEvent.change(screen.getByLabelText('What Ruby gem is for'), { target: { value: '' } });
    const note = screen.getByLabelText('Note on Ruby gem');
    fireEvent.change(note, { target: { value: '' } });
    fireEvent.blur(note);
    fireEvent.click(screen.getByRole('button', { name: 'Take Ruby gem out' }));
    expect(onCommit.mock.calls.map(([edit]) => edit)).toEqual([
      { kind: 'change', in: 'uses', id, change: { amount: 5 } },
      { kind: 'change', in: 'uses', id, change: { pieceId: null } },
      { kind: 'change', in: 'uses', id, change: { note: '' } },
      { kind: 'remove', in: 'uses', id },
    ]);
  });

  const add = (name: string) => {
    fireEvent.change(screen.getByLabelText('It takes'), { target: { value: name } });
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
  };

  it('is found by its name or the part of one that only it has', () => {
    const onCommit = show();
    add('rose');
    expect(onCommit.mock.calls[0]?.[0]).toMatchObject({
      kind: 'put',
      in: 'uses',
      item: { item: { id: 'rose', version: 1 }, amount: 1, pieceId: null },
    });
  });

  it.each(['gem', 'unicorn', 'Moss 216 g'])('is refused as %j, with what to do instead', (name) => {
    const onCommit = show();
    add(name);
    expect(screen.getByRole('alert').textContent).toContain('no single thing called');
    expect(onCommit).not.toHaveBeenCalled();
  });
});
