import { longerOf, shorterOf, subtractLengths, sumLengths, type Length } from '../../length/length';
import type { MailClass, MailLimit, MailMeasure, MailScheme } from './mailScheme';

/** What is posted: the envelope with the card in it. */
export interface MailPiece {
  readonly width: Length;
  readonly height: Length;
  /** At its highest point. */
  readonly thickness: Length;
  readonly grams: number;
  /** So much higher at its highest point than half of it is. */
  readonly uneven: Length;
  /** What counts as uneven. */
  readonly unevenBy: Length;
}

/** How a piece stands to one limit, with what is left; negative by how much it is beyond. */
export type Verdict =
  | {
      readonly measure: 'long' | 'short' | 'thickness' | 'sum' | 'evenness';
      readonly side: 'least' | 'most';
      readonly limit: Length;
      readonly margin: Length;
    }
  | {
      readonly measure: 'weight';
      readonly side: 'most';
      readonly limitGrams: number;
      readonly marginGrams: number;
    }
  | {
      readonly measure: 'ratio';
      readonly side: 'least' | 'most';
      readonly limit: readonly [number, number];
      readonly ratio: number;
      readonly isWithin: boolean;
    }
  /** No limit is known, or how the piece stands to it is not: never a pass. */
  | { readonly measure: MailMeasure; readonly side: 'not-known' };

export interface JudgedClass {
  readonly of: MailClass;
  /** `unsure`: beyond no limit that is known, but there are some that are not. */
  readonly stands: 'within' | 'unsure' | 'beyond';
  readonly verdicts: readonly Verdict[];
}

export interface JudgedScheme {
  readonly of: MailScheme;
  readonly classes: readonly JudgedClass[];
  /** The cheapest it is not beyond; undefined where it is beyond all. */
  readonly cheapest: JudgedClass | undefined;
}

/** Holds a piece against every class of an authority, limit by limit. Lengths are compared exactly. */
export function judgeMail(scheme: MailScheme, piece: MailPiece): JudgedScheme {
  const classes = scheme.classes.map((each) => judgeClass(each, piece));
  return { of: scheme, classes, cheapest: classes.find(({ stands }) => stands !== 'beyond') };
}

function judgeClass(of: MailClass, piece: MailPiece): JudgedClass {
  const verdicts = [
    ...of.limits.flatMap((limit) => judge(limit, piece)),
    ...of.unknown.map((measure): Verdict => ({ measure, side: 'not-known' })),
  ];
  const stands = verdicts.some(isBeyond)
    ? 'beyond'
    : verdicts.some(({ side }) => side === 'not-known')
      ? 'unsure'
      : 'within';
  return { of, stands, verdicts };
}

export function isBeyond(verdict: Verdict): boolean {
  if ('isWithin' in verdict) return !verdict.isWithin;
  if ('marginGrams' in verdict) return verdict.marginGrams < 0;
  return 'margin' in verdict && verdict.margin < 0;
}

function judge(limit: MailLimit, piece: MailPiece): readonly Verdict[] {
  const { measure } = limit;
  switch (measure) {
    case 'weight':
      return [
        {
          measure,
          side: 'most',
          limitGrams: limit.mostGrams,
          marginGrams: limit.mostGrams - piece.grams,
        },
      ];
    case 'ratio':
      return judgeRatio(limit, piece);
    case 'evenness':
      return [
        {
          measure,
          side: 'most',
          limit: piece.unevenBy,
          margin: subtractLengths(piece.unevenBy, piece.uneven),
        },
      ];
    case 'rigidity':
      return [{ measure, side: 'not-known' }];
    case 'thickness':
      if ('beyond' in limit && !isLarger(piece, limit.beyond)) return [];
      return judgeLength(limit, piece.thickness);
    case 'long':
      return judgeLength(limit, longOf(piece));
    case 'short':
      return judgeLength(limit, shorterOf(piece.width, piece.height));
    case 'sum':
      return judgeLength(limit, sumLengths(piece.width, piece.height, piece.thickness));
    default:
      throw new TypeError(`judgeMail: unknown limit ${JSON.stringify(measure satisfies never)}`);
  }
}

type LengthLimit = Extract<MailLimit, { readonly least?: Length }>;

function judgeLength(
  {
    measure,
    ...limit
  }: Pick<LengthLimit, 'measure'> & {
    readonly least?: Length;
    readonly most?: Length;
  },
  length: Length,
): readonly Verdict[] {
  const { least, most } = limit;
  const verdicts: Verdict[] = [];
  if (least !== undefined)
    verdicts.push({
      ...{ measure, side: 'least', limit: least },
      margin: subtractLengths(length, least),
    });
  if (most !== undefined)
    verdicts.push({
      ...{ measure, side: 'most', limit: most },
      margin: subtractLengths(most, length),
    });
  return verdicts;
}

/** By whole numbers, so that a piece of just that ratio is within. */
function judgeRatio(
  { least, most }: Extract<MailLimit, { readonly measure: 'ratio' }>,
  piece: MailPiece,
): readonly Verdict[] {
  const [long, short] = [longOf(piece), shorterOf(piece.width, piece.height)];
  const ratio = long / short;
  const verdict = (
    side: 'least' | 'most',
    limit: readonly [number, number],
    isWithin: boolean,
  ): Verdict => ({ measure: 'ratio', side, limit, ratio, isWithin });
  return [
    ...(least ? [verdict('least', least, long * least[1] >= short * least[0])] : []),
    ...(most ? [verdict('most', most, long * most[1] <= short * most[0])] : []),
  ];
}

const longOf = ({ width, height }: MailPiece) => longerOf(width, height);

function isLarger(
  piece: MailPiece,
  { long, short }: { readonly long: Length; readonly short: Length },
): boolean {
  return longOf(piece) > long || shorterOf(piece.width, piece.height) > short;
}
