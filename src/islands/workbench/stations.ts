/** A station of the workbench; its digit stays the same while others are still to come. */
export interface Station {
  readonly id: StationId;
  readonly name: string;
  readonly digit: string;
}

export type StationId = 'base' | 'layout' | 'cut' | 'sheet';

/** The stations there are, in working order. */
export const stations: readonly Station[] = [
  { id: 'base', name: 'Base', digit: '1' },
  { id: 'layout', name: 'Layout', digit: '2' },
  { id: 'cut', name: 'Cut', digit: '6' },
  { id: 'sheet', name: 'Sheet', digit: '8' },
];

/** What the workbench shows: a station, or the revisions of the card. */
export type ViewId = StationId | 'revisions';

/** The view of an address; undefined when there is none of that name. */
export function viewAt(name: string | undefined): ViewId | undefined {
  return name === 'revisions' ? name : stations.find(({ id }) => id === name)?.id;
}
