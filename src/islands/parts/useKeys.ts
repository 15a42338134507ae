import { useEffect, useRef, useState } from 'react';

/** What a key does; gives back false when it did nothing, so that the browser gets the key. */
export type KeyAction = () => unknown;

const storageKey = 'nibwright-single-keys';

/**
 * Listens for keys such as `a`, `ArrowUp`, `Alt+ArrowUp`, `Ctrl+z`. Single keys rest while a field or
 * dialog has the focus, and can be switched off (WCAG 2.1.4).
 */
export function useKeys(
  actions: Readonly<Record<string, KeyAction>>,
): readonly [boolean, (on: boolean) => void] {
  const [areOn, setOn] = useState(true);
  const latest = useRef(actions);
  useEffect(() => {
    latest.current = actions;
  });
  useEffect(() => setOn(localStorage.getItem(storageKey) !== 'off'), []);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.defaultPrevented || isInField(event.target)) return;
      const name = keyName(event);
      const isSingle = name.length === 1;
      // Asked each time, since several parts of a page may listen, and one of them has the switch.
      const areOff = localStorage.getItem(storageKey) === 'off';
      if (isSingle && areOff && name !== '?') return;
      const action = latest.current[name];
      if (action && action() !== false) event.preventDefault();
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

function keyName(event: KeyboardEvent): string {
  const parts = [
    event.ctrlKey || event.metaKey ? 'Ctrl' : '',
    event.altKey ? 'Alt' : '',
    // A shifted character is another character already; only named keys keep the word.
    event.shiftKey && (event.key.length > 1 || event.ctrlKey || event.metaKey) ? 'Shift' : '',
    event.key.length === 1 ? event.key.toLowerCase() : event.key,
  ];
  return parts.filter(Boolean).join('+');
}

/** A checkbox takes no letters, so single keys go on working on it. */
function isInField(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.closest('input:not([type=checkbox]), textarea, select, dialog[open]') !== null ||
      target.isContentEditable)
  );
}
