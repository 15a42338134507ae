import type { Attributes } from './svgNode';

/** A path, or a basic shape as one; undefined for what draws nothing itself. */
export function pathOf(tag: string, attributes: Attributes): string | undefined {
  const at = (key: string) => Number.parseFloat(attributes[key] ?? '0') || 0;
  switch (tag) {
    case 'path':
      return attributes['d']?.trim() || undefined;
    case 'rect': {
      const [x, y, width, height] = [at('x'), at('y'), at('width'), at('height')];
      const given = attributes['rx'] ?? attributes['ry'];
      const r = Math.min(Number.parseFloat(given ?? '0') || 0, width / 2, height / 2);
      if (!(width > 0 && height > 0)) return undefined;
      if (r <= 0) return `M${x} ${y}h${width}v${height}h${-width}Z`;
      const [across, down] = [width - 2 * r, height - 2 * r];
      const arc = (dx: number, dy: number) => `a${r} ${r} 0 0 1 ${dx} ${dy}`;
      return `M${x + r} ${y}h${across}${arc(r, r)}v${down}${arc(-r, r)}h${-across}${arc(-r, -r)}v${-down}${arc(r, -r)}Z`;
    }
    case 'circle':
    case 'ellipse': {
      const rx = tag === 'circle' ? at('r') : at('rx');
      const ry = tag === 'circle' ? at('r') : at('ry');
      if (!(rx > 0 && ry > 0)) return undefined;
      const [cx, cy] = [at('cx'), at('cy')];
      return `M${cx - rx} ${cy}a${rx} ${ry} 0 1 1 ${2 * rx} 0a${rx} ${ry} 0 1 1 ${-2 * rx} 0Z`;
    }
    case 'polygon':
    case 'polyline': {
      const points = attributes['points']?.trim();
      return points ? `M${points}${tag === 'polygon' ? 'Z' : ''}` : undefined;
    }
    default:
      return undefined;
  }
}
