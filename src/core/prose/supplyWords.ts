import { countWords } from '../words/countWords';
import { sheetOf } from '../paper/sheets';
import type { SubstituteChange } from '../supplies/substitutes';
import type { SupplyGroup, SupplyRow, SupplyUnit } from '../supplies/supplyRow';

/** What a group is called on a supply list. */
export const groupNames: Readonly<Record<SupplyGroup, string>> = {
  stamps: 'Stamps',
  dies: 'Dies',
  stencils: 'Stencils',
  paper: 'Paper',
  ink: 'Ink',
  powder: 'Powder',
  colour: 'Colour',
  tools: 'Tools',
  adhesives: 'Adhesives',
  embellishments: 'Embellishments',
  envelopes: 'Envelopes',
  postage: 'Postage',
};

/**
 * An amount as it is bought or measured; half an amount too little to show is not shown as none.
 * @example amountWords(0.52, 'm', undefined) // '0.52 m'
 */
export function amountWords(amount: number, unit: SupplyUnit, sheet: SupplyRow['sheet']): string {
  switch (unit) {
    case 'sheet':
      return countWords(amount, sheet ? sheetOf(sheet).name : 'sheet');
    case 'piece':
      return countWords(roundAmount(amount), 'piece');
    case 'm':
    case 'ml':
      return amount > 0 && amount < 0.01 ? `under 0.01 ${unit}` : `${roundAmount(amount)} ${unit}`;
    case 'use':
      return '';
  }
}

const roundAmount = (amount: number) => Number(amount.toFixed(2));

/** Hundredths as one writes a sum: '12.50'. */
export function costWords(hundredths: number): string {
  return (hundredths / 100).toFixed(2);
}

/** What is different with a substitute: 'colour 4.2 off', '270 instead of 216 g/m²'. */
export function substituteWords(change: SubstituteChange): string {
  switch (change.kind) {
    case 'colour':
      return `colour ${change.difference.toFixed(1)} off`;
    case 'weight':
      return `${change.to} instead of ${change.from} g/m²`;
    case 'sheets':
      return `no ${change.missing.map((id) => sheetOf(id).name).join(', ')}`;
    case 'paper':
    case 'make':
      return `${change.to} instead of ${change.from}`;
    case 'one-way':
      return 'its print runs one way';
  }
}
