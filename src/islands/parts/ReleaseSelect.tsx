import type { Release } from '../../core/plan/cardFile';
import { Select } from './Select';

interface Props {
  readonly id: string;
  readonly releases: readonly Release[];
  /** Empty for none. */
  readonly value: string;
  readonly onChange: (id: string) => void;
}

/** Chooses a release, or none. */
export function ReleaseSelect({ id, releases, value, onChange }: Props) {
  return (
    <Select
      id={id}
      className="field"
      value={value}
      onChange={(event) => onChange(event.target.value)}
    >
      <option value="">no release</option>
      {releases.map((release) => (
        <option key={release.id} value={release.id}>
          {release.name}
        </option>
      ))}
    </Select>
  );
}
