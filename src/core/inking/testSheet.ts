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
/** Where a page begins under its title. */
const top = letters.title + gap;

/**
 * The test sheet of a face: each image that is coloured by hand in its lines at 1:1, and beside it each part with a box to
 * swatch for each of its media in their order, the name beneath. Images that are coloured alike are there once.
 * @param mostHeight of a page, in ticks; what goes beyond it comes on the next
 * @returns at least one page
 */
export function testSheet(
  card: ResolvedCard,
  face: FaceId,
  title: string,
  mostHeight = Infinity,
): readonly Page[] {
  const sheet = new Sheet(title, mostHeight);
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
    layBlock(sheet, mark, parts);
  }
  return sheet.pages();
}

/** Pages that are filled from the top down. */
class Sheet {
  readonly #title: string;
  readonly #mostHeight: number;
  readonly #pages: { readonly shapes: Shape[]; height: number }[] = [];
  /** How far down the page is filled. */
  y = 0;

  constructor(title: string, mostHeight: number) {
    this.#title = title;
    this.#mostHeight = mostHeight;
    this.#turnPage();
  }

  /** Begins another page where no more than so much is left; tells whether it did. */
  makeRoom(height: number): boolean {
    if (this.y + height <= this.#mostHeight || this.y === top) return false;
    this.#turnPage();
    return true;
  }

  put(shape: Shape): void {
    this.#pages.at(-1)?.shapes.push(shape);
  }

  /** What is below this is free. */
  goDownTo(y: number): void {
    this.y = Math.max(this.y, y);
    const page = this.#pages.at(-1);
    if (page) page.height = Math.max(page.height, this.y);
  }

  pages(): readonly Page[] {
    return this.#pages.map(({ shapes, height }) => ({
      title: this.#title,
      width: pageWidth,
      height,
      layers: [{ id: 'test-sheet', shapes }],
    }));
  }

  #turnPage(): void {
    this.#pages.push({
      shapes: [write(0, letters.title, this.#title, letters.title)],
      height: top,
    });
    this.y = top;
  }
}

/** An image, and its parts beside it, or beneath one that is as wide as the page. */
function layBlock(sheet: Sheet, mark: ResolvedMark, parts: readonly ColourPart[]): void {
  const { whole, rect, piece, name } = mark;
  const heading = letters.part + 2 * mm;
  sheet.makeRoom(heading + whole.height);
  sheet.put(write(0, sheet.y + letters.part, name, letters.part));
  const under = sheet.y + heading;
  for (const { outline, halfWidth } of inkOf(mark)) {
    const upright = turned(outline, rect, -piece.place.turn);
    const moved = shiftedBy(upright, -whole.x, under - whole.y);
    if (halfWidth !== undefined) sheet.put({ ...areaOf(moved), line: looks.print });
  }
  const isBeside = whole.width + gap + box.across <= pageWidth;
  const left = isBeside ? whole.width + gap : 0;
  const foot = under + whole.height;
  sheet.goDownTo(isBeside ? under : foot + 2 * mm);
  let isFirstPage = true;
  const perRow = Math.floor((pageWidth - left) / box.across);
  for (const part of parts) {
    const media = plainSources(part.paint.from, part.paint.colour);
    const height = letters.part + 3 * mm + Math.ceil(media.length / perRow) * box.down;
    if (sheet.makeRoom(height)) isFirstPage = false;
    const y = sheet.y + letters.part + 1.5 * mm;
    sheet.put(write(left, sheet.y + letters.part, part.name || part.of, letters.part));
    for (const [index, { item }] of media.entries()) {
      const x = left + (index % perRow) * box.across;
      const at = y + Math.floor(index / perRow) * box.down;
      sheet.put({ ...areaOf([boxAt(x, at)]), line: looks.box });
      const words = `${index + 1} ${item?.name ?? 'a wish'}`;
      sheet.put(write(x, at + box.height + letters.name + 0.8 * mm, words, letters.name));
    }
    sheet.goDownTo(sheet.y + height);
  }
  sheet.goDownTo((isFirstPage ? Math.max(foot, sheet.y) : sheet.y) + gap);
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
