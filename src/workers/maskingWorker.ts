import { keepAlike } from '../core/compute/keepAlike';
import { maskChoices, type MaskChoice } from '../core/compute/maskChoices';
import { maskMoves } from '../core/compute/maskMoves';
import { noResults } from '../core/findings/finding';
import { maskCard } from '../core/masking/maskCard';
import { resolvePlan } from '../core/resolve/resolvePlan';
import type { MaskingQuestion, MaskingReply } from './maskingMessages';

const tell = (reply: MaskingReply) => postMessage(reply);

let last: Omit<MaskingQuestion, 'number'> | undefined;
/** The newest question; one that is asked meanwhile ends the work on those before. */
let newest = 0;

self.addEventListener('message', ({ data }: MessageEvent<MaskingQuestion>) => {
  newest = data.number;
  work(data).catch((error: unknown) =>
    tell({ kind: 'failed', number: data.number, message: String(error) }),
  );
});

async function work({ number, ...asked }: MaskingQuestion): Promise<void> {
  await nextMessage();
  if (number !== newest) return;
  // Pieces and items that stayed as they are stay the same objects, so that what is known of their outlines is kept.
  const { plan, library } = keepAlike(last, asked);
  last = { plan, library };
  const card = resolvePlan(plan, library);
  const masks = maskCard(plan, card);
  tell({ kind: 'masks', number, masks });
  await nextMessage();
  if (number !== newest) return;
  const choices: MaskChoice[] = [];
  for (const choice of maskChoices(plan, card, masks)) {
    choices.push(choice);
    await nextMessage();
    if (number !== newest) return;
  }
  tell({ kind: 'choices', number, choices });
  for (const move of maskMoves({ plan, card, library, results: noResults }, masks)) {
    if (move) tell({ kind: 'move', number, move });
    await nextMessage();
    if (number !== newest) return;
  }
  tell({ kind: 'done', number });
}

/** Lets what was asked meanwhile come in. */
const nextMessage = () => new Promise((resolve) => setTimeout(resolve));
