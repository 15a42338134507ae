import type { Act } from '../../core/acts/act';
import { writeLength } from '../../core/length/formatLength';
import type { Length, Unit } from '../../core/length/length';
import type { MaskHabits } from '../../core/masking/cutMask';
import { reasonWords } from '../../core/prose/reasonWords';
import type { MaskPlan } from '../../core/masking/maskCard';
import type { PlannedMask } from '../../core/masking/masksToCut';
import type { PlannedMeeting } from '../../core/masking/planPaper';
import type { PrintKind } from '../../core/masking/print';
import { countWords } from '../../core/words/countWords';
import { stripWords } from '../../core/words/stripWords';
import { capitalise, joinWords } from '../../core/words/phrases';

/** What a print is, as a row tells it. */
export const printKindWords: Readonly<Record<PrintKind, string>> = {
  outline: 'outline',
  solid: 'solid',
  words: 'words',
  texture: 'pale texture',
  background: 'background',
  ground: 'laid first',
  'late ground': 'laid over',
};

/** The proof as the heading: how many images are covered, and whether fewer would do. */
export function proofWords({ covered, fewest, isProven }: MaskPlan): string {
  if (covered === 0) return 'Nothing has to be masked';
  const told = `${countWords(covered, 'image')} to mask`;
  if (covered > fewest) return `${told}; ${fewest} ${fewest === 1 ? 'is' : 'are'} enough`;
  return isProven ? `${told}; fewer is impossible with these places` : told;
}

/** What is cut for it: letters, minutes, and how many for the batch. */
export function maskSummary({ masks }: MaskPlan, copies: number): string {
  if (masks.length === 0) return '';
  const minutes = masks.reduce((sum, { covers: [first] }) => sum + first.mask.minutes, 0);
  const letters = joinWords(masks.map(({ letter }) => letter));
  const batch =
    copies > 1
      ? `; for ${copies} copies cut ${joinWords(masks.map((mask) => `${mask.copies} of ${mask.letter}`))}`
      : '';
  return `${masks.length === 1 ? 'Mask' : 'Masks'} ${letters} to cut, about ${minutes} min${batch}.`;
}

/** How a mask is cut. */
export function maskSentences(
  { covers, copies: forBatch }: PlannedMask,
  { inset, spindly }: MaskHabits,
  unit: Unit,
): readonly string[] {
  const [{ mask }] = covers;
  const write = (length: number) => `${writeLength(length as Length, unit)} ${unit}`;
  return [
    mask.isPartial ? 'only where it is met' : 'the whole print',
    `${write(inset)} inside the line`,
    ...(mask.leftOut.length > 0
      ? [`${countWords(mask.leftOut.length, 'part')} under ${write(spindly)} left out`]
      : []),
    `about ${mask.minutes} min to cut`,
    ...(covers.length > 1 ? [`covers ${covers.length} prints, one after the other`] : []),
    ...(forBatch > 1 ? [`${forBatch} for the batch, as it wears out`] : []),
  ];
}

/** What an act is called on the strip, its print numbered among those stamped. */
export function actWords(act: Act, nameOf: (piece: string) => string, number: number): string {
  switch (act.kind) {
    case 'stamp':
      return `${number} ${nameOf(act.piece)}`;
    case 'lay':
      return `${number} ${nameOf(act.piece)}, laid`;
    case 'cover':
      return 'strips on';
    case 'lift':
      return `${stripWords(act.strips)} open`;
    case 'return':
      return `${stripWords(act.strips)} back`;
    case 'uncover':
      return 'strips off';
    case 'mask':
      return `mask ${act.mask} on`;
    case 'unmask':
      return `mask ${act.mask} off`;
    case 'tape':
      return act.by === 'die' ? 'left in its die' : 'tape on';
    case 'untape':
      return act.by === 'die' ? 'out of its die' : 'tape off';
    default:
      throw new TypeError(`actWords: unknown act ${JSON.stringify(act satisfies never)}`);
  }
}

/** What is on the paper after an act, as its caption. */
export function afterWords(act: Act | undefined, nameOf: (piece: string) => string): string {
  if (!act) return 'Before the first print';
  switch (act.kind) {
    case 'stamp':
    case 'lay':
      return `After ${nameOf(act.piece)}`;
    case 'mask':
      return `Mask ${act.mask} on ${nameOf(act.piece)}`;
    case 'unmask':
      return `Mask ${act.mask} off ${nameOf(act.piece)}`;
    case 'tape':
      return act.by === 'die'
        ? `Left in its die for ${nameOf(act.piece)}`
        : `Tape round ${nameOf(act.piece)}`;
    case 'cover':
      return 'All strips on the paper';
    case 'lift':
      return `${capitalise(stripWords(act.strips))} open`;
    case 'return':
      return `${capitalise(stripWords(act.strips))} back on dry ink`;
    case 'uncover':
      return 'All strips off';
    case 'untape':
      return act.by === 'die' ? 'Out of its die' : 'Tape off';
    default:
      throw new TypeError(`afterWords: unknown act ${JSON.stringify(act satisfies never)}`);
  }
}

/** One meeting as the ticket of one of the two tells it. */
export function meetingSentence(
  { relation, behind, isBare, decided }: PlannedMeeting,
  own: string,
  area: string,
  letter: string | undefined,
): string {
  const where = area === '' ? '' : ` on ${area}`;
  if (isBare) return `${where}: both are too spindly there for a mask, so they cross.`;
  if (!relation) return `${where}: they cross${decided === null ? ', as you decided' : ''}.`;
  const isFirst = relation.first.id === own;
  const way = isFirst ? 'made before it' : 'made after it';
  // In a circle one of them comes without its mask.
  const mask =
    relation.isCovered && letter !== undefined
      ? `, ${isFirst ? 'covered by' : 'over'} mask ${letter}`
      : '';
  const isPlain = relation.because === 'in-front' && (behind.id === own) === !isFirst;
  const because = reasonWords[relation.because];
  return `${where}: ${way}${mask}${isPlain && relation.isCovered ? '' : `; ${because}`}.`;
}
