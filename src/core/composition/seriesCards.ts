import { applyEdit } from '../plan/applyEdit';
import { batchEdits, simpleEditsOf } from '../plan/batchEdits';
import type { SimpleEdit } from '../plan/edit';
import type { LibraryId, PieceId } from '../plan/ids';
import { findStamp, findStock, type Library } from '../plan/library';
import type { LibraryRef, Stamp, Stock } from '../plan/libraryItem';
import { changePiece } from '../plan/pieceEdits';
import { papersOf } from '../plan/pieces';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { holdsWords, type ResolvedMark } from '../resolve/resolvedMark';
import { cutText } from '../text/cutText';
import { swapStamp } from './swapStamp';

/** Other words: lines in place of those that are set, or another stamp in place of a sentiment's. */
export type OtherWords =
  | { readonly by: 'lines'; readonly lines: readonly string[] }
  | { readonly by: 'stamp'; readonly stamp: LibraryRef };

/** What the cards of a series differ in; each of the words comes on each of the stocks. */
export interface SeriesTable {
  readonly words: { readonly id: PieceId; readonly others: readonly OtherWords[] } | null;
  /** A stock that gives way to others, wherever the card has it. */
  readonly stock: { readonly id: LibraryId; readonly others: readonly LibraryRef[] } | null;
}

/** One card of a series. */
export interface SeriesCard {
  /** Its row and its column in the table; the first of each are the design's own. */
  readonly row: number;
  readonly column: number;
  readonly title: string;
  /** What makes it of the design. */
  readonly edits: readonly SimpleEdit[];
  readonly plan: Plan;
}

/** Cards made at once. */
export const mostSeriesCards = 48;

/** Words of a card that a series can have otherwise: those that are set, and sentiments that are stamped. */
export function wordsThatVary({ marks }: ResolvedCard): readonly ResolvedMark[] {
  return marks.filter(
    (mark) => holdsWords(mark) && (mark.piece.kind === 'words' || mark.piece.kind === 'image'),
  );
}

/** The stocks a card is cut from, each once, that of its base first. */
export function stocksOfCard(plan: Plan, library: Library): readonly Stock[] {
  const refs = [plan.base.stock, ...papersOf(plan).map(({ stock }) => stock)];
  const stocks = new Map(refs.map((ref) => [ref.id, findStock(library, ref)]));
  return [...stocks.values()].filter((stock) => stock !== undefined);
}

/**
 * All cards of a series but the design itself, row by row. A card whose words are none, or whose stamp or stock the stash
 * does not have, is left out.
 */
export function seriesCards(
  plan: Plan,
  card: ResolvedCard,
  library: Library,
  { words, stock }: SeriesTable,
): readonly SeriesCard[] {
  const mark = words ? card.marks.find(({ id }) => id === words.id) : undefined;
  const rows = [undefined, ...(words?.others ?? [])];
  const columns = [undefined, ...(stock?.others ?? [])];
  return rows.flatMap((other, row) =>
    columns.flatMap((ref, column): readonly SeriesCard[] => {
      const said = other && mark ? sayOtherwise(plan, card, mark, other, library) : [];
      const cut = stock && ref ? cutFrom(plan, stock.id, ref, library) : undefined;
      if ((other && said.length === 0) || (ref && !cut) || (!other && !ref)) return [];
      const edits = [...said, ...(cut?.edits ?? [])];
      const called = [other && wordsOf(other, library), cut?.stock.name].filter(Boolean);
      const title = cutText(`${plan.about.title}: ${called.join(', ')}`, 120);
      const outcome = applyEdit(plan, batchEdits(edits));
      return outcome.ok ? [{ row, column, title, edits, plan: outcome.plan }] : [];
    }),
  );
}

/** Other words on one line, as they are called. */
export function wordsOf(words: OtherWords, library: Library): string {
  if (words.by === 'lines') return words.lines.join(' ');
  return findStamp(library, words.stamp)?.name ?? words.stamp.id;
}

function sayOtherwise(
  plan: Plan,
  card: ResolvedCard,
  mark: ResolvedMark,
  other: OtherWords,
  library: Library,
): readonly SimpleEdit[] {
  const { piece } = mark;
  if (other.by === 'lines')
    return piece.kind === 'words' && other.lines.length > 0
      ? [changePiece(piece, { lines: other.lines })]
      : [];
  const stamp: Stamp | undefined = findStamp(library, other.stamp);
  const edit = stamp && swapStamp(plan, card, mark, stamp);
  return edit ? simpleEditsOf(edit) : [];
}

/** A stock in place of one, on the base and on every paper that has it. */
function cutFrom(
  plan: Plan,
  from: LibraryId,
  to: LibraryRef,
  library: Library,
): { readonly stock: Stock; readonly edits: readonly SimpleEdit[] } | undefined {
  const stock = findStock(library, to);
  if (!stock || from === to.id) return undefined;
  const ref = { id: stock.id, version: stock.version };
  const edits: readonly SimpleEdit[] = [
    ...(plan.base.stock.id === from ? [{ kind: 'set-base' as const, change: { stock: ref } }] : []),
    ...papersOf(plan).flatMap((paper) =>
      paper.stock.id === from ? [changePiece(paper, { stock: ref })] : [],
    ),
  ];
  return edits.length > 0 ? { stock, edits } : undefined;
}
