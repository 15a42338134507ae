import type { StockJob } from '../../../core/cutting/cutJob';
import type { StockCuts } from '../../../core/cutting/cutPlan';
import { boundSentence, shortfallSentences } from '../../../core/prose/cutSentences';
import type { PieceContour } from '../../../core/pictures/pieceContours';
import type { Unit } from '../../../core/length/length';
import { sheetOf, type SheetId } from '../../../core/paper/sheets';
import { LayoutRow } from './LayoutRow';

interface Props {
  readonly cuts: StockCuts;
  /** The stock as the card has it now; undefined where it is wanted no more. */
  readonly job: StockJob | undefined;
  readonly unit: Unit;
  readonly cardTitle: string;
  readonly contours: ReadonlyMap<string, PieceContour>;
  readonly scale: number;
  readonly doneSteps: ReadonlySet<string>;
  readonly canMark: boolean;
  readonly onDone: (key: string, isDone: boolean) => void;
  readonly onSheets: (sheets: SheetId[]) => void;
}

/** How one stock is cut: what it takes and what is proven of it, which sheets, and every layout. */
export function StockCutsView(props: Props) {
  const { cuts, job, unit, scale, doneSteps, canMark, onDone, onSheets } = props;
  const { stock, name, colour, layouts } = cuts;
  const chosen = job?.sources.flatMap(({ sheet }) => sheet ?? []) ?? [];
  return (
    <section aria-label={name} className="border-control border-t pt-2 pb-4">
      <header className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span
          aria-hidden
          className="border-control size-[18px] shrink-0 border"
          style={{ background: colour }}
        />
        <h2 className="text-[17px]">{name}</h2>
        <p className="text-[17px]">{boundSentence(cuts)}</p>
        {job && job.stock.sheets.length > 1 && (
          <span
            role="group"
            aria-label={`Sheets of ${name}`}
            className="ml-auto flex flex-wrap gap-x-3 print:hidden"
          >
            {job.stock.sheets.map((sheet) => (
              <label key={sheet} className="flex items-center gap-1.5">
                <input
                  type="checkbox"
                  checked={chosen.includes(sheet)}
                  disabled={chosen.length === 1 && chosen[0] === sheet}
                  onChange={(event) =>
                    onSheets(
                      job.stock.sheets.filter((each) =>
                        each === sheet ? event.target.checked : chosen.includes(each),
                      ),
                    )
                  }
                />
                {sheetOf(sheet).name}
              </label>
            ))}
          </span>
        )}
      </header>
      {shortfallSentences(cuts).map((line) => (
        <p key={line} className="text-pencil pt-1">
          {line}
        </p>
      ))}
      <div className={layouts.length > 1 ? 'grid gap-x-6 xl:grid-cols-2' : ''}>
        {layouts.map((layout, at) => (
          <LayoutRow
            // A layout is told from another by where it stands; the same place is the same row of marks.
            key={at}
            layout={layout}
            at={at}
            stock={{ id: stock.id, name, colour }}
            unit={unit}
            cardTitle={props.cardTitle}
            contours={props.contours}
            scale={scale}
            doneSteps={doneSteps}
            canMark={canMark}
            onDone={onDone}
          />
        ))}
      </div>
    </section>
  );
}
