import type { Tip } from '../process/tipsOf';

/** What is worth knowing, in a sentence. Common practice. */
export const tipWords: Readonly<Record<Tip, string>> = {
  'face-up': 'Lay the large stamp face up and bring the pad to it.',
  'ink-whole': 'Ink all of the background stamp: the missed corner is the one that shows.',
  'stamp-twice': 'On a chalky ground stamp it twice, or take a darker ink.',
  'patchy-foil': 'Foil is slippery: fill what stays patchy with a permanent pen.',
  'from-beneath':
    'Heat from beneath, with the tool fully hot, so that loose grains stay and the paper warps less.',
  'sheet-a-powder': 'A sheet of its own for each powder, so that what falls goes back.',
  'sticky-colour': 'Sticky ink in the colour of the powder hides thin spots.',
  'spare-words': 'Stamp a few words to spare while the ink is out.',
  'fix-panel':
    'Hold the panel with tape or a sticky mat, so that it does not creep; a finger that holds it is clean.',
  'from-the-edge':
    'Begin off the paper and come in, the lightest ink first and once more over the seam.',
  'judge-dry': 'Chalky ink dries paler: judge it when it is dry.',
  'rinse-brush': 'Rinse the brush before a lighter colour.',
  'note-markers': 'Write down the markers you really used.',
  'pencil-final': 'Pencil that is blended is not lightened any more: finish the light parts first.',
  'second-coat': 'White pen sinks into a chalky ground: a second coat, or paint pen.',
  'try-pen': 'Try the pen on scrap first: a dry or freshly filled one behaves differently.',
  'press-edge': 'Press its edge down before any ink.',
  'clean-other-side': 'Wipe the stencil before it is laid the other way up.',
  'two-passes': 'It is thick: two passes, the second turned about.',
  'seconds-to-shift':
    'Liquid glue gives some seconds to shift it: hold, look from above, then press.',
  'glue-all-round': 'It saw the heat tool and is warped: glue all round, or flatten it first.',
  'look-from-above': 'It holds at once: look from straight above before it touches.',
  'tacky-tip': 'Pick it up with a tacky tip, never with gluey fingers.',
  'sign-flat': 'Now, as long as the card lies flat.',
};
