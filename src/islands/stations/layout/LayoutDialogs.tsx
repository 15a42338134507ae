import { useEffect } from 'react';
import { LabelDialog } from './LabelDialog';
import { ScatterDialog } from './ScatterDialog';
import { Shelf } from './Shelf';
import { ArrangementDialog } from './ArrangementDialog';
import { useCardSession } from '../../session/CardSession';
import { useLayout } from './LayoutContext';
import { useAdding } from './useAdding';
import { useArranging } from './useArranging';
import { useMounting } from './useMounting';

/** What is chosen from over the table, one at a time. */
export type LayoutDialog = 'stamps' | 'dies' | 'stencils' | 'arrange' | 'scatter' | 'label';

interface Props {
  readonly open: LayoutDialog | undefined;
  readonly onOpen: (dialog: LayoutDialog) => void;
  readonly onClose: () => void;
}

/** The shelf and the questions of the Layout station; what is chosen is laid on the table. */
export function LayoutDialogs({ open, onOpen, onClose: close }: Props) {
  const { library, isStashWhole, bringStash, unit, ask } = useCardSession();
  useEffect(() => {
    if (open) bringStash();
  }, [open, bringStash]);
  const name = useLayout().chosen.first?.name;
  const { addImage, addStencil, addDieCut } = useAdding();
  const { middleName, countsFor, show, arrange, scatter } = useArranging();
  const { labels, strip, putOnLabel, putOnStrip } = useMounting();
  return (
    <>
      {open === 'arrange' && (
        <ArrangementDialog
          library={library}
          unit={unit}
          around={middleName}
          onClose={close}
          countsFor={countsFor}
          onShow={show}
          onLay={(asked) => {
            arrange(asked);
            close();
          }}
        />
      )}
      {open === 'label' && name !== undefined && (
        <LabelDialog
          name={name}
          choices={labels()}
          strip={strip()}
          unit={unit}
          onClose={close}
          onTake={(choice) => {
            putOnLabel(choice);
            close();
          }}
          onTakeStrip={(each, withMat) => {
            putOnStrip(each, withMat);
            close();
          }}
        />
      )}
      {open === 'scatter' && (
        <ScatterDialog
          unit={unit}
          onClose={close}
          onScatter={(choice) => {
            scatter(choice);
            close();
          }}
        />
      )}
      {(open === 'stamps' || open === 'dies' || open === 'stencils') && (
        <Shelf
          library={library}
          isWhole={isStashWhole}
          sort={open}
          unit={unit}
          onClose={close}
          onAskStamps={() => {
            close();
            ask({
              kind: 'stamps',
              // One is meant to be laid; of several one chooses.
              take: ([stamp, ...more]) => {
                if (stamp && more.length === 0) addImage(stamp);
                else onOpen('stamps');
              },
            });
          }}
          onTakeStamp={(stamp) => {
            addImage(stamp);
            close();
          }}
          onTakeStencil={(stencil) => {
            addStencil(stencil);
            close();
          }}
          onTakeDie={(set, step) => {
            addDieCut(set, step);
            close();
          }}
        />
      )}
    </>
  );
}
