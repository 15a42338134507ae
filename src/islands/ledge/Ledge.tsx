import { useEffect, useMemo, useRef, useState } from 'react';
import type { StandingCard } from '../../core/compute/standingCard';
import type { Unit } from '../../core/length/length';
import type { Designer, Release } from '../../core/plan/cardFile';
import { KeysDialog, type KeyLine } from '../parts/KeysDialog';
import { usePopupsSoon } from '../parts/latePopups';
import { lateView } from '../parts/lateView';
import { TeamHeader } from '../parts/TeamHeader';
import { rememberUnit } from '../parts/UnitSwitch';
import { useKeptFocus } from '../parts/useKeptFocus';
import { useKeys } from '../parts/useKeys';
import { whenIdle } from '../parts/whenIdle';
import { Bin } from './Bin';
import { FilterBar } from './FilterBar';
import {
  countShows,
  filterCards,
  isPlainFilter,
  readFilter,
  writeFilter,
  type LedgeFilter,
} from './ledgeFilter';
import { cardAfter, cardBelow, ledgeRows, reduction, scale, usualWidth } from './ledgeRows';
import { Ledges, type LedgesHandle } from './Ledges';
import type { FirstCards } from './ledgeStart';
import { nextWords } from './ledgeWords';
import { MoveDialog } from './MoveDialog';
import { NameBar } from '../parts/NameBar';
import { useCardTexts } from './useCardTexts';
import { useImport } from './useImport';
import { useStocks } from './useStocks';
import { usePictures, type Pictures } from './usePictures';
import { useLedgeCommands } from './useLedgeCommands';

interface Props extends FirstCards {
  readonly designers: readonly Designer[];
  readonly releases: readonly Release[];
  /** Of the cards that are seen first, as JSON, which takes the page less time than the objects; the others come as they are drawn. */
  readonly pictures: string;
  readonly team: string;
  readonly designerId: string | null;
  readonly unit: Unit;
  readonly today: string;
  /** The query of the address, so that a link shows the same cards. */
  readonly search: string;
}

const ledgeKeys: readonly KeyLine[] = [
  ['← → ↑ ↓', 'go from card to card'],
  ['Enter', 'open the card'],
  ['/', 'find a card'],
  ['n', 'make a new card'],
  ['d', 'make a copy of the card in focus'],
  ['m', 'move the card in focus to another release'],
  ['Delete', 'put the card in focus into the bin'],
  ['z', 'take back the last move or binning'],
  ['u', 'swap the leading unit'],
  ['?', 'these keys'],
];

const newCard = lateView(async () => (await import('./NewCardDialog')).NewCardDialog);
const NewCardDialog = newCard.View;

