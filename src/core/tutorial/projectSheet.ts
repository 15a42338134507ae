import type { Size, Unit } from '../length/length';
import { adhesive } from '../paper/adhesives';
import { cardFormat } from '../paper/cardFormats';
import { countStraight, sheets } from '../paper/sheets';
import type { Score } from '../paper/layOutBlank';
import type { FaceId } from '../plan/piece';
import type { Plan } from '../plan/plan';
import { letterOf, type ResolvedCard, type Reveals } from '../resolve/resolvedCard';

/** One piece to cut, as the sheet lists it. */
export interface CutRow {
  readonly letter: string;
  readonly name: string;
  readonly face: FaceId;
  readonly size: Size;
  /** The letter of what it is glued on, and what of that shows round it. */
  readonly on: string;
  readonly reveals: Reveals;
  readonly adhesive: string;
  readonly stock: string;
  readonly colour: string | undefined;
  /** How many to cut for all copies. */
  readonly count: number;
  readonly notes: string;
}

/** How many of the blank a common sheet gives, cut straight; only sheets that give at least one. */
export interface BlankYield {
  readonly sheet: string;
  readonly count: number;
}

/** The project sheet as data; text, screen and print render the same. */
export interface ProjectSheet {
  readonly title: string;
  readonly format: string;
  readonly stand: 'upright' | 'lying' | 'square';
  readonly fold: 'side' | 'tent';
  readonly leading: Unit;
  readonly copies: number;
  readonly face: Size;
  readonly base: {
    readonly letter: string;
    readonly stock: string;
    readonly colour: string | undefined;
    readonly blank: Size;
    readonly score: Score;
    readonly from: string | undefined;
    readonly yields: readonly BlankYield[];
  };
  /** In gluing order on each face. */
  readonly front: readonly CutRow[];
  readonly inside: readonly CutRow[];
  /** Names of pieces that have no figures yet, so that a print never drops them in silence. */
  readonly missing: readonly string[];
  readonly notes: string;
}

/** What a person needs to cut and build the card, for all its copies. */
export function projectSheet(plan: Plan, card: ResolvedCard, leading: Unit): ProjectSheet {
  const { copies } = plan.making;
  const rows = card.pieces.map((piece): CutRow => ({
    letter: piece.letter,
    name: piece.name,
    face: piece.face,
    size: { width: piece.rect.width, height: piece.rect.height },
    on: letterOf(card, piece.support),
    reveals: piece.reveals,
    adhesive: adhesive(piece.piece.attach).name,
    stock: piece.stock?.name ?? 'stock not known',
    colour: piece.stock?.colour,
    count: copies,
    notes: piece.piece.notes,
  }));
  const { face, blank, score, sheetBlank, letter, stock } = card.base;
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
      colour: stock?.colour,
      blank,
      score,
      from: sheetBlank?.from,
      yields: sheets
        .map(({ name, size }) => ({ sheet: name, count: countStraight(size, blank).count }))
        .filter(({ count }) => count > 0),
    },
    front: rows.filter((row) => row.face === 'front'),
    inside: rows.filter((row) => row.face === 'inside'),
    missing: card.impossible.map(({ name }) => name),
    notes: plan.about.notes,
  };
}
