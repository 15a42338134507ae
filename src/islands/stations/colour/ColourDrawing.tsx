import { useRef } from 'react';
import type { ColourPart } from '../../../core/inking/colourParts';
import { pointWithin } from '../../../core/kinds/image/pointWithin';
import { partOutline } from '../../../core/kinds/image/stampAreas';
import { layerOfPart } from '../../../core/kinds/layerAt';
import { kindOf } from '../../../core/kinds/kinds';
import type { Outline } from '../../../core/outline/outline';
import { boundsOf } from '../../../core/outline/outline';
import { drawFace } from '../../../core/pictures/drawFace';
import { inkOf, onFaceOf } from '../../../core/resolve/inkOf';
import { outlineOf } from '../../../core/resolve/outlineOf';
import type { ResolvedMark } from '../../../core/resolve/resolvedMark';
import { FacePicture } from '../../parts/FacePicture';
import { AreaNumber } from '../../parts/NumberButtons';
import { pathOf } from '../../parts/pathOf';
import { SelectionBrackets } from '../../parts/SelectionBrackets';
import { useSize } from '../../parts/useSize';
import { useCardSession } from '../../session/CardSession';
import { usePickingOf, type Pickable } from './usePicking';

interface Props {
  /** Those of the face shown. */
  readonly parts: readonly ColourPart[];
  readonly chosen: ColourPart | undefined;
  readonly onChoose: (part: ColourPart | undefined) => void;
}

/** As high as the card may stand, so that what is beneath it is seen too. */
const mostHeight = 400;

/** The face as it will look, as large as the column; pointing at a part chooses it. */
export function ColourDrawing({ parts, chosen, onChoose }: Props) {
  const { card, face, plan } = useCardSession();
  const element = useRef<HTMLDivElement>(null);
  const { width } = useSize(element, { width: 0, height: 0 });
  const size = card.base.face;
  const scale = Math.min((width - 8) / size.width, mostHeight / size.height);
  const [wide, high] = [size.width * scale, size.height * scale];
  const marks = card.marks.filter((mark) => mark.face === face);
  const stock = chosen?.ground.from.kind === 'stock' ? chosen.ground.from.stock.name : undefined;
  const box = chosen && boxOf(chosen, marks, scale);
  const picking = usePickingOf();
  const whole = { x: -4, y: -4, width: wide + 8, height: high + 8 };
  // Areas are small; while they are picked, their image fills the drawing.
  const picked = picking.isOn ? picking.pickable : undefined;
  const view = picked ? closeView(picked, scale, whole) : whole;
  return (
    <div ref={element} className="min-w-0">
      {width > 0 && (
        <svg
          width={wide + 8}
          height={high + 8}
          viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
          role="img"
          aria-label={`${plan.about.title}, as it will look`}
          onPointerDown={() => onChoose(undefined)}
        >
          <g pointerEvents="none">
            <FacePicture pieces={drawFace(card, face)} scale={scale} />
          </g>
          {marks.flatMap((mark) =>
            areasOf(mark).map(({ layer, outline, halfWidth }, index) => {
              const part = parts.find(({ at }) =>
                at.some((each) => each.pieceId === mark.id && each.layer === layer),
              );
              return (
                <path
                  key={`${mark.id}:${index}`}
                  d={pathOf(outline, scale)}
                  fill={halfWidth === undefined ? 'transparent' : 'none'}
                  fillRule="evenodd"
                  stroke="transparent"
                  strokeWidth={halfWidth === undefined ? 0 : Math.max(5, 2 * halfWidth * scale)}
                  pointerEvents={halfWidth === undefined ? 'fill' : 'stroke'}
                  className="cursor-pointer"
                  onPointerDown={(event) => {
                    event.stopPropagation();
                    onChoose(part);
                  }}
                />
              );
            }),
          )}
          {picked ? (
            <PickAreas
              pickable={picked}
              scale={scale}
              unit={view.width / whole.width}
              onPick={picking.pick}
            />
          ) : (
            box && <SelectionBrackets box={box} />
          )}
        </svg>
      )}
      <p className="pt-1">
        <strong className="font-heading text-[17px] font-semibold">As it will look</strong>
        <span className="text-sheet-muted pl-3">
          {picking.isOn
            ? 'point at an area to pick it; Enough picked, or p, ends it'
            : stock === undefined
              ? 'point at a part, or go through them with ↑ ↓'
              : `on ${stock}`}
        </span>
      </p>
    </div>
  );
}

type View = Readonly<Record<'x' | 'y' | 'width' | 'height', number>>;

