import { TICKS_PER_MILLIMETRE } from '../length/length';
import { shiftedBy, turned, type Outline } from '../outline/outline';
import { colourParts, type ColourPart } from './colourParts';
import { plainSources } from './plainSources';
import type { FaceId } from '../plan/faces';
import { inkOf } from '../resolve/inkOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedMark } from '../resolve/resolvedMark';
import type { Page, Shape } from '../drawing/shape';

const mm = TICKS_PER_MILLIMETRE;
const ink = '#1e2428';
const looks = {
  print: { colour: ink, width: 0.25 * mm, isRound: true },
  box: { colour: ink, width: 0.2 * mm },
} as const;

/** What fits on letter and A4 both, beside what no printer reaches. */
const pageWidth = 190 * mm;
/** A box to swatch, and the room it takes with the name beneath. */
const box = { width: 24 * mm, height: 9 * mm, across: 38 * mm, down: 15 * mm };
const letters = { title: 3.6 * mm, part: 3 * mm, name: 2.5 * mm };
const gap = 6 * mm;

/**
 * The test sheet of a face: each image that is coloured by hand in its lines at 1:1, and beside it each part with a box to
 * swatch for each of its media in their order, the name beneath. Images that are coloured alike are there once.
 */
export function testSheet(card: ResolvedCard, face: FaceId, title: string): Page {
  const shapes: Shape[] = [write(0, letters.title, title, letters.title)];
  let y = letters.title + gap;
  const told = new Set<string>();
  for (const mark of card.marks) {
    if (mark.face !== face || mark.piece.kind !== 'image') continue;
    const parts = colourParts(card).filter(
      ({ kind, at, paint }) =>
        kind === 'coloured' && at[0]?.pieceId === mark.id && paint.from.kind === 'several',
    );
    const key = [mark.stamp?.id, ...parts.map(({ paint }) => paint.colour)].join(' ');
    if (parts.length === 0 || told.has(key)) continue;
    told.add(key);
    const block = blockOf(mark, parts, y);
    shapes.push(...block.shapes);
    y += block.height + gap;
  }
  return { title, width: pageWidth, height: y, layers: [{ id: 'test-sheet', shapes }] };
}

interface Block {
  readonly shapes: readonly Shape[];
  readonly height: number;
}

/** An image and its parts from a height on. */
function blockOf(mark: ResolvedMark, parts: readonly ColourPart[], top: number): Block {
  const { whole } = mark;
  const shapes: Shape[] = [write(0, top + letters.part, mark.name, letters.part)];
  const under = top + letters.part + 2 * mm;
  for (const { outline, halfWidth } of inkOf(mark)) {
    const upright = turned(outline, mark.rect, -mark.piece.place.turn);
    const moved = shiftedBy(upright, -whole.x, under - whole.y);
    if (halfWidth !== undefined) shapes.push({ ...areaOf(moved), line: looks.print });
  }
  const left = whole.width + gap;
  const perRow = Math.max(1, Math.floor((pageWidth - left) / box.across));
  let y = under;
  for (const part of parts) {
    shapes.push(write(left, y + letters.part, part.name || part.of, letters.part));
    y += letters.part + 1.5 * mm;
    const media = plainSources(part.paint.from, part.paint.colour);
    for (const [index, { item }] of media.entries()) {
      const x = left + (index % perRow) * box.across;
      const at = y + Math.floor(index / perRow) * box.down;
      shapes.push({ ...areaOf([boxAt(x, at)]), line: looks.box });
      const name = `${index + 1} ${item?.name ?? 'a wish'}`;
      shapes.push(write(x, at + box.height + letters.name + 0.8 * mm, name, letters.name));
    }
    y += Math.ceil(media.length / perRow) * box.down + 1.5 * mm;
  }
  return { shapes, height: Math.max(under + whole.height, y) - top };
}

const areaOf = (outline: Outline) => ({ kind: 'outline', outline }) as const;

const boxAt = (x: number, y: number) => [
  { x, y },
  { x: x + box.width, y },
  { x: x + box.width, y: y + box.height },
  { x, y: y + box.height },
];

function write(x: number, y: number, words: string, height: number): Shape {
  return { kind: 'text', align: 'left', lettering: 'plain', x, y, words, height, colour: ink };
}
