import { useState } from 'react';
import type { StandingCard } from '../../core/drawing/standingCard';
import { TICKS_PER_INCH, type Unit } from '../../core/length/length';
import type { Designer, Release } from '../../core/plan/cardFile';
import type { Library } from '../../core/plan/libraryItem';
import { KeysDialog, type KeyLine } from '../parts/KeysDialog';
import { rememberUnit, UnitSwitch } from '../parts/UnitSwitch';
import { postJson } from '../store/postJson';
import { useKeys } from '../parts/useKeys';
import { Bin } from './Bin';
import { NameBar } from './NameBar';
import { NewCardDialog } from './NewCardDialog';
import { Shelf } from './Shelf';
import { useImport } from './useImport';

interface Props {
  readonly cards: readonly StandingCard[];
  readonly binned: readonly StandingCard[];
  readonly designers: readonly Designer[];
  readonly releases: readonly Release[];
  readonly library: Library;
  readonly team: string;
  readonly designerId: string | null;
  readonly unit: Unit;
  readonly today: string;
}

/** One to so many, by the CSS inch; every card stands at this one scale. */
const reduction = 3.8;
const scale = 96 / reduction / TICKS_PER_INCH;

const ledgeKeys: readonly KeyLine[] = [
  ['← →', 'go from card to card'],
  ['Enter', 'open the card'],
  ['n', 'make a new card'],
  ['d', 'make a copy of the card in focus'],
  ['Delete', 'put the card in focus into the bin'],
  ['u', 'swap the leading unit'],
  ['?', 'these keys'],
];

