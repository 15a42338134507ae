import { shiftedBy } from '../outline/outline';
import { planPaper, type PaperPrints } from './planPaper';
import type { Print } from './print';

/** One print moved straight to a side, and how many are covered then. */
export interface SavingMove {
  readonly id: string;
  /** Ticks, to the right and down. */
  readonly dx: number;
  readonly dy: number;
  readonly covered: number;
}

/** How far prints are moved to save a mask, in ticks: in steps of a mark. */
export interface MoveReach {
  readonly mark: number;
  readonly most: number;
}

/**
 * For each print that takes part in a mask the least straight move of it alone that saves one, the least of all first; of
 * equal ones left, right, up, down. What else lies there is not looked at: on a card the rules do that.
 */
export function savingMoves(paper: PaperPrints, { mark, most }: MoveReach): readonly SavingMove[] {
  const before = planPaper(paper);
  const ids = new Set(
    before.meetings.flatMap(({ relation, behind, front }) =>
      relation?.isCovered ? [behind.id, front.id] : [],
    ),
  );
  const sizes = Array.from({ length: Math.floor(most / mark) }, (_, at) => (at + 1) * mark);
  const ways = [
    [-1, 0],
    [1, 0],
    [0, -1],
    [0, 1],
  ] as const;
  const leastOf = (print: Print): SavingMove | undefined => {
    for (const size of sizes)
      for (const [x, y] of ways) {
        const [dx, dy] = [x * size, y * size];
        const prints = paper.prints.map((each) => (each === print ? moved(each, dx, dy) : each));
        const { covered } = planPaper({ ...paper, prints });
        if (covered.length < before.covered.length)
          return { id: print.id, dx, dy, covered: covered.length };
      }
    return undefined;
  };
  return paper.prints
    .filter(({ id }) => ids.has(id))
    .flatMap((print) => leastOf(print) ?? [])
    .toSorted((a, b) => distance(a) - distance(b));
}

const distance = ({ dx, dy }: SavingMove) => Math.abs(dx) + Math.abs(dy);

function moved(print: Print, dx: number, dy: number): Print {
  const body = shiftedBy(print.body, dx, dy);
  const reach = print.reach === print.body ? body : shiftedBy(print.reach, dx, dy);
  const { shape } = print;
  return { ...print, body, reach, shape: shape && { ...shape, x: shape.x + dx, y: shape.y + dy } };
}
