import type { Unit } from '../../core/length/length';
import type { Library } from '../../core/plan/library';
import { LabelDialog } from './LabelDialog';
import { ScatterDialog } from './ScatterDialog';
import { Shelf } from './Shelf';
import { ArrangementDialog } from './ArrangementDialog';
import type { Table } from './useTable';

/** What is chosen from over the table, one at a time. */
export type LayoutDialog = 'stamps' | 'dies' | 'stencils' | 'arrange' | 'scatter' | 'label';

interface Props {
  readonly open: LayoutDialog | undefined;
  readonly library: Library;
  readonly unit: Unit;
  readonly table: Table;
  /** Of the thing that is selected. */
  readonly name: string | undefined;
  readonly onClose: () => void;
}

/** The shelf and the questions of the Layout station; what is chosen is laid on the table. */
export function LayoutDialogs({ open, library, unit, table, name, onClose: close }: Props) {
  return (
    <>
      {open === 'arrange' && (
        <ArrangementDialog
          library={library}
          around={table.middleName}
          onClose={close}
          onLay={(tiers, kind, seed) => {
            table.arrange(kind, tiers, seed);
            close();
          }}
        />
      )}
      {open === 'label' && name !== undefined && (
        <LabelDialog
          name={name}
          choices={table.labels()}
          unit={unit}
          onClose={close}
          onTake={(choice) => {
            table.putOnLabel(choice);
            close();
          }}
        />
      )}
      {open === 'scatter' && (
        <ScatterDialog
          unit={unit}
          onClose={close}
          onScatter={(choice) => {
            table.scatter(choice);
            close();
          }}
        />
      )}
      {(open === 'stamps' || open === 'dies' || open === 'stencils') && (
        <Shelf
          library={library}
          sort={open}
          unit={unit}
          onClose={close}
          onTakeStamp={(stamp) => {
            table.addImage(stamp);
            close();
          }}
          onTakeStencil={(stencil) => {
            table.addStencil(stencil);
            close();
          }}
          onTakeDie={(set, step) => {
            table.addDieCut(set, step);
            close();
          }}
        />
      )}
    </>
  );
}
