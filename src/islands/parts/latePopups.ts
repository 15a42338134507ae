import { useEffect } from 'react';
import { lateView } from './lateView';
import { whenIdle } from './whenIdle';

const load = () => import('../popups');

/** What opens over a page comes from one script after the page; what is asked for before opens when it has come. */
const dialog = lateView(async () => (await load()).DialogPopup);
const choice = lateView(async () => (await load()).ChoicePopup);
export const DialogPopup = dialog.View;
export const ChoicePopup = choice.View;

/** Has the popups there from the start. */
export async function preloadPopups(): Promise<void> {
  await Promise.all([dialog.preload(), choice.preload()]);
}

/** Brings the script of the popups once the page has nothing else to do. */
export function usePopupsSoon(): void {
  useEffect(
    () =>
      whenIdle(() => {
        // One that is asked for says itself that it could not be loaded.
        preloadPopups().catch(() => undefined);
      }),
    [],
  );
}
