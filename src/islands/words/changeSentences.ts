import { writeSize } from '../../core/length/formatLength';
import { cardFormat } from '../../core/paper/cardFormats';
import type { CollectionId, ItemOf } from '../../core/plan/collections';
import type { Combination } from '../../core/plan/combination';
import type { PieceId } from '../../core/plan/ids';
import type { ColourSource } from '../../core/plan/pieces/colourSource';
import type { About, Base } from '../../core/plan/plan';
import type { Post } from '../../core/plan/post';
import type { Scene } from '../../core/plan/scene';
import type { Use } from '../../core/plan/use';
import type { CardChange, ItemChange, Lettered, PartOf } from '../../core/resolve/compareCards';
import { dayWords } from '../../core/prose/dayWords';
import { foldName } from '../../core/prose/sentences';
import { joinWords } from '../../core/words/phrases';
import { fromTo, nameOf, type ChangeWords } from './changeWords';
import { pieceSentence } from './pieceChangeWords';
import { overrideWords } from './overrideWords';
import { ruleWords } from './ruleWords';

/**
 * What a change did, as one says it: a sentence for each part of a thing that changed.
 * @example ['Mat D: border 1⁄8 to 1⁄4']
 */
export function changeSentences(change: CardChange, words: ChangeWords): readonly string[] {
  switch (change.kind) {
    case 'about':
      return [aboutSentence(change.part, change.before, change.after, words)];
    case 'base':
      return [baseSentence(change.part, change.before, change.after, words)];
    case 'copies':
      return [`${change.before} to ${change.after} copies`];
    case 'making':
      return ['spares, or the sheets it is cut from'];
    case 'post':
      return [postWords[change.part](change.after)];
    case 'habits':
      return ['the habits of this card'];
    default:
      return itemSentences(change, words);
  }
}

const postWords: { readonly [Part in keyof Post]: (post: Post) => string } = {
  envelope: ({ envelope }) =>
    envelope.by === 'smallest' ? 'the smallest envelope that holds it' : 'another envelope',
  wanted: ({ wanted }) => (wanted ? 'another class of mail wanted' : 'any class of mail will do'),
  enclosures: ({ enclosures }) =>
    enclosures.length === 0
      ? 'nothing put in with it'
      : `put in with it: ${joinWords(enclosures.map(({ name }) => name))}`,
  forChild: ({ forChild }) =>
    forChild ? 'for a child under three' : 'not for a child under three',
};

/** How one speaks of the things of a collection. */
interface CollectionWords<Item> {
  readonly nameOf: (item: Lettered<Item>, words: ChangeWords) => string;
  readonly added: string;
  readonly removed: string;
  /** What is said of a part that changed, after the name. */
  readonly part: (part: PartOf<Item>, before: Item, after: Item, words: ChangeWords) => string;
}

const sceneParts: Readonly<Record<PartOf<Scene>, string>> = {
  name: 'called otherwise',
  on: 'laid on other paper',
  lines: 'its lines drawn otherwise',
  disc: 'its disc kept otherwise',
  inked: 'inked in other strips',
  turns: 'its strips opened in other turns',
};

const collectionWords: { readonly [Id in CollectionId]: CollectionWords<ItemOf<Id>> } = {
  pieces: {
    nameOf: ({ name, letter }) => `${name} ${letter}`.trim(),
    added: 'added',
    removed: 'removed',
    part: pieceSentence,
  },
  uses: {
    nameOf: ({ item }, { library }) => nameOf(item, library),
    added: 'added to the supplies',
    removed: 'taken off the supplies',
    part: useSentence,
  },
  combinations: {
    nameOf: ({ name }) => `colours “${name}”`,
    added: 'added',
    removed: 'removed',
    part: combinationSentence,
  },
  overlaps: {
    nameOf: ({ between }, { pieceName }) => joinWords(between.map(pieceName)),
    added: 'stamped as decided',
    removed: 'stamped as follows from their places',
    part: (part) => part,
  },
  scenes: {
    nameOf: ({ name }) => name,
    added: 'divided into strips',
    removed: 'no longer divided into strips',
    part: (part) => sceneParts[part],
  },
  overrides: {
    nameOf: (override, { pieceName }) => overrideWords(override, pieceName),
    added: 'decided',
    removed: 'left to what follows from the card',
    part: (part) => part,
  },
  accepted: {
    nameOf: ({ rule, subject }, { pieceName }) => ruleWords[rule] + aboutWords(subject, pieceName),
    added: 'left as they are',
    removed: 'found again',
    part: (part) => part,
  },
};

function itemSentences(change: ItemChange, words: ChangeWords): readonly string[] {
  const own = collectionWords[change.in] as CollectionWords<ItemOf<CollectionId>>;
  switch (change.kind) {
    case 'added':
      return [`${own.nameOf(change.item, words)} ${own.added}`];
    case 'removed':
      return [`${own.nameOf(change.item, words)} ${own.removed}`];
    case 'order':
      return [`the order of ${joinWords(change.items.map((item) => own.nameOf(item, words)))}`];
    case 'changed': {
      const { parts, before, after } = change;
      const name = own.nameOf(after, words);
      const said = parts.map((part) => own.part(part as never, before, after, words));
      // Several parts of how a mark looks are one to the reader.
      return [...new Set(said)].map((each) => `${name}: ${each}`);
    }
    default:
      throw new TypeError(`itemSentences: unknown ${JSON.stringify(change satisfies never)}`);
  }
}

