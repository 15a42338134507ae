import { Combobox } from '@base-ui/react/combobox';
import { useMemo, useState } from 'react';
import { findByWords } from '../../core/text/findByWords';

/** One of a list to choose from. */
export interface Choice {
  readonly value: string;
  readonly name: string;
  /** What tells it from others, such as its size. */
  readonly note?: string;
  /** The colour it is known by. */
  readonly colour?: string;
}

/** So many are drawn; the rest is found by name. */
const most = 150;

interface Props {
  readonly label: string;
  readonly choices: readonly Choice[];
  readonly value: string | undefined;
  /** What was typed before the list was there. */
  readonly typed: string;
  /** The button it belongs to. */
  readonly anchor: HTMLElement | null;
  readonly onChoose: (value: string) => void;
  /** Told whether the button takes the focus again. */
  readonly onClose: (backToButton: boolean) => void;
}

/** A list with a search above it; Enter takes the first that is found, Escape leaves things as they are. */
export function ChoicePopup({ label, choices, value, typed, anchor, onChoose, onClose }: Props) {
  const [query, setQuery] = useState(typed);
  const found = useMemo(
    () => findByWords(choices, ({ name, note }) => `${name} ${note ?? ''}`, query),
    [choices, query],
  );
  const shown = found.slice(0, most);
  return (
    <Combobox.Root
      open
      items={choices}
      filteredItems={shown}
      autoHighlight
      inputValue={query}
      value={choices.find((choice) => choice.value === value) ?? null}
      itemToStringLabel={({ name }: Choice) => name}
      isItemEqualToValue={(a: Choice, b: Choice) => a.value === b.value}
      onInputValueChange={(text, { reason }) => {
        if (reason === 'input-change' || reason === 'input-clear') setQuery(text);
      }}
      onValueChange={(choice) => {
        if (choice) onChoose(choice.value);
      }}
      onOpenChange={(isOpen, { reason }) => {
        if (!isOpen) onClose(reason === 'escape-key' || reason === 'item-press');
      }}
    >
      <Combobox.Portal>
        <Combobox.Positioner anchor={anchor} align="start" sideOffset={3} className="z-50">
          <Combobox.Popup
            aria-label={label}
            initialFocus={false}
            className="border-control flex max-h-[min(22rem,var(--available-height))] w-[max(19rem,var(--anchor-width))] max-w-[94vw] flex-col rounded-[2px] border bg-white shadow-[0_3px_14px_rgb(30_36_40/0.18)]"
          >
            <Combobox.Input
              ref={takeKeys}
              aria-label="Find by name"
              placeholder="by name"
              className="field m-2 shrink-0"
              onKeyDown={(event) => event.stopPropagation()}
            />
            <Combobox.Empty className="text-muted px-3 pb-2 empty:hidden">
              Nothing is called so.
            </Combobox.Empty>
            <Combobox.List className="min-h-0 overflow-auto pb-1 empty:hidden">
              {(choice: Choice) => (
                <Combobox.Item
                  key={choice.value}
                  value={choice}
                  className="data-highlighted:bg-violet-wash data-selected:font-semibold flex cursor-default items-baseline gap-2 px-3 py-0.5 forced-colors:data-highlighted:outline"
                >
                  {choice.colour !== undefined && (
                    <span
                      aria-hidden
                      className="border-control size-[14px] shrink-0 self-center border"
                      style={{ background: choice.colour }}
                    />
                  )}
                  <span className="grow">{choice.name}</span>
                  {choice.note !== undefined && (
                    <span className="text-muted text-[14px]">{choice.note}</span>
                  )}
                </Combobox.Item>
              )}
            </Combobox.List>
            {shown.length < found.length && (
              <p className="text-muted border-hairline border-t px-3 py-1 text-[14px]">
                {found.length - shown.length} more; type a part of the name.
              </p>
            )}
          </Combobox.Popup>
        </Combobox.Positioner>
      </Combobox.Portal>
    </Combobox.Root>
  );
}

/** At once, so that nothing typed goes astray. */
function takeKeys(search: HTMLInputElement | null): void {
  search?.focus({ preventScroll: true });
}
