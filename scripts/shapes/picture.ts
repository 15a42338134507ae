/** A picture as it is drawn: hundredths of an inch, lowest part first. */
export interface Picture {
  readonly id: string;
  readonly name: string;
  /** Hundredths of an inch. */
  readonly size: readonly [number, number];
  readonly sort: 'outline' | 'solid' | 'background' | 'layering';
  readonly parts: readonly {
    readonly name: string;
    readonly colour: string;
    readonly paths: readonly string[];
    /** Drawn along, so wide; else filled. */
    readonly line?: number;
  }[];
  /** How wide its outlines are; none for a solid stamp. */
  readonly outline?: number;
  /** Whether a die that cuts round it is sold with it. */
  readonly hasDie: boolean;
}

/** The ink of outlines. */
export const ink = '#22282b';
export const part = (name: string, colour: string, ...paths: readonly string[]) => ({
  name,
  colour,
  paths,
});
export const lines = (
  name: string,
  colour: string,
  width: number,
  ...paths: readonly string[]
) => ({
  ...part(name, colour, ...paths),
  line: width,
});
