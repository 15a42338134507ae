/** Every rule that can find something; a rule is a file of its name in findings/rules. */
export const ruleIds = [
  'impossible-piece',
  'missing-stock',
  'larger-than-support',
  'sheet-too-small',
  'cut-out',
  'liner-at-score',
  'unequal-borders',
  'thin-reveal',
  'hidden-layer',
  'overhang',
  'off-paper',
  'same-place',
  'window-uncovered',
  'image-short',
  'short-end',
  'two-heights',
  'foam-wide',
  'blocked',
  'too-large',
  'no-die',
  'stencil-short',
  'words-covered',
  'words-near-edge',
  'word-slope',
  'lost-on-ground',
  'off-centre',
  'off-trimmer-marks',
  'sale-ends',
  'near-colours',
  'easier-figures',
  'newer-version',
  'short-supply',
  'even-number',
] as const;
export type RuleId = (typeof ruleIds)[number];

/**
 * Rules by what they read. Paper: sizes, borders and stocks of what is cut. Marks: prints, words, die cuts, what lies over
 * what, and what moves. Heights: what holds and lifts each piece. Sheets: what the stocks come in, and the cut plan.
 * Supplies: the items of the stash and the supply list.
 */
export const ruleGroups = ['paper', 'marks', 'heights', 'sheets', 'supplies'] as const;
export type RuleGroup = (typeof ruleGroups)[number];

/** What each rule reads most of; a group's rules are run together. */
export const ruleGroupOf: Readonly<Record<RuleId, RuleGroup>> = {
  'impossible-piece': 'paper',
  'missing-stock': 'paper',
  'larger-than-support': 'paper',
  'sheet-too-small': 'sheets',
  'cut-out': 'paper',
  'liner-at-score': 'paper',
  'unequal-borders': 'paper',
  'thin-reveal': 'paper',
  'hidden-layer': 'paper',
  overhang: 'marks',
  'off-paper': 'marks',
  'same-place': 'marks',
  'window-uncovered': 'marks',
  'image-short': 'marks',
  'short-end': 'marks',
  'two-heights': 'heights',
  'foam-wide': 'heights',
  blocked: 'marks',
  'too-large': 'marks',
  'no-die': 'marks',
  'stencil-short': 'marks',
  'words-covered': 'marks',
  'words-near-edge': 'marks',
  'word-slope': 'marks',
  'lost-on-ground': 'marks',
  'off-centre': 'marks',
  'off-trimmer-marks': 'paper',
  'sale-ends': 'supplies',
  'near-colours': 'paper',
  'easier-figures': 'paper',
  'newer-version': 'supplies',
  'short-supply': 'supplies',
  'even-number': 'marks',
};
