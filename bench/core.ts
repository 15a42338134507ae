import { readFileSync } from 'node:fs';
import { inches } from '../src/core/length/length';
import { seeded } from '../src/core/seeded';
import { asTyped } from '../src/core/length/typedLength';
import { bestFamily } from '../src/core/inking/bestFamily';
import { colourParts } from '../src/core/inking/colourParts';
import { paletteOf } from '../src/core/inking/palette';
import { recolour } from '../src/core/inking/recolour';
import { coloursRules } from '../src/core/compute/rules/coloursRules';
import { areAlike } from '../src/islands/parts/MarkPicture';
import type { ResolvedCard } from '../src/core/resolve/resolvedCard';
import { drawFace, type DrawnMark } from '../src/core/pictures/drawFace';
import { markShapes, paperArea } from '../src/core/pictures/faceShapes';
import { readCardFile } from '../src/core/plan/cardFile';
import { computeCard } from '../src/core/compute/computeCard';
import { readQuery } from '../src/core/compute/cardQuery';
import { cardText, standingCard } from '../src/core/compute/standingCard';
import { applyEdit } from '../src/core/plan/applyEdit';
import { defaultHabits } from '../src/core/plan/habits';
import type { CardId, LibraryId, PieceId } from '../src/core/plan/ids';
import type { Library } from '../src/core/plan/library';
import { withPieces } from '../src/core/plan/withPieces';
import { newPlan } from '../src/core/plan/newPlan';
import type { Piece } from '../src/core/plan/piece';
import { plainPiece } from '../src/core/plan/pieces';
import type { Plan } from '../src/core/plan/plan';
import type { RuleGroup } from '../src/core/plan/rules';
import { noResults, type Rule } from '../src/core/findings/finding';
import { leadingFinding, runRules } from '../src/core/findings/runRules';
import { stations } from '../src/islands/stations/stations';
import {
  dotOn,
  library as allItems,
  measure,
  pieceOn,
  planOf as planOfPieces,
  stampedOn,
  wordsOn,
  wren,
} from '../test/support/plans';
import { resolvePlan } from '../src/core/resolve/resolvePlan';
import { changePiece } from '../src/core/plan/pieceEdits';
import { median, round } from './measure';

const ref = { id: 'chalk' as LibraryId, version: 1 };
const library: Library = ['#fbfaf6', '#57694a'].map((colour, index) => ({
  kind: 'stock',
  id: (index === 0 ? 'chalk' : 'moss') as LibraryId,
  version: 1,
  name: index === 0 ? 'Chalk' : 'Moss',
  paper: 'cardstock',
  colour,
  gramsPerSquareMetre: 216,
  caliper: asTyped(inches(0, 1, 64)),
  sheets: ['letter'],
  bSide: null,
  pounds: null,
  direction: 'none',
  grain: null,
  sale: { from: null, until: null },
}));

/** Stacks of four layers beside one another, a third of them in odd sixteenths. */
function planOf(count: number): Plan {
  const pieces = Array.from({ length: count }, (_, index): Piece => {
    const isFoot = index % 4 === 0;
    return {
      ...plainPiece,
      id: `p${index}` as PieceId,
      name: `Layer ${index}`,
      on: isFoot ? { face: 'front' } : { piece: `p${index - 1}` as PieceId },
      size: isFoot
        ? { by: 'measure', width: asTyped(inches(3)), height: asTyped(inches(4)) }
        : { by: 'reveal', all: asTyped(inches(0, index % 3 === 0 ? 3 : 2, 32)) },
      stock: index % 2 === 0 ? { ...ref, id: 'moss' as LibraryId } : ref,
    };
  });
  const base = { title: 'Bench', designerId: null, releaseId: null, stock: ref };
  const format = { kind: 'named', id: 'a2', stand: 'upright' } as const;
  return withPieces(
    newPlan({ ...base, format, fold: 'side', habits: defaultHabits('in') }),
    pieces,
  );
}

/** Resolve and findings by the number of pieces; the target for 200 is one frame, 16 ms. */
console.log('Base station, one keystroke (target at 200 pieces: 16 ms)');
console.table(
  [8, 50, 200].map((pieces) => {
    const plan = planOf(pieces);
    const id = plan.pieces[pieces - 1]?.id ?? ('p0' as PieceId);
    const last = { id, kind: 'panel' } as const;
    const size = { by: 'reveal', all: asTyped(inches(0, 1, 8)) } as const;
    const edit = () => applyEdit(plan, changePiece(last, { size }));
    return {
      pieces,
      'edit ms': round(median(100, () => void edit())),
      'resolve ms': round(median(100, () => void resolvePlan(plan, library))),
      'resolve + findings ms': round(median(100, () => void computeCard(plan, library))),
    };
  }),
);

/** Panels with prints, words, gems and lines laid about on each, in all so many pieces. */
function sceneOf(count: number): Plan {
  const random = seeded(5);
  const inch = (most: number) => asTyped(inches(0, Math.floor(random() * most * 32), 32));
  const pieces: Piece[] = [pieceOn('front', 'panel', measure('4', '5 1/4'))];
  while (pieces.length < count) {
    const at = pieces.length;
    const place = {
      x: { from: 'left', distance: inch(3) },
      y: { from: 'top', distance: inch(4) },
    } as const;
    pieces.push(
      at % 10 === 0
        ? pieceOn('panel', `strip-${at}`, measure('1 1/2', '1/2'), place)
        : at % 10 < 4
          ? stampedOn('panel', `bird-${at}`, wren, place)
          : at % 10 < 6
            ? wordsOn('panel', `words-${at}`, ['hello'], place)
            : dotOn('panel', `gem-${at}`, place),
    );
  }
  return planOfPieces(pieces);
}

