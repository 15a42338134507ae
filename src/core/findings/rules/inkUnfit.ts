import { colourDifference } from '../../colour/colourDifference';
import { labOf } from '../../colour/lab';
import { plainSources } from '../../inking/plainSources';
import { recolour } from '../../inking/recolour';
import { layerAt } from '../../kinds/image/imageLayers';
import { isPrintedLayer } from '../../kinds/image/isPrintedLayer';
import { solventOf, withstands, type Solvent } from '../../kinds/withstands';
import { outOf } from '../../plan/plainColours';
import { newestOf, type Library } from '../../plan/library';
import type { Ink } from '../../plan/libraryItem';
import { findOn, type Finding, type Rule } from '../finding';
import type { Remedy } from '../remedy';

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
            findOn(
              mark,
              'look',
              { rule: 'ink-unfit', ink: ink.name, solvent },
              (): readonly Remedy[] => {
                const other = fitInk(library, ink, [...solvents]);
                if (!other) return [];
                const at = layers.map((layer) => ({ pieceId: mark.id, layer }));
                const edit = recolour(plan, at, { kind: 'source', source: outOf(other) });
                return [{ id: 'take-ink', name: other.name, edit }];
              },
            ),
          ),
      );
    }),
};

/** The ink nearest in colour that stands all of them. */
function fitInk(library: Library, { colour }: Ink, solvents: readonly Solvent[]): Ink | undefined {
  const far = (ink: Ink) => colourDifference(labOf(colour), labOf(ink.colour));
  return newestOf(library)
    .filter((item): item is Ink => item.kind === 'ink')
    .filter((ink) => solvents.every((solvent) => withstands(ink, solvent)))
    .reduce<Ink | undefined>(
      (best, ink) => (best && far(best) <= far(ink) ? best : ink),
      undefined,
    );
}
