import type { LibraryId } from '../plan/ids';
import type { Holding } from '../stash/holding';
import { holdingOf } from '../stash/holdings';
import type { PlannedMask } from './masksToCut';
import { stampOf } from './stampKey';

/** How a mask of a card stands with what is kept of it in the stash. */
export interface MaskStock {
  readonly stampId: LibraryId;
  /** So often those kept from other cards can still be laid on. */
  readonly kept: number;
  /** So many are cut beside them, for all copies. */
  readonly toCut: number;
  /** So often they can be laid on once all copies are made. */
  readonly left: number;
  /** Those of this card are kept already. */
  readonly isKept: boolean;
}

interface Batch {
  readonly cardId: string;
  readonly copies: number;
  /** So often a mask is laid on before it wears out. */
  readonly maskUses: number;
}

/**
 * What is kept of a mask, and what is left to cut; undefined for one that cannot be kept: a part of an image is cut for the
 * place where it is met, and only the masks of stamps are the same on another card. Those of one stamp that lie on together
 * are reckoned together.
 * @param all masks of the card
 */
export function maskStock(
  mask: PlannedMask,
  all: readonly PlannedMask[],
  holdings: readonly Holding[],
  { cardId, copies, maskUses }: Batch,
): MaskStock | undefined {
  const [{ print, mask: own }] = mask.covers;
  const stampId = stampOf(print);
  if (stampId === undefined || own.isPartial) return undefined;
  const masks = (holdingOf(holdings, stampId).masks ?? []).filter(
    ({ covers }) => covers === print.stamp,
  );
  const isKept = masks.some((each) => each.cardId === cardId);
  const kept = isKept ? 0 : masks.reduce((sum, { usesLeft }) => sum + usesLeft, 0);
  const alike = all.filter(
    ({ covers: [other] }) => other.print.stamp === print.stamp && !other.mask.isPartial,
  );
  const uses = alike.reduce((sum, { covers }) => sum + copies * covers.length, 0);
  // How many pieces of paper are kept is not known, but that there is one.
  const atOnce = alike.length - (kept > 0 ? 1 : 0);
  const toCut = Math.max(atOnce, Math.ceil((uses - kept) / maskUses));
  return { stampId, kept, toCut, left: kept + toCut * maskUses - uses, isKept };
}

/** The holding of its stamp with a mask as it is once all copies are made; one that is worn out goes. */
export function withKeptMask(
  holding: Holding,
  mask: PlannedMask,
  { left }: Pick<MaskStock, 'left'>,
  cardId: string,
): Holding {
  const without = withoutKeptMask(holding, mask);
  const { stamp } = mask.covers[0].print;
  if (stamp === undefined || left === 0) return without;
  return {
    ...without,
    masks: [...(without.masks ?? []), { covers: stamp, usesLeft: left, cardId }],
  };
}

/** Without what is kept of a mask. */
export function withoutKeptMask(holding: Holding, { covers: [{ print }] }: PlannedMask): Holding {
  return {
    ...holding,
    masks: (holding.masks ?? []).filter(({ covers }) => covers !== print.stamp),
  };
}
