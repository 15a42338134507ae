import type { CutTree } from './cutTree';
import type { SheetSize } from './unboundedValue';

/** A rectangle on the sheet, from its top left corner. */
export interface SheetRect {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

export interface LaidItem extends SheetRect {
  readonly item: number;
  readonly turned: boolean;
}

/** A cut along a line right through a part of the sheet. */
export interface CutLine {
  readonly x: number;
  readonly y: number;
  readonly length: number;
}

/** A part of the sheet on its way, and what is cut from it in one step. */
export interface PartCut {
  readonly part: SheetRect;
  /** The items it holds, rising, each once. */
  readonly items: readonly number[];
  readonly lines: readonly CutLine[];
}

/** One setting of the fence, and all that is cut at it before it is moved. */
export interface CutStep {
  /** `upright`: the line runs from top to bottom of the sheet as drawn. */
  readonly line: 'upright' | 'level';
  /** How far the fence stands from the blade. */
  readonly fence: number;
  readonly parts: readonly PartCut[];
}

export interface SheetLayout {
  readonly items: readonly LaidItem[];
  readonly steps: readonly CutStep[];
  /** What is left, largest first. */
  readonly rests: readonly SheetRect[];
}

/** What the cutting is bound by. */
export interface Limits {
  /** What a cut takes away. The tree and the sheet are both a kerf larger than life each way. */
  readonly kerf: number;
  /** The longest cut, a kerf larger than life too. */
  readonly reach: number;
  /** A rest is worth a cut of its own when it is at least so wide. */
  readonly useful: number;
}

/** A tree with its nested cuts of one direction made one, what is alike side by side. */
type Block =
  | {
      readonly kind: 'item';
      readonly item: number;
      readonly turned: boolean;
      readonly w: number;
      readonly h: number;
      readonly key: string;
    }
  | {
      readonly kind: 'across' | 'down';
      readonly parts: readonly Block[];
      readonly w: number;
      readonly h: number;
      readonly key: string;
    };

interface Pending {
  readonly block: Block;
  readonly rect: SheetRect;
}

/**
 * Lays a cut tree out as a person cuts it: at each stage the parts at hand are cut at the same setting of
 * the fence before it is moved, the longest measure first; alike parts lie side by side, so that one
 * setting serves them; what is not used stays in one piece at the right or the foot, as large as can be.
 *
 *    ┌────┬────┬──┐   1  fence at the width of the strips, cut twice; the rest is kept whole
 *    │    │    │  │   2  turn; fence at the height of the items, cut each strip
 *    ├────┼────┤  │
 *    │    │    │  │
 *    └────┴────┴──┘
 *
 * Rectangles come back in life size.
 * @throws Error where a part cannot be cut within the reach.
 */
export function layOutSheet(
  tree: CutTree,
  sheet: SheetSize,
  given: Partial<Limits> = {},
): SheetLayout {
  const { kerf = 0, reach = Infinity, useful = 0 } = given;
  const limits = { kerf, reach, useful };
  const items: LaidItem[] = [];
  const rests: SheetRect[] = [];
  const steps: CutStep[] = [];
  const real = ({ x, y, w, h }: SheetRect) => ({ x, y, w: w - kerf, h: h - kerf });
  let stage: Pending[] = [{ block: blockOf(tree), rect: { x: 0, y: 0, w: sheet.w, h: sheet.h } }];
  let line: CutStep['line'] = 'upright';
  while (stage.length > 0) {
    const next: Pending[] = [];
    const cuts: StageCut[] = [];
    for (const { block, rect } of stage) {
      if (block.kind === 'item' && block.w === rect.w && block.h === rect.h) {
        items.push({ ...real(rect), item: block.item, turned: block.turned });
        continue;
      }
      const stageCut = nextCut(block, rect, limits);
      cuts.push(...stageCut.cuts.map((each) => ({ ...each, part: rect, items: itemsOf(block) })));
      next.push(...stageCut.parts);
      if (stageCut.rest && stageCut.rest.w > kerf && stageCut.rest.h > kerf)
        rests.push(real(stageCut.rest));
    }
    steps.push(...stepsOf(cuts, line, kerf));
    line = steps.at(-1)?.line ?? line;
    stage = next;
  }
  const area = ({ w, h }: SheetRect) => w * h;
  return { items, steps, rests: rests.sort((a, b) => area(b) - area(a) || a.y - b.y || a.x - b.x) };
}

/** Cuts at one fence within one part. */
interface StageCut {
  readonly line: CutStep['line'];
  readonly fence: number;
  readonly lines: readonly CutLine[];
  readonly part: SheetRect;
  readonly items: readonly number[];
}

interface NextCut {
  readonly cuts: readonly Pick<StageCut, 'line' | 'fence' | 'lines'>[];
  readonly parts: readonly Pending[];
  readonly rest: SheetRect | undefined;
}

/** What is done next to a part: what is not needed is cut off, or it is cut into its parts. */
function nextCut(block: Block, rect: SheetRect, limits: Limits): NextCut {
  const trim = trimOrder(block, rect, limits).find(
    (each) => (each === 'upright' ? rect.h : rect.w) <= limits.reach,
  );
  if (trim) return trimPart(block, rect, trim);
  if (block.kind === 'item')
    throw new Error(
      `layOutSheet: a part of ${rect.w} x ${rect.h} cannot be cut within ${limits.reach}`,
    );
  return splitParts(block.parts, rect, block.kind === 'across' ? 'upright' : 'level');
}

/**
 * The cuts that take off what a part has too much of, in the order they are wished for. Between parts the
 * last cut takes off what is left along them, and cuts within the parts what is left across; a cut of its
 * own is made only for a rest that is useful, or that several items would be trimmed of one by one. Of an
 * L-shaped rest the larger arm stays whole: the cut that frees it goes first.
 */
function trimOrder(block: Block, { w, h }: SheetRect, { reach, useful }: Limits) {
  const rest = { upright: w - block.w, level: h - block.h };
  const isRightFirst = rest.upright * h > rest.level * w;
  const both: readonly CutStep['line'][] = isRightFirst
    ? ['upright', 'level']
    : ['level', 'upright'];
  const wished = both.filter((line) => rest[line] > 0);
  if (block.kind === 'item') return wished;
  const along = block.kind === 'across' ? 'upright' : 'level';
  const over = along === 'upright' ? 'level' : 'upright';
  const side = along === 'upright' ? 'h' : 'w';
  const isTooLong = (along === 'upright' ? h : w) > reach;
  const trimmedOneByOne = block.parts.filter(
    (part) => part.kind === 'item' && part[side] === block[side],
  ).length;
  return wished.filter((line) =>
    line === over
      ? isTooLong || rest[over] >= useful || trimmedOneByOne > 1
      : rest[over] > 0 && rest[along] >= useful && wished[0] === along,
  );
}

function trimPart(block: Block, { x, y, w, h }: SheetRect, line: CutStep['line']): NextCut {
  return line === 'level'
    ? {
        cuts: [{ line, fence: block.h, lines: [{ x, y: y + block.h, length: w }] }],
        parts: [{ block, rect: { x, y, w, h: block.h } }],
        rest: { x, y: y + block.h, w, h: h - block.h },
      }
    : {
        cuts: [{ line, fence: block.w, lines: [{ x: x + block.w, y, length: h }] }],
        parts: [{ block, rect: { x, y, w: block.w, h } }],
        rest: { x: x + block.w, y, w: w - block.w, h },
      };
}

function splitParts(parts: readonly Block[], rect: SheetRect, line: CutStep['line']): NextCut {
  const isUpright = line === 'upright';
  const pending: Pending[] = [];
  const cuts: { line: CutStep['line']; fence: number; lines: CutLine[] }[] = [];
  const whole = isUpright ? rect.w : rect.h;
  let at = 0;
  for (const block of parts) {
    const fence = isUpright ? block.w : block.h;
    const part = isUpright
      ? { x: rect.x + at, y: rect.y, w: fence, h: rect.h }
      : { x: rect.x, y: rect.y + at, w: rect.w, h: fence };
    pending.push({ block, rect: part });
    at += fence;
    if (at >= whole) break;
    const cutLine = isUpright
      ? { x: rect.x + at, y: rect.y, length: rect.h }
      : { x: rect.x, y: rect.y + at, length: rect.w };
    const last = cuts.at(-1);
    if (last?.fence === fence) last.lines.push(cutLine);
    else cuts.push({ line, fence, lines: [cutLine] });
  }
  const left = whole - at;
  const rest = isUpright
    ? { x: rect.x + at, y: rect.y, w: left, h: rect.h }
    : { x: rect.x, y: rect.y + at, w: rect.w, h: left };
  return { cuts, parts: pending, rest: left > 0 ? rest : undefined };
}

/** The cuts of a stage by line, the line at hand first, and by fence, the longest first. */
function stepsOf(
  cuts: readonly StageCut[],
  current: CutStep['line'],
  kerf: number,
): readonly CutStep[] {
  const other: CutStep['line'] = current === 'upright' ? 'level' : 'upright';
  return [current, other].flatMap((line) => {
    const ofLine = cuts.filter((cut) => cut.line === line);
    const fences = [...new Set(ofLine.map(({ fence }) => fence))].sort((a, b) => b - a);
    return fences.map((fence) => ({
      line,
      fence: fence - kerf,
      parts: ofLine
        .filter((cut) => cut.fence === fence)
        .map(({ part, items, lines }) => ({
          part: { ...part, w: part.w - kerf, h: part.h - kerf },
          items,
          lines: lines.map((each) => ({ ...each, length: each.length - kerf })),
        })),
    }));
  });
}

function itemsOf(block: Block): readonly number[] {
  const items = block.kind === 'item' ? [block.item] : block.parts.flatMap(itemsOf);
  return [...new Set(items)].sort((a, b) => a - b);
}

function blockOf(tree: CutTree): Block {
  if (tree.kind === 'item') return { ...tree, key: `${tree.item}${tree.turned ? 't' : ''}` };
  const { kind } = tree;
  const parts = [tree.first, tree.second].flatMap((part) => {
    const block = blockOf(part);
    return block.kind === kind ? block.parts : [block];
  });
  const along = (block: Block) => (kind === 'across' ? block.w : block.h);
  const across = (block: Block) => (kind === 'across' ? block.h : block.w);
  const sorted = parts.toSorted(
    (a, b) =>
      along(b) - along(a) || across(b) - across(a) || (a.key < b.key ? -1 : a.key > b.key ? 1 : 0),
  );
  const sum = sorted.reduce((total, block) => total + along(block), 0);
  const most = Math.max(...sorted.map(across));
  return {
    kind,
    parts: sorted,
    w: kind === 'across' ? sum : most,
    h: kind === 'across' ? most : sum,
    key: `${kind}(${sorted.map(({ key }) => key).join(',')})`,
  };
}
