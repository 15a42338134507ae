import { foamOutlines } from '../core/pictures/foamOutlines';
import { facePage } from '../core/pictures/facePage';
import { foamPage } from '../core/pictures/foamPage';
import { testSheet } from '../core/inking/testSheet';
import { jigPage } from '../core/pictures/jigPage';
import type { Page } from '../core/drawing/shape';
import { writeDxf } from '../core/drawing/writeDxf';
import { writeSvg } from '../core/drawing/writeSvg';
import { faceName, type FaceId } from '../core/plan/faces';
import type { Unit } from '../core/length/length';
import { writeCardFile, type CardFile } from '../core/plan/cardFile';
import { houseSchemes } from '../core/post/mail/houseSchemes';
import type { HouseMail } from '../core/stash/houseMail';
import type { Library } from '../core/plan/library';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { forOneCard } from '../core/plan/withCopies';
import { supplyList, type SupplyList } from '../core/supplies/supplyList';
import type { CoverSolver } from '../core/cutting/coverSolver';
import { cutJob, type CutJob } from '../core/cutting/cutJob';
import type { CutPlan } from '../core/cutting/cutPlan';
import { planCuts, usualBudget } from '../core/cutting/planCuts';
import { lastOf } from '../core/cutting/planSheets';
import { TooManyRectanglesError } from '../core/cutting/unboundedValue';
import { colourRows } from '../core/prose/colourRows';
import { stampingSteps } from '../core/prose/stampingSteps';
import { envelopeNeed } from '../core/post/envelopeNeed';
import { processCard } from '../core/compute/processCard';
import { usualEvenings } from '../core/plan/usualEvenings';
import { makingSteps, writeStepsCsv, type MakingStep } from '../core/prose/makingSteps';
import { maskCard } from '../core/masking/maskCard';
import { postPlan } from '../core/post/postPlan';
import { postSentences } from '../core/prose/postWords';
import { projectSheet } from '../core/prose/projectSheet';
import { writeCutListCsv } from '../core/prose/writeCutListCsv';
import { writeMarkdown } from '../core/prose/writeMarkdown';
import { embeddedFonts } from './embeddedFonts';
import { writeJigPdf, writeTestSheetPdf, type JigPage } from './writeJigPdf';
import { stripPages, writeStripsPdf } from './writeStripsPdf';
import { mailerOf, writeMailerPdf } from './writeMailerPdf';
import { looseRoom, masksOf, noMasks, writeMasksPdf } from './writeMasksPdf';

export interface ExportInput {
  readonly file: CardFile;
  /** What the card uses; all of the stash where the file needs it. */
  readonly library: Library;
  readonly mail: HouseMail;
  readonly unit: Unit;
  /** Of what shows a face. */
  readonly face: FaceId;
  /** Of what is printed at 1:1. */
  readonly page: JigPage;
  /** Of what is of one scene in strips; the first where none is told. */
  readonly scene?: string | undefined;
}

/** One downloadable form of a card. */
export interface CardExporter {
  /** Its name in the address. */
  readonly file: string;
  readonly ending: string;
  /** What the name tells beside the card: the kind of file, and the face and sheet where it is of one. */
  readonly says: (input: Pick<ExportInput, 'file' | 'face' | 'page'>) => readonly string[];
  readonly type: string;
  /** It tells what of the stash the card takes, so it needs all of it, not only what the plan names. */
  readonly needsStash?: true;
  readonly write: (
    input: ExportInput,
    solver: () => Promise<CoverSolver>,
  ) => string | Promise<string | Uint8Array<ArrayBuffer>>;
}

const sheetOf = ({ file, library, unit }: ExportInput) =>
  projectSheet(file.plan, resolvePlan(file.plan, library), unit);

/** For one card, as the reader of a tutorial makes it; what the stash holds says nothing to her. */
async function suppliesOf(
  { file: { plan }, library }: ExportInput,
  solver: () => Promise<CoverSolver>,
): Promise<SupplyList> {
  const one = forOneCard(plan);
  const card = resolvePlan(one, library);
  const cutsForOne = cutOnce(cutJob(one, card, []), await solver());
  const envelope = envelopeNeed(one, card, library, []);
  return supplyList({
    ...{ plan: one, card, library, holdings: [], envelope },
    ...{ cuts: cutsForOne, cutsForOne },
  });
}

