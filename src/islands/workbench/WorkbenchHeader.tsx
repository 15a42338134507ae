import type { Unit } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import type { About } from '../../core/plan/plan';
import { TextField } from '../parts/TextField';
import { UnitSwitch } from '../parts/UnitSwitch';
import type { SaveState } from '../store/cardSaver';
import { dayWords } from '../../core/prose/dayWords';
import { SaveStatus } from './SaveStatus';

interface Props {
  readonly cardId: string;
  readonly about: About;
  readonly releases: readonly Release[];
  readonly unit: Unit;
  readonly saveState: SaveState;
  readonly savedAt: Date | undefined;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  readonly onAskNewRelease: () => void;
  readonly revision: number;
  readonly onRevisions: () => void;
  readonly onUnit: (unit: Unit) => void;
  readonly onKeys: () => void;
  readonly onAbout: (change: Partial<About>) => void;
}

const newRelease = '+';

/** Title and release of the card, undo, whether it is saved, and the leading unit. */
export function WorkbenchHeader(props: Props) {
  const { about, releases, unit, saveState, savedAt, canUndo, canRedo } = props;
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
        onCommit={(title) => props.onAbout({ title })}
      />
      <select
        className="text-muted max-w-72 appearance-none truncate border-b border-transparent hover:border-current"
        aria-label="Release"
        value={about.releaseId ?? ''}
        onChange={(event) => {
          const { value } = event.target;
          if (value === newRelease) props.onAskNewRelease();
          else props.onAbout({ releaseId: releases.find(({ id }) => id === value)?.id ?? null });
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
      </select>
      <span className="ml-auto flex items-center gap-4">
        <button type="button" className="button" disabled={!canUndo} onClick={props.onUndo}>
          Undo
        </button>
        {canRedo && (
          <button type="button" className="button" onClick={props.onRedo}>
            Redo
          </button>
        )}
        <a
          href={`/card/${props.cardId}/revisions`}
          className="link"
          onClick={(event) => {
            if (event.metaKey || event.ctrlKey || event.shiftKey) return;
            event.preventDefault();
            props.onRevisions();
          }}
        >
          Revision {props.revision}
        </a>
        <SaveStatus state={saveState} savedAt={savedAt} />
        <UnitSwitch unit={unit} onChange={props.onUnit} />
        <button type="button" className="key" aria-label="Keys" onClick={props.onKeys}>
          ?
        </button>
      </span>
    </header>
  );
}
