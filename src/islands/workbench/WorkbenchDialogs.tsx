import type { LibraryItem } from '../../core/plan/libraryItem';
import { lateView } from '../parts/lateView';
import { useCardSession } from '../session/CardSession';
import type { SessionControls } from '../session/useSession';

// A dialog is loaded when it is first wanted.
const { View: WorkbenchKeys } = lateView(
  async () => (await import('./WorkbenchKeys')).WorkbenchKeys,
);
const { View: NewDiesDialog } = lateView(
  async () => (await import('../parts/NewDiesDialog')).NewDiesDialog,
);
const { View: NewReleaseDialog } = lateView(
  async () => (await import('../parts/NewReleaseDialog')).NewReleaseDialog,
);
const { View: NewStampsDialog } = lateView(
  async () => (await import('../parts/NewStampsDialog')).NewStampsDialog,
);
const { View: NewStockDialog } = lateView(
  async () => (await import('../parts/NewStockDialog')).NewStockDialog,
);
const { View: TryAsDialog } = lateView(async () => (await import('./TryAsDialog')).TryAsDialog);
const { View: SeriesDialog } = lateView(async () => (await import('./SeriesDialog')).SeriesDialog);
const { View: HabitsDialog } = lateView(async () => (await import('./HabitsDialog')).HabitsDialog);
const { View: ConflictDialog } = lateView(
  async () => (await import('./ConflictDialog')).ConflictDialog,
);

interface Props {
  readonly controls: SessionControls;
  readonly areKeysOn: boolean;
  readonly onKeysOn: (areOn: boolean) => void;
}

/** The dialogs of the workbench; the choice after a save that could not be kept goes before the others. */
export function WorkbenchDialogs(props: Props) {
  const { cardId, plan } = useCardSession();
  const { state } = props.controls;
  const { saveState, revision, undecided, restart } = state.saving;
  return (
    <>
      <OpenDialog {...props} />
      {(saveState.kind === 'conflict' || saveState.kind === 'stopped') && (
        <ConflictDialog
          cardId={cardId}
          mine={plan}
          refusal={saveState.kind === 'stopped' ? saveState.message : undefined}
          onDrop={() => restart(revision)}
          onTheirs={state.takeSaved}
        />
      )}
      {undecided && (
        <ConflictDialog
          cardId={cardId}
          mine={undecided.unsaved.plan}
          refusal={undecided.reason}
          isEarlier
          onDrop={undecided.forget}
          onTheirs={undecided.forget}
        />
      )}
    </>
  );
}

function OpenDialog({ controls, areKeysOn, onKeysOn }: Props) {
  const { cardId, plan, library, holdings, unit, view, commit, flush, addItem } = useCardSession();
  const { asked, closeAsked: close } = controls;
  switch (asked?.kind) {
    case undefined:
      return null;
    case 'keys':
      return (
        <WorkbenchKeys view={view} areKeysOn={areKeysOn} onKeysOn={onKeysOn} onClose={close} />
      );
    case 'habits':
      return (
        <HabitsDialog
          habits={plan.habits}
          onChange={(habits) => commit({ kind: 'set-habits', change: habits })}
          onClose={close}
        />
      );
    case 'try-as':
      return (
        <TryAsDialog
          cardId={cardId}
          plan={plan}
          library={library}
          unit={unit}
          onFlush={flush}
          onClose={close}
        />
      );
    case 'series':
      return <SeriesDialog onClose={close} />;
    case 'release':
      return (
        <NewReleaseDialog
          onClose={close}
          onDone={(release) => {
            controls.addRelease(release);
            commit({ kind: 'set-about', change: { releaseId: release.id } });
            close();
          }}
        />
      );
    case 'stock':
    case 'dies': {
      const { kind, take } = asked;
      const done = (item: LibraryItem) => {
        addItem(item);
        take({ id: item.id, version: item.version });
        close();
      };
      return kind === 'stock' ? (
        <NewStockDialog onClose={close} onDone={done} />
      ) : (
        <NewDiesDialog unit={unit} onClose={close} onDone={done} />
      );
    }
    case 'stamps': {
      const { take } = asked;
      return (
        <NewStampsDialog
          library={library}
          holdings={holdings}
          unit={unit}
          onClose={close}
          onDone={(stamps) => {
            for (const stamp of stamps) addItem(stamp);
            close();
            take(stamps);
          }}
        />
      );
    }
    default:
      throw new TypeError(`OpenDialog: unknown kind ${JSON.stringify(asked satisfies never)}`);
  }
}
