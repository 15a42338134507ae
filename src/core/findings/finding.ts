import type { ActReason } from '../acts/act';
import type { MaskPlan } from '../masking/maskCard';
import type { Length, Size, Unit } from '../length/length';
import type { SheetId } from '../paper/sheets';
import type { MotionIssue } from '../measuring/motion';
import type { StencilMoves } from '../stencilling/stencilMoves';
import type { FaceId, Side } from '../plan/faces';
import type { Placed } from '../resolve/outlineOf';
import type { PieceId } from '../plan/ids';
import type { Solvent } from '../kinds/withstands';
import type { Library } from '../plan/library';
import type { JudgedClass } from '../post/mail/judge';
import type { PostPlan } from '../post/postPlan';
import type { PostRemedy } from '../post/postRemedy';
import type { Motion } from '../plan/piece';
import type { Plan } from '../plan/plan';
import type { RuleId } from '../plan/rules';
import type { ImpossiblePiece, ResolvedCard } from '../resolve/resolvedCard';
import type { Reveals } from '../resolve/origins';
import type { CutPlan } from '../cutting/cutPlan';
import type { ProcessPlan } from '../process/processPlan';
import type { SupplyList } from '../supplies/supplyList';
import type { SupplyRow } from '../supplies/supplyRow';
import type { Join } from './joinPiece';
import type { Remedy } from './remedy';
import type { StepFinding } from './stepFinding';
import { pairSubject, pieceSubject, type Subject } from './subject';

