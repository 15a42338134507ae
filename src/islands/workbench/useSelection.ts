import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import { faceOf } from '../../core/plan/movePiece';
import { facesOf, nextFace, type FaceId } from '../../core/plan/faces';
import { isPaper } from '../../core/plan/pieces';
import type { Plan } from '../../core/plan/plan';
import type { SupportId } from '../../core/resolve/origins';
import { allRows } from '../base/LayerRows';
import { viewAt, type ViewId } from './stations';

export interface Selection {
  readonly view: ViewId;
  /** The face shown large. */
  readonly face: FaceId;
  readonly selected: SupportId;
  /** Goes to a view as a step the browser can go back from. */
  readonly go: (view: ViewId) => void;
  readonly turn: () => void;
  /** Selects a layer and shows its face; a new one is not in the plan yet, so its face is given. */
  readonly select: (id: SupportId, face?: FaceId) => void;
  /** Selects a row by walking so many rows down; at the ends it stays. */
  readonly walk: (rows: number) => void;
  /** The row to select when this one goes. */
  readonly neighbourOf: (id: SupportId) => SupportId;
}

/** What is shown and selected, kept in the address, so that a link opens the same. */
export function useSelection(
  cardId: string,
  plan: Plan,
  start: { readonly view: ViewId; readonly selected: string | null },
): Selection {
  const [view, setView] = useState(start.view);
  const [wantedFace, setFace] = useState<FaceId>('front');
  const { fold } = plan.base;
  const face = facesOf(fold).includes(wantedFace) ? wantedFace : 'front';
  const [wanted, setWanted] = useState(start.selected);
  const selected: SupportId = plan.pieces.find(({ id }) => id === wanted)?.id ?? 'base';

  useEffect(() => {
    window.history.replaceState(null, '', address(cardId, view, selected));
  }, [cardId, view, selected]);
  useEffect(() => {
    const follow = () => {
      const found = viewAt(location.pathname.split('/').at(-1));
      if (found) setView(found);
      setWanted(new URLSearchParams(location.search).get('piece'));
    };
    window.addEventListener('popstate', follow);
    return () => window.removeEventListener('popstate', follow);
  }, []);

  const select = (id: SupportId, on?: FaceId) => {
    setWanted(id);
    if (on) setFace(on);
    else if (id !== 'base') setFace(faceOf(plan, id));
  };
  const rows = allRows(plan);
  return {
    view,
    face,
    selected,
    go: (next) => {
      setView(next);
      window.history.pushState(null, '', address(cardId, next, selected));
    },
    turn: () => setFace(nextFace(face, fold)),
    select,
    walk: (count) => {
      const at = rows.indexOf(paperUnder(plan, selected)) + count;
      const next = rows[Math.max(0, Math.min(rows.length - 1, at))];
      if (next) changeAndFocusRow(() => select(next), next);
    },
    neighbourOf: (id) => {
      const at = rows.indexOf(id);
      return rows[at + 1] ?? rows[at - 1] ?? 'base';
    },
  };
}

/** The paper that is selected, or that a selected mark lies on. */
export function paperUnder(plan: Plan, selected: SupportId): SupportId {
  const piece = plan.pieces.find(({ id }) => id === selected);
  if (!piece) return 'base';
  if (isPaper(piece)) return piece.id;
  return 'piece' in piece.on ? piece.on.piece : 'base';
}

/**
 * Makes a change, draws it at once, and puts the focus on a row. At once, because the next key may
 * come before the next frame and must find its place.
 */
export function changeAndFocusRow(change: () => void, id: string): void {
  flushSync(change);
  rowElement(id)?.focus();
}

/** The same, with the focus in the first figure of the row. */
export function changeAndEnterRow(change: () => void, id: string): void {
  flushSync(change);
  firstField(id)?.focus();
}

/** Goes into the first figure of a row; false where the row has none. */
export function enterRow(id: string): boolean {
  const field = firstField(id);
  field?.focus();
  return Boolean(field);
}

function rowElement(id: string): HTMLElement | null {
  return document.querySelector<HTMLElement>(`[data-row="${id}"]`);
}

function firstField(id: string): HTMLElement | null | undefined {
  return rowElement(id)?.querySelector<HTMLElement>('[data-first-field]');
}

function address(cardId: string, view: ViewId, selected: SupportId): string {
  const query = selected === 'base' ? '' : `?piece=${selected}`;
  return `/card/${cardId}/${view}${query}`;
}
