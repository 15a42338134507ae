import { writeLength, writeSize } from '../../core/length/formatLength';
import { adhesive } from '../../core/paper/adhesives';
import { faceName } from '../../core/plan/faces';
import type { Paper, Piece, PlaceRule, SizeRule, Support } from '../../core/plan/piece';
import { isPaper, sideLengths } from '../../core/plan/pieces';
import type { PartOf } from '../../core/resolve/compareCards';
import { writeReveals } from '../../core/prose/sentences';
import { fromTo, nameOf, type ChangeWords } from './changeWords';

/** What is said of a part of a piece; of how a mark looks, that it does. */
export function pieceSentence(
  part: PartOf<Piece>,
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
      return isPaper(before) && isPaper(after)
        ? paperSentence(part as PaperPart, before, after, words)
        : 'what it shows';
  }
}

/** What paper has and marks have not. */
type PaperPart = Exclude<PartOf<Paper>, 'name' | 'on' | 'place' | 'isOff' | 'group' | 'notes'>;

function paperSentence(
  part: PaperPart,
  before: Paper,
  after: Paper,
  { unit, library, ...words }: ChangeWords,
): string {
  switch (part) {
    case 'size':
      return sizeChange(before.size, after.size, { unit, library, ...words });
    case 'stock':
      return `stock ${fromTo(nameOf(before.stock, library), nameOf(after.stock, library))}`;
    case 'attach':
      return `glued with ${fromTo(adhesive(before.attach).name, adhesive(after.attach).name)}`;
    case 'zones':
      return after.zones.length > 0 ? 'where what holds it' : 'held alike all over';
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
      throw new TypeError(`paperSentence: unknown part ${String(part satisfies never)}`);
  }
}

const motionWords = {
  none: 'glued down',
  flap: 'a flap',
  slider: 'a slider',
  wobbler: 'a wobbler',
} as const;

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
        way: `built outward from ${pieceName(rule.around)}`,
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
