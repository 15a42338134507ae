import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { SupplyShort } from './SupplyShort';
import { list } from '../../../../test/support/listed';

afterEach(cleanup);

describe('the supplies of a tutorial', () => {
  it('name each thing once with what one card takes, and a limited sale', () => {
    render(<SupplyShort list={list} />);
    expect(
      screen.getByText('Ruby gem, 3 pieces, sold until 30 September 2027: one on each flower'),
    ).toBeDefined();
    expect(screen.getAllByText(/^Moss 216 g/)).toHaveLength(1);
  });
});
