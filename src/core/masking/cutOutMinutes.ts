/** A pass through the die press, and foam under what it cut. A minute a pass: common practice; the foam from memory. */
export const cutOutMinutes = 3;
