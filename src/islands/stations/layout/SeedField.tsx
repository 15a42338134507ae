interface Props {
  readonly label: string;
  readonly value: number;
  readonly onChange: (seed: number) => void;
}

/** Which of many alike arrangements is laid: the same number lays the same. */
export function SeedField({ label, value, onChange }: Props) {
  return (
    <label className="flex items-center gap-3">
      {label}
      <input
        className="field w-24"
        type="number"
        min={1}
        max={9999}
        value={value}
        onChange={(event) => onChange(Math.max(1, Math.round(Number(event.target.value)) || 1))}
      />
    </label>
  );
}
