import { plainSources } from '../../inking/plainSources';
import { layerAt } from '../../kinds/layerAt';
import { isPrintedLayer } from '../../kinds/image/isPrintedLayer';
import { solventOf, withstands, type Solvent } from '../../kinds/withstands';
import type { Library } from '../../plan/library';
import type { Ink } from '../../plan/libraryItem';
import { findOn, type Finding, type Rule } from '../finding';
import { nearestInk, takeInk } from '../inkRemedy';

/** Lines printed in an ink that smears under what the image is coloured with; another ink of the stash stands it. */
export const inkUnfit: Rule = {
  id: 'ink-unfit',
  find: ({ plan, card, library }) =>
    card.marks.flatMap((mark): readonly Finding[] => {
      const { piece, stamp, paints } = mark;
      const solvents = new Set<Solvent>();
      const inks = new Map<string, { readonly ink: Ink; readonly layers: number[] }>();
      for (const [layer, paint] of paints.entries()) {
        if (!paint) continue;
        const isPrinted = layerAt(piece, layer).kind === 'layer' && isPrintedLayer(stamp, layer);
        for (const { item } of plainSources(paint.from, paint.colour)) {
          const solvent = item?.kind === 'medium' ? solventOf(item) : undefined;
          if (!isPrinted && solvent) solvents.add(solvent);
          if (!isPrinted || item?.kind !== 'ink') continue;
          const known = inks.get(item.id) ?? { ink: item, layers: [] };
          known.layers.push(layer);
          inks.set(item.id, known);
        }
      }
      return [...inks.values()].flatMap(({ ink, layers }) =>
        [...solvents]
          .filter((solvent) => !withstands(ink, solvent))
          .map((solvent) =>
            findOn(mark, 'look', { rule: 'ink-unfit', ink: ink.name, solvent }, () =>
              takeInk(
                { plan },
                layers.map((layer) => ({ pieceId: mark.id, layer })),
                fitInk(library, ink, [...solvents]),
              ),
            ),
          ),
      );
    }),
};

/** The ink nearest in colour that stands all of them, as each is on white. */
function fitInk(library: Library, { colour }: Ink, solvents: readonly Solvent[]): Ink | undefined {
  return nearestInk(library, colour, '#ffffff', (ink) =>
    solvents.every((solvent) => withstands(ink, solvent)),
  );
}
