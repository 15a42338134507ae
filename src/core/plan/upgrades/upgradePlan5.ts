import { isObject, objectsIn, type Document } from './document';

/**
 * Plans of version 5 knew bare colours only, which are wishes now; nothing was coloured by hand in them, no ground but
 * stencilling, and findings were accepted for a piece or for the card.
 */
export function upgradePlan5(plan: Document): Document {
  const { pieces, accepted } = plan;
  return {
    ...plan,
    schema: 6,
    pieces: Array.isArray(pieces) ? pieces.map(upgradePiece5) : pieces,
    combinations: [],
    accepted: Array.isArray(accepted) ? objectsIn(accepted).map(upgradeAccepted5) : accepted,
  };
}

/** A piece of version 5, or some properties of one. */
export function upgradePiece5(piece: unknown): unknown {
  return isObject(piece) ? { ...recoloured(piece, String(piece['kind'])), ...added(piece) } : piece;
}

/** Properties of a piece of a kind, as version 5 had them, with their colours as version 6 has them. */
export function recoloured(part: Document, kind: string): Document {
  const { colour, colours, ...rest } = part;
  switch (kind) {
    case 'words':
      return { ...rest, ...('colour' in part && { print: printed(colour) }) };
    case 'dot':
    case 'drawn':
      return { ...rest, ...('colour' in part && { colour: { wish: colour } }) };
    case 'image':
      return {
        ...rest,
        ...(Array.isArray(colours) && {
          layers: colours.map((each) => each && { by: 'print', ...printed(each) }),
        }),
      };
    case 'stencil':
      return {
        ...rest,
        ...(Array.isArray(colours) && { layers: colours.map((each) => each && [stopOf(each)]) }),
      };
    default:
      return part;
  }
}

function printed(colour: unknown): Document {
  return { ink: { wish: colour }, offPad: 'first', powder: null };
}

function stopOf(colour: unknown): Document {
  return { ink: { wish: colour }, from: 0, to: 1, tool: 'large brush', strength: 'even' };
}

/** What pieces of a kind have gained. */
function added({ kind }: Document): Document {
  if (kind === 'image') return { parts: [], finishes: [] };
  return kind === 'stencil' ? { direction: { kind: 'along', turn: 0 }, laid: 'before' } : {};
}

/** A finding was accepted for a piece or for the card. */
export function upgradeAccepted5({ pieceId, ...rest }: Document): Document {
  return { ...rest, subject: pieceId ?? 'card' };
}
