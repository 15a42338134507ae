import { NumberField } from './NumberField';

interface Props {
  readonly copies: number;
  readonly onCommit: (copies: number) => void;
}

/** How many of the card are made; Enter or leaving keeps it. */
export function CopiesField({ copies, onCommit }: Props) {
  return (
    <NumberField
      label="Copies"
      value={copies}
      min={1}
      max={10_000}
      issue="Copies are a whole number from 1 to 10 000."
      onCommit={(wanted) => onCommit(wanted ?? copies)}
    />
  );
}
