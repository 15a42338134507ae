import { rulerMarks } from '../../../../core/length/marks';
import { newestOf } from '../../../../core/plan/library';
import type { DieSet, LibraryItem } from '../../../../core/plan/libraryItem';
import type { SceneLine, ScenePoint } from '../../../../core/plan/scene';
import {
  addPoint,
  movePoint,
  removePoint,
  withEdge,
  withoutLine,
} from '../../../../core/plan/sceneEdits';
import { dieEdge } from '../../../../core/resolve/dieEdge';
import { straightEdge } from '../../../../core/resolve/straightEdge';
import { distinctName } from '../../../../core/resolve/distinctNames';
import { supportRect } from '../../../../core/resolve/resolvedCard';
import { Select } from '../../../parts/Select';
import { useCardSession } from '../../../session/CardSession';
import { CornerFields } from './CornerFields';
import type { ChosenPoint } from './PointHandle';
import type { OpenScene } from './useScene';

interface Props extends OpenScene {
  readonly chosen: ChosenPoint | undefined;
}

/** Each line with what it follows; of the chosen point its figures. */
export function LineRows({ chosen, ...open }: Props) {
  const { scene, change } = open;
  return (
    <ul aria-label="Lines between the strips">
      {scene.lines.map((line, index) => (
        <li key={line.id} className="border-hairline border-b py-1">
          <div className="flex flex-wrap items-center gap-3">
            <strong className="font-semibold">Line {index + 1}</strong>
            <Follows {...open} line={line} number={index + 1} />
            {line.edge.by === 'die' && <DiePlace {...open} line={line.id} edge={line.edge} />}
            {line.edge.by === 'points' && <Smooth {...open} line={line.id} edge={line.edge} />}
            <button
              type="button"
              className="button ml-auto"
              aria-label={`Remove line ${index + 1}`}
              onClick={() => change(withoutLine(scene, line.id))}
            >
              Remove
            </button>
          </div>
          {chosen?.line === line.id && line.edge.by === 'points' && (
            <PointFields {...open} edge={line.edge} chosen={chosen} />
          )}
        </li>
      ))}
    </ul>
  );
}

interface LineProps extends OpenScene {
  readonly line: SceneLine;
  readonly number: number;
}

/** Drawn by points, or along the edge of something on the card. */
function Follows({ scene, resolved, change, line, number }: LineProps) {
  const { card, library, unit, bringStash } = useCardSession();
  const { edge, id } = line;
  const dies = newestOf(library).filter(isBorder);
  const others = [...card.pieces, ...card.marks].filter(
    (each) => each.face === resolved.face && each.id !== resolved.support,
  );
  const value = edge.by === 'piece' ? `${edge.side} ${edge.piece}` : edge.by;
  const set = (next: SceneLine['edge']) => change({ lines: withEdge(scene.lines, id, next) });
  const choose = (text: string) => {
    const [side, piece] = text.split(' ');
    const found = others.find((each) => each.id === piece);
    if (found) {
      set({ by: 'piece', piece: found.id, side: side === 'top' ? 'top' : 'bottom' });
      return;
    }
    const corner = supportRect(card, resolved.support);
    const drawn = resolved.lines.find((each) => each.id === id)?.line ?? [];
    const die = side === 'of' ? dies.find((each) => each.id === piece) : undefined;
    if (die) {
      const height = drawn.reduce((sum, { y }) => sum + y - corner.y, 0) / (drawn.length || 1);
      const laid = dieEdge(die, corner, height, rulerMarks[unit]);
      if (laid) set(laid);
      return;
    }
    set({ by: 'points', points: straightEdge(drawn, corner), isSmooth: false });
  };
  return (
    <Select
      className="in-place"
      aria-label={`Line ${number} follows`}
      value={value}
      onFocus={bringStash}
      onChange={(event) => choose(event.target.value)}
    >
      <option value="points">its own points</option>
      {edge.by === 'die' && <option value="die">the edge of {edge.name}</option>}
      {dies
        .filter(({ name }) => edge.by !== 'die' || edge.name !== name)
        .map(({ id: die, name }) => (
          <option key={die} value={`of ${die}`}>
            the edge of {name}
          </option>
        ))}
      {others.flatMap((each) => [
        <option key={`top ${each.id}`} value={`top ${each.id}`}>
          the upper edge of {distinctName(card, each.id)}
        </option>,
        <option key={`bottom ${each.id}`} value={`bottom ${each.id}`}>
          the lower edge of {distinctName(card, each.id)}
        </option>,
      ])}
    </Select>
  );
}

const isBorder = (item: LibraryItem): item is DieSet =>
  item.kind === 'die-set' && item.cuts === 'border' && item.shape !== null;

interface DieProps extends OpenScene {
  readonly line: SceneLine['id'];
  readonly edge: Extract<SceneLine['edge'], { by: 'die' }>;
}

/** Where the die is laid: its upper left corner on the paper. */
function DiePlace({ scene, change, show, line, edge }: DieProps) {
  const moved = (to: ScenePoint) => ({ lines: withEdge(scene.lines, line, { ...edge, ...to }) });
  return (
    <CornerFields
      value={edge}
      onPreview={(to) => show(to && moved(to))}
      onCommit={(to) => change(moved(to))}
    />
  );
}

type DrawnEdge = Extract<SceneLine['edge'], { by: 'points' }>;

interface SmoothProps extends OpenScene {
  readonly line: SceneLine['id'];
  readonly edge: DrawnEdge;
}

function Smooth({ scene, change, line, edge }: SmoothProps) {
  return (
    <label className="flex items-center gap-1">
      <input
        type="checkbox"
        checked={edge.isSmooth}
        onChange={({ target: { checked: isSmooth } }) =>
          change({ lines: withEdge(scene.lines, line, { ...edge, isSmooth }) })
        }
      />
      smooth
    </label>
  );
}

interface PointProps extends OpenScene {
  readonly edge: DrawnEdge;
  readonly chosen: ChosenPoint;
}

function PointFields({ scene, change, show, edge, chosen: { line, index } }: PointProps) {
  const point = edge.points[index];
  if (!point) return null;
  const moved = (to: ScenePoint) => ({ lines: movePoint(scene.lines, line, index, to) });
  return (
    <div
      role="group"
      aria-label={`Point ${index + 1}`}
      className="flex flex-wrap items-start gap-4 pt-2"
    >
      <span className="text-sheet-muted">Point {index + 1}</span>
      <CornerFields
        value={point}
        onPreview={(to) => show(to && moved(to))}
        onCommit={(to) => change(moved(to))}
      />
      <button
        type="button"
        className="button"
        onClick={() => change({ lines: addPoint(scene.lines, line, index) })}
      >
        Add a point
      </button>
      {edge.points.length > 2 && (
        <button
          type="button"
          className="button"
          onClick={() => change({ lines: removePoint(scene.lines, line, index) })}
        >
          Remove it
        </button>
      )}
    </div>
  );
}
