import { isGround } from '../resolve/resolvedMark';
import type { Step } from './step';
import { distinctName } from '../resolve/distinctNames';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { letterOf } from '../resolve/resolvedCard';
import { joinWords } from '../words/phrases';

/** So many things are told by name; of more their number is. */
const mostNamed = 3;

/** What a step is, as its heading. @example 'Glue B mat on A' */
export function stepWords(step: Step, card: ResolvedCard): string {
  if (step.words !== undefined) return step.words;
  const { kind, medium, things } = step;
  const [piece = ''] = step.pieces;
  const names = namesOf(step, card);
  switch (kind) {
    case 'cut':
      return `Cut ${joinWords(step.pieces.map((id) => letterAt(card, id)))}${things[0] ? ` from ${things[0]}` : ''}`;
    case 'score':
      return 'Score the base';
    case 'fold':
      return 'Fold the base and press the fold';
    case 'die-cut':
      return `Die cut ${paperName(card, piece)}`;
    case 'cut-out':
      return `Cut out ${paperName(card, piece)} with scissors`;
    case 'part':
      return `Part ${paperName(card, piece)} from its sheet`;
    case 'trim':
      return `Trim ${paperName(card, piece)}`;
    case 'test':
      return 'Try the stamps on scrap';
    case 'cut-mask':
      return `Cut mask ${medium}`;
    case 'mask':
      return `Lay mask ${medium} on ${names}`;
    case 'unmask':
      return `Take mask ${medium} off ${names}`;
    case 'tape':
      return `Tape off round ${names}`;
    case 'untape':
      return `Peel the tape off ${names}`;
    case 'cover':
      return `Lay the strips on for ${names}`;
    case 'lift':
      return `Lift strips for ${names}`;
    case 'return':
      return `Lay strips back for ${names}`;
    case 'uncover':
      return `Take all strips off ${names}`;
    case 'anti-static':
      return `Wipe with anti-static powder for ${names}`;
    case 'stamp':
      return `Stamp ${names}`;
    case 'powder':
      return `Pour ${things[0] ?? 'powder'} over ${names}`;
    case 'heat':
      return `Heat ${names} until it melts`;
    case 'wipe':
      return `Wipe the embossed ${names}`;
    case 'blend':
      return `Blend ${names}`;
    case 'stencil':
      return `Stencil ${names}`;
    case 'spray':
      return `Spray ${names}`;
    case 'splatter':
      return `Splatter ${names}`;
    case 'edges':
      return `Ink the edges${step.on && step.on.support !== 'base' ? ` of ${paperName(card, step.on.support)}` : ''}`;
    case 'colour':
      return `Colour ${names}`;
    case 'draw':
      return `Draw ${names}`;
    case 'finish':
      return `${finishWords[medium] ?? medium} ${names}`;
    case 'hinge':
      return `Bend the hinge of ${paperName(card, piece)}`;
    case 'ribbon':
      return `Put on ${names}`;
    case 'glue':
      return glueWords(step, card);
    case 'insert':
      return `Slide ${paperName(card, piece)} in`;
    case 'stick':
      return `Stick on ${names}`;
    case 'drops':
      return `Set ${names}`;
    case 'press':
      return 'Press it flat under a weight';
    case 'clean':
      return `Clean the ${medium}`;
    case 'sign':
      return 'Sign the back';
    case 'photo':
      return 'Take its picture';
    case 'pack':
      return 'Put it in its envelope';
    case 'own':
      return 'A step of your own';
    default:
      throw new TypeError(`stepWords: unknown step ${String(kind satisfies never)}`);
  }
}

const finishWords: Readonly<Record<string, string>> = {
  gloss: 'Put gloss on',
  glitter: 'Put glitter on',
  shimmer: 'Put shimmer on',
  details: 'Add pen details to',
  halo: 'Draw a halo round',
  outline: 'Outline',
  shadow: 'Put a shadow beside',
};

function glueWords({ medium, pieces: [piece = ''] }: Step, card: ResolvedCard): string {
  const paper = card.pieces.find(({ id }) => id === piece);
  const on = paper ? ` on ${letterOf(card, paper.support)}` : '';
  const name = paperName(card, piece);
  return medium.includes('foam') ? `Foam under ${name}, set it${on}` : `Glue ${name}${on}`;
}

/** The things a step is done to, as one speaks of them; of very many alike their number. */
function namesOf({ pieces, kind }: Step, card: ResolvedCard): string {
  const isMany = pieces.length > mostNamed;
  if (isMany && (kind === 'stick' || kind === 'drops' || kind === 'splatter')) {
    const group = groupOf(card, pieces[0] ?? '');
    return group ? `${group}, ${pieces.length} of them` : `${pieces.length} of them`;
  }
  const names = [...new Set(pieces.map((id) => spoken(card, id)))];
  return names.length > mostNamed
    ? `${names.slice(0, mostNamed - 1).join(', ')} and ${names.length - mostNamed + 1} more`
    : joinWords(names);
}

function groupOf({ marks }: ResolvedCard, id: string): string | null | undefined {
  return marks.find((mark) => mark.id === id)?.piece.group;
}

function spoken(card: ResolvedCard, id: string): string {
  const mark = card.marks.find((each) => each.id === id);
  const name = distinctName(card, id);
  return mark && isGround(mark) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}

/** A paper by its letter and its name. */
function paperName(card: ResolvedCard, id: string): string {
  const paper = card.pieces.find((piece) => piece.id === id);
  return paper ? `${paper.letter} ${paper.name}` : id === 'base' ? 'the base' : id;
}

function letterAt(card: ResolvedCard, id: string): string {
  if (id === 'base') return card.base.letter;
  return card.pieces.find((piece) => piece.id === id)?.letter ?? id;
}
