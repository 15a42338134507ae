import type { Unit } from '../../src/core/length/length';
import { parseLength } from '../../src/core/length/parseLength';
import { asTyped, type TypedLength } from '../../src/core/length/typedLength';
import { adhesives } from '../../src/core/paper/adhesives';
import { folds } from '../../src/core/paper/cardFormat';
import { cardFormats } from '../../src/core/paper/cardFormats';
import type { CardFile, Designer, Release } from '../../src/core/plan/cardFile';
import { facesOf, faceName, sides } from '../../src/core/plan/faces';
import { defaultHabits } from '../../src/core/plan/habits';
import type { CardId, PieceId } from '../../src/core/plan/ids';
import type { Library } from '../../src/core/plan/library';
import type { LibraryItem, LibraryRef } from '../../src/core/plan/libraryItem';
import type { Evenings } from '../../src/core/plan/evenings';
import type { Override } from '../../src/core/plan/override';
import { newPlan } from '../../src/core/plan/newPlan';
import type { Paper, Piece, PlaceRule, SizeRule, Support, Zone } from '../../src/core/plan/piece';
import { centred, papersOf, plainPiece } from '../../src/core/plan/pieces';
import type { Base, Plan } from '../../src/core/plan/plan';
import type { CardStatus, MailClassId } from '../../src/core/plan/planFacts';
import { mailSchemes } from '../../src/core/post/mail/mailSchemes';
import { withPieces } from '../../src/core/plan/withPieces';
import { usedLibrary } from '../../src/core/kinds/usedLibrary';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import { readableId } from './readableId';

/** A layer of a card in the words of the page. */
export interface LayerDescription {
  readonly name: string;
  /** By name. */
  readonly stock: string;
  /** The face, or the name of a layer; left out, on top of the front. */
  readonly on?: string;
  /** The layer a mat is built round. */
  readonly round?: string;
  /** By the way of giving it: border, sides, step, own, die; several figures with semicolons between. */
  readonly size: Readonly<Record<string, string>>;
  /** Such as `from the left; 1/4`. */
  readonly across?: string;
  readonly down?: string;
  readonly glue?: string;
  /** Where something else holds it, such as `all of it; by nothing` or `over Lamp strip; by liquid glue`. */
  readonly holds?: readonly string[];
  readonly trim?: Readonly<Record<'left' | 'top' | 'right' | 'bottom', string>>;
  /** The rim that stays. */
  readonly cutOut?: string;
  readonly note?: string;
  readonly group?: string;
}

/** A card of the demo in the words of the page, before anything is printed on it. */
export interface CardDescription {
  readonly id: string;
  readonly title: string;
  readonly by: string;
  readonly release: string;
  readonly unit: Unit;
  readonly format: string;
  readonly size?: string;
  readonly stands?: 'upright' | 'lying';
  /** The stock of the box it is sent in. */
  readonly box?: string;
  readonly fold: string;
  readonly stock: string;
  readonly occasion: string;
  readonly techniques: string;
  readonly status: CardStatus;
  readonly filmOn?: string;
  readonly copies?: number;
  /** What its designer decided of its steps. */
  readonly overrides?: readonly Override[];
  /** When it is worked on, where that is not as usual. */
  readonly evenings?: Evenings;
  /** The class of mail it is to go by. */
  readonly mail?: MailClassId;
  /** Cards of the same design: other words of the piece of this id, and other stocks in place of one. */
  readonly series?: {
    readonly words: string;
    readonly others: readonly string[];
    readonly stock: string;
    readonly stocks: readonly string[];
  };
  readonly layers: readonly LayerDescription[];
  readonly uses: readonly {
    readonly item: string;
    readonly amount: number;
    readonly note?: string;
    /** The letter of the piece. */
    readonly for?: string;
  }[];
}

export interface Team {
  readonly designers: readonly Designer[];
  readonly releases: readonly Release[];
}

