import { useDeferredValue, useState } from 'react';
import type { Finding } from '../../core/findings/finding';
import type { Remedy } from '../../core/findings/remedy';
import { subjectKey } from '../../core/findings/subject';
import type { Unit } from '../../core/length/length';
import type { Edit } from '../../core/plan/edit';
import { countWords } from '../../core/words/countWords';
import { EasierTable } from './EasierTable';
import { findingSentence } from '../words/findingSentence';
import { remedySentence } from '../words/remedySentence';

interface Props {
  /** Undefined while nothing was looked for yet. */
  readonly findings: readonly Finding[] | undefined;
  /** The one to tell first. */
  readonly lead: Finding | undefined;
  readonly unit: Unit;
  readonly onCommit: (edit: Edit) => void;
  readonly onSelect: (finding: Finding) => void;
  readonly onHabits: () => void;
}

/** The keys of the first finding's remedies, in their order. */
export const remedyKeys = ['e', 'w'] as const;

const severityWords = {
  stop: ['stops the card', 'stop the card'],
  look: ['worth a look', 'worth a look'],
  habit: ['against the habit', 'against the habit'],
} as const;

/** One line at the foot with the finding that concerns what one is at and its remedies; all of them open upward. */
export function FindingsLine({ findings, lead, unit, onCommit, onSelect, onHabits }: Props) {
  const [isOpen, setOpen] = useState(false);
  if (!findings || !lead)
    return (
      <footer className="border-hairline text-muted flex min-h-[46px] items-center border-t bg-white px-[18px] print:hidden">
        {findings ? 'Nothing to mend on this card.' : 'Looking the card over…'}
        <HabitsButton onHabits={onHabits} />
      </footer>
    );
  const count = findings.filter(({ severity }) => severity === lead.severity).length;
  return (
    <footer className="border-hairline relative z-20 border-t bg-white print:hidden">
      {isOpen && (
        <ul
          id="all-findings"
          className="border-hairline absolute inset-x-0 bottom-full max-h-[60vh] overflow-auto border-t bg-white px-[18px] py-2"
        >
          {findings.map((finding, at) => (
            <li
              key={`${finding.data.rule} ${subjectKey(finding.subject)} ${at}`}
              className="border-hairline flex flex-wrap items-center gap-x-3 gap-y-1 border-b py-2 last:border-0"
            >
              <Severity finding={finding} />
              <button
                type="button"
                className="text-left underline-offset-4 hover:underline"
                onClick={() => onSelect(finding)}
              >
                {findingSentence(finding, unit)}
              </button>
              <RemediesSoon finding={finding} unit={unit} onCommit={onCommit} />
              <button
                type="button"
                className="button"
                onClick={() => onCommit(acceptEdit(finding))}
              >
                Leave it so
              </button>
              {finding.data.rule === 'easier-figures' && (
                <EasierTable sizes={finding.data.sizes} unit={unit} />
              )}
            </li>
          ))}
        </ul>
      )}
      <div
        className="flex min-h-[45px] flex-wrap items-center gap-x-3 gap-y-1 px-[18px] py-1"
        aria-live="polite"
      >
        {isOpen ? (
          <span className="text-muted">
            {countWords(findings.length, 'finding')}, the gravest first
          </span>
        ) : (
          <>
            <Severity finding={lead} count={count} />
            <button
              type="button"
              className="text-left underline-offset-4 hover:underline max-md:hidden"
              onClick={() => onSelect(lead)}
            >
              {findingSentence(lead, unit)}
            </button>
            {lead.remedies.map((remedy, index) => (
              <span key={`${index} ${remedy.id}`} className="flex items-center gap-2 max-md:hidden">
                <RemedyButton remedy={remedy} unit={unit} onCommit={onCommit} />
                {remedyKeys[index] && <kbd className="key">{remedyKeys[index]}</kbd>}
              </span>
            ))}
          </>
        )}
        <HabitsButton onHabits={onHabits} />
        <button
          type="button"
          className="text-muted underline-offset-4 hover:underline"
          aria-expanded={isOpen}
          aria-controls="all-findings"
          onClick={() => setOpen(!isOpen)}
        >
          {isOpen ? 'Close' : `All findings (${findings.length})`}
        </button>
      </div>
    </footer>
  );
}

/** The way to what is checked, and against which figures. */
function HabitsButton({ onHabits }: Pick<Props, 'onHabits'>) {
  return (
    <button
      type="button"
      className="text-muted ml-auto underline-offset-4 hover:underline"
      onClick={onHabits}
    >
      Habits
    </button>
  );
}

/** Marks a finding as looked at and meant. */
export function acceptEdit({ data, subject }: Finding): Edit {
  return {
    kind: 'put',
    in: 'accepted',
    item: { rule: data.rule, subject: subjectKey(subject) },
  };
}

/** How grave it is; with how many are as grave, where that is told. */
function Severity({ finding, count }: { readonly finding: Finding; readonly count?: number }) {
  const [one, more] = severityWords[finding.severity];
  const colour =
    finding.severity === 'stop' ? 'text-pencil border-pencil' : 'text-amber border-amber';
  return (
    <strong className={`border-b-2 font-semibold whitespace-nowrap ${colour}`}>
      {count} {count === undefined || count === 1 ? one : more}
    </strong>
  );
}

interface RemediesProps {
  readonly finding: Finding;
  readonly unit: Unit;
  readonly onCommit: (edit: Edit) => void;
}

/** The remedies in the list of all: those of two hundred findings take a second to be tried, and meanwhile it is read and closed. */
function RemediesSoon({ finding, unit, onCommit }: RemediesProps) {
  const tried = useDeferredValue<Finding | undefined>(finding, undefined);
  return tried?.remedies.map((remedy, index) => (
    <RemedyButton key={`${index} ${remedy.id}`} remedy={remedy} unit={unit} onCommit={onCommit} />
  ));
}

interface RemedyButtonProps {
  readonly remedy: Remedy;
  readonly unit: Unit;
  readonly onCommit: (edit: Edit) => void;
}

function RemedyButton({ remedy, unit, onCommit }: RemedyButtonProps) {
  return (
    <button type="button" className="button button-outlined" onClick={() => onCommit(remedy.edit)}>
      {remedySentence(remedy, unit)}
    </button>
  );
}
