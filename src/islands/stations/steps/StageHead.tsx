/** The head of a table of stages: number, what is done, what is laid out before, and what else each tells. */
export function StageHead({ figures }: { readonly figures: readonly string[] }) {
  return (
    <thead>
      <tr className="border-ink border-b text-left">
        <th className="w-9 font-semibold">
          <span className="sr-only">number</span>
        </th>
        <th className="font-semibold">stage</th>
        <th className="font-semibold">laid out before</th>
        {figures.map((name) => (
          <th key={name} className="text-right font-semibold">
            {name}
          </th>
        ))}
      </tr>
    </thead>
  );
}
