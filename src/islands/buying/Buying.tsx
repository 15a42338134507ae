import { useEffect, useMemo, useState } from 'react';
import { buyingJob, buyingList, chooseCard, type ChosenCard } from '../../core/compute/buyingList';
import { otherUnit } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import type { Library } from '../../core/plan/library';
import type { Holding } from '../../core/stash/holding';
import { lackingList } from '../../core/supplies/supplyList';
import { writeSuppliesCsv } from '../../core/prose/writeSuppliesCsv';
import { planWords, shortfallSentences } from '../../core/prose/cutSentences';
import { PlanningLine } from '../planning/PlanningLine';
import { usePlanning } from '../planning/usePlanning';
import { KeysDialog, type KeyLine } from '../parts/KeysDialog';
import { NumberField } from '../parts/NumberField';
import { saveFile } from '../parts/saveFile';
import { SupplyTable } from '../parts/SupplyTable';
import { TeamHeader } from '../parts/TeamHeader';
import { rememberUnit } from '../parts/UnitSwitch';
import { useIsLive } from '../parts/useIsLive';
import { useKeys } from '../parts/useKeys';
import { fileName } from '../../core/text/fileName';
import { namesOf, openWords } from './buyingWords';
import { useCardFiles } from './useCardFiles';
import { useWhenComplete } from './useWhenComplete';

interface CardChoice {
  readonly id: string;
  readonly title: string;
  readonly releaseId: string | null;
  readonly copies: number;
}

interface Props {
  readonly team: string;
  readonly cards: readonly CardChoice[];
  readonly releases: readonly Release[];
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly chosen: readonly string[];
  readonly unit: Unit;
}

const buyingKeys: readonly KeyLine[] = [
  ['Space', 'choose a card'],
  ['p', 'print'],
  ['u', 'swap the leading unit'],
  ['?', 'these keys'],
];