/** So long a download may wait for its sheets; one card takes a few milliseconds. */
const mostSeconds = 5;

/** Undefined where its sizes are on too fine a measure to be searched through. */
function cutOnce(job: CutJob, solver: CoverSolver): CutPlan | undefined {
  const end = Date.now() + mostSeconds * 1000;
  const time = {
    isOver: () => Date.now() > end,
    secondsLeft: () => (end - Date.now()) / 1000,
  };
  try {
    return lastOf(planCuts(job, solver, { ...usualBudget, ...time }));
  } catch (error) {
    if (error instanceof TooManyRectanglesError) return undefined;
    throw error;
  }
}

/** What is told of the steps names no day, so any evenings do. */
const someEvenings = { start: Date.parse('2027-01-04T08:00:00Z'), evenings: usualEvenings('UTC') };

/** How one card is made, as its reader does it. */
function makingOf({ file, library }: ExportInput): readonly MakingStep[] {
  const plan = forOneCard(file.plan);
  const card = resolvePlan(plan, library);
  const end = Date.now() + mostSeconds * 1000;
  return makingSteps(
    processCard(plan, card, someEvenings, { isOver: () => Date.now() > end }),
    card,
  );
}

const jigTitle = ({ plan: { about, base } }: CardFile, face: FaceId) =>
  `${about.title}: jig of the ${faceName(face, base.fold)}`;

const jigOf = ({ file, library, face }: ExportInput) =>
  jigPage(resolvePlan(file.plan, library), face, jigTitle(file, face));

const foamOf = ({ file: { plan }, library }: ExportInput) =>
  foamPage(foamOutlines(plan, resolvePlan(plan, library)), `${plan.about.title}: foam`);

/** All masks on one page. @throws RefusalError 422 where there are none */
function loosePage({ file, library }: ExportInput): Page {
  const [page] = masksOf(file.plan, library, looseRoom);
  if (!page) throw noMasks();
  return page;
}

const testSheetTitle = ({ plan: { about } }: CardFile) => `${about.title}: test sheet`;

