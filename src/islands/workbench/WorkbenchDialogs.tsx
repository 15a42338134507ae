import { lazy, Suspense } from 'react';
import type { Unit } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import type { Edit } from '../../core/plan/edit';
import type { Library } from '../../core/plan/library';
import type { LibraryItem, LibraryRef } from '../../core/plan/libraryItem';
import { KeysDialog } from '../parts/KeysDialog';
import type { CardPlan } from '../store/useCardPlan';
import { workbenchKeys } from './workbenchKeys';

// A dialog is loaded when it is first wanted.
const NewDiesDialog = lazy(async () => ({
  default: (await import('../parts/NewDiesDialog')).NewDiesDialog,
}));
const NewReleaseDialog = lazy(async () => ({
  default: (await import('../parts/NewReleaseDialog')).NewReleaseDialog,
}));
const NewStockDialog = lazy(async () => ({
  default: (await import('../parts/NewStockDialog')).NewStockDialog,
}));
const TryAsDialog = lazy(async () => ({ default: (await import('./TryAsDialog')).TryAsDialog }));
const HabitsDialog = lazy(async () => ({ default: (await import('./HabitsDialog')).HabitsDialog }));
const ConflictDialog = lazy(async () => ({
  default: (await import('./ConflictDialog')).ConflictDialog,
}));

/** What is asked or shown over the workbench, one at a time; `take` is told what was added to the stash. */
export type WorkbenchDialog =
  | { readonly kind: 'keys' | 'habits' | 'try-as' | 'release' }
  | { readonly kind: 'stock' | 'dies'; readonly take: (ref: LibraryRef) => void };

interface Props {
  readonly open: WorkbenchDialog | undefined;
  readonly cardId: string;
  readonly state: CardPlan;
  readonly library: Library;
  readonly unit: Unit;
  readonly areKeysOn: boolean;
  readonly onKeysOn: (areOn: boolean) => void;
  readonly onChange: (edit: Edit) => void;
  readonly onRelease: (release: Release) => void;
  readonly onItem: (item: LibraryItem) => void;
  readonly onClose: () => void;
}

/** The dialogs of the workbench; the choice after a save that could not be kept goes before the others. */
export function WorkbenchDialogs(props: Props) {
  const { cardId, state } = props;
  const { saveState, plan } = state;
  return (
    <Suspense fallback={null}>
      <OpenDialog {...props} />
      {(saveState.kind === 'conflict' || saveState.kind === 'stopped') && (
        <ConflictDialog
          cardId={cardId}
          mine={plan}
          refusal={saveState.kind === 'stopped' ? saveState.message : undefined}
          onDrop={state.dropUnsaved}
          onTheirs={state.takeSaved}
        />
      )}
    </Suspense>
  );
}

function OpenDialog(props: Props) {
  const { open, cardId, state, library, unit, onChange, onClose } = props;
  const { plan } = state;
  switch (open?.kind) {
    case undefined:
      return null;
    case 'keys':
      return (
        <KeysDialog
          keys={workbenchKeys}
          areKeysOn={props.areKeysOn}
          onKeysOn={props.onKeysOn}
          onClose={onClose}
        />
      );
    case 'habits':
      return (
        <HabitsDialog
          habits={plan.habits}
          onChange={(habits) => onChange({ kind: 'set-habits', change: habits })}
          onClose={onClose}
        />
      );
    case 'try-as':
      return (
        <TryAsDialog
          cardId={cardId}
          plan={plan}
          library={library}
          unit={unit}
          onFlush={state.flush}
          onClose={onClose}
        />
      );
    case 'release':
      return (
        <NewReleaseDialog
          onClose={onClose}
          onDone={(release) => {
            props.onRelease(release);
            onChange({ kind: 'set-about', change: { releaseId: release.id } });
            onClose();
          }}
        />
      );
    case 'stock':
    case 'dies': {
      const { kind, take } = open;
      const done = (item: LibraryItem) => {
        props.onItem(item);
        take({ id: item.id, version: item.version });
        onClose();
      };
      return kind === 'stock' ? (
        <NewStockDialog onClose={onClose} onDone={done} />
      ) : (
        <NewDiesDialog unit={unit} onClose={onClose} onDone={done} />
      );
    }
    default:
      throw new TypeError(`OpenDialog: unknown kind ${JSON.stringify(open satisfies never)}`);
  }
}
