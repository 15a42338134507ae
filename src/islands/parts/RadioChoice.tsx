interface Props {
  readonly name: string;
  readonly value: string;
  readonly options: readonly {
    readonly id: string;
    readonly name: string;
    readonly note?: string;
  }[];
  readonly onChange: (id: string) => void;
}

/** A few things to choose one of, all in sight. */
export function RadioChoice({ name, value, options, onChange }: Props) {
  return (
    <>
      <span id={`choice-${name}`}>{name}</span>
      <div
        role="radiogroup"
        aria-labelledby={`choice-${name}`}
        className="flex flex-wrap gap-x-5 gap-y-1"
      >
        {options.map(({ id, name: optionName, note }) => (
          <label key={id} className="flex items-baseline gap-1.5">
            <input
              type="radio"
              name={name}
              value={id}
              checked={value === id}
              onChange={() => onChange(id)}
            />
            {optionName}
            {note && <span className="text-muted text-[15px]">{note}</span>}
          </label>
        ))}
      </div>
    </>
  );
}