export const cardExporters: readonly CardExporter[] = [
  {
    file: 'card.nibwright.json',
    ending: '.nibwright.json',
    says: () => [],
    type: 'application/json; charset=utf-8',
    write: ({ file }) => writeCardFile(file),
  },
  {
    file: 'sheet.md',
    ending: '.md',
    says: () => ['project sheet'],
    type: 'text/markdown; charset=utf-8',
    needsStash: true,
    write: async (input, solver) => {
      const { file, library, mail, unit } = input;
      const card = resolvePlan(file.plan, library);
      return writeMarkdown(
        projectSheet(file.plan, card, unit),
        await suppliesOf(input, solver),
        colourRows(file.plan, card, library),
        stampingSteps(file.plan, card, maskCard(file.plan, card), unit),
        postSentences(postPlan(file.plan, card, library, [], houseSchemes(mail)), unit),
        makingOf(input),
      );
    },
  },
  {
    file: 'cut-list.csv',
    ending: '.csv',
    says: () => ['cut list'],
    type: 'text/csv; charset=utf-8',
    write: (input) => writeCutListCsv(sheetOf(input)),
  },
  {
    file: 'steps.csv',
    ending: '.csv',
    says: () => ['steps'],
    type: 'text/csv; charset=utf-8',
    write: (input) => writeStepsCsv(makingOf(input)),
  },
  {
    file: 'jig.svg',
    ending: '.svg',
    says: ({ file, face }) => [faceName(face, file.plan.base.fold), 'jig'],
    type: 'image/svg+xml',
    write: (input) => writeSvg(jigOf(input)),
  },
  {
    file: 'foam.svg',
    ending: '.svg',
    says: () => ['foam'],
    type: 'image/svg+xml',
    write: (input) => writeSvg(foamOf(input)),
  },
  {
    file: 'foam.dxf',
    ending: '.dxf',
    says: () => ['foam'],
    type: 'application/dxf',
    write: (input) => writeDxf(foamOf(input)),
  },
  {
    file: 'picture.svg',
    ending: '.svg',
    says: ({ file, face }) => [faceName(face, file.plan.base.fold)],
    type: 'image/svg+xml',
    write: async ({ file, library, face }) => {
      const page = facePage(resolvePlan(file.plan, library), face, file.plan.about.title);
      return writeSvg(page, await embeddedFonts(page));
    },
  },
  {
    file: 'jig.dxf',
    ending: '.dxf',
    says: ({ file, face }) => [faceName(face, file.plan.base.fold), 'jig'],
    type: 'application/dxf',
    write: (input) => writeDxf(jigOf(input)),
  },
  {
    file: 'jig.pdf',
    ending: '.pdf',
    says: ({ file, face, page }) => [faceName(face, file.plan.base.fold), 'jig', page],
    type: 'application/pdf',
    write: ({ file, library, face, page }) =>
      writeJigPdf(resolvePlan(file.plan, library), face, page, jigTitle(file, face)),
  },
  {
    file: 'masks.svg',
    ending: '.svg',
    says: () => ['masks'],
    type: 'image/svg+xml',
    write: (input) => writeSvg(loosePage(input)),
  },
  {
    file: 'masks.dxf',
    ending: '.dxf',
    says: () => ['masks'],
    type: 'application/dxf',
    write: (input) => writeDxf(loosePage(input)),
  },
  {
    file: 'masks.pdf',
    ending: '.pdf',
    says: ({ page }) => ['masks', page],
    type: 'application/pdf',
    write: ({ file, library, page }) => writeMasksPdf(file.plan, library, page),
  },
  {
    file: 'strips.svg',
    ending: '.svg',
    says: () => ['strips'],
    type: 'image/svg+xml',
    write: ({ file, library, scene }) => writeSvg(stripPages(file.plan, library, scene)[0]),
  },
  {
    file: 'strips.dxf',
    ending: '.dxf',
    says: () => ['strips'],
    type: 'application/dxf',
    write: ({ file, library, scene }) => writeDxf(stripPages(file.plan, library, scene)[0]),
  },
  {
    file: 'strips.pdf',
    ending: '.pdf',
    says: ({ page }) => ['strips', page],
    type: 'application/pdf',
    write: ({ file, library, page, scene }) => writeStripsPdf(file.plan, library, page, scene),
  },
  {
    file: 'mailer.svg',
    ending: '.svg',
    says: () => ['envelope template'],
    type: 'image/svg+xml',
    write: (input) => writeSvg(mailerOf(input)),
  },
  {
    file: 'mailer.dxf',
    ending: '.dxf',
    says: () => ['envelope template'],
    type: 'application/dxf',
    write: (input) => writeDxf(mailerOf(input)),
  },
  {
    file: 'mailer.pdf',
    ending: '.pdf',
    says: ({ page }) => ['envelope template', page],
    type: 'application/pdf',
    write: (input) => writeMailerPdf(input, input.page),
  },
  {
    file: 'test-sheet.svg',
    ending: '.svg',
    says: ({ file, face }) => [faceName(face, file.plan.base.fold), 'test sheet'],
    type: 'image/svg+xml',
    write: async ({ file, library, face }) => {
      const [page] = testSheet(resolvePlan(file.plan, library), face, testSheetTitle(file));
      return page ? writeSvg(page, await embeddedFonts(page)) : '';
    },
  },
  {
    file: 'test-sheet.pdf',
    ending: '.pdf',
    says: ({ file, face, page }) => [faceName(face, file.plan.base.fold), 'test sheet', page],
    type: 'application/pdf',
    write: ({ file, library, face, page }) =>
      writeTestSheetPdf(resolvePlan(file.plan, library), face, page, testSheetTitle(file)),
  },
];
