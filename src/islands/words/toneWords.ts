import type { Tone } from '../../core/inking/tones';

/** What is to be said of light and dark, in a sentence. */
export function toneSentence(tone: Tone): string {
  const { of } = tone;
  switch (tone.kind) {
    case 'near-lightness':
      return `${of} and ${tone.on} are ${Math.round(tone.difference)} apart in lightness: only the hue tells them.`;
    case 'pale-outline':
      return `${of}: its lines are lighter than its ${tone.than}. Outlines are the darkest.`;
    case 'bold-texture':
      return `${of} is ${Math.round(tone.difference)} from its paper in lightness, which is bold for a texture.`;
    case 'detail-step':
      return tone.step < 0
        ? `${of}: ${tone.detail} is lighter than what it is printed over. One shade darker is usual.`
        : `${of}: ${tone.detail} is ${Math.round(tone.step)} darker than what it is printed over. One shade, about 12, is usual.`;
    case 'sizes':
      return tone.largest === 'neither'
        ? `${of}: light and dark do not follow the size. One school has the large ones lighter, another the small ones.`
        : `${of}: the large ones are ${tone.largest}, as one school has it.`;
    default:
      throw new TypeError(`toneSentence: unknown ${JSON.stringify(tone satisfies never)}`);
  }
}
