import { must } from './must';
import { findStock } from '../../src/core/plan/library';
import { fireEvent } from '@testing-library/react';
import { library, moss, ticksOf } from './plans';
import { asTyped } from '../../src/core/length/typedLength';
import { type Holding } from '../../src/core/stash/holding';
import { emptyHolding } from '../../src/core/stash/holdings';

export const stock = must(findStock(library, moss));

export const held: Holding = {
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

export const give = (field: HTMLElement, value: string) => {
  fireEvent.change(field, { target: { value } });
  fireEvent.keyDown(field, { key: 'Enter' });
};
