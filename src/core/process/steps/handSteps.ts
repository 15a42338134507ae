import type { StepKind } from '../../plan/workFacts';
import { groupBy } from '../../groupBy';
import { layerAt } from '../../kinds/layerAt';
import type { ResolvedMark } from '../../resolve/resolvedMark';
import type { ProcessInput } from '../processInput';
import { newStep } from '../newStep';
import { isWetFinish, noTime, stepId, type Step } from '../step';
import {
  benchMinutes,
  dropDrying,
  longerSpread,
  mediumDrying,
  splatterDrying,
  times,
} from '../stepTimes';
import { colouredOf, dryingOf, itemsOfPaints, sortOfItem } from './markThings';

/** What is coloured, drawn, tied and stuck on by hand. */
export function handSteps({ card: { marks } }: ProcessInput): readonly Step[] {
  return [...marks.flatMap(ofMark), ...stuckSteps(marks)];
}

function ofMark(mark: ResolvedMark): readonly Step[] {
  switch (mark.piece.kind) {
    case 'image':
      return [...colourSteps(mark), ...finishSteps(mark)];
    case 'drawn':
      return [drawStep(mark)];
    case 'ribbon':
      return [ribbonStep(mark)];
    default:
      return [];
  }
}

/** All parts of an image, from the first combination to the last. */
function colourSteps(mark: ResolvedMark): readonly Step[] {
  const paints = colouredOf(mark);
  if (paints.length === 0) return [];
  const items = itemsOfPaints(paints);
  const slowest = items.toSorted((a, b) => drying(b) - drying(a))[0];
  const isSpirit = items.some((item) => item.kind === 'medium' && item.medium === 'alcohol marker');
  // Each combination beyond the first, and each medium of it, is some strokes more.
  const factor = 1 + 0.35 * (paints.length - 1) + 0.1 * Math.max(0, items.length - 2);
  return [
    step('colour', mark, {
      medium: slowest ? sortOfItem(slowest) : '',
      colour: paints[Math.floor(paints.length / 2)]?.colour ?? '#b9c0c0',
      things: items.map(({ name }) => name),
      setup: { tool: slowest ? sortOfItem(slowest) : 'colour' },
      minutes: times(benchMinutes.colour, Math.min(factor, 3)),
      drying: dryingOf(paints, mark.ground),
      mayPause: true,
      cautions: isSpirit ? ['solvent'] : [],
    }),
  ];
}

const drying = (item: ReturnType<typeof itemsOfPaints>[number]) =>
  item.kind === 'medium' ? mediumDrying[item.medium].usual : 0;

function finishSteps(mark: ResolvedMark): readonly Step[] {
  const byKind = groupBy(
    mark.paints.flatMap((paint, layer) => {
      const at = layerAt(mark.piece, layer);
      return paint && at.kind === 'finish' ? [{ paint, kind: at.finish.kind }] : [];
    }),
    ({ kind }) => kind,
  );
  return [...byKind].map(([kind, own]) => {
    const paints = own.map(({ paint }) => paint);
    const items = itemsOfPaints(paints);
    const isWet = isWetFinish({ kind: 'finish', medium: kind });
    return step('finish', mark, {
      medium: kind,
      ...(paints[0] && { colour: paints[0].colour }),
      things: items.map(({ name }) => name),
      setup: { tool: items[0]?.id ?? kind },
      minutes: times(benchMinutes.finish, 1 + 0.3 * (own.length - 1)),
      drying: isWet
        ? longerSpread(dryingOf(paints, mark.ground), mediumDrying['glitter glue'])
        : dryingOf(paints, mark.ground),
      cautions: kind === 'glitter' ? ['dust'] : [],
    });
  });
}

function drawStep(mark: ResolvedMark): Step {
  const paints = mark.paints.filter((paint) => paint !== undefined);
  const items = itemsOfPaints(paints);
  return step('draw', mark, {
    medium: items[0] ? sortOfItem(items[0]) : '',
    ...(paints[0] && { colour: paints[0].colour }),
    things: items.map(({ name }) => name),
    setup: { tool: items[0]?.id ?? 'pen' },
    drying: dryingOf(paints, mark.ground),
  });
}

function ribbonStep(mark: ResolvedMark): Step {
  const { piece, paints } = mark;
  const hasBow = piece.kind === 'ribbon' && piece.bow !== null;
  return step('ribbon', mark, {
    ...(paints[0] && { colour: paints[0].colour }),
    things: ['scissors', ...(piece.kind === 'ribbon' ? [piece.look] : [])],
    setup: { tool: 'ribbon' },
    minutes: times(benchMinutes.ribbon, hasBow ? 1.5 : 1),
    cautions: ['blades'],
  });
}

/** What is stuck or dropped on one paper and is alike goes on at once; a minute for the first, some seconds for each more. */
function stuckSteps(marks: readonly ResolvedMark[]): readonly Step[] {
  const dots = marks.flatMap((mark) =>
    mark.piece.kind === 'dot' ? [{ mark, look: mark.piece.look }] : [],
  );
  const keyOf = ({ mark, look }: (typeof dots)[number]) => {
    const item = mark.piece.kind === 'dot' ? (mark.piece.item?.id ?? '') : '';
    return `${mark.face} ${mark.support} ${look} ${item}`;
  };
  return [...groupBy(dots, keyOf).values()].flatMap((own): readonly Step[] => {
    const [first] = own;
    if (!first) return [];
    const { look, mark } = first;
    const kind = look === 'drop' ? 'drops' : look === 'splatter' ? 'splatter' : 'stick';
    const item = mark.piece.kind === 'dot' ? (mark.piece.item?.id ?? look) : look;
    return [
      {
        ...step(kind, mark, { medium: item }),
        id: stepId(kind, mark.support, mark.support === 'base' ? `${mark.face} ${item}` : item),
        ...(mark.paints[0] && { colour: mark.paints[0].colour }),
        pieces: own.map((each) => each.mark.id),
        setup: { tool: item },
        minutes: times(benchMinutes[kind], kind === 'splatter' ? 1 : 0.8 + 0.2 * own.length),
        drying: kind === 'drops' ? dropDrying : kind === 'splatter' ? splatterDrying : noTime,
        cautions: kind === 'stick' ? ['small-parts'] : [],
      },
    ];
  });
}

function step(kind: StepKind, mark: ResolvedMark, change: Partial<Step>): Step {
  return newStep(kind, mark.id, { on: { face: mark.face, support: mark.support }, ...change });
}
