import { actId, type Act, type ActBefore } from '../acts/act';
import { intersectOutlines, uniteOutlines } from '../outline/polygons';
import type { ResolvedScene } from '../resolve/resolvedScene';
import { isLaid, type Print } from './print';
import { stripTurns } from './stripTurns';

/** A scene among the prints of its paper: it is worked at one go, and goes by the lowest of what is inked in it. */
export interface FoldedScene {
  readonly scene: ResolvedScene;
  /** What is inked in its strips, from the lowest. */
  readonly prints: readonly [Print, ...Print[]];
}

/** The prints of a paper with each scene as one ground, where the lowest of it lies, and those scenes. */
export function foldScenes(
  prints: readonly Print[],
  scenes: readonly ResolvedScene[],
): { readonly prints: readonly Print[]; readonly folded: readonly FoldedScene[] } {
  const folded = scenes.flatMap((scene): readonly FoldedScene[] => {
    const ids = new Set<string>(scene.inked.map(({ mark }) => mark));
    const [first, ...more] = prints.filter(({ id }) => ids.has(id));
    return first ? [{ scene, prints: [first, ...more] }] : [];
  });
  const asOne = new Map(
    folded.flatMap((each) => each.prints.map((print) => [print, each] as const)),
  );
  return {
    folded,
    prints: prints.flatMap((print) => {
      const own = asOne.get(print);
      if (!own) return [print];
      return own.prints[0] === print ? [groundOf(own)] : [];
    }),
  };
}

function groundOf({ prints }: FoldedScene): Print {
  const [first] = prints;
  return {
    id: first.id,
    kind: 'ground',
    body: uniteOutlines(prints.map(({ body }) => body)),
    reach: uniteOutlines(prints.map(({ reach }) => reach)),
    darkest: Math.min(...prints.map(({ darkest }) => darkest)),
    lightest: Math.max(...prints.map(({ lightest }) => lightest)),
    isOpaque: prints.every(({ isOpaque }) => isOpaque),
    resists: false,
    tape: undefined,
    shape: undefined,
    stamp: undefined,
    imageOf: undefined,
  };
}

/** The acts of a paper with those of each scene in place of the one ground it was taken for. */
export function unfoldScenes(acts: readonly Act[], folded: readonly FoldedScene[]): readonly Act[] {
  return acts.flatMap((act) => {
    const own = folded.find(({ prints: [first] }) => first.id === act.piece);
    return own && act.kind === 'lay' ? sceneActs(own, act) : [act];
  });
}

/**
 * All strips are laid on by the outline of the paper; turn by turn some are lifted, what belongs in them is inked, and those
 * whose neighbours come later are laid back once they are dry; in the end all come off.
 */
function sceneActs(
  { scene, prints }: FoldedScene,
  { piece, over, after, id: wholeId }: Extract<Act, { readonly kind: 'stamp' | 'lay' }>,
): readonly Act[] {
  const { turns, laidBack } = stripTurns(scene);
  const first = actId('cover', piece);
  const all = scene.strips.filter(({ area }) => area > 0);
  const acts: Act[] = [{ id: first, kind: 'cover', piece, after, strips: all }];
  turns.forEach((open, turn) => {
    const lifted = `${actId('lift', piece)} ${turn + 1}`;
    const dry = acts.flatMap(({ id, kind }): readonly ActBefore[] =>
      kind === 'return' ? [{ act: id, because: 'dry-strip' }] : [],
    );
    const covered: ActBefore = { act: first, because: 'in-strips' };
    acts.push({ id: lifted, kind: 'lift', piece, after: [covered, ...dry], strips: open });
    const made: string[] = [];
    for (const print of prints) {
      const own = scene.inked.find(({ mark }) => mark === print.id)?.strips ?? [];
      const strips = open.filter(({ id }) => own.includes(id));
      const inside = uniteOutlines(strips.map(({ outline }) => outline));
      if (intersectOutlines(print.reach, inside).length === 0) continue;
      const kind = isLaid(print) ? 'lay' : 'stamp';
      const id = `${actId(kind, print.id)} ${turn + 1}`;
      made.push(id);
      acts.push({
        id,
        kind,
        piece: print.id,
        after: [{ act: lifted, because: 'in-strips' }],
        over,
        inside: { strips, outline: inside },
      });
    }
    const back = open.filter((strip) => laidBack.includes(strip));
    if (back.length > 0)
      acts.push({
        id: `${actId('return', piece)} ${turn + 1}`,
        kind: 'return',
        piece,
        after: made.map((act) => ({ act, because: 'dry-strip' })),
        strips: back,
      });
  });
  const last = acts.at(-1)?.id ?? first;
  // What waits for the ground waits for the last of its acts.
  const whole: ActBefore = { act: last, because: 'stops-there' };
  return [...acts, { id: wholeId, kind: 'uncover', piece, after: [whole] }];
}