/** The part of the drawing that is filled by what is picked among, as wide for its height as all of it. */
function closeView({ mark, areas, box, at }: Pickable, scale: number, whole: View): View {
  const own = boundsOf(outlineOf(mark));
  const picked = boundsOf(areas.flatMap(({ outline }) => onFaceOf(mark, outline, box, at)));
  const isImage = mark.piece.kind === 'image';
  const [x0, y0] = isImage
    ? [own.x0, own.y0]
    : [Math.max(own.x0, picked.x0), Math.max(own.y0, picked.y0)];
  const [x1, y1] = isImage
    ? [own.x1, own.y1]
    : [Math.min(own.x1, picked.x1), Math.min(own.y1, picked.y1)];
  const part = Math.min(
    1,
    Math.max(((x1 - x0) * scale) / whole.width, ((y1 - y0) * scale) / whole.height) * 1.15,
  );
  const [width, height] = [whole.width * part, whole.height * part];
  return {
    x: ((x0 + x1) / 2) * scale - width / 2,
    y: ((y0 + y1) / 2) * scale - height / 2,
    width,
    height,
  };
}

interface PickProps {
  readonly pickable: Pickable;
  readonly scale: number;
  /** A pixel on the screen in the units of the drawing. */
  readonly unit: number;
  readonly onPick: (area: number) => void;
}

/** The areas an image's lines enclose or the openings of a stencil, numbered, those of the chosen part filled. */
function PickAreas({ pickable, scale, unit, onPick }: PickProps) {
  const { mark, areas, box, at: field, own } = pickable;
  return areas.map(({ index, outline }) => {
    const { x, y } = pointWithin(outline);
    const [[at] = []] = onFaceOf(mark, [[{ x, y }]], box, field);
    return (
      <g key={index}>
        <path
          d={pathOf(onFaceOf(mark, outline, box, field), scale)}
          fillRule="evenodd"
          className={`stroke-violet cursor-pointer ${own.includes(index) ? 'fill-violet/25' : 'hover:fill-violet/10 fill-transparent'}`}
          strokeWidth={unit}
          strokeDasharray={`${4 * unit} ${3 * unit}`}
          onPointerDown={(event) => {
            event.stopPropagation();
            onPick(index);
          }}
        />
        {at && <AreaNumber x={at.x * scale} y={at.y * scale} number={index} unit={unit} />}
      </g>
    );
  });
}

interface PartArea {
  readonly layer: number;
  readonly outline: Outline;
  /** Of a line; undefined for an area. */
  readonly halfWidth: number | undefined;
}

/** Where on its face each layer of a mark lies. */
function areasOf(mark: ResolvedMark): readonly PartArea[] {
  const whole = { layer: 0, outline: outlineOf(mark), halfWidth: undefined };
  const { piece, paints } = mark;
  const hasLayers = piece.kind === 'image' || (piece.kind === 'stencil' && paints.length > 1);
  if (mark.words || kindOf(piece).isSmall || !hasLayers) return [whole];
  const inked = inkOf(mark).flatMap(({ outline, halfWidth, paint }) => {
    const layer = mark.paints.indexOf(paint);
    return layer === -1 ? [] : [{ layer, outline, halfWidth }];
  });
  return [...inked, ...openPartsOf(mark)];
}

/** Parts picked out of the lines that nobody has coloured yet; nothing is drawn of them. */
function openPartsOf(mark: ResolvedMark): readonly PartArea[] {
  const { piece, stamp, paints } = mark;
  if (piece.kind !== 'image' || !stamp) return [];
  return piece.parts.flatMap(({ at, gap }, index): readonly PartArea[] => {
    const layer = layerOfPart(piece, index);
    if (paints[layer]?.from.kind !== 'open') return [];
    const outline = onFaceOf(mark, partOutline(stamp, gap.ticks, at), stamp.shape.box);
    return [{ layer, outline, halfWidth: undefined }];
  });
}

function boxOf({ at }: ColourPart, marks: readonly ResolvedMark[], scale: number) {
  const outlines = at.flatMap(({ pieceId, layer }) => {
    const mark = marks.find(({ id }) => id === pieceId);
    return mark
      ? areasOf(mark)
          .filter((area) => area.layer === layer)
          .flatMap(({ outline }) => outline)
      : [];
  });
  if (outlines.length === 0) return undefined;
  const { x0, y0, x1, y1 } = boundsOf(outlines);
  return { x: x0 * scale, y: y0 * scale, width: (x1 - x0) * scale, height: (y1 - y0) * scale };
}
