import { weightPartNames } from '../../../core/prose/postWords';
import { weightParts, type Weight, type WeightPart } from '../../../core/post/weighCard';

/** A part of the weight with its sum. */
export interface WeightShare {
  readonly part: WeightPart;
  readonly name: string;
  readonly grams: number;
}

/** The weight by its parts, in their order; parts that weigh nothing are left out. */
export function sharesOf({ rows }: Weight): readonly WeightShare[] {
  return weightParts.flatMap((part) => {
    const grams = rows.reduce((sum, row) => sum + (row.part === part ? row.grams : 0), 0);
    return grams > 0 ? [{ part, name: weightPartNames[part], grams }] : [];
  });
}
