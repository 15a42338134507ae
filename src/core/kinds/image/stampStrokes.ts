import { fitWords, type SetLine, type SetWords } from '../../lettering/setWords';
import { lengthFromTicks, type Size } from '../../length/length';
import type { Stamp } from '../../plan/libraryItem';
import { wish, type Paint } from '../paint';
import type { Stroke } from '../stroke';
import { wordStroke } from '../wordOutline';

/**
 * What a stamp prints, where its box is so large: its words or its layers, or its name in a frame until it is drawn.
 * @param set the words as they fill the box, where that is known
 * @param parts what is picked out of its lines, drawn under them
 */
export function stampStrokes(
  stamp: Stamp,
  whole: Size,
  paints: readonly (Paint | undefined)[],
  set?: SetWords,
  parts: readonly Stroke[] = [],
): readonly Stroke[] {
  const { shape, layers, words } = stamp;
  if (words) {
    const [paint] = paints;
    if (!paint) return [];
    const filling = set ?? fitWords({ ...words, align: 'centre' }, whole);
    return [wordStroke(filling, words.lettering, paint)];
  }
  if (layers.length === 0) return placeholder(stamp.name, whole);
  const firstLine = layers.findIndex(({ lineWidth }) => lineWidth > 0);
  return layers.flatMap(({ path, lineWidth }, index): readonly Stroke[] => {
    const paint = paints[index];
    const under = index === firstLine ? parts : [];
    if (!paint) return under;
    const width = (lineWidth * whole.width) / shape.box.width;
    return [
      ...under,
      { kind: 'path', path, box: shape.box, paint, lineWidth: width, at: undefined },
    ];
  });
}

const placeholderPaint = wish('#5b6266');
/** Of the box, that the name fills in the middle. */
const filled = 0.8;
/** Of the shorter side. */
const frameLine = 0.02;

function placeholder(name: string, whole: Size): readonly Stroke[] {
  const lineWidth = Math.min(whole.width, whole.height) * frameLine;
  const inset = lineWidth / 2;
  const { width, height } = whole;
  const frame: Stroke = {
    kind: 'path',
    path: `M${inset} ${inset}H${width - inset}V${height - inset}H${inset}Z`,
    box: { width, height },
    paint: placeholderPaint,
    lineWidth,
    at: undefined,
  };
  const room = {
    width: lengthFromTicks(Math.round(width * filled)),
    height: lengthFromTicks(Math.round(height * filled)),
  };
  const { em, lines } = largestSetting(name, room);
  const [left, top] = [(width - room.width) / 2, (height - room.height) / 2];
  const moved = lines.map((line): SetLine => ({
    ...line,
    x: line.x + left,
    baseline: line.baseline + top,
  }));
  return [frame, { kind: 'words', lines: moved, em, lettering: 'plain', paint: placeholderPaint }];
}

/** The name on as many lines as have it largest. */
function largestSetting(name: string, room: Size): SetWords {
  const words = name.split(/\s+/);
  const settings = words.map((_, index) =>
    fitWords({ lines: onLines(words, index + 1), lettering: 'plain', align: 'centre' }, room),
  );
  const [first = fitWords({ lines: [name], lettering: 'plain', align: 'centre' }, room)] = settings;
  return settings.reduce((best, each) => (each.em > best.em ? each : best), first);
}

/** Words on so many lines about equally long. */
function onLines(words: readonly string[], count: number): readonly string[] {
  const most = words.join(' ').length / count;
  const lines: string[] = [];
  for (const word of words) {
    const last = lines.at(-1);
    const isFull = last === undefined || (last.length >= most * 0.8 && lines.length < count);
    if (isFull) lines.push(word);
    else lines[lines.length - 1] = `${last} ${word}`;
  }
  return lines;
}
