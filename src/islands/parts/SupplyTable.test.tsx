import { cleanup, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { SupplyTable } from './SupplyTable';
import { library, holdings, list } from '../../../test/support/listed';

afterEach(cleanup);

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
