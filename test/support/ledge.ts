import { library, measure, pieceOn, planOf } from './plans';
import { computeCard } from '../../src/core/compute/computeCard';
import {
  cardText,
  standingCard,
  type CardText,
  type StandingCard,
} from '../../src/core/compute/standingCard';
import { type Designer, type Release } from '../../src/core/plan/cardFile';
import { type CardId, type DesignerId, type ReleaseId } from '../../src/core/plan/ids';
import { type About, type Plan } from '../../src/core/plan/plan';

export const orla: Designer = { id: 'orla' as DesignerId, name: 'Orla' };

export const releases: readonly Release[] = [
  { id: 'row' as ReleaseId, name: 'Allotment Row', onSale: '2027-03-12' },
  { id: 'empty' as ReleaseId, name: 'Button Tin', onSale: null },
];

const texts = new Map<string, CardText>();

export const context = {
  unit: 'in',
  designers: [orla],
  releases,
  designerId: 'orla',
  textOf: (id: string) => texts.get(id),
} as const;

export function cardOf(id: string, about: Partial<About> = {}, base: Partial<Plan['base']> = {}) {
  const plain = planOf([pieceOn('front', 'Panel', measure('4', '5'))]);
  const plan: Plan = {
    ...plain,
    about: { ...plain.about, title: id, ...about },
    base: { ...plain.base, ...base },
  };
  const computed = computeCard(plan, library);
  texts.set(id, cardText(plan, computed.card));
  return standingCard(id as CardId, 1, plan, computed);
}

export const cards: readonly StandingCard[] = [
  cardOf('beans', {
    designerId: orla.id,
    releaseId: releases[0]?.id ?? null,
    filmOn: '2027-03-11',
  }),
  cardOf('rain', { releaseId: releases[0]?.id ?? null, status: 'filmed', filmOn: '2027-03-01' }),
  cardOf('tram', { occasion: 'birthday', techniques: ['stencil'] }, { fold: 'tent' }),
  cardOf('lost', { releaseId: 'gone' as ReleaseId, status: 'published' }),
];
