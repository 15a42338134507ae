import type { PieceId } from '../plan/ids';

/** What becomes of a piece on a card of another format. `kept` as it was, in its place. */
export type Outcome =
  | { readonly kind: 'kept' }
  | { readonly kind: 'moved' }
  /** Its rule gives it another size on what it lies on now. */
  | { readonly kind: 're-derived' }
  /** Made to keep the borders it had. */
  | { readonly kind: 'borders-kept' }
  | { readonly kind: 'other-die' }
  | { readonly kind: 'cut-down' }
  | { readonly kind: 'split' }
  | { readonly kind: 'smaller-letters' }
  /** So many more of it side by side, to reach across. */
  | { readonly kind: 'repeated'; readonly more: number }
  | { readonly kind: 'left-out'; readonly why: LeftOut };

/** The face is not there, there is no room, too little of it would be seen, or what it lay on is left out. */
export type LeftOut = 'no-face' | 'no-room' | 'too-little' | 'below';

/** One line of what was done, in gluing order. */
export interface ReformatStep {
  readonly id: PieceId;
  readonly name: string;
  readonly outcome: Outcome;
}
