import { useState } from 'react';
import { alignAll, spaceEvenly } from '../../../core/composition/moveThings';
import { batchEdits } from '../../../core/plan/batchEdits';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { ArrangeFields } from './ArrangeFields';
import { LayoutContext, useLayout } from './LayoutContext';
import { LayoutDialogs, type LayoutDialog } from './LayoutDialogs';
import { LayoutTools } from './LayoutTools';
import { LayoutView } from './LayoutView';
import { PlacesPanel } from './PlacesPanel';
import { ThingRows } from './ThingRows';
import { ThingTicket } from './ThingTicket';
import { useAdding } from './useAdding';
import { useChosen } from './useChosen';
import { useHandling } from './useHandling';
import { useMounting } from './useMounting';
import { usePlaces } from './usePlaces';

/** Where every image, die cut and line of words goes: a face, large, and what lies on it. */
export function LayoutStation() {
  const chosen = useChosen();
  const places = usePlaces(chosen);
  const [told, setTold] = useState('');
  return (
    <LayoutContext value={{ chosen, places, told, setTold }}>
      <LayoutTable />
    </LayoutContext>
  );
}

function LayoutTable() {
  const { unit } = useCardSession();
  const { chosen, places, told } = useLayout();
  const { first, ids, choose } = chosen;
  const [open, setOpen] = useState<LayoutDialog>();
  const { dropOn } = useHandling();
  useLayoutKeys(setOpen);
  return (
    <div className="grid h-full min-h-[560px] grid-cols-[minmax(440px,1fr)_minmax(440px,520px)] gap-x-4 pr-[18px]">
      <LayoutView />
      <div className="flex min-h-0 min-w-0 flex-col gap-3 overflow-auto pt-4 pb-3">
        <LayoutTools onOpen={setOpen} />
        {told !== '' && (
          <p role="status" className="text-amber font-semibold">
            {told}
          </p>
        )}
        {places.offer && first && (
          <PlacesPanel
            name={first.name}
            found={places.offer}
            unit={unit}
            onTake={places.take}
            onClose={() => places.look(false)}
          />
        )}
        <ThingRows
          selected={ids}
          onSelect={(rowIds, isAdding) => choose(isAdding ? [...ids, ...rowIds] : rowIds)}
          onDrop={dropOn}
          ticket={<ChosenTicket />}
        />
      </div>
      <LayoutDialogs open={open} onOpen={setOpen} onClose={() => setOpen(undefined)} />
    </div>
  );
}

/** What is selected, unfolded; of several, what is done to all of them. */
function ChosenTicket() {
  const { card, commit } = useCardSession();
  const { things, first } = useLayout().chosen;
  const { remove, reorder } = useHandling();
  if (!first) return null;
  if (things.length === 1) return <ThingTicket key={first.id} placed={first} />;
  return (
    <ArrangeFields
      count={things.length}
      onAlign={(to) => commit(alignAll(card, things, to))}
      onSpace={(axis) => {
        const edit = spaceEvenly(card, things, axis);
        if (edit) commit(edit);
      }}
      onReorder={reorder}
      onGroup={(group) =>
        commit(batchEdits(things.map(({ piece }) => changePiece(piece, { group }))))
      }
      onRemove={remove}
    />
  );
}

function useLayoutKeys(open: (dialog: LayoutDialog) => void): void {
  const { turn: turnCard, ask } = useCardSession();
  const { places } = useLayout();
  const { nudge, turn, centre, walk, reorder, copy, remove } = useHandling();
  const { chosen } = useLayout();
  const { addWords, addDot, addLine, addRibbon, takeAlong, putDown } = useAdding();
  const { cutOut } = useMounting();
  useKeys({
    ArrowLeft: () => nudge(-1, 0),
    ArrowRight: () => nudge(1, 0),
    ArrowUp: () => nudge(0, -1),
    ArrowDown: () => nudge(0, 1),
    'Shift+ArrowLeft': () => nudge(-1, 0, true),
    'Shift+ArrowRight': () => nudge(1, 0, true),
    'Shift+ArrowUp': () => nudge(0, -1, true),
    'Shift+ArrowDown': () => nudge(0, 1, true),
    'Alt+ArrowUp': () => reorder(1),
    'Alt+ArrowDown': () => reorder(-1),
    m: () => {
      const { first, isAlone, choose } = chosen;
      if (!first || first.piece.group === null) return false;
      choose([first.id], !isAlone);
      return true;
    },
    ',': () => turn(-1),
    '.': () => turn(1),
    c: () => centre('x'),
    v: () => centre('y'),
    n: () => walk(1),
    b: () => walk(-1),
    a: () => open('stamps'),
    s: () => open('dies'),
    x: () => open('stencils'),
    o: cutOut,
    '$mod+c': takeAlong,
    '$mod+v': putDown,
    t: addWords,
    g: addDot,
    r: addRibbon,
    l: addLine,
    d: copy,
    f: turnCard,
    q: () => ask({ kind: 'try-as' }),
    p: () => places.look(true),
    y: () => places.take(places.offer?.places[0]),
    Escape: () => {
      places.look(false);
      return false;
    },
    Delete: remove,
  });
}
