import type { Act } from '../acts/act';
import { drawFace, type DrawnPiece } from '../pictures/drawFace';
import { paperAfter, type ByHand, type PaperPicture } from '../pictures/paperAfter';
import { boundsOf, type Bounds } from '../outline/outline';
import { outlineOf, outlineOfBase } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { SupportId } from '../resolve/origins';
import { supportsUnder } from '../resolve/supportsUnder';
import type { ProcessPlan } from './processPlan';
import { isWetFinish, type PaperAt, type Step } from './step';

/** What lies on the table at one moment of the work, as far as it is drawn: one paper, or what is put together so far. */
export type TablePicture =
  | { readonly kind: 'paper'; readonly box: Bounds; readonly picture: PaperPicture }
  | { readonly kind: 'built'; readonly box: Bounds; readonly pieces: readonly DrawnPiece[] };

/**
 * What lies on the table after so many steps, where the work on it goes on: the paper that is printed, masked and coloured,
 * or the stack that is put together.
 * @param step the one it is drawn for
 */
export function tableAt(
  card: ResolvedCard,
  { steps, papers, fallen }: Pick<ProcessPlan, 'steps' | 'papers' | 'fallen'>,
  done: number,
  step: Step,
): TablePicture {
  const made = [...fallen, ...steps.slice(0, done)];
  const on = step.on ?? { face: 'front', support: 'base' };
  const paper = papers.find(({ face, support }) => face === on.face && support === on.support);
  if (isOnPaper(step))
    return {
      kind: 'paper',
      box: boxOf(card, on),
      picture: paperAfter(
        card,
        on.face,
        on.support,
        ...actsDone(paper?.acts ?? [], made),
        handDone(made, steps),
      ),
    };
  return { kind: 'built', box: boxOf(card, on), pieces: builtOn(card, on, made) };
}

const built: readonly Step['kind'][] = [
  'glue',
  'insert',
  'ribbon',
  'stick',
  'drops',
  'fold',
  'press',
  'own',
];

/** Whether a step works on one paper that is not stuck anywhere yet. */
function isOnPaper(step: Step): boolean {
  return step.on !== undefined && !isWetFinish(step) && !built.includes(step.kind);
}

function boxOf(card: ResolvedCard, { support }: PaperAt): Bounds {
  const piece = card.pieces.find(({ id }) => id === support);
  return boundsOf(piece ? outlineOf(piece) : outlineOfBase(card.base));
}

/** The acts of a paper as they are done, and how many of them are. */
function actsDone(acts: readonly Act[], made: readonly Step[]): readonly [readonly Act[], number] {
  const ids = new Set(acts.map(({ id }) => id));
  const first = made.flatMap(({ act }) => (act && ids.has(act.id) ? [act] : []));
  const known = new Set(first.map(({ id }) => id));
  return [[...first, ...acts.filter(({ id }) => !known.has(id))], first.length];
}

function handDone(made: readonly Step[], all: readonly Step[]): ByHand {
  const done = new Set(made.map(({ id }) => id));
  const unpowdered = new Set(
    all
      .filter(({ kind, id }) => kind === 'powder' && !done.has(id))
      .flatMap(({ pieces }) => pieces),
  );
  const of = (kinds: readonly Step['kind'][]) =>
    new Set(made.filter(({ kind }) => kinds.includes(kind)).flatMap(({ pieces }) => pieces));
  const bare = made.flatMap(({ kind, pieces, colour }) =>
    kind === 'stamp' && colour !== undefined
      ? pieces.filter((id) => unpowdered.has(id)).map((id) => [id, colour] as const)
      : [],
  );
  return {
    coloured: of(['colour']),
    put: of(['draw', 'stick', 'drops', 'splatter', 'ribbon']),
    bare: new Map(bare),
  };
}

/** What is stuck on a paper so far, with what is on that; each decorated as far as it is. */
function builtOn(
  card: ResolvedCard,
  { face, support }: PaperAt,
  made: readonly Step[],
): readonly DrawnPiece[] {
  const stuck = new Set(
    made.filter(({ kind }) => kind === 'glue' || kind === 'insert').flatMap(({ pieces }) => pieces),
  );
  const put = new Set(
    made.filter(({ kind }) => kind !== 'cut' && kind !== 'glue').flatMap(({ pieces }) => pieces),
  );
  const isThere = ({ id }: DrawnPiece): boolean => {
    if (id.startsWith('over ')) return put.has(id.slice(5));
    if (id.startsWith('base')) return support === 'base';
    if (id === support) return true;
    const chain = [id, ...supportsUnder(card, supportOf(card, id))];
    const at = support === 'base' ? chain.length : chain.indexOf(support);
    return at > 0 && chain.slice(0, at).every((each) => stuck.has(each));
  };
  return drawFace(card, face)
    .filter(isThere)
    .map((piece) => ({ ...piece, marks: piece.marks.filter(({ id }) => put.has(id)) }));
}

function supportOf({ pieces }: ResolvedCard, id: string): { readonly support: SupportId } {
  return pieces.find((piece) => piece.id === id) ?? { support: 'base' };
}
