import { useRef, useState, type KeyboardEvent } from 'react';
import type { Choice } from '../popups/ChoicePopup';
import { ChoicePopup } from './latePopups';

interface Props {
  readonly label: string;
  readonly id?: string;
  readonly choices: readonly Choice[];
  readonly value: string | undefined;
  /** What stands there while none of the list is chosen. */
  readonly otherwise: string;
  readonly className?: string;
  /** What a ticket gives the focus to. */
  readonly isFirstField?: boolean;
  readonly onChoose: (value: string) => void;
}

/** Chooses one of many by name: a button that says what is chosen and opens a list with a search. */
export function Choose(props: Props) {
  const { label, id, choices, value, otherwise, className = 'in-place', onChoose } = props;
  const button = useRef<HTMLButtonElement>(null);
  const wasOpen = useRef(false);
  // What was typed on the button; undefined while the list is closed.
  const [typed, setTyped] = useState<string>();
  const isOpen = typed !== undefined;
  const close = (backToButton: boolean) => {
    setTyped(undefined);
    if (backToButton) button.current?.focus();
  };
  const openByKey = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey) return;
    const isLetter = event.key.length === 1 && event.key !== ' ' && !event.altKey;
    if (!isLetter && event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    event.preventDefault();
    setTyped((before = '') => (isLetter ? before + event.key : before));
  };
  return (
    <>
      <button
        ref={button}
        id={id}
        type="button"
        role="combobox"
        aria-label={label}
        aria-haspopup="dialog"
        aria-expanded={isOpen}
        data-first-field={props.isFirstField ? true : undefined}
        className={`${className} min-w-0 truncate text-left`}
        onPointerDown={() => {
          wasOpen.current = isOpen;
        }}
        onClick={(event) => {
          // A press closes an open list before the click is told; a key is told without a press.
          const isPress = event.detail > 0;
          if (!(isPress && wasOpen.current)) setTyped('');
        }}
        onKeyDown={openByKey}
      >
        {choices.find((choice) => choice.value === value)?.name ?? otherwise}
      </button>
      {isOpen && (
        <ChoicePopup
          label={label}
          choices={choices}
          value={value}
          typed={typed}
          anchor={button.current}
          onChoose={(chosen) => {
            close(true);
            if (chosen !== value) onChoose(chosen);
          }}
          onClose={close}
        />
      )}
    </>
  );
}
