import { useState } from 'react';
import type { Unit } from '../../core/length/length';
import type { Designer, Release } from '../../core/plan/cardFile';
import type { Evenings } from '../../core/plan/evenings';
import { usualEvenings } from '../../core/plan/usualEvenings';
import type { Habits } from '../../core/plan/habits';
import type { HouseMail } from '../../core/stash/houseMail';
import { localDay } from '../../core/text/localDay';
import { NameBar } from '../parts/NameBar';
import { DayField } from '../parts/DayField';
import { EveningsForm } from '../parts/EveningsForm';
import { HabitsForm } from '../parts/HabitsForm';
import { KeysDialog, type KeyLine } from '../parts/KeysDialog';
import { NewReleaseDialog } from '../parts/NewReleaseDialog';
import { TeamHeader } from '../parts/TeamHeader';
import { TextField } from '../parts/TextField';
import { rememberUnit } from '../parts/UnitSwitch';
import { useKeptFocus } from '../parts/useKeptFocus';
import { useIsLive } from '../parts/useIsLive';
import { useKeys } from '../parts/useKeys';
import { zoneHere } from '../parts/zoneHere';
import { postJson } from '../wire/postJson';
import { PostageForm } from './PostageForm';
import { clockWords } from '../words/momentWords';
import { usePopupsSoon } from '../parts/latePopups';

interface House {
  readonly name: string;
  readonly habits: Habits;
  readonly mail: HouseMail;
}

interface Props {
  readonly house: House;
  readonly designers: readonly Designer[];
  readonly releases: readonly Release[];
  readonly designerId: string | null;
  /** When they work; null where they have not said. */
  readonly evenings: Evenings | null;
  readonly unit: Unit;
}

const teamKeys: readonly KeyLine[] = [
  ['Tab', 'go from figure to figure'],
  ['Enter', 'keep a figure'],
  ['[ ]', 'in a field: a mark down, a mark up'],
  ['u', 'swap the leading unit'],
  ['?', 'these keys'],
];

