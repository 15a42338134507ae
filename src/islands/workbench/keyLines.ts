import type { KeyLine } from '../parts/KeysDialog';
import { stations } from '../stations/stations';

/** The keys of the revisions, as the help lists them. */
export const revisionKeys: readonly KeyLine[] = [
  ['↑ ↓', 'go from revision to revision'],
  ['t', 'restore the chosen revision'],
];

/** The keys that are the same everywhere on the workbench. */
export const workbenchKeys: readonly KeyLine[] = [
  ['[ ]', 'in a field: a mark down, a mark up; arrows do the same'],
  ['Enter', 'in a field: keep the figure'],
  ['Esc', 'take back what is being typed'],
  ['e w', 'use the first or second remedy of the finding shown'],
  ['k', 'keep the sizes after a move'],
  ['u', 'swap the leading unit'],
  [
    stations.map(({ digit }) => digit).join(' '),
    `go to ${stations.map(({ name }) => name).join(', ')}`,
  ],
  ['h', 'see the revisions'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, do again'],
  ['?', 'these keys'],
];
