import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { matchKeybindingPress, parseKeybinding } from 'tinykeys';

/** What a key does; gives back false when it did nothing, so that the browser gets the key. */
export type KeyAction = () => unknown;

const storageKey = 'nibwright-single-keys';

/**
 * Listens for keys such as `a`, `ArrowUp`, `Alt+ArrowUp`, `$mod+z` (Ctrl, or Command where that is the key for it). Single
 * keys rest while a field or dialog has the focus, and can be switched off (WCAG 2.1.4).
 */
export function useKeys(
  actions: Readonly<Record<string, KeyAction>>,
): readonly [boolean, (on: boolean) => void] {
  const [areOn, setOn] = useState(true);
  const latest = useRef(actions);
  // Together with what is drawn, so that a key does what is seen.
  useLayoutEffect(() => {
    latest.current = actions;
  });
  useEffect(() => setOn(localStorage.getItem(storageKey) !== 'off'), []);
  // As soon as it is seen: on a busy machine an effect comes later than the next key, which would be lost.
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.defaultPrevented || isInField(event.target)) return;
      const [name, action] =
        Object.entries(latest.current).find(([each]) => isPressed(event, each)) ?? [];
      if (!name || !action) return;
      // Asked each time, since several parts of a page may listen, and one of them has the switch.
      const areOff = localStorage.getItem(storageKey) === 'off';
      if (name.length === 1 && areOff && name !== '?') return;
      if (action() !== false) event.preventDefault();
    };
    document.addEventListener('keydown', listen);
    return () => document.removeEventListener('keydown', listen);
  }, []);
  const change = (on: boolean) => {
    localStorage.setItem(storageKey, on ? 'on' : 'off');
    setOn(on);
  };
  return [areOn, change];
}

/** A character may need Shift on one keyboard and not on another, so that Shift only counts beside another key. */
function isPressed(event: KeyboardEvent, name: string): boolean {
  const [press] = parseKeybinding(name.length === 1 ? `[Shift]+${name}` : name);
  return press !== undefined && matchKeybindingPress(event, press);
}

/** A checkbox and a colour take no letters, so single keys go on working on them. */
function isInField(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.closest('input:not([type=checkbox], [type=color]), textarea, select, [role=dialog]') !==
      null ||
      target.isContentEditable)
  );
}
