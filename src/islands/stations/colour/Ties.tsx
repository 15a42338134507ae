import { useMemo, useState } from 'react';
import type { Palette } from '../../../core/inking/palette';
import { tiesOf, type TieKind } from '../../../core/inking/ties';
import type { SimpleEdit } from '../../../core/plan/edit';
import type { Stock } from '../../../core/plan/libraryItem';
import { changePiece } from '../../../core/plan/pieceEdits';
import { papersOf } from '../../../core/plan/pieces';
import { InlineChoice } from '../../parts/InlineChoice';
import { useCardSession } from '../../session/CardSession';

const tieWords: Readonly<Record<TieKind, string>> = {
  repeats: 'repeats',
  calms: 'calms it; nearest is',
  dramatises: 'makes it dramatic; nearest is',
};

/** Stocks that tie the picture to its base, a mat or the liner: one press gives the chosen paper that stock. */
export function Ties({ palette }: { readonly palette: Palette }) {
  const { plan, library, holdings, commit } = useCardSession();
  const [chosen, setChosen] = useState('base');
  const ties = useMemo(() => tiesOf(palette, library, holdings), [palette, library, holdings]);
  if (ties.length === 0) return null;
  const papers = papersOf(plan);
  const paper = papers.find(({ id }) => id === chosen);
  const names = new Map<string, string>([
    ['base', 'the base'],
    ...papers.map(({ id, name }): [string, string] => [id, name]),
  ]);
  const take = ({ id, version }: Stock) => {
    const stock = { id, version };
    const edit: SimpleEdit = paper
      ? changePiece(paper, { stock })
      : { kind: 'set-base', change: { stock } };
    commit(edit);
  };
  return (
    <section aria-labelledby="ties">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <strong id="ties" className="font-heading text-[17px] font-semibold">
          Stocks that tie it together
        </strong>
        <span className="text-sheet-muted">for</span>
        <InlineChoice
          label="The paper they are for"
          value={names.has(chosen) ? chosen : 'base'}
          choices={[...names.keys()]}
          nameOf={(id) => names.get(id) ?? id}
          onChange={setChosen}
        />
      </p>
      <ul className="flex flex-col gap-1 pt-1">
        {ties.map(({ kind, stock, nearest, difference }) => (
          <li key={`${kind} ${stock.id}`} className="flex flex-wrap items-center gap-x-2">
            <span
              className="border-control inline-block h-5 w-8 border"
              style={{ background: stock.colour }}
              aria-hidden
            />
            <button type="button" className="link" onClick={() => take(stock)}>
              {stock.name}
            </button>
            <span className="text-sheet-muted">
              {tieWords[kind]} {nearest.item?.name ?? 'a wish'}, {difference.toFixed(1)} apart
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
