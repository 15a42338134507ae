declare module 'spectral.js' {
  /** A colour by its reflectance in 38 bands; only what is used here. */
  export class Color {
    constructor(of: string | number[]);
    /** From 380 to 750 nm, every 10 nm. */
    readonly R: number[];
    toGamut(how?: { method?: 'map' | 'clip' }): Color;
    /** `#RRGGBB`. */
    toString(how?: { format?: 'hex'; method?: 'map' | 'clip' }): string;
  }
}
