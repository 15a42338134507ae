import { useEffect } from 'react';
import { lateView } from '../parts/lateView';
import { whenIdle } from '../parts/whenIdle';
import { stations } from '../stations/stations';

const loadRevisions = async () => (await import('../revisions/Revisions')).Revisions;

// A view is loaded with its own page, and the others after it, so that they are there when they are wanted.
const loaders = [...stations.map(({ load }) => load), loadRevisions];
const oneMoment = (
  <p role="status" className="p-[18px]">
    One moment…
  </p>
);
const revisions = lateView(loadRevisions, oneMoment);
const views = new Map(stations.map(({ id, load }) => [id, lateView(load, oneMoment)]));
const viewOf = (view: string) => views.get(view) ?? revisions;

export function preloadView(view: string): Promise<void> {
  return viewOf(view).preload();
}

/** The station that is open, or the revisions of the card. */
export function OpenView({ view }: { readonly view: string }) {
  useEffect(
    () =>
      whenIdle(() => {
        for (const load of loaders) void load();
      }),
    [],
  );
  const { View } = viewOf(view);
  return <View />;
}
