import { pieceContours } from '../../../core/pictures/pieceContours';
import { fileName } from '../../../core/text/fileName';
import { useMemo } from 'react';
import type { CutBatch } from '../../../core/cutting/cutBatch';
import {
  resumeBatch,
  sheetsTaken,
  startBatch,
  markStep,
  workDone,
} from '../../../core/cutting/cutProgress';
import { newSheets } from '../../../core/cutting/countSheets';
import { planWords } from '../../../core/prose/cutSentences';
import { countWords } from '../../../core/words/countWords';
import { joinWords } from '../../../core/words/phrases';
import { writeSheetCutsCsv } from '../../../core/prose/writeSheetCutsCsv';
import { TICKS_PER_INCH } from '../../../core/length/length';
import type { SheetId } from '../../../core/paper/sheets';
import type { LibraryId } from '../../../core/plan/ids';
import type { Making } from '../../../core/plan/plan';
import { batchTakings } from '../../../core/supplies/batchTakings';
import { saveFile } from '../../parts/saveFile';
import { batchChangeSentence } from '../../words/batchChangeSentence';
import { momentDay } from '../../words/momentWords';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { useSupplies } from '../../session/useSupplies';
import { BatchForm } from './BatchForm';
import { PlanningLine } from '../../planning/PlanningLine';
import { StockCutsView } from './StockCutsView';
import type { Cutting } from '../../session/useCutting';

/** All sheets at one scale: an inch is so many pixels, so that a 12 in sheet is as wide as a column. */
const pixelsPerInch = 18;

/** From pieces to sheets: what a batch takes, each sheet to scale, and its cuts in the order they are made. */
export function CutStation() {
  const { plan, card, unit, revision, cutting, batch: state, commit } = useCardSession();
  const { shown, found, planning, job, changes } = cutting;
  const { batch, failure, keep } = state;
  const contours = useMemo(() => pieceContours(card), [card]);
  const doneSteps = useMemo(() => new Set(batch?.doneSteps ?? []), [batch]);
  const setMaking = (change: Partial<Making>) => commit({ kind: 'set-making', change });
  const now = () => new Date().toISOString();
  const onDone = (key: string, isDone: boolean) => {
    // The first mark is work by this plan, so it keeps the plan.
    const begun = batch ?? (found && startBatch(job, found, now()));
    if (begun) keep(markStep(begun, key, isDone));
  };
  const setSheets = (stock: LibraryId, sheets: SheetId[]) =>
    setMaking({
      sheets: [...plan.making.sheets.filter((e) => e.stock !== stock), { stock, sheets }],
    });
  useKeys({ p: () => window.print() });
  return (
    <div className="mx-auto flex max-w-[1440px] items-start gap-8 px-[18px] py-4 max-md:flex-col print:block print:p-0">
      <aside
        aria-label="The batch"
        className="sticky top-4 flex w-[250px] shrink-0 flex-col gap-3 max-md:static print:hidden"
      >
        <BatchForm making={plan.making} onChange={setMaking} />
        <div className="border-control border-t pt-3">
          {shown && (
            <p className="font-heading text-[19px] font-semibold">
              {planWords(shown) || 'Nothing to cut'}
            </p>
          )}
          <PlanningLine planning={planning} onStop={cutting.stop} onResume={cutting.resume} />
          {cutting.unreached.length > 0 && (
            <p className="text-pencil pt-1">
              Not looked at yet: {joinWords(cutting.unreached)}. Plan on before you cut.
            </p>
          )}
        </div>
        {!batch && found && (
          <button
            type="button"
            className="button button-leading self-start"
            onClick={() => keep(startBatch(job, found, now()))}
          >
            Cut by this plan
          </button>
        )}
        {batch && <AcceptedPlan batch={batch} />}
        {changes.length > 0 && (
          <p className="text-amber font-semibold">The card has changed since; see the top.</p>
        )}
        {failure !== undefined && (
          <p role="alert" className="text-pencil">
            {failure}
          </p>
        )}
        {shown && (
          <p className="flex items-center gap-4">
            <span className="flex items-center gap-2">
              <button type="button" className="button" onClick={() => window.print()}>
                Print
              </button>
              <kbd className="key">p</kbd>
            </span>
            <button
              type="button"
              className="link"
              onClick={() =>
                saveFile(
                  fileName([plan.about.title, 'cuts of the sheets'], '.csv'),
                  'text/csv',
                  writeSheetCutsCsv(shown, unit),
                )
              }
            >
              Cuts as CSV
            </button>
          </p>
        )}
      </aside>
      <div className={`min-w-0 grow ${cutting.isOutdated ? 'opacity-85' : ''}`}>
        <header className="hidden items-baseline justify-between pb-2 print:flex">
          <h2 className="text-2xl">{plan.about.title}</h2>
          <p>
            {countWords(plan.making.copies, 'card')}, in {unit === 'in' ? 'inches' : 'millimetres'},
            revision {revision}
          </p>
        </header>
        {batch && changes.length > 0 && (
          <ChangedCard
            batch={batch}
            onTakeRest={(rest) => keep(resumeBatch(batch, job, rest, now()))}
          />
        )}
        {card.impossible.length > 0 && (
          <p className="text-pencil pb-2">
            Without figures, so not planned: {card.impossible.map(({ name }) => name).join(', ')}.
          </p>
        )}
        {shown && shown.unknown.length > 0 && (
          <p className="text-pencil pb-2">
            The stock of {shown.unknown.join(', ')} is not in the stash, so it is not planned.
          </p>
        )}
        {shown?.stocks.map((cuts) => (
          <StockCutsView
            key={`${cuts.stock.id} ${cuts.stock.version}`}
            cuts={cuts}
            job={job.stocks.find(({ stock }) => stock.id === cuts.stock.id)}
            unit={unit}
            cardTitle={plan.about.title}
            contours={contours}
            scale={pixelsPerInch / TICKS_PER_INCH}
            doneSteps={doneSteps}
            canMark={batch !== null || found !== undefined}
            onDone={onDone}
            onSheets={(sheets) => setSheets(cuts.stock.id, sheets)}
          />
        ))}
      </div>
    </div>
  );
}

