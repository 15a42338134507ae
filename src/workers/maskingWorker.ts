import { keepAlike } from '../core/compute/keepAlike';
import { maskChoices, type MaskChoice } from '../core/compute/maskChoices';
import { maskMoves } from '../core/compute/maskMoves';
import { noResults } from '../core/findings/finding';
import { maskCard } from '../core/masking/maskCard';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { answerInTurn } from './answerInTurn';
import type { MaskingQuestion, MaskingReply } from './maskingMessages';

let last: Omit<MaskingQuestion, 'number'> | undefined;

answerInTurn(function* answer({
  number,
  ...asked
}: MaskingQuestion): Generator<MaskingReply | undefined, void> {
  // Pieces and items that stayed as they are stay the same objects, so that what is known of their outlines is kept.
  const { plan, library } = keepAlike(last, asked);
  last = { plan, library };
  const card = resolvePlan(plan, library);
  const masks = maskCard(plan, card);
  yield { kind: 'masks', number, masks };
  const choices: MaskChoice[] = [];
  for (const choice of maskChoices(plan, card, masks)) {
    choices.push(choice);
    yield undefined;
  }
  yield { kind: 'choices', number, choices };
  for (const move of maskMoves({ plan, card, library, results: noResults }, masks))
    yield move && { kind: 'move', number, move };
  yield { kind: 'done', number };
});
