import { batchEdits } from '../../plan/batchEdits';
import { changeScene, inkedIn } from '../../plan/sceneEdits';
import type { Scene } from '../../plan/scene';
import type { ResolvedCard } from '../../resolve/resolvedCard';
import { isGround } from '../../resolve/resolvedMark';
import { discStrip, type ResolvedScene } from '../../resolve/resolvedScene';
import { findOn, type Finding, type Rule } from '../finding';
import { findOnScene } from '../findOnScene';
import { deed } from '../remedy';

/**
 * Strips of a scene that nothing is inked in, so that the paper shows between the others, and marks whose strips are gone.
 * A scene in which nothing is inked yet is only begun; a disc may be left as the paper is.
 */
export const stripsBare: Rule = {
  id: 'strips-bare',
  find: ({ plan, card }) =>
    card.scenes.flatMap((resolved): readonly Finding[] => {
      const scene = plan.scenes.find(({ id }) => id === resolved.id);
      if (!scene || resolved.inked.length === 0) return [];
      const lost = card.marks.filter(
        (mark) => mark.within?.length === 0 && resolved.inked.some((each) => each.mark === mark.id),
      );
      const isWholeCovered = card.marks.some(
        (mark) =>
          mark.face === resolved.face &&
          mark.support === resolved.support &&
          mark.within === undefined &&
          isGround(mark),
      );
      return [
        ...lost.map((mark) =>
          findOn(mark, 'look', { rule: 'strips-bare', why: 'lost', scene: scene.name, strips: [] }),
        ),
        ...(isWholeCovered ? [] : bareIn(scene, resolved, card)),
      ];
    }),
};

function bareIn(scene: Scene, resolved: ResolvedScene, card: ResolvedCard): readonly Finding[] {
  const { strips, inked } = resolved;
  const bare = strips.filter(
    ({ id, area }) =>
      id !== discStrip && area > 0 && !inked.some((mark) => mark.strips.includes(id)),
  );
  if (bare.length === 0) return [];
  const data = {
    rule: 'strips-bare',
    why: 'bare',
    scene: scene.name,
    strips: bare.map(({ id, at }) => ({ id, at })),
  } as const;
  // Each as the nearest strip that is inked: what lies lowest there reaches into it.
  const filled = bare.reduce((now: Scene['inked'], { id, at }) => {
    const [nearest] = strips
      .filter((strip) => strip.id !== discStrip && !bare.includes(strip))
      .toSorted((a, b) => Math.abs(a.at - at) - Math.abs(b.at - at));
    const ground = inked.find((mark) => nearest && mark.strips.includes(nearest.id));
    return ground ? inkedIn({ inked: now }, ground.mark, id, true) : now;
  }, scene.inked);
  const remedies =
    filled === scene.inked
      ? []
      : [deed('ink-strips', batchEdits([changeScene(scene, { inked: filled })]))];
  return [findOnScene(card, resolved, data, remedies)];
}
