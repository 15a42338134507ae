import { cutText } from './cutText';

/** Longer names are cut by some file systems. */
const longest = 100;

/**
 * A name for a file that tells what is in it, of plain letters, digits and hyphens.
 * @example fileName(['Rain day', 'front', 'jig A4'], '.pdf') // 'Rain-day-front-jig-A4.pdf'
 */
export function fileName(parts: readonly string[], ending: string): string {
  const words = parts
    .join(' ')
    .normalize('NFKD')
    .replaceAll(/\p{M}/gu, '')
    .replaceAll(/[^A-Za-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '');
  return `${cutText(words, longest) || 'card'}${ending}`;
}
