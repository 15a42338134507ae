import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedMark } from '../resolve/resolvedMark';
import type { Step } from './step';

/** What is worth knowing at a step; nothing stops the card. */
export const tips = [
  'face-up',
  'ink-whole',
  'stamp-twice',
  'patchy-foil',
  'from-beneath',
  'sheet-a-powder',
  'sticky-colour',
  'spare-words',
  'from-the-edge',
  'fix-panel',
  'judge-dry',
  'rinse-brush',
  'note-markers',
  'pencil-final',
  'second-coat',
  'try-pen',
  'press-edge',
  'clean-other-side',
  'two-passes',
  'seconds-to-shift',
  'glue-all-round',
  'look-from-above',
  'tacky-tip',
  'sign-flat',
] as const;
export type Tip = (typeof tips)[number];

/** Finishes that are drawn with a pen. */
const penned = ['details', 'halo', 'outline', 'shadow'];

/** A print from which on the stamp is laid on the table and inked from above, in square ticks: 25 square centimetres. From memory. */
const largePrint = 2500 * 16_000 ** 2;

/** What is worth knowing at a step, as it is done on this card. Common practice. */
export function tipsOf(step: Step, card: ResolvedCard): readonly Tip[] {
  const { kind, medium, pieces } = step;
  const mark = card.marks.find(({ id }) => id === pieces[0]);
  switch (kind) {
    case 'stamp':
      return mark ? stampTips(mark) : [];
    case 'powder':
      return ['sticky-colour', 'sheet-a-powder'];
    case 'heat':
      return ['from-beneath'];
    case 'blend':
    case 'edges':
      return [
        'fix-panel',
        'from-the-edge',
        ...(medium === 'chalk' ? (['judge-dry'] as const) : []),
      ];
    case 'draw':
      return ['try-pen'];
    case 'stencil':
      return ['fix-panel', 'press-edge', 'clean-other-side'];
    case 'mask':
      return ['press-edge'];
    case 'colour':
      return medium === 'pencil'
        ? ['pencil-final']
        : medium === 'watercolour' || medium === 'water marker'
          ? ['rinse-brush']
          : ['note-markers'];
    case 'finish':
      return mark && penned.includes(medium)
        ? ['try-pen', ...(isOnChalk(mark) ? (['second-coat'] as const) : [])]
        : [];
    case 'die-cut':
      return isThick(pieces[0] ?? '', card) ? ['two-passes'] : [];
    case 'glue':
      return glueTips(step, card);
    case 'stick':
      return ['tacky-tip'];
    case 'sign':
      return ['sign-flat'];
    default:
      return [];
  }
}

function stampTips(mark: ResolvedMark): readonly Tip[] {
  const { stamp, rect, ground } = mark;
  const isFoil = ground.from.kind === 'stock' && ground.from.stock.paper === 'foil';
  return [
    ...(stamp?.stamp === 'background' ? (['ink-whole'] as const) : []),
    ...(stamp?.stamp !== 'background' && rect.width * rect.height > largePrint
      ? (['face-up'] as const)
      : []),
    ...(stamp?.words || mark.piece.kind === 'words' ? (['spare-words'] as const) : []),
    ...(isOnChalk(mark) ? (['stamp-twice'] as const) : []),
    ...(isFoil && stamp?.stamp === 'solid' ? (['patchy-foil'] as const) : []),
  ];
}

/** Whether the paper under a mark is coloured with chalky ink. */
function isOnChalk({ ground: { from } }: ResolvedMark): boolean {
  const sources = from.kind === 'several' ? from.parts : [from];
  return sources.some(
    (each) => each.kind === 'item' && each.item.kind === 'ink' && each.item.ink === 'chalk',
  );
}

/** Card that a press does not cut through in one go, from a third of a millimetre on. From memory. */
const thick = 5600;

function isThick(id: string, { pieces }: ResolvedCard): boolean {
  const piece = pieces.find((each) => each.id === id);
  return piece !== undefined && (piece.isJoined || piece.caliper > thick);
}

function glueTips({ medium, pieces: [id = ''] }: Step, card: ResolvedCard): readonly Tip[] {
  const isHeated = card.marks.some(
    ({ support, paints }) =>
      support === id && paints.some((paint) => paint?.from.kind === 'item' && paint.from.powder),
  );
  return [
    ...(isHeated ? (['glue-all-round'] as const) : []),
    medium === 'liquid' ? 'seconds-to-shift' : 'look-from-above',
  ];
}
