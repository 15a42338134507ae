import { createContext, use, useState } from 'react';
import type { ColourPart } from '../../../core/inking/colourParts';
import {
  pickableOpenings,
  pickOpening,
  type PickableOpenings,
} from '../../../core/inking/pickOpenings';
import {
  pickableOf,
  pickPart,
  toggleArea,
  type PickableParts,
} from '../../../core/inking/pickParts';
import { usualGap } from '../../../core/kinds/image/stampAreas';
import { layerOfPart } from '../../../core/kinds/layerAt';
import { asTyped } from '../../../core/length/typedLength';
import type { PieceId } from '../../../core/plan/ids';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';

/** What can be pointed at on the mark of the chosen part. */
export type Pickable = PickableParts | PickableOpenings;

export interface Picking {
  readonly pickable: Pickable | undefined;
  /** Whether the areas are shown, to be pointed at. */
  readonly isOn: boolean;
  readonly toggle: () => void;
  /** Makes a part of an area, or adds it to the chosen part, or takes it out. */
  readonly pick: (area: number) => void;
}

export const PickingContext = createContext<Picking | undefined>(undefined);

/** @throws Error outside the station */
export function usePickingOf(): Picking {
  const picking = use(PickingContext);
  if (!picking) throw new Error('usePickingOf: outside the Colour station');
  return picking;
}

/** Picking parts out of the lines of the chosen image, or openings of the chosen stencil; `p` begins and ends it. */
export function usePicking(
  part: ColourPart | undefined,
  onPicked: (pieceId: PieceId, layer: number) => void,
): Picking {
  const { card, unit, commit } = useCardSession();
  const [isAsked, setAsked] = useState(false);
  const mark = card.marks.find(({ id }) => id === part?.at[0]?.pieceId);
  const layer = part?.at[0]?.layer ?? 0;
  const pickable =
    mark && (pickableOf(mark, layer, asTyped(usualGap[unit])) ?? pickableOpenings(mark, layer));
  const isOn = isAsked && pickable !== undefined;
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
    pick: (area) => {
      const picked = pickable?.areas.find(({ index }) => index === area);
      if (!pickable || !picked) return;
      if (pickable.kind === 'openings') {
        const inked = pickOpening(pickable, area);
        if (!inked) return;
        commit(changePiece(pickable.piece, inked.change));
        onPicked(pickable.piece.id, inked.layer);
        return;
      }
      const { piece, stamp, gap, index } = pickable;
      const change =
        index === undefined
          ? pickPart(piece, stamp, picked.outline, gap)
          : toggleArea(piece, index, picked.outline);
      if (!change) return;
      commit(changePiece(piece, change));
      if (index === undefined) onPicked(piece.id, layerOfPart(piece, piece.parts.length));
    },
  };
}
