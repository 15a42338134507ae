import { Select } from './Select';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly T[];
  readonly nameOf: (choice: T) => string;
  readonly onChange: (choice: T) => void;
}

/** One of a few, written where it stands. */
export function InlineChoice<T extends string>({
  label,
  value,
  choices,
  nameOf,
  onChange,
}: Props<T>) {
  return (
    <Select
      className="in-place"
      aria-label={label}
      value={value}
      onChange={(event) => {
        const chosen = choices.find((each) => each === event.target.value);
        if (chosen !== undefined) onChange(chosen);
      }}
    >
      {choices.map((each) => (
        <option key={each} value={each}>
          {nameOf(each)}
        </option>
      ))}
    </Select>
  );
}
