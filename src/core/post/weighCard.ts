import { TICKS_PER_MILLIMETRE, type Size } from '../length/length';
import { ribbonLength } from '../measuring/ribbonLength';
import { areaOfOutline } from '../outline/polygons';
import { adhesive, adhesiveIds, type AdhesiveId } from '../paper/adhesives';
import { findItem, type Library } from '../plan/library';
import type { LibraryItem } from '../plan/libraryItem';
import type { Plan } from '../plan/plan';
import { isHeldBy } from '../resolve/bond';
import { outlineOf } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { isRibbon } from '../resolve/ribbonParts';
import { adhesiveUnder } from '../supplies/adhesiveAmount';
import type { PostEnvelope } from './postEnvelope';

/** What a share of the weight is: the base, papers by what they are of, what holds and decorates them, and what it goes in. */
export const weightParts = [
  'base',
  'papers',
  'adhesives',
  'embellishments',
  'envelope',
  'enclosures',
] as const;
export type WeightPart = (typeof weightParts)[number];

/** What one thing weighs. */
export interface WeightRow {
  readonly part: WeightPart;
  readonly name: string;
  readonly grams: number;
  /** How far that may be off, either way. */
  readonly tolerance: number;
}

export interface Weight {
  readonly rows: readonly WeightRow[];
  readonly grams: number;
  /** All that may be off added up, as if it were off the same way. */
  readonly tolerance: number;
  /** What has no weight of its own in the stash, and was taken as what is usual. */
  readonly guessed: readonly string[];
}

/** Paper is made to within a twentieth of its weight; from memory. What holds and decorates, to within a half. */
const paperTolerance = 0.05;
const looseTolerance = 0.5;

/**
 * Grams of each adhesive in the measure it is bought by, once it is dry; from memory: half of liquid glue stays, tape is
 * 6 mm wide and 0.1 mm thick, foam weighs a tenth of water.
 */
const adhesiveGrams: Readonly<Record<AdhesiveId, number>> = {
  liquid: 0.5,
  tape: 0.6,
  'thin-foam': 0.006,
  foam: 0.008,
  'foam-sheet': 2,
  'thick-foam': 0.013,
};

type EmbellishmentKind = Extract<LibraryItem, { kind: 'embellishment' }>['embellishment'];

/** Grams of one, or of a metre; from memory. */
const usualGrams: Readonly<Record<EmbellishmentKind, number>> = {
  gem: 0.1,
  dot: 0.05,
  drop: 0.1,
  sequin: 0.02,
  button: 0.8,
  spring: 0.3,
  magnet: 0.6,
  ribbon: 2,
  twine: 0.8,
};

/** A stock the stash does not know weighs as much as everyday card, in g/m²; from memory. */
const unknownStock = 216;

/** A dome fills half of its box; of acrylic, 1.2 g/cm³. From memory. */
const domeDensity = (1.2 / 1000) * (Math.PI / 8);

const squareMetre = (1000 * TICKS_PER_MILLIMETRE) ** 2;
const areaOf = ({ width, height }: Size) => (width * height) / squareMetre;

/**
 * What a card weighs in its envelope, each thing by its area in truth times what its stock weighs. Ink, powder and what a
 * die embosses are left out: they are less than the tolerance of the paper.
 */
export function weighCard(
  plan: Plan,
  card: ResolvedCard,
  library: Library,
  envelope: PostEnvelope | undefined,
): Weight {
  const guessed: string[] = [];
  const gramsOf = (name: string, stock: { readonly gramsPerSquareMetre: number } | undefined) => {
    if (!stock) guessed.push(name);
    return stock?.gramsPerSquareMetre ?? unknownStock;
  };
  const { base } = card;
  const rows: WeightRow[] = [
    paper('base', 'Base', areaOf(base.blank) * gramsOf('Base', base.stock)),
    ...card.pieces.map((piece) => {
      const hole = piece.opening ? areaOf(piece.opening) : 0;
      const area = areaOfOutline(outlineOf(piece)) / squareMetre - hole;
      return paper('papers', piece.name, Math.max(0, area) * gramsOf(piece.name, piece.stock));
    }),
    ...adhesiveIds.flatMap((id) => {
      const held = card.pieces.filter((piece) => isHeldBy(piece, id));
      if (held.length === 0) return [];
      const amount = held.reduce((sum, piece) => sum + adhesiveUnder(piece, id, plan.habits), 0);
      return [loose('adhesives', adhesive(id).name, amount * adhesiveGrams[id])];
    }),
    ...card.marks.filter(isRibbon).map((ribbon) => {
      const metres = ribbonLength(card, ribbon).whole / (1000 * TICKS_PER_MILLIMETRE);
      return loose('embellishments', ribbon.name, metres * usualGrams[ribbon.piece.look]);
    }),
    ...card.marks
      .filter((mark) => mark.height > 0 && !isRibbon(mark))
      .map(({ name, rect, height }) => {
        const across = rect.width / TICKS_PER_MILLIMETRE;
        const high = height / TICKS_PER_MILLIMETRE;
        return loose('embellishments', name, domeDensity * across ** 2 * high);
      }),
    ...card.pieces
      .filter(({ piece }) => piece.motion?.kind === 'wobbler')
      .map(({ name }) => loose('embellishments', `Spring of ${name}`, usualGrams.spring)),
    ...plan.uses.flatMap(({ item: ref, amount }) => {
      const item = findItem(library, ref);
      if (item?.kind !== 'embellishment' || amount === 0) return [];
      return [loose('embellishments', item.name, amount * usualGrams[item.embellishment])];
    }),
    ...(envelope ? [paper('envelope', envelope.name, envelopeGrams(envelope))] : []),
    ...plan.post.enclosures.map(({ name, grams }) => ({
      ...{ part: 'enclosures' as const, name, grams },
      tolerance: 0,
    })),
  ];
  return { rows, ...sumOf(rows), guessed };
}

type RowOf = (part: WeightPart, name: string, grams: number) => WeightRow;
const within =
  (share: number): RowOf =>
  (part, name, grams) => ({ part, name, grams, tolerance: grams * share });
const paper = within(paperTolerance);
const loose = within(looseTolerance);

/** Its two faces, and seams and flap, which take half a face more; from memory. */
const facesOfEnvelope = 2.5;

function envelopeGrams({ size, gramsPerSquareMetre, made }: PostEnvelope): number {
  const area = made ? areaOfOutline([made.cut]) / squareMetre : areaOf(size) * facesOfEnvelope;
  return area * gramsPerSquareMetre;
}

function sumOf(rows: readonly WeightRow[]): Pick<Weight, 'grams' | 'tolerance'> {
  return {
    grams: rows.reduce((sum, { grams }) => sum + grams, 0),
    tolerance: rows.reduce((sum, { tolerance }) => sum + tolerance, 0),
  };
}
