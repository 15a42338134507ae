import type { Edit, SimpleEdit } from './edit';
import { batchEdits } from './batchEdits';
import type { PieceId } from './ids';
import type { Piece } from './piece';
import { sameSupport } from './pieces';
import type { Plan, Use } from './plan';
import { mostPieces } from './planFacts';
import { sortAccepted, sortUses } from './sortLists';

/** Why an edit could not be applied; the plan is unchanged. */
export interface EditIssue {
  readonly code: 'no-such-piece' | 'piece-exists' | 'too-many-pieces';
  readonly pieceId: PieceId;
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
    inverses.unshift(
      ...(outcome.inverse.kind === 'batch' ? outcome.inverse.edits : [outcome.inverse]),
    );
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
    case 'add-piece':
      return addPiece(plan, edit.piece, edit.index);
    case 'remove-piece':
      return removePiece(plan, edit.id);
    case 'change-piece':
      return withPiece(plan, edit.id, (piece) =>
        done(
          { ...plan, pieces: replace(plan.pieces, { ...piece, ...defined(edit.change) }) },
          { kind: 'change-piece', id: edit.id, change: previous(piece, edit.change) },
        ),
      );
    case 'reorder-piece':
      return withPiece(plan, edit.id, (piece) => {
        const others = plan.pieces.filter(({ id }) => id !== edit.id);
        const index = plan.pieces.findIndex(({ id }) => id === edit.id);
        return done(
          { ...plan, pieces: insert(others, piece, edit.index) },
          { kind: 'reorder-piece', id: edit.id, index },
        );
      });
    case 'set-use':
      return setUse(plan, edit);
    case 'accept-finding':
      return acceptFinding(plan, edit);
    default:
      throw new TypeError(`applyEdit: unknown edit ${JSON.stringify(edit satisfies never)}`);
  }
}

function addPiece(plan: Plan, piece: Piece, index: number): EditOutcome {
  if (plan.pieces.some(({ id }) => id === piece.id)) return refused('piece-exists', piece.id);
  if (plan.pieces.length >= mostPieces) return refused('too-many-pieces', piece.id);
  // Pieces that dangled on this id must dangle again, where removing alone would let them down.
  const dangling = plan.pieces.filter(({ on }) => sameSupport(on, { piece: piece.id }));
  return done(
    { ...plan, pieces: insert(plan.pieces, piece, index) },
    batchEdits([{ kind: 'remove-piece', id: piece.id }, ...dangling.map(hangAsBefore)]),
  );
}

function removePiece(plan: Plan, id: PieceId): EditOutcome {
  return withPiece(plan, id, (piece) => {
    const index = plan.pieces.indexOf(piece);
    // A piece that lies on itself is already a circle; what lay on it keeps its dangling support.
    const below = sameSupport(piece.on, { piece: id }) ? undefined : piece.on;
    const lifted = plan.pieces.filter(
      (each) => each.id !== id && below && sameSupport(each.on, { piece: id }),
    );
    const pieces = plan.pieces
      .filter((each) => each.id !== id)
      .map((each) => (below && lifted.includes(each) ? { ...each, on: below } : each));
    return done(
      { ...plan, pieces },
      {
        kind: 'batch',
        edits: [{ kind: 'add-piece', piece, index }, ...lifted.map(hangAsBefore)],
      },
    );
  });
}

function hangAsBefore({ id, on }: Piece): SimpleEdit {
  return { kind: 'change-piece', id, change: { on } };
}

function setUse(plan: Plan, { id, use }: Extract<SimpleEdit, { kind: 'set-use' }>): EditOutcome {
  const before = plan.uses.find((each) => each.id === id);
  const others = plan.uses.filter((each) => each.id !== id);
  const uses = use ? sortUses([...others, { id, ...use }]) : others;
  return done({ ...plan, uses }, { kind: 'set-use', id, use: before ? withoutId(before) : null });
}

const withoutId = ({ item, amount, pieceId, note }: Use) => ({ item, amount, pieceId, note });

function acceptFinding(
  plan: Plan,
  { finding, accepted }: Extract<SimpleEdit, { kind: 'accept-finding' }>,
): EditOutcome {
  const is = (each: Plan['accepted'][number]) =>
    each.rule === finding.rule && each.pieceId === finding.pieceId;
  const already = plan.accepted.some(is);
  if (already === accepted) return done(plan, { kind: 'accept-finding', finding, accepted });
  return done(
    {
      ...plan,
      accepted: accepted
        ? sortAccepted([...plan.accepted, finding])
        : plan.accepted.filter((f) => !is(f)),
    },
    { kind: 'accept-finding', finding, accepted: already },
  );
}

function withPiece(plan: Plan, id: PieceId, change: (piece: Piece) => EditOutcome): EditOutcome {
  const piece = plan.pieces.find((each) => each.id === id);
  return piece ? change(piece) : refused('no-such-piece', id);
}

const done = (plan: Plan, inverse: Edit): EditOutcome => ({ ok: true, plan, inverse });

const refused = (code: EditIssue['code'], pieceId: PieceId): EditOutcome => ({
  ok: false,
  issue: { code, pieceId },
});

const replace = (pieces: readonly Piece[], piece: Piece): readonly Piece[] =>
  pieces.map((each) => (each.id === piece.id ? piece : each));

const insert = (pieces: readonly Piece[], piece: Piece, index: number): readonly Piece[] => [
  ...pieces.slice(0, index),
  piece,
  ...pieces.slice(index),
];

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
