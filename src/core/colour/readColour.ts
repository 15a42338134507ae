import { colorsNamed } from 'culori/fn';
import { hexOfLab } from './hexOfLab';

/**
 * A colour as one types it: `#5c2e4b`, `5c2e4b`, a name of the CSS colours such as `teal`, or as measured under D65,
 * `L 52 a 30 b -12`. One that no screen shows is brought in, channel by channel.
 * @returns `#rrggbb`; undefined for anything else
 */
export function readColour(text: string): string | undefined {
  const wanted = text.trim().toLowerCase();
  const [, hex] = /^#?([0-9a-f]{6})$/.exec(wanted) ?? [];
  if (hex !== undefined) return `#${hex}`;
  return measured(wanted) ?? named(wanted);
}

function named(text: string): string | undefined {
  const names: Readonly<Record<string, number>> = colorsNamed;
  const value = Object.hasOwn(names, text) ? names[text] : undefined;
  return value === undefined ? undefined : `#${value.toString(16).padStart(6, '0')}`;
}

function measured(text: string): string | undefined {
  const number = String.raw`(-?\d+(?:[.,]\d+)?)`;
  const gap = String.raw`[\s;]*`;
  const form = new RegExp(
    `^(?:lab${gap}\\(?${gap}${number}[\\s;]+${number}[\\s;]+${number}${gap}\\)?|l\\*?${gap}${number}${gap}a\\*?${gap}${number}${gap}b\\*?${gap}${number})$`,
  );
  const found = form.exec(text);
  if (!found) return undefined;
  const [l, a, b] = found
    .slice(1)
    .filter((each) => each !== undefined)
    .map((each) => Number(each.replace(',', '.')));
  if (l === undefined || a === undefined || b === undefined) return undefined;
  if (l < 0 || l > 100 || Math.abs(a) > 160 || Math.abs(b) > 160) return undefined;
  return hexOfLab({ l, a, b });
}
