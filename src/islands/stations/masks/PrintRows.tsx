import { useRef } from 'react';
import type { MaskedPaper } from '../../../core/masking/maskCard';
import type { Print } from '../../../core/masking/print';
import { capitalise } from '../../../core/words/phrases';
import { SortableList, useSortableRow } from '../../parts/SortableList';
import { useCardSession } from '../../session/CardSession';
import { printKindWords } from '../../words/maskWords';
import { PrintTicket } from './PrintTicket';

interface Props {
  readonly paper: MaskedPaper;
  readonly nameOf: (piece: string) => string;
  readonly chosen: string | undefined;
  readonly onChoose: (piece: string | undefined) => void;
  readonly onMove: (moved: string, to: number) => void;
}

/** The prints of a paper in the order they are made; the chosen one unfolded with those it meets. */
export function PrintRows({ paper, nameOf, chosen, onChoose, onMove }: Props) {
  const { order } = paper;
  const ids = order.map(({ id }) => id);
  return (
    <SortableList id="prints" rows={ids} onDrop={(moved, onto) => onMove(moved, ids.indexOf(onto))}>
      <div role="group" aria-label="Prints in the order they are made">
        {order.map((print, index) => (
          <PrintRow
            key={print.id}
            print={print}
            number={index + 1}
            paper={paper}
            nameOf={nameOf}
            isChosen={print.id === chosen}
            onChoose={() => onChoose(print.id === chosen ? undefined : print.id)}
          />
        ))}
      </div>
    </SortableList>
  );
}

interface RowProps {
  readonly print: Print;
  readonly number: number;
  readonly paper: MaskedPaper;
  readonly nameOf: (piece: string) => string;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
}

function PrintRow({ print, number, paper, nameOf, isChosen, onChoose }: RowProps) {
  const { row, handle } = useSortableRow(print.id);
  const button = useRef<HTMLButtonElement>(null);
  return (
    <div
      ref={row.ref}
      style={row.style}
      className={`${row.className} ${
        isChosen
          ? 'border-violet border-l-4 bg-white px-3 py-2 shadow-sm'
          : 'border-hairline border-b'
      }`}
    >
      <button
        ref={button}
        type="button"
        aria-expanded={isChosen}
        className="grid w-full touch-none grid-cols-[30px_minmax(0,1fr)_88px_200px] items-center gap-x-3 py-1.5 text-left"
        onClick={onChoose}
        {...handle}
      >
        <span
          className={`font-heading text-[17px] font-semibold ${isChosen ? 'bg-violet flex size-6 items-center justify-center text-white' : ''}`}
        >
          {number}
        </span>
        <strong className="truncate font-semibold">{capitalise(nameOf(print.id))}</strong>
        <span className="text-sheet-muted">{printKindWords[print.kind]}</span>
        <span className="text-sheet-muted text-right">
          <RowNote print={print} paper={paper} />
        </span>
      </button>
      {isChosen && <PrintTicket print={print} paper={paper} nameOf={nameOf} />}
    </div>
  );
}

/** The mask of a print, and the masks it is made over. */
function RowNote({ print, paper }: { readonly print: Print; readonly paper: MaskedPaper }) {
  const { masks } = useCardSession();
  const letterOf = (id: string) =>
    masks.plan?.masks.find(({ covers }) => covers.some((each) => each.print.id === id))?.letter;
  const own = letterOf(print.id);
  const covered = paper.covered.find((each) => each.print.id === print.id);
  const over = paper.acts
    .flatMap((act) =>
      (act.kind === 'stamp' || act.kind === 'lay') && act.piece === print.id ? act.over : [],
    )
    .flatMap((id) => letterOf(id) ?? []);
  const said = [
    ...(own && covered ? [`mask ${own}, ${covered.mask.minutes} min`] : []),
    ...(over.length > 0 ? [`over ${over.length === 1 ? 'mask' : 'masks'} ${over.join(', ')}`] : []),
  ];
  return said.join('; ');
}
