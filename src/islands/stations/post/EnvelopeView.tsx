import { writeLength, writeSize } from '../../../core/length/formatLength';
import { fits } from '../../../core/post/envelopeFor';
import type { PostEnvelope } from '../../../core/post/postEnvelope';
import type { PostPlan } from '../../../core/post/postPlan';
import type { EnvelopeChoice } from '../../../core/plan/post';
import { pathOf } from '../../parts/pathOf';
import { mailerKinds, type MailerBlank, type MailerKind } from '../../../core/paper/mailerBlank';
import { stocksForMaking } from '../../../core/post/madeEnvelope';
import { aOrAn } from '../../../core/words/phrases';
import { MadeToMeasure } from './MadeToMeasure';
import { Select } from '../../parts/Select';
import { useCardSession } from '../../session/CardSession';

/** The envelope with the card in it, to scale, and which it is. */
export function EnvelopeView({ post }: { readonly post: PostPlan }) {
  const { plan, unit, commit } = useCardSession();
  const { chosen, card } = post.envelopes;
  const choose = (envelope: EnvelopeChoice) => commit({ kind: 'set-post', change: { envelope } });
  return (
    <section aria-labelledby="envelope">
      <div className="flex items-baseline gap-3">
        <h2 id="envelope" className="text-[17px]">
          Envelope
        </h2>
        <EnvelopeSelect post={post} value={plan.post.envelope} onChange={choose} />
      </div>
      {plan.post.envelope.by === 'made' && (
        <MadeToMeasure post={post} value={plan.post.envelope} onChange={choose} />
      )}
      {chosen ? (
        <>
          {chosen.envelope.made ? (
            <BlankDrawing blank={chosen.envelope.made} colour={chosen.envelope.colour} />
          ) : (
            <Drawing post={post} envelope={chosen.envelope} />
          )}
          <p className="text-sheet-muted">
            {writeSize(chosen.envelope.size, unit)} {unit}
            {chosen.envelope.owned === undefined ? '' : `, ${chosen.envelope.owned} owned`}.{' '}
            {chosen.envelope.made ? (
              `Made with ${writeLength(plan.habits.envelopeRoom.ticks, unit)} ${unit} of room;`
            ) : (
              <span className={fits(chosen) ? undefined : 'text-amber'}>
                {fits(chosen) ? 'Room left' : 'It does not fit: room left'}{' '}
                {writeLength(chosen.long, unit)} {unit} along, {writeLength(chosen.short, unit)}{' '}
                {unit} across;
              </span>
            )}{' '}
            {chosen.envelope.made?.kind === 'box'
              ? `its walls are ${writeLength(chosen.envelope.made.depth, unit)} ${unit} high.`
              : `its height takes ${writeLength(card.height, unit)} ${unit} of both.`}
          </p>
        </>
      ) : (
        <p className="text-sheet-muted">
          None there is holds {writeSize({ width: card.long, height: card.short }, unit)} {unit}{' '}
          with its height of {writeLength(card.height, 'mm')} mm.
        </p>
      )}
    </section>
  );
}

const smallest = 'smallest';

function EnvelopeSelect({
  post: { envelopes },
  value,
  onChange,
}: {
  readonly post: PostPlan;
  readonly value: EnvelopeChoice;
  readonly onChange: (choice: EnvelopeChoice) => void;
}) {
  const { plan, unit, library, holdings } = useCardSession();
  const { chosen, all, card } = envelopes;
  const listed = all.map(({ envelope }) => envelope);
  const isKnown =
    !chosen || chosen.envelope.made || listed.some(({ key }) => key === chosen.envelope.key);
  const choices = isKnown ? listed : [chosen.envelope, ...listed];
  const room = plan.habits.envelopeRoom.ticks;
  const stockToMake = (kind: MailerKind) => {
    const [first] = stocksForMaking(kind, card, { library, holdings, room });
    return first ? { id: first.stock.id, version: first.stock.version } : plan.base.stock;
  };
  const name = ({ name: text, size, owned, isOwned }: PostEnvelope) =>
    `${text}, ${writeSize(size, unit)}${owned === undefined ? '' : `, ${owned} owned`}${isOwned || owned !== undefined ? '' : ', not owned'}`;
  return (
    <Select
      aria-label="The envelope"
      className="in-place max-w-[24rem] truncate"
      value={
        value.by === smallest
          ? smallest
          : value.by === 'made'
            ? `made ${value.kind}`
            : (chosen?.envelope.key ?? smallest)
      }
      onChange={({ target }) => {
        const kind = mailerKinds.find((each) => target.value === `made ${each}`);
        if (kind) {
          onChange({ by: 'made', kind, stock: stockToMake(kind) });
          return;
        }
        const found = choices.find(({ key }) => key === target.value);
        onChange(found?.choice ?? { by: smallest });
      }}
    >
      <option value={smallest}>
        {value.by === smallest && chosen
          ? `the smallest: ${chosen.envelope.name}`
          : 'the smallest that holds it'}
      </option>
      {mailerKinds.map((kind) => (
        <option key={kind} value={`made ${kind}`}>
          {aOrAn(kind)} made to measure
        </option>
      ))}
      {choices.map((each) => (
        <option key={each.key} value={each.key}>
          {name(each)}
        </option>
      ))}
    </Select>
  );
}

const width = 400;
const mostHeight = 190;

interface BlankProps {
  readonly blank: MailerBlank;
  readonly colour: string;
}

/** As it is cut, folded along the dashed lines. */
function BlankDrawing({ blank: { kind, size, cut, scores }, colour }: BlankProps) {
  const scale = Math.min(width / size.width, mostHeight / size.height);
  return (
    <svg
      width={size.width * scale + 2}
      height={size.height * scale + 2}
      role="img"
      aria-label={`The blank of the ${kind}`}
      className="my-2 block"
    >
      <g transform="translate(1 1)">
        <path d={pathOf([cut], scale)} fill={colour} stroke="#70797d" />
        {scores.map(([from, to], at) => (
          <path
            key={at}
            d={from && to && `M${from.x * scale} ${from.y * scale}L${to.x * scale} ${to.y * scale}`}
            stroke="#424c51"
            strokeDasharray="5 3"
          />
        ))}
      </g>
    </svg>
  );
}

/** From behind, its flap closed, the card dashed within. */
function Drawing({ post, envelope }: { readonly post: PostPlan; readonly envelope: PostEnvelope }) {
  const { card } = post.envelopes;
  const scale = Math.min(width / envelope.size.width, mostHeight / envelope.size.height);
  const [w, h] = [envelope.size.width * scale, envelope.size.height * scale];
  const [cardWidth, cardHeight] = [card.long * scale, card.short * scale];
  return (
    <svg
      width={w + 2}
      height={h + 2}
      role="img"
      aria-label={`The card in the ${envelope.name}`}
      className="my-2 block"
    >
      <g transform="translate(1 1)">
        <rect width={w} height={h} fill={envelope.colour} stroke="#70797d" />
        <path d={`M0 0L${w / 2} ${h * 0.46}L${w} 0`} fill="none" stroke="#b9c0c0" />
        <rect
          x={(w - cardWidth) / 2}
          y={(h - cardHeight) / 2}
          width={cardWidth}
          height={cardHeight}
          fill="#d8dbda"
          fillOpacity={0.75}
          stroke="#424c51"
          strokeDasharray="5 3"
        />
      </g>
    </svg>
  );
}
