import { writeLength, writeSize } from '../../core/length/formatLength';
import type { Length, Size, Unit } from '../../core/length/length';
import { cardFormat } from '../../core/paper/cardFormats';
import { letterOf, type ResolvedCard } from '../../core/resolve/resolvedCard';
import type { SizeOrigin } from '../../core/resolve/origins';

/** Why both sides are what they are: one sentence where one reason holds for both. */
export function sizeOriginSentence(
  origins: { readonly width: SizeOrigin; readonly height: SizeOrigin },
  size: Size,
  card: ResolvedCard,
  unit: Unit,
): string {
  const { width, height } = origins;
  if (width.kind === 'typed' && height.kind === 'typed')
    return `Typed as ${writeSize(size, unit)}.`;
  if (width.kind === 'format' && height.kind === 'format')
    return `${cardFormat(width.format).name} is ${writeSize(size, unit)} when closed.`;
  if (width.kind === 'print') return originSentence(width, 'width', size.width, card, unit);
  if (width.kind === 'die')
    return `Die ${width.nth} of ${width.of} of ${width.set}, counted from the largest.`;
  if (width.kind === 'more-reveals' && height.kind === 'more-reveals') {
    const isEven = new Set([width.near, width.far, height.near, height.far]).size === 1;
    const inner = `${writeLength(width.inner, unit)} × ${writeLength(height.inner, unit)}`;
    if (isEven)
      return `${letterOf(card, width.around)} is ${inner}, and ${writeLength(width.near, unit)} more on each side.`;
  }
  const whole = (origin: { readonly whole: Length }) => writeLength(origin.whole, unit);
  if (width.kind === 'less-step' && height.kind === 'less-step')
    return `${letterOf(card, width.from)} is ${whole(width)} × ${whole(height)}, less ${writeLength(width.step, unit)} overall.`;
  if (width.kind === 'less-reveals' && height.kind === 'less-reveals') {
    const isEven = new Set([width.near, width.far, height.near, height.far]).size === 1;
    if (isEven)
      return `${letterOf(card, width.from)} is ${whole(width)} × ${whole(height)}, less ${writeLength(width.near, unit)} on each side.`;
  }
  return [
    originSentence(width, 'width', size.width, card, unit),
    originSentence(height, 'height', size.height, card, unit),
  ].join(' ');
}

/** Why a width or height is what it is, in one sentence. */
function originSentence(
  origin: SizeOrigin,
  axis: 'width' | 'height',
  figure: Length,
  card: ResolvedCard,
  unit: Unit,
): string {
  const write = (length: Length) => writeLength(length, unit);
  const [adjective, near, far] =
    axis === 'width' ? ['wide', 'left', 'right'] : ['high', 'top', 'bottom'];
  switch (origin.kind) {
    case 'typed':
      return `Typed as ${write(figure)} ${adjective}.`;
    case 'less-reveals': {
      const whole = `${letterOf(card, origin.from)} is ${write(origin.whole)} ${adjective}`;
      return origin.near === origin.far
        ? `${whole}, less ${write(origin.near)} on each side.`
        : `${whole}, less ${write(origin.near)} ${near} and ${write(origin.far)} ${far}.`;
    }
    case 'less-step':
      return `${letterOf(card, origin.from)} is ${write(origin.whole)} ${adjective}, less ${write(origin.step)} overall.`;
    case 'more-reveals':
      return `${letterOf(card, origin.around)} is ${write(origin.inner)} ${adjective}, and ${write(origin.near)} more ${near} and ${write(origin.far)} ${far}.`;
    case 'die':
      return `Die ${origin.nth} of ${origin.of} of ${origin.set}.`;
    case 'print':
      return `Cut ${write(origin.rim)} outside the print of ${origin.stamp}.`;
    case 'format':
      return `${cardFormat(origin.format).name} is ${write(figure)} ${adjective} when closed.`;
    case 'half-blank':
      return `Half of ${write(origin.blank)}: ${origin.from}.`;
    default:
      throw new TypeError(
        `originSentence: unknown origin ${JSON.stringify(origin satisfies never)}`,
      );
  }
}
