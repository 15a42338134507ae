import { useMemo, useState } from 'react';
import { buyingList, type ChosenCard } from '../../core/compute/buyingList';
import type { Library } from '../../core/plan/library';
import { planWords, shortfallSentences } from '../../core/prose/cutSentences';
import { writeSuppliesCsv } from '../../core/prose/writeSuppliesCsv';
import type { Holding } from '../../core/stash/holding';
import { lackingList } from '../../core/supplies/supplyList';
import { saveFile } from '../parts/saveFile';
import { SupplyTable } from '../parts/SupplyTable';
import { useKeys } from '../parts/useKeys';
import { PlanningLine } from '../planning/PlanningLine';
import type { PlanningState } from '../planning/usePlanning';
import { useWhenComplete } from './useWhenComplete';

interface Props {
  /** The cards chosen whose files are read. */
  readonly picked: readonly ChosenCard[];
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly planned: PlanningState;
  /** How they are sent, as far as that is worked out. */
  readonly sent: Parameters<typeof buyingList>[3];
  /** What is missing in the list; undefined once it is complete. */
  readonly open: string | undefined;
  /** Of its file. */
  readonly name: string;
  /** The titles of the cards whose files did not come. */
  readonly notRead: readonly string[];
}

/** What the chosen cards take, to be read, printed and kept as a file. */
export function ChosenList({
  picked,
  library,
  holdings,
  planned,
  sent,
  open,
  name,
  notRead,
}: Props) {
  const { planning, plan } = planned;
  const [isOnlyLacking, setOnlyLacking] = useState(false);
  const list = useMemo(
    () => buyingList(picked, holdings, plan, sent),
    [picked, holdings, plan, sent],
  );
  const shown = isOnlyLacking ? lackingList(list) : list;
  const { wanted, want } = useWhenComplete(open === undefined, {
    print: () => window.print(),
    csv: () => saveFile(name, 'text/csv', writeSuppliesCsv(shown)),
  });
  useKeys({ p: () => want('print') });
  return (
    <article
      aria-label="Buying list"
      className="min-w-0 grow bg-white px-8 py-6 shadow-md print:p-0 print:shadow-none"
    >
      {picked.length === 0 ? (
        <p className="text-muted text-[17px]">
          Nothing is chosen yet. Tick a release, or single cards: what they take is added up here,
          their sheets cut together, so that one stock of two cards shares its sheets.
        </p>
      ) : (
        <>
          <header className="flex flex-wrap items-baseline gap-x-6 gap-y-2 pb-3">
            <h2 className="text-2xl">
              {picked.length === 1 ? '1 card' : `${picked.length} cards`}, {list.copies} made
            </h2>
            <span className="text-[17px]">{plan ? planWords(plan) : ''}</span>
            <span className="ml-auto flex items-center gap-4 print:hidden">
              <label className="flex items-center gap-2">
                <input
                  type="checkbox"
                  checked={isOnlyLacking}
                  onChange={(event) => setOnlyLacking(event.target.checked)}
                />
                Only what is lacking
              </label>
              <button type="button" className="button" onClick={() => want('print')}>
                Print
              </button>
              <button type="button" className="link" onClick={() => want('csv')}>
                CSV
              </button>
            </span>
          </header>
          <PlanningLine planning={planning} onStop={planned.stop} onResume={planned.resume} />
          {open !== undefined && (
            <p role="status" className="text-amber pb-1 font-semibold">
              Not complete yet: {open}
              {wanted === 'print' ? ' It is printed as soon as it is.' : ''}
              {wanted === 'csv' ? ' The file comes as soon as it is.' : ''}
            </p>
          )}
          {plan?.stocks.flatMap((cuts) =>
            shortfallSentences(cuts).map((line) => (
              <p key={`${cuts.name} ${line}`} className="text-pencil pb-1">
                {cuts.name}: {line}
              </p>
            )),
          )}
          {picked.length > 1 && (
            <p className="text-muted pb-2">
              {picked.map((each, at) => `${at + 1} ${each.plan.about.title}`).join(', ')}
            </p>
          )}
          {shown.rows.length > 0 ? (
            <SupplyTable list={shown} library={library} holdings={holdings} hasOne={false} />
          ) : (
            <p className="py-4 text-[17px]">The stash has all of it.</p>
          )}
        </>
      )}
      {notRead.length > 0 && (
        <p role="alert" className="text-pencil pt-3">
          Not read, so not in the list: {notRead.join(', ')}. Load the page anew.
        </p>
      )}
    </article>
  );
}
