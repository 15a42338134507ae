import { use, useEffect, useState, type ComponentType, type ReactNode } from 'react';

/** A part of a page that comes after it. */
export interface LateView<Props> {
  readonly View: ComponentType<Props>;
  /** Loads it before it is drawn: on the server, so that it stands in the page from the start. */
  readonly preload: () => Promise<void>;
}

/**
 * A part whose script is loaded once it is drawn for the first time, unless it was loaded before. Where it does not come,
 * a sentence says so and the rest of the page goes on; drawn again, it is asked for again.
 * @param waiting what stands there until then
 */
export function lateView<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  waiting: ReactNode = null,
): LateView<Props> {
  let loaded: ComponentType<Props> | undefined;
  const preload = async () => {
    loaded = await load();
  };
  // Not by Suspense: the server would send a large part behind the page, for a script to put it into its place.
  function View(props: Props) {
    const [state, setState] = useState<'there' | 'awaited' | 'failed'>(
      loaded ? 'there' : 'awaited',
    );
    useEffect(() => {
      if (state !== 'awaited') return;
      let isGone = false;
      const goTo = (next: 'there' | 'failed') => () => {
        if (!isGone) setState(next);
      };
      preload().then(goTo('there'), goTo('failed'));
      return () => {
        isGone = true;
      };
    }, [state]);
    if (state === 'failed') return <NotLoaded />;
    const Part = loaded;
    return Part ? <Part {...props} /> : waiting;
  }
  return { View, preload };
}

/**
 * A page that takes over what the server sent once the scripts of all that stands on it are there: taken over before, what
 * comes late would be drawn anew.
 */
export function wholePage<Props extends object>(
  Page: ComponentType<Props>,
  preload: (props: Props) => Promise<unknown>,
): ComponentType<Props> {
  let scripts: Promise<unknown> | undefined;
  return function WholePage(props: Props) {
    // What could not be loaded says so in its place.
    if (!import.meta.env.SSR) use((scripts ??= preload(props).catch(() => undefined)));
    return <Page {...props} />;
  };
}

function NotLoaded() {
  return (
    <p role="alert" className="bg-amber fixed inset-x-0 bottom-12 z-50 px-[18px] py-1.5 text-white">
      A part of this page could not be loaded. What is saved stays saved: look whether Nibwright can
      be reached, and load the page again.
    </p>
  );
}