/** The accepted plan: when, how far the work is, and what of it was taken out of the stash. */
function AcceptedPlan({ batch }: { readonly batch: CutBatch }) {
  const { batch: state, holdings } = useCardSession();
  const supplies = useSupplies();
  const { done, all } = workDone(batch);
  const takings = () => batchTakings(supplies, batch.plan, holdings, batch.hash.slice(0, 12));
  return (
    <div className="flex flex-col gap-2">
      <p>
        Plan of {momentDay(batch.acceptedAt)}: {done} of {countWords(all, 'step')} done.
      </p>
      <progress className="h-2 w-full" aria-label="Steps done" max={all} value={done} />
      <p className="flex flex-wrap gap-2">
        {batch.taken ? (
          <button type="button" className="button" onClick={() => state.take(null)}>
            Give back to the stash
          </button>
        ) : (
          <button type="button" className="button" onClick={() => state.take(takings())}>
            Take out of the stash
          </button>
        )}
        <button
          type="button"
          className="button"
          disabled={batch.taken !== null}
          title={batch.taken ? 'Give back to the stash first' : undefined}
          onClick={() => state.keep(null)}
        >
          Give the plan up
        </button>
      </p>
      {batch.taken && (
        <p className="text-sheet-muted">
          Sheets and supplies of this batch are out of the stash: it gave {sheetsTaken(batch)} of{' '}
          {countWords(newSheets(batch.plan), 'sheet')}.
        </p>
      )}
    </div>
  );
}

interface ChangedProps {
  readonly batch: CutBatch;
  readonly onTakeRest: (rest: NonNullable<Cutting['shown']>) => void;
}

/** What has changed since the plan was accepted, and the plan for the rest; the work done is kept. */
function ChangedCard({ batch, onTakeRest }: ChangedProps) {
  const { cutting, unit } = useCardSession();
  const { changes, found: rest } = cutting;
  const words = rest && planWords(rest);
  return (
    <section
      aria-label="The card has changed"
      className="border-amber mb-3 border-l-4 bg-white px-4 py-3 print:hidden"
    >
      <h2 className="text-[17px]">The card has changed since this plan was accepted.</h2>
      <ul className="py-1">
        {changes.map((change) => {
          const line = batchChangeSentence(change, unit);
          return <li key={line}>{line}</li>;
        })}
      </ul>
      <p className="flex flex-wrap items-center gap-3">
        {rest && (
          <button type="button" className="button button-outlined" onClick={() => onTakeRest(rest)}>
            Plan the rest anew
          </button>
        )}
        <span className="text-muted">
          {rest === undefined
            ? ''
            : words
              ? `It takes ${words} more. `
              : 'Nothing more is to be cut. '}
          {batch.doneSteps.length > 0
            ? 'Sheets done from first to last cut stay; a sheet half cut does not count.'
            : ''}
        </span>
      </p>
    </section>
  );
}
