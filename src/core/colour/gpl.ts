/** A colour of a palette file: what it is called, and `#rrggbb`. */
export interface NamedColour {
  readonly name: string;
  readonly colour: string;
}

export interface GplPalette {
  readonly name: string;
  readonly colours: readonly NamedColour[];
}

/** A line that could not be read, counted from 1, and why. */
export interface GplIssue {
  readonly line: number;
  readonly code: 'no-colour' | 'out-of-range';
}

export type GplReading =
  | { readonly ok: true; readonly palette: GplPalette; readonly issues: readonly GplIssue[] }
  | { readonly ok: false; readonly code: 'no-palette' | 'too-many' };

/** As many as a palette may have; more are no palette but a picture. */
export const mostGplColours = 1000;

/**
 * A palette as a GPL file, version 2 of that format: a head, then red, green and blue from 0 to 255 and a name in a line
 * each. Line breaks in names become spaces.
 */
export function writeGpl({ name, colours }: GplPalette): string {
  const lines = colours.map(({ name: own, colour }) => {
    const channels = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
    return `${channels.map((channel) => String(channel).padStart(3)).join(' ')}\t${oneLine(own)}`;
  });
  return ['GIMP Palette', `Name: ${oneLine(name)}`, 'Columns: 0', '#', ...lines, ''].join('\n');
}

/** The palette of a GPL file of either version; lines that are none are told with their number, the others are read. */
export function readGpl(text: string): GplReading {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/);
  if (lines[0]?.trim() !== 'GIMP Palette') return { ok: false, code: 'no-palette' };
  let name = '';
  const colours: NamedColour[] = [];
  const issues: GplIssue[] = [];
  for (const [index, line] of lines.entries()) {
    const text = line.trim();
    if (index === 0 || text === '' || text.startsWith('#')) continue;
    const head = /^(Name|Columns|Channels):\s*(.*)$/.exec(text);
    if (head) {
      if (head[1] === 'Name') name = head[2] ?? '';
      continue;
    }
    const [, red, green, blue, own = ''] = /^(\d+)\s+(\d+)\s+(\d+)(?:\s+(.*))?$/.exec(text) ?? [];
    const channels = [red, green, blue].map(Number);
    if (red === undefined) issues.push({ line: index + 1, code: 'no-colour' });
    else if (channels.some((channel) => channel > 255))
      issues.push({ line: index + 1, code: 'out-of-range' });
    else colours.push({ name: own, colour: hexOf(channels) });
  }
  if (colours.length > mostGplColours) return { ok: false, code: 'too-many' };
  return { ok: true, palette: { name, colours }, issues };
}

const oneLine = (text: string) => text.replaceAll(/\s+/g, ' ').trim();

function hexOf(channels: readonly number[]): string {
  return `#${channels.map((channel) => channel.toString(16).padStart(2, '0')).join('')}`;
}
