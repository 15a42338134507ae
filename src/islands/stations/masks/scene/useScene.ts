import type { Scene } from '../../../../core/plan/scene';
import { changeScene, newHorizon, newScene } from '../../../../core/plan/sceneEdits';
import type { FaceId } from '../../../../core/plan/faces';
import type { PieceId } from '../../../../core/plan/ids';
import { supportRect } from '../../../../core/resolve/resolvedCard';
import type { ResolvedScene } from '../../../../core/resolve/resolvedScene';
import type { SupportId } from '../../../../core/resolve/origins';
import { newPieceId } from '../../../parts/newPieceId';
import { useCardSession } from '../../../session/CardSession';

/** A scene as it is decided and as it comes out, with the ways to change it. */
export interface OpenScene {
  readonly scene: Scene;
  readonly resolved: ResolvedScene;
  readonly change: (change: Partial<Omit<Scene, 'id'>>, joining?: string) => void;
  /** Shows a change without making it; undefined shows the scene as it is. */
  readonly show: (change: Partial<Omit<Scene, 'id'>> | undefined) => void;
  readonly remove: () => void;
}

/** The scene of a paper; undefined where it is not divided. */
export function useScene(face: FaceId, support: SupportId): OpenScene | undefined {
  const { plan, card, commit, preview } = useCardSession();
  const resolved = card.scenes.find((each) => each.face === face && each.support === support);
  const scene = plan.scenes.find(({ id }) => id === resolved?.id);
  if (!scene || !resolved) return undefined;
  return {
    scene,
    resolved,
    change: (change, joining) => {
      preview(undefined);
      commit(changeScene(scene, change), joining);
    },
    show: (change) => preview(change && changeScene(scene, change), true),
    remove: () => commit({ kind: 'remove', in: 'scenes', id: scene.id }),
  };
}

/** Divides a paper, to go on from: into three strips by gentle lines, or into two by a straight horizon. */
export function useDivide(face: FaceId, support: SupportId): (into: 'strips' | 'horizon') => void {
  const { card, commit } = useCardSession();
  return (into) => {
    const { width, height } = supportRect(card, support);
    const own = card.pieces.find(({ id }) => id === support)?.name ?? 'Base';
    const name = `${own} in strips`.slice(0, 60);
    const on = support === 'base' ? { face } : { piece: support as PieceId };
    const size = { width, height };
    const ids = [newPieceId(), newPieceId(), newPieceId()] as const;
    const item =
      into === 'strips'
        ? newScene(ids, on, name, size)
        : newHorizon([ids[0], ids[1]], on, name, size);
    commit({ kind: 'put', in: 'scenes', item });
  };
}
