import type { Support } from '../plan/piece';
import type { SupportId } from './origins';

/** What a piece lies on, as figures name it. */
export function supportIdOf(on: Support): SupportId {
  return 'piece' in on ? on.piece : 'base';
}