/** The card file of a description: its base and papers, and what it takes. @throws Error naming what there is none of */
export function planCard(described: CardDescription, library: Library, team: Team): CardFile {
  const { id, unit, title, status } = described;
  const designer = one(team.designers, ({ id: own }) => own === described.by, described.by);
  const release = one(team.releases, ({ name }) => name === described.release, described.release);
  const bare = newPlan({
    title,
    designerId: designer.id,
    releaseId: release.id,
    habits: defaultHabits(unit),
    stock: named(library, 'stock', described.stock),
    format: formatOf(described),
    fold: one(folds, (fold) => described.fold.endsWith(fold), described.fold),
  });
  const about = {
    ...bare.about,
    status,
    occasion: described.occasion,
    techniques: described.techniques.split(', ').filter(Boolean),
    filmOn: described.filmOn ?? null,
  };
  const making = {
    ...bare.making,
    copies: described.copies ?? 1,
    evenings: described.evenings ?? null,
  };
  const envelope = described.box
    ? ({ by: 'made', kind: 'box', stock: named(library, 'stock', described.box) } as const)
    : bare.post.envelope;
  const post = { ...bare.post, envelope, wanted: wantedOf(described.mail) };
  const layered = described.layers.reduce(
    (plan: Plan, layer): Plan => withLayer(plan, layer, unit, library),
    {
      ...bare,
      about,
      making,
      post,
      overrides: described.overrides ?? [],
    },
  );
  const plan = { ...layered, uses: usesOf(described, layered, library) };
  return {
    format: 'nibwright-card',
    version: 1,
    id: id as CardId,
    plan,
    library: usedLibrary(plan, library),
    designer,
    release,
  };
}

function wantedOf(mail: MailClassId | undefined): Plan['post']['wanted'] {
  if (!mail) return null;
  const scheme = one(mailSchemes, ({ classes }) => classes.some(({ id }) => id === mail), mail);
  return { scheme: scheme.id, class: mail };
}

function formatOf({ format, size, stands, unit }: CardDescription): Base['format'] {
  if (format === 'Custom') {
    const [width = '', height = ''] = (size ?? '').split(' x ');
    return { kind: 'custom', size: { width: read(width, unit), height: read(height, unit) } };
  }
  const { id } = one(cardFormats, ({ name }) => name === format, format);
  return { kind: 'named', id, stand: stands ?? 'upright' };
}

/** A plan with a layer more; a mat that is built round another goes below it. */
function withLayer(plan: Plan, layer: LayerDescription, unit: Unit, library: Library): Plan {
  const paper: Paper = {
    ...plainPiece,
    id: readableId(layer.name) as PieceId,
    name: layer.name,
    on: supportOf(plan, layer, library),
    size: sizeOf(layer, unit, library),
    place: placeOf(layer, unit),
    stock: named(library, 'stock', layer.stock),
    attach: layer.glue === undefined ? 'tape' : glueOf(layer.glue),
    zones: (layer.holds ?? []).map((words) => zoneOf(plan, words)),
    group: layer.group ?? null,
    notes: layer.note ?? '',
    cutOut: layer.cutOut === undefined ? null : { rim: read(layer.cutOut, unit) },
    trim: layer.trim ? fourSides(Object.values(layer.trim), unit) : null,
  };
  if (layer.round === undefined) return withPieces(plan, [...plan.pieces, paper]);
  const inner = layerOf(plan, layer.round);
  const mat = { ...paper, on: inner.on, place: inner.place };
  return withPieces(
    plan,
    plan.pieces.flatMap((piece): readonly Piece[] =>
      piece.id === inner.id ? [mat, { ...inner, on: { piece: mat.id }, place: centred }] : [piece],
    ),
  );
}

function supportOf(plan: Plan, { on }: LayerDescription, library: Library): Support {
  const { fold } = plan.base;
  const face = facesOf(fold).find((each) => `the ${faceName(each, fold)}` === on);
  if (face) return { face };
  if (on !== undefined) return { piece: layerOf(plan, on).id };
  const top = resolvePlan(plan, library).pieces.findLast(({ face: under }) => under === 'front');
  return top ? { piece: top.id } : { face: 'front' };
}

