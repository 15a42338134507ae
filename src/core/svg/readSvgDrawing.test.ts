import { describe, expect, it } from 'vitest';
import { inches, millimetres } from '../length/length';
import { flattenPath } from '../geometry/flattenPath';
import { boundsOf } from '../outline/outline';
import { readSvgDrawing } from './readSvgDrawing';

const svg = (inner: string, attributes = 'viewBox="0 0 100 100"') =>
  `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inner}</svg>`;
const read = (text: string) => {
  const result = readSvgDrawing(text);
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  const { box, outline, size, closed, shapes } = result.drawing;
  return { shape: { box, outline }, size, closed, shapes };
};
const issueOf = (text: string) => {
  const result = readSvgDrawing(text);
  return result.ok ? undefined : result.issue.code;
};

describe('an outline from an SVG drawing', () => {
  it('has its corner at the corner of its box, and the longer side a thousand units', () => {
    const { shape, size } = read(svg('<path d="M20 30h40v20h-40z"/>'));
    expect(shape.box).toEqual({ width: 1000, height: 500 });
    expect(boundsOf(flattenPath(shape.outline))).toEqual({ x0: 0, y0: 0, x1: 1000, y1: 500 });
    expect(size).toBeUndefined();
  });

  it('has the size the file says, in any unit of length', () => {
    const mm = read(
      svg(
        '<rect x="5" y="5" width="50" height="25"/>',
        'width="100mm" height="100mm" viewBox="0 0 100 100"',
      ),
    );
    expect(mm.size).toEqual({ width: millimetres(50), height: millimetres(25) });
    const inch = read(
      svg('<circle cx="2" cy="2" r="1"/>', 'width="8in" height="8in" viewBox="0 0 16 16"'),
    );
    expect(inch.size).toEqual({ width: inches(1), height: inches(1) });
    const points = read(
      svg('<ellipse cx="9" cy="9" rx="36" ry="18"/>', 'width="72pt" height="72pt"'),
    );
    expect(points.size).toEqual({ width: inches(1), height: inches(0, 1, 2) });
    expect(read(svg('<circle r="4"/>', 'width="96px" viewBox="0 0 9 9"')).size).toBeUndefined();
  });

  it('goes through groups with their transforms, the innermost first', () => {
    const { shape } = read(
      svg(
        '<g transform="scale(2 1)"><g transform="rotate(90)"><rect width="10" height="30"/></g></g>',
      ),
    );
    // Turned, the rectangle is 30 wide and 10 high; then twice as wide.
    expect(shape.box).toEqual({ width: 1000, height: Math.round(1e5 / 6) / 100 });
  });

  it('closes open paths and says how many, and leaves lines out', () => {
    const { shape, closed } = read(
      svg(
        '<path d="M0 0L10 0L10 10"/><polyline points="20 20 30 20 30 30"/><path d="M0 0L90 90"/><line x1="0" y1="0" x2="5" y2="5"/>',
      ),
    );
    expect(closed).toBe(2);
    expect(flattenPath(shape.outline)).toHaveLength(2);
    expect(shape.outline.match(/z/gi)).toHaveLength(2);
  });

  it('keeps windows, and passes over what is not drawn', () => {
    const { shape } = read(
      svg(
        '<defs><path d="M0 0h99v99z"/></defs><clipPath id="c"><rect width="9" height="9"/></clipPath>' +
          '<path d="M10 10h40v40h-40zM20 20h20v20h-20z"/><rect display="none" width="99" height="99"/><text>words</text>',
      ),
    );
    expect(shape.box).toEqual({ width: 1000, height: 1000 });
    expect(flattenPath(shape.outline)).toHaveLength(2);
  });

  it('rounds the corners of a rounded rectangle', () => {
    const { shape } = read(svg('<rect width="40" height="20" rx="5"/>'));
    expect(flattenPath(shape.outline)[0]?.length).toBeGreaterThan(20);
    expect(shape.box).toEqual({ width: 1000, height: 500 });
  });

  it('is drawn into its size as the file says: whole by default, cut off or stretched where asked', () => {
    // A view box of 100 by 50 in a square of 100 mm: SVG 2, section 8.6.
    const sized = (how: string) =>
      read(
        svg(
          '<rect width="100" height="50"/>',
          `width="100mm" height="100mm" viewBox="0 0 100 50" preserveAspectRatio="${how}"`,
        ),
      ).size;
    expect(sized('xMidYMid')).toEqual({ width: millimetres(100), height: millimetres(50) });
    expect(sized('xMinYMin slice')).toEqual({ width: millimetres(200), height: millimetres(100) });
    expect(sized('none')).toEqual({ width: millimetres(100), height: millimetres(100) });
  });

  it('reads what old drawing programs write: a plain document type, and shapes shown by a reference', () => {
    const text =
      '<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd">' +
      '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink">' +
      '<defs><path id="a" d="M0 0h10v10h-10z"/></defs><use xlink:href="#a"/><use href="#a" x="30"/></svg>';
    expect(flattenPath(read(text).shape.outline)).toHaveLength(2);
    expect(issueOf(svg('<g id="a"><use href="#a"/><path d="M0 0h9v9z"/></g>'))).toBe(
      'too-detailed',
    );
  });

  it('keeps colours from style sheets, styles and groups', () => {
    const { shapes } = read(
      svg(
        '<style>.a{fill:#00F;stroke:none} .b, .c{fill:none;stroke:#0a0;stroke-width:3}</style>' +
          '<g fill="green"><path class="a" d="M0 0h9v9z"/><path class="c" d="M0 0h90v90z"/>' +
          '<path style="fill:rgb(1,2,3)" d="M0 0h9v9z"/><path d="M0 0h9v9z"/></g>',
      ),
    );
    expect(shapes.map(({ fill, stroke, strokeWidth }) => [fill, stroke, strokeWidth])).toEqual([
      ['#0000ff', undefined, expect.any(Number)],
      [undefined, '#00aa00', Math.round(3e5 / 90) / 100],
      ['#010203', undefined, expect.any(Number)],
      ['#008000', undefined, expect.any(Number)],
    ]);
  });

  it.each([
    ['<path d="M0 0h9v9z"', 'broken'],
    ['', 'no-outline'],
    ['<path d="M0 0L9 9"/>', 'no-outline'],
    ['<path d="M0 0h9v9z" fill="none"/>', 'no-outline'],
    ['<path d="M0 0L"/>', 'bad-path'],
    ['<script>alert(1)</script>', 'script'],
    ['<path onload="x()" d="M0 0h9v9z"/>', 'script'],
    ['<image href="https://example.org/a.png"/>', 'external'],
    ['<use href="other.svg#a"/>', 'external'],
    ['<g>'.repeat(80) + '</g>'.repeat(80), 'too-detailed'],
    [`<path d="M0 0${'l1 2 3 -1'.repeat(40_000)}z"/>`, 'too-detailed'],
    [`<path d="${'M0 0'.repeat(300_000)}"/>`, 'too-large'],
  ])('refuses with a reason: %.40s', (inner, code) => {
    expect(issueOf(svg(inner))).toBe(code);
  });

  it('refuses what is no SVG, and entities that would grow', () => {
    expect(issueOf('hello')).toBe('no-svg');
    expect(issueOf('{"svg": 1}')).toBe('no-svg');
    expect(issueOf('<!DOCTYPE svg [<!ENTITY a "aaaa">]><svg>&a;</svg>')).toBe('entities');
  });
});
