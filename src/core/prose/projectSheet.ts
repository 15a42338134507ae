import type { Length, Size, Unit } from '../length/length';
import { cardFormat } from '../paper/cardFormats';
import { cutStraight, type StraightYield } from '../paper/cutStraight';
import { sheetOf, sheets, type Sheet } from '../paper/sheets';
import type { Fold } from '../paper/cardFormat';
import type { Score } from '../paper/layOutBlank';
import { faceName, facesOf, type FaceId } from '../plan/faces';
import { gluedWords } from './gluedWords';
import { placements, type Placement } from './placements';
import { boundsOf } from '../outline/outline';
import type { Motion } from '../plan/piece';
import { isCutToShape, sideLengths } from '../plan/pieces';
import { outlineOfPaper } from '../resolve/outlineOf';
import type { Plan } from '../plan/plan';
import { letterOf, type ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedPiece } from '../resolve/resolvedPiece';
import type { Reveals } from '../resolve/origins';

/** One piece to cut, as the sheet lists it. */
export interface CutRow {
  readonly letter: string;
  readonly name: string;
  readonly face: FaceId;
  readonly size: Size;
  /** What is cut before trimming, where something is trimmed off after decorating. */
  readonly before: { readonly size: Size; readonly off: Reveals } | undefined;
  /** The die that cuts it, counted from the largest of its set. */
  readonly die: { readonly set: string; readonly nth: number; readonly of: number } | undefined;
  /** How far outside its print it is cut out with scissors. */
  readonly scissors: Length | undefined;
  /** What is cut off each side of what die or scissors give; undefined for a rectangle, which is cut to size at once. */
  readonly cutDown: Reveals | undefined;
  /** Where it is cut off once it is glued: at the edge of the card, or together with what it lies on. */
  readonly cutAgain: 'at-card' | 'with-support' | undefined;
  /** How it moves once the card is made. */
  readonly motion: Motion | undefined;
  /** The middle that is cut out and kept. */
  readonly recovered: Size | undefined;
  /** The flap of a gate fold it is glued to, where it crosses the middle. */
  readonly flap: 'left' | 'right' | undefined;
  /** The letter of what it is glued on, and what of that shows round it. */
  readonly on: string;
  readonly reveals: Reveals;
  readonly adhesive: string;
  readonly stock: string;
  readonly colour: string;
  /** How many to cut for all copies. */
  readonly count: number;
  readonly notes: string;
}

/** How many of the blank a sheet of the base's stock gives, and with which cuts. */
export interface BlankYield extends StraightYield {
  readonly sheet: string;
  /** The blade is shorter than a cut, so the sheet is slid along. */
  readonly slides: boolean;
}

/** The pieces of one face, in gluing order. */
export interface FaceRows {
  readonly face: FaceId;
  readonly name: string;
  readonly rows: readonly CutRow[];
}

/** The project sheet as data; text, screen and print render the same. */
export interface ProjectSheet {
  readonly title: string;
  readonly format: string;
  readonly stand: 'upright' | 'lying' | 'square';
  readonly fold: Fold;
  readonly leading: Unit;
  readonly copies: number;
  readonly face: Size;
  readonly base: {
    readonly letter: string;
    readonly stock: string;
    readonly colour: string;
    readonly blank: Size;
    readonly scores: readonly Score[];
    /** The score board is shorter than a score, so the blank is slid along. */
    readonly slidesScore: boolean;
    readonly from: string | undefined;
    /** Only sheets that give at least one. */
    readonly yields: readonly BlankYield[];
    /** The sheets that were tried. */
    readonly sheets: readonly string[];
  };
  /** The faces that carry something. */
  readonly faces: readonly FaceRows[];
  /** Where every image, die cut and line of words is laid. */
  readonly placements: readonly Placement[];
  /** Names of pieces that have no figures yet, so that a print never drops them in silence. */
  readonly missing: readonly string[];
  readonly notes: string;
}

