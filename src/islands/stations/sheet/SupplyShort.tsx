import { dayWords } from '../../../core/prose/dayWords';
import type { SupplyList } from '../../../core/supplies/supplyList';
import { supplyGroups } from '../../../core/supplies/supplyRow';
import { amountWords, groupNames } from '../../../core/prose/supplyWords';

interface Props {
  readonly list: SupplyList;
}

/** The supply list as a tutorial carries it: by group, each thing once, with what one card takes. */
export function SupplyShort({ list: { rows } }: Props) {
  return (
    <section className="break-inside-avoid pt-5 print:pt-2">
      <h3 className="text-lg">Supplies</h3>
      <dl className="gap-x-8 pt-1 print:leading-[18px] sm:columns-2 print:columns-2">
        {supplyGroups
          .filter((group) => rows.some((row) => row.group === group))
          .map((group) => (
            <div
              key={group}
              className="border-hairline grid break-inside-avoid grid-cols-[7rem_1fr] gap-x-3 border-b py-1 print:py-0.5"
            >
              <dt className="text-muted">{groupNames[group]}</dt>
              <dd>
                <ul>
                  {rows
                    .filter((row) => row.group === group && row.one !== 0)
                    .map((row) => (
                      <li key={row.key}>
                        {row.name}
                        {row.one ? `, ${amountWords(row.one, row.unit, row.sheet)}` : ''}
                        {saleWords(row)}
                        {row.notes.length > 0 ? `: ${row.notes.join('; ')}` : ''}
                      </li>
                    ))}
                </ul>
              </dd>
            </div>
          ))}
      </dl>
    </section>
  );
}

/** A limited sale period is told with the thing. */
function saleWords({ item }: SupplyList['rows'][number]): string {
  const until = item && 'sale' in item ? item.sale.until : null;
  return until ? `, sold until ${dayWords(until)}` : '';
}
