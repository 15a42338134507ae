import type { Habits } from '../../core/plan/habits';
import { Dialog } from '../parts/Dialog';
import { HabitsForm } from '../parts/HabitsForm';

interface Props {
  readonly habits: Habits;
  readonly onChange: (change: Partial<Habits>) => void;
  readonly onClose: () => void;
}

/** The habits of one card, copied from the house when it was made. */
export function HabitsDialog({ habits, onChange, onClose }: Props) {
  return (
    <Dialog title="Habits of this card" isWide onClose={onClose}>
      <div className="max-h-[70vh] overflow-auto pr-2">
        <HabitsForm habits={habits} onChange={onChange} />
      </div>
      <div className="flex justify-end pt-4">
        <button type="button" className="button button-leading" onClick={onClose}>
          Close
        </button>
      </div>
    </Dialog>
  );
}
