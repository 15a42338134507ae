import type { Length } from '../length/length';
import type { AdhesiveId } from '../paper/adhesives';
import type { Edit } from '../plan/edit';
import type { PieceOf } from '../plan/piece';
import type { MailClassId, MailSchemeId } from '../plan/planFacts';

/** What is done to a card so that it goes by a cheaper class. */
export type PostDeed =
  /** All that one adhesive holds is held by a thinner one, so what was level stays so. */
  | {
      readonly code: 'thinner';
      readonly from: AdhesiveId;
      readonly to: AdhesiveId;
      readonly pieces: number;
    }
  | {
      readonly code: 'flatter' | 'without';
      readonly look: PieceOf<'dot'>['look'];
      readonly pieces: number;
    }
  /** A bow folded flat, or moved along its ribbon to where less is under it. */
  | { readonly code: 'flat-bow'; readonly name: string }
  | {
      readonly code: 'bow-along';
      readonly name: string;
      readonly to: Length;
      readonly from: 'left' | 'top';
    }
  | { readonly code: 'envelope'; readonly name: string };

/** A change with what comes of it. */
export interface PostRemedy {
  readonly deeds: readonly PostDeed[];
  readonly edit: Edit;
  /** The card then, without its envelope, at its highest point. */
  readonly height: Length;
  /** What is posted then. */
  readonly grams: number;
  /** The cheapest class of each authority that becomes cheaper. */
  readonly cheaper: Readonly<Partial<Record<MailSchemeId, MailClassId>>>;
}
