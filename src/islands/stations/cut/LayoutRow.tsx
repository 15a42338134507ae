import { useState } from 'react';
import { stepKeysOf } from '../../../core/cutting/batchWork';
import type { CutLayout } from '../../../core/cutting/cutPlan';
import {
  layoutSentence,
  leftoverSentences,
  scoreSentences,
  sourceName,
  stepSentence,
} from '../../../core/prose/cutSentences';
import type { PieceContour } from '../../../core/pictures/pieceContours';
import type { Unit } from '../../../core/length/length';
import { SheetDrawing } from './SheetDrawing';
import { TemplateLinks } from './TemplateLinks';

interface Props {
  readonly layout: CutLayout;
  /** Its number within the stock, from 0. */
  readonly at: number;
  readonly stock: { readonly id: string; readonly name: string; readonly colour: string };
  readonly unit: Unit;
  /** Of the card, for what its files are called, and the contours of its pieces by letter. */
  readonly cardTitle: string;
  readonly contours: ReadonlyMap<string, PieceContour>;
  readonly scale: number;
  readonly doneSteps: ReadonlySet<string>;
  readonly canMark: boolean;
  readonly onDone: (key: string, isDone: boolean) => void;
}

/** One way a sheet is cut: the drawing, and beside it what is done, step by step, with its done-marks. */
export function LayoutRow(props: Props) {
  const { layout, at, stock, unit, cardTitle, contours, scale, doneSteps, canMark, onDone } = props;
  const [looked, setLooked] = useState<number>();
  const keys = stepKeysOf(stock.id, at, layout);
  const done = keys.filter((key) => doneSteps.has(key)).length;
  const isDone = done === keys.length;
  const title = `${stock.name}, sheet ${at + 1}`;
  return (
    <article
      aria-label={title}
      className="flex break-inside-avoid items-start gap-5 py-3 max-lg:flex-col print:flex-row print:py-1"
    >
      <div className={`shrink-0 ${isDone ? 'opacity-45' : ''}`}>
        <SheetDrawing
          layout={layout}
          colour={stock.colour}
          unit={unit}
          scale={scale}
          step={looked}
          onStep={setLooked}
        />
      </div>
      <div className="min-w-0 grow pt-3">
        <p className="flex flex-wrap items-baseline gap-x-4 text-[17px] font-semibold">
          <span>{layoutSentence(layout, unit)}</span>
          {isDone && <span className="text-dimension">Cut.</span>}
        </p>
        <ol className="pt-1">
          {layout.steps.map((_, step) => (
            <StepLine
              key={keys[step]}
              number={step + 1}
              words={stepSentence(layout, step, unit)}
              isDone={doneSteps.has(keys[step] ?? '')}
              canMark={canMark}
              isLooked={looked === step}
              onLook={(isIt) => setLooked(isIt ? step : undefined)}
              onDone={(next) => onDone(keys[step] ?? '', next)}
            />
          ))}
          {layout.steps.length === 0 && (
            <StepLine
              number={1}
              words="The whole sheet, no cut."
              isDone={isDone}
              canMark={canMark}
              isLooked={false}
              onLook={() => undefined}
              onDone={(next) => onDone(keys[0] ?? '', next)}
            />
          )}
        </ol>
        {[...scoreSentences(layout, unit), ...leftoverSentences(layout, unit)].map((line) => (
          <p key={line} className="text-sheet-muted pt-1">
            {line}
          </p>
        ))}
        <TemplateLinks
          template={{ layout, contours, unit }}
          title={`${cardTitle}, ${stock.name}, ${sourceName(layout.source)}, sheet ${at + 1}`}
        />
      </div>
    </article>
  );
}

interface StepProps {
  readonly number: number;
  readonly words: string;
  readonly isDone: boolean;
  readonly canMark: boolean;
  readonly isLooked: boolean;
  readonly onLook: (isIt: boolean) => void;
  readonly onDone: (isDone: boolean) => void;
}

/** One setting of the fence; looking at it, by pointer or focus, shows its cuts in the drawing. */
function StepLine({ number, words, isDone, canMark, isLooked, onLook, onDone }: StepProps) {
  return (
    <li
      onPointerEnter={() => onLook(true)}
      onPointerLeave={() => onLook(false)}
      className={isLooked ? 'bg-white' : ''}
    >
      <label className="flex items-baseline gap-2.5 py-0.5">
        <input
          type="checkbox"
          className="translate-y-px"
          checked={isDone}
          disabled={!canMark}
          onFocus={() => onLook(true)}
          onBlur={() => onLook(false)}
          onChange={(event) => onDone(event.target.checked)}
        />
        <span className="text-pencil w-5 text-right font-semibold">{number}</span>
        <span className={isDone ? 'text-sheet-muted line-through' : ''}>{words}</span>
      </label>
    </li>
  );
}