/** The team: its name, who is in it, its releases, its habits, and a backup of all it has. */
export function Team(props: Props) {
  usePopupsSoon();
  useKeptFocus();
  const isLive = useIsLive();
  const [house, setHouse] = useState(props.house);
  const [releases, setReleases] = useState(props.releases);
  const [designerId, setDesignerId] = useState(props.designerId);
  const [hours, setHours] = useState(props.evenings);
  const [unit, setUnit] = useState(props.unit);
  const [saved, setSaved] = useState('');
  const [failure, setFailure] = useState('');
  const [today] = useState(() => localDay(new Date()));
  const [open, setOpen] = useState<'release' | 'keys'>();

  const say = (message: string | undefined) => {
    setFailure(message ?? '');
    setSaved(message === undefined ? `Saved ${clockWords(new Date())}` : '');
  };
  const keepHouse = async (next: House) => {
    const before = house;
    setHouse(next);
    const reply = await postJson('/api/house', next, 'done');
    if (!reply.ok) setHouse(before);
    say(reply.ok ? undefined : reply.message);
  };
  const keepRelease = async ({ id, ...change }: Release) => {
    const reply = await postJson(`/api/releases/${id}`, change, 'release');
    if (reply.ok) setReleases((now) => now.map((each) => (each.id === id ? reply.body : each)));
    say(reply.ok ? undefined : reply.message);
  };
  const keepHours = async (next: Evenings, of: string) => {
    const before = hours;
    setHours(next);
    const reply = await postJson('/api/evenings', { designerId: of, evenings: next }, 'done');
    if (!reply.ok) setHours(before);
    say(reply.ok ? undefined : reply.message);
  };
  const changeUnit = (next: Unit) => {
    setUnit(next);
    rememberUnit(next);
  };
  const [areKeysOn, setKeysOn] = useKeys({
    u: () => changeUnit(unit === 'in' ? 'mm' : 'in'),
    '?': () => setOpen('keys'),
  });
  const me = props.designers.find(({ id }) => id === designerId);
  return (
    <div className="flex min-h-screen flex-col">
      <TeamHeader
        current="team"
        team={house.name}
        unit={unit}
        onUnit={changeUnit}
        onKeys={() => setOpen('keys')}
      />
      <main id="content" tabIndex={-1} aria-busy={!isLive} className="bg-sheet flex-1">
        <div className="mx-auto flex max-w-[1180px] flex-col gap-8 px-[18px] py-6">
          <div className="flex flex-wrap items-baseline gap-4">
            <h1 className="sr-only">Team</h1>
            <TextField
              label="Name of the team"
              value={house.name}
              isOptional
              placeholder="name of the team"
              className="in-place font-heading text-[24px] font-semibold"
              onCommit={(name) => void keepHouse({ ...house, name })}
            />
            <span role="status" className="text-sheet-muted">
              {saved}
            </span>
            {failure !== '' && (
              <span role="alert" className="text-pencil">
                {failure}
              </span>
            )}
          </div>
          <section aria-label="Who works here">
            <h2 className="pb-2 text-xl">
              {me ? `You work here as ${me.name}` : 'Who works here?'}
            </h2>
            <NameBar
              designers={props.designers}
              onNamed={(designer) => setDesignerId(designer.id)}
            />
          </section>
          {me && isLive && (
            <YourEvenings hours={hours} onChange={(next) => void keepHours(next, me.id)} />
          )}
          <section aria-label="Releases">
            <h2 className="pb-2 text-xl">Releases</h2>
            <ul className="border-ink max-w-[46rem] border-t">
              {releases.map((release) => (
                <li
                  key={release.id}
                  className="border-hairline flex flex-wrap items-center gap-4 border-b py-1.5"
                >
                  <TextField
                    label={`Name of ${release.name}`}
                    value={release.name}
                    className="in-place w-60 font-semibold"
                    onCommit={(name) => void keepRelease({ ...release, name })}
                  />
                  <span className="flex items-center gap-2">
                    <span className="text-sheet-muted">on sale</span>
                    <DayField
                      label={`${release.name} on sale`}
                      value={release.onSale}
                      onCommit={(onSale) => void keepRelease({ ...release, onSale })}
                    />
                  </span>
                </li>
              ))}
            </ul>
            <button type="button" className="button mt-3" onClick={() => setOpen('release')}>
              Add a release
            </button>
          </section>
          <section aria-label="House habits">
            <h2 className="text-xl">House habits</h2>
            <p className="text-sheet-muted pb-3">
              They are copied into each new card. A card keeps the habits it was made with; its own
              are changed from its list of findings.
            </p>
            <HabitsForm
              habits={house.habits}
              onChange={(change) =>
                void keepHouse({ ...house, habits: { ...house.habits, ...change } })
              }
            />
          </section>
          <section aria-label="Postage">
            <h2 className="text-xl">Postage</h2>
            <p className="text-sheet-muted pb-3">
              What the team pays for each class of mail, and limits that have changed. All cards are
              held against them; nothing is looked up.
            </p>
            <PostageForm
              mail={house.mail}
              unit={unit}
              today={today}
              onChange={(mail) => void keepHouse({ ...house, mail })}
            />
          </section>
          <section aria-label="Backup">
            <h2 className="text-xl">Backup</h2>
            <p className="text-sheet-muted pb-3">
              One file with every card, all its revisions, the stash and the team.{' '}
              <code>./nib restore FILE</code> puts it into an empty data folder.
            </p>
            <a className="button button-outlined inline-block" href="/api/backup" download>
              Download a backup
            </a>
          </section>
        </div>
      </main>
      {open === 'release' && (
        <NewReleaseDialog
          onClose={() => setOpen(undefined)}
          onDone={(release) => {
            setReleases([...releases, release]);
            setOpen(undefined);
          }}
        />
      )}
      {open === 'keys' && (
        <KeysDialog
          keys={teamKeys}
          areKeysOn={areKeysOn}
          onKeysOn={setKeysOn}
          onClose={() => setOpen(undefined)}
        />
      )}
    </div>
  );
}

interface EveningsProps {
  readonly hours: Evenings | null;
  readonly onChange: (evenings: Evenings) => void;
}

/** When one works; the usual evenings, by the clocks of this machine, until one has said. */
function YourEvenings({ hours, onChange }: EveningsProps) {
  const own = hours ?? usualEvenings(zoneHere());
  return (
    <section aria-label="Your evenings">
      <h2 className="text-xl">Your evenings</h2>
      <p className="text-sheet-muted pb-1">
        The steps of your cards are laid into them, where a card has no evenings of its own. They go
        by the clocks of {own.zone}.
      </p>
      <EveningsForm value={own} onChange={onChange} />
    </section>
  );
}
