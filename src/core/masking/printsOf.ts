import { flattenPath } from '../geometry/flattenPath';
import { labOf } from '../colour/lab';
import { isPrintedLayer } from '../kinds/image/isPrintedLayer';
import { kindOf } from '../kinds/kinds';
import { isEmbossed, type Paint } from '../kinds/paint';
import { corners, turned, type Outline } from '../outline/outline';
import { growLines, intersectOutlines, subtractOutlines, uniteOutlines } from '../outline/polygons';
import type { FaceId } from '../plan/faces';
import { inkOf, onFaceOf } from '../resolve/inkOf';
import type { SupportId } from '../resolve/origins';
import { outlineOf } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedMark } from '../resolve/resolvedMark';
import { paleTexture } from '../tolerances';
import type { Print, PrintKind, PrintShape } from './print';
import { stampKey } from './stampKey';

/** Opacity from which ink hides what is under it. From memory. */
const hidesFrom = 0.85;

/** What is printed and laid on one paper, from the back to the front. */
export function printsOf(card: ResolvedCard, face: FaceId, support: SupportId): readonly Print[] {
  return card.marks
    .filter((mark) => mark.face === face && mark.support === support)
    .flatMap((mark) => printOf(mark) ?? []);
}

/** The last print of each mark, which never changes. */
const known = new WeakMap<ResolvedMark, Print | undefined>();

function printOf(mark: ResolvedMark): Print | undefined {
  if (known.has(mark)) return known.get(mark);
  const made = makePrint(mark);
  known.set(mark, made);
  return made;
}

function makePrint(mark: ResolvedMark): Print | undefined {
  const kind = printKindOf(mark);
  if (!kind) return undefined;
  const { body, reach } = claimedBy(mark);
  const paints = printedPaints(mark);
  const lightness = paints.flatMap(lightnessOf);
  return {
    id: mark.id,
    kind,
    body,
    reach,
    darkest: Math.min(100, ...lightness),
    lightest: Math.max(0, ...lightness),
    isOpaque: paints.length > 0 && paints.every(hidesAll),
    resists: paints.some(isEmbossed),
    tape: tapeOf(mark),
    shape: shapeOf(mark),
    stamp: stampKey(mark),
    imageOf: undefined,
  };
}

/** What a mark is to those it meets; undefined for what is drawn by hand or stuck on. */
function printKindOf(mark: ResolvedMark): PrintKind | undefined {
  const { piece, stamp, words } = mark;
  switch (piece.kind) {
    case 'image':
      if (words || stamp?.stamp === 'sentiment') return 'words';
      if (stamp?.stamp === 'background') return isPale(mark) ? 'texture' : 'background';
      return stamp?.stamp === 'solid' || stamp?.stamp === 'layering' ? 'solid' : 'outline';
    case 'words':
      return 'words';
    case 'blend':
    case 'edges':
    case 'spray':
    case 'splatter':
    case 'stencil':
      return kindOf(piece).laid(piece) === 'over' ? 'late ground' : 'ground';
    case 'dot':
    case 'ribbon':
    case 'drawn':
      return undefined;
    default:
      throw new TypeError(`printKindOf: unknown ${JSON.stringify(piece satisfies never)}`);
  }
}

function isPale(mark: ResolvedMark): boolean {
  const paper = labOf(mark.ground.colour).l;
  const lightness = printedPaints(mark).flatMap(lightnessOf);
  return lightness.length > 0 && lightness.every((l) => Math.abs(l - paper) <= paleTexture);
}

/** What the stamp prints, without what is coloured by hand; all of it for what is no image. */
function printedPaints({ piece, stamp, paints }: ResolvedMark): readonly Paint[] {
  const all = paints.filter((paint) => paint !== undefined);
  if (piece.kind !== 'image' || !stamp) return all;
  const printed = paints
    .slice(0, piece.layers.length)
    .filter((paint, at) => paint !== undefined && isPrintedLayer(stamp, at));
  return printed.length > 0 ? printed.filter((paint) => paint !== undefined) : all;
}

function lightnessOf({ colour, varies }: Paint): readonly number[] {
  return (varies?.stops.map((stop) => stop.colour) ?? [colour]).map((each) => labOf(each).l);
}

function hidesAll({ coats }: Paint): boolean {
  // A wish tells nothing of how it lies.
  return (
    coats.length > 0 && 1 - coats.reduce((left, each) => left * (1 - each.opacity), 1) >= hidesFrom
  );
}

/** What tape leaves free of a blend is a margin all round. */
function tapeOf(mark: ResolvedMark): Print['tape'] {
  const { piece, rect } = mark;
  if (piece.kind !== 'blend' || piece.margin === null || piece.margin.ticks === 0) return undefined;
  const all = turned([corners(rect)], rect, piece.place.turn);
  const { margin, marginBy: by } = piece;
  return { frame: [...all, ...outlineOf(mark)], margin: margin.ticks, by };
}

/** How a stamp's print lies, but for its place. */
function shapeOf({ piece, stamp, whole, rect }: ResolvedMark): PrintShape | undefined {
  if (!stamp) return undefined;
  const part = [rect.x - whole.x, rect.y - whole.y, rect.width, rect.height, piece.place.turn];
  return { of: stamp, as: part.join(' '), x: whole.x, y: whole.y };
}

interface Claimed {
  readonly body: Outline;
  readonly reach: Outline;
}

/** By the outline of a mark that has openings, which stays the same object where nothing moved. */
const claimed = new WeakMap<Outline, Claimed>();

/** What a print claims of its paper: its silhouette; where openings are marked, without them but with the ink in them. */
function claimedBy(mark: ResolvedMark): Claimed {
  const silhouette = outlineOf(mark);
  const { stamp } = mark;
  if (!stamp?.openings) return { body: silhouette, reach: silhouette };
  const before = claimed.get(silhouette);
  if (before) return before;
  const openings = onFaceOf(mark, flattenPath(stamp.openings), stamp.shape.box);
  const body = subtractOutlines(silhouette, openings);
  const { within } = mark;
  const ink = uniteOutlines(
    inkOf(mark).map(({ outline, halfWidth }) =>
      halfWidth === undefined ? outline : growLines(outline, halfWidth),
    ),
  );
  const shown = intersectOutlines(ink, openings);
  const reach = uniteOutlines([body, within ? intersectOutlines(shown, within) : shown]);
  const made = { body, reach };
  claimed.set(silhouette, made);
  return made;
}
