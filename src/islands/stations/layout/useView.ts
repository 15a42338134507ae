import { useEffect, useEffectEvent, useState, type RefObject } from 'react';

/** How close the face is looked at, 1 where it just fits, and how far it is shifted, in pixels. */
export interface View {
  readonly closer: number;
  readonly x: number;
  readonly y: number;
}

export const wholeView: View = { closer: 1, x: 0, y: 0 };

const closest = 16;
const farthest = 0.25;
/** From step to step by the keys. */
export const viewStep = 1.25;
/** Of a wheel, for one step. */
const wheelStep = 100;

export interface ViewControl {
  readonly view: View;
  /** Looks so many times closer, around a point of the drawing that stays where it is. */
  readonly zoom: (times: number, around: { readonly x: number; readonly y: number }) => void;
  readonly pan: (dx: number, dy: number) => void;
  readonly show: (view: View) => void;
  /** Moves what is looked at along with a pointer that was pressed, until it is let go. */
  readonly grab: (event: React.PointerEvent) => void;
}

/**
 * Looks closer by Ctrl and the wheel or by a pinch of two fingers, around where the pointer is, and moves what is looked at
 * by the wheel alone while it is not whole.
 * @param origin where the face begins while it is whole, in pixels
 */
export function useView(
  element: RefObject<HTMLElement | null>,
  origin: { readonly x: number; readonly y: number },
): ViewControl {
  const [view, show] = useState(wholeView);
  const pan = (dx: number, dy: number) => show((now) => ({ ...now, x: now.x + dx, y: now.y + dy }));
  const zoom: ViewControl['zoom'] = (times, around) =>
    show((now) => {
      const closer = Math.min(closest, Math.max(farthest, now.closer * times));
      if (Math.abs(closer - 1) < 0.02) return wholeView;
      const by = closer / now.closer;
      const moved = (at: number, start: number, shift: number) =>
        at - (at - start - shift) * by - start;
      return {
        closer,
        x: moved(around.x, origin.x, now.x),
        y: moved(around.y, origin.y, now.y),
      };
    });
  const turn = useEffectEvent((event: WheelEvent) => {
    const box = element.current?.getBoundingClientRect();
    if (!box) return;
    // A pinch comes as a wheel with Ctrl.
    const isCloser = event.ctrlKey || event.metaKey;
    if (!isCloser && view.closer === 1) return;
    event.preventDefault();
    if (isCloser)
      zoom(viewStep ** (-event.deltaY / wheelStep), {
        x: event.clientX - box.left,
        y: event.clientY - box.top,
      });
    else pan(-event.deltaX, -event.deltaY);
  });
  useEffect(() => {
    const target = element.current;
    if (!target) return undefined;
    const listen = (event: WheelEvent) => turn(event);
    // The page would scroll or grow itself where it is not told at once.
    target.addEventListener('wheel', listen, { passive: false });
    return () => target.removeEventListener('wheel', listen);
  }, [element]);
  const pinch = useEffectEvent((fingers: readonly [PointerEvent, PointerEvent], before: number) => {
    const box = element.current?.getBoundingClientRect();
    if (!box || before === 0) return;
    const [a, b] = fingers;
    zoom(apart(a, b) / before, {
      x: (a.clientX + b.clientX) / 2 - box.left,
      y: (a.clientY + b.clientY) / 2 - box.top,
    });
  });
  useEffect(() => {
    const target = element.current;
    if (!target) return undefined;
    const fingers = new Map<number, PointerEvent>();
    const both = () => {
      const [a, b] = [...fingers.values()];
      return fingers.size === 2 && a && b ? ([a, b] as const) : undefined;
    };
    const down = (event: PointerEvent) => {
      if (event.pointerType === 'touch') fingers.set(event.pointerId, event);
    };
    const move = (event: PointerEvent) => {
      const before = both();
      if (!fingers.has(event.pointerId)) return;
      fingers.set(event.pointerId, event);
      const after = both();
      if (before && after) pinch(after, apart(...before));
    };
    const up = (event: PointerEvent) => fingers.delete(event.pointerId);
    target.addEventListener('pointerdown', down);
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', up);
    return () => {
      target.removeEventListener('pointerdown', down);
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', up);
      window.removeEventListener('pointercancel', up);
    };
  }, [element]);
  const grab = (pressed: React.PointerEvent) => {
    let { clientX, clientY } = pressed;
    const follow = (event: PointerEvent) => {
      if (event.pointerId !== pressed.pointerId) return;
      pan(event.clientX - clientX, event.clientY - clientY);
      ({ clientX, clientY } = event);
    };
    const letGo = () => {
      window.removeEventListener('pointermove', follow);
      window.removeEventListener('pointerup', letGo);
      window.removeEventListener('pointercancel', letGo);
    };
    window.addEventListener('pointermove', follow);
    window.addEventListener('pointerup', letGo);
    window.addEventListener('pointercancel', letGo);
  };
  return { view, zoom, pan, show, grab };
}

const apart = (a: PointerEvent, b: PointerEvent) =>
  Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY);
