import { otherUnit, writeSize } from '../../../core/length/formatLength';
import { looksForward } from '../../../core/plan/faces';
import { faceOf } from '../../../core/plan/faceOf';
import { movePiece } from '../../../core/plan/movePiece';
import type { Paper } from '../../../core/plan/piece';
import { sizeOriginSentence } from '../../words/originSentence';
import { FinishFields } from './FinishFields';
import { LieFields } from './LieFields';
import { SizeWays } from './SizeWays';
import { TicketHead } from './TicketHead';
import { useCardSession } from '../../session/CardSession';

interface Props {
  readonly piece: Paper;
}

/** The selected layer unfolded: its size, the ways to give it, and why it is what it is. */
export function PieceTicket({ piece }: Props) {
  const { plan, card, unit } = useCardSession();
  const { id } = piece;
  /** Its figures; undefined while the plan leaves it none. */
  const resolved = card.pieces.find((each) => each.id === id);
  const letter = resolved?.letter ?? '–';
  const other = otherUnit(unit);
  const [up, down] = looksForward(faceOf(plan, id))
    ? (['up', 'down'] as const)
    : (['down', 'up'] as const);
  return (
    <div className="border-violet border-l-4 bg-white pt-2 pr-3 pb-3 pl-3">
      <TicketHead
        piece={piece}
        letter={letter}
        canMove={{
          up: movePiece(plan, id, up) !== undefined,
          down: movePiece(plan, id, down) !== undefined,
        }}
      />
      <p className="flex items-baseline gap-3 pt-1">
        <output aria-label={`Size of ${letter}`} className="text-[27px] leading-8 font-semibold">
          {resolved ? writeSize(resolved.rect, unit) : piece.isOff ? 'turned off' : 'no figures'}
        </output>
        {resolved && (
          <>
            <span className="text-muted">{unit}</span>
            <span className="text-muted text-[17px]">
              {writeSize(resolved.rect, other)} {other}
            </span>
          </>
        )}
      </p>
      <SizeWays key={id} piece={piece} resolved={resolved} />
      <p className="pt-1.5">
        {resolved ? (
          <>
            <strong className="font-semibold">Why?</strong>{' '}
            {sizeOriginSentence(resolved.origins, resolved.rect, card, unit)}
          </>
        ) : piece.isOff ? (
          'It is kept here and left out of the card; what lies on it lies on what is under it.'
        ) : (
          'The findings below say why there are none, and how to mend it.'
        )}
      </p>
      <LieFields piece={piece} resolved={resolved} letter={letter} />
      <FinishFields key={`${id} finish`} piece={piece} resolved={resolved} letter={letter} />
    </div>
  );
}
