import type { FaceId } from '../../../../core/plan/faces';
import type { SupportId } from '../../../../core/resolve/origins';
import { KeyedButton } from '../../../parts/KeyedButton';
import { useKeys } from '../../../parts/useKeys';
import { useDivide } from './useScene';

interface Props {
  readonly face: FaceId;
  readonly support: SupportId;
  readonly onDivided?: () => void;
}

/** Begins a scene in strips on a paper that is not divided. */
export function DivideButton({ face, support, onDivided }: Props) {
  const begin = useDivide(face, support);
  const divide = () => {
    begin();
    onDivided?.();
  };
  useKeys({ j: divide });
  return (
    <div>
      <KeyedButton keyName="j" onClick={divide}>
        Divide it into strips
      </KeyedButton>
    </div>
  );
}