/** All cards on picture ledges, a ledge for each release. */
export function Ledge(props: Props) {
  const { designers, releases } = props;
  const [cards, setCards] = useState(props.cards);
  const [binned, setBinned] = useState(props.binned);
  const [designerId, setDesignerId] = useState(props.designerId);
  const [unit, setUnit] = useState(props.unit);
  const [isMine, setMine] = useState(false);
  const [open, setOpen] = useState<'new' | 'bin' | 'keys'>();
  const [message, setMessage] = useState<{ readonly text: string; readonly undo?: () => void }>();
  const [importPicker, pickImport] = useImport((text) => setMessage({ text }));

  const mine = cards.filter((card) => card.designerId === designerId);
  const shown = isMine ? mine : cards;
  const shelves = [...releases, undefined]
    .map((release) => ({
      release,
      cards: shown.filter((card) =>
        release ? card.releaseId === release.id : !isKnown(releases, card),
      ),
    }))
    .filter((shelf) => shelf.cards.length > 0);

  const setBin = async (card: StandingCard, toBin: boolean) => {
    const answer = await postJson(`/api/cards/${card.id}/bin`, { binned: toBin });
    if (!answer.ok) return setMessage({ text: answer.message });
    const without = (list: readonly StandingCard[]) => list.filter(({ id }) => id !== card.id);
    setCards((now) => (toBin ? without(now) : [card, ...now]));
    setBinned((now) => (toBin ? [card, ...now] : without(now)));
    setMessage(
      toBin
        ? { text: `“${card.title}” is in the bin.`, undo: () => void setBin(card, false) }
        : { text: `“${card.title}” is back on the Ledge.` },
    );
  };
  const duplicate = async (card: StandingCard) => {
    const answer = await postJson<{ readonly id: string }>(`/api/cards/${card.id}/copy`, {});
    if (answer.ok) location.assign(`/card/${answer.body.id}/base`);
    else setMessage({ text: answer.message });
  };
  const changeUnit = (next: Unit) => {
    setUnit(next);
    rememberUnit(next);
  };
  const focused = () => {
    const id = document.activeElement?.closest<HTMLElement>('[data-card]')?.dataset['card'];
    return cards.find((card) => card.id === id);
  };
  const onFocused = (action: (card: StandingCard) => void) => () => {
    const card = focused();
    if (card) action(card);
    return card !== undefined;
  };

  const [areKeysOn, setKeysOn] = useKeys({
    n: () => setOpen('new'),
    u: () => changeUnit(unit === 'in' ? 'mm' : 'in'),
    '?': () => setOpen('keys'),
    ArrowRight: () => focusCard(1),
    ArrowLeft: () => focusCard(-1),
    d: onFocused((card) => void duplicate(card)),
    Delete: onFocused((card) => void setBin(card, true)),
  });

  return (
    <div className="flex min-h-screen flex-col">
      <header className="border-hairline flex min-h-[44px] flex-wrap items-center gap-x-5 gap-y-2 border-b bg-white px-[18px] py-1">
        <span className="text-violet font-heading text-[19px] font-bold">Nibwright</span>
        <h1 className="font-heading text-[17px] font-semibold">Ledge</h1>
        <span className="ml-auto flex items-center gap-4">
          <span className="text-muted">{props.team}</span>
          <UnitSwitch unit={unit} onChange={changeUnit} />
          <button type="button" className="key" aria-label="Keys" onClick={() => setOpen('keys')}>
            ?
          </button>
        </span>
      </header>
      <section
        aria-label="Which cards"
        className="border-hairline flex min-h-[50px] flex-wrap items-center gap-x-5 gap-y-2 border-b bg-white px-[18px] py-1.5"
      >
        {[
          { name: `All ${cards.length}`, on: !isMine, set: false },
          { name: `Mine ${mine.length}`, on: isMine, set: true },
        ].map(({ name, on, set }) => (
          <button
            key={String(set)}
            type="button"
            aria-pressed={on}
            className="aria-pressed:border-violet aria-pressed:text-violet border-b-2 border-transparent py-1 aria-pressed:font-semibold"
            onClick={() => setMine(set)}
          >
            {name}
          </button>
        ))}
        <span className="text-muted max-md:hidden">
          standing at 1 : {reduction}, all to one scale
        </span>
        <span className="ml-auto flex items-center gap-3">
          <button type="button" className="button" onClick={pickImport}>
            Import a card file
          </button>
          {importPicker}
          <button type="button" className="button button-leading" onClick={() => setOpen('new')}>
            New card
          </button>
          <kbd className="key">n</kbd>
        </span>
      </section>
      {designerId === null && (
        <NameBar designers={designers} onNamed={(designer) => setDesignerId(designer.id)} />
      )}
      <main className="bg-sheet flex-1 overflow-x-clip pb-10">
        {shelves.map((shelf) => (
          <Shelf
            key={shelf.release?.id ?? 'none'}
            release={shelf.release}
            cards={shelf.cards}
            designers={designers}
            today={props.today}
            scale={scale}
            onBin={(card) => void setBin(card, true)}
            onDuplicate={(card) => void duplicate(card)}
          />
        ))}
        {shelves.length === 0 && (
          <div className="mx-auto max-w-xl px-6 py-20">
            <h2 className="text-xl">
              {isMine ? 'None of these cards is yours yet' : 'Nothing stands here yet'}
            </h2>
            <p className="py-3">
              Make a card: choose its format and fold, stack mats and a panel on it, and print the
              sheet someone else can cut from. A card file from a colleague can be imported as well.
            </p>
            <button type="button" className="button button-leading" onClick={() => setOpen('new')}>
              New card
            </button>
          </div>
        )}
      </main>
      <footer className="border-hairline sticky bottom-0 flex min-h-[45px] flex-wrap items-center gap-4 border-t bg-white px-[18px]">
        <span role="status">
          {message?.text ?? `${cards.length} ${cards.length === 1 ? 'card' : 'cards'}.`}
        </span>
        {message?.undo && (
          <button type="button" className="button button-outlined" onClick={message.undo}>
            Undo
          </button>
        )}
        <span className="text-muted ml-auto flex items-center gap-4">
          Saved on this machine
          <button
            type="button"
            className="button"
            disabled={binned.length === 0}
            onClick={() => setOpen('bin')}
          >
            Bin {binned.length}
          </button>
        </span>
      </footer>
      {open === 'new' && (
        <NewCardDialog
          releases={releases}
          library={props.library}
          unit={unit}
          onClose={() => setOpen(undefined)}
        />
      )}
      {open === 'bin' && (
        <Bin
          cards={binned}
          onTakeOut={(card) => void setBin(card, false)}
          onClose={() => setOpen(undefined)}
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

function isKnown(releases: readonly Release[], card: StandingCard): boolean {
  return releases.some(({ id }) => id === card.releaseId);
}

/** Moves the focus to the next or previous card, from nowhere to the first. */
function focusCard(by: 1 | -1): boolean {
  const links = [...document.querySelectorAll<HTMLElement>('[data-card] a')];
  const at = links.findIndex((link) => link === document.activeElement);
  const next = links[at < 0 ? 0 : at + by];
  next?.focus();
  return next !== undefined;
}
