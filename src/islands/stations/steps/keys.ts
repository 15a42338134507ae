import type { KeyLine } from '../../parts/KeysDialog';

/** The keys of Steps, as the help lists them. */
export const stepsKeys: readonly KeyLine[] = [
  ['↑ ↓', 'the step before, or after'],
  ['Alt+↑ ↓', 'do it one earlier, or later'],
  ['b', 'work at the bench, one step at a time'],
  ['c', 'all copies by stage, or one card'],
  ['m', 'what more copies take, in a chart'],
  ['t', 'together with another card that shares its inks'],
  ['space', 'at the bench: this one is done'],
  ['Enter', 'at the bench: all copies are done'],
  ['n', 'add a step of your own after it'],
];
