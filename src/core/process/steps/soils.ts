import type { Applicator } from '../../plan/pieces/looks';
import type { ResolvedCard } from '../../resolve/resolvedCard';
import type { ResolvedMark } from '../../resolve/resolvedMark';
import type { Step } from '../step';

/** What a step leaves to be cleaned. */
export type Soiled = 'stamps' | 'stencils' | 'brushes' | 'foam' | 'daubers' | 'mat';

/** What is cleaned of the things that put colour on; pens are not. */
const cleanedAs: Readonly<Partial<Record<Applicator, Soiled>>> = {
  'small brush': 'brushes',
  'large brush': 'brushes',
  'water brush': 'brushes',
  foam: 'foam',
  dauber: 'daubers',
};

/** What a step leaves to be cleaned: ink that is worked in or thrown goes over the edge, on the mat. */
export function soils(
  { kind, pieces }: Pick<Step, 'kind' | 'pieces'>,
  { marks }: Pick<ResolvedCard, 'marks'>,
): readonly Soiled[] {
  const own = marks.filter(({ id }) => pieces.includes(id));
  switch (kind) {
    case 'stamp':
      return own.some(({ stamp }) => stamp) ? ['stamps'] : [];
    case 'stencil':
      return ['stencils', ...own.flatMap(applicatorsOf), 'mat'];
    case 'blend':
    case 'edges':
      return [...own.flatMap(applicatorsOf), 'mat'];
    case 'spray':
    case 'splatter':
      return ['mat'];
    default:
      return [];
  }
}

function applicatorsOf({ piece }: ResolvedMark): readonly Soiled[] {
  const stops =
    piece.kind === 'blend'
      ? piece.stops
      : piece.kind === 'edges'
        ? [piece]
        : piece.kind === 'stencil'
          ? [...piece.layers, ...piece.openings.map(({ inks }) => inks)].flatMap(
              (layer) => layer ?? [],
            )
          : [];
  return [...new Set(stops.flatMap(({ tool }) => cleanedAs[tool] ?? []))];
}
