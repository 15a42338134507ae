import { writeLength } from '../../core/length/formatLength';
import type { Length, Unit } from '../../core/length/length';
import { cardFormat } from '../../core/paper/cardFormats';
import { letterOf, type ResolvedCard, type SizeOrigin } from '../../core/resolve/resolvedCard';

/** Why a width or height is what it is, in one sentence. */
export function originSentence(
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
