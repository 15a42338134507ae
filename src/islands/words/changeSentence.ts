import { writeLength, writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import { adhesive } from '../../core/paper/adhesives';
import { cardFormat } from '../../core/paper/cardFormats';
import type { Designer, Release } from '../../core/plan/cardFile';
import { faceName } from '../../core/plan/faces';
import type { LibraryRef } from '../../core/plan/libraryItem';
import { findItem, type Library } from '../../core/plan/library';
import type { Piece, PlaceRule, SizeRule, Support } from '../../core/plan/piece';
import { sideLengths } from '../../core/plan/pieces';
import type { About, Base } from '../../core/plan/plan';
import type { CardChange, MarkPart } from '../../core/resolve/compareCards';
import { dayWords } from '../../core/tutorial/dayWords';
import { foldName, writeReveals } from '../../core/tutorial/sentences';
import { joinWords } from '../../core/words/phrases';

/** What names are looked up in, and the unit figures are written in. */
export interface ChangeWords {
  readonly unit: Unit;
  readonly library: Library;
  readonly releases: readonly Release[];
  readonly designers: readonly Designer[];
  /** The name of a piece, by its id. */
  readonly pieceName: (id: string) => string;
}

/**
 * What a change did, as one says it.
 * @example 'Mat D: border 1⁄8 to 1⁄4'
 */
export function changeSentence(change: CardChange, words: ChangeWords): string {
  switch (change.kind) {
    case 'about':
      return aboutSentence(change.part, change.before, change.after, words);
    case 'base':
      return baseSentence(change.part, change.before, change.after, words);
    case 'copies':
      return `${change.before} to ${change.after} copies`;
    case 'making':
      return 'spares, or the sheets it is cut from';
    case 'uses':
      return usesSentence(change, words);
    case 'habits':
      return 'the habits of this card';
    case 'accepted':
      return 'findings left as they are';
    case 'added':
      return `${pieceOf(change.piece)} added`;
    case 'removed':
      return `${pieceOf(change.piece)} removed`;
    case 'order':
      return `the gluing order of ${joinWords(change.pieces.map(pieceOf))}`;
    case 'piece':
      return `${pieceOf(change.piece)}: ${pieceSentence(change, words)}`;
    case 'mark':
      return `${pieceOf(change.piece)}: ${markSentence(change, words)}`;
    default:
      throw new TypeError(`changeSentence: unknown ${JSON.stringify(change satisfies never)}`);
  }
}

function usesSentence(
  { added, removed }: Extract<CardChange, { kind: 'uses' }>,
  { library }: ChangeWords,
): string {
  const names = (refs: readonly LibraryRef[]) =>
    joinWords(refs.map((ref) => findItem(library, ref)?.name ?? ref.id));
  const parts = [
    ...(added.length > 0 ? [`${names(added)} added to the supplies`] : []),
    ...(removed.length > 0 ? [`${names(removed)} taken off the supplies`] : []),
  ];
  return parts.length > 0 ? parts.join(', ') : 'how much it takes of its supplies';
}

const pieceOf = ({ name, letter }: { readonly name: string; readonly letter: string }) =>
  `${name} ${letter}`.trim();

const fromTo = (before: string, after: string) => `${before} to ${after}`;

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
      return `${after.checked.length} of the list before filming ticked`;
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

function pieceSentence(
  { part, before, after }: Extract<CardChange, { kind: 'piece' }>,
  words: ChangeWords,
): string {
  const { unit, library } = words;
  switch (part) {
    case 'name':
    case 'on':
    case 'place':
    case 'isOff':
    case 'group':
    case 'notes':
      return commonSentence(part, before, after, words);
    case 'size':
      return sizeChange(before.size, after.size, words);
    case 'stock':
      return `stock ${fromTo(nameOf(before.stock, library), nameOf(after.stock, library))}`;
    case 'attach':
      return `glued with ${fromTo(adhesive(before.attach).name, adhesive(after.attach).name)}`;
    case 'trim':
      return after.trim
        ? `trims off ${writeReveals(sideLengths(after.trim), unit)} after decorating`
        : 'no longer trimmed';
    case 'cutOut':
      return after.cutOut
        ? `middle cut out, rim ${writeLength(after.cutOut.rim.ticks, unit)}`
        : 'middle left whole';
    case 'carriedBy':
      return `glued to the ${after.carriedBy} flap`;
    case 'isMirrored':
      return after.isMirrored ? 'turned over' : 'turned back';
    case 'overhang':
      return after.overhang === 'with-support'
        ? 'cut once more with what it lies on'
        : `what hangs over ${after.overhang}`;
    case 'crop':
      return after.crop
        ? `cut down by ${writeReveals(sideLengths(after.crop), unit)}`
        : 'no longer cut down';
    case 'motion':
      return fromTo(
        motionWords[before.motion?.kind ?? 'none'],
        motionWords[after.motion?.kind ?? 'none'],
      );
    default:
      throw new TypeError(`pieceSentence: unknown part ${String(part satisfies never)}`);
  }
}

const motionWords = {
  none: 'glued down',
  flap: 'a flap',
  slider: 'a slider',
  wobbler: 'a wobbler',
} as const;

function markSentence(
  { part, before, after }: Extract<CardChange, { kind: 'mark' }>,
  words: ChangeWords,
): string {
  return part === 'look' ? 'what it shows' : commonSentence(part, before, after, words);
}

/** Changes of what paper and marks have alike. */
function commonSentence(
  part: Exclude<MarkPart, 'look'>,
  before: Piece,
  after: Piece,
  words: ChangeWords,
): string {
  switch (part) {
    case 'name':
      return `name ${fromTo(`“${before.name}”`, `“${after.name}”`)}`;
    case 'on':
      return `lies on ${fromTo(supportWords(before.on, words), supportWords(after.on, words))}`;
    case 'place':
      return `place ${fromTo(placeWords(before.place, words), placeWords(after.place, words))}`;
    case 'isOff':
      return after.isOff ? 'turned off' : 'turned on';
    case 'group':
      return `group ${fromTo(before.group ?? 'none', after.group ?? 'none')}`;
    case 'notes':
      return after.notes === '' ? 'its note taken away' : `note “${after.notes}”`;
    default:
      throw new TypeError(`commonSentence: unknown part ${String(part satisfies never)}`);
  }
}

/** Where only the figure changed, the way is named once: 'border 1⁄8 to 1⁄4'. */
function sizeChange(before: SizeRule, after: SizeRule, words: ChangeWords): string {
  const [old, now] = [sizeWords(before, words), sizeWords(after, words)];
  return old.way === now.way
    ? `${now.way} ${fromTo(old.figure, now.figure)}`
    : fromTo(`${old.way} ${old.figure}`, `${now.way} ${now.figure}`);
}

function sizeWords(
  rule: SizeRule,
  { unit, library, pieceName }: ChangeWords,
): { readonly way: string; readonly figure: string } {
  switch (rule.by) {
    case 'reveal':
      return { way: 'border', figure: writeLength(rule.all.ticks, unit) };
    case 'sides':
      return { way: 'borders', figure: writeReveals(sideLengths(rule), unit) };
    case 'step':
      return { way: 'smaller by', figure: writeLength(rule.overall.ticks, unit) };
    case 'measure':
      return {
        way: 'own size',
        figure: writeSize({ width: rule.width.ticks, height: rule.height.ticks }, unit),
      };
    case 'outset':
      return {
        way: `round ${pieceName(rule.around)}`,
        figure: writeReveals(sideLengths(rule), unit),
      };
    case 'die':
      return {
        way: `die of ${nameOf(rule.set, library)}`,
        figure: `${rule.step + 1}${rule.turned ? ' turned' : ''}`,
      };
    case 'stamp':
      return {
        way: `round the print of ${nameOf(rule.stamp, library)}`,
        figure: writeLength(rule.rim.ticks, unit),
      };
    default:
      throw new TypeError(`sizeWords: unknown rule ${JSON.stringify(rule satisfies never)}`);
  }
}

function placeWords({ x, y, turn }: PlaceRule, { unit, pieceName }: ChangeWords): string {
  const turned = turn === 0 ? [] : [`turned ${turn}°`];
  if (x.from === 'centre' && y.from === 'centre') return ['centred', ...turned].join(', ');
  const axis = (
    rule: PlaceRule['x'] | PlaceRule['y'],
    centred: string,
    thirds: readonly string[],
  ) => {
    if (rule.from === 'centre') return centred;
    if (rule.from === 'third') return `on the ${thirds[rule.which - 1]} third`;
    if (rule.from === 'piece')
      return `${writeLength(rule.gap.ticks, unit)} from the ${rule.side} of ${pieceName(rule.piece)}`;
    return `${writeLength(rule.distance.ticks, unit)} from the ${rule.from}`;
  };
  return [
    axis(x, 'centred across', ['left', 'right']),
    axis(y, 'centred down', ['upper', 'lower']),
    ...turned,
  ].join(', ');
}

const supportWords = (on: Support, { pieceName }: ChangeWords) =>
  'face' in on ? `the ${faceName(on.face, 'side')}` : pieceName(on.piece);

function nameOf(ref: LibraryRef, library: Library): string {
  return findItem(library, ref)?.name ?? ref.id;
}
