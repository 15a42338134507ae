import type { RuleId } from '../../core/plan/rules';

/** What each rule looks for, as the habits name it. */
export const ruleWords: Readonly<Record<RuleId, string>> = {
  'impossible-piece': 'layers that cannot be sized or placed',
  'missing-stock': 'stocks the stash does not hold',
  'larger-than-support': 'layers that stick out',
  'sheet-too-small': 'layers no sheet gives in one piece',
  'cut-out': 'a cut-out middle that would be seen',
  'liner-at-score': 'liners at or over the score',
  'unequal-borders': 'borders that differ',
  'thin-reveal': 'borders too thin to be seen',
  'hidden-layer': 'layers that are never seen',
  'off-trimmer-marks': 'sizes between the trimmer’s marks',
  'near-colours': 'neighbours of nearly one colour',
  'easier-figures': 'figures that would be easier in eighths or whole millimetres',
};
