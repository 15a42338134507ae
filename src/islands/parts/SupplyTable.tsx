import { Fragment } from 'react';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Library } from '../../core/plan/library';
import type { Holding } from '../../core/stash/holding';
import { substitutes } from '../../core/supplies/substitutes';
import { isBought, rowCost, type SupplyList } from '../../core/supplies/supplyList';
import { supplyGroups, type SupplyRow } from '../../core/supplies/supplyRow';
import { amountWords, costWords, groupNames, substituteWords } from '../../core/prose/supplyWords';

interface Props {
  readonly list: SupplyList;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  /** Whether the amounts of one card are told beside those of the batch. */
  readonly hasOne: boolean;
}

/** A supply list with amounts, what the stash has, what it lacks and what could do instead, and the cost. */
export function SupplyTable({ list, library, holdings, hasOne }: Props) {
  const { rows, copies, cost, costOfOne, unpriced } = list;
  return (
    <>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-ink border-b align-bottom">
            <th className="w-full py-1 pr-5 font-semibold">Supply</th>
            {hasOne && <th className="py-1 pr-5 font-semibold whitespace-nowrap">One card</th>}
            <th className="py-1 pr-5 font-semibold whitespace-nowrap">
              {copies === 1 ? 'The batch' : `${copies} cards`}
            </th>
            <th className="py-1 pr-5 font-semibold whitespace-nowrap">In the stash</th>
            <th className="py-1 pr-5 font-semibold whitespace-nowrap">Lacking</th>
            <th className="py-1 text-right font-semibold">Cost</th>
          </tr>
        </thead>
        <tbody>
          {supplyGroups
            .filter((group) => rows.some((row) => row.group === group))
            .map((group) => (
              <Fragment key={group}>
                <tr>
                  <th
                    scope="colgroup"
                    colSpan={hasOne ? 6 : 5}
                    className="font-heading pt-3 text-[16px] font-semibold"
                  >
                    {groupNames[group]}
                  </th>
                </tr>
                {rows
                  .filter((row) => row.group === group)
                  .map((row) => (
                    <Line
                      key={row.key}
                      row={row}
                      library={library}
                      holdings={holdings}
                      hasOne={hasOne}
                    />
                  ))}
              </Fragment>
            ))}
        </tbody>
      </table>
      <p className="pt-4 text-[17px]">
        {copies === 1 ? 'It costs ' : `All cost ${costWords(cost)}, one card `}
        <strong>{costWords(costOfOne)}</strong>
        {unpriced.length > 0
          ? `, without ${unpriced.join(', ')}, of which no price is known.`
          : '.'}
      </p>
    </>
  );
}

interface LineProps {
  readonly row: SupplyRow;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly hasOne: boolean;
}

function Line({ row, library, holdings, hasOne }: LineProps) {
  const { item, unit, sheet, one, batch, owned, lacking, letters, notes } = row;
  const cost = rowCost(row);
  const write = (amount: number | undefined) =>
    unit === 'use'
      ? 'used'
      : amount === undefined
        ? '…'
        : amount === 0
          ? 'none'
          : amountWords(amount, unit, sheet);
  const isReplaceable = lacking > 0 && item !== undefined;
  return (
    <>
      <tr className={`align-top ${isReplaceable ? '' : 'border-hairline border-b'}`}>
        <td className="py-1 pr-3">
          <span className="flex items-baseline gap-2">
            {item && 'colour' in item && (
              <span
                aria-hidden
                className="border-control size-3.5 shrink-0 translate-y-0.5 border"
                style={{ background: item.colour }}
              />
            )}
            <span>
              {row.name}
              {letters.length > 0 && <span className="text-muted"> for {letters.join(', ')}</span>}
              {notes.length > 0 && <span className="text-muted block">{notes.join('; ')}</span>}
            </span>
          </span>
        </td>
        {hasOne && <td className="py-1 pr-5 whitespace-nowrap">{write(one)}</td>}
        <td className="py-1 pr-5 whitespace-nowrap">{write(batch)}</td>
        <td className="py-1 pr-5 whitespace-nowrap">
          {owned === undefined
            ? 'not counted'
            : unit === 'use'
              ? owned > 0
                ? 'there'
                : 'not there'
              : owned}
        </td>
        <td
          className={`py-1 pr-5 whitespace-nowrap ${lacking > 0 ? 'text-pencil font-semibold' : ''}`}
        >
          {lacking > 0 ? amountWords(lacking, unit, sheet) || 'lacking' : ''}
        </td>
        <td className="py-1 text-right tabular-nums">
          {!isBought(row) ? '' : cost === undefined ? '?' : costWords(cost)}
        </td>
      </tr>
      {isReplaceable && (
        <tr className="border-hairline border-b">
          <td colSpan={hasOne ? 6 : 5} className="text-muted pb-1.5 pl-[22px]">
            <Instead item={item} library={library} holdings={holdings} />
          </td>
        </tr>
      )}
    </>
  );
}

interface InsteadProps {
  readonly item: LibraryItem;
  readonly library: Library;
  readonly holdings: readonly Holding[];
}

/** What the stash has that could do instead, and what would be different. */
function Instead({ item, library, holdings }: InsteadProps) {
  const found = substitutes(item, library, holdings);
  return (
    <>
      {found.length === 0
        ? 'The stash has nothing near it.'
        : `Instead: ${found
            .map(({ item: other, changes }) =>
              [other.name, changes.map(substituteWords).join(', ')].filter(Boolean).join(' ('),
            )
            .map((words) => (words.includes(' (') ? `${words})` : words))
            .join('; ')}.`}
    </>
  );
}
