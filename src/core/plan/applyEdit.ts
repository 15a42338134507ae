import { batchEdits, simpleEditsOf } from './batchEdits';
import { collectionOf, itemsIn, type CollectionId, type ItemOf } from './collections';
import type { Edit, SimpleEdit } from './edit';
import { changePiece } from './pieceEdits';
import type { OrderedPiece } from './piece';
import { sameSupport } from './pieces';
import type { Plan } from './plan';

/** Why an edit could not be applied; the plan is unchanged. */
export interface EditIssue {
  readonly code: 'not-there' | 'there-already' | 'too-many' | 'other-kind';
  readonly in: CollectionId;
  readonly id: string;
}

/** The new plan, and the edit that takes it back to the old one. */
export type EditOutcome =
  | { readonly ok: true; readonly plan: Plan; readonly inverse: Edit }
  | { readonly ok: false; readonly issue: EditIssue };

/**
 * Applies one edit. Pure: the same plan and edit give the same outcome.
 * A batch is applied whole or refused whole. Applying `inverse` to the new plan gives the old one.
 */
export function applyEdit(plan: Plan, edit: Edit): EditOutcome {
  if (edit.kind !== 'batch') return applySimple(plan, edit);
  let current = plan;
  const inverses: SimpleEdit[] = [];
  for (const each of edit.edits) {
    const outcome = applySimple(current, each);
    if (!outcome.ok) return outcome;
    current = outcome.plan;
    inverses.unshift(...simpleEditsOf(outcome.inverse));
  }
  return { ok: true, plan: current, inverse: { kind: 'batch', edits: inverses } };
}

function applySimple(plan: Plan, edit: SimpleEdit): EditOutcome {
  switch (edit.kind) {
    case 'set-about':
      return done(
        { ...plan, about: merge(plan.about, edit.change) },
        { kind: 'set-about', change: previous(plan.about, edit.change) },
      );
    case 'set-base':
      return done(
        { ...plan, base: merge(plan.base, edit.change) },
        { kind: 'set-base', change: previous(plan.base, edit.change) },
      );
    case 'set-habits':
      return done(
        { ...plan, habits: merge(plan.habits, edit.change) },
        { kind: 'set-habits', change: previous(plan.habits, edit.change) },
      );
    case 'set-making':
      return done(
        { ...plan, making: merge(plan.making, edit.change) },
        { kind: 'set-making', change: previous(plan.making, edit.change) },
      );
    case 'set-post':
      return done(
        { ...plan, post: merge(plan.post, edit.change) },
        { kind: 'set-post', change: previous(plan.post, edit.change) },
      );
    case 'put':
      return put(plan, edit.in, edit.item);
    case 'change':
      return changeItem(plan, edit);
    case 'remove':
      return edit.in === 'pieces' ? removePiece(plan, edit.id) : remove(plan, edit.in, edit.id);
    case 'move':
      return withItem(plan, edit.in, edit.id, (piece) =>
        done(withReplaced(plan, edit.in, { ...piece, order: edit.order }), {
          ...edit,
          order: piece.order,
        }),
      );
    default:
      throw new TypeError(`applyEdit: unknown edit ${JSON.stringify(edit satisfies never)}`);
  }
}

function put<Id extends CollectionId>(plan: Plan, into: Id, item: ItemOf<CollectionId>) {
  const added = item as ItemOf<Id>;
  const { idOf, most } = collectionOf(into);
  const id = idOf(added);
  const items = itemsIn(plan, into);
  if (items.some((each) => idOf(each) === id)) return refused('there-already', into, id);
  if (items.length >= most) return refused('too-many', into, id);
  // Pieces that dangled on this id must dangle again, where removing alone would let them down.
  const dangling = into === 'pieces' ? lyingOn(plan, id) : [];
  return done(
    withItems(plan, into, [...items, added]),
    batchEdits([{ kind: 'remove', in: into, id }, ...dangling.map(hangAsBefore)]),
  );
}

function remove<Id extends CollectionId>(plan: Plan, from: Id, id: string): EditOutcome {
  return withItem(plan, from, id, (item) =>
    done(
      withItems(
        plan,
        from,
        itemsIn(plan, from).filter((each) => each !== item),
      ),
      { kind: 'put', in: from, item } as SimpleEdit,
    ),
  );
}

