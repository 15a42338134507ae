import { useState } from 'react';
import { batchEdits } from '../../../core/plan/batchEdits';
import { takeNewer } from '../../../core/findings/takeNewer';
import { pointWithin } from '../../../core/kinds/image/pointWithin';
import { areaPath, stampAreas, usualGap } from '../../../core/kinds/image/stampAreas';
import { openAreas, withOpenings } from '../../../core/kinds/image/stampOpenings';
import type { Stamp } from '../../../core/plan/libraryItem';
import type { Outline } from '../../../core/outline/outline';
import { AreaNumber, NumberButtons } from '../../parts/NumberButtons';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { keepItem } from '../../wire/keepInStash';

/** The same for everyone: what is open in a stamp does not hang on who looks at it. */
const gap = usualGap.in;

/** What one sees through in a stamp, such as a porthole or the panes of a window: prints behind need no mask there. */
export function Openings({ stamp }: { readonly stamp: Stamp }) {
  const [isShown, setShown] = useState(false);
  const areas = isShown ? stampAreas(stamp, gap) : [];
  const toggle = () => setShown(!isShown);
  useKeys({ p: toggle });
  const count = openAreas(stamp, gap).length;
  return (
    <div>
      <button type="button" className="link" aria-expanded={isShown} onClick={toggle}>
        {count > 0 ? `What is open in it (${count})…` : 'What is open in it…'}
      </button>{' '}
      <kbd className="key">p</kbd>
      {isShown && areas.length === 0 && (
        <p className="pt-1">Its lines enclose nothing, so nothing in it is open.</p>
      )}
      {areas.length > 0 && (
        <PickOpen key={stamp.version} stamp={stamp} areas={areas} onDone={() => setShown(false)} />
      )}
    </div>
  );
}

interface PickProps {
  readonly stamp: Stamp;
  readonly areas: readonly Outline[];
  readonly onDone: () => void;
}

/** The areas of a stamp, to be pointed at or chosen by their number; what is chosen is kept as its next version. */
function PickOpen({ stamp, areas, onDone }: PickProps) {
  const { plan, card, library, commit, addItem } = useCardSession();
  const before = openAreas(stamp, gap);
  const [open, setOpen] = useState(before);
  const [failure, setFailure] = useState('');
  const [isSending, setSending] = useState(false);
  const pick = (at: number) =>
    setOpen(
      open.includes(at)
        ? open.filter((each) => each !== at)
        : [...open, at].toSorted((a, b) => a - b),
    );
  const keep = async () => {
    setSending(true);
    const next = await keepItem(withOpenings(stamp, gap, open));
    setSending(false);
    if (typeof next === 'string') {
      setFailure(`That is not kept. ${next}`);
      return;
    }
    addItem(next);
    const newer = {
      old: { id: stamp.id, version: stamp.version },
      next: { id: next.id, version: next.version },
    };
    commit(batchEdits(takeNewer(plan, card, [...library, next], [newer])));
    onDone();
  };
  const isSame = open.join() === before.join();
  return (
    <div className="flex items-start gap-4 pt-2">
      <StampAreas stamp={stamp} areas={areas} open={open} onPick={pick} />
      <div className="flex flex-col items-start gap-2">
        <p>Point at what one sees through, or choose it by its number:</p>
        <NumberButtons
          label="What is open"
          one="area"
          numbers={areas.map((_, at) => at)}
          chosen={open}
          onPick={pick}
        />
        <button
          type="button"
          className="button"
          disabled={isSame || isSending}
          onClick={() => void keep()}
        >
          Keep what is open
        </button>
        {failure && <p role="alert">{failure}</p>}
      </div>
    </div>
  );
}

interface AreasProps {
  readonly stamp: Stamp;
  readonly areas: readonly Outline[];
  readonly open: readonly number[];
  readonly onPick: (at: number) => void;
}

/** The longer side of the drawing, in pixels. */
const longest = 200;

function StampAreas({ stamp, areas, open, onPick }: AreasProps) {
  const { box } = stamp.shape;
  const scale = longest / Math.max(box.width, box.height);
  return (
    <svg
      width={box.width * scale}
      height={box.height * scale}
      viewBox={`0 0 ${box.width} ${box.height}`}
      className="shrink-0 overflow-visible"
      aria-hidden
    >
      {areas.map((area, at) => (
        <path
          key={at}
          d={areaPath(area)}
          fillRule="evenodd"
          className={`cursor-pointer ${open.includes(at) ? 'fill-violet/25' : 'hover:fill-violet/10 fill-transparent'}`}
          onPointerDown={() => onPick(at)}
        />
      ))}
      {stamp.layers.map(({ path, lineWidth, colour }, at) => (
        <path
          key={at}
          d={path}
          fill={lineWidth > 0 ? 'none' : colour}
          fillOpacity={0.25}
          stroke={lineWidth > 0 ? colour : 'none'}
          strokeWidth={lineWidth}
          pointerEvents="none"
        />
      ))}
      {areas.map((area, at) => {
        const { x, y } = pointWithin(area);
        return <AreaNumber key={at} x={x} y={y} number={at} unit={1 / scale} />;
      })}
    </svg>
  );
}
