import { colourDifference } from '../colour/colourDifference';
import { labOf } from '../colour/lab';
import { applyEdit } from '../plan/applyEdit';
import type { Edit } from '../plan/edit';
import { stocksOf, type Library } from '../plan/library';
import type { Stock } from '../plan/libraryItem';
import { changePiece } from '../plan/pieceEdits';
import { findPaper } from '../plan/pieces';
import type { Plan } from '../plan/plan';

/** A card with the paper under a part on another stock. */
export interface OnStock {
  readonly stock: Stock;
  readonly plan: Plan;
  readonly edit: Edit;
}

/** White, cream, kraft and grey: the colours of paper that change an ink most tellingly. */
const telling = ['#ffffff', '#efe4cc', '#b58e63', '#a4a6a8'];

/**
 * A card on the stocks of the stash that come nearest to white, cream, kraft and grey, the one it is on left out: the paper
 * that a piece lies on is cut from them, or the base where it lies on that. Plain card only.
 * @param pieceId undefined for the base
 */
export function otherStocks(
  plan: Plan,
  library: Library,
  pieceId: string | undefined,
): readonly OnStock[] {
  const on = plan.pieces.find(({ id }) => id === pieceId)?.on;
  const paper = on && 'piece' in on ? findPaper(plan, on.piece) : undefined;
  const own = paper?.stock ?? plan.base.stock;
  const stocks = stocksOf(library).filter(
    ({ id, paper: sort }) => id !== own.id && (sort === 'cardstock' || sort === 'kraft'),
  );
  const chosen = new Map<string, Stock>();
  for (const colour of telling) {
    const far = (stock: Stock) => colourDifference(labOf(stock.colour), labOf(colour));
    const [nearest] = stocks
      .filter(({ id }) => !chosen.has(id))
      .toSorted((a, b) => far(a) - far(b) || (a.id < b.id ? -1 : 1));
    if (nearest) chosen.set(nearest.id, nearest);
  }
  return [...chosen.values()].flatMap((stock): readonly OnStock[] => {
    const ref = { id: stock.id, version: stock.version };
    const edit: Edit = paper
      ? changePiece(paper, { stock: ref })
      : { kind: 'set-base', change: { stock: ref } };
    const outcome = applyEdit(plan, edit);
    return outcome.ok ? [{ stock, plan: outcome.plan, edit }] : [];
  });
}
