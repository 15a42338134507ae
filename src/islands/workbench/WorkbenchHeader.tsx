import type { About } from '../../core/plan/plan';
import { TextField } from '../parts/TextField';
import { UnitSwitch } from '../parts/UnitSwitch';
import { useCardSession } from '../session/CardSession';
import type { SessionControls } from '../session/useSession';
import { dayWords } from '../../core/prose/dayWords';
import { peopleWords } from '../words/peopleWords';
import { SaveStatus } from './SaveStatus';
import { Select } from '../parts/Select';

interface Props {
  readonly controls: SessionControls;
}

const newRelease = '+';

/** Title and release of the card, undo, whether it is saved, and the leading unit. */
export function WorkbenchHeader({ controls }: Props) {
  const { cardId, plan, releases, unit, revision, commit, ask, go } = useCardSession();
  const { canUndo, canRedo, hasPast, saving } = controls.state;
  const { saveState, savedAt, people } = saving;
  const { about } = plan;
  const setAbout = (change: Partial<About>) => commit({ kind: 'set-about', change });
  return (
    <header className="border-hairline flex min-h-[44px] shrink-0 flex-wrap items-center gap-x-4 gap-y-1 py-1 border-b bg-white px-[18px] print:hidden">
      <a href="/" className="text-violet font-heading text-[19px] font-bold">
        Nibwright
      </a>
      <span aria-hidden className="text-hairline text-xl">
        /
      </span>
      <h1 className="sr-only">{about.title}</h1>
      <TextField
        label="Title of the card"
        value={about.title}
        maxLength={120}
        className="font-heading hover:border-control field-sizing-content max-w-[34rem] min-w-24 truncate border-b border-transparent text-[18px] font-semibold"
        onCommit={(title) => setAbout({ title })}
      />
      <Select
        className="text-muted max-w-72 appearance-none truncate border-b border-transparent hover:border-current"
        aria-label="Release"
        value={about.releaseId ?? ''}
        onChange={(event) => {
          const { value } = event.target;
          if (value === newRelease) ask({ kind: 'release' });
          else setAbout({ releaseId: releases.find(({ id }) => id === value)?.id ?? null });
        }}
      >
        <option value="">no release</option>
        {releases.map(({ id, name, onSale }) => (
          <option key={id} value={id}>
            {name}
            {onSale ? `, on sale ${dayWords(onSale)}` : ''}
          </option>
        ))}
        <option value={newRelease}>Add a release…</option>
      </Select>
      <span className="ml-auto flex items-center gap-4">
        <button
          type="button"
          className="button"
          disabled={!canUndo && !hasPast}
          onClick={controls.undo}
        >
          Undo
        </button>
        {canRedo && (
          <button type="button" className="button" onClick={controls.redo}>
            Redo
          </button>
        )}
        <a
          href={`/card/${cardId}/revisions`}
          className="link"
          onClick={(event) => {
            if (event.metaKey || event.ctrlKey || event.shiftKey) return;
            event.preventDefault();
            go('revisions');
          }}
        >
          Revision {revision}
        </a>
        {people.length > 0 && <span className="text-muted">Here too: {peopleWords(people)}</span>}
        <SaveStatus state={saveState} savedAt={savedAt} />
        <UnitSwitch unit={unit} onChange={controls.setUnit} />
        <button
          type="button"
          className="key"
          aria-label="Keys"
          onClick={() => ask({ kind: 'keys' })}
        >
          ?
        </button>
      </span>
    </header>
  );
}
