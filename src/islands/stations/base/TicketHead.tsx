import { ArrowDown, ArrowUp, Copy, Eye, EyeOff, Trash2 } from 'lucide-react';
import type { Paper } from '../../../core/plan/piece';
import { IconButton } from '../../parts/IconButton';
import { StockSelect } from '../../parts/StockSelect';
import { TextField } from '../../parts/TextField';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useLayerCommands } from './useLayerCommands';
import { useCardSession } from '../../session/CardSession';

interface Props {
  readonly piece: Paper;
  readonly letter: string;
  readonly canMove: { readonly up: boolean; readonly down: boolean };
}

/** Letter, name and stock of the selected layer, and what is done to it as a whole. */
export function TicketHead({ piece, letter, canMove }: Props) {
  const { library, commit, ask } = useCardSession();
  const commands = useLayerCommands();
  const { id, name, stock, isOff } = piece;
  const useStock = (ref: Paper['stock']) => commit(changePiece(piece, { stock: ref }));
  return (
    <div className="flex items-center gap-3">
      <span className="bg-violet font-heading min-w-6 px-1 text-center leading-6 font-semibold text-white">
        {letter}
      </span>
      <TextField
        label={`Name of ${letter}`}
        value={name}
        className="in-place w-32 font-semibold"
        onCommit={(text) => commit(changePiece(piece, { name: text }))}
      />
      <StockSelect
        label={`Stock of ${letter}`}
        library={library}
        value={stock}
        onChange={useStock}
        onAskNew={() => ask({ kind: 'stock', take: useStock })}
      />
      <span className="ml-auto flex">
        <IconButton
          label={`Move ${letter} up`}
          isDisabled={!canMove.up}
          onClick={() => commands.moveRows(id, 1)}
        >
          <ArrowUp size={16} aria-hidden />
        </IconButton>
        <IconButton
          label={`Move ${letter} down`}
          isDisabled={!canMove.down}
          onClick={() => commands.moveRows(id, -1)}
        >
          <ArrowDown size={16} aria-hidden />
        </IconButton>
        <IconButton label={`Copy ${letter}`} onClick={() => commands.copy(id)}>
          <Copy size={16} aria-hidden />
        </IconButton>
        <IconButton
          label={isOff ? `Turn ${letter} on` : `Turn ${letter} off`}
          onClick={() => commands.turnOff(id)}
        >
          {isOff ? <EyeOff size={16} aria-hidden /> : <Eye size={16} aria-hidden />}
        </IconButton>
        <IconButton label={`Remove ${letter}`} onClick={() => commands.remove(id)}>
          <Trash2 size={16} aria-hidden />
        </IconButton>
      </span>
    </div>
  );
}
