import type { FunctionComponent } from 'react';
import type { Mark } from '../../../core/plan/piece';
import { changePiece, type ChangeOf } from '../../../core/plan/pieceEdits';
import type { ResolvedMark } from '../../../core/resolve/resolvedMark';
import { useCardSession } from '../../session/CardSession';
import { DotFields } from './fields/DotFields';
import { DrawnFields } from './fields/DrawnFields';
import type { FieldsProps } from './fields/FieldsProps';
import { EdgesFields, ZonedFields } from '../../parts/GroundFields';
import { RibbonFields } from './fields/RibbonFields';
import { ImageFields } from './fields/ImageFields';
import { WordsFields } from './fields/WordsFields';
import { StencilFields } from './fields/StencilFields';

interface Props {
  readonly mark: ResolvedMark;
}

/** The fields of each kind of mark; a new kind is one more line. */
const fields: { readonly [Kind in Mark['kind']]: FunctionComponent<FieldsProps<Kind>> } = {
  image: ImageFields,
  words: WordsFields,
  stencil: StencilFields,
  dot: DotFields,
  drawn: DrawnFields,
  blend: ZonedFields,
  spray: ZonedFields,
  splatter: ZonedFields,
  edges: EdgesFields,
  ribbon: RibbonFields,
};

/** What a mark is made of: the colours of a print, words, a dot, a drawn line. */
export function MarkFields({ mark }: Props) {
  const { unit, commit, preview } = useCardSession();
  const { piece } = mark;
  // The fields are those of its own kind, which the compiler cannot see through the list.
  const Fields = fields[piece.kind] as unknown as FunctionComponent<FieldsProps<Mark['kind']>>;
  return (
    <Fields
      mark={mark}
      piece={piece}
      unit={unit}
      onChange={(change: ChangeOf<Mark['kind']>) => commit(changePiece(piece, change))}
      preview={(change) => preview(change && changePiece(piece, change))}
    />
  );
}
