import { dayWords } from '../../../core/prose/dayWords';
import type { SupplyList } from '../../../core/supplies/supplyList';
import { supplyGroups } from '../../../core/supplies/supplyRow';
import { amountWords, groupNames } from '../../../core/prose/supplyWords';

interface Props {
  readonly list: SupplyList;
}

/** Who follows a tutorial posts by a mail and at a price of her own. */
const told = supplyGroups.filter((group) => group !== 'postage');

/** The supply list as a tutorial carries it: by group, each thing once, with what one card takes. */
export function SupplyShort({ list: { rows } }: Props) {
  return (
    <section className="break-inside-avoid pt-5 print:pt-2">
      <h3 className="text-lg">Supplies</h3>
      <dl className="gap-x-8 pt-1 print:leading-[18px] sm:columns-2 print:columns-2">
        {told
          .filter((group) => rows.some((row) => row.group === group))
          .map((group) => (
            <div
              key={group}
              className="border-hairline grid break-inside-avoid grid-cols-[7rem_1fr] gap-x-3 border-b py-1 print:py-0.5"
            >
              <dt className="text-muted">{groupNames[group]}</dt>
              <dd>
                <ul>
                  {linesOf(rows.filter((row) => row.group === group && row.one !== 0)).map(
                    ({ key, text }) => (
                      <li key={key}>{text}</li>
                    ),
                  )}
                </ul>
              </dd>
            </div>
          ))}
      </dl>
    </section>
  );
}

type Row = SupplyList['rows'][number];

/** A line for each thing; what is sold in a set is told by the set, with the colours of it that are used. */
function linesOf(rows: readonly Row[]): readonly { readonly key: string; readonly text: string }[] {
  const told = new Set<string>();
  const plain = rows.filter(
    (row) => row.unit === 'use' && setOf(row) === '' && lineWords(row) === row.name,
  );
  return rows.flatMap((row) => {
    const set = setOf(row);
    // What is used and nothing is to be said of goes on one line.
    if (plain.includes(row)) {
      if (row !== plain[0]) return [];
      return [{ key: row.key, text: plain.map(({ name }) => name).join(', ') }];
    }
    if (set === '') return [{ key: row.key, text: lineWords(row) }];
    if (told.has(set)) return [];
    told.add(set);
    const parts = rows.filter((each) => setOf(each) === set);
    const own = parts.map(({ name, notes, ...rest }) => {
      const noted = notes.filter((note) => note !== `of ${set}`);
      return name + saleWords(rest) + (noted.length > 0 ? ` (${noted.join('; ')})` : '');
    });
    return [{ key: set, text: `${set}: ${own.join(', ')}` }];
  });
}

const setOf = ({ item }: Pick<Row, 'item'>) => (item && 'set' in item ? item.set : '');

function lineWords(row: Row): string {
  const amount = row.one ? `, ${amountWords(row.one, row.unit, row.sheet)}` : '';
  const notes = row.notes.length > 0 ? `: ${row.notes.join('; ')}` : '';
  return row.name + amount + saleWords(row) + notes;
}

/** A limited sale period is told with the thing. */
function saleWords({ item }: Pick<Row, 'item'>): string {
  const until = item && 'sale' in item ? item.sale.until : null;
  return until ? `, sold until ${dayWords(until)}` : '';
}
