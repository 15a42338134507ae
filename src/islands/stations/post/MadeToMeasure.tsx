import { useMemo } from 'react';
import { writeLength, writeSize } from '../../../core/length/formatLength';
import { sheetOf } from '../../../core/paper/sheets';
import type { EnvelopeChoice } from '../../../core/plan/post';
import { stocksForMaking } from '../../../core/post/madeEnvelope';
import type { PostPlan } from '../../../core/post/postPlan';
import { twoTogether } from '../../../core/post/twoTogether';
import { aOrAn } from '../../../core/words/phrases';
import { DownloadLink } from '../../parts/DownloadLink';
import { Select } from '../../parts/Select';
import { useCardSession } from '../../session/CardSession';

type Made = Extract<EnvelopeChoice, { by: 'made' }>;

interface Props {
  readonly post: PostPlan;
  readonly value: Made;
  readonly onChange: (choice: EnvelopeChoice) => void;
}

/** Of which stock an envelope or a box is made, from which sheet, and its template. */
export function MadeToMeasure({ post, value, onChange }: Props) {
  const { plan, library, holdings, unit, cardId, isSaved, flush } = useCardSession();
  const { card, chosen } = post.envelopes;
  const room = plan.habits.envelopeRoom.ticks;
  const stocks = stocksForMaking(value.kind, card, { library, holdings, room });
  const own = stocks.find(({ stock }) => stock.id === value.stock.id);
  const blank = chosen?.envelope.made;
  return (
    <div className="flex flex-col gap-1 py-1">
      <label className="flex items-baseline gap-2">
        <span className="text-sheet-muted">made of</span>
        <Select
          className="in-place max-w-[20rem] truncate"
          value={value.stock.id}
          onChange={({ target }) => {
            const found = stocks.find(({ stock }) => stock.id === target.value);
            if (found)
              onChange({ ...value, stock: { id: found.stock.id, version: found.stock.version } });
          }}
        >
          {!own && <option value={value.stock.id}>a stock there is none of</option>}
          {stocks.map(({ stock, sheet }) => (
            <option key={stock.id} value={stock.id}>
              {stock.name}
              {sheet ? '' : ', no sheet holds it'}
            </option>
          ))}
        </Select>
      </label>
      {blank && (
        <>
          <p className={own && !own.sheet ? 'text-amber' : 'text-sheet-muted'}>
            {own?.sheet
              ? `Cut from ${aOrAn(sheetOf(own.sheet).name)}`
              : 'No sheet it comes in holds it'}
            : its blank is {writeSize(blank.size, unit)} {unit}.
          </p>
          {value.kind === 'box' && <TwoInBox post={post} />}
          <p className="flex gap-3">
            <span className="text-sheet-muted">Template at 1:1</span>
            {templates.map(({ file, page, name }) => (
              <DownloadLink
                key={name}
                href={`/api/cards/${cardId}/${file}${page && `?page=${page}`}`}
                isSaved={isSaved}
                onFlush={flush}
              >
                {name}
              </DownloadLink>
            ))}
          </p>
        </>
      )}
    </div>
  );
}

const templates = [
  { file: 'mailer.svg', page: '', name: 'SVG' },
  { file: 'mailer.dxf', page: '', name: 'DXF' },
  { file: 'mailer.pdf', page: 'letter', name: 'PDF letter' },
  { file: 'mailer.pdf', page: 'a4', name: 'PDF A4' },
] as const;

/** How deep a box for two of the card is. */
function TwoInBox({ post: { map } }: Pick<Props, 'post'>) {
  const { backs, fronts } = useMemo(() => twoTogether(map), [map]);
  return (
    <p className="text-sheet-muted">
      Two of them are {writeLength(backs, 'mm')} mm back to back
      {fronts < backs && `, ${writeLength(fronts, 'mm')} mm front to front, one turned over`}.
    </p>
  );
}
