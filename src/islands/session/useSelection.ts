import { useEffect, useState } from 'react';
import { faceOf } from '../../core/plan/faceOf';
import { facesOf, nextFace, type FaceId } from '../../core/plan/faces';
import type { Plan } from '../../core/plan/plan';
import type { SupportId } from '../../core/resolve/origins';
import type { CardSession } from './CardSession';

type Selection = Pick<CardSession, 'view' | 'go' | 'face' | 'turn' | 'selected' | 'select'>;

/** What is shown and selected, kept in the address, so that a link opens the same. */
export function useSelection(
  cardId: string,
  plan: Plan,
  start: { readonly view: string; readonly selected: string | null },
  isView: (name: string) => boolean,
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
      const name = location.pathname.split('/').at(-1) ?? '';
      if (isView(name)) setView(name);
      setWanted(new URLSearchParams(location.search).get('piece'));
    };
    window.addEventListener('popstate', follow);
    return () => window.removeEventListener('popstate', follow);
  }, [isView]);

  return {
    view,
    face,
    selected,
    go: (next) => {
      setView(next);
      window.history.pushState(null, '', address(cardId, next, selected));
    },
    turn: () => setFace(nextFace(face, fold)),
    select: (id, on) => {
      setWanted(id);
      if (on) setFace(on);
      else if (id !== 'base') setFace(faceOf(plan, id));
    },
  };
}

function address(cardId: string, view: string, selected: SupportId): string {
  const query = selected === 'base' ? '' : `?piece=${selected}`;
  return `/card/${cardId}/${view}${query}`;
}