type StencilReason = Extract<StencilMoves, { ok: false }>['reason'];

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
  | { readonly rule: 'hidden-layer' }
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
      /** How it could be made of two. */
      readonly join: Join | undefined;
      /** Another stock that gives it, by name. */
      readonly other: string | undefined;
    }
  | {
      readonly rule: 'sale-ends';
      /** Days, as year-month-day. */
      readonly until: string;
      readonly publishOn: string;
    }
  | {
      readonly rule: 'newer-version';
      readonly version: number;
      /** So many others are taken over with it. */
      readonly others: number;
      /** The newer one fills its box where the old one did not; nothing on the card moves when it is taken. */
      readonly isTrimmed: boolean;
    }
  | {
      readonly rule: 'cut-out';
      readonly reason: 'nothing-on-it' | 'rim-takes-all';
      readonly rim: Length;
    }
  | { readonly rule: 'overhang'; readonly side: Side; readonly by: Length }
  | {
      readonly rule: 'words-covered';
      /** Covered by another thing; on an image, printed paper, or the pattern of a stencil or background stamp. */
      readonly by: 'thing' | 'image' | 'printed-paper' | 'pattern';
    }
  | {
      readonly rule: 'off-paper';
      readonly supportLetter: string;
      /** How far it reaches off its paper. */
      readonly by: Length;
      /** Nothing of it lies on its paper. */
      readonly isWhole: boolean;
      /** So many others of its group do too. */
      readonly others: number;
    }
  | { readonly rule: 'same-place' }
  | {
      readonly rule: 'window-uncovered';
      /** What ends in the window. */
      readonly by: string;
      readonly side: Side;
      /** How far it reaches beyond the rim; negative where a gap is seen. */
      readonly reach: Length;
      readonly overlap: Length;
    }
  | {
      readonly rule: 'short-end';
      readonly side: Side;
      /** How far it reaches under the cover; negative where a gap is seen. */
      readonly reach: Length;
      readonly overlap: Length;
    }
  | {
      readonly rule: 'short-supply';
      /** What the batch takes, and how much of it has to be got, in the unit of the supply list. */
      readonly batch: number;
      readonly lacking: number;
      readonly unit: SupplyRow['unit'];
      readonly sheet: SheetId | undefined;
    }
  | { readonly rule: 'image-short'; readonly gap: Length }
  | { readonly rule: 'two-heights'; readonly height: Length }
  | { readonly rule: 'foam-wide'; readonly rim: Length; readonly foam: Length }
  | {
      readonly rule: 'foam-short';
      /** The widest. */
      readonly gap: Length;
      readonly short: number;
      readonly pads: number;
    }
  | { readonly rule: 'not-held' }
  | { readonly rule: 'sticky-insert' }
  /** From the place furthest from all pads to the nearest of them. */
  | { readonly rule: 'foam-sags'; readonly free: Length }
  | {
      readonly rule: 'pale-foam';
      readonly sides: readonly Side[];
      /** Seen from lower than so many degrees above the paper. */
      readonly from: number;
    }
  | {
      readonly rule: 'glue-buckles';
      /** Of the weight of the paper, in water. */
      readonly share: number;
      /** In grams per square metre. */
      readonly weight: number;
    }
  | { readonly rule: 'warped' }
  | {
      readonly rule: 'blocked';
      readonly motion: Motion['kind'];
      readonly issue: MotionIssue;
    }
  | {
      readonly rule: 'too-large';
      readonly tool: 'press';
      readonly size: Size;
      readonly most: Length;
    }
  | {
      readonly rule: 'too-large';
      readonly tool: 'platform';
      readonly size: Size;
      readonly most: Size;
    }
  /** Scissors cut round a print; `die` would do it, by name. */
  | { readonly rule: 'no-die'; readonly stamp: string; readonly die: string | undefined }
  | { readonly rule: 'stencil-short'; readonly reason: StencilReason }
  | { readonly rule: 'lost-on-ground'; readonly difference: number; readonly isWords: boolean }
  /** An ink that what comes over it loosens. */
  | { readonly rule: 'ink-unfit'; readonly ink: string; readonly solvent: Solvent }
  | {
      readonly rule: 'muddy-blend';
      readonly one: string;
      readonly two: string;
      /** What share of its strength of colour is lost where they meet. */
      readonly loss: number;
    }
  | {
      readonly rule: 'colour-gap';
      /** Of the combination. */
      readonly name: string;
      /** In L*, from light to dark. */
      readonly from: number;
      readonly to: number;
    }
  | { readonly rule: 'uncoloured'; readonly parts: string }
  /** Contrast ratios of words where it is least, and on average. */
  | { readonly rule: 'hard-to-read'; readonly worst: number; readonly average: number }
  | {
      readonly rule: 'medium-unfit';
      readonly why: 'surface' | 'pen-on-chalk';
      readonly name: string;
      /** The sort of paper, or the ink of the ground. */
      readonly on: string;
    }
  | {
      readonly rule: 'medium-unfit';
      readonly why: 'light-on-dark' | 'no-undercoat' | 'shimmer-on-pen';
      readonly name: string;
    }
  | { readonly rule: 'fast-ink-powder'; readonly ink: string; readonly powder: string }
  | { readonly rule: 'fine-on-chalk'; readonly ink: string; readonly ground: string }
  | {
      readonly rule: 'words-near-edge';
      readonly supportLetter: string;
      readonly sides: readonly Side[];
      /** The least distance; negative over the edge. */
      readonly least: Length;
      readonly margin: Length;
      /** Whether what they lie on is too small for them at all. */
      readonly isTooShort: boolean;
    }
  | { readonly rule: 'word-slope'; readonly degrees: number }
  | { readonly rule: 'off-centre'; readonly axis: 'x' | 'y'; readonly by: Length }
  /** Prints that each have to be stamped before the next, and the last before the first. */
  | { readonly rule: 'order-circle'; readonly names: readonly string[] }
  /** Stamped first, as decided, though what it is would have it stamped after the other. */
  | {
      readonly rule: 'against-kind';
      readonly because: ActReason;
      readonly isEarly: boolean;
      readonly other: string;
    }
  /** Nothing covers it where it is crossed: both are too spindly there for a mask. Square ticks. */
  | { readonly rule: 'prints-cross'; readonly other: string; readonly area: number }
  | { readonly rule: 'words-masked'; readonly other: string }
  | { readonly rule: 'ground-over-image'; readonly ground: string }
  /** Of a scene: strips that nothing is inked in, or a mark that none of its strips is left of. */
  | {
      readonly rule: 'strips-bare';
      readonly why: 'bare' | 'lost';
      readonly scene: string;
      readonly strips: readonly { readonly id: string; readonly at: number }[];
    }
  /** Neighbours that are open together, as set by hand. */
  | {
      readonly rule: 'strips-together';
      readonly scene: string;
      readonly strips: readonly { readonly id: string; readonly at: number }[];
    }
  /** A mask is laid on an ink that stays wet. */
  | { readonly rule: 'mask-on-wet'; readonly ink: string; readonly mask: string }
  /** Masks are cut so far inside the line only. */
  | { readonly rule: 'mask-halo'; readonly inset: Length }
  /** A small part on a card for a child under three. */
  | { readonly rule: 'small-parts'; readonly part: string }
  | { readonly rule: 'over-class'; readonly scheme: string; readonly class: JudgedClass }
  | {
      readonly rule: 'envelope-small';
      /** The envelope chosen; undefined where none was, and none there is holds the card. */
      readonly name: string | undefined;
      /** What it lacks along each side; zero where it lacks nothing. */
      readonly long: Length;
      readonly short: Length;
      /** The least envelope that would hold it, lying. */
      readonly wanted: Size;
    }
  /** Longer side by shorter. */
  | { readonly rule: 'square-post'; readonly ratio: number }
  /** What an envelope presses flat. */
  | { readonly rule: 'crushed'; readonly what: 'bow' | 'spring' }
  | StepFinding
  | { readonly rule: 'even-number'; readonly count: number; readonly face: FaceId }
  | {
      readonly rule: 'easier-figures';
      readonly unit: Unit;
      readonly sizes: readonly EasierSize[];
    };

