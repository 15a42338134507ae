import type { Scene } from '../../../../core/plan/scene';
import { changeScene, newScene } from '../../../../core/plan/sceneEdits';
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

/** Divides a paper into three strips, to go on from. */
export function useDivide(face: FaceId, support: SupportId): () => void {
  const { card, commit } = useCardSession();
  return () => {
    const { width, height } = supportRect(card, support);
    const name = card.pieces.find(({ id }) => id === support)?.name ?? 'Base';
    const on = support === 'base' ? { face } : { piece: support as PieceId };
    const ids = [newPieceId(), newPieceId(), newPieceId()] as const;
    commit({
      kind: 'put',
      in: 'scenes',
      item: newScene(ids, on, `${name} in strips`.slice(0, 60), { width, height }),
    });
  };
}
