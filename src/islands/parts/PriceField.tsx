import { NumberField } from './NumberField';

interface Props {
  readonly label: string;
  readonly isLabelHidden?: boolean;
  readonly value: number | null;
  readonly onCommit: (hundredths: number | null) => void;
}

const issue = 'A price such as 0.45, or nothing.';

/** A price, typed in whole units of the currency and kept in hundredths. */
export function PriceField({ label, isLabelHidden = false, value, onCommit }: Props) {
  return (
    <NumberField
      label={label}
      isLabelHidden={isLabelHidden}
      value={value === null ? null : value / 100}
      min={0}
      max={99_999}
      digits={2}
      isOptional
      issue={issue}
      className="field w-20 py-0.5"
      onCommit={(price) => onCommit(price === null ? null : Math.round(price * 100))}
    />
  );
}
