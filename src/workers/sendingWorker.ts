import { sendCard } from '../core/compute/sendCard';
import { answerInTurn } from './answerInTurn';
import type { SendingQuestion, SendingReply } from './sendingMessages';

answerInTurn(function* answer({
  number,
  cards,
  library,
  holdings,
  mail,
}: SendingQuestion): Generator<SendingReply | undefined, void> {
  for (const card of cards)
    yield { kind: 'sent', number, id: card.id, sent: sendCard(card, library, holdings, mail) };
});
