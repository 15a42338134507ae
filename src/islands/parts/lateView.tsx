import { lazy, type ComponentType } from 'react';

interface Loaded<Props> {
  readonly default: ComponentType<Props>;
}

/** A part of a page that comes after it. */
export interface LateView<Props> {
  readonly View: ComponentType<Props>;
  /** Loads it before the page is drawn: on the server, so that it stands in the page from the start. */
  readonly preload: () => Promise<void>;
}

/**
 * A part whose script is loaded once it is drawn for the first time, unless it was loaded before. Where it does not come,
 * a sentence says so and the rest of the page goes on.
 */
export function lateView<Props extends object>(
  load: () => Promise<Loaded<Props>>,
): LateView<Props> {
  let loaded: Loaded<Props> | undefined;
  const View = lazy<ComponentType<Props>>(() =>
    loaded ? atOnce(loaded) : load().catch(() => ({ default: NotLoaded })),
  );
  return {
    View: View as unknown as ComponentType<Props>,
    preload: async () => {
      loaded = await load();
    },
  };
}

/** What is there already: a promise would have the part put into its place by a script afterwards. */
function atOnce<Value>(value: Value): Promise<Value> {
  const there = { then: (take: (value: Value) => void) => take(value) };
  return there as unknown as Promise<Value>;
}

function NotLoaded() {
  return (
    <p role="alert" className="bg-amber fixed inset-x-0 bottom-12 z-50 px-[18px] py-1.5 text-white">
      A part of this page could not be loaded. What is saved stays saved: look whether Nibwright can
      be reached, and load the page again.
    </p>
  );
}
