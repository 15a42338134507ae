import type { Edit, SimpleEdit } from './edit';
import { isPaper, sameSupport } from './pieces';
import type { Plan } from './plan';

/**
 * The parts of a plan an edit writes, as keys such as `about.title`, `base.fold`, `piece:mat-2`.
 * Two edits that share no key may be applied in either order. A removal touches what lay on it too.
 */
export function editTouches(plan: Plan, edit: Edit): ReadonlySet<string> {
  const edits = edit.kind === 'batch' ? edit.edits : [edit];
  return new Set(edits.flatMap((each) => simpleTouches(plan, each)));
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

function simpleTouches(plan: Plan, edit: SimpleEdit): readonly string[] {
  switch (edit.kind) {
    case 'set-about':
    case 'set-base':
    case 'set-habits':
    case 'set-making':
      return Object.keys(edit.change).map((key) => `${edit.kind.slice(4)}.${key}`);
    case 'add-piece':
      return [`piece:${edit.piece.id}`];
    case 'remove-piece':
      return [
        `piece:${edit.id}`,
        ...plan.pieces
          .filter(({ on }) => sameSupport(on, { piece: edit.id }))
          .map(({ id }) => `piece:${id}`),
      ];
    case 'change-piece':
      return [`piece:${edit.id}`];
    case 'reorder-piece':
      return [`piece:${edit.id}`, 'order'];
    case 'set-use':
      return [`use:${edit.id}`];
    case 'accept-finding':
      return [`accepted:${edit.finding.rule}:${edit.finding.pieceId ?? ''}`];
    default:
      throw new TypeError(`editTouches: unknown edit ${JSON.stringify(edit satisfies never)}`);
  }
}
