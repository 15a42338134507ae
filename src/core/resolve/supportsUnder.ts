import type { PieceId } from '../plan/ids';
import type { SupportId } from './origins';

/** A piece of paper as far as it is asked for here. */
interface Lying {
  readonly id: PieceId;
  readonly support: SupportId;
}

/** The pieces a piece lies on in the end, the nearest first; the base is not told. */
export function supportsUnder(
  { pieces }: { readonly pieces: readonly Lying[] },
  { support }: Pick<Lying, 'support'>,
): readonly PieceId[] {
  const chain: PieceId[] = [];
  let under: SupportId | undefined = support;
  while (under !== undefined && under !== 'base' && !chain.includes(under)) {
    chain.push(under);
    under = pieces.find(({ id }) => id === under)?.support;
  }
  return chain;
}
