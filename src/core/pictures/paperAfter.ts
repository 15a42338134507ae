import type { Act, ActStrip } from '../acts/act';
import { plain, type Area, type Shape } from '../drawing/shape';
import type { Paint } from '../kinds/paint';
import { corners, type Outline } from '../outline/outline';
import { drawFace, type DrawnMark, type DrawnPiece } from './drawFace';
import { clipsOf, markShapes, paperArea, paperShapes } from './faceShapes';
import type { FaceId } from '../plan/faces';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { SupportId } from '../resolve/origins';

/** A mask that lies on the paper. */
export interface LaidMask {
  readonly letter: string;
  readonly piece: string;
  readonly cut: Outline;
  /** Undefined for a mask, which goes by its letter. */
  readonly strip: ActStrip | undefined;
}

/** A paper as it looks at one moment of the work. */
export interface PaperPicture {
  /** Only what lies on the paper is seen. */
  readonly paper: Area;
  readonly clips: readonly Area[];
  readonly sheet: readonly Shape[];
  /** What is on it, each print only where no mask lay when it was made. */
  readonly done: readonly Shape[];
  readonly masks: readonly LaidMask[];
  /** Tape that lies on it. */
  readonly tapes: readonly Outline[];
  /** What comes next. */
  readonly next: readonly Shape[];
}

/** What is done by hand, which no act tells: images that are coloured, and marks that are drawn or stuck on. */
export interface ByHand {
  readonly coloured: ReadonlySet<string>;
  readonly put: ReadonlySet<string>;
  /** Prints that no powder lies on yet, and the colours of their inks. */
  readonly bare: ReadonlyMap<string, string>;
}

const nothingByHand: ByHand = { coloured: new Set(), put: new Set(), bare: new Map() };

/**
 * A paper after so many of its acts: none for the bare paper.
 * @throws RangeError where the card has no such paper
 */
export function paperAfter(
  card: ResolvedCard,
  face: FaceId,
  support: SupportId,
  acts: readonly Act[],
  count: number,
  by: ByHand = nothingByHand,
): PaperPicture {
  const drawn = drawnPaper(card, face, support);
  const paper = paperArea(drawn);
  const made = acts.slice(0, count).filter(isMaking);
  const over = new Map(made.map((act) => [act.piece, act.over]));
  const open = openStrips(made);
  const cuts = new Map(
    acts.flatMap((act) =>
      act.kind === 'mask' || act.kind === 'tape' ? [[act.piece, act.cut] as const] : [],
    ),
  );
  const isDone = ({ id }: DrawnMark) => over.has(id) || by.put.has(id);
  const marks = drawn.marks
    .filter(isDone)
    .map((mark) => (by.coloured.has(mark.id) ? mark : printedOnly(mark)))
    .map((mark) => withOver(inInk(mark, by.bare.get(mark.id)), isDone));
  const outside = outsideOf(card);
  const kept = ({ id }: DrawnMark): readonly Area[] => {
    const inside = open.get(id);
    const masked = (over.get(id) ?? []).map((covered) => outside(cuts.get(covered) ?? []));
    return inside ? [...masked, { kind: 'outline', outline: inside }] : masked;
  };
  const [coming] = acts.slice(count).filter(isMaking);
  const next = drawn.marks.find(({ id }) => id === coming?.piece);
  return {
    paper,
    clips: clipsOf(drawn),
    sheet: paperShapes(drawn),
    done: marks.map((mark) => ({
      kind: 'group',
      clips: kept(mark),
      shapes: markShapes(mark, paper),
    })),
    masks: masksOn(acts.slice(0, count)),
    tapes: tapesOn(acts.slice(0, count)),
    next: next
      ? markShapes(
          withOver(printedOnly(next), () => false),
          paper,
        )
      : [],
  };
}

/** Tape where it lies. */
export function tapeArea(cut: Outline): Area {
  return {
    kind: 'outline',
    outline: cut,
    fill: plain('#9fb9c4', 0.9),
    line: { colour: '#07606a', width: 1, isHairline: true },
  };
}

/** A mask where it lies. */
export function maskArea(cut: Outline): Area {
  return {
    kind: 'outline',
    outline: cut,
    fill: plain('#f6e9a6', 0.88),
    line: { colour: '#07606a', width: 1.2, dash: [4, 2.5], isHairline: true },
  };
}

