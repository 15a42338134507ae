import { simpleEditsOf } from './batchEdits';
import { applyEdit } from './applyEdit';
import { collectionOf, itemsIn, neededPieces, type CollectionId } from './collections';
import type { Edit, SimpleEdit } from './edit';
import { isPaper } from './pieces';
import type { Plan } from './plan';

/** The parts of a plan that edits depend on and that they write, as keys such as `about.title` or `pieces:mat-2`. */
export interface Touches {
  readonly reads: ReadonlySet<string>;
  readonly writes: ReadonlySet<string>;
}

/**
 * What edits touch that are made one after the other, starting from a plan. A thing is known by three keys: `pieces:mat`
 * for what it is like, `pieces:mat there` for whether it is there, `pieces:mat order` for its place among others.
 * `pieces room` is whether more fit: who puts something in reads it, and who takes more than half of it writes it, since
 * two who take less fit both.
 */
export function editTouches(plan: Plan, edits: readonly Edit[]): Touches {
  const reads = new Set<string>();
  const writes = new Set<string>();
  const put = new Map<CollectionId, number>();
  let now = plan;
  for (const edit of edits.flatMap(simpleEditsOf)) {
    const touched = simpleTouches(now, edit);
    for (const key of touched.reads) reads.add(key);
    for (const key of touched.writes) writes.add(key);
    if (edit.kind === 'put') put.set(edit.in, (put.get(edit.in) ?? 0) + 1);
    const outcome = applyEdit(now, edit);
    if (outcome.ok) now = outcome.plan;
  }
  for (const [into, count] of put) {
    const room = collectionOf(into).most - itemsIn(plan, into).length;
    (count > room / 2 ? writes : reads).add(`${into} room`);
  }
  return { reads, writes };
}

/** Whether two people's edits give the same plan in either order: neither writes what the other reads or writes. */
export function doCommute(a: Touches, b: Touches): boolean {
  const disturbs = (one: Touches, other: Touches) =>
    [...one.writes].some((key) => other.reads.has(key) || other.writes.has(key));
  return !disturbs(a, b) && !disturbs(b, a);
}

/** The same of edits made from one plan. */
export function editsCommute(plan: Plan, a: readonly Edit[], b: readonly Edit[]): boolean {
  return doCommute(editTouches(plan, a), editTouches(plan, b));
}

/** Whether what every piece lies on, or is sized round, is there; false after a bad rebase. */
export function supportsExist(plan: Plan): boolean {
  const ids = new Set<string>(plan.pieces.map(({ id }) => id));
  return plan.pieces.every(
    (piece) =>
      ('face' in piece.on || ids.has(piece.on.piece)) &&
      (!isPaper(piece) || piece.size.by !== 'outset' || ids.has(piece.size.around)),
  );
}

interface Touched {
  readonly reads: readonly string[];
  readonly writes: readonly string[];
}

function simpleTouches(plan: Plan, edit: SimpleEdit): Touched {
  switch (edit.kind) {
    case 'set-about':
    case 'set-base':
    case 'set-habits':
    case 'set-making':
    case 'set-post':
      return {
        reads: [],
        writes: Object.keys(edit.change).map((key) => `${edit.kind.slice(4)}.${key}`),
      };
    case 'put': {
      // What dangles on the id of a new piece lies on it now.
      const { id, needs } = putFacts(edit);
      const hanging = edit.in === 'pieces' ? lyingOn(plan, id) : [];
      return { reads: [...needs.map(isThere), ...hanging], writes: wholeOf(edit.in, id) };
    }
    case 'change': {
      const needs = edit.in === 'pieces' ? neededBy(edit.change) : [];
      return {
        reads: [`${edit.in}:${edit.id} there`, ...needs.map(isThere)],
        writes: [`${edit.in}:${edit.id}`],
      };
    }
    case 'remove':
      return {
        reads: [],
        writes: [
          ...wholeOf(edit.in, edit.id),
          ...(edit.in === 'pieces' ? lyingOn(plan, edit.id) : []),
        ],
      };
    case 'move':
      return { reads: [`pieces:${edit.id} there`], writes: [`pieces:${edit.id} order`] };
    default:
      throw new TypeError(`editTouches: unknown edit ${JSON.stringify(edit satisfies never)}`);
  }
}

function putFacts({ in: into, item }: Extract<SimpleEdit, { kind: 'put' }>): {
  readonly id: string;
  readonly needs: readonly string[];
} {
  const { idOf, needs } = collectionOf<CollectionId>(into);
  return { id: idOf(item as never), needs: needs(item as never) };
}

/** The pieces a change makes another one need. */
function neededBy(change: object): readonly string[] {
  const centred = { from: 'centre' } as const;
  return neededPieces({
    on: { face: 'front' },
    place: { x: centred, y: centred, turn: 0 },
    ...change,
  });
}

function lyingOn({ pieces }: Plan, id: string): readonly string[] {
  return pieces
    .filter(({ on }) => 'piece' in on && on.piece === id)
    .map((piece) => `pieces:${piece.id}`);
}

const isThere = (id: string) => `pieces:${id} there`;

const wholeOf = (of: CollectionId, id: string) => [
  `${of}:${id}`,
  `${of}:${id} there`,
  `${of}:${id} order`,
];