/** What to buy for several cards at once: their sheets cut together, all else added up. */
export function Buying({ team, cards, releases, library, holdings, chosen, ...props }: Props) {
  const isLive = useIsLive();
  const [unit, setUnit] = useState(props.unit);
  const [ids, setIds] = useState<readonly string[]>(chosen);
  const [copies, setCopies] = useState<ReadonlyMap<string, number>>(new Map());
  const [isOnlyLacking, setOnlyLacking] = useState(false);
  const [isShowingKeys, setShowingKeys] = useState(false);
  const { files, failed } = useCardFiles(ids);
  const copiesOf = ({ id, copies: own }: CardChoice) => copies.get(id) ?? own;
  const picked = useMemo(
    () =>
      cards.flatMap((card): ChosenCard[] => {
        const file = ids.includes(card.id) ? files.get(card.id) : undefined;
        return file ? [chooseCard(file, copies.get(card.id) ?? card.copies, library)] : [];
      }),
    [cards, ids, files, copies, library],
  );
  const asked = cards
    .filter(({ id }) => ids.includes(id) && files.has(id))
    .map((card) => `${card.id} ${copiesOf(card)}`)
    .join(', ');
  const { planning, plan, stop, resume } = usePlanning(asked === '' ? undefined : asked, () =>
    buyingJob(picked, holdings),
  );
  const list = useMemo(() => buyingList(picked, holdings, plan), [picked, holdings, plan]);
  const shown = isOnlyLacking ? lackingList(list) : list;
  const open = openWords(ids.length - picked.length - failed.length, planning, plan);
  const name = fileName(['buying list', ...namesOf(cards, ids, releases)], '.csv');
  const { wanted, want } = useWhenComplete(open === undefined, {
    print: () => window.print(),
    csv: () => saveFile(name, 'text/csv', writeSuppliesCsv(shown)),
  });
  const choose = (id: string, isChosen: boolean) =>
    setIds(isChosen ? [...ids, id] : ids.filter((each) => each !== id));
  const changeUnit = (next: Unit) => {
    setUnit(next);
    rememberUnit(next);
  };
  useEffect(() => {
    const address = ids.length > 0 ? `?cards=${ids.join(',')}` : location.pathname;
    history.replaceState(null, '', address);
  }, [ids]);
  const [areKeysOn, setKeysOn] = useKeys({
    u: () => changeUnit(otherUnit(unit)),
    p: () => want('print'),
    '?': () => setShowingKeys(true),
  });
  const groups = [...releases, undefined].flatMap((release) => {
    const own = cards.filter(({ releaseId }) => releaseId === (release?.id ?? null));
    return own.length > 0 ? [{ release, own }] : [];
  });
  return (
    <div className="flex min-h-screen flex-col">
      <div className="print:hidden">
        <TeamHeader
          current="stash"
          team={team}
          unit={unit}
          onUnit={changeUnit}
          onKeys={() => setShowingKeys(true)}
        />
      </div>
      <main
        aria-busy={!isLive}
        className="bg-sheet flex flex-1 items-start gap-8 px-[18px] py-5 max-md:flex-col print:bg-white print:p-0"
      >
        <aside aria-label="For which cards" className="w-80 shrink-0 print:hidden">
          <h1 className="text-xl">Buying list</h1>
          <p className="text-sheet-muted pb-2">Choose the cards it is for.</p>
          {groups.map(({ release, own }) => {
            const all = own.map(({ id }) => id);
            const areAllChosen = all.every((id) => ids.includes(id));
            return (
              <fieldset key={release?.id ?? 'none'} className="border-control border-t py-2">
                <legend className="sr-only">{release?.name ?? 'Without a release'}</legend>
                <label className="font-heading flex items-center gap-2 font-semibold">
                  <input
                    type="checkbox"
                    checked={areAllChosen}
                    onChange={(event) =>
                      setIds([
                        ...ids.filter((id) => !all.includes(id)),
                        ...(event.target.checked ? all : []),
                      ])
                    }
                  />
                  {release?.name ?? 'Without a release'}
                </label>
                {own.map((card) => (
                  <div key={card.id} className="flex items-center gap-2 py-0.5 pl-6">
                    <label className="flex min-w-0 grow items-center gap-2">
                      <input
                        type="checkbox"
                        checked={ids.includes(card.id)}
                        onChange={(event) => choose(card.id, event.target.checked)}
                      />
                      <span className="truncate">{card.title}</span>
                    </label>
                    {ids.includes(card.id) && (
                      <NumberField
                        label={`Copies of ${card.title}`}
                        isLabelHidden
                        value={copiesOf(card)}
                        min={1}
                        max={10_000}
                        issue="1 to 10 000"
                        className="field w-16 py-0"
                        onCommit={(count) =>
                          setCopies(new Map([...copies, [card.id, count ?? card.copies]]))
                        }
                      />
                    )}
                  </div>
                ))}
              </fieldset>
            );
          })}
        </aside>
        <article
          aria-label="Buying list"
          className="min-w-0 grow bg-white px-8 py-6 shadow-md print:p-0 print:shadow-none"
        >
          {picked.length === 0 ? (
            <p className="text-muted text-[17px]">
              Nothing is chosen yet. Tick a release, or single cards: what they take is added up
              here, their sheets cut together, so that one stock of two cards shares its sheets.
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
              <PlanningLine planning={planning} onStop={stop} onResume={resume} />
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
          {failed.length > 0 && (
            <p role="alert" className="text-pencil pt-3">
              Not read, so not in the list:{' '}
              {cards
                .filter(({ id }) => failed.includes(id))
                .map(({ title }) => title)
                .join(', ')}
              . Load the page anew.
            </p>
          )}
        </article>
      </main>
      {isShowingKeys && (
        <KeysDialog
          keys={buyingKeys}
          areKeysOn={areKeysOn}
          onKeysOn={setKeysOn}
          onClose={() => setShowingKeys(false)}
        />
      )}
    </div>
  );
}
