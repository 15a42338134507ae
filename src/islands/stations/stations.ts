import type { Station } from '../session/station';
import { baseStation } from './base/station';
import { colourStation } from './colour/station';
import { cutStation } from './cut/station';
import { layoutStation } from './layout/station';
import { masksStation } from './masks/station';
import { postStation } from './post/station';
import { sheetStation } from './sheet/station';
import { stepsStation } from './steps/station';

/** The stations there are, in working order. */
export const stations: readonly Station[] = [
  baseStation,
  layoutStation,
  masksStation,
  colourStation,
  stepsStation,
  cutStation,
  postStation,
  sheetStation,
];

/** The title of the page of a card, as the browser's tab has it. */
export function pageTitle(title: string, view: string): string {
  const name = stations.find(({ id }) => id === view)?.name ?? 'Revisions';
  return `${title}, ${name} · Nibwright`;
}

/** Whether an address names a view of the workbench: a station, or the revisions of the card. */
export function isView(name: string): boolean {
  return name === 'revisions' || stations.some(({ id }) => id === name);
}