/** All cards on picture ledges, a ledge for each release. */
export function Ledge(props: Props) {
  usePopupsSoon();
  const { designers, releases, today } = props;
  const commands = useLedgeCommands(props, releases);
  const { cards, binned, isWhole, message, say } = commands;
  const latestSay = useRef(say);
  useEffect(() => {
    latestSay.current = say;
  });
  useEffect(
    () =>
      whenIdle(() => {
        newCard.preload().catch(() => undefined);
        void import('../session/recoverLeft')
          .then(({ recoverLeft }) => recoverLeft())
          .then((sentence) => sentence !== '' && latestSay.current(sentence));
      }),
    [],
  );
  const [designerId, setDesignerId] = useState(props.designerId);
  const [unit, setUnit] = useState(props.unit);
  const [filter, setFilter] = useState(() => readFilter(new URLSearchParams(props.search)));
  const [open, setOpen] = useState<'new' | 'bin' | 'keys'>();
  const [moving, setMoving] = useState<StandingCard>();
  // Unknown until the page is measured, and with that its script listens; drawn for the usual one till then.
  const [width, setWidth] = useState<number>();
  const [pictures, wantPictures] = usePictures(() => JSON.parse(props.pictures) as Pictures);
  const [importPicker, pickImport] = useImport(say);
  const ledges = useRef<LedgesHandle>(null);

  const textOf = useCardTexts(props.texts, filter.query !== '', say);
  const stocks = useStocks(open === 'new');

  const context = useMemo(
    () => ({ unit, designers, releases, designerId, textOf }),
    [unit, designers, releases, designerId, textOf],
  );
  const rows = useMemo(
    () =>
      ledgeRows(filterCards(cards, filter, context), releases, {
        width: width ?? usualWidth,
        scale,
        hasEmpty: isPlainFilter(filter),
      }),
    [cards, filter, context, releases, width],
  );
  const counted = useMemo(() => countShows(cards, context), [cards, context]);
  const counts = isWhole ? counted : props.counts;
  const changeFilter = (change: Partial<LedgeFilter>) => {
    const next = { ...filter, ...change };
    setFilter(next);
    window.history.replaceState(null, '', writeFilter(next));
  };
  const changeUnit = (next: Unit) => {
    setUnit(next);
    rememberUnit(next);
  };
  const focusedId = () => ledges.current?.focusedId();
  const onFocused = (action: (card: StandingCard) => void) => () => {
    const card = cards.find(({ id }) => id === focusedId());
    if (card) action(card);
    return card !== undefined;
  };
  const focus = (card: StandingCard | undefined) => {
    if (card) ledges.current?.focusCard(card.id);
    return card !== undefined;
  };

  useKeptFocus();
  const [areKeysOn, setKeysOn] = useKeys({
    n: () => setOpen('new'),
    u: () => changeUnit(unit === 'in' ? 'mm' : 'in'),
    z: () => message?.undo?.() ?? message?.undo !== undefined,
    '?': () => setOpen('keys'),
    '/': () => document.getElementById('find-card')?.focus(),
    ArrowRight: () => focus(cardAfter(rows, focusedId(), 1)),
    ArrowLeft: () => focus(cardAfter(rows, focusedId(), -1)),
    ArrowDown: () => focus(cardBelow(rows, focusedId(), 1)),
    ArrowUp: () => focus(cardBelow(rows, focusedId(), -1)),
    d: onFocused(commands.copy),
    m: onFocused(setMoving),
    Delete: onFocused((card) => commands.setBin(card, true)),
  });

  return (
    <div className="flex min-h-screen flex-col">
      <TeamHeader
        current="ledge"
        team={props.team}
        unit={unit}
        onUnit={changeUnit}
        onKeys={() => setOpen('keys')}
      />
      <section
        aria-label="Which cards"
        className="border-hairline flex min-h-[50px] flex-wrap items-center gap-x-5 gap-y-2 border-b bg-white px-[18px] py-1.5"
      >
        <FilterBar
          filter={filter}
          cards={cards}
          designers={designers}
          counts={counts}
          onChange={changeFilter}
        />
        <span className="ml-auto flex items-center gap-3">
          {importPicker}
          <button type="button" className="button max-md:hidden" onClick={pickImport}>
            Import…
          </button>
          <button type="button" className="button button-leading" onClick={() => setOpen('new')}>
            New card
          </button>
          <kbd className="key">n</kbd>
        </span>
      </section>
      {designerId === null && (
        <NameBar designers={designers} onNamed={(designer) => setDesignerId(designer.id)} />
      )}
      <main
        id="content"
        tabIndex={-1}
        aria-busy={width === undefined}
        className="bg-sheet flex-1 overflow-x-clip pb-10"
      >
        <h1 className="sr-only">Ledge</h1>
        <Ledges
          handle={ledges}
          rows={rows}
          designers={designers}
          today={today}
          isWhole={isWhole}
          scale={scale}
          pictures={pictures}
          onDrawn={wantPictures}
          onWidth={setWidth}
          onBin={(card) => commands.setBin(card, true)}
          onCopy={commands.copy}
          onAskMove={setMoving}
          onMove={commands.move}
        />
        {isWhole && !rows.some(({ kind }) => kind === 'cards') && (
          <NothingHere
            isFiltered={!isPlainFilter(filter)}
            onNew={() => setOpen('new')}
            onShowAll={() => changeFilter(readFilter(new URLSearchParams()))}
          />
        )}
      </main>
      <footer className="border-hairline sticky bottom-0 z-10 flex min-h-[45px] items-center gap-4 border-t bg-white px-[18px]">
        <span role="status" className="min-w-0 max-md:line-clamp-2">
          {message?.text ?? (isWhole ? nextWords(cards, today) : props.next)}
        </span>
        {message?.undo && (
          <span className="flex items-center gap-2">
            <button type="button" className="button button-outlined" onClick={message.undo}>
              Undo
            </button>
            <kbd className="key">z</kbd>
          </span>
        )}
        <span className="text-muted ml-auto flex items-center gap-4">
          <span className="max-md:hidden">standing at 1 : {reduction}, all to one scale</span>
          <button type="button" className="button" onClick={() => setOpen('bin')}>
            Bin {isWhole ? binned.length : props.binnedCount}
          </button>
        </span>
      </footer>
      {open === 'new' && (
        <NewCardDialog
          releases={releases}
          stocks={stocks}
          unit={unit}
          onClose={() => setOpen(undefined)}
        />
      )}
      {open === 'bin' && (
        <Bin
          cards={binned}
          onTakeOut={(card) => commands.setBin(card, false)}
          onRemove={commands.removeForGood}
          onClose={() => setOpen(undefined)}
        />
      )}
      {moving && (
        <MoveDialog
          card={moving}
          releases={releases}
          onMove={(releaseId) => commands.move(moving, releaseId)}
          onClose={() => setMoving(undefined)}
        />
      )}
      {open === 'keys' && (
        <KeysDialog
          keys={ledgeKeys}
          areKeysOn={areKeysOn}
          onKeysOn={setKeysOn}
          onClose={() => setOpen(undefined)}
        />
      )}
    </div>
  );
}

interface NothingProps {
  readonly isFiltered: boolean;
  readonly onNew: () => void;
  readonly onShowAll: () => void;
}

/** Says what an empty Ledge is for, or how to see the cards a filter hides. */
function NothingHere({ isFiltered, onNew, onShowAll }: NothingProps) {
  if (isFiltered)
    return (
      <div className="mx-auto max-w-xl px-6 py-16">
        <h2 className="text-xl">No card is like that</h2>
        <p className="py-3">
          Words are looked for in titles, designers, stocks and layers; a figure such as 4 1/8 or
          105 mm in the sizes that are cut.
        </p>
        <button type="button" className="button button-outlined" onClick={onShowAll}>
          Show all cards
        </button>
      </div>
    );
  return (
    <div className="mx-auto max-w-xl px-6 py-16">
      <h2 className="text-xl">Nothing stands here yet</h2>
      <p className="py-3">
        Make a card: choose its format and fold, stack mats and a panel on it, and print the sheet
        someone else can cut from. A card file from a colleague can be imported as well.
      </p>
      <button type="button" className="button button-leading" onClick={onNew}>
        New card
      </button>
    </div>
  );
}
