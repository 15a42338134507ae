import { filmingChecks, type FilmingCheck } from '../../../core/plan/planFacts';
import type { Release } from '../../../core/plan/cardFile';
import { filmingChecklist } from '../../../core/prose/filmingChecklist';
import type { ProjectSheet } from '../../../core/prose/projectSheet';
import { speakingList } from '../../../core/prose/speakingList';
import type { SupplyList } from '../../../core/supplies/supplyList';
import { useCardSession } from '../../session/CardSession';

interface Props {
  readonly sheet: ProjectSheet;
  readonly release: Release | undefined;
  readonly supplies: SupplyList;
}

/** What is read before and while filming: the figures as one says them, and what people forget. */
export function FilmingSheet({ sheet, release, supplies }: Props) {
  const { plan, commit } = useCardSession();
  const { checked } = plan.about;
  const setDone = (check: FilmingCheck, isDone: boolean) =>
    commit({
      kind: 'set-about',
      change: {
        checked: filmingChecks.filter((each) => (each === check ? isDone : checked.includes(each))),
      },
    });
  return (
    <>
      <section className="pt-5">
        <h3 className="text-lg">To say, in this order</h3>
        <ol className="pt-1">
          {speakingList(sheet).map((line) => (
            <li
              key={line}
              className="border-hairline break-inside-avoid border-b py-1.5 text-[17px]"
            >
              {line}
            </li>
          ))}
        </ol>
      </section>
      <section className="break-inside-avoid pt-6">
        <h3 className="text-lg">Before filming</h3>
        <ul className="pt-1">
          {filmingChecklist({ plan, sheet, release, supplies: supplies.rows }).map(
            ({ check, say, isDone }) => (
              <li key={check}>
                <label className="flex items-baseline gap-3 py-1">
                  <input
                    type="checkbox"
                    checked={isDone}
                    onChange={(event) => setDone(check, event.target.checked)}
                  />
                  {say}
                </label>
              </li>
            ),
          )}
        </ul>
      </section>
    </>
  );
}
