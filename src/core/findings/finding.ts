import type { Length, Size } from '../length/length';
import type { Edit } from '../plan/edit';
import type { PieceId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import type { RuleId } from '../plan/rules';
import type {
  ImpossiblePiece,
  ResolvedCard,
  ResolvedPiece,
  Reveals,
} from '../resolve/resolvedCard';

/** Stops the card, is worth a look, or is against a habit of the house. */
export type Severity = 'stop' | 'look' | 'habit';

type Side = 'left' | 'top' | 'right' | 'bottom';

/** What was found, as figures; the sentence is chosen where it is shown. */
export type FindingData =
  | { readonly rule: 'impossible-piece'; readonly reason: ImpossiblePiece['reason'] }
  | { readonly rule: 'missing-stock'; readonly libraryId: string }
  | {
      readonly rule: 'larger-than-support';
      readonly supportLetter: string;
      readonly over: readonly { readonly side: Side; readonly by: Length }[];
    }
  | {
      readonly rule: 'unequal-borders';
      readonly supportLetter: string;
      readonly reveals: Reveals;
    }
  | {
      readonly rule: 'off-trimmer-marks';
      readonly size: Size;
      readonly off: readonly ('width' | 'height')[];
      readonly marks: readonly Length[];
    };

/** One way to mend a finding: the size that comes of it, what then shows, and the edit that does it. */
export interface Remedy {
  readonly id: string;
  readonly size: Size | undefined;
  readonly reveals: Reveals | undefined;
  readonly edit: Edit;
}

export interface Finding {
  readonly severity: Severity;
  /** Undefined for the base. */
  readonly pieceId: PieceId | undefined;
  readonly letter: string;
  readonly name: string;
  readonly data: FindingData;
  readonly remedies: readonly Remedy[];
}

/** What a rule sees. */
export interface RuleInput {
  readonly plan: Plan;
  readonly card: ResolvedCard;
}

/** A rule names itself and finds; it keeps nothing between calls. */
export interface Rule {
  readonly id: RuleId;
  readonly find: (input: RuleInput) => readonly Finding[];
}

/** A finding on a resolved piece. */
export function findOnPiece(
  { id, letter, name }: ResolvedPiece,
  severity: Severity,
  data: FindingData,
  remedies: readonly Remedy[],
): Finding {
  return { severity, pieceId: id, letter, name, data, remedies };
}
