import { cutOutImage } from '../../../core/composition/cutOutImage';
import { newStock } from '../../../core/composition/newStock';
import { cutOutMinutes } from '../../../core/masking/cutOutMinutes';
import type { CoveredPrint } from '../../../core/masking/planPaper';
import { dieRound } from '../../../core/plan/dieRound';
import { isMark } from '../../../core/resolve/outlineOf';
import { placedById } from '../../../core/resolve/resolvedCard';
import { KeyedButton } from '../../parts/KeyedButton';
import { newPieceId } from '../../parts/newPieceId';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';

/** An image that has a die is cut out and lifted instead of being masked: what either way takes. */
export function CutOutInstead({ covered }: { readonly covered: CoveredPrint }) {
  const { plan, card, library, unit, commit, select } = useCardSession();
  const mark = placedById(card, covered.print.id);
  const image = mark && isMark(mark) && mark.piece.kind === 'image' ? mark : undefined;
  const stamp = image?.stamp;
  const die = stamp && dieRound(library, stamp);
  const cutOut = () => {
    if (!image || !stamp || !die) return false;
    const stock = newStock(plan, library, image.piece.on, 'print');
    const how = { library, id: newPieceId(), stock, unit };
    commit(cutOutImage(plan, card, { ...image, stamp }, how));
    select(image.id);
    return true;
  };
  useKeys({ o: cutOut });
  if (!die) return null;
  return (
    <div>
      <p>
        {die.name} is in the stash: stamped by itself, cut out and lifted takes about{' '}
        {cutOutMinutes} min, its mask {covered.mask.minutes}.
      </p>
      <p className="pt-1">
        <KeyedButton keyName="o" isOutlined onClick={cutOut}>
          Cut it out and lift it
        </KeyedButton>
      </p>
    </div>
  );
}
