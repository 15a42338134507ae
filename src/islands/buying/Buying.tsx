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
import { saveFile } from '../parts/saveFile';
import { SupplyTable } from '../parts/SupplyTable';
import { TeamHeader } from '../parts/TeamHeader';
import { rememberUnit } from '../parts/UnitSwitch';
import { useKeptFocus } from '../parts/useKeptFocus';
import { useKeys } from '../parts/useKeys';
import { fileName } from '../../core/text/fileName';
import { namesOf, openWords } from './buyingWords';
import type { CardChoice } from './choiceRows';
import { useChoices } from './useChoices';
import { useKnownStash } from '../session/useKnownStash';
import { useCardFiles } from './useCardFiles';
import { useWhenComplete } from './useWhenComplete';
import { usePopupsSoon } from '../parts/latePopups';
import { lateView, wholePage } from '../parts/lateView';
import { useIsLive } from '../parts/useIsLive';

/** The server draws it with the page; its script, which is large, comes after the page's own. */
const choices = lateView(async () => (await import('./CardChoices')).CardChoices);
const CardChoices = choices.View;

interface Props {
  readonly team: string;
  readonly cards: readonly CardChoice[];
  readonly areCardsWhole: boolean;
  readonly releases: readonly Release[];
  readonly library: Library;
  readonly isStashWhole: boolean;
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

/** Loads what comes late, before the page is drawn. */
export const preloadBuying = choices.preload;

/** What to buy for several cards at once. */
export const BuyingPage = wholePage(Buying, preloadBuying);

/** Their sheets cut together, all else added up. */
function Buying({ team, releases, chosen, ...props }: Props) {
  usePopupsSoon();
  const isLive = useIsLive();
  const { cards, isWhole, failure } = useChoices(props.cards, props.areCardsWhole);
  const { library, holdings, isWhole: isStashWhole } = useKnownStash(props);
  const [unit, setUnit] = useState(props.unit);
  const [ids, setIds] = useState<readonly string[]>(chosen);
  const [copies, setCopies] = useState<ReadonlyMap<string, number>>(new Map());
  const [isOnlyLacking, setOnlyLacking] = useState(false);
  const [isShowingKeys, setShowingKeys] = useState(false);
  const { files, failed } = useCardFiles(ids);
  const chosenIds = useMemo(() => new Set(ids), [ids]);
  const copiesOf = ({ id, copies: own }: CardChoice) => copies.get(id) ?? own;
  const picked = useMemo(
    () =>
      cards.flatMap((card): ChosenCard[] => {
        const file = chosenIds.has(card.id) ? files.get(card.id) : undefined;
        return file ? [chooseCard(file, copies.get(card.id) ?? card.copies, library)] : [];
      }),
    [cards, chosenIds, files, copies, library],
  );
  const asked = cards
    .filter(({ id }) => chosenIds.has(id) && files.has(id))
    .map((card) => `${card.id} ${copiesOf(card)}`)
    .join(', ');
  const { planning, plan, stop, resume } = usePlanning(asked === '' ? undefined : asked, () =>
    buyingJob(picked, holdings),
  );
  const list = useMemo(() => buyingList(picked, holdings, plan), [picked, holdings, plan]);
  const shown = isOnlyLacking ? lackingList(list) : list;
  const unread = ids.length - picked.length - failed.length;
  const open = openWords({ unread, isStashWhole, planning, plan });
  const name = fileName(['buying list', ...namesOf(cards, ids, releases)], '.csv');
  const { wanted, want } = useWhenComplete(open === undefined, {
    print: () => window.print(),
    csv: () => saveFile(name, 'text/csv', writeSuppliesCsv(shown)),
  });
  const choose = (some: readonly string[], isChosen: boolean) =>
    setIds([...ids.filter((id) => !some.includes(id)), ...(isChosen ? some : [])]);
  const changeUnit = (next: Unit) => {
    setUnit(next);
    rememberUnit(next);
  };
  useEffect(() => {
    const address = ids.length > 0 ? `?cards=${ids.join(',')}` : location.pathname;
    history.replaceState(null, '', address);
  }, [ids]);
  useKeptFocus();
  const [areKeysOn, setKeysOn] = useKeys({
    u: () => changeUnit(otherUnit(unit)),
    p: () => want('print'),
    '?': () => setShowingKeys(true),
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
        id="content"
        tabIndex={-1}
        aria-busy={!isLive}
        className="bg-sheet flex flex-1 items-start gap-8 px-[18px] py-5 max-md:flex-col print:bg-white print:p-0"
      >
        <aside aria-label="For which cards" className="w-80 shrink-0 print:hidden">
          <h1 className="text-xl">Buying list</h1>
          <p className="text-sheet-muted pb-2">Choose the cards it is for.</p>
          <CardChoices
            cards={cards}
            isWhole={isWhole}
            releases={releases}
            chosen={chosenIds}
            copiesOf={copiesOf}
            onChoose={choose}
            onCopies={(card, count) => setCopies(new Map([...copies, [card.id, count]]))}
          />
          {failure !== '' && (
            <p role="alert" className="text-pencil py-2">
              Not all cards are shown. {failure}
            </p>
          )}
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
