import { readFileSync } from 'node:fs';
import { arrange } from '../src/core/arrangement/arrange';
import { inches, millimetres } from '../src/core/length/length';
import { corners, rounded, type Outline } from '../src/core/outline/outline';
import { uniteOutlines } from '../src/core/outline/polygons';
import { touches } from '../src/core/outline/distance';
import { fewestCover } from '../src/core/masking/fewestCover';
import { meetingsOf } from '../src/core/masking/meetings';
import { planPaper } from '../src/core/masking/planPaper';
import type { Print } from '../src/core/masking/print';
import { heightAreas } from '../src/core/post/heightAreas';
import { heightMap } from '../src/core/post/heightMap';
import type { Plate, Stack } from '../src/core/post/plate';
import { seeded } from '../src/core/seeded';
import { asTyped } from '../src/core/length/typedLength';
import { drawFace } from '../src/core/pictures/drawFace';
import { readCardFile } from '../src/core/plan/cardFile';
import type { PieceId } from '../src/core/plan/ids';
import type { Plan } from '../src/core/plan/plan';
import { printAt } from '../test/support/prints';
import { resolvePlan } from '../src/core/resolve/resolvePlan';
import { movePoint } from '../src/core/plan/sceneEdits';
import { median, round } from './measure';

/** Blobs of 60 points all over an A2 face, each over some fifteen others. */
function blobs(count: number): Outline[] {
  const random = seeded(3);
  return Array.from({ length: count }, () => {
    const [x, y] = [random() * inches(4, 1, 4), random() * inches(5, 1, 2)];
    const reach = millimetres(1) * (4 + random() * 10);
    const points = Array.from({ length: 60 }, (_, at) => {
      const angle = (at * Math.PI) / 30;
      const far = reach * (0.8 + 0.2 * Math.sin(5 * angle));
      return rounded({ x: x + far * Math.cos(angle), y: y + far * Math.sin(angle) });
    });
    return [points];
  });
}

const movedBy = (outline: Outline | undefined, by: number): Outline =>
  (outline ?? []).map((polygon) => polygon.map(({ x, y }) => ({ x: x + by, y })));

console.log('Outlines of 60 points arranged on a face (targets at 200: 700, 50 and 16 ms)');
console.table(
  [50, 200].map((count) => {
    const scene = blobs(count);
    let by = 0;
    return {
      outlines: count,
      parts: arrange(scene).length,
      'all anew': round(median(5, () => arrange(scene.map((each) => movedBy(each, 0))))),
      'one moved': round(
        median(20, () => arrange(scene.with(count / 2, movedBy(scene[count / 2], (by += 999))))),
      ),
      'none moved': round(median(20, () => arrange(scene))),
      'united by Clipper2, for comparison': round(median(5, () => uniteOutlines(scene))),
    };
  }),
);

/** The same blobs as papers on the front, one over the other, every third on foam. */
const stackOfBlobs = (outlines: readonly Outline[]): Stack => ({
  face: blobFace,
  leaves: 2,
  caliper: millimetres(0.4),
  plates: outlines.map((outline, at) => ({
    ...{ id: `blob-${at}`, name: `Blob ${at}`, face: 'front', outline, held: undefined },
    foot: millimetres(at % 3 === 0 ? 1.5 : 0),
    caliper: millimetres(0.3),
  })),
});
const blobFace: Outline = [
  corners({ x: 0, y: 0, width: inches(4, 1, 4), height: inches(5, 1, 2) }),
];