/** What a person needs to cut and build the card, for all its copies. */
export function projectSheet(plan: Plan, card: ResolvedCard, leading: Unit): ProjectSheet {
  const { copies } = plan.making;
  const rows = card.pieces.map((piece) => cutRow(piece, card, copies));
  const { face, blank, scores, sheetBlank, letter, stock, paint } = card.base;
  const { trimmerLength, scoreBoardLength } = plan.habits;
  const tried = stock ? stock.sheets.map(sheetOf) : sheets;
  const scoreLength = card.base.scores[0]?.axis === 'horizontal' ? blank.width : blank.height;
  return {
    title: plan.about.title,
    format: plan.base.format.kind === 'named' ? cardFormat(plan.base.format.id).name : 'Custom',
    stand: face.width === face.height ? 'square' : face.width < face.height ? 'upright' : 'lying',
    fold: plan.base.fold,
    leading,
    copies,
    face,
    base: {
      letter,
      stock: stock?.name ?? 'stock not known',
      colour: paint.colour,
      blank,
      scores,
      slidesScore: scores.length > 0 && scoreLength > scoreBoardLength.ticks,
      from: sheetBlank?.from,
      yields: tried
        .map((sheet) => blankYield(sheet, blank, trimmerLength.ticks))
        .filter(({ count }) => count > 0),
      sheets: tried.map(({ name }) => name),
    },
    placements: placements(plan, card),
    faces: facesOf(plan.base.fold)
      .map((each) => ({
        face: each,
        name: faceName(each, plan.base.fold),
        rows: rows.filter((row) => row.face === each),
      }))
      .filter((each) => each.rows.length > 0),
    missing: card.impossible.map(({ name }) => name),
    notes: plan.about.notes,
  };
}

/** All rows of a sheet, face by face. */
export function sheetRows(sheet: ProjectSheet): readonly CutRow[] {
  return sheet.faces.flatMap(({ rows }) => rows);
}

function cutRow(resolved: ResolvedPiece, card: ResolvedCard, copies: number): CutRow {
  const { piece, rect, cut, opening, origins, stock, paint } = resolved;
  const size = { width: rect.width, height: rect.height };
  const die = origins.width.kind === 'die' ? origins.width : undefined;
  return {
    letter: resolved.letter,
    name: resolved.name,
    face: resolved.face,
    size,
    before: piece.trim ? { size: cut, off: sideLengths(piece.trim) } : undefined,
    die: die && { set: die.set, nth: die.nth, of: die.of },
    scissors: origins.width.kind === 'print' ? origins.width.rim : undefined,
    cutDown: piece.crop && isCutToShape(piece.size) ? sideLengths(piece.crop) : undefined,
    cutAgain: cutAgain(resolved, card.base.face),
    motion: piece.motion ?? undefined,
    recovered: opening && { width: opening.width, height: opening.height },
    flap: resolved.crossesGate ? piece.carriedBy : undefined,
    on: letterOf(card, resolved.support),
    reveals: resolved.reveals,
    adhesive: gluedWords(piece, card),
    stock: stock?.name ?? 'stock not known',
    colour: paint.colour,
    count: copies,
    notes: piece.notes,
  };
}

/** A piece that stays within the card is not cut off at its edge, though it may be. */
function cutAgain(resolved: ResolvedPiece, { width, height }: Size): CutRow['cutAgain'] {
  const { overhang } = resolved.piece;
  if (overhang === 'with-support') return overhang;
  const { x0, y0, x1, y1 } = boundsOf(outlineOfPaper({ ...resolved, clip: undefined }));
  const hangsOver = x0 < 0 || y0 < 0 || x1 > width || y1 > height;
  return overhang === 'trimmed' && hangsOver ? 'at-card' : undefined;
}

function blankYield(sheet: Sheet, blank: Size, trimmerLength: Length): BlankYield {
  const cuts = cutStraight(sheet.size, blank);
  return { ...cuts, sheet: sheet.name, slides: cuts.longestStroke > trimmerLength };
}
