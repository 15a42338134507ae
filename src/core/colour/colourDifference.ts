import type { Lab } from './lab';

const degrees = Math.PI / 180;
const seventh = (value: number) => Math.sqrt(value ** 7 / (value ** 7 + 25 ** 7));

/**
 * The CIEDE2000 difference of two colours: 0 is the same, about 1 is just seen side by side. The
 * weights are 1. Source: CIE 142-2001; checked against the pairs of Sharma, Wu and Dalal (2005).
 */
export function colourDifference(one: Lab, two: Lab): number {
  const chroma = ({ a, b }: Lab) => Math.hypot(a, b);
  const stretch = 1 + 0.5 * (1 - seventh((chroma(one) + chroma(two)) / 2));
  const [c1, c2] = [one, two].map(({ a, b }) => Math.hypot(a * stretch, b)) as [number, number];
  const [h1, h2] = [one, two].map(({ a, b }) => hue(a * stretch, b)) as [number, number];
  const isGrey = c1 * c2 === 0;

  const lightness = two.l - one.l;
  const chromaStep = c2 - c1;
  const turn = isGrey ? 0 : shortTurn(h2 - h1);
  const hueStep = 2 * Math.sqrt(c1 * c2) * Math.sin((turn / 2) * degrees);

  const meanL = (one.l + two.l) / 2;
  const meanC = (c1 + c2) / 2;
  const meanH = isGrey ? h1 + h2 : meanHue(h1, h2);
  const t =
    1 -
    0.17 * Math.cos((meanH - 30) * degrees) +
    0.24 * Math.cos(2 * meanH * degrees) +
    0.32 * Math.cos((3 * meanH + 6) * degrees) -
    0.2 * Math.cos((4 * meanH - 63) * degrees);
  const towards50 = (meanL - 50) ** 2;
  const weightL = 1 + (0.015 * towards50) / Math.sqrt(20 + towards50);
  const weightC = 1 + 0.045 * meanC;
  const weightH = 1 + 0.015 * meanC * t;
  const rotation =
    -2 * seventh(meanC) * Math.sin(60 * Math.exp(-(((meanH - 275) / 25) ** 2)) * degrees);

  const [l, c, h] = [lightness / weightL, chromaStep / weightC, hueStep / weightH];
  return Math.sqrt(l * l + c * c + h * h + rotation * c * h);
}

/** The hue angle in degrees from 0 up to 360; a grey has none and gets 0. */
function hue(a: number, b: number): number {
  if (a === 0 && b === 0) return 0;
  const angle = Math.atan2(b, a) / degrees;
  return angle < 0 ? angle + 360 : angle;
}

/** The way round the circle that is at most half of it. */
function shortTurn(angle: number): number {
  if (angle > 180) return angle - 360;
  return angle < -180 ? angle + 360 : angle;
}

function meanHue(h1: number, h2: number): number {
  const sum = h1 + h2;
  if (Math.abs(h1 - h2) <= 180) return sum / 2;
  return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
}
