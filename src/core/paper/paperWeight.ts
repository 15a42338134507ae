/**
 * Basis weights: 500 sheets of a grade's basic sheet weigh so many pounds. The same number of pounds is
 * another paper in another grade.
 */
export const weightBases = ['cover', 'text', 'bond', 'index', 'bristol', 'tag'] as const;
export type WeightBasis = (typeof weightBases)[number];

/** Basic sheets in inches; TAPPI and ASTM trade usage, from memory. */
const basicSheets: Readonly<Record<WeightBasis, readonly [width: number, height: number]>> = {
  cover: [20, 26],
  text: [25, 38],
  bond: [17, 22],
  index: [25.5, 30.5],
  bristol: [22.5, 28.5],
  tag: [24, 36],
};

const sheetsInReam = 500;
/** International pound of 1959, and the inch of the same year, both exact. */
const gramsPerPound = 453.59237;
const squareMetresPerSquareInch = 0.0254 ** 2;

/**
 * Grams per square metre of a basis weight, not rounded.
 * @example Math.round(gramsOfPounds(80, 'cover')) // 216
 */
export function gramsOfPounds(pounds: number, basis: WeightBasis): number {
  const [width, height] = basicSheets[basis];
  return (pounds * gramsPerPound) / (sheetsInReam * width * height * squareMetresPerSquareInch);
}

/** The basis weight of so many grams per square metre, not rounded. */
export function poundsOfGrams(grams: number, basis: WeightBasis): number {
  return grams / gramsOfPounds(1, basis);
}

/**
 * What so many grams are called in pounds, of the grades cards are made from; to the nearest pound.
 * @example weightWords(216) // '216 g/m² is about 80 lb cover or 146 lb text'
 */
export function weightWords(grams: number): string {
  const [cover, text] = [poundsOfGrams(grams, 'cover'), poundsOfGrams(grams, 'text')];
  return `${grams} g/m² is about ${Math.round(cover)} lb cover or ${Math.round(text)} lb text`;
}
