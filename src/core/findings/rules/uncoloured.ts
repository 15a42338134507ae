import { layerOfPart } from '../../kinds/layerAt';
import { isPrintedLayer } from '../../kinds/image/isPrintedLayer';
import { joinWords } from '../../words/phrases';
import { recolour } from '../../inking/recolour';
import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';

/** Parts of an outline image that nobody coloured, where others of it are; one left so on purpose is not told. */
export const uncoloured: Rule = {
  id: 'uncoloured',
  find: ({ plan, card }) =>
    card.marks.flatMap((mark): readonly Finding[] => {
      const { piece, stamp, paints } = mark;
      if (piece.kind !== 'image' || !stamp) return [];
      const byHand = stamp.layers.flatMap(({ name }, layer) =>
        isPrintedLayer(stamp, layer) ? [] : [{ name, layer, isBare: !paints[layer] }],
      );
      const bareLayers = byHand.filter(({ isBare }) => isBare);
      const picked = piece.parts.flatMap(({ name, colour }, index) =>
        colour === null ? [{ name, layer: layerOfPart(piece, index) }] : [],
      );
      // Where nothing is coloured it is meant so; what was picked was meant to be.
      const bare = [...(bareLayers.length < byHand.length ? bareLayers : []), ...picked];
      if (bare.length === 0) return [];
      const at = bare.map(({ layer }) => ({ pieceId: mark.id, layer }));
      return [
        findOn(
          mark,
          'habit',
          { rule: 'uncoloured', parts: joinWords(bare.map(({ name }) => name)) },
          [deed('leave-bare', recolour(plan, at, { kind: 'nothing' }))],
        ),
      ];
    }),
};
