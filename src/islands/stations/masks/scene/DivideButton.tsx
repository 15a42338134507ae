import type { FaceId } from '../../../../core/plan/faces';
import type { SupportId } from '../../../../core/resolve/origins';
import { KeyedButton } from '../../../parts/KeyedButton';
import { useKeys } from '../../../parts/useKeys';
import { useCardSession } from '../../../session/CardSession';
import { useDivide } from './useScene';

interface Props {
  readonly face: FaceId;
  readonly support: SupportId;
  readonly onDivided?: () => void;
}

/** Begins a scene in strips on a paper that is not divided. */
export function DivideButton({ face, support, onDivided }: Props) {
  const { card } = useCardSession();
  const paper = card.pieces.find(({ id }) => id === support)?.name ?? 'the base';
  const begin = useDivide(face, support);
  const divide = (into: 'strips' | 'horizon') => {
    begin(into);
    onDivided?.();
  };
  useKeys({ j: () => divide('strips'), s: () => divide('horizon') });
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-2">
      <KeyedButton keyName="j" onClick={() => divide('strips')}>
        Divide {paper} into strips
      </KeyedButton>
      <KeyedButton keyName="s" onClick={() => divide('horizon')}>
        Lay a straight horizon
      </KeyedButton>
    </div>
  );
}
