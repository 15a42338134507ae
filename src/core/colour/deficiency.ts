/** Eyes that lack one kind of cone. */
export const deficiencies = ['protan', 'deutan', 'tritan'] as const;
export type Deficiency = (typeof deficiencies)[number];

/**
 * What turns linear red, green and blue into what such eyes see, row by row, for cones that are missing altogether.
 * Source: G. M. Machado, M. M. Oliveira and L. A. F. Fernandes, 'A Physiologically-based Model for Simulation of Color
 * Vision Deficiency', IEEE Transactions on Visualization and Computer Graphics 15 (6), 2009, table of severity 1.0.
 */
export const deficiencyMatrices: Readonly<Record<Deficiency, readonly number[]>> = {
  protan: [
    0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998,
  ],
  deutan: [
    0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.01182, 0.04294, 0.968881,
  ],
  tritan: [
    1.255528, -0.076749, -0.178779, -0.078411, 0.930809, 0.147602, 0.004733, 0.691367, 0.3039,
  ],
};

/** The same as the twenty values of an SVG colour matrix. */
export function svgMatrix(deficiency: Deficiency): string {
  const m = deficiencyMatrices[deficiency];
  return [0, 3, 6].map((row) => `${m.slice(row, row + 3).join(' ')} 0 0`).join(' ') + ' 0 0 0 1 0';
}
