import { createContext, use, useState } from 'react';
import type { ColourPart } from '../../../core/inking/colourParts';
import { areasOfPart, pickPart, toggleArea } from '../../../core/inking/pickParts';
import { layerAt, layerOfPart } from '../../../core/kinds/image/imageLayers';
import { stampAreas } from '../../../core/kinds/image/stampAreas';
import { asTyped, type TypedLength } from '../../../core/length/typedLength';
import { inches, millimetres } from '../../../core/length/length';
import type { Outline } from '../../../core/outline/outline';
import type { PieceId } from '../../../core/plan/ids';
import type { Stamp } from '../../../core/plan/libraryItem';
import type { PieceOf } from '../../../core/plan/piece';
import { changePiece, type ChangeOf } from '../../../core/plan/pieceEdits';
import type { ResolvedMark } from '../../../core/resolve/resolvedMark';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';

/** The image of the chosen part whose lines enclose areas, and how parts are picked out of them. */
export interface Pickable {
  readonly mark: ResolvedMark;
  readonly piece: PieceOf<'image'>;
  readonly stamp: Stamp;
  /** What its lines enclose, with gaps closed as they are for the chosen part. */
  readonly areas: readonly Outline[];
  readonly gap: TypedLength;
  /** The chosen part, where that was picked out of the lines. */
  readonly index: number | undefined;
  /** The areas of the chosen part. */
  readonly own: readonly number[];
}

export interface Picking {
  readonly pickable: Pickable | undefined;
  /** Whether the areas are shown, to be pointed at. */
  readonly isOn: boolean;
  readonly toggle: () => void;
  /** Makes a part of an area, or adds it to the chosen part, or takes it out. */
  readonly pick: (area: number) => void;
  /** Makes a part of an area, whatever is chosen. */
  readonly pickNew: (area: number) => void;
}

export const PickingContext = createContext<Picking | undefined>(undefined);

/** @throws Error outside the station */
export function usePickingOf(): Picking {
  const picking = use(PickingContext);
  if (!picking) throw new Error('usePickingOf: outside the Colour station');
  return picking;
}

/** Picking parts out of the lines of the image of the chosen part; `p` begins and ends it. */
export function usePicking(
  part: ColourPart | undefined,
  onPicked: (pieceId: PieceId, layer: number) => void,
): Picking {
  const { card, unit, commit } = useCardSession();
  const [isAsked, setAsked] = useState(false);
  const mark = card.marks.find(({ id }) => id === part?.at[0]?.pieceId);
  const pickable = mark && pickableOf(mark, part?.at[0]?.layer ?? 0, usualGap[unit]);
  const isOn = isAsked && pickable !== undefined;
  const make = (change: ChangeOf<'image'> | undefined) => {
    if (!pickable || !change) return;
    commit(changePiece(pickable.piece, change));
  };
  const pickNew = (area: number) => {
    const outline = pickable?.areas[area];
    if (!pickable || !outline) return;
    const { piece, stamp, gap } = pickable;
    const change = pickPart(piece, stamp, outline, gap);
    make(change);
    if (change) onPicked(piece.id, layerOfPart(piece, piece.parts.length));
  };
  const toggle = () => setAsked(!isOn);
  useKeys({
    p: () => {
      if (!pickable) return false;
      toggle();
      return true;
    },
  });
  return {
    pickable,
    isOn,
    toggle,
    pickNew,
    pick: (area) => {
      const outline = pickable?.areas[area];
      if (!pickable || !outline) return;
      if (pickable.index === undefined) pickNew(area);
      else make(toggleArea(pickable.piece, pickable.index, outline));
    },
  };
}

/** So wide a gap is closed to begin with; from memory. */
const usualGap = { in: asTyped(inches(0, 1, 32)), mm: asTyped(millimetres(1)) } as const;

function pickableOf(mark: ResolvedMark, layer: number, usual: TypedLength): Pickable | undefined {
  const { piece, stamp } = mark;
  if (piece.kind !== 'image' || !stamp || stamp.words) return undefined;
  const at = layerAt(piece, layer);
  const picked = at.kind === 'part' ? at : undefined;
  const gap = picked?.part.gap ?? usual;
  const areas = stampAreas(stamp, gap.ticks);
  if (areas.length === 0) return undefined;
  return {
    mark,
    piece,
    stamp,
    areas,
    gap,
    index: picked?.index,
    own: picked ? areasOfPart(picked.part, stamp) : [],
  };
}
