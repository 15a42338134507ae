import { lazy, useEffect } from 'react';
import { whenIdle } from '../parts/whenIdle';
import { stations } from '../stations/stations';

const loadRevisions = async () => ({
  default: (await import('../revisions/Revisions')).Revisions,
});

// A view is loaded with its own page, and the others after it, so that they are there when they are wanted.
const loaders = [...stations.map(({ load }) => load), loadRevisions];
const Revisions = lazy(loadRevisions);
const views = new Map(stations.map(({ id, load }) => [id, lazy(load)]));

/** The station that is open, or the revisions of the card. */
export function OpenView({ view }: { readonly view: string }) {
  useEffect(
    () =>
      whenIdle(() => {
        for (const load of loaders) void load();
      }),
    [],
  );
  const View = views.get(view) ?? Revisions;
  return <View />;
}
