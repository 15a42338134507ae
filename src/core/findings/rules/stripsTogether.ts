import { stripTurns } from '../../masking/stripTurns';
import { changeScene } from '../../plan/sceneEdits';
import type { Finding, Rule } from '../finding';
import { findOnScene } from '../findOnScene';
import { deed } from '../remedy';

/** Strips that lie side by side and are open together, as set by hand, so that the ink of one runs into the other. */
export const stripsTogether: Rule = {
  id: 'strips-together',
  find: ({ card }) =>
    card.scenes.flatMap((scene): readonly Finding[] => {
      if (scene.turns === null) return [];
      const open = new Set(stripTurns(scene).together.flat());
      if (open.size === 0) return [];
      const data = {
        rule: 'strips-together',
        scene: scene.name,
        strips: scene.strips.filter((each) => open.has(each)).map(({ id, at }) => ({ id, at })),
      } as const;
      const remedies = [deed('best-turns', changeScene(scene, { turns: null }))];
      return [findOnScene(card, scene, data, remedies)];
    }),
};
