import type { Length, Size, Unit } from '../length/length';
import type { SheetId } from '../paper/sheets';
import type { Edit } from '../plan/edit';
import type { Side } from '../plan/faces';
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

/** A piece whose figures a proposal changes. */
export interface EasierSize {
  readonly id: PieceId;
  readonly letter: string;
  readonly name: string;
  readonly before: Size;
  readonly after: Size;
  readonly revealsBefore: Reveals;
  readonly revealsAfter: Reveals;
}

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
    }
  | {
      readonly rule: 'thin-reveal';
      readonly supportLetter: string;
      readonly sides: readonly Side[];
      /** The narrowest of them. */
      readonly reveal: Length;
      readonly minimum: Length;
    }
  | { readonly rule: 'hidden-layer'; readonly under: string }
  | {
      readonly rule: 'liner-at-score';
      readonly side: Side;
      /** From the score; negative where it crosses it. */
      readonly reveal: Length;
      readonly elsewhere: Length;
    }
  | { readonly rule: 'near-colours'; readonly supportLetter: string; readonly difference: number }
  | {
      readonly rule: 'sheet-too-small';
      readonly size: Size;
      readonly stock: string;
      readonly sheets: readonly SheetId[];
    }
  | {
      readonly rule: 'cut-out';
      readonly reason: 'nothing-on-it' | 'rim-takes-all';
      readonly rim: Length;
    }
  | {
      readonly rule: 'easier-figures';
      readonly unit: Unit;
      readonly sizes: readonly EasierSize[];
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
