/** What is wrong with a drawing that was handed in. */
export type SvgIssue =
  | { readonly code: 'too-large' }
  | { readonly code: 'no-svg' }
  | { readonly code: 'broken'; readonly line: number }
  | { readonly code: 'entities' }
  | { readonly code: 'script' }
  | { readonly code: 'external' }
  /** How the path begins, and the sign from which on it cannot be read; from 1. */
  | { readonly code: 'bad-path'; readonly beginning: string; readonly at: number }
  | { readonly code: 'no-outline' }
  | { readonly code: 'too-detailed' };
