import { useState } from 'react';
import { writeSize } from '../../../core/length/formatLength';
import { TICKS_PER_INCH, type Unit } from '../../../core/length/length';
import type { DieSet, Stamp, Stencil } from '../../../core/plan/libraryItem';
import { dieSetsOf, stampsOf, stencilsOf, type Library } from '../../../core/plan/library';
import { Dialog } from '../../parts/Dialog';
import { findByWords } from '../../../core/text/findByWords';
import { ShapePicture } from './ShapePicture';

const titles = { stamps: 'Stamps', dies: 'Dies', stencils: 'Stencils' } as const;

interface Props {
  readonly library: Library;
  /** False while more of the stash is on its way. */
  readonly isWhole: boolean;
  readonly sort: keyof typeof titles;
  readonly unit: Unit;
  /** Asks for stamps that are not on it yet. */
  readonly onAskStamps: () => void;
  readonly onTakeStamp: (stamp: Stamp) => void;
  readonly onTakeStencil: (stencil: Stencil) => void;
  readonly onTakeDie: (set: DieSet, step: number) => void;
  readonly onClose: () => void;
}

/** All are drawn at one scale, so that a small leaf looks small beside a lighthouse. */
const pixelsPerInch = 34;

/** The stamps, dies or stencils of the stash as they are, at one scale, to choose from. */
export function Shelf(props: Props) {
  const { library, isWhole, sort, unit, onAskStamps, onTakeStamp, onTakeStencil } = props;
  const { onTakeDie, onClose } = props;
  const [search, setSearch] = useState('');
  const scale = pixelsPerInch / TICKS_PER_INCH;
  const found = <Item extends Stamp | DieSet | Stencil>(items: readonly Item[]) =>
    findByWords(items, ({ name }) => name, search);
  const stamps = sort === 'stamps' ? found(stampsOf(library)) : [];
  const sets = sort === 'dies' ? found(dieSetsOf(library).toSorted(bySize)) : [];
  const stencils = sort === 'stencils' ? found(stencilsOf(library)) : [];
  const count = stamps.length + sets.length + stencils.length;
  // A set is first tried in its second size, as its largest is for the card itself.
  const takeDie = (set: DieSet) => onTakeDie(set, set.steps.length > 2 ? 1 : 0);
  const takeFirst = () => {
    const [[stamp], [set], [stencil]] = [stamps, sets, stencils];
    if (stamp) onTakeStamp(stamp);
    else if (set) takeDie(set);
    else if (stencil) onTakeStencil(stencil);
  };
  return (
    <Dialog title={titles[sort]} isShelf onClose={onClose}>
      <div className="border-hairline flex items-baseline gap-4 border-b px-6 pt-1 pb-3">
        <input
          className="field w-64"
          aria-label={`Search the ${sort}`}
          placeholder="by name"
          value={search}
          autoFocus
          onChange={(event) => setSearch(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || search.trim() === '') return;
            event.preventDefault();
            takeFirst();
          }}
        />
        <span role="status" className="text-muted">
          {count === 1 ? '1 is there' : `${count} are there`}, drawn at one scale
          {count > 0 && search.trim() !== '' ? '; Enter takes the first' : ''}
          {isWhole ? '' : '; more of the stash is on its way'}
        </span>
        {sort === 'stamps' && (
          <button type="button" className="button button-outlined ml-auto" onClick={onAskStamps}>
            Add stamps of your own
          </button>
        )}
        <button
          type="button"
          className={sort === 'stamps' ? 'button' : 'button ml-auto'}
          onClick={onClose}
        >
          Close
        </button>
      </div>
      <ul className="flex grow flex-wrap content-start items-end gap-x-5 gap-y-4 overflow-auto px-6 py-4">
        {stamps.map((stamp) => (
          <li key={stamp.id}>
            <ItemButton
              name={stamp.name}
              size={writeSize(sizeOf(stamp), unit)}
              onTake={() => onTakeStamp(stamp)}
            >
              <ShapePicture item={stamp} scale={scale} />
            </ItemButton>
          </li>
        ))}
        {stencils.map((stencil) => (
          <li key={stencil.id}>
            <ItemButton
              name={stencil.name}
              size={writeSize(sizeOf(stencil), unit)}
              onTake={() => onTakeStencil(stencil)}
            >
              <ShapePicture item={stencil} scale={scale * 0.6} />
            </ItemButton>
          </li>
        ))}
        {sets.map((set) => (
          <li key={set.id}>
            <ItemButton
              name={set.name}
              size={`${set.steps.length > 1 ? `${set.steps.length} sizes to ` : ''}${writeSize(stepSize(set), unit)}`}
              onTake={() => takeDie(set)}
            >
              <ShapePicture item={set} scale={scale} />
            </ItemButton>
          </li>
        ))}
        {count === 0 && (
          <li className="text-muted">
            {search === ''
              ? `The stash has no ${sort} yet. ${sort === 'stamps' ? 'Add one by its name and size.' : 'Add them on the Stash page.'}`
              : `No ${sort} are called so.`}
          </li>
        )}
      </ul>
    </Dialog>
  );
}

const sizeOf = ({ width, height }: Stamp | Stencil) => ({
  width: width.ticks,
  height: height.ticks,
});

/** The largest of each set, the small sets first. */
function bySize(a: DieSet, b: DieSet): number {
  const area = (set: DieSet) => stepSize(set).width * stepSize(set).height;
  return area(a) - area(b);
}

function stepSize({ steps: [largest] }: DieSet) {
  if (!largest) throw new RangeError('stepSize: expected a die set with a die');
  return { width: largest.width.ticks, height: largest.height.ticks };
}

interface ItemProps {
  readonly name: string;
  readonly size: string;
  readonly onTake: () => void;
  readonly children: React.ReactNode;
}

function ItemButton({ name, size, onTake, children }: ItemProps) {
  return (
    <button
      type="button"
      className="hover:bg-violet-wash flex min-w-24 flex-col items-center gap-1 p-1.5"
      onClick={onTake}
    >
      {children}
      <span className="max-w-36 leading-5">{name}</span>
      <span className="text-muted text-[14px] leading-4">{size}</span>
    </button>
  );
}