const rulesOf = await Promise.all(
  stations.map(async ({ name, mends, loadRules }) => ({ name, mends, rules: await loadRules() })),
);
console.log('An edit of a card of 200 pieces with what its own station finds (target: 8 ms)');
console.table(
  [
    { card: '200 papers', plan: planOf(200), items: library },
    {
      card: '200 pieces, most of them prints, words and gems',
      plan: sceneOf(200),
      items: allItems,
    },
  ].map(({ card, plan, items }) => {
    const id = plan.pieces[plan.pieces.length - 1]?.id ?? ('p0' as PieceId);
    const edit = changePiece({ id, kind: 'panel' }, { name: 'renamed' });
    const answer = (mends: readonly RuleGroup[], rules: readonly Rule[]) => () => {
      const outcome = applyEdit(plan, edit);
      const next = outcome.ok ? outcome.plan : plan;
      const resolved = resolvePlan(next, items);
      const found = runRules(rules, {
        plan: next,
        card: resolved,
        library: items,
        results: noResults,
      });
      // The first is told with its remedies, which are tried on the card.
      void leadingFinding(found, { groups: mends, piece: undefined })?.remedies;
    };
    return {
      card,
      ...Object.fromEntries(
        rulesOf.map(({ name, mends, rules }) => [
          `${name} ms`,
          round(median(60, answer(mends, rules))),
        ]),
      ),
    };
  }),
);

/** A demo card with its prints laid again and again, up to so many pieces. */
function colouredOf(count: number): { readonly plan: Plan; readonly items: Library } {
  const read = readCardFile(readFileSync('demo/cards/lighthouse-keeper.nibwright.json', 'utf8'));
  if (!read.ok) throw new Error('colouredOf: the demo card cannot be read');
  const { plan, library: items } = read.file;
  const marks = plan.pieces.filter(({ kind }) => kind === 'image' || kind === 'words');
  const others = plan.pieces.filter((piece) => !marks.includes(piece));
  const more = Array.from({ length: count - others.length }, (_, at): Piece => {
    const mark = marks[at % marks.length] as Piece;
    return { ...mark, id: `${mark.id}-${at}` as PieceId };
  });
  return { plan: withPieces(plan, [...others, ...more]), items };
}

console.log(
  'Colour (targets: a changed ink drawn in 16 ms, palette and findings in 16 ms beside resolving, a family in 50 ms)',
);
{
  const { plan, items } = colouredOf(200);
  const parts = colourParts(resolvePlan(plan, items));
  const [first, second] = [parts[0], parts.find(({ kind }) => kind === 'printed')].map(
    (part) => part?.at ?? [],
  );
  let turn = 0;
  /** Another wish each time, as trying one colour after the other does. */
  const changed = () => {
    const wish = `#${(0x334455 + 37 * turn++).toString(16).padStart(6, '0')}`;
    const outcome = applyEdit(
      plan,
      recolour(plan, second ?? first ?? [], { kind: 'source', source: { wish } }),
    );
    const next = outcome.ok ? outcome.plan : plan;
    return { next, card: resolvePlan(next, items) };
  };
  /** As the screen does: what looks as before is not drawn again. */
  let drawn = new Map<string, DrawnMark>();
  const redraw = (card: ResolvedCard) => {
    const next = new Map<string, DrawnMark>();
    for (const piece of drawFace(card, 'front'))
      for (const mark of piece.marks) {
        const before = drawn.get(mark.id);
        if (!before || !areAlike(before, mark)) void markShapes(mark, paperArea(piece));
        next.set(mark.id, mark);
      }
    drawn = next;
  };
  const random = seeded(7);
  const markers = Array.from({ length: 400 }, (_, at) => ({
    id: `marker-${at}`,
    colour: `#${Math.floor(random() * 0xffffff)
      .toString(16)
      .padStart(6, '0')}`,
  }));
  console.table([
    {
      pieces: plan.pieces.length,
      'changed ink drawn ms': round(median(40, () => redraw(changed().card))),
      'edit and resolve ms': round(median(40, () => void changed())),
      'edit, resolve, palette and findings ms': round(
        median(40, () => {
          const { next, card } = changed();
          void paletteOf(colourParts(card));
          void runRules(coloursRules, { plan: next, card, library: items, results: noResults });
        }),
      ),
      'family of 5 from 400 markers ms': round(
        median(40, () => void bestFamily(markers, '#b5533f', 5)),
      ),
    },
  ]);
}

const computed = computeCard(planOf(8), library);
const standing = standingCard('card' as CardId, 1, planOf(8), computed);
const text = cardText(planOf(8), computed.card);
console.log('Searching the Ledge (target at 10 000 cards: 100 ms)');
console.table(
  [1000, 10_000].map((count) => {
    const cards = Array.from({ length: count }, () => standing);
    const search = (query: string) => () => {
      const matches = readQuery(query, 'in', () => 'Orla Night Tram');
      void cards.filter((card) => matches(card, text));
    };
    return {
      cards: count,
      'words ms': round(median(20, search('moss orla layer'))),
      'size ms': round(median(20, search('4 1/8'))),
    };
  }),
);