/** Lets down what lay on it. */
function removePiece(plan: Plan, id: string): EditOutcome {
  return withItem(plan, 'pieces', id, (piece) => {
    // A piece that lies on itself is already a circle; what lay on it keeps its dangling support.
    const below = sameSupport(piece.on, { piece: piece.id }) ? undefined : piece.on;
    const lifted = below ? lyingOn(plan, id).filter((each) => each !== piece) : [];
    const pieces = plan.pieces
      .filter((each) => each !== piece)
      .map((each) => (below && lifted.includes(each) ? { ...each, on: below } : each));
    return done(
      { ...plan, pieces },
      batchEdits([{ kind: 'put', in: 'pieces', item: piece }, ...lifted.map(hangAsBefore)]),
    );
  });
}

function changeItem(plan: Plan, edit: Extract<SimpleEdit, { kind: 'change' }>): EditOutcome {
  if (edit.in !== 'pieces')
    return withItem<'uses' | 'combinations' | 'scenes'>(plan, edit.in, edit.id, (item) =>
      done(
        withReplaced<'uses' | 'combinations' | 'scenes'>(plan, edit.in, {
          ...item,
          ...defined(edit.change),
        }),
        {
          ...edit,
          change: previous(item, edit.change),
        } as SimpleEdit,
      ),
    );
  return withItem(plan, edit.in, edit.id, (piece) =>
    piece.kind === edit.of
      ? done(withReplaced(plan, edit.in, { ...piece, ...defined(edit.change) } as OrderedPiece), {
          ...edit,
          change: previous(piece, edit.change),
        } as SimpleEdit)
      : refused('other-kind', edit.in, edit.id),
  );
}

function lyingOn({ pieces }: Plan, id: string): readonly OrderedPiece[] {
  return pieces.filter(({ on }) => 'piece' in on && on.piece === id);
}

function hangAsBefore(piece: OrderedPiece): SimpleEdit {
  return changePiece(piece, { on: piece.on });
}

function withItem<Id extends CollectionId>(
  plan: Plan,
  of: Id,
  id: string,
  change: (item: ItemOf<Id>) => EditOutcome,
): EditOutcome {
  const { idOf } = collectionOf(of);
  const item = itemsIn(plan, of).find((each) => idOf(each) === id);
  return item ? change(item) : refused('not-there', of, id);
}

function withReplaced<Id extends CollectionId>(plan: Plan, of: Id, item: ItemOf<Id>): Plan {
  const { idOf } = collectionOf(of);
  const id = idOf(item);
  return withItems(
    plan,
    of,
    itemsIn(plan, of).map((each) => (idOf(each) === id ? item : each)),
  );
}

function withItems<Id extends CollectionId>(plan: Plan, of: Id, items: readonly ItemOf<Id>[]) {
  return { ...plan, [of]: items.toSorted(collectionOf(of).compare) };
}

const done = (plan: Plan, inverse: Edit): EditOutcome => ({ ok: true, plan, inverse });

const refused = (code: EditIssue['code'], of: CollectionId, id: string): EditOutcome => ({
  ok: false,
  issue: { code, in: of, id },
});

/** A key that is present but undefined means 'leave it'; JSON cannot say it any other way. */
function defined<T extends object>(change: T): { [Key in keyof T]?: Exclude<T[Key], undefined> } {
  return Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined)) as {
    [Key in keyof T]?: Exclude<T[Key], undefined>;
  };
}

function merge<T extends object>(
  whole: T,
  change: { readonly [Key in keyof T]?: T[Key] | undefined },
): T {
  return { ...whole, ...defined(change) };
}

function previous<T extends object, C extends { readonly [Key in keyof C]: unknown }>(
  whole: T,
  change: C,
): { [Key in keyof C & keyof T]?: T[Key] } {
  const keys = Object.keys(defined(change)) as (keyof C & keyof T)[];
  return Object.fromEntries(keys.map((key) => [key, whole[key]])) as {
    [Key in keyof C & keyof T]?: T[Key];
  };
}
