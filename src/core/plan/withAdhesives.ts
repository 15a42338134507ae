import type { AdhesiveId } from '../paper/adhesives';
import type { Paper } from './piece';

/** How a piece is held, with other adhesives in the place of its own, wherever they hold it. */
export function withAdhesives(
  { attach, zones }: Pick<Paper, 'attach' | 'zones'>,
  other: (id: AdhesiveId) => AdhesiveId,
): Pick<Paper, 'attach' | 'zones'> {
  return {
    attach: other(attach),
    zones: zones.map((zone) => ({
      ...zone,
      attach: zone.attach === 'none' ? 'none' : other(zone.attach),
    })),
  };
}
