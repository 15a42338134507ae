import type { PieceId } from '../plan/ids';
import type { ResolvedCard } from './resolvedCard';
import type { SupportId } from './origins';

/** The pieces a piece lies on in the end, the nearest first; the base is not told. */
export function supportsUnder(
  { pieces }: Pick<ResolvedCard, 'pieces'>,
  { support }: { readonly support: SupportId },
): readonly PieceId[] {
  const chain: PieceId[] = [];
  let under: SupportId | undefined = support;
  while (under !== undefined && under !== 'base' && !chain.includes(under)) {
    chain.push(under);
    under = pieces.find(({ id }) => id === under)?.support;
  }
  return chain;
}
