import { useRef } from 'react';
import { facesOf } from '../../../core/plan/faces';
import type { PieceId } from '../../../core/plan/ids';
import { findPaper } from '../../../core/plan/pieces';
import { KeyedButton } from '../../parts/KeyedButton';
import { useKeys } from '../../parts/useKeys';
import { useSize } from '../../parts/useSize';
import { useCardSession } from '../../session/CardSession';
import { BaseTicket } from './BaseTicket';
import { CardDrawing } from './CardDrawing';
import { LayerRows } from './LayerRows';
import { paperUnder } from './paperUnder';
import { PieceTicket } from './PieceTicket';
import { enterRow } from './rowFocus';
import { TitleBlock } from './TitleBlock';
import { useLayerCommands } from './useLayerCommands';
import { useRowAnchors } from './useRowAnchors';

/** The drawing sheet: main view, edge view, callouts to the layers, blank, other face, title block. */
export function BaseStation() {
  const { plan, face, selected, turn, ask } = useCardSession();
  const commands = useLayerCommands();
  const drawing = useRef<HTMLDivElement>(null);
  const rows = useRef<HTMLDivElement>(null);
  const { width } = useSize(drawing, { width: 700, height: 0 });
  const anchors = useRowAnchors(rows);
  const paper = paperUnder(plan, selected);
  const piece = findPaper(plan, paper);
  const hasInside = facesOf(plan.base.fold).includes('inside');
  const onPiece = (action: (id: PieceId) => void) => () => (piece ? action(piece.id) : false);
  useKeys({
    a: () => commands.add(face),
    i: () => (hasInside ? commands.add('inside') : false),
    r: onPiece(commands.matRound),
    d: onPiece(commands.copy),
    o: onPiece(commands.turnOff),
    f: turn,
    q: () => ask({ kind: 'try-as' }),
    ArrowUp: () => commands.walk(-1),
    ArrowDown: () => commands.walk(1),
    'Alt+ArrowUp': onPiece((id) => commands.moveRows(id, 1)),
    'Alt+ArrowDown': onPiece((id) => commands.moveRows(id, -1)),
    Delete: onPiece(commands.remove),
    Enter: () => {
      const isOnRow = document.activeElement?.matches('[data-row], main, body') ?? false;
      return isOnRow && enterRow(paper);
    },
  });
  return (
    <div className="grid min-h-full grid-cols-[minmax(540px,1fr)_minmax(440px,546px)] gap-x-4 pr-[18px]">
      <div ref={drawing} className="relative min-w-0">
        <CardDrawing width={width} anchors={anchors} />
      </div>
      <div ref={rows} className="relative flex min-w-0 flex-col gap-2 pt-[66px] pb-3">
        <LayerRows ticket={piece ? <PieceTicket key={piece.id} piece={piece} /> : <BaseTicket />} />
        <div className="flex flex-wrap items-center gap-3">
          <KeyedButton keyName="a" isOutlined onClick={() => commands.add(face)}>
            Add a layer
          </KeyedButton>
          {hasInside && (
            <KeyedButton keyName="i" onClick={() => commands.add('inside')}>
              Add inside
            </KeyedButton>
          )}
          {!piece && (
            <KeyedButton keyName="q" onClick={() => ask({ kind: 'try-as' })}>
              Try another format
            </KeyedButton>
          )}
          {piece && (
            <KeyedButton keyName="r" onClick={() => commands.matRound(piece.id)}>
              Mat round it
            </KeyedButton>
          )}
        </div>
        <div className="mt-auto">
          <TitleBlock />
        </div>
      </div>
    </div>
  );
}
