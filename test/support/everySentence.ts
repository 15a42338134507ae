import type { Severity } from '../../src/core/findings/finding';
import { unplannedSupplies } from './unplanned';
import { deedRemedyIds, sizeRemedyIds, type Remedy } from '../../src/core/findings/remedy';
import type { Subject } from '../../src/core/findings/subject';
import { zeroLength } from '../../src/core/length/length';
import { lengthIssueCodes } from '../../src/core/length/lengthIssue';
import { sides } from '../../src/core/plan/faces';
import type { PieceId } from '../../src/core/plan/ids';
import type { Piece } from '../../src/core/plan/piece';
import type { Plan } from '../../src/core/plan/plan';
import { ruleIds } from '../../src/core/plan/rules';
import { plainMaking } from '../../src/core/plan/plainPlan';
import {
  boundSentence,
  layoutSentence,
  leftoverSentences,
  scoreSentences,
  stepSentence,
} from '../../src/core/prose/cutSentences';
import { filmingChecklist } from '../../src/core/prose/filmingChecklist';
import { stampingSteps } from '../../src/core/prose/stampingSteps';
import { maskCard } from '../../src/core/masking/maskCard';
import { colourRows } from '../../src/core/prose/colourRows';
import { projectSheet } from '../../src/core/prose/projectSheet';
import { postPlan } from '../../src/core/post/postPlan';
import { postSentences } from '../../src/core/prose/postWords';
import { speakingList } from '../../src/core/prose/speakingList';
import { writeMarkdown } from '../../src/core/prose/writeMarkdown';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import { findingSentence } from '../../src/islands/words/findingSentence';
import { lengthIssueSentence } from '../../src/islands/words/lengthIssueSentence';
import { peopleWords } from '../../src/islands/words/peopleWords';
import { remedySentence } from '../../src/islands/words/remedySentence';
import { ruleWords } from '../../src/islands/words/ruleWords';
import { cuts } from './cutPlans';
import { units, lengths, revealsOf, sizes, longName, everyFinding } from './everyFinding';
import {
  coves,
  dotOn,
  drizzle,
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  stampedOn,
  stencilledOn,
  wordsOn,
  wren,
} from './plans';

/** A sentence the application can make, and where it comes from. */
export interface MadeSentence {
  readonly from: string;
  readonly text: string;
}

const subject: Subject = {
  kind: 'pair',
  id: 'a' as PieceId,
  letter: 'B',
  name: longName,
  other: { id: 'b' as PieceId, letter: '', name: '“with love”' },
};

function findingSentences(): readonly MadeSentence[] {
  return ruleIds.flatMap((rule) =>
    everyFinding[rule].flatMap((data) =>
      units.map((unit) => {
        const finding = { severity: 'look' as Severity, subject, data, remedies: [] };
        return { from: `finding ${rule} ${unit}`, text: findingSentence(finding, unit) };
      }),
    ),
  );
}

function remedySentences(): readonly MadeSentence[] {
  const edit = { kind: 'batch', edits: [] } as const;
  const remedies: readonly Remedy[] = [
    ...deedRemedyIds.map((id) => ({ id, edit })),
    { id: 'take-ink', name: 'Lamp black', edit },
    { id: 'between', name: 'Heather', edit },
    {
      id: 'cheaper-post',
      deeds: [
        { code: 'thinner', from: 'foam', to: 'thin-foam', pieces: 2 },
        { code: 'without', look: 'gem', pieces: 3 },
      ],
      height: sizes[0]?.width ?? zeroLength,
      edit,
    },
    {
      id: 'cheaper-post',
      deeds: [{ code: 'envelope', name: longName }],
      height: sizes[0]?.width ?? zeroLength,
      edit,
    },
    ...sizeRemedyIds.flatMap((id) =>
      sizes.flatMap((size) =>
        revealsOf(size.width).map((reveals) => ({ id, size, reveals, edit })),
      ),
    ),
    ...lengths.flatMap((distance) =>
      sides.map((side) => ({
        id: 'move' as const,
        name: longName,
        by: [{ side, distance }],
        edit,
      })),
    ),
  ];
  return remedies.flatMap((remedy) =>
    units.map((unit) => ({
      from: `remedy ${remedy.id} ${unit}`,
      text: remedySentence(remedy, unit),
    })),
  );
}

/** Cards with nothing, one and many on them, and with long names. */
function cards(): readonly Plan[] {
  const many: readonly Piece[] = [
    pieceOn('front', 'panel', measure('4', '5')),
    { ...stampedOn('panel', 'bird', wren), name: longName },
    stencilledOn('panel', 'rain', drizzle),
    wordsOn('inside', 'words', ['with love (and more)', '+ 1']),
    ...[1, 2, 3].map((at) => ({ ...dotOn('panel', `gem ${at}`), group: 'snow' })),
    pieceOn('panel', 'label', { by: 'die', set: coves, step: 2, turned: false }),
    pieceOn('panel', 'bare', measure('1', '1'), { motion: { kind: 'flap', hinge: 'top' } }),
  ];
  const plans = [
    planOf([]),
    fiveLayers(),
    planOf([pieceOn('front', 'one', reveal('1/8'))]),
    planOf(many),
    planOf(many, { unit: 'mm', fold: 'gate' }),
  ];
  return plans.flatMap((plan) =>
    [1, 24].map((copies) => ({ ...plan, making: { ...plainMaking, copies } })),
  );
}

function cardSentences(): readonly MadeSentence[] {
  return cards().flatMap((plan, at) =>
    units.flatMap((unit): MadeSentence[] => {
      const card = resolvePlan(plan, library);
      const sheet = projectSheet(plan, card, unit);
      const supplies = unplannedSupplies(plan);
      const from = `card ${at} ${unit}`;
      return [
        ...writeMarkdown(
          sheet,
          supplies,
          colourRows(plan, card, library),
          stampingSteps(plan, card, maskCard(plan, card), 'in'),
          postSentences(postPlan(plan, card, library, []), unit),
        )
          .split('\n')
          .map((text) => ({ from: `${from} Markdown`, text })),
        ...speakingList(sheet).map((text) => ({ from: `${from} spoken`, text })),
        ...filmingChecklist({ plan, sheet, supplies: supplies.rows, release: undefined }).map(
          ({ say }) => ({ from: `${from} filming`, text: say }),
        ),
      ];
    }),
  );
}

function cuttingSentences(): readonly MadeSentence[] {
  return units.flatMap((unit) =>
    cuts.stocks.flatMap((stock) =>
      [
        boundSentence(stock),
        ...stock.layouts.flatMap((layout) => [
          layoutSentence(layout, unit),
          ...layout.steps.map((_, index) => stepSentence(layout, index, unit)),
          ...scoreSentences(layout, unit),
          ...leftoverSentences(layout, unit),
        ]),
      ].map((text) => ({ from: `cutting ${unit}`, text })),
    ),
  );
}

/** Every sentence the application can make, as far as it is made of parts, with data that are hard on it. */
export function everySentence(): readonly MadeSentence[] {
  return [
    ...findingSentences(),
    ...remedySentences(),
    ...cardSentences(),
    ...cuttingSentences(),
    ...lengthIssueCodes.map((code) => ({
      from: `issue ${code}`,
      text: lengthIssueSentence({ code, at: 2, to: 4 }, '4 1/'),
    })),
    ...[[null], [null, null], ['Orla', null], ['Orla', 'Wim', 'Orla']].map((people) => ({
      from: 'people',
      text: peopleWords(people),
    })),
    ...Object.entries(ruleWords).map(([from, text]) => ({ from: `rule ${from}`, text })),
  ];
}
