import { drawFace } from '../../../core/pictures/drawFace';
import { writeLength } from '../../../core/length/formatLength';
import { faceName, type FaceId } from '../../../core/plan/faces';
import { supportRect, type ResolvedCard } from '../../../core/resolve/resolvedCard';
import type { SupportId } from '../../../core/resolve/origins';
import { capitalise } from '../../../core/words/phrases';
import { DimensionLine } from '../../parts/DimensionLine';
import { FacePicture } from '../../parts/FacePicture';
import { edgeLayers, fromAboveRoom, scaleDrawing, type Box } from '../../parts/drawingScale';
import { EdgeView } from '../../parts/EdgeView';
import { faceCaption } from './foldWords';
import { FromAbove } from './FromAbove';
import { LeaderLines } from './LeaderLines';
import { SelectionBrackets } from '../../parts/SelectionBrackets';
import { SmallViews, smallViewsSize } from './SmallViews';
import { useCardSession } from '../../session/CardSession';
import { paperUnder } from './paperUnder';
import { changeAndFocusRow } from './rowFocus';

interface Props {
  readonly width: number;
  readonly anchors: ReadonlyMap<string, number>;
}

/** The most height the main view takes; what it leaves free goes to the views below. */
const mainHeight = 418;
/** How far 'Edge thickness × 10' goes, and 'From above D on the left flap'. */
const captionWidth = { plain: 138, gate: 206 } as const;
/** The main view with its dimension lines above and the small views below. */
const belowMain = 148;

/** The card as a workshop drawing: main view, edge view, blank, other face, leaders to the rows. */
export function CardDrawing({ width, anchors }: Props) {
  const { plan, card, unit, face, turn, selected: chosen, select } = useCardSession();
  const selected = paperUnder(plan, chosen);
  const onSelect = (id: SupportId) => changeAndFocusRow(() => select(id), id);
  const { fold } = plan.base;
  const scale = scaleDrawing(card, fold, width, mainHeight);
  const layers = edgeLayers(card, fold, scale);
  const shownBox = (id: SupportId): Box => {
    const rect = supportRect(card, id);
    const at = (ticks: number) => ticks * scale.pixelsPerTick;
    return {
      x: scale.face.x + at(rect.x),
      y: scale.face.y + at(rect.y),
      width: at(rect.width),
      height: at(rect.height),
    };
  };
  const resolved = card.pieces.find(({ id }) => id === selected);
  const isShown = resolved ? resolved.face === face : selected === 'base';
  const bottom = scale.face.y + scale.face.height;
  const thickness = card.thickness.closed;
  const spare = mainHeight - scale.face.height - (fold === 'gate' ? fromAboveRoom : 0);
  const smallBottom = scale.face.y + mainHeight + 126;
  const smallTop = smallBottom - smallViewsSize(card.base.blank, width, spare).height;
  return (
    <svg
      width={width}
      height={scale.face.y + mainHeight + belowMain}
      className="overflow-visible"
      role="img"
      aria-label={`${capitalise(faceName(face, fold))} view, edge view and blank, to scale; the layers beside it say the same in words`}
    >
      <DimensionLine
        axis="horizontal"
        from={scale.face.x}
        to={scale.face.x + scale.face.width}
        at={32}
        object={scale.face.y - 8}
        length={card.base.face.width}
        unit={unit}
      />
      <DimensionLine
        axis="vertical"
        from={scale.face.y}
        to={bottom}
        at={50}
        object={scale.face.x - 8}
        length={card.base.face.height}
        unit={unit}
      />
      <g className="drop-shadow-md">
        <g transform={`translate(${scale.face.x} ${scale.face.y})`}>
          <FacePicture pieces={drawFace(card, face)} scale={scale.pixelsPerTick} />
        </g>
      </g>
      <HitAreas card={card} face={face} shownBox={shownBox} onSelect={onSelect} />
      {isShown && <SelectionBrackets box={shownBox(selected)} />}
      <EdgeView
        layers={layers}
        fold={fold}
        edge={scale.edge}
        colour={card.base.paint.colour}
        selected={selected}
      />
      <ThicknessLine x={scale.edge.x} width={scale.edge.width}>
        {writeLength(thickness, 'mm')} mm closed
        <tspan dx={8} className="fill-sheet-muted text-[14px]" fontWeight={400}>
          {writeLength(thickness, 'in')} in
        </tspan>
      </ThicknessLine>
      <SmallViews
        card={card}
        fold={fold}
        unit={unit}
        face={face}
        width={width}
        bottom={smallBottom}
        spare={spare}
        onTurn={turn}
      />
      <LeaderLines
        layers={layers}
        anchors={anchors}
        to={width + 12}
        selected={selected}
        lowest={smallTop - 4}
        caption={{
          top: bottom,
          right:
            scale.edge.x +
            Math.max(scale.edge.width, captionWidth[fold === 'gate' ? 'gate' : 'plain']) +
            8,
        }}
      />
      <text x={scale.face.x} y={bottom + 24} className="caption">
        {capitalise(faceName(face, fold))}
        <tspan dx={10} className="fill-sheet-muted font-sans">
          {faceCaption(face, fold)}
        </tspan>
      </text>
      {fold === 'gate' && <FromAbove card={card} scale={scale} />}
      <text x={scale.edge.x} y={bottom + 24} className="caption">
        Edge
        <tspan dx={10} className="fill-sheet-muted font-sans">
          thickness × {scale.thicknessFactor}
        </tspan>
        {fold === 'gate' && (
          <tspan x={scale.edge.x} dy={18} className="fill-sheet-muted font-sans">
            through a flap
          </tspan>
        )}
      </text>
    </svg>
  );
}

interface HitAreasProps {
  readonly card: ResolvedCard;
  readonly face: FaceId;
  readonly shownBox: (id: SupportId) => Box;
  readonly onSelect: (id: SupportId) => void;
}

/** Pointing at a layer in the drawing selects it; the rows do the same for the keyboard. */
function HitAreas({ card, face, shownBox, onSelect }: HitAreasProps) {
  const ids: SupportId[] = [
    'base',
    ...card.pieces.filter((p) => p.face === face).map(({ id }) => id),
  ];
  return (
    <g fill="transparent" className="cursor-pointer">
      {ids.map((id) => (
        <rect key={id} {...shownBox(id)} onClick={() => onSelect(id)} />
      ))}
    </g>
  );
}

interface ThicknessLineProps {
  readonly x: number;
  readonly width: number;
  readonly children: React.ReactNode;
}

/** The closed thickness, its figure beside the line because the view is narrow. */
function ThicknessLine({ x, width, children }: ThicknessLineProps) {
  const right = x + width;
  return (
    <g>
      <path
        d={`M${x} 24v34M${right} 24v34M${x} 32H${right}`}
        stroke="var(--color-dimension)"
        fill="none"
      />
      <path d={`M${x} 32l8 -2.5v5zM${right} 32l-8 -2.5v5z`} fill="var(--color-dimension)" />
      <text x={right + 10} y={37} fontWeight={600} className="fill-dimension text-[17px]">
        {children}
      </text>
    </g>
  );
}
