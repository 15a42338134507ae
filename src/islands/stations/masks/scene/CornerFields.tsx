import type { ScenePoint } from '../../../../core/plan/scene';
import { LengthField } from '../../../parts/LengthField';
import { useCardSession } from '../../../session/CardSession';

interface Props {
  readonly value: ScenePoint;
  /** Nothing while what is typed is no length. */
  readonly onPreview: (value: ScenePoint | undefined) => void;
  readonly onCommit: (value: ScenePoint) => void;
}

const sides = [
  ['from the left', 'x'],
  ['from the top', 'y'],
] as const;

/** Where something of a scene lies, from the corner of its paper. */
export function CornerFields({ value: { x, y }, onPreview, onCommit }: Props) {
  const { unit } = useCardSession();
  return sides.map(([label, side]) => {
    const value = { x, y };
    return (
      <LengthField
        key={side}
        label={label}
        unit={unit}
        value={value[side]}
        isSigned
        onPreview={(length) => onPreview(length && { ...value, [side]: length })}
        onCommit={(length) => onCommit({ ...value, [side]: length })}
      />
    );
  });
}
