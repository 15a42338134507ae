import { turnSize } from '../../../core/length/length';
import { asTyped } from '../../../core/length/typedLength';
import { folds } from '../../../core/paper/cardFormat';
import { cardFormats } from '../../../core/paper/cardFormats';
import type { Edit } from '../../../core/plan/edit';
import type { Base } from '../../../core/plan/plan';
import { LengthField } from '../../parts/LengthField';
import { StockSelect } from '../../parts/StockSelect';
import { useCardSession } from '../../session/CardSession';
import { Select } from '../../parts/Select';

/** Format, how the card stands, fold and base stock, edited where they are read. */
export function TitleBlock() {
  const { plan, card, library, unit, commit, preview, ask } = useCardSession();
  const { base } = plan;
  const { format, fold } = base;
  const { face } = card.base;
  const set = (change: Partial<Base>): Edit => ({ kind: 'set-base', change });
  const stand =
    format.kind === 'named' ? format.stand : face.width > face.height ? 'lying' : 'upright';
  const custom = (size: {
    readonly width: typeof face.width;
    readonly height: typeof face.height;
  }): Base['format'] => ({
    kind: 'custom',
    size: { width: asTyped(size.width), height: asTyped(size.height) },
  });
  const chooseFormat = (id: string) => {
    const named = cardFormats.find((each) => each.id === id);
    if (named) commit(set({ format: { kind: 'named', id: named.id, stand }, blankId: null }));
    else commit(set({ format: custom(face), blankId: null }));
  };
  const chooseStand = (next: string) => {
    if (next === stand || (next !== 'upright' && next !== 'lying')) return;
    if (format.kind === 'named') commit(set({ format: { ...format, stand: next }, blankId: null }));
    else commit(set({ format: custom(turnSize(face)) }));
  };
  return (
    <section
      aria-label="Title block"
      className="border-ink divide-control flex flex-wrap divide-x border"
    >
      <Cell name="Format">
        <Select
          className="in-place font-semibold"
          aria-label="Format"
          value={format.kind === 'named' ? format.id : 'custom'}
          onChange={(event) => chooseFormat(event.target.value)}
        >
          {cardFormats.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
          <option value="custom">Custom</option>
        </Select>
        {format.kind === 'custom' && (
          <span className="mt-1 flex gap-2">
            {(['width', 'height'] as const).map((axis) => (
              <LengthField
                key={axis}
                label={`Card ${axis}`}
                isLabelHidden
                value={format.size[axis]}
                unit={unit}
                width="5.6rem"
                isPositive
                onSize={(size) => commit(set({ format: { kind: 'custom', size } }))}
                onPreview={(typed) =>
                  preview(
                    typed
                      ? set({ format: { kind: 'custom', size: { ...format.size, [axis]: typed } } })
                      : undefined,
                  )
                }
                onCommit={(typed) =>
                  commit(
                    set({ format: { kind: 'custom', size: { ...format.size, [axis]: typed } } }),
                  )
                }
              />
            ))}
          </span>
        )}
      </Cell>
      <Cell name="Stands">
        {face.width === face.height ? (
          <span className="font-semibold">square</span>
        ) : (
          <Select
            className="in-place font-semibold"
            aria-label="Stands"
            value={stand}
            onChange={(event) => chooseStand(event.target.value)}
          >
            <option value="upright">upright</option>
            <option value="lying">lying</option>
          </Select>
        )}
      </Cell>
      <Cell name="Fold">
        <Select
          className="in-place font-semibold"
          aria-label="Fold"
          value={fold}
          onChange={(event) => {
            const chosen = folds.find((each) => each === event.target.value);
            if (chosen) commit(set({ fold: chosen, blankId: null }));
          }}
        >
          {folds.map((each) => (
            <option key={each} value={each}>
              {each === 'flat' ? 'none, flat' : each}
            </option>
          ))}
        </Select>
      </Cell>
      <Cell name="Base stock">
        <StockSelect
          label="Base stock"
          library={library}
          value={base.stock}
          onChange={(stock) => commit(set({ stock }))}
          onAskNew={() => ask({ kind: 'stock', take: (stock) => commit(set({ stock })) })}
        />
      </Cell>
    </section>
  );
}

function Cell({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <div className="min-w-0 grow px-3 py-1">
      <div className="text-sheet-muted text-[14px] leading-4">{name}</div>
      {children}
    </div>
  );
}
