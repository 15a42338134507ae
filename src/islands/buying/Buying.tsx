import { useEffect, useMemo, useState } from 'react';
import { buyingJob, chooseCard, type ChosenCard } from '../../core/compute/buyingList';
import { otherUnit } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import type { Library } from '../../core/plan/library';
import type { HouseMail } from '../../core/stash/houseMail';
import type { Holding } from '../../core/stash/holding';
import { usePlanning } from '../planning/usePlanning';
import { KeysDialog, type KeyLine } from '../parts/KeysDialog';
import { TeamHeader } from '../parts/TeamHeader';
import { rememberUnit } from '../parts/UnitSwitch';
import { useKeptFocus } from '../parts/useKeptFocus';
import { useKeys } from '../parts/useKeys';
import { fileName } from '../../core/text/fileName';
import { namesOf, openWords } from './buyingWords';
import type { CardChoice } from './choiceRows';
import { useChoices } from './useChoices';
import { useKnownStash } from '../session/useKnownStash';
import { useSending } from './useSending';
import { useCardFiles } from '../session/useCardFiles';
import { usePopupsSoon } from '../parts/latePopups';
import { lateView, wholePage } from '../parts/lateView';
import { useIsLive } from '../parts/useIsLive';

/** The server draws both with the page; their scripts, which are large, come after the page's own. */
const choices = lateView(async () => (await import('./CardChoices')).CardChoices);
const list = lateView(async () => (await import('./ChosenList')).ChosenList);
const CardChoices = choices.View;
const ChosenList = list.View;

interface Props {
  readonly team: string;
  readonly cards: readonly CardChoice[];
  readonly areCardsWhole: boolean;
  readonly releases: readonly Release[];
  readonly library: Library;
  readonly isStashWhole: boolean;
  readonly holdings: readonly Holding[];
  readonly mail: HouseMail;
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
export const preloadBuying = () => Promise.all([choices.preload(), list.preload()]);

/** What to buy for several cards at once. */
export const BuyingPage = wholePage(Buying, preloadBuying);

/** Their sheets cut together, all else added up. */
function Buying({ team, releases, chosen, mail, ...props }: Props) {
  usePopupsSoon();
  const isLive = useIsLive();
  const { cards, isWhole, failure } = useChoices(props.cards, props.areCardsWhole);
  const { library, holdings, isWhole: isStashWhole } = useKnownStash(props);
  const [unit, setUnit] = useState(props.unit);
  const [ids, setIds] = useState<readonly string[]>(chosen);
  const [copies, setCopies] = useState<ReadonlyMap<string, number>>(new Map());
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
  const chosenFiles = useMemo(() => ids.flatMap((id) => files.get(id) ?? []), [ids, files]);
  const sending = useSending({
    files: chosenFiles,
    library,
    holdings,
    mail,
    isReady: isStashWhole,
  });
  const asked = cards
    .filter(({ id }) => chosenIds.has(id) && files.has(id))
    .map((card) => `${card.id} ${copiesOf(card)}`)
    .join(', ');
  const planned = usePlanning(asked === '' ? undefined : asked, () => buyingJob(picked, holdings));
  const { planning, plan } = planned;
  const unread = ids.length - picked.length - failed.length;
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
        <ChosenList
          picked={picked}
          library={library}
          holdings={holdings}
          planned={planned}
          sent={sending.sent}
          open={openWords({ unread, isStashWhole, planning, plan, sending })}
          name={fileName(['buying list', ...namesOf(cards, ids, releases)], '.csv')}
          notRead={cards.filter(({ id }) => failed.includes(id)).map(({ title }) => title)}
        />
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
