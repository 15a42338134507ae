import { randomUUID } from 'node:crypto';

/** A short id of lower-case letters and digits; 48 random bits, ample for one team's cards. */
export function newId(): string {
  return randomUUID().replaceAll('-', '').slice(0, 12);
}

/**
 * An id that can be read, from a name, with a few random letters so that two alike differ.
 * @example readableId('Night Tram') // 'night-tram-3f9a'
 */
export function readableId(name: string): string {
  const slug = name
    .normalize('NFKD')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '')
    .slice(0, 30);
  return [slug || 'x', newId().slice(0, 4)].join('-').replaceAll('--', '-');
}
