import type { Station } from '../../session/station';

/** Post: how high and heavy the card is, which envelope it takes, and by which class of mail it goes. */
export const postStation: Station = {
  id: 'post',
  name: 'Post',
  digit: '7',
  mends: ['post'],
  loadRules: async () => (await import('../../../core/compute/rules/postRules')).postRules,
  load: async () => (await import('./PostStation')).PostStation,
};