console.log(
  'Heights of papers of 60 points (targets at 200: 0.7 s all anew, 50 ms one moved, 16 ms a height changed)',
);
console.table(
  [50, 200].map((count) => {
    const scene = blobs(count);
    const kept = stackOfBlobs(scene);
    let by = 0;
    const thicker = ({ plates, ...card }: Stack): Stack => ({
      ...card,
      plates: plates.with(7, { ...(plates[7] as Plate), caliper: millimetres(0.3 + (by++ % 9)) }),
    });
    const moved = () => stackOfBlobs(scene.with(count / 2, movedBy(scene[count / 2], (by += 999))));
    return {
      papers: count,
      parts: heightMap(kept).parts.length,
      'all anew': round(
        median(5, () => heightMap(stackOfBlobs(scene.map((each) => movedBy(each, 0))))),
      ),
      'one moved': round(median(20, () => heightMap(moved()))),
      'a height changed': round(median(20, () => heightMap(thicker(kept)))),
      'joined for drawing': round(median(5, () => heightAreas(heightMap(kept)))),
    };
  }),
);

/** The same blobs as prints of outlines, each of a stamp of its own. */
const asPrint = (body: Outline, at: number): Print => printAt(`print-${at}`, 0, 0, { body });
const maskHabits = { inset: 8000, spindly: 24_000, margin: 48_000 };
const plannedOf = (prints: readonly Print[]) =>
  planPaper({
    prints,
    clip: (outline) => outline,
    decisions: [],
    school: { acceptsOverlaps: false, wordsStamped: 'as-listed', keepsGroundsOff: false },
    habits: maskHabits,
  });

console.log(
  'Prints of 60 points on a paper: who meets whom (target at 200: 100 ms), areas and masks (1 s), one moved (at 20: 16 ms)',
);
console.table(
  [20, 200].map((count) => {
    const scene = blobs(count);
    const anew = () => scene.map((each, at) => asPrint(movedBy(each, 0), at));
    const kept = anew();
    plannedOf(kept);
    let by = 0;
    const pairs = (prints: readonly Print[]) =>
      prints.flatMap((a, at) => prints.slice(at + 1).filter((b) => touches(a.reach, b.reach)));
    return {
      prints: count,
      meetings: meetingsOf(kept, (outline) => outline).length,
      'who meets whom, all pairs': round(median(5, () => pairs(kept))),
      'with areas, anew': round(median(3, () => meetingsOf(anew(), (outline) => outline))),
      'all anew': round(median(3, () => plannedOf(anew()))),
      'one moved': round(
        median(10, () =>
          plannedOf(
            kept.with(count / 2, asPrint(movedBy(scene[count / 2], (by += 999)), count / 2)),
          ),
        ),
      ),
    };
  }),
);

console.log('The fewest of 100 images that meet, proven (target, dense: 100 ms)');
console.table(
  [0.05, 0.1, 0.3, 0.5, 0.8].map((share) => {
    const random = seeded(4);
    const lines: [number, number][] = [];
    for (let a = 0; a < 100; a++)
      for (let b = a + 1; b < 100; b++) if (random() < share) lines.push([a, b]);
    const costs = Array.from({ length: 100 }, () => Math.floor(random() * 1000));
    const { members, isProven } = fewestCover(costs, lines);
    return {
      'meeting, of all pairs': share,
      covered: members.length,
      proven: isProven,
      ms: round(median(3, () => fewestCover(costs, lines))),
    };
  }),
);

const hillside = readCardFile(readFileSync('demo/cards/hillside-beds.nibwright.json', 'utf8'));
if (!hillside.ok) throw new Error('no card in strips');
const { plan: slope, library: onSlope } = hillside.file;
console.log(
  'A scene of five strips and a disc, one point of a line moved (target: a frame, 16 ms)',
);
let height = 0;
const movedLine = (): Plan => ({
  ...slope,
  scenes: slope.scenes.map((scene) => {
    const lines = movePoint(scene.lines, 'far' as PieceId, 1, {
      x: asTyped(millimetres(32)),
      y: asTyped(millimetres(40 + ((height += 1) % 9))),
    });
    return { ...scene, lines };
  }),
});
console.table({
  'figures of the card': round(median(20, () => resolvePlan(movedLine(), onSlope))),
  'and drawn': round(median(20, () => drawFace(resolvePlan(movedLine(), onSlope), 'front'))),
});
