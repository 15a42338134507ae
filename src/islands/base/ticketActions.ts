import type { Edit } from '../../core/plan/edit';
import type { LibraryRef } from '../../core/plan/libraryItem';
import type { Support } from '../../core/plan/piece';

/** What can be done to the layer whose ticket is open. */
export interface TicketActions {
  readonly commit: (edit: Edit) => void;
  readonly preview: (edit: Edit | undefined) => void;
  /** So many rows up (positive) or down in the list of layers. */
  readonly moveRows: (rows: number) => void;
  readonly putOn: (support: Support) => void;
  readonly copy: () => void;
  readonly turnOff: () => void;
  readonly remove: () => void;
  readonly askNewStock: (use: (ref: LibraryRef) => void) => void;
  readonly askNewDies: (use: (ref: LibraryRef) => void) => void;
}
