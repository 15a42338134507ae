import type { Length, Size } from '../length/length';
import type { Edit } from '../plan/edit';
import type { Side } from '../plan/faces';
import type { PostDeed } from '../post/postRemedy';
import type { Reveals } from '../resolve/origins';

/** Remedies that give a piece another size; they are told by the size and the border that come of it. */
export const sizeRemedyIds = [
  'as-sides',
  'as-ends',
  'everyday-border',
  'fine-border',
  'liner-border',
  'mark-below',
  'mark-above',
] as const;
export type SizeRemedyId = (typeof sizeRemedyIds)[number];

/** All others, told by what they do. */
export const deedRemedyIds = [
  'onto-face',
  'centred',
  'straighten',
  'trim',
  'own-zone',
  'reading-ink',
  'leave-bare',
  'foam-sheet',
  'flat',
  'level',
  'still',
  'its-die',
  'let-down',
  'by-border',
  'turn-off',
  'onto-foam',
  'whole',
  'easier',
  'join',
  'other-stock',
  'newer',
  'let-cross',
  'as-placed',
  'keep-off',
  'ink-strips',
  'best-turns',
  'inside-line',
  'turn-about',
  'fitting-envelope',
  'made-to-measure',
  'flat-bow',
  'hold-all',
  'leave-open',
  'foam-middle',
  'tape-it',
  'glue-round',
  'as-ruled',
  'wait-dry',
  'add-step',
  'drop-override',
  'split-step',
] as const;
export type DeedRemedyId = (typeof deedRemedyIds)[number];

/** A thing moved by so much to each of these sides, and its group with it. */
export interface MoveRemedy {
  readonly id: 'move';
  readonly name: string;
  readonly by: readonly { readonly side: Side; readonly distance: Length }[];
  readonly edit: Edit;
}

/** Another thing of the stash taken, put between two, or put under. */
export interface NamedRemedy {
  readonly id: 'take-ink' | 'between' | 'undercoat';
  readonly name: string;
  readonly edit: Edit;
}

/** One way to mend a finding, as the edit that does it. */
export type Remedy =
  | {
      readonly id: SizeRemedyId;
      readonly size: Size;
      /** What then shows of what it lies on. */
      readonly reveals: Reveals;
      readonly edit: Edit;
    }
  | MoveRemedy
  | NamedRemedy
  | {
      readonly id: 'cheaper-post';
      readonly deeds: readonly PostDeed[];
      /** The card then, at its highest point. */
      readonly height: Length;
      readonly edit: Edit;
    }
  | { readonly id: DeedRemedyId; readonly edit: Edit };

/** A remedy told by what it does. */
export function deed(id: DeedRemedyId, edit: Edit): Remedy {
  return { id, edit };
}
