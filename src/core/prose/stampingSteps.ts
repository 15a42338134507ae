import type { Act } from '../acts/act';
import { writeLength } from '../length/formatLength';
import { lengthFromTicks, type Unit } from '../length/length';
import type { MaskedPaper, MaskPlan } from '../masking/maskCard';
import { boundsOf, type Outline } from '../outline/outline';
import { registerOf } from '../masking/registerOf';
import { sides, type Side } from '../plan/faces';
import type { Plan } from '../plan/plan';
import { distinctName } from '../resolve/distinctNames';
import { supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import { stripWords } from '../words/stripWords';
import { joinWords } from '../words/phrases';
import { registerSentence } from './registerSentence';

/** What is done on one paper, one sentence for each act. */
export interface StampingSteps {
  readonly paper: MaskedPaper;
  /** Of the paper they are done on. */
  readonly on: string;
  readonly steps: readonly string[];
}

/** Stamp in this order: the papers of a card on which prints meet or strips are inked, so that the order matters. */
export function stampingSteps(
  plan: Plan,
  card: ResolvedCard,
  masks: MaskPlan,
  unit: Unit,
): readonly StampingSteps[] {
  return masks.papers
    .filter(({ meetings, scenes }) => meetings.length > 0 || scenes.length > 0)
    .map((paper) => ({
      paper,
      on: paper.support === 'base' ? 'Base' : distinctName(card, paper.support),
      steps: inSheet(
        paper.acts.map((act) => stepSentence(act, paper, plan, card, unit)),
        card.pieces.some(({ id, isJoined }) => id === paper.support && isJoined),
      ),
    }));
}

/** Steps on what is cut by a joined die: it is cut before the first and parted after the last. */
function inSheet(steps: readonly string[], isJoined: boolean): readonly string[] {
  if (!isJoined) return steps;
  return steps.map((step, at) => {
    const before =
      at === 0 ? 'Cut it first and leave its parts in their sheet, on a sticky mat. ' : '';
    const after = at === steps.length - 1 ? ' Part them only now.' : '';
    return `${before}${step}${after}`;
  });
}

/** What is done to a stamp before it is inked, or how a stencil is laid; nothing for most. */
function asideOf(piece: string, card: ResolvedCard, unit: Unit): string {
  const mark = card.marks.find(({ id }) => id === piece);
  if (!mark) return '';
  const register = registerOf(mark, supportRect(card, mark.support));
  if (register) return ` ${registerSentence(register, unit)}`;
  const taped = mark.piece.kind === 'image' ? mark.piece.crop : null;
  const parts = sides.flatMap((side) =>
    taped && taped[side].ticks > 0
      ? [`${writeLength(taped[side].ticks, unit)} ${unit} ${sideNames[side]}`]
      : [],
  );
  if (parts.length === 0) return '';
  return ` Before it is inked, tape off ${joinWords(parts)} of its image, and peel the tape off before it is stamped.`;
}

const sideNames: Readonly<Record<Side, string>> = {
  left: 'on the left',
  top: 'at the top',
  right: 'on the right',
  bottom: 'at the bottom',
};

function stepSentence(
  act: Act,
  { acts }: MaskedPaper,
  { habits }: Plan,
  card: ResolvedCard,
  unit: Unit,
): string {
  const name = distinctName(card, act.piece);
  switch (act.kind) {
    case 'stamp':
    case 'lay': {
      const letters = acts.flatMap((each) =>
        each.kind === 'mask' && act.over.includes(each.piece) ? [each.mask] : [],
      );
      const over =
        letters.length === 0
          ? ''
          : ` over ${letters.length === 1 ? 'mask' : 'masks'} ${joinWords(letters)}`;
      const strips = act.inside ? ` in ${stripWords(act.inside.strips)}` : '';
      const aside = asideOf(act.piece, card, unit);
      return `${act.kind === 'stamp' ? 'Stamp' : 'Lay'} ${name}${strips}${over}.${aside}`;
    }
    case 'mask':
      return `Once it is dry, lay mask ${act.mask} on ${name}, cut ${writeLength(habits.maskInset.ticks, unit)} ${unit} inside the line; press its edge down.`;
    case 'tape':
      if (act.by === 'die')
        return `Leave the paper of ${name} in its die: ${writeLength(lengthFromTicks(act.margin), unit)} ${unit} all round stays clean.`;
      return `Tape all round ${name}: ${tapeStrips(act.cut, unit)}, their inner edge ${writeLength(lengthFromTicks(act.margin), unit)} ${unit} inside; press it down.`;
    case 'untape':
      return act.by === 'die'
        ? 'Push the paper out of its die, from behind.'
        : 'Peel the tape off, away from the ink.';
    case 'cover':
      return `Lay all ${act.strips.length} strips on, by the outline of the paper.`;
    case 'lift':
      return `Lift ${stripWords(act.strips)}.`;
    case 'return':
      return `Once the ink is dry, and only then, lay ${stripWords(act.strips)} back.`;
    case 'uncover':
      return 'Take all strips off; keep them for the next copy.';
    case 'unmask':
      return `Take mask ${act.mask} off ${name}; peel it with care while its ink is wet.`;
    default:
      throw new TypeError(`stampingSteps: unknown act ${JSON.stringify(act satisfies never)}`);
  }
}

/** The strips of tape a frame takes: two as long as it is wide, two as long as it is high. */
function tapeStrips(frame: Outline, unit: Unit): string {
  const { x0, y0, x1, y1 } = boundsOf(frame);
  const write = (ticks: number) => `${writeLength(lengthFromTicks(ticks), unit)} ${unit}`;
  return `two strips of ${write(x1 - x0)} and two of ${write(y1 - y0)}`;
}
