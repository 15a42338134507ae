import { hexOfLab } from '../colour/hexOfLab';
import { labOf } from '../colour/lab';
import { hueAngle } from '../colour/lch';

/** A step that is seen as an edge rather than a shade, in L*; from memory. */
export const gapStep = 30;
/** A turn of hue beyond which two colours do not shade into one another, in degrees; from memory. */
export const hueTurn = 40;
/** Below it a colour has no hue to speak of, in C*. */
export const greyish = 8;

/** How colours that are used together follow one another, from light to dark. */
export interface ShadeCheck {
  /** In L*, rounded, from light to dark. */
  readonly lightness: readonly number[];
  /** From each to the next darker, in L*. */
  readonly steps: readonly number[];
  /** The largest turn of hue between neighbours, in degrees; 0 among greys. */
  readonly turn: number;
  readonly gaps: readonly ShadeGap[];
}

/** A step with nothing between, from where to where in L*. */
export interface ShadeGap {
  readonly from: number;
  readonly to: number;
  /** What would lie in the middle of it, `#rrggbb`. */
  readonly wish: string;
}

/** @param colours as they are seen, in any order */
export function shadeCheck(colours: readonly string[]): ShadeCheck {
  const labs = colours.map(labOf).toSorted((a, b) => b.l - a.l);
  const pairs = labs.slice(1).map((dark, index) => ({ light: labs[index] ?? dark, dark }));
  const round = Math.round;
  return {
    lightness: labs.map(({ l }) => round(l)),
    steps: pairs.map(({ light, dark }) => round(light.l - dark.l)),
    turn: round(Math.max(0, ...pairs.map(({ light, dark }) => turnBetween(light, dark)))),
    gaps: pairs
      .filter(({ light, dark }) => light.l - dark.l > gapStep)
      .map(({ light, dark }) => ({
        from: round(light.l),
        to: round(dark.l),
        wish: hexOfLab({
          l: (light.l + dark.l) / 2,
          a: (light.a + dark.a) / 2,
          b: (light.b + dark.b) / 2,
        }),
      })),
  };
}

interface Hued {
  readonly a: number;
  readonly b: number;
}

/** The angle between two hues, 0 to 180 degrees. */
function turnBetween(one: Hued, two: Hued): number {
  if (Math.hypot(one.a, one.b) < greyish || Math.hypot(two.a, two.b) < greyish) return 0;
  const angle = ({ a, b }: Hued) => (Math.atan2(b, a) * 180) / Math.PI;
  return hueAngle(angle(one), angle(two));
}
