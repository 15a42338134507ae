/**
 * The beginning of a text that is not longer than so many units of UTF-16, as limits count them; cut between characters
 * as people see them, so that no accent, flag or half of an emoji is torn off.
 * @example cutText('Bon voyage 👋🏽', 12) // 'Bon voyage '
 */
export function cutText(text: string, most: number): string {
  if (text.length <= most) return text;
  let kept = '';
  for (const { segment } of segmenter.segment(text)) {
    if (kept.length + segment.length > most) break;
    kept += segment;
  }
  return kept;
}

const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' });
