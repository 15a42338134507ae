interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (colour: string) => void;
}

/** A colour with its name beside it. */
export function ColourField({ label, value, onChange }: Props) {
  return (
    <label className="flex items-center gap-1.5">
      <input
        type="color"
        className="border-control h-6 w-8 border"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
      {label}
    </label>
  );
}