/** What was accepted is about the card, or about a thing or two of it; what is no piece goes without a name. */
function aboutWords(subject: string, pieceName: ChangeWords['pieceName']): string {
  const [id] = subject.split(' ');
  return subject === 'card' ? '' : ` at ${pieceName(id as PieceId)}`;
}

function combinationSentence(
  part: PartOf<Combination>,
  before: Combination,
  after: Combination,
  { library }: ChangeWords,
): string {
  const sourceName = (source: ColourSource) =>
    'item' in source ? nameOf(source.item, library) : 'a wish';
  switch (part) {
    case 'name':
      return `name ${fromTo(`“${before.name}”`, `“${after.name}”`)}`;
    case 'media': {
      const names = ({ media }: Combination) =>
        joinWords(media.map(({ from }) => sourceName(from)));
      return names(before) === names(after)
        ? 'how its colours are put on'
        : fromTo(names(before), names(after));
    }
    case 'begins':
      return `${after.begins} first`;
    case 'undercoat':
      return after.undercoat ? `undercoat of ${sourceName(after.undercoat)}` : 'no undercoat';
    case 'note':
      return after.note === '' ? 'its note taken away' : `note “${after.note}”`;
    case 'kept':
      return after.kept ? `kept as “${nameOf(after.kept, library)}”` : 'no longer a kept one';
    default:
      throw new TypeError(`combinationSentence: unknown part ${String(part satisfies never)}`);
  }
}

function useSentence(part: PartOf<Use>, before: Use, after: Use, words: ChangeWords): string {
  switch (part) {
    case 'amount':
      return `amount ${fromTo(String(before.amount), String(after.amount))}`;
    case 'item':
      return `instead of ${nameOf(before.item, words.library)}`;
    case 'pieceId':
      return after.pieceId === null
        ? 'for the whole card'
        : `for ${words.pieceName(after.pieceId)}`;
    case 'note':
      return after.note === '' ? 'its note taken away' : `note “${after.note}”`;
    default:
      throw new TypeError(`useSentence: unknown part ${String(part satisfies never)}`);
  }
}

function aboutSentence(
  part: keyof About,
  before: About,
  after: About,
  { releases, designers }: ChangeWords,
): string {
  const nameIn = (
    list: readonly { readonly id: string; readonly name: string }[],
    id: string | null,
  ) => (id === null ? 'none' : (list.find((each) => each.id === id)?.name ?? id));
  const day = (on: string | null) => (on === null ? 'no day' : dayWords(on));
  const text = (value: string) => (value === '' ? 'none' : `“${value}”`);
  switch (part) {
    case 'title':
      return `title ${fromTo(text(before.title), text(after.title))}`;
    case 'releaseId':
      return `release ${fromTo(nameIn(releases, before.releaseId), nameIn(releases, after.releaseId))}`;
    case 'series':
      return after.series ? `in the series “${after.series.name}”` : 'out of its series';
    case 'designerId':
      return `designer ${fromTo(nameIn(designers, before.designerId), nameIn(designers, after.designerId))}`;
    case 'occasion':
      return `occasion ${fromTo(text(before.occasion), text(after.occasion))}`;
    case 'techniques':
      return `techniques ${fromTo(text(before.techniques.join(', ')), text(after.techniques.join(', ')))}`;
    case 'status':
      return `status ${fromTo(before.status, after.status)}`;
    case 'filmOn':
      return `filmed on ${fromTo(day(before.filmOn), day(after.filmOn))}`;
    case 'publishOn':
      return `published on ${fromTo(day(before.publishOn), day(after.publishOn))}`;
    case 'checked':
      return `${after.checked.length} of the list before filming done`;
    case 'notes':
      return 'the notes';
    default:
      throw new TypeError(`aboutSentence: unknown part ${String(part satisfies never)}`);
  }
}

function baseSentence(
  part: keyof Base,
  before: Base,
  after: Base,
  { unit, library }: ChangeWords,
): string {
  const format = ({ format: value }: Base) =>
    value.kind === 'named'
      ? `${cardFormat(value.id).name} ${value.stand}`
      : writeSize({ width: value.size.width.ticks, height: value.size.height.ticks }, unit);
  switch (part) {
    case 'format':
      return `format ${fromTo(format(before), format(after))}`;
    case 'fold':
      return fromTo(foldName(before.fold), foldName(after.fold));
    case 'stock':
      return `base stock ${fromTo(nameOf(before.stock, library), nameOf(after.stock, library))}`;
    case 'blankId':
      return 'how the blank is cut';
    default:
      throw new TypeError(`baseSentence: unknown part ${String(part satisfies never)}`);
  }
}
