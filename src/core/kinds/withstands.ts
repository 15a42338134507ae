import type { Ink, Medium } from '../plan/libraryItem';

export type Solvent = 'alcohol' | 'water';

/** What each sort of ink stands once it is dry, where an item does not say it itself. From memory; editable in the stash. */
const usual: Readonly<Record<Ink['ink'], readonly Solvent[]>> = {
  dye: [],
  chalk: [],
  reactive: [],
  sticky: [],
  pigment: ['water'],
  solvent: ['water'],
};

/** Whether lines in an ink stay sharp when they are gone over with something that carries alcohol or water. */
export function withstands({ ink, withstands: own }: Ink, solvent: Solvent): boolean {
  return (own ?? usual[ink]).includes(solvent);
}

/** What a medium carries that may loosen the ink under it; undefined for one that carries neither. */
export function solventOf({ medium }: Medium): Solvent | undefined {
  switch (medium) {
    case 'alcohol marker':
      return 'alcohol';
    case 'water marker':
    case 'watercolour':
    case 'spray':
      return 'water';
    case 'pencil':
    case 'gel pen':
    case 'paint pen':
    case 'glitter glue':
      return undefined;
    default:
      throw new TypeError(`solventOf: unknown ${String(medium satisfies never)}`);
  }
}
