import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { resolvePlan } from '../resolve/resolvePlan';
import { facePage } from '../pictures/facePage';
import { plain, type Shape } from './shape';
import { writeSvg } from './writeSvg';
import { mm, line, pageOf, arch } from '../../../test/support/pages';

const square = [
  { x: 0, y: 0 },
  { x: mm(10), y: 0 },
  { x: mm(10), y: mm(10) },
];

describe('drawings as SVG', () => {
  it('are as large as in life, in millimetres, and leave empty layers out', () => {
    const svg = writeSvg(pageOf({ kind: 'outline', outline: [square], line }));
    expect(svg).toContain('width="100mm" height="50mm" viewBox="0 0 100 50"');
    expect(svg).toContain('<path d="M0 0L10 0L10 10Z" stroke="#112233" stroke-width="0.2"/>');
    expect(svg).not.toContain('empty');
    expect(XMLValidator.validate(svg)).toBe(true);
  });

  it('keep curves, in their place and turned over without moving', () => {
    expect(writeSvg(pageOf(arch))).toContain('d="M10 30A10 10 0 0 1 30 30Z"');
    expect(writeSvg(pageOf({ ...arch, isMirrored: true }))).toContain(
      'd="M30 30A10 10 0 0 0 10 30Z"',
    );
  });

  it('turn a line, an area and a group about their points', () => {
    const turn = { degrees: 30, x: mm(5), y: mm(1) };
    const shapes: readonly Shape[] = [
      { kind: 'line', points: square, line, turn },
      { ...arch, turn },
      { kind: 'group', shapes: [arch], turn },
    ];
    for (const shape of shapes)
      expect(writeSvg(pageOf(shape)).match(/rotate\(30 5 1\)/g)).toHaveLength(1);
    expect(writeSvg(pageOf(arch))).not.toContain('rotate');
  });

  it('define what fills and clips refer to, once each', () => {
    const gradient = {
      kind: 'gradient',
      from: { x: 0, y: 0 },
      to: { x: mm(10), y: 0 },
      stops: [
        { at: 0, colour: '#ffffff' },
        { at: 1, colour: '#000000', opacity: 0.5 },
      ],
    } as const;
    const dot = { kind: 'circle', x: mm(1), y: mm(1), radius: mm(1) } as const;
    const svg = writeSvg(
      pageOf(
        { kind: 'outline', outline: [square], fill: gradient },
        {
          ...dot,
          fill: {
            kind: 'tiles',
            width: mm(2),
            height: mm(3),
            shapes: [{ ...dot, fill: plain('#ff0000', 0.25) }],
          },
        },
        {
          kind: 'group',
          clips: [dot, arch],
          turn: { degrees: 30, x: mm(5), y: 0 },
          shapes: [{ ...dot, line }],
        },
      ),
    );
    expect(XMLValidator.validate(svg)).toBe(true);
    const ids = [...svg.matchAll(/ id="(d\d+)"/g)].map(([, id]) => id);
    const asked = [...svg.matchAll(/url\(#(d\d+)\)/g)].map(([, id]) => id);
    expect(ids.toSorted()).toEqual(['d1', 'd2', 'd3', 'd4']);
    expect(asked.toSorted()).toEqual(ids.toSorted());
    expect(svg).toContain(
      '<linearGradient id="d1" gradientUnits="userSpaceOnUse" x1="0" y1="0" x2="10" y2="0">',
    );
    expect(svg).toContain('stop-opacity="0.5"');
    expect(svg).toContain('fill-opacity="0.25"');
    expect(svg).toContain('rotate(30 5 0)');
  });

  it('of every face of the demo are sound, and have its words', () => {
    let words = 0;
    for (const { plan, library } of demoCards) {
      const card = resolvePlan(plan, library);
      const svg = writeSvg(facePage(card, 'front', plan.about.title));
      expect(XMLValidator.validate(svg)).toBe(true);
      const { svg: root } = new XMLParser({ ignoreAttributes: false }).parse(svg) as {
        svg: { title: string };
      };
      expect(root.title).toBe(plan.about.title);
      expect(svg).not.toMatch(/NaN|undefined/);
      for (const { piece, face, words: set } of card.marks)
        if (piece.kind === 'words' && face === 'front')
          for (const { text } of set?.lines ?? []) {
            expect(svg).toContain(`>${text.replaceAll('&', '&amp;')}</text>`);
            words++;
          }
    }
    expect(words).toBeGreaterThan(5);
  });
});