function sizeOf({ size, round }: LayerDescription, unit: Unit, library: Library): SizeRule {
  const [[way = '', text = ''] = []] = Object.entries(size);
  const figures = text.split('; ');
  const [first = '', second = ''] = figures;
  switch (way) {
    case 'border':
      return { by: 'reveal', all: read(first, unit) };
    case 'sides':
      return { by: 'sides', ...fourSides(figures, unit) };
    case 'step':
      return { by: 'step', overall: read(first, unit) };
    case 'own':
      return { by: 'measure', width: read(first, unit), height: read(second, unit) };
    case 'round': {
      const around = readableId(round ?? '') as PieceId;
      return { by: 'outset', around, ...fourSides([first, first, first, first], unit) };
    }
    case 'die': {
      const step = Number(second || '1') - 1;
      return { by: 'die', set: named(library, 'die-set', first), step, turned: false };
    }
    default:
      throw new Error(`planCard: no way ${way} of giving a size`);
  }
}

function placeOf({ across, down }: LayerDescription, unit: Unit): PlaceRule {
  const axis = (text: string | undefined) => {
    if (text === undefined) return { from: 'centre' };
    const [from = '', distance] = text.split('; ');
    if (distance !== undefined)
      return { from: from.replace('from the ', ''), distance: read(distance, unit) };
    return { from: 'third', which: /left|upper/.test(from) ? 1 : 2 };
  };
  return { x: axis(across), y: axis(down), turn: 0 } as PlaceRule;
}

function usesOf({ uses }: CardDescription, plan: Plan, library: Library): Plan['uses'] {
  const { pieces } = resolvePlan(plan, library);
  return uses
    .map(({ item: name, amount, note = '', for: letter }) => {
      const item = one(library, (each) => each.name === name, name);
      const piece = pieces.find((each) => each.letter === letter);
      return {
        id: readableId(`takes ${item.id}`) as Plan['uses'][number]['id'],
        item: { id: item.id, version: item.version },
        amount,
        pieceId: piece?.id ?? null,
        note,
      };
    })
    .toSorted((a, b) => (a.id < b.id ? -1 : 1));
}

function fourSides(texts: readonly string[], unit: Unit) {
  const [left = '', top = '', right = '', bottom = ''] = texts;
  return {
    left: read(left, unit),
    top: read(top, unit),
    right: read(right, unit),
    bottom: read(bottom, unit),
  };
}

function read(text: string, unit: Unit): TypedLength {
  const parsed = parseLength(text, unit);
  if (!parsed.ok) throw new Error(`planCard: ${text} is no length`);
  return asTyped(parsed.length, text);
}

export function named(library: Library, kind: LibraryItem['kind'], name: string): LibraryRef {
  const { id, version } = one(library, (item) => item.kind === kind && item.name === name, name);
  return { id, version };
}

function zoneOf(plan: Plan, words: string): Zone {
  const [where = '', by = ''] = words.split('; ');
  const name = by.replace('by ', '');
  const attach = name === 'nothing' ? 'none' : glueOf(name);
  const over = where.startsWith('over ') ? layerOf(plan, where.replace('over ', '')).id : null;
  const along = sides.filter((side) => where === `along the ${side}`);
  return { where: along.length > 0 ? { at: 'sides', sides: along } : { at: 'all' }, over, attach };
}

const glueOf = (name: string) => one(adhesives, (each) => each.name === name, name).id;

const layerOf = (plan: Plan, name: string) =>
  one(papersOf(plan), (paper) => paper.name === name, name);

function one<Each>(all: readonly Each[], is: (each: Each) => boolean, name: string): Each {
  const found = all.find(is);
  if (found === undefined) throw new Error(`planCard: there is no ${name}`);
  return found;
}