/** The pieces of which a paper was last drawn, by the card, whose figures never change. */
const faces = new WeakMap<ResolvedCard, Map<FaceId, readonly DrawnPiece[]>>();

function drawnPaper(card: ResolvedCard, face: FaceId, support: SupportId): DrawnPiece {
  const own = faces.get(card) ?? new Map<FaceId, readonly DrawnPiece[]>();
  faces.set(card, own);
  const drawn = own.get(face) ?? drawFace(card, face);
  own.set(face, drawn);
  // Marks across both flaps of a gate are drawn on the last of them.
  const found =
    support === 'base'
      ? drawn.findLast(({ id }) => id.startsWith('base'))
      : drawn.find(({ id }) => id === support);
  if (!found) throw new RangeError(`paperAfter: expected a paper of the card, got ${support}`);
  return found;
}

const isMaking = (act: Act): act is Extract<Act, { kind: 'stamp' | 'lay' }> =>
  act.kind === 'stamp' || act.kind === 'lay';

function masksOn(acts: readonly Act[]): readonly LaidMask[] {
  const on = new Map<string, LaidMask>();
  const stripKey = (piece: string, at: number) => `${piece} ${at}`;
  for (const act of acts)
    switch (act.kind) {
      case 'mask':
        on.set(act.piece, { letter: act.mask, piece: act.piece, cut: act.cut, strip: undefined });
        break;
      case 'unmask':
        on.delete(act.piece);
        break;
      case 'cover':
      case 'return':
        for (const strip of act.strips)
          on.set(stripKey(act.piece, strip.at), {
            letter: String(strip.at + 1),
            piece: act.piece,
            cut: strip.outline,
            strip,
          });
        break;
      case 'lift':
        for (const { at } of act.strips) on.delete(stripKey(act.piece, at));
        break;
      case 'uncover':
        for (const key of [...on.keys()]) if (key.startsWith(`${act.piece} `)) on.delete(key);
        break;
      default:
    }
  return [...on.values()];
}

/** Of what is inked in strips, those it has been inked in so far. */
function openStrips(
  made: readonly Extract<Act, { kind: 'stamp' | 'lay' }>[],
): ReadonlyMap<string, Outline> {
  const open = new Map<string, Outline>();
  for (const { piece, inside } of made)
    if (inside) open.set(piece, [...(open.get(piece) ?? []), ...inside.outline]);
  return open;
}

/** What the stamp leaves of an image: it is coloured later. One that is coloured all over shows what it is coloured with. */
function printedOnly(mark: DrawnMark): DrawnMark {
  const [piece, stamp] = mark.from ?? [];
  if (piece?.kind !== 'image' || stamp?.words) return mark;
  const printed = mark.strokes.filter(({ paint }) => !isByHand(paint));
  return printed.length > 0 ? { ...mark, strokes: printed } : mark;
}

/** A print as its ink alone looks; undefined leaves it. */
function inInk(mark: DrawnMark, colour: string | undefined): DrawnMark {
  if (colour === undefined) return mark;
  const strokes = mark.strokes.map((stroke) => ({ ...stroke, paint: { ...stroke.paint, colour } }));
  return { ...mark, strokes, look: `${mark.look}, in its ink ${colour}` };
}

/** Whether a paint is put on by hand after the print, or is still to be. */
function isByHand({ from }: Paint): boolean {
  return from.kind === 'several' || from.kind === 'open' || from.kind === 'nothing';
}

function tapesOn(acts: readonly Act[]): readonly Outline[] {
  const on = new Map<string, Outline>();
  for (const act of acts)
    if (act.kind === 'tape') on.set(act.piece, act.cut);
    else if (act.kind === 'untape') on.delete(act.piece);
  return [...on.values()];
}

/** A mark that is seen only over what is there already. */
function withOver(mark: DrawnMark, isThere: (mark: DrawnMark) => boolean): DrawnMark {
  return { ...mark, over: mark.over.filter(isThere) };
}

/** All of the face and round it but for an outline. */
function outsideOf({ base: { face } }: ResolvedCard): (outline: Outline) => Area {
  const far = Math.max(face.width, face.height);
  const all = corners({ x: -far, y: -far, width: 3 * far, height: 3 * far });
  return (outline) => ({ kind: 'outline', outline: [all, ...outline] });
}