export interface Finding {
  readonly severity: Severity;
  readonly subject: Subject;
  readonly data: FindingData;
  /** Those that have to be tried on the card are tried when they are first looked at. */
  readonly remedies: readonly Remedy[];
}

/**
 * What is computed anyway, in a worker or once the hand rests, and handed to the rules that look at it; undefined
 * until it is there.
 */
export interface Results {
  readonly cuts: CutPlan | undefined;
  readonly supplies: SupplyList | undefined;
  readonly masks: MaskPlan | undefined;
  readonly post:
    | {
        readonly plan: PostPlan;
        /** What brings the card into a cheaper class, as far as that is found. */
        readonly remedies: readonly PostRemedy[];
      }
    | undefined;
  readonly process: ProcessPlan | undefined;
}

export const noResults: Results = {
  cuts: undefined,
  supplies: undefined,
  masks: undefined,
  post: undefined,
  process: undefined,
};

/** What a rule sees. */
export interface RuleInput {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
  readonly results: Results;
}

/** A rule names itself and finds; it keeps nothing between calls. */
export interface Rule {
  readonly id: RuleId;
  readonly find: (input: RuleInput) => readonly Finding[];
}

/** A finding on anything that lies on a face. */
export function findOn(
  placed: Placed,
  severity: Severity,
  data: FindingData,
  remedies: Remedies = [],
): Finding {
  return withRemedies({ severity, subject: pieceSubject(placed), data }, remedies);
}

/** A finding on a piece that would not be without another. */
export function findOnPair(
  placed: Placed,
  other: Placed,
  severity: Severity,
  data: FindingData,
  remedies: Remedies = [],
): Finding {
  return withRemedies({ severity, subject: pairSubject(placed, other), data }, remedies);
}

/** Remedies, or how they are found: of two hundred findings one is told, so the others need not try theirs. */
type Remedies = readonly Remedy[] | (() => readonly Remedy[]);

function withRemedies(found: Omit<Finding, 'remedies'>, remedies: Remedies): Finding {
  if (typeof remedies !== 'function') return { ...found, remedies };
  let tried: readonly Remedy[] | undefined;
  return {
    ...found,
    get remedies() {
      tried ??= remedies();
      return tried;
    },
  };
}
